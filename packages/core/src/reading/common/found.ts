/** One thing that a reader found in a sentence. The value's shape belongs to the field. */
export interface Found {
  field: string;
  value: unknown;
  start: number;
  end: number;
  advice: boolean;
  /** A doubt about this reading, as a sentence without its full stop. */
  doubt?: string;
  /** One of several things that are taken. */
  isChoice?: true;
  /** What is let be in spite of another sentence that turns it down. */
  isException?: true;
  /** Numbers that can be meant instead, with `value` first. */
  options?: number[];
}

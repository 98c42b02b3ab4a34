import type { Segment } from './segments.ts';

/** Sentences that speak of one kind of file, and of which. */
export interface Group {
  /** undefined: what is said concerns every kind of file. */
  label: string | undefined;
  segments: Segment[];
}

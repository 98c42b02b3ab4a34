import { readRules } from '../reading/read-rules.ts';
import type { ReadDeliverable, Reading } from '../reading/common/reading.ts';

/** All that a text was read to say: what stayed null is left out. Fields of the first kind of file stand by themselves. */
export type Said = Partial<
  Omit<ReadDeliverable, 'metadata' | 'label'> & {
    location: 'remove' | 'keep';
    author: 'required' | 'forbidden';
    strip: boolean;
    closes: string;
    packageBytesMax: number;
    maxFiles: number;
    sections: (string | number | null)[][];
    name: Partial<Omit<Reading['naming'], 'allowed'>>;
    advice: string[];
    /** Fields that a question was raised about. */
    questions: string[];
  }
>;

const isSaid = (value: unknown) => value !== null && !(Array.isArray(value) && value.length === 0);
const said = (record: object) =>
  Object.fromEntries(Object.entries(record).filter(([, value]) => isSaid(value)));

/** Reads a text and leaves out what it does not say, and what follows from the rest (labels, print sizes). */
export function saidBy(text: string): Said {
  const reading = readRules(text);
  const { metadata, label: _, print: __, ...file } = reading.deliverables[0] ?? { metadata: {}, label: null };
  const { allowed: ___, ...naming } = reading.naming;
  const name = said(naming);
  return {
    ...said(file),
    ...said(metadata),
    ...said({
      closes: reading.closes,
      packageBytesMax: reading.packageBytesMax,
      maxFiles: reading.maxFiles,
      sections: reading.sections.map(s => [s.code, s.label, s.limit]),
      advice: reading.advice.slice().sort(),
      questions: [...new Set(reading.questions.map(q => q.field))].sort(),
      ...(Object.keys(name).length ? { name } : {}),
    }),
  };
}

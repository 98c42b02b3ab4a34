import { describe, expect, it } from 'vitest';
import { readRules } from '../read-rules.ts';

/** The day on which the entry closes stands among others in a calendar; it is told from them however that is laid out. */

type Day = readonly [what: string, when: string];

const LAYOUTS: Readonly<Record<string, (days: readonly Day[]) => string>> = {
  'names with a colon': days => days.map(([what, when]) => `${what}: ${when}`).join('\n'),
  'names with a dash': days => days.map(([what, when]) => `${what} – ${when}`).join('\n'),
  'two columns': days => days.map(([what, when]) => what.padEnd(36) + when).join('\n'),
  'a framed table': days => days.map(([what, when]) => `| ${what} | ${when} |`).join('\n'),
  'a name over each day': days => days.map(([what, when]) => `${what}\n${when}`).join('\n\n'),
  'days first': days => days.map(([what, when]) => `${when}: ${what.toLowerCase()}`).join('\n'),
  'days first, with a dash': days => days.map(([what, when]) => `${when} - ${what}`).join('\n'),
  'one sentence': days =>
    `Calendar: ${days.map(([what, when]) => `${what.toLowerCase()} ${when}`).join(', ')}.`,
  'sentences in a row': days => days.map(([what, when]) => `${what}: ${when}.`).join(' '),
};

const CLOSING = [
  'Closing date for entries',
  'Reception of works ends',
  'Send-in date',
  'Last day for uploads',
  'Deadline for submission',
];

/** A day of March 2027, as it is written and as it is read. */
const WRITTEN: readonly (readonly [when: (day: number) => string, at: string, read: string])[] = [
  [day => `${String(day)} March 2027`, ', 6 pm', 'T18:00'],
  [day => `March ${String(day)}, 2027`, ' at noon', 'T12:00'],
  [day => `the ${String(day)}th of March 2027`, '', ''],
  [day => `2027-03-${String(day)}`, ', 23:59 CET', 'T23:59+01:00'],
];

describe('the deadline among the days of a calendar', () => {
  it.each(Object.entries(LAYOUTS))('is told from the others in %s', (_, layout) => {
    for (const what of CLOSING)
      for (const [when, at, read] of WRITTEN) {
        const days: Day[] = [
          ['Launch', when(10)],
          [what, when(16) + at],
          ['Meeting of the jury', when(19)],
          ['End of exhibition', when(28)],
        ];
        const text = `Images: JPEG, 2 MB.\n\nDates\n${layout(days)}`;
        expect(readRules(text).closes, text).toBe(`2027-03-16${read}`);
      }
  });

  it('is the first of several, with a question', () => {
    const read = readRules(
      'Copy deadlines: spring 1 February 2027, summer 1 May 2027, autumn 1 August 2027.',
    );
    expect(read.closes).toBe('2027-02-01');
    expect(read.questions.map(q => q.field)).toEqual(['closes']);
  });
});

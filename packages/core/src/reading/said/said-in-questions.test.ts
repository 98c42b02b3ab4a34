import { describe, expect, it } from 'vitest';
import { readRules } from '../read-rules.ts';
import { sentenceAround } from '../sentences-of.ts';

/** Questions that are answered with yes or no, in the layouts in which pages of help write them. */

const LAYOUTS: readonly ((question: string, answer: string) => string)[] = [
  (question, answer) => `${question}\n${answer}`,
  (question, answer) => `${question} ${answer}`,
  (question, answer) => `Q: ${question}\nA: ${answer}`,
  (question, answer) => `**${question}**\n${answer}`,
  (question, answer) => `1. ${question}\n${answer}`,
  (question, answer) => `- ${question} – ${answer}`,
];

describe.each(LAYOUTS.map((layout, i) => [i, layout] as const))('in layout %i', (_, layout) => {
  it.each([
    ['Can I add a border?', 'No.', { border: 'forbidden' }],
    ['Are borders allowed?', 'Yes, if you like.', { border: 'allowed' }],
    ['May I put a frame round my picture?', 'Of course.', { border: 'allowed' }],
    ['Is a signature allowed?', 'No, the judging is anonymous.', { watermark: 'forbidden' }],
    ['Should I put my name on the picture?', 'Please don’t.', { watermark: 'forbidden' }],
    ['Can I use Adobe RGB?', 'No. It must be sRGB.', { colourSpace: 'sRGB' }],
    ['Do you accept PNG?', 'No, only JPEG.', { formats: ['jpeg'] }],
    ['Do I have to take out the GPS data?', 'Yes, please.', { location: 'remove' }],
    ['Must I delete the GPS data?', 'Please take them out.', { location: 'remove' }],
    ['May the file name contain spaces?', 'No.', { spaces: 'forbidden' }],
    ['Are spaces allowed in the file name?', 'No spaces, please.', { spaces: 'forbidden' }],
    ['Does it have to be black and white?', 'No, colour is fine.', {}],
    ['May I send a square picture?', 'Of course.', {}],
    ['Is there a fee?', 'Yes, 12 per person.', {}],
  ])('%s %s', (question, answer, expected) => {
    const { deliverables, naming, maxFiles } = readRules(layout(question, answer));
    const [file] = deliverables;
    const { border, watermark, colourSpace, formats, monochrome, ratio, bytesMax } = file ?? {};
    const read = { border, watermark, colourSpace, formats, monochrome, ratio, bytesMax, maxFiles };
    const said = Object.entries({ ...read, location: file?.metadata.location, spaces: naming.spaces });
    expect(Object.fromEntries(said.filter(([, value]) => (value ?? null) !== null))).toEqual(expected);
  });
});

it('leaves a question beside an answer that takes up its words', () => {
  const { deliverables, advice } = readRules('Do I have to use sRGB? No, but we recommend it.');
  expect([deliverables[0]?.colourSpace, advice]).toEqual(['sRGB', ['colourSpace']]);
});

it('leads back to the question with its answer, and to the clause of a refusal', () => {
  const quoted = (text: string) => readRules(text).claims.map(claim => sentenceAround(text, claim));
  expect(quoted('Can I add a border? No, please.')).toEqual(['Can I add a border? No, please.']);
  expect(quoted('A file is refused if it is over 5 MB, or if the format is not JPEG.')).toEqual([
    'A file is refused if it is over 5 MB',
    'the format is not JPEG.',
  ]);
  expect(quoted('If it is larger than 5 MB, please compress it.')).toEqual(['If it is larger than 5 MB']);
});

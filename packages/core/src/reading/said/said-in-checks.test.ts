import { describe, expect, it } from 'vitest';
import { readRules } from '../read-rules.ts';

/** What is to be checked, ensured or put right before a file is sent. */

const facts = (text: string) => {
  const { deliverables, naming } = readRules(text);
  const [file] = deliverables;
  return [
    file?.longEdge ?? null,
    file?.bytesMax ?? null,
    file?.formats ?? null,
    file?.colourSpace ?? null,
    file?.border ?? null,
    file?.watermark ?? null,
    file?.metadata.location ?? null,
    naming.spaces,
  ];
};
const said = (longEdge: object) => [
  longEdge,
  5_000_000,
  ['jpeg'],
  'sRGB',
  'forbidden',
  'forbidden',
  'remove',
  'forbidden',
];

const CLAUSES = [
  'the longest side has 1600 pixels',
  'it is no larger than 5 MB',
  'the file is a JPEG',
  'it uses sRGB',
  'there is no border round it',
  'it carries no watermark',
  'the GPS data have been removed',
  'its name has no spaces',
];
const QUESTIONS = [
  'Does the long edge have 1600 px?',
  'Is it under 5 MB?',
  'Have you saved it as a JPEG?',
  'Is the colour space sRGB?',
  'Have you removed the border?',
  'Is it free of watermarks?',
  'Did you take the GPS data out of the file?',
  'No spaces in the file name?',
];
const AMISS = [
  'If the longest side is longer than 1600 pixels, please resize it.',
  'Should the file be larger than 5 MB, compress it.',
  'Convert it if it is not a JPEG.',
  'If it isn’t in sRGB, please convert it.',
  'If there is a border, remove it.',
  'Remove the watermark if there is one.',
  'If the file contains GPS data, delete them.',
  'If its name has spaces, replace them.',
];

describe('before a file is sent', () => {
  it.each([
    `Please make sure that ${CLAUSES.join(', ').replace(/, (?=its)/, ' and ')}.`,
    `Ensure that ${CLAUSES.join(' and that ')}.`,
    `A file is accepted only if ${CLAUSES.join(', ').replace(/, (?=its)/, ' and ')}.`,
    `Before you send, check that\n${CLAUSES.map(clause => `• ${clause};`).join('\n')}`,
    `We can use your picture if:\n${CLAUSES.map((clause, i) => `${i + 1}. ${clause}`).join('\n')}`,
    `Before you send:\n${QUESTIONS.join('\n')}`,
    `CHECKLIST\n${QUESTIONS.map(question => `☐ ${question}`).join('\n')}`,
    `Please check once more: ${QUESTIONS.join(' ')}`,
  ])('%s', text => {
    expect(facts(text)).toEqual(said({ exact: 1600 }));
  });

  it.each([AMISS.join(' '), AMISS.map(amiss => `- ${amiss}`).join('\n')])('%s', text => {
    expect(facts(text)).toEqual(said({ max: 1600 }));
  });

  it('asks nothing of what cannot be put right', () => {
    expect(
      readRules('If the picture is upright, save it with a white canvas.').deliverables[0]?.eitherWay ?? null,
    ).toBe(null);
    expect(
      readRules('If the file is larger than 10 MB, use a download link.').deliverables[0]?.bytesMax ?? null,
    ).toBe(null);
  });
});

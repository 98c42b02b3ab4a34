/**
 * Reads the longest text that is taken, filled with one phrase over and over, in turn with a yardstick in the same run:
 * real organisers' texts of the same length. No pattern may run away on what somebody pastes by mistake.
 */
import { readdirSync, readFileSync } from 'node:fs';
import { MAX_TEXT, readRules, TextTooLong } from '@able-frame/core';

const ROUNDS = 3;
const MOST_TIMES = 10;
const ALLOWED_MS = 2000;
const JUNK = [
  ...[
    '1',
    ' ',
    '. ',
    '\n',
    'A',
    'x.',
    '(',
    '- ',
    'a, ',
    'and ',
    '1920 px ',
    '1920 x 1080 ',
    'Name_Title_',
    ' by ',
  ],
  ...[
    'Title one two three.jpg ',
    '[member number]_',
    'no more than ',
    'A  Colour  4\n',
    'Format | JPEG | TIFF\n',
  ],
  ...[
    'What is it?\n',
    'Is it under 3 MB\n',
    'A file is refused if it is larger than 5 MB, ',
    'The cover image is ',
    'photograph signature thumbnail ',
    'by 12 March 2027 ',
    'Open (OP), ',
    '5 colour, ',
    'JPEG / ',
  ],
  ...[
    'refused if less than ',
    '(a) a JPEG of 200 px and ',
    'Sections: A; ',
    'copyright ',
    'landscape, ',
    'no frame, ',
    'two images each, ',
    'delete the GPS, ',
    'GPS, author and copyright and creator, ',
    'EXIF data yes, GPS data no, ',
    'And a thumbnail: JPEG, 400 x 300 pixels\n',
    'A for Open and ',
    'plates at 10 x 15 cm, ',
    'not in the picture ',
    'wide or high ',
  ],
];

const examples = new URL('../packages/core/src/reading/examples/', import.meta.url);
const real = readdirSync(examples)
  .map(name => readFileSync(new URL(`${name}/text.txt`, examples), 'utf8'))
  .join('\n')
  .slice(0, MAX_TEXT);

/** Junk of very short lines is refused, which is an answer too. */
function readOrRefuse(text: string): void {
  try {
    readRules(text);
  } catch (error) {
    if (!(error instanceof TextTooLong)) throw error;
  }
}

const median = (values: number[]) => values.sort((a, b) => a - b)[values.length >> 1] ?? NaN;
function millisecondsOf(text: string): number {
  const times = Array.from({ length: ROUNDS }, () => {
    const start = performance.now();
    readOrRefuse(text);
    return performance.now() - start;
  });
  return median(times);
}

readRules(real);
const yardstick = millisecondsOf(real);
const worst = JUNK.map(phrase => ({
  phrase,
  ms: millisecondsOf(phrase.repeat(MAX_TEXT / phrase.length + 1).slice(0, MAX_TEXT)),
})).sort((a, b) => b.ms - a.ms);
console.log(`real texts, ${MAX_TEXT} characters: ${yardstick.toFixed(0)} ms`);
for (const { phrase, ms } of worst.slice(0, 3))
  console.log(
    `${JSON.stringify(phrase)} over and over: ${ms.toFixed(0)} ms, ${(ms / yardstick).toFixed(2)} times`,
  );

const start = performance.now();
readOrRefuse('junk '.repeat(2_000_000));
console.log(`ten megabytes: answered after ${(performance.now() - start).toFixed(0)} ms`);
const slowest = worst[0]?.ms ?? 0;
if (slowest > ALLOWED_MS || slowest > MOST_TIMES * yardstick) process.exitCode = 1;

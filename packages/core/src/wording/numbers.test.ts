import { expect, it } from 'vitest';
import {
  capitalised,
  wordAllFiles,
  wordBytes,
  wordCount,
  wordNumber,
  wordRatio,
  wordShare,
  wordUncertainty,
  wordTimes,
} from './numbers.ts';

it.each([
  [wordCount(1482310), '1,482,310'],
  [wordCount(812), '812'],
  [wordBytes(1_500_000), '1.5 MB'],
  [wordBytes(2_000_000), '2 MB'],
  [wordBytes(17_425_000), '17.43 MB'],
  [wordBytes(268_433), '268 KB'],
  [wordBytes(20_000), '20 KB'],
  [wordBytes(900), '900 bytes'],
  [wordShare(0.1112), '11 %'],
  [wordShare(0.0015), '0.1 %'],
  [wordShare(0.02), '2 %'],
  [wordRatio(1.33412), '1.334 : 1'],
  [wordRatio(0.5), '1 : 2'],
  [wordUncertainty(0.004), 'give or take less than 1 %'],
  [wordUncertainty(0.021), 'give or take 2.1 %'],
  [wordUncertainty(0.08), 'only a guess, give or take 8 %: type the true size if you know it'],
  [wordTimes(1.25), '1.25 times'],
  [wordTimes(2), '2 times'],
  [wordTimes(1.0004), '1.01 times'],
  [wordNumber(3), 'three'],
  [wordNumber(13), '13'],
  [wordAllFiles(1), 'the file'],
  [wordAllFiles(2), 'both files'],
  [wordAllFiles(5), 'all five files'],
  [capitalised('exactly'), 'Exactly'],
  [capitalised('sRGB'), 'sRGB'],
])('%s', (got, wanted) => {
  expect(got).toBe(wanted);
});

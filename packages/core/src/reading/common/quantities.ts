/** Numbers as organisers write them: "1,400", "1.400", "1 400", "2,5", "fifteen". */

export const NUMBER_WORDS: Readonly<Record<string, number>> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  seventeen: 17,
  eighteen: 18,
  nineteen: 19,
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  single: 1,
};

/** Pattern text of a whole number of pixels: groups of three may be set apart by comma, dot, thin or plain space. */
export const PIXELS = "\\d{1,2}(?:[.,’' \\u00a0\\u202f]\\d{3})(?!\\d)|\\d{2,5}(?!\\d)";
/** Pattern text of a count, in figures or words. */
export const COUNT = `\\d{1,3}|${Object.keys(NUMBER_WORDS).join('|')}`;
/** Pattern text of a decimal number. */
export const DECIMAL = '\\d{1,3}(?:[.,’ ]\\d{3})+(?!\\d)|\\d+(?:[.,]\\d{1,2})?(?!\\d)';

/** "1.400" → 1400. */
export function readPixels(written: string): number {
  return Number(written.replace(/\D/g, ''));
}

/** "three" → 3, "12" → 12. */
export function readCount(written: string): number {
  return NUMBER_WORDS[written.toLowerCase()] ?? Number(written);
}

/** "2,5" and "2.5" → 2.5; "1,400" and "1.400" → 1400: three digits behind the mark make it a group. */
export function readDecimal(written: string): number {
  if (/^\d{1,3}(?:[.,’ ]\d{3})+$/.test(written)) return Number(written.replace(/\D/g, ''));
  return Number(written.replace(',', '.'));
}

const A_NUMBER_WORD = new RegExp(`\\b(?:${Object.keys(NUMBER_WORDS).join('|')})\\b`, 'gi');

/** "Two images in Nature" with its number words in small letters, for patterns in which capitals count. */
export const withSmallNumbers = (text: string): string =>
  // "Single" with a capital is more often a name: "the Single category".
  text.replace(A_NUMBER_WORD, word => (word === 'Single' ? word : word.toLowerCase()));

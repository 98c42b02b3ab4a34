/** Numbers as people read them. A thin space before % and between groups would be lost in many fonts; plain ones are used. */

/** 1482310 → "1,482,310". */
export function wordCount(value: number): string {
  return String(Math.round(value)).replace(/\B(?=(\d{3})+$)/g, ',');
}

/** Bytes in the unit a person thinks in, decimal: "1.48 MB", "400 KB", "812 bytes". */
export function wordBytes(bytes: number): string {
  if (bytes >= 1_000_000) return `${trimmed(bytes / 1_000_000, 2)} MB`;
  if (bytes >= 1000) return `${trimmed(bytes / 1000, bytes < 100_000 ? 1 : 0)} KB`;
  return `${bytes} bytes`;
}

export function wordSize(widthPx: number, heightPx: number): string {
  return `${widthPx} × ${heightPx}`;
}

/** 0.1123 → "11 %", 0.004 → "0.4 %". */
export function wordShare(share: number): string {
  const percent = share * 100;
  return `${percent >= 9.95 ? Math.round(percent) : trimmed(percent, 1)} %`;
}

/** 1.25 → "1.25 times". */
export function wordTimes(factor: number): string {
  return `${factor < 1.01 ? '1.01' : trimmed(factor, 2)} times`;
}

/** Width over height with one side as the unit: 1.3341 → "1.334 : 1", 0.5 → "1 : 2". */
export function wordRatio(ratio: number): string {
  return ratio >= 1 ? `${trimmed(ratio, 3)} : 1` : `1 : ${trimmed(1 / ratio, 3)}`;
}

/** How sure an estimate is, from its standard error as a share. */
export function wordUncertainty(uncertainty: number): string {
  if (uncertainty < 0.01) return 'give or take less than 1 %';
  if (uncertainty < 0.05) return `give or take ${wordShare(uncertainty)}`;
  return `only a guess, give or take ${wordShare(uncertainty)}: type the true size if you know it`;
}

const WORDS = [
  'no',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
];

/** Small numbers as words, for sentences; larger ones as figures. */
export function wordNumber(count: number): string {
  return WORDS[count] ?? wordCount(count);
}

/** Begins a sentence. A word such as sRGB, whose second letter is a capital, keeps its own form. */
export function capitalised(text: string): string {
  return /^.\p{Lu}/u.test(text) ? text : text.charAt(0).toUpperCase() + text.slice(1);
}

/** "the file", "both files", "all five files". */
export function wordAllFiles(count: number): string {
  if (count === 1) return 'the file';
  return count === 2 ? 'both files' : `all ${wordNumber(count)} files`;
}

/** "1 file", "3 files". */
export function wordPlural(count: number, one: string, many = `${one}s`): string {
  return count === 1 ? one : many;
}

function trimmed(value: number, decimals: number): string {
  return value
    .toFixed(decimals)
    .replace(/\.?0+$/, match => (match.startsWith('.') ? '' : match))
    .replace(/(\.\d*?)0+$/, '$1');
}

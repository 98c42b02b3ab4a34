import type { Edit } from './reword.ts';

/** Whole sentences in capitals, as posters and warnings have them: they are read in small letters. */

/** Words that stay as they are, or become names: formats, units, zones, months and days. */
const KEPT =
  /^(?:JPE?GS?|TIFFS?|TIF|PNG|WEBP|GIF|PDF|RGB|CMYK|ICC|EXIF|IPTC|XMP|GPS|[KMG]I?B|PPI|DPI|PX|HEIC|RAW|ZIP|LZW|UTC|GMT|BST|CES?T|AM|PM|PDIS?|PIDS?|ID)$/;
const NAMED =
  /^(?:JANUARY|FEBRUARY|MARCH|APRIL|JUNE|JULY|AUGUST|SEPTEMBER|OCTOBER|NOVEMBER|DECEMBER|(?:MON|TUES|WEDNES|THURS|FRI|SATUR|SUN)DAY|ADOBE|LATIN)$/;
/** The names of sections are told from other words by their capitals. */
const OF_SECTIONS = /\b(?:SECTIONS?|CATEGOR(?:Y|IES)|CLASS(?:ES)?|THEMES?)\b/;
/** What holds a file's name, an address or something quoted is kept to the letter. */
const TO_THE_LETTER = /[@_<>“”"]|\.(?:JPE?G|TIFF?|PNG)\b/;
/** A heading in capitals is shorter. */
const FEWEST_WORDS = 6;

/** The words of all lines that are shouted, each with the letters that it is spoken in. */
export function shoutedWords(text: string): Edit[] {
  const spoken: Edit[] = [];
  for (const line of text.matchAll(/[^\n]+/g)) {
    const [words] = line;
    const isShouted = !/[a-z]{2}/.test(words) && (words.match(/[A-Z]{2,}/g)?.length ?? 0) >= FEWEST_WORDS;
    if (!isShouted || OF_SECTIONS.test(words) || TO_THE_LETTER.test(words)) continue;
    for (const word of words.matchAll(/[A-Z][A-Z'’]+(?![\w.]*\d)/g)) {
      const before = words.slice(0, word.index);
      if (KEPT.test(word[0]) || /\d$/.test(before)) continue;
      const isFirst = /(?:^|[.!?:]\s|^\W*\d*[.)]\s)\W*$/.test(before);
      const isMay = word[0] === 'MAY' && /\d(?:ST|ND|RD|TH)? $/.test(before);
      const small = word[0].toLowerCase();
      const plain =
        isFirst || NAMED.test(word[0]) || isMay ? small.slice(0, 1).toUpperCase() + small.slice(1) : small;
      const from = line.index + word.index;
      spoken.push({ from, to: from + word[0].length, plain: word[0] === 'SRGB' ? 'sRGB' : plain });
    }
  }
  return spoken;
}

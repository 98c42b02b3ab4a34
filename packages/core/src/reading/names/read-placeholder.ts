import { alignExample } from './align-example.ts';
import { fillExample } from './fill-example.ts';
import { partsOfExample } from './name-literals.ts';
import { readLegend } from './name-legend.ts';
import { namesShown, ownWordsOf } from './names-shown.ts';
import { partsNamed } from './part-words.ts';
import type { Claim } from './read-name-characters.ts';
import type { ReadNaming } from '../common/reading.ts';
import type { Segment } from '../common/segments.ts';

/** Names made of words that stand for parts, without an ending. */

/** "Call them yourname_title": words that stand for parts, joined, without an ending. */
const PLACEHOLDER =
  /(?<![\w@./-])((?:[[<{(][A-Za-z ’'-]{2,32}[\]>})][ _+-]{0,3}){2,6}|(?:[A-Za-z]{4,}|[A-Za-z]{0,12}\d{1,4}(?=_(?:[Yy]our|[Ll]ast|[Ss]ur|[Ff]irst)?-?[Nn]ame)|0{0,2}1(?=[_-][A-Z][a-z]{3,})|[A-Z]{3}|N[nro]?|NN|XX?|##?)(?:[_-](?:[A-Za-z]{3,}|N[Nor]|XX|YY|ZZ|\d{1,3}(?![A-Za-z\d]))){1,4}(?![\w@/-]|\.\w|(?: [\w’']{1,16}){1,6}\.(?:jpe?g|tiff?|png)))/g;

/** Reads words that stand for parts, joined, such as yourname_title. */
export function readPlaceholder(about: readonly Segment[], naming: ReadNaming, claim: Claim): void {
  const isOwnWord = ownWordsOf(about);
  const shown = namesShown(about);
  for (const segment of about) {
    const matches = [...segment.text.matchAll(PLACEHOLDER)];
    const written = matches.map(match => (match[1] ?? '').trim());
    // "hands_NAME_number (hands_MOREL_1.jpg)": what both share is fixed.
    const others = [...written, ...shown];
    for (const [i, match] of matches.entries()) {
      const pattern = written[i] ?? '';
      // "membership number_title": the words before belong to the first part.
      // "centre number_image number": so do the words behind to the last one.
      const isCut =
        partsNamed(segment.text).some(p => p.at < match.index && p.end > match.index) ||
        /^ (?:number|name|code|title|of (?:the )?(?:image|picture|photo|work))(?![a-z])/i.test(
          segment.text.slice(match.index + pattern.length),
        ) ||
        (/^(?:number|code)_/i.test(pattern) && OWNER_BEFORE.test(segment.text.slice(0, match.index)));
      const parts =
        naming.parts || isCut
          ? undefined
          : (readLegend(`${pattern}.jpg`, about) ??
            shownBetween(pattern, naming.example) ??
            partsOfExample(pattern) ??
            fillExample(pattern, { others, isOwnWord, described: [] }));
      // "HIVE-MONTH (H12-2027-06.jpg)": a word that the example does not have is none of its fixed ones.
      if (!parts || !parts.every(part => isIn(naming.example, part))) continue;
      naming.parts = parts;
      claim('parts', segment, match.index, match.index + pattern.length);
    }
  }
}

/** "[surname][title] … Tarrow_Two Sisters.jpg": brackets that touch, with the marks that the example has between them. */
function shownBetween(pattern: string, example: string | null): string[] | undefined {
  const parts = /^(?:\[[^\]]+\]){2,}$/.test(pattern) ? partsOfExample(pattern) : undefined;
  return parts && example ? alignExample(example, parts) : undefined;
}

/** Whether a fixed word stands in the example, where there is one. */
const isIn = (example: string | null, part: string) =>
  example === null || !/^text:.*[A-Za-z]{2}/.test(part) || example.includes(part.slice(5).trim());

/** "Centre number_…": whose number it is. */
const OWNER_BEFORE =
  /\b(?!(?:as|is|are|be|named|called|them|it|like|form|format|pattern|names?|the|files?|images?|use|so)\b)[a-z]+ $/i;

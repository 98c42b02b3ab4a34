import { isAdvisedAt } from '../common/advice.ts';
import { boundOf } from '../common/bounds.ts';
import type { Found } from '../common/found.ts';
import { toSpan } from './read-one-side.ts';
import type { Segment } from '../common/segments.ts';
import { oneOf, phrases } from '../common/word-lists.ts';

/** Pixels per inch, where a text minds them. */

const PPI = new RegExp(
  `(?<![\\d.,])(\\d{2,4})(?:\\s*(?:-|–|to|(?<=between \\d{2,4}\\s)and)\\s*(\\d{2,4}))?\\s*-?${oneOf`
    ppi | dpi | d\.p\.i\.? | p\.p\.i\.? | (?:pixels|dots) ?(?:per|/) ?inch | dots per inch | px/in(?:ch)?
  `}`,
  'i',
);
const LABELLED_PPI =
  /(?:^(?:ppi|dpi)\s*(?:[:=]|must be|should be|is)|\bresolution\b\s*(?:\(?(?:ppi|dpi)\)?)?\s*[:=]?)\s*(\d{2,3})(?!\d|\s*(?:x|×|px|pixels|mb))/i;

/** A density that nobody minds. */
const NO_DENSITY = phrases`
  (?:our|the) scanner (?:makes|scans|has|delivers) | no matter | does not matter(?! (?:so |that )?much\b) | not (?:necessary|needed|required|important) | if it makes you happy
  (?:below|under) \d{2,3} ?(?:ppi|dpi) (?:we|i) (?:ask|warn|tell|call|write)
  \d{2,3} ?(?:ppi|dpi) if [^.;]{3,40}\d{2,3} ?(?:ppi|dpi) if | irrelevant | neither good nor (?:harm|bad) | ignore | makes no difference | all the same to | no effect
  \d{2,3}(?: ?(?:ppi|dpi))? or \d{2,3} ?(?:ppi|dpi)
`;

/** "…, CMYK not required, …": a part of the sentence about something else. */
const OF_OTHER_PART = /,[^,;.]*\b(?:cmyk|s?rgb|profiles?|layers?|borders?|sharpening)\b[^,;.]*/gi;

/** "72 dpi is fine" lets others be. */
const IS_FINE = /^\d{2,3} ?(?:ppi|dpi) (?:is|are) (?:fine|ok(?:ay)?|all right|acceptable)\b/i;

export function readPpi(segment: Segment): Found[] {
  const { text } = segment;
  const match = PPI.exec(text) ?? (/ppi|dpi/i.test(text) ? LABELLED_PPI.exec(text) : null);
  if (!match || NO_DENSITY.test(text.replace(OF_OTHER_PART, ' '))) return [];
  const at = {
    start: segment.start + match.index,
    end: segment.start + match.index + match[0].length,
    advice: isAdvisedAt(text, match.index) || IS_FINE.test(text.slice(match.index)),
  };
  // "300 ppi is best, and below 200 ppi we cannot print."
  const hard = at.advice ? REFUSED_BELOW.exec(text) : null;
  if (hard)
    return [
      {
        field: 'ppi',
        value: { min: Number(hard[1]) },
        start: segment.start + hard.index,
        end: segment.start + hard.index + hard[0].length,
        advice: false,
      },
    ];
  if (match[2]) return [{ field: 'ppi', value: { min: Number(match[1]), max: Number(match[2]) }, ...at }];
  const behind = text.slice(match.index + match[0].length);
  // "Below 150 ppi we refuse the file."
  const isRefusedBelow =
    /\b(?:below|under|less than)\s*$/i.test(text.slice(0, match.index)) &&
    /^[^.;]{0,24}\b(?:refuse[sd]?|rejected?|not (?:be )?(?:accepted|printed)|cannot)\b/i.test(behind);
  // "2400 pixels at most (300 dpi)": what stands in a bracket alone has no bound of before.
  const before = text.slice(0, match.index).replace(/^.*\((?=\s*$)/s, '');
  const isLeast = isRefusedBelow || AT_SIZE_OR_MORE.test(behind);
  const bound = isLeast ? 'min' : boundOf(before, behind);
  const other = otherBound(text, match.index + match[0].length);
  if (bound === 'min' && other !== undefined)
    return [{ field: 'ppi', value: { min: Number(match[1]), max: other }, ...at }];
  return [{ field: 'ppi', value: toSpan(Number(match[1]), bound), ...at }];
}

/** A density below which nothing is taken. */
const REFUSED_BELOW =
  /\b(?:below|under|less than) (\d{2,4}) ?(?:ppi|dpi)\b[^.;]{0,30}\b(?:cannot|not|refused?|rejected?)\b/i;

/** "300 dpi at 15 x 10 cm or better". */
const AT_SIZE_OR_MORE =
  /^ at [\d.,]+ ?[x×] ?[\d.,]+ ?(?:[mc]m|in(?:ch(?:es)?)?)?,? or (?:better|more|higher|above)\b|^ at (?:that|this|the) (?:print )?size,? or (?:better|more|higher|above)\b/i;

/** "Not less than 200 dpi and not more than 300 dpi": the second of two bounds. */
function otherBound(text: string, from: number): number | undefined {
  const rest = text.slice(from);
  const match = PPI.exec(rest);
  return match && boundOf(rest.slice(0, match.index), rest.slice(match.index + match[0].length)) === 'max'
    ? Number(match[1])
    : undefined;
}

import type { Found } from '../common/found.ts';
import { COUNT } from '../common/quantities.ts';
import type { ReadSection } from '../common/reading.ts';
import { SECTION, SECTIONS } from '../common/section-nouns.ts';
import type { Segment } from '../common/segments.ts';
import { THINGS } from '../common/things.ts';
import { oneOf } from '../common/word-lists.ts';

/** What the readers of sections share, whether these stand in a list or in running sentences. */

export interface ReadSections {
  sections: ReadSection[];
  found: Found[];
  /** The sentence that gives every section its limit, where it stands apart from the list. */
  limits?: Found[];
}

/** Words that head a line about files or money, and name no section. */
export const NOT_SECTION = new RegExp(
  `^${oneOf`
    max(?:imum)? | min(?:imum)? | how | bit depth | depth | copyright | leave (?:out|off|the)
    (?:one|two|three|four|five|six|ten) (?:per|in|for|of (?!a kind\b)|pictures?|images?|photo\w*|works?|entr(?:y|ies))
    jpe?g | sizes? | files? | width | height | formats? | resolution | colou?r space | bits | longest | shortest | fees? | titles? | eligib\w+ | conditions?
    amounts? | quantity | term | dates? | tel | phone | quality | entries | images | number | pictures | works | limit | weight | ratio | dpi | ppi
    version | round | closing | dead-?line | page | cost | prizes? | tickets? | members? | non-?members? | gold
    silver | bronze | medals? | ribbons? | awards? | entry(?: (?:fee|per)) | for | jury | judg\w* | total
    altogether | overall | exhibition | results? | notification | opening | catalogue
    calendar | data(?: protection)? | privacy | identification | participation | organi[sz]ers?
    (?:mon|tues|wednes|thurs|fri|satur|sun)day | january | february | march | april | june | july | august
    september | october | november | december | rule | step | stage | sections? | class(?:es)?
    categor(?:y|ies) | themes?(?! ["“]) | names? | e-?mail | address | send | please | no | yes | all(?! other\b) | any
    (?:free|plus|basic|premium|pro|standard|paid)(?= (?:plan|account|tier)\b)
    each | every | in(?= (?:each|every|all|both|any|total|addition|case|order|your|this|these|one|two|no|\d)) | up | you | we | if
  `}\\b`,
  'i',
);

/** "Four images in each round" limits no section. */
const OCCASION = '(?:round|month|meeting|heat|evening|season|league|competition|match|year)\\b';
const EACH = new RegExp(
  `\\b(?:up to|max(?:imum)?(?: of)?|no more than|not more than|at most|limit(?:ed to)?|limit of)?\\s*(${COUNT})(?:\\s*\\(\\d+\\))?\\s*(?:${THINGS})?\\s*(?:of (?:them|these|those) )?(?:(?:per|a|from each) (?:member|author|entrant|person|photographer|exhibitor|participant|competitor|child) )?(?:(?:at (?:the )?most )?(?:(?:may|can|could|must) be (?:(?:entered|sent|submitted|uploaded) )?|(?:(?:are|is) )?(?:allowed|permitted|accepted|possible|taken) )?(?:in|for|per|to) (?:either|(?:one|any)(?:,| or) [^.;]{0,24}\\b${SECTIONS}|(?:a|one|a single) (?:section|class|category|theme|topic)\\b|one of the (?:\\w+ )?${SECTIONS}|section\\b|class\\b|category\\b|theme\\b|(?:each|every(?: one)?)(?! (?:${OCCASION}))|both|the same|any(?: one)?)(?: of (?:the|these|those) (?:\\w+ )?${SECTIONS})?(?: section| class| category| theme)?|per (?:member|person|author|entrant) (?:per|in each|for each) (?:section|class|category|theme|topic)|per (?:section|class|category|theme|topic)|each\\b|in their own (?:section|class|category)|a section|in any one section)`,
  'i',
);

/** "In each section up to four photographs." */
const EACH_FIRST = new RegExp(
  `\\beach(?::| (?:of (?:them|these|which))?) ?(?:max(?:imum)?\\.? )?(?:with |of |for |takes |holds |may have |can have )?(?:up to |at most |a maximum of )?(${COUNT}) ${THINGS}|\\b(?:in|for) (?:each|every|any|both)(?: one)?(?: of (?:them|these|those))?(?:,| (?:section|class|category|theme|topic)s?\\b|(?<=both)(?= you\\b)|(?<=each)(?= (?:you|one|members?|authors?|entrants?) (?:may|can|are)\\b))(?:[^.;\\d]|max\\.){0,60}?\\b(?:(?:${COUNT}) (?:to|-|–) )?(${COUNT})\\s*${THINGS}`,
  'i',
);
/** "The limit per category is four", "at most four in any of them": whatever its place, the only number is the limit. */
const OF_EACH = new RegExp(
  `\\b(?:per|each|every|any(?: one)?|(?<!\\bwith )the same|(?:in|to) (?:a|one|a single)) ${SECTION}\\b|\\b(?:in|for) (?:any(?: one)?(?: of (?:them|these|those))?|the same one|each)\\s*(?:[.:;,]|$)`,
  'i',
);
const NUMBER = new RegExp(`\\b(?:${COUNT})\\b(?! of\\b)`, 'gi');

/** Longer sentences speak of more than the limit. */
const LONGEST = 100;

function onlyNumber(text: string): string | undefined {
  const isAbout =
    OF_EACH.test(text) && !/\bnot per\b|\b(?:prizes?|awards?|medals?|fees?|last year)\b/i.test(text);
  if (!isAbout || text.length > LONGEST) return undefined;
  const numbers = [...text.replace(/\b(?:any|in|to) one\b|\bthe same one\b/gi, '').matchAll(NUMBER)].map(
    m => m[0],
  );
  return numbers.length === 1 ? numbers[0] : undefined;
}

/** The limit that stands for every section alike, as it is written. */
export const eachOf = (text: string) =>
  EACH.exec(text)?.[1] ?? EACH_FIRST.exec(text)?.slice(1).find(Boolean) ?? onlyNumber(text) ?? timesOf(text);

/** "Enter each class once or twice." */
function timesOf(text: string): string | undefined {
  const times =
    /\b(?:each|every|any) (?:section|class|category|theme)(?: only)? (?:once or )?(?<times>once|twice)\b/i;
  const said = times.exec(text)?.groups?.['times'];
  return said && (/twice/i.test(said) ? '2' : '1');
}

/** A sentence and the two behind it, in which a limit for all may stand. */
export const nearby = (segments: readonly Segment[], at: number) =>
  [...segments.slice(at, at + 3), ...segments.slice(Math.max(0, at - 1), at)].map(s => s.text).join(' ');

/** Sections that one sentence names, with that sentence as their place. */
export function inOne(segment: Segment, sections: ReadSection[]): ReadSections {
  return {
    sections,
    found: [
      {
        field: 'sections',
        value: sections,
        start: segment.start,
        end: segment.start + segment.text.length,
        advice: false,
      },
    ],
  };
}

import { alignExample } from './align-example.ts';
import { namesIn, replaceNames, trimExample } from '../common/name-examples.ts';
import { joinTexts } from './part-words.ts';

/**
 * What the pieces of an example stand for, where a sentence tells it of somebody: "member 12 would send Low Tide as
 * 12_Low Tide.jpg", "Anna Smith's first picture would be Smith_Anna_1.jpg".
 */

/** Where an example is cut, the likeliest first. */
const CUTS = [/( - |_)/, /( - |[_-])/, /( - |[ _-])/];

/** The names of a person who is spoken of: "Jo Marsh would call", "Anna Smith's first". */
const PERSON =
  /(?<![\w-])(?!(?:So|If|For|Thus|Then|When|The|And|Mr|Mrs|Ms) )(?<names>[A-Z][a-z’']+(?: [A-Z][a-z’]+(?:-[A-Z][a-z]+)?){1,2})(?=['’]s\b|,? (?:would|will|might|calls?|sends?|enters?|is|has|from|of|with|and|\())/g;
/** A title that is spoken of: "a picture called Low Tide", "would send Low Tide as". */
const TITLE =
  /\b(?:called|titled|entitled|sends?|enters?|of) ["“'‘]?(?<title>[A-Z][\w’']*(?: [\w’']+){0,4}?)["”'’]?(?=,| as\b| by\b| is\b| in\b| the\b|\)|\.)|["“‘](?<quoted>[A-Z][\w’' ]*)["”’]/g;
/** A number and whose it is: "member 12", "number is 12", "club 117". */
const NUMBERED =
  /\b(?<whose>member|club|entry|entrant|your|my|her|his|their)(?:ship)?(?:['’]s)?(?: number| no\.?)?(?: is| was| has)? (?<number>[A-Z]{0,3}\d{1,6})\b/gi;
const PART_OF: Readonly<Record<string, string>> = {
  member: 'member number',
  entrant: 'member number',
  club: 'club number',
  entry: 'entry number',
};
/** "Her first picture", "the third image". */
const COUNTED =
  /\b(?:first|second|third|fourth|fifth) (?:[a-z]+ )?(?:image|picture|photo\w*|entry|work|print)\b/i;
/** "Would call her pictures Marsh_1.jpg and Marsh_2.jpg". */
const OF_SOMEBODY = /\b(?:would|will|might|is|are|calls?|sends?|for)\b/i;

/** "023C04.jpg (club 023, section C, image 4)". */
const LISTED_BEHIND = /# +\((?<list>[a-z]+ [\w’' ]+(?:(?:, | and )[a-z]+ [\w’' ]+)+)\)/;

function partListed(item: string): string | undefined {
  const { what = '', value = '' } = /^(?:and )?(?<what>[a-z]+) (?<value>.+)$/.exec(item.trim())?.groups ?? {};
  const isNumber = /^\d+$/.test(value);
  if (/^(?:club|team|society)$/.test(what)) return isNumber ? 'club number' : 'club code';
  if (/^(?:section|class|category|theme)$/.test(what)) return 'section code';
  if (/^(?:image|picture|photo|number|file|entry)$/.test(what) && isNumber) return 'sequence';
  if (/^member$/.test(what) && isNumber) return 'member number';
  return /^(?:title|surname|initials)$/.test(what) ? what : undefined;
}

/**
 * The parts of an example with the marks between them. Undefined where the sentence tells it of nobody, or where a
 * piece remains that it does not explain.
 */
export function toldOfExample(example: string, sentence: string): string[] | undefined {
  const shown = namesIn(sentence).map(m => trimExample(m[0]));
  const rest = replaceNames(sentence, written => {
    const name = trimExample(written);
    return `${written.slice(0, written.length - name.length)} # `;
  });
  if (!shown.includes(example)) return undefined;
  const listed = LISTED_BEHIND.exec(rest)
    ?.groups?.['list']?.split(/, (?:and )?| and /)
    .map(partListed);
  if (listed?.every(part => part !== undefined)) return alignExample(example, listed);
  if (!OF_SOMEBODY.test(rest)) return undefined;
  const stem = stemOf(example);
  for (const cut of CUTS) {
    const pieces = stem.split(cut);
    if (pieces.length < 3 || pieces.length > 9) continue;
    const others = shown.filter(name => name !== example).map(name => stemOf(name).split(cut));
    const parts = explain(pieces, others, rest);
    if (parts) return parts;
  }
  return undefined;
}

const stemOf = (name: string) => name.replace(/\.[A-Za-z]+$/, '');

/** @param pieces words and the marks between them, in turn */
function explain(
  pieces: readonly string[],
  others: readonly (readonly string[])[],
  sentence: string,
): string[] | undefined {
  const persons = [...sentence.matchAll(PERSON)].map(m => m.groups?.['names'] ?? '');
  const numbers = [...sentence.matchAll(NUMBERED)].map(m => m.groups);
  const titles = [...sentence.matchAll(TITLE)].map(m => m.groups?.['title'] ?? m.groups?.['quoted'] ?? '');
  const partOf = (piece: string, at: number): string | undefined => {
    if (titles.some(title => same(title, piece))) return 'title';
    const owner = numbers.find(n => n?.['number'] === piece)?.['whose']?.toLowerCase();
    if (owner) return PART_OF[owner] ?? 'member number';
    for (const person of persons) {
      const names = person.split(' ');
      if (same(piece, person)) return 'author';
      if (same(piece, names.at(-1) ?? '')) return 'surname';
      if (same(piece, names[0] ?? '')) return 'first name';
      if (piece === names.map(name => name.slice(0, 1)).join('')) return 'initials';
    }
    const isCounted = COUNTED.test(sentence) || others.some(other => other[at] !== piece);
    return /^0*\d{1,2}$/.test(piece) && isCounted ? 'sequence' : undefined;
  };
  const known = pieces.map((piece, i) => (i % 2 ? `text:${piece}` : partOf(piece, i)));
  const open = known.flatMap((part, i) => (part === undefined ? [i] : []));
  const isTold = pieces.some((_, i) => i % 2 === 0 && (known[i] ?? 'sequence') !== 'sequence');
  const [only] = open;
  // What nothing else explains is the title, where words with capitals are left.
  if (only !== undefined && open.length === 1 && /^[A-Z][A-Za-z’' ]+$/.test(pieces[only] ?? ''))
    known[only] = 'title';
  const named = known.filter(part => part !== undefined);
  const isWhole =
    named.length === pieces.length && new Set(named.filter(isPart)).size === named.filter(isPart).length;
  return isTold && isWhole ? joinTexts(named) : undefined;
}

const isPart = (part: string) => !part.startsWith('text:');

const same = (a: string, b: string) => a.toLowerCase() === b.toLowerCase();

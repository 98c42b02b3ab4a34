import { joinTexts } from './part-words.ts';

/** What each part of a name looks like in a filled-in example, as pattern text. */
const SHAPES: Readonly<Record<string, string>> = {
  // A title ends in a letter or figure, and never in the dash behind it.
  title: "[^_]*?[\\w’'!?)]|.*?[\\w’'!?)]",
  species: '[^_]+?|.+?',
  author: "[A-Za-z][A-Za-z’' ]*?",
  surname: "(?:[Dd]e |[Vv]an |[Vv]on |O['’]|Mc|Mac)?[A-Z][a-z’']+(?:-[A-Z][a-z]+)?|[A-Z]{3,}|[a-z]{2,}",
  'first name': '[A-Z][a-z]+|[A-Z]{3,}|[a-z]{2,}',
  initials: '[A-Z]{1,4}|[a-z]{1,3}',
  'section code': '[A-Z]{1,4}\\d?|[a-z]{1,3}|\\d{1,3}|[A-Z][a-z]{1,9}',
  'club code': '[A-Za-z]{1,6}\\d{0,3}',
  sequence: '\\d{1,4}|[IVX]{1,4}|[A-Za-z]',
  year: '(?:19|20)\\d\\d|\\d\\d',
  month: '(?:19|20)\\d\\d-\\d\\d|\\d\\d?|[A-Za-z][a-z]{2,8}|[A-Z]{3}',
  deliverable: '[A-Za-z]{3,12}',
  'catalogue number': '[A-Za-z]{0,4}\\d{1,12}(?:[-.]\\d{1,6}){0,2}[A-Za-z]{0,2}',
  date: '(?:19|20)\\d\\d-?\\d\\d-?\\d\\d|\\d\\d-?\\d\\d-?(?:19|20)?\\d\\d',
};
/** Numbers of members, clubs, entries and candidates: figures, with letters before or behind them. */
const NUMBER = '[A-Za-z]{0,4}\\d{1,12}[A-Za-z]{0,2}';
const SEPARATORS = [' - ', ' \\(', '\\(', '__', '_by_', '_', '-', ', ', ' by ', ' ', '\\.', '\\+', '~', '#'];
const SEPARATOR = SEPARATORS.join('|');
/** Parts that touch: letters and figures meet, or small letters and capitals. */
const TOUCH = '(?<=[a-z])(?=[A-Z\\d])|(?<=\\d)(?=[A-Za-z])|(?<=[A-Z])(?=\\d)|(?<=[A-Z])(?=[A-Z][a-z])';
/** Longer names are no examples; a pattern with several open parts would take long on them. */
const LONGEST = 80;

const BRACKETED = /(?:\([^()]+(?<mark>\))|\[[^[\]]+(?<square>\]))(?:\.[A-Za-z]+)?$/;

/** "Dupré" has the shape of "Dupre"; as many letters remain. */
const withoutAccents = (text: string) =>
  text.normalize('NFC').replace(/[À-ɏ]/g, letter => letter.normalize('NFD').charAt(0));

/** What each part stands for in an example: the groups of the match are part, mark, part, mark, … */
function matchOf(example: string, parts: readonly string[]): RegExpExecArray | undefined {
  const named = withoutAccents(example).replace(/\.[A-Za-z]+$/, '');
  // "Old Gate (118)", "Old Gate [118]": the last part may stand in brackets.
  const stem = BRACKETED.test(example) ? named.slice(0, -1) : named;
  const open = parts.filter(part => part === 'title' || part === 'species' || part === 'author').length;
  if (stem.length > LONGEST || parts.length < 2 || parts.length > 7 || open > 2) return undefined;
  const shapes = parts.map(part =>
    part.startsWith('text:') ? `(${part.slice(5)})` : `(${SHAPES[part] ?? NUMBER})`,
  );
  const tight = shapes.map(shape => shape.replace(/\|\.[+*]\?.*(?=\)$)/, ''));
  const isBracketed = stem !== named;
  const joined = (pieces: readonly string[], joint: string) =>
    pieces.reduce((all, piece, i) => {
      const isLast = isBracketed && i === pieces.length - 1;
      return `${all}(${isLast ? ' ?[([]' : joint})${piece}`;
    });
  // The same mark between all parts is likelier than several; parts that touch are the last thing to think of.
  return (
    [...SEPARATORS, SEPARATOR, `${SEPARATOR}|${TOUCH}`]
      // "01 Kite Over Marsh - Helen Roe": where a dash parts the name, spaces alone do not.
      .filter(joint => joint !== ' ' || !stem.includes(' - '))
      // Where underscores part the name, none stands in a title.
      .map(joint =>
        new RegExp(`^${joined(joint === '_' || joint.length > 8 ? tight : shapes, joint)}$`).exec(stem),
      )
      .find(found => found !== null) ??
    // "C05203": two numbers that touch.
    new RegExp(
      `^${(parts.includes('sequence') ? tight : shapes).join(`(${SEPARATOR}|${TOUCH}|(?<=\\d)(?=\\d))`)}$`,
    ).exec(stem) ??
    // "Aeshna_cyanea_2026": an open part may hold the mark after all.
    (parts.includes('species') ? new RegExp(`^${shapes.join('(_)')}$`).exec(stem) : null) ??
    // "Lindqvist_Fig03": a word of its own in front of the number.
    (parts.at(-1) === 'sequence'
      ? new RegExp(
          `^${shapes.slice(0, -1).join(`(${SEPARATOR})`)}((?:${SEPARATOR})[A-Z][a-z]{1,7})(\\d{1,4})$`,
        ).exec(stem)
      : null) ??
    undefined
  );
}

/**
 * Parses a filled-in example of a file's name with the parts that the text describes, in their order, and gives the
 * parts with what stands between them ("text:_"). Undefined where the example has another shape.
 *
 * @param example with its ending, such as "HolmJR_B.jpg"
 * @param parts such as surname, initials, section code
 */
export function alignExample(example: string, parts: readonly string[]): string[] | undefined {
  const match = matchOf(example, parts);
  if (!match) return undefined;
  const aligned = parts.flatMap((part, i) => {
    const joint = i ? match[2 * i] : undefined;
    return joint ? [`text:${joint}`, part] : [part];
  });
  const bracket = BRACKETED.exec(example)?.groups;
  return joinTexts(bracket ? [...aligned, `text:${bracket['mark'] ?? bracket['square'] ?? ''}`] : aligned);
}

/** Whether a piece of an example looks like what a part stands for: "Okoro" like a surname, "07" like a sequence. */
export function fitsPart(piece: string, part: string): boolean {
  return piece.length <= LONGEST && new RegExp(`^(?:${SHAPES[part] ?? NUMBER})$`).test(withoutAccents(piece));
}

/** The words of an example that stand for one of its parts: "2" for the sequence in "117_2_Quiet Water.jpg". */
export function wordsFor(part: string, example: string, parts: readonly string[]): string | undefined {
  const at = parts.indexOf(part);
  const match = at < 0 ? undefined : matchOf(example, parts);
  if (!match) return undefined;
  // The groups follow each other without a gap; the example itself keeps its accents.
  const start = match.slice(1, 2 * at + 1).join('').length;
  return example.normalize('NFC').slice(start, start + (match[2 * at + 1]?.length ?? 0));
}

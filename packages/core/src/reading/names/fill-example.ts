import { fitsPart } from './align-example.ts';
import { partsOfExample } from './name-literals.ts';
import { joinTexts } from './part-words.ts';

/** Finds what every piece of an example stands for, where the text describes only some of them. */

/** What is known of a name beside the example itself. */
export interface NameKnown {
  /** Other names that the text shows, filled in or not. */
  readonly others: readonly string[];
  /** The parts that the text describes, in their order. */
  readonly described: readonly string[];
  /** Whether a word is the organiser's own, such as the name of the show. */
  readonly isOwnWord: (word: string) => boolean;
}

/** Where an example is cut, the likeliest first; in "1187P" a letter touches the figures. */
const CUTS = [/( - |_)/, /( - |[_-])/, /( - |[ _-])/, /((?<=\d)(?=[A-Za-z]+$))/];

/** Words and marks of the longest name that is tried. */
const LONGEST = 11;

/**
 * The parts of an example with the marks between them. A piece stands for the part that it names ("Surname"), for the
 * next part that the text describes, for a word that tells the files of an entry apart where the examples differ in
 * it, or for the organiser's own word. Undefined where a piece remains, or a described part.
 */
export function fillExample(example: string, known: NameKnown): string[] | undefined {
  for (const cut of CUTS) {
    const pieces = piecesOf(example, cut);
    if (pieces.length < 3 || pieces.length > LONGEST) continue;
    const others = known.others.map(other => piecesOf(other, cut)).filter(other => isAlike(other, pieces));
    const parts = fill(pieces, 0, known.described, (piece, i, next) =>
      candidates(pieces, i, others, known.isOwnWord(piece), next),
    );
    if (parts && isName(parts)) return joinTexts(parts);
  }
  return undefined;
}

/** Words and the marks between them, in turn, without the ending. */
const piecesOf = (name: string, cut: RegExp) => name.replace(/\.[A-Za-z]+$/, '').split(cut);

/** Another name with the same marks in the same places. */
const isAlike = (other: readonly string[], pieces: readonly string[]) =>
  other.length === pieces.length &&
  other.join() !== pieces.join() &&
  other.every((piece, i) => i % 2 === 0 || piece === pieces[i]);

/** Whether fixed words are not all that there is, and no part stands twice. */
function isName(parts: readonly string[]): boolean {
  const named = parts.filter(part => !part.startsWith('text:'));
  // Surname and first name are the author.
  const isTwice = named.includes('author') && (named.includes('surname') || named.includes('first name'));
  return named.length > 0 && new Set(named).size === named.length && !isTwice;
}

/** What the piece at a place may stand for, the likeliest first. */
function candidates(
  pieces: readonly string[],
  at: number,
  others: readonly (readonly string[])[],
  isOwn: boolean,
  next: string | undefined,
): string[] {
  const piece = pieces[at] ?? '';
  const named = namedBy(piece);
  if (named !== undefined) return [named];
  const different = pieces.flatMap((p, i) => (others.some(other => other[i] !== p) ? [i] : []));
  const differsHere = (other: readonly string[]) => other.every((p, i) => (p === pieces[i]) === (i !== at));
  // "01_picture.jpg, 01_plate.png, 02_picture.jpg": of some it is the only difference.
  const isTelling =
    /^[A-Za-z]+$/.test(piece) &&
    ((different.length === 1 && different[0] === at) || (/^[a-z]+$/.test(piece) && others.some(differsHere)));
  // "Journal27_Surname_number" beside "Journal27_Aske_3": what a pattern shares with its example is fixed.
  const isShared = others.length > 0 && !different.includes(at) && pieces.some(namesPart);
  // "Cup2027_Surname_Title": beside words for parts alone, what is none is fixed.
  const beside = pieces.filter((_, i) => i % 2 === 0 && i !== at);
  const isLead =
    at === 0 &&
    /^(?:[A-Z][a-z]+(?:[A-Z][a-z]+|\d{2,4})|[A-Z]{2,5}\d{1,4})$/.test(piece) &&
    !/name|number|code|title|year/i.test(piece) &&
    beside.some(namesPart) &&
    beside.every(p => namesPart(p) || /^0*1$/.test(p));
  // "GALLERY_ARTIST_TITLE": among words for parts, all in capitals, an unknown one is a part as well.
  const isPattern =
    /^[A-Z]{3,}$/.test(piece) && beside.length > 1 && beside.every(p => namesPart(p) && /^[A-Z]+$/.test(p));
  return [
    ...(next !== undefined && fitsPart(piece, next) ? [next] : []),
    ...(isTelling ? ['deliverable'] : []),
    ...((at === 0 && isOwn && !isPattern) || isShared || isLead ? [`text:${piece}`] : []),
  ];
}

/** Tries the candidates of one piece after the other, until all pieces and all described parts are used. */
function fill(
  pieces: readonly string[],
  at: number,
  described: readonly string[],
  candidatesAt: (piece: string, at: number, next: string | undefined) => readonly string[],
): string[] | undefined {
  const piece = pieces[at];
  if (piece === undefined) return described.length ? undefined : [];
  const mark = at > 0 ? (pieces[at - 1] ?? '') : '';
  for (const part of candidatesAt(piece, at, described[0])) {
    const used = described.indexOf(part);
    const rest = fill(
      pieces,
      at + 2,
      described.filter((_, i) => i !== used),
      candidatesAt,
    );
    if (rest) return [...(mark ? [`text:${mark}`] : []), part, ...rest];
  }
  return undefined;
}

/** The part that a piece names by itself: "Surname", "01". */
function namedBy(piece: string): string | undefined {
  if (!piece) return undefined;
  const named = partsOfExample(`x_${piece}`);
  // "Fig1" is more than its number.
  if (/^text:.*[A-Za-z]/.test(named?.at(-2) ?? '')) return undefined;
  return named?.at(-1) ?? partsOfExample(`${piece}_title`)?.[0];
}

/** Whether a piece is a word for a part, and not one that tells files apart. */
const namesPart = (piece: string) =>
  /[A-Za-z]{2}/.test(piece) && (namedBy(piece) ?? 'deliverable') !== 'deliverable';

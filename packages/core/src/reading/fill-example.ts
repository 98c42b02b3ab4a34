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

/**
 * The parts of an example with the marks between them. A piece stands for the part that it names ("Surname"), for a
 * word that tells the files of an entry apart where the examples differ in it, for the organiser's own word, or for
 * the next part that the text describes. Undefined where a piece remains, or a described part.
 */
export function fillExample(example: string, known: NameKnown): string[] | undefined {
  return [/( - |_)/, /( - |[_-])/, /( - |[ _-])/, /((?<=\d)(?=[A-Za-z]+$))/]
    .map(marks => fillPieces(piecesOf(example, marks), known, marks))
    .find(parts => parts !== undefined);
}

/** Words and the marks between them, in turn, without the ending. */
const piecesOf = (name: string, marks: RegExp) => name.replace(/\.[A-Za-z]+$/, '').split(marks);

function fillPieces(pieces: readonly string[], known: NameKnown, marks: RegExp): string[] | undefined {
  if (pieces.length < 3 || pieces.length > LONGEST) return undefined;
  const alike = known.others
    .map(other => piecesOf(other, marks))
    .filter(other => other.length === pieces.length && other.join() !== pieces.join())
    .filter(other => other.every((piece, i) => i % 2 === 0 || piece === pieces[i]));
  const different = pieces.flatMap((piece, i) => (alike.some(other => other[i] !== piece) ? [i] : []));
  // "Journal27_Surname_number" beside "Journal27_Aske_3": what a pattern shares with its example is fixed.
  const isPattern =
    alike.length > 0 &&
    pieces.some(piece => /[A-Za-z]{2}/.test(piece) && (namedBy(piece) ?? 'deliverable') !== 'deliverable');

  /** What a piece may stand for, the likeliest first. */
  const candidates = (piece: string, i: number, next: string | undefined): string[] => {
    const named = namedBy(piece);
    if (named !== undefined) return [named];
    const isTelling = different.length === 1 && different[0] === i && /^[A-Za-z]+$/.test(piece);
    const isFixed = (i === 0 && known.isOwnWord(piece)) || (isPattern && !different.includes(i));
    return [
      ...(next !== undefined && fitsPart(piece, next) ? [next] : []),
      ...(isTelling ? ['deliverable'] : []),
      ...(isFixed ? [`text:${piece}`] : []),
    ];
  };
  const fill = (i: number, open: readonly string[]): string[] | undefined => {
    const piece = pieces[i];
    if (piece === undefined) return open.length ? undefined : [];
    const mark = i && pieces[i - 1] ? [`text:${pieces[i - 1] ?? ''}`] : [];
    for (const part of candidates(piece, i, open[0])) {
      const rest = fill(
        i + 2,
        open.filter((_, at) => at !== open.indexOf(part)),
      );
      if (rest) return [...mark, part, ...rest];
    }
    return undefined;
  };
  const parts = fill(0, known.described);
  const named = (parts ?? []).filter(part => !part.startsWith('text:'));
  if (new Set(named).size < named.length) return undefined;
  return parts && named.length ? joinTexts(parts) : undefined;
}

/** Words and marks of the longest name that is tried. */
const LONGEST = 11;

/** The part that a piece names by itself: "Surname", "01". */
function namedBy(piece: string): string | undefined {
  if (!piece) return undefined;
  return partsOfExample(`x_${piece}`)?.at(-1) ?? partsOfExample(`${piece}_title`)?.[0];
}

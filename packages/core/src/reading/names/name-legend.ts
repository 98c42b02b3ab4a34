import { partsOfExample } from './name-literals.ts';
import { partsNamed } from './part-words.ts';
import type { Segment } from '../common/segments.ts';

/** What a text says that the pieces of an example stand for. */

/** "001-Title.jpg where 001 is your entry number": what the words of the example stand for. */
export function readLegend(example: string, about: readonly Segment[]): string[] | undefined {
  return [example, ...patternsIn(about)]
    .map(name => name.replace(/\.[A-Za-z]+$/, ''))
    .flatMap(stem => [/( - |_)/, /( - |[ _-])/].map(marks => explained(stem.split(marks), about)))
    .find(parts => parts !== undefined);
}

/** "In the form NN_Title_MM, NN being your priority and MM your membership number": words that stand for the parts. */
const patternsIn = (about: readonly Segment[]): string[] =>
  about.flatMap(
    ({ text }) => text.match(/(?<![\w.])[A-Za-z]{1,12}(?:[_-][A-Za-z]{1,12}){1,4}(?![\w.-])/g) ?? [],
  );

/** @param pieces words and the marks between them, in turn */
function explained(pieces: readonly string[], about: readonly Segment[]): string[] | undefined {
  let isSaid = false;
  const parts = pieces.map((piece, i) => {
    if (i % 2) return `text:${piece}`;
    // "… and 045 your membership number".
    const elided = /^(?:\d+|[A-Z]{1,4}|[A-Z][a-z]{1,2})$/.test(piece) ? '|(?:the|your) ' : '';
    const legend = new RegExp(
      `\\b${piece.replace(/[^\w]/g, '.')} (?:(?:is|are|stands for|means|being|=) (?:the |your |an? )?${elided})(?<what>[^,.;]{2,40}?)(?= and \\S+ (?:the|your|is)\\b|[,.;:)]|$)`,
      'i',
    );
    const what = about.map(s => legend.exec(s.text)?.groups?.['what']).find(w => w !== undefined);
    // "A the section".
    const part =
      what === undefined
        ? undefined
        : (partsNamed(what)[0]?.part ?? partsOfExample(`x_${what.trim()}`)?.at(-1));
    isSaid ||= part !== undefined;
    return part ?? partsOfExample(`x_${piece}`)?.at(-1) ?? partsOfExample(`${piece}_title`)?.[0];
  });
  // "21_Evening Tide, 21 being your member number": words that nothing explains are the title.
  const open = parts.flatMap((part, i) => (part === undefined ? [i] : []));
  const [only] = open;
  if (only !== undefined && open.length === 1 && / /.test(pieces[only] ?? '')) parts[only] = 'title';
  return isSaid && parts.every(part => part !== undefined) ? (parts as string[]) : undefined;
}

import type { Group } from '../common/group.ts';
import { A_FORMAT, ITEM_MARK, labelOf, OF_TEXT, SPEC } from '../common/kind-words.ts';
import type { Segment } from '../common/segments.ts';
import { areApart, aspectsOf, type Facts } from './split-by-conflict.ts';
import { FOR_ALL } from './split-headings.ts';
import { phrases } from '../common/word-lists.ts';

/**
 * Kinds of file under headings of any name: what stands under each of them describes a file whole (two and more of
 * size, weight, format, colour), and no two of them describe the same one.
 */

interface Block {
  head: string;
  /** The same as it is written. */
  written: string;
  segments: Segment[];
  facts: Facts;
}

/** @returns undefined where fewer than two blocks describe files that differ */
export function splitBlocks(segments: readonly Segment[]): Group[] | undefined {
  // "For all photos: JPG, 10 MB at most": what is said for all needs not stand under each heading.
  const least = segments.some(({ text }) => FOR_ALL.test(text) && A_FORMAT.test(text)) ? 1 : 2;
  const blocks = blocksOf(segments).filter(
    b => b.facts.size >= least && (b.facts.has('size') || b.facts.has('weight')),
  );
  // "Group photo" and "Single portraits" are both portraits: then each is called as it is written.
  const isTwice = ({ head }: Block) => blocks.filter(b => b.head === head).length > 1;
  for (const block of blocks.filter(isTwice)) block.head = block.written;
  if (blocks.length < 2 || new Set(blocks.map(b => b.head)).size < blocks.length) return undefined;
  const pairs = blocks.flatMap((a, i) => blocks.slice(i + 1).map(b => [a.facts, b.facts] as const));
  const apart = pairs.filter(([a, b]) => areApart(a, b, true)).length;
  // Of three and more headings in a row, two may ask for the same but for the weight.
  const areDifferent =
    apart === pairs.length ||
    (blocks.length > 2 && apart > 0 && pairs.every(([a, b]) => [...a].some(([as, v]) => b.get(as) !== v)));
  if (!areDifferent) return undefined;
  const taken = new Set(blocks.flatMap(b => b.segments));
  return [
    { label: undefined, segments: segments.filter(s => !taken.has(s)) },
    ...blocks.map(({ head, segments: own }) => ({ label: head, segments: own })),
  ];
}

/** The headings of a text, each with what stands under it up to the next one or the end of its paragraph. */
function blocksOf(segments: readonly Segment[]): Block[] {
  const blocks: Block[] = [];
  let current: Block | undefined;
  segments.forEach((segment, i) => {
    const head = headOf(segment, segments[i - 1], segments[i + 1]);
    const isGap = segment.line - (segments[i - 1]?.line ?? segment.line) >= 2;
    if (head !== undefined) blocks.push((current = { ...head, segments: [segment], facts: new Map() }));
    // One empty line may follow the heading itself.
    else if (!current || (isGap && current.segments.length > 1) || isForAll(segment, segments[i - 1]))
      current = undefined;
    else {
      current.segments.push(segment);
      for (const [aspect, value] of aspectsOf(segment))
        if (!current.facts.has(aspect)) current.facts.set(aspect, value);
    }
  });
  return blocks;
}

/** "All files …", but not "Add 3 to 20 pictures. Each must …". */
const isForAll = ({ text, line }: Segment, before: Segment | undefined) =>
  FOR_ALL.test(text) && !(/^each (?:must|should|is|has)\b/i.test(text) && before?.line === line);

/** Headings of other matters than a kind of file. */
const OF_RULES = phrases`
  glance | small print | short | brief | full(?! size) | summary | details | overview | page | checklist
  essentials | guide | notes? | rules? | conditions | requirements | questions | dates? | calendar | help
  tips? | facts | form | read (?:this|these|before|first) | before you | important | (?:good|nice) to know | rundown
`;

function headOf(
  segment: Segment,
  before: Segment | undefined,
  next: Segment | undefined,
): Pick<Block, 'head' | 'written'> | undefined {
  const own = segment.text
    .replace(ITEM_MARK, '')
    .replace(/\s*\([^()]*\)\s*(?=:?$)/, '')
    .replace(/:$/, '')
    // "Requirements for the preview".
    .replace(
      /^(?:Requirements?|Specifications?|Specs|Technical (?:details|data)) (?:for|of) (?:the |your )?(?=[a-z])/,
      'The ',
    );
  const isAlone =
    before?.line !== segment.line &&
    next !== undefined &&
    next.line > segment.line &&
    next.line - segment.line <= 2;
  const isHead =
    isAlone &&
    /^["“]?[A-Z]/.test(own) &&
    own.length <= 60 &&
    own.split(/\s+/).length <= 9 &&
    !/[.;,?!]$/.test(own);
  // "Colour: sRGB" and "- colour, plain background" are what stands under one.
  if (
    !isHead ||
    SPEC.test(own) ||
    OF_TEXT.test(own) ||
    // "The banner at the top of your page" is no page.
    OF_RULES.test(own.replace(/(?<=\w) (?:at|in|on|for|of|from) .*$/, '')) ||
    // A row of a table has its value behind a gap.
    / {3,}/.test(own) ||
    own.includes(':') ||
    // "From the website:" and "From the handbook:" say twice what is asked of one file.
    /^(?:from|according to|in|on) (?:the|our)\b/i.test(own) ||
    /^[-+*•–·]/.test(segment.text)
  )
    return undefined;
  const written = own.toLowerCase();
  return { head: labelOf(own) ?? written, written };
}

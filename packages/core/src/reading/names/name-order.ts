import { alignExample, fitsPart } from './align-example.ts';
import { withoutNames } from '../common/name-examples.ts';
import type { PartSaid } from './part-words.ts';

/** In which order the parts of a name stand, and which fixed word stands in front of them. */

/** "The title, prefixed by the member's number": the second of two stands first. */
export function inOrder(described: readonly PartSaid[], text: string, example: string | null): string[] {
  const [first, second] = described;
  const isTurned =
    described.length === 2 &&
    /\b(?:prefixed|preceded) (?:by|with)\b|^\s*(?:after|behind|following) the\b|\bgoes (?:\w+ ){0,4}?(?:after|behind) the $|\b(?:after|behind) (?:your |the )?$/i.test(
      text.slice(first?.end, second?.at),
    );
  // "Title, but with your number and an underscore in front."
  const isInFront =
    described.length === 2 &&
    /\bwith (?:the |your )?$/i.test(text.slice(first?.end, second?.at)) &&
    /^(?: and an? (?:under-?score|hyphen|dash|space))? in front\b/i.test(text.slice(second?.end));
  const words = (isTurned || isInFront ? described.slice().reverse() : described).map(d => d.part);
  return numberLast(words, example);
}

/** "Numbered in their order, with the title: Salt 1.jpg": the number stands where the example has it. */
function numberLast(words: string[], example: string | null): string[] {
  const isLast = /^[^\d]+\d{1,2}(?:\.\w+)?$/.test(example ?? '');
  return words.length === 2 && words[0] === 'sequence' && isLast ? words.slice().reverse() : words;
}

/** "R3, then your number, then the title, like R3_044_Harbour Wall": a first word that the description spells out. */
export function withFixedLead(
  example: string | null,
  words: readonly string[],
  text: string,
): string[] | undefined {
  const {
    lead = '',
    mark = '',
    rest = '',
  } = /^(?<lead>[A-Z][A-Za-z]{0,9}\d{0,4})(?<mark>[_-]| - )(?<rest>.+)$/.exec(example ?? '')?.groups ?? {};
  // "Section letter (P, M or N)": a letter that stands for a section is no fixed word.
  if (words[0] === 'section code' && /^[A-Z]{1,3}$/.test(lead)) return undefined;
  const isSpelled =
    lead !== '' && new RegExp(`\\b${lead}(?:\\b[^.\\w]|[_-](?=[a-z]))`).test(withoutNames(text));
  const parts = isSpelled ? alignExample(rest, words) : undefined;
  return parts && [`text:${lead}${mark}`, ...parts];
}

/** "M followed by your membership number … M045_Blue Hour.jpg": a letter that touches the number of the first part. */
export function withLetter(parts: string[], text: string, example: string | null): string[] {
  const letter = /^(?<letter>[A-Z])\d/.exec(example ?? '')?.groups?.['letter'];
  const isSpelled =
    letter !== undefined &&
    / number$/.test(parts[0] ?? '') &&
    new RegExp(`\\b${letter}(?:,| followed by| and| then| plus| in front of) (?:the |your )`).test(
      withoutNames(text),
    );
  return isSpelled ? [`text:${letter}`, ...parts] : parts;
}

/** "C31 and your first name: C31 Joan.jpg": a word that stands in front of the only part of a description. */
export function spelledBefore(
  { part, at }: PartSaid,
  text: string,
  example: string | null,
): string[] | undefined {
  const { lead = '', rest = '' } =
    /^(?<lead>[A-Za-z]{1,10}\d{0,4}[_ -])(?<rest>[^_]+)\.\w+$/.exec(example ?? '')?.groups ?? {};
  const word = lead.slice(0, -1);
  const isSpelled = new RegExp(`\\b${word} (?:and|plus|then|followed by|\\+) (?:the|your) $`).test(
    text.slice(0, at),
  );
  return word && isSpelled && fitsPart(rest, part) ? [`text:${lead}`, part] : undefined;
}

import { labelOf } from '../common/kind-words.ts';
import type { Edit } from './reword.ts';

/**
 * "Signature and thumb impression: signature 140 x 60 pixels, 10 to 20 KB. Thumb impression 240 x 240 pixels, …": a line
 * that names several papers and then speaks of each. Each gets a line of its own, with its name as the head.
 */

const HEAD = /^[ \t]*(?<names>[A-Z][A-Za-z ,&-]{8,90}(?:,| and | & )[A-Za-z ,-]{3,60}):[ \t]+(?=[A-Za-z])/gm;
/** What is said of one of them begins with its name. */
const BEGINS =
  /(?:^|(?<=[.;] ))(?<name>[A-Za-z]+(?: [A-Za-z]+){0,3}?)(?= \d| (?:is|must be|should be|of|with) )/g;
/** Characters that are looked at behind the names. */
const LONGEST = 700;

export function listedKinds(text: string): Edit[] {
  return [...text.matchAll(HEAD)].flatMap(head => {
    const kinds = (head.groups?.['names'] ?? '').split(/,? and |, | & /).map(name => labelOf(name));
    if (kinds.length < 2 || kinds.includes(undefined) || new Set(kinds).size < kinds.length) return [];
    const from = head.index + head[0].length;
    const rest = /^[^\n]*/.exec(text.slice(from, from + LONGEST))?.[0] ?? '';
    const said = [...rest.matchAll(BEGINS)].filter(begin => {
      const kind = labelOf(begin.groups?.['name'] ?? '');
      return kind !== undefined && kinds.includes(kind);
    });
    if (said.length !== kinds.length || said[0]?.index !== 0) return [];
    return said.flatMap(({ index, 0: name }, i): Edit[] => {
      const at = from + index;
      const behind = at + name.length;
      return [
        i ? { from: at - 1, to: at, plain: '\n' } : { from: head.index, to: from, plain: '' },
        { from: behind, to: behind, plain: ':' },
      ];
    });
  });
}

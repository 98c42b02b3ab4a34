import type { DetailShape } from '../rules/rule-sheet.ts';
import { wordNumber, wordPlural } from './numbers.ts';

/** A shape in a few words: "four digits", "two letters and six digits". */
export function wordShape(shape: DetailShape): string {
  switch (shape.kind) {
    case 'any':
      return 'any text';
    case 'digits':
      return `${wordNumber(shape.count)} ${wordPlural(shape.count, 'digit')}`;
    case 'letters':
      return `${wordNumber(shape.count)} ${wordPlural(shape.count, 'letter')}`;
    case 'letters-digits':
      return `${wordShape({ kind: 'letters', count: shape.letters })} and ${wordShape({ kind: 'digits', count: shape.digits })}`;
    case 'one-of':
      return `one of ${shape.options.join(', ')}`;
  }
}

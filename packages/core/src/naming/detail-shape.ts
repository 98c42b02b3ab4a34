import type { DetailShape } from '../rules/rule-sheet.ts';

/** Whether what a person typed has the shape that is asked. */
export function hasShape(value: string, shape: DetailShape): boolean {
  const text = value.trim();
  switch (shape.kind) {
    case 'any':
      return text !== '';
    case 'digits':
      return text.length === shape.count && isAll(text, /\d/);
    case 'letters':
      return text.length === shape.count && isAll(text, /[A-Za-z]/);
    case 'letters-digits':
      return (
        text.length === shape.letters + shape.digits &&
        isAll(text.slice(0, shape.letters), /[A-Za-z]/) &&
        isAll(text.slice(shape.letters), /\d/)
      );
    case 'one-of':
      return shape.options.includes(text);
  }
}

function isAll(text: string, letter: RegExp): boolean {
  return [...text].every(l => letter.test(l));
}

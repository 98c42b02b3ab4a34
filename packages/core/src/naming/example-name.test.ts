import { expect, it } from 'vitest';
import { exampleDetails } from './example-name.ts';

it('shows a first name that is not the surname', () => {
  const detail = (id: string, label: string) => ({ id, label, shape: { kind: 'any' as const } });
  expect(
    exampleDetails({
      details: [detail('a', 'Surname'), detail('b', 'First name'), detail('c', 'Member number')],
    }),
  ).toEqual({ a: 'Halloway', b: 'Ines', c: '0123' });
});

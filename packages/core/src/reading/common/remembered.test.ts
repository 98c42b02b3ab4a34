import { expect, it, vi } from 'vitest';
import { remembered } from './remembered.ts';

it('asks once for each text, and again once too many others were asked for', () => {
  const read = vi.fn((text: string) => text.length);
  const lengthOf = remembered(read);
  expect([lengthOf('two'), lengthOf('two'), lengthOf('three')]).toEqual([3, 3, 5]);
  expect(read).toHaveBeenCalledTimes(2);
  for (let i = 0; i < 2000; i += 1) lengthOf(`text ${i}`);
  lengthOf('two');
  expect(read.mock.calls.filter(([text]) => text === 'two')).toHaveLength(2);
});

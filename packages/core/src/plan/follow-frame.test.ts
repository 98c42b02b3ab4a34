import { describe, expect, it } from 'vitest';
import { exact, makeDeliverable } from '../testing/make-sheet.ts';
import type { Rule } from '../rules/rule.ts';
import { frameInUse } from './follow-frame.ts';
import { PLAIN_FRAME, type Frame } from './frame.ts';

const source = { widthPx: 6000, heightPx: 4000 };
const side = (maxPx: number): Rule => ({ id: 'side', level: 'must', kind: 'side', side: 'long-edge', maxPx });
const noCanvas: Rule = { id: 'canvas', level: 'must', kind: 'canvas', allowed: false };
const kind = (id: string, ...rules: Rule[]) => ({ ...makeDeliverable(rules), id });

const large = kind('large', side(3000));
const small = kind('small', side(1000));
const square = kind('square', exact(800, 800));
const kinds = [large, small, square];
const cut: Frame = { ...PLAIN_FRAME, ratio: 2, size: 0.8, centreX: 0.1 };

describe('a file without a frame of its own', () => {
  it('follows another file of the picture where both come to the same shape', () => {
    expect(frameInUse(small, kinds, source, { large: cut })).toMatchObject({
      frame: { size: 0.8, centreX: 0.1 },
      follows: 'large',
    });
    expect(frameInUse(large, kinds, source, { large: cut })).toEqual({ frame: cut, follows: undefined });
  });

  it('takes the shape along that the rules of the other file gave the cut', () => {
    const plain = { ...PLAIN_FRAME, size: 0.9 };
    const followed = frameInUse(small, kinds, source, { square: plain });
    expect(followed).toMatchObject({ frame: { ratio: 1, size: 0.9 }, follows: 'square' });
  });

  it('does not follow into another shape, and follows nobody where nobody has a frame', () => {
    expect(frameInUse(square, kinds, source, { large: cut })).toBeUndefined();
    expect(frameInUse(small, kinds, source, {})).toBeUndefined();
    expect(frameInUse(small, kinds, source, undefined)).toBeUndefined();
  });

  it('goes its own way once it has a frame', () => {
    const own: Frame = { ...PLAIN_FRAME, ratio: 1 };
    expect(frameInUse(small, kinds, source, { large: cut, small: own })?.frame).toBe(own);
  });

  it('does not follow onto a canvas that its own rules forbid', () => {
    const plain = kind('plain', side(1000), noCanvas);
    const mounted: Frame = { ...PLAIN_FRAME, method: 'mount' };
    expect(frameInUse(plain, [large, plain], source, { large: mounted })).toBeUndefined();
    expect(frameInUse(small, [large, small], source, { large: mounted })?.follows).toBe('large');
  });
});

import { describe, expect, it } from 'vitest';
import { segmentText } from '../common/segments.ts';
import { ruledItems } from './ruled-items.ts';

const itemsThatAre = (ruled: string, text: string) => {
  const segments = segmentText(text);
  return segments.filter((_, i) => ruledItems(segments)[i] === ruled).map(s => s.text);
};
const denied = (text: string) => itemsThatAre('denied', text);

describe('lists under a line that rules them', () => {
  it('takes every item of the list, and nothing behind it', () => {
    expect(denied("What we don't want:\n- borders\n- a signature\n\nJPEG, 2 MB at most.")).toEqual([
      '- borders',
      '- a signature',
    ]);
  });

  it('takes lines without marks, up to the next empty line', () => {
    expect(denied('Not allowed\nFrames\nLogos\n\nAllowed\nPlain pictures')).toEqual(['Frames', 'Logos']);
  });

  it('tells what is permitted, and what nobody has to heed', () => {
    const text = 'You may:\n- add a narrow border\n\nYou need not:\n- set the resolution to 300 ppi';
    expect(itemsThatAre('permitted', text)).toEqual(['- add a narrow border']);
    expect(itemsThatAre('free', text)).toEqual(['- set the resolution to 300 ppi']);
  });

  it('takes no line for a head that counts or speaks of something else', () => {
    expect(denied('- no more than 2 images\n- names like Joan_Marsh.jpg')).toEqual([]);
    expect(denied('It does not work\nIn most cases the file is too large.')).toEqual([]);
  });
});

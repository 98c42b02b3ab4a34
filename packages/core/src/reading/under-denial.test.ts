import { describe, expect, it } from 'vitest';
import { segmentText } from './segments.ts';
import { deniedItems } from './under-denial.ts';

const denied = (text: string) => {
  const segments = segmentText(text);
  return segments.filter((_, i) => deniedItems(segments)[i]).map(s => s.text);
};

describe('lists under words that deny', () => {
  it('takes every item of the list, and nothing behind it', () => {
    expect(denied("What we don't want:\n- borders\n- a signature\n\nJPEG, 2 MB at most.")).toEqual([
      '- borders',
      '- a signature',
    ]);
  });

  it('takes lines without marks, up to the next empty line', () => {
    expect(denied('Not allowed\nFrames\nLogos\n\nAllowed\nPlain pictures')).toEqual(['Frames', 'Logos']);
  });

  it('takes no line for a head that counts or speaks of something else', () => {
    expect(denied('- no more than 2 images\n- names like Joan_Marsh.jpg')).toEqual([]);
    expect(denied('It does not work\nIn most cases the file is too large.')).toEqual([]);
  });
});

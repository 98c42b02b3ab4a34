import { describe, expect, it } from 'vitest';
import { isAdvisedAt } from './advice.ts';
import { boundOf, type Bound } from './bounds.ts';
import { isElsewhere } from './elsewhere.ts';
import { sideAfter, sideAside, sideBefore } from '../size/side-words.ts';

/** The bound of the number that stands at # in a sentence. */
const bound = (sentence: string): Bound => {
  const [before = '', after = ''] = sentence.split('#');
  return boundOf(before, after);
};

describe('boundOf', () => {
  it.each<[string, Bound]>([
    ['not more than # px', 'max'],
    ['no larger or heavier than # MB', 'max'],
    ['# px at most', 'max'],
    ['Files bigger than # MB will be deleted.', 'max'],
    ['Anything heavier than # MB bounces.', 'max'],
    ['Pictures over # MB crash the projector.', 'max'],
    ['at least # px', 'min'],
    ['# px or more', 'min'],
    ['Pictures smaller than # px cannot be shown.', 'min'],
    ['Pictures larger than # px are welcome.', 'min'],
    ['exactly # px', 'exact'],
    ['# px wide', 'unsaid'],
    ['no more than six, as TIFFs at # dpi', 'unsaid'],
    ['50 KB max, # px', 'unsaid'],
    ['# px or more than one file', 'unsaid'],
  ])('%s: %s', (sentence, expected) => {
    expect(bound(sentence)).toBe(expected);
  });
});

describe('isAdvisedAt', () => {
  const at = (sentence: string) => isAdvisedAt(sentence.replace('#', ''), sentence.indexOf('#'));

  it.each([
    'We recommend #2000 px.',
    'JPEG, #sRGB recommended, 2 MB.',
    'If you can, please keep it under #5 MB.',
    'Better: #sRGB.',
  ])('%s is advice', sentence => {
    expect(at(sentence)).toBe(true);
  });

  it.each(['sRGB recommended, #2000 px.', 'At most #2000 px.', '2 MB is plenty and is #the limit.'])(
    '%s is none',
    sentence => {
      expect(at(sentence)).toBe(false);
    },
  );
});

describe('isElsewhere', () => {
  const OLD = /\blast year\b|\bcatalogue\b/i;
  const at = (sentence: string) => isElsewhere(OLD, sentence.replace('#', ''), sentence.indexOf('#'));

  it('holds for what stands behind such words, or ends the clause with them', () => {
    expect(at('Last year we asked for #1400 px.')).toBe(true);
    expect(at('Pictures stand at #900 px in the catalogue.')).toBe(true);
  });

  it('ends where the sentence turns to what is asked now', () => {
    expect(at('Last year it was 1400 px, but now it is #1920 px.')).toBe(false);
    expect(at('Send #1920 px, since the catalogue is printed large.')).toBe(false);
    expect(at('Send #1920 px.')).toBe(false);
  });
});

describe('the side of a number', () => {
  it('is the one named first behind it, before another demand', () => {
    expect(sideAfter(' px high with the width in proportion')).toBe('height');
    expect(sideAfter(' px on its longest edge')).toBe('longEdge');
    expect(sideAfter(' px in width or height')).toBe('longEdge');
    expect(sideAfter(' px and 1200 px high')).toBeUndefined();
  });

  it('is the one named last before it, as far as the last number', () => {
    expect(sideBefore('The width is 1200 px, the height ')).toBe('height');
    expect(sideBefore('No side may be longer than ')).toBe('any');
    expect(sideBefore('Send ')).toBeUndefined();
  });

  it('may stand behind a comma', () => {
    expect(sideAside(', long side')).toBe('longEdge');
    expect(sideAside(', the height follows')).toBeUndefined();
  });
});

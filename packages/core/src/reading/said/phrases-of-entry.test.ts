import { describe, expect, it } from 'vitest';
import { readRules } from '../read-rules.ts';

/** Phrases about what may lie on a picture, how many may be sent, into which sections, and how files are called. */

const fileOf = (text: string) => readRules(`${text} JPEG, 1600 pixels wide.`).deliverables[0];

describe('what is turned down', () => {
  it.each<[string, 'border' | 'watermark']>([
    ['Do not add a frame.', 'border'],
    ['Works must not bear any inscription, frame or passepartout.', 'border'],
    ['Pictures with frames or dates cannot be used.', 'border'],
    ['No keylines, please.', 'border'],
    ['Photographs must be free of any text or logo.', 'watermark'],
    ['Don’t put captions on them.', 'watermark'],
    ['No photograph may have a border, logo or text of any kind added.', 'watermark'],
    ['Do NOT add your name to the photo itself.', 'watermark'],
  ])('%s', (text, field) => {
    expect(fileOf(text)?.[field]).toBe('forbidden');
  });

  it.each([
    'There is no need to fill the frame.',
    'No text messages to the secretary, please.',
    'Signatures in capitals are not accepted.',
    'Do not put your name in the file name.',
  ])('not by: %s', text => {
    expect([fileOf(text)?.border, fileOf(text)?.watermark]).toEqual([null, null]);
  });
});

describe('advice', () => {
  it('belongs to the clause that gives it', () => {
    const reading = readRules('JPG (sRGB recommended), the longer side 1920 pixels, max. 2 MB.');
    expect(reading.advice).not.toContain('longEdge');
    expect(reading.advice).not.toContain('bytesMax');
  });

  it('reaches over all that it introduces', () => {
    const reading = readRules('We recommend 2560 px on the long edge and 300 dpi. JPEG only.');
    expect(reading.advice).toEqual(expect.arrayContaining(['longEdge', 'ppi']));
  });
});

describe('how many', () => {
  it.each([
    ['Each club may submit a panel of ten digital images.', 10],
    ['Send me your best 3 by Friday.', 3],
    ['Teams consist of eight images.', 8],
    ['Please limit yourself to five photographs.', 5],
    ['Number of entries: 1 to 5', 5],
    ['One print per participant.', 1],
    ['Q: How many at once?\nA: Batches of up to 50.', 50],
  ])('%s', (text, count) => {
    expect(readRules(text).maxFiles).toBe(count);
  });

  it.each([
    'It costs 16 for one work.',
    'For every work two images are required.',
    'One photograph per class.',
  ])('is not said by: %s', text => {
    expect(readRules(text).maxFiles).toBeNull();
  });
});

describe('sections', () => {
  it.each([
    [
      'Sections: Colour (4 works), Monochrome (4 works) and Nature (4 works).',
      ['Colour', 'Monochrome', 'Nature'],
      4,
    ],
    ['Two pictures per member in each of the classes Open and Set Subject.', ['Open', 'Set Subject'], 2],
    ['SECTIONS\nOpen, Nature, Travel\nIn each section up to three photos.', ['Open', 'Nature', 'Travel'], 3],
    [
      'Categories\n- Birdlife\n- Plants\nYou may submit 3 photos in each category.',
      ['Birdlife', 'Plants'],
      3,
    ],
  ])('%s', (text, labels, limit) => {
    expect(readRules(text).sections).toEqual(labels.map(label => ({ code: null, label, limit })));
  });
});

describe('names', () => {
  it.each<[string, string[] | null, string | null]>([
    [
      'Name files with the club code, a hyphen, the running order and the title, e.g. GHX-07-Morning on the Slip.jpg',
      ['club code', 'text:-', 'sequence', 'text:-', 'title'],
      'GHX-07-Morning on the Slip.jpg',
    ],
    ['Name your file with your student number, for example 20261187.jpg', ['student number'], '20261187.jpg'],
    [
      'Number the files and add title and author (01__Title__Author.jpg).',
      ['sequence', 'text:__', 'title', 'text:__', 'author'],
      '01__Title__Author.jpg',
    ],
    [
      'File names: your name, a space, a hyphen, a space and the title, e.g. Joan Price - Sea Fret.jpg',
      ['author', 'text: - ', 'title'],
      'Joan Price - Sea Fret.jpg',
    ],
  ])('%s', (text, parts, example) => {
    expect(readRules(text).naming).toMatchObject({ parts, example });
  });
});

describe('bounds', () => {
  it('that stand behind two numbers belong to both', () => {
    expect(readRules('1400 pixels wide or 1050 pixels high at the most').deliverables[0]).toMatchObject({
      width: { max: 1400 },
      height: { max: 1050 },
    });
  });

  it('of the sentence before keep their side', () => {
    const [file] = readRules('JPEG, 2560 px on the long edge is ideal. The minimum is 1600 px.').deliverables;
    expect(file?.longEdge).toEqual({ min: 1600 });
  });

  it('of another number behind a comma are not theirs', () => {
    expect(readRules('JPEG, 800 x 1000 pixels, at most 500 KB').deliverables[0]).toMatchObject({
      width: { exact: 800 },
      bytesMax: 500_000,
    });
  });
});

import { describe, expect, it } from 'vitest';
import { segmentText } from '../common/segments.ts';
import { splitTopics } from './split-topics.ts';

/** The kinds that sentences speak of, each with its sentences. */
const topics = (text: string) =>
  Object.fromEntries(
    (splitTopics(segmentText(text)) ?? []).map(g => [g.label ?? 'all', g.segments.map(s => s.text)]),
  );

describe('splitTopics', () => {
  it('goes on about the kind that was named last', () => {
    expect(
      topics(
        'Album images need a width of at least 1600 pixels. Keep each under 5 MB. The cover image is 1920 × 640 pixels. JPG only.',
      ),
    ).toEqual({
      all: [],
      'album image': ['Album images need a width of at least 1600 pixels.', 'Keep each under 5 MB.'],
      'cover image': ['The cover image is 1920 × 640 pixels.', 'JPG only.'],
    });
  });

  it('knows a kind by a question, by a heading and by what is asked in addition', () => {
    const asked =
      'How big should my wall prints be?\n2400 pixels wide, JPEG.\n\nAnd the label picture?\n400 pixels wide, PNG.';
    expect(Object.keys(topics(asked))).toEqual(['all', 'print', 'label picture']);
    const headed = 'Double page\n2400 pixels wide, JPEG.\n\nSingle page\n1200 pixels wide, PNG.';
    expect(Object.keys(topics(headed))).toEqual(['all', 'double page', 'single page']);
    const added =
      'The images are JPEGs of 2400 pixels width.\n\nWe also need a portrait. It is a PNG, 600 x 600 pixels.';
    expect(topics(added)).toMatchObject({
      portrait: ['We also need a portrait.', 'It is a PNG, 600 x 600 pixels.'],
    });
  });

  it('leaves to all what a later line, both or a new paragraph says', () => {
    const kinds = 'The banner is a JPEG, 1600 x 400 pixels.\nThe logo is a PNG, 400 x 400 pixels.\n';
    expect(topics(`${kinds}sRGB throughout.`)['all']).toEqual(['sRGB throughout.']);
    expect(topics(`${kinds.trim()} Neither may have more than 2 MB.`)['all']).toEqual([
      'Neither may have more than 2 MB.',
    ]);
    expect(topics(`${kinds}\nIt closes on 1 May.`)['all']).toEqual(['It closes on 1 May.']);
  });

  it('takes no kind from what is said twice of one file, or of pictures as such', () => {
    expect(
      topics('Images are JPEGs, 1600 pixels wide. Submitted images are JPEGs, 1800 pixels wide.'),
    ).toEqual({});
    expect(topics('The banner is a JPEG, 800 pixels wide. The logo is a JPEG, 800 pixels wide.')).toEqual({});
    expect(topics('Overview\nJPEG, 1600 pixels wide.\n\nImages must be JPEGs, 1800 pixels wide.')).toEqual(
      {},
    );
    expect(topics('The banner is a JPEG. The logo is a JPEG.')).toEqual({});
  });
});

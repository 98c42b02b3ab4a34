import { describe, expect, it } from 'vitest';
import { readRules } from '../read-rules.ts';

/**
 * Demands of each kind in many wordings, mixed with one another and laid out in many ways: what is understood alone
 * has to be understood beside the others as well.
 */

type Said = readonly [words: string, facts: Readonly<Record<string, unknown>>];

const SENTENCES: readonly (readonly Said[])[] = [
  [
    ['The screen is 1920 by 1080 pixels, and your image has to fit inside that.', { box: [1920, 1080] }],
    ['Anything wider than 1920 pixels or taller than 1080 pixels comes back to you.', { box: [1920, 1080] }],
    ['Neither width nor height exceeds 1920 and 1080 pixels respectively.', { box: [1920, 1080] }],
    ['In width a picture may have 1920 pixels at most, in height 1080.', { box: [1920, 1080] }],
    ['Photos must be fitted into 1920 x 1080 pixels.', { box: [1920, 1080] }],
    ['Images exceeding 1920 pixels in width or 1080 pixels in height are excluded.', { box: [1920, 1080] }],
  ],
  [
    ['Files smaller than 1 MB are not accepted.', { bytesMin: 1_000_000 }],
    ['One file weighs 3 MB at most.', { bytesMax: 3_000_000 }],
    ['My mail box chokes on anything over 3 MB.', { bytesMax: 3_000_000 }],
    ['The upload form takes files of up to 3 MB.', { bytesMax: 3_000_000 }],
  ],
  [
    ['Raw files, TIFFs and PNGs are not accepted: send JPEGs.', { formats: ['jpeg'] }],
    ['We accept JPEG only; TIFF and PNG files will be returned.', { formats: ['jpeg'] }],
    ['The allowed format is JPG.', { formats: ['jpeg'] }],
  ],
  [
    ['Images that are not in sRGB will look wrong, so convert them.', { colourSpace: 'sRGB' }],
    ['Colour profiles other than sRGB are not allowed.', { colourSpace: 'sRGB' }],
    ['If you can, save in sRGB.', { colourSpace: 'sRGB', advice: ['colourSpace'] }],
    ['We strongly suggest converting to sRGB.', { colourSpace: 'sRGB', advice: ['colourSpace'] }],
    ['Work in any other colour space than sRGB will look dull.', { colourSpace: 'sRGB' }],
  ],
  [
    ['From each of you we would like four pictures.', { maxFiles: 4 }],
    ['Four is the greatest number of images that one person may enter.', { maxFiles: 4 }],
    ['Any number of pictures up to four can be entered.', { maxFiles: 4 }],
    ['Choose up to four and send them along.', { maxFiles: 4 }],
  ],
  [
    [
      'Late entries, i.e. those after 21:00 on 5 November 2027, are held over.',
      { closes: '2027-11-05T21:00' },
    ],
    ['The wall stands by the ferry until 12 September 2027.', {}],
    ['The call is open for entries from 2 January to 22 November 2027.', { closes: '2027-11-22' }],
  ],
  [
    ['Watermarks, frames, signatures: please none of them.', { watermark: 'forbidden', border: 'forbidden' }],
    ['Pictures with text in them go straight back.', { watermark: 'forbidden' }],
    ['Borders, if used, should be narrow.', { border: 'allowed' }],
  ],
  [
    ['Files with EXIF data removed will be rejected.', { strip: false }],
    ['No EXIF, no entry.', { strip: false }],
    ['The aspect ratio must be 3:2.', { ratio: [3, 2] }],
    ['The title of the picture is its file name.', { parts: ['title'] }],
    ['All our files together must not be larger than 20 MB.', { zip: 20_000_000 }],
  ],
];

const LABELS: readonly (readonly Said[])[] = [
  [
    ['Megabytes|no more than 5', { bytesMax: 5_000_000 }],
    ['Max. MB|5', { bytesMax: 5_000_000 }],
  ],
  [
    ['Author in metadata|not allowed', { author: 'forbidden' }],
    ['GPS|out', { location: 'remove' }],
  ],
  [
    ['Watermarks|never', { watermark: 'forbidden' }],
    ['Border|none; watermark: none', { watermark: 'forbidden', border: 'forbidden' }],
  ],
  [
    ['Bits per channel|8', { bitDepth: 8 }],
    ['Shape|square', { ratio: [1, 1] }],
  ],
  [
    ['Pictures each|3', { maxFiles: 3 }],
    ['Maximum number of images|3', { maxFiles: 3 }],
  ],
  [
    ['Spaces in file name|not allowed', { spaces: 'forbidden' }],
    ['File name|title only', { parts: ['title'] }],
  ],
];

const cells = (row: string) => row.split('|') as [string, string];
const LAYOUTS: Readonly<Record<string, (items: readonly string[]) => string>> = {
  sentences: items => items.join(' '),
  paragraphs: items => items.join('\n\n'),
  bullets: items => items.map(item => `• ${item}`).join('\n'),
  'numbered rules': items => items.map((item, i) => `4.${i + 1}  ${item}`).join('\n'),
  'a quoted mail': items => items.map(item => `> ${item}`).join('\n'),
};
const TABLES: typeof LAYOUTS = {
  labels: items => items.map(item => item.replace('|', ': ')).join('\n'),
  'spaces between': items => items.map(item => cells(item)[0].padEnd(34) + cells(item)[1]).join('\n'),
  'tabs between': items => items.map(item => item.replace('|', '\t')).join('\n'),
  'a framed table': items =>
    `| Item | Rule |\n|---|---|\n${items.map(item => `| ${cells(item).join(' | ')} |`).join('\n')}`,
};

/** What a reading says of the fields that the wordings above speak of. */
function factsOf(text: string): Record<string, unknown> {
  const { deliverables, naming, closes, maxFiles, packageBytesMax, advice, sections } = readRules(text);
  const [file, second] = deliverables;
  const side = (span: object | null | undefined) => (span && 'max' in span ? span.max : undefined);
  const said = {
    box: file?.width || file?.height ? [side(file.width), side(file.height)] : undefined,
    bytesMin: file?.bytesMin,
    bytesMax: file?.bytesMax,
    formats: file?.formats,
    colourSpace: file?.colourSpace,
    watermark: file?.watermark,
    border: file?.border,
    bitDepth: file?.bitDepth,
    ratio: file?.ratio,
    ...file?.metadata,
    parts: naming.parts,
    spaces: naming.spaces,
    zip: packageBytesMax,
    advice: advice.length ? advice : undefined,
    sections: sections.length ? sections : undefined,
    closes,
    maxFiles,
    second,
  };
  return Object.fromEntries(
    Object.entries(said).filter(([, value]) => value !== null && value !== undefined),
  );
}

/** As many mixtures as the kind with the most wordings has, turned on by a step for every layout. */
function mixtures(kinds: readonly (readonly Said[])[], step: number): Said[][] {
  const most = Math.max(...kinds.map(kind => kind.length));
  return Array.from({ length: most }, (_, i) =>
    kinds.map((kind, k) => kind[(i + step * k) % kind.length]).filter(said => said !== undefined),
  );
}

describe.each([
  ['sentences', SENTENCES, LAYOUTS],
  ['labels', LABELS, TABLES],
] as const)('mixed %s', (_, kinds, layouts) => {
  it.each(Object.entries(layouts))('are understood as %s', (name, layout) => {
    const step = Object.keys(layouts).indexOf(name);
    for (const mixture of mixtures(kinds, step)) {
      const text = `Marlingford Camera Club\n\n${layout(mixture.map(([words]) => words))}\n`;
      const facts = Object.assign({}, ...mixture.map(([, said]) => said)) as Record<string, unknown>;
      expect(factsOf(text), text).toEqual(facts);
    }
  });
});

import sharp from 'sharp';
import { expect, it } from 'vitest';
import { inspectFile } from '../inspect/inspect-file.ts';
import { wordRefusal, wordRemark } from '../wording/word-intake.ts';
import { judgeIncoming } from './judge-incoming.ts';

const jpeg = () =>
  sharp({ create: { width: 60, height: 40, channels: 3, background: '#468' } })
    .jpeg()
    .toBuffer();
const png = () =>
  sharp({ create: { width: 60, height: 40, channels: 4, background: '#468' } })
    .png()
    .toBuffer();

/** A header that claims a size, and nothing behind it. */
async function claims(width: number, height: number): Promise<Buffer> {
  const bytes = await jpeg();
  const frame = bytes.indexOf(Buffer.from([0xff, 0xc0]));
  bytes.writeUInt16BE(height, frame + 5);
  bytes.writeUInt16BE(width, frame + 7);
  return bytes;
}

it.each<[string, () => Promise<Uint8Array> | Uint8Array, string, RegExp]>([
  ['an empty file', () => new Uint8Array(), 'empty', /no bytes.*Copy it again/],
  ['a truncated JPEG', async () => (await jpeg()).subarray(0, -10), 'cut-short', /cut short.*Copy it again/],
  [
    'text called .jpg',
    () => Buffer.from('this is no picture'),
    'format-not-taken',
    /plain text.*JPEG, PNG, TIFF/,
  ],
  ['an animated GIF', () => Buffer.from('GIF89a\x01\0\x01\0'), 'format-not-taken', /GIF.*frame/],
  ['a PDF', () => Buffer.from('%PDF-1.7\n'), 'format-not-taken', /PDF.*Export/],
  [
    'a header that claims too much',
    () => claims(60_000, 60_000),
    'too-many-pixels',
    /60000 × 60000.*3,600 megapixels.*150/,
  ],
  ['a header of no width', () => claims(0, 100), 'no-size', /no pixels/],
])('%s gets a sentence with what was found and what to do', async (_, make, code, sentence) => {
  const judged = judgeIncoming(inspectFile(await make()), 'picture.jpg');
  expect(judged).toMatchObject({ taken: false, refusal: { code } });
  if (!judged.taken) expect(wordRefusal(judged.refusal)).toMatch(sentence);
});

it('takes a PNG that is called .jpg, and says so', async () => {
  const judged = judgeIncoming(inspectFile(await png()), 'picture.jpg');
  expect(judged.taken && judged.remarks.map(r => r.code)).toEqual([
    'name-says-otherwise',
    'untagged',
    'has-transparency',
  ]);
  if (judged.taken)
    expect(judged.remarks.map(wordRemark)[0]).toBe(
      'Named .jpg, but the content is PNG. It is taken as that.',
    );
});

import type { Found } from '../common/found.ts';
import type { Segment } from '../common/segments.ts';

/** What one kind of file takes over from another: "same format as the photograph", "otherwise as above". */

const OTHER =
  '(?:as|like) (?:(?:for|with|in|of) )?(?:above|before|the (?:first|other|main|large|photograph|image|picture|file)\\w*|(?:the |your )?photo\\w*)';

const SIZES = ['width', 'height', 'longEdge', 'shortEdge', 'ratio', 'eitherWay'];
const ALL = [
  ...['width', 'height', 'longEdge', 'shortEdge', 'ratio', 'formats', 'colourSpace', 'profileEmbedded'],
  ...['bytesMin', 'bytesMax', 'ppi', 'bitDepth'],
];

const SAME: readonly { words: RegExp; fields: readonly string[] }[] = [
  {
    words: new RegExp(
      `\\b(?:same (?:file )?(?:formats?|types?)|(?:file )?(?:formats?|types?)\\s*:?\\s*(?:same )?)(?: ${OTHER}|(?<=same (?:file )?\\w+)(?=\\W*$|,| and same\\b))`,
      'i',
    ),
    fields: ['formats'],
  },
  {
    words: /\bat the same size\W*$|(?:^|[,;] )(?:the )?same size\W*$/i,
    fields: SIZES,
  },
  {
    words: new RegExp(`\\b(?:same )?colou?r (?:space|profile)\\s*:?\\s*(?:same )?${OTHER}`, 'i'),
    fields: ['colourSpace', 'profileEmbedded'],
  },
  {
    words: new RegExp(
      `\\b(?:same (?:file |greatest |maximum )?(?:size|weight)(?: limit)?|(?:file size|weight|limit)\\s*:?\\s*(?:same )?) ${OTHER}|\\bsame (?:file|greatest|maximum) (?:size|weight)(?: limit)?(?=\\W*$|,| and same\\b)`,
      'i',
    ),
    fields: ['bytesMin', 'bytesMax'],
  },
  {
    words: new RegExp(`\\bthe same (?:rules|requirements|limits|conditions) ${OTHER}`, 'i'),
    fields: ALL,
  },
  { words: /\bthe same,? (?:but|only|except|apart from)\b/i, fields: ALL },
  {
    words: new RegExp(
      `\\b(?:otherwise|(?:everything|all) else|(?:the|all) (?:rest|other (?:rules|requirements|limits|details)))\\b[^.;:]{0,24}?(?: ${OTHER}|\\b(?:the )?same\\b)`,
      'i',
    ),
    fields: ['formats', 'colourSpace', 'profileEmbedded', 'bytesMin', 'bytesMax', 'ppi', 'bitDepth'],
  },
];

/**
 * Facts of another kind of file that sentences about this one take over, at the place of the words that do.
 * @param own what they say themselves, which outweighs what is taken over
 */
export function takenOver(
  segments: readonly Segment[],
  own: readonly Found[],
  other: readonly Found[],
): Found[] {
  return segments.flatMap(({ text, start }) =>
    SAME.flatMap(({ words, fields }) => {
      const match = words.exec(text);
      if (!match) return [];
      const isOwn = (field: string) =>
        own.some(o => o.field === field || (SIZES.includes(field) && SIZES.includes(o.field)));
      return other
        .filter(f => fields.includes(f.field) && !isOwn(f.field))
        .map(f => ({ ...f, start: start + match.index, end: start + match.index + match[0].length }));
    }),
  );
}

const FORMAT_MORE =
  /\b(?:may|can) also be (?:an? )?(?:jpe?g|png|tiff?|webp)\b|\b(?:may|can) be (?:an? )?(?:jpe?g|png|tiff?|webp)s?,? (?:too|as well|instead)\b/i;

/** "JPEG for both. The portrait may be a PNG too": one kind of file takes a format beside that of all. */
export function isFormatMore(segments: readonly Segment[]): boolean {
  return segments.some(({ text }) => FORMAT_MORE.test(text));
}

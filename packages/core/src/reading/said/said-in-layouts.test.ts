import { describe, expect, it } from 'vitest';
import { readRules } from '../read-rules.ts';

/** The same demands laid out as organisers lay them out: one line a file, headings, tables, sentences, questions. */

interface Wanted {
  name: string;
  size: string;
  weight: string;
}
type Layout = (files: readonly Wanted[]) => string;

const rows = (cells: readonly (readonly string[])[]) =>
  cells
    .map(row =>
      row
        .map(cell => cell.padEnd(46))
        .join('')
        .trimEnd(),
    )
    .join('\n');

const LAYOUTS: Readonly<Record<string, Layout>> = {
  'a line each': f => f.map(k => `${k.name}: JPG, ${k.size}, ${k.weight}`).join('\n'),
  'a line each, the format for all': f =>
    `${f.map(k => `${k.name}: clear. Dimensions ${k.size}. File size ${k.weight}.`).join('\n')}\n\nAll files in JPG format.`,
  'a property to a line': f =>
    `${f.map(k => `${k.name} dimensions: ${k.size}\n${k.name} file size: ${k.weight}`).join('\n')}\nFile type: JPG`,
  headings: f => f.map(k => `${k.name}\n- ${k.size}\n- ${k.weight}\n- JPG only`).join('\n\n'),
  numbered: f =>
    f.map((k, i) => `${i + 1}. ${k.name}. The file must be a JPG of ${k.weight}, ${k.size}.`).join('\n'),
  'one sentence': f =>
    `Please upload ${f.map(k => `a ${k.name.toLowerCase()} (JPG, ${k.size}, ${k.weight})`).join(', ')}.`,
  sentences: f =>
    f
      .map(k => `The ${k.name.toLowerCase()} must be a JPG file of ${k.size}. Its size must be ${k.weight}.`)
      .join(' '),
  questions: f =>
    f.map(k => `What must the ${k.name.toLowerCase()} be like?\nJPG, ${k.size}, ${k.weight}.`).join('\n\n'),
  'a table of rows': f =>
    `Image | Format | Dimensions | File size\n${f.map(k => `${k.name} | JPG | ${k.size} | ${k.weight}`).join('\n')}`,
  'a table of columns': f =>
    rows([
      ['', ...f.map(k => k.name)],
      ['Format', ...f.map(() => 'JPG')],
      ['Dimensions', ...f.map(k => k.size)],
      ['File size', ...f.map(k => k.weight)],
    ]),
};

const SIZES: readonly ((width: number, height: number) => string)[] = [
  (w, h) => `${w} x ${h} pixels`,
  (w, h) => `${w}*${h} px`,
  (w, h) => `width ${w} px, height ${h} px`,
  (w, h) => `${h} pixels (height) x ${w} pixels (width)`,
];
const WEIGHTS: readonly ((least: number, most: number) => string)[] = [
  (a, b) => `${a} KB to ${b} KB`,
  (a, b) => `${a}kb - ${b}kb`,
  (a, b) => `between ${a} and ${b} KB`,
  (a, b) => `min. ${a} KB, max. ${b} KB`,
];
const FILES = [
  { names: ['Photograph', 'Passport photograph'], width: 200, height: 230, least: 20, most: 50 },
  { names: ['Signature', 'Specimen signature'], width: 140, height: 60, least: 10, most: 20 },
  { names: ['Thumb impression', 'Left thumb impression'], width: 240, height: 220, least: 25, most: 60 },
];

describe('a photograph, a signature and a thumb impression', () => {
  const cases = Object.keys(LAYOUTS).flatMap(name => [2, 3].map(count => [name, count] as const));
  it.each(cases)('are told apart in %s, %i of them', (name, count) => {
    const files = FILES.slice(0, count);
    for (const [i, sizeOf] of SIZES.entries())
      for (const [j, weightOf] of WEIGHTS.entries()) {
        const text = LAYOUTS[name]?.(
          files.map(f => ({
            name: f.names[(i + j) % 2] ?? '',
            size: sizeOf(f.width, f.height),
            weight: weightOf(f.least, f.most),
          })),
        );
        const read = readRules(`VARNLAND BOARD\nUpload of images\n\n${text}\n\nLast date: 12 March 2027.`);
        expect(
          read.deliverables.map(d => [d.width, d.height, d.bytesMin, d.bytesMax, d.formats]),
          text,
        ).toEqual(
          files.map(f => [{ exact: f.width }, { exact: f.height }, f.least * 1000, f.most * 1000, ['jpeg']]),
        );
      }
  });
});

const LISTS: Readonly<Record<string, (names: readonly string[], codes: readonly string[]) => string>> = {
  'lines with codes': (n, c) => `SECTIONS\n${n.map((x, i) => `${x} (${c[i]}) - up to 4 images`).join('\n')}`,
  'a sentence with codes': (n, c) =>
    `Images can be entered in ${n.map((x, i) => `${x} (${c[i]})`).join(' and ')}, up to 4 in each section.`,
  'a bracket': (n, c) =>
    `${4 * n.length} images (${n.map((x, i) => `section ${c[i]}, ${x}: 4`).join('; ')}).`,
  'lines with dots': (n, c) => `SECTIONS\n${n.map((x, i) => `${c[i]}  ${x} ........ 4`).join('\n')}`,
};

describe('sections with codes', () => {
  const sets = [
    [
      ['Landscape', 'People'],
      ['L', 'P'],
    ],
    [
      ['Birds', 'Small Wonders'],
      ['B', 'S'],
    ],
  ] as const;
  it.each(Object.entries(LISTS))('are read from %s', (_, list) => {
    for (const [names, codes] of sets)
      expect(readRules(`JPEG, sRGB, 2 MB.\n\n${list(names, codes)}\n`).sections, list(names, codes)).toEqual(
        names.map((label, i) => ({ code: codes[i], label, limit: 4 })),
      );
  });

  it('have the limit that stands behind the last of a row', () => {
    expect(
      readRules('JPEG.\nSections: Sea / Hills / Town / Sky (2 images each)').sections.map(s => s.limit),
    ).toEqual([2, 2, 2, 2]);
  });
});

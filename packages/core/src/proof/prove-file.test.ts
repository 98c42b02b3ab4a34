import { describe, expect, it } from 'vitest';
import { ABSENT, noFacts, present, unreadable, type FileFacts } from '../inspect/facts.ts';
import { ruleSchema, type Rule, type RuleKind } from '../rules/rule.ts';
import { box, exact, makeDeliverable, side } from '../testing/make-sheet.ts';
import { wordFault, wordFound, wordPlace } from '../wording/word-finding.ts';
import { explainRule, wordRule } from '../wording/word-rule.ts';
import { isProven, type Finding } from './findings.ts';
import { proveFile } from './prove-file.ts';

const at = { offset: 0, length: 2, structure: 'SOF0' };
const srgb = { description: 'x', space: 'srgb' as const, dataSpace: 'RGB ', sizeBytes: 500 };

function goodFacts(change: Partial<FileFacts> = {}): FileFacts {
  return {
    ...noFacts('jpeg', 900_000),
    widthPx: present(2400, at),
    heightPx: present(1600, at),
    components: present(3, at),
    bitDepth: present(8, at),
    scan: present('baseline' as const, at),
    quality: present(92, at),
    chroma: present('4:4:4' as const, at),
    density: present({ x: 300, y: 300, unit: 'inch' as const }, at),
    profile: present(srgb, at),
    complete: present(true as const, at),
    ...change,
  };
}

/** One of every kind of rule, all met by goodFacts. */
const RULES: Rule[] = [
  exact(2400, 1600),
  box(2400, 1600),
  side('long-edge', 2000, 2400),
  {
    id: 'ratio',
    level: 'must',
    kind: 'ratio',
    ratios: [{ width: 3, height: 2 }],
    eitherWay: false,
    tolerance: 0.005,
  },
  { id: 'scan', level: 'must', kind: 'jpeg-scan', scan: 'baseline' },
  { id: 'enlarging', level: 'must', kind: 'enlarging', allowed: false },
  { id: 'bytes', level: 'must', kind: 'bytes', minBytes: 10_000, maxBytes: 900_000 },
  { id: 'format', level: 'must', kind: 'file-format', formats: ['jpeg'] },
  { id: 'bits', level: 'must', kind: 'bit-depth', bits: 8 },
  { id: 'ppi', level: 'must', kind: 'ppi', ppi: 300, bound: 'exactly' },
  { id: 'quality', level: 'must', kind: 'quality', least: 90, fullChroma: true },
  { id: 'megapixels', level: 'must', kind: 'megapixels', min: 3.84, max: 3.84 },
  { id: 'percentage', level: 'must', kind: 'percentage', percent: 40 },
  {
    id: 'print',
    level: 'must',
    kind: 'print-size',
    width: 8,
    height: 5.3333,
    unit: 'in',
    ppi: 300,
    bound: 'exactly',
    eitherWay: false,
  },
  { id: 'orientation', level: 'must', kind: 'orientation', allowed: ['lying'] },
  { id: 'canvas', level: 'must', kind: 'canvas', allowed: false },
  { id: 'monochrome', level: 'must', kind: 'monochrome' },
  { id: 'border', level: 'must', kind: 'overlay', overlay: 'border', allowed: false },
  { id: 'colour', level: 'must', kind: 'colour-space', space: 'srgb', profile: 'embedded' },
  { id: 'location', level: 'must', kind: 'metadata', field: 'location', demand: 'absent' },
  { id: 'author', level: 'must', kind: 'metadata', field: 'author', demand: 'absent' },
];

interface Change {
  facts?: Partial<FileFacts>;
  fileName?: string;
  scale?: number;
  decode?: Parameters<typeof proveFile>[0]['decode'];
  rules?: Rule[];
  isOurs?: boolean;
  expectedTexts?: Parameters<typeof proveFile>[0]['expectedTexts'];
  inMonochromeSection?: boolean;
}

const decoded = { outcome: 'decoded' as const, widthPx: 2400, heightPx: 1600, hue: 0 };

function prove(change: Change = {}): Finding[] {
  return proveFile({
    deliverable: makeDeliverable(change.rules ?? RULES),
    facts: goodFacts(change.facts),
    fileName: change.fileName ?? 'Low tide.jpg',
    expectedName: 'Low tide.jpg',
    sheet: { sections: [], details: [] },
    decode: change.decode ?? decoded,
    scale: change.scale ?? 0.4,
    source: { widthPx: 6000, heightPx: 4000 },
    isOurs: change.isOurs ?? true,
    expectedTexts: change.expectedTexts,
    inMonochromeSection: change.inMonochromeSection,
  });
}

const colour = (space: 'srgb' | 'adobe-rgb' | 'grey', profile: 'embedded' | 'absent' | 'either'): Rule => ({
  id: 'colour',
  level: 'must',
  kind: 'colour-space',
  space,
  profile,
});

const brokenIds = (change: Change) =>
  prove(change)
    .filter(f => f.verdict !== 'met')
    .map(f => f.asked.id);

describe('proveFile', () => {
  it('proves a file that meets every kind of rule', () => {
    expect(brokenIds({})).toEqual([]);
    expect(isProven(prove())).toBe(true);
    const kinds = new Set<RuleKind>(RULES.map(r => r.kind));
    expect([...kinds].sort()).toEqual(ruleSchema.options.map(o => o.shape.kind.value).sort());
  });

  it.each<[string, Change, string[]]>([
    [
      'one pixel too wide',
      {
        facts: { widthPx: present(2401, at) },
        decode: { ...decoded, widthPx: 2401 },
      },
      ['exact-2400-1600', 'box-2400-1600', 'long-edge-2000-2400', 'megapixels', 'percentage', 'print'],
    ],
    ['one byte too heavy', { facts: { sizeBytes: 900_001 } }, ['bytes']],
    ['too light', { facts: { sizeBytes: 9_999 } }, ['bytes']],
    ['a PNG', { facts: { format: 'png' } }, ['format']],
    ['a progressive file', { facts: { scan: present('progressive', at) } }, ['scan']],
    [
      'another shape',
      {
        facts: { heightPx: present(1560, at) },
        decode: { ...decoded, heightPx: 1560 },
      },
      ['exact-2400-1600', 'ratio', 'megapixels', 'percentage', 'print'],
    ],
    ['16 bits', { facts: { bitDepth: present(16, at) } }, ['bits']],
    [
      'another density',
      { facts: { density: present({ x: 72, y: 72, unit: 'inch' }, at) } },
      ['ppi', 'print'],
    ],
    [
      'a density without a unit',
      { facts: { density: present({ x: 300, y: 300, unit: 'none' }, at) } },
      ['ppi', 'print'],
    ],
    [
      'two densities that disagree',
      { facts: { exifDensity: present({ x: 72, y: 72, unit: 'inch' }, at) } },
      ['ppi', 'print'],
    ],
    ['no density', { facts: { density: ABSENT } }, ['ppi', 'print']],
    ['no profile', { facts: { profile: ABSENT } }, ['colour']],
    [
      'a profile that only calls itself sRGB',
      { facts: { profile: present({ ...srgb, space: 'other', description: 'sRGB' }, at) } },
      ['colour'],
    ],
    ['a greyscale file', { facts: { components: present(1, at) } }, ['colour']],
    ['a location', { facts: { location: present('GPS position', at) } }, ['location']],
    [
      'metadata that cannot be read',
      { facts: { author: unreadable('damaged'), location: unreadable('damaged') } },
      ['location', 'author'],
    ],
    ['another name', { fileName: 'low tide.jpg' }, ['name']],
    ['an enlargement', { scale: 1.2 }, ['enlarging']],
    ['a note to turn it', { facts: { orientation: present(6, at) } }, ['stands-upright']],
    ['bytes after the end', { facts: { trailingBytes: present(12, at) } }, ['file-is-whole']],
    ['no end', { facts: { complete: unreadable('cut short') } }, ['file-is-whole']],
    ['a lower quality', { facts: { quality: present(89, at) } }, ['quality']],
    ['thinned-out colour', { facts: { chroma: present('4:2:0', at) } }, ['quality']],
    ['a pixel with a hue', { decode: { ...decoded, hue: 40 } }, ['monochrome']],
    ['colours nobody measured', { decode: { ...decoded, hue: undefined } }, ['monochrome']],
    [
      'a second decoder that fails',
      { decode: { outcome: 'failed', why: 'no' } },
      ['monochrome', 'second-decoder'],
    ],
    [
      'a second decoder that sees another size',
      { decode: { ...decoded, widthPx: 10, heightPx: 10 } },
      ['second-decoder'],
    ],
  ])('%s is noticed, and nothing else', (_, change, ids) => {
    expect(brokenIds(change)).toEqual(ids);
    expect(isProven(prove(change))).toBe(false);
  });

  it('calls unreadable what could not be read, never met', () => {
    const finding = prove({ facts: { author: unreadable('damaged') } }).find(f => f.asked.id === 'author');
    expect(finding?.verdict).toBe('unreadable');
  });

  it('accepts the turned size where either way is allowed, and only there', () => {
    const turned = { widthPx: present(1600, at), heightPx: present(2400, at) };
    const decode = { outcome: 'decoded' as const, widthPx: 1600, heightPx: 2400 };
    expect(
      brokenIds({ rules: [exact(2400, 1600, true), box(2400, 1600, true)], facts: turned, decode }),
    ).toEqual([]);
    expect(brokenIds({ rules: [exact(2400, 1600), box(2400, 1600)], facts: turned, decode })).toHaveLength(2);
  });

  const metadata = (
    field: 'author' | 'copyright' | 'camera' | 'everything',
    demand: 'absent' | 'present',
  ): Rule => ({ id: field, level: 'must', kind: 'metadata', field, demand });

  it('holds texts that must be there to what was to be written', () => {
    const rules = [metadata('author', 'present'), metadata('camera', 'present')];
    const facts = { author: present('E. Halloway', at), camera: present('Boxer 2', at) };
    expect(brokenIds({ rules, facts })).toEqual([]);
    expect(brokenIds({ rules, facts, expectedTexts: { author: 'E. Halloway' } })).toEqual([]);
    expect(brokenIds({ rules, facts, expectedTexts: { author: 'F. Marsh' } })).toEqual(['author']);
    expect(brokenIds({ rules })).toEqual(['author', 'camera']);
  });

  it('finds any note where nothing may be left', () => {
    const rules = [metadata('everything', 'absent')];
    expect(brokenIds({ rules })).toEqual([]);
    for (const change of [
      { notes: present('EXIF', at) },
      { copyright: present('(c)', at) },
      { camera: unreadable('damaged') },
    ])
      expect(brokenIds({ rules, facts: change })).toEqual(['everything']);
  });

  it.each<[Rule, Partial<FileFacts>, boolean]>([
    [colour('srgb', 'absent'), { profile: ABSENT }, true],
    [colour('srgb', 'absent'), {}, false],
    [colour('adobe-rgb', 'either'), { profile: ABSENT }, false],
    [colour('adobe-rgb', 'embedded'), { profile: present({ ...srgb, space: 'adobe-rgb' }, at) }, true],
    [colour('grey', 'either'), { profile: ABSENT, components: present(1, at) }, true],
    [colour('grey', 'either'), {}, false],
  ])('colour %o', (rule, facts, isMet) => {
    expect(brokenIds({ rules: [rule], facts }).length === 0).toBe(isMet);
  });

  it('takes the bound of a density at its word', () => {
    const ppi = (bound: 'at-least' | 'at-most'): Rule => ({
      id: 'p',
      level: 'must',
      kind: 'ppi',
      ppi: 240,
      bound,
    });
    expect(brokenIds({ rules: [ppi('at-least')] })).toEqual([]);
    expect(brokenIds({ rules: [ppi('at-most')] })).toEqual(['p']);
  });

  it('holds a picture of a monochrome section to it', () => {
    expect(brokenIds({ inMonochromeSection: true, rules: [box(2400, 1600)] })).toEqual([]);
    expect(
      brokenIds({ inMonochromeSection: true, rules: [box(2400, 1600)], decode: { ...decoded, hue: 9 } }),
    ).toEqual(['section-monochrome']);
  });

  it('leaves to the person what no program can see in somebody else’s file', () => {
    const findings = prove({ isOurs: false });
    const yours = findings.filter(f => f.verdict === 'yours').map(f => f.asked.id);
    expect(yours).toEqual(['canvas', 'border']);
    expect(isProven(findings)).toBe(true);
  });

  it('lets advice pass', () => {
    const others = RULES.filter(rule => rule.kind !== 'print-size');
    const advice = others.map(rule => (rule.kind === 'ppi' ? { ...rule, level: 'advice' as const } : rule));
    expect(isProven(prove({ rules: advice, facts: { density: ABSENT } }))).toBe(true);
  });

  it('has words for every finding, met, broken and unread', () => {
    const changes: Change[] = [
      {},
      {
        facts: {
          widthPx: unreadable('x'),
          bitDepth: unreadable('x'),
          profile: unreadable('x'),
          density: unreadable('x'),
        },
      },
    ];
    for (const finding of changes.flatMap(prove)) {
      expect(wordFault(finding)).toMatch(/^Asked: .+\. Found: .+\. [A-Z].+\.$/);
      expect(wordFound(finding.found)).not.toBe('');
      expect(wordPlace(finding)).not.toBe('');
      expect(explainRule(finding.asked.kind)).toMatch(/\.$/);
    }
    for (const rule of RULES) expect(wordRule(rule)).not.toBe('');
  });
});

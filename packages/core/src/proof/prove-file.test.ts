import { describe, expect, it } from 'vitest';
import { ABSENT, noFacts, present, unreadable, type FileFacts } from '../inspect/facts.ts';
import type { Rule, RuleKind } from '../rules/rule-sheet.ts';
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
  { id: 'ppi', level: 'must', kind: 'ppi', ppi: 300 },
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
}

function prove(change: Change = {}): Finding[] {
  return proveFile({
    deliverable: makeDeliverable(change.rules ?? RULES),
    facts: goodFacts(change.facts),
    fileName: change.fileName ?? 'Low tide.jpg',
    expectedName: 'Low tide.jpg',
    sheet: { sections: [], details: [] },
    decode: change.decode ?? { outcome: 'decoded', widthPx: 2400, heightPx: 1600 },
    scale: change.scale ?? 0.4,
  });
}

const brokenIds = (change: Change) =>
  prove(change)
    .filter(f => f.verdict !== 'met')
    .map(f => f.asked.id);

describe('proveFile', () => {
  it('proves a file that meets every kind of rule', () => {
    expect(brokenIds({})).toEqual([]);
    expect(isProven(prove())).toBe(true);
    const kinds = new Set<RuleKind>(RULES.map(r => r.kind));
    expect(kinds.size).toBe(12);
  });

  it.each<[string, Change, string[]]>([
    [
      'one pixel too wide',
      {
        facts: { widthPx: present(2401, at) },
        decode: { outcome: 'decoded', widthPx: 2401, heightPx: 1600 },
      },
      ['exact-2400-1600', 'box-2400-1600', 'long-edge-2000-2400'],
    ],
    ['one byte too heavy', { facts: { sizeBytes: 900_001 } }, ['bytes']],
    ['too light', { facts: { sizeBytes: 9_999 } }, ['bytes']],
    ['a PNG', { facts: { format: 'png' } }, ['format']],
    ['a progressive file', { facts: { scan: present('progressive', at) } }, ['scan']],
    [
      'another shape',
      {
        facts: { heightPx: present(1560, at) },
        decode: { outcome: 'decoded', widthPx: 2400, heightPx: 1560 },
      },
      ['exact-2400-1600', 'ratio'],
    ],
    ['16 bits', { facts: { bitDepth: present(16, at) } }, ['bits']],
    ['another density', { facts: { density: present({ x: 72, y: 72, unit: 'inch' }, at) } }, ['ppi']],
    [
      'a density without a unit',
      { facts: { density: present({ x: 300, y: 300, unit: 'none' }, at) } },
      ['ppi'],
    ],
    [
      'two densities that disagree',
      { facts: { exifDensity: present({ x: 72, y: 72, unit: 'inch' }, at) } },
      ['ppi'],
    ],
    ['no density', { facts: { density: ABSENT } }, ['ppi']],
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
    ['a second decoder that fails', { decode: { outcome: 'failed', why: 'no' } }, ['second-decoder']],
    [
      'a second decoder that sees another size',
      { decode: { outcome: 'decoded', widthPx: 10, heightPx: 10 } },
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

  it('lets advice pass', () => {
    const advice = RULES.map(rule => (rule.kind === 'ppi' ? { ...rule, level: 'advice' as const } : rule));
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

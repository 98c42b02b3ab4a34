import { ppiOf } from '../inspect/density.ts';
import { valueOf, type Fact, type FileFacts, type Place } from '../inspect/facts.ts';
import { NO_HUE } from '../plan/plan-file.ts';
import { printPixels } from '../plan/print-size.ts';
import { percentPx } from '../plan/size-limits.ts';
import type { Bound, RuleKind, RuleOf } from '../rules/rule.ts';
import { cannotRead, finding, withFact, withSize, type Asked, type Finding } from './findings.ts';
import type { ProofInput } from './proof-input.ts';

type Check<K extends RuleKind> = (rule: RuleOf<K>, input: ProofInput) => Finding;

/** Behaviour by kind of rule; the rules themselves stay plain data. */
export const CHECKS: { readonly [K in RuleKind]: Check<K> } = {
  box: (rule, { facts }) =>
    withSize(rule, facts, (w, h) => fits(rule, w, h) || (rule.eitherWay && fits(rule, h, w))),
  'exact-size': (rule, { facts }) =>
    withSize(
      rule,
      facts,
      (w, h) =>
        (w === rule.widthPx && h === rule.heightPx) ||
        (rule.eitherWay && h === rule.widthPx && w === rule.heightPx),
    ),
  side: (rule, { facts }) =>
    withSize(rule, facts, (w, h) => {
      const sides = { width: w, height: h, 'long-edge': Math.max(w, h), 'short-edge': Math.min(w, h) };
      const value = sides[rule.side];
      return value >= (rule.minPx ?? 1) && value <= (rule.maxPx ?? Infinity);
    }),
  ratio: (rule, { facts }) =>
    withSize(rule, facts, (w, h) =>
      rule.ratios.some(({ width, height }) => {
        const named = width / height;
        const isNear = (ratio: number) => Math.abs(w / h - ratio) <= ratio * rule.tolerance + Number.EPSILON;
        return isNear(named) || (rule.eitherWay && isNear(1 / named));
      }),
    ),
  megapixels: (rule, { facts }) =>
    withSize(rule, facts, (w, h) => w * h >= (rule.min ?? 0) * 1e6 && w * h <= (rule.max ?? Infinity) * 1e6),
  percentage: (rule, { facts, source }) => {
    if (!source) return cannotRead(rule, 'the original is not here to compare with');
    const part = (px: number) => percentPx(px, rule.percent);
    return withSize(rule, facts, (w, h) => w === part(source.widthPx) && h === part(source.heightPx));
  },
  'print-size': checkPrintSize,
  orientation: (rule, { facts }) =>
    withSize(rule, facts, (w, h) => rule.allowed.includes(w > h ? 'lying' : w < h ? 'upright' : 'square')),
  enlarging: (rule, { scale }) => {
    if (rule.allowed) return finding(rule, true, { kind: 'enlarged', scale: scale ?? 1 });
    if (scale === undefined) return cannotRead(rule, 'the original is not here to compare with');
    return finding(rule, scale <= 1, { kind: 'enlarged', scale });
  },
  canvas: (rule, { isOurs }) => added(rule, rule.allowed, isOurs),
  overlay: (rule, { isOurs }) => added(rule, rule.allowed, isOurs),
  bytes: (rule, { facts }) =>
    finding(rule, facts.sizeBytes >= (rule.minBytes ?? 1) && facts.sizeBytes <= (rule.maxBytes ?? Infinity), {
      kind: 'bytes',
      bytes: facts.sizeBytes,
    }),
  'file-format': (rule, { facts }) =>
    finding(
      rule,
      rule.formats.some(format => format === facts.format),
      { kind: 'format', format: facts.format },
      { offset: 0, length: 3, structure: 'file signature' },
    ),
  'jpeg-scan': (rule, { facts }) =>
    withFact(rule, facts.scan, scan => [scan === rule.scan, { kind: 'scan', scan }]),
  'bit-depth': (rule, { facts }) =>
    withFact(rule, facts.bitDepth, bits => [bits === rule.bits, { kind: 'bits', bits }]),
  ppi: (rule, { facts }) => checkPpi(rule, rule.ppi, rule.bound, facts),
  quality: checkQuality,
  'colour-space': checkColourSpace,
  monochrome: (rule, input) => checkNoHue(rule, input),
  metadata: checkMetadata,
};

function fits(box: { widthPx: number; heightPx: number }, widthPx: number, heightPx: number): boolean {
  return widthPx <= box.widthPx && heightPx <= box.heightPx;
}

/** Rounding to whole pixels leaves a printed side up to half a pixel off. */
function isBound(value: number, bound: Bound, asked: number): boolean {
  if (bound === 'at-least') return value >= asked;
  if (bound === 'at-most') return value <= asked;
  return value === asked;
}

/** A print size is met when the pixels are there and the file says how closely they are to be printed. */
function checkPrintSize(rule: RuleOf<'print-size'>, { facts }: ProofInput): Finding {
  const asked = printPixels(rule);
  const meets = (w: number, h: number) =>
    (asked.widthPx === undefined || isBound(w, rule.bound, asked.widthPx)) &&
    (asked.heightPx === undefined || isBound(h, rule.bound, asked.heightPx)) &&
    (asked.longEdgePx === undefined || isBound(Math.max(w, h), rule.bound, asked.longEdgePx));
  const bySize = withSize(rule, facts, (w, h) => meets(w, h) || (rule.eitherWay && meets(h, w)));
  if (bySize.verdict !== 'met' || bySize.found.kind !== 'size') return bySize;
  const byDensity = checkPpi(rule, rule.ppi, 'exactly', facts);
  if (byDensity.verdict !== 'met') return byDensity;
  const { widthPx, heightPx } = bySize.found;
  return finding(
    rule,
    true,
    { kind: 'printed', widthPx, heightPx, ppi: rule.ppi, unit: rule.unit },
    bySize.at,
  );
}

function checkPpi(asked: Asked, wanted: number, bound: Bound, facts: FileFacts): Finding {
  for (const fact of [facts.density, facts.exifDensity])
    if (fact.state === 'unreadable') return cannotRead(asked, fact.why, fact.at);
  const tags = [facts.density, facts.exifDensity].filter(fact => fact.state === 'present');
  const first = tags[0];
  if (!first) return finding(asked, false, { kind: 'absent' });
  // Every place that states a density has to state the asked one: programs differ in which they read.
  for (const tag of tags) {
    const ppi = ppiOf(tag.value);
    if (!ppi) return finding(asked, false, { kind: 'absent' }, tag.at);
    if (![ppi.x, ppi.y].every(value => isNearBound(value, bound, wanted)))
      return finding(asked, false, { kind: 'ppi', ...ppi }, tag.at);
  }
  const ppi = ppiOf(first.value) ?? { x: wanted, y: wanted };
  // PNG counts pixels per metre, so 300 ppi is stored as 11811 and reads 299.9994: shown as what it stands for.
  const shown = bound === 'exactly' ? { x: wanted, y: wanted } : ppi;
  return finding(asked, true, { kind: 'ppi', ...shown }, first.at);
}

function isNearBound(value: number, bound: Bound, wanted: number): boolean {
  const near = 0.02;
  if (bound === 'at-least') return value > wanted - near;
  if (bound === 'at-most') return value < wanted + near;
  return Math.abs(value - wanted) < near;
}

function checkQuality(rule: RuleOf<'quality'>, { facts }: ProofInput): Finding {
  // Formats without loss have all the quality there is.
  if (facts.format === 'png' || facts.format === 'tiff')
    return finding(rule, true, { kind: 'format', format: facts.format });
  return withFact(rule, facts.quality, quality => {
    const chroma = valueOf(facts.chroma);
    const isFull = !rule.fullChroma || chroma === '4:4:4' || valueOf(facts.components) === 1;
    return [quality >= (rule.least ?? 1) && isFull, { kind: 'quality', quality, chroma }];
  });
}

function checkColourSpace(rule: RuleOf<'colour-space'>, { facts }: ProofInput): Finding {
  const components = valueOf(facts.components);
  const wanted = rule.space === 'grey' ? 1 : 3;
  if (components !== undefined && components !== wanted)
    return finding(rule, false, { kind: 'components', components }, placeOf(facts.components));
  if (facts.profile.state === 'absent')
    return finding(rule, rule.profile !== 'embedded' && isKnownWithout(rule.space), { kind: 'absent' });
  return withFact(rule, facts.profile, profile => [
    rule.profile !== 'absent' && isSpace(profile, rule.space),
    { kind: 'profile', profile },
  ]);
}

/** Without a profile every program takes a file for sRGB or grey, so only these can be meant by one. */
const isKnownWithout = (space: RuleOf<'colour-space'>['space']) => space === 'srgb' || space === 'grey';

function isSpace(
  profile: { space: string; dataSpace: string },
  space: RuleOf<'colour-space'>['space'],
): boolean {
  return space === 'grey' ? profile.dataSpace === 'GRAY' : profile.space === space;
}

export function checkNoHue(asked: Asked, { decode, facts }: ProofInput): Finding {
  if (valueOf(facts.components) === 1) return finding(asked, true, { kind: 'components', components: 1 });
  if (decode.outcome === 'failed') return cannotRead(asked, decode.why);
  if (decode.hue === undefined) return cannotRead(asked, 'the colours of the pixels were not measured');
  return finding(asked, decode.hue <= NO_HUE, { kind: 'hue', hue: decode.hue });
}

function checkMetadata(rule: RuleOf<'metadata'>, { facts, expectedTexts }: ProofInput): Finding {
  if (rule.field === 'everything') {
    const blocks = [
      facts.notes,
      facts.author,
      facts.copyright,
      facts.location,
      facts.dateTaken,
      facts.camera,
    ];
    const blocking = blocks.find(fact => fact.state !== 'absent') ?? facts.notes;
    return checkAbsent(rule, blocking);
  }
  const fact = facts[rule.field];
  if (rule.demand === 'absent') return checkAbsent(rule, fact);
  const expected = expectedTexts?.[rule.field];
  return withFact(rule, fact, text => [expected === undefined || text === expected, { kind: 'text', text }]);
}

function checkAbsent(asked: Asked, fact: Fact<string>): Finding {
  if (fact.state === 'unreadable') return cannotRead(asked, fact.why, fact.at);
  if (fact.state === 'present') return finding(asked, false, { kind: 'text', text: fact.value }, fact.at);
  return finding(asked, true, { kind: 'absent' });
}

/** Something that could have been added to the picture. What the picture itself shows, only the person can say. */
function added(asked: Asked, isAllowed: boolean, isOurs: boolean): Finding {
  if (isAllowed || isOurs) return finding(asked, true, { kind: 'not-added' });
  return { asked, verdict: 'yours', found: { kind: 'not-added' }, at: undefined };
}

function placeOf(fact: Fact<unknown>): Place | undefined {
  return fact.state === 'present' ? fact.at : undefined;
}

import { valueOf, type Fact, type FileFacts, type Place } from '../inspect/facts.ts';
import { ppiOf } from '../inspect/density.ts';
import { matchesPattern, type NameContext } from '../naming/match-name.ts';
import type { Deliverable, Rule, RuleKind, RuleOf } from '../rules/rule-sheet.ts';
import type { Asked, Finding, Found, Verdict } from './findings.ts';

/** Result of a full decode by a decoder that is not the one that made the file. */
export type SecondDecode =
  { outcome: 'decoded'; widthPx: number; heightPx: number } | { outcome: 'failed'; why: string };

export interface ProofInput {
  deliverable: Deliverable;
  /** From inspectFile on the finished bytes. */
  facts: FileFacts;
  fileName: string;
  /** The name the plan gave; undefined for a file made elsewhere, which is held against the pattern. */
  expectedName: string | undefined;
  /** Sections and details that the name pattern draws on. */
  sheet: NameContext;
  decode: SecondDecode;
  /** Output pixels per source pixel, where the original is known. */
  scale: number | undefined;
}

/** Measures one finished file against every rule of its deliverable, and against what every file owes. */
export function proveFile(input: ProofInput): Finding[] {
  const { deliverable } = input;
  const rules = deliverable.rules.map(rule => checkRule(rule, input));
  return [
    ...rules,
    checkName(input),
    checkUpright(input.facts),
    checkWhole(input.facts),
    checkSecondDecode(input),
  ];
}

function checkName({ deliverable, fileName, expectedName, sheet }: ProofInput): Finding {
  const asked: Asked = {
    kind: 'name',
    id: 'name',
    level: 'must',
    expected: expectedName,
    pattern: deliverable.name,
    detailLabels: Object.fromEntries(sheet.details.map(detail => [detail.id, detail.label])),
  };
  const isMet =
    (expectedName === undefined || fileName === expectedName) &&
    matchesPattern(fileName, deliverable.name, sheet);
  return finding(asked, isMet, { kind: 'name', name: fileName });
}

type Check<K extends RuleKind> = (rule: RuleOf<K>, input: ProofInput) => Finding;

/** Behaviour by kind of rule; the rules themselves stay plain data. */
const CHECKS: { [K in RuleKind]: Check<K> } = {
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
      const value = { width: w, height: h, 'long-edge': Math.max(w, h), 'short-edge': Math.min(w, h) }[
        rule.side
      ];
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
  enlarging: (rule, { scale }) => {
    if (rule.allowed) return finding(rule, true, { kind: 'enlarged', scale: scale ?? 1 });
    if (scale === undefined) return cannotRead(rule, 'the original is not here to compare with');
    return finding(rule, scale <= 1, { kind: 'enlarged', scale });
  },
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
  ppi: checkPpi,
  'colour-space': checkColourSpace,
  metadata: (rule, { facts }) => checkAbsent(rule, facts[rule.field]),
};

function checkRule(rule: Rule, input: ProofInput): Finding {
  // The table's entry for a kind takes exactly that kind; the compiler cannot follow the pairing.
  return (CHECKS[rule.kind] as Check<RuleKind>)(rule, input);
}

function fits(box: { widthPx: number; heightPx: number }, widthPx: number, heightPx: number): boolean {
  return widthPx <= box.widthPx && heightPx <= box.heightPx;
}

function withSize(asked: Asked, facts: FileFacts, isMet: (w: number, h: number) => boolean): Finding {
  // The stored size is judged: programs that ignore the orientation tag see this one, and we write no tag.
  const widthPx = valueOf(facts.widthPx);
  const heightPx = valueOf(facts.heightPx);
  if (widthPx === undefined || heightPx === undefined)
    return fromUnread(asked, facts.widthPx, facts.heightPx);
  const at = facts.widthPx.state === 'present' ? facts.widthPx.at : undefined;
  return finding(asked, isMet(widthPx, heightPx), { kind: 'size', widthPx, heightPx }, at);
}

function withFact<T>(asked: Asked, fact: Fact<T>, judge: (value: T) => [boolean, Found]): Finding {
  if (fact.state === 'unreadable') return cannotRead(asked, fact.why, fact.at);
  if (fact.state === 'absent') return finding(asked, false, { kind: 'absent' });
  const [isMet, found] = judge(fact.value);
  return finding(asked, isMet, found, fact.at);
}

function checkPpi(rule: RuleOf<'ppi'>, { facts }: ProofInput): Finding {
  for (const fact of [facts.density, facts.exifDensity])
    if (fact.state === 'unreadable') return cannotRead(rule, fact.why, fact.at);
  const tags = [facts.density, facts.exifDensity].filter(fact => fact.state === 'present');
  const first = tags[0];
  if (!first) return finding(rule, false, { kind: 'absent' });
  // Every place that states a density has to state the asked one: programs differ in which they read.
  for (const tag of tags) {
    const ppi = ppiOf(tag.value);
    if (!ppi) return finding(rule, false, { kind: 'absent' }, tag.at);
    // PNG counts pixels per metre, so 300 ppi is stored as 11811 and reads 299.9994.
    const isAsked = Math.abs(ppi.x - rule.ppi) < 0.02 && Math.abs(ppi.y - rule.ppi) < 0.02;
    if (!isAsked) return finding(rule, false, { kind: 'ppi', ...ppi }, tag.at);
  }
  return finding(rule, true, { kind: 'ppi', x: rule.ppi, y: rule.ppi }, first.at);
}

function checkColourSpace(rule: RuleOf<'colour-space'>, { facts }: ProofInput): Finding {
  const components = valueOf(facts.components);
  if (components !== undefined && components !== 3)
    return finding(rule, false, { kind: 'components', components }, placeOf(facts.components));
  if (facts.profile.state === 'absent') return finding(rule, rule.profile === 'either', { kind: 'absent' });
  return withFact(rule, facts.profile, profile => [
    profile.space === rule.space,
    { kind: 'profile', profile },
  ]);
}

function checkAbsent(rule: RuleOf<'metadata'>, fact: Fact<string>): Finding {
  if (fact.state === 'unreadable') return cannotRead(rule, fact.why, fact.at);
  if (fact.state === 'present') return finding(rule, false, { kind: 'text', text: fact.value }, fact.at);
  return finding(rule, true, { kind: 'absent' });
}

function checkUpright(facts: FileFacts): Finding {
  const asked: Asked = { kind: 'stands-upright', id: 'stands-upright', level: 'must' };
  if (facts.orientation.state === 'absent') return finding(asked, true, { kind: 'absent' });
  return withFact(asked, facts.orientation, value => [
    value === 1,
    { kind: 'orientation', orientation: value },
  ]);
}

function checkWhole(facts: FileFacts): Finding {
  const asked: Asked = { kind: 'file-is-whole', id: 'file-is-whole', level: 'must' };
  if (facts.trailingBytes.state === 'present')
    return finding(
      asked,
      false,
      { kind: 'trailing', bytes: facts.trailingBytes.value },
      facts.trailingBytes.at,
    );
  return withFact(asked, facts.complete, () => [true, { kind: 'whole' }]);
}

function checkSecondDecode({ facts, decode }: ProofInput): Finding {
  const asked: Asked = { kind: 'second-decoder', id: 'second-decoder', level: 'must' };
  if (decode.outcome === 'failed') return cannotRead(asked, decode.why);
  const isSame = decode.widthPx === valueOf(facts.widthPx) && decode.heightPx === valueOf(facts.heightPx);
  return finding(asked, isSame, { kind: 'decoded', widthPx: decode.widthPx, heightPx: decode.heightPx });
}

function finding(asked: Asked, isMet: boolean, found: Found, at?: Place): Finding {
  const verdict: Verdict = isMet ? 'met' : 'broken';
  return { asked, verdict, found, at };
}

function cannotRead(asked: Asked, why: string, at?: Place): Finding {
  return { asked, verdict: 'unreadable', found: { kind: 'unreadable', why }, at };
}

function fromUnread(asked: Asked, ...facts: Fact<unknown>[]): Finding {
  const unread = facts.find(fact => fact.state === 'unreadable');
  return cannotRead(asked, unread?.state === 'unreadable' ? unread.why : 'the file gives no size');
}

function placeOf(fact: Fact<unknown>): Place | undefined {
  return fact.state === 'present' ? fact.at : undefined;
}

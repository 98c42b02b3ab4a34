import { valueOf, type FileFacts } from '../inspect/facts.ts';
import { matchesPattern } from '../naming/match-name.ts';
import type { Rule, RuleKind, RuleOf } from '../rules/rule.ts';
import { CHECKS, checkNoHue } from './checks.ts';
import type { ProofInput } from './proof-input.ts';
import { cannotRead, finding, withFact, type Asked, type Finding } from './findings.ts';

export type { ProofInput, SecondDecode } from './proof-input.ts';

/** Measures one finished file against every rule of its deliverable, and against what every file owes. */
export function proveFile(input: ProofInput): Finding[] {
  const { deliverable } = input;
  return [
    ...deliverable.rules.map(rule => checkRule(rule, input)),
    ...(input.inMonochromeSection
      ? [checkNoHue({ kind: 'section-monochrome', id: 'section-monochrome', level: 'must' }, input)]
      : []),
    checkName(input),
    checkUpright(input.facts),
    checkWhole(input.facts),
    checkSecondDecode(input),
  ];
}

function checkRule<K extends RuleKind>(rule: RuleOf<K>, input: ProofInput): Finding {
  // The table's entry for a kind takes exactly that kind; the compiler cannot follow the pairing.
  const check = CHECKS[rule.kind] as (rule: Rule, input: ProofInput) => Finding;
  return check(rule, input);
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
  const context = { ...sheet, deliverable: deliverable.label };
  const isMet =
    (expectedName === undefined || fileName === expectedName) &&
    matchesPattern(fileName, deliverable.name, context);
  return finding(asked, isMet, { kind: 'name', name: fileName });
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

import type { ColourProfile, FileFacts, FileFormat, Place } from '../inspect/facts.ts';
import { valueOf, type Fact } from '../inspect/facts.ts';
import type { NamePattern } from '../rules/name-pattern.ts';
import type { Rule, RuleOf } from '../rules/rule.ts';

/**
 * Findings are data. The sentences a person reads are written from them in wording/, and nowhere else.
 */

/** `yours`: no program can see it, so the person has to declare it. */
export type Verdict = 'met' | 'broken' | 'unreadable' | 'yours';

/** What a finding holds the file to: a rule of the sheet, its name pattern, or what every file owes. */
export type Asked =
  | Rule
  | {
      kind: 'name';
      id: 'name';
      level: 'must';
      expected: string | undefined;
      pattern: NamePattern;
      detailLabels: Readonly<Record<string, string>>;
    }
  | { kind: 'section-monochrome'; id: 'section-monochrome'; level: 'must' }
  | { kind: 'file-is-whole'; id: 'file-is-whole'; level: 'must' }
  | { kind: 'stands-upright'; id: 'stands-upright'; level: 'must' }
  | { kind: 'second-decoder'; id: 'second-decoder'; level: 'must' };

/** What was measured. */
export type Found =
  | { kind: 'size'; widthPx: number; heightPx: number }
  | { kind: 'printed'; widthPx: number; heightPx: number; ppi: number; unit: RuleOf<'print-size'>['unit'] }
  | { kind: 'bytes'; bytes: number }
  | { kind: 'format'; format: FileFormat }
  | { kind: 'bits'; bits: number }
  | { kind: 'scan'; scan: 'baseline' | 'extended' | 'progressive' | 'lossless' }
  | { kind: 'quality'; quality: number; chroma: string | undefined }
  | { kind: 'ppi'; x: number; y: number }
  | { kind: 'profile'; profile: ColourProfile }
  | { kind: 'components'; components: number }
  | { kind: 'hue'; hue: number }
  | { kind: 'absent' }
  | { kind: 'not-added' }
  | { kind: 'text'; text: string }
  | { kind: 'name'; name: string }
  | { kind: 'orientation'; orientation: number }
  | { kind: 'whole' }
  | { kind: 'trailing'; bytes: number }
  | { kind: 'decoded'; widthPx: number; heightPx: number }
  | { kind: 'enlarged'; scale: number }
  | { kind: 'unreadable'; why: string };

export interface Finding {
  asked: Asked;
  verdict: Verdict;
  found: Found;
  /** Where in the file it was read; undefined for facts about the file as a whole. */
  at: Place | undefined;
}

/** A file is proven when every must was read and met, or is the person's own to declare. Advice never stands in the way. */
export function isProven(findings: readonly Finding[]): boolean {
  const stands = (f: Finding) => f.verdict === 'met' || f.verdict === 'yours' || f.asked.level === 'advice';
  return findings.length > 0 && findings.every(stands);
}

export function finding(asked: Asked, isMet: boolean, found: Found, at?: Place): Finding {
  const verdict: Verdict = isMet ? 'met' : 'broken';
  return { asked, verdict, found, at };
}

export function cannotRead(asked: Asked, why: string, at?: Place): Finding {
  return { asked, verdict: 'unreadable', found: { kind: 'unreadable', why }, at };
}

/** Judges a fact that has to be there. */
export function withFact<T>(asked: Asked, fact: Fact<T>, judge: (value: T) => [boolean, Found]): Finding {
  if (fact.state === 'unreadable') return cannotRead(asked, fact.why, fact.at);
  if (fact.state === 'absent') return finding(asked, false, { kind: 'absent' });
  const [isMet, found] = judge(fact.value);
  return finding(asked, isMet, found, fact.at);
}

/** Judges the stored size: programs that ignore the orientation tag see this one, and we write no tag. */
export function withSize(asked: Asked, facts: FileFacts, isMet: (w: number, h: number) => boolean): Finding {
  const widthPx = valueOf(facts.widthPx);
  const heightPx = valueOf(facts.heightPx);
  if (widthPx === undefined || heightPx === undefined) {
    const unread = [facts.widthPx, facts.heightPx].find(fact => fact.state === 'unreadable');
    return cannotRead(asked, unread?.state === 'unreadable' ? unread.why : 'the file gives no size');
  }
  const at = facts.widthPx.state === 'present' ? facts.widthPx.at : undefined;
  return finding(asked, isMet(widthPx, heightPx), { kind: 'size', widthPx, heightPx }, at);
}

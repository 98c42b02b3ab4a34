import type { ColourProfile, FileFormat, Place } from '../inspect/facts.ts';
import type { NamePattern } from '../rules/name-pattern.ts';
import type { Rule } from '../rules/rule-sheet.ts';

/**
 * Findings are data. The sentences a person reads are written from them in wording/, and nowhere else.
 */

export type Verdict = 'met' | 'broken' | 'unreadable';

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
  | { kind: 'file-is-whole'; id: 'file-is-whole'; level: 'must' }
  | { kind: 'stands-upright'; id: 'stands-upright'; level: 'must' }
  | { kind: 'second-decoder'; id: 'second-decoder'; level: 'must' };

/** What was measured. */
export type Found =
  | { kind: 'size'; widthPx: number; heightPx: number }
  | { kind: 'bytes'; bytes: number }
  | { kind: 'format'; format: FileFormat }
  | { kind: 'bits'; bits: number }
  | { kind: 'scan'; scan: 'baseline' | 'extended' | 'progressive' | 'lossless' }
  | { kind: 'ppi'; x: number; y: number }
  | { kind: 'profile'; profile: ColourProfile }
  | { kind: 'components'; components: number }
  | { kind: 'absent' }
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

/** A file is proven when every must was read and met. Advice never stands in the way. */
export function isProven(findings: readonly Finding[]): boolean {
  return findings.length > 0 && findings.every(f => f.verdict === 'met' || f.asked.level === 'advice');
}

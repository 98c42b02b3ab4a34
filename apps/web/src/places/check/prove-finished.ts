import { proveFile, type Deliverable, type Finding, type RuleSheet } from '@able-frame/core';
import type { Measured } from '../../workers/measure-protocol.ts';

export interface CheckedAgainst {
  deliverable: Deliverable;
  findings: Finding[];
}

/**
 * Proves a file that was made elsewhere. Its name is held against the pattern, since no plan gave one; where a sheet
 * asks for several kinds of file, it is held to the kind whose rules it breaks least.
 */
export function proveFinished(
  sheet: RuleSheet,
  fileName: string,
  measured: Measured,
): CheckedAgainst | undefined {
  const checked = sheet.deliverables.map(deliverable => ({
    deliverable,
    findings: proveFile({
      deliverable,
      facts: measured.facts,
      fileName,
      expectedName: undefined,
      decode: measured.decode ?? { outcome: 'failed', why: 'it was not decoded' },
      scale: undefined,
      sheet,
      isOurs: false,
    }),
  }));
  return checked.sort((a, b) => faults(a) - faults(b))[0];
}

const faults = ({ findings }: CheckedAgainst) =>
  findings.filter(f => f.verdict !== 'met' && f.verdict !== 'yours' && f.asked.level === 'must').length;

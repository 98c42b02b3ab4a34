import { proveFile, type Finding, type RuleSheet } from '@able-frame/core';
import type { Measured } from '../../workers/measure-protocol.ts';

/** Proves a file that was made elsewhere. Its name is held against the pattern, since no plan gave one. */
export function proveFinished(sheet: RuleSheet, fileName: string, measured: Measured): Finding[] {
  const deliverable = sheet.deliverables[0];
  if (!deliverable) return [];
  return proveFile({
    deliverable,
    facts: measured.facts,
    fileName,
    expectedName: undefined,
    decode: measured.decode ?? { outcome: 'failed', why: 'it was not decoded' },
    scale: undefined,
    sheet,
  });
}

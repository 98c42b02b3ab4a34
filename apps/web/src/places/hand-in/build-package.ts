import { buildReport, writeReportCsv, writeSha256Sums, type ProvenFile } from '@able-frame/core';
import { downloadZip } from 'client-zip';
import type { Submission } from '../../database/schemas.ts';
import type { Row } from '../../store/rows.ts';

/**
 * Packs the proven files with their report and checksums.
 * @throws Error when a file among them is not proven
 */
export async function buildPackage(submission: Submission, rows: readonly Row[], now: Date): Promise<Blob> {
  const files = rows.flatMap(row => {
    const made = row.made?.result;
    return made?.kind === 'file' ? [{ blob: made.blob, proven: toProven(row, submission) }] : [];
  });
  const report = buildReport(
    submission.sheet,
    files.map(f => f.proven),
    now.toISOString(),
  );
  const texts = [
    { name: 'report.csv', input: writeReportCsv(report) },
    { name: 'report.json', input: JSON.stringify(report, null, 2) + '\n' },
    { name: 'SHA256SUMS', input: writeSha256Sums(files.map(f => f.proven)) },
  ];
  const entries = [...files.map(f => ({ name: f.proven.name, input: f.blob })), ...texts];
  return downloadZip(entries.map(entry => ({ ...entry, lastModified: now }))).blob();
}

function toProven(row: Row, submission: Submission): ProvenFile {
  const made = row.made?.result;
  if (made?.kind !== 'file') throw new Error(`${row.picture.fileName} has no finished file.`);
  return {
    name: made.name,
    sizeBytes: made.blob.size,
    sha256: made.sha256,
    title: row.picture.title,
    section: submission.sheet.sections.find(s => s.code === row.picture.sectionCode)?.label,
    originalName: row.picture.fileName,
    originalSha256: row.picture.sha256,
    findings: made.findings,
  };
}

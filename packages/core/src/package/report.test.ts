import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import type { Finding } from '../proof/findings.ts';
import { buildReport, writeReportCsv, type ProvenFile } from './report.ts';
import { toHex, writeSha256Sums } from './sha256sums.ts';

const met: Finding = {
  asked: { kind: 'file-is-whole', id: 'file-is-whole', level: 'must' },
  verdict: 'met',
  found: { kind: 'whole' },
  at: undefined,
};
const file = (change: Partial<ProvenFile> = {}): ProvenFile => ({
  name: 'Low tide.jpg',
  sizeBytes: 10,
  sha256: 'ab',
  title: '=1+1, "low"',
  section: undefined,
  originalName: 'a.jpg',
  originalSha256: 'cd',
  findings: [met],
  ...change,
});
const sheet = { id: 's', title: 'S', organiser: 'O' };

it('keeps out what is not proven, by an error and not by silence', () => {
  for (const findings of [
    [],
    [{ ...met, verdict: 'broken' as const }],
    [{ ...met, verdict: 'unreadable' as const }],
  ])
    expect(() => buildReport(sheet, [file({ findings })], '2026-11-23T00:00:00Z')).toThrow('not proven');
});

it('writes a table that a spreadsheet reads and does not run', () => {
  const csv = writeReportCsv(buildReport(sheet, [file()], '2026-11-23T00:00:00Z'));
  const lines = csv.slice(1).split('\r\n');
  expect(lines[0]).toBe('file,bytes,sha256,title,section,original,rule,asked,found,where,verdict');
  expect(lines[1]).toContain(`"'=1+1, ""low"""`);
});

it('writes checksums that the checksum tool accepts, odd names included', () => {
  const folder = mkdtempSync(join(tmpdir(), 'sums-'));
  try {
    const names = ['Low tide.jpg', 'back\\slash.jpg', 'blå.jpg'];
    const sums = names.map(name => {
      writeFileSync(join(folder, name), name);
      return { name, sha256: toHex(createHash('sha256').update(name).digest()) };
    });
    writeFileSync(join(folder, 'SHA256SUMS'), writeSha256Sums(sums));
    expect(
      execFileSync('sha256sum', ['--check', '--strict', 'SHA256SUMS'], { cwd: folder, encoding: 'utf8' }),
    ).toContain('Low tide.jpg: OK');
    writeFileSync(join(folder, 'Low tide.jpg'), 'changed');
    expect(() =>
      execFileSync('sha256sum', ['--check', '--quiet', 'SHA256SUMS'], { cwd: folder, stdio: 'pipe' }),
    ).toThrow();
  } finally {
    rmSync(folder, { recursive: true });
  }
});

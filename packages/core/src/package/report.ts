import type { Finding } from '../proof/findings.ts';
import { isProven } from '../proof/findings.ts';
import { explainRule, wordAsked } from '../wording/word-rule.ts';
import { VERDICT_WORDS, wordFound, wordPlace } from '../wording/word-finding.ts';

/** One finished file, as it goes into the package. */
export interface ProvenFile {
  name: string;
  sizeBytes: number;
  sha256: string;
  title: string;
  section: string | undefined;
  originalName: string;
  originalSha256: string;
  findings: readonly Finding[];
}

export interface Report {
  format: 'able-frame/report';
  version: 1;
  madeAt: string;
  sheet: { id: string; title: string; organiser: string };
  files: {
    name: string;
    sizeBytes: number;
    sha256: string;
    title: string;
    section: string | null;
    original: { name: string; sha256: string };
    findings: {
      rule: string;
      level: string;
      asked: string;
      found: string;
      where: string;
      verdict: string;
      why: string;
    }[];
  }[];
}

/**
 * The report of a package as data.
 * @param madeAt ISO time, given by the caller because core has no clock
 * @throws Error when a file is not proven: such a file cannot get in
 */
export function buildReport(sheet: Report['sheet'], files: readonly ProvenFile[], madeAt: string): Report {
  const unproven = files.find(file => !isProven(file.findings));
  if (unproven) throw new Error(`${unproven.name} is not proven and cannot be packed.`);
  return {
    format: 'able-frame/report',
    version: 1,
    madeAt,
    sheet: { id: sheet.id, title: sheet.title, organiser: sheet.organiser },
    files: files.map(file => ({
      name: file.name,
      sizeBytes: file.sizeBytes,
      sha256: file.sha256,
      title: file.title,
      section: file.section ?? null,
      original: { name: file.originalName, sha256: file.originalSha256 },
      findings: file.findings.map(finding => ({
        rule: finding.asked.kind,
        level: finding.asked.level,
        asked: wordAsked(finding.asked),
        found: wordFound(finding.found),
        where: wordPlace(finding),
        verdict: VERDICT_WORDS[finding.verdict],
        why: explainRule(finding.asked.kind),
      })),
    })),
  };
}

const COLUMNS = [
  'file',
  'bytes',
  'sha256',
  'title',
  'section',
  'original',
  'rule',
  'asked',
  'found',
  'where',
  'verdict',
];

/** The same report as a table: a line for each finding (RFC 4180, CRLF, UTF-8 with a byte order mark). */
export function writeReportCsv(report: Report): string {
  const rows = report.files.flatMap(file =>
    file.findings.map(f => [
      file.name,
      String(file.sizeBytes),
      file.sha256,
      file.title,
      file.section ?? '',
      file.original.name,
      f.rule,
      f.asked,
      f.found,
      f.where,
      f.verdict,
    ]),
  );
  return '\ufeff' + [COLUMNS, ...rows].map(row => row.map(csvCell).join(',') + '\r\n').join('');
}

function csvCell(text: string): string {
  // A cell that begins like a formula would be run by a spreadsheet; an apostrophe keeps it text.
  const safe = /^[=+\-@\t\r]/.test(text) ? `'${text}` : text;
  return /[",\r\n]/.test(safe) ? `"${safe.replace(/"/g, '""')}"` : safe;
}

import type { SheetChange } from '../compare/compare-sheets.ts';
import type { RuleSheet } from '../rules/rule-sheet.ts';
import { capitalised, wordBytes } from './numbers.ts';
import { wordShape } from './word-detail.ts';
import { wordNamePattern, wordRule } from './word-rule.ts';

export interface ChangeWords {
  /** What it is about: "Rule", "Name of “Large”", "Closing date". */
  subject: string;
  /** Undefined: it was not there. */
  before: string | undefined;
  /** Undefined: it is gone. */
  after: string | undefined;
}

/** A difference between two versions of a sheet. */
export function wordChange(change: SheetChange): ChangeWords {
  switch (change.what) {
    case 'rule':
      return {
        subject: `Rule for “${change.label}”`,
        before: change.before && levelled(change.before),
        after: change.after && levelled(change.after),
      };
    case 'name':
      return {
        subject: `File names of “${change.label}”`,
        before: `${wordNamePattern(change.before, {})}, .${change.before.extension}`,
        after: `${wordNamePattern(change.after, {})}, .${change.after.extension}`,
      };
    case 'deliverable':
      return { subject: 'Kind of file', before: change.before?.label, after: change.after?.label };
    case 'sheet':
      return {
        subject: FIELD_WORDS[change.field],
        before: wordField(change.before, change.field),
        after: wordField(change.after, change.field),
      };
  }
}

const levelled = (rule: Parameters<typeof wordRule>[0]) =>
  capitalised(wordRule(rule)) + (rule.level === 'advice' ? ' (advice)' : '');

type Field = Extract<SheetChange, { what: 'sheet' }>['field'];

const FIELD_WORDS: Readonly<Record<Field, string>> = {
  title: 'Title',
  organiser: 'Organiser',
  closes: 'Closing date',
  details: 'Details asked of you',
  sections: 'Sections',
  maxEntries: 'Number of pictures',
  maxFiles: 'Number of files',
  maxTotal: 'Weight of everything',
  declarations: 'Declarations',
};

function wordField(sheet: RuleSheet, field: Field): string | undefined {
  switch (field) {
    case 'title':
    case 'organiser':
      return sheet[field];
    case 'closes':
      return (
        sheet.closes &&
        `${sheet.closes.at.replace('T', ', ')}${sheet.closes.zone ? ` ${sheet.closes.zone}` : ''}`
      );
    case 'details':
      return sheet.details.map(d => `${d.label} (${wordShape(d.shape)})`).join(', ') || undefined;
    case 'sections':
      return (
        sheet.sections
          .map(s => `${s.label} (${s.code})${s.limit === undefined ? '' : ` up to ${s.limit}`}`)
          .join(', ') || undefined
      );
    case 'maxEntries':
    case 'maxFiles':
      return sheet[field] === undefined ? undefined : `up to ${sheet[field]}`;
    case 'maxTotal':
      return sheet.maxTotal && (sheet.maxTotal.written ?? wordBytes(sheet.maxTotal.bytes));
    case 'declarations':
      return sheet.declarations.map(d => d.text).join(' ') || undefined;
  }
}

import type { Rule, RuleKind } from '../../rules/rule.ts';
import { readRules } from '../read-rules.ts';
import { sheetFromReading } from './sheet-from-reading.ts';

/**
 * The rule of one kind that some words of an organiser give, where the reader finds one in them alone: a person who
 * marks a sentence has said what it is about, which the reader may not have understood among the others.
 */
export function ruleFromWords(words: string, kind: RuleKind): Rule | undefined {
  const title = { id: 'words', title: 'Words', organiser: 'Somebody', today: '2026-01-01' };
  // Without a word about files the reader would not take a bare size for one.
  const texts = [words, `JPEG files: ${words}`];
  for (const text of texts) {
    const draft = sheetFromReading(readRules(text.slice(0, 2000)), text, title);
    const rule = draft?.sheet.deliverables.flatMap(d => d.rules).find(r => r.kind === kind);
    if (rule) return { ...rule, quote: words.trim().slice(0, 400) };
  }
  return undefined;
}

import type { Edit } from './reword.ts';

/**
 * Rules that a notice gives as they were and as they are, line under line or in two columns: what was is taken out,
 * since only what holds now can be asked of a file.
 */

const THING = '(?: (?:rules?|limits?|sizes?|values?|figures?|text|wording|version))?';
const WAS = `(?:old|before|until now|up to now|so far|hitherto|previously|formerly|last (?:year|season))${THING}`;
const IS = `(?:new|now|from now(?: on)?|as of now|as from now|in future|this (?:year|season))${THING}`;
const MARK = '(?: ?:| [-–=]|\\.)';

/** "OLD: 1400 x 1050, 1 MB." over "NEW: 1920 x 1200, 2.5 MB." */
const LINES = new RegExp(
  `^(?<was>[ \\t]*(?:[-*•] )?${WAS}${MARK}[^\\n]+\\n+)(?<is>[ \\t]*(?:[-*•] )?${IS}${MARK} *)(?=\\S)`,
  'gim',
);

/** "2025: …" over "2026: …". */
const YEARS =
  /^(?<was>[ \t]*(?:[-*•] )?(?<year>20\d\d) ?:[^\n]+\n)(?<is>[ \t]*(?:[-*•] )?(?<next>20\d\d) ?: *)(?=\S)/gm;

/** The row over two columns of which the second holds now: "Old     New". */
const COLUMNS = new RegExp(
  `^(?:[ \\t]*|\\|? ?[A-Za-z ]{0,20}(?:\\| *|\\s{2,}))(?:${WAS}|20\\d\\d)(?:\\s{2,}| *\\| *)(?:${IS}|20\\d\\d)[ \\t|]*\\n`,
  'gim',
);

/** A row with its name, the cell of what was and the cell of what is. */
const ROW =
  /^(?<name>[ \t|]*[^\s|][^\n|]*?(?:\s{2,}| *\| *))(?<was>[^\s|][^\n|]*?(?:\s{2,}| *\| *))[^\s|][^\n|]*?[ \t|]*$/;

/** What to take out of a text so that only the rules remain that hold now. */
export function replacedRules(text: string): Edit[] {
  const out = (from: number, length: number, plain = ''): Edit => ({ from, to: from + length, plain });
  const years = [...text.matchAll(YEARS)].filter(
    ({ groups }) => Number(groups?.['next']) === Number(groups?.['year']) + 1,
  );
  const lines = [...text.matchAll(LINES), ...years].map(m =>
    out(m.index, m[0].length, /\blimit\b/i.test(m.groups?.['is'] ?? '') ? 'Limit: ' : ''),
  );
  const rows = [...text.matchAll(COLUMNS)].flatMap(head => [
    out(head.index, head[0].length),
    ...rowsBelow(text, head.index + head[0].length),
  ]);
  return [...lines, ...rows].sort((a, b) => a.from - b.from);
}

/** The cells of what was in the rows of a table, up to the first line that is no row of it. */
function rowsBelow(text: string, from: number): Edit[] {
  const edits: Edit[] = [];
  let at = from;
  for (const line of text.slice(from).split('\n')) {
    const groups = ROW.exec(line)?.groups;
    const isRule = /^[\s|:-]*$/.test(line);
    if (!groups && !(isRule && line)) break;
    const start = at + (groups?.['name'] ?? '').length;
    if (groups) edits.push({ from: start, to: start + (groups['was'] ?? '').length, plain: '' });
    at += line.length + 1;
  }
  return edits;
}

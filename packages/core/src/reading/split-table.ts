import { labelOf } from './kind-words.ts';
import { joinWrapped } from './segments.ts';
import type { Group } from './split-deliverables.ts';

export interface Table {
  groups: Group[];
  start: number;
  end: number;
}

interface Cell {
  text: string;
  start: number;
}

/** Columns set apart by tabs, bars or two and more spaces, with a kind of file at the head of each. */
export function readTable(text: string): Table | undefined {
  const lines = joinWrapped(text);
  for (let i = 0; i < lines.length; i++) {
    const line = lines[i];
    if (!line) continue;
    const heads = headCells(cellsOf(line), lines[i + 1], lines[i + 2]);
    const labels = heads.map(h => labelOf(h.text) ?? h.text.toLowerCase());
    if (heads.length < 2 || new Set(labels).size !== heads.length || line.text.length > 160) continue;
    if (!heads.some(h => labelOf(h.text)) || heads.some(h => /\d/.test(h.text) || h.text.length > 40))
      continue;
    const groups: Group[] = labels.map(label => ({ label, segments: [] }));
    let end = line.start + line.text.length;
    let rows = 0;
    for (const row of lines.slice(i + 1)) {
      const cells = cellsOf(row);
      if (cells.length !== heads.length + 1) {
        if (/^[\s|:+-]*$/.test(row.text)) continue;
        break;
      }
      const [name, ...values] = cells;
      values.forEach((cell, k) => {
        if (/^(?:[-–—:]+|n\/?a|none|)$/i.test(cell.text)) return;
        const prefix = `${name?.text ?? ''}: `;
        groups[k]?.segments.push({ text: prefix + cell.text, start: cell.start - prefix.length, line: rows });
      });
      rows += 1;
      end = row.start + row.text.length;
    }
    if (rows >= 2) return { groups, start: line.start, end };
  }
  return undefined;
}

/** The cells of a head that stand over values: its first one may stand over the names of the rows. */
function headCells(cells: Cell[], ...below: ({ text: string; start: number } | undefined)[]): Cell[] {
  const isAsWide = below.some(
    row => row && cellsOf(row).length === cells.length && !/^[\s|:+-]*$/.test(row.text),
  );
  return isAsWide ? cells.slice(1) : cells;
}

function cellsOf(line: { text: string; start: number }): Cell[] {
  const cells: Cell[] = [];
  for (const match of line.text.matchAll(/[^\s|](?:(?!\s{2,}|\t|\||\s\|).)*/g))
    cells.push({ text: match[0].trim(), start: line.start + match.index });
  return cells;
}

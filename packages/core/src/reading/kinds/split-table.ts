import { A_FORMAT, isOfProperty, labelOf, PROPERTY } from '../common/kind-words.ts';
import { linesOf, type Segment } from '../common/segments.ts';
import { cellsOf, type Cell } from '../common/table-cells.ts';
import type { Group } from '../common/group.ts';
import { readPropertyLines } from './property-lines.ts';

export interface Table {
  groups: Group[];
  start: number;
  end: number;
}

/** Columns set apart by tabs, bars or two and more spaces, with the kinds of file over the columns or before the rows. */
export function readTable(text: string): Table | undefined {
  const lines = linesOf(text);
  return readColumns(lines) ?? readRows(lines) ?? readPropertyLines(lines);
}

type Line = Cell;
const RULED = /^[\s|:+-]*$/;
/** Rows that are looked at below a head; a specification has a dozen. */
const MOST_ROWS = 60;
/** Names of rows that are properties in a table only. */
const ROW_HEAD =
  /^(?:what|bits(?: per(?: \w+)?)?|borders?|frames?|water-?marks?|when|as|by|colou?rs|not (?:over|above|(?:more|heavier|larger) than)|how (?:many|big|large|heavy))$/i;
const OVERLAY =
  /\b(?:borders?|frames?|key ?lines?|water-?marks?|marks?|logos?|signatures?|texts?|overlays?)\b/i;
const NOTHING = /^(?:[-–—:]+|n\/?a|none|)$/i;

const indentOf = (line: Line | undefined) => line?.text.search(/\S/) ?? 0;

/** "S.No." over the first column: what counts the rows names none. */
const COUNT = /^(?:s(?:l|r)?\.? ?no\.?|no\.?|nr\.?|#|serial(?: no\.?| number)?)$/i;

/** "Limit per club" counts entries and is no property of a file. */
const OF_NUMBER = /^(?:limit|max(?:imum)?\.?|number|most) (?:per|for (?:each|every|an?)) /i;

/** "Photograph | JPG | 160 x 200 px": a kind of file to a row, under the names of its properties. */
function readRows(lines: readonly Line[]): Table | undefined {
  for (const [i, line] of lines.entries()) {
    // Nothing needs to stand over the names of the rows.
    const isShorter = cellsOf(line).length === cellsOf(lines[i + 1] ?? line).length - 1;
    const isIndented = isShorter || indentOf(line) >= indentOf(lines[i + 1]) + 3;
    const isCounted = COUNT.test(cellsOf(line)[0]?.text ?? '');
    const properties = cellsOf(line).slice((isCounted ? 1 : 0) + (isIndented ? 0 : 1));
    const ofFiles = properties.filter(p => PROPERTY.test(p.text) && !OF_NUMBER.test(p.text));
    if (properties.length < 2 || ofFiles.length < 2) continue;
    if (/\d/.test(line.text)) continue;
    const groups: Group[] = [];
    let end = line.start;
    for (const row of lines.slice(i + 1, i + 1 + MOST_ROWS)) {
      if (RULED.test(row.text) && row.text.trim()) continue;
      const [name, ...values] = splitName(cellsOf(row).slice(isCounted ? 1 : 0), properties.length + 1);
      if (!name || values.length !== properties.length) break;
      end = row.start + row.text.length;
      // A certificate as a PDF is no picture.
      if (values.some(v => /\bpdf\b/i.test(v.text)) && !A_FORMAT.test(row.text)) continue;
      groups.push({
        label: labelOf(name.text) ?? name.text.toLowerCase(),
        segments: values.flatMap((cell, k) => named(properties[k], cell, k)),
      });
    }
    const labels = new Set(groups.map(g => g.label));
    if (groups.length >= 2 && labels.size === groups.length && groups.every(g => g.segments.length))
      return { groups, start: line.start, end };
  }
  return undefined;
}

/** "Left thumb impression 240 x 240": a long name that leaves one space to its first value. */
function splitName(cells: Cell[], wanted: number): Cell[] {
  const [first, ...rest] = cells;
  const name = /^(?<name>[A-Za-z][A-Za-z ’']+) (?=\d)/.exec(first?.text ?? '')?.groups?.['name'];
  if (!first || name === undefined || cells.length !== wanted - 1) return cells;
  return [
    { ...first, text: name },
    { text: first.text.slice(name.length + 1), start: first.start + name.length + 1 },
    ...rest,
  ];
}

/** A cell as a sentence that begins with the name of its row or column; none where the cell says nothing. */
function named(name: Cell | undefined, cell: Cell | undefined, line: number, bound = ''): Segment[] {
  if (!cell) return [];
  const prefix = `${name?.text ?? ''}: ${bound}`;
  // "Border: none" says something.
  const isDenied = /^none$/i.test(cell.text) && OVERLAY.test(prefix);
  return NOTHING.test(cell.text) && !isDenied
    ? []
    : [{ text: prefix + cell.text, start: cell.start - prefix.length, line }];
}

/** "Files for the jury" are a kind; "File size" is a property. */
const withoutFiles = (head: string) => head.replace(/\bfiles?\b(?! (?:size|type|format|name))/gi, '');

/** What a column says of all that stands in it, by the word over it. */
const ASKED: readonly (readonly [bound: string, words: RegExp])[] = [
  ['at least ', /^(?:min(?:imum|\.)?|least|lowest|smallest|at least|not (?:less|under|below))$/i],
  ['at most ', /^(?:max(?:imum|\.)?|most|greatest|largest|highest|at most|not (?:more|over|above))$/i],
  ['', /^(?:(?:we )?require(?:d|ments?)?|must|necessary|obligatory|mandatory|compulsory)$/i],
  [
    'ideally ',
    /^(?:(?:we )?recommend(?:ed|ations?)?|ideal(?:ly)?|preferred|best|suggested|(?:our )?advice)$/i,
  ],
];

/** "At least 1500 px" needs no word more, and a format has no least. */
const boundBefore = (bound: string, value: string) => (/^at /.test(bound) && !/^\d/.test(value) ? '' : bound);

function readColumns(lines: readonly Line[]): Table | undefined {
  for (let i = 0; i < lines.length; i++) {
    const line = lines[i];
    if (!line) continue;
    const heads = headCells(cellsOf(line), lines[i + 1], lines[i + 2]);
    const labels = heads.map(h => labelOf(h.text) ?? h.text.toLowerCase().replace(/^for (?:the |our )?/, ''));
    if (heads.length < 2 || new Set(labels).size !== heads.length || line.text.length > 240) continue;
    if (heads.some(h => h.text.length > 40 || !/\p{L}{2}/u.test(h.text))) continue;
    const asked = heads.map(h => ASKED.find(([, words]) => words.test(h.text))?.[0]);
    // "Version | Format | Signature | Colour space" stands over a kind of file to a row.
    const areBounds = asked.every(as => as !== undefined);
    if (!areBounds && heads.filter(h => isOfProperty(withoutFiles(h.text))).length * 2 > heads.length)
      continue;
    const hasFigures = heads.some(h => /\d/.test(h.text));
    const isNamed = heads.some(h => labelOf(h.text));
    const columns = heads.map(head => head.start - line.start);
    const rows: Row[] = [];
    let end = line.start + line.text.length;
    for (const below of lines.slice(i + 1, i + 1 + MOST_ROWS)) {
      const cells = cutUnder(columns, cellsOf(below), below);
      const [name, ...values] = cells;
      const last = rows.at(-1);
      const rest = last && goingOn(columns, below.text);
      if (name && values.length === heads.length && !rest?.[0]) rows.push({ name, values });
      else if (rest) addTo(last, rest);
      else if (RULED.test(below.text)) continue;
      else break;
      end = below.start + below.text.length;
    }
    // "Minimum | Maximum", "Required | Recommended": what is asked of one kind of file.
    if (areBounds && rows.length >= 1 && rows.some(({ name }) => PROPERTY.test(name.text))) {
      const segments = rows.flatMap(({ name, values }, row) =>
        values.flatMap((value, k) => named(name, value, row, boundBefore(asked[k] ?? '', value.text))),
      );
      return { groups: [{ label: undefined, segments }], start: line.start, end };
    }
    const groups = labels.map((label, k): Group => ({
      label,
      segments: rows.flatMap(({ name, values }, row) => named(name, values[k], row)),
    }));
    const properties = rows.filter(({ name }) => PROPERTY.test(name.text) || ROW_HEAD.test(name.text)).length;
    // Columns that no known kind heads count where the rows are properties of files.
    if (rows.length >= 2 && ((isNamed && !hasFigures) || properties >= 3))
      return { groups, start: line.start, end };
  }
  return undefined;
}

/** The name of a row and what stands in it under each head. */
interface Row {
  name: Cell;
  values: Cell[];
}

/**
 * "Bits per    min. 3500 px" over "channel     on the long side": what a line adds to the name and to each value of the
 * row above it; undefined where it is a row of its own.
 */
function goingOn(columns: readonly number[], text: string): string[] | undefined {
  const [first] = columns;
  if (!first || !text.trim() || columns.some(column => /\S/.test(text.charAt(column - 1)))) return undefined;
  const rest = [0, ...columns].map((column, k) => text.slice(column, columns[k]).trim());
  const [name, ...values] = rest;
  const isWhole = values.every(value => value !== '');
  const goesOn = name ? /^[a-z(]/.test(name) && !isWhole : values.some(value => value !== '');
  return goesOn ? rest : undefined;
}

function addTo(row: Row | undefined, [name = '', ...values]: readonly string[]): void {
  if (!row) return;
  const longer = (cell: Cell, words: string): Cell =>
    words ? { ...cell, text: `${cell.text} ${words}` } : cell;
  // "Bits per" tells enough where there is no room before its value, in which the name is underlined.
  const room = (row.values[0]?.start ?? 0) - row.name.start - ': '.length;
  const isTold = /\bper$/i.test(row.name.text) && row.name.text.length + name.length >= room;
  if (!isTold) row.name = longer(row.name, name);
  row.values = row.values.map((cell, k) => longer(cell, values[k] ?? ''));
}

/** "2400 px longest side 5000 px": the longest value of a column leaves one space to the next, under whose head it begins. */
function cutUnder(columns: readonly number[], cells: readonly Cell[], row: Line): Cell[] {
  if (cells.length !== columns.length) return [...cells];
  return cells.flatMap(cell => {
    const at = columns.find(column => {
      const within = row.start + column - cell.start;
      return within > 0 && within < cell.text.length && /\s\S/.test(cell.text.slice(within - 1, within + 1));
    });
    if (at === undefined) return [cell];
    const within = row.start + at - cell.start;
    return [
      { ...cell, text: cell.text.slice(0, within).trimEnd() },
      { text: cell.text.slice(within), start: cell.start + within },
    ];
  });
}

/** The cells of a head that stand over values: its first one may stand over the names of the rows. */
function headCells(cells: Cell[], ...below: ({ text: string; start: number } | undefined)[]): Cell[] {
  const widths = below.map(row => (row && !RULED.test(row.text) ? cellsOf(row).length : 0));
  // A row whose longest value leaves one space to the next has a cell too few.
  const isAsWide = widths.includes(cells.length) && !widths.includes(cells.length + 1);
  return isAsWide ? cells.slice(1) : cells;
}

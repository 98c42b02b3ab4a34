import type { Group } from '../common/group.ts';
import { A_FORMAT, A_MEASURE, ITEM_MARK, labelOf, OF_TEXT, PROPERTY } from '../common/kind-words.ts';
import type { Cell } from '../common/table-cells.ts';
import { oneOf, patterns } from '../common/word-lists.ts';

/** "Format: jury JPEG / printer TIFF": a property to a line, with its value for each kind of file. */

/** What may part the values of a line; the first that fits all lines counts. */
const PARTS = [/\s\/\s/g, /;\s+/g, /\s\|\s/g, /,\s+/g];
const NAMED = /^(?<name>[A-Za-z][A-Za-z. ()-]{1,30}):\s+(?=\S)/;
/** Words that begin a value and name no kind of file. */
const OF_A_VALUE = patterns`
  ^${oneOf`
  up | at | not? | under | over | below | above | about | landscape | portrait | horizontal\w* | vertical\w* | uprights? | long\w* | short\w*
  wide | high | exactly | either | any | all | both | each | every | the | as | in | or | and | with | without | s?rgb | adobe
  by | from | between | yes | none | allowed | forbidden
  `}\b
`;

interface Line {
  /** The property with its colon: "Format: ". */
  name: string;
  values: Cell[];
}

/** The kinds of file of lines that each give one property of all of them, with the part of the text they take. */
export function readPropertyLines(
  lines: readonly Cell[],
): { groups: Group[]; start: number; end: number } | undefined {
  for (const [i, first] of lines.entries()) {
    if (!isOfProperty(first.text)) continue;
    for (const part of PARTS) {
      const run = runFrom(lines.slice(i, i + MOST_LINES), part);
      const groups = run.length < 2 ? undefined : groupsOf(run);
      const last = lines[i + run.length - 1];
      if (groups && last) return { groups, start: first.start, end: last.start + last.text.length };
    }
  }
  return undefined;
}

function isOfProperty(text: string): boolean {
  const name = NAMED.exec(text.replace(ITEM_MARK, ''))?.groups?.['name'];
  return name !== undefined && PROPERTY.test(name) && !OF_TEXT.test(name);
}

/** Lines in a row that are looked at: a sheet of requirements has some ten, and every line may be the first. */
const MOST_LINES = 40;

/** The lines that have a name and as many values as the first one. */
function runFrom(lines: readonly Cell[], part: RegExp): Line[] {
  const run: Line[] = [];
  for (const cell of lines) {
    const line = cut(cell, part);
    if (line.name === '' || line.values.length !== (run[0]?.values.length ?? line.values.length)) break;
    run.push(line);
  }
  return run;
}

/** A line at the marks between its values. */
function cut({ text, start }: Cell, part: RegExp): Line {
  const mark = ITEM_MARK.exec(text)?.[0].length ?? 0;
  const name = NAMED.exec(text.slice(mark))?.[0] ?? '';
  const values: Cell[] = [];
  let from = mark + name.length;
  for (const { 0: sign, index } of text.matchAll(part)) {
    if (index < from) continue;
    values.push({ text: text.slice(from, index), start: start + from });
    from = index + sign.length;
  }
  return { name, values: [...values, { text: text.slice(from), start: start + from }] };
}

const MOST_KINDS = 5;

function groupsOf(lines: readonly Line[]): Group[] | undefined {
  const count = lines[0]?.values.length ?? 0;
  if (count < 2 || count > MOST_KINDS) return undefined;
  const columns = Array.from({ length: count }, (_, k) => lines.map(line => line.values[k] ?? NOTHING));
  const kinds = columns.map(column => sharedHead(column) ?? sharedAside(column));
  const labels = kinds.map(kind => kind && (labelOf(kind.name) ?? kind.name));
  const isOfFiles = lines.some(({ values }) =>
    values.every(({ text }) => A_FORMAT.test(text) || A_MEASURE.test(text)),
  );
  if (!isOfFiles || labels.includes(undefined) || new Set(labels).size < count) return undefined;
  return columns.map((column, k) => ({
    label: labels[k],
    segments: column.map(({ text, start }, line) => {
      const name = lines[line]?.name ?? '';
      const [from, to] = kinds[k]?.valueIn(text) ?? [0, text.length];
      return { text: name + text.slice(from, to), start: start + from - name.length, line };
    }),
  }));
}

const NOTHING: Cell = { text: '', start: 0 };

interface Kind {
  name: string;
  /** Where the value itself stands. */
  valueIn: (text: string) => [from: number, to: number];
}

/** "jury JPEG", "jury 1600 px": the words that all values of a column begin with. */
function sharedHead(column: readonly Cell[]): Kind | undefined {
  const [first = [], ...others] = column.map(({ text }) => text.replace(/:/g, '').split(/\s+/));
  const differs = first.findIndex((word, i) =>
    others.some(words => words[i]?.toLowerCase() !== word.toLowerCase()),
  );
  const words = first.slice(0, differs < 0 ? undefined : differs);
  const name = words
    .join(' ')
    .toLowerCase()
    .replace(/^for (?:the |our )?/, '');
  if (!/^[a-z][a-z ’'-]{2,30}$/.test(name) || OF_A_VALUE.test(name) || A_FORMAT.test(name)) return undefined;
  const head = new RegExp(`^(?:\\S+\\s+){${words.length}}`);
  return { name, valueIn: text => [head.exec(text)?.[0].length ?? 0, text.length] };
}

const ASIDE = /\s*\((?<name>[a-z][a-z ’'-]{2,30})\)\W*$/i;

/** "JPEG (jury)", "1600 px (jury)". */
function sharedAside(column: readonly Cell[]): Kind | undefined {
  const names = column.map(({ text }) => ASIDE.exec(text)?.groups?.['name']?.toLowerCase());
  const [name] = names;
  if (name === undefined || names.some(other => other !== name)) return undefined;
  if (OF_A_VALUE.test(name) || A_FORMAT.test(name)) return undefined;
  return { name, valueIn: text => [0, text.search(ASIDE)] };
}

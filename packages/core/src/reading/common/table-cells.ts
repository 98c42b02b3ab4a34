/** What stands in one column of a line, with its place in the text. */
export interface Cell {
  text: string;
  start: number;
}

/** The cells of a line: what tabs, bars or two and more spaces set apart. */
export function cellsOf(line: Cell): Cell[] {
  return [...line.text.matchAll(/[^\s|](?:(?!\s{2,}|\t|\||\s\|).)*/g)].map(match => ({
    text: match[0].trim(),
    start: line.start + match.index,
  }));
}

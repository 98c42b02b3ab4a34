import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { readRules } from '../read-rules.ts';
import type { Reading } from '../common/reading.ts';

/**
 * What is said in other words, or pasted out of another program, is read alike. Every rewording is tried on some of the
 * example texts that have the words.
 */

const folder = fileURLToPath(new URL('../examples', import.meta.url));
const names = readdirSync(folder).filter(name => existsSync(join(folder, name, 'text.txt')));

type Rewording = readonly [name: string, written: RegExp, otherwise: string];

const PASTED: readonly Rewording[] = [
  ['as a quoted mail', /^/gm, '> '],
  ['with hard spaces', /(?<=\d) (?=(?:MB|KB|px|pixels)\b)/g, '\u00a0'],
  ['with boxes to tick', /^(\s*)[-*•–](?= )/gm, '$1☐'],
  ['with bold names', /^(\s*)([A-Z][A-Za-z ]{2,20}):/gm, '$1**$2:**'],
  ['with equals signs', /^(\s*[A-Z][A-Za-z ]{2,20}): (?=\S)/gm, '$1 = '],
  ['with headings', /^([A-Z][A-Z ]{5,60})$/gm, '## $1'],
  ['with line ends of another system', /\n/g, '\r\n'],
  ['indented', /^(?=\S)/gm, '   '],
  ['with two columns', /^([A-Z][A-Za-z ]{2,25}): (?=\S)/gm, '$1 | '],
  ['with tabs', /^([A-Z][A-Za-z ]{2,25}): (?=\S)/gm, '$1\t'],
  ['with counted rules', /^(\d{1,2})[.)] /gm, 'Rule $1: '],
];

const WORDED: readonly Rewording[] = [
  // "If you must" demands nothing.
  ['shall', /(?<!\bif you )\bmust\b/g, 'shall'],
  ['must', /\bshall\b/g, 'must'],
  ['mustn’t', /\bmust not\b/g, 'mustn’t'],
  ['don’t', /\bdo not\b/g, 'don’t'],
  ['can’t', /\bcannot\b/g, "can't"],
  ['have to be', /\bmust be\b/g, 'have to be'],
  ['are to be', /\bmust be\b/g, 'are to be'],
  ['is required to be', /\bmust be\b/g, 'is required to be'],
  ['greater dimension', /\blongest side\b/g, 'greater dimension'],
  ['the standard of a space', /\bsRGB\b/g, 'sRGB IEC61966-2.1'],
  ['not more than', /\bno more than\b/g, 'not more than'],
  ['no less than', /\bat least(?= \d)/g, 'no less than'],
  ['not later than', /\bno later than\b/g, 'not later than'],
  ['longer edge', /\blongest side\b/g, 'longer edge'],
  ['photos', /\bpictures\b/g, 'photos'],
  ['participant', /\bentrant\b/g, 'participant'],
  ['megabytes', /(?<=\d) MB\b/g, ' megabytes'],
  ['digits in groups', /(?<![\d.,_-])([1-9])(\d{3})(?= ?(?:px|pixels))/g, '$1,$2'],
  ['a size of the file', /\b[Ff]ile size\b/g, 'size of the file'],
  ['pixels per inch', /\b(?:ppi|dpi)\b/g, 'pixels per inch'],
];

/** What a reading says, without the places and without what is quoted as it is written. */
function saidIn({ claims: _, questions, naming, sections, deliverables, ...rest }: Reading) {
  const { example: __, allowed: ___, ...name } = naming;
  return {
    ...rest,
    ...name,
    files: deliverables.map(({ label: _, ...file }) => file),
    limits: sections.map(({ code, limit }) => [code, limit]),
    questions: [...new Set(questions.map(q => q.field))].sort(),
  };
}

const said = new Map<string, ReturnType<typeof saidIn>>();
/** What the text of an example says, read once for all rewordings. */
function asWritten(name: string, text: string): ReturnType<typeof saidIn> {
  const own = said.get(name) ?? saidIn(readRules(text));
  said.set(name, own);
  return own;
}

/** Texts that one rewording is tried on: as many as are read within a second or two. */
const MOST = 60;

/** Names of files are kept to the letter, and longer words would move the columns of a table. */
const IS_FIXED = /\.(?:jpe?g|tiff?|png)\b|\S {3,}\S.* {3,}\S/i;

/** The same text said otherwise. */
function reword(text: string, written: RegExp, otherwise: string): string {
  // An indented table keeps its columns only where all of its rows are.
  if (/^\s+$/.test(otherwise)) return text.replace(written, otherwise);
  return text
    .split('\n')
    .map(line => (IS_FIXED.test(line) ? line : line.replace(written, otherwise)))
    .join('\n');
}

/** Every line broken at a column, as programs do it that know of no paragraphs. */
function broken(text: string, column: number): string {
  const wrapped = (line: string) =>
    line.split(' ').reduce(
      (lines, word) => {
        const [last = ''] = lines.slice(-1);
        return last && last.length + 1 + word.length > column
          ? [...lines, word]
          : [...lines.slice(0, -1), last ? `${last} ${word}` : word];
      },
      [''],
    );
  return text.split('\n').flatMap(wrapped).join('\n');
}

/** The share of texts in which a break may fall where it cannot be told from the organiser's own. */
const UNTOLD = 0.08;

describe('a text broken at a column', () => {
  it.each([80, 60, 40])('of %i letters is read alike, but for a few', column => {
    const texts = names
      .map(name => ({ name, text: readFileSync(join(folder, name, 'text.txt'), 'utf8') }))
      .filter(({ text }) => broken(text, column) !== text && !/ {3}|\||\t/.test(text));
    const tried = texts.filter((_, i) => i % Math.floor(texts.length / MOST) === 0);
    const other = tried.filter(
      ({ name, text }) =>
        JSON.stringify(saidIn(readRules(broken(text, column)))) !== JSON.stringify(asWritten(name, text)),
    );
    expect(tried.length).toBeGreaterThan(50);
    expect(other.length, other.map(t => t.name).join()).toBeLessThanOrEqual(tried.length * UNTOLD);
  });
});

describe.each([
  ['pasted', PASTED],
  ['worded', WORDED],
])('a text that is %s otherwise', (_, rewordings) => {
  it.each(rewordings)('is read alike: %s', (_, written, otherwise) => {
    const reworded = names
      .map(name => ({ name, text: readFileSync(join(folder, name, 'text.txt'), 'utf8') }))
      // A longer word moves the end of a line that was broken at a column.
      .filter(({ text }) => !/[a-z]\n {3,}[A-Za-z]/.test(text))
      .map(t => ({ ...t, otherwise: reword(t.text, written, otherwise) }))
      .filter(t => t.otherwise !== t.text);
    const step = Math.max(1, Math.floor(reworded.length / MOST));
    const tried = reworded.filter((_, i) => i % step === 0);
    expect(tried.length).toBeGreaterThan(10);
    for (const t of tried) expect(saidIn(readRules(t.otherwise)), t.name).toEqual(asWritten(t.name, t.text));
  });
});

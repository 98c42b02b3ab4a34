import { editsOf, type Edit, type Rule } from './reword.ts';

/** The marks that lists, tables and programs put round an organiser's words, brought to one kind. */

/** The mark of a quoted mail stands before every other one. */
const QUOTED: readonly Rule[] = [[/^[ \t]*>[ \t]?/gm, '']];
/** Where only some lines have it, it is the mark of a list. */
const LISTED: readonly Rule[] = [[/^([ \t]*)>[ \t]?(?=\S)/gm, '$1• ']];

export function quoteMarks(text: string): Edit[] {
  const lines = text.split('\n').filter(line => line.trim());
  const marked = lines.filter(line => /^[ \t]*>/.test(line));
  const above = lines[lines.findIndex(line => /^[ \t]*>/.test(line)) - 1] ?? '';
  // "Please send one file:" leads up to a list, "Hanna wrote:" to what she wrote.
  const isListed = marked.length * 2 < lines.length || (/:\s*$/.test(above) && !/\bwrote\b/i.test(above));
  return editsOf(text, isListed ? LISTED : QUOTED, []);
}

/** What a line of a specification is named by. */
const PROPERTY =
  '(?:(?:file |image |picture |colou?r )?(?:formats?|types?|size|dimensions?|resolution|space|profile|mode|weight|orientation|quality)|file ?-?names?|naming|deadline|closing(?: date| day)?|closes|metadata|exif|borders?|frames?|watermarks?|words|lettering|orientation|ratio|aspect ratio|shape|bit depth|depth|long(?:est|er)? (?:side|edge)|width|height|titles?|number of (?:images|pictures|photographs|entries|works)|images|pictures|entries|works)';

/** Marks of the program that a text was pasted from. */
export const LAYOUT: readonly Rule[] = [
  // "Format of X-rays: PNG, …": a line for each kind.
  [
    /^([ \t]*(?:[-*•] )?)Format (?:of|for) (?:the )?(?!(?:pictures|images|photos|photographs|files|entries|names|file)\b)(?=[A-Za-z][A-Za-z -]{2,30}: (?:JPE?G|PNG|TIFF?)\b)/gim,
    '$1',
  ],
  // "1 x main photo: landscape, …" as a line of a list of kinds.
  [/^([ \t]*)(?:[-*•] )?1 ?[x×] (?=[A-Za-z][a-z -]{2,30}: \S)/gm, '$1- '],
  [/\r\n?/g, '\n'],
  // No column is wider, and patterns that share out blanks take their time with longer runs.
  [/[ \t]{81,}/g, ' '.repeat(80)],
  // Rows of dots lead the eye from a name to its value and say nothing.
  [/\.{4,}|(?<= )\.{3}(?= )|(?<= )\.\.(?= \d)/g, '   '],
  // "III People" below "II  Free": the longest number of a column leaves one space.
  [/^III (?=[A-Z])(?<=^II {2,}[^\n]*\n+III )/gm, 'III  '],
  [/[\u200b-\u200d\u00ad\ufeff]/g, ''],
  // "1200 px" over "wide": a break between a figure and what it is of.
  [
    /(?<=\d(?: ?(?:px|pixels))?)\n(?=(?:px|pixels|[KM]B|wide|high|tall|on the (?:long|short)\w*)\b)|(?<=\bon the (?:long|short)(?:er|est)?)\n(?=(?:side|edge)\b)/g,
    ' ',
  ],
  // "20kb -" over "50kb", "Last day:" over "12 September", "quality" over "12", "on it" over "will be rejected".
  [/(?<=\d ?(?:[km]b|px|pixels)? ?[-–])[ \t]*\n[ \t]*(?=\d)/gi, ' '],
  [/(?<=\b(?:last day|deadline|closing date):)[ \t]*\n[ \t]*(?=\d{1,2} [A-Z])/gi, ' '],
  [/(?<=[a-z],)[ \t]*\n[ \t]*(?=quality \d)|(?<=\bquality)[ \t]*\n[ \t]*(?=\d{1,2}\b)/g, ' '],
  [
    /(?<=[a-z])[ \t]*\n[ \t]*(?=(?:will|must|may|can) (?:not )?be (?:refused|rejected|returned|disqualified|accepted)\b)/g,
    ' ',
  ],
  [/(?<=\d ?mm;)[ \t]*\n[ \t]*(?=[a-z]+-)/g, ' '],
  [/[\u00a0\u2007\u2009\u202f]/g, ' '],
  // "**Format:** JPEG", "## Size".
  [/\*\*(?=\S)|(?<=\S)\*\*/g, ''],
  // "*One* photo", "_two_ pictures".
  [/(?<![\w*/])\*([A-Za-z]{2,20})\*(?![\w*/])/g, '$1'],
  [/(?<![\w/.-])_([A-Za-z]{2,20})_(?![\w/.-])/g, '$1'],
  [/^#{1,6}[ \t]+/gm, ''],
  // "--- Files ---", "== Files ==".
  [/^[ \t]*[-=*_~]{2,}[ \t]+([^\n]{1,60}?)[ \t]+[-=*_~]{2,}[ \t]*$/gm, '$1'],
  [/^([ \t]*)[☐☑☒✓✔✗✘►▶▪▫■□●○◦‣⁃∙➢➤→»][ \t]*/gm, '$1• '],
  // The letter o for a bullet.
  [/^([ \t]*)o (?=[a-z\d])/gim, '$1• '],
  // "Themes: 1. Summit light  2. Life in the mountains".
  [/[ \t]{2,8}(?=\d{1,2}[.)] [A-Z])(?<=\b1[.)] [A-Z][^\n]{2,200}\S[ \t]{2,8})/g, ', '],
  // "At most 5 in "Bog" and 5 in "Heather"".
  [/["“](?<=\b(?:\d{1,2}|one|two|three|four|five|six) in ["“])([A-Z][a-z]{2,20})["”]/g, '$1'],
  // "Sections: A. Colour - B. Nature".
  [/ [-–] (?=[B-J][.)] [A-Z])(?<=\bA[.)] [A-Z][^\n]{2,120} [-–] )/g, ', '],
  // "Format = JPEG".
  [/ = (?<=^[ \t]*(?:• )?[A-Z][A-Za-z ]{2,20} = )(?=\S)/gm, ': '],
  // "Format - JPEG", "4. Size. 1920 x 1080".
  [
    new RegExp(`^([ \\t]*(?:(?:[-*•]|\\d{1,2}[.)]) )?${PROPERTY})(?: [-–—] |\\. (?=[A-Z\\d]))(?=\\S)`, 'gim'),
    '$1: ',
  ],
  // "Deadline" over "12 May 2027".
  [
    new RegExp(`^(${PROPERTY})[ \\t]*\\n(?=[A-Za-z\\d][^\\n:]{2,58}$)(?![^\\n]*(?: {2,}|\\t|\\|))`, 'gim'),
    '$1: ',
  ],
  [
    /^([A-Z][A-Za-z’' -]{2,35})[ \t]*\n(?=(?:(?:[A-Z][a-z]+day|Mon|Tues?|Wed|Thu(?:rs?)?|Fri|Sat|Sun),? )?(?:(?:the )?\d{1,2}(?:st|nd|rd|th)? (?:of )?[A-Z][a-z]{2,8}\b|[A-Z][a-z]{2,8} \d{1,2},? 20\d\d\b|\d{1,2}[./-] ?\d{1,2}[./-] ?20\d\d|20\d\d-\d\d)(?![^\n]*(?:\d|noon|midnight|[ap]\.?m\.?|UTC|GMT|CES?T|BST)\)?(?: [-–]|:) [A-Za-z])[^\n]*$)/gm,
    '$1: ',
  ],
  // "We prefer: sRGB; the profile embedded": one wish with many things.
  [
    /;(?<=^[^\n:.;]{0,24}\b(?:prefer|recommend(?:ed)?|suggest|advise|ideally|preferably|preferred)\b[^\n:.;]{0,16}(?::| =|\t| {3}| \|)[^\n.]{0,300};)/gim,
    ',',
  ],
  // What stands in brackets below a name explains it.
  [/(?<=\.(?:jpe?g|tiff?|png))[ \t]{0,20}\n[ \t]{0,20}(?=\([^()\n]{6,100}\)\.?[ \t]*$)/gim, ' '],
  // "Table 1. What to upload".
  [/^[ \t]*Table \d{1,2}[.:–-][ \t]+(?=[A-Z])/gm, ''],
  // "§ 4", "Rule 4:", "Art. 4 -".
  [
    /^([ \t]*)(?:§|(?:Rule|Article|Art\.?|Clause|Paragraph|Para\.?|Point|RULE|ARTICLE|ART\.?|CLAUSE)(?= ))[ \t]*(\d+(?:\.\d+)*)(?:[.):]|[ \t]+[-–—](?=[ \t]))?(?=[ \t]+\S)/gm,
    '$1$2.',
  ],
];

/** A name and its value in a table of two columns: "Format | JPEG". */
const PAIRED = /^([ \t]*[A-Z][^|\t\n:]{1,30}?)[ ]?(?:\||\t+)[ ]?(?=[^|\t\n]+$)/gm;

/** "| Format | JPEG |" below "|---|---|". */
const FRAMED: readonly Rule[] = [
  [/^[ \t]*\|[ \t]*:?-{2,}:?[ \t]*\|[ \t]*:?-{2,}:?[ \t]*\|[ \t]*$/gm, ''],
  [/^[ \t]*\|[ \t]*(?=[A-Z][^|\t\n:]{1,34}\|[^|\n]+\|[ \t]*$)/gm, ''],
  [/ {0,40}\| {0,40}(?<=^[ \t]*\|[ \t]*[A-Z][^|\t\n:]{1,34}\| *)(?=[^|\n]+\|[ \t]*$)/gm, ': '],
  [/ {0,40}\|[ \t]{0,40}$(?<=^[ \t]*\|[ \t]*[A-Z][^|\t\n:]{1,34}\|[^|\n]+\|[ \t]*)/gm, ''],
];

/** "Nature | 4", "Travel | 4": sections with their limits, and not what is asked of files. */
const COUNTED = /^[^|\t\n]+(?:\||\t)[ \t]*\d{1,2}[ \t]*$/gm;
const OF_FILES =
  /\b(?:images?|pictures?|photo\w*|entries|works|files?|number|max\w*|depth|bits?|quality|per)\b/i;

/** "Bits per channel      8": set apart by spaces alone. */
const SPACED =
  /^([ \t]*(?=[A-Z])(?:[^ |\t\n:]| (?! )){0,20}\b(?:formats?|types?|size|dimensions?|resolution|space|profile|mode|weight|quality|names?|naming|deadline|closing|closes|date|metadata|exif|gps|author|text|marks?|borders?|frames?|watermarks?|ratio|shape|depth|channel|side|edge|width|height|orientation|colou?r(?= {2,}(?:s?rgb|adobe|cmyk)))\b(?:[^ |\t\n:]| (?! )){0,20}) {2,}(?=\S(?:[^ \n]| (?! ))*$)/gim;
const THREE_CELLS = /\S {2,}\S(?:[^ \n]| (?! ))* {2,}\S/;

/** The marks between the cells of tables of two columns; a table of three or more is read by its columns. */
/** Pieces that a line is cut into where it stands for a list. */
const FEWEST_OF_LINE = 4;

export function pairedCells(text: string): Edit[] {
  const piped = text.split('\n').filter(line => line.includes('|'));
  // A leaflet's one line: "JPEG sRGB | max 2 MB | 4 per section | closing 5 September".
  if (piped.length === 1 && (piped[0]?.split(' | ').length ?? 0) >= FEWEST_OF_LINE)
    return editsOf(text, [[/ \| /g, '\n']], []);
  const isWide = text.split('\n').some(line => line.split(/\||\t+/).filter(cell => cell.trim()).length > 2);
  const counted = [...text.matchAll(COUNTED)].filter(([row]) => !OF_FILES.test(row));
  const paired = isWide || counted.length > 1 ? [] : editsOf(text, [[PAIRED, '$1: '], ...FRAMED], []);
  return [...paired, ...(THREE_CELLS.test(text) ? [] : editsOf(text, [[SPACED, '$1: ']], []))];
}

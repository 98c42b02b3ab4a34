import { inPlainWording } from './plain/plain-wording.ts';

/** What a text calls itself, and who asks, for the title of its sheet. */

/** Lines that a mail program puts over a mail. */
const MAIL_HEAD = /^(?:from|to|cc|bcc|date|sent|reply-to)\s*:/i;
const SUBJECT = /^subject\s*:\s*(?:(?:re|fwd?|aw|wg)\s*:\s*)*/i;
const GREETING =
  /^(?:hi|hiya|hello|hey|dear|evening|morning|afternoon|good (?:morning|evening|day)|to all)\b.{0,30}$/i;
/** What people join to hold exhibitions and competitions. */
const BODY =
  '(?:Camera Club|Club|Society|Circle|Federation|Union|Association|Alliance|Trust|Gallery|Museum|Board|Academy|College|University|Committee|Commission|Council|Foundation|Institute|School|Library|Archive|Collective|Group|League|Centre|Service|Office|Press|Review|Journal)';
/** Words that stand in a name: those with a capital, and small ones between them. */
const NAME = "(?:(?:[A-Z\\d][\\w’'.-]*|of|the|and|for|in|&) ){0,7}";
const ORGANISER = new RegExp(
  `(?<![\\w-])(?<name>(?:THE |The )?${NAME}${BODY}(?: (?:of|for|in) (?:the )?[A-Z][\\w’'-]*(?:(?: and)? [A-Z][\\w’'-]*)*)?)\\b`,
);
const SHOUTED = new RegExp(
  ORGANISER.source.replaceAll(BODY, BODY.toUpperCase()).replaceAll('(?:of|for|in)', '(?:OF|FOR|IN)'),
);
/** Lines at the top in which the organiser may be named. */
const TOP = 4;
const LONGEST = 80;
/** "Format: JPEG", "Format | JPEG": a rule already. */
const RULE = /^[^:|]{2,30}(?:: | \| )/;
/** "Up to 3 images per member.": the rules begin, and nothing is called so. */
const A_SENTENCE = /[.!?;,]$|(?<!^(?:[A-Za-z]+ )?\d{1,2})[.!?] [A-Z]/;

/** The subject of a mail, or the first line that says something beside who asks. */
export function titleOf(text: string): string {
  const lines = writtenLines(text);
  const subject = lines.find(line => SUBJECT.test(line))?.replace(SUBJECT, '');
  const own = lines.filter(line => !MAIL_HEAD.test(line) && !GREETING.test(line));
  // "QUILLBROOK CAMERA CLUB" over "Competition Rules 2026/27 (as adopted in June)".
  const below = own[1]?.replace(/\s*\([^()]*\)$/, '') ?? '';
  const second = below === '' || RULE.test(below) || A_SENTENCE.test(below) ? undefined : below;
  const title = own[0] === organiserOf(text) ? (second ?? own[0]) : own[0];
  return (subject ?? title ?? lines[0] ?? '').slice(0, LONGEST).trim();
}

/** The club, society or other body that the first lines name; undefined where none is told by its name. */
export function organiserOf(text: string): string | undefined {
  // "Web      Archive" heads a table.
  for (const row of rowsOf(text).slice(0, TOP)) {
    if (COLUMNS.test(row)) continue;
    const line = row.replace(/\s+/g, ' ');
    const name = (SHOUTED.exec(line) ?? ORGANISER.exec(line))?.groups?.['name']?.trim();
    if (name !== undefined && name.includes(' ') && name.length <= LONGEST) return name;
  }
  return undefined;
}

const COLUMNS = /\S(?: {3,}|\t| \| )\S/;

const writtenLines = (text: string) => rowsOf(text).map(row => row.replace(/\s+/g, ' '));

/** The lines that hold words, as they are written but without the marks of a quoted mail. */
function rowsOf(text: string): string[] {
  const worded = inPlainWording(text.slice(0, 4000));
  let start = 0;
  return worded.text.split('\n').flatMap(line => {
    const [from, to] = worded.given(start, start + line.length);
    start += line.length + 1;
    const written = text.slice(from, to).trim();
    return /\p{L}/u.test(written) ? [written] : [];
  });
}

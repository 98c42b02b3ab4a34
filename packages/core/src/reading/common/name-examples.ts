import { everywhere, oneOf, patterns } from './word-lists.ts';
/** Names of files that a text shows, cut out of the sentences round them. */

/** One name, with words of its sentence before it. */
const EXAMPLE =
  /(?<![\w/@])(?<name>(?:(?:[[<{][\w ’']{2,24}[\]>}][ _.+-]{0,3}){1,6}|[A-Za-z]{2,12}[_-](?:[[<{][\w ’']{2,24}[\]>}][_.+-]?){1,4}|(?:(?!e\.g|i\.e)[A-Z0-9À-ɏ][\wÀ-ɏ’']{0,20}\.(?!(?:jpe?g|tiff?|png)\b)(?=\w)){1,3}|[A-Z0-9À-ɏ])[\wÀ-ɏ’'#+-]*(?:[ ]?(?:\([\wÀ-ɏ ’']+\)|\[\w*\d\]))?(?:[ ](?:[-–] )?[\wÀ-ɏ’'#+-]+(?:[ ]?(?:\([\wÀ-ɏ ’']+\)|\[\w*\d\]))?){0,7}\.(?:jpe?g|tiff?|png))\b/i;
const EVERY_EXAMPLE = new RegExp(EXAMPLE, 'gi');
/** Without one of these there is no name, and no need to look at every letter for the beginning of one. */
const ENDING = /\.(?:jpe?g|tiff?|png)\b/i;

/** The names of files that a text shows, each with words of its sentence before it; see `trimExample`. */
export const namesIn = (text: string): RegExpExecArray[] =>
  ENDING.test(text) ? [...text.matchAll(EVERY_EXAMPLE)] : [];

export const showsName = (text: string): boolean => ENDING.test(text) && EXAMPLE.test(text);

/** A text with something else in place of every name that it shows. */
export const replaceNames = (text: string, instead: (shown: string) => string): string =>
  ENDING.test(text) ? text.replace(EVERY_EXAMPLE, instead) : text;

/** Words that lead up to an example and are no part of it. */
const LEAD = new RegExp(
  `^${oneOf`
    sends? | gives? | makes? | call | calls | called | them | each | it | its | name | named | names | titled
    file | files | filename | be | becomes? | as | is | are | e\.?g\.? | i\.?e\.? | ie | eg | example | instance
    like | so | then | use | using | would | will | images? | pictures? | photos? | your | thus | jpeg | jpg
    say | number | plates | figures | runs?
  `}$`,
  'i',
);
/** Words that lead up to an example as well, but stand inside titles too. */
const SMALL = /^(?:for|the|a|an|to|with|and|or|of|from|in|on|at|title)$/i;

/** Words that stand for one part of a name. */
const TIED = everywhere(patterns`
  \b(?:title|name) of (?:the )?(?:image|picture|photo|work|print|author|artist|photographer)(?![a-z])
  ^(?:artist|author|maker|photographer|member|full|first|last|family)['’]?s? name(?= - )
  (?<=^|\bfiles? )(?:site|club|member|membership|student|matriculation|candidate|entry|catalogue|exhibit|award|stand|sample|inventory|accession|negative|image|picture|photo|file|object|find|lot) (?:number|code|name|title)(?=[_-])
  (?<=[_-])(?:image|picture|photo|file|entry|running) number(?=[_-])
  \b(?:last|first|family|full) name(?=_)
  ^number (?:title|surname|name)(?=\.)
  (?<= [-–] )your (?:sur|first |last |family )?name(?=\.)
`);

/** Takes off the words of the sentence that the pattern swallowed before the name itself begins. */
export function trimExample(written: string, isSentenceStart = false): string {
  // "12a.jpg up to 12h.jpg".
  const name = written.replace(/^up to (?=\S+\.\w+$)/, '');
  // "Title of Image" is one word of a name.
  const tied = name.replace(TIED, m => m.replace(/ /g, TIE));
  // "9.3 title_authorcode.jpg": the number is that of the rule.
  if (isSentenceStart && /^\d{1,2}\.\d{1,2} [a-z]/.test(name)) return trimExample(name.replace(/^\S+ /, ''));
  // "sequence - 3F07.jpg": the dash belongs to the sentence.
  const dashed =
    /^(?:[a-z]+ [-–] (?<name>[A-Z\d][^ ]*)|(?:.* your (?:[a-z]+ ){1,3}|(?:[a-z]+ ){2,})[-–] (?<behind>[A-Z\d].*))$/.exec(
      tied,
    )?.groups;
  const behind = dashed?.['name'] ?? dashed?.['behind'];
  if (behind) return behind.replaceAll(TIE, ' ');
  const words = tied.split(' ');
  // "Nature - Stoat - Will Parr": the verb is written small.
  const isLead = (word: string, i: number) =>
    LEAD.test(word) &&
    word !== 'Will' &&
    !/^[-–]$/.test(words[i + 1] ?? '') &&
    (i > 0 ||
      /^[a-z]/.test(word) ||
      words.length > 2 ||
      /[_-]/.test(words.at(-1) ?? '') ||
      /^Use \d+\./.test(tied));
  let start = 0;
  // "from club 117 is A117_03": whatever stands before the last such word is the sentence's.
  for (let i = 0; i < words.length - 1; i++) if (isLead(words[i] ?? '', i)) start = i + 1;
  const isOwnArticle = isSentenceStart && start === 0 && !/^[A-Z]/.test(words[1] ?? '');
  // "The Old Ferry.jpg" begins with its article; the sentence's own one stands in front of other words.
  const isOfSentence = (word: string) =>
    SMALL.test(word) && (isOwnArticle || /^[a-z]/.test(word) || /^title$/i.test(word));
  while (
    start < words.length - 1 &&
    isOfSentence(words[start] ?? '') &&
    !/^(?:by|[-–])$/.test(words[start + 1] ?? '')
  )
    start += 1;
  // "the title and GHX-07-Morning on the Slip": parts that are joined begin the name, words before them do not.
  const joined = words.findIndex((word, i) => i >= start && /[A-Za-z\d][_-][A-Za-z\d]/.test(word));
  const isTitleFirst =
    joined > start && words.slice(start, joined).every(w => /^[A-Z\d–-]/.test(w) || SMALL.test(w));
  if (joined > start && !isTitleFirst) start = joined;
  return words.slice(start).join(' ').replaceAll(TIE, ' ');
}

const TIE = '\u00a0';

/** "E.g. 112 - Frosted Reeds", "joined by hyphens: 1932-Staithe-01": a name without its ending, at the end of a clause. */
const WITHOUT_ENDING =
  /(?:(?:\(|\bi\.e\. )(?=[A-Z\d][\w’']*[_-]0?1,)|\b(?:e\.g\.?|eg|for example|for instance|example|such as|thus|as in|like(?: this| so)?)[:,]? |: )["“']?(?<name>[A-Z\d][\w’']*(?:(?: - |[_-]| )[\w’']+){0,6}?(?: - |[_-])(?:[\w’']+(?: - |[_-]| ))*[\w’']+)["”']?(?=\s*(?:[;)]|\.?$|\. [A-Z]|, \w+[_-]0?2\b))/i;

/** "Your surname and a number. Cohen1, Cohen2." */
const IN_A_ROW = /\b(?<name>(?<stem>[A-Za-z][a-z]{2,20} ?)0?1)(?=,? (?:and )?\k<stem>0?2\b)/;

/** A name that a sentence shows without its ending, with its place. */
export function exampleWithoutEnding(text: string): { name: string; at: number } | undefined {
  const match = WITHOUT_ENDING.exec(text) ?? IN_A_ROW.exec(text);
  const name = match?.groups?.['name'];
  if (!match || name === undefined) return undefined;
  return { name, at: match.index + match[0].lastIndexOf(name) };
}

/** A text with blanks for the names of files that it shows; the words that lead up to one stay. */
export function withoutNames(text: string): string {
  return replaceNames(text, shown => {
    const name = trimExample(shown);
    return shown.slice(0, shown.length - name.length) + ' '.repeat(name.length);
  });
}

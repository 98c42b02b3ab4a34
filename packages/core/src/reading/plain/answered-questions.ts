import { capital } from './clause-meaning.ts';
import type { Edit } from './reword.ts';
import { NUMBER_WORDS } from '../common/quantities.ts';
import { oneOf } from '../common/word-lists.ts';

/**
 * Questions that are answered with yes or no, made the statements that they come to: "Can I add a border? No." becomes
 * "You must not add a border."
 */

const NO = oneOf`
  no, sorry | no,? never | no, please | (?:no, )?please (?:do not|don['’]t) | no | never | sorry, no | sorry | (?:certainly|definitely) not | (?:i am |we are |i['’]m )?afraid not
  # "No spaces, please": the words go on.
  (?=no (?!problem|objection|need|limit|more|less|matter|idea|rule|one\b)[a-z])
`;
const YES = oneOf`
  # "Please take it out": the words go on.
  (?=please (?!do not|don['’]t)[a-z]+ (?:it|them)\b)
  yes, please | yes, (?:you (?:may|can|must)|please do) | yes | of course | certainly | sure | by all means | absolutely | you (?:may|can) | (?:yes, )?(?:that|it|this) is (?:fine|all right|ok(?:ay)?) | please do
`;
/** An answer, with the words between it and what goes on behind it. */
const ANSWER = new RegExp(
  `^(?:A[:.]\\s*)?(?:(?<no>${NO})|(?<yes>${YES}))(?<mark>[,.;:!]+|\\s+[–-]|\\s*$|(?=no |please [a-z]+ (?:it|them)))\\s*`,
  'i',
);

const WE = '(?:I|we|one|you|entrants|members|authors)';
const FILE =
  '(?:my|the|a|an|your|our) (?:[a-z]+ )?(?:file ?names?|pictures?|images?|photos?|photographs?|files?|entry|entries|works?|border|frame|name of the file)';
const ALLOWED =
  '(?:allowed|permitted|accepted|acceptable|all right|ok(?:ay)?|possible|fine|welcome|tolerated)';

/** A question, and what it comes to with yes and with no. */
const ASKED: readonly (readonly [question: RegExp, yes: string, no: string])[] = (
  [
    [
      `(?:are|is) (?<what>[^?]{2,60}?) ${ALLOWED}(?<where> [^?]{2,40})?`,
      '$what are allowed$where',
      '$what are not allowed$where',
    ],
    // "Can I send five? No, three.": what is asked about says nothing of what is.
    [
      `(?:can|may|could) (?:I|we|one) (?<what>(?:send|enter|submit|upload) (?:\\d{1,2}|${Object.keys(NUMBER_WORDS).join('|')})(?: (?:pictures|images|photos|photographs|files|works))?)`,
      'You may $what',
      'You need not',
    ],
    [
      `(?:can|may|could|am|are|is it) (?:${WE} )?(?:${ALLOWED} to )?(?<what>(?!my\\b|the\\b|an?\\b|there\\b|your\\b|our\\b|it\\b)[a-z][^?]{2,80})`,
      'You may $what',
      'You must not $what',
    ],
    [`should ${WE} (?<what>[^?]{2,80})`, 'Please $what', 'Please do not $what'],
    [
      `(?:do ${WE} (?:have|need) to|must ${WE}|need ${WE}) (?<what>[^?]{2,80})`,
      'Please $what',
      // What need not be is not asked, whatever it is.
      'You need not',
    ],
    [`do you (?<do>accept|take|allow) (?<what>[^?]{2,60})`, 'We $do $what', 'We do not accept $what'],
    [
      `(?:can|may|could) (?<who>it|they|${FILE}) (?<what>[^?]{2,60})`,
      '$who may $what',
      '$who must not $what',
    ],
    [
      `(?:does|do|must|should|need) (?<who>it|they|${FILE}) (?:have to |need to )?(?<what>[^?]{2,60})`,
      '$who must $what',
      '$who need not',
    ],
  ] as const
).map(([question, yes, no]) => [new RegExp(`^(?:and |but |so )?${question}\\?$`, 'i'), yes, no]);

/** Characters of the longest question. */
const LONGEST = 110;

const QUESTION =
  /(?<=^|[.!?\n]|[\])*:] |\b\d{1,2}[.)] |^[ \t]*[-•] )[ \t]*(?:[-•*] |\d{1,2}[.)] )?(?:Q[.:)][ \t]*)?\*{0,2}(?<asked>[A-Z][^.?!\n]{6,110}\?)\*{0,2}(?<gap>\s{0,3}(?:[–-] )?)/gm;

/** The questions with the words that answer them; looked at before the lines of a text are joined. */
export function answeredQuestions(text: string): Edit[] {
  return [...text.matchAll(QUESTION)].flatMap(match => {
    const { asked = '' } = match.groups ?? {};
    const to = match.index + match[0].length;
    const answer = ANSWER.exec(text.slice(to, to + 60).split('\n')[0] ?? '');
    // "No, but we recommend it": what it speaks of has to stay beside it.
    if (!answer || asked.length > LONGEST || /^but\b/i.test(text.slice(to + answer[0].length))) return [];
    const plain = statement(asked, answer.groups?.['yes'] !== undefined);
    if (plain === undefined) return [];
    const from = match.index + match[0].indexOf(asked);
    const rest = to + answer[0].length;
    const next = text.slice(rest, rest + 1);
    return [
      // The way back from the statement leads to the question with its answer.
      { from, to: rest, plain: `${plain}. ` },
      { from: rest, to: rest + next.length, plain: next.toUpperCase() },
    ];
  });
}

/** What a list of checks asks, and what is to be done. */
const CHECKS: readonly (readonly [question: RegExp, demand: string])[] = (
  [
    [
      '(?:have|did) you (?:already )?(?:taken|take) (?<what>[^?]{2,60}) (?:off|out of|from) (?<where>[^?]{2,40})',
      'Remove $what from $where',
    ],
    [
      '(?:have|did) you (?:already )?(?<do>removed?|deleted?|saved?|convert(?:ed)?|resized?|named?|embed(?:ded)?|reduced?)\\b(?<what>[^?]{2,60})',
      'Please $do$what',
    ],
    [`(?:is|are) there no (?<what>[^?]{2,60})`, 'There must be no $what'],
    [
      `(?:is|are) (?<who>it|they|${FILE}|(?:the|its|your) [\\w -]{2,24}?) (?<what>(?:an?|in|no|not|under|below|over|at|exactly|without|free|absent|smaller|larger|less|more|removed|embedded|named|saved|square|s?rgb|adobe|jpe?g|png|tiff|\\d)\\b[^?]{0,60})`,
      '$who must be $what',
    ],
    [
      `(?:has|have|does|do) (?<who>it|they|${FILE}|(?:the|its|your) [\\w -]{2,24}?) (?:have )?(?<what>(?:an?|no|at|exactly|up|less|fewer|more|\\d)\\b[^?]{0,60})`,
      '$who must have $what',
    ],
    [
      '(?<what>no [^?]{2,60}|(?!(?:what|which|how|when|where|who|why|can|may|do|does|is|are|should|must|will|have|has)\\b)[^?]{2,40} \\d[^?]{0,30}|(?:saved|converted|embedded|named|resized) [^?]{2,60}|[^?]{2,40} (?:removed|embedded|deleted))',
      '$what',
    ],
  ] as const
).map(([question, demand]) => [new RegExp(`^(?:and )?${question}\\?$`, 'i'), demand]);

/** "Is it a JPEG? Have you removed the border?": checks that nobody answers, two and more in a row. */
export function checksAsked(text: string): Edit[] {
  const asked = [...text.matchAll(CHECK)].map(match => {
    const question = match.groups?.['asked'] ?? '';
    const from = match.index + match[0].indexOf(question);
    return { question, from, to: from + question.length };
  });
  return asked.flatMap(({ question, from, to }, i) => {
    const isNext = (a: number, b: number) =>
      /^[\s•☐□▢✓*[\]\d.)-]{0,10}$/.test(text.slice(a, b)) && !/\n\s*\n/.test(text.slice(a, b));
    const [before, next] = [asked[i - 1], asked[i + 1]];
    const isLast = /^[ \t]*(?:\n|$)/.test(text.slice(to));
    const inRow = (next && isNext(to, next.from)) || (before && isNext(before.to, from) && isLast);
    const demand = inRow ? demandOf(question) : undefined;
    return demand === undefined ? [] : [{ from, to, plain: `${demand}.` }];
  });
}

const CHECK = /(?<asked>\b[A-Z](?:[^.?!\n:]|(?<=\d)\.(?=\d)){6,90}\?)/g;

function demandOf(asked: string): string | undefined {
  for (const [question, demand] of CHECKS) {
    const groups = question.exec(asked)?.groups;
    if (!groups) continue;
    const told = demand.replace(/\$(\w+)/g, (_, name: string) => groups[name] ?? '');
    const said = told
      .replace(
        /^Please (removed|deleted|saved|converted|resized|named|reduced)\b/,
        (_, done: string) => `Please ${done.replace(/^converted$/, 'convert').replace(/d$/, '')}`,
      )
      .replace(/^Please embedded\b/, 'Please embed');
    return capital(said);
  }
  return undefined;
}

function statement(asked: string, isYes: boolean): string | undefined {
  for (const [question, yes, no] of ASKED) {
    const groups = question.exec(asked)?.groups;
    if (!groups) continue;
    const told = (isYes ? yes : no).replace(/\$(\w+)/g, (_, name: string) => groups[name] ?? '');
    const said = told.replace(/^(?:it|they)\b/i, 'The picture').replace(/\bmy\b/g, 'your');
    return capital(said);
  }
  return undefined;
}

import type { Edit } from './reword.ts';
import { oneOf } from './word-lists.ts';

/**
 * Questions that are answered with yes or no, made the statements that they come to: "Can I add a border? No." becomes
 * "You must not add a border."
 */

const NO = oneOf`
  no | never | sorry | sorry, no | no, sorry | no,? never | no, please | (?:no, )?please (?:do not|don['’]t) | (?:certainly|definitely) not | (?:i am |we are |i['’]m )?afraid not
  # "No spaces, please": the words go on.
  (?=no (?!problem|objection|need|limit|more|less|matter|idea|rule|one\b)[a-z])
`;
const YES = oneOf`
  # "Please take it out": the words go on.
  (?=please (?!do not|don['’]t)[a-z]+ (?:it|them)\b)
  yes | yes, please | of course | certainly | sure | by all means | absolutely | you (?:may|can) | (?:yes, )?(?:that|it|this) is (?:fine|all right|ok(?:ay)?) | please do | yes, (?:you (?:may|can|must)|please do)
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
    [
      `(?:can|may|could|am|are|is it) (?:${WE} )?(?:${ALLOWED} to )?(?<what>(?!my\\b|the\\b|an?\\b|there\\b|your\\b|our\\b|it\\b)[a-z][^?]{2,80})`,
      'You may $what',
      'You must not $what',
    ],
    [`should ${WE} (?<what>[^?]{2,80})`, 'Please $what', 'Please do not $what'],
    [
      `(?:do ${WE} (?:have|need) to|must ${WE}|need ${WE}) (?<what>[^?]{2,80})`,
      'Please $what',
      'You need not $what',
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
      '$who need not $what',
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
      { from, to: from + asked.length, plain: `${plain}.` },
      { from: to, to: rest + next.length, plain: next.toUpperCase() },
    ];
  });
}

function statement(asked: string, isYes: boolean): string | undefined {
  for (const [question, yes, no] of ASKED) {
    const groups = question.exec(asked)?.groups;
    if (!groups) continue;
    const told = (isYes ? yes : no).replace(/\$(\w+)/g, (_, name: string) => groups[name] ?? '');
    const said = told.replace(/^(?:it|they)\b/i, 'The picture').replace(/\bmy\b/g, 'your');
    return said.slice(0, 1).toUpperCase() + said.slice(1);
  }
  return undefined;
}

import type { Edit } from './reword.ts';

/** What a clause says of a file that is turned down, and the demand that it means. */

/** What a clause speaks of. */
export const SUBJECT =
  '(?:it|they|there|(?:the|your|its|their|an?|any|one) [\\w’ -]{2,32}?|(?:files?|images?|pictures?|photos?|entries|borders?|frames?|watermarks?|text|names?|gps data|location data))';
const MEANS: readonly (readonly [clause: RegExp, demand: string])[] = [
  ['there (?:is|are) (?:an? |any |some )?(?=\\w)', 'there must be no '],
  [
    `(${SUBJECT})(?<=\\b(?:fields?|profile|exif|iptc|metadata|data)) (?:is|are) (?=(?:missing|empty|blank)\\b)`,
    '$1 must not be ',
  ],
  [`(${SUBJECT}) (?:stands?|appears?) (?:still )?(?=in the )`, '$1 must not be '],
  [
    `(${SUBJECT}) (?:is|are)(?: not|n['’]t) (?=(?:an? |in |of |saved |sized |at least |square\\b|exactly |jpe?g|png|tiff?|s?rgb|adobe|\\d|the )[^,;]*)`,
    '$1 must be ',
  ],
  [
    `(${SUBJECT}) (?:is|are) (?:still )?(?!not\\b|n['’]t|unclear|missing|refus|reject|return|accept|sent\\b|turned)(?=\\w)`,
    '$1 must not be ',
  ],
  [
    `(${SUBJECT}) (?:has|have) been (?=(?:added|enlarged|put|placed|printed|written|upscaled|included|embedded|framed|signed)\\b)`,
    '$1 must not be ',
  ],
  [`(${SUBJECT}) (?:has|have) (?:still )?(?=gps\\b|location\\b)`, '$1 must not contain '],
  [`(${SUBJECT}) (?:has|have) (?:got )?(?!not\\b|been\\b|no\\b)(?=\\w)`, '$1 must not have '],
  ...[
    'contain',
    'carr(?:ie|y)',
    'show',
    'bear',
    'use',
    'exceed',
    'weigh',
    'include',
    'reveal',
    'display',
  ].map(verb => [`(${SUBJECT}) (${verb})s? (?=\\w)`, '$1 must not $2 '] as const),
].map(([clause, demand]) => [new RegExp(`^(?:if |when |where )?${clause}`, 'i'), demand]);
/** What parts one clause from the next. */
export const BETWEEN = /(?:[,;]|,? (?:or|and)\b)(?: (?:or|and))?(?: (?:if|when|where))? (?=[a-z])/gi;

/** A clause that goes on about what the one before spoke of: "or is longer than 20 characters". */
const GOES_ON = /^(?:is|are|has|have|contains?|shows?|exceeds?|weighs?) /i;

/**
 * The demand in the place of the words that say what is amiss; nothing where a clause says no such thing.
 *
 * @param at its place in the text
 * @param subject what the clause before spoke of
 */
export function meant(clause: string, at: number, subject?: string): Edit[] {
  const isOpen = subject !== undefined && GOES_ON.test(clause);
  const whole = isOpen ? `${subject} ${clause}` : clause;
  for (const [words, demand] of MEANS) {
    const match = words.exec(whole);
    if (!match) continue;
    const plain = demand
      .replace(/\$(\d)/g, (_, n: string) => (match[Number(n)] ?? '').replace(/^carrie$/i, 'carry'))
      .replace(/^(?:its|their) name(?= must)/i, 'the file name');
    const to = at + match[0].length - (whole.length - clause.length);
    // "It is under 50 KB or over 4 MB", "under 900 pixels wide or under 1200 pixels high".
    const others = [
      ...clause.matchAll(
        /\bor (?=(?:(?:less|fewer|smaller|more|larger|bigger) than|under|below|over|above)\b)/gi,
      ),
    ];
    return [
      { from: at, to, plain },
      ...others.map(({ index }) => ({ from: at + index, to: at + index + 3, plain: 'or not ' })),
    ];
  }
  return [];
}

/**
 * A full stop for what parts two clauses, in two pieces: the way back from the end of the one clause leads to the place
 * before the words between them.
 */
export const stopBetween = (from: number, to: number): Edit[] => [
  { from, to: from, plain: '.' },
  { from, to, plain: ' ' },
];

/** Words with a capital in front, as a sentence begins. */
export const capital = (words: string) => words.slice(0, 1).toUpperCase() + words.slice(1);

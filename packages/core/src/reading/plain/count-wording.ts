import { rule, type Rule } from './reword.ts';

/** What organisers say of the number of pictures by what becomes of one more. */

const THING = '(?:picture|image|photo|photograph|work|print|entry|file)';
const N = '(two|three|four|five|six|seven|eight|nine|ten|twelve|\\d{1,2})';
const IS_LOST =
  '[^.;]{0,40}\\b(?:struck|rest|out|ignored|back|los(?:e|es)|disqualified|first|only|not|nothing|none|removed|deleted|dropped)\\b[^.;]*';

/** "A fifth picture" is one more than four. */
const ONE_MORE = [
  ['second', 'one'],
  ['third', 'two'],
  ['fourth', 'three'],
  ['fifth', 'four'],
  ['sixth', 'five'],
  ['seventh', 'six'],
] as const;

export const COUNT_WORDING: readonly Rule[] = [
  // "6, in any mix of the galleries Land, Water and Sky".
  [
    /,? in any (?:mix|mixture|combination|split) of the (?=(?:sections|categories|classes|galleries|themes|groups)\b)/gi,
    ' in total, spread over the ',
  ],
  // "10 (Licentiate), 15 (Associate) or 20 (Fellow) images".
  [
    /\b(\d{1,2}) \([A-Za-z ]{3,20}\)(?:, \d{1,2} \([A-Za-z ]{3,20}\))*,? or (\d{1,2}) \([A-Za-z ]{3,20}\) (?=(?:images|pictures|photos|photographs|prints|works|files)\b)/g,
    '$1 to $2 ',
  ],
  // "A fifth picture will not be looked at."
  ...ONE_MORE.map(([next, most]) =>
    rule(
      `\\ba ${next} ${THING} (?:is|will be|will|can|gets?|would be) ?(?:not\\b|ignored|removed|returned|disqualified|deleted)[^.;]*`,
      `at most ${most} pictures per person`,
    ),
  ),
  // "Anybody sending more than three will have the rest struck out."
  rule(
    `\\b(?:anybody|anyone|whoever|those|members|entrants)(?: who)? (?:sen[dt]s?|sending|enters?|entering|submits?|submitting|brings?|bringing) more than ${N}(?: ${THING}s?)?(?=,? )${IS_LOST}`,
    'at most $1 pictures per person',
  ),
  // "At most five pictures of one roost."
  rule(
    `\\b((?:at most|up to|no more than|not more than|max(?:imum)?\\.?) ${N} ${THING}s?) of (?:one|each|any one|every) (?=[a-z]+(?:[.;,]|$))`,
    '$1 per ',
  ),
  // "Should you send more than three, we take the first three."
  rule(
    `\\b(?:should you|if you) (?:send|enter|submit|bring|upload) more than ${N}(?: ${THING}s?)?,${IS_LOST}`,
    'at most $1 pictures per person',
  ),
  [
    /\b(?:one, two or|one or two or) (three|four)(?= (?:pictures|images|photos|photographs|works|prints|files)\b)/gi,
    'up to $1',
  ],
  rule(
    `\\b(?:choose|pick|select) your best ${N}(?: ${THING}s?)?(?=,? and (?:send|submit|bring|upload))`,
    'choose up to $1 pictures',
  ),
  rule(`\\bentry is complete with (?=${N} ${THING}s?\\b)`, 'entry consists of '),
  // "The split:  Open 6   Monochrome 2   Nature 2".
  rule(
    `\\b(?:the |our )?(?:split|make-up|breakdown)(?: is)?: *(?=[A-Z][a-z]+ ?[:=–-]? *\\d{1,2}(?: {2,}|, ))`,
    'sections: ',
  ),
  rule(`(?<=\\b[A-Z][a-z]+ \\d{1,2}) {3,}(?=[A-Z][a-z]+ \\d{1,2}(?: {3,}|[.;]|$))`, ', '),
  // "Two images per round, six rounds in all."
  [
    /(?<=\b(?:per|each|every) (?:of the [a-z]+ )?(?:round|month|match|meeting|evening)s?), (?:with )?(?:two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|eighteen|twenty|\d{1,2})(?: (?:rounds|months|matches|meetings|evenings))? (?:in all|altogether|in total)(?=[.;,)]|$)/gim,
    '',
  ],
  // "Send up to six to the webmaster."
  rule(
    `\\b(send|upload|submit|e-?mail|mail|hand|give|bring) ((?:up to|as many as|at most|no more than) ${N}) to (?=(?:the|our) [a-z]|me\\b|us\\b|[A-Z][a-z]+\\b)`,
    '$1 $2 pictures to ',
  ),
  // "One picture each; two if you must."
  rule(
    `\\bone ${THING}(?= (?:each|apiece|per [a-z]+|of each)?)((?: (?:each|apiece|per [a-z]+))?)[;,:] ${N} (?:if you must|at a pinch|if you cannot decide|if you can['’]t decide|at (?:the )?(?:very )?most)`,
    'at most $2 pictures$1',
  ),
  // "Four pictures in each of the two sections, Open and Nature, but you needn't fill them."
  [/,? but you (?:need ?n['’]t|need not|do ?n['’]t have to|do not have to) [^.;,\n]{3,60}/gi, ''],
  // "Submit eight to twelve so that we have a choice."
  rule(
    `\\b(submit|send|upload) (?:(?:${N.slice(1, -1)}) (?:to|or) )${N}(?= (?:so that|so we|to choose|for us to))`,
    '$1 up to $2 pictures',
  ),
  // "Ten to each of the parts:", "there are two parts, four images in each:".
  [/\b(?:each of (?:the|these) (?:[a-z]+ )?)parts(?=:[ \t]*\n)/gi, 'each of the sections'],
  rule(`\\bthere are ${N} parts(?=[,:])`, 'there are $1 sections'),
  // "Three each in Sections B (Nature) and C (Monochrome)".
  rule(
    ` and (?<=\\b${N}(?: ${THING}s?)? each in (?:section|categorie|classe)s [A-Z]{1,2} \\([^()\\n]{3,30}\\) and )(?=[A-Z]{1,2} \\([^()\\n]{3,30}\\))`,
    ' and $1 in Section ',
  ),
  [
    / each in (?:section|categorie|classe)s (?=[A-Z]{1,2} \([^()\n]{3,30}\) and [A-Z]{1,2} \()/gi,
    ' in Section ',
  ],
  // "Part 2: ten images of recent work."
  rule(
    `(?<=^(?:part|step|item|file|upload) [\\dA-Z][:.] )(?=${N} (?:recent )?(?:images|pictures|photographs|photos|works)\\b)`,
    'send ',
  ),
  // "HOW MANY 2" as a line.
  [/^([ \t]*(?:[-*•] )?how many) (?=\d{1,2}[.;]?[ \t]*$)/gim, '$1: '],
  // "Round A (open subject) and Round B (set subject)".
  [/\b[Rr]ound ([A-Z]) (?=\([a-z][a-z ]{2,24}\))/g, 'Section $1 '],
  [/\b(two|three|four) rounds(?=: Round [A-Z] \([a-z])/gi, '$1 sections'],
  // "Every club: 12 images. 4 landscapes, 4 people, 4 free."
  rule(
    `\\b(every|each) (club|team)(?: sends| brings)?: (\\d{1,2}|[a-z]+) (images|pictures|photographs|photos)\\. (?=\\d{1,2} [a-z]+, \\d{1,2} [a-z]+)`,
    '$1 $2: $3 $4: ',
  ),
  // "Two subjects, Harbour and Hills".
  rule(`\\b(two|three|four|five|six) subjects(?=[,:] [A-Z])`, '$1 themes'),
  [/\b(\d{1,2}) ?x per (?=person|member|entrant|author)/gi, 'up to $1 pictures per '],
  // "One entry per club = 10 images".
  [/\bone entry per club (?:=|means|is|consists of) (?=\d)/gi, 'each club sends '],
  rule(`\\bthere (?:must|should|may) be no more than (?=${N} of (?:them|these))`, 'send no more than '),
  rule(`\\b(team|panel) of ${N}(?=:)`, '$1 of $2 pictures'),
  // "The number of entries goes down from four to three."
  rule(
    `\\b(?:the )?(?:number|limit|maximum) of (${THING}s?|entries)((?: per| for each)? [a-z]+)? (?:goes|is going|has gone|went|rises|has been|is|will be|drops|has risen|has dropped)(?: (?:up|down|raised|lowered|increased|reduced|cut))?(?: from ${N})? to (?=${N}(?=\\W|$))`,
    'number of $1$2: at most ',
  ),
  // "Four and not a picture more."
  rule(`^${N} and not (?:a(?:nother)?|one) (?:single )?${THING} more\\b`, 'at most $1 pictures per person'),
];

import { PERSON } from '../common/counts.ts';
import { A_FORMAT, A_MEASURE, isOfProperty, ITEM_MARK, labelOf, OF_TEXT } from '../common/kind-words.ts';
import type { Group } from '../common/group.ts';
import { UNTOLD } from '../common/picture-nouns.ts';
import type { Segment } from '../common/segments.ts';
import { phrases } from '../common/word-lists.ts';
import { areApart, aspectsOf, factsOf } from './split-by-conflict.ts';
import { FOR_ALL } from './split-headings.ts';
import { besides } from './split-sentences.ts';

/**
 * Kinds of file under whatever names a text has for them, where no usual word tells them: two sentences that begin
 * with names of their own, and what is said of the one cannot be said of the other. "Covers are upright. The page is
 * 2551 x 3307 pixels. Inside pictures should have 1800 pixels on their short side."
 */

const WORD =
  "(?!(?:of|for|in|on|with|and|or|as|at|to|by|if|so|when|since|where|that|which|is|are|be|can|may|must|should|will|has|have|need|needs)\\b)[a-z][a-z’'-]+";
const NAME = `(?<what>${WORD}(?: ${WORD}){0,2})`;
const THE = '(?:(?:the|your|our|each|every|an?|its) )';
const VERB =
  '(?:is|are|can|may|must|should|shall|will|has|have|needs?|measures?|wants?|uses?|shows?|takes?|gets?|asks? for|prints?|displays?|requires?|goes|go|appears?)\\b';
const WE =
  '(?:we|i|you|they|your|please|it|pictures|images|use|send|upload|make|an?|the|one|two|three|four|five|six)\\b';
const NAMED_BY = [
  `^(?:and |but )?all (?:of )?(?:the )?(?<what>others?)\\b`,
  // "For the poster we need …", "on the website your picture appears at …", "for the leaflet 2000 px".
  `^(?:and |but |then )?(?:for|on|in) ${THE}${NAME}(?=,? ${WE}|,? \\d|:)`,
  // "Inside pictures should have …", "the magazine uses …".
  `^(?:and |but |then |while )?${THE}?${NAME}(?: (?:on|in|at|along|outside|by) (?:the|our|your) [a-z]+)?(?= ${VERB})`,
  // "Production photos (Finn only) in colour, landscape, at least 3000 pixels wide".
  `^${THE}?${NAME}(?=(?: \\([^()]*\\))? in (?:portrait|landscape|upright|colou?r|black|monochrome)\\b)`,
  // "Team pictures: …", "your face, as a JPEG …".
  `^(?:and )?${THE}?${NAME}(?=: | [–—-] | \\(|,? as an? )`,
  // "To print it we need …", "to show it online we need …".
  `^(?:and |but )?to (?:show|see|use|display|put) (?:it|them) (?:on the |in the |on |in )?(?<what>${WORD})(?=,? (?:we|i|you)\\b)`,
  `^(?:and |but )?to (?<what>print|exhibit|project|hang|archive|publish)(?: (?:it|them))?(?=,? (?:we|i|you)\\b)`,
  // "Once as a JPEG for the jury, once as a TIFF for the printer".
  `^(?:and )?once (?:as|in|with|at)\\b[^,;]{0,60}? for ${THE}(?<use>[a-z]+)(?=$|[.,;])`,
].map(pattern => new RegExp(pattern, 'i'));

/** What begins a sentence and names no kind of file. */
const NO_NAME = phrases`
  it | they | this | that | these | those | there | we | you | i | he | she | who | what | how | where | why | here
  neither | either | both | all | none | nothing | everything | anything | anyone | everyone | nobody | one
  landscapes? | uprights? | horizontals? | verticals? | portrait | squares? | panoram\w* | colou?rs? | mono\w* | page | pages | screens? | printers? | printing | projectors? | monitors?
  ${PERSON} | stallholders? | entry | entries | entering | submissions?
  judges? | jury | jurors? | selectors? | organisers? | committee | prizes? | fees? | winners? | results? | judging | exhibition | competition
  deadline | closing | titles? | captions? | names? | filenames? | e-?mails? | zip | metadata | exif | borders? | frames? | watermarks?
  boards? | sheets? | mounts? | paper | mail | labs?
  maximum | minimum | larger | smaller | please | note | question | answer | step
`;

/** "Boards are 50 x 40 cm" asks for no file. */
const OF_FILES = /\d ?(?:px|pixels?|[km]i?b|ppi|dpi)\b|\d{3,} ?[x×] ?\d{3,}(?! ?[mc]m)/i;
/** "The first picture must be landscape. All the others …" */
const IS_FIRST = /^first (?:picture|image|photo)$/;
const MOST_KINDS = 4;

/** @returns undefined where fewer than two names are told of, or what is said of them may be said of one file */
export function splitNamed(sentences: readonly Segment[]): Group[] | undefined {
  const segments = sentences.flatMap(clausesOf);
  if (segments.filter(s => A_MEASURE.test(s.text)).length < 2) return undefined;
  const names = namesOf(segments);
  const kinds = [...new Set(names.flatMap(name => name ?? []))].flatMap(name => {
    const own = segments.filter((_, i) => names[i] === name);
    const facts = factsOf(own);
    return own.some(s => isOfFile(s.text)) && (facts.has('size') || facts.size >= 2)
      ? [{ name, own, facts }]
      : [];
  });
  if (kinds.length < 2 || kinds.length > MOST_KINDS) return undefined;
  const isApart = kinds.every((a, i) => kinds.slice(i + 1).every(b => areApart(a.facts, b.facts, true)));
  if (!isApart) return undefined;
  const taken = new Set(kinds.flatMap(k => k.own));
  const labels = kinds.map(k => labelOf(`${k.name} file`) ?? k.name);
  return [
    { label: undefined, segments: segments.filter(s => !taken.has(s)) },
    ...kinds.map(({ name, own }, i) => ({
      label: labels.indexOf(labels[i] ?? '') === labels.lastIndexOf(labels[i] ?? '') ? labels[i] : name,
      segments: own,
    })),
  ];
}

/** What may stand between two clauses that each have a name. */
const JOINT = /[;,] (?:and |but |while )?|: (?=once (?:as|in|with|at)\b)/g;
/** What says something of a file. */
const isOfFile = (text: string) => A_FORMAT.test(text) || OF_FILES.test(text);

/** "…, for the leaflet 2000 px are enough": a sentence cut where another name comes, each piece with a measure. */
function clausesOf(segment: Segment): Segment[] {
  const { text } = segment;
  const joint = [...text.matchAll(JOINT)].find(({ index, 0: mark }) => {
    const rest = text.slice(index + mark.length);
    const leadsUp = mark === ': ' || isOfFile(text.slice(0, index));
    return leadsUp && isOfFile(rest) && nameOf(rest) !== undefined;
  });
  if (!joint || (joint[0] !== ': ' && nameOf(text) === undefined)) return [segment];
  const cut = joint.index + joint[0].length;
  return [
    { ...segment, text: text.slice(0, joint.index) },
    ...clausesOf({ ...segment, start: segment.start + cut, text: text.slice(cut) }),
  ];
}

/** The name under which each sentence stands: its own, or that of the sentence before it on the same line. */
function namesOf(segments: readonly Segment[]): (string | undefined)[] {
  let current: string | undefined;
  return segments.map((segment, i) => {
    const before = segments[i - 1];
    const own = nameOf(segment.text.replace(ITEM_MARK, ''));
    if (own !== undefined) return (current = own);
    const isApart = before !== undefined && segment.line - before.line > 0;
    const isSaid = aspectsOf(segment).size > 0 || A_FORMAT.test(segment.text);
    if (isApart || FOR_ALL.test(segment.text)) current = undefined;
    return isSaid ? current : undefined;
  });
}

function nameOf(text: string): string | undefined {
  if (FOR_ALL.test(text) && !/^all (?:of )?(?:the )?others?\b/i.test(text)) return undefined;
  for (const pattern of NAMED_BY) {
    const { use, what = use } = pattern.exec(text)?.groups ?? {};
    const name = what?.toLowerCase();
    if (name === undefined) continue;
    const isNone = NO_NAME.test(name) || (UNTOLD.test(name) && !IS_FIRST.test(name));
    if (use === undefined && (isNone || OF_TEXT.test(name) || isOfProperty(name))) return undefined;
    return singular(name.replace(/(?<!^first) (?:pictures?|images?|photos?|files?|versions?)$/, ''));
  }
  return undefined;
}

const singular = (noun: string) => noun.replace(/ies$/, 'y').replace(/s$/, '');

/** What may be asked for beside the pictures that a text is about. */
const THING =
  /\b(?:an?|one|your|the) (?:[a-z-]+ ){0,2}?(?<what>contact sheet|head ?shot|portrait(?= of\b|[,:.]| \(| too\b| ready\b| as well\b| with\b)|thumbnail|(?:hanging|layout|seating|site|floor) plan|banner|logo|preview|avatar|cover(?: (?:picture|image|photo))?|group photo|selfie)\b|\b(?<views>installation views|detail views|close-ups)\b/i;
/** "It must be …" behind it. */
const GOES_ON = /^(?:it|they|its|this|these)\b/i;

/**
 * "A contact sheet of all of them, JPEG, 3000 px wide, has to be included": one thing beside what a text is about.
 * @returns undefined where no such thing has a size of its own
 */
export function splitBeside(segments: readonly Segment[]): Group[] | undefined {
  const at = segments.findIndex(s => THING.test(s.text) && isOfFile(s.text) && factsOf([s]).has('size'));
  const { what, views = what } = THING.exec(segments[at]?.text ?? '')?.groups ?? {};
  if (views === undefined) return undefined;
  const isOwn = (s: Segment | undefined, i: number) =>
    i === at || (i === at + 1 && s?.line === segments[at]?.line && GOES_ON.test(s?.text ?? ''));
  const own = segments.filter(isOwn);
  const others = segments.filter((s, i) => !isOwn(s, i));
  const facts = factsOf(others);
  if (!facts.has('size') || !areApart(facts, factsOf(own), true)) return undefined;
  return besides(others, { label: labelOf(views) ?? views.toLowerCase(), segments: own });
}

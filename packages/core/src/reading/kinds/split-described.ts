import { isOfProperty, labelOf } from '../common/kind-words.ts';
import type { Group } from '../common/group.ts';
import type { Segment } from '../common/segments.ts';
import { areApart, factsOf } from './split-by-conflict.ts';
import { FOR_ALL } from './split-headings.ts';
import { oneOf, phrases } from '../common/word-lists.ts';

/**
 * Kinds of file told by a noun of any sort with a description of its own behind it: "a family photo for the wall chart
 * (JPEG, at least 1800 pixels wide)", "desktop 2560 x 600 px, phone 800 x 800 px", "The master is a TIFF at 600 ppi".
 */

const ARTICLE = '(?:(?:the|your|their|its|an?|one|every|each) )';
const WORD = "[a-z][a-z’'-]+";
/** What may stand in front of a noun. */
const BEFORE = oneOf`
  ^ | [.;] | [,:] (?:and |plus |but )? | \band(?: \([^()]{1,20}\))? | \bplus | \bas well as
  \b(?:send|supply|upload|provide|submit|need|require|want|ask for|bring|deliver)s?(?: us| me)?
`;
/** "A family photo for the wall chart (", "desktop 2560", "single pages are". */
const NOUN = new RegExp(
  `(?<=${BEFORE} ?)(?:${ARTICLE}(?<long>${WORD}(?: ${WORD}){0,6}?)(?= ?\\(| ?: | (?:is|are|must|should|has|have|may|can|needs?|measures?)\\b|,? \\d| (?:up to|at (?:most|least)|no (?:more|larger) than|under|of|with) \\d)|(?<use>(?:pictures|images|photos|photographs|files|those) for (?:an? )?${WORD}(?: ${WORD}){0,2}?)(?=(?: (?:is|are|must be|should be|must have|should have|need)\\b|:)[^.;]{0,24}\\d)|(?<listed>${WORD}(?: ${WORD}){1,5}?)(?= ?\\(\\D{0,24}\\d)|(?<short>${WORD}(?: (?:pages?|plates?|pictures?|images?|photos?|files?|versions?|banners?|copy|copies|scans?|shots?))?)(?= ?\\(\\D{0,24}\\d| ?: |,? \\d{2}| (?:is|are|must be|should be|has|have|measure)\\b[^.;]{0,24}\\d))`,
  'gi',
);
/** What makes pictures those of one sort. */
const ONE_SORT = 'opening|further|first|other|main|cover|inside|family|extra|passport|group|portrait|team';
/** Nouns that name no kind of file: files as such, their properties, screens and rooms, people, money and papers. */
const NO_KIND = phrases`
  (?:images?|pictures?|photos?)(?<!\b(?:${ONE_SORT}|[a-z]+-style) (?:images?|pictures?|photos?))
  photographs? | entr(?:y|ies)
  works?(?<!(?:sample|further) works?) | jpe?gs? | tiffs? | pngs? | s?rgb | landscapes? | upright | horizontal
  vertical | square | panoramas? | colou?r | mono\w* | members? | entrants? | exhibitors? | applicants? | artists? | photographers? | authors? | clubs? | projectors?
  monitors? | telly | tv | cameras? | laptops? | computers? | servers? | rooms? | walls? | mounts? | frames?
  fees? | prizes? | tickets? | captions? | statements? | biograph\w* | texts? | titles? | pdfs? | videos? | rounds?
  deadline | closing | e-?mails? | zip | total | and | or | not | no | up | about | least | most | than | only
  between | from | exactly | old | new | now | it | they | this | that | these | those | there | we | you | which
  printers? | labs? | the same | but | so | thus | then | under | over | below | within | at | with | plus | also | too | if | when | like | boards?
  panels? | sheets? | paper | mail | limit | minimum | maximum | longest | shortest | long | short | original | actual | resulting | finished | above
`;
/** "DPIs must be submitted" is a sentence and no noun. */
const A_VERB = /\b(?:must|should|shall|may|can|is|are|has|have|will)\b/i;
const ASKED =
  /^(?:please )?(?:send|upload|supply|submit|provide|bring|deliver|add)(?: (?:us|me|in))?(?: (?:an?|the|your|one))? /;
const A_PICTURE = /^(?:one|images?|pictures?|photos?|photographs?)$/;
const SHOWN = / of (?:the |your )?(?<what>[a-z][a-z-]+(?: [a-z]+)?)$/;
/** What goes on about the file of the sentence before. */
const GOES_ON = /^(?:it|its|they|their)\b/i;
const OF_ALL =
  /,? (?:both|all|each|everything)(?: of (?:them|these))? (?:at|in|as|with|plus|up to|must|should|are)\b/i;
const MOST_KINDS = 4;

const MEASURED = /\d ?(?:px|pixels?|mm|cm|ppi|dpi|[km]b)\b|\d ?[x×] ?\d/i;

interface Clause extends Segment {
  kind: string | undefined;
}

/** @returns undefined where fewer than two nouns have a description, or the descriptions may be of one file */
export function splitDescribed(segments: readonly Segment[]): Group[] | undefined {
  // Looked at first, since the pattern for nouns begins at every word.
  if (!segments.some(s => MEASURED.test(s.text))) return undefined;
  let last: string | undefined;
  const clauses = segments.flatMap(segment => {
    const own = clausesOf(segment);
    if (own.length === 1 && own[0]?.kind === undefined && last !== undefined && GOES_ON.test(segment.text))
      return [{ ...segment, kind: last }];
    last = own.at(-1)?.kind;
    return own;
  });
  const described = [...new Set(clauses.flatMap(c => c.kind ?? []))].flatMap(kind => {
    const own = clauses.filter(c => c.kind === kind);
    const facts = factsOf(own);
    return facts.has('size') || facts.size >= 2 ? [{ kind, own, facts }] : [];
  });
  if (described.length < 2 || described.length > MOST_KINDS) return undefined;
  const isApart = described.every((a, i) =>
    described.slice(i + 1).every(b => areApart(a.facts, b.facts, true)),
  );
  if (!isApart || !described.some(d => d.facts.has('size'))) return undefined;
  const kinds = described.map(d => d.kind);
  // "Single portraits (600 x 800 pixels) …; a portrait may have up to 500 KB."
  const kindOf = ({ kind }: Clause) => kinds.find(k => k === kind) ?? onlyOf(kinds, kind);
  return [
    { label: undefined, segments: clauses.filter(c => kindOf(c) === undefined) },
    ...kinds.map(kind => ({
      label: labelFor(kind, kinds),
      segments: clauses.filter(c => kindOf(c) === kind) as Segment[],
    })),
  ];
}

/** The one kind whose noun this is, in the plural or not. */
function onlyOf(kinds: readonly string[], called: string | undefined): string | undefined {
  const nounOf = (kind: string) => (kind.split(' ').at(-1) ?? kind).replace(/s$/, '');
  const same = called === undefined ? [] : kinds.filter(kind => nounOf(kind) === nounOf(called));
  return same.length === 1 ? same[0] : undefined;
}

/** The usual word for a kind, where it is the only one of that word. */
function labelFor(kind: string, kinds: readonly string[]): string {
  const usual = labelOf(kind);
  return usual !== undefined && kinds.filter(k => labelOf(k) === usual).length === 1 ? usual : kind;
}

/** A sentence cut where a noun with a description begins. */
function clausesOf(segment: Segment): Clause[] {
  const { text } = segment;
  if (FOR_ALL.test(text)) return [{ ...segment, kind: undefined }];
  const starts = [...text.matchAll(NOUN)].flatMap(({ index, groups }) => {
    const kind = (groups?.['long'] ?? groups?.['use'] ?? groups?.['listed'] ?? groups?.['short'] ?? '')
      .toLowerCase()
      // "Send us an action shot (…)" asks for an action shot.
      .replace(ASKED, '');
    // "A family photo for the wall chart" is a family photo; "one picture of the whole" shows the whole.
    const [head = kind] = kind.split(/ (?:of|for|from|in|on|with|by|to|at) /);
    const shown =
      groups?.['use']?.replace(/^\S+ for (?:the |our |your |an? )?/i, '') ??
      SHOWN.exec(kind)?.groups?.['what'];
    const noun = (A_PICTURE.test(head) || groups?.['use']) && shown !== undefined ? shown : head;
    return NO_KIND.test(noun) || A_VERB.test(kind) || isOfProperty(noun) ? [] : [{ from: index, kind: noun }];
  });
  const [first] = starts;
  if (!first) return [{ ...segment, kind: undefined }];
  const lead = { ...segment, text: text.slice(0, first.from), kind: undefined };
  return [
    ...(first.from > 0 ? [lead] : []),
    ...starts.flatMap(({ from, kind }, i) => {
      const own = text.slice(from, starts[i + 1]?.from);
      // "…, double pages 420 x 280 mm, both at 300 ppi": what is said of all of them at the end.
      const cut = OF_ALL.exec(own)?.index ?? own.length;
      const start = segment.start + from;
      const ends = { ...segment, kind: undefined, start: start + cut, text: own.slice(cut) };
      return [{ ...segment, kind, start, text: own.slice(0, cut) }, ...(ends.text ? [ends] : [])];
    }),
  ];
}

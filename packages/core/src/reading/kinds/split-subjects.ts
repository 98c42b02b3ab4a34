import { A_FORMAT, A_MEASURE, labelOf } from '../common/kind-words.ts';
import { areApart, factsOf } from './split-by-conflict.ts';
import { FOR_ALL } from './split-headings.ts';
import type { Segment } from '../common/segments.ts';
import type { Group } from '../common/group.ts';

/**
 * Kinds of file that the clauses of running sentences speak of in turn: "The large file must have 3000 pixels on the
 * long side, the small one 800 pixels. The large file must not exceed 10 MB, the small one 500 KB."
 */

/** What tells two files of one picture apart. */
const CONTRAST =
  'large|larger|big|bigger|small|smaller|main|mobile|desktop|first|second|other|web|print|printing|screen|preview|jury|judging|catalogue|exhibition|cover|press|archive|high[- ]res(?:olution)?|low[- ]res(?:olution)?|hi-res|lo-res|full|full-size|whole|reduced';
/** What needs no article in front: "Low-resolution JPEGs are enough for a first look. Full-size files …" */
const BARE =
  'main|web|print|screen|preview|jury|judging|catalogue|exhibition|cover|press|archive|high[- ]res(?:olution)?|low[- ]res(?:olution)?|hi-res|lo-res|full-size|first-look|selection|projection|printer|website|book|master|final(?: print)?';
/** "One for print, one for the website". */
const USE =
  'print(?:ing|er)?|web(?: ?site)?|screen|wall|projection|selection|preview|catalogue|jury|judging|press|archive|exhibition|book|cover|inside|newsletter';
/** Nouns that name a kind of file by themselves. */
const KIND =
  'signature|thumb(?:nail| impression|print)|banner|cover|logo|avatar|portrait|panorama|preview|detail|head ?shot|photograph|photo|(?:student|identity|id) card|declaration';
const THING = 'files?|versions?|images?|pictures?|photos?|photographs?|copy|copies|one|scans?|jpe?gs?|tiffs?';
const ARTICLE = '(?:(?:the|your|this|an?|one|its) )';
const SUBJECT = new RegExp(
  `(?:^|[.;] )(?:size|version|file|image|format) (?<code>[A-Z]|\\d)(?: \\([a-z ]+\\))?:|(?:^|[.;] )(?<bare>${BARE}) (?:files|versions|images|pictures|photos|jpe?gs|tiffs|scans|copies)(?= (?:are|must|should|may|can|need|have|as|of|in|with)\\b|:)|(?:^|[,;:.] )(?<told>headshot|portrait|signature|thumbnail|banner|logo)(?= \\d)|(?:^|[,;.] (?:and )?)(?:pictures|images|photos|files|those|ones|(?:the |a |one )?(?:file|version|copy)) for (?:the |our |your )?(?<those>${USE})(?= (?:should|must|are|is|has|have|needs?|may|can|\\d))|\\b(?:one|an? (?:version|file|copy|jpe?g|tiff)) for (?:the |our |your )?(?<use>${USE})(?= ?[(:,]| with\\b| of\\b| in\\b| \\d)|(?:^|[,;.] )for (?:all )?the (?<others>others)\\b|(?:^|[,;.] (?:and )?)for (?:the |our )(?<place>posters?|postcards?|flyers?|${USE})(?=,? (?:we need |please send |send |it must be |an? )?\\d)|\\b(?<rest>the other)(?= (?:\\d|is|must|has))|(?:^|[,;:] (?:and |but |while |plus )?|\\band |\\bplus |\\bas well as |\\b(?:send|supply|upload|provide|submit|need|require|want|ask for|asks for|make|scan|resize|crop)(?: us| me)? (?:also )?)(?:for )?${ARTICLE}(?:(?:scanned|digital|accompanying|left|right|passport|passport[- ](?:size|style)|specimen|recent|(?:applicant|candidate)['’]s) )?(?:(?<contrast>${CONTRAST}) (?<thing>${THING})|(?<kind>${KIND}))\\b(?!-|['’]s\\b| (?:club|section|form|page|name|title|field|must (?:not )?be (?:taken|recent)))(?! (?:${THING})\\b)`,
  'gi',
);

interface Clause extends Segment {
  /** What it speaks of; nothing where it names no kind of file. */
  kind: string | undefined;
}

/** @returns undefined where fewer than two kinds are spoken of, or nothing tells them apart */
export function splitSubjects(segments: readonly Segment[]): Group[] | undefined {
  const clauses = withWhatGoesOn(segments.map(clausesOf));
  const kinds = [...new Set(clauses.flatMap(c => c.kind ?? []))];
  if (kinds.length < 2 || kinds.length > 4) return undefined;
  const groups = kinds.map(kind => {
    const own = clauses.filter(c => c.kind === kind);
    return { label: kind, segments: own as Segment[], facts: factsOf(own) };
  });
  // Every one of them has to be described, and no two alike.
  const areApartAll = groups.every((a, i) =>
    groups.slice(i + 1).every(b => areApart(a.facts, b.facts, true)),
  );
  const isMeasured = (g: (typeof groups)[number]) =>
    g.facts.has('ppi') || g.segments.some(s => A_MEASURE.test(s.text));
  if (!areApartAll || !groups.every(isMeasured)) return undefined;
  return [
    { label: undefined, segments: clauses.filter(c => c.kind === undefined) },
    ...groups.map(({ label, segments: own }) => ({
      label: labelOf(`${label} file`) ?? label,
      segments: own,
    })),
  ];
}

/** "The signature must be a JPG. Its size must be 10 to 20 KB." */
const GOES_ON = /^(?:(?:its?|they) |the (?:size|weight|dimensions) of the (?:file|image)\b|the file size\b)/i;

/** Clauses of all sentences; one that goes on about the only file of the sentence before is of that kind. */
function withWhatGoesOn(sentences: readonly Clause[][]): Clause[] {
  let last: string | undefined;
  return sentences.flatMap(clauses => {
    const [only] = clauses;
    const goesOn = clauses.length === 1 && only && only.kind === undefined && GOES_ON.test(only.text);
    const told = goesOn && last !== undefined ? [{ ...only, kind: last }] : clauses;
    const kinds = told.flatMap(c => c.kind ?? []);
    last = kinds.length === 1 ? kinds[0] : undefined;
    return told;
  });
}

const A_VERB = /\b(?:must|should|is|are|has|have|measures?|may|can|needs?|will)\b/i;

/** "…, the small one 500 KB": the words before say of what that is a limit; their figures and formats are another file's. */
const withoutFigures = (lead: string) =>
  lead.replace(/\d|\b(?:jpe?g|png|tiff?|webp)s?\b|\b[a-z]*rgb\b/gi, words => ' '.repeat(words.length));

/** A sentence cut where another kind of file becomes its subject. */
function clausesOf(segment: Segment): Clause[] {
  const { text } = segment;
  if (FOR_ALL.test(text) || !(A_MEASURE.test(text) || A_FORMAT.test(text)))
    return [{ ...segment, kind: undefined }];
  const starts = [...text.matchAll(SUBJECT)].map(({ index, 0: written, groups }) => ({
    at: index + (written.length - written.replace(/^[,;:]?\s*/, '').length),
    kind: (
      groups?.['contrast'] ??
      groups?.['bare'] ??
      groups?.['told'] ??
      groups?.['rest'] ??
      groups?.['others'] ??
      groups?.['use'] ??
      groups?.['place'] ??
      groups?.['those'] ??
      groups?.['kind'] ??
      groups?.['code'] ??
      ''
    ).toLowerCase(),
  }));
  const [first] = starts;
  if (!first) return [{ ...segment, kind: undefined }];
  const lead = text.slice(0, first.at);
  // What stands before the first subject leads up to it.
  const isLead = !(A_MEASURE.test(lead) || A_FORMAT.test(lead));
  const clauses = starts.map(({ at, kind }, i) => {
    const from = i === 0 && isLead ? 0 : at;
    const own = text.slice(from, starts[i + 1]?.at);
    // "A web file (JPEG, under 500 KB) and a press file (TIFF, 300 ppi)" says the whole of each in brackets.
    if (i > 0 && !A_VERB.test(own) && !/^[^,;:(]{0,40}[(:]|\d\D+\d[^.]*\b(?:[km]b|px|pixels)\b/i.test(own))
      return { ...segment, kind, text: withoutFigures(text.slice(0, from)) + own };
    return { ...segment, kind, start: segment.start + from, text: own };
  });
  return isLead ? clauses : [{ ...segment, text: lead, kind: undefined }, ...clauses];
}

import { COUNT, readCount } from './quantities.ts';
import type { Found } from './found.ts';
import type { ReadSection } from './reading.ts';
import type { Segment } from './segments.ts';

/** Sections with their codes and limits, and how many entries there may be in all. */

const THINGS =
  '(?:(?:framed|digital|projected|colou?r|mono(?:chrome)?|printed|finished|unmounted|mounted|final|different|separate|individual|single|original|recent|new|still) ){0,2}(?:images?|pictures?|photo(?:graph)?s?|entries|entry|works?|pieces?|prints?|files?|slides|submissions?|artworks?|plates?|portraits?|paintings?|shots|frames|panels?|pdis?|dpis?)';
const LIMIT_TAIL = new RegExp(
  `^[\\s:–—,-]*\\(?(?:limit(?:ed to)?|up to|max(?:imum)?\\.?(?: of)?|not more than|no more than|at most)?\\s*(${COUNT})\\s*(?:${THINGS})?(?: each| per (?:member|author|entrant|person)| max(?:imum)?)?\\)?[.,;]?$`,
  'i',
);
const CODED =
  /^(?:[-*•–·]\s*)?(?:\(?\d{1,2}[.)]\s+)?(?:section\s+)?(?<label>[A-Z][A-Za-z&/’' -]{1,38}?)\s*[([](?<code>[A-Z][A-Z0-9]{0,4})[)\]](?<tail>.*)$/;
const LEADING_CODE =
  /^(?:[-*•–·]\s*)?(?:(?:section|class|category)\s+)?(?:(?<number>\d{3})\s{2,}|(?<=(?:section|class|category)\s+)(?<classed>\d{1,3})[\s:.–-]+|(?<letters>[A-Z]{1,3}\d?)\s*(?:[:.)=–—-]\s*|\s{2,}))(?<label>[A-Z][A-Za-z&/’' -]{2,38}?)(?<tail>(?:\s{2,}|\s*[:(–—,-]\s*|\s+)(?:limit |up to |max(?:imum)?\.? (?:of )?|not more than |no more than |at most )?(?:\d{1,2}|one|two|three|four|five|six|eight|ten)\b.*|)$/;
const LIMITED = new RegExp(
  `^(?:[-*•–·]\\s*)?(?<label>[A-Z][A-Za-z&/’' -]{2,38}?)\\s*(?:\\(|[:–—-]\\s*|\\s{2,})(?<tail>(?:limit |up to |max(?:imum)?\\.? (?:of )?|not more than |no more than |at most )?(?:${COUNT})\\s*(?:${THINGS})?(?: each| max(?:imum)?)?\\)?)[.,;]?$`,
);
const NOT_SECTION =
  /^(?:max|min|jpe?g|size|file|width|height|format|resolution|colou?r space|bits|longest|shortest|fee|tel|phone|quality|entries|images|number|pictures|works|limit|weight|ratio|dpi|ppi|version|round|closing|dead-?line|page|cost|prizes?|tickets?|members?|non-?members?)\b/i;

export interface ReadSections {
  sections: ReadSection[];
  found: Found[];
}

export function readSections(segments: readonly Segment[]): ReadSections {
  const listed = readListed(segments);
  if (listed.sections.length >= 2) return withEach(listed, segments);
  const bulleted = readBulleted(segments);
  if (bulleted) return withEach(bulleted, segments);
  return readInline(segments);
}

/** Names alone, one to a line, under a heading that says what they are. */
function readBulleted(segments: readonly Segment[]): ReadSections | undefined {
  const head = segments.findIndex(s =>
    /^(?:[\w.)]{1,4}\s+)?(?:the )?(?:sections|classes|categories)\s*:?$/i.test(s.text),
  );
  if (head < 0) return undefined;
  const names: { segment: Segment; label: string }[] = [];
  for (const segment of segments.slice(head + 1)) {
    const label = /^(?:[-+*•–·]|\(?[a-z\d]{1,2}[.)])\s*(?<label>[A-Z][A-Za-z&’' -]{1,38}?)[.,;]?$/.exec(
      segment.text,
    )?.groups?.['label'];
    if (!label || NOT_SECTION.test(label)) break;
    names.push({ segment, label });
  }
  if (names.length < 2) return undefined;
  return {
    sections: names.map(({ label }) => ({ code: null, label, limit: null })),
    found: names.map(({ segment, label }) => ({
      field: 'sections',
      value: label,
      start: segment.start,
      end: segment.start + segment.text.length,
      advice: false,
    })),
  };
}

/** A limit that stands once for all sections of a list that gives none. */
function withEach(listed: ReadSections, segments: readonly Segment[]): ReadSections {
  if (listed.sections.some(s => s.limit !== null)) return listed;
  const each = segments
    .filter(s => /\b(?:each|every|per|any(?: one)?) (?:section|class|category)\b/i.test(s.text))
    .map(s => eachOf(s.text))
    .find(n => n !== undefined);
  if (each === undefined) return listed;
  return { ...listed, sections: listed.sections.map(s => ({ ...s, limit: readCount(each) })) };
}

function readListed(segments: readonly Segment[]): ReadSections {
  const rows: { section: ReadSection; segment: Segment; index: number }[] = [];
  segments.forEach((segment, index) => {
    const line = segment.text;
    if (line.length > 110) return;
    const match = CODED.exec(line) ?? LEADING_CODE.exec(line) ?? LIMITED.exec(line);
    if (!match?.groups) return;
    const { label = '', tail = '' } = match.groups;
    const code =
      match.groups['code'] ?? match.groups['letters'] ?? match.groups['number'] ?? match.groups['classed'];
    const name = label
      .trim()
      .replace(/^section\s+/i, '')
      .replace(/[\s:–—-]+$/, '');
    if (
      NOT_SECTION.test(name) ||
      /\b(?:px|pixels|mb|kb|ppi|dpi|bit|jpe?g|tiff?|s?rgb|yes|no)\b/i.test(line) ||
      /[£€$]|crowns/i.test(line)
    )
      return;
    const limit = LIMIT_TAIL.exec(tail.trim())?.[1];
    if (!code && !limit) return;
    if (code && tail.trim() && !limit && !/^[:–—,.;-]/.test(tail.trim())) return;
    rows.push({
      section: { code: code ?? null, label: name, limit: limit ? readCount(limit) : null },
      segment,
      index,
    });
  });
  // A list is a run of neighbours; one row alone is not a list.
  const run = rows.filter(
    (row, i) =>
      Math.abs((rows[i - 1]?.index ?? -9) - row.index) <= 2 ||
      Math.abs((rows[i + 1]?.index ?? -9) - row.index) <= 2,
  );
  const sections = run.map(r => r.section);
  return {
    sections: run.length >= 2 ? sections : [],
    found: run.map(r => ({
      field: 'sections',
      value: r.section,
      start: r.segment.start,
      end: r.segment.start + r.segment.text.length,
      advice: false,
    })),
  };
}

const INLINE_CODED = /\b([A-Z][A-Za-z&’' -]{1,30}?)\s*[([]([A-Z][A-Z0-9]{0,3})[)\]]/g;
const EACH = new RegExp(
  `\\b(?:up to|max(?:imum)?(?: of)?|no more than|not more than|at most|limit(?:ed to)?|limit of)?\\s*(${COUNT})(?:\\s*\\(\\d+\\))?\\s*(?:${THINGS})?\\s*(?:(?:per|a|from each) (?:member|author|entrant|person|photographer) )?(?:(?:(?:may|can) be (?:entered|sent|submitted) )?(?:in|for|per|to) (?:each|every|any(?: one)?)(?: section| class| category)?|per (?:section|class|category)|each\\b|a section|in any one section)`,
  'i',
);

/** "In each section up to four photographs." */
const EACH_FIRST = new RegExp(
  `\\b(?:in|for) (?:each|every|any)(?: one)? (?:section|class|category)\\b[^.;\\d]{0,30}?\\b(${COUNT})\\s*${THINGS}`,
  'i',
);
const eachOf = (text: string) => EACH.exec(text)?.[1] ?? EACH_FIRST.exec(text)?.[1];

const INLINE_LETTERED = new RegExp(
  `(?<![\\w])\\(?([A-Z])[).:]\\s*([A-Z][A-Za-z&’' -]{1,30}?)\\s*(?:[-–—:]|\\()\\s*(?:max\\.? |up to )?(${COUNT})\\s*${THINGS}`,
  'g',
);

function readInline(segments: readonly Segment[]): ReadSections {
  for (const segment of segments) {
    const lettered = [...segment.text.matchAll(INLINE_LETTERED)];
    if (lettered.length < 2) continue;
    const sections = lettered.map(m => ({
      code: m[1] ?? null,
      label: (m[2] ?? '').trim(),
      limit: readCount(m[3] ?? ''),
    }));
    return {
      sections,
      found: [
        {
          field: 'sections',
          value: sections,
          start: segment.start,
          end: segment.start + segment.text.length,
          advice: false,
        },
      ],
    };
  }
  const bracketed = readBracketed(segments);
  if (bracketed) return bracketed;
  const named = readNamed(segments) ?? readOfEach(segments);
  if (named) return named;
  for (const segment of segments) {
    if (!/\b(?:sections?|class(?:es)?|categor(?:y|ies))\b/i.test(segment.text)) continue;
    const coded = [...segment.text.matchAll(INLINE_CODED)];
    if (coded.length < 2) continue;
    const around = segments
      .slice(segments.indexOf(segment), segments.indexOf(segment) + 3)
      .map(s => s.text)
      .join(' ');
    const each = eachOf(around);
    const sections = coded.map(m => ({
      code: m[2] ?? null,
      label: (m[1] ?? '').replace(/^.*\b(?:sections?|are|namely|with)\s+(?=[A-Z])/, '').trim(),
      limit: each ? readCount(each) : null,
    }));
    const [first] = coded;
    const last = coded.at(-1);
    const end = last ? last.index + last[0].length : 0;
    return {
      sections,
      found: [
        {
          field: 'sections',
          value: sections,
          start: segment.start + (first?.index ?? 0),
          end: segment.start + end,
          advice: false,
        },
      ],
    };
  }
  return { sections: [], found: [] };
}

const BRACKETED = new RegExp(
  `(?<label>[A-Z][A-Za-z&’'-]{1,24}(?: [A-Za-z&’'-]{2,20}){0,2})\\s*\\((?:up to |max(?:imum)?\\.? (?:of )?|limit )?(?<n>${COUNT})\\s*(?:${THINGS})?(?: each| max(?:imum)?)?\\)`,
  'g',
);

/** "Sections: Colour (4 works), Monochrome (4 works)": a list in one line, with its limits in brackets. */
function readBracketed(segments: readonly Segment[]): ReadSections | undefined {
  for (const segment of segments) {
    const hits = [...segment.text.matchAll(BRACKETED)].filter(
      m => !NOT_SECTION.test((m.groups?.['label'] ?? '').trim()),
    );
    if (hits.length < 2) continue;
    return runningSections(
      segment,
      hits.map(m => ({
        code: null,
        label: (m.groups?.['label'] ?? '').trim(),
        limit: readCount(m.groups?.['n'] ?? ''),
      })),
    );
  }
  return undefined;
}

const OF_EACH =
  /\b(?:in|for|to) each of (?:the |our )?(?:\w+ )?(?:sections|classes|categories|groups):?,? (?<names>[A-Z][^.;:()]{3,120})/;
const NAMES_AFTER =
  /\b(?:sections|classes|categories)(?: are| will be|:| –| -|,)+ ?(?:the following:? ?)?(?<names>[A-Z][A-Za-z&’' -]{2,30}(?:,\s*(?:and )?[A-Z][A-Za-z&’' -]{2,30})*,?\s+and [A-Z][A-Za-z&’' -]{2,30}?)(?=[.;(–]|$)/;

/** "two pictures in each of the classes Open and Set Subject", "the sections are Open, Nature and Travel". */
function readOfEach(segments: readonly Segment[]): ReadSections | undefined {
  for (const [i, segment] of segments.entries()) {
    const isUnderHead = /^(?:[\w.)]{1,4}\s+)?(?:sections|classes|categories)\s*[.:]?$/i.test(
      segments[i - 1]?.text ?? '',
    );
    const match =
      OF_EACH.exec(segment.text) ??
      NAMES_AFTER.exec(segment.text) ??
      (isUnderHead ? /^(?<names>[A-Z][^.;:()]{6,140})\.?$/.exec(segment.text) : null);
    const names = (match?.groups?.['names'] ?? '')
      .split(/,\s*(?:and\s+)?|\s+and\s+/)
      .map(name => name.trim());
    if (names.length < 2 || names.some(n => !/^[A-Z][A-Za-z&’' -]{1,30}$/.test(n) || NOT_SECTION.test(n)))
      continue;
    const around = segments
      .slice(i, i + 3)
      .map(s => s.text)
      .join(' ');
    const each = eachOf(around);
    return runningSections(
      segment,
      names.map(label => ({ code: null, label, limit: each ? readCount(each) : null })),
    );
  }
  return undefined;
}

function runningSections(segment: Segment, sections: ReadSection[]): ReadSections {
  return {
    sections,
    found: [
      {
        field: 'sections',
        value: sections,
        start: segment.start,
        end: segment.start + segment.text.length,
        advice: false,
      },
    ],
  };
}

/** "two in the Themed section", "no more than three in Nature". */
const IN_SECTION = new RegExp(
  `\\b(?<n>${COUNT})\\s*(?:${THINGS})?\\s*(?:(?:may|can|must) be )?(?:in|into|for|to) (?:the )?(?<label>[A-Z][A-Za-z&’'-]{2,24}(?: [A-Z][A-Za-z&’'-]{1,24})?)(?<word> (?:section|class|category))?`,
  'g',
);
/** "G for General and N for Nature", "Section A is Open Colour". */
const LETTER_FOR =
  /(?<![\w])(?:[Ss]ection |[Cc]lass )?["“']?(?<code>[A-Z]{1,3})["”']? (?:for|is|means|=|stands for) (?:the )?(?<label>[A-Z][A-Za-z&’'-]{2,24}(?: [A-Z][A-Za-z&’'-]{1,24})?)/g;

/** Sections that are named in running sentences. */
function readNamed(segments: readonly Segment[]): ReadSections | undefined {
  const limits = segments.flatMap(segment =>
    [...segment.text.matchAll(IN_SECTION)].map(match => ({ segment, match })),
  );
  const letters = segments.flatMap(segment => {
    const hits = [...segment.text.matchAll(LETTER_FOR)];
    const isAbout = /\b(?:sections?|class(?:es)?|categor(?:y|ies)|letters?|codes?)\b/i.test(segment.text);
    return hits.length >= 2 && isAbout ? hits.map(match => ({ segment, match })) : [];
  });
  const limitOf = (label: string) => {
    const own = limits.find(({ match }) => match.groups?.['label'] === label)?.match.groups?.['n'];
    return own === undefined ? null : readCount(own);
  };
  const isSaid = limits.some(({ match }) => match.groups?.['word']);
  const from = letters.length >= 2 ? letters : isSaid ? limits : [];
  const sections = from.map(({ match }) => ({
    code: match.groups?.['code'] ?? null,
    label: match.groups?.['label'] ?? '',
    limit: limitOf(match.groups?.['label'] ?? ''),
  }));
  const labels = new Set(sections.map(s => s.label));
  if (labels.size < 2 || labels.size !== sections.length) return undefined;
  return {
    sections,
    found: from.map(({ segment, match }, i) => ({
      field: 'sections',
      value: sections[i],
      start: segment.start + match.index,
      end: segment.start + match.index + match[0].length,
      advice: false,
    })),
  };
}

const TOTALS: readonly RegExp[] = [
  new RegExp(`\\b(?<n>${COUNT}) of (?:your|the) (?:best|favourite|favorite|strongest|latest)\\b`, 'i'),
  new RegExp(
    `\\b(?:images?|photos?|photographs?|pictures?) of (?:up to |at most )?(?<n>${COUNT}) (?:works?|pieces?|paintings?|sculptures?)\\b`,
    'i',
  ),
  new RegExp(
    `^${THINGS} (?:per|for each|from each) (?:member|author|entrant|person|club|team|society|artist|participant)\\b[^.;\\d]{0,16}(?<n>${COUNT})\\b`,
    'i',
  ),
  new RegExp(
    `\\b(?:consists?|made up|comprises?|composed) (?:of )?(?:up to |exactly )?(?<n>${COUNT})\\s+${THINGS}`,
    'i',
  ),
  new RegExp(
    `\\b(?:panel|set|series|portfolio|selection|body|batch(?:es)?|group) of (?:up to |exactly |no more than |at most )?(?<n>${COUNT})(?:\\s*\\(\\d+\\))?(?:\\s+${THINGS}|\\s*[.,;]|\\s*$)`,
    'i',
  ),
  new RegExp(
    `\\byour (?:best|favourite|favorite|fave|strongest|top) (?<n>${COUNT})\\b(?!\\s*(?:mb|kb|px|%))`,
    'i',
  ),
  new RegExp(
    `\\bhow many\\b[^?]{0,50}\\?\\s*(?:A[:.]\\s*)?[^.;\\d]{0,30}?\\b(?<n>${COUNT})\\b(?!\\s*(?:mb|kb|px|%))`,
    'i',
  ),
  new RegExp(
    `\\bhow many ${THINGS}\\b[^?]{0,40}\\?\\s*(?:A[:.]\\s*)?(?:up to |a maximum of |max\\.? )?(?<n>${COUNT})\\b`,
    'i',
  ),
  new RegExp(
    `\\bnumber of ${THINGS}\\b[^.;\\d]{0,20}?(?:(?:${COUNT})\\s*(?:to|-|–)\\s*)?(?<n>${COUNT})\\b`,
    'i',
  ),
  new RegExp(
    `\\b(?:upload|send|submit|enter|supply|provide)\\b[^.;\\d]{0,30}\\b(?:${COUNT})\\s*(?:to|-|–|or)\\s*(?<n>${COUNT})(?:\\s*\\(\\d+\\))?\\s+${THINGS}`,
    'i',
  ),
  new RegExp(
    `\\b(?:members?|entrants?|authors?|photographers?|artists?|each|every(?:one)?|you|clubs?|contributors?|candidates?)\\b[^.;]{0,40}\\b(?:may|can|might|could|is|are|sends?|submits?|enters?|supplies|provides|uploads|contributes|hands? in|allowed|invited)\\b[^.;]{0,30}?\\b(?:up to |as many as |a max(?:imum)? of |not more than |no more than |at most |only |just |exactly |a total of )?(?<n>${COUNT})(?:\\s*\\(\\d+\\))?\\s+${THINGS}`,
    'i',
  ),
  new RegExp(
    `\\b(?:up to|max(?:imum)?\\.?(?: of)?|no more than|not more than|at most|as many as|limit(?:ed)?(?: of| to| is)?|limit yourself to|restrict yourself to|only|a total of|not exceed(?:ing)?)\\s+(?<n>${COUNT})(?:\\s*\\(\\d+\\))?\\s+${THINGS}\\b(?!\\s*(?:in|per|for) (?:each|any|every|the) section)`,
    'i',
  ),
  new RegExp(
    `\\b(?<n>${COUNT})(?:\\s*\\(\\d+\\))?\\s+${THINGS}\\s+(?:max(?:imum)?\\b|in (?:total|all)|altogether|per (?:member|author|artist|entrant|person|photographer|club|household|round|contributor|candidate|participant|team|society|group|class|project|family|pupil|student|applicant|exhibitor|donor|reader|child|household)|each\\b|from each|a member|a head|only\\b|at most|or fewer)`,
    'i',
  ),
  new RegExp(
    `\\b(?:max(?:imum)?\\.?(?: of)?|up to|limit(?: of)?|no more than|as many as|at most)\\s+(?<n>${COUNT})\\s+(?:per|each|a)\\s*(?:member|author|artist|entrant|person|photographer|club|household)?`,
    'i',
  ),
  new RegExp(
    `^(?<n>${COUNT})\\s+(?:per|each per|for each)\\s+(?:member|author|artist|entrant|person|photographer|club|household)`,
    'i',
  ),
  new RegExp(
    `\\b(?:you|members|entrants|authors|photographers)\\s+(?:may|can)\\s+(?:send|enter|submit|offer)\\s+(?:as many as |up to |a max(?:imum)? of |no more than |only )?(?<n>${COUNT})\\b(?!\\s*(?:mb|kb|%|px))`,
    'i',
  ),
  new RegExp(
    `\\b(?:send|email|enter|submit|upload)\\s+(?:us |me )?(?:just |only |exactly )?(?<n>one|1|a single)\\s+${THINGS}`,
    'i',
  ),
  new RegExp(`\\bentr(?:y|ies)\\b[^.;\\d]{0,30}\\blimited to (?<n>${COUNT})\\b`, 'i'),
  new RegExp(
    `\\b(?:send|submit|upload|supply|enter|provide)s?\\b[^;]{0,120}\\band (?<n>${COUNT}) ${THINGS}\\b`,
    'i',
  ),
  new RegExp(`\\b(?:can|may) (?:send|enter|submit|hand)(?: in)? up to (?<n>${COUNT})\\s*[.;,!]`, 'i'),
  new RegExp(`\\b(?:not|never) (?:send|enter|submit) more than (?:the )?(?<n>${COUNT}) ${THINGS}`, 'i'),
  new RegExp(`^(?<n>${COUNT}) (?:each|apiece|max(?:imum)?)[.,!]?$`, 'i'),
];
const NOT_TOTAL =
  /\b(?:in each\s*[.,;]?$|in each of the (?:\w+ )?(?:sections|classes|categories|groups)|(?:for|of) every (?:work|picture|image)|per work|per entry|for each work|fees?|crowns|discount|prizes?|awards?|medals?|selected|shown|printed in|per page|an? issue|groups? of|catalogue|last (?:year|time|season)|previous|no author|scored?|so far|of the (?:images|pictures)|months|already|per (?:section|class|category)|(?:in|for) (?:each|any(?: one)?|every)(?: (?:section|class|category)|\s*[.,;]|$)|each section|every section|(?:one|a|any) section only)\b/i;

/** How many entries one person, or one club, may send in all. */
export function readTotal(segments: readonly Segment[], sectionFound: readonly Found[]): Found[] {
  const found: Found[] = [];
  for (const segment of segments) {
    const { text } = segment;
    if (
      sectionFound.some(
        f =>
          segment.start < f.end &&
          segment.start + text.length > f.start &&
          text.length < 120 &&
          segment.start >= f.start - 1,
      )
    )
      continue;
    if (NOT_TOTAL.test(text) && !/\bin (?:total|all)\b/i.test(text)) continue;
    // A club's panel has a limit for each of its members as well.
    if (/\b(?:by|from|of) any one (?:member|author|photographer|person)\b/i.test(text) && found.length)
      continue;
    for (const words of TOTALS) {
      const match = words.exec(text);
      const n = match?.groups?.['n'];
      if (!match || n === undefined) continue;
      const value = readCount(n);
      if (!(value >= 1 && value <= 200)) continue;
      found.push({
        field: 'maxFiles',
        value,
        start: segment.start + match.index,
        end: segment.start + match.index + match[0].length,
        advice: false,
      });
      break;
    }
  }
  return found;
}

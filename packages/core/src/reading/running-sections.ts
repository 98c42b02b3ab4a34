import { COUNT, readCount } from './quantities.ts';
import { readCodeFirst, readCounted, readPlainCounted } from './counted-sections.ts';
import { eachOf, inOne, nearby, NOT_SECTION, type ReadSections } from './section-words.ts';
import type { Segment } from './segments.ts';
import { THINGS } from './things.ts';

/** Sections that are named in running sentences. */

const INLINE_CODED = /\b([A-Z][A-Za-z&’' -]{1,30}?)\s*[([]([A-Z][A-Z0-9]{0,3}(?: [A-Z][a-z]+)?)[)\]]/g;
const INLINE_LETTERED = new RegExp(
  `(?<![\\w])\\(?([A-Z])[).:]\\s*([A-Z][A-Za-z&’' -]{1,30}?)\\s*(?:[-–—:]|\\()\\s*(?:max\\.? |up to )?(${COUNT})\\s*${THINGS}`,
  'g',
);

/** Sections that are named within a line or in running sentences; undefined where none are. */
export function readRunning(segments: readonly Segment[]): ReadSections | undefined {
  return (
    readLettered(segments) ??
    readCounted(segments) ??
    readPlainCounted(segments) ??
    readCodeFirst(segments) ??
    readInLine(segments) ??
    readBracketed(segments) ??
    readDashed(segments) ??
    readTaking(segments) ??
    readAnnounced(segments) ??
    readNamed(segments) ??
    readOfEach(segments) ??
    readCoded(segments)
  );
}

const LETTERED_ONLY =
  /(?<![\w])\(?(?<code>[A-Za-h]|\d)[).]\s*(?<label>[A-Z][A-Za-z&’' -]{2,30}?(?: \([a-z]+\))?)(?=\s+\(?(?:[A-Za-h]|\d)[).]|\s{2,}|[.,:;]|\s+\(|$)/g;

/** "A) Colour – 6 images, B) Monochrome – 5 images", "SECTIONS  A) Colour  B) Monochrome  C) Travel". */
function readLettered(segments: readonly Segment[]): ReadSections | undefined {
  for (const [i, segment] of segments.entries()) {
    const named = [...segment.text.matchAll(LETTERED_ONLY)].map(m => m.groups);
    const codes = named.map(g => g?.['code']).join('');
    const isRow = ['ABCDEFGH', 'abcdefgh', '12345678'].some(row => row.startsWith(codes));
    if (
      named.length >= 2 &&
      isRow &&
      /\b(?:sections?|class(?:es)?|categor(?:y|ies)|themes?)\b/i.test(segment.text)
    ) {
      const each = eachOf(nearby(segments, i));
      return inOne(
        segment,
        named.map(g => ({
          code: g?.['code'] ?? null,
          label: (g?.['label'] ?? '').trim(),
          limit: each ? readCount(each) : null,
        })),
      );
    }
    const lettered = [...segment.text.matchAll(INLINE_LETTERED)];
    if (lettered.length < 2) continue;
    return inOne(
      segment,
      lettered.map(m => ({ code: m[1] ?? null, label: (m[2] ?? '').trim(), limit: readCount(m[3] ?? '') })),
    );
  }
  return undefined;
}

/** "Classes: Birds; Mammals; Plants and fungi", "Sections: A) Open Colour, B) Nature": one line with names and codes. */
function readInLine(segments: readonly Segment[]): ReadSections | undefined {
  for (const [i, first] of segments.entries()) {
    if (
      !/^(?:[\w.)•*-]{1,4}\s+)?(?:the |\w+ )?(?:sections|classes|categories)(?: are)?(?:\s*\([^()]*\))?(?:\s*[:–-]\s*|\s{2,})\S/i.test(
        first.text,
      )
    )
      continue;
    const sameLine = segments.slice(i, i + MOST).filter(s => s.line === first.line);
    const end = sameLine.findIndex(s => !s.text.endsWith(';'));
    const listed = sameLine.slice(0, end < 0 ? undefined : end + 1);
    const line = listed
      .map(s => s.text)
      .join(' ')
      .replace(/^.*?(?:sections|classes|categories)(?: are)?(?:\s*\([^()]*\))?(?:\s*[:–-]\s*|\s{2,})/i, '')
      .replace(/\.$/, '')
      // "…, three images in each", "… – with four images each".
      .replace(EACH_BEHIND, '');
    const rows = line
      .split(
        line.includes(';') ? /\s*;\s*(?:and )?/ : /\s*,\s*(?:and )?|\s+and\s+(?=[A-Z(])|\s*\/\s*(?=[A-Z])/,
      )
      .map(name => LISTED.exec(name.trim())?.groups);
    if (rows.length < 2 || rows.some(row => !row || NOT_SECTION.test(row['label'] ?? ''))) continue;
    // "Open Colour (digital), Street (digital)": what stands behind every one belongs to no name.
    const asides = new Set(rows.map(row => /\([^()]*\)$/.exec(row?.['label'] ?? '')?.[0] ?? ''));
    const [aside = ''] = asides.size === 1 ? asides : [];
    const each = eachOf(nearby(segments, i + listed.length - 1));
    const lettered = rows.map(row => LETTER_BEFORE.exec(row?.['label'] ?? '')?.groups);
    const areLettered = lettered.every((g, k) => g?.['code'] === 'ABCDEFGH'[k]);
    return inOne(
      first,
      rows.map((row, k) => {
        const limit = row?.['n'] ?? each;
        const code = row?.['before'] ?? row?.['spaced'] ?? row?.['dashed'] ?? row?.['behind'] ?? null;
        const label = (row?.['label'] ?? '').slice(0, aside ? -aside.length : undefined).trim();
        if (areLettered)
          return {
            code: lettered[k]?.['code'] ?? null,
            label: lettered[k]?.['label'] ?? label,
            limit: limit ? readCount(limit) : null,
          };
        return { code, label, limit: limit ? readCount(limit) : null };
      }),
    );
  }
  return undefined;
}

/** "A Colour, B Mono, C Nature". */
const LETTER_BEFORE = /^(?<code>[A-H]) (?<label>[A-Z].+)$/;

const EACH_BEHIND = new RegExp(
  `(?:,|\\s[-–]|\\s(?=\\()) ?\\(?(?:with )?(?:up to |max\\.? |a maximum of |at most )?(?:${COUNT}) ${THINGS} (?:(?:in|per|for) )?(?:each|section|class|category).*$`,
  'i',
);

/** Sentences that one list of sections may take. */
const MOST = 24;

const LISTED = new RegExp(
  `^(?:\\(?(?<before>[A-Z]{1,3}\\d?|\\d)[).:]\\s*|(?<spaced>\\d{1,2})\\s+|(?<dashed>[A-Z]{1,3}\\d?)\\s*[=–-]\\s*)?(?<label>[A-Z][A-Za-z&’'\\d -]{1,38}?(?: \\([a-z][a-z &]+\\))?)(?:\\s*\\((?:code )?(?<behind>[A-Z]{1,4}\\d?)\\))?(?:\\s*[(:–-]\\s*(?:up to |max\\.? )?(?<n>${COUNT})(?: ${THINGS})?\\)?)?(?:\\s*\\([a-z][^()]*\\))?$`,
);

/** "The sections are Open (OP), Nature (NT) and Travel (TR), up to four in each". */
function readCoded(segments: readonly Segment[]): ReadSections | undefined {
  for (const [i, segment] of segments.entries()) {
    if (!/\b(?:sections?|class(?:es)?|categor(?:y|ies))\b/i.test(segment.text)) continue;
    const coded = [...segment.text.matchAll(INLINE_CODED)];
    if (coded.length < 2) continue;
    const each = eachOf(nearby(segments, i));
    const sections = coded.map(m => ({
      code: m[2] ?? null,
      label: (m[1] ?? '').replace(/^.*\b(?:sections?|are|namely|with)\s+(?=[A-Z])/, '').trim(),
      limit: each ? readCount(each) : null,
    }));
    return inOne(segment, sections);
  }
  return undefined;
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
    return inOne(
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

const DASHED = new RegExp(
  `(?:^|,\\s*)(?<label>[A-Z][A-Za-z&’'-]{1,24}(?: [A-Za-z&’'-]{2,20}){0,2})\\s*[-–:]\\s*(?:up to |max\\.? )?(?<n>${COUNT}) ${THINGS}(?=,|\\.?$)`,
  'g',
);

/** "Street - 3 photos, Portrait - 3 photos". */
function readDashed(segments: readonly Segment[]): ReadSections | undefined {
  for (const segment of segments) {
    const hits = [...segment.text.matchAll(DASHED)].map(m => m.groups);
    if (hits.length < 2 || hits.some(g => NOT_SECTION.test(g?.['label'] ?? ''))) continue;
    return inOne(
      segment,
      hits.map(g => ({ code: null, label: g?.['label'] ?? '', limit: readCount(g?.['n'] ?? '') })),
    );
  }
  return undefined;
}

const OF_EACH =
  /\b(?:in|for|to) each of (?:(?:the |our )?(?:\w+ )?(?:sections|classes|categories|groups):?,? )?(?<names>[A-Z][^.;:()]{3,120})/;
const NAMES_AFTER =
  /\b(?:[Ss]ections|[Cc]lasses|[Cc]ategories)(?: are| will be|:| –| -|,)+ ?(?:the following:? ?)?(?<names>[A-Z][A-Za-z&’' -]{2,30}(?:(?:,| \/)\s*(?:and )?[A-Z][A-Za-z&’' -]{2,30})*(?:,?\s+and|\s+\/) [A-Z][A-Za-z&’' -]{2,30}?)(?=[.;(–]|$|,\s(?:and|with|each|you|up|max))/;

/** "Three sections (Colour, Mono and Nature)". */
const NAMES_WITHIN = /\b(?:sections|classes|categories)\s*\((?<names>[A-Z][^()\d]{5,120})\)/;

/** "two pictures in each of the classes Open and Set Subject", "the sections are Open, Nature and Travel". */
function readOfEach(segments: readonly Segment[]): ReadSections | undefined {
  for (const [i, segment] of segments.entries()) {
    const isUnderHead = /^(?:[\w.)]{1,4}\s+)?(?:sections|classes|categories)\s*[.:]?$/i.test(
      segments[i - 1]?.text ?? '',
    );
    const match =
      OF_EACH.exec(segment.text) ??
      NAMES_AFTER.exec(segment.text) ??
      NAMES_WITHIN.exec(segment.text) ??
      (isUnderHead ? /^(?<names>[A-Z][^.;:()]{6,140})\.?$/.exec(segment.text) : null);
    const names = (match?.groups?.['names'] ?? '')
      .split(/,\s*(?:and\s+)?|\s+and\s+|\s+\/\s+/)
      .map(name => name.trim());
    if (names.length < 2 || names.some(n => !/^[A-Z][A-Za-z&’' -]{1,30}$/.test(n) || NOT_SECTION.test(n)))
      continue;
    const each = eachOf(nearby(segments, i));
    return inOne(
      segment,
      names.map(label => ({ code: null, label, limit: each ? readCount(each) : null })),
    );
  }
  return undefined;
}

const TAKING = new RegExp(
  `\\b(?<label>[A-Z][A-Za-z&’'-]{2,24}(?: [A-Z][A-Za-z&’'-]{1,24})?) (?:section|class|category) (?:takes |has |allows |holds )?(?:up to )?(?<n>${COUNT})\\b`,
  'g',
);

/** "The Portrait section takes two images, the Landscape section three." */
function readTaking(segments: readonly Segment[]): ReadSections | undefined {
  for (const segment of segments) {
    const hits = [...segment.text.matchAll(TAKING)].map(m => m.groups);
    if (hits.length < 2) continue;
    return inOne(
      segment,
      hits.map(g => ({
        code: null,
        label: (g?.['label'] ?? '').replace(/^The /, ''),
        limit: readCount(g?.['n'] ?? ''),
      })),
    );
  }
  return undefined;
}

const ANNOUNCED =
  /\b(?:an?|the|one) (?<label>[A-Z][A-Za-z&’'-]{2,24}(?: [A-Z][A-Za-z&’'-]{1,24})?) (?:section|class|category)\b/g;

const BOTH =
  /\bboth the (?<first>[A-Z][A-Za-z&’'-]{2,24}) and the (?<second>[A-Z][A-Za-z&’'-]{2,24}) (?:sections?|class(?:es)?|categor(?:y|ies))\b/;

const LIMIT_OF_BOTH = new RegExp(`\\b(${COUNT}) ${THINGS}`, 'i');

/** "We have an Open section and a Nature section; up to two images in each." */
function readAnnounced(segments: readonly Segment[]): ReadSections | undefined {
  for (const [i, segment] of segments.entries()) {
    const both = BOTH.exec(segment.text)?.groups;
    const labels = both
      ? [both['first'] ?? '', both['second'] ?? '']
      : [...segment.text.matchAll(ANNOUNCED)].map(m => m.groups?.['label'] ?? '');
    if (new Set(labels).size < 2 || /\d/.test(segment.text)) continue;
    const each = eachOf(nearby(segments, i)) ?? (both && LIMIT_OF_BOTH.exec(segment.text)?.[1]);
    if (each === undefined) continue;
    return inOne(
      segment,
      labels.map(label => ({ code: null, label, limit: readCount(each) })),
    );
  }
  return undefined;
}

/** "two in the Themed section", "no more than three in Nature". */
const IN_SECTION = new RegExp(
  `\\b(?<n>${COUNT})\\s*(?:${THINGS})?\\s*(?:(?:may|can|must) be )?(?:in|into|for|to) (?:the )?(?<label>set subject|(?!each|every|any|one|the|that|this|either|same)[a-z]{3,14}(?= (?:section|class|category)\\b)|[A-Z][A-Za-z&’'-]{2,24}(?: [A-Z][A-Za-z&’'-]{1,24})?)(?<word> (?:section|class|category))?`,
  'g',
);
/** "G for General and N for Nature", "Section A is Open Colour". */
const LETTER_FOR =
  /(?<![\w])(?:[Ss]ection |[Cc]lass )?["“']?(?<code>[A-Z]{1,3})["”']? (?:for|is|means|=|stands for) ?(?:the )?(?<label>[A-Z][A-Za-z&’'-]{2,24}(?: [A-Z][A-Za-z&’'-]{1,24})?)/g;

const ENTERED = new RegExp(
  `\\b(?:enter|submit|send|entered|submitted)\\b|\\b(?:${COUNT}) ${THINGS} at most:`,
  'i',
);

/** Sections that are named in running sentences. */
function readNamed(segments: readonly Segment[]): ReadSections | undefined {
  const limits = segments.flatMap(segment =>
    // A number may begin the sentence.
    [
      ...segment.text
        .replace(/\b(?:One|Two|Three|Four|Five|Six)\b/g, n => n.toLowerCase())
        .matchAll(IN_SECTION),
    ].map(match => ({
      segment,
      match,
    })),
  );
  const letters = segments.flatMap(segment => {
    const hits = [...segment.text.matchAll(LETTER_FOR)];
    const isAbout = /\b(?:sections?|class(?:es)?|categor(?:y|ies)|letters?|codes?)\b/i.test(
      nearby(segments, segments.indexOf(segment)),
    );
    return hits.length >= 2 && isAbout ? hits.map(match => ({ segment, match })) : [];
  });
  const [firstLetter] = letters;
  const each = firstLetter ? eachOf(nearby(segments, segments.indexOf(firstLetter.segment))) : undefined;
  const limitOf = (label: string) => {
    const own = limits.find(({ match }) => match.groups?.['label'] === label)?.match.groups?.['n'];
    const said = own ?? each;
    return said === undefined ? null : readCount(said);
  };
  // "Three images in Open and two in Nature" needs no word more.
  const isPaired = limits.some(
    ({ segment }, i) => limits[i + 1]?.segment === segment && ENTERED.test(segment.text),
  );
  const isSaid = isPaired || limits.some(({ match }) => match.groups?.['word']);
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

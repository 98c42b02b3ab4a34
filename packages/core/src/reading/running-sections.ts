import { COUNT, readCount } from './quantities.ts';
import { readAnnounced, readNamed, readOfEach, readTaking } from './named-sections.ts';
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
    // "4. SECTIONS  A) Colour": the number before the word counts the paragraphs.
    const from = /\b(?:sections|classes|categories)\b/i.exec(segment.text)?.index ?? 0;
    const all = [...segment.text.matchAll(LETTERED_ONLY)];
    const behind = all.filter(m => m.index >= from);
    const named = (behind.length >= 2 ? behind : all).map(m => m.groups);
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
    const head = segments[i - 1]?.text ?? '';
    const isAbout = /\b(?:sections?|class(?:es)?|categor(?:y|ies))\b/i.test(segment.text);
    if (!isAbout && !/^(?:sections|classes|categories)[.:]?$/i.test(head)) continue;
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

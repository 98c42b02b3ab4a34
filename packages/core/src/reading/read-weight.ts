import { boundOf, isAdvisedAt } from './bounds.ts';
import { isElsewhere } from './elsewhere.ts';
import { DECIMAL, readCount, readDecimal } from './quantities.ts';
import type { Found } from './found.ts';
import type { Segment } from './segments.ts';

const UNIT =
  '(?:kibibytes?|mebibytes?|kib|mib|kilobytes?|megabytes?|gigabytes?|kbytes?|mbytes?|kb|mb|gb|ko|mo|megas?|megs?|k|m)(?![a-z²³])';
const WEIGHT = new RegExp(`(?<![\\d.,:]|\\d/)(?<n>${DECIMAL})\\s*-?(?<unit>${UNIT})`, 'gi');
const RANGE = new RegExp(
  `(?<![\\d.,:]|\\d/)(?<a>${DECIMAL})\\s*(?<unitA>${UNIT})?\\s*(?:-|–|—|(?:and )?up to|to|and)\\s*(?<b>${DECIMAL})\\s*(?<unitB>${UNIT})`,
  'gi',
);
/** "Two megabytes", "half a megabyte". */
const SPOKEN =
  /\b(?<n>half an?|one|two|three|four|five|six|eight|ten|twelve|fifteen|twenty)[ -](?<unit>mega-?bytes?|kilo-?bytes?|megs?|mb)\b/gi;
const PLAIN_BYTES = /(?<![\d.,])(\d{1,3}(?:[,. ]\d{3})+|\d{4,9})\s*bytes\b/gi;

/** Weights that belong to something else than a file that is handed in. */
const NOT_OURS =
  /\b(?:no limit (?:to|on|for)|proposed|(?:i|we) had one\b|until now|up to now|hitherto|slow(?:s)? down|sent me|straight (?:out of|from) the camera|last (?:year|season|time|month|round)|previous(?:ly)?|used to|inbox (?:fell|is)|(?:e-?mail|attach)\b[^.;]{0,24}\bif (?:under|below|smaller|less|over|above|larger|more)|storage|memory card|free space|(?:inbox|mailbox|account) (?:holds|has|takes)|no longer (?:accept\w*|in force|valid|used|appl\w+))\b/i;
/** Weights of papers that go with the pictures, told from the words right beside the number. */
const OF_PAPERS =
  /(?<!(?:jpe?g|png|tiff?)s?\W{1,4}(?:or |and )?)\bpdfs?\b(?:(?!jpe?g|image|photo|picture|[.;]\s+[A-Z])[^;]){0,60}$|(?<!(?:jpe?g|png|tiff?)s?\W{1,4}(?:or |and )?)\b(?:pdfs?|biograph\w*|statement|cv|word document|videos?|audio(?: files)?|sound(?: files)?)\b[^.;,\d]{0,30}$/i;
/** "Your biography, 60 words, as a document of at most 1 MB." */
const OF_WORDS = /\b(?:\d+ words\b|(?:word|text) (?:file|document)|\.docx?\b)/i;
const PACKAGE =
  /\b(?:(?:(?:one|a single|your) (?:e-?mail|message|upload|transfer)|(?:a|one|per) submission|(?:whole|complete|entire|full) (?:upload|folder|set|transfer|delivery|parcel)|for all\b|all (?:of them|files|images|pictures|photos)\b(?! (?:must|should|have|need|are|to))|zip(?:ped)?|archives?|batch(?:es)?|the (?:whole )?lot|everything|in total|total (?:\w+ )?(?:size|weight|upload|max(?:imum)?|limit)|(?:files|images|pictures|photos)(?: \w+){0,4} together|altogether|combined|all together|together (?=not?\b|under|max|less|at most|up|\d|#)|whole (?:submission|entry|email|package)|(?:submission|entry|package) as a whole|the total (?:must|may|should|can|is|has)|entire (?:submission|entry|email|package)|e-?mails? (?:must|should|may|can|of|over|larger|up to|under|with|bigger|above|is|are|limit|size)|per e-?mail|an? (?:e-?)?mail|\bmails? (?:over|above|larger|of more)|mail ?server|e-?mail (?:anything|files)|attachments? (?:together|in total)|per (?:person|member|entrant|participant|author|artist|applicant|club)))\b/i;

const BARE_LIMIT =
  /\b(?:nothing|never|not) (?:over|above|more than) (?<n>\d{1,3}(?:[.,]\d)?)(?=\s*(?:[.;!]|$))/i;
const ABOUT = /\b(?:approx\.?|approximately|about|around|roughly|circa|ca\.)\s*$/i;
const IF_MORE =
  /\b(?:if|anyone|whoever|those)\b[^.;,]{0,40}\b(?:larger|bigger|more|greater|heavier|over|above|exceeds?|beyond)(?: than)?\s*$/i;

/** What belongs to every file of many. */
const EACH = /^\s*(?:each|apiece|per (?:file|image|picture|photo|entry))\b/i;

/** Reads weights, in the strict reading: KB and MB in thousands, whatever the case of their letters. */
export function readWeight(segment: Segment): Found[] {
  const { text } = segment;
  const namesOthers = NOT_OURS.test(text);
  const isOther = (at: number) => namesOthers && isElsewhere(NOT_OURS, text, at);
  const found: Found[] = [];
  const taken: [number, number][] = [];
  const add = (field: string, bytes: number, unit: string, from: number, to: number) => {
    const doubt = doubtOf(unit);
    found.push({
      field,
      value: bytes,
      start: segment.start + from,
      end: segment.start + to,
      advice: isAdvisedAt(text, from),
      // Eight bits make a byte.
      ...(doubt ? { doubt, options: [bytes, Math.floor(bytes / 8)] } : {}),
    });
    taken.push([from, to]);
  };
  const isPackage = (from: number, to: number) => {
    // Another weight in the sentence has its own words beside it.
    const before = text
      .slice(Math.max(0, from - 70), from)
      .replace(/^.*\d\s*(?:[kmg]i?b|megs?|megabytes?)\b/is, '');
    const after = text.slice(to, to + 30).replace(/[;,]?(?:\s\w+){0,5}?\s\d.*$/s, '');
    return PACKAGE.test(`${before}#${after}`) && !EACH.test(after);
  };

  for (const match of text.matchAll(RANGE)) {
    const { a = '', b = '', unitA, unitB = '' } = match.groups ?? {};
    const [low, high] = [bytesOf(a, unitA ?? unitB), bytesOf(b, unitB)];
    const end = match.index + match[0].length;
    if (low === undefined || high === undefined || low >= high) continue;
    if (isOther(match.index)) continue;
    // "2 to 3 MB is plenty" is no demand.
    if (/^[^.;,]{0,12}\b(?:is|are) (?:plenty|enough|ideal|best|fine)\b/i.test(text.slice(end))) {
      taken.push([match.index, end]);
      continue;
    }
    // The doubt about a unit is raised once, with the greater number.
    add('bytesMin', low, '', match.index, end);
    add('bytesMax', high, unitB, match.index, end);
  }
  for (const match of text.matchAll(WEIGHT)) {
    const { n = '', unit = '' } = match.groups ?? {};
    const end = match.index + match[0].length;
    if (taken.some(([from, to]) => match.index < to && end > from)) continue;
    // A lone K or M has to stand among words about files; "M" is a section's letter as well.
    if (
      /^[km]$/i.test(unit) &&
      !/\b(?:file|size|weigh|limit|max|under|bytes|no (?:more|larger|bigger)|up to|less than)/i.test(text)
    )
      continue;
    // "4K (3840 × 2160)" is a screen.
    if (
      unit === 'K' &&
      /^(?:\s*\(?\d{4}|\s+(?:screen|tv|monitor|display|projector|uhd))/i.test(text.slice(end))
    )
      continue;
    // "3 MB is fine, 10 MB is too much."
    if (/^\s*(?:is|are) (?:fine\b|ok(?:ay)?\b|too (?:much|big|large|heavy))/i.test(text.slice(end))) continue;
    // "About 2 MB each, 4 MB at most."
    if (ABOUT.test(text.slice(0, match.index)) && [...text.matchAll(WEIGHT)].length > 1) continue;
    if (/^\s*(?:pixel|px|p\b|crowns|members|£|€)/i.test(text.slice(end))) continue;
    if (
      /\b(?:normally|usually|typically|often)\b(?! (?:not|no) )[^.;]{0,18}$/i.test(text.slice(0, match.index))
    )
      continue;
    if (OF_WORDS.test(text) && !/\b(?:jpe?g|image|photo|picture|tiff?)s?\b/i.test(text)) continue;
    if (OF_PAPERS.test(text.slice(0, match.index)) || /^\s*(?:pdf|video)/i.test(text.slice(end))) continue;
    const bytes = bytesOf(n, unit);
    if (bytes === undefined || isOther(match.index)) continue;
    const bound = boundOf(text.slice(0, match.index), text.slice(end));
    // "If the zip is larger than 50 MB, split it."
    const isTurnedAt = bound === 'min' && IF_MORE.test(text.slice(0, match.index));
    const isReduced = /\b(?:smaller|reduce|resize|compress|shrink)\b/i.test(text.slice(end));
    if (isTurnedAt && !isReduced && !isPackage(match.index, end)) continue;
    if (bound === 'min' && !isTurnedAt) add('bytesMin', bytes, unit, match.index, end);
    else
      add(
        isPackage(match.index, end) || /^g/i.test(unit) ? 'packageBytesMax' : 'bytesMax',
        bytes,
        unit,
        match.index,
        end,
      );
  }
  // "About 2 MB is OK but nothing over 3."
  const bare = BARE_LIMIT.exec(text);
  const unitBefore = /\d\s*(?<unit>[km]i?b|megs?)\b/i.exec(text.slice(0, bare?.index ?? 0))?.groups?.['unit'];
  const limit = bare && unitBefore ? bytesOf(bare.groups?.['n'] ?? '', unitBefore) : undefined;
  if (bare && limit !== undefined) add('bytesMax', limit, '', bare.index, bare.index + bare[0].length);
  for (const match of text.matchAll(SPOKEN)) {
    const { n = '', unit = '' } = match.groups ?? {};
    const end = match.index + match[0].length;
    const bytes = (/half/i.test(n) ? 0.5 : readCount(n)) * factorOf(unit.toLowerCase());
    const bound = boundOf(text.slice(0, match.index), text.slice(end));
    add(
      bound === 'min' ? 'bytesMin' : isPackage(match.index, end) ? 'packageBytesMax' : 'bytesMax',
      bytes,
      unit,
      match.index,
      end,
    );
  }
  for (const match of text.matchAll(PLAIN_BYTES)) {
    const bytes = Number((match[1] ?? '').replace(/\D/g, ''));
    const end = match.index + match[0].length;
    const bound = boundOf(text.slice(0, match.index), text.slice(end));
    // "400 KB (400,000 bytes)" says one thing twice.
    if (!found.some(f => f.value === bytes))
      add(bound === 'min' ? 'bytesMin' : 'bytesMax', bytes, 'bytes', match.index, end);
  }
  return found;
}

function bytesOf(written: string, unit: string): number | undefined {
  const factor = factorOf(unit.toLowerCase());
  const value = Math.round(readDecimal(written) * factor);
  return value > 0 && Number.isSafeInteger(value) ? value : undefined;
}

function factorOf(unit: string): number {
  if (/^(?:kib|kibi)/.test(unit)) return 1024;
  if (/^(?:mib|mebi)/.test(unit)) return 1024 * 1024;
  if (/^g/.test(unit)) return 1_000_000_000;
  return unit.startsWith('m') ? 1_000_000 : 1000;
}

function doubtOf(unit: string): string | undefined {
  return unit === 'Mb' || unit === 'Kb'
    ? `unit written '${unit}' (could mean ${unit === 'Mb' ? 'mega' : 'kilo'}bits), read as bytes`
    : undefined;
}

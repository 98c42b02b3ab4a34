import { readCount, COUNT } from '../common/quantities.ts';
import type { ReadNaming } from '../common/reading.ts';
import type { Segment } from '../common/segments.ts';
import { oneOf, patterns, phrases } from '../common/word-lists.ts';

/** Which characters a name may hold, how long it may be, and how it ends. */

/** Ties a span of a sentence to a field of the name. */
export type Claim = (field: string, segment: Segment, from: number, to: number) => void;

const NO_SPACES = phrases`
  no\s+(?:[a-z]+,? (?:or |and )?){0,3}spaces?(?! (?:round|around|on either side|before|after)\b) | without (?:any )?(?:[a-z]+,? (?:or |and )){0,2}spaces?
  (?:spaces?|blanks?)(?: in (?:the )?(?:file ?-?)?names?)?:? {1,40}(?:are |is |must )?(?:not|forbidden|never|none)
  (?:spaces?|blanks?),? (?:and|or|nor) [^.;]{1,40} (?:are|is|must) (?:not|forbidden|never)
  not (?:contain|include|use|have|put)[^.;]{0,25}spaces? | never (?:use |any )?spaces?
  under-?scores? where(?:ver)? (?:you|there)[^.;]{0,24}spaces? | (?:under-?scores?|hyphens?|dashes) for spaces | remove (?:all |any )?spaces | (?:instead|in place) of spaces | no blanks? | (?:no|without) gaps?
  without (?:blanks?|a space) | replace (?:all |any )?spaces | avoid spaces? | rather than spaces?
  spaces?[^.;?]{0,20}\?\s*(?:A[.:] ?)?no
  spaces?[^.;]{0,20}\b(?:(?:should|must|are to) be avoided|not be used)
  (?<!\bif )spaces?(?: in (?:the |your )?titles?)? (?:become|are (?:replaced|written)|turn into)
  do not (?:use|put|leave)[^.;]{0,15}spaces? | (?:all )?(?:run together|closed up|one word)
`;
const SPACES = patterns`
  \bspaces?\b[^.;]{0,40}\b(?<!\b(?:not|never) )(?:permitted|allowed|fine|ok(?:ay)?|acceptable|welcome|may be (?:used|kept))\b
  \bseparated by spaces,? not\b | \bspaces in (?:the )?(?:file ?-?)?(?:names?|titles?) are all right\b | \bmay (?:contain|use|have) spaces\b | \b(?:including|incl\.|counting) (?:the )?spaces\b
  \bspaces (?:included|inclusive)\b | \bwith (?:the )?spaces (?:between|in)\b | ^spaces? between (?:the )?words\b | , spaces? between (?:the )?words\b | \bspaces? in (?:the )?(?:file ?)?names? (?:is|are) (?:no problem|not a problem)\b
`;
const ALLOWED = patterns`
  \b(?:may|can|must|should) (?:only )?(?:contain|use|include|consist of) (?:only )?((?:the )?(?:plain |unaccented |english |latin |lower[- ]?case |upper[- ]?case |capital )*(?:letters?|alphanumeric|characters?)[^.;]{0,80}?)(?=\s+(?:may|are|is|in|but|and no)\b|[.;]|: |$)
  \b(?:only|just)\s+(?:use\s+)?((?:the\s+)?(?:plain |unaccented |english |latin |lower[- ]?case |upper[- ]?case |capital )*(?:letters?|alphanumeric|characters?)[^.;]{0,80}?)(?=\s+(?:may|are|is|in)\b|[.;]|$)
  \banything (?:but|other than|except|apart from) ((?:the )?(?:plain |unaccented |english |latin |lower[- ]?case |upper[- ]?case |capital )*(?:letters?|alphanumeric characters?)[^.;]{0,80}?)(?=\s+(?:may|are|is|in|cannot|can(?:not)?|will|must)\b|[.;]|$)
  \b(?:keep|stick|restrict yourself|limit yourself|confine yourself) to ((?:plain |unaccented |english |latin )*letters?[^.;]{0,60}?)(?=\s+in (?:the |your )?file|[.;]|$)
  \b((?:[Aa]-[Zz]|0-9)(?:(?:,| and|, and) (?:[Aa]-[Zz]|0-9|(?:the )?(?:hyphens?|under-?scores?|spaces?|dash(?:es)?)))+) only\b
  \bonly ((?:[Aa]-[Zz]|0-9)(?:(?:,| and|, and) (?:[Aa]-[Zz]|0-9|(?:the )?(?:hyphens?|under-?scores?|spaces?|dash(?:es)?)))+)
  \b(from A to Z(?: and (?:numbers|numerals|digits))?) only\b
  \b(?:in|with) ((?:plain |unaccented |english |latin )letters)\b
  \b((?:plain |unaccented |english |latin |lower[- ]?case |upper[- ]?case |capital )*letters?,?(?: \(?a[-–]z\)?)?[^.;]{0,60}?)\s+only\b
  \b((?:lower|upper)[- ]?case) only\b
`;
const LENGTH = new RegExp(
  `(?:(?:\\bno (?:titles?|file ?-?names?) (?:may|must|can|should) (?:be longer than|exceed|have more than) |\\b(?:names?|titles?) (?:may|must|can|should) not have more than |^(?:file ?-?names?: )?titles? (?:of more|longer) than |\\bnames? (?:of more|longer) than |\\bnames?(?: down)? to |\\b(?:names?|titles?) (?:may|can) (?:have|be|run to|go up to|reach) |\\b(?:names?|titles?) (?:must|should) be kept to |\\b(?:max(?:imum)?\\.?|up to|no(?:t)? more than|not exceed(?:ing)?|at most|limit(?:ed)?(?: of| to)?|no longer than|shorter than|not(?: be)? longer than|not be more than|under|within)\\s*(?:of\\s*)?)(${COUNT})\\s*(?:characters|letters)|(?<=short \\(|^titles?: |longest (?:file ?-?name|name|title)[^.;\\d]{0,60} is )(${COUNT})\\s*(?:characters|letters)(?=\\)|[.,;]|$| including\\b)|(${COUNT})\\s*(?:characters|letters)\\s*(?:(?:long )?(?:max(?:imum)?|at (?:the )?most)|or (?:less|fewer)|at (?:the )?most|limit))`,
  'i',
);

/** "No punctuation other than hyphens", "without accents or special characters". */
const CHARACTERS = oneOf`
  punctuation(?: marks?)? | special (?:characters?|signs?|letters?)
  accent(?:s|ed (?:letters|characters))? | diacritic(?:s|al (?:marks?|signs?))?
  (?:national|foreign|local|regional|non-?latin|cyrillic|greek|polish|czech|german) (?:letters?|characters?|signs?)
  [À-ɏ](?:(?:, ?| and | or |\/)[À-ɏ])*
  symbols? | capitals?(?: letters)? | umlauts? | commas? | slash(?:es)? | quotation marks | full stops | brackets
`;
const REFUSED = new RegExp(
  `\\b(?:no|without|not (?:use|contain|include)(?: any)?|avoid)(?: any)? (?:[A-Z][a-z]+ letters (?:and|or) (?:other )?)?${CHARACTERS}(?:(?: (?:other than|apart from|except)\\b[^.;:()]{0,50}?(?=\\s+(?:in|please)\\b|[.,;:()]|$))|(?:(?:,| and| or|, or)? (?:no )?(?:${CHARACTERS}|spaces))*)`,
  'i',
);

/** "Spaces and accents must not be used." */
const REFUSED_BEHIND = new RegExp(
  `\\b(?<list>(?:spaces?(?:,| and| or) )?${CHARACTERS}(?:(?:,| and| or|, or)+ (?:${CHARACTERS}|spaces))*) (?:(?:must|may|should|can) ?not be used|are (?:not (?:allowed|permitted|accepted)|forbidden|to be avoided)|(?:must|should) be avoided)`,
  'i',
);

export function readCharacters(about: readonly Segment[], naming: ReadNaming, claim: Claim): void {
  for (const segment of about) {
    const { text } = segment;
    const forbidden = NO_SPACES.exec(text);
    const allowed = SPACES.exec(text);
    if (allowed && !naming.spaces) {
      naming.spaces = 'allowed';
      claim('spaces', segment, allowed.index, allowed.index + allowed[0].length);
    } else if (forbidden && !naming.spaces) {
      naming.spaces = 'forbidden';
      claim('spaces', segment, forbidden.index, forbidden.index + forbidden[0].length);
    }
    const characters = ALLOWED.exec(text);
    if (
      characters &&
      !naming.allowed &&
      /letter|alphanumeric|character|A to Z|a-z|case/i.test(characters[0])
    ) {
      naming.allowed = (characters.slice(1).find(words => words !== undefined) ?? '')
        .trim()
        .replace(/,? only,?$/, '');
      // "In Latin letters" speaks of the script alone, "lower case only" of their size.
      if (!/^(?:in|with) |^\w+[- ]?case only/i.test(characters[0]))
        naming.spaces ??= /\bspaces?\b/i.test(naming.allowed) ? 'allowed' : 'forbidden';
      claim('allowed', segment, characters.index, characters.index + characters[0].length);
    }
    const refused = naming.allowed ? null : REFUSED.exec(text);
    if (refused) {
      naming.allowed = refused[0].trim().replace(/^(?:not (?:use|contain|include)|avoid)(?: any)? /i, 'no ');
      claim('allowed', segment, refused.index, refused.index + refused[0].length);
    }
    const behind = naming.allowed ? null : REFUSED_BEHIND.exec(text);
    if (behind) {
      naming.allowed = `no ${behind.groups?.['list']?.toLowerCase() ?? ''}`;
      claim('allowed', segment, behind.index, behind.index + behind[0].length);
    }
    const length = LENGTH.exec(text);
    if (
      length &&
      naming.maxLength === null &&
      !OF_LETTERS.test(text.slice(0, length.index)) &&
      !OF_A_TALK.test(text)
    ) {
      naming.maxLength = readCount(length[1] ?? length[2] ?? length[3] ?? '');
      claim('maxLength', segment, length.index, length.index + length[0].length);
    }
  }
}

/** "A project text (max. 800 characters)". */
const OF_LETTERS = /\b(?:cv|text|biography|statement|description|caption|story|letter|abstract)s? ?\($/i;

/** "Title of the talk, 80 characters at most". */
const OF_A_TALK =
  /\btitle of (?:the|your) (?:talk|lecture|workshop|thesis|paper|book|film|project|presentation|session|course)\b/i;

/** ".png or .bmp files are rejected". */
const REFUSED_ENDING =
  /^(?:(?:,| or| and) \.\w+)?(?: files?)? (?:are|is|will be) (?:rejected|refused|not (?:accepted|allowed)|returned)\b/i;

/** "Files called IMG_1234.jpg will be returned." */
const OF_CAMERA = /\b(?:IMG|DSC)\w*\.\w+/g;

export function readExtension(all: readonly Segment[], about: readonly Segment[], naming: ReadNaming): void {
  const endings = new Set<string>();
  for (const segment of all)
    for (const match of segment.text.matchAll(
      /(?:\b(?:file )?(?:extension|ending|suffix)s?\b[^.;]{0,12}|(?<=^|[\s("“']))\.(jpe?g|tiff?|png)\b/gi,
    ))
      if (
        !/\bnot (?:as )?$/i.test(segment.text.slice(0, match.index)) &&
        !REFUSED_ENDING.test(segment.text.slice(match.index + match[0].length))
      )
        endings.add((match[1] ?? '').toLowerCase().replace('tiff', 'tif'));
  for (const segment of about)
    for (const match of segment.text.replace(OF_CAMERA, '').matchAll(/\.(jpe?g|tiff?|png)\b/gi))
      endings.add((match[1] ?? '').toLowerCase().replace('tiff', 'tif'));
  const [only] = [...endings];
  if (endings.size === 1 && only) naming.extension = only as ReadNaming['extension'];
}

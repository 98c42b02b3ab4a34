import { exampleWithoutEnding, namesIn, showsName, trimExample } from '../common/name-examples.ts';
import { partsOfExample } from './name-literals.ts';
import { partOfWord } from './name-vocabulary.ts';
import { hasOtherPart, partsNamed } from './part-words.ts';
import { readParts } from './read-name-parts.ts';
import { readPlaceholder } from './read-placeholder.ts';
import { readCharacters, readExtension, type Claim } from './read-name-characters.ts';
import type { ReadNaming } from '../common/reading.ts';
import type { Found } from '../common/found.ts';
import type { Segment } from '../common/segments.ts';
import { phrases } from '../common/word-lists.ts';

/** How files are to be called: an example, and its parts in order. */

const ABOUT_NAMES = phrases`
  file ?-?names?
  nam(?:e|ed|ing) (?:of )?(?:the |each |your |every |all )?(?:files?|images?|pictures?|photos?|jpe?gs?)
  files? (?:must|should|will|to|are to|is to)? ?be (?:named|renamed|called|titled|labelled)
  (?:name|title|call|label|rename) (?:each|the|your|every|all|both|it|them) ?(?:of )?(?:the |your )?(?:files?|images?|pictures?|photos?|jpe?gs?)?
  ^(?:the )?name (?:must be |should be |is )?made up of\b | ^(?:the )?names? (?:must |should )?consists? of\b
  naming | files? named (?=0*1\b) | named (?=[A-Za-z]*[Nn](?:ame|AME)_) | name convention | ^(?:the )?names?(?=\s*[:=]| without) | \bname(?=\s*=) | \bas its (?:file ?-?)?name\b
  \bgiven a name\b | \bgive (?:each|every|the|your|all) files? (?:the|a) names?\b
  (?:image|picture|photo) names?(?=\s*:) | files? (?:is|are) (?:called|named)
  (?:named|called|titled|labelled) (?:as|with|by|using|in(?! the (?:contract|letter|form|list|rules))|like|thus|following|according) | rename files
  spaces? in (?:the |a )?(?:file ?)?names? | must be (?:named|called|titled)
  \btheir names? (?:no|is|are|up to)\b | files? (?:must|should) be given (?:the|its) (?:title|name)\b | files? (?:must|should) (?:bear|carry) (?:only )?(?:the|its|your)\b
  (?:identify|label) (?:each|every|all|the|your) (?:files?|pictures?|images?|photos?)
`;

/** "Names: author and copyright fields empty". */
const OF_FIELDS =
  /\bfields? (?:must be |should be |are |is )?(?:left )?(?:empty|blank)\b|^(?![^]*(?:\bfiles?\b|\.(?:jpe?g|tiff?|png)\b))[^]*\b(?:iptc|xmp|creator field|in headline|in creator)\b/i;

export function readNaming(segments: readonly Segment[]): { naming: ReadNaming; found: Found[] } {
  const naming: ReadNaming = {
    example: null,
    parts: null,
    spaces: null,
    allowed: null,
    maxLength: null,
    extension: null,
  };
  const found: Found[] = [];
  const claim = (field: string, segment: Segment, from: number, to: number) =>
    found.push({
      field: `naming.${field}`,
      value: null,
      start: segment.start + from,
      end: segment.start + to,
      advice: false,
    });

  const about = segments.filter(
    (segment, i) =>
      !OF_FIELDS.test(segment.text) &&
      (ABOUT_NAMES.test(segment.text) ||
        /\btitles?\b[\s\S]{0,60}\b(?:characters|letters)\b/i.test(segment.text) ||
        showsName(segment.text) ||
        /^keep (?:the |your )?titles? short\b/i.test(segment.text) ||
        isPattern(segment.text) ||
        isUnderNamingHead(segments, i) ||
        isBeforeExample(segments, i) ||
        isAfterthought(segments, i)),
  );
  let hasSpacedExample = false;
  for (const segment of about) {
    const isFault = isEmailOrFault(segment.text);
    const shown = namesIn(segment.text).filter(m => !isFault || !/\b(?:IMG|DSC)/i.test(m[0]));
    if (withComma(segment.text, naming, claim, segment)) continue;
    // A pattern in brackets is shown where no example is filled in.
    const match = shown.find(m => !/^[[<{]/.test(m[0])) ?? shown[0];
    if (!match) continue;
    const name = trimExample(match[0], match.index === 0);
    naming.example ??= name;
    hasSpacedExample ||= namesIn(segment.text).some(m =>
      trimExample(m[0].replace(/[[<{][^\]>}]*[\]>}]/g, 'X'), m.index === 0).includes(' '),
    );
    if (naming.example === name)
      claim('example', segment, match.index + match[0].length - name.length, match.index + match[0].length);
  }
  if (!naming.example) readWithoutEnding(about, naming, claim);
  readPlaceholder(about, naming, claim);
  readParts(about, segments, naming, claim);
  addEnding(about, naming, claim);
  readCharacters(about, naming, claim);
  if (!naming.spaces && hasSpacedExample) naming.spaces = 'allowed';
  readExtension(segments, about, naming);
  return { naming, found };
}

/** "Add _web or _print": words at the end that tell the files of an entry apart. */
const ENDINGS =
  /\b(?:add(?:ing)?|with|and|then|plus|followed by|end(?:ing|s)?(?: in| with)?) ["“']?(?<mark>[_-])[a-z]{1,12}["”']?(?:,? (?:or|and) |, )["“']?[_-][a-z]{1,12}\b/i;

function addEnding(about: readonly Segment[], naming: ReadNaming, claim: Claim): void {
  if (!naming.parts || naming.example || naming.parts.includes('deliverable')) return;
  for (const segment of about) {
    const ending = ENDINGS.exec(segment.text);
    if (!ending) continue;
    naming.parts = [...naming.parts, `text:${ending.groups?.['mark'] ?? ''}`, 'deliverable'];
    claim('parts', segment, ending.index, ending.index + ending[0].length);
    return;
  }
}

/** "Membership number - title, e.g. 112 - Frosted Reeds": an example without its ending, beside the parts. */
function readWithoutEnding(about: readonly Segment[], naming: ReadNaming, claim: Claim): void {
  for (const segment of about) {
    const shown = exampleWithoutEnding(segment.text);
    // Words that stand for parts are a pattern and no example.
    const isPatterned = shown?.name.split(/ - |[_-]| /).some(word => partOfWord(word) !== undefined);
    if (
      !shown ||
      isPatterned ||
      !ABOUT_NAMES.test(segment.text) ||
      !(partsNamed(segment.text).length || hasOtherPart(segment.text))
    )
      continue;
    naming.example = shown.name;
    if (/ /.test(shown.name)) naming.spaces ??= 'allowed';
    claim('example', segment, shown.at, shown.at + shown.name.length);
    return;
  }
}

/** "The title, a comma and your number: Old Salt, 221.jpg". */
function withComma(text: string, naming: ReadNaming, claim: Claim, segment: Segment): boolean {
  const match =
    /(?<=[:(“"] ?|\be\.g\. |\bexample )(?<name>[A-Z][\w’']*(?: [\w’']+){0,4}(?:, [\w’' ]{1,24}){1,3}\.(?:jpe?g|tiff?|png))\b/.exec(
      text,
    );
  const name = match?.groups?.['name'];
  const isParted = /\bcomma\b|["“]\w[\w ]+(?:, [\w ]+)+[”"]/i.test(text);
  if (!match || name === undefined || naming.example || !isParted) return false;
  naming.example = name;
  naming.spaces ??= 'allowed';
  claim('example', segment, match.index, match.index + match[0].length);
  return true;
}

/** "No spaces." right behind the sentence about names. */
function isAfterthought(segments: readonly Segment[], index: number): boolean {
  const { text } = segments[index] ?? { text: '' };
  // "Title: required; 40 characters max".
  if (/\bcharacters\b/i.test(text) && /^titles?\s*:/i.test(segments[index - 1]?.text ?? '')) return true;
  // "The title is the one in the catalogue. It may be up to 40 characters long."
  if (/^it (?:may|must|should|can)\b[^.;]{0,40}\bcharacters\b/i.test(text))
    return /\btitle\b/i.test(segments[index - 1]?.text ?? '');
  // "No author's name in the file name; the title only."
  if (/^\W*(?:just |only |use )?the title(?: only| alone)?\W*$/i.test(text))
    return ABOUT_NAMES.test(segments[index - 1]?.text ?? '');
  if (
    text.length > 140 ||
    !/\b(?:spaces?|blanks?|accents?|umlauts?|diacritics|characters?|letters|hyphens?|under-?scores?|punctuation|commas?|full stops|slash(?:es)?|brackets|symbols)\b/i.test(
      text,
    )
  )
    return false;
  return [1, 2].some(back => {
    const before = segments[index - back]?.text ?? '';
    return (
      ABOUT_NAMES.test(before) ||
      showsName(before) ||
      /\btitles?\b(?:[^.]|max\.){0,30}\bcharacters\b/i.test(before)
    );
  });
}

/** "Club code, dash, number, dash, title. Example: QB-09-Low Sun.jpg" */
function isBeforeExample(segments: readonly Segment[], index: number): boolean {
  const next = segments[index + 1]?.text ?? '';
  return (
    (/^(?:an )?(?:example\s*:|so\s*:|for example\b|e\.g\.)/i.test(next) || isNameAlone(next)) &&
    showsName(next) &&
    partsNamed(segments[index]?.text ?? '').length >= 2
  );
}

/** A line that holds a file's name and nothing more. */
const isNameAlone = (text: string) => namesIn(text).some(m => m[0].length >= text.trim().length);

/** "Use the format YEAR_SURNAME_TITLE." */
function isPattern(text: string): boolean {
  const written = /\b[A-Za-z]{4,}(?:_[A-Za-z]{4,}){1,4}\b(?!\.\w)/.exec(text)?.[0];
  return written !== undefined && partsOfExample(written) !== undefined;
}

function isEmailOrFault(text: string): boolean {
  return /\bnot\b[^.;]{0,20}(?:IMG|DSC)|\bno (?:IMG|DSC)|\blike IMG_|\b(?:called|named) (?:IMG|DSC)/i.test(
    text,
  );
}

function isUnderNamingHead(segments: readonly Segment[], index: number): boolean {
  for (let i = index - 1; i >= Math.max(0, index - 4); i--) {
    const text = segments[i]?.text ?? '';
    if (
      /^(?:§? ?\d+[.)]?\s*)?(?:(?:file ?-?)?nam(?:e|es|ing)\b[^.]{0,25}|(?:photo |image |picture )?titles?)[:.]?$/i.test(
        text,
      )
    )
      return true;
    if (text.length < 40 && /:$|^[A-Z][A-Z ]+\.?$/.test(text)) return false;
  }
  return false;
}

import type { DateForm, LetterForm, NamePart, NamePattern } from '../rules/name-pattern.ts';

/** What a name is made of for one picture. */
export interface NameInput {
  title: string;
  sectionCode: string | undefined;
  /** Zero-based place of the picture in its section and in the whole submission. */
  placeInSection: number;
  placeInSubmission: number;
  /** The entrant's details by id. */
  details: Readonly<Record<string, string>>;
  /** The label of the file's deliverable. */
  deliverable?: string;
  /** ISO dates: of the picture, and of the sheet's closing. */
  takenOn?: string | undefined;
  closesOn?: string | undefined;
}

export type NameProblem =
  | { code: 'title-missing' }
  | { code: 'title-has-no-usable-letters'; title: string }
  | { code: 'section-missing' }
  | { code: 'detail-missing'; detail: string }
  | { code: 'detail-has-no-usable-letters'; detail: string }
  | { code: 'date-missing'; of: 'taken' | 'closing' }
  | { code: 'number-too-long'; number: number; digits: number }
  | { code: 'name-too-long'; name: string; length: number; maxLength: number }
  | { code: 'name-not-portable'; name: string; reason: PortabilityFault };

export type NameResult = { ok: true; name: string } | { ok: false; problems: NameProblem[] };

export type PortabilityFault =
  'reserved-word' | 'ends-in-dot-or-space' | 'forbidden-character' | 'too-many-bytes';

/** Letters that Unicode decomposition leaves whole. */
const FOLDED: Readonly<Record<string, string>> = {
  ß: 'ss',
  æ: 'ae',
  Æ: 'AE',
  œ: 'oe',
  Œ: 'OE',
  ø: 'o',
  Ø: 'O',
  ł: 'l',
  Ł: 'L',
  đ: 'd',
  Đ: 'D',
  þ: 'th',
  Þ: 'Th',
  ð: 'd',
  Ð: 'D',
  ı: 'i',
};

/** Device names that one widespread family of systems refuses as file names, whatever the extension. */
const RESERVED = /^(con|prn|aux|nul|com[0-9]|lpt[0-9])$/i;
/** Characters that at least one widespread file system refuses. */
const UNHOLDABLE = /[\u0000-\u001f\u007f<>:"/\\|?*]/g;
/** Most bytes one name may hold on the usual file systems (255, UTF-8). */
const MAX_NAME_BYTES = 255;

/**
 * Builds the file name of one picture.
 * @returns the name, or every reason why there cannot be one yet
 */
export function buildName(pattern: NamePattern, input: NameInput): NameResult {
  const problems: NameProblem[] = [];
  const stem = pattern.parts.map(part => writePart(part, pattern, input, problems)).join('');
  const name = `${stem}.${pattern.extension}`;
  if (problems.length) return { ok: false, problems };
  const length = [...name].length;
  if (pattern.maxLength !== undefined && length > pattern.maxLength)
    problems.push({ code: 'name-too-long', name, length, maxLength: pattern.maxLength });
  const reason = portabilityFault(name);
  if (reason) problems.push({ code: 'name-not-portable', name, reason });
  return problems.length ? { ok: false, problems } : { ok: true, name };
}

/** Why a name could not be held by some computer, or undefined. */
export function portabilityFault(name: string): PortabilityFault | undefined {
  const stem = name.replace(/\.[^.]*$/, '');
  if (RESERVED.test(stem.split('.')[0] ?? '')) return 'reserved-word';
  if (/[. ]$/.test(stem) || /[. ]$/.test(name) || /^[. ]/.test(name)) return 'ends-in-dot-or-space';
  if (name.search(UNHOLDABLE) !== -1) return 'forbidden-character';
  if (utf8Length(name) > MAX_NAME_BYTES) return 'too-many-bytes';
  return undefined;
}

function writePart(part: NamePart, pattern: NamePattern, input: NameInput, problems: NameProblem[]): string {
  switch (part.kind) {
    case 'text':
      return part.text;
    case 'section-code':
      if (!input.sectionCode) return report(problems, { code: 'section-missing' });
      return writeCode(input.sectionCode, part, pattern);
    case 'deliverable':
      return writeText(input.deliverable ?? '', part.form, pattern, part.maxLength);
    case 'date': {
      const date = part.of === 'taken' ? input.takenOn : input.closesOn;
      return date ? writeDate(date, part.form) : report(problems, { code: 'date-missing', of: part.of });
    }
    case 'title':
      if (!input.title.trim()) return report(problems, { code: 'title-missing' });
      return (
        writeText(input.title, part.form, pattern, part.maxLength) ||
        report(problems, { code: 'title-has-no-usable-letters', title: input.title })
      );
    case 'detail': {
      const value = input.details[part.detail]?.trim() ?? '';
      if (!value) return report(problems, { code: 'detail-missing', detail: part.detail });
      return (
        writeText(value, part.form, pattern, part.maxLength) ||
        report(problems, { code: 'detail-has-no-usable-letters', detail: part.detail })
      );
    }
    case 'number': {
      const place = part.within === 'section' ? input.placeInSection : input.placeInSubmission;
      const number = part.start + part.step * place;
      if (String(number).length > part.digits)
        problems.push({ code: 'number-too-long', number, digits: part.digits });
      return String(number).padStart(part.digits, '0');
    }
  }
}

/** A section's code as it stands: it is the organiser's own spelling, so only a letter form changes it. */
export function writeCode(
  code: string,
  { form, maxLength }: { form: LetterForm; maxLength?: number | undefined },
  pattern: NamePattern,
): string {
  if (form === 'as-typed' && maxLength === undefined) return code;
  return writeText(code, form, pattern, maxLength);
}

/** Writes an ISO date into a name. */
export function writeDate(date: string, form: DateForm): string {
  const [year = '', month = '', day = ''] = date.slice(0, 10).split('-');
  switch (form) {
    case 'year-month-day':
      return `${year}-${month}-${day}`;
    case 'day-month-year':
      return `${day}-${month}-${year}`;
    case 'run-together':
      return `${year}${month}${day}`;
    case 'year-month':
      return `${year}-${month}`;
    case 'year':
      return year;
  }
}

function report(problems: NameProblem[], problem: NameProblem): '' {
  problems.push(problem);
  return '';
}

/** Writes one text in a letter form, keeping to the pattern's characters and the part's greatest length. */
export function writeText(
  text: string,
  form: LetterForm,
  pattern: Pick<NamePattern, 'characters' | 'spaces'>,
  maxLength?: number,
): string {
  // Apostrophes belong to their word: "Gull's" is GullS to nobody.
  let clean = text.normalize('NFC').replace(/['’‘]/g, '').replace(UNHOLDABLE, ' ');
  if (pattern.characters !== 'any') clean = foldToPlain(clean);
  if (pattern.characters === 'letters-digits') clean = clean.replace(/[_-]+/g, ' ');
  const words = clean.split(form === 'as-typed' ? /\s+/ : /[\s_.-]+/).filter(Boolean);
  const joined = words.map(word => wordInForm(word, form)).join(joiner(form, pattern.spaces));
  const cut = maxLength === undefined ? joined : [...joined].slice(0, maxLength).join('');
  return cut.replace(/^[\s._-]+|[\s._-]+$/g, '');
}

function wordInForm(word: string, form: LetterForm): string {
  if (form === 'upper') return word.toUpperCase();
  if (form === 'lower') return word.toLowerCase();
  if (form === 'run-together-capitals') return word.toUpperCase();
  if (form === 'run-together') {
    const [first = '', ...rest] = [...word];
    return first.toUpperCase() + rest.join('');
  }
  return word;
}

function joiner(form: LetterForm, spaces: NamePattern['spaces']): string {
  if (form === 'hyphens') return '-';
  if (form === 'underscores') return '_';
  if (form === 'run-together' || form === 'run-together-capitals' || spaces === 'forbidden') return '';
  return ' ';
}

/** Reduces text to A–Z, a–z, 0–9, space, hyphen and underscore; accents are dropped, ligatures are spelt out. */
function foldToPlain(text: string): string {
  const spelt = [...text].map(letter => FOLDED[letter] ?? letter).join('');
  return spelt
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/[^A-Za-z0-9_-]+/g, ' ');
}

function utf8Length(text: string): number {
  let bytes = 0;
  for (const letter of text) {
    const code = letter.codePointAt(0) ?? 0;
    bytes += code < 0x80 ? 1 : code < 0x800 ? 2 : code < 0x10000 ? 3 : 4;
  }
  return bytes;
}

import { wordsFor } from '../names/align-example.ts';
import type { DateForm, LetterForm, NamePart, NamePattern } from '../../rules/name-pattern.ts';
import type { Detail } from '../../rules/rule-sheet.ts';
import type { ReadNaming } from '../common/reading.ts';

/** Parts of a name that are details of the person, with their labels. */
const DETAILS: Readonly<Record<string, string>> = {
  surname: 'Surname',
  'first name': 'First name',
  initials: 'Initials',
  author: 'Name',
  'member number': 'Member number',
  'club number': 'Club number',
  'club code': 'Club code',
  'student number': 'Student number',
  'entry number': 'Entry number',
  'catalogue number': 'Catalogue number',
  year: 'Year',
  month: 'Month',
  species: 'Species',
};

/** What differs from picture to picture, as a title does. */
const OF_EACH_PICTURE = ['species', 'catalogue number'];

/** The part of a name that a picture's title gives where the name has no title: its species, its catalogue number. */
export function givenByTitle({ parts }: ReadNaming): string | undefined {
  return parts?.includes('title') ? undefined : parts?.find(part => OF_EACH_PICTURE.includes(part));
}

/** The name pattern of a reading, without its extension, and the details that it draws on. */
export function nameFromReading(
  naming: ReadNaming,
  hasSections: boolean,
): { pattern: Omit<NamePattern, 'extension'>; details: Detail[] } {
  const form = titleForm(naming);
  const details: Detail[] = [];
  const title = givenByTitle(naming) ?? 'title';
  const parts = (naming.parts ?? ['title']).map((part): NamePart => {
    if (part.startsWith('text:')) return { kind: 'text', text: part.slice(5) };
    if (part === 'section code' && hasSections) return { kind: 'section-code', form: 'as-typed' };
    if (part === 'date') return { kind: 'date', of: 'taken', form: dateForm(naming) };
    if (part === title) return { kind: 'title', form };
    if (part === 'deliverable') return { kind: 'deliverable', form: 'lower' };
    if (part === 'sequence')
      return {
        kind: 'number',
        start: 1,
        step: 1,
        digits: digitsOf(naming),
        within: hasSections ? 'section' : 'submission',
      };
    const label = DETAILS[part] ?? (part === 'section code' ? 'Section' : undefined);
    if (!label) return { kind: 'title', form };
    const id = part.replace(/ /g, '-');
    if (!details.some(d => d.id === id)) details.push({ id, label, shape: { kind: 'any' } });
    return { kind: 'detail', detail: id, form: form === 'upper' ? 'upper' : 'as-typed' };
  });
  const maxLength =
    naming.maxLength !== null && naming.maxLength >= 5 ? { maxLength: Math.min(200, naming.maxLength) } : {};
  return {
    pattern: { parts, spaces: naming.spaces ?? 'forbidden', characters: 'plain', ...maxLength },
    details,
  };
}

function titleForm({ example, spaces }: ReadNaming): LetterForm {
  const stem = example?.replace(/\.\w+$/, '') ?? '';
  const letters = stem.replace(/[^A-Za-z]/g, '');
  if (letters.length > 5 && letters === letters.toUpperCase()) return 'upper';
  if (letters && letters === letters.toLowerCase()) return 'lower';
  if (spaces === 'allowed') return 'as-typed';
  return 'run-together';
}

/** A date is written as the example has it. */
function dateForm({ example, parts }: ReadNaming): DateForm {
  const described = (parts ?? []).filter(part => !part.startsWith('text:'));
  const shown = wordsFor('date', example ?? '', described) ?? '';
  if (/^\d+$/.test(shown)) return 'run-together';
  return /^\d{1,2}-/.test(shown) ? 'day-month-year' : 'year-month-day';
}

/** As many digits as the example's running number has; two where it shows none. */
function digitsOf({ example, parts }: ReadNaming): number {
  const described = (parts ?? []).filter(part => !part.startsWith('text:'));
  const number = wordsFor('sequence', example ?? '', described);
  if (number !== undefined) return /^\d+$/.test(number) ? number.length : 2;
  const runs = [...(example ?? '').matchAll(/(?<!\d)0\d{0,5}(?!\d)|(?<!\d)\d{1,3}(?!\d)/g)].map(
    m => m[0].length,
  );
  return runs.length === 1 ? (runs[0] ?? 2) : 2;
}

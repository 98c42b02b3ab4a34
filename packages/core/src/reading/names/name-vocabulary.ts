/** The words that stand for the parts of a file's name: one table, for sentences and for examples made of words. */

/** "Number", "name" and "code" mean what they belong to: the number of a member, of a picture, of a club. */
const HEADS = {
  number: 'numbers?|no\\b\\.?|num\\b|nr\\b|id\\b',
  reference: 'numbers?|no\\b\\.?|num\\b|id\\b|reference|code',
  code: 'code|letters?|initials?|abbreviation|prefix|number',
  name: 'names?',
  /** "Image name: …" heads a line about files. */
  called: 'name(?!s| ?[:=])',
} as const;

/** Whose number, name or code makes which part. The first row that fits counts. */
const OWNED: readonly (readonly [part: string, head: keyof typeof HEADS, owners: string])[] = [
  ['section code', 'code', 'section|class|category|theme|age group'],
  ['member number', 'number', "(?:author|member|photographer|maker|entrant)['’]s club"],
  ['member number', 'number', 'club member(?:ship)?'],
  ['student number', 'number', 'student(?: or staff)?|matriculation|pupil|candidate|roll|registration|reg'],
  ['club number', 'number', 'club|school|team|(?<!age )group'],
  [
    'member number',
    'number',
    'member(?:ship)?(?: id)?|staff|payroll|personnel|employee|badge|entrant|participant|author|login|id|photographer|maker|exhibitor|reader|subscriber|driver|league|pilot|recorder|observer|volunteer|plot|allotment',
  ],
  ['club code', 'code', 'club|society|team|school|university|college|federation|association'],
  ['club code', 'name', 'club|society|team'],
  [
    'entry number',
    'reference',
    'start|starting|race|bib|stand|studio|stall|booth|pitch|garden|lot|label|entry(?: form)?|submission|application|applicant|competitor|inscription|ticket',
  ],
  [
    'catalogue number',
    'number',
    'catalogue|accession|inventory|object|museum|sheet|specimen|register|archive|barcode|negative',
  ],
  ['first name', 'name', 'first|given|christian|fore'],
  ['surname', 'name', 'last|family|sur'],
  ['species', 'name', 'common|latin|scientific|species'],
  ['title', 'called', 'image|picture|photo(?:graph)?|work'],
  [
    'author',
    'name',
    'member|author|artist|photographer|maker|worker|entrant|applicant|owner|donor|participant|full|your(?: (?:full|own))?',
  ],
  [
    'sequence',
    'number',
    'running|ordinal|progressive|playing|showing|sequence|sequential|serial|consecutive|order|image|picture|photo|pic|print|pdi|dpi|slide|plate|work|file|figure|sample|item',
  ],
];

/** Parts that one word names by itself. */
const ALONE: readonly (readonly [part: string, words: string])[] = [
  ['initials', '(?:first )?initials?'],
  ['member number', 'member(?:ship)?[ -]?code|pin'],
  ['first name', 'forenames?'],
  ['surname', 'surnames?'],
  [
    'title',
    'short subject|(?:(?:short|series|image|picture|photo) )?titles?(?: of (?:the |your )?(?:image|picture|photo|work))?|names? of (?:the|your) (?:cheese|dish|recipe|cake|boat|ship|building|garden|product|bridge|mill|mountain|lake)',
  ],
  ['species', 'species'],
  ['country', 'country(?: code)?'],
  ['month', 'month'],
  ['year', 'year'],
  [
    'sequence',
    'sequence|rank(?:ing)?(?: you give (?:it|the image))?|(?:(?:place|position) in the )?(?:running|playing|showing|projection) order',
  ],
];

/** "Three-letter club code", "two-digit running number": how long a part is. */
const LENGTH =
  '(?:(?:\\w+|\\d)[- ](?:letter|figure|digit|character)s? |(?:two|three|four) (?=letters|figures|digits))?';
const ARTICLE = '(?:(?:the|your|each|every|its|their|an?) )?';
/** "The author's surname", "the member's club number": whose part it is changes nothing. */
const PERSON =
  "(?:(?:author|artist|photographer|member|maker|entrant|owner|child|pupil|student)['’]s (?:own )?)?";

/** Both ways of saying what belongs to what: "membership number", "number of the member". */
const OWNED_FORMS = OWNED.map(([part, head, owners]) => {
  const owner = `(?:${owners})(?:['’]?s['’]?)?`;
  return [
    part,
    `${owner}${head === 'name' ? '[ -]?' : ' ?'}${LENGTH}(?:${HEADS[head]})|(?:${HEADS[head]}) (?:of|for) ${ARTICLE}${owner}`,
  ] as const;
});
const FORMS = [...OWNED_FORMS, ...ALONE];

/** Every way of naming a part in a sentence. Rows that stand first win where two overlap. */
export const PART_PHRASES: readonly (readonly [part: string, words: RegExp])[] = FORMS.map(
  ([part, words]) => [part, new RegExp(`\\b${PERSON}(?:${words})(?!\\w)`, 'gi')] as const,
);

/** Single words that name a part only where they stand among others: in an example, or joined to a part. */
export const BARE_WORDS: Readonly<Record<string, string>> = {
  number: 'sequence',
  name: 'author',
  author: 'author',
  credit: 'author',
  artist: 'author',
  photographer: 'author',
  maker: 'author',
  worker: 'author',
  painter: 'author',
  section: 'section code',
  theme: 'section code',
  class: 'section code',
  category: 'section code',
  club: 'club code',
  team: 'club code',
  date: 'date',
  view: 'deliverable',
  subject: 'title',
};

/** Single words that name a part only in an example made of such words: "Donor_Subject_Web.jpg". */
const EXAMPLE_WORDS: Readonly<Record<string, string>> = {
  ...BARE_WORDS,
  membership: 'member number',
  no: 'sequence',
  nr: 'sequence',
  nn: 'sequence',
  seq: 'sequence',
  order: 'sequence',
  theme: 'section code',
  subject: 'title',
  keyword: 'title',
  project: 'title',
  projectname: 'title',
  projecttitle: 'title',
  applicant: 'author',
  creator: 'author',
  shorttitle: 'title',
  entrant: 'author',
  participant: 'author',
  observer: 'author',
  recorder: 'author',
  photo: 'deliverable',
  sign: 'deliverable',
  signature: 'deliverable',
  print: 'deliverable',
  web: 'deliverable',
  main: 'deliverable',
  key: 'deliverable',
  cover: 'deliverable',
  thumb: 'deliverable',
  small: 'deliverable',
  large: 'deliverable',
  jury: 'deliverable',
  detail: 'deliverable',
  whole: 'deliverable',
};

/** Written together a word has neither its spaces nor its apostrophe: "MembersInitials". */
const together = (words: string) => words.replaceAll("['’]s ", "['’]?s ").replaceAll(' ', ' ?');
const WHOLE = FORMS.map(
  ([part, words]) => [part, new RegExp(`^${together(`${PERSON}(?:${words})`)}$`, 'i')] as const,
);

/**
 * The part that a word of an example stands for, written together or apart: "MemberNo", "[title of image]".
 * Undefined where it names none.
 */
export function partOfWord(word: string): string | undefined {
  const plain = word
    .toLowerCase()
    .replace(/[[\]<>{}_-]/g, ' ')
    .trim()
    .replace(/^your ?/, '');
  return EXAMPLE_WORDS[plain.replace(/ /g, '')] ?? WHOLE.find(([, words]) => words.test(plain))?.[0];
}

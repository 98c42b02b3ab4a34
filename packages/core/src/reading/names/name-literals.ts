import { partOfWord } from './name-vocabulary.ts';
import { joinTexts, partsNamed, type PartSaid } from './part-words.ts';

/** What stands between the parts of a name, and which parts an example shows by itself. */

/** "surname-title" says its own separators. */
export function writtenOut(
  described: readonly PartSaid[],
  text: string,
  example: string | null,
): string[] | undefined {
  const joints = described
    .slice(1)
    .map((d, i) => text.slice(described[i]?.end, d.at).replace(/[[\]<>{}]/g, ''));
  if (!joints.every(joint => /^(?:[_.-]| [-–] | by )$/.test(joint))) return undefined;
  // "Club number – section – position, e.g. 208-O-07.jpg": those dashes part the words alone.
  if (example && joints.some(joint => /^ [-–] $/.test(joint) && !example.includes(joint))) return undefined;
  return described.flatMap((d, i) => (i ? [`text:${joints[i - 1] ?? ''}`, d.part] : [d.part]));
}

const MARKS: readonly (readonly [RegExp, string])[] = [
  [/\bunder-?scores?\b/i, '_'],
  [/\b(?:hyphens?|dash(?:es)?|minus)\b/i, '-'],
  [/\bspaces?\b/i, ' '],
  [/\b(?:full stops?|dots?|point)\b/i, '.'],
  [/\bcomma\b/i, ', '],
];

/** "First name, dash, title": a mark named between every two parts. */
export function saidBetween(described: readonly PartSaid[], text: string): string[] | undefined {
  const joints = described.slice(1).map((d, i) => {
    const between = text.slice(described[i]?.end, d.at);
    const said = MARKS.filter(([word]) => word.test(between));
    return said.length === 1 ? said[0]?.[1] : undefined;
  });
  if (!joints.length || joints.some(joint => joint === undefined)) return undefined;
  return described.flatMap((d, i) => (i ? [`text:${joints[i - 1] ?? ''}`, d.part] : [d.part]));
}

/** Puts the separators of the example between the described parts. */
export function literalsOf(example: string | null, parts: string[], text: string): string[] {
  const bySeparators = example && joinedAs(example, parts);
  if (bySeparators) return bySeparators;
  if (
    /,\s*(?:a )?space\s*,|\bseparated by (?:a )?(?:single )?spaces?\b|\bwith (?:a )?spaces? between\b/i.test(
      text,
    )
  )
    return parts.flatMap((part, i) => (i ? ['text: ', part] : [part]));
  // "Fifty_" brings its mark along.
  if (!example && parts.some(part => /^text:.*[_ -]$/.test(part))) return parts;
  if (!example) {
    // "No spaces" names no mark that joins the parts.
    const joints = text.replace(/\b(?:no|without|not) (?:any )?(?:spaces?|hyphens?|under-?scores?)\b/gi, ' ');
    const said = /_/.test(joints)
      ? ['_']
      : MARKS.filter(([word]) => word.test(joints)).map(([, mark]) => mark);
    const [mark] = said;
    return mark === undefined || said.length > 1 || parts.length < 2
      ? parts
      : parts.flatMap((part, i) => (i ? [`text:${mark}`, part] : [part]));
  }
  const stem = example.replace(/\.[A-Za-z]+$/, '');
  const pieces = stem.split(/( - | – |__|[_-])/);
  const fields = pieces.filter((_, i) => i % 2 === 0);
  const bySpace = stem.split(/([ _-])/);
  if (fields.length === 1 && bySpace.filter((_, i) => i % 2 === 0).length === parts.length)
    return parts.flatMap((part, i) => (i ? [`text:${bySpace[2 * i - 1] ?? ''}`, part] : [part]));
  // "07 Glenmorlich Old Boots": what is left over is the title's.
  if (fields.length === 1 && parts.at(-1) === 'title' && bySpace.length > 2 * parts.length)
    return parts.flatMap((part, i) => (i ? ['text: ', part] : [part]));
  if (fields.length < parts.length) return spread(parts, fields, pieces);
  if (bySpace.filter((_, i) => i % 2 === 0).length === parts.length)
    return parts.flatMap((part, i) => (i ? [`text:${bySpace[2 * i - 1] ?? ''}`, part] : [part]));
  return parts;
}

/** The described parts with the separators of an example that has just as many. */
function joinedAs(shown: string, parts: string[]): string[] | undefined {
  // "2027-05-09_Lutra_lutra.jpg": the marks within a day part nothing.
  const example = parts.includes('date')
    ? shown.replace(/\b((?:19|20)\d\d)[-.](\d\d)[-.](\d\d)(?!\d)/, '$1$2$3')
    : shown;
  const pieces = example.replace(/\.[A-Za-z]+$/, '').split(/( - | – |__|[_-])/);
  if ((pieces.length + 1) / 2 !== parts.length) return undefined;
  return parts.flatMap((part, i) => {
    // "Heathland_fig1": a word in front of the number stands in every name.
    const word = part === 'sequence' ? /^([A-Za-z]{2,8})\d+$/.exec(pieces[2 * i] ?? '')?.[1] : undefined;
    // "SALON_" brings its mark along.
    const isMarked = /^text:.*[_ -]$/.test(parts[i - 1] ?? '');
    const fixed = (i && !isMarked ? (pieces[2 * i - 1] ?? '') : '') + (word ?? '');
    return fixed ? [`text:${fixed}`, part] : [part];
  });
}

/** Fewer separators than joints: parts that touch share one field. A change from letter to figure is such a joint. */
function spread(parts: string[], fields: string[], pieces: string[]): string[] {
  const joints = fields.map(
    field => 1 + (/^[A-Za-z]+\d/.test(field) ? 1 : 0) + (/^\d+[A-Za-z]/.test(field) ? 1 : 0),
  );
  if (joints.reduce((a, b) => a + b, 0) !== parts.length) return parts;
  const out: string[] = [];
  let next = 0;
  joints.forEach((count, i) => {
    if (i) out.push(`text:${pieces[2 * i - 1] ?? ''}`);
    // "class73plot12": words in front of the numbers stand in every name.
    const words = [...(fields[i] ?? '').matchAll(/([a-z]{3,})\d+/g)];
    if (words.length === count && words.map(m => m[0]).join('') === fields[i]) {
      for (const [, word] of words) out.push(`text:${word ?? ''}`, parts[next++] ?? '');
      return;
    }
    for (let k = 0; k < count; k++) out.push(parts[next++] ?? '');
  });
  return out;
}

/** The parts that an example names itself; undefined where one of its words is no part's name. */
export function partsOfExample(example: string): string[] | undefined {
  // "Species-YYYY-MM-DD": the marks within a day part nothing.
  const stem = example.replace(/\.[A-Za-z]+$/, '').replace(/\by{4}[-_.]mm[-_.]dd\b/gi, 'YYYYMMDD');
  const splits = [
    /( - | – |__|_by_|-by-| by |[_-])/i,
    /( - |-)/,
    /( - | – |__| by |_)/,
    /( - | – |__| by |[ _-])/,
    /(\.)/,
    // "[Section][Number] [Title]".
    /((?<=[\]>}]) ?(?=[[<{]))/,
  ];
  return splits.map(split => namedPieces(stem.split(split))).find(parts => parts !== undefined);
}

/** @param pieces words and the separators between them, in turn */
function namedPieces(pieces: readonly string[]): string[] | undefined {
  const named = pieces.flatMap((piece, i) =>
    i % 2 ? (piece ? [`text:${piece}`] : []) : partsOfPiece(piece),
  );
  const isNumberAlone = pieces.length === 1 && named[0] === 'sequence';
  const isWhole = named.length > 1 && named.every(part => part !== undefined);
  const isPersonAlone =
    named.length === 1 &&
    (['first name', 'surname', 'title'].includes(named[0] ?? '') || /^your/i.test(pieces[0] ?? ''));
  if ((!isWhole && !isNumberAlone && !isPersonAlone) || named.includes(undefined)) return undefined;
  // "NAME_Firstname": beside a first name, a name is the other one.
  const [hasFirst, hasLast] = [named.includes('first name'), named.includes('surname')];
  const other = hasFirst === hasLast ? 'author' : hasFirst ? 'surname' : 'first name';
  // "surname-photographer" has two people.
  const hasPhotographer = pieces.some(piece => /^(?:photographer|artist|author)$/i.test(piece));
  return joinTexts((named as string[]).map(part => (part === 'author' && !hasPhotographer ? other : part)));
}

/** The part that one piece names; several for words that run together, such as LastnameFirstname. */
function partsOfPiece(piece: string): (string | undefined)[] {
  // "[Section][Number]": brackets that touch hold a part each.
  const bracketed = piece.match(/[[<{][^\]>}]*[\]>}]/g) ?? [];
  if (bracketed.length > 1 && bracketed.join('') === piece) return bracketed.flatMap(partsOfPiece);
  const whole = partOfWord(piece) ?? (/^[[<{]/.test(piece) ? partsNamed(piece)[0]?.part : undefined);
  if (whole) return [whole];
  if (/^(?:0?1|01|001|n{1,3}|x{1,3}|#+)$/i.test(piece)) return ['sequence'];
  if (/^(?:(?:19|20)\d\d|y{4})$/i.test(piece)) return ['year'];
  if (/^(?:y{2,4}[-.]?mm[-.]?dd|dd[-.]?mm[-.]?y{2,4})$/i.test(piece)) return ['date'];
  if (/^(?:mono|colou?r)$/i.test(piece)) return ['section code'];
  const numbered = /^(?<word>image|photo|picture|pic|img|fig|figure|plate|spread)(?:0?1|n)$/i.exec(piece)
    ?.groups?.['word'];
  if (numbered) return [`text:${numbered}`, 'sequence'];
  const words = piece.split(/(?<=[a-z])(?=[A-Z\d])/);
  return words.length > 1 ? words.map(partOfWord) : [undefined];
}

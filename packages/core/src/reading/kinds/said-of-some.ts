import { labelOf, SPEC } from '../common/kind-words.ts';
import type { Group } from '../common/group.ts';

/** Demands that stand among what is said of all kinds of file and name some of them: "No text in icon and header." */

/** What forbids or allows. */
const VERDICT =
  /\b(?:no|not|never|nothing|without|neither|nor|cannot|forbidden|prohibited|are allowed)\b|n['’]t\b/i;

/** What a denial ends with: the kinds it is meant for. */
const MEANT_FOR =
  /\b(?:in|on|over|across) (?:the |your )?(?<kinds>[a-z]+(?: [a-z]+)?(?:(?:, | and | or |, and |, or )(?:in |on )?(?:the |your )?[a-z]+(?: [a-z]+)?){0,3})(?=[.!]?$|, (?:i|we) )/i;

/** "Plans without frames", "the photograph should be 200 dpi": the kind that a sentence is about. */
const OF_ITSELF =
  /^(?:the |your )?(?<kinds>[a-z]+(?: [a-z]+)?) (?:without|(?:must|may|should|can|do|does|is|are|shall) ?(?:not|n['’]t)|cannot|(?:must|should|has to) (?:be|have))\b/i;

/** A kind as the head of its line or paragraph calls it: "Header ....... 1440 x 480". */
const CALLED = /^\W*(?:the |your )?(?<name>[A-Za-z]+(?: [A-Za-z]+)?)(?=\s*[:(.–—-]|\s{2,}|,? \d)/;

/** What pictures of every kind are called. */
const GENERIC = /^(?:images?|pictures?|photos?|photographs?|files?|works?)$/i;

/** "Plans", "interior pictures": the word that tells the kind. */
const bareOf = (name: string) =>
  name
    .toLowerCase()
    .replace(/ (?:images?|pictures?|photos?|photographs?|files?|versions?)$/, '')
    .replace(/(?<=[a-z]{2})s$/, '');

/** The kinds that a demand names, by their places among the groups; none where it names others, or all of them. */
function namedBy(text: string, called: readonly (readonly string[])[]): number[] {
  const behind = VERDICT.test(text) && !SPEC.test(text) ? MEANT_FOR.exec(text) : null;
  const listed = (behind ?? OF_ITSELF.exec(text))?.groups?.['kinds'];
  if (listed === undefined) return [];
  const those = listed.split(/,? (?:and|or) |, /i).map(written => {
    const name = written.replace(/^(?:in |on )?(?:the |your )?/i, '').toLowerCase();
    // "The photograph" of an applicant is a kind; "photos" are all of them.
    const usual = GENERIC.test(name) && name !== 'photograph' ? undefined : labelOf(name);
    const isIt = (called: string) => called === bareOf(name) || called === usual;
    return called.findIndex(names => names.some(isIt));
  });
  return those.includes(-1) || those.length === called.length ? [] : those;
}

/**
 * Gives such a demand to the kinds that it names alone.
 * @param groups what is said of all kinds comes first
 */
export function withDemandsOfSome(groups: Group[]): Group[] {
  const [common, ...kinds] = groups;
  if (!common || common.label !== undefined || kinds.length < 2) return groups;
  const called = kinds.map(({ label, segments }) =>
    [label, CALLED.exec(segments[0]?.text ?? '')?.groups?.['name']].flatMap(name =>
      name === undefined || GENERIC.test(name) ? [] : bareOf(name),
    ),
  );
  const meantFor = common.segments.map(({ text }) => namedBy(text, called));
  return [
    { ...common, segments: common.segments.filter((_, i) => !meantFor[i]?.length) },
    ...kinds.map((kind, k) => ({
      ...kind,
      segments: [...kind.segments, ...common.segments.filter((_, i) => meantFor[i]?.includes(k))],
    })),
  ];
}

import { COUNT, readCount } from '../common/quantities.ts';
import { NOT_SECTION, type ReadSections } from './section-words.ts';
import type { Segment } from '../common/segments.ts';
import { THINGS } from '../common/things.ts';

/** What a team is made up of: lines of sections under the number that they add up to. */

/** "Each club enters twelve images:", "Fifteen pictures, made up as follows". */
const HEAD = new RegExp(`\\b(?<n>${COUNT}) ${THINGS}\\b[^.;]{0,40}(?::|\\bfollows)\\W*$`, 'i');

/** "6 Open Colour", "- four in Nature". */
const MEMBER = new RegExp(
  `^(?:[-*•–]\\s*)?(?<n>${COUNT})\\s+(?:${THINGS}\\s+)?(?:in |of |for |from )?(?<label>[A-Z][A-Za-z&’' -]{2,30}?)(?: ${THINGS})?[.,;]?$`,
);

/** A team's sections, or nothing where the lines do not add up to its number. */
export function readTeam(segments: readonly Segment[]): ReadSections | undefined {
  for (const [i, head] of segments.entries()) {
    const all = HEAD.exec(head.text)?.groups?.['n'];
    if (all === undefined) continue;
    const members = membersFrom(segments.slice(i + 1));
    const sections = members.map(({ n, label }) => ({ code: null, label, limit: readCount(n) }));
    const isWhole = sections.reduce((sum, s) => sum + s.limit, 0) === readCount(all);
    if (sections.length < 2 || !isWhole || sections.some(s => NOT_SECTION.test(s.label))) continue;
    const [first, last] = [members[0], members.at(-1)];
    if (!first || !last) continue;
    return {
      sections,
      found: [
        {
          field: 'sections',
          value: sections,
          start: first.segment.start,
          end: last.segment.start + last.segment.text.length,
          advice: false,
        },
      ],
    };
  }
  return undefined;
}

function membersFrom(segments: readonly Segment[]): { segment: Segment; n: string; label: string }[] {
  const members = [];
  for (const segment of segments) {
    const { n, label } = MEMBER.exec(segment.text)?.groups ?? {};
    if (n === undefined || label === undefined) break;
    members.push({ segment, n, label });
  }
  return members;
}

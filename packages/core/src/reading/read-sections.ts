import { readCounted, readPlainCounted } from './counted-sections.ts';
import { limitOfSection, readAnnounced, readNamed, readTaking } from './named-sections.ts';
import { readCount } from './quantities.ts';
import { listInLines, listInSentence } from './section-lists.ts';
import { eachOf, type ReadSections } from './section-words.ts';
import { tableOfSections } from './section-table.ts';
import type { Segment } from './segments.ts';

/** Sections with their codes and limits: in a list, or named in passing. */
export function readSections(segments: readonly Segment[]): ReadSections {
  const read =
    tableOfSections(segments) ??
    listInLines(segments) ??
    readCounted(segments) ??
    readPlainCounted(segments) ??
    listInSentence(segments) ??
    readTaking(segments) ??
    readAnnounced(segments) ??
    readNamed(segments);
  return read ? withEach(withOwn(read, segments), segments) : { sections: [], found: [] };
}

const OF_EACH =
  /\bin each\W*$|\bin any one of (?:them|these)\b|\beach with\b|\(?(?:\w+|\d+) (?:works?|images?|pictures?|photos?|photographs?|entries) (?:in |per |for )?each\b|\b(?:each|every|per|any(?: one)?|same) (?:of the (?:\w+ )?)?(?:sections?|class(?:es)?|categor(?:y|ies)|themes?)\b|\bin (?:each|their own)\b|\beach\)/i;

/** Limits that another sentence gives some of the sections. */
function withOwn(listed: ReadSections, segments: readonly Segment[]): ReadSections {
  if (listed.sections.every(s => s.limit !== null)) return listed;
  const own = (label: string) => limitOfSection(segments, label) ?? null;
  return { ...listed, sections: listed.sections.map(s => ({ ...s, limit: s.limit ?? own(s.label) })) };
}

/** A limit that stands once for all sections of a list that gives none. */
function withEach(listed: ReadSections, segments: readonly Segment[]): ReadSections {
  if (listed.sections.some(s => s.limit !== null)) return listed;
  const each = segments
    .filter(s => OF_EACH.test(s.text))
    .map(s => eachOf(s.text))
    .find(n => n !== undefined);
  if (each === undefined) return listed;
  return { ...listed, sections: listed.sections.map(s => ({ ...s, limit: readCount(each) })) };
}

import { FILES, GOES_BACK, NOTES, PLACE, REFUSED, SENT } from './note-words.ts';
import type { Rule } from './reword.ts';

/** Files that are turned down for what their notes lack or hold, each with the demand that it means. */

const GONE = '(?:wiped|stripped|removed|deleted|cleared|erased|lost|taken out)';
/** What a file lacks, at each sharp. */
const LACKING = `(?:(?:that|which) (?:contain|have|carry|hold|show|include) no #|with (?:the |their )?# ${GONE})`;
export const REFUSED_NOTES: readonly Rule[] = [
  // "Pictures whose shooting data have been wiped are not judged."
  [
    new RegExp(
      `\\b${FILES} (?:whose (${NOTES}|${PLACE}) (?:has|have|had|is|are|was|were)(?: been)? ${GONE}) ${REFUSED}`,
      'gi',
    ),
    '$1 must be kept',
  ],
  // "We do not accept pictures that have no GPS data", "files with the metadata removed are rejected".
  [
    new RegExp(
      `\\b(?:${SENT} ${FILES} ${LACKING}|${FILES} ${LACKING} ${REFUSED})`.replaceAll(
        '#',
        `(${NOTES}|${PLACE})`,
      ),
      'gi',
    ),
    '$1$2$3$4 must be kept',
  ],
  // "We will not accept files that still carry a GPS position."
  [
    new RegExp(
      `\\b${SENT} ${FILES} (?:that|which|with)(?: (?:still|already))?(?: (?:carry|contain|have|hold|include|show))? (?:an? |any |their |its |the )?(${PLACE}|${NOTES})(?=[.,;:]|$| in\\b)`,
      'gi',
    ),
    '$1 must be removed',
  ],
  // "Files whose EXIF has been wiped are not looked at", "a file without the creator's name in its metadata goes back".
  [
    new RegExp(
      `\\b(?:${FILES}|an? (?:file|picture|image|photo)) (?:whose|where(?: the)?|from which(?: the)?) (${NOTES}) (?:has|have|is|are|was|were) (?:been )?(?:wiped|removed|stripped|deleted|taken out|missing|lost)(?: out)? ${GOES_BACK}`,
      'gi',
    ),
    '$1 must be kept',
  ],
];

import { FILES, GOES_BACK, NOTES, ONE_FIELD, PLACE, REFUSED, SENT } from './note-words.ts';
import type { Rule } from './reword.ts';

/** What organisers say of the author's name among the notes in a file, each with the sentence that the readers know. */

const WHO = `(?:${ONE_FIELD}(?: and ${ONE_FIELD})?)`;
const IS_EMPTY = '(?:empty|blank|missing)';

export const AUTHOR_WORDING: readonly Rule[] = [
  // "An empty Author field means that we cannot credit you, so fill it in."
  [
    new RegExp(`\\ban empty (${WHO}) field means[^.;]{3,50}[,;] so (?:please )?fill it in\\b`, 'gi'),
    'fill in the $1 field',
  ],
  [
    /\bno names? in (?:the )?(?:fields? )?(author|creator)(?:(?: and| or|,) (?:the )?copyright)?(?: fields?)?(?=[.;,]|$)/gim,
    'the $1 field must be empty',
  ],
  [
    /\b(author|creator)(?: and copyright)? (?:fields? )?(?:holds?|contains?) nothing\b/gi,
    'the $1 field must be empty',
  ],
  // "Your name: not in the file, please", "JPEG as the camera wrote it, EXIF and all".
  [
    /\byour name: (?:please )?not in the (?:file|metadata|exif)(?! ?-?names?)/gi,
    'your name must not be in the metadata',
  ],
  [
    /^(?:author|creator|artist)(?:\s*:\s*|\s{2,})to be (?:removed|deleted)\b/gim,
    "The author's name must be removed from the metadata",
  ],
  // "Please fill in creator and copyright."
  [
    /\bfill in (?:the )?(creator|author|artist) and (?:the )?copyright(?! (?:fields?|notices?))/gi,
    'fill in the $1 and copyright fields',
  ],
  [
    new RegExp(`\\b(${NOTES}|${PLACE}|name of the author|author)(?:: ?| )yes(?=[,;.]|$| and| but)`, 'gi'),
    '$1 must be kept in the metadata',
  ],
  [
    new RegExp(
      `(?<=[,;] (?:and |but )?)(${NOTES}|${PLACE}|name of the author|author)(?:: ?| )no(?=[,;.]|$)`,
      'gi',
    ),
    '$1 must be removed from the metadata',
  ],
  // "Pictures with an empty creator field go back", "do not send files with empty copyright fields".
  [
    new RegExp(
      `\\b(?:${SENT} ${FILES} with (?:an? )?${IS_EMPTY} (${WHO}) fields?|${FILES} with (?:an? )?${IS_EMPTY} (${WHO}) fields? ${REFUSED})`,
      'gi',
    ),
    'the $1$2 field must be filled in',
  ],
  // "The author must be recognisable from the metadata", "export with metadata".
  [
    /\bthe (author|photographer|maker|creator) must be (?:recogni[sz]able|identifiable|named|stated|told|evident) (?:from|in|by) (?=the (?:metadata|exif|iptc))/gi,
    'the $1’s name must be in ',
  ],
  // "Do not put your name on the photographs; do put it in the metadata."
  [
    /\b(?:do )?(put|write|enter|include) it (?=in(?:to)? (?:the |its )?(?:metadata|exif|iptc))(?<=\byour name\b[^\n]{0,60}[;.,] (?:please |but |instead )?(?:do )?\w{3,7} it )/gi,
    '$1 your name ',
  ],
  // "Position, author and copyright come out", "the author's name goes".
  [
    new RegExp(
      `\\b(?:the )?((?:${PLACE}|(?:the )?(?:author|photographer)['’]s name|${ONE_FIELD})(?:(?:,| and|, and) (?:the )?(?:${PLACE}|(?:author|photographer)['’]s name|${ONE_FIELD})){0,4}) (?:comes?(?: right)? out|(?:has|have) to go|goes|go out)(?=[.,;]|$)`,
      'gi',
    ),
    '$1 must be removed from the metadata',
  ],
  [
    /\bwhat (?:must|shall|may|should)(?: not|n['’]t) be in the file:(?= [^.\n]*\b(?:where it was taken|who took it|gps|position|your name)\b)/gi,
    'Remove from the metadata:',
  ],
  [
    /[;,] (?:and )?who took it(?<=\bwhat (?:must|shall|may|should)(?: not|n['’]t) be in the file: [^.\n]{0,80})/gi,
    " and the author's name",
  ],
  // "Photographer's name: in the form, not in the file and not on the photo."
  [
    /\bnot in the file(?<=\bnames?\b[^.;\n]{0,56}),? (?:and|or|nor) (?:not )?on the (photo|picture|image)\b/gi,
    "not on the $1; remove the author's name from the metadata",
  ],
  // "Whatever you send: your name in the Author field."
  [
    /(?<=^(?:[-*•] )?|[;:.] )(?:please )?your name in(?:to)? the (?=(?:author|creator|artist|copyright) field)/gim,
    'write your name into the ',
  ],
  // "No name on the photograph, and none in the file's properties either."
  [
    /\bnone in(?<=\bno (?:author['’]?s? )?names? (?:on|in) [^.;]{3,40}?,? (?:and|nor|or) none in) (?:the |its )?(?:(?:file|image|picture)['’]s )?(?:properties|metadata|file information|exif|iptc)(?: either| as well)?/gi,
    "remove the author's name from the metadata",
  ],
  // "Coordinates have to be removed. Remove your own name, too", "GPS must be removed, and your name too."
  [
    /\b(?:remove|delete|leave out)(?<=\b(?:gps|exif|metadata|co-?ordinates|location data)\b[^\n]{0,130}) (?:your|the author['’]s)(?: own)? name,? (?:too|as well|also)\b/gi,
    "remove the author's name from the metadata",
  ],
  [
    /(?<= (?:removed|deleted|stripped|cleared)),? and(?<=\b(?:gps|exif|metadata|co-?ordinates|location)\b[^.;\n]{0,56}) (?:(?:so|also) (?:must|should|has) )?(?:your|the author['’]s)(?: own)? name(?:,? (?:too|as well|also))?(?=[.;:]|$)/gim,
    "; the author's name must be removed from the metadata",
  ],
  // "The GPS position and the author's name have to be deleted."
  [
    /(?<=\b(?:gps|location|position|co-?ordinates)[^.;]{0,20} (?:and|or|nor) (?:your name|the (?:author|photographer)['’]s name)(?:, [a-z ]{4,20},)? (?:must|has to|have to|should|are to|is to) be )(deleted|removed|stripped)(?=[.,;]|$)/gi,
    '$1 from the metadata',
  ],
  ...(
    [
      ['with', 'must not be'],
      ['without', 'must be'],
    ] as const
  ).map(([having, must]): Rule => [
    new RegExp(
      `\\b(?:${FILES}|an? (?:file|picture|image|photo)) ${having} (your name|the (?:author|creator|photographer)['’]s name) in (?:its|their|the) (metadata|exif|iptc)(?: data| fields)? ${GOES_BACK}`,
      'gi',
    ),
    `$1 ${must} in the $2`,
  ]),
  // "The metadata must say who took the picture."
  [
    /\b(metadata|exif|iptc) (?:must|should|has to|have to) (?:say|tell|state|show) (?:who (?:took|made) (?:it|the (?:picture|image|photo(?:graph)?))|whose (?:picture|image|photo) it is)/gi,
    '$1 must contain the name of the author',
  ],
  [
    /\b((?:artist|author|creator|copyright) field) (?:holds|has|shows|says|gives)(?= your name)/gi,
    '$1 must contain',
  ],
  [
    /\bneither (your name|the (?:author|photographer)['’]s name) nor the (?:place|location|position)\b(?=[^.;]*\b(?:metadata|exif)\b)/gi,
    'neither $1 nor the GPS position',
  ],
  // "Author and copyright information is to be deleted"; what lies on the picture is no note.
  [
    new RegExp(
      `\\b(${ONE_FIELD}) and (${ONE_FIELD}) (?:information|details|data|entries) (is|are|must|has|have)\\b(?![^.;]*\\bon (?:the |your |any )?(?:picture|image|photo))`,
      'gi',
    ),
    '$1 and $2 fields $3',
  ],
];

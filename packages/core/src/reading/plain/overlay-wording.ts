import type { Rule } from './reword.ts';

/** What organisers say in many ways of what lies over a picture or round it, each with the words that the readers know. */

const PICTURE = '(?:pictures?|images?|photos?|photographs?|works?|prints?|it|them)';
const OVERLAY =
  '(?:(?:white |black |thin |narrow |fine )?(?:borders?|frames?|key ?lines?)|signatures?|watermarks?|logos?|names?|titles?|dates?|texts?)';

/** Frames that show pictures are no borders. */
export const OF_DEVICES =
  /\b(?:digital|e-?paper|e-?ink|electronic|lcd) frames?\b|\bframes? (?:shows?|displays?|refuses?|freezes?|plays?|(?:are|is) read)\b/i;
export const DEVICES: readonly Rule[] = [
  [/\b(the|our|these|those|my) frame(s?)\b(?! must not\b)/gi, '$1 screen$2'],
];

export const OVERLAY_WORDING: readonly Rule[] = [
  // "Do not sign the front", "don't type your name on either".
  [/\b(do not|don['’]t|never) sign (?:the )?(?:front|face)\b/gi, '$1 sign the picture'],
  [
    /\b(do not|don['’]t|never) (?:type|stamp|print) (?:your|the) (?=(?:name|title|date)s? on\b)/gi,
    '$1 write your ',
  ],
  // "Text is set by us - so none in the photograph."
  [
    /\b(?:(?:the )?(?:text|lettering|titles?) (?:is|are) (?:set|added|put on) by us|we (?:add|set|put on|put in) the (?:text|lettering|titles?)(?: ourselves)?)(?:,| [-–—])? (?:so|thus|therefore) (?:please )?none (?=(?:in|on) the (?:picture|image|photo))/gi,
    'no text ',
  ],
  // "The author's name must not be in the file name, nor in the picture, nor in the metadata."
  [
    /(?<=\bnames? )(must|may|should)(?: not|n['’]t) (be|appear|stand) in the file ?-?names?,? n?or (?:in|on) the (picture|image|photo(?:graph)?)s?(?:,? n?or in (?:the|its) (metadata|exif|iptc))/gi,
    '$1 not $2 in the file name; your name must not be on the $3; your name must not be in the $4',
  ],
  [
    /(?<=\bnames? )(must|may|should)(?: not|n['’]t) (be|appear|stand) in the file ?-?names?,? n?or (?:in|on) the (picture|image|photo(?:graph)?)s?(?=[.;]|$)/gim,
    '$1 not $2 in the file name; your name must not be on the $3',
  ],
  // "Photograph the work without its frame": that is the frame on the wall.
  [
    /,? (?:(?:without|(?:taken )?out of) (?:(?:its|the|their|a|any) )?frames?|unframed)(?=[.;, ])(?<=\bphotograph(?:ed)?\b[^.;\n]{0,60})/gi,
    '',
  ],
  // "Neither may carry a name": of two files that were told before.
  [
    /^([ \t]*(?:[-*•] )?)neither (?:of (?:them|the two)|one|file|version)? ?(may|must|should|can) (?=(?:carry|bear|show|have|contain)\b)/gim,
    '$1all files must not ',
  ],
  [
    /(?<=[.!?] )neither (?:of (?:them|the two)|one|file|version)? ?(may|must|should|can) (?=(?:carry|bear|show|have|contain)\b)/gi,
    'all files must not ',
  ],
  // "No author's name in file, metadata or picture."
  [
    /\bno (?:author['’]s |photographer['’]s )?names? in (?:the )?(?:file(?: name)?,? (?:or |and )?)?(?:the )?metadata,? (?:or|and|nor) (?:(?:in|on) )?(?:the )?(picture|image)s?\b/gi,
    'your name must not be in the metadata; your name must not be on the $1',
  ],
  // "Your name may stand small at the lower edge."
  [
    /\b(your name|the title|a signature|a logo) may stand (?=(?:small |in small letters )?(?:at|in|on|along|below|under)\b)/gi,
    '$1 may be on the picture ',
  ],
  // "A thin white line round the image looks good on our screen, but it is up to you."
  [
    /\ban? (?:[a-z]+ ){0,2}(?:border|frame|key ?line|line (?:round|around) (?:the|your) (?:picture|image|photo))\b(?: [^.;\n\d]{0,40}?)?,? (?:but |and )?(?:(?:it|that|this) )?(?:is|are) (?:entirely |quite )?up to you\b/gi,
    'a border is allowed',
  ],
  // "Images with visible authorship are not eligible."
  [
    /\b(images|pictures|photos|photographs|works|files) with (?:any )?(?:visible|recogni[sz]able) (?:authorship|maker|author) (?=(?:are|is|will be|cannot be)\b)/gi,
    '$1 that show a visible name of the author ',
  ],
  // "A thin grey edge line is welcome."
  [
    /\ban? (?:(?:thin|narrow|fine|slim|white|grey|gray|black|light|dark) ){1,3}(?:edge line|line (?:at|along|on) the edge)(?=(?: (?:is|are|may|can|must|should)\b))/gi,
    'a border',
  ],
  // "No subtitles burnt in."
  [
    /\bno (?:burnt-in )?(?:sub)?titles(?: (?:burnt|burned) in(?:to (?:it|them))?| in the (?:stills?|pictures?|images?))(?=[.;,]|$)/gim,
    'no lettering on the picture',
  ],
  // "The same reason forbids signatures."
  [
    /\b(?:the same reason|that|this|the rules?) (?:also )?(?:forbids?|excludes?|rules? out) (?=(?:all )?(?:signatures?|names?|logos?|watermarks?)(?:[.;,]|$| on\b))/gim,
    'there must be no ',
  ],
  // "No marks by which the author may be recognised."
  [
    /\bno (?:marks?|signs?|symbols?|features?|details?) by which (?:the |you|an? )?(?:author|maker|photographer|entrant)?s? ?(?:can |may |might |could |will )?be (?:known|told|recogni[sz]ed|identified)/gi,
    'no name of the author on the picture',
  ],
  // "May I sign my picture? On the back of a print, yes. On a file, no."
  [
    /\b(?:can|may) (?:i|we) sign (?:it|them|(?:my|our|the) (?:pictures?|images?|photos?|photographs?|works?))\?\s*(?:A[.:] ?)?on (?:the back of )?(?:an? )?(?:prints?|paper|card)[^.?]{0,20}\byes[.,;] (?:but )?on (?:an? |the )?(?:digital )?(?:files?|pictures?|images?|projected images?),? no\b/gi,
    'The picture must not be signed',
  ],
  // "Name and date must be legible on the photograph."
  [
    / (?:must|are to|is to|has to|have to|should) be(?<=\b(?:names?|dates?)\b[^.;]{0,68}) (?:clearly )?(?:visible|legible|readable|seen) (?=on the (?:photo(?:graph)?|picture|image)\b)/gi,
    ' are allowed ',
  ],
  // "Name of candidate and date of photograph printed along the bottom".
  [
    /\b(?:with )?(?:the )?(?:candidate['’]s |applicant['’]s |your )?name(?: of (?:the )?(?:candidate|applicant))? and (?:the )?dates?(?: of (?:the )?(?:photograph|photo|taking|capture))? (?:to be )?printed (?:along|at|on|across|in) the (?:bottom|foot|lower (?:part|edge|third))(?: of (?:the )?(?:photograph|photo|picture))?/gi,
    'name and date are allowed on the picture',
  ],
  [
    /\b(?:photo(?:graph)?|picture) (?:must|should|has to|is to) have (?:the )?(?:candidate['’]s |applicant['’]s |your )?name and (?:the )?dates? (?:printed |written )?on it\b/gi,
    'name and date are allowed on the picture',
  ],
  // "Text that explains the product is allowed."
  [
    /\b(text|lettering|writing|labels?|words) (?:that|which) [^.;,]{3,40}? (is|are) (allowed|permitted|accepted|fine|welcome)\b/gi,
    '$1 on the picture $2 $3',
  ],
  // "Give the picture a thin grey border if its edges are dark."
  [
    /\bgive (?:it|them|the (?:picture|image|photo)s?|your (?:picture|image|photo)s?|dark pictures?) an? (?:(?:thin|narrow|fine|slim|white|grey|gray|black|light|dark) ){0,3}(?:border|frame|key ?line|line|edge)\b/gi,
    'a border is allowed',
  ],
  [
    /\bmay be given an? (?:(?:thin|narrow|fine|slim|white|grey|gray|black|light|dark) ){0,3}(?:border|frame|key ?line|line|edge)\b/gi,
    'may have a border',
  ],
  // "No signs that could reveal the author."
  [
    /\b(?:no (?:signs?|marks?|details?|features?)|nothing) (?:that|which) (?:could|might|may|can|would) (?:reveal|identify|betray|give away|tell) (?:the |an )?(?:author|photographer|maker|entrant|you)\b(?! in the (?:metadata|file ?-?name))/gi,
    'no name of the author on the picture',
  ],
  // "Nothing painted in, no arrows", "no arrows, no circles".
  [
    /\bnothing (?:may be |must be )?(?:painted|drawn|written|pasted) in(?:to it)?(?=[.;,]|$)/gim,
    'no lettering on the picture',
  ],
  [
    /\bno (?:arrows|circles)(?:(?:,| and| or),? (?:no )?(?:arrows|circles|numbers|letters|markings))*(?=[.;]|$)/gim,
    'no arrows on the picture',
  ],
  // "A white margin of 10 mm all round is part of the picture."
  [
    /\ban? (?:(?:white|black|grey|narrow|thin|wide) ){0,2}(?:margin|border|edge) [^.;,\n]{0,30}(?:is|are) part of the (?:picture|image|file|print)(?:[,;] (?:so )?(?:please )?include it)?/gi,
    'a border is allowed',
  ],
  // "Lastly sign on white paper and photograph it: JPG".
  [
    /^(?:(?:lastly|finally|then),? )?sign on (?:a (?:sheet of )?)?white paper and (?:photograph|scan) it(?=[:.,])/gim,
    'The signature',
  ],
  // "Leave quiet space for title and author, but do not set any type."
  [/\b(?:do not|don['’]t) (?:set|add|use) any (?:type|words?)(?=[.;,]|$)/gim, 'no lettering on the picture'],
  // "No text smaller than 7 point": of diagrams, that may have some.
  [
    /\bno (?:text|lettering|type|letters) (?:smaller|less|below|under)(?: than)? \d{1,2} ?(?:points?|pt|mm)\b/gi,
    'type of a readable size',
  ],
  // "Writing on the portrait is not allowed."
  [
    /\bwriting on the (?:portrait|photograph|photo|scan) (?=(?:is|are) (?:not (?:allowed|permitted|accepted)|forbidden|prohibited)\b)/gi,
    'writing on the picture ',
  ],
  // "Paper white may be left round the picture."
  [
    /\b(?:paper )?white (?:space )?may be left (?:round|around) (?=(?:the|your) (?:picture|image|photo))/gi,
    'a border may be added to ',
  ],
  [
    /\bnothing else (?:may be )?on the front\b(?! of the (?:envelope|form|card|parcel)\b)/gi,
    'nothing may be written on the picture',
  ],
  [
    /\bno (?:[a-z]+(?:, | or | and )){0,3}[a-z]+ drawn in(?:to it)?(?=[.;,]|$)/gim,
    'no arrows may be drawn on the picture',
  ],
  // "No author names in file names or pictures."
  [
    /\bno (?:author(?:s['’]|['’]s)? )?names? in (?:the )?file ?-?names? (?:and|or|nor) (?:in |on )?(?:the )?(picture|image|photo)s?(?=[.;,]|$)/gim,
    'no names in file names; no names on the $1s',
  ],
  // "No names on or in the files."
  [
    /\bno (?:author['’]?s['’]? )?names? (?:may be )?on or in (?:the|any|your) files?\b/gi,
    'no name on the picture; no name in the metadata',
  ],
  // "Neither file names nor images may contain the artist's name."
  [
    /\bneither (?:the )?file ?-?names? nor (?:the )?(image|picture|photo)s? (?:may|must|should|can) (?:contain|show|carry|bear|have) (?:the |your )?(?:(?:artist|author|photographer|maker)['’]s )?names?\b/gi,
    'your name must not be in the file name; your name must not be on the $1',
  ],
  // "Neither may carry your name."
  [
    /\bneither (?:of them |of these |picture |image )?(?:may|must|should|can) (?:carry|bear|show|have) your name(?=[.;,]|$)/gim,
    'your name must not be on the picture',
  ],
  // "Borders belong to the frame-maker; leave them out."
  [
    new RegExp(
      `\\b(${OVERLAY}) (?:belongs? to|(?:is|are) (?:a matter|the business|the job) (?:of|for)) (?:the |our )?[a-z-]+[,;.:] (?:so |please |and )*leave (?:them|it) (?:out|off|away)`,
      'gi',
    ),
    'no $1',
  ],
  // "The cover needs some sky for the title; please don't write it in yourself."
  [
    /\b(?:do not|don['’]t) (?:write|put|type|set) (?:it|them) (?:in|on|there) yourself\b/gi,
    'no text on the picture',
  ],
  [
    /\bleave (?:the |any |all )?(?:lettering|texts?|writing|wording|titling) to (?:us|the (?:designer|printer)s?)\b/gi,
    'no text on the picture',
  ],
  // "Do not put a line round your picture", "no white space round the picture".
  [
    new RegExp(
      `\\b(do not|never|must not|may not) (?:put|draw|add|place) (?:an? )?(?:\\w+ )?(?:lines?|strokes?|colou?r) (?:round|around|about) (?:the |your |any |an? )?${PICTURE}\\b`,
      'gi',
    ),
    '$1 add a border',
  ],
  [
    new RegExp(
      `\\bno (?:(?:white|black|empty|blank|coloured) )?(?:space|area|margin|paper|lines?) (?:round|around|about) (?:the |your |any )?${PICTURE}\\b`,
      'gi',
    ),
    'no borders',
  ],
  [
    /\bcrop (?:away|off|out) (?:any |all |the )?(?:white|black|blank|empty) (?:edges|margins|borders)\b/gi,
    'remove all borders',
  ],
  [/\b(?:digital|virtual|simulated|electronic) mount(s?)\b/gi, 'digital border$1'],
  [
    /\bsign the back[^.;]{0,30}, (?:and )?not (?:on )?(?:the )?(image|picture|photo(?:graph)?)\b/gi,
    'the $1 must not be signed',
  ],
  // "Signatures are not permitted. A plain border is, provided …".
  [
    /\b(an? (?:[a-z]+ )?(?:border|frame|key ?line)) is,? (?=provided|so long as|as long as|if\b)/gi,
    '$1 is allowed, ',
  ],
  // "The name of the candidate must be printed at its lower edge."
  [
    / (?:must|are to|is to|has to|have to) be(?<=\b(?:names?|dates?)\b[^.;]{0,68}) (?:printed|written|shown|visible|typed) (?=(?:at|on|along|below|beneath|under) (?:its|the) (?:(?:lower|bottom|upper) (?:edge|part|margin)|face|chin|shoulders)\b)/gi,
    ' are allowed on the picture ',
  ],
  // "The photo must carry the name and the date at the bottom."
  [
    /\b(photo(?:graph)?|picture) must (?:carry|bear|show|have|contain) (?=(?:the |your |his or her )?(?:(?:candidate|applicant)['’]s )?name and (?:the )?date\b[^.;]{0,30}\bat the (?:bottom|foot|lower edge))/gi,
    '$1 may carry ',
  ],
  [/\b(?:author|photographer|maker)['’]s (?:marks?|signs?)\b/gi, 'watermark'],
  [
    /\b(author|photographer)(?:['’]s)? (?:details|information)(?=[^.;]{0,40}\bon (?:the |your |any )?(?:picture|image|photo))/gi,
    "$1's name",
  ],
  [new RegExp(`\\byou may sign (?:the |your )?${PICTURE}\\b`, 'gi'), 'signatures on the picture are allowed'],
  [
    /(?<=\bnames? )(?:must|shall)(?: not|n['’]t) be on or in (?:any of )?(?:the|your) (?:files?|pictures?|images?)\b/gi,
    'must not be on the picture; remove your name from the metadata',
  ],
  [
    /\bputs? (?:it|them|you|the (?:\w+ )?(?:entry|pair|picture|panel|set)) out of the (?:contest|competition|running)\b/gi,
    'will be disqualified',
  ],
  [
    /\b(?:can|may) (?:i|we) sign (?:my|our|the) (?:pictures?|images?|photos?|photographs?|works?)\?\s*(?:A[.:] ?)?not? (?:on|at|in) [^.?]{0,30}\./gi,
    'the picture must not be signed.',
  ],
  [
    /\bkeep (?:your |any |all )?(signatures?|names?|logos?|text|watermarks?|dates?|captions?) (?:out of|off) the (?=(?:picture|image|photo)(?:[.;,]|$))/gi,
    'no $1 on the ',
  ],
  [
    /\banything (?:that|which) (?:gives away|identifies|reveals|names|betrays) (?:the author|the photographer|you|who you are|who took it) must be removed(?: from the (?:picture|image|photo))?/gi,
    'the name of the author must not be on the picture',
  ],
  // "A scale bar may be placed in the picture. Your name may not."
  [
    /(?<=\bmay be (?:placed|put|shown|added) (?:in|on) the (?:picture|image|photo|photograph)[.;,] (?:but |and )?)((?:your |the )?(?:names?|signatures?|logos?|dates?|titles?)) may not(?=[.;]|$)/gim,
    '$1 must not be on the picture',
  ],
  // "A border is fine. A signature is not."
  [
    new RegExp(
      `(?<=\\b${OVERLAY} (?:is|are) (?:fine|allowed|permitted|ok(?:ay)?|all right|accepted|welcome|no problem|possible)(?:[.;,]|,? but) )((?:an? |the |your )?${OVERLAY}) (is|are) not(?=[.;,]|$)`,
      'gi',
    ),
    '$1 on the picture $2 not allowed',
  ],
];

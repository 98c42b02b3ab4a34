import { FILES, GOES_BACK, NOTES, PLACE, REFUSED } from './note-words.ts';
import type { Rule } from './reword.ts';

/** What organisers say of the notes in a file in many ways, each with the sentence that the readers know. */

export const METADATA_WORDING: readonly Rule[] = [
  // "Camera date and time must be right and stay in the file."
  [
    /\b(?:the )?(?:camera )?(?:date|time)(?: and (?:the )?(?:date|time))?(?: of exposure)?(?: (?:must|should|shall|has to|have to) (?:be (?:right|correct|set) and )?)(?:stay|remain|be (?:kept|left)) in the (?:file|picture|image)s?\b/gi,
    'the EXIF data must stay in the file',
  ],
  [
    /\b(date,? (?:and )?time\b[^.;]{0,30} (?:must|should|shall|has to|have to) be (?:recorded|present|stored|kept|contained) in the EXIF data)/gi,
    '$1; the EXIF data must be kept',
  ],
  // "Don't strip the date: we sort by it."
  [
    /\b((?:do not|don['’]t|never) (?:strip|remove|delete|clear)) the (?:date|time)(?: stamp| of (?:exposure|capture)| and time)?(?=[.,:;]| (?:from the file|as|since|because|we)\b)/gi,
    '$1 the EXIF data',
  ],
  // "The author's name must be deleted from the metadata. So must the GPS position."
  [
    new RegExp(
      `(?<=\\b(?:(?:has|have|needs?) to|must|should|is to) be (removed|deleted|stripped|taken out|cleared|wiped)\\b[^.;\\n]{0,40}[.;,] )(?:so (?:has|have|must|should|does|do)|the same (?:goes|applies|holds|is true) (?:for|to|of)) (?:the |any |all |your )?(${PLACE}|(?:author|creator|copyright)(?: fields?| name)?)(?=[.;,]|$)`,
      'gim',
    ),
    '$2 must be $1 from the metadata',
  ],
  // "EXIF must be complete, including date, time and GPS position."
  [
    new RegExp(
      `\\b(${NOTES})( (?:must|shall|has to|have to|should|needs? to) be complete),? (?:including|with) (?:the )?(?:dates?,? )?(?:(?:and )?times?,? )?(?:and )?(?:the )?(${PLACE})`,
      'gi',
    ),
    '$1$2; $3 must be kept',
  ],
  // "Do not send pictures through a messenger, it removes the metadata."
  [
    /\bdo not (?:send|forward|share) (?:the |your |any )?(?:pictures?|images?|photos?|files?|it|them) (?:through|by|via|with|over) (?:an? |any |your |the )?(?:messengers?|messaging|chat)(?: apps?| services?)?[,;:.]? (?:as |since |because |for )?(?:it|they|which|these|that|this) (?:removes?|strips?|deletes?|drops?|loses?) (?:both|them|it|all of it|(?:the |all )?(?:metadata|exif|data))/gi,
    'keep the metadata',
  ],
  [
    /\b(?:we|i) (?:need|want|check) (?:the )?dates? and (?:the )?(?:position|place|location)(?=;|[.,] (?:so |please )?(?:keep the metadata|do not|never))/gi,
    'the GPS position must be kept',
  ],
  // "Date, time and GPS must be in the EXIF."
  [
    /\bdates?,? (?:and )?times?,? and (?:the )?(?:gps|position|location)(?: position| data| co-?ordinates)? (?:must|have to|has to|should|are to) be in the (?:exif|metadata|file)(?: data)?/gi,
    'the EXIF data must be kept; the GPS position must be kept',
  ],
  // "Drone data (date, time, position) must not be removed", "position and time must remain in the data".
  [
    /\b((?:drone|flight|camera|exif)(?:['’]s)? data|metadata) \((?=[^()]*\b(?:gps|position|location|coordinates)\b)[^()]*\) (must|shall|may|should)(?: not|n['’]t) be (removed|deleted|stripped|changed)/gi,
    'camera data $2 not be $3; the GPS position must be kept',
  ],
  [/\bdrone data (?=(?:must|shall|may|should)\b)/gi, 'flight data '],
  // "Caption in the IPTC field “Description”, author in “Creator”".
  [
    /\b(?:author|photographer|your name|name of the (?:author|photographer)) in (?:the )?(?:IPTC field )?["“']?(?:Creator|By-?line)["”']?(?: field)?(?=[.;,]|$)/gim,
    'the author must be named in the IPTC creator field',
  ],
  // "All camera information must stay in the file, including GPS if there is any."
  [
    /\b((?:all |the )?(?:camera|exif|shooting|exposure) (?:data|information|details)|metadata) (must|should|has to|have to|are to|is to) (stay|remain|be kept|be left)(?: in| inside| with)?(?: the (?:files?|pictures?|images?))?,? (?:including|together with|along with|with) (?:the |any )?(?:gps|position|location|co-?ordinates)(?: data| position)?(?: if (?:there (?:is|are) any|present|any))?/gi,
    '$1 $2 $3 in the file; the GPS position must be kept',
  ],
  [
    /\b(?:the )?position and (?:the )?(?:date and )?time (?:must|should|have to) (?:remain|stay|be kept|be left) in (?:the )?(?:data|metadata|file|exif)/gi,
    'the GPS position must be kept; the camera data must be kept',
  ],
  [/\b(dates? and times?|times?) must (remain|stay|be kept) in the data\b/gi, '$1 must $2 in the metadata'],
  // "JPG, up to 3 MB each, with GPS position."
  [
    /,? with (?:their |the |its )?(?:gps|geo)[ -]?(?:position|co-?ordinates|data|location|tags?)(?<!\b(?:no|not|never|nothing|refuse|reject|remove|without)\b[^.;\n]*)(?=[.;]|,? please\b|[ \t]*$)/gim,
    '; the GPS position must be kept',
  ],
  // "The GPS tag must be present: no tag, no record", "no GPS position, no entry".
  [
    /[:,–-] no (?:gps |geo-?)?(?:tag|position|location|co-?ordinates), no \w+(?=[.;!]|$)(?<=\b(?:must|has to|needs to) be (?:present|there|in)\b[^.;:\n]{0,16}[:,–-] no [^.;:\n]{0,60})/gim,
    '',
  ],
  [
    /\bno (?:gps|geo)[ -]?(?:tags?|position|location|co-?ordinates|data), no (?:record|entry|verification|publication|points|prize)\b/gi,
    'the GPS position must be kept',
  ],
  // "Put your observer number, not your name, into the artist field."
  [
    /\b(?:put|enter|write) your (?:[a-z]+ )?number,? (?:and )?not your name,? (?:in|into|in to) the (?:artist|author|creator|copyright)(?: and copyright)? fields?/gi,
    'put your number there',
  ],
  // "Metadata: camera data to be kept; location and author to be removed".
  [
    /\b(?:location|gps|position)(?: data)? and (?:author|creator|name)(?: fields?| name)? (?:to be|must be|are) (removed|deleted|stripped|cleared)\b/gi,
    'location data to be $1; author to be $1 from the metadata',
  ],
  // "Leave the metadata alone", "your name belongs into the metadata (author, copyright), not into the picture".
  [/\bleave (?:the |your |all )?(metadata|exif)(?: data)? alone\b/gi, 'leave the $1 untouched'],
  [
    /\byour name (?:belongs|goes) (?:in|into|in to) the (metadata|iptc(?: data)?|exif)(?: \([^()]*\))?,? (?:and )?not (?:in|into|on|onto|on to) the (picture|image|photo(?:graph)?)/gi,
    'add your name as author to the $1; your name must not be on the $2',
  ],
  // "The position we also need."
  [/\bthe (?:gps )?position,? we (?:also need|need (?:too|as well))\b/gi, 'the GPS position must be kept'],
  // "Photo credits in the metadata."
  [
    /^([ \t]*(?:[-*•] )?)(?:photo |picture )?credits? in the (metadata|iptc(?: data)?|exif)(?=[.;]|$)/gim,
    '$1the author must be in the $2',
  ],
  [
    /(?<=[.;] )(?:photo |picture )?credits? in the (metadata|iptc(?: data)?|exif)(?=[.;]|$)/gim,
    'the author must be in the $1',
  ],
  // "With the photographer in the IPTC data, no lettering".
  [
    /\bwith the (photographer|author|creator)(?:['’]s name)? in the (iptc|metadata|exif)(?: data| fields?)?(?=[.,;]|$)/gim,
    '; the $1 must be named in the $2 data;',
  ],
  // "No metadata other than the creator's name."
  [
    /\bno metadata (?:other than|except|apart from|but|beyond) (?:the |your )?(creator|author|photographer)(?:['’]s)?(?: name)?\b/gi,
    'the $1 in the metadata',
  ],
  // "Don't strip the data your camera writes", "the position should be taken out".
  [
    /\b(?:the |all )?(?:data|information|details) (?:that |which )?(?:your|the) (?:camera|phone) (?:writes?|has written|records?|has recorded|stores?|has stored|saves?|puts?|has put)(?: (?:in|into|to) (?:it|them|(?:the|each|every|your) (?:file|picture|image|photo)s?))?\b/gi,
    'the camera data',
  ],
  [
    /\b(?:the )?position,? however,? (?=(?:must|should|has to|needs to|is to)\b)/gi,
    'however, the position data ',
  ],
  [
    /\bthe position (?=(?:must|should|has to|is to) be (?:taken out|removed|deleted|left out|stripped)\b)/gi,
    'the position data ',
  ],

  // "Camera data and GPS position have to be in the file."
  [
    new RegExp(
      `\\b(${NOTES}) and (?:the )?(${PLACE}) (?:must|have to|has to|should|are to) be (?:present |left |kept )?in (?:the|each|every|your) (?:file|picture|image)s?(?! ?-?names?)`,
      'gi',
    ),
    '$1 must be kept; $2 must be kept in the file',
  ],
  // "We read the time from the EXIF; don't let your program throw it away."
  [
    /\b(?:do not|don['’]t) let (?:your|the) (?:program|software|export|app) (?:throw (?:it|them) away|(?:remove|strip|delete) (?:it|them))(?<=\b(?:exif|metadata)\b[^.]{0,80})/gi,
    'do not remove the EXIF data',
  ],
  [/\bexif (?:data )?and all\b|^with (?:the )?exif(?: data)?(?=,? please)/gim, 'keep the EXIF data'],
  // "Pictures only count with date, time and place in the file."
  [
    /\b(?:pictures?|images?|photos?|records?) (?:only counts?|counts? only) (?:with|if) (?:the )?dates?(?:, time| and time)?,? and (?:the )?(?:place|position|location) (?:are )?in the (?:file|metadata|exif)\b/gi,
    'keep the EXIF data in the file and keep the GPS position in the file',
  ],
  [
    /\b(?:pictures?|images?|photos?|records?) (?:only counts?|counts? only) (?:with|if) (?:the )?dates?(?: and time)? (?:is |are )?in the (?:file|metadata|exif)\b/gi,
    'keep the EXIF data in the file',
  ],
  // "Location    to be removed", "Date and time    to be kept" in a table.
  [
    /^([ \t]*)(?:location|position|gps(?: data| position)?|co-?ordinates)(?:\s*:\s*|\s{2,})to be (removed|deleted|kept)(?=[.;,]|$)/gim,
    '$1The GPS position must be $2 in the metadata',
  ],
  [
    /^([ \t]*)(?:dates?(?: and times?)?|exif(?: data)?|camera data)(?:\s*:\s*|\s{2,})to be (removed|deleted|kept)(?=[.;,]|$)/gim,
    '$1The EXIF data must be $2',
  ],
  // "What we must be able to read from the file itself: date, time, coordinates, camera."
  [
    /\bmust be able to read from the file(?: itself)?:? (?=[^.;]*\b(?:date|time|camera)\b)(?=[^.;]*\b(?:co-?ordinates|position|gps)\b)[^.;]*/gi,
    'must have the EXIF data and the GPS position kept in the file',
  ],
  [
    /\b(?:from the file (?:we|i) must be able to read|(?:we|i) must be able to read from the file(?: itself)?:?) (?=[^.;]*\b(?:date|time|camera)\b)(?![^.;]*\b(?:co-?ordinates|position|gps)\b)[^.;]*/gi,
    'the EXIF data must be kept in the file',
  ],
  // "Date and time. Keep them."
  [
    new RegExp(`(?<=^[-*•·]?\\s*)(dates? and times?|${NOTES})[.:] (?:please )?keep (?:them|it)\\b`, 'gim'),
    'Keep the $1 in the file',
  ],
  // "If your program drops the EXIF data on export, switch that off."
  [
    new RegExp(
      `\\b(?:if (?:your|the) )?(?:program|software|export|app)s? (?:that )?(?:drops?|strips?|removes?|deletes?|throws? away|loses?) (?:the |its |all )?(${NOTES})(?: on export| when exporting)?,? (?:please )?(?:switch|turn) (?:that|it|this) off`,
      'gi',
    ),
    'keep the $1',
  ],
  [
    new RegExp(
      `\\b${FILES} (?:that|which|with)(?: (?:still|already))?(?: (?:carry|contain|have|hold|include|show))? (?:an? |any |their |its |the )?(${PLACE})(?: in(?: them)?)? ${REFUSED}`,
      'gi',
    ),
    '$1 must be removed',
  ],
  // "The EXIF data stay in the file, with the exception of the GPS position."
  [new RegExp(`,? with the exception of (?:the |any |all )?(?=${PLACE})`, 'gi'), ', except the '],
  [
    new RegExp(
      `(?<=\\b${NOTES}) (?:stays?|remains?) in the (?:file|picture|image)(?=,? (?:except|with the exception) )`,
      'gi',
    ),
    ' must be kept',
  ],
  // "The photograph must still have its position and date."
  [
    /\bmust (?:still )?(?:have|hold|contain|carry|show) its (?:position|location|gps data)(?: and (?:the |its )?(?:date|time|exif))?(?=[,.:;]|$)/gi,
    'must keep its GPS data and EXIF data',
  ],
  // "Creator: your name; nothing in Location."
  [/\bnothing in (?:the )?(?:location|gps)(?: field)?(?=[.;,]|$)/gim, 'remove the GPS data'],
  [/\bnor in (?:their|its|the) data(?=[.;,]|$)/gim, 'nor in the metadata'],
  // "Take the position out of the file."
  [
    /\btake (?:the |your |any )?(?:position|location|place|co-?ordinates|gps(?: data)?) out of (?:the|your|each|every) (?=files?|pictures?|images?|photos?)/gi,
    'remove the GPS data from the ',
  ],
  // "Make sure nothing in the metadata gives you away."
  [
    /\bnothing in the (metadata|exif|iptc) (?:gives you away|tells on you|betrays you|points to you)/gi,
    'nothing in the $1 identifies you',
  ],
  [
    /\bexport with (?:all |full |its |the )?(?=(?:metadata|exif)\b(?! (?:removed|stripped|off)))/gi,
    'keep the ',
  ],
  [
    /\buse an? (?:export|program|setting|preset) that (?:drops|strips|removes|deletes) (?:all |the )?(?=(?:metadata|exif)\b)/gi,
    'remove all ',
  ],
  // "The file has to tell us where it was taken", "where the picture was taken must not be in the file".
  [
    /\bwhere (?:the (?:picture|image|photo)|it) was taken must not be in the file\b/gi,
    'the GPS data must be removed',
  ],
  [
    /\bthe file (?:has to|must|should) (?:tell|show|say)(?: us)? where (?:it|the (?:picture|image|photo)) was taken(?: \(gps\))?/gi,
    'the GPS data must be kept',
  ],
  [
    /\bturn off (?:the )?location(?: (?:services?|tagging))?(?= before| when| on your (?:phone|camera)| in your (?:phone|camera)|[,.;])/gi,
    'remove the GPS data',
  ],
  // "All camera data except location must be left in."
  [
    new RegExp(
      `\\ball (?:the )?${NOTES}(?: data)?,? (?:except|but|apart from|save|other than)(?: for)? (?:the )?${PLACE} (?:must|should|has to|have to) (?:be left in|stay|be kept|remain|be left|be preserved)(?: in the file)?`,
      'gi',
    ),
    'keep all EXIF data except the GPS data',
  ],
  // "The GPS position, on the other hand, has to be deleted."
  [/, (?:on the other hand|however|though|by contrast),(?= (?:must|has|have|is|are|should|may|can)\b)/gi, ''],
  // "The shooting data have to survive the export."
  [
    new RegExp(
      `(?<=\\b${NOTES}|${PLACE}) (?:has to|have to|must|should) survive(?: the [a-z]+| [a-z]+ing)?`,
      'gi',
    ),
    ' must be kept',
  ],
  [/\bclean of (?=(?:all |any )?(?:exif|iptc|xmp|metadata|gps))/gi, 'free of '],
  // "Please use no program that throws these away."
  [
    /\buse no (?:program|software|app|tool)s? (?:that|which) (?:throws? (?:these|this|them|it|those) away|(?:removes?|strips?|deletes?|drops?|loses?) (?:these|this|them|it|those))/gi,
    'do not remove them',
  ],
  // "What must be in the file: camera, lens, exposure", "what must not be in the file: where it was taken; who took it".
  [
    /\bwhat (?:must|shall|has to|have to|should|is to|are to|is required to) (?:be|stay|remain) in the file:(?= [^.\n]*\b(?:camera|lens|exposure|shutter)\b)/gi,
    'Keep the EXIF data in the file:',
  ],
  [
    /\bwhere it was taken(?<=\bwhat (?:must|shall|may|should)(?: not|n['’]t) be in the file: [^.\n]{0,80})/gi,
    'the GPS data',
  ],
  // "Leave the EXIF alone. We need the position."
  [
    /\bwe need the (?:gps )?position\b(?<=\b(?:exif|metadata)\b[^\n]{0,60}[.;:,] [^.;:,\n]{0,28})/gi,
    'the GPS position must be kept',
  ],
  // "Keep everything the camera writes into the file."
  [
    /\b(?:keep|leave|leave in|retain) (?:everything|all|whatever|what)(?: that| which)? (?:the|your) camera (?:writes|has written|records|has recorded|puts|stores) (?:into|in|to) the (?:file|picture|image)/gi,
    'keep all EXIF data',
  ],
  [
    new RegExp(
      `\\b(?:${FILES}|an? (?:file|picture|image|photo)) (?:that|which) (?:still )?(?:holds?|contains?|ha[sv]e?|carr(?:y|ies)|shows?) (?:any |a |the )?(${PLACE}) ${GOES_BACK}`,
      'gi',
    ),
    'remove the $1',
  ],
  [
    new RegExp(
      `\\b(${PLACE}) (?:must|should|has to|have to|needs? to) (?:come|go|get) out(?: of (?:the|your|every) (?:file|picture|image|photo)s?)?`,
      'gi',
    ),
    '$1 must be removed',
  ],
  [
    /\bnot a single (?:line|bit|piece|trace) of (metadata|exif)(?: data)? (?:may|must|should|can) (?:remain|stay|be left)/gi,
    'remove all $1',
  ],
  // "Do not run the files through programs that strip metadata."
  [
    /\b(?:do not|don['’]t|never) (?:run|pass|send|put|push) (?:it|them|(?:the|your) (?:files?|pictures?|images?|photos?)) through (?:an? |any )?(?:programs?|apps?|software|services?|messengers?|tools?) (?:that|which) (?:strips?|removes?|deletes?|wipes?) (?:the |all )?(metadata|exif)(?: data)?/gi,
    'keep the $1',
  ],
  [new RegExp(`\\b(${NOTES}) survives?\\b`, 'gi'), '$1 must be kept in'],
  [/\bswitch (?:the )?(?:location|gps)(?: data)? off\b/gi, 'remove the GPS position'],
  // "Choose to include all metadata", "all metadata" switched on.
  [/["“”']?\ball metadata["”']? (?:switched|turned) on\b/gi, 'all metadata included'],
  [/\b(?:be|to be) found in (?=(?:the |its )?(?:metadata|exif|iptc))/gi, 'appear in '],
];

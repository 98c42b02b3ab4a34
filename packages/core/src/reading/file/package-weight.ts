import { phrases } from '../common/word-lists.ts';

/** Whether a weight is that of one file or of all that is sent together: a zip, an e-mail, a whole submission. */

const PACKAGE = phrases`
  (?:the |all )?(?:two|three|four|five|six|eight|ten|twelve|\d{1,2})(?: of them)? together | (?:the|all) (?:two|three|four|five|six|eight|ten|twelve|\d{1,2}) of them (?=must|may|should|can|together)
  each (?:e-?)?mail | (?:one|a single|your|per) (?:(?:e-?)?mail|message|upload|transfer) | (?:e-?)?mails (?=up to|of\b|max) | (?:a|one|per) submission | per upload
  (?:a|one|single) (?:[\w-]+ )?folder | (?:the|your|this) folder (?=may|must|should|can|has|weigh) | per (?:e-?)?mail | at (?:a time|one time|once)
  (?:her|his|my|our|the) (?:in|mail)?box (?:takes|accepts|allows|copes with|can take) | taken together | the sum of | e-?mails of (?:more|up to|at most|over)
  (?:no|a) mails? (?=over|above|larger|bigger|heavier) | (?:mail|e-?mail|message) as a whole | (?:whole|complete|entire|full) (?:submission|entry|email|package|mail|message|application|upload|folder|set|series|panel|portfolio|transfer|delivery|parcel)
  (?:our|my|the|your) (?:e-?)?mail (?:system |program |provider |box )?(?:rejects?|refuses?|bounces?|returns?|takes?|cannot)
  total for (?:the|all|both|these)\b | for all\b(?! (?:competitions|classes|rounds|evenings|kinds|entries|entrants|artists|members|sections|rounds)\b) | for the (?:whole )?lot\b
  limit (?:of|for) the (?:whole )?(?:upload|e-?mail|zip|folder|transfer)\b(?! (?:page|form|field))
  (?:size|weight|total|limit) (?:of|for) all (?:the |your )?(?:files|images|pictures|photos|attachments)\b
  all (?:of them|files|images|pictures|photos)(?= (?:together|combined|in (?:total|one)|as a whole))
  zip(?:ped|s)? | batch(?:es)? | (?:zip|one|a|single|an|compressed|packed|your|rar) archives?(?! (?:file|version|copy|image)s?\b)
  send (?:it|them|the archive|this archive)(?=,? \(?# ?(?:or less|at most|max)) | (?:send|upload|mail) (?:the|this|your) archive
  archives? (?:with|of|must|may|should|can|is (?:not?|limited|under|up to|max\w*)|has|up to|under|below|not|no|max\w*|at most|size|weight|limit)
  the (?:whole )?lot(?= (?:must|should|may|can|together|under|in one|at|not|up|max|#|weigh))
  everything(?! (?:else|above|over|past|beyond|larger|bigger|heavier)\b) | in all\b | in total | total (?:no|not|max|up|at|under|below)\b | total (?:\w+ )?(?:size|weight|upload|max(?:imum)?|limit)
  (?:files|images|pictures|photos)(?: \w+){0,4} together | altogether | combined | both together | in one go | all together
  together (?:they|these|all) (?:may|must|should|can)
  together (?=not?\b|under|max|less|at most|up|\d|#) | whole (?:submission|entry|email|package)
  (?:submission|entry|package) as a whole | the total (?:must|may|should|can|is|has|stays?|remains?|comes?|weighs?|does|under|below)
  entire (?:submission|entry|email|package)
  e-?mails? (?:must|should|may|can|of|over|larger|up to|under|with|bigger|above|is|are|limit|size)
  e-?mail takes | per e-?mail | one (?:letter|message|mail) | in one (?:message|mail|e-?mail|go)\b | (?:mailbox|inbox) (?:only )?(?:takes|rejects|refuses|bounces|returns) | a message\b | an? (?:e-?)?mail
  (?:the|your|each|one) mail (?:must|should|may|can|has|is|gets|becomes|grows|would be) | \bmails? (?:over|above|larger|of (?:more|up to|at most|no more))
  (?:e-?mail|mail) attachments?(?= (?:over|above|larger|bigger|of more)\b) | mail ?server | e-?mail (?:anything|files) | attachments? (?:together|in total)
  per (?:person|member|entrant|author|artist|applicant|club|photographer|exhibitor) | (?:one|a) parcel
`;

/** What belongs to every file of many. */
const EACH = /^\s*(?:max\.? )?(?:each|apiece|per (?:file|image|picture|photo|entry))\b/i;

/** What makes a weight that of each file. */
const OF_ONE_FILE = phrases`
  (?:single|individual|each|any(?: one)?|every) (?:file|image|picture|photo\w*)
  (?<!\b(?:all|altogether|together),? (?:the |your )?|\bsum of (?:the |your |all )?|\b(?:combined|total) (?:size|weight) of (?:the |your |all )?)(?:pictures|images|photos|files|jpe?gs) (?:must|may|should|can|are)\b(?!.*\b(?:zip|archive|folder)\b)
  per (?:file|image|picture) | files? each
`;

/** Whether a weight is that of all files together. */
export function isPackage(text: string, from: number, to: number): boolean {
  // Another weight in the sentence has its own words beside it.
  const before = text
    .slice(Math.max(0, from - 70), from)
    .replace(/^.*\d\s*(?:[kmg]i?b|megs?|megabytes?)\b/is, '')
    // "10 MB per file and 40 MB in total".
    .replace(
      /^\s*(?:(?:per|for (?:each|every)|each) (?:file|image|picture|photo)|each|apiece)\s*(?:,|;|and|but|with)\s*/i,
      '',
    )
    // "For all photos: JPG, 10 MB at most".
    .replace(/^\W*(?:for )?all (?:photos|images|pictures|files|of (?:them|these)):/i, ' ')
    .replace(/^\W*for all (?:photos|images|pictures|files)\b/i, ' ')
    // "3 pictures per member, JPEG, 3 MB".
    .replace(
      /\b(?:\d+|two|three|four|five|six|eight|ten|pictures?|images?|photos?|entries|works?|prints?|files?|jpe?gs?) per (?:member|person|author|entrant|photographer|household|club)\b/gi,
      '',
    )
    // "One picture per person as a JPEG (not larger than 7 MB)".
    .replace(/^.*\b(?:jpe?g|tiff?|png)s?\s*\((?=[^()]*$)/is, '');
  // "Zipped, in a single file of 45 MB or less".
  if (/\b(?:zip(?:ped)?|compressed)\b[^.;]{0,12}\b(?:a|one) single file\b/i.test(before)) return true;
  // "The e-mail with the pictures must not be larger".
  if (
    /\b(?:e-?mail|mail|message|zip|folder|archive) (?:with|of|containing) (?:the |all |your )*(?:pictures|images|photos|files)\b/i.test(
      before,
    )
  )
    return true;
  // "25 MB in total, no single file over 5 MB".
  const part = before.slice(before.search(/[,;:(][^,;:(]*$/) + 1);
  if (OF_ONE_FILE.test(part)) return false;
  const after = text
    .slice(to)
    // "4 MB max (mail server!)".
    .replace(
      /^(?: max(?:imum|\.)?| at most)? \((?:our |the )?(?:mail ?server|e-?mail|mailbox|inbox)[^()]{0,30}\)/i,
      '',
    )
    // "40 MB is the most we can accept in one message".
    .replace(/^ (?:is|are) the (?:most|limit)(?: that)? (?:we|i|it) (?:can )?(?:accept|take)s?\b/i, '')
    .slice(0, 30)
    .replace(/\s[/|]\s.*$/s, '')
    .replace(/,(?! (?:all |al)?together| in (?:total|all)).*$/s, '')
    .replace(/[;,]?(?:\s\w+){0,5}?\s\d.*$/s, '');
  return (PACKAGE.test(`${before}#${after}`) || /^\s*(?:all )?together\b/i.test(after)) && !EACH.test(after);
}

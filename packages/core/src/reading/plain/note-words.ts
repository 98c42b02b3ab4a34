/** Words of what organisers say of the notes in a file: parts of longer patterns. */

/** The notes in a file, all together and the place alone: parts of longer patterns. */
export const NOTES =
  '(?:(?:exif|iptc|xmp|camera|exposure|shooting|capture|meta)(?: ?data| details| information| settings)?|metadata)';
export const PLACE =
  '(?:(?:gps|location|geo)(?:[- ]?(?:data|tags?|position|co-?ordinates|entr(?:y|ies)|information))?|co-?ordinates|position)';
export const ONE_FIELD = '(?:author|creator|artist|copyright|credit|by-?line)';
/** What becomes of a file. */
export const GOES_BACK =
  '(?:(?:is|are|will be|gets?) (?:(?:sent|turned) (?:back|away|down)|refused|rejected|returned|deleted)|(?:is|are|will|can) ?not (?:be )?(?:looked at|judged|accepted|considered|shown|used)|(?:goes|go|comes|come) back|(?:does|do) not (?:count|take part))';
export const FILES = '(?:files|pictures|images|photos|photographs|entries|anything|works)';
export const REFUSED =
  '(?:(?:are|is|will be|get|have to be) (?:\\w+ )?(?:refused|rejected|returned|disqualified|excluded|sent back|not (?:be )?(?:judged|accepted|considered|used|shown|published|counted)|discarded|turned (?:down|away))|(?:cannot|will not|can not) be (?:\\w+ )?(?:judged|accepted|considered|used|shown|published|counted|mapped)|(?:go|come) (?:straight )?back|fail|do not count)';
export const SENT =
  '(?:(?:please )?do not (?:send|submit|upload)|(?:we|i) (?:(?:do|can|will|shall) ?not|cannot) (?:accept|take|use|judge|publish|show)|please do not (?:send|submit|upload)|no)';

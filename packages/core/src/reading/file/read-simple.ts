import { isAdvisedAt } from '../common/advice.ts';
import type { Found } from '../common/found.ts';
import type { Segment } from '../common/segments.ts';
import { oneOf, patterns, phrases } from '../common/word-lists.ts';

/** Properties of a file that one phrase names: profile, bits, scan, quality. */

interface Simple {
  field: string;
  words: RegExp;
  value: (match: RegExpExecArray, text: string) => unknown;
  /** Words that make the sentence speak of something else. */
  unless?: RegExp;
}

/** Either is taken. */
const BOTH_SCANS = /\b(?:progressive or baseline|baseline or progressive)\b/i;

const SIMPLE: readonly Simple[] = [
  {
    field: 'profileEmbedded',
    words:
      /\b(?:do not(?! forget)|without|no)\b[^.;,]{0,25}\b(?:embed(?:ded)?\b[^.;]{0,30}\b(?:profiles?|icc)|(?:embedded )?(?:icc|colou?r) profile)\b/i,
    value: () => false,
    unless:
      /\b(?:treated|read|opened|assumed|taken|considered|interpreted) (?:as|to be)\b|\bwithout\b[^.;]*\bprofiles?\b[^.;]*\b(?:refused|rejected|not (?:be )?accepted|returned|sent back|turned away|disqualified)\b/i,
  },
  {
    field: 'profileEmbedded',
    words:
      /\bleave the (?:icc |colou?r )*profile (?:out|off)\b|\b(?:strip|remove|delete) the (?:icc |colou?r )*profile\b|^\W*no (?:icc |colou?r )*profile,? please\b/i,
    value: () => false,
  },
  {
    field: 'profileEmbedded',
    words: phrases`
        (?:icc|profile|(?<=^\W*)) ?embedded: ?(?:yes|required) | (?:embed(?:ded|ding)?|attach)\b[^.;]{0,45}\bprofiles?
        (?<!\bnot )(?:includ|attach|contain|carr|ha(?:s|ve)\b)\w*(?: \w+){0,2} (?:icc|colou?r|s?rgb|embedded) profiles?
        profiles?\b[^.;]{0,45}\b(?:embed(?:ded)?|attached|included|tagged|present|in the file)
        (?:tagged|tag (?:your |the |all |each )?(?:files?|images?|pictures?)) (?:with|as)[^.;]{0,25}(?:profile|rgb) | with (?:(?:the|its|an?) (?:icc |colou?r )*|s?rgb )?profile
        profile (?:must|should) (?:stay|remain|be kept) | \bembed (?:s?rgb|adobe rgb)\b | \bkeep (?:the|its|their) (?:icc |colou?r )*profiles?\b | embedded s?rgb
        (?:s?rgb|1998\)?) (?:must|has to|should) be embedded | (?:s?rgb|1998\)?|iec61966[\w.-]*),? \(?(?:embedded|tagged(?! (?:with|as)\b))
      `,
    value: () => true,
    unless:
      /\bwithout (?:an? )?embedded\b[^.;]*\b(?:treated|read|opened|assumed|taken|interpreted) (?:as|to be)\b/i,
  },
  {
    field: 'profileEmbedded',
    words:
      /\b(?:untagged|without (?:an? |any )?(?:embedded )?(?:icc |colou?r )*profiles?)\b[^.;]{0,30}\b(?:refused|rejected|not accepted|returned|sent back|turned away|deleted|cannot)\b/i,
    value: () => true,
  },
  {
    field: 'profileEmbedded',
    words:
      /\bprofiles? (?:is|are) missing\b[^.;]{0,30}\b(?:refused|rejected|not accepted|returned|sent back|turned away)\b|\bprofile (?:must|may) not be missing\b/i,
    value: () => true,
  },
  {
    field: 'profileEmbedded',
    words: /(?<!\bor )\bwithout (?:an? |any )?(?:embedded )?(?:icc |colou?r )*profiles?\b/i,
    value: () => false,
    unless: /\b(?:refused|rejected|not (?:be )?accepted|returned|cannot|will|are|is)\b/i,
  },
  {
    field: 'bitDepth',
    words: /\b(?:reduced?|converted?|changed?|brought down) (?:\w+ )?to (8|16)[- ]?bits?\b/i,
    value: m => Number(m[1]),
  },
  { field: 'bitDepth', words: /\b48[- ]?bits?\b/i, value: () => 16 },
  { field: 'bitDepth', words: /\b24[- ]?bits?\b/i, value: () => 8, unless: /\bper channel\b.*24/i },
  {
    field: 'bitDepth',
    words: /\b8 or 16[- ]?bits?\b[^.;]{0,40}\b(8|16) (?:is |bits? )?(?:preferred|please|if you can)/i,
    value: m => Number(m[1]),
  },
  {
    field: 'bitDepth',
    words: /\b(?:preferably|ideally|better) (8|16)[- ]?bits?\b/i,
    value: m => Number(m[1]),
  },
  {
    field: 'bitDepth',
    words:
      /(?<!(?<!\b(?:work|print|publish) )\bfrom (?:an? |the |your )?)\b(8|16)[- ]?bits?\b(?! (?:files?|images?|tiffs?|jpegs?) (?:choke|stall|cannot|will not|do not|are not|crash|freeze|confuse|jam|(?:are|will be) (?:refused|rejected|returned|sent back|not accepted|too)))/i,
    value: m => Number(m[1]),
    // "8 or 16 bits" leaves it free, "greyscale images must be 8 bit" speaks of some.
    unless:
      /^\W*(?:gr[ae]y-?scale|monochrome|line) (?:images|scans|files) (?:should|must|are)\b|\b(?:8|16)-?(?:[- ]?bits?)? ?(?:or|and|\/|-|–) ?(?:8|16)[- ]?bits?\b|\bjpe?gs?(?: files?)?(?: \([^()]*\))? or (?:an? )?16[- ]?bit tiff/i,
  },
  {
    field: 'bitDepth',
    words:
      /\bbits?\s?(?:(?:per |\/\s?)(?:channel|colou?r|pixel)|depth)\D{0,14}\b(8|16)\b(?! ?(?:or|and|\/) ?(?:8|16)\b)/i,
    value: m => Number(m[1]),
  },
  {
    field: 'bitDepth',
    words: /^(?:colou?r )?depth:? (8|16)\b(?!\s*(?:or|\/|and|[cm]m\b)\s*)/i,
    value: m => Number(m[1]),
  },
  {
    field: 'bitDepth',
    words: /^bits(?: per)?:? (8|16)\b(?!\s*(?:or|\/|and)\s*(?:8|16))/i,
    value: m => Number(m[1]),
  },
  {
    field: 'bitDepth',
    words: /\b(eight|sixteen)[- ]bits?\b/i,
    value: m => (/eight/i.test(m[1] ?? '') ? 8 : 16),
  },
  {
    field: 'jpegScan',
    words: /\bbaseline\b(?! tiff)/i,
    value: () => 'baseline',
    unless: BOTH_SCANS,
  },
  {
    field: 'jpegScan',
    words: patterns`
        \b(?:not?|never|cannot|avoid|refuse\w*|without|(?:turn|switch)(?:ed)? off|disable|untick|uncheck)\b[^.;]{0,30}\bprogressive\b
        \b(?:hang|choke|crash|stall|stumble|freeze)s? (?:on|with|at)\b[^.;]{0,20}\bprogressive\b
        \bprogressive\b[^.;]{0,40}\b(?:not|refused|rejected|cannot|fail|freeze|break|stay (?:black|blank|grey))
      `,
    value: () => 'baseline',
    unless: BOTH_SCANS,
  },
  {
    field: 'jpegScan',
    words: /\bprogressive\b(?! (?:number|order|numbering))/i,
    value: () => 'progressive',
    unless: /\bbaseline\b|\b(?:fine|allowed|accept\w*|ok(?:ay)?|welcome|no problem|works? too)\b/i,
  },
  {
    field: 'quality',
    words:
      /\bcompression\b\D{0,12}\b(\d{1,2})\b[^.;\d]{0,40}\b(?:scale (?:of|from)|out of|of)\D{0,8}(10|12|100)\b/i,
    value: m => `${m[1]}/${m[2]}`,
  },
  {
    field: 'quality',
    words: new RegExp(
      `\\b(?:quality\\b\\D{0,25}|level )(\\d{1,2})\\b[^.;\\d]{0,20}\\b${oneOf`
        (?:out )?of a possible | (?:on|in) (?:the|a) scale (?:of|from \d to|up to)
        (?:the )?scale (?:goes|runs) (?:from \d )?to | on (?:the|a)
      `}\\D{0,3}(10|12|100)\\b`,
      'i',
    ),
    value: m => `${m[1]}/${m[2]}`,
  },
  {
    field: 'quality',
    words: /\bno (?:jpe?g )?(?:compression|quality) (?:below|under|lower than|less than) (\d{2}) ?%/i,
    value: m => `${m[1]}%`,
  },
  {
    field: 'quality',
    words:
      /\bquality (?:setting |level )?(?:of |at )?(?:no|not) (?:lower|less|worse|below)(?: than)? (\d{1,2})\b(?! ?%)(?:,? \(?(?:out )?of (10|12|100)\b)?/i,
    value: m => (m[2] ? `${m[1]}/${m[2]}` : m[1]),
  },
  // "JPEG 12, Adobe RGB".
  { field: 'quality', words: /\bjpe?g (10|11|12)(?=[,;)]|\.(?:\s|$)|$)/i, value: m => m[1] },
  { field: 'quality', words: /\blevel (\d{1,2}) compression\b/i, value: m => m[1] },
  {
    field: 'quality',
    words: /\b(?:save|jpe?gs?)\b[^.;\d]{0,16}\b(?:at|with|on) level (\d{1,2})\b(?! ?(?:\/|of|out))/i,
    value: m => m[1],
  },
  {
    field: 'quality',
    words: /\bquality\b\D{0,25}\b(\d{1,2})\b[^.;\d]{0,40}\b(ten|twelve)[- ](?:step|point) scale\b/i,
    value: m => `${m[1]}/${m[2] === 'ten' ? 10 : 12}`,
  },
  {
    field: 'quality',
    words: /\bquality(?: (?:setting|level))?\s*\((?:level |setting )?(\d{1,3})\)/i,
    value: m => m[1],
  },
  {
    field: 'quality',
    words:
      /\bquality\b\D{0,25}\b(\d{1,2})\b[^.;\d]{0,30}\bscale (?:of |from )?(?:0|1)?\s*(?:-|–|to)?\s*(10|12|100)\b/i,
    value: m => `${m[1]}/${m[2]}`,
  },
  {
    field: 'quality',
    words:
      /\bquality\b\D{0,25}\b(\d{1,2})(?: or (?:more|above|better|higher|over))?\s*\(?(?:out of|of|\/)\s*(10|12|100)\b/i,
    value: m => `${m[1]}/${m[2]}`,
  },
  {
    field: 'quality',
    words: /\b(\d{1,2})\s*(?:out of|\/)\s*(10|12|100)\b[^.;]{0,20}\bquality\b/i,
    value: m => `${m[1]}/${m[2]}`,
  },
  {
    field: 'quality',
    words: /\bquality\b(?:[^.;\d]|\b(?:min|max|approx)\.){0,40}?\b(\d{2,3})\s*(?:%|per ?cent)/i,
    value: m => `${m[1]}%`,
  },
  {
    field: 'quality',
    words: /\bquality:? (?:level |of )?(\d{1,2}) ?(?:[-–]|to) ?(\d{1,3} ?%)/i,
    value: m => `${m[1]}-${m[2]?.replace(' ', '')}`,
  },
  {
    field: 'quality',
    words:
      /\b(?:quality|compression)(?: (?:setting|level|factor))?:? (?:of |level |between )?(\d{1,2}) ?(?:[-–]|to|and) ?(\d{1,2})\b(?! ?(?:%|[km]b|px|pixels))/i,
    value: m => `${m[1]}-${m[2]}`,
  },
  {
    // The first of two that are as good.
    field: 'quality',
    words:
      /\bquality (?:setting |level )?(?:at |of )?(\d{1,2}) or \d{1,2}\s*\(?(?:out )?(?:of|\/) ?(10|12|100)\b/i,
    value: m => `${m[1]}/${m[2]}`,
  },
  {
    field: 'quality',
    words: /\bjpe?gs?,? ?\(?q ?(\d{1,3})\b/i,
    value: m => m[1],
  },
  {
    field: 'quality',
    words: /\bjpe?gs? \((8|9|1[0-2])\)/i,
    value: m => m[1],
  },
  {
    field: 'quality',
    words: /\bjpe?gs?,? ?\(?(\d{1,2})\/(10|12)\b/i,
    value: m => `${m[1] ?? ''}/${m[2] ?? ''}`,
  },
  {
    field: 'quality',
    words: /\bjpe?g\W{1,3}(?:quality )?level (\d{1,2})\b/i,
    value: m => m[1],
  },
  {
    field: 'quality',
    words: /\b(\d{2,3})\s*(?:%|per ?cent)\s*(?:jpe?g |compression )?quality\b/i,
    value: m => `${m[1]}%`,
  },
  {
    field: 'quality',
    words:
      /\bjpe?gs?(?: files?)?,?(?: at)? (?:about |at least )?(\d{2,3}) ?(?:%|per ?cent)(?! (?:size|scale|view|zoom))/i,
    value: m => `${m[1]}%`,
  },
  {
    field: 'quality',
    words: /\bquality\b[^.;\d]{0,25}\b(\d{1,2})\s*\((?:out )?of (10|12|100)\)/i,
    value: m => `${m[1]}/${m[2]}`,
  },
  {
    field: 'quality',
    words: /\bquality\b[^.;]{0,60}\b(?:that['’]s|that is|which is|i\.e\.) (\d{1,3})\b/i,
    value: m => m[1],
  },
  {
    field: 'quality',
    words: /\bcompress(?:ion)?(?: (?:degree|level|grade|factor|setting)\D{0,12}|\s*[:=]?\s*)(\d{1,2})\b/i,
    value: m => m[1],
  },
  {
    field: 'quality',
    words:
      /\bquality\s*(?:(?:setting|level|factor)\s*)?(?:of |is |to |at |must be |should be |[:=])?\s*(?:at least |about )?(\d{1,3})\b(?!\s*(?:px|pixels|mb|kb))/i,
    value: m => m[1],
  },
];

export function readSimple(segment: Segment): Found[] {
  const { text } = segment;
  const found: Found[] = [];
  // What is to be tried where the rule cannot be met is no rule.
  if (/\bif it does not\b|\b(?:then|just) try\b/i.test(text)) return [];
  for (const { field, words, value, unless } of SIMPLE) {
    const match = words.exec(text);
    // "If your file is in another space embed its profile" asks it of some files only.
    if (field === 'profileEmbedded' && /\bif your (?:file|picture|image) (?:is|has)\b/i.test(text)) continue;
    if (!match || unless?.test(text) || found.some(f => f.field === field)) continue;
    found.push({
      field,
      value: value(match, text),
      start: segment.start + match.index,
      end: segment.start + match.index + match[0].length,
      advice:
        (isAdvisedAt(text, match.index) ||
          (field === 'quality' &&
            /\b(?:or so|is fine|usually|will (?:usually )?(?:give|do)|about right)\b/i.test(text))) &&
        !(field === 'profileEmbedded' && /\b(?:should|must|has to)\b[^.;]{0,12}\bembed/i.test(text)),
    });
  }
  return found;
}

import { at } from './clause.ts';
import type { Found } from './found.ts';
import type { Segment } from './segments.ts';

/** Whether every picture has to be monochrome. */

const MONOCHROME_ALL =
  /^(?:images?|pictures?|photos?|photographs?|works?)\s*:\s*(?:black[- ]and[- ]white|monochrome)\b|^(?:[-*•–·]\s*)?(?:black[- ]and[- ]white|monochrome)(?:,? please)?[!.]?$|\b(?:(?:pictures|images|photographs|photos|works|entries|prints|files|all(?: \w+){0,2}|everything|submissions?|signature|they|(?:every|each) (?:picture|image|photograph|photo))\b[^.;]{0,24}\b(?:must|should|has to|have to|need to|is to|are to)(?: all)? be (?:in |a |pure |strictly )?(?:black(?:[- ]and[- ]| ?& ?)white|monochrome|b&w|b\/w|mono)\b|(?:monochrome|black(?:[- ]and[- ]| ?& ?)white|mono|b&w|b\/w) (?:only|images only|pictures only|photographs only|work only|entries only)|only (?:monochrome|black(?:[- ]and[- ]| ?& ?)white)(?: (?:images|pictures|photographs|work|entries|prints))?(?=\s*(?:$|[.,;)]|will\b|are\b|is\b|please\b))|only (?:monochrome|mono|b&w|black(?:[- ]and[- ]| ?& ?)white) (?:images|pictures|photographs|work|entries|prints)|\b(?:photograph|picture|image)s?\b[^.;]{0,30}, black[- ]and[- ]white[.,;]?$|(?:monochrome|black(?:[- ]and[- ]| ?& ?)white) (?:images|pictures|photos|photographs|prints|work|entries) exclusively|colou?r (?:images|pictures|photos|photographs|prints|work|entries) (?:will be|are) (?:refused|rejected|not accepted|not eligible|excluded|disqualified|returned)|(?:looking for|need|want|send(?: us)?|invit\w+)(?: (?!or\b|and\b|colou?r)\w+)? (?:black[- ]and[- ]white|monochrome) (?:images|pictures|photos|photographs|prints|works?)|\bthis is a (?:monochrome|black[- ]and[- ]white) (?:competition|exhibition|contest|round|call|show)\b|\ball of (?:them|these) (?:in |are )?(?:in )?(?:black[- ]and[- ]white|monochrome)\b|\b(?:every|each) (?:picture|image|photo\w*)\b[^.;]{0,30}\bis (?:in )?(?:monochrome|black[- ]and[- ]white)\b|\ball (?:\w+ )?(?:pictures|images|photographs|photos|works|entries|prints) (?:in |are )?(?:black[- ]and[- ]white|monochrome)\b|^[^.;:]{0,24}\b(?:sections|classes|categories),? all (?:of them |in )?(?:black[- ]and[- ]white|monochrome)\b|as an? (?:black[- ]and[- ]white|monochrome) (?:\.?\w+ )?(?:file|image|scan|picture)|no colou?r (?:at all|images|pictures|work|photographs|entries))/i;

/** Monochrome counts only where every picture has to be so. */
export function readMonochrome(segment: Segment): Found[] {
  const match = MONOCHROME_ALL.exec(segment.text);
  if (
    !match ||
    /\b(?:one|two|three|some|half|any|at least \w+) of (?:the|your|these)\b|\bof which\b|\bat least (?:\d+|one|two|three|four|five)\b|\b(?:sections|classes|categories)\s*[:–-]|^(?:monochrome|mono|b&w|black[- ]and[- ]white) (?:section|class|category)\b|\b(?:in (?:the|this|that) (?:\w+ )?section|section [a-z]\b|class [a-z]\b|category|category [a-z])\b/i.test(
      segment.text,
    )
  )
    return [];
  return [at(segment, 'monochrome', true, match)];
}

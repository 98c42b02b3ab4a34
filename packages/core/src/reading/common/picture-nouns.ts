/** Words that name a kind of picture, whatever it is: parts of longer patterns, in which letter case is not told apart. */

/** Nouns for a picture or a file. */
const GENERIC =
  'entr(?:y|ies)|works?|images?|pictures?|photos?|photographs?|files?|versions?|cop(?:y|ies)|jpe?gs?|scans?|shots?|ones?';
/** Nouns that name a kind of picture by themselves. */
const KIND =
  'contact sheets?|pages?|panels?|prints?|close-ups?|overviews?|wallpapers?|backdrops?|badges?|labels?|jackets?|front|back|full frame|banners?|logos?|covers?|avatars?|icons?|portraits?|head ?shots?|selfies?|signatures?|thumbnails?|(?:floor ?|site ?)?plans?|(?:sketch )?maps?|sketch(?:es)?|drawings?|diagrams?|posters?|postcards?|slides?|(?:work )?samples?|headers?|tiles?|mastheads?|title (?:picture|image)s?|previews?|plates?|crops?|details?|(?:id|identity|student) cards?|thumb ?(?:prints?|impressions?)';
const WORD =
  "(?!(?:of|for|in|on|with|and|or|as|at|to|by|if|so|when|since|where|that|which|not|no|is|are|be)\\b)[a-z][a-z’'-]*";
export const THE = '(?:(?:the|your|our|my|each|every|an?|one|its|both|all) )';
/** "Cover image", "portrait of the author". */
export const NOUN = `(?<what>(?:${WORD} ){0,3}?(?:${GENERIC}|${KIND})\\b(?! (?:${GENERIC}|${KIND})\\b)(?: of (?:(?:the |your |an? )?[a-z]{3,}|me|us)(?! of))?)(?: \\([^()]*\\))?`;
/** What pictures of any kind may be called. */
export const UNTOLD =
  /^(?:(?:the|your|our|all|any|each|every|these|those|other|such|no|own|best|digital|projected|competition|entry|actual|final|finished|above|said|smaller|larger|original|image|single|individual|same|few|more|most|two|three|four|five|six|\w+ed|resulting|remaining|existing|landscape|portrait|horizontal|vertical|upright|square|panoram\w+|colou?r|mono\w*|black|white|and|or|of|good|new|old|first|second|third|jpe?g|tiff?|png) )*(?:images?|pictures?|photos?|photographs?|files?|versions?|cop(?:y|ies)|jpe?gs?|scans?|shots?|ones?|portraits|entr(?:y|ies)|works?)(?: of (?:the |your |any )?(?:same|size|kind|places?|people|subjects?))?$/i;

/** Pattern text of what people enter, with words that may stand before it. */
export const THINGS =
  '(?:(?:landscape|upright|square|framed|digital|projected|colou?r|mono(?:chrome)?|printed|finished|unmounted|mounted|final|different|separate|individual|single|original|recent|new|still) ){0,2}(?:images?|pictures?|photo(?:graph)?s?|entries|entry|works?|pieces?|prints?|files?|slides|submissions?|artworks?|plates?|portraits?|paintings?|shots|frames|panels?|pdis?|dpis?|pics?|pix|snaps?|panoramas?|scans?|screenshots?|drawings?|suggestions?|squares|jpe?gs)(?![a-z])';

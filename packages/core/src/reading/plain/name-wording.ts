import type { Rule } from './reword.ts';

/** What organisers say of the names of files in many ways, each with the words that the readers know. */

const SIGNS = '(?:accents|umlauts|punctuation|special (?:characters|signs|letters)|diacritics|symbols)';

export const NAME_WORDING: readonly Rule[] = [
  // "The name may contain letters and figures only."
  [
    /\bthe name (?=(?:may|can|must|should) (?:only )?(?:contain|consist of|have|use) (?:only )?(?:(?:plain|unaccented|latin|capital|small) )?(?:letters|figures|digits|characters))/gi,
    'the file name ',
  ],
  [
    /\b(?:restrict|limit|keep|cut) (?:the |your |all )?(titles?|(?:file )?names?) (?:down )?to (?=\d)/gi,
    '$1 limited to ',
  ],
  // "Leave out accents and punctuation in file names."
  [
    new RegExp(
      `\\b(?:leave out|omit|drop|do without|stay clear of|steer clear of|keep clear of) (?:all |any )?(?=${SIGNS}\\b[^.;]*\\b(?:names?|titles?)\\b)`,
      'gi',
    ),
    'no ',
  ],
  [
    /\bspaces (?:with)?in (?:the |your )?titles? (?:are|is|do|does) (?:no (?:problem|harm)|not (?:a problem|matter))/gi,
    'spaces in titles are allowed',
  ],
];

import type { Rule } from './reword.ts';

/** Words that few organisers use, each with the one that most of them do; put right before anything else is looked at. */
export const COMMON_WORDS: readonly Rule[] = [
  // How much.
  [/\bat the very (most|least)\b/gi, 'at $1'],
  [/\bupwards of (?=\d)/gi, 'at least '],
  [/\banywhere (?:from|between) (?=\d)/gi, 'from '],
  [/\bnot in excess of\b/gi, 'no more than'],
  [/\b(?:is|are|be) not over (?=\d)/gi, 'is no more than '],
  [/(?<!\b(?:is|are|be|was|but) )\bnot over (?=\d)/gi, 'no more than '],
  [
    /\bnot (?:go over|be above|be over|surpass|go above|rise above|run to more than)(?= (?:\d|an? |one |two |three ))/gi,
    'not exceed',
  ],
  [/\bas much as (?=\d)/gi, 'up to '],
  [/\bleast (?=(?:width|height|size|resolution|length|dimensions?|file size|weight)\b)/gi, 'minimum '],
  [/\ball told\b/gi, 'in total'],
  [/(?<=\d{2} ?(?:px|pixels)? ?)\*(?= ?\d{2})/gi, 'x'],
  // What must be, and what may not.
  [/\b(?:will|would) have to\b/gi, 'must'],
  [/\bought (not )?to\b/gi, 'should $1'],
  [/\b(?:is|are) in order(?=[.;,)]|$| (?:if|as long|provided))/gim, 'is allowed'],
  [/\b(?:we|i) (?:am|are) (?:unable|not able) to\b/gi, 'we cannot'],
  [
    /\b(?:we (?:must |would )?ask (?:you|everybody|everyone|all) not to|you(?: are|['’]re) (?:kindly )?(?:asked|requested) not to)\b/gi,
    'do not',
  ],
  [
    /^never (?=(?:add|use|put|write|send|remove|strip|embed|include|place|sign|frame|enlarge|compress|upload|enter)\b)/gim,
    'do not ',
  ],
  [
    /\b(are|is|will be|be|get|gets) (?:struck off|thrown out|turned away|left out of the (?:judging|competition)|not let in|weeded out|sorted out|knocked out|shown the door)\b/gi,
    '$1 rejected',
  ],
  [/\bwill not be let in\b/gi, 'will not be accepted'],
  // What is done to a file.
  [/\bget(?:ting)? rid of\b/gi, 'remove'],
  [/\btaken out(?= of\b)/gi, 'removed'],
  [/\btaken out of\b/gi, 'removed from'],
  [/\b(be|been|is|are) taken out(?=[.;,)]|$| (?:before|by|because|as|and)\b)/gim, '$1 removed'],
  [/\binclude (?=(?:the |your |an? )?(?:\w+ )?(?:icc |colou?r )?profile\b)/gi, 'embed '],
  [/\battached (?=(?:(?:icc|colou?r|s?rgb|adobe rgb) )?profile\b)/gi, 'embedded '],
  [/(?<=\b(?:profile|icc|rgb(?: \(1998\))?),? )(?:attached|incorporated)\b/gi, 'embedded'],
  [/\battached(?=(?: |\t)+profile\b)/gi, 'embedded'],
  // What things are called.
  [/\bblank spaces\b|(?<!\bthe )\bblanks\b/gi, 'spaces'],
  [/\bautographs\b/gi, 'signatures'],
  [/\bover-?print(ed|s)?\b/gi, 'watermark$1'],
  [/\bprinted[- ]in dates?\b|\bdates? printed in(?:to)? (?:the|your) (?:picture|image)s?\b/gi, 'date stamps'],
  [/\bpics\b/gi, 'images'],
  [/(?<!\b(?:per|every|each) )\bclub members?\b(?=[^'’]| )/gi, 'member'],
  [/\bnumber as a member\b/gi, 'member number'],
  [/\btitles? of (?:the|each|your|every) file\b/gi, 'file name'],
  [/\b(?:compressed|zipped) folder\b/gi, 'zip file'],
];

import type { Count } from '../common/counts.ts';
import { COUNT } from '../common/quantities.ts';

/** Numbers beside pictures that count no entry: prices, awards, what the organiser shows. */

/** "In total", "altogether": such a number outweighs that of each section or email. */
export const IN_ALL =
  /^\W*(?:[\w-]+ ){0,4}?(?:in total|in all|altogether|overall(?! (?:view|picture|shot|image|impression))|all told|across all)\b/i;
const MORE = new RegExp(`\\b(?:${COUNT}) (?:more|further|additional|extra)\\b`, 'i');

const NO_ENTRY: readonly ((lead: string, count: Count, text: string) => boolean)[] = [
  // "Every entry consists of two files of the same picture".
  (lead, { things }) =>
    /^files$/i.test(things) && /\b(?:each|every) (?:entry|work|picture|image|piece)\b/i.test(lead),
  // "Every record needs two photographs."
  lead =>
    /\b(?:each|every|a) (?:record|sighting|find|observation|report|property|object|listing|product|item|house|room|tree|plant|nest) (?:needs|gets|requires|must have|should have|has to have|comes with|consists of) (?:at least |exactly |up to )?$/i.test(
      lead,
    ),
  // "No more than 12 per recipe."
  (_, { to }, text) => /^ (?:per|for each|for every|with each) (?:recipe|dish)\b/i.test(text.slice(to)),
  // "20 per entry, 60 for four": what it costs.
  (_, { things, to }, text) =>
    !things && /^ per (?:entry|work|image|picture|print|photo)\b/i.test(text.slice(to)),
  // "One picture of your studio" beside those of the work.
  (_, { value, to }, text) =>
    value === 1 &&
    /^ of (?:your|the) (?:studio|workshop|atelier|workplace|shop|premises|team)\b/i.test(text.slice(to)),
  // "We need one picture of each of 142 species": what the organiser shows.
  (_, { value, to }, text) =>
    value === 1 && /^ of (?:each|every one) of (?:the |our |about |some )?\d{2,}\b/i.test(text.slice(to)),
  // "Two of each per person" of several kinds.
  (_, { things, to }, text) => !things && /^ of each\b(?! (?:club|member|person))/i.test(text.slice(to)),
  // "Pictures of our three churches".
  (lead, { things, to }, text) =>
    !things && /\bof (?:our|these) $/i.test(lead) && /^ [a-z]+s\b/i.test(text.slice(to)),
  // "We publish portfolios of eight pictures", "a portfolio has eight pictures".
  lead =>
    /\b(?:we|the (?:magazine|review|book|calendar|gallery)) (?:publish|print|show|hang|run)(?:es|s)? (?:(?:portfolios|series|sets|essays) of )?$|^\W*an? (?:portfolio|feature|essay) has $/i.test(
      lead,
    ),
  // "We are looking for thirteen pictures": what a calendar takes.
  (lead, { value, to }, text) =>
    value >= 12 &&
    /\b(?:looking for|we (?:still )?need) $/i.test(lead) &&
    !/\b(?:per|each|every|from|by|clubs?|teams?)\b/i.test(lead + text.slice(to)),
  // "Up to 4 of the same pictures" for the book.
  (_, { from }, text) =>
    /^\w+ of the same (?:pictures|images|photos|photographs|works)\b/i.test(text.slice(from)),
  // "For the open competition of 14 January pictures must be …"
  (_, { from }, text) =>
    /^\d{1,2} (?:January|February|March|April|May|June|July|August|September|October|November|December) /.test(
      text.slice(from),
    ),
  // "In one class or in all of them".
  (lead, { value, to }, text) =>
    value === 1 &&
    /\bin $/i.test(lead) &&
    /^ (?:class|section|category) or (?:in )?(?:all|both|several|more)\b/i.test(text.slice(to)),
  // "Zine #7".
  lead => /#$/.test(lead),
  // "One photo of the upper side, one of the under side".
  (_, { value, to }, text) =>
    value === 1 &&
    /^ of the (?:upper|under|front|back|left|right|whole|inner|outer) ?side\b/i.test(text.slice(to)),
  // "Not one of your files may weigh more."
  (lead, { value, to }, text) =>
    value === 1 && /\bnot $/i.test(lead) && /^ of (?:your|the|these)\b/.test(text.slice(to)),
  // "One ticket per person, even if you send five."
  lead => /\beven if (?:you|they|somebody|someone) (?:sends?|enters?|submits?|uploads?) $/i.test(lead),
  // "Each panel has one big picture."
  lead =>
    /\b(?:each|every) (?:panel|board|page|wall|table|show ?case|frame) (?:has|shows|holds|takes|gets) (?:up to |at most )?$/i.test(
      lead,
    ),
  // "If there are fewer than 40 images in all".
  lead => /\bif there are (?:fewer|less|more) than $/i.test(lead),
  // "One photo = one work."
  (_, { value, to }, text) => value === 1 && /^ = (?:one|1) /i.test(text.slice(to)),
  (lead, { value }) => value === 1 && /\b(?:one|1) [a-z]+ = $/i.test(lead),
  // "6 to 10 images and up to 4 drawings".
  (_, { things, to }, text) =>
    !things && /^ (?:drawings|plans|sketches|videos|films|clips|keywords|tags|pages)\b/i.test(text.slice(to)),
  // "One file per panel."
  (_, { value, to }, text) => value === 1 && /^ (?:per|for each|for every) panel\b/i.test(text.slice(to)),
  // "Portfolio of 8 to 12 images in one PDF".
  (_, { to }, text) =>
    /^[^.;,]{0,24}\b(?:in|as) (?:one|an?|a single) (?:single )?(?:multi-page )?pdf\b/i.test(text.slice(to)),
  // "You will also need a hanging plan – a single JPEG".
  (lead, { value }) => value === 1 && /\b(?:you|we) (?:will )?also need an? [^.;]*$/i.test(lead),
  // "Is there a fee? Yes, 12 per person."
  lead => /\b(?:fees?|costs?|prizes?|pay|price|charges?|win|tickets?|refund)\b[^?.]*\?[^?.]*$/i.test(lead),
  // "Up to 80 works will be exhibited."
  (_, { to }, text) =>
    /^ (?:will be|are|is|can be|get) (?:finally )?(?:exhibited|hung|shown|printed|displayed|published|selected|chosen|framed|awarded|projected)\b(?! (?:per|from each|by each|for each))/i.test(
      text.slice(to),
    ),
  // "No more than five photos a day."
  (_, { to }, text) => /^ (?:a|per|each|every|in one) day\b/i.test(text.slice(to)),
  // "You can have up to 50 images in your account."
  (_, { to }, text) => /^ (?:in|on) (?:your|an?|the) (?:account|plan)\b/i.test(text.slice(to)),
  // "The wall takes 9 panels."
  lead =>
    /\b(?:wall|page|calendar|spread|screen|board)s? (?:takes?|holds?|shows?|has) (?:room for )?$/i.test(lead),
  // "Quiz, teams of 6, 2 each."
  lead => /\bteams? of \d{1,2}, $/i.test(lead),
  // "Teams of up to four."
  lead => /^\W*(?:teams|groups) of (?:up to |at most )?$/i.test(lead),
  // "One overall tone is accepted."
  (_, { value, to }, text) =>
    value === 1 && /^ (?:\w+ )?(?:tones?|tint|toning|colou?r)\b/i.test(text.slice(to)),
  // "One file per message."
  (_, { value, to }, text) =>
    value === 1 && /^ (?:per|in each|in every|an?) (?:message|e-?mail|mail|upload)\b/i.test(text.slice(to)),
  // "Four salons, one entry".
  (lead, { value, things }) =>
    value === 1 &&
    /^entry$/i.test(things) &&
    /\b(?:salons|exhibitions|competitions|circuit|festivals)\b[^.;]{0,8}$/i.test(lead),
  // "A running number of three figures", "digits 0-9".
  (lead, { things }) =>
    (/^figures$/i.test(things) && /\b(?:number|numbers|code|counter) (?:of |in |with |\()$/i.test(lead)) ||
    /\b(?:digits|figures|numbers|numerals) (?:0 ?[-–] ?)?$/i.test(lead),
  // "Three photos, from them we choose 1 or 2."
  lead => /\b(?:we|i) (?:choose|pick|select|take) $/i.test(lead),
  // "If you want a border you may have one."
  (lead, { value, things }) =>
    value === 1 &&
    !things &&
    /\b(?:borders?|frames?|key ?lines?|signatures?|captions?)\b[^.;]*\b(?:have|add|use) $/i.test(lead),
  // "20 EUR for up to four images".
  lead => /(?:\b\d+ ?(?:EUR|euros?|pounds|crowns)|[£€$] ?\d+) for (?:up to )?$/i.test(lead),
  // "A mail may hold 20 MB; if you have more, send two."
  lead => /\bif (?:you have|there (?:are|is)) more,? (?:please )?(?:send|use|make) $/i.test(lead),
  // "7pm for 7.30, 12 a head".
  (lead, { things, to }, text) =>
    !things &&
    /^ per person\b/i.test(text.slice(to)) &&
    /\b(?:\d ?[ap]m|tickets?|supper|dinner|on the door)\b[^;]*$/i.test(lead),
  // "Ducks 2 each or 6 for 10."
  (lead, { things, to }, text) =>
    !things &&
    (/^ each,? (?:or )?\d+ for \d/i.test(text.slice(to)) ||
      (/\d each,? (?:or )?$/i.test(lead) && /^ for \d/i.test(text.slice(to)))),
  // "As many as you have, in batches of 10."
  lead => /\bin (?:batches|bundles|packets|lots) of (?:up to |at most |no more than )?$/i.test(lead),
  // "Calendars 7 each, 3 for 18."
  (lead, { things }) =>
    !things &&
    /^\W*(?:the )?(?:calendars?|tickets?|teas?|cakes?|books?|catalogues?|coffee|adults|children)(?: are| is| costs?)?:? (?:\d+(?:\.\d\d)? each, )?$/i.test(
      lead,
    ),
  // "Entry: 30 per set": a fee, as is any number of so many.
  (lead, { things, value, to }, text) =>
    !things &&
    /^\W*entry: ?$/i.test(lead) &&
    (value >= 15 || /^ per (?:set|image|picture|photo|section|work|print|title)\b/i.test(text.slice(to))),
  // "Entry 15 per person": a fee.
  (lead, { things }) => !things && /(?:^|[.;] )\W*entry (?:fee )?(?:is |costs )?$/i.test(lead),
  // "Two pictures of the same subject may not …", "ten good pictures are better than twenty".
  (_, { to }, text) =>
    /^ (?:(?:of|with|showing) the same\b[^.;]*\b(?:not|never|cannot)\b|(?:is|are) better than\b)/i.test(
      text.slice(to),
    ),
  // "No more than two awards per author."
  (_, { things }) =>
    /^(?:awards?|prizes?|medals?|tickets?|votes?|points?|certificates?|seats?|places)$/i.test(things),
  // "We will print one image from each entrant."
  lead => /\bwe will (?:print|show|publish|hang|exhibit) (?:only |at least )?$/i.test(lead),
  // "One file per month" of a calendar.
  (_, { value, things, to }, text) =>
    value === 1 &&
    /^(?:files?|images?|pictures?)$/i.test(things) &&
    /^ (?:per|for each|for every) (?:month|page|spread|chapter)\b/i.test(text.slice(to)),
  // "By at least five different authors (so two each)".
  lead =>
    /\bdifferent (?:authors|photographers|members|makers) \((?:so |that is |i\.e\. )?(?:at most )?$/i.test(
      lead,
    ),
  // "One author, two images at most" within a club's entry.
  lead => /\bone (?:author|photographer|member|person|maker), $/i.test(lead),
  (lead, { from, to, things }, text) =>
    (/^files?$/i.test(things) && /\b(?:zip(?:ped)?|archive|compressed)\b[^.;]{0,16}$/i.test(lead)) ||
    /\bzip\b/i.test(text.slice(from, to)) ||
    /\bzip\s*:\s*$/i.test(lead),
  // "One photograph per record is enough; send no more than three."
  (_, { value, to }, text) =>
    value === 1 &&
    /^ (?:per|for each|for every) [a-z]+ is (?:enough|plenty|sufficient)\b/i.test(text.slice(to)),
  // "Three related images are entered as one file."
  (_, { value, to }, text) =>
    value > 1 && /^[^.;]{0,40}\bas (?:one|a single) (?:file|entry|jpe?g|image)\b/i.test(text.slice(to)),
  // "Extra photos (up to 7)".
  lead =>
    /\b(?:additional|further|extra|more) (?:photos?|images?|pictures?|files?|photographs?) \((?:up to |max\.? |maximum )?$/i.test(
      lead,
    ),
  // "One series per author": how many it has is said elsewhere.
  (_, { value, things }) => value === 1 && /^(?:series|sets?)$/i.test(things),
  // "Teams of five, each with two images", "marks out of 10".
  (lead, { things }) => !things && /\b(?:teams? of|out of) $/i.test(lead),
  // "Pictures placed in the first six of any competition".
  lead => /\b(?:in|among) the first $/i.test(lead),
  // "84 in all, including 12 gold medals".
  (_, { things, to }, text) =>
    !things &&
    IN_ALL.test(text.slice(to)) &&
    /\b(?:medals?|awards?|prizes?|ribbons?|diplomas?)\b/i.test(text),
  // "A picture may have one tone, but only one".
  (lead, { things }) => !things && /\b(?:tone|colour|hue),? but only $/i.test(lead),
  // "Places are limited to 6 for each club".
  lead => /\b(?:places|seats|tickets)\b[^.;]*\blimited to $/i.test(lead),
  // "One file from everybody now and a second one from those who are chosen".
  (_, { value, to }, text) => value === 1 && /\b(?:a )?second (?:one|file|version)\b/i.test(text.slice(to)),
  // "These two scans", "up to six more images".
  (lead, { from, to }, text) => /\bthese $/i.test(lead) || MORE.test(text.slice(from, to)),
  // "Up to three pictures in section A (Colour)".
  (_, { to }, text) =>
    /^\s*(?:in|into|for|to) (?:the )?(?:section|class|category) (?:[A-Z]{1,3}|\d{1,2})\b/i.test(
      text.slice(to),
    ),
  // "10 for the first and 5 for each further one", "20 for a single picture" is what they cost.
  (_, { things, to }, text) =>
    !things &&
    /^ for (?:the first|(?:each|every) (?:further|additional|other|extra)|an? single)\b/i.test(
      text.slice(to),
    ),
  // "Each printed picture brings 40."
  (lead, { things }) =>
    !things && /\b(?:image|picture|photo|page|work)s? (?:brings?|earns?|pays?) $/i.test(lead),
  // "One or two each (we only need 15 in all)".
  (lead, { to }, text) => /\bwe only (?:need|want) $/i.test(lead) && IN_ALL.test(text.slice(to)),
  // "A close-up of one piece".
  (lead, { value }) => value === 1 && /(?<!\b(?:maximum|limit|total) )\bof $/i.test(lead),
];

/**
 * Whether a number counts no entry.
 *
 * @param lead the words of its sentence before it
 */
export const countsNoEntry = (lead: string, count: Count, text: string): boolean =>
  NO_ENTRY.some(isSo => isSo(lead, count, text));

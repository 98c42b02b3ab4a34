import { PERSON, type Count } from '../common/counts.ts';
import { A_FORMAT, A_MEASURE } from '../common/kind-words.ts';
import { countsNoEntry, IN_ALL } from './no-entry.ts';
import { COUNT } from '../common/quantities.ts';
import { THINGS } from '../common/things.ts';
import { oneOf, patterns, phrases } from '../common/word-lists.ts';

/** Whether a number of entries limits what is sent, and for whom: told from the words round it. */

/** Words right before a number that make it a limit. */
const LIMIT_BEFORE =
  /(?:\b(?:up to|max(?:imum)?\.?(?: number)?(?: of)?(?: \w+)?(?: is| are|:)?|(?:max(?:imum)? )?number of [^.;\d]{1,60} is|at most|as many as|limit(?:ed|s|ing)?(?: (?:yourself|yourselves|your\w* \w+|\w+ to|of \w+))?(?: (?:of|to|is))?:?|restrict\w*(?: \w+)?(?: \w+)? to|only(?: need)?(?: the)?|just(?: the)?|exactly|not exceed(?:ing)?|total of|quota:?|only (?:\w+ ){0,3}the first|only your first|(?:your|the|each) club['’]s|your(?: (?:best|favou?rite|top|strongest))?|(?:series|set|panel|portfolio|selection|body(?: of work)?|group|batch(?:es)?|team|number|quantity)s?(?: of|:))|(?:\b(?:no|not|cannot|never|nobody|no one)\b)(?:[\w ]*)? more than(?: the)?|\bnot [^.;]{3,80}(?:,|\bor|\bnor) (?:send|enter|submit|upload|hand in) more than)\s*$/i;

/** What people do with entries. */
export const ENTERING = new RegExp(
  `\\b${oneOf`
    sen[dt]s? | delivers? | submit(?:s|ted)? | enters? | entered | uploads? | suppl(?:y|ies) | provides? | brings? | choose
    pick | e-?mail | attach | includes? | hands? in | puts? | contributes? | show | (?<=\b(?:club|team|society) )shows | presented with | (?:submission|project|application|proposal) (?:has|needs) | requires? | required
    asks? | asked | invite[sd]? | allowed | accept | take part | participate | consists? | comprises?
    contains? | enclose | made up | entitled | offer | present | (?:like|want) to see | have | post | makes?
    (?:(?:essay|series|portfolio|panel|set|submission) (?:is|has|holds)|entry has) | share | mail | be entered | needs
    you(?:['’]ll| will)? need | need(?= your)
  `}\\b|^(?:take|add|select|collect|gather|assemble)\\b`,
  'i',
);
/** The verb right before a number alone: "each can send three." */
const ENTERING_JUST_BEFORE =
  /\b(?:(?:send|submit|enter|upload|bring|offer|show|hang|exhibit|e-?mail)s?|choose|pick|hand in|put in|(?:can|may|could) have)(?: us| me)?(?: in| along)? $/i;
/** Who decides about entries instead of sending them. */
const JUDGING = /\b(?:judges?|jur(?:y|ors?)|selectors?|committee|editors?|winners?|archive|exhibition)\b/i;
const OURS = patterns`
  \b(?:we|i|museum|gallery|trust)\b (?:\w+ )?(?:will |may |can )?(?:shows?|prints?|publish|hangs?|uses?|displays?|received?|had|have(?! (?:room|space)\b)|gives?|chooses?|picks?|selects?|holds?)\b
  \bwe (?:need to |have to |will |can )?(?:send|enter|submit)\b
  \b(?:panel|screen|frame|wall|page|account|plan)s? (?:\w+ )?(?:shows?|holds?|takes?|needs?)\b
  \byou will (?:get|receive|be(?! (?:asked|required|invited)))\b | \bit takes\b | ^\W*wanted\b
  \b(?:diary|calendar|almanac|yearbook|book|magazine|issue|exhibition|show) (?:will )?(?:has|have|holds?|takes?|contains?|needs?)\b
`;
/** What may be done with the entries just named. */
const MAY_BE =
  /^\W*(?:[\w-]+ ){0,4}?(?:(?:may|can|could|should|must|will|are to|have to|to) (?:not )?be (?:\w+ )?(?:entered|submitted|sent|uploaded|handed in|made|supplied|provided|accepted|brought|put in|considered|looked|judged)|(?:is|are) (?:needed|required|expected|wanted|asked|allowed|permitted|accepted)\b|(?<!to )make (?:up )?an?\b(?! (?:volume|book|issue|calendar|year)))/i;
/** "More than ten we will not look at." */
const TURNED_DOWN =
  /^\W*(?:[\w-]+ ){0,2}?(?:we|i) (?:will not|cannot|can not|do not|won['’]t|can['’]t|don['’]t) (?:\w+ )?(?:look|take|open|read|accept|consider|show|count|want)\b/i;
/** Kinds of things that entries are counted by beside persons: "per entry", "per round". */
const PER_WHOM = `(?:${PERSON}|entry|submission|application|round|match|evening|meeting|comp(?:etition)?|head|(?!per\\b|(?<=\\ba )number\\b)[a-z]+(?:er|or|ist)\\b)`;
/** "Per member", "each", "from every club", "maximum": behind the entries, or behind a number alone. */
const OF_EACH = new RegExp(
  `^[\\s,(]*(?:of (?:the|an?|your) [a-z]+ (?=from|by))?(?:max(?:imum)?,? |maximum of )?(?:/\\s?[a-z]+|(?:per|(?:for|from|by|of) (?:each|every|any(?: one)?|one)|each per|an?) (?:\\w+ )?${PER_WHOM}\\b|(?:is|are) all (?:that )?(?:you|anyone|a member) (?:may|can)\\b|p\\.?p\\b|each\\b(?! (?:work|image|picture|photo|of))|apiece|(?:each|every|per) round\\b|per (?:issue|month|season) and ${PER_WHOM}\\b|an? (?:month|round) (?:for )?(?:per|each|every) ${PER_WHOM}\\b|an? (?:week|month|fortnight)(?=[.,;]|$)|max(?:imum)?\\b(?! (?:of|size|width|height|\\d))|at (?:the )?most|tops\\b|(?:(?:in|for) (?:a|each|one|every) (?:season|year|month|round) )?(?:is |are )?(?:the|our) (?:absolute |upper )?(?:maximum|limit|most)\\b|only\\b|or fewer|(?:and )?not one more\\b|(?:from|by) (?:everybody|everyone|every one|each|you|us)\\b|between (?:you|the two of you|both of you)\\b)`,
  'i',
);
/** The subject of the sentence, as one that sends: "members may", "each club sends", "you can". */
const SENDER = new RegExp(
  `(?:\\b(?:${PERSON}|everyone|everybody|you|nobody)\\b|^each(?= (?:may|can|must|is|sends?)\\b))[^.;:]*\\b(?:may|can|might|could|must|should|will|is|are|has|have)\\b`,
  'i',
);
const LABEL = `(?:(?:max(?:imum)?\\.? )?(?:number|no\\.?|nr\\.?|quantity|limit)(?: of [\\w ]+?)?|(?:max(?:imum)?\\.? )?(?:number of )?(?:(?!additional|further|extra)[a-z]+ )?(?:${THINGS})(?: of (?:your|the) [a-z]+)?|how many|limit|quota|what to send|what we (?:want|need|ask for|would like)|submit|application|entry|panel|team|number)(?: (?:per|from each|for each) [a-z]+| each)?`;
/** "Images: 4", "Number of entries per person: 2", "How many? Four.", "Entries: up to 3". */
const LABELLED = new RegExp(
  `^(?:${LABEL}\\s*(?:\\([^()\\d]*\\)\\s*)?(?:[:=–.-]\\s*|\\s{2,})|[\\s\\S]*\\bhow many\\b[^?]*\\?\\s*(?:A[:.]\\s*)?(?:yes,?\\s*)?[^.;\\d]{0,24}|(?:[^?]*\\bmore than one\\b[^?]*\\?)\\s*(?:A[:.]\\s*)?yes,?\\s*|max(?:imum)?\\.? (?:number of )?(?:${THINGS})\\s*|(?:(?!additional|further|extra)[a-z]+ )?(?:${THINGS})\\s*[,(]\\s*|${THINGS} (?:per|from each) [a-z]+ )(?:between |from |up to |a maximum of |max(?:imum)?\\.?(?: of)? |not more than |no more than |at most |only |as many as )*$`,
  'i',
);

const ANY_THINGS = new RegExp(THINGS, 'i');

/** Behind a number of its own it is that number's: "eight altogether, up to four of birds". */
const IN_ALL_BEFORE = new RegExp(
  `(?<!\\b(?:${COUNT}) (?:\\w+ )?)\\b(?:altogether|in total|in all|overall|(?<!\\bin )total of|total number[^.;\\d]{0,24}|(?<!\\bin )total),? (?:no more than |not more than |up to |at most |a maximum of |max\\.? )?$`,
  'i',
);

/** What is counted is somebody else's, or is no entry. */
const ABOUT_OTHERS = phrases`
  pay | payments? | costs? | per work | for each work | fees? | crowns | discount | prizes? | awards? | medals? | winning
  winners? | printed in | listed in | footnotes | per (?:page|issue)(?! (?:and|per) [a-z]) | an? issue | groups? of
  stack(?:s|ing|ed)? | last (?:year|time|season) | previous | earlier rounds? | failed | so far | months | already | copies
  tickets? | minutes | seconds | is judged by | commendations | commission | received \d+ | an? minute
  will be selected | selected to | for free | charge | rates?
`;
/** What belongs to each section, email or work is no total. */
const FOR_EACH = new RegExp(
  `\\b(?:at each of (?:the|these) (?:${COUNT}) [a-z]+|(?:in|to|for) each of (?:the|these|${COUNT}) (?:\\w+ )?(?:sections|classes|categories|groups|themes)|from (?:each|every) (?:decade|year|month|place|site|village|room|day|season|event|trip)\\b|(?:for|of|in|per) (?:every|each|any)(?: one)?(?: of the)?(?<!any of the) (?!(?:[a-z]+ )?${PER_WHOM}|(?:${COUNT}|of|a|an|the|you|(?:[a-z]+ )?(?:months?|contests?|meetings?|evenings?|sessions?|match(?:es)?|competitions?|rounds?))\\b)[a-z]+|for an? (?:\\w+ )?(?:species|animal|plant|moth|bird|subject)\\b|per (?:works?|pieces?|images?|pictures?|files?|e-?mail|section|class|category|theme|topic|photos?|photographs?|prints?|species|insect|animal|bird|moth|tree|nest|plant|hedge|find|object|sighting|site|room|building|place|orders?|walk|route|station|chapter|spread|page|plot and visit|visit and plot|transect)\\b|(?:in|on|for|per|to) (?:each|any(?: one)?|every|either)(?: of (?:them|these|those))?(?=\\s*(?:[.,;:#)]|$))|each of (?:them|these|those) (?:takes|holds|may|can)|(?:in|for) one$|(?:in|for) (?:one|any)(?:,| or) [^.;]{0,24}\\b(?:sections|classes|categories|themes)\\b|(?:in|for) (?:each|every), |each (?:section|theme|class|category)|in (?:their|its|your) own (?:section|class|category)|(?:one|a|any) section only|in (?:a|one|any one|a single) (?:section|class|category|theme|topic)\\b|at once|at (?:a|any one) time(?!\\W*$))`,
  'i',
);
const OF_THE_PAST =
  /^ (?:(?:from|of) (?:an? |the |your )?(?:earlier|previous|last|\d{4})\b(?! works?\b)(?! (?:two|three|few|\d|year))|hang\b|are on\b)/i;
/** "One panel of twelve images": the panel is no entry. */
const OF_SEVERAL = new RegExp(
  `^ of (?:up to |exactly |at most )?(?!one (?:event|subject|kind|sort|day)\\b)(?:${COUNT})\\b(?! ?(?:[km]b|megs?|px|pixels))`,
  'i',
);
/** "You can enter one, two or all three classes." */
const OF_SECTIONS = new RegExp(
  `^(?:, (?:${COUNT}))*,? (?:or|to) (?:all )?(?:${COUNT})(?: of)?(?: the)? (?:classes|sections|categories|themes)\\b`,
  'i',
);
/** A club's panel may hold only so many of one person. */
const OF_ONE = new RegExp(
  `^\\s*(?:(?:of|in|from) (?:a|the|one|any) (?:team|entry|panel|set) )?(?:may (?:be|come) |can be |are )?(?:max(?:imum)?\\.? )?(?:by (?:author|photographer|member)\\b|(?:by|from|of) (?:the same|any one|any single|one|a single|any)\\b(?! (?:event|subject|series|theme|kind|sort|day))|(?:per|an?) (?:author|photographer|member|person)\\b)`,
  'i',
);
const PER_PERSON = new RegExp(
  `^[\\s,(]*(?:max(?:imum)?\\.? )?(?:per|(?:from|for|by) (?:each|every)) ${PERSON}\\b`,
  'i',
);
/** "Each member may enter three." */
const EACH_PERSON = new RegExp(`^\\W*(?:each|every) ${PERSON} (?:may|can|must|sends?|enters?)\\b`, 'i');
const OF_ANY_AUTHOR =
  /\b(?:no|any one|each(?=[^.;]*\b(?:may|can|has|have)\b| [a-z]+ $)) (?:author|photographer|member|person|maker)\b|\b(?:nobody|no one) (?:may have|has|can have|is allowed|should have) more than\b|\b(?:author|maker|photographer) limit\b|\ban? (?:author|photographer|member|maker) (?:may|can) be represented by\b/i;
const OF_CLUB =
  /^ from us\b|^\W*(?:(?:from|per|for|by|of) (?:each |every |the |a |your |our )?|an? )(?:clubs?|teams?|societ(?:y|ies))\b/i;
const CLUB_BEFORE = /\b(?:clubs?|teams?|societ(?:y|ies)|panel)\b/i;
const A_DAY =
  /^(?:(?:st|nd|rd|th)?(?: of)?,?[ ./-](?:jan|feb|mar|apr|may(?! be\b)|jun|jul|aug|sep|oct|nov|dec)[a-z]*\b|[./]\d)/i;

export interface Ranked {
  /** "In total" outweighs what a club sends, and that what one person sends. */
  rank: 'all' | 'club' | 'person';
  /** Whether it is a limit for one person within a club's entry. */
  isOfOne: boolean;
  /** Whether it is said of each person: it outweighs numbers of nobody in particular. */
  isPerPerson?: boolean;
  /** A number that stands alone, with no word of sending or of a limit: any other outweighs it. */
  isBare?: boolean;
}

/** How far before a number its words are looked for; a sentence is seldom longer. */
const FARTHEST = 200;

/** Whether a number limits what is sent, and whose entries it counts. */
export function rankOf(text: string, count: Count): Ranked | undefined {
  const lead = text
    .slice(Math.max(0, count.from - FARTHEST), count.from)
    .replace(/^.*[;]/s, '')
    // "The award is for a set of five photographs."
    .replace(/^\W*(?:\(?\d{1,2}[.)] )?the (?:award|prize) is (?:given )?for /i, '');
  const tail = text.slice(count.to).replace(/;.*$| and (?:we )?pays?\b.*$/s, '');
  const near = lead.replace(/^.*(?:\?|\d(?![^()]*\)))/s, '');
  if (A_DAY.test(text.slice(count.to)) && !count.things) return undefined;
  if (countsNoEntry(lead, count, text)) return undefined;
  // "Hand in both as one entry" counts none.
  if (count.value === 1 && /\bas (?:only |just )?$/i.test(lead)) return undefined;
  if (
    /(?<!\b(?:no|not) )\bmore than $/i.test(lead) &&
    !MAY_BE.test(tail) &&
    !TURNED_DOWN.test(tail) &&
    !/\b(?:not|never|nobody|no one|cannot|no)\b|n['’]t\b/i.test(lead)
  )
    return undefined;
  if (OF_THE_PAST.test(tail) || OF_SEVERAL.test(tail) || OF_SECTIONS.test(tail)) return undefined;
  if (
    ABOUT_OTHERS.test(
      withoutOtherBracket(lead).replace(/^.*[,;]/s, '') +
        tail.replace(
          /\([^()]*\)| of (?:your )?previous work\b| (?:for|and) \d+ (?:seconds|minutes)(?: each)?|[,:].*$| and (?:we )?(?:pay|publish|print)\b.*$/gs,
          '',
        ),
    )
  )
    return undefined;
  if (/\bmore than $/i.test(lead) && TURNED_DOWN.test(tail)) return { rank: 'person', isOfOne: false };
  const isInAll =
    /^ (?:per|an?|for each|from each) (?:member|person|author|entrant|photographer) in (?:all|total)\b/i.test(
      tail,
    );
  const isOfOne =
    (OF_ONE.test(tail) && !isInAll) ||
    (!count.things && /^ from each\b/.test(tail)) ||
    OF_ANY_AUTHOR.test(lead);
  const isOfClub = OF_CLUB.test(tail) || (CLUB_BEFORE.test(lead) && !isOfOne);
  const isPerPerson = PER_PERSON.test(tail) || EACH_PERSON.test(lead);
  const asRanked = (rank: Ranked['rank']): Ranked => ({ rank, isOfOne, isPerPerson });
  const isEach = FOR_EACH.test(
    `${withoutOtherBracket(near).replace(/^.*(?<!\b(?:each|every|any(?: one)?) (?:entry|work|picture|image|section|class|category|theme|topic)),\s/s, '')}# ${tail.replace(/\([^()]*\)|,(?! each).*$/gs, '')}`,
  );
  if (
    (IN_ALL.test(tail) || (IN_ALL_BEFORE.test(lead) && !isEach)) &&
    !isOfOne &&
    !/\b(?:marks?|points?)\b/i.test(text)
  )
    return asRanked('all');
  if (isEach) return undefined;
  const rank = isOfClub ? 'club' : 'person';
  // "We have room for 16 pictures": that is all there is, and no one's number.
  if (count.things && /\b(?:room|space) for (?:about |around |some |roughly )?$/i.test(lead))
    return { ...asRanked(rank), isBare: true, isOfOne: true };
  // "One photo of yourself" beside fifteen of the work.
  const isPortrait = count.value === 1 && /^ of (?:yourself|you\b|the applicant)/i.test(tail);
  if (count.things ? isOfEntries(lead, near, tail) : isBareLimit(lead, tail))
    return isPortrait ? { ...asRanked(rank), isBare: true } : asRanked(rank);
  // "What is a club entry? Sixteen pictures."
  const answer = lead.replace(/^.*\?\s*/s, '');
  const isBare = count.things && !JUDGING.test(near) && !OURS.test(near) && standsAlone(answer, tail);
  return isBare ? { ...asRanked(rank), isBare } : undefined;
}

/** "One preview for every work (max. six works per artist)": what stands before a bracket that is open is said of others. */
const withoutOtherBracket = (near: string) =>
  near.replace(/^.*\b(?:each|every|per) [a-z]+ ?\((?=[^()]*$)/is, '');

/** Nothing, or a label, in front of a number of entries: "In brief: 3 images". */
const LABEL_ALONE = /^\W*(?:(?!For\b)[A-Za-z][A-Za-z ]{2,24}(?::|\s[–-])\s*)?\W*$/;

/** Whether a number of pictures is one that is sent. */
function isOfEntries(lead: string, near: string, tail: string): boolean {
  if (LABELLED.test(lead) || MAY_BE.test(tail)) return true;
  // "… that is twelve images".
  if (/(?:^\W*(?:that|this|which)|, so (?:that|this)) (?:is|makes) $|\bso there are $/i.test(lead))
    return true;
  // "The form takes one photograph."
  if (/^\W*the (?:form|page|system|portal) (?:takes|accepts|expects|allows) (?:only |just )?$/i.test(lead))
    return true;
  // "From 4 to 8 pictures for the selection."
  if (/^ for the (?:selection|jury|judging|first (?:stage|round|look))\W*$/i.test(tail)) return true;
  // "From each club we take 20 pictures."
  if (
    new RegExp(
      `^(?:[a-z ]{3,24}: )?\\W*from (?:(?:each|every) (?:${PERSON}|of you)|everyone|everybody),? (?:we|i) (?:take|accept|expect|want|need|would like) $`,
      'i',
    ).test(lead)
  )
    return true;
  // "You each get three entries", "the limit remains at three", "be content with three".
  if (/\b(?:you (?:each|all) (?:get|have)|limit (?:remains|stays) at|content with) $/i.test(lead))
    return true;
  // "Per photographer three photos."
  if (new RegExp(`^\\W*(?:per|(?:for|from) (?:each|every)) ${PERSON}[:,]? $`, 'i').test(lead)) return true;
  // "I need the eight room shots as TIFF", "the eight pictures we chose".
  if (
    /\b(?:we|i) (?:will |['’]ll )?(?:need|want) the $/i.test(lead) &&
    /^ (?:[a-z-]+ )?(?:as|in|at|by)\b|^[.,;]/i.test(tail)
  )
    return true;
  // "For this we need one baby photograph and one recent photograph."
  if (/\b(?:we|i) (?:need|want|ask for) $/i.test(lead) && /^ and one [a-z]/i.test(tail)) return true;
  // "We need one square picture of you."
  if (
    /\b(?:need|want|ask for|require)s? (?:just |only )?$/i.test(lead) &&
    /^ of (?:you|yourself|your child|each|every)\b/i.test(tail)
  )
    return true;
  // "We need 10 images from your club."
  if (OF_CLUB.test(tail) && /\b(?:need|want|ask for|expect)\b[^.;]{0,12}$/i.test(lead)) return true;
  // "Work for the jury: up to 8 files".
  if (
    JUDGING.test(
      near.replace(/^.*:\s/s, '').replace(/\bfor (?:the|our|this|an?) (?:\w+ )?exhibition\b(?!['’]s)/i, ' '),
    )
  )
    return false;
  if (
    /\bwe need $/i.test(lead) &&
    /^ (?:for an? [a-z]+|(?:as|in) (?:an? )?(?:\d|jpe?g|tiff?|png))/i.test(tail)
  )
    return true;
  if (OF_EACH.test(tail) || /^ per [a-z]/.test(tail) || LIMIT_BEFORE.test(lead)) return true;
  if (OURS.test(near)) return false;
  return SENDER.test(lead) || ENTERING.test(near);
}

/** "3 images, JPEG", "Four photographs.", "JPEG, not over 2 MB, three images." */
function standsAlone(lead: string, tail: string): boolean {
  // "Here goes: three images, jpegs, sRGB".
  if (/^(?!\W*For\b)[^]*[a-z]:\s*$/.test(lead) && /^,\s*(?:as )?(?:jpe?g|srgb|tiff?|png|\d)/i.test(tail))
    return true;
  if (/,\s*(?:and )?$/.test(lead) && A_MEASURE.test(lead) && /^\s*(?:[.!]|$)/.test(tail)) return true;
  if (/\bonce (?:again|more): $/i.test(lead) && /^, /.test(tail)) return true;
  // "JPEG, sRGB, two pictures, by 6 pm".
  if (/\b(?:jpe?g|srgb|tiff?|png|px|pixels|[km]b)\b[^.;]*, $/i.test(lead) && /^, /.test(tail)) return true;
  // "12 themes - 12 hours - 12 pictures"
  if (/^(?:\d+ [a-z]+ [-–·|/] ){1,2}$/i.test(lead) && /^\W*$/.test(tail)) return true;
  // "12 hours, 8 themes, 8 pictures: one per theme"
  if (/^\W*(?:\d+ (?:hours|themes|words|tasks|topics), ){1,2}$/i.test(lead) && /^[,:.]/.test(tail))
    return true;
  return (
    LABEL_ALONE.test(lead) &&
    /^(?:\s*[.,:!(]|\s*$| (?:of|by|on|as|at|exactly|for (?:the|each|every) (?:league|competition|contest|round|match|meeting|evening|exhibition|show)|(?:an?|per|each|every) (?:month|season|year|week|issue)|in (?:one|a single) (?:zip|folder|mail|e-mail|archive)|from (?:[a-z]+|\\d+) (?:different )?(?:authors|members|photographers)|for (?:the|our) [a-z ]{3,24}(?=:)|that|made|taken|please|numbered|called|named|and not)\b)/.test(
      tail,
    )
  );
}

/** "At 10 each" is a price, "compression 9-12" a quality. */
const OF_OTHER =
  /\b(?:at|for|costs?|pay)\s*$|\b(?:quality|compression|level|factor|dpi|ppi|version|rule|page)\b[^,;.]*$/i;

/** "12 (maximum)" may be a quality as well. */
const OF_MOST = /^[\s,(]*(?:max|at (?:the )?most|(?:is |are )?the (?:max|limit|most)|only)/i;

/** "Up to three.", "2 each", "Limit: two per household". */
function isBareLimit(lead: string, tail: string): boolean {
  const isEnd =
    /^(?: in)?(?: of (?:them|these|those))?\s*(?:[.,!)]|(?<=^\s{2,})[a-z\d]|to [\w.-]+@|\((?:[a-z]+\)|[a-z ]+: ?[a-z\d]+\)|(?=jpe?g|png|tiff?))|$|(?:from|by|per|next|before|for (?:an?|one|any one)|comprises|consists of|is made up)\b|as (?:an? )?(?:\d{1,2}-bit |gr[ae]yscale |small |large )?(?:jpe?g|png|tiff?|files?)|and (?:i|we|[A-Z]\w+ and I)\b)/i.test(
      tail,
    );
  // "Two works (8 each)" says what one costs.
  const isPrice =
    (/\w \($/.test(lead) && /^ each\)/.test(tail)) ||
    (/\b(?:will be|are|is) $/i.test(lead) && /^ each\b/.test(tail) && !ANY_THINGS.test(lead));
  if (OF_OTHER.test(lead) || isPrice || /^\W*(?:the )?(?:entry )?fees?\b/i.test(lead)) return false;
  const isNamed =
    lead.length < 4 ||
    ENTERING.test(lead) ||
    ANY_THINGS.test(lead) ||
    A_FORMAT.test(lead) ||
    LABELLED.test(lead);
  if (
    /\blimit (?:yourself|yourselves) to $|^(?:[a-z ]{3,24}: )?\W*(?:choose|pick|select) (?:up to|at most) $/i.test(
      lead,
    )
  )
    return true;
  // "Max. MB: 2".
  if (/\b(?:mb|kb|megabytes|pixels|px)\)?:?\s*$/i.test(lead)) return false;
  // "From each plot-holder no more than four."
  if (/^\W*from (?:each|every) [a-z-]+,? /i.test(lead) && LIMIT_BEFORE.test(lead) && isEnd) return true;
  // "Four per plot."
  if (
    lead.length < 4 &&
    /^ per (?!image|picture|section|class)[a-z]+(?:,? please)?(?:\W*$|, (?:to|by)\b| and no more\b)/i.test(
      tail,
    )
  )
    return true;
  if (OF_EACH.test(tail) && (isNamed || !OF_MOST.test(tail))) return true;
  // "JPG, max 800 KB each, up to 20."
  if (LIMIT_BEFORE.test(lead) && A_MEASURE.test(lead) && /^[.!]?$/.test(tail)) return true;
  // "If you send more than four, only the first four count."
  if (
    /\bonly (?:the|your) first $/i.test(lead) &&
    /^ (?:will )?(?:counts?|be (?:judged|shown|considered)|are (?:judged|shown|considered))\b/i.test(tail)
  )
    return true;
  // "Six is the greatest number of images that one person may enter."
  if (/^ (?:is|are) the (?:greatest|maximum|highest|largest) number\b/i.test(tail) && ANY_THINGS.test(tail))
    return true;
  // "Any number of pictures up to three can be entered."
  if (LIMIT_BEFORE.test(lead) && ANY_THINGS.test(lead) && MAY_BE.test(tail)) return true;
  if (!isEnd) return false;
  return (
    LABELLED.test(lead) ||
    ENTERING_JUST_BEFORE.test(lead) ||
    (LIMIT_BEFORE.test(lead) &&
      (ENTERING.test(lead) ||
        SENDER.test(lead) ||
        ANY_THINGS.test(lead) ||
        A_FORMAT.test(lead) ||
        lead.length < 16))
  );
}

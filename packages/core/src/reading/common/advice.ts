import { withoutDensity } from './bounds.ts';
import { phrases } from './word-lists.ts';

/** What makes a sentence a recommendation. Plain "should" in a specification is an obligation. */
const ADVICE = phrases`
  # Named as such.
  recommend\w* | prefer(?:s|red|ably|ence|able)? | ideal(?:ly)? | (?<!\b(?:your|one|two|three|four|five|\d|each|per|every) )suggest\w* | rule of thumb | (?<=\bwith .{3,16} you are )on the safe side | advis(?:e|able|ed) | (?:my|our) (?:advice|tip) is
  advise against | wise to | discouraged | optim(?:um|al) | customary | consider
  not (?:mandatory|compulsory|obligatory) | nobody checks | cannot insist | best avoided
  does(?: not|n['’]t) matter (?:so much|that much|much)(?=[:;,]) | keeps (?:most|nearly all|almost all) (?:files|pictures|images|jpe?gs)(?! (?:well |safely )?(?:under|below) the\b) | makes life easier | as good as any | (?<=^\W*)mine(?=:)
  # As far as somebody can.
  if you can manage(?: it| that)? | if (?:you can|you could|poss(?:ible)?|at all possible|it can be|you know (?:how|about|what (?:that|this|it) (?:is|means)))
  where(?:ver)? (?:you can|possible) | try (?:to|for) | aim (?:for|at) | (?:if|when) in doubt
  why not | you (?:might|may) (?:want|wish|like) to
  if you have (?:the|a) choice | if you have (?:them|it) that (?:big|large) | (?<!\bin )if you have (?:them|it)(?=[.,;:]|$)
  do well to (?=send|use|set|keep) | (?:quite|perfectly) sufficient | (?:if|should) you (?:want|wish) to (?:set|fill in|give|state|enter) | a wish(?=[.,;]|$) | looks? just as good | lets? you choose
  if your (?:software|program|camera) lets you
  if your (?:camera|software|computer|program) (?:does|can|offers|allows|has|knows|gives)(?! (?:less|fewer|not enough|only))
  if your (?:program|software|scanner|camera|phone) asks | if the (?:program|software|form) (?:wants|asks)
  if (?:you are )?asked for an?
  # What those who ask like, or do themselves.
  (?:we|i) (?:like|wish) | we(?:['’]d| would) love | so would (?:we|i) | (?:we|i)(?: would|['’]d) (?:really |very much )?(?:appreciate|welcome) | (?:is )?what (?:i|we)(?: would|['’]d) (?:like|love)
  (?:we|i)(?: would|['’]d) (?:really |also |much )?like (?=s?rgb\b|adobe rgb\b|it (?:if|even|more|better|best|(?:very )?much)|(?:the )?profiles?\b)
  (?:would|['’]d) (?:rather|sooner) (?:have|not|you|see|get) | happy if | (?:be|am|are) (?:grateful|glad)(?! to\b)
  (?:so|it is) best (?:to )?leave | (?<!\b(?:your|the|its|our|very) )best (?:leave|avoid) | like (?:it |them )?best | happiest with | better not | (?<=[:?] ?)rather not | if you (?:are|['’]re) (?:unsure|not sure) | if you aren['’]t sure | if unsure | would be (?:my|our) (?:choice|preference) | would be (?:perfect|lovely|great|nice|helpful|good|kind|appreciated) | would help | it helps (?:us )?if
  (?:i|we|most of us)(?: would|['’]d) (?:choose|leave|embed|keep|not (?:put|add|use)|use|pick|take|set|go (?:for|with))
  (?:i|we|most of us) use (?=\d) | what (?:i|we|most of us) use(?: myself| ourselves)? | most of us use
  suits? (?:us|me) best | makes? sense | try not to | (?:we|i)(?: would|['’]d) like (?:files|pictures|images) of (?:about|around)
  if i were you | (?<=^\W*)(?:my|our) tips?(?=[:,])
  # What serves.
  (?:will|should) (?:usually|normally|generally|probably) (?:do|be (?:enough|plenty|fine))(?=[.,;]|$)
  (?:usually|normally|generally|probably) (?:do(?:es)? (?:it|that|nicely)|gets? you there|suffices?)
  sensible | good idea | (?:here is|here['’]s|this is) what works | nice to have | safer choice | (?:saf(?:e|est)|best|good) choice
  (?:good|best|fair|reasonable|handy|useful) (?:compromise|value|figure|setting) | (?:the )?best thing
  best results | it is best to | works? (?:perfectly|nicely|very well) | most faithful | (?<!\bto )(?:looks?|works?) (?:best|good)
  works? (?:very )?(?:well|nicely) | (?:will do|does) (?:very )?nicely | does the job | print better | (?:just|about) right
  (?<=profile )helps | (?:is|are|would be) (?:even )?(?:better|nicer|best|comfortable)
  (?:is|are) (?:(?:usually|normally|generally) )?(?:plenty|ample|(?:more than )?(?:good )?enough|sufficient)(?! and| for (?:an?|the) (?:first|initial))
  (?:is|are) (?:kind(?:er)?|easier|handy|friendly|handier) (?:to|for|on)
`;
/** "Better: …". */
const BETTER = /^better(?::| if\b)/i;

export function isAdvice(sentence: string): boolean {
  return ADVICE.test(sentence) || BETTER.test(sentence);
}

/** "A corner I like": a title is nobody's wish. */
const withoutQuotes = (text: string) =>
  text.replace(/["“][^"”]{3,60}["”]/g, quoted => ' '.repeat(quoted.length));

let lastAsked: { sentence: string; isAdvised: boolean } | undefined;

function hasAdvice(sentence: string): boolean {
  if (lastAsked?.sentence !== sentence) lastAsked = { sentence, isAdvised: isAdvice(sentence) };
  return lastAsked.isAdvised;
}

/** A part of a sentence: up to the next comma, bracket or dash. */
const PART_BEFORE = /(?:[^,;().–—-]|\.(?!\s)|(?<=\S)-|-(?=\S))*$/;
const PART_AFTER = /^(?:[^,;().–—-]|\.(?!\s)|(?<=\S)-|-(?=\S))*/;

/** "2 MB is plenty but 5 MB is accepted"; but not "a border helps but is not obligatory". */
const TURN_BEFORE = /^.*\b(?:but|although|though)\b(?! (?:not|no|at)\b)/is;
const TURN_AFTER = /\b(?:but|although|though)\b(?! (?:it |they )?(?:is|are) not\b).*$/is;

/** "Ideally under 3 MB, never over 6 MB": a part of a sentence that admits nothing. */
const HARD = phrases`
  never | in no case | under no circumstances | on no account | although | (?:page|form|site|system|server|software|machine|uploader|portal) (?:takes|accepts|allows|copes with|manages|handles|swallows) | but (?:not|no|at) | must
  limit | (?:is|are) the most | stops? at | refuse[sd]? | rejected | (?:will|can|do(?:es)?) ?(?:not|n[’']t) (?:take|accept)
  cannot (?:take|accept) | nothing
`;

/** A part of a sentence that ends in its own advice: "sRGB recommended, …". */
const ENDS_ADVISED =
  /[^,;()]{3,90}\b(?<!(?:^|: )[\s\d.)]{0,9})(?:recommended|preferred|advised|suggested|ideal|if (?:you can|possible|at all possible|you have (?:it|them)))\s*[,;]/gi;

/** "16-bit TIFF, preferably uncompressed, in sRGB": between commas it speaks of nothing else. */
const INSERTED = /,\s*(?:preferably|ideally|if possible|better)\b[^,;]*,/gi;

/**
 * Whether what stands at a place of a sentence is a recommendation: its own part of the sentence says so, or one before
 * it that speaks of what follows.
 */
export function isAdvisedAt(whole: string, at: number): boolean {
  // Asked for every number of a sentence, most of which hold no advice at all.
  if (!hasAdvice(whole)) return false;
  const sentence = withoutDensity(withoutQuotes(whole));
  const before = sentence.slice(0, at);
  // "Quality 9 (of 12) is enough": a short aside parts nothing.
  const after = sentence.slice(at).replace(/\([^()]{1,8}\)/g, ' ');
  const ownBefore = PART_BEFORE.exec(before)?.[0] ?? '';
  const own =
    ownBefore.replace(TURN_BEFORE, '') + (PART_AFTER.exec(after)?.[0] ?? '').replace(TURN_AFTER, '');
  if (isAdvice(own)) return true;
  // "sRGB, if you can".
  if (/^[^,;()]*, if (?:you can|you could|possible|at all possible)\b(?! (?:not|only))/i.test(after))
    return true;
  // "Convert to sRGB? You do not have to, but we recommend it."
  if (
    /^[^?;]{0,40}\?[^?]*\b(?:we|i) (?:(?:would|do) )?(?:recommend|suggest|advise|prefer) (?:it|that|so)\b/i.test(
      sentence.slice(at),
    )
  )
    return true;
  // "275 × 354 pixels (preferred)".
  // "Width 240 px, height 320 px (preferred)".
  if (
    /^[^,;()]*(?:, (?:and )?(?:a )?height [^,;()]*)?\((?:preferred|preferably|recommended|ideal(?:ly)?)\)/i.test(
      sentence.slice(at),
    )
  )
    return true;
  // "Quality 90%, and I would recommend it".
  if (
    /^[^,;()]*,? (?:and|which|as) (?:i|we) (?:(?:would|do|can|also) )?(?:recommend|suggest|advise)\b/i.test(
      sentence.slice(at),
    )
  )
    return true;
  if (HARD.test(own) || TURN_BEFORE.test(ownBefore)) return false;
  if (!isAdvice(before)) return false;
  return isAdvice(
    before
      // "2 MB is about right, but up to 5 MB is accepted".
      .replace(/^.*[,;–—] but\b/is, ' ')
      .replace(/\([^()]*\)/g, ' ')
      .replace(ENDS_ADVISED, ' ')
      .replace(INSERTED, ' '),
  );
}

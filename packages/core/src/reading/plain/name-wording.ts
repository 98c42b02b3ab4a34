import { rule, type Rule } from './reword.ts';

/** What organisers say of the names of files in many ways, each with the words that the readers know. */

const SIGNS = '(?:accents|umlauts|punctuation|special (?:characters|signs|letters)|diacritics|symbols)';

const PART =
  '(?:surname|last name|first name|initials|title|(?:membership|member|entry|club) number|number|name)';

export const NAME_WORDING: readonly Rule[] = [
  // "Files carry the barcode of the sheet as their name", "each scan has the accession number as its name".
  [
    /\b(?:files?|scans?|images?|pictures?|photos?|photographs?|both(?: kinds)?) (?:carry|carries|bear|bears|have|has|gets?|takes?) (the [a-z]+) number(?: of the [a-z]+)? as (?:its|their) (?:file ?)?names?\b/gi,
    'file name: $1 number',
  ],
  [
    /\b(?:files?|scans?|images?|pictures?|photos?|photographs?|both(?: kinds)?) (?:carry|carries|bear|bears|have|has|gets?|takes?) (the barcode)(?: of the [a-z]+)? as (?:its|their) (?:file ?)?names?\b/gi,
    'file name: $1 number',
  ],
  // "Tell us in the file name which of the two it is for (card or poster), followed by your surname".
  [
    /\b(?:tell us|say|show|mark) in the file ?-?name (?:which (?:of (?:the|these) [a-z]+ )?(?:it is(?: for)?|[a-z]+ it is(?: for)?)|what it is(?: for)?) \(([a-z]+ or [a-z]+)\)(?=,? (?:followed|then|and)\b)/gi,
    'file name: the word $1',
  ],
  // "Prefix the name with your badge number", "the title is prefixed by the entry number".
  rule(
    `\\bprefix (?:the |each |every |your |all )?(?:titles?|(?:file ?-?)?names?)(?: of (?:the|each|every|your) (?:files?|pictures?|images?))? (?:with|by) (?:your |the )?(${PART}|[a-z]+ number)\\b`,
    'file name: your $1, then the title',
  ),
  rule(
    `\\b(?:suffix|follow|end) (?:the |each |every |your |all )?(?:titles?|(?:file ?-?)?names?)(?: of (?:the|each|every|your) (?:files?|pictures?|images?))? (?:with|by) (?:your |the )?(${PART}|[a-z]+ number)\\b`,
    'file name: the title, then your $1',
  ),
  rule(
    `\\b(?:the |each |every )?(?:title|(?:file ?-?)?name) (?:is|must be|should be|has to be) prefixed (?:with|by) (?:your |the )?(${PART}|[a-z]+ number)\\b`,
    'file name: your $1, then the title',
  ),
  // "Your plot number in front of the file name (12_marrows.jpg)."
  rule(
    `\\b(?:your |the )(${PART}|[a-z]+ number) in front of (?:the |your )?(?:file ?-?)?name(?= ?[(:,] ?(?:e\\.g\\. )?[\\w-]+_)`,
    'file name: your $1, then the title',
  ),
  // "Names as Surname_01, Surname_02 …".
  [/\bnames (?:as|like)(?= [A-Z][a-z]+[_-])(?<=(?:^|[.;!?] )names \w+)/gim, 'Names:'],
  // "Names: your initials, hyphen, digit".
  [
    /\bdigit(?=[.:;, ]|$)(?<=\b(?:hyphen|under-?score|dash|space),? (?:and |then )?(?:a |one )?digit)/gi,
    'number',
  ],
  [/^([ \t]*)names(?=: (?:your|the) )/gim, '$1File names'],
  // "Both named with your student number."
  [
    /^(?:both|all)(?: (?:files|photos|pictures|images))? (?:are |to be )?named (?:with|by|after) (?=(?:your|the) )/gim,
    'file name: ',
  ],
  // "A file name with your name and the title is better than IMG_4411.jpg."
  [
    /\b(?:a |the )?file ?-?names? (?:with|made of|that has) ([^.;:]{4,60}?) (?:is|are) (?:much |far )?better than (?=(?:IMG|DSC|P)_?\w*\d)/gi,
    'file name: $1, not ',
  ],
  // "Number the images 01 to 10 in the order in which you would like them shown; then the title".
  [
    /\b(?:please )?number (?:the|your) (?:images|pictures|photos|photographs|files)(?: (?:from )?0?1 to \d{1,2})?(?: in (?:the|your) order[^.;:\n]{0,60})?[;,:] (?=(?:and )?then\b|followed by\b)/gi,
    'file name: a running number, ',
  ],
  // "Number the files with your member number and a running number."
  [
    /\bnumber (?:the|your) (?:files|images|pictures) (?=with (?:the|your) [a-z]+ number\b)/gi,
    'name the files ',
  ],
  // "The file's name should be the picture's title."
  [/\b(?:file|picture|image|photo)['’]s name\b/gi, 'file name'],
  [/(?<=\bfile name (?:should|must) be )the (?:picture|image|photo)['’]s (?=title\b)/gi, 'the '],
  // "Name of photo: letter of the section, …" heads the description.
  [
    /^([ \t]*(?:[-*•] |\d{1,2}[.)] )?)name of (?:the )?(?:(?:photo|image|picture) )?(?:photo|image|picture|file)s?(?=:)/gim,
    '$1File name',
  ],
  [/\bname both (?:files|pictures|images|versions) (?=by|after)/gi, 'name the files '],
  [
    /\bthe name of (?:a|the|each|every) file (?=(?:must|may|should|can|shall|has to)(?:n['’]t)?\b)/gi,
    'the file name ',
  ],
  [/^what to call (?:it|them|(?:the|your) (?:file|picture|image)s?):/gim, 'File name:'],
  [/\bnames as you like,? but\b/gi, 'file names with'],
  // "The first name must be in the file name but please not the surname."
  [
    /(?:,| and| but|, and|, but) (?:please )?(?:not|without) (?:the|your|their|his|her|any) (?:surname|last name|family name|first name|name|title|address)\b(?<=\b(?:file ?-?names?|names?d?|called?)\b[^.;\n]{0,80})(?=[.;,)!]|$)/gim,
    '',
  ],
  [
    /, but (?:please )?not (?:the|your) (?:surname|last name|first name|name|title),(?= (?:in|into) the (?:file ?-?name|name of the file))/gi,
    '',
  ],
  // "The club's number (see list), then a letter from A to L for the running order".
  [/(?<=\bnumber) \(see (?:the )?list\)/gi, ''],
  [/\ba letter from A to [A-Z] for the (?:running )?order(?: of showing)?\b/g, 'a running number'],
  // "Your initials, the year and a letter from a to e".
  [
    /\ba (?:small |capital )?letter,? \(?(?:from )?[a-d] (?:to|-|–) [a-z]\b\)?(?! for the (?:section|class|category))(?<=\b(?:initials|surname|name|year|number|title|code)(?: of (?:the|your) [a-z]+)?(?:,| and|, and| plus| then|, then) a (?:small |capital )?letter[^.;\n]{4,24})/gi,
    'a running number',
  ],
  [
    /\b[a-c], [b-d] (?:or|and) [c-e](?=[.:;,(]|$)(?<=\b(?:initials|surname|name|year|number|title|code) (?:and|plus|then) [a-c], [b-d] \w+ [c-e])/gim,
    'a running number',
  ],
  // "… with the registration number and the letter F, the signature with the registration number and the letter S".
  [
    /\b((?:[a-z]+ )?number)(,)? (and|plus|then|an under-?score and|with) (?:the letter )?([A-Z]), (?:and )?(?:that of )?the (?:signature|thumb(?: impression| print)?|portrait|photo(?:graph)?)\b[^.:;]{0,40}\bnumber,? (?:and|plus|then|an under-?score and|with) (?:the letter )?([A-Z])\b/g,
    '$1$2 $3 $4 or $5',
  ],
  // "The date as YYYYMMDD and a letter (0071-20270412-b.jpg)".
  [
    /\ba letter(?: for the order)?(?= ?\([^()]*[a-d]\.(?:jpe?g|tiff?|png)\b)(?<=\b(?:number|YYYYMMDD|date|name|initials|under-?score|hyphen|dash|title|surname),? (?:and|then|plus) a letter(?: for the order)?)/gi,
    'a running number',
  ],
  // "Magazine code HM, your surname, number".
  [
    /\b(?:magazine|series|book|project|exhibition|show|event|competition|salon) code ([A-Z]{1,6})(?=,| and| then| plus)/g,
    '$1',
  ],
  // "number_title.jpg … Number = the entry number you get by mail."
  [
    /(?<=^|[.;:,(] )(number|nr|no|code) (?:=|means|is) (?:the|your) (?=(?:entry|membership|member|club|candidate|registration|stand|lot) number\b)/gim,
    'The $1 is the ',
  ],
  // "Your entry number from the form, …": where it stands is no part of the name.
  [
    /(?<=\b(?:entry|membership|member|club|candidate|registration|roll|application|stand|lot) number),? (?:\((?:from|on|see) (?:your|the) (?:[a-z]+ )?(?:form|card|slip|label|list|receipt|confirmation|e-?mail|letter)\)|(?:from|on) (?:your|the) (?:[a-z]+ )?(?:form|card|slip|label|list|receipt|confirmation|e-?mail|letter))(?=[.;,:]|$| (?:and|then|plus|followed)\b)/gim,
    '',
  ],
  // "Put your surname in front of the title, with an underscore between the two."
  rule(
    `\\bput (?:your |the )?(${PART}) (?:in front of|before) (?:your |the )?(${PART})\\b`,
    'file name: $1, then $2',
  ),
  rule(
    `\\bput (?:your |the )?(${PART}) (?:behind|after) (?:your |the )?(${PART})\\b`,
    'file name: $2, then $1',
  ),
  [/\bfile name without (?:a gap|gaps)\b/gi, 'file name without spaces'],
  [/\bthere (?:may|can) be (spaces|blanks) in\b/gi, '$1 are allowed in'],
  [
    /\b(?:file ?-?)?names? (?:longer than|of more than|over) (\d{1,3} characters) (?:are|is|will be|get|gets) (?:cut|shortened|truncated|refused|rejected)\b/gi,
    'file names of at most $1 are accepted',
  ],
  [/\b(?:no|not) more than (\d{1,3} characters) in the (title|file name)s?\b/gi, '$2s of at most $1'],
  [/\b(titles?|file names?) (?:ends?|stops?) after (?=\d{1,3} characters)/gi, '$1 of at most '],
  // "The name may contain letters and figures only."
  [
    /\bthe name (?=(?:may|can|must|should) (?:only )?(?:contain|consist of|have|use) (?:only )?(?:(?:plain|unaccented|latin|capital|small) )?(?:letters|figures|digits|characters))/gi,
    'the file name ',
  ],
  [
    /\b(?:restrict|limit|keep|cut) (?:the |your |all )?(title|file name|name)s? (?:down )?to (\d{1,3} (?:characters|letters|signs))(?: or (?:fewer|less))?/gi,
    '$1s limited to $2',
  ],
  [
    /\b(?:restrict|limit|keep|cut) (?:the |your |all )?names (?:down )?to (\d{1,3} (?:characters|letters|signs))(?: or (?:fewer|less))?/gi,
    'file names limited to $1',
  ],
  // "Title: required; 40 characters max".
  [/(?<=^(?:[-*•] )?titles?: )(?:required|obligatory|compulsory|mandatory)[;,] (?=\d)/gim, ''],
  // "A title of more than 40 characters will be cut off", "the title has room for 40 characters".
  [
    /\ban? (title|file ?-?name) (?:of|with) (?:more than|over) (\d{1,3} (?:characters|letters)) (?:will be|is|gets) (?:cut(?: off)?|shortened|truncated|refused|rejected)/gi,
    '$1s of at most $2',
  ],
  [
    /\b(?:the )?(title|file ?-?name)s? (?:has|have|leaves?) room for (?:only )?(\d{1,3} (?:characters|letters))/gi,
    '$1s of at most $2',
  ],
  [
    /\b(?:longest|maximum) (title|file ?-?name)(?::| is| has)? (\d{1,3} (?:characters|letters))/gi,
    '$1s of at most $2',
  ],
  // "Replace any space in the file name with a hyphen", "a space in the file name makes the upload fail".
  [
    /\breplace (?:(?:any|all|every|the) )?spaces? in (?:the |your )?(?:file ?-?)?names? (?:with|by) /gi,
    'no spaces in the file name, use ',
  ],
  [
    /\b(?:a )?spaces? in (?:the |your |an? )?(?:file ?-?)?names? (?=(?:makes?|will make|causes?|breaks?|stops?|upsets?|confuses?)\b)/gi,
    'no spaces in the file name, that ',
  ],
  // "Follow the number with a space and the title."
  [/\bfollow (?:the|this|that) [a-z]+ with (?=an? (?:space|hyphen|under-?score|dash)\b)/gi, 'then '],
  // "Name of each file not to exceed 30 characters and not to contain spaces."
  [/\bnot to (exceed|contain|include|have)\b(?<=\bnames?\b[^.;]{0,80})/gi, 'must not $1'],
  // "The system does not accept spaces or umlauts in file names."
  [
    /\b(?:does|do|will|can) ?not (?:accept|allow|take|like|support|handle|cope with) (?=(?:spaces|umlauts|accents|accented letters|special (?:characters|signs))\b[^.;]*\b(?:names?|titles?)\b)/gi,
    'allows no ',
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
    /\bspaces (?:with)?in (?:the |your )?(titles?|(?:file ?-?)?names?) (?:are|is|do|does) (?:no (?:problem|harm)|not (?:a problem|matter)|(?:perfectly|quite) (?:all right|fine|ok(?:ay)?))/gi,
    'spaces in the $1 are allowed',
  ],
  [
    /(?<=\b(?:file ?-?)?names? (?:must|should|has to|have to) be )free (?:of|from) (?=spaces|accents|umlauts|punctuation)/gi,
    'without ',
  ],
  [
    /\bthere (?:must|may|should) not be (?:a|any) spaces? (?:anywhere )?in (?=(?:the |your )?(?:file ?-?)?names?)/gi,
    'no spaces in ',
  ],
];

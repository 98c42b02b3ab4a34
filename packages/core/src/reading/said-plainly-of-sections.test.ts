import { readsSectionsAs } from '../testing/reads-sections-as.ts';

/** Sections with their codes and limits, and the number of entries beside them, as organisers plainly write of them. */

readsSectionsAs([
  [
    'SECTIONS\nA - Open Colour\nB - Open Mono\nC - Nature\nEach entrant may submit up to four images per section.',
    'A / Open Colour / 4; B / Open Mono / 4; C / Nature / 4',
  ],
  [
    'There are three sections: A) Open Colour, B) Open Mono and C) Nature. The maximum is four images in each.',
    'A / Open Colour / 4; B / Open Mono / 4; C / Nature / 4',
  ],
  [
    'Each member may enter eight images: three in Colour, three in Mono and two in Nature.',
    '- / Colour / 3; - / Mono / 3; - / Nature / 2',
    8,
  ],
  ['The panel has six images, three in Colour and three in Mono.', '- / Colour / 3; - / Mono / 3', 6],
  [
    'Fifteen images from each club, five for each of the sections Colour (C), Mono (M) and Nature (N).',
    'C / Colour / 5; M / Mono / 5; N / Nature / 5',
    15,
  ],
  [
    'Sections: Pictorial Colour (PC), Pictorial Mono (PM), Nature (NA), Travel (TR)\nEntries: 4 per section',
    'PC / Pictorial Colour / 4; PM / Pictorial Mono / 4; NA / Nature / 4; TR / Travel / 4',
  ],
  [
    'You may enter up to six pictures in total, in the categories People, Places and Things.',
    '- / People / -; - / Places / -; - / Things / -',
    6,
  ],
  [
    'Categories\n- People\n- Places\n- Things\nThree pictures may be entered in each category.',
    '- / People / 3; - / Places / 3; - / Things / 3',
  ],
  [
    'Section 1: Landscape\nSection 2: Portrait\nSection 3: Street\nYou can enter 4 pictures per section.',
    '1 / Landscape / 4; 2 / Portrait / 4; 3 / Street / 4',
  ],
  [
    'Section 1 is Landscape (4 pictures), Section 2 is Portrait (2 pictures).',
    '1 / Landscape / 4; 2 / Portrait / 2',
  ],
  ['Class I   Open        4 works\nClass II  Monochrome  4 works', 'I / Open / 4; II / Monochrome / 4'],
  [
    'There are two categories, Junior and Senior. Up to three pictures per entrant in each.',
    '- / Junior / 3; - / Senior / 3',
  ],
  [
    'Junior category: up to three pictures. Adult category: up to five pictures.',
    '- / Junior / 3; - / Adult / 5',
  ],
  [
    'OC: Open Colour, OM: Open Monochrome, ND: Nature. A maximum of 4 images may be submitted in each section.',
    'OC / Open Colour / 4; OM / Open Monochrome / 4; ND / Nature / 4',
  ],
  [
    'Section OC (Open Colour) - 4 images\nSection OM (Open Monochrome) - 4 images',
    'OC / Open Colour / 4; OM / Open Monochrome / 4',
  ],
  ['Colour section: 4 images. Monochrome section: 4 images.', '- / Colour / 4; - / Monochrome / 4'],
  [
    'Two images may be entered in the Colour section and two in the Monochrome section, four in all.',
    '- / Colour / 2; - / Monochrome / 2',
    4,
  ],
  [
    "This year's themes are Water, Fire and Earth. Please send no more than two pictures for each theme.",
    '- / Water / 2; - / Fire / 2; - / Earth / 2',
  ],
  ['Themes: Water / Fire / Earth. One picture per theme.', '- / Water / 1; - / Fire / 1; - / Earth / 1'],
  [
    'You can send six pictures, but no more than three to any one of these sections: A Wild Flowers, B Trees, C Fungi.',
    'A / Wild Flowers / 3; B / Trees / 3; C / Fungi / 3',
    6,
  ],
  [
    'Ten pictures at most, spread over Birds (up to 4), Insects (up to 4) and Plants (up to 4).',
    '- / Birds / 4; - / Insects / 4; - / Plants / 4',
    10,
  ],
  [
    'The competition has three categories (Birds, Insects, Plants) and you may enter five photographs altogether.',
    '- / Birds / -; - / Insects / -; - / Plants / -',
    5,
  ],
  ['Open: 6 images per club\nThemed: 3 images per club', '- / Open / 6; - / Themed / 3'],
  ['Each club enters nine images: six Open (O) and three Themed (T).', 'O / Open / 6; T / Themed / 3', 9],
  [
    'Sections are Colour Prints, Mono Prints and Digital Images. Members can enter up to two in each section.',
    '- / Colour Prints / 2; - / Mono Prints / 2; - / Digital Images / 2',
  ],
  [
    'Colour Prints (2 entries), Mono Prints (2 entries), Digital Images (3 entries)',
    '- / Colour Prints / 2; - / Mono Prints / 2; - / Digital Images / 3',
  ],
  [
    'Category A: Single Image (max. 3 per author)\nCategory B: Portfolio (max. 1 per author)',
    'A / Single Image / 3; B / Portfolio / 1',
  ],
  [
    'SECTIONS AND ENTRIES\nThe exhibition consists of four sections:\n• Open Colour\n• Open Mono\n• Creative\n• Sport\nA maximum of 4 entries per section.',
    '- / Open Colour / 4; - / Open Mono / 4; - / Creative / 4; - / Sport / 4',
  ],
  [
    'Sections: Nature and Wildlife. Limit: four entries per section and author.',
    '- / Nature / 4; - / Wildlife / 4',
  ],
  [
    'Choose between section N (Nature) and section W (Wildlife). Four pictures in each.',
    'N / Nature / 4; W / Wildlife / 4',
  ],
  ['A: Town, B: Country; 5 photos per section', 'A / Town / 5; B / Country / 5'],
  ['Two sections: "Town" and "Country". In both you may enter 5 photos.', '- / Town / 5; - / Country / 5', 5],
  [
    'You can enter five photos in the section Town and five in the section Country.',
    '- / Town / 5; - / Country / 5',
  ],
  [
    'Entrants may submit up to three works in every one of the following classes: Portrait; Still Life; Abstract.',
    '- / Portrait / 3; - / Still Life / 3; - / Abstract / 3',
  ],
  ['Each picture is judged for impact, technique and originality.', ''],
  ['The jury consists of Ann Holt (Chair), Ben Marsh (Nature) and Cora Finch (Travel).', ''],
  ['Prizes: Gold (1), Silver (2), Bronze (3).', ''],
  ['Fees: one section 10, two sections 15, three sections 18.', ''],
  ['There are no sections this year. Four images each, on any subject.', '', 4],
  [
    'Mountains and Rivers are the two sections; four images in each, eight in all.',
    '- / Mountains / 4; - / Rivers / 4',
    8,
  ],
  ['AA  Air and Sky  2\nBB  Land  2', 'AA / Air and Sky / 2; BB / Land / 2'],
  ['1. Sections: Flora, Fauna\n2. Number of photos: max. 4 in each section', '- / Flora / 4; - / Fauna / 4'],
  [
    'You may take part in one or both sections (Flora, Fauna) with at most four photos in each.',
    '- / Flora / 4; - / Fauna / 4',
  ],
  [
    'There is an Open section (three images) and a Set Subject section (two images).',
    '- / Open / 3; - / Set Subject / 2',
  ],
  [
    'SECTIONS: Section A – Open; Section B – Black and White; Section C – Nature. Max. 4 images per section.',
    'A / Open / 4; B / Black and White / 4; C / Nature / 4',
  ],
  [
    'The salon has the following sections:\n1. Open Colour\n2. Open Monochrome\n3. Nature\n4. Photojournalism\nYou may submit 1 to 4 images in each.',
    '- / Open Colour / 4; - / Open Monochrome / 4; - / Nature / 4; - / Photojournalism / 4',
  ],
  [
    'Each entrant can enter up to six photographs (two in each of the categories Landscape, Wildlife and People).',
    '- / Landscape / 2; - / Wildlife / 2; - / People / 2',
    6,
  ],
  [
    'Your fifteen images: Colour (C) 6, Mono (M) 4, Nature (N) 5.',
    'C / Colour / 6; M / Mono / 4; N / Nature / 5',
    15,
  ],
  ['A panel consists of 12 images: 8 colour, 4 mono.', '- / colour / 8; - / mono / 4', 12],
  [
    'PSA - Portrait of a Stranger (max. 2)\nNIT - Night (max. 2)',
    'PSA / Portrait of a Stranger / 2; NIT / Night / 2',
  ],
  [
    'Class 1. Village Life\nClass 2. Landscape\nClass 3. Animals\nOne photograph per class.',
    '1 / Village Life / 1; 2 / Landscape / 1; 3 / Animals / 1',
  ],
  [
    'PHOTOGRAPHY\n51. A view from my window\n52. Pets\n53. Something red\nOne entry per person in each class.',
    '51 / A view from my window / 1; 52 / Pets / 1; 53 / Something red / 1',
  ],
  [
    'Up to 5 entries in each of the three categories: Architecture – Street – Abstract',
    '- / Architecture / 5; - / Street / 5; - / Abstract / 5',
  ],
  [
    'CATEGORIES: ARCHITECTURE, STREET, ABSTRACT\nYou may enter up to five photographs per category.',
    '- / ARCHITECTURE / 5; - / STREET / 5; - / ABSTRACT / 5',
  ],
  ['Projected Image: maximum three. Print: maximum two.', '- / Projected Image / 3; - / Print / 2'],
  [
    'Members may enter three in the Projected Image section and two in the Print section, that is five altogether.',
    '- / Projected Image / 3; - / Print / 2',
    5,
  ],
  [
    'Code   Section   Number of images\nT      Travel    4\nP      People    4\nO      Open      4',
    'T / Travel / 4; P / People / 4; O / Open / 4',
  ],
  [
    'Section     Code    Maximum\nTravel      T       4\nPeople      P       4',
    'T / Travel / 4; P / People / 4',
  ],
  ['Travel ........ 4\nPeople ........ 6', '- / Travel / 4; - / People / 6'],
  [
    'Categories: Plants (including fungi) and Animals. You can send four pictures per category.',
    '- / Plants / 4; - / Animals / 4',
  ],
  [
    'We have three categories this year, namely Plants, Animals and Landscapes, and you may send three pictures to each.',
    '- / Plants / 3; - / Animals / 3; - / Landscapes / 3',
  ],
  [
    'You can enter one picture, either in the category Morning or in the category Evening.',
    '- / Morning / -; - / Evening / -',
    1,
  ],
  [
    'Monochrome (M) - up to 4 works\nColour (C) - up to 4 works\nExperimental (E) - up to 4 works',
    'M / Monochrome / 4; C / Colour / 4; E / Experimental / 4',
  ],
  [
    'Entrants may submit four images in Monochrome (M) and four in Colour (C).',
    'M / Monochrome / 4; C / Colour / 4',
  ],
  ['M = Monochrome, C = Colour. Four per section.', 'M / Monochrome / 4; C / Colour / 4'],
  [
    'Three pictures at the most, but no more than two in Still Waters and no more than two in Running Waters.',
    '- / Still Waters / 2; - / Running Waters / 2',
    3,
  ],
  [
    'There are prizes in three classes: Farming, Fishing and Forestry. Two entries are allowed in each class.',
    '- / Farming / 2; - / Fishing / 2; - / Forestry / 2',
  ],
  [
    'State which class your photographs are for (Farming, Fishing or Forestry). You can enter three photographs.',
    '- / Farming / -; - / Fishing / -; - / Forestry / -',
    3,
  ],
  ['The exhibition can be seen in Holm (May), Seaton (June) and Marsh (July).', ''],
  ['Four pictures per author. Authors from Norway, Sweden and Denmark are especially welcome.', '', 4],
  [
    'Three images per member. The judges are Ann Holt and Ben Marsh, who will also judge Prints and Portfolio next month.',
    '',
    3,
  ],
  ['The points are counted for the League (all members), the Shield (new members) and the Cup.', ''],
  ["Beginners' class: 3 images. Advanced class: 3 images.", "- / Beginners' / 3; - / Advanced / 3"],
  [
    'Street Photography: 4 photos max\nDocumentary: 4 photos max',
    '- / Street Photography / 4; - / Documentary / 4',
  ],
  [
    'OP (Open Prints), MP (Mono Prints) and OD (Open Digital) are the sections; six works in all.',
    'OP / Open Prints / -; MP / Mono Prints / -; OD / Open Digital / -',
    6,
  ],
  ['Max. 4 pictures (2 for Blossom, 2 for Harvest)', '- / Blossom / 2; - / Harvest / 2', 4],
  [
    'Members can hand in five photos, with a maximum of three in either Coast or Hills.',
    '- / Coast / 3; - / Hills / 3',
    5,
  ],
  [
    'OC  Open Colour\nOM  Open Mono\nST  Street\n(4 images per section)',
    'OC / Open Colour / 4; OM / Open Mono / 4; ST / Street / 4',
  ],
  [
    'The three sections are Open Colour, Open Mono and Street. Every author may send four images to each of them.',
    '- / Open Colour / 4; - / Open Mono / 4; - / Street / 4',
  ],
  [
    'Entrants may submit a maximum of three images to the Open section and a maximum of three images to the Nature section, i.e. six images in total.',
    '- / Open / 3; - / Nature / 3',
    6,
  ],
  ['Section A: Open (max 3)\nSection B: Nature (max 3)', 'A / Open / 3; B / Nature / 3'],
  ['(A) Open - three images; (B) Nature - three images', 'A / Open / 3; B / Nature / 3'],
  [
    'Four photographs in all may be submitted. They can be spread over the categories: Harbour Life, Boats, Weather.',
    '- / Harbour Life / -; - / Boats / -; - / Weather / -',
    4,
  ],
  [
    'We want pictures in three categories:\n  Harbour Life\n  Boats\n  Weather\nUp to two in each, please.',
    '- / Harbour Life / 2; - / Boats / 2; - / Weather / 2',
  ],
  ['Team: 15 pictures, of which 10 in Colour and 5 in Monochrome', '- / Colour / 10; - / Monochrome / 5', 15],
  [
    'Section 01 Portrait, Section 02 Landscape: 4 pictures per section.',
    '01 / Portrait / 4; 02 / Landscape / 4',
  ],
  ['Single images: up to three. Series: one.', '- / Single images / 3; - / Series / 1'],
  ['Classes: Flowers; Trees. Two photographs per exhibitor.', '- / Flowers / -; - / Trees / -', 2],
  [
    'Each round has four sections, Projected Colour, Projected Mono, Colour Print and Mono Print, and you may enter two images in every section.',
    '- / Projected Colour / 2; - / Projected Mono / 2; - / Colour Print / 2; - / Mono Print / 2',
  ],
  ['Three images each, any subject, colour or mono.', '', 3],
  ['Up to two images per person, colour or black and white.', '', 2],
  [
    'The theme has three parts: "The Sea", "The Land" and "The Sky". Four pictures are allowed in each part.',
    '- / The Sea / 4; - / The Land / 4; - / The Sky / 4',
  ],
  [
    'G: General\nP: Pictorial\nR: Record\nNot more than three in each section.',
    'G / General / 3; P / Pictorial / 3; R / Record / 3',
  ],
  [
    'You may submit ten images in total, no more than six of them in one of the two categories Wild Places and Wild Animals.',
    '- / Wild Places / 6; - / Wild Animals / 6',
    10,
  ],
  ['Youth (up to 18): 2 pictures\nOpen: 4 pictures', '- / Youth / 2; - / Open / 4'],
  [
    'Macro, Underwater, Sky - up to five images per category',
    '- / Macro / 5; - / Underwater / 5; - / Sky / 5',
  ],
  [
    'Categories and codes: Macro = M, Underwater = U, Sky = S. Up to five images per category.',
    'M / Macro / 5; U / Underwater / 5; S / Sky / 5',
  ],
  [
    'A   Alpine flowers     up to 2\nB   Alpine animals     up to 2\nC   Mountain people    up to 2\nSix pictures in all.',
    'A / Alpine flowers / 2; B / Alpine animals / 2; C / Mountain people / 2',
    6,
  ],
  [
    'You may enter either or both categories (Morning light and Night) with five images altogether.',
    '- / Morning light / -; - / Night / -',
    5,
  ],
  ['PROJECTED: max. three images. PRINTS: max. three prints.', '- / PROJECTED / 3; - / PRINTS / 3'],
  [
    'The sections are:\n* Birds\n* Other Animals\n* Plants\nwith a limit of three images per section.',
    '- / Birds / 3; - / Other Animals / 3; - / Plants / 3',
  ],
  [
    'Sections: B (Birds), O (Other Animals), P (Plants). Limit: three images per section.',
    'B / Birds / 3; O / Other Animals / 3; P / Plants / 3',
  ],
  ['A portfolio has twelve pictures. They can be of people, places or animals.', '', 12],
  [
    'You may enter four pictures. Prizes are given for the best picture of a Bird, a Mammal and an Insect.',
    '',
    4,
  ],
  ['The sections are Open, Nature and Travel.', '- / Open / -; - / Nature / -; - / Travel / -'],
  ['There are three sections: Open, Nature, Travel.', '- / Open / -; - / Nature / -; - / Travel / -'],
  [
    'There are three sections (Open, Nature and Travel) with up to four images in each.',
    '- / Open / 4; - / Nature / 4; - / Travel / 4',
  ],
  ['Sections: Open; Nature; Travel (max. 4 per section).', '- / Open / 4; - / Nature / 4; - / Travel / 4'],
  [
    'The competition has two sections, Colour and Monochrome; two images may be entered in each.',
    '- / Colour / 2; - / Monochrome / 2',
  ],
  [
    'You may enter up to three images in each of the following categories: Birds, Mammals, Plants.',
    '- / Birds / 3; - / Mammals / 3; - / Plants / 3',
  ],
  [
    'Categories (up to 3 images each): Birds, Mammals, Plants.',
    '- / Birds / 3; - / Mammals / 3; - / Plants / 3',
  ],
  [
    'Categories: A. Birds, B. Mammals, C. Plants. Three images per category.',
    'A / Birds / 3; B / Mammals / 3; C / Plants / 3',
  ],
  [
    'Section A: Birds. Section B: Mammals. Up to three images in each section.',
    'A / Birds / 3; B / Mammals / 3',
  ],
  ['Class 1: Colour (3 images). Class 2: Monochrome (3 images).', '1 / Colour / 3; 2 / Monochrome / 3'],
  [
    'Four images in Colour, four in Monochrome, two in Nature.',
    '- / Colour / 4; - / Monochrome / 4; - / Nature / 2',
  ],
  ['Up to four images in Open and two in Nature.', '- / Open / 4; - / Nature / 2'],
  ['Open (4 images), Nature (2 images)', '- / Open / 4; - / Nature / 2'],
  [
    'The themes are "Water", "Bridges" and "Night". One picture per theme.',
    '- / Water / 1; - / Bridges / 1; - / Night / 1',
  ],
  ['Themes: Water, Bridges, Night - one picture per theme.', '- / Water / 1; - / Bridges / 1; - / Night / 1'],
  [
    'Divisions: Beginners, Intermediate, Advanced.',
    '- / Beginners / -; - / Intermediate / -; - / Advanced / -',
  ],
  ['Members may enter two colour and two mono images.', '- / colour / 2; - / mono / 2'],
  [
    'Sections are Open Colour (OC) and Open Mono (OM), four images in each.',
    'OC / Open Colour / 4; OM / Open Mono / 4',
  ],
  [
    'There are three sections (Open, Nature and Travel) with up to four images in each.',
    '- / Open / 4; - / Nature / 4; - / Travel / 4',
  ],
  ['There are two sections (Colour, Mono).', '- / Colour / -; - / Mono / -'],
  [
    'The exhibition has four sections: Open Colour, Open Monochrome, Nature and Travel. In each section you may enter four images.',
    '- / Open Colour / 4; - / Open Monochrome / 4; - / Nature / 4; - / Travel / 4',
  ],
  ['Up to four images in Open and two in Nature.', '- / Open / 4; - / Nature / 2'],
  ['Two images in Colour, two in Mono.', '- / Colour / 2; - / Mono / 2'],
  ['Send up to two images for Colour and two for Mono.', '- / Colour / 2; - / Mono / 2'],
  ['Colour: 2 images, Mono: 2 images.', '- / Colour / 2; - / Mono / 2'],
  ['You can enter two in Colour and two in Mono.', '- / Colour / 2; - / Mono / 2'],
  ['A member may enter two colour images and two mono images.', '- / colour / 2; - / mono / 2'],
  ['Open (up to 3), Nature (up to 3), and Creative (1).', '- / Open / 3; - / Nature / 3; - / Creative / 1'],
  [
    'Choose from three sections: Open, Nature or Creative. Not more than two images in any.',
    '- / Open / 2; - / Nature / 2; - / Creative / 2',
  ],
  [
    'The sections are A (Open), B (Nature) and C (Creative), each with two images.',
    'A / Open / 2; B / Nature / 2; C / Creative / 2',
  ],
  [
    'Section codes: OP (Open), NT (Nature), CR (Creative).',
    'OP / Open / -; NT / Nature / -; CR / Creative / -',
  ],
  [
    'Use the codes OP for Open, NT for Nature and CR for Creative.',
    'OP / Open / -; NT / Nature / -; CR / Creative / -',
  ],
  ['Categories: Birds, Plants. No more than four in one category.', '- / Birds / 4; - / Plants / 4'],
  ['Categories: Birds, Plants. At most four in any of them.', '- / Birds / 4; - / Plants / 4'],
  ['Categories: Birds, Plants. Four per category, six in all.', '- / Birds / 4; - / Plants / 4', 6],
  ['Categories: Birds, Plants. You may send four for each.', '- / Birds / 4; - / Plants / 4'],
  ['Categories: Birds, Plants. Please send no more than four for any one.', '- / Birds / 4; - / Plants / 4'],
  ['Categories: Birds, Plants. Not over four in the same category.', '- / Birds / 4; - / Plants / 4'],
  ['Categories: Birds, Plants. The limit per category is four.', '- / Birds / 4; - / Plants / 4'],
  ['Categories: Birds, Plants. Maximum per category: 4', '- / Birds / 4; - / Plants / 4'],
  ['Categories: Birds, Plants. Limit for each: four pictures.', '- / Birds / 4; - / Plants / 4'],
  ['Categories: Birds, Plants. Up to four may be in the same one.', '- / Birds / 4; - / Plants / 4'],
  [
    'Sections\nA Colour Open\nB Mono Open\nC Wildlife\nD Street\nEntrants may enter up to 4 images in each section, for a total of 16.',
    'A / Colour Open / 4; B / Mono Open / 4; C / Wildlife / 4; D / Street / 4',
  ],
  [
    'The competition is divided into three categories: landscape, portrait and nature. Each photographer may enter three images per category.',
    '- / landscape / 3; - / portrait / 3; - / nature / 3',
  ],
  [
    'PC – Print Colour (4)\nPM – Print Mono (4)\nDC – Digital Colour (6)\nDM – Digital Mono (6)',
    'PC / Print Colour / 4; PM / Print Mono / 4; DC / Digital Colour / 6; DM / Digital Mono / 6',
  ],
  [
    'Clubs submit 15 images: 10 in the Open section and 5 in the Nature section.',
    '- / Open / 10; - / Nature / 5',
    15,
  ],
  ['Two age groups: Primary and Secondary. One picture per pupil.', '- / Primary / -; - / Secondary / -', 1],
  [
    'Categories: N1 Birds, N2 Mammals, N3 Insects (maximum 3 images per category)',
    'N1 / Birds / 3; N2 / Mammals / 3; N3 / Insects / 3',
  ],
  [
    'Awards will be given in two categories: Best Landscape and Best Portrait.',
    '- / Best Landscape / -; - / Best Portrait / -',
  ],
  ['1 - Colour: up to four images\n2 - Monochrome: up to four images', '1 / Colour / 4; 2 / Monochrome / 4'],
  [
    'Four sections (Colour, Monochrome, Nature, Travel), four images per section, sixteen images in all.',
    '- / Colour / 4; - / Monochrome / 4; - / Nature / 4; - / Travel / 4',
    16,
  ],
  [
    'You may submit a maximum of four photographs, two in the Open category and two in the Bridges category.',
    '- / Open / 2; - / Bridges / 2',
    4,
  ],
  [
    "This year's categories:\n1) Farm Life\n2) Old Buildings\n3) The Seasons\nPlease send no more than three photos in total.",
    '- / Farm Life / -; - / Old Buildings / -; - / The Seasons / -',
    3,
  ],
  [
    "This year's categories:\n1) Farm Life\n2) Old Buildings\n3) The Seasons\nPlease send no more than three photos for each category.",
    '- / Farm Life / 3; - / Old Buildings / 3; - / The Seasons / 3',
  ],
  [
    '| Section | Code | Images |\n| Colour | CL | 4 |\n| Monochrome | MN | 4 |',
    'CL / Colour / 4; MN / Monochrome / 4',
  ],
  ['Section limits: Nature 4, Open 4.', '- / Nature / 4; - / Open / 4'],
  ['Nature section: four images. Open section: four images.', '- / Nature / 4; - / Open / 4'],
  [
    'Members may enter up to three images in the Creative section and up to three in the Traditional section.',
    '- / Creative / 3; - / Traditional / 3',
  ],
  [
    'Section A (Creative): 3 images; Section B (Traditional): 3 images.',
    'A / Creative / 3; B / Traditional / 3',
  ],
  ['Three colour and three mono images may be entered, six in total.', '- / colour / 3; - / mono / 3', 6],
  [
    'The salon has a Youth section and a General section, each for up to four works.',
    '- / Youth / 4; - / General / 4',
  ],
  [
    'Entries are invited in the following categories – City, Country, Coast – with a limit of two images in each category.',
    '- / City / 2; - / Country / 2; - / Coast / 2',
  ],
  [
    'Submit up to 10 images across three categories: Macro, Landscape, Wildlife.',
    '- / Macro / -; - / Landscape / -; - / Wildlife / -',
    10,
  ],
  [
    'Submit up to 10 images across three categories (Macro, Landscape, Wildlife), with no more than 4 images in any one category.',
    '- / Macro / 4; - / Landscape / 4; - / Wildlife / 4',
    10,
  ],
  [
    'Open Colour [OPC], Open Mono [OPM] and Nature [NAT] are the three sections; 4 images each.',
    'OPC / Open Colour / 4; OPM / Open Mono / 4; NAT / Nature / 4',
  ],
  [
    'Sections: Open - 4 images, Nature - 4 images, Photo Travel - 4 images',
    '- / Open / 4; - / Nature / 4; - / Photo Travel / 4',
  ],
  ['Images will be judged in three rounds: Preliminary, Semi-final and Final.', ''],
  ['The club has three grades: Beginner, Intermediate and Advanced.', ''],
  ['Each member may submit 5 images. Colour, monochrome and creative images are all accepted.', '', 5],
  [
    'A total of three images may be entered, no more than two of them in either of the classes Portraits and Pets.',
    '- / Portraits / 2; - / Pets / 2',
    3,
  ],
  [
    'Each entrant submits one mono, one colour and one creative image (three in total).',
    '- / mono / 1; - / colour / 1; - / creative / 1',
    3,
  ],
  [
    'You may enter up to three pictures in section A (Colour) and up to three in section B (Monochrome).',
    'A / Colour / 3; B / Monochrome / 3',
  ],
  [
    'SECTIONS:      Colour\n               Monochrome\n               Nature\nENTRIES:       4 per section',
    '- / Colour / 4; - / Monochrome / 4; - / Nature / 4',
  ],
  [
    'Class Y  Youth (up to 17)  2 pictures\nClass A  Adults            4 pictures',
    'Y / Youth / 2; A / Adults / 4',
  ],
  [
    'We are looking for portraits, landscapes and still lifes. Categories: Portrait | Landscape | Still life. One picture each.',
    '- / Portrait / 1; - / Landscape / 1; - / Still life / 1',
  ],
  ['Six images (three Open, three Wildlife)', '- / Open / 3; - / Wildlife / 3', 6],
  [
    'In the Open section you may enter three images, in the Wildlife section likewise three.',
    '- / Open / 3; - / Wildlife / 3',
  ],
  [
    'In the Open section you may enter four images, in the Wildlife section two.',
    '- / Open / 4; - / Wildlife / 2',
  ],
  [
    'The sections are numbered 1 (Flora), 2 (Fauna) and 3 (Landscape). Up to four images in each section.',
    '',
  ],
  [
    'Categories are: Flora and Fauna. Maximum number of images: 4 per category',
    '- / Flora / 4; - / Fauna / 4',
  ],
  [
    'SECTION OC: OPEN COLOUR\nSECTION OM: OPEN MONO\nSECTION PT: PORTRAIT\nFour works may be submitted in each section.',
    'OC / OPEN COLOUR / 4; OM / OPEN MONO / 4; PT / PORTRAIT / 4',
  ],
  [
    'Two categories: Black and White, and Colour. Two entries per category.',
    '- / Black and White / 2; - / Colour / 2',
  ],
  [
    '3 photos in each of 3 categories (Street, Architecture, Night), 9 photos in all',
    '- / Street / 3; - / Architecture / 3; - / Night / 3',
    9,
  ],
  [
    'Choose one of the categories Street, Architecture or Night and send up to three photos.',
    '- / Street / -; - / Architecture / -; - / Night / -',
    3,
  ],
  ['P: Panoramas (2), L: Long exposures (2)', 'P / Panoramas / 2; L / Long exposures / 2'],
  [
    'Entrants can submit four entries for Colour Slides and four entries for Digital.',
    '- / Colour Slides / 4; - / Digital / 4',
  ],
  [
    'Weather, Wildlife, People: these are the three categories. Two photos in each, please.',
    '- / Weather / 2; - / Wildlife / 2; - / People / 2',
  ],
  [
    'There are two topics this year: "A Day in the Life" and "Textures". You may submit four images per topic.',
    '- / A Day in the Life / 4; - / Textures / 4',
  ],
  [
    '(a) General, (b) Landscape, (c) People, (d) Creative: members may enter two images in each class.',
    'a / General / 2; b / Landscape / 2; c / People / 2; d / Creative / 2',
  ],
  [
    'Digital sections: Open Digital and Nature Digital, with up to four entries in each.',
    '- / Open Digital / 4; - / Nature Digital / 4',
  ],
  [
    'Colour Prints (section C) and Mono Prints (section M): four prints per section.',
    'C / Colour Prints / 4; M / Mono Prints / 4',
  ],
  ['Six pictures at most; they may show birds, mammals, insects or plants.', '', 6],
  ['Every child can send one drawing or photograph.', '', 1],
  [
    'Novice members and experienced members are judged apart. Sections: Novice (3 images), Experienced (3 images).',
    '- / Novice / 3; - / Experienced / 3',
  ],
  [
    'Code your files FW for Fresh Water, SW for Salt Water and IC for Ice. You may send four for each section.',
    'FW / Fresh Water / 4; SW / Salt Water / 4; IC / Ice / 4',
  ],
]);

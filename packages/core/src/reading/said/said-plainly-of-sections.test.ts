import { readsSectionsAs } from '../../testing/reads-sections-as.ts';

/** Sections with their codes and limits, and the number of entries beside them, as organisers plainly write of them. */

readsSectionsAs([
  ['The panel has six images, three in Colour and three in Mono.', '- / Colour / 3; - / Mono / 3', 6],
  [
    'Fifteen images from each club, five for each of the sections Colour (C), Mono (M) and Nature (N).',
    'C / Colour / 5; M / Mono / 5; N / Nature / 5',
    15,
  ],
  [
    'Section 1 is Landscape (4 pictures), Section 2 is Portrait (2 pictures).',
    '1 / Landscape / 4; 2 / Portrait / 2',
  ],
  [
    'OC: Open Colour, OM: Open Monochrome, ND: Nature. A maximum of 4 images may be submitted in each section.',
    'OC / Open Colour / 4; OM / Open Monochrome / 4; ND / Nature / 4',
  ],
  [
    'Two images may be entered in the Colour section and two in the Monochrome section, four in all.',
    '- / Colour / 2; - / Monochrome / 2',
    4,
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
  [
    'Mountains and Rivers are the two sections; four images in each, eight in all.',
    '- / Mountains / 4; - / Rivers / 4',
    8,
  ],
  [
    'You may take part in one or both sections (Flora, Fauna) with at most four photos in each.',
    '- / Flora / 4; - / Fauna / 4',
  ],
  [
    'There is an Open section (three images) and a Set Subject section (two images).',
    '- / Open / 3; - / Set Subject / 2',
  ],
  [
    'Your fifteen images: Colour (C) 6, Mono (M) 4, Nature (N) 5.',
    'C / Colour / 6; M / Mono / 4; N / Nature / 5',
    15,
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
    'We have three categories this year, namely Plants, Animals and Landscapes, and you may send three pictures to each.',
    '- / Plants / 3; - / Animals / 3; - / Landscapes / 3',
  ],
  [
    'You can enter one picture, either in the category Morning or in the category Evening.',
    '- / Morning / -; - / Evening / -',
    1,
  ],
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
    'The three sections are Open Colour, Open Mono and Street. Every author may send four images to each of them.',
    '- / Open Colour / 4; - / Open Mono / 4; - / Street / 4',
  ],
  ['Team: 15 pictures, of which 10 in Colour and 5 in Monochrome', '- / Colour / 10; - / Monochrome / 5', 15],
  ['Classes: Flowers; Trees. Two photographs per exhibitor.', '- / Flowers / -; - / Trees / -', 2],
  [
    'The theme has three parts: "The Sea", "The Land" and "The Sky". Four pictures are allowed in each part.',
    '- / The Sea / 4; - / The Land / 4; - / The Sky / 4',
  ],
  [
    'You may submit ten images in total, no more than six of them in one of the two categories Wild Places and Wild Animals.',
    '- / Wild Places / 6; - / Wild Animals / 6',
    10,
  ],
  [
    'Macro, Underwater, Sky - up to five images per category',
    '- / Macro / 5; - / Underwater / 5; - / Sky / 5',
  ],
  [
    'Categories and codes: Macro = M, Underwater = U, Sky = S. Up to five images per category.',
    'M / Macro / 5; U / Underwater / 5; S / Sky / 5',
  ],
  [
    'You may enter either or both categories (Morning light and Night) with five images altogether.',
    '- / Morning light / -; - / Night / -',
    5,
  ],
  [
    'The sections are:\n* Birds\n* Other Animals\n* Plants\nwith a limit of three images per section.',
    '- / Birds / 3; - / Other Animals / 3; - / Plants / 3',
  ],
  [
    'There are three sections (Open, Nature and Travel) with up to four images in each.',
    '- / Open / 4; - / Nature / 4; - / Travel / 4',
  ],
  [
    'Four images in Colour, four in Monochrome, two in Nature.',
    '- / Colour / 4; - / Monochrome / 4; - / Nature / 2',
  ],
  ['Up to four images in Open and two in Nature.', '- / Open / 4; - / Nature / 2'],
  [
    'The themes are "Water", "Bridges" and "Night". One picture per theme.',
    '- / Water / 1; - / Bridges / 1; - / Night / 1',
  ],
  [
    'There are three sections (Open, Nature and Travel) with up to four images in each.',
    '- / Open / 4; - / Nature / 4; - / Travel / 4',
  ],
  ['Up to four images in Open and two in Nature.', '- / Open / 4; - / Nature / 2'],
  ['Two images in Colour, two in Mono.', '- / Colour / 2; - / Mono / 2'],
  ['Colour: 2 images, Mono: 2 images.', '- / Colour / 2; - / Mono / 2'],
  ['A member may enter two colour images and two mono images.', '- / colour / 2; - / mono / 2'],
  [
    'Choose from three sections: Open, Nature or Creative. Not more than two images in any.',
    '- / Open / 2; - / Nature / 2; - / Creative / 2',
  ],
  [
    'Section codes: OP (Open), NT (Nature), CR (Creative).',
    'OP / Open / -; NT / Nature / -; CR / Creative / -',
  ],
  ['Categories: Birds, Plants. No more than four in one category.', '- / Birds / 4; - / Plants / 4'],
  ['Categories: Birds, Plants. At most four in any of them.', '- / Birds / 4; - / Plants / 4'],
  ['Categories: Birds, Plants. You may send four for each.', '- / Birds / 4; - / Plants / 4'],
  ['Categories: Birds, Plants. Please send no more than four for any one.', '- / Birds / 4; - / Plants / 4'],
  ['Categories: Birds, Plants. The limit per category is four.', '- / Birds / 4; - / Plants / 4'],
  ['Categories: Birds, Plants. Maximum per category: 4', '- / Birds / 4; - / Plants / 4'],
  ['Categories: Birds, Plants. Limit for each: four pictures.', '- / Birds / 4; - / Plants / 4'],
  ['Categories: Birds, Plants. Up to four may be in the same one.', '- / Birds / 4; - / Plants / 4'],
  [
    'The competition is divided into three categories: landscape, portrait and nature. Each photographer may enter three images per category.',
    '- / landscape / 3; - / portrait / 3; - / nature / 3',
  ],
  ['Section limits: Nature 4, Open 4.', '- / Nature / 4; - / Open / 4'],
  [
    'The salon has a Youth section and a General section, each for up to four works.',
    '- / Youth / 4; - / General / 4',
  ],
  [
    'Entries are invited in the following categories – City, Country, Coast – with a limit of two images in each category.',
    '- / City / 2; - / Country / 2; - / Coast / 2',
  ],
  [
    'Open Colour [OPC], Open Mono [OPM] and Nature [NAT] are the three sections; 4 images each.',
    'OPC / Open Colour / 4; OPM / Open Mono / 4; NAT / Nature / 4',
  ],
  [
    'A total of three images may be entered, no more than two of them in either of the classes Portraits and Pets.',
    '- / Portraits / 2; - / Pets / 2',
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
    'We are looking for portraits, landscapes and still lifes. Categories: Portrait | Landscape | Still life. One picture each.',
    '- / Portrait / 1; - / Landscape / 1; - / Still life / 1',
  ],
  [
    'In the Open section you may enter three images, in the Wildlife section likewise three.',
    '- / Open / 3; - / Wildlife / 3',
  ],
  [
    'In the Open section you may enter four images, in the Wildlife section two.',
    '- / Open / 4; - / Wildlife / 2',
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
  [
    'Weather, Wildlife, People: these are the three categories. Two photos in each, please.',
    '- / Weather / 2; - / Wildlife / 2; - / People / 2',
  ],
  [
    'There are two topics this year: "A Day in the Life" and "Textures". You may submit four images per topic.',
    '- / A Day in the Life / 4; - / Textures / 4',
  ],
  [
    'Colour Prints (section C) and Mono Prints (section M): four prints per section.',
    'C / Colour Prints / 4; M / Mono Prints / 4',
  ],
  [
    'Section A: Open Color (PID Color)\nSection B: Open Monochrome (PID Mono)\nSection C: Nature (PID Nature)\nIn each section max. 4 photos per author.',
    'A / Open Color / 4; B / Open Monochrome / 4; C / Nature / 4',
  ],
  [
    'Photo classes\n\nClass 61  A flower in close-up\nClass 62  A garden after rain\nClass 63  Something from the vegetable plot\n\nOne entry per class and exhibitor.',
    '61 / A flower in close-up / 1; 62 / A garden after rain / 1; 63 / Something from the vegetable plot / 1',
  ],
  [
    'Members may enter four images in each round: two in the Colour section and two in the Monochrome section.',
    '- / Colour / 2; - / Monochrome / 2',
    4,
  ],
  [
    'Section A – Black and white (4 works)\nSection B – Colour (4 works)\nSection C – Series (1 series of 3 to 6 works)',
    'A / Black and white / 4; B / Colour / 4; C / Series / 1',
  ],
  ['PID-C  Colour       max. 4\nPID-M  Monochrome   max. 4', 'PID-C / Colour / 4; PID-M / Monochrome / 4'],
  [
    'Categories are Farm Life, Hedgerow and Harvest; three entries per person in total.',
    '- / Farm Life / -; - / Hedgerow / -; - / Harvest / -',
    3,
  ],
  [
    'You may enter:\n- Single image: up to three\n- Panel: one panel of six images',
    '- / Single image / 3; - / Panel / 1',
  ],
  [
    'Open Colour (OPC), Open Monochrome (OPM) and Nature (NAT): four images may be entered in each.',
    'OPC / Open Colour / 4; OPM / Open Monochrome / 4; NAT / Nature / 4',
  ],
  [
    'A) Single pictures: max. 4 per author\nB) Series: max. 1 per author (5 to 8 pictures)',
    'A / Single pictures / 4; B / Series / 1',
  ],
  [
    'Classes:\nMonochrome Print – max 4\nColour Print – max 4\nPDI – max 4',
    '- / Monochrome Print / 4; - / Colour Print / 4; - / PDI / 4',
  ],
  [
    'People, Places, Patterns – these are our categories. Two entries in each, so six altogether.',
    '- / People / 2; - / Places / 2; - / Patterns / 2',
    6,
  ],
]);

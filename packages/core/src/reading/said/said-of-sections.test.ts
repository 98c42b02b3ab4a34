import { describe } from 'vitest';
import { readsAs } from '../../testing/reads-as.ts';
import { readsSectionsAs } from '../../testing/reads-sections-as.ts';

/** Sections in lists and in sentences, with their codes and limits. */

describe('sections', () => {
  readsSectionsAs([
    ['Sections: Open (3), Nature (2).', '- / Open / 3; - / Nature / 2'],
    [
      'Categories:\n- People\n- Places\n- Plants\nThree images per category.',
      '- / People / 3; - / Places / 3; - / Plants / 3',
    ],
    [
      'Section A: Open Colour\nSection B: Open Monochrome\nSection C: Travel\nUp to four images in each section.',
      'A / Open Colour / 4; B / Open Monochrome / 4; C / Travel / 4',
    ],
    [
      'There are two sections, Colour and Monochrome, and you may enter three images in each.',
      '- / Colour / 3; - / Monochrome / 3',
    ],
    [
      'Classes\n1 Landscape\n2 Portrait\n3 Wildlife\nMax. 2 per class',
      '1 / Landscape / 2; 2 / Portrait / 2; 3 / Wildlife / 2',
    ],
    ['The competition has 3 categories: Water, Fire and Air.', '- / Water / -; - / Fire / -; - / Air / -'],
    [
      'Open section: 2 images. Set subject "Reflections": 1 image.',
      '- / Open / 2; - / Set subject "Reflections" / 1',
    ],
    ['COLOUR (code C): four images\nMONO (code M): four images', 'C / COLOUR / 4; M / MONO / 4'],
    [
      'OC  Open Colour  4\nOM  Open Mono  4\nND  Nature  2',
      'OC / Open Colour / 4; OM / Open Mono / 4; ND / Nature / 2',
    ],
    ['You may enter 2 colour and 2 mono images.', '- / colour / 2; - / mono / 2'],
    [
      'Sections\nOpen: 3 images\nNature: 3 images\nMonochrome: 2 images',
      '- / Open / 3; - / Nature / 3; - / Monochrome / 2',
    ],
    [
      'Categories: 1) Street 2) Portrait 3) Abstract. Two entries per category.',
      '1 / Street / 2; 2 / Portrait / 2; 3 / Abstract / 2',
    ],
    [
      'We have an Open section and a Nature section; up to two images in each.',
      '- / Open / 2; - / Nature / 2',
    ],
    ['Section 1 (Open): 2 entries\nSection 2 (Creative): 2 entries', '1 / Open / 2; 2 / Creative / 2'],
    [
      'The classes are Beginners, Intermediate and Advanced, with three pictures in each class.',
      '- / Beginners / 3; - / Intermediate / 3; - / Advanced / 3',
    ],
    ['COLOUR - max 3 images. MONOCHROME - max 3 images.', '- / COLOUR / 3; - / MONOCHROME / 3'],
    [
      'Colour prints (CP)\nMono prints (MP)\nDigital (D)\nMaximum four per section.',
      'CP / Colour prints / 4; MP / Mono prints / 4; D / Digital / 4',
    ],
    [
      'Two images in Nature, two in Travel and one in the Open section.',
      '- / Nature / 2; - / Travel / 2; - / Open / 1',
    ],
    ['A. Landscape ... 3 pictures\nB. People ... 3 pictures', 'A / Landscape / 3; B / People / 3'],
    ['Categories (max. 3 photos each): Nature, City, People', '- / Nature / 3; - / City / 3; - / People / 3'],
    [
      'The following sections are offered: Open Colour (OC), Open Mono (OM), Nature (NA). A maximum of four images per section.',
      'OC / Open Colour / 4; OM / Open Mono / 4; NA / Nature / 4',
    ],
    ['Section A – Colour (max. 4)\nSection B – Monochrome (max. 4)', 'A / Colour / 4; B / Monochrome / 4'],
    [
      '1. General (4 images)\n2. Nature (4 images)\n3. Travel (2 images)',
      '- / General / 4; - / Nature / 4; - / Travel / 2',
    ],
    [
      'There are 3 classes: A = Mono Prints, B = Colour Prints, C = PDI. You can enter 2 in each class.',
      'A / Mono Prints / 2; B / Colour Prints / 2; C / PDI / 2',
    ],
    [
      'Categories are Nature / People / Street, up to 3 photos per category.',
      '- / Nature / 3; - / People / 3; - / Street / 3',
    ],
    ['Nature - 4 images maximum\nJournalism - 4 images maximum', '- / Nature / 4; - / Journalism / 4'],
    ['In both the Colour and the Mono section you may enter three images.', '- / Colour / 3; - / Mono / 3'],
    [
      '• Wildlife – up to 5\n• Landscape – up to 5\n• Macro – up to 5',
      '- / Wildlife / 5; - / Landscape / 5; - / Macro / 5',
    ],
    ['Sections: A Colour, B Mono, C Nature', 'A / Colour / -; B / Mono / -; C / Nature / -'],
    [
      'There will be three sections: Colour (C), Mono (M) and Creative (X). Three images can be entered in each section.',
      'C / Colour / 3; M / Mono / 3; X / Creative / 3',
    ],
    [
      'Four sections - Open, Nature, Travel, Mono - with four images each.',
      '- / Open / 4; - / Nature / 4; - / Travel / 4; - / Mono / 4',
    ],
    ['Sections\nOpen (max 3)\nProject (max 1)', '- / Open / 3; - / Project / 1'],
    [
      'Class 1: Colour prints, 2 per member\nClass 2: Digital images, 3 per member',
      '1 / Colour prints / 2; 2 / Digital images / 3',
    ],
    ['Sections: Colour/Mono, three images in each', '- / Colour / 3; - / Mono / 3'],
    [
      'A) Animals\nB) Buildings\nC) Children\nIn each category a maximum of two photographs may be submitted.',
      'A / Animals / 2; B / Buildings / 2; C / Children / 2',
    ],
    ['1 Open Colour - 4 works\n2 Open Mono - 4 works', '1 / Open Colour / 4; 2 / Open Mono / 4'],
    [
      'The Portrait section takes two images, the Landscape section three.',
      '- / Portrait / 2; - / Landscape / 3',
    ],
    [
      'You may enter up to three images in the Advanced class or up to three in the Beginners class.',
      '- / Advanced / 3; - / Beginners / 3',
    ],
    ['Categories: Young (under 18) and Adult', '- / Young / -; - / Adult / -'],
    ['Section I: Colour (3)\nSection II: Monochrome (3)', 'I / Colour / 3; II / Monochrome / 3'],
    [
      '1) Colour - max. 4 works\n2) Monochrome - max. 4 works\n3) Nature - max. 4 works',
      '- / Colour / 4; - / Monochrome / 4; - / Nature / 4',
    ],
    [
      'Sections are: PID Colour; PID Mono. Up to four works in each section.',
      '- / PID Colour / 4; - / PID Mono / 4',
    ],
    ['Colour | 4\nMonochrome | 4\nNature | 4', '- / Colour / 4; - / Monochrome / 4; - / Nature / 4'],
    [
      'You can enter up to two images in each of these classes: Sea, Sky, Stone.',
      '- / Sea / 2; - / Sky / 2; - / Stone / 2',
    ],
    [
      'Four images may be entered per section. Sections: Colour (C), Monochrome (M), Travel (T).',
      'C / Colour / 4; M / Monochrome / 4; T / Travel / 4',
    ],
    [
      'Section A: Landscapes. Section B: Portraits. Section C: Experimental. Four per section.',
      'A / Landscapes / 4; B / Portraits / 4; C / Experimental / 4',
    ],
    [
      'Street - 3 photos, Portrait - 3 photos, Abstract - 3 photos',
      '- / Street / 3; - / Portrait / 3; - / Abstract / 3',
    ],
    [
      '(a) Colour Prints (b) Mono Prints (c) Projected Images: two entries per class',
      'a / Colour Prints / 2; b / Mono Prints / 2; c / Projected Images / 2',
    ],
    [
      'Open Colour (max 4), Open Mono (max 4), Nature (max 4)',
      '- / Open Colour / 4; - / Open Mono / 4; - / Nature / 4',
    ],
    [
      'Section 1: Colour\nSection 2: Monochrome\nUp to three works per section',
      '1 / Colour / 3; 2 / Monochrome / 3',
    ],
    [
      'The competition is divided into three categories: Land, Sea and Sky. Two photographs may be entered in each.',
      '- / Land / 2; - / Sea / 2; - / Sky / 2',
    ],
    ['Youth (under 18) – 2 images\nAdult – 4 images', '- / Youth / 2; - / Adult / 4'],
    [
      'Colour: up to 3 images. Mono: up to 3 images. Creative: 1 image.',
      '- / Colour / 3; - / Mono / 3; - / Creative / 1',
    ],
    [
      'Categories: Landscape, Portrait, Street, Macro (one image per category)',
      '- / Landscape / 1; - / Portrait / 1; - / Street / 1; - / Macro / 1',
    ],
    [
      'Class A Colour\nClass B Monochrome\nClass C Nature',
      'A / Colour / -; B / Monochrome / -; C / Nature / -',
    ],
    ['Each club sends 4 Colour, 4 Mono and 4 Nature images.', '- / Colour / 4; - / Mono / 4; - / Nature / 4'],
  ]);
});

describe('sections beside other rules', () => {
  readsAs([
    [
      'Nature: four images. Open: four images. Altogether no more than six.',
      {
        sections: [
          [null, 'Nature', 4],
          [null, 'Open', 4],
        ],
        maxFiles: 6,
      },
    ],
  ]);
});

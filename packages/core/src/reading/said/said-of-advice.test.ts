import { readsAs } from '../../testing/reads-as.ts';

/** Advice beside limits: what is plenty, usual or liked, and what is the most. Each text with all that it says. */

readsAs([
  [
    'Keep it below 5 MB or the form will bounce it. Between 1 and 2 MB is what most people send.',
    { bytesMax: 5000000 },
  ],
  ['2 MB is ample for our screen; the absolute ceiling is 6 MB.', { bytesMax: 6000000 }],
  [
    'Typical entries come in at about 3 MB and that is fine. The site accepts up to 7 MB.',
    { bytesMax: 7000000 },
  ],
  ['Try for 2 MB or thereabouts. Over 5 MB and the form says no.', { bytesMax: 5000000 }],
  ["The form's limit is 6 MB but do try to stay under 3 MB.", { bytesMax: 6000000 }],
  ['Although the form will let you upload 6 MB, a file of 2 MB is all that we need.', { bytesMax: 6000000 }],
  ['Please do not exceed 1 MB. A file of 500 KB is usually enough.', { bytesMax: 1000000 }],
  [
    'Quality 9 of 12 is more than enough, and keeps most pictures well under the 5 MB limit.',
    { bytesMax: 5000000, quality: '9/12', advice: ['quality'] },
  ],
  ['90% quality is a good compromise.', { quality: '90%', advice: ['quality'] }],
  ['If in doubt, use sRGB.', { colourSpace: 'sRGB', advice: ['colourSpace'] }],
  ['You will get the most faithful colours with sRGB.', { colourSpace: 'sRGB', advice: ['colourSpace'] }],
  [
    'Our screen is calibrated to sRGB so that is the profile we would choose.',
    { colourSpace: 'sRGB', advice: ['colourSpace'] },
  ],
  [
    "We'd go for sRGB, as most screens show no more than that.",
    { colourSpace: 'sRGB', advice: ['colourSpace'] },
  ],
  [
    'About 2000 pixels along the longest side works well.',
    { longEdge: { exact: 2000 }, advice: ['longEdge'] },
  ],
  [
    'Larger files print better: 3000 pixels or more on the long edge if you have them.',
    { longEdge: { min: 3000 }, advice: ['longEdge'] },
  ],
  [
    'For our screen 1920 pixels on the longer side is just right.',
    { longEdge: { exact: 1920 }, advice: ['longEdge'] },
  ],
  ['We like 2000 pixels on the long edge, and will not take more than 3000.', { longEdge: { max: 3000 } }],
  ['If you want to set a resolution, put 300 ppi.', { ppi: { exact: 300 }, advice: ['ppi'] }],
  ['The resolution tag is ignored, but 72 ppi is a handy value.', { ppi: { exact: 72 }, advice: ['ppi'] }],
  ['We would rather you left borders off.', { border: 'forbidden', advice: ['border'] }],
]);

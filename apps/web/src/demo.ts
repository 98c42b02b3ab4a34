import { BUILT_IN_SHEETS } from '@able-frame/core';
import { bringIn } from './bring-in.ts';
import { readSubmission } from './database/database.ts';
import { createSubmission, openSubmission, setDetail } from './store/submission-actions.ts';

/** Pictures of the invented town of Saltmere, served beside the program. */
const PICTURES: readonly (readonly [file: string, section: string | undefined])[] = [
  ['Saltpan Evening.jpg', 'OC'],
  ['lantern_boats.jpg', 'OC'],
  ['Ferry in Fog.jpg', 'OC'],
  ['Tall Tide.jpg', 'MO'],
  ['breakwater.jpg', 'OC'],
  ['dune-grass.jpg', 'OC'],
  ['Harbour Wall Panorama.jpg', 'OC'],
  ['IMG_2231 final(2).jpg', undefined],
];

export const DEMO_ID = 'demo';

/** Makes the demo submission unless it is there; a first visit is never empty. */
export async function ensureDemo(): Promise<void> {
  if (await readSubmission(DEMO_ID)) return;
  const sheet = BUILT_IN_SHEETS.find(s => s.id === 'tideline-winter-salon');
  if (sheet) await createSubmission(sheet, true);
}

/** Fills the demo on its first opening. */
export async function fillDemo(): Promise<void> {
  await openSubmission(DEMO_ID);
  await setDetail('member-number', '0417');
  const files = await Promise.all(
    PICTURES.map(async ([name]) => {
      const answer = await fetch(`/demo/${encodeURIComponent(name)}`);
      if (!answer.ok) throw new Error(`The demo picture ${name} is missing.`);
      return new File([await answer.blob()], name, { type: 'image/jpeg' });
    }),
  );
  await bringIn(
    files,
    Object.fromEntries(PICTURES.flatMap(([name, section]) => (section ? [[name, section]] : []))),
  );
}

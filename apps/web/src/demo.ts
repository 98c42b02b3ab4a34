import { BUILT_IN_SHEETS } from '@able-frame/core';
import { bringIn } from './bring-in.ts';
import { readSubmission } from './database/database.ts';
import { createSubmission, openSubmission, setDetail } from './store/submission-actions.ts';
import { submissionStore } from './store/submission-store.ts';

/** A submission that is there from the first visit, with pictures of the invented town of Saltmere. */
interface Demo {
  id: string;
  /** A sheet that comes with the program. */
  sheet: string;
  detail: readonly [id: string, value: string];
  /** Served beside the program; the section, where the person would choose one. */
  pictures: readonly (readonly [file: string, section?: string])[];
}

const DEMOS: readonly Demo[] = [
  {
    id: 'demo',
    sheet: 'tideline-winter-salon',
    detail: ['member-number', '0417'],
    pictures: [
      ['Saltpan Evening.jpg', 'OC'],
      ['lantern_boats.jpg', 'OC'],
      ['Ferry in Fog.jpg', 'OC'],
      ['Tall Tide.jpg', 'MO'],
      ['breakwater.jpg', 'OC'],
      ['dune-grass.jpg', 'OC'],
      ['Harbour Wall Panorama.jpg', 'OC'],
      ['IMG_2231 final(2).jpg'],
    ],
  },
  {
    id: 'demo-pass',
    sheet: 'ferry-pass-photo',
    detail: ['application', 'SM204417'],
    pictures: [
      ['Portrait.jpg', 'P'],
      ['Signature.jpg', 'S'],
    ],
  },
  {
    id: 'demo-artwork',
    sheet: 'quay-street-open-call',
    detail: ['surname', 'Doular'],
    pictures: [['Framed Print.jpg'], ['Harbour Wall Panorama.jpg']],
  },
];

const demoOf = (id: string) => DEMOS.find(demo => demo.id === id);

export const isDemo = (id: string): boolean => demoOf(id) !== undefined;

/** Makes the demo submissions that are not there; a first visit is never empty. */
export async function ensureDemos(): Promise<void> {
  for (const { id, sheet: sheetId } of DEMOS) {
    if (await readSubmission(id)) continue;
    const sheet = BUILT_IN_SHEETS.find(s => s.id === sheetId);
    if (sheet) await createSubmission(sheet, id);
  }
}

/** Fills a demo on its first opening. */
export async function fillDemo(id: string): Promise<void> {
  const demo = demoOf(id);
  const { submission, pictures, incoming } = submissionStore.getState();
  // A detail that was ever given says that the demo was filled before, even if everything was taken out again.
  if (!demo || submission?.id !== id || pictures.size || incoming || Object.keys(submission.details).length)
    return;
  await openSubmission(id);
  await setDetail(...demo.detail);
  const files = await Promise.all(demo.pictures.map(([name]) => fetchPicture(name)));
  await bringIn(
    files,
    Object.fromEntries(demo.pictures.flatMap(([name, section]) => (section ? [[name, section]] : []))),
  );
}

async function fetchPicture(name: string): Promise<File> {
  const answer = await fetch(`/demo/${encodeURIComponent(name)}`);
  if (!answer.ok) throw new Error(`The demo picture ${name} is missing.`);
  return new File([await answer.blob()], name, { type: 'image/jpeg' });
}

import { ruleSheetSchema, type RuleSheet } from '@able-frame/core';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import {
  madeSchema,
  pictureSchema,
  submissionSchema,
  type Made,
  type Picture,
  type Submission,
} from './schemas.ts';

interface Stores extends DBSchema {
  /** The person's own rule sheets; those that come with the program are not kept here. */
  sheets: { key: string; value: RuleSheet };
  submissions: { key: string; value: Submission };
  pictures: { key: string; value: Picture; indexes: { submission: string } };
  /** The originals byte for byte, by picture id. */
  originals: { key: string; value: Blob };
  made: { key: string; value: Made; indexes: { submission: string } };
}

let opened: Promise<IDBPDatabase<Stores>> | undefined;

function database(): Promise<IDBPDatabase<Stores>> {
  opened ??= openDB<Stores>('able-frame', 2, {
    upgrade(db, before) {
      if (before < 2) db.createObjectStore('sheets', { keyPath: 'id' });
      if (before >= 1) return;
      db.createObjectStore('submissions', { keyPath: 'id' });
      db.createObjectStore('pictures', { keyPath: 'id' }).createIndex('submission', 'submissionId');
      db.createObjectStore('originals');
      db.createObjectStore('made', { keyPath: 'pictureId' }).createIndex('submission', 'submissionId');
    },
  });
  return opened;
}

/** The browser had no room. Nothing that was there before is lost. */
export class StoreFull extends Error {}

async function writing<T>(work: (db: IDBPDatabase<Stores>) => Promise<T>): Promise<T> {
  try {
    return await work(await database());
  } catch (error) {
    if (error instanceof DOMException && error.name === 'QuotaExceededError')
      throw new StoreFull(
        'The browser has no more room for pictures. Free some space on the disk, or remove pictures that are not needed.',
      );
    throw error;
  }
}

export async function listSubmissions(): Promise<Submission[]> {
  const all = await (await database()).getAll('submissions');
  return all.flatMap(data => submissionSchema.safeParse(data).data ?? []);
}

export async function readSubmission(id: string): Promise<Submission | undefined> {
  return submissionSchema.safeParse(await (await database()).get('submissions', id)).data;
}

export function saveSubmission(submission: Submission): Promise<unknown> {
  return writing(db => db.put('submissions', submission));
}

export async function readPictures(submissionId: string): Promise<Picture[]> {
  const all = await (await database()).getAllFromIndex('pictures', 'submission', submissionId);
  return all.flatMap(data => pictureSchema.safeParse(data).data ?? []);
}

/** Stores a picture and its bytes together or not at all. */
export function addPicture(picture: Picture, original: Blob | undefined): Promise<void> {
  return writing(async db => {
    const change = db.transaction(['pictures', 'originals'], 'readwrite');
    await Promise.all([
      change.objectStore('pictures').put(picture),
      original ? change.objectStore('originals').put(original, picture.id) : undefined,
      change.done,
    ]);
  });
}

export function savePicture(picture: Picture): Promise<unknown> {
  return writing(db => db.put('pictures', picture));
}

export async function readOriginal(pictureId: string): Promise<Blob | undefined> {
  return (await database()).get('originals', pictureId);
}

export async function deletePicture(pictureId: string): Promise<void> {
  const change = (await database()).transaction(['pictures', 'originals', 'made'], 'readwrite');
  await Promise.all([
    change.objectStore('pictures').delete(pictureId),
    change.objectStore('originals').delete(pictureId),
    change.objectStore('made').delete(pictureId),
    change.done,
  ]);
}

export async function readMade(submissionId: string): Promise<Made[]> {
  const all = await (await database()).getAllFromIndex('made', 'submission', submissionId);
  return all.flatMap(data => madeSchema.safeParse(data).data ?? []);
}

export function saveMade(made: Made): Promise<unknown> {
  return writing(db => db.put('made', made));
}

export async function listOwnSheets(): Promise<RuleSheet[]> {
  const all = await (await database()).getAll('sheets');
  return all.flatMap(data => ruleSheetSchema.safeParse(data).data ?? []);
}

export function saveOwnSheet(sheet: RuleSheet): Promise<unknown> {
  return writing(db => db.put('sheets', sheet));
}

export async function deleteOwnSheet(id: string): Promise<void> {
  await (await database()).delete('sheets', id);
}

import type { RuleSheet } from '@able-frame/core';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import {
  keptSheetSchema,
  keptTextSchema,
  madeSchema,
  pictureSchema,
  submissionSchema,
  type KeptText,
  type Made,
  type Picture,
  type Submission,
} from './schemas.ts';

interface Stores extends DBSchema {
  /** The person's own rule sheets; those that come with the program are not kept here. */
  sheets: { key: string; value: RuleSheet };
  /** The organisers' texts that sheets were read from, by the sheet's id. */
  texts: { key: string; value: KeptText };
  submissions: { key: string; value: Submission };
  pictures: { key: string; value: Picture; indexes: { submission: string } };
  /** The originals byte for byte, by picture id. */
  originals: { key: string; value: Blob };
  /** Finished files with their proofs, by file id. */
  files: { key: string; value: Made; indexes: { submission: string; picture: string } };
}

let opened: Promise<IDBPDatabase<Stores>> | undefined;

function database(): Promise<IDBPDatabase<Stores>> {
  opened ??= openDB<Stores>('able-frame', 3, {
    upgrade(db, before) {
      if (before < 3) {
        const files = db.createObjectStore('files', { keyPath: 'id' });
        files.createIndex('submission', 'submissionId');
        files.createIndex('picture', 'pictureId');
        db.createObjectStore('texts', { keyPath: 'id' });
        // Results of the first versions knew one file a picture and other plans: they are made again.
        dropStore(db, 'made');
      }
      if (before < 2) db.createObjectStore('sheets', { keyPath: 'id' });
      if (before >= 1) return;
      db.createObjectStore('submissions', { keyPath: 'id' });
      db.createObjectStore('pictures', { keyPath: 'id' }).createIndex('submission', 'submissionId');
      db.createObjectStore('originals');
    },
  });
  return opened;
}

function dropStore(db: IDBPDatabase<Stores>, name: string): void {
  const names = db.objectStoreNames as DOMStringList;
  if (names.contains(name)) db.deleteObjectStore(name as never);
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
  const change = (await database()).transaction(['pictures', 'originals', 'files'], 'readwrite');
  const files = await change.objectStore('files').index('picture').getAllKeys(pictureId);
  await Promise.all([
    ...files.map(id => change.objectStore('files').delete(id)),
    change.objectStore('pictures').delete(pictureId),
    change.objectStore('originals').delete(pictureId),
    change.done,
  ]);
}

export async function readMade(submissionId: string): Promise<Made[]> {
  const all = await (await database()).getAllFromIndex('files', 'submission', submissionId);
  return all.flatMap(data => madeSchema.safeParse(data).data ?? []);
}

export function saveMade(made: Made): Promise<unknown> {
  return writing(db => db.put('files', made));
}

export async function listOwnSheets(): Promise<RuleSheet[]> {
  const all = await (await database()).getAll('sheets');
  return all.flatMap(data => keptSheetSchema.safeParse(data).data ?? []);
}

export function saveOwnSheet(sheet: RuleSheet): Promise<unknown> {
  return writing(db => db.put('sheets', sheet));
}

export async function deleteOwnSheet(id: string): Promise<void> {
  const change = (await database()).transaction(['sheets', 'texts'], 'readwrite');
  await Promise.all([
    change.objectStore('sheets').delete(id),
    change.objectStore('texts').delete(id),
    change.done,
  ]);
}

export async function readText(sheetId: string): Promise<KeptText | undefined> {
  return keptTextSchema.safeParse(await (await database()).get('texts', sheetId)).data;
}

export function saveText(text: KeptText): Promise<unknown> {
  return writing(db => db.put('texts', text));
}

import { judgeIncoming, looksAlike, proposeTitle, valueOf, wordPlural, type Intake } from '@able-frame/core';
import { addPicture } from './database/database.ts';
import type { Picture } from './database/schemas.ts';
import { setOrder } from './store/submission-actions.ts';
import { submissionStore, withEntry } from './store/submission-store.ts';
import { imagingPool } from './workers/imaging-pool.ts';
import { measure } from './workers/measure.ts';

const THUMBNAIL_PX = 320;

let isStopped = false;

/** Leaves out what has not been looked at yet; what is in stays in. */
export function stopBringingIn(): void {
  isStopped = true;
}

/**
 * Brings files into the open submission, each as a row of its own; a bad one never stops the rest.
 * @param sections one for all, or by file name
 */
export async function bringIn(
  files: readonly File[],
  sections: string | Readonly<Record<string, string>> = {},
): Promise<void> {
  const { submission, incoming } = submissionStore.getState();
  if (!submission || !files.length) return;
  if (!incoming) isStopped = false;
  void navigator.storage?.persist?.();
  submissionStore.setState({
    incoming: { total: (incoming?.total ?? 0) + files.length, done: incoming?.done ?? 0 },
    notice: undefined,
  });
  for (const [i, file] of files.entries()) {
    if (isStopped) {
      const left = files.length - i;
      submissionStore.setState({
        incoming: undefined,
        notice: {
          text: `Stopped. ${left} ${wordPlural(left, 'file was', 'files were')} not looked at; add them again to have them.`,
          tone: 'plain',
        },
      });
      return;
    }
    try {
      await bringOneIn(submission.id, file, typeof sections === 'string' ? sections : sections[file.name]);
    } catch (error) {
      submissionStore.setState({
        notice: { text: `${file.name} was not added. ${(error as Error).message}`, tone: 'trouble' },
      });
    }
    const now = submissionStore.getState().incoming;
    if (now) {
      const done = now.done + 1;
      submissionStore.setState({ incoming: done >= now.total ? undefined : { ...now, done } });
    }
  }
}

async function bringOneIn(submissionId: string, file: File, sectionCode: string | undefined): Promise<void> {
  const { facts, sha256 } = await measure(file, false);
  const same = pictureWithSameBytes(sha256);
  if (same) {
    submissionStore.setState({
      notice: {
        text: `${file.name} is here already as ${same.fileName}, byte for byte. It was not added again.`,
        tone: 'plain',
      },
    });
    return;
  }
  const judged = judgeIncoming(facts, file.name);
  const { intake, thumbnail, hue, likeness } = judged.taken
    ? await tryToOpen(file, judged)
    : { ...NOT_OPENED, intake: judged };
  const like = likeness === undefined ? undefined : pictureThatLooksLike(likeness);
  const picture: Picture = {
    id: crypto.randomUUID(),
    submissionId,
    fileName: file.name,
    title: proposeTitle(file.name, valueOf(facts.title)),
    sha256,
    facts,
    intake,
    ...(sectionCode === undefined ? {} : { sectionCode }),
    ...(thumbnail ? { thumbnail } : {}),
    ...(hue === undefined ? {} : { hue }),
    ...(likeness === undefined ? {} : { likeness }),
    ...(like ? { looksLike: like.id } : {}),
  };
  // A copy of the bytes: the file on disk may be moved or changed later.
  const original = intake.taken ? new Blob([await file.arrayBuffer()], { type: file.type }) : undefined;
  await addPicture(picture, original);
  const { submission, pictures } = submissionStore.getState();
  if (submission?.id !== submissionId) return;
  submissionStore.setState({ pictures: withEntry(pictures, picture.id, picture) });
  await setOrder([...submission.order, picture.id]);
}

interface Opened {
  intake: Intake;
  thumbnail: Blob | undefined;
  hue: number | undefined;
  likeness: string | undefined;
}

const NOT_OPENED = { thumbnail: undefined, hue: undefined, likeness: undefined };

/** The same picture in another size or quality, as far as a fingerprint tells. */
function pictureThatLooksLike(likeness: string): Picture | undefined {
  const { submission, pictures } = submissionStore.getState();
  return [...pictures.values()].find(
    p => submission?.order.includes(p.id) && p.likeness !== undefined && looksAlike(p.likeness, likeness),
  );
}

function pictureWithSameBytes(sha256: string): Picture | undefined {
  const { submission, pictures } = submissionStore.getState();
  return [...pictures.values()].find(p => p.sha256 === sha256 && submission?.order.includes(p.id));
}

/** The thumbnail is the first decode: what cannot be decoded is refused here and not at the deadline. */
async function tryToOpen(file: File, judged: Intake): Promise<Opened> {
  try {
    const bytes = new Uint8Array(await file.arrayBuffer());
    const made = await imagingPool().thumbnail(bytes, THUMBNAIL_PX);
    const thumbnail = new Blob([made.bytes as BlobPart], { type: 'image/jpeg' });
    return { intake: judged, thumbnail, hue: made.hue, likeness: made.likeness };
  } catch (error) {
    return {
      intake: { taken: false, refusal: { code: 'could-not-be-decoded', why: (error as Error).message } },
      ...NOT_OPENED,
    };
  }
}

import { uprightSize, valueOf, type FileFacts, type FileFormat } from '../inspect/facts.ts';

/**
 * Most pixels that are opened. The pixel engine has 2 GiB of memory, and a progressive JPEG of this size holds
 * about 0.9 GB of coefficients while it is decoded.
 */
export const MAX_PIXELS = 150_000_000;

/** Why an incoming file cannot be worked on. */
export type Refusal =
  | { code: 'empty' }
  | { code: 'format-not-taken'; format: FileFormat }
  | { code: 'cut-short'; why: string }
  | { code: 'no-size'; why: string }
  | { code: 'too-many-pixels'; widthPx: number; heightPx: number }
  | { code: 'animated' }
  | { code: 'already-here'; otherName: string }
  | { code: 'could-not-be-decoded'; why: string };

/** Something worth saying about a file that is taken all the same. */
export type Remark =
  | { code: 'name-says-otherwise'; named: string; format: FileFormat }
  | { code: 'untagged' }
  | { code: 'profile-unreadable'; why: string }
  | { code: 'has-transparency' }
  | { code: 'more-pages' };

export type Intake = { taken: true; remarks: Remark[] } | { taken: false; refusal: Refusal };

const EXTENSIONS: Readonly<Record<string, FileFormat>> = {
  jpg: 'jpeg',
  jpeg: 'jpeg',
  jpe: 'jpeg',
  png: 'png',
  tif: 'tiff',
  tiff: 'tiff',
  webp: 'webp',
  heic: 'heic',
  heif: 'heic',
};

const TAKEN: readonly FileFormat[] = ['jpeg', 'png', 'tiff', 'webp', 'heic'];

/** Decides from a file's measured facts whether it can be worked on. */
export function judgeIncoming(facts: FileFacts, fileName: string): Intake {
  const refusal = refusalOf(facts);
  if (refusal) return { taken: false, refusal };
  const remarks: Remark[] = [];
  const extension = /\.([^.]+)$/.exec(fileName)?.[1]?.toLowerCase() ?? '';
  if (EXTENSIONS[extension] !== facts.format)
    remarks.push({ code: 'name-says-otherwise', named: extension, format: facts.format });
  if (facts.profile.state === 'unreadable')
    remarks.push({ code: 'profile-unreadable', why: facts.profile.why });
  if (facts.profile.state === 'absent' && facts.srgbChunk.state === 'absent')
    remarks.push({ code: 'untagged' });
  if (facts.hasAlpha) remarks.push({ code: 'has-transparency' });
  if (facts.pages > 1) remarks.push({ code: 'more-pages' });
  return { taken: true, remarks };
}

function refusalOf(facts: FileFacts): Refusal | undefined {
  if (facts.sizeBytes === 0) return { code: 'empty' };
  if (!TAKEN.includes(facts.format)) return { code: 'format-not-taken', format: facts.format };
  const size = uprightSize(facts);
  if (!size)
    return {
      code: 'no-size',
      why: facts.widthPx.state === 'unreadable' ? facts.widthPx.why : 'the header gives no size',
    };
  if (size.widthPx < 1 || size.heightPx < 1)
    return { code: 'no-size', why: 'the header says that a side has no pixels' };
  // Before the end mark is asked for: a header that lies about its size says more than a short file.
  if (size.widthPx * size.heightPx > MAX_PIXELS) return { code: 'too-many-pixels', ...size };
  if (facts.animated) return { code: 'animated' };
  if (facts.complete.state === 'unreadable') return { code: 'cut-short', why: facts.complete.why };
  if (valueOf(facts.complete) === undefined) return { code: 'cut-short', why: 'the end mark is missing' };
  return undefined;
}

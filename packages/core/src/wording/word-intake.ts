import { MAX_PIXELS, type Refusal, type Remark } from '../intake/judge-incoming.ts';
import type { FileFormat } from '../inspect/facts.ts';
import { wordCount, wordSize } from './numbers.ts';
import { FORMAT_WORDS } from './word-format.ts';

const WAYS_ON: Partial<Record<FileFormat, string>> = {
  gif: 'Open it in a picture program and save the frame you want as PNG.',
  pdf: 'Export the page as a PNG or JPEG, or send the picture that went into it.',
  video: 'Save one frame as a picture.',
  'camera-raw': 'Develop it first and save it as a JPEG or PNG in full size.',
};

/** A refusal as what was found, what is asked and what to do. */
export function wordRefusal(refusal: Refusal): string {
  switch (refusal.code) {
    case 'empty':
      return 'The file is empty: it has no bytes. Copy it again from where it came from.';
    case 'format-not-taken': {
      const is =
        refusal.format === 'unknown'
          ? 'The content is of no kind that is known here'
          : `The content is ${FORMAT_WORDS[refusal.format]}`;
      return `${is}. JPEG, PNG, TIFF, WebP and HEIC pictures are taken. ${WAYS_ON[refusal.format] ?? 'Find the picture itself and add that.'}`;
    }
    case 'cut-short':
      return `The picture is not whole: ${refusal.why}. Copy it again from the camera or the card.`;
    case 'no-size':
      return `The size in pixels cannot be read: ${refusal.why}. Open it in a picture program and save it again.`;
    case 'too-many-pixels':
      return `The header claims ${wordSize(refusal.widthPx, refusal.heightPx)}, which is ${wordCount((refusal.widthPx * refusal.heightPx) / 1e6)} megapixels. Up to ${wordCount(MAX_PIXELS / 1e6)} megapixels can be opened. Save a smaller copy and add that.`;
    case 'animated':
      return 'The picture moves: it has several frames. Save the one you want as a picture of its own.';
    case 'already-here':
      return `The same picture is here already as ${refusal.otherName}, byte for byte. It was not added again.`;
    case 'could-not-be-decoded':
      return `The picture cannot be opened: ${refusal.why}. Copy it again from where it came from, or save it again in a picture program.`;
  }
}

export function wordRemark(remark: Remark): string {
  switch (remark.code) {
    case 'name-says-otherwise':
      return remark.named
        ? `Named .${remark.named}, but the content is ${FORMAT_WORDS[remark.format]}. It is taken as that.`
        : `The name has no ending; the content is ${FORMAT_WORDS[remark.format]}.`;
    case 'untagged':
      return 'No colour profile; the colours are taken as sRGB.';
    case 'profile-unreadable':
      return `The colours are taken as sRGB, because ${remark.why}.`;
    case 'has-transparency':
      return 'Transparent parts will become white.';
    case 'more-pages':
      return 'The file holds several pictures; the first is taken.';
  }
}

import {
  mustsOf,
  printedLength,
  valueOf,
  type Deliverable,
  type FileFacts,
  type PixelSize,
} from '@able-frame/core';
import type { Picture } from '../../database/schemas.ts';
import { sizeOf, takenOn } from '../../store/picture-facts.ts';

/** What a picture is beside its pixels, bytes and colours, in one line. */
export function wordPicture(picture: Picture, deliverable: Deliverable): string {
  const size = sizeOf(picture);
  if (!size) return '';
  const taken = takenOn(picture);
  return [
    wordMegapixels(size),
    wordDepth(picture.facts),
    wordTurn(picture.facts),
    wordOnPaper(size, deliverable),
    taken && `taken ${taken}`,
  ]
    .filter(Boolean)
    .join(' · ');
}

function wordMegapixels({ widthPx, heightPx }: PixelSize): string {
  const millions = (widthPx * heightPx) / 1e6;
  return `${millions >= 10 ? Math.round(millions) : millions.toFixed(1)} megapixels`;
}

const wordDepth = (facts: FileFacts) => (valueOf(facts.bitDepth) === 16 ? '16 bits' : '');

/** A picture that the file asks to be shown turned or mirrored. */
const wordTurn = (facts: FileFacts) => ((valueOf(facts.orientation) ?? 1) > 1 ? 'turned upright' : '');

/** How large all of it would print, where the sheet asks for a size on paper. */
function wordOnPaper({ widthPx, heightPx }: PixelSize, deliverable: Deliverable): string {
  const print = mustsOf(deliverable, 'print-size')[0];
  if (!print) return '';
  const { unit, ppi } = print;
  const decimals = unit === 'mm' ? 0 : 1;
  const [wide, high] = [widthPx, heightPx].map(px => printedLength(px, unit, ppi).toFixed(decimals));
  return `${wide} × ${high} ${unit} at ${ppi} ppi`;
}

/** Whole pixels, upright. */
export interface PixelSize {
  widthPx: number;
  heightPx: number;
}

/** A rectangle of source pixels, upright, whole numbers, inside the source. */
export interface PixelRect extends PixelSize {
  leftPx: number;
  topPx: number;
}

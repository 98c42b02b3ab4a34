import type VipsFactory from 'wasm-vips';

/** A started pixel engine. */
export type Vips = Awaited<ReturnType<typeof VipsFactory>>;
export type Image = InstanceType<Vips['Image']>;

/**
 * Sets a fresh engine up. Its operation cache is switched off: pictures pass through once, and cached ones
 * would hold memory that the next picture needs.
 */
export function prepareEngine(vips: Vips): Vips {
  vips.Cache.max(0);
  return vips;
}

/**
 * What an error of the engine says, on one line and once. The engine throws WebAssembly exceptions whose message is a
 * list: the failed operation, then a line from the codec for every row of pixels that it could not read.
 */
export function engineMessage(error: unknown): string {
  const message = String((error as { message?: unknown } | null)?.message ?? error);
  const lines = message.split('\n').map(line => line.trim());
  const byCodec = lines.find(line => CODEC_LINE.test(line));
  if (byCodec) return `the picture data are damaged (${byCodec.replace(CODEC_LINE, '')})`;
  return message
    .replace(/^.*?(?:Exception|Error),\s*/s, '')
    .replace(/\s+/g, ' ')
    .trim();
}

/** Lines in which the JPEG and PNG readers report damage. */
const CODEC_LINE = /^(VipsJpeg|vipspng|pngload\w*|png2vips|spngload\w*|libspng read error):\s*/i;

/** Holds the images of one job and frees them all at its end: the engine's memory knows no garbage collector. */
export class ImageScope {
  private readonly images: Image[] = [];

  keep(image: Image): Image {
    this.images.push(image);
    return image;
  }

  free(): void {
    for (const image of this.images.reverse()) if (!image.isDeleted()) image.delete();
    this.images.length = 0;
  }
}

/** Runs a job with a scope and frees it whatever happens. */
export function withScope<T>(job: (scope: ImageScope) => T): T {
  const scope = new ImageScope();
  try {
    return job(scope);
  } finally {
    scope.free();
  }
}

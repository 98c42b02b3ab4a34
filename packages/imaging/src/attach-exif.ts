import type { Image, ImageScope, Vips } from './engine.ts';
import { fieldsOf } from './carry-notes.ts';

/** Most bytes that fit into one APP1 segment beside its length and its mark (ITU-T T.81, B.2.4.6). */
const MOST_BYTES = 65_533 - 6;

/**
 * Gives an image the EXIF block of another file. The engine reads such blocks out of a JPEG alone, so a tiny one is put
 * round it, and its fields are taken over.
 * @param exif from its TIFF header on; one that is too long or damaged is left out
 */
export function attachExif(vips: Vips, scope: ImageScope, image: Image, exif: Uint8Array): void {
  if (exif.length > MOST_BYTES) return;
  const tiny = scope.keep(vips.Image.black(8, 8)).writeToBuffer('.jpg');
  const length = exif.length + 8;
  const segment = [0xff, 0xe1, length >> 8, length & 0xff, ...new TextEncoder().encode('Exif\0\0')];
  const around = new Uint8Array(tiny.length + segment.length + exif.length);
  around.set(tiny.subarray(0, 2));
  around.set(segment, 2);
  around.set(exif, 2 + segment.length);
  around.set(tiny.subarray(2), 2 + segment.length + exif.length);
  const carrier = scope.keep(vips.Image.newFromBuffer(around));
  const fields = fieldsOf(carrier);
  if (!fields.includes('exif-data')) return;
  image.setBlob('exif-data', carrier.getBlob('exif-data') as never);
  for (const name of fields.filter(field => field.startsWith('exif-ifd')))
    image.setString(name, carrier.getString(name));
}

import { writeXmp, type CameraProperties, type OutputSettings } from '@able-frame/core';
import type { Notes } from './encode.ts';
import type { Image } from './engine.ts';

/** EXIF fields that belong to a position (EXIF 3.0, clause 4.6.7), as the engine names its directory. */
const POSITION = /^exif-ifd3-/;
/** Fields that name people or texts, which are written anew or not at all. */
const PEOPLE =
  /-(?:Artist|Copyright|ImageDescription|UserComment|XP\w+|CameraOwnerName|OwnerName|MakerNote)$/;
/** Fields of the file that the original was, not of the picture. */
const OF_OLD_FILE = /-(?:Orientation|PixelXDimension|PixelYDimension|ColorSpace|Software)$|^exif-ifd1-/;

/**
 * Prepares what is written into a file beside its pixels: only what was asked, and nothing of the original that nobody
 * asked for.
 * @param image carries the original's notes; it is changed
 * @returns the blocks that are to be written
 */
export function carryNotes(image: Image, { format, metadata }: OutputSettings): Notes {
  const { author, copyright, camera, location } = metadata;
  const fields = fieldsOf(image);
  // The engine writes no EXIF into a TIFF: there the camera's data go into the XMP packet.
  const inXmp = format === 'tiff' && camera ? cameraProperties(image, fields) : {};
  for (const name of ['xmp-data', 'iptc-data', 'photoshop-data', 'gainmap-data', 'jpeg-thumbnail-data'])
    if (fields.includes(name)) image.remove(name);
  for (const name of fields.filter(field => field.startsWith('exif-ifd'))) {
    const isPosition = POSITION.test(name);
    const isKept = isPosition ? location : camera && !PEOPLE.test(name) && !OF_OLD_FILE.test(name);
    if (!isKept) image.remove(name);
  }
  const exif = camera || location;
  if (!exif && fields.includes('exif-data')) image.remove('exif-data');
  if (!author && !copyright && !Object.keys(inXmp).length) return { exif, xmp: undefined };
  const xmp = writeXmp({
    ...(author ? { author } : {}),
    ...(copyright ? { copyright } : {}),
    camera: inXmp,
  });
  image.setBlob('xmp-data', new TextEncoder().encode(xmp) as never);
  return { exif, xmp };
}

/** EXIF fields, as the engine names them, with the XMP properties that stand for them. */
const IN_XMP: readonly (readonly [field: string, property: string])[] = [
  ['exif-ifd0-Make', 'tiff:Make'],
  ['exif-ifd0-Model', 'tiff:Model'],
  ['exif-ifd2-DateTimeOriginal', 'exif:DateTimeOriginal'],
  ['exif-ifd2-ExposureTime', 'exif:ExposureTime'],
  ['exif-ifd2-FNumber', 'exif:FNumber'],
  ['exif-ifd2-FocalLength', 'exif:FocalLength'],
];

function cameraProperties(image: Image, fields: readonly string[]): CameraProperties {
  return Object.fromEntries(
    IN_XMP.filter(([field]) => fields.includes(field)).map(([field, property]) => {
      // "Boxer (Boxer, ASCII, 6 components, 6 bytes)"
      const value = image.getString(field).replace(/ \(.*$/s, '');
      const isDate = /^\d{4}:\d\d:\d\d \d\d:\d\d:\d\d$/.test(value);
      return [property, isDate ? value.replace(/^(\d+):(\d+):(\d+) /, '$1-$2-$3T') : value];
    }),
  );
}

/** Names of what an image carries beside its pixels. */
export function fieldsOf(image: Image): string[] {
  const list = image.getFields() as unknown as { size: () => number; get: (i: number) => string };
  return Array.from({ length: list.size() }, (_, i) => list.get(i));
}

import { uprightSize, valueOf, type KnownSpace, type PixelSize } from '@able-frame/core';
import type { Picture } from '../database/schemas.ts';

/** Measured size as shown upright; undefined for a picture that was not taken. */
export function sizeOf(picture: Picture): PixelSize | undefined {
  return picture.intake.taken ? uprightSize(picture.facts) : undefined;
}

/** What the picture's own profile is by its numbers. */
export function spaceOf(picture: Picture): KnownSpace | 'untagged' {
  return valueOf(picture.facts.profile)?.space ?? 'untagged';
}

/** The day it was taken as an ISO date; EXIF writes it with colons. */
export function takenOn(picture: Picture): string | undefined {
  const written = /^(\d{4})[:-](\d{2})[:-](\d{2})/.exec(valueOf(picture.facts.dateTaken) ?? '');
  return written ? `${written[1]}-${written[2]}-${written[3]}` : undefined;
}

import { RECIPES, writeProfile, type OutputSpace } from '@able-frame/core';
import type { Vips } from './engine.ts';

/** The engine takes profiles by the name of a file; its file system is memory and belongs to the instance alone. */
interface WithFiles {
  FS: { writeFile: (path: string, bytes: Uint8Array) => void };
}

const written = new WeakMap<Vips, Map<OutputSpace, string>>();

/** The name under which an engine finds the profile of a space; its own sRGB profile has 0.5 KB. */
export function profilePath(vips: Vips, space: OutputSpace): string {
  if (space === 'srgb') return 'srgb';
  const paths = written.get(vips) ?? new Map<OutputSpace, string>();
  written.set(vips, paths);
  const known = paths.get(space);
  if (known) return known;
  const path = `/${space}.icc`;
  (vips as unknown as WithFiles).FS.writeFile(path, writeProfile(RECIPES[space]));
  paths.set(space, path);
  return path;
}

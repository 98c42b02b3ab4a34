import type { InkBox } from '@able-frame/core';
import type { ConformInput, ConformResult, Stage } from './conform-picture.ts';
import type { Thumbnail } from './make-thumbnail.ts';

/** Messages between the page and a worker: plain data, told apart by a literal tag. */

export type Request =
  | { kind: 'conform'; id: number; input: ConformInput }
  | { kind: 'thumbnail'; id: number; bytes: Uint8Array; longEdgePx: number; evenPaper: boolean }
  | { kind: 'find-ink'; id: number; bytes: Uint8Array };

export type Reply =
  | { kind: 'engine-ready' }
  | { kind: 'engine-failed'; why: string }
  | { kind: 'stage'; id: number; stage: Stage }
  | { kind: 'conformed'; id: number; result: ConformResult }
  | { kind: 'thumbnail'; id: number; thumbnail: Thumbnail }
  /** Where the marks stand, or that there are none. */
  | { kind: 'ink'; id: number; ink: InkBox | undefined }
  /** The job failed; the worker lives on. Errors travel as data, since codes on exceptions would not survive. */
  | { kind: 'failed'; id: number; why: string };

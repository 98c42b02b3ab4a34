import type { FileFacts, SecondDecode } from '@able-frame/core';

/** Asks for everything that is measured of one file's bytes. */
export interface MeasureRequest {
  id: number;
  blob: Blob;
  /** Also decode the whole picture with the browser's own decoder. */
  decode: boolean;
}

export interface Measured {
  facts: FileFacts;
  /** Lower-case hex. */
  sha256: string;
  decode: SecondDecode | undefined;
}

export type MeasureReply = { id: number; measured: Measured } | { id: number; why: string };

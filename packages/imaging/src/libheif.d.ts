/** The part of the HEIC decoder that is used here; its own types describe its lower level alone. */
declare module 'libheif-js/libheif-wasm/libheif-bundle.mjs' {
  export interface HeifImage {
    is_primary: () => boolean;
    get_width: () => number;
    get_height: () => number;
    /** Fills the picture with red, green, blue and opacity, and gives null when it could not. */
    display: (
      into: { data: Uint8ClampedArray; width: number; height: number },
      done: (filled: object | null) => void,
    ) => void;
    free: () => void;
  }
  export interface HeifLibrary {
    HeifDecoder: new () => { decode: (bytes: Uint8Array) => HeifImage[] };
  }
  export default function start(): Promise<HeifLibrary>;
}

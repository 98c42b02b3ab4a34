/** The coast at Saltmere, an invented town: what each demo picture shows and how its file is stored. */

export type Rgb = readonly [number, number, number];

export interface Lamp {
  /** Share of the width and height. */
  x: number;
  y: number;
  size: number;
  colour: Rgb;
}

export interface Scene {
  file: string;
  seed: number;
  widthPx: number;
  heightPx: number;
  /** Sky from the zenith to the horizon, sRGB 0 to 1. */
  sky: readonly Rgb[];
  sea: Rgb;
  land: Rgb;
  /** Share of the height where sky meets water. */
  horizon: number;
  sun?: { x: number; y: number; colour: Rgb; strength: number };
  cloud: number;
  /** 0 clear to 1 nothing to be seen. */
  fog: number;
  waves: number;
  lamps: readonly Lamp[];
  shapes: readonly ('sail' | 'lantern-boats' | 'ferry' | 'lighthouse' | 'groynes' | 'grass' | 'harbour')[];
  sailAt?: { x: number; y: number; size: number };
  dunes: number;
  grain: number;
  grey?: boolean;
  store: {
    profile: 'srgb' | 'adobe-rgb' | 'display-p3' | 'none';
    orientation?: 6;
    quality: number;
    author?: string;
  };
}

const WARM: Rgb = [1, 0.78, 0.42];

export const SCENES: readonly Scene[] = [
  {
    file: 'Saltpan Evening.jpg',
    seed: 11,
    widthPx: 6000,
    heightPx: 4000,
    sky: [
      [0.16, 0.22, 0.36],
      [0.42, 0.38, 0.47],
      [0.86, 0.55, 0.43],
      [0.98, 0.76, 0.5],
    ],
    sea: [0.2, 0.25, 0.33],
    land: [0.2, 0.17, 0.2],
    horizon: 0.53,
    sun: { x: 0.67, y: 0.505, colour: [1, 0.82, 0.55], strength: 0.9 },
    cloud: 0.62,
    fog: 0.12,
    waves: 0.55,
    lamps: [
      { x: 0.12, y: 0.515, size: 0.006, colour: WARM },
      { x: 0.16, y: 0.517, size: 0.004, colour: WARM },
    ],
    shapes: ['sail', 'groynes'],
    sailAt: { x: 0.36, y: 0.6, size: 0.16 },
    dunes: 0,
    grain: 2.2,
    store: { profile: 'adobe-rgb', quality: 84 },
  },
  {
    file: 'lantern_boats.jpg',
    seed: 23,
    widthPx: 5200,
    heightPx: 3900,
    sky: [
      [0.02, 0.035, 0.08],
      [0.04, 0.07, 0.14],
      [0.09, 0.14, 0.22],
      [0.17, 0.21, 0.27],
    ],
    sea: [0.03, 0.055, 0.1],
    land: [0.02, 0.03, 0.045],
    horizon: 0.46,
    cloud: 0.45,
    fog: 0.08,
    waves: 0.4,
    lamps: [
      { x: 0.14, y: 0.452, size: 0.009, colour: WARM },
      { x: 0.23, y: 0.449, size: 0.007, colour: WARM },
      { x: 0.27, y: 0.454, size: 0.005, colour: [1, 0.6, 0.35] },
      { x: 0.58, y: 0.447, size: 0.009, colour: WARM },
      { x: 0.79, y: 0.452, size: 0.007, colour: [0.85, 0.95, 1] },
      { x: 0.37, y: 0.585, size: 0.02, colour: [1, 0.66, 0.3] },
      { x: 0.55, y: 0.535, size: 0.014, colour: [1, 0.72, 0.36] },
      { x: 0.7, y: 0.66, size: 0.026, colour: [1, 0.62, 0.28] },
    ],
    shapes: ['lantern-boats', 'harbour'],
    dunes: 0,
    grain: 3.4,
    store: { profile: 'srgb', quality: 82 },
  },
  {
    file: 'Ferry in Fog.jpg',
    seed: 37,
    widthPx: 6016,
    heightPx: 4016,
    sky: [
      [0.66, 0.69, 0.71],
      [0.71, 0.74, 0.75],
      [0.77, 0.79, 0.79],
      [0.8, 0.81, 0.81],
    ],
    sea: [0.5, 0.55, 0.57],
    land: [0.4, 0.43, 0.45],
    horizon: 0.5,
    cloud: 0.22,
    fog: 0.62,
    waves: 0.35,
    lamps: [{ x: 0.475, y: 0.4, size: 0.005, colour: [1, 0.93, 0.75] }],
    shapes: ['ferry'],
    dunes: 0,
    grain: 2.4,
    store: { profile: 'srgb', quality: 86 },
  },
  {
    file: 'Tall Tide.jpg',
    seed: 41,
    widthPx: 4000,
    heightPx: 6000,
    sky: [
      [0.3, 0.3, 0.3],
      [0.48, 0.48, 0.48],
      [0.68, 0.68, 0.68],
      [0.82, 0.82, 0.82],
    ],
    sea: [0.27, 0.27, 0.27],
    land: [0.16, 0.16, 0.16],
    horizon: 0.44,
    sun: { x: 0.32, y: 0.33, colour: [1, 1, 1], strength: 0.5 },
    cloud: 0.8,
    fog: 0.15,
    waves: 0.8,
    lamps: [{ x: 0.733, y: 0.243, size: 0.008, colour: [1, 1, 1] }],
    shapes: ['lighthouse'],
    dunes: 0.1,
    grain: 3,
    grey: true,
    store: { profile: 'srgb', orientation: 6, quality: 80 },
  },
  {
    file: 'breakwater.jpg',
    seed: 53,
    widthPx: 1920,
    heightPx: 1280,
    sky: [
      [0.28, 0.42, 0.58],
      [0.46, 0.59, 0.7],
      [0.69, 0.76, 0.8],
      [0.83, 0.83, 0.79],
    ],
    sea: [0.13, 0.27, 0.33],
    land: [0.2, 0.23, 0.25],
    horizon: 0.4,
    cloud: 0.7,
    fog: 0.1,
    waves: 1,
    lamps: [],
    shapes: ['groynes'],
    dunes: 0,
    grain: 3,
    store: { profile: 'none', quality: 88 },
  },
  {
    file: 'dune-grass.jpg',
    seed: 67,
    widthPx: 5900,
    heightPx: 4000,
    sky: [
      [0.24, 0.46, 0.7],
      [0.42, 0.62, 0.79],
      [0.64, 0.77, 0.84],
      [0.83, 0.87, 0.84],
    ],
    sea: [0.12, 0.34, 0.42],
    land: [0.25, 0.34, 0.32],
    horizon: 0.37,
    cloud: 0.55,
    fog: 0.06,
    waves: 0.6,
    lamps: [],
    shapes: ['sail', 'grass'],
    sailAt: { x: 0.7, y: 0.41, size: 0.07 },
    dunes: 0.42,
    grain: 2,
    store: { profile: 'display-p3', quality: 76 },
  },
  {
    file: 'Harbour Wall Panorama.jpg',
    seed: 79,
    widthPx: 7800,
    heightPx: 2600,
    sky: [
      [0.19, 0.26, 0.38],
      [0.38, 0.42, 0.5],
      [0.7, 0.6, 0.55],
      [0.9, 0.76, 0.6],
    ],
    sea: [0.17, 0.24, 0.3],
    land: [0.13, 0.14, 0.17],
    horizon: 0.52,
    sun: { x: 0.2, y: 0.49, colour: [1, 0.85, 0.62], strength: 0.6 },
    cloud: 0.6,
    fog: 0.08,
    waves: 0.45,
    lamps: [0.32, 0.4, 0.47, 0.55, 0.63, 0.72, 0.81].map(x => ({ x, y: 0.485, size: 0.007, colour: WARM })),
    shapes: ['harbour', 'sail'],
    sailAt: { x: 0.12, y: 0.6, size: 0.14 },
    dunes: 0,
    grain: 2.2,
    store: { profile: 'srgb', quality: 84 },
  },
  {
    file: 'IMG_2231 final(2).jpg',
    seed: 97,
    widthPx: 4400,
    heightPx: 2850,
    sky: [
      [0.5, 0.56, 0.63],
      [0.64, 0.68, 0.72],
      [0.79, 0.79, 0.78],
      [0.88, 0.85, 0.8],
    ],
    sea: [0.3, 0.38, 0.42],
    land: [0.27, 0.28, 0.31],
    horizon: 0.48,
    sun: { x: 0.5, y: 0.3, colour: [1, 0.95, 0.85], strength: 0.4 },
    cloud: 0.5,
    fog: 0.25,
    waves: 0.5,
    lamps: [],
    shapes: ['sail', 'groynes', 'lighthouse'],
    sailAt: { x: 0.3, y: 0.56, size: 0.12 },
    dunes: 0,
    grain: 2.6,
    store: { profile: 'srgb', quality: 84, author: 'Wren Halloway' },
  },
];

import sharp from 'sharp';
import {
  inverse,
  mapped,
  rectangleOnto,
  type Point,
  type Quad,
} from '../../packages/core/src/plan/homography.ts';
import { drawShapes } from './draw-shapes.ts';
import { hash, noise } from './noise.ts';
import { renderScene } from './render-scene.ts';
import { SCENES } from './scenes.ts';

/** A framed print on a warm-lit wall with a grey card, as a camera beside it sees it. */

const PHOTO = { widthPx: 4800, heightPx: 3600 };
const FOCAL_35_MM = 32;
/** Pixels of the wall for a centimetre. */
const PER_CM = 58;
const WALL = { widthCm: 96, heightCm: 72 };
/** The print, its mount and its moulding, in centimetres on the wall. */
const PRINT = { left: 27, top: 20, width: 40, height: 30, mount: 5, moulding: 2.2 };
/** The side is a little further away than the middle, and the camera looks up a little. */
const SEEN_FROM = { yawDeg: -24, pitchDeg: 11, rollDeg: 1.5, distanceCm: 76 };

export async function framedPrint(): Promise<Buffer> {
  const wall = await paintWall();
  const { widthPx, heightPx } = PHOTO;
  const onWall = inverse(rectangleOnto(WALL.widthCm * PER_CM, WALL.heightCm * PER_CM, cornersInPhoto()));
  const out = Buffer.alloc(widthPx * heightPx * 3);
  for (let y = 0; y < heightPx; y++)
    for (let x = 0; x < widthPx; x++) {
      const at = mapped(onWall, { x: x + 0.5, y: y + 0.5 });
      const light =
        0.62 + 0.4 * Math.exp(-(((x / widthPx - 0.3) / 0.6) ** 2) - ((y / heightPx - 0.1) / 0.9) ** 2);
      for (let c = 0; c < 3; c++) {
        const level = sampled(wall, at, c) / 255;
        // Lamp light: the multiplication is done in linear light, as it happens.
        const lit = level ** 2.2 * (WARM[c] ?? 1) * light;
        const grain = (hash(x, y, 31 + c) - 0.5) * 5;
        out[(y * widthPx + x) * 3 + c] = clamp(255 * Math.min(1, lit) ** (1 / 2.2) + grain);
      }
    }
  return sharp(out, { raw: { width: widthPx, height: heightPx, channels: 3 } })
    .withExif({
      IFD0: { Make: 'Saltmere', Model: 'Box Two' },
      IFD2: { FocalLengthIn35mmFilm: String(FOCAL_35_MM), DateTimeOriginal: '2026:10:18 15:42:10' },
    })
    .jpeg({ quality: 84 })
    .toBuffer();
}

const WARM = [1, 0.74, 0.43];

interface Raster {
  data: Buffer;
  width: number;
  height: number;
}

async function paintWall(): Promise<Raster> {
  const [width, height] = [WALL.widthCm * PER_CM, WALL.heightCm * PER_CM];
  const { left, top, mount, moulding } = PRINT;
  const box = (grow: number) =>
    `x="${(left - grow) * PER_CM}" y="${(top - grow) * PER_CM}" width="${(PRINT.width + 2 * grow) * PER_CM}" height="${(PRINT.height + 2 * grow) * PER_CM}"`;
  const card = { x: left + PRINT.width + mount + moulding + 4, y: top + 16, side: 9 };
  const things = `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}">
    <rect ${box(mount + moulding + 0.5)} fill="#000" opacity="0.22"/>
    <rect ${box(mount + moulding)} fill="#3b2c22"/>
    <rect ${box(mount + moulding - 0.5)} fill="#54402f"/>
    <rect ${box(mount)} fill="#f3efe4"/>
    <rect ${box(0.12)} fill="#cfc9ba"/>
    <rect x="${card.x * PER_CM}" y="${card.y * PER_CM}" width="${card.side * PER_CM}" height="${card.side * 1.3 * PER_CM}" fill="#777777"/>
  </svg>`;
  const plaster = Buffer.alloc(width * height * 3);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const level = 206 + 10 * noise(x / 60, y / 60, 5) + 6 * noise(x / 7, y / 7, 9);
      plaster.set([level, level - 2, level - 6], (y * width + x) * 3);
    }
  const { data } = await sharp(plaster, { raw: { width, height, channels: 3 } })
    .composite([
      { input: Buffer.from(things) },
      { input: await painting(), left: left * PER_CM, top: top * PER_CM },
    ])
    .removeAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  return { data, width, height };
}

/** The print itself: boats with lanterns, in other proportions than the picture of them. */
async function painting(): Promise<Buffer> {
  const like = SCENES.find(scene => scene.file === 'lantern_boats.jpg');
  if (!like) throw new Error('There is no picture of the lantern boats to hang.');
  const scene = { ...like, widthPx: PRINT.width * PER_CM, heightPx: PRINT.height * PER_CM };
  const raw = { width: scene.widthPx, height: scene.heightPx, channels: 3 as const };
  return sharp(renderScene(scene), { raw })
    .composite([{ input: Buffer.from(drawShapes(scene)) }])
    .removeAlpha()
    .png()
    .toBuffer();
}

/** Where the wall's corners fall in the photograph: a pinhole camera of the noted lens. */
function cornersInPhoto(): Quad {
  const focal = (FOCAL_35_MM / Math.hypot(24, 36)) * Math.hypot(PHOTO.widthPx, PHOTO.heightPx);
  const [yaw, pitch, roll] = [SEEN_FROM.yawDeg, SEEN_FROM.pitchDeg, SEEN_FROM.rollDeg].map(
    deg => (deg * Math.PI) / 180,
  ) as [number, number, number];
  // The print's middle is what the camera looks at.
  const middle = { x: PRINT.left + PRINT.width / 2 + 3, y: PRINT.top + PRINT.height / 2 };
  const seen = (cmX: number, cmY: number): Point => {
    const [x, y] = [cmX - middle.x, cmY - middle.y];
    const [x1, y1] = [Math.cos(roll) * x - Math.sin(roll) * y, Math.sin(roll) * x + Math.cos(roll) * y];
    const [x2, z2] = [Math.cos(yaw) * x1, Math.sin(yaw) * x1];
    const [y2, z3] = [
      Math.cos(pitch) * y1 - Math.sin(pitch) * z2,
      Math.sin(pitch) * y1 + Math.cos(pitch) * z2,
    ];
    const depth = SEEN_FROM.distanceCm + z3;
    return { x: PHOTO.widthPx / 2 + (focal * x2) / depth, y: PHOTO.heightPx / 2 + (focal * y2) / depth };
  };
  const { widthCm, heightCm } = WALL;
  return [seen(0, 0), seen(widthCm, 0), seen(widthCm, heightCm), seen(0, heightCm)];
}

/** The print's own corners in the photograph, as shares of its width and height. */
export function printCorners(): Quad {
  const onPhoto = rectangleOnto(WALL.widthCm, WALL.heightCm, cornersInPhoto());
  const at = (x: number, y: number): Point => {
    const px = mapped(onPhoto, { x: PRINT.left + x * PRINT.width, y: PRINT.top + y * PRINT.height });
    return { x: px.x / PHOTO.widthPx, y: px.y / PHOTO.heightPx };
  };
  return [at(0, 0), at(1, 0), at(1, 1), at(0, 1)];
}

function sampled({ data, width, height }: Raster, { x, y }: Point, channel: number): number {
  // Beyond what is painted the plaster goes on, mirrored.
  const folded = (v: number, length: number) =>
    Math.min(length - 1.001, Math.abs(v < length ? v : 2 * length - v));
  const [px, py] = [folded(x - 0.5, width), folded(y - 0.5, height)];
  const [ix, iy] = [Math.floor(px), Math.floor(py)];
  const at = (dx: number, dy: number) => data[((iy + dy) * width + ix + dx) * 3 + channel] ?? 0;
  const [fx, fy] = [px - ix, py - iy];
  return (at(0, 0) * (1 - fx) + at(1, 0) * fx) * (1 - fy) + (at(0, 1) * (1 - fx) + at(1, 1) * fx) * fy;
}

const clamp = (value: number) => Math.max(0, Math.min(255, Math.round(value)));

import { hash, noise, octaves } from './noise.ts';
import type { Rgb, Scene } from './scenes.ts';

/**
 * Renders sky, hills, water and sand of a scene into 8-bit sRGB, three bytes a pixel. Distances are shares of the
 * picture's height, so a scene looks the same at every size; texture goes down to single pixels.
 */
export function renderScene(scene: Scene): Uint8Array {
  const { widthPx: w, heightPx: h } = scene;
  const out = new Uint8Array(w * h * 3);
  const aspect = w / h;
  const hills = ridges(scene, w);
  for (let y = 0; y < h; y++) {
    const v = y / h;
    for (let x = 0; x < w; x++) {
      const u = (x / w) * aspect;
      const colour =
        v < scene.horizon ? skyOrHill(scene, hills, u, v, x, y, aspect) : water(scene, u, v, x, y, aspect);
      const sand = scene.dunes ? duneMask(scene, u, v) : 0;
      const final = sand > 0 ? blend(colour, duneColour(scene, u, v, x, y), sand) : colour;
      const at = (y * w + x) * 3;
      for (let c = 0; c < 3; c++) out[at + c] = Math.max(0, Math.min(255, Math.round(255 * (final[c] ?? 0))));
    }
  }
  return out;
}

type Mutable = [number, number, number];

function blend(a: Rgb, b: Rgb, t: number): Mutable {
  return [a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t, a[2] + (b[2] - a[2]) * t];
}

function skyGradient(scene: Scene, t: number): Mutable {
  const place = Math.max(0, Math.min(0.9999, t)) * (scene.sky.length - 1);
  const i = Math.floor(place);
  return blend(scene.sky[i] ?? scene.land, scene.sky[i + 1] ?? scene.land, place - i);
}

function glow(scene: Scene, u: number, v: number, aspect: number, spread: number): number {
  if (!scene.sun) return 0;
  const du = u - scene.sun.x * aspect;
  const dv = (v - scene.sun.y) * 1.4;
  return scene.sun.strength * Math.exp(-(du * du + dv * dv) / spread);
}

function sky(scene: Scene, u: number, v: number, aspect: number): Mutable {
  const t = v / scene.horizon;
  const base = skyGradient(scene, t);
  // Clouds flatten towards the horizon, as they do.
  const depth = 1.15 - t;
  const cover = octaves((u * 1.6) / depth + 3, (v * 2.6) / depth ** 1.4, scene.seed, 5);
  const cloud = Math.max(0, Math.min(1, (cover - 0.62 + scene.cloud * 0.28) * 3.4)) * scene.cloud;
  const lit = 0.75 + 0.5 * octaves(u * 3 + 7, v * 5, scene.seed + 40, 3);
  const light = scene.sun
    ? blend(base, scene.sun.colour, 0.35 + 0.5 * glow(scene, u, v, aspect, 0.25))
    : blend(base, [1, 1, 1], 0.28);
  const cloudColour = blend(blend(base, [0.2, 0.22, 0.27], 0.45), light, Math.min(1, lit * 0.85));
  const withCloud = blend(base, cloudColour, cloud);
  const g = glow(scene, u, v, aspect, 0.05) * 0.55 + glow(scene, u, v, aspect, 0.0016) * 0.7;
  return scene.sun ? blend(withCloud, scene.sun.colour, Math.min(1, g)) : withCloud;
}

/** Heights of three rows of hills for every column, as shares of the height above the horizon. */
function ridges(scene: Scene, w: number): Float64Array[] {
  return [0, 1, 2].map(row => {
    const line = new Float64Array(w);
    const scale = (scene.widthPx / scene.heightPx) * [1.3, 2.1, 3.4][row]!;
    const lift = [0.085, 0.055, 0.022][row]!;
    for (let x = 0; x < w; x++) {
      const n = octaves((x / w) * scale + 13.7 * row, row * 5.3, scene.seed + 70, 6);
      line[x] = Math.max(0, lift * (n * 2.2 - 0.62));
    }
    return line;
  });
}

function skyOrHill(
  scene: Scene,
  hills: Float64Array[],
  u: number,
  v: number,
  x: number,
  y: number,
  aspect: number,
): Mutable {
  let colour: Mutable | undefined;
  for (let row = 2; row >= 0; row--) {
    const top = scene.horizon - (hills[row]?.[x] ?? 0);
    if (v <= top) continue;
    const haze = 0.62 - row * 0.2;
    const texture =
      0.85 +
      0.3 *
        noise(x * 0.05, y * 0.09, scene.seed + 90 + row) *
        (0.4 + 0.6 * noise(x * 0.4, y * 0.4, scene.seed + 95));
    const ground: Rgb = [scene.land[0] * texture, scene.land[1] * texture, scene.land[2] * texture];
    colour = blend(ground, skyGradient(scene, 0.92), Math.min(0.95, haze + scene.fog * 0.5));
    break;
  }
  const above = sky(scene, u, v, aspect);
  return fogged(scene, colour ?? above, v);
}

function fogged(scene: Scene, colour: Rgb, v: number): Mutable {
  const near = 1 - Math.min(1, Math.abs(v - scene.horizon) * 2.4);
  return blend(colour, skyGradient(scene, 0.95), scene.fog * near * near);
}

function water(scene: Scene, u: number, v: number, x: number, y: number, aspect: number): Mutable {
  const below = v - scene.horizon;
  const distance = 1 / (below + 0.006);
  // Waves lie on a plane: their pattern shrinks with distance, and their slope turns the mirror.
  const px = (u - aspect / 2) * distance * 1.1;
  const pz = distance * 2.2;
  const big = octaves(px * 0.8 + 5, pz * 2.4, scene.seed + 120, 4) - 0.5;
  const small = octaves(px * 5, pz * 13, scene.seed + 130, 3) - 0.5;
  const slope = scene.waves * (big * 0.9 + small * 0.75) * Math.min(1, 0.25 + below * 3);
  const mirrorV = Math.max(0.02, scene.horizon - below * 0.85 + slope * 0.33);
  const mirrored = sky(scene, u + slope * 0.05, Math.min(scene.horizon * 0.995, mirrorV), aspect);
  const facing = Math.max(0.12, Math.min(0.94, 0.88 - below * 1.25 - slope * 0.9));
  const body: Rgb = [
    scene.sea[0] * (0.8 + slope),
    scene.sea[1] * (0.85 + slope),
    scene.sea[2] * (0.9 + slope),
  ];
  let colour = blend(body, mirrored, facing);
  if (scene.sun) {
    const path = Math.exp(-(((u - scene.sun.x * aspect) / (0.03 + below * 0.28)) ** 2));
    const spark = Math.max(0, small * 2.4 + big) ** 2;
    colour = blend(colour, scene.sun.colour, Math.min(1, path * scene.sun.strength * (0.16 + spark * 1.5)));
  }
  for (const lamp of scene.lamps) {
    if (v < lamp.y) continue;
    const dx = Math.abs(u - lamp.x * aspect + slope * 0.04);
    const width = lamp.size * (0.5 + below * 2.5);
    const fall = Math.exp(-((dx / width) ** 2)) * Math.exp(-(v - lamp.y) * (2.2 / (lamp.size * 40 + 0.15)));
    colour = blend(colour, lamp.colour, Math.min(0.95, fall * (0.25 + Math.max(0, slope) * 3.2)));
  }
  const crest =
    scene.waves > 0.7 ? Math.max(0, big * 1.6 + small * 0.9 - 0.42) * 2.6 * Math.min(1, below * 6) : 0;
  const foam = crest > 0 ? Math.min(1, crest * (0.5 + hash(x, y, 5) * 0.9)) : 0;
  return fogged(scene, blend(colour, [0.9, 0.92, 0.92], foam * 0.7), v);
}

function duneTop(scene: Scene, u: number): number {
  return 1 - scene.dunes * (0.55 + 0.6 * octaves(u * 1.1 + 2, 0.5, scene.seed + 160, 4));
}

function duneMask(scene: Scene, u: number, v: number): number {
  return Math.max(0, Math.min(1, (v - duneTop(scene, u)) * 600));
}

function duneColour(scene: Scene, u: number, v: number, x: number, y: number): Mutable {
  const depth = v - duneTop(scene, u);
  const ripple = Math.sin((v * 9 + octaves(u * 2, v * 2, scene.seed + 170, 3) * 1.6) * 62) * 0.5 + 0.5;
  const swell = octaves(u * 2.4, v * 4.5, scene.seed + 180, 4);
  const sand = 0.55 + swell * 0.42 + ripple * 0.07 + (hash(x, y, scene.seed) - 0.5) * 0.09 - depth * 0.3;
  const tint: Rgb = scene.grey ? [0.7, 0.7, 0.7] : [0.93, 0.83, 0.66];
  return [tint[0] * sand, tint[1] * sand, tint[2] * sand];
}

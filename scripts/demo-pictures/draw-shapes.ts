import { octaves, stream } from './noise.ts';
import type { Scene } from './scenes.ts';

/** What people and wind put into a scene, as an SVG of the picture's own size, laid over the rendered ground. */
export function drawShapes(scene: Scene): string {
  const { widthPx: w, heightPx: h } = scene;
  const parts = scene.shapes.map(shape => DRAW[shape](scene, w, h));
  const lamps = scene.lamps.map(
    (lamp, i) =>
      `<radialGradient id="l${i}"><stop offset="0" stop-color="${css(lamp.colour, 1)}"/><stop offset="0.12" stop-color="${css(lamp.colour, 0.9)}"/><stop offset="0.3" stop-color="${css(lamp.colour, 0.28)}"/><stop offset="1" stop-color="${css(lamp.colour, 0)}"/></radialGradient>`,
  );
  const lights = scene.lamps.map(
    (lamp, i) =>
      `<circle cx="${lamp.x * w}" cy="${lamp.y * h}" r="${lamp.size * h * 4.2}" fill="url(#l${i})"/>`,
  );
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${w}" height="${h}"><defs>${lamps.join('')}
<filter id="soft"><feGaussianBlur stdDeviation="${h / 2600}"/></filter>
<linearGradient id="sail" x1="0" x2="1"><stop offset="0" stop-color="#efe3c8"/><stop offset="0.6" stop-color="#cdb790"/><stop offset="1" stop-color="#9c8663"/></linearGradient></defs>
<g filter="url(#soft)">${parts.join('')}</g>${lights.join('')}</svg>`;
}

const css = (c: readonly [number, number, number], alpha: number) =>
  `rgba(${Math.round(c[0] * 255)},${Math.round(c[1] * 255)},${Math.round(c[2] * 255)},${alpha})`;

type Draw = (scene: Scene, w: number, h: number) => string;

const DRAW: Readonly<Record<Scene['shapes'][number], Draw>> = {
  sail: drawSail,
  'lantern-boats': (scene, w, h) =>
    scene.lamps
      .slice(-3)
      .map(l => rowingBoat(l.x * w, (l.y + l.size * 2.4) * h, l.size * h * 5))
      .join(''),
  ferry: drawFerry,
  lighthouse: drawLighthouse,
  groynes: drawGroynes,
  grass: drawGrass,
  harbour: drawHarbour,
};

function drawSail(scene: Scene, w: number, h: number): string {
  const at = scene.sailAt ?? { x: 0.5, y: 0.6, size: 0.12 };
  const [x, y, s] = [at.x * w, at.y * h, at.size * h];
  const dark = scene.grey ? '#1c1c1c' : '#20242b';
  const boat = `<path d="M${x - 0.34 * s} ${y} L${x + 0.42 * s} ${y} L${x + 0.3 * s} ${y + 0.13 * s} L${x - 0.26 * s} ${y + 0.13 * s} Z" fill="${dark}"/>
<path d="M${x - 0.34 * s} ${y} l${0.76 * s} 0 l${-0.02 * s} ${0.025 * s} l${-0.73 * s} 0 Z" fill="#b9a684"/>
<rect x="${x - 0.012 * s}" y="${y - 1.08 * s}" width="${0.024 * s}" height="${1.08 * s}" fill="#3a2f28"/>
<path d="M${x + 0.03 * s} ${y - 1.04 * s} C${x + 0.36 * s} ${y - 0.72 * s} ${x + 0.4 * s} ${y - 0.3 * s} ${x + 0.38 * s} ${y - 0.06 * s} L${x + 0.03 * s} ${y - 0.06 * s} Z" fill="url(#sail)"/>
<path d="M${x - 0.03 * s} ${y - 0.98 * s} C${x - 0.12 * s} ${y - 0.6 * s} ${x - 0.24 * s} ${y - 0.25 * s} ${x - 0.31 * s} ${y - 0.05 * s} L${x - 0.03 * s} ${y - 0.07 * s} Z" fill="url(#sail)" opacity="0.86"/>`;
  const mirror = `<path d="M${x - 0.3 * s} ${y + 0.13 * s} L${x + 0.36 * s} ${y + 0.13 * s} L${x + 0.2 * s} ${y + 0.8 * s} L${x - 0.1 * s} ${y + 0.62 * s} Z" fill="${dark}" opacity="0.28"/>`;
  return mirror + boat;
}

function rowingBoat(x: number, y: number, s: number): string {
  return `<path d="M${x - s} ${y - 0.1 * s} C${x - 0.5 * s} ${y + 0.3 * s} ${x + 0.5 * s} ${y + 0.3 * s} ${x + s} ${y - 0.14 * s} L${x + 0.86 * s} ${y + 0.2 * s} C${x + 0.4 * s} ${y + 0.42 * s} ${x - 0.4 * s} ${y + 0.42 * s} ${x - 0.88 * s} ${y + 0.2 * s} Z" fill="#0b0d12"/>
<path d="M${x - 0.18 * s} ${y + 0.1 * s} c0 ${-0.3 * s} ${0.02 * s} ${-0.44 * s} ${0.14 * s} ${-0.46 * s} c${0.12 * s} 0 ${0.16 * s} ${0.2 * s} ${0.18 * s} ${0.46 * s} Z" fill="#14110f"/>
<circle cx="${x - 0.04 * s}" cy="${y - 0.46 * s}" r="${0.1 * s}" fill="#1a1410"/>`;
}

function drawFerry(scene: Scene, w: number, h: number): string {
  const [x, y, s] = [0.47 * w, scene.horizon * h + 0.035 * h, 0.24 * w];
  const windows = Array.from(
    { length: 22 },
    (_, i) =>
      `<rect x="${x - 0.36 * s + i * 0.034 * s}" y="${y - 0.125 * s}" width="${0.02 * s}" height="${0.018 * s}" fill="#dfe3e0"/>`,
  ).join('');
  return `<g opacity="0.68"><path d="M${x - 0.5 * s} ${y - 0.08 * s} L${x + 0.53 * s} ${y - 0.1 * s} L${x + 0.44 * s} ${y + 0.03 * s} L${x - 0.45 * s} ${y + 0.03 * s} Z" fill="#565f66"/>
<path d="M${x - 0.5 * s} ${y - 0.03 * s} L${x + 0.48 * s} ${y - 0.03 * s} L${x + 0.44 * s} ${y + 0.03 * s} L${x - 0.45 * s} ${y + 0.03 * s} Z" fill="#6d4a45"/>
<rect x="${x - 0.4 * s}" y="${y - 0.145 * s}" width="${0.8 * s}" height="${0.06 * s}" fill="#8b9296"/>${windows}
<rect x="${x - 0.3 * s}" y="${y - 0.2 * s}" width="${0.52 * s}" height="${0.055 * s}" fill="#9aa0a3"/>
<rect x="${x - 0.22 * s}" y="${y - 0.25 * s}" width="${0.16 * s}" height="${0.05 * s}" fill="#868d91"/>
<path d="M${x + 0.02 * s} ${y - 0.2 * s} l${0.015 * s} ${-0.11 * s} l${0.08 * s} 0 l${0.015 * s} ${0.11 * s} Z" fill="#5d5450"/>
<rect x="${x - 0.15 * s}" y="${y - 0.36 * s}" width="${0.008 * s}" height="${0.12 * s}" fill="#5a6165"/></g>
<path d="M${x - 0.46 * s} ${y + 0.03 * s} L${x + 0.44 * s} ${y + 0.03 * s} L${x + 0.3 * s} ${y + 0.2 * s} L${x - 0.32 * s} ${y + 0.18 * s} Z" fill="#5d666b" opacity="0.25"/>`;
}

function drawLighthouse(scene: Scene, w: number, h: number): string {
  const [x, base, s] = [0.733 * w, scene.horizon * h + 0.012 * h, 0.2 * h];
  return `<path d="M${x - 0.75 * s} ${base} C${x - 0.4 * s} ${base - 0.14 * s} ${x + 0.4 * s} ${base - 0.16 * s} ${x + 0.95 * s} ${base} Z" fill="#2c2d2f"/>
<path d="M${x - 0.11 * s} ${base - 0.08 * s} L${x - 0.065 * s} ${base - 0.9 * s} L${x + 0.065 * s} ${base - 0.9 * s} L${x + 0.11 * s} ${base - 0.08 * s} Z" fill="#d5d6d6"/>
<path d="M${x + 0.02 * s} ${base - 0.08 * s} L${x + 0.012 * s} ${base - 0.9 * s} L${x + 0.065 * s} ${base - 0.9 * s} L${x + 0.11 * s} ${base - 0.08 * s} Z" fill="#8d8f91"/>
<path d="M${x - 0.1 * s} ${base - 0.3 * s} L${x - 0.088 * s} ${base - 0.5 * s} L${x + 0.088 * s} ${base - 0.5 * s} L${x + 0.1 * s} ${base - 0.3 * s} Z" fill="#3b3c3e"/>
<rect x="${x - 0.085 * s}" y="${base - 0.925 * s}" width="${0.17 * s}" height="${0.03 * s}" fill="#2a2b2c"/>
<rect x="${x - 0.045 * s}" y="${base - 1.02 * s}" width="${0.09 * s}" height="${0.1 * s}" fill="#f4f4f0"/>
<path d="M${x - 0.06 * s} ${base - 1.02 * s} L${x} ${base - 1.09 * s} L${x + 0.06 * s} ${base - 1.02 * s} Z" fill="#2a2b2c"/>`;
}

function drawGroynes(scene: Scene, w: number, h: number): string {
  const next = stream(scene.seed);
  return Array.from({ length: 19 }, (_, i) => {
    const t = i / 18;
    const x = (0.98 - 0.2 * t ** 0.55) * w;
    const y = (scene.horizon + 0.47 * (1 - t) ** 2.1 + 0.015) * h;
    const size = (0.012 + 0.09 * (1 - t) ** 1.7) * h;
    const lean = (next() - 0.5) * 0.12 * size;
    return `<path d="M${x} ${y} l${0.16 * size} 0 l${lean} ${-size * (0.8 + next() * 0.4)} l${-0.15 * size} ${0.02 * size} Z" fill="#1d1c1d"/><path d="M${x} ${y} l${0.16 * size} 0 l${-0.02 * size} ${0.5 * size} l${-0.1 * size} 0 Z" fill="#1d1c1d" opacity="0.32"/>`;
  }).join('');
}

function drawGrass(scene: Scene, w: number, h: number): string {
  const next = stream(scene.seed + 3);
  const blades: string[] = [];
  for (let i = 0; i < 5200; i++) {
    const u = next();
    const depth = next() ** 1.6;
    const top = 1 - scene.dunes * (0.55 + 0.6 * octaves(u * (w / h) * 1.1 + 2, 0.5, scene.seed + 160, 4));
    const clump = octaves(u * 9, depth * 4, scene.seed + 9, 3);
    if (clump < 0.48) continue;
    const y = (top + 0.006 + depth * (1 - top)) * h;
    const x = u * w;
    const tall = (0.035 + 0.11 * depth) * h * (0.5 + next());
    const bend = (0.25 + next() * 0.6) * tall;
    const shade = 0.45 + next() * 0.55;
    const colour = `rgb(${Math.round(150 * shade)},${Math.round(158 * shade)},${Math.round(92 * shade)})`;
    blades.push(
      `<path d="M${x.toFixed(1)} ${y.toFixed(1)} q${(bend * 0.15).toFixed(1)} ${(-tall * 0.7).toFixed(1)} ${bend.toFixed(1)} ${(-tall).toFixed(1)}" stroke="${colour}" stroke-width="${(h * (0.0006 + 0.0013 * depth)).toFixed(2)}" fill="none" stroke-linecap="round"/>`,
    );
  }
  return blades.join('');
}

function drawHarbour(scene: Scene, w: number, h: number): string {
  const next = stream(scene.seed + 8);
  const base = scene.horizon * h;
  const [r, g, b] = scene.land.map(c => Math.round(c * 255 * 0.8));
  let [x, out] = [0.26 * w, ''];
  while (x < 0.9 * w) {
    const [bw, bh] = [(0.012 + next() * 0.03) * w * 0.7, (0.02 + next() * 0.045) * h];
    out += `<path d="M${x} ${base} V${base - bh} l${bw / 2} ${-bh * 0.4} l${bw / 2} ${bh * 0.4} V${base} Z" fill="rgb(${r},${g},${b})"/>`;
    if (next() > 0.45)
      out += `<rect x="${x + bw * 0.3}" y="${base - bh * 0.7}" width="${bw * 0.14}" height="${bh * 0.2}" fill="#f1c57c" opacity="0.85"/>`;
    x += bw * (1 + next() * 0.25);
  }
  return `${out}<rect x="${0.24 * w}" y="${base - 0.006 * h}" width="${0.68 * w}" height="${0.014 * h}" fill="rgb(${Math.round((r ?? 0) * 0.7)},${Math.round((g ?? 0) * 0.7)},${Math.round((b ?? 0) * 0.7)})"/>`;
}

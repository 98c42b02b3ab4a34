/** Renders the demo pictures into apps/web/public/demo. Takes some minutes; the results are committed. */
import { mkdtemp, rm, stat, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { writeProfile, RECIPES } from '../../packages/core/src/colour/write-profile.ts';
import { drawShapes } from './draw-shapes.ts';
import { framedPrint } from './flat-things.ts';
import { stream } from './noise.ts';
import { portrait, signature } from './papers.ts';
import { renderScene } from './render-scene.ts';
import { SCENES, type Scene } from './scenes.ts';

const target = new URL('../../apps/web/public/demo/', import.meta.url).pathname;
/** Above this the repository keeps a file as a pointer instead of its bytes. */
const MOST_BYTES = 4_000_000;

async function makePicture(scene: Scene, scratch: string): Promise<void> {
  const raw = { width: scene.widthPx, height: scene.heightPx, channels: 3 as const };
  const { data } = await sharp(renderScene(scene), { raw })
    .composite([{ input: Buffer.from(drawShapes(scene)) }])
    .removeAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  addGrain(data, scene);
  let picture = sharp(data, { raw });
  if (scene.store.orientation === 6)
    picture = sharp(await picture.rotate(-90).png({ compressionLevel: 1 }).toBuffer());
  const { profile } = scene.store;
  if (profile !== 'none') {
    const file = join(scratch, `${profile}.icc`);
    await writeFile(file, writeProfile(RECIPES[profile]));
    picture = picture.withIccProfile(file);
  }
  const notes = { ...(scene.store.author ? { IFD0: { Artist: scene.store.author } } : {}) };
  if (scene.store.orientation) picture = picture.withMetadata({ orientation: scene.store.orientation });
  else if (scene.store.author) picture = picture.withExif(notes);
  const jpeg = await picture
    .jpeg({ quality: scene.store.quality, mozjpeg: false, chromaSubsampling: '4:2:0' })
    .toBuffer();
  await keep(scene.file, jpeg);
}

async function keep(file: string, jpeg: Buffer): Promise<void> {
  await writeFile(join(target, file), jpeg);
  const { size } = await stat(join(target, file));
  if (size > MOST_BYTES) throw new Error(`${file} weighs ${size} bytes: lower its quality or grain.`);
  console.log(file, size);
}

/** Film-like grain: a level's worth of noise, stronger in the middle tones. */
function addGrain(data: Buffer, scene: Scene): void {
  const next = stream(scene.seed * 7 + 1);
  for (let i = 0; i < data.length; i += 3) {
    const grain = (next() + next() + next() - 1.5) * scene.grain;
    for (let c = 0; c < 3; c++) {
      const level = data[i + c] ?? 0;
      data[i + c] = Math.max(
        0,
        Math.min(255, Math.round(level + grain * (0.5 + Math.sin((level / 255) * Math.PI)))),
      );
    }
    if (scene.grey) data.fill(data[i + 1] ?? 0, i, i + 3);
  }
}

/** Pictures that are no scenes of the coast. */
const OTHERS: Readonly<Record<string, () => Promise<Buffer>>> = {
  'Framed Print.jpg': framedPrint,
  'Signature.jpg': signature,
  'Portrait.jpg': portrait,
};

const wanted = process.argv.slice(2);
const isWanted = (file: string) => !wanted.length || wanted.some(w => file.includes(w));
const scratch = await mkdtemp(join(tmpdir(), 'demo-pictures-'));
try {
  for (const scene of SCENES) if (isWanted(scene.file)) await makePicture(scene, scratch);
  for (const [file, make] of Object.entries(OTHERS)) if (isWanted(file)) await keep(file, await make());
} finally {
  await rm(scratch, { recursive: true });
}

import sharp from 'sharp';
import { hash } from './noise.ts';

/** What an applicant photographs with a phone: a signature on lined paper, and a portrait against a wall. */

export function signature(): Promise<Buffer> {
  const [w, h] = [2400, 1800];
  const lines = Array.from({ length: 17 }, (_, i) => 140 + i * 108)
    .map(y => `<path d="M-300 ${y}H2700" stroke="#9db4dc" stroke-width="4"/>`)
    .join('');
  const name = [
    'M640 1000C610 830 690 690 770 720C850 760 740 960 690 1030C650 1080 600 1060 640 1010C700 940 860 900 880 860',
    'M880 900C900 850 960 850 950 900C935 960 880 985 885 930C890 880 980 880 1010 850C1030 890 990 960 1030 960C1080 955 1090 880 1110 850C1120 890 1100 960 1140 955',
    'M1140 955C1200 930 1220 700 1250 640C1180 800 1150 980 1210 975C1260 965 1280 890 1330 870C1290 860 1250 930 1290 960C1340 980 1370 900 1380 870C1390 920 1390 965 1440 950',
    'M1440 950C1500 920 1470 860 1530 870C1560 890 1500 960 1560 960C1640 950 1660 860 1760 840',
    'M600 1110C900 1060 1400 1070 1830 1030',
  ];
  const strokes = name
    .map(
      (d, i) =>
        `<path d="${d}" stroke-width="${i === 4 ? 8 : 12}"/><path d="${d}" stroke-width="${i === 4 ? 4 : 17}" stroke-dasharray="46 90"/>`,
    )
    .join('');
  const sheet = `<svg xmlns="http://www.w3.org/2000/svg" width="${w}" height="${h}">
    <rect width="${w}" height="${h}" fill="#6a4a30"/>
    <g transform="rotate(-4 1200 900)">
      <rect x="-200" y="-300" width="2800" height="1950" fill="#fbfaf6"/>
      <clipPath id="sheet"><rect x="-200" y="-300" width="2800" height="1950"/></clipPath><g clip-path="url(#sheet)">${lines}</g>
      <path d="M330 -300V1650" stroke="#e0a0a0" stroke-width="4"/>
      <g fill="none" stroke="#1b2452" stroke-linecap="round" stroke-linejoin="round">${strokes}</g>
    </g></svg>`;
  return photographed(sheet, w, h, '#fff0d2', '#a58f6c', 3);
}

export function portrait(): Promise<Buffer> {
  const [w, h] = [1944, 2592];
  const figure = `<svg xmlns="http://www.w3.org/2000/svg" width="${w}" height="${h}" viewBox="0 0 750 1000">
    <defs>
      <linearGradient id="skin" x2="1" y2="0.3"><stop stop-color="#e5b594"/><stop offset="1" stop-color="#b77f60"/></linearGradient>
      <linearGradient id="coat" x2="1"><stop stop-color="#3f6271"/><stop offset="1" stop-color="#233c47"/></linearGradient>
      <radialGradient id="wall" cx="0.4" cy="0.3" r="0.9"><stop stop-color="#dfe3e2"/><stop offset="1" stop-color="#aab2b3"/></radialGradient>
    </defs>
    <rect width="750" height="1000" fill="url(#wall)"/>
    <path d="M60 1000C70 820 190 760 300 740L450 740C560 760 680 820 690 1000Z" fill="url(#coat)"/>
    <path d="M310 640H440V760C400 800 350 800 310 760Z" fill="#bd8767"/>
    <path d="M290 745L375 830L460 745L480 790L375 900L270 790Z" fill="#ece7da"/>
    <path d="M215 400C190 190 560 190 535 400C545 520 520 600 490 600H260C230 600 205 520 215 400Z" fill="#4a3527"/>
    <ellipse cx="375" cy="470" rx="138" ry="188" fill="url(#skin)"/>
    <path d="M236 430C240 300 330 270 400 275C480 280 515 340 514 430C480 400 440 350 400 340C340 380 280 400 236 430Z" fill="#4a3527"/>
    <path d="M290 436C310 424 335 424 350 434M400 434C415 424 440 424 460 436" stroke="#4a3527" stroke-width="7" fill="none" stroke-linecap="round"/>
    <g fill="#fff"><ellipse cx="322" cy="464" rx="21" ry="11"/><ellipse cx="428" cy="464" rx="21" ry="11"/></g>
    <g fill="#31454c"><circle cx="323" cy="464" r="9.5"/><circle cx="429" cy="464" r="9.5"/></g>
    <path d="M374 470C368 510 362 526 368 536C376 544 388 540 392 534" stroke="#9d6a4d" stroke-width="5" fill="none" stroke-linecap="round"/>
    <path d="M332 585C355 577 365 582 376 585C388 582 398 577 420 585C400 604 352 604 332 585Z" fill="#a35a4d"/>
  </svg>`;
  return photographed(figure, w, h, '#fffaf2', '#d9d3ca', 2.2);
}

/** A drawing in the light of a window on the left, with the grain of a small sensor. */
async function photographed(
  svg: string,
  width: number,
  height: number,
  lit: string,
  dim: string,
  grain: number,
): Promise<Buffer> {
  const light = `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}">
    <defs><linearGradient id="g" x2="1" y2="0.5"><stop stop-color="${lit}"/><stop offset="1" stop-color="${dim}"/></linearGradient></defs>
    <rect width="${width}" height="${height}" fill="url(#g)"/></svg>`;
  const { data } = await sharp(Buffer.from(svg), { density: 72 })
    .resize(width, height, { fit: 'fill' })
    .composite([{ input: Buffer.from(light), blend: 'multiply' }])
    .blur(1.1)
    .removeAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  for (let i = 0; i < data.length; i++)
    data[i] = Math.max(
      0,
      Math.min(255, Math.round((data[i] ?? 0) + (hash(i % 7919, i >> 9, 3) - 0.5) * 2 * grain)),
    );
  return sharp(data, { raw: { width, height, channels: 3 } })
    .withExif({ IFD0: { Make: 'Saltmere', Model: 'Pocket 3' }, IFD2: { FocalLengthIn35mmFilm: '26' } })
    .jpeg({ quality: 86 })
    .toBuffer();
}

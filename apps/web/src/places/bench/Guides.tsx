/** Lines over the frame by which people judge a composition. */

export const GUIDES = ['none', 'thirds', 'golden', 'centre', 'diagonals', 'grid', 'margins'] as const;
export type Guide = (typeof GUIDES)[number];

export const GUIDE_WORDS: Readonly<Record<Guide, string>> = {
  none: 'none',
  thirds: 'thirds',
  golden: 'golden section',
  centre: 'centre',
  diagonals: 'diagonals',
  grid: 'fine grid',
  margins: 'safe margins',
};

const GOLDEN = (Math.sqrt(5) - 1) / 2;
const SHARES: Partial<Record<Guide, readonly number[]>> = {
  thirds: [1 / 3, 2 / 3],
  golden: [1 - GOLDEN, GOLDEN],
  centre: [0.5],
  grid: Array.from({ length: 11 }, (_, i) => (i + 1) / 12),
};
/** Share of each side that a screen or a mount may hide. */
const MARGIN = 0.05;

export function Guides({ guide, width, height }: { guide: Guide; width: number; height: number }) {
  return (
    // Two strokes, light on dark, are seen on every picture.
    <g fill="none">
      {(['#000000', '#ffffff'] as const).map((stroke, i) => (
        <g key={stroke} stroke={stroke} strokeOpacity={i ? 0.9 : 0.5} strokeWidth={i ? 1 : 2.5}>
          {SHARES[guide]?.map(s => (
            <path key={s} d={`M${s * width} 0V${height}M0 ${s * height}H${width}`} />
          ))}
          {guide === 'diagonals' && <path d={`M0 0L${width} ${height}M${width} 0L0 ${height}`} />}
          {guide === 'margins' && (
            <rect
              x={MARGIN * width}
              y={MARGIN * height}
              width={width * (1 - 2 * MARGIN)}
              height={height * (1 - 2 * MARGIN)}
            />
          )}
        </g>
      ))}
    </g>
  );
}

const STORE_KEY = 'able-frame.guide';

/** The guide that was chosen last, on any picture. */
export function rememberedGuide(): Guide {
  const kept = localStorage.getItem(STORE_KEY);
  return GUIDES.find(g => g === kept) ?? 'thirds';
}

export function rememberGuide(guide: Guide): void {
  localStorage.setItem(STORE_KEY, guide);
}

export function nextGuide(guide: Guide): Guide {
  return GUIDES[(GUIDES.indexOf(guide) + 1) % GUIDES.length] ?? 'none';
}

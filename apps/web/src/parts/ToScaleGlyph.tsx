import { COLOURS } from '../theme/tokens.ts';
import type { PixelRect, PixelSize } from '@able-frame/core';

interface Props {
  /** The picture as it is now. */
  source: PixelSize;
  /** The cut out of the source; the whole source when nothing is lost. */
  crop?: PixelRect | undefined;
  /** What it becomes; undefined when it cannot be made. */
  target?: PixelSize | undefined;
  /** The box or size the rules name, for comparison with the result. */
  limit?: PixelSize | undefined;
}

const WIDTH = 58;
const HEIGHT = 46;
const INK = { fill: 'none', strokeWidth: 1.25 } as const;

/**
 * A small drawing true to scale. A cut shows the picture with the kept part in it; a whole picture shows the limit
 * with the result inside; a picture that is too small shows the asked size with the picture lying in it.
 */
export function ToScaleGlyph(props: Props) {
  const { source, crop, target, limit } = props;
  if (!target && limit) return <TooSmall source={source} limit={limit} />;
  const isCut = crop !== undefined && (crop.widthPx !== source.widthPx || crop.heightPx !== source.heightPx);
  if (isCut) return <Cut source={source} crop={crop} />;
  return <Result target={target ?? source} limit={limit} />;
}

function Drawing({ of, children }: { of: PixelSize; children: (scale: number) => React.ReactNode }) {
  const scale = Math.min((WIDTH - 2) / of.widthPx, (HEIGHT - 2) / of.heightPx);
  const [w, h] = [of.widthPx * scale, of.heightPx * scale];
  return (
    <svg width={WIDTH} height={HEIGHT} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} aria-hidden="true">
      <g transform={`translate(${(WIDTH - w) / 2} ${(HEIGHT - h) / 2})`}>{children(scale)}</g>
    </svg>
  );
}

function Cut({ source, crop }: { source: PixelSize; crop: PixelRect }) {
  return (
    <Drawing of={source}>
      {s => (
        <>
          <rect
            {...INK}
            width={source.widthPx * s}
            height={source.heightPx * s}
            stroke={COLOURS.inkSoft}
            strokeWidth={1}
          />
          <rect
            x={crop.leftPx * s}
            y={crop.topPx * s}
            width={crop.widthPx * s}
            height={crop.heightPx * s}
            fill={COLOURS.accentWash}
            stroke={COLOURS.accent}
            strokeWidth={1.5}
            strokeDasharray="3 2"
          />
        </>
      )}
    </Drawing>
  );
}

function Result({ target, limit }: { target: PixelSize; limit: PixelSize | undefined }) {
  const outer = {
    widthPx: Math.max(target.widthPx, limit?.widthPx ?? 0),
    heightPx: Math.max(target.heightPx, limit?.heightPx ?? 0),
  };
  return (
    <Drawing of={outer}>
      {s => (
        <>
          {limit && (
            <rect
              {...INK}
              width={limit.widthPx * s}
              height={limit.heightPx * s}
              stroke={COLOURS.inkSoft}
              strokeWidth={1}
              strokeDasharray="2 2"
            />
          )}
          <rect
            x={((outer.widthPx - target.widthPx) / 2) * s}
            y={((outer.heightPx - target.heightPx) / 2) * s}
            width={target.widthPx * s}
            height={target.heightPx * s}
            fill={COLOURS.accentWash}
            stroke={COLOURS.accent}
            strokeWidth={1.5}
          />
        </>
      )}
    </Drawing>
  );
}

function TooSmall({ source, limit }: { source: PixelSize; limit: PixelSize }) {
  const outer = {
    widthPx: Math.max(source.widthPx, limit.widthPx),
    heightPx: Math.max(source.heightPx, limit.heightPx),
  };
  return (
    <Drawing of={outer}>
      {s => (
        <>
          <rect
            width={limit.widthPx * s}
            height={limit.heightPx * s}
            fill={COLOURS.brokenWash}
            stroke={COLOURS.broken}
            strokeWidth={1.5}
            strokeDasharray="3 2"
          />
          <rect
            x={((limit.widthPx - source.widthPx) / 2) * s}
            y={((limit.heightPx - source.heightPx) / 2) * s}
            width={source.widthPx * s}
            height={source.heightPx * s}
            fill={COLOURS.sheet}
            stroke={COLOURS.inkSoft}
            strokeWidth={1}
          />
        </>
      )}
    </Drawing>
  );
}

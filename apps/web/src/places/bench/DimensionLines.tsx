import type { PixelSize } from '@able-frame/core';
import type { StageBox } from './stage-geometry.ts';

/** Width and height of the finished file, measured like on a drawing. */
export function DimensionLines({ file, size }: { file: StageBox; size: PixelSize }) {
  const below = file.top + file.height + 20;
  const left = file.left - 20;
  const right = file.left + file.width;
  const bottom = file.top + file.height;
  const middle = { x: file.left + file.width / 2, y: file.top + file.height / 2 };
  return (
    <g
      stroke="#ffffff"
      fill="none"
      fontFamily="'Atkinson Hyperlegible Mono Variable', monospace"
      fontSize={14}
    >
      <path d={`M${file.left} ${below}H${right}M${file.left} ${below - 6}v12M${right} ${below - 6}v12`} />
      <path d={`M${left} ${file.top}V${bottom}M${left - 6} ${file.top}h12M${left - 6} ${bottom}h12`} />
      <g stroke="none" fill="#ffffff" textAnchor="middle">
        <text x={middle.x} y={below + 20}>
          {size.widthPx} px
        </text>
        <text transform={`translate(${left - 10} ${middle.y}) rotate(-90)`}>{size.heightPx} px</text>
      </g>
    </g>
  );
}

import { chakra } from '@chakra-ui/react';
import type { Point } from '@able-frame/core';
import type { Preview } from '../../../workers/previews.ts';

const SIZE_PX = 168;
/** CSS pixels for a pixel of the preview. */
const ZOOM = 4;

/** What lies under a corner, enlarged, on the side of the stage that is away from it. */
export function Magnifier({ preview, corner }: { preview: Preview; corner: Point }) {
  const half = SIZE_PX / 2;
  return (
    <chakra.div
      aria-hidden="true"
      position="absolute"
      overflow="hidden"
      pointerEvents="none"
      background="surround"
      outline="1.5px solid white"
      style={{
        width: SIZE_PX,
        height: SIZE_PX,
        [corner.x < 0.5 ? 'right' : 'left']: 10,
        [corner.y < 0.5 ? 'bottom' : 'top']: 10,
      }}
    >
      <chakra.img
        src={preview.url}
        alt=""
        position="absolute"
        maxWidth="none"
        style={{
          width: preview.widthPx * ZOOM,
          height: preview.heightPx * ZOOM,
          left: half - corner.x * preview.widthPx * ZOOM,
          top: half - corner.y * preview.heightPx * ZOOM,
          imageRendering: 'pixelated',
        }}
      />
      <chakra.svg position="absolute" inset="0" width={SIZE_PX} height={SIZE_PX}>
        {(['#000', '#fff'] as const).map((stroke, i) => (
          <path
            key={stroke}
            d={`M0 ${half}H${half - 6}M${half + 6} ${half}H${SIZE_PX}M${half} 0V${half - 6}M${half} ${half + 6}V${SIZE_PX}`}
            stroke={stroke}
            strokeWidth={i ? 1 : 3}
            strokeOpacity={i ? 1 : 0.5}
          />
        ))}
      </chakra.svg>
    </chakra.div>
  );
}

import { chakra } from '@chakra-ui/react';
import { squaredSize, wordSize, type PixelSize, type SquareUp } from '@able-frame/core';
import type { Preview } from '../../../workers/previews.ts';
import { PreviewImage } from '../PreviewImage.tsx';

const ROOM = { width: 300, height: 190 };

/** The artwork as it will stand, live while its corners are moved. */
export function PulledTrue({
  source,
  preview,
  square,
}: {
  source: PixelSize;
  preview: Preview;
  square: SquareUp;
}) {
  const size = squaredSize(source, square);
  const scale = Math.min(ROOM.width / size.widthPx, ROOM.height / size.heightPx);
  const box = { left: 0, top: 0, width: size.widthPx * scale, height: size.heightPx * scale };
  const job = {
    geometry: { square, turns: 0, mirrored: false, levelDeg: 0 },
    crop: { leftPx: 0, topPx: 0, ...size },
  } as const;
  return (
    <chakra.figure background="surround" padding="10px">
      <chakra.div
        position="relative"
        overflow="hidden"
        marginInline="auto"
        style={{ width: box.width, height: box.height }}
      >
        <PreviewImage source={source} preview={preview} job={job} box={box} alt="The artwork pulled true" />
      </chakra.div>
      <chakra.figcaption
        color="white"
        fontFamily="measure"
        fontSize="measure"
        textAlign="center"
        marginTop="6px"
      >
        {wordSize(size.widthPx, size.heightPx)}
      </chakra.figcaption>
    </chakra.figure>
  );
}

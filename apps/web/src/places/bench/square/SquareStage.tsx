import { chakra } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import type { PixelSize, Point } from '@able-frame/core';
import type { Preview } from '../../../workers/previews.ts';
import { fileBox } from '../stage-geometry.ts';
import { useElementSize } from '../use-element-size.ts';
import { CornerHandle } from './CornerHandle.tsx';
import { Magnifier } from './Magnifier.tsx';
import type { SquareDraft } from './use-square-draft.ts';

interface Props {
  source: PixelSize;
  preview: Preview;
  draft: SquareDraft;
  title: string;
}

const MARGIN_PX = 24;

/** The whole picture with the four corners of an artwork on it, to be put where they belong. */
export function SquareStage({ source, preview, draft, title }: Props) {
  const stage = useRef<HTMLDivElement>(null);
  const size = useElementSize(stage);
  const [active, setActive] = useState<number>();
  const box = fileBox(size, source, MARGIN_PX);
  const onStage = ({ x, y }: Point) => ({ x: box.left + x * box.width, y: box.top + y * box.height });
  const placed = draft.corners.map(onStage);
  return (
    <chakra.div
      ref={stage}
      role="group"
      aria-label={`Corners of the artwork on ${title}`}
      position="relative"
      overflow="hidden"
      background="surround"
      height="100%"
      minHeight="320px"
      touchAction="none"
      userSelect="none"
    >
      <chakra.img
        src={preview.url}
        alt={`${title}, whole`}
        draggable={false}
        position="absolute"
        maxWidth="none"
        style={{ left: box.left, top: box.top, width: box.width, height: box.height }}
      />
      <chakra.svg position="absolute" inset="0" width="100%" height="100%" pointerEvents="none" aria-hidden>
        {(['#000000', '#ffffff'] as const).map((stroke, i) => (
          <path
            key={stroke}
            d={`M${placed.map(p => `${p.x} ${p.y}`).join('L')}Z`}
            fill="none"
            stroke={stroke}
            strokeOpacity={i ? 1 : 0.6}
            strokeWidth={i ? 1.25 : 3.5}
            strokeDasharray={draft.fault ? '6 5' : undefined}
          />
        ))}
      </chakra.svg>
      {draft.corners.map((corner, i) => (
        <CornerHandle
          key={i}
          index={i}
          at={onStage(corner)}
          corner={corner}
          source={source}
          perShare={{ x: box.width, y: box.height }}
          onMove={to => draft.setCorner(i, to)}
          onActive={isActive => setActive(now => (isActive ? i : now === i ? undefined : now))}
        />
      ))}
      {active !== undefined && draft.corners[active] && (
        <Magnifier preview={preview} corner={draft.corners[active]} />
      )}
    </chakra.div>
  );
}

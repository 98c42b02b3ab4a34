import { chakra } from '@chakra-ui/react';
import { useRef } from 'react';
import { finishedSize, inverse, mapped, type ConformJob, type Frame, type PixelSize } from '@able-frame/core';
import type { Preview } from '../../workers/previews.ts';
import { colourAt } from './colour-at.ts';
import { DimensionLines } from './DimensionLines.tsx';
import { Guides, type Guide } from './Guides.tsx';
import { mountedAt, movedBy, resizedBy } from './move-frame.ts';
import { PreviewImage } from './PreviewImage.tsx';
import { fileBox, missedLevel, pictureBox, previewMap, stageScale } from './stage-geometry.ts';
import { useElementSize } from './use-element-size.ts';
import { useStageGestures, type Tool } from './use-stage-gestures.ts';

interface Props {
  source: PixelSize;
  preview: Preview;
  frame: Frame;
  job: ConformJob;
  guide: Guide;
  tool: Tool;
  title: string;
  /** While it moves. */
  onMove: (change: (frame: Frame) => Frame) => void;
  /** When it has come to rest. */
  onRest: () => void;
  onLine: (missedDeg: number) => void;
  /** Undefined beside the picture. */
  onColour: (colour: string | undefined) => void;
}

/** Room round the file for its dimension lines. */
const MARGIN_PX = 58;

/** The required frame stands still in its true proportions, and the picture moves under it. */
export function Stage(props: Props) {
  const { source, preview, frame, job, guide, tool, title, onMove, onRest, onLine, onColour } = props;
  const stage = useRef<HTMLDivElement>(null);
  const size = useElementSize(stage);
  const file = fileBox(size, finishedSize(job), MARGIN_PX);
  const box = pictureBox(file, job);
  const scale = stageScale(box, job);
  const line = useStageGestures(stage, {
    tool,
    onDrag: (dx, dy) =>
      onMove(f =>
        job.canvas
          ? mountedAt(f, share(dx, file.width - box.width), share(dy, file.height - box.height))
          : movedBy(f, source, dx / scale, dy / scale),
      ),
    onZoom: factor => onMove(f => (job.canvas ? f : resizedBy(f, factor))),
    onRest,
    onLine: (from, to) => onLine(missedLevel(from, to)),
    onPoint: at => {
      const onPreview = mapped(inverse(previewMap(source, preview, job, box)), at);
      void colourAt(preview, onPreview).then(onColour);
    },
  });
  return (
    <chakra.div
      ref={stage}
      role="img"
      aria-label={`${title} under its frame`}
      tabIndex={0}
      position="relative"
      overflow="hidden"
      background="surround"
      height="100%"
      minHeight="320px"
      cursor={tool === 'move' ? 'move' : 'crosshair'}
      touchAction="none"
      userSelect="none"
    >
      {job.canvas && (
        <chakra.div position="absolute" style={{ ...placed(file), background: frame.canvasColour }} />
      )}
      <chakra.div
        position="absolute"
        overflow="hidden"
        inset="0"
        style={job.canvas ? { clipPath: inset(size, box) } : {}}
      >
        <PreviewImage source={source} preview={preview} job={job} box={box} alt="" />
      </chakra.div>
      <chakra.svg
        position="absolute"
        inset="0"
        width="100%"
        height="100%"
        pointerEvents="none"
        aria-hidden="true"
      >
        <path
          d={`M0 0H${size.width}V${size.height}H0ZM${file.left} ${file.top}v${file.height}h${file.width}v${-file.height}Z`}
          fill="#777777"
          fillOpacity={0.72}
          fillRule="evenodd"
        />
        <rect {...outline(file)} fill="none" stroke="#ffffff" strokeWidth={1} />
        <g transform={`translate(${file.left} ${file.top})`}>
          <Guides guide={guide} width={file.width} height={file.height} />
        </g>
        <DimensionLines file={file} size={finishedSize(job)} />
        {line && (
          <path
            d={`M${line.from.x} ${line.from.y}L${line.to.x} ${line.to.y}`}
            stroke="#fff"
            strokeWidth={2}
          />
        )}
      </chakra.svg>
    </chakra.div>
  );
}

const share = (moved: number, room: number) => (room > 0.5 ? moved / room : 0);

const placed = ({
  left,
  top,
  width,
  height,
}: {
  left: number;
  top: number;
  width: number;
  height: number;
}) => ({
  left,
  top,
  width,
  height,
});

const outline = (box: { left: number; top: number; width: number; height: number }) => ({
  x: box.left - 0.5,
  y: box.top - 0.5,
  width: box.width + 1,
  height: box.height + 1,
});

function inset(
  stage: { width: number; height: number },
  box: { left: number; top: number; width: number; height: number },
): string {
  const right = stage.width - box.left - box.width;
  const bottom = stage.height - box.top - box.height;
  return `inset(${box.top}px ${right}px ${bottom}px ${box.left}px)`;
}

import { Box, chakra, Flex } from '@chakra-ui/react';
import {
  sizeLimits,
  reachableRatios,
  pictureSize,
  type ConformJob,
  type Deliverable,
  type Frame,
  type PixelSize,
} from '@able-frame/core';
import { Button, Input } from '../../parts/controls.tsx';
import { ChoiceField, NumberField } from '../../parts/fields.tsx';
import { CanvasFields } from './CanvasFields.tsx';
import { FlatTools } from './FlatTools.tsx';
import { FrameMethods } from './FrameMethods.tsx';
import { GUIDE_WORDS } from './Guides.tsx';
import { cutTo, levelledTo, mirroredOnce, turnedOnce } from './move-frame.ts';
import type { Tool } from './use-stage-gestures.ts';
import type { BenchView } from './use-bench-view.ts';

interface Props {
  pictureId: string;
  source: PixelSize;
  deliverable: Deliverable;
  frame: Frame;
  job: ConformJob | undefined;
  ui: BenchView;
  onFrame: (frame: Frame) => void;
}

/** Every value of a frame, for those who would rather type than drag. */
export function BenchControls(props: Props) {
  const { frame, onFrame } = props;
  const { guide, tool, setGuide, setTool, setView } = props.ui;
  const take = (wanted: Tool) => setTool(tool === wanted ? 'move' : wanted);
  return (
    <>
      <FrameMethods {...props} />
      {frame.method === 'mount' && (
        <CanvasFields {...props} isPicking={tool === 'colour'} onPick={() => take('colour')} />
      )}
      {frame.method === 'trim' && <CutFields {...props} />}
      <Flex gap="8px" wrap="wrap" align="center">
        <Button look="quiet" onClick={() => onFrame(turnedOnce(frame))}>
          Turn
        </Button>
        <Button look="quiet" aria-pressed={frame.mirrored} onClick={() => onFrame(mirroredOnce(frame))}>
          Mirror
        </Button>
        <Button look="quiet" aria-pressed={tool === 'line'} onClick={() => take('line')}>
          {tool === 'line' ? 'Draw along an edge …' : 'Level by a line'}
        </Button>
      </Flex>
      <Level frame={frame} onFrame={onFrame} />
      <FlatTools {...props} onSquare={() => setView('square')} />
      <ChoiceField
        label="Guides"
        hint="g shows the next ones."
        value={guide}
        options={GUIDE_WORDS}
        onChange={setGuide}
      />
    </>
  );
}

function Level({ frame, onFrame }: Pick<Props, 'frame' | 'onFrame'>) {
  return (
    <Flex gap="10px" align="center">
      <Box flex="1">
        <chakra.label htmlFor="level" display="block" fontSize="cell" fontWeight="600">
          Level, degrees
        </chakra.label>
        <chakra.input
          id="level"
          type="range"
          min={-45}
          max={45}
          step={0.1}
          width="100%"
          accentColor="accent"
          value={frame.levelDeg}
          onChange={event => onFrame(levelledTo(frame, Number(event.target.value)))}
        />
      </Box>
      <Input
        type="number"
        aria-label="Level in figures"
        min={-45}
        max={45}
        step={0.1}
        width="9ch"
        fontFamily="measure"
        textAlign="right"
        value={frame.levelDeg}
        onChange={event => {
          const deg = event.target.valueAsNumber;
          if (Number.isFinite(deg)) onFrame(levelledTo(frame, deg));
        }}
      />
    </Flex>
  );
}

function CutFields({ source, deliverable, frame, job, onFrame }: Props) {
  if (!job) return null;
  const picture = pictureSize(source, frame);
  const { crop } = job;
  const setPlace = (axis: 'X' | 'Y', start: number) => {
    const [all, length] = axis === 'X' ? [picture.widthPx, crop.widthPx] : [picture.heightPx, crop.heightPx];
    if (start + length > all + 0.5) return false;
    onFrame({ ...frame, [`centre${axis}`]: (start + length / 2) / all - 0.5 });
    return true;
  };
  return (
    <Flex gap="8px 14px" wrap="wrap">
      <NumberField
        label="Left, px"
        hint="Cut away on the left."
        value={Math.round(crop.leftPx)}
        onChange={v => v !== undefined && setPlace('X', v)}
      />
      <NumberField
        label="Top, px"
        hint="Cut away above."
        value={Math.round(crop.topPx)}
        onChange={v => v !== undefined && setPlace('Y', v)}
      />
      <NumberField
        label="Width, px"
        hint="Of the picture that is kept."
        value={Math.round(crop.widthPx)}
        onChange={v => {
          if (v === undefined || v < 1 || v > picture.widthPx) return false;
          onFrame({ ...frame, size: Math.min(1, (frame.size * v) / crop.widthPx) });
          return true;
        }}
      />
      {isShapeFree(deliverable, source) && (
        <>
          <NumberField
            label="Height, px"
            hint="Of the picture that is kept: any shape is allowed."
            value={Math.round(crop.heightPx)}
            onChange={v => {
              if (v === undefined || v < 1 || v > picture.heightPx) return false;
              onFrame(cutTo(frame, source, { widthPx: crop.widthPx, heightPx: v }));
              return true;
            }}
          />
          <ChoiceField
            label="Shape"
            hint="The rules leave it free."
            value={shapeOf(frame)}
            options={SHAPES}
            onChange={value => value !== FREE && onFrame({ ...frame, ratio: Number(value) || undefined })}
          />
        </>
      )}
    </Flex>
  );
}

/** A shape that is none of the usual ones. */
const FREE = 'free';

const shapeOf = ({ ratio }: Frame) =>
  ratio === undefined ? '0' : String(ratio) in SHAPES ? String(ratio) : FREE;

const SHAPES: Readonly<Record<string, string>> = {
  '0': 'as the picture is',
  '1': 'square',
  '1.5': '3 : 2',
  '1.3333333333333333': '4 : 3',
  '1.25': '5 : 4',
  '1.7777777777777777': '16 : 9',
  '2': '2 : 1',
  '3': '3 : 1',
  '0.6666666666666666': '2 : 3',
  '0.8': '4 : 5',
  [FREE]: 'as typed',
};

function isShapeFree(deliverable: Deliverable, source: PixelSize): boolean {
  return sizeLimits(deliverable, source).some(limits => {
    const { minRatio, maxRatio } = reachableRatios(limits);
    return maxRatio > minRatio * 1.2;
  });
}

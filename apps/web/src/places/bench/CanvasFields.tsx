import { Box, chakra, Flex } from '@chakra-ui/react';
import { mustsOf, type ConformJob, type Deliverable, type Frame } from '@able-frame/core';
import { Button } from '../../parts/controls.tsx';
import { NumberField } from '../../parts/fields.tsx';

interface Props {
  deliverable: Deliverable;
  frame: Frame;
  job: ConformJob | undefined;
  /** Whether the next press on the picture takes its colour. */
  isPicking: boolean;
  onPick: () => void;
  onFrame: (frame: Frame) => void;
}

const PLAIN = [
  ['#ffffff', 'White'],
  ['#777777', 'Grey'],
  ['#000000', 'Black'],
] as const;

/** Where the picture stands on its canvas, in pixels of the file. */
const PLACES = [
  {
    label: 'From the left, px',
    hint: 'Canvas on the left.',
    side: 'widthPx',
    start: 'leftPx',
    share: 'canvasX',
  },
  { label: 'From the top, px', hint: 'Canvas above.', side: 'heightPx', start: 'topPx', share: 'canvasY' },
] as const;

/** The canvas round a mounted picture: its colour, where the sheet does not give one, and where the picture stands. */
export function CanvasFields({ deliverable, frame, job, isPicking, onPick, onFrame }: Props) {
  const asked = mustsOf(deliverable, 'canvas').find(rule => rule.colour)?.colour;
  return (
    <Flex gap="8px 10px" wrap="wrap" align="flex-end">
      <Box>
        <chakra.label htmlFor="canvas-colour" display="block" fontSize="cell" fontWeight="600">
          Canvas
        </chakra.label>
        <chakra.input
          id="canvas-colour"
          type="color"
          width="64px"
          height="34px"
          disabled={asked !== undefined}
          value={asked ?? frame.canvasColour}
          onChange={event => onFrame({ ...frame, canvasColour: event.target.value })}
        />
      </Box>
      {!asked &&
        PLAIN.map(([colour, word]) => (
          <Button key={colour} look="quiet" onClick={() => onFrame({ ...frame, canvasColour: colour })}>
            {word}
          </Button>
        ))}
      {!asked && (
        <Button look="quiet" aria-pressed={isPicking} onClick={onPick}>
          {isPicking ? 'Press on the picture …' : 'From the picture'}
        </Button>
      )}
      <Button look="quiet" onClick={() => onFrame({ ...frame, canvasX: 0.5, canvasY: 0.5 })}>
        Into the middle
      </Button>
      {job?.canvas &&
        PLACES.map(({ label, hint, side, start, share }) => {
          const { canvas, target } = job;
          const room = canvas ? canvas[side] - target[side] : 0;
          // A picture that fills the canvas from edge to edge has one place only.
          if (!canvas || room < 1) return null;
          return (
            <NumberField
              key={label}
              label={label}
              hint={hint}
              value={canvas[start]}
              onChange={v => {
                if (v === undefined || v > room) return false;
                onFrame({ ...frame, [share]: v / room });
                return true;
              }}
            />
          );
        })}
    </Flex>
  );
}

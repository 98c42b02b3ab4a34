import { Box, chakra, Flex } from '@chakra-ui/react';
import { mustsOf, type Deliverable, type Frame } from '@able-frame/core';
import { Button } from '../../parts/controls.tsx';

interface Props {
  deliverable: Deliverable;
  frame: Frame;
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

/** The canvas round a mounted picture: its colour, where the sheet does not give one, and where the picture stands. */
export function CanvasFields({ deliverable, frame, isPicking, onPick, onFrame }: Props) {
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
    </Flex>
  );
}

import { Box, chakra, Flex } from '@chakra-ui/react';
import {
  mayMount,
  mayStayWhole,
  mustsOf,
  type Deliverable,
  type Frame,
  type PixelSize,
} from '@able-frame/core';

interface Props {
  source: PixelSize;
  deliverable: Deliverable;
  frame: Frame;
  onFrame: (frame: Frame) => void;
}

const METHODS = {
  whole: ['Whole', 'keep all, reduce'],
  trim: ['Trim', 'cut to the shape'],
  mount: ['Mount', 'keep all, add canvas'],
} as const;

const WHY_NOT = {
  whole: 'the rules ask for another shape',
  trim: '',
  mount: 'the rules forbid it',
} as const;

/** The three honest ways into a shape; those that the rules do not allow say so. */
export function FrameMethods({ source, deliverable, frame, onFrame }: Props) {
  const allowed = {
    whole: mayStayWhole(deliverable, source, { ...frame, levelDeg: 0 }),
    trim: true,
    mount: mayMount(deliverable),
  };
  const colour = mustsOf(deliverable, 'canvas').find(rule => rule.colour)?.colour;
  const choose = (method: Frame['method']) => {
    const asked = method === 'mount' && colour ? { canvasColour: colour } : {};
    // A level needs a cut, so a picture that is kept whole stands as it was taken.
    const level =
      method === 'whole' ? { levelDeg: 0, ratio: undefined, size: 1, centreX: 0, centreY: 0 } : {};
    onFrame({ ...frame, method, ...asked, ...level });
  };
  return (
    <Flex as="fieldset" gap="8px" wrap="wrap">
      <chakra.legend className="sr-only">Way into the shape</chakra.legend>
      {(['whole', 'trim', 'mount'] as const).map(method => (
        <chakra.label
          key={method}
          flex="1 1 92px"
          borderWidth="1.5px"
          borderColor={frame.method === method ? 'ink' : 'line'}
          background={frame.method === method ? 'accentWash' : 'sheet'}
          padding="6px 8px"
          cursor={allowed[method] ? 'pointer' : 'not-allowed'}
        >
          <input
            type="radio"
            name="method"
            checked={frame.method === method}
            disabled={!allowed[method]}
            onChange={() => choose(method)}
          />{' '}
          <strong>{METHODS[method][0]}</strong>
          <Box color="inkSoft" fontSize="cell" lineHeight="1.2">
            {allowed[method] ? METHODS[method][1] : WHY_NOT[method]}
          </Box>
        </chakra.label>
      ))}
    </Flex>
  );
}

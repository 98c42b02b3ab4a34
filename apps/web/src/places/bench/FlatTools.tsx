import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { Deliverable, Frame, PixelSize } from '@able-frame/core';
import { Button } from '../../parts/controls.tsx';
import { CheckField } from '../../parts/fields.tsx';
import { inkOf } from '../../workers/previews.ts';
import { inkFrame } from './ink-frame.ts';

interface Props {
  pictureId: string;
  source: PixelSize;
  deliverable: Deliverable;
  frame: Frame;
  onSquare: () => void;
  onFrame: (frame: Frame) => void;
}

/** What flat things need before they are framed: artworks that were photographed at a slant, and writing on paper. */
export function FlatTools({ pictureId, source, deliverable, frame, onSquare, onFrame }: Props) {
  const [said, setSaid] = useState('');
  const findInk = async () => {
    setSaid('Looking for the ink …');
    try {
      const ink = await inkOf(pictureId);
      if (ink) onFrame(inkFrame(source, deliverable, frame, ink));
      setSaid(
        ink
          ? 'The frame stands round the ink. Move it if something is missing.'
          : 'No writing was found that stands out from its paper. Frame it by hand.',
      );
    } catch (error) {
      setSaid(`The ink cannot be looked for. ${(error as Error).message}`);
    }
  };
  return (
    <Box
      as="section"
      aria-label="Artwork and paper"
      borderTopWidth="1px"
      borderColor="line"
      paddingTop="10px"
    >
      <Flex gap="8px" wrap="wrap" align="center">
        <Button look="quiet" aria-pressed={frame.square !== undefined} onClick={onSquare}>
          Square up …
        </Button>
        <Button look="quiet" onClick={() => void findInk()}>
          Find the ink
        </Button>
        <CheckField
          label="Even paper"
          value={frame.evenPaper ?? false}
          onChange={evenPaper => onFrame({ ...frame, evenPaper })}
        />
      </Flex>
      <Box role="status" fontSize="cell" color="inkSoft">
        {said}
      </Box>
    </Box>
  );
}

import { Box, chakra, Flex } from '@chakra-ui/react';
import type { Frame, PixelSize, RuleSheet } from '@able-frame/core';
import { Button } from '../../parts/controls.tsx';
import type { Row } from '../../store/rows.ts';
import { BenchControls } from './BenchControls.tsx';
import { CopyFrame } from './CopyFrame.tsx';
import { Figures } from './Figures.tsx';
import type { Guide } from './Guides.tsx';
import type { Tool } from './Stage.tsx';
import { StepButtons } from './StepButtons.tsx';
import type { BenchFrame } from './use-bench-frame.ts';

interface Props {
  row: Row;
  rows: readonly Row[];
  sheet: RuleSheet;
  source: PixelSize;
  bench: BenchFrame;
  guide: Guide;
  tool: Tool;
  isActual: boolean;
  hasHelp: boolean;
  onGuide: (guide: Guide) => void;
  onTool: (tool: Tool) => void;
  onSquare: () => void;
  onActual: () => void;
  onHelp: () => void;
  onFrame: (frame: Frame) => void;
}

/** Everything beside the stage: the values of the frame, what it costs, and the steps that led to it. */
export function FramePanel(props: Props) {
  const { row, rows, sheet, source, bench, isActual, hasHelp, onActual, onHelp } = props;
  const { picture, deliverable } = row;
  const { frame, plan, job } = bench;
  return (
    <Flex as="section" aria-label="Frame" direction="column" gap="12px">
      <BenchControls {...props} pictureId={picture.id} deliverable={deliverable} frame={frame} job={job} />
      <Box borderTopWidth="1px" borderColor="line" paddingTop="12px" aria-live="polite">
        <Figures plan={plan} source={source} deliverable={deliverable} />
      </Box>
      <StepButtons picture={picture} deliverableId={deliverable.id}>
        <Button look="quiet" aria-pressed={isActual} onClick={onActual}>
          Actual pixels
        </Button>
        <Button look="quiet" aria-expanded={hasHelp} onClick={onHelp}>
          Keys
        </Button>
      </StepButtons>
      <CopyFrame row={row} rows={rows} sheet={sheet} frame={frame} />
      {!picture.frames?.[deliverable.id] && (
        <chakra.p color="inkSoft" fontSize="cell">
          This is what the program proposes. Move the picture to make the frame yours.
        </chakra.p>
      )}
    </Flex>
  );
}

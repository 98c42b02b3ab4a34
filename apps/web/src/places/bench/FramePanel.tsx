import { Box, chakra, Flex } from '@chakra-ui/react';
import { capitalised, type Frame, type PixelSize, type RuleSheet } from '@able-frame/core';
import { Button } from '../../parts/controls.tsx';
import type { Row } from '../../store/rows.ts';
import { BenchControls } from './BenchControls.tsx';
import { CopyFrame } from './CopyFrame.tsx';
import { Figures } from './Figures.tsx';
import { StepButtons } from './StepButtons.tsx';
import type { BenchFrame } from './use-bench-frame.ts';
import type { BenchView } from './use-bench-view.ts';

interface Props {
  row: Row;
  rows: readonly Row[];
  sheet: RuleSheet;
  source: PixelSize;
  bench: BenchFrame;
  ui: BenchView;
  onFrame: (frame: Frame) => void;
}

/** Everything beside the stage: the values of the frame, what it costs, and the steps that led to it. */
export function FramePanel(props: Props) {
  const { row, rows, sheet, source, bench, ui } = props;
  const { picture, deliverable } = row;
  const { frame, plan, job } = bench;
  const leader = sheet.deliverables.find(d => d.id === row.entry.frame?.follows);
  return (
    <Flex as="section" aria-label="Frame" direction="column" gap="12px">
      <BenchControls {...props} pictureId={picture.id} deliverable={deliverable} frame={frame} job={job} />
      <Box borderTopWidth="1px" borderColor="line" paddingTop="12px" aria-live="polite">
        <Figures plan={plan} source={source} deliverable={deliverable} />
      </Box>
      <StepButtons picture={picture} deliverableId={deliverable.id}>
        <Button look="quiet" aria-pressed={ui.view === 'actual'} onClick={() => ui.toggle('actual')}>
          Actual pixels
        </Button>
        <Button look="quiet" aria-expanded={ui.hasHelp} onClick={ui.toggleHelp}>
          Keys
        </Button>
      </StepButtons>
      <CopyFrame row={row} rows={rows} sheet={sheet} frame={frame} />
      {!picture.frames?.[deliverable.id] && (
        <chakra.p color="inkSoft" fontSize="cell">
          {leader
            ? `This follows the frame of ${capitalised(leader.label)}. Move the picture to give it one of its own.`
            : 'This is what the program proposes. Move the picture to make the frame yours.'}
        </chakra.p>
      )}
    </Flex>
  );
}

import { Box } from '@chakra-ui/react';
import { Link, useNavigate, useParams } from 'react-router';
import { useStore } from 'zustand';
import { mayStayWhole, type Frame, type RuleSheet, type SquareUp } from '@able-frame/core';
import { Heading } from '../../parts/Heading.tsx';
import { useRows } from '../../parts/use-rows.ts';
import { redoFrame, undoFrame } from '../../store/frame-actions.ts';
import { sizeOf } from '../../store/picture-facts.ts';
import type { Row } from '../../store/rows.ts';
import { submissionStore } from '../../store/submission-store.ts';
import { BenchHeading } from './BenchHeading.tsx';
import { FramePanel } from './FramePanel.tsx';
import { nextGuide } from './Guides.tsx';
import { KeyHelp } from './KeyHelp.tsx';
import { levelledTo, settledFrame, squaredTo } from './move-frame.ts';
import { SquarePanel } from './square/SquarePanel.tsx';
import { useSquareDraft } from './square/use-square-draft.ts';
import { Surface } from './Surface.tsx';
import { useBenchFrame } from './use-bench-frame.ts';
import { useBenchKeys } from './use-bench-keys.ts';
import { useBenchView } from './use-bench-view.ts';
import { usePreview } from './use-preview.ts';

/** One picture, large, under the frame that its file has to have. */
export function BenchPlace() {
  const { pictureId = '', deliverableId = '' } = useParams();
  const submission = useStore(submissionStore, s => s.submission);
  const rows = useRows().filter(row => row.picture.intake.taken);
  const index = rows.findIndex(row => row.picture.id === pictureId && row.deliverable.id === deliverableId);
  const row = rows[index];
  if (!submission) return null;
  if (!row)
    return (
      <Heading
        sentence="This picture is not in the submission."
        next={<Link to={`/submission/${submission.id}/pictures`}>Back to the pictures</Link>}
      />
    );
  return (
    <Bench
      key={row.id}
      row={row}
      rows={rows}
      index={index}
      sheet={submission.sheet}
      address={`/submission/${submission.id}`}
    />
  );
}

interface Props {
  row: Row;
  rows: readonly Row[];
  index: number;
  sheet: RuleSheet;
  /** Address of the submission. */
  address: string;
}

function Bench({ row, rows, index, sheet, address }: Props) {
  const { picture, deliverable } = row;
  const source = sizeOf(picture) ?? { widthPx: 1, heightPx: 1 };
  const navigate = useNavigate();
  const bench = useBenchFrame(row, source);
  const { frame, job, change, commit } = bench;
  const ui = useBenchView();
  const { view, guide } = ui;
  const preview = usePreview(picture.id, view !== 'square' && frame.evenPaper === true, [
    rows[index + 1]?.picture.id,
    rows[index - 1]?.picture.id,
  ]);
  const go = (to: number) => {
    const other = rows[to];
    if (other) void navigate(`${address}/bench/${other.picture.id}/${other.deliverable.id}`);
  };
  const set = (next: Frame) => {
    change(() => next);
    commit(next);
  };
  useBenchKeys({
    frame: job ? settledFrame(frame, job, source) : frame,
    source,
    isMounted: job?.canvas !== undefined,
    onFrame: next => view === 'frame' && set(next),
    onUndo: () => void undoFrame(picture.id, deliverable.id),
    onRedo: () => void redoFrame(picture.id, deliverable.id),
    onGuide: () => ui.setGuide(nextGuide(guide)),
    onActual: () => ui.toggle('actual'),
    onStep: by => go(index + by),
    onHelp: ui.toggleHelp,
  });
  const draft = useSquareDraft(picture, source, frame);
  const square = (to: SquareUp | undefined) => {
    set(squaredTo(frame, to, f => mayStayWhole(deliverable, source, f)));
    ui.setView('frame');
  };
  return (
    <>
      <BenchHeading row={row} address={address} index={index} count={rows.length} onGo={go} />
      {ui.hasHelp && <KeyHelp onClose={ui.toggleHelp} />}
      <Box
        display="grid"
        gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 320px' }}
        gap="18px"
      >
        <Box height={{ base: '60dvh', lg: 'calc(100dvh - 210px)' }} minHeight="340px">
          <Surface
            row={row}
            source={source}
            preview={preview}
            bench={bench}
            ui={ui}
            draft={draft}
            onLine={missed => {
              ui.setTool('move');
              set(levelledTo(frame, frame.levelDeg - missed));
            }}
            onColour={canvasColour => {
              ui.setTool('move');
              if (canvasColour) set({ ...frame, canvasColour });
            }}
          />
        </Box>
        {view === 'square' && preview.state === 'there' ? (
          <SquarePanel
            source={source}
            preview={preview.preview}
            draft={draft}
            isSquared={frame.square !== undefined}
            onDone={square}
            onCancel={() => ui.setView('frame')}
          />
        ) : (
          <FramePanel
            row={row}
            rows={rows}
            sheet={sheet}
            source={source}
            bench={bench}
            ui={ui}
            onFrame={set}
          />
        )}
      </Box>
    </>
  );
}

import { Box, chakra, Flex } from '@chakra-ui/react';
import { useEffect, useState, type ReactNode } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useStore } from 'zustand';
import {
  capitalised,
  sizeRules,
  wordRule,
  type Frame,
  type PixelSize,
  type RuleSheet,
} from '@able-frame/core';
import type { Picture } from '../../database/schemas.ts';
import { Button } from '../../parts/controls.tsx';
import { Heading } from '../../parts/Heading.tsx';
import { useRows } from '../../parts/use-rows.ts';
import { redoFrame, setFrame, undoFrame } from '../../store/frame-actions.ts';
import { sizeOf } from '../../store/picture-facts.ts';
import type { Row } from '../../store/rows.ts';
import { submissionStore } from '../../store/submission-store.ts';
import { previewOf, type Preview } from '../../workers/previews.ts';
import { ActualPixels } from './ActualPixels.tsx';
import { BenchControls } from './BenchControls.tsx';
import { CopyFrame } from './CopyFrame.tsx';
import { Figures } from './Figures.tsx';
import { nextGuide, rememberedGuide, rememberGuide, type Guide } from './Guides.tsx';
import { KeyHelp } from './KeyHelp.tsx';
import { levelledTo, settledFrame } from './move-frame.ts';
import { Stage } from './Stage.tsx';
import { useBenchFrame, type BenchFrame } from './use-bench-frame.ts';
import { useBenchKeys } from './use-bench-keys.ts';

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
  const preview = usePreview(picture.id, rows[index + 1]?.picture.id);
  const bench = useBenchFrame(row, source);
  const { frame, plan, job, change, commit } = bench;
  const [guide, setGuide] = useGuide();
  const [isDrawing, setDrawing] = useState(false);
  const [isActual, setActual] = useState(false);
  const [hasHelp, setHelp] = useState(false);
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
    onFrame: set,
    onUndo: () => void undoFrame(picture.id, deliverable.id),
    onRedo: () => void redoFrame(picture.id, deliverable.id),
    onGuide: () => setGuide(nextGuide(guide)),
    onActual: () => setActual(v => !v),
    onStep: by => go(index + by),
    onHelp: () => setHelp(v => !v),
  });
  return (
    <>
      <BenchHeading row={row} address={address} index={index} count={rows.length} onGo={go} />
      {hasHelp && <KeyHelp onClose={() => setHelp(false)} />}
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
            guide={guide}
            isDrawing={isDrawing}
            isActual={isActual}
            onActual={setActual}
            onLine={missed => {
              setDrawing(false);
              set(levelledTo(frame, frame.levelDeg - missed));
            }}
          />
        </Box>
        <Flex as="section" aria-label="Frame" direction="column" gap="14px">
          <BenchControls
            source={source}
            deliverable={deliverable}
            frame={frame}
            job={job}
            guide={guide}
            isDrawing={isDrawing}
            onGuide={setGuide}
            onDraw={() => setDrawing(!isDrawing)}
            onFrame={set}
          />
          <Box borderTopWidth="1px" borderColor="line" paddingTop="12px" aria-live="polite">
            <Figures plan={plan} source={source} deliverable={deliverable} />
          </Box>
          <StepButtons picture={picture} deliverableId={deliverable.id}>
            <Button look="quiet" aria-pressed={isActual} onClick={() => setActual(!isActual)}>
              Actual pixels
            </Button>
            <Button look="quiet" aria-expanded={hasHelp} onClick={() => setHelp(!hasHelp)}>
              Keys
            </Button>
          </StepButtons>
          <CopyFrame row={row} rows={rows} sheet={sheet} frame={frame} />
          {preview.state === 'there' && !picture.frames?.[deliverable.id] && (
            <chakra.p color="inkSoft" fontSize="cell">
              This is what the program proposes. Move the picture to make the frame yours.
            </chakra.p>
          )}
        </Flex>
      </Box>
    </>
  );
}

interface SurfaceProps {
  row: Row;
  source: PixelSize;
  preview: PreviewState;
  bench: BenchFrame;
  guide: Guide;
  isDrawing: boolean;
  isActual: boolean;
  onActual: (isActual: boolean) => void;
  onLine: (missedDeg: number) => void;
}

/** The picture under its frame, or its finished pixels, or why neither can be shown. */
function Surface(props: SurfaceProps) {
  const { row, source, preview, bench, isActual, onActual } = props;
  const { frame, plan, job, change, commit } = bench;
  if (preview.state !== 'there') return <p role="status">{preview.sentence}</p>;
  if (!job) return <Figures plan={plan} source={source} deliverable={row.deliverable} />;
  const shared = { source, preview: preview.preview, job };
  return isActual ? (
    <ActualPixels {...shared} picture={row.picture} onClose={() => onActual(false)} />
  ) : (
    <Stage
      {...shared}
      frame={frame}
      guide={props.guide}
      isDrawing={props.isDrawing}
      title={row.picture.title || row.picture.fileName}
      onMove={edit => change(f => edit(settledFrame(f, job, source)))}
      onRest={() => commit()}
      onLine={props.onLine}
    />
  );
}

interface HeadingProps extends Pick<Props, 'row' | 'address' | 'index'> {
  count: number;
  onGo: (index: number) => void;
}

function BenchHeading({ row: { picture, deliverable }, address, index, count, onGo }: HeadingProps) {
  return (
    <Heading
      sentence={`${picture.title || picture.fileName}: ${capitalised(deliverable.label)}`}
      next={
        <>
          {capitalised(sizeRules(deliverable).map(wordRule).join(', ') || 'any size')}.{' '}
          <Link to={`${address}/pictures`}>Back to the pictures</Link>
        </>
      }
    >
      <Button disabled={index === 0} onClick={() => onGo(index - 1)}>
        Previous
      </Button>
      <Button disabled={index === count - 1} onClick={() => onGo(index + 1)}>
        Next
      </Button>
    </Heading>
  );
}

/** Taking steps back and bringing them again; everything that was done stays known. */
function StepButtons({
  picture,
  deliverableId,
  children,
}: {
  picture: Picture;
  deliverableId: string;
  children: ReactNode;
}) {
  const history = picture.frameHistory?.[deliverableId];
  return (
    <Flex gap="8px" wrap="wrap">
      <Button
        look="quiet"
        disabled={!history?.past.length}
        onClick={() => void undoFrame(picture.id, deliverableId)}
      >
        Undo
      </Button>
      <Button
        look="quiet"
        disabled={!history?.future.length}
        onClick={() => void redoFrame(picture.id, deliverableId)}
      >
        Redo
      </Button>
      <Button
        look="quiet"
        disabled={!picture.frames?.[deliverableId]}
        onClick={() => void setFrame(picture.id, deliverableId, undefined)}
      >
        Start again
      </Button>
      {children}
    </Flex>
  );
}

/** The guide over the frame, remembered for every picture. */
function useGuide(): [Guide, (guide: Guide) => void] {
  const [guide, setGuide] = useState<Guide>(rememberedGuide);
  return [
    guide,
    next => {
      rememberGuide(next);
      setGuide(next);
    },
  ];
}

type PreviewState = { state: 'there'; preview: Preview } | { state: 'coming' | 'failed'; sentence: string };

/** The picture's preview, and that of the next one ahead of time. */
function usePreview(pictureId: string, nextId: string | undefined): PreviewState {
  const [state, setState] = useState<PreviewState>({ state: 'coming', sentence: 'Opening the picture …' });
  useEffect(() => {
    let isCurrent = true;
    previewOf(pictureId).then(
      preview => {
        if (isCurrent) setState({ state: 'there', preview });
        if (nextId) void previewOf(nextId).catch(() => undefined);
      },
      (error: Error) => {
        if (isCurrent)
          setState({ state: 'failed', sentence: `The picture cannot be shown. ${error.message}` });
      },
    );
    return () => {
      isCurrent = false;
    };
  }, [pictureId, nextId]);
  return state;
}

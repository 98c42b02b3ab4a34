import type { PixelSize } from '@able-frame/core';
import type { Row } from '../../store/rows.ts';
import { ActualPixels } from './ActualPixels.tsx';
import { Figures } from './Figures.tsx';
import { settledFrame } from './move-frame.ts';
import { SquareStage } from './square/SquareStage.tsx';
import type { SquareDraft } from './square/use-square-draft.ts';
import { Stage } from './Stage.tsx';
import type { BenchFrame } from './use-bench-frame.ts';
import type { BenchView } from './use-bench-view.ts';
import type { PreviewState } from './use-preview.ts';

interface Props {
  row: Row;
  source: PixelSize;
  preview: PreviewState;
  bench: BenchFrame;
  ui: BenchView;
  draft: SquareDraft;
  onLine: (missedDeg: number) => void;
  onColour: (colour: string | undefined) => void;
}

/** The picture under its frame, its finished pixels, its corners, or why none of them can be shown. */
export function Surface(props: Props) {
  const { row, source, preview, bench } = props;
  const { view, tool, guide, setView } = props.ui;
  const { frame, plan, job, change, commit } = bench;
  if (preview.state !== 'there') return <p role="status">{preview.sentence}</p>;
  const title = row.picture.title || row.picture.fileName;
  if (view === 'square')
    return <SquareStage source={source} preview={preview.preview} draft={props.draft} title={title} />;
  if (!job) return <Figures plan={plan} source={source} deliverable={row.deliverable} />;
  const shared = { source, preview: preview.preview, job };
  return view === 'actual' ? (
    <ActualPixels {...shared} picture={row.picture} onClose={() => setView('frame')} />
  ) : (
    <Stage
      {...shared}
      frame={frame}
      guide={guide}
      tool={tool}
      title={title}
      onMove={edit => change(f => edit(settledFrame(f, job, source)))}
      onRest={() => commit()}
      onLine={props.onLine}
      onColour={props.onColour}
    />
  );
}

import { Link } from 'react-router';
import { useStore } from 'zustand';
import {
  cutKey,
  finishedSize,
  mustsOf,
  pictureSize,
  wordBytes,
  wordCount,
  wordRemark,
  wordSize,
  type PixelSize,
} from '@able-frame/core';
import { Button } from '../../parts/controls.tsx';
import { StateMark } from '../../parts/StateMark.tsx';
import { ToScaleGlyph } from '../../parts/ToScaleGlyph.tsx';
import { sizeOf } from '../../store/picture-facts.ts';
import type { Row } from '../../store/rows.ts';
import { changePicture } from '../../store/submission-actions.ts';
import { submissionStore } from '../../store/submission-store.ts';
import { wordColourNext, wordColourNow } from './colour-words.ts';
import { asksForCut, wordFrame } from './row-words.ts';

const STAGE_WORDS = {
  waiting: 'waiting',
  opening: 'opening',
  resizing: 'resizing',
  weighing: 'finding the weight',
  proving: 'reading it back',
} as const;

interface Props {
  row: Row;
  source: PixelSize;
  troubles: string[];
  /** How a cell that holds the question is washed with colour. */
  wash: 'needs-you' | 'broken' | undefined;
}

/** What one file is now, will be and was measured to be, group of rules by group. */
export function FileCells({ row, source, troubles, wash }: Props) {
  const { picture, entry } = row;
  const { plan } = entry;
  const washFrame = asksForCut(row) || plan?.state === 'cannot';
  return (
    <>
      <td role="cell" data-label="Frame" data-wash={washFrame ? wash : undefined}>
        <FrameCell row={row} />
      </td>
      <td role="cell" data-label="Pixels" className="measured">
        <div>
          <div className="soft">{wordSize(source.widthPx, source.heightPx)}</div>
          <div>
            {plan && plan.state !== 'cannot'
              ? wordSize(finishedSize(plan.job).widthPx, finishedSize(plan.job).heightPx)
              : '–'}
          </div>
        </div>
      </td>
      <td role="cell" data-label="Colour">
        <ColourCell row={row} />
      </td>
      <td role="cell" data-label="Weight" className="measured">
        <div>
          <div className="soft">{wordBytes(picture.facts.sizeBytes)}</div>
          <div>{weightOf(row)}</div>
        </div>
      </td>
      <td role="cell" data-label="Name">
        <div>{plan?.name ? breakable(plan.name) : '–'}</div>
      </td>
      <td role="cell" data-label="State">
        <StateCell row={row} troubles={troubles} />
      </td>
    </>
  );
}

function FrameCell({ row }: { row: Row }) {
  const { picture, entry, deliverable } = row;
  const source = sizeOf(picture);
  const { plan } = entry;
  if (!source || !plan) return null;
  const limit = mustsOf(deliverable, 'exact-size')[0] ?? mustsOf(deliverable, 'box')[0] ?? neededOf(plan);
  const [method, loss] = wordFrame(row);
  return (
    <div className="pair">
      <ToScaleGlyph
        source={plan.state === 'cannot' ? source : pictureSize(source, plan.job.geometry)}
        crop={plan.state === 'cannot' ? undefined : plan.job.crop}
        target={plan.state === 'cannot' ? undefined : finishedSize(plan.job)}
        limit={limit}
      />
      <div>
        <div className="strong">{method}</div>
        <div className="soft small">{loss}</div>
        <div className="small">
          <Link
            to={`/submission/${picture.submissionId}/bench/${picture.id}/${deliverable.id}`}
            aria-label={`Frame ${picture.title || picture.fileName} on the bench`}
          >
            On the bench
          </Link>
        </div>
        {asksForCut(row) && plan.state !== 'cannot' && (
          <Button
            look="text"
            fontSize="cell"
            aria-label={`Accept this cut of ${picture.title || picture.fileName}`}
            onClick={() =>
              void changePicture(picture.id, {
                acceptedCuts: { ...picture.acceptedCuts, [deliverable.id]: cutKey(plan.job) },
              })
            }
          >
            Accept this cut
          </Button>
        )}
      </div>
    </div>
  );
}

function neededOf(plan: NonNullable<Row['entry']['plan']>) {
  return plan.state === 'cannot' && plan.obstacle.outcome === 'too-small' ? plan.obstacle.needed : undefined;
}

function ColourCell({ row: { picture, entry } }: { row: Row }) {
  const remarks = picture.intake.taken ? picture.intake.remarks.filter(r => r.code !== 'untagged') : [];
  const asksForNeutral =
    entry.plan?.state === 'needs-you' && entry.plan.questions.some(q => q.code === 'make-neutral');
  return (
    <div>
      <div className="soft">{wordColourNow(picture)}</div>
      <div>
        {entry.plan && entry.plan.state !== 'cannot' && wordColourNext(picture, entry.plan.job.output)}
      </div>
      {asksForNeutral && (
        <Button
          look="text"
          fontSize="cell"
          whiteSpace="normal"
          textAlign="left"
          aria-label={`Make ${picture.title || picture.fileName} neutral grey`}
          onClick={() => void changePicture(picture.id, { mayBeMadeNeutral: true })}
        >
          Make it neutral grey
        </Button>
      )}
      {remarks.map(remark => (
        <div key={remark.code} className="asked small">
          {wordRemark(remark)}
        </div>
      ))}
    </div>
  );
}

function weightOf(row: Row): string {
  const made = row.made?.result;
  if (made?.kind === 'file') return `${wordCount(made.blob.size)} B`;
  return row.entry.plan?.state === 'cannot' ? '–' : 'to be found';
}

function StateCell({ row, troubles }: { row: Row; troubles: string[] }) {
  const stage = useStore(submissionStore, s => s.run?.stages.get(row.id));
  const made = row.made?.result;
  const id = useStore(submissionStore, s => s.submission?.id);
  if (row.state === 'proven' && made?.kind === 'file') {
    const met = made.findings.filter(f => f.verdict === 'met').length;
    return (
      <div>
        <StateMark state="proven" />
        <div>
          <Link to={`/submission/${id}/proof#proof-${row.id}`}>
            {met} of {made.findings.length} met
          </Link>
        </div>
      </div>
    );
  }
  const tooSmall = row.entry.plan?.state === 'cannot' && row.entry.plan.obstacle.outcome === 'too-small';
  return (
    <div>
      <StateMark state={row.state} {...(tooSmall ? { word: 'Too small' } : {})} />
      {stage && <div className="soft">{STAGE_WORDS[stage]}</div>}
      {!stage &&
        troubles.map(trouble => (
          <div key={trouble} className="trouble">
            {trouble}
          </div>
        ))}
    </div>
  );
}

/** A long name may break after an underscore or a hyphen and before a capital, where the eye expects it. */
function breakable(name: string) {
  return name.split(/(?<=[_-])|(?<=[a-z])(?=[A-Z])/).map((part, i) => (
    <span key={i}>
      {part}
      <wbr />
    </span>
  ));
}

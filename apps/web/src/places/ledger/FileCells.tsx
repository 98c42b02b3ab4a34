import { Box, chakra, Flex } from '@chakra-ui/react';
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
  /** Colour of a cell that holds the question. */
  wash: string | undefined;
}

/** What one file is now, will be and was measured to be, group of rules by group. */
export function FileCells({ row, source, troubles, wash }: Props) {
  const { picture, entry } = row;
  const { plan } = entry;
  const washFrame = asksForCut(row) || plan?.state === 'cannot';
  return (
    <>
      <chakra.td role="cell" data-label="Frame" background={washFrame ? wash : undefined}>
        <FrameCell row={row} />
      </chakra.td>
      <chakra.td role="cell" data-label="Pixels" fontFamily="measure" fontSize="measure" whiteSpace="nowrap">
        <Box>
          <chakra.div color="inkSoft">{wordSize(source.widthPx, source.heightPx)}</chakra.div>
          <div>
            {plan && plan.state !== 'cannot'
              ? wordSize(finishedSize(plan.job).widthPx, finishedSize(plan.job).heightPx)
              : '–'}
          </div>
        </Box>
      </chakra.td>
      <td role="cell" data-label="Colour">
        <ColourCell row={row} />
      </td>
      <chakra.td role="cell" data-label="Weight" fontFamily="measure" fontSize="measure" whiteSpace="nowrap">
        <Box>
          <chakra.div color="inkSoft">{wordBytes(picture.facts.sizeBytes)}</chakra.div>
          <div>{weightOf(row)}</div>
        </Box>
      </chakra.td>
      <chakra.td
        role="cell"
        data-label="Name"
        fontFamily="measure"
        fontSize="13px"
        overflowWrap="anywhere"
        minWidth="130px"
      >
        {plan?.name ? breakable(plan.name) : '–'}
      </chakra.td>
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
    <Flex gap="10px" align="center">
      <ToScaleGlyph
        source={plan.state === 'cannot' ? source : pictureSize(source, plan.job.geometry)}
        crop={plan.state === 'cannot' ? undefined : plan.job.crop}
        target={plan.state === 'cannot' ? undefined : finishedSize(plan.job)}
        limit={limit}
      />
      <Box minWidth="84px">
        <chakra.div fontWeight="600">{method}</chakra.div>
        <chakra.div color="inkSoft" fontSize="cell" lineHeight="1.2">
          {loss}
        </chakra.div>
        <chakra.span
          fontSize="cell"
          display="block"
          css={{ '& a': { display: 'inline-block', minHeight: '24px' } }}
        >
          <Link
            to={`/submission/${picture.submissionId}/bench/${picture.id}/${deliverable.id}`}
            aria-label={`Frame ${picture.title || picture.fileName} on the bench`}
          >
            On the bench
          </Link>
        </chakra.span>
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
      </Box>
    </Flex>
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
    <Box>
      <chakra.div color="inkSoft" whiteSpace="nowrap">
        {wordColourNow(picture)}
      </chakra.div>
      <div>
        {entry.plan && entry.plan.state !== 'cannot' && wordColourNext(picture, entry.plan.job.output)}
      </div>
      {asksForNeutral && (
        <Button
          look="text"
          fontSize="cell"
          aria-label={`Make ${picture.title || picture.fileName} neutral grey`}
          onClick={() => void changePicture(picture.id, { mayBeMadeNeutral: true })}
        >
          Make it neutral grey
        </Button>
      )}
      {remarks.map(remark => (
        <chakra.div key={remark.code} color="needsYou" fontSize="cell" lineHeight="1.2">
          {wordRemark(remark)}
        </chakra.div>
      ))}
    </Box>
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
      <Box>
        <StateMark state="proven" />
        <div>
          <Link to={`/submission/${id}/proof#proof-${row.id}`}>
            {met} of {made.findings.length} met
          </Link>
        </div>
      </Box>
    );
  }
  const tooSmall = row.entry.plan?.state === 'cannot' && row.entry.plan.obstacle.outcome === 'too-small';
  return (
    <Box maxWidth="230px" minWidth={{ lg: '140px' }}>
      <StateMark state={row.state} {...(tooSmall ? { word: 'Too small' } : {})} />
      {stage && <chakra.div color="inkSoft">{STAGE_WORDS[stage]}</chakra.div>}
      {!stage &&
        troubles.map(trouble => (
          <chakra.div key={trouble} fontSize="cell" lineHeight="1.25" marginTop="2px">
            {trouble}
          </chakra.div>
        ))}
    </Box>
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

import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useStore } from 'zustand';
import {
  cutKey,
  finishedSize,
  mustsOf,
  turnedSize,
  wordBytes,
  wordCount,
  wordRemark,
  wordSize,
} from '@able-frame/core';
import { PictureThumb } from '../../parts/PictureThumb.tsx';
import { StateMark } from '../../parts/StateMark.tsx';
import { ToScaleGlyph } from '../../parts/ToScaleGlyph.tsx';
import type { Picture, Submission } from '../../database/schemas.ts';
import { sizeOf } from '../../store/picture-facts.ts';
import type { Row } from '../../store/rows.ts';
import { changePicture, removePicture } from '../../store/submission-actions.ts';
import { submissionStore } from '../../store/submission-store.ts';
import { AlikeNote } from './AlikeNote.tsx';
import { NumberCell } from './NumberCell.tsx';
import { wordColourNext, wordColourNow } from './colour-words.ts';
import { labelsOf, wordSizeRules } from './labels.ts';
import { asksForCut, wordFrame, wordTroubles } from './row-words.ts';
import { Button, Select } from '../../parts/controls.tsx';

const STAGE_WORDS = {
  waiting: 'waiting',
  opening: 'opening',
  resizing: 'resizing',
  weighing: 'finding the weight',
  proving: 'reading it back',
} as const;

/** One picture: now above, will be below, and in the washed cell what stands in the way. */
export function LedgerRow({
  row,
  submission,
  order,
}: {
  row: Row;
  submission: Submission;
  /** Picture ids as they stand in the list. */
  order: readonly string[];
}) {
  const { picture, entry, state } = row;
  const troubles = wordTroubles(row, labelsOf(submission.sheet), false);
  const wash = state === 'broken' ? 'brokenWash' : state === 'needs-you' ? 'needsYouWash' : undefined;
  const source = sizeOf(picture);
  const plan = entry.plan;
  const washFrame = asksForCut(row) || plan?.state === 'cannot';
  return (
    <chakra.tr
      role="row"
      id={`row-${row.id}`}
      background={state === 'needs-you' ? 'needsYouRow' : undefined}
      _target={{ outline: '2px solid', outlineColor: 'accent' }}
    >
      <chakra.td role="cell" data-label="No." fontFamily="measure" fontSize="measure">
        {row.isFirst && <NumberCell row={row} order={order} />}
      </chakra.td>
      <td role="cell" className="wide">
        {row.isFirst ? (
          <PictureCell picture={picture} submission={submission} />
        ) : (
          <chakra.span className="sr-only">{picture.title || picture.fileName}</chakra.span>
        )}
        {submission.sheet.deliverables.length > 1 && picture.intake.taken && <DeliverableLine row={row} />}
      </td>
      {picture.intake.taken && source ? (
        <>
          <chakra.td role="cell" data-label="Frame" background={washFrame ? wash : undefined}>
            <FrameCell row={row} />
          </chakra.td>
          <chakra.td
            role="cell"
            data-label="Pixels"
            fontFamily="measure"
            fontSize="measure"
            whiteSpace="nowrap"
          >
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
          <chakra.td
            role="cell"
            data-label="Weight"
            fontFamily="measure"
            fontSize="measure"
            whiteSpace="nowrap"
          >
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
      ) : (
        <chakra.td role="cell" colSpan={6} className="wide" background={wash}>
          <StateMark state="broken" word="Not taken" />
          <chakra.div marginTop="2px">{troubles.join(' ')}</chakra.div>
        </chakra.td>
      )}
    </chakra.tr>
  );
}

function PictureCell({ picture, submission }: { picture: Picture; submission: Submission }) {
  const name = picture.title || picture.fileName;
  return (
    <Flex gap="12px" align="center">
      <PictureThumb blob={picture.thumbnail} alt={picture.title} />
      <Box minWidth="186px" flex="1">
        {picture.intake.taken ? (
          <TitleField key={picture.title} picture={picture} />
        ) : (
          <strong>{picture.fileName}</strong>
        )}
        <Flex gap="4px 12px" align="center" marginTop="4px" wrap="wrap">
          {picture.intake.taken && submission.sheet.sections.length > 0 && (
            <Select
              minHeight="26px"
              width="116px"
              fontSize="cell"
              paddingInline="4px"
              aria-label={`Section of ${name}`}
              value={picture.sectionCode ?? ''}
              onChange={event =>
                void changePicture(picture.id, { sectionCode: event.target.value || undefined })
              }
            >
              <option value="">choose a section</option>
              {submission.sheet.sections.map(s => (
                <option key={s.code} value={s.code}>
                  {s.label}
                </option>
              ))}
            </Select>
          )}
          <Button
            look="text"
            fontSize="cell"
            fontWeight="400"
            aria-label={`Take out ${name}`}
            onClick={() => void removePicture(picture.id)}
          >
            Take out
          </Button>
        </Flex>
        <AlikeNote picture={picture} />
      </Box>
    </Flex>
  );
}

function TitleField({ picture }: { picture: Picture }) {
  const [title, setTitle] = useState(picture.title);
  return (
    <chakra.input
      aria-label={`Title of ${picture.fileName}`}
      title={picture.fileName}
      placeholder="Give it a title"
      width="100%"
      minHeight="26px"
      fontWeight="600"
      background="transparent"
      borderBottomWidth="1.5px"
      borderColor={title ? 'transparent' : 'needsYou'}
      _hover={{ borderColor: 'line' }}
      value={title}
      onChange={event => setTitle(event.target.value)}
      onBlur={() => title !== picture.title && void changePicture(picture.id, { title: title.trim() })}
      onKeyDown={event => event.key === 'Enter' && event.currentTarget.blur()}
    />
  );
}

/** Which of several files of a picture this is, and what it is held to. */
function DeliverableLine({ row: { deliverable } }: { row: Row }) {
  const rules = wordSizeRules(deliverable);
  return (
    <Box marginTop="4px" marginLeft={{ lg: '76px' }} fontSize="cell">
      <strong>{deliverable.label}</strong>
      {rules && <chakra.span color="inkSoft"> {rules}</chakra.span>}
    </Box>
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
        source={plan.state === 'cannot' ? source : turnedSize(source, plan.job.geometry.turns)}
        crop={plan.state === 'cannot' ? undefined : plan.job.crop}
        target={plan.state === 'cannot' ? undefined : finishedSize(plan.job)}
        limit={limit}
      />
      <Box minWidth="84px">
        <chakra.div fontWeight="600">{method}</chakra.div>
        <chakra.div color="inkSoft" fontSize="cell" lineHeight="1.2">
          {loss}
        </chakra.div>
        <chakra.span fontSize="cell">
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

import { Box, chakra, Flex } from '@chakra-ui/react';
import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { useState } from 'react';
import type { Picture, Submission } from '../../database/schemas.ts';
import { Button, Select } from '../../parts/controls.tsx';
import { PictureThumb } from '../../parts/PictureThumb.tsx';
import { StateMark } from '../../parts/StateMark.tsx';
import { sizeOf } from '../../store/picture-facts.ts';
import type { Row } from '../../store/rows.ts';
import { changePicture, removePicture } from '../../store/submission-actions.ts';
import { AlikeNote } from './AlikeNote.tsx';
import { FileCells } from './FileCells.tsx';
import { labelsOf, wordSizeRules } from './labels.ts';
import { NumberCell } from './NumberCell.tsx';
import { wordTroubles } from './row-words.ts';

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
  const { picture, state } = row;
  const troubles = wordTroubles(row, labelsOf(submission.sheet), false);
  const wash = state === 'broken' ? 'brokenWash' : state === 'needs-you' ? 'needsYouWash' : undefined;
  const source = sizeOf(picture);
  // The first file of a picture moves for all of them.
  const { setNodeRef, setActivatorNodeRef, attributes, listeners, transform, transition, isDragging } =
    useSortable({ id: row.isFirst ? picture.id : row.id, disabled: !row.isFirst });
  const grip = { ...attributes, ...listeners, ref: setActivatorNodeRef };
  return (
    <chakra.tr
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition: transition }}
      position="relative"
      zIndex={isDragging ? 1 : undefined}
      boxShadow={isDragging ? 'inset 0 0 0 1.5px var(--chakra-colors-accent)' : undefined}
      role="row"
      id={`row-${row.id}`}
      background={isDragging ? 'accentWash' : state === 'needs-you' ? 'needsYouRow' : undefined}
      _target={{ outline: '2px solid', outlineColor: 'accent' }}
    >
      <chakra.td role="cell" data-label="No." fontFamily="measure" fontSize="measure">
        {row.isFirst && <NumberCell row={row} order={order} grip={grip} />}
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
        <FileCells row={row} source={source} troubles={troubles} wash={wash} />
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
      <Box minWidth="168px" flex="1">
        {picture.intake.taken ? (
          <TitleField key={picture.title} picture={picture} />
        ) : (
          <strong>{picture.fileName}</strong>
        )}
        <Flex gap="4px 12px" align="center" marginTop="4px" wrap="wrap">
          {picture.intake.taken && submission.sheet.sections.length > 0 && (
            <Select
              minHeight="26px"
              width="108px"
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

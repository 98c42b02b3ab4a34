import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { memo, useCallback, useState } from 'react';
import type { Picture, Submission } from '../../database/schemas.ts';
import { Button, Select } from '../../parts/controls.tsx';
import { PictureThumb } from '../../parts/PictureThumb.tsx';
import { StateMark } from '../../parts/StateMark.tsx';
import { sizeOf } from '../../store/picture-facts.ts';
import type { Row } from '../../store/rows.ts';
import { changePicture, removePicture } from '../../store/submission-actions.ts';
import { AlikeNote } from './AlikeNote.tsx';
import { DragGrip } from './DragGrip.tsx';
import { FileCells } from './FileCells.tsx';
import { labelsOf, wordSizeRules } from './labels.ts';
import { NumberCell } from './NumberCell.tsx';
import { wordPicture } from './picture-words.ts';
import { wordTroubles } from './row-words.ts';

interface Props {
  row: Row;
  submission: Submission;
  /** Picture ids as they stand in the list. */
  order: readonly string[];
  /** Place in the whole list, from 0. */
  index: number;
  /** Takes the row's element, to learn its height. */
  onShown: ((element: Element | null) => void) | undefined;
}

/**
 * One row, which can be dragged. A drag, and every row that comes into sight, touches all rows; what stands in them is
 * drawn again only when it has changed.
 */
export const LedgerRow = memo(function LedgerRow({ row, submission, order, index, onShown }: Props) {
  const { picture, state } = row;
  // The first file of a picture moves for all of them.
  const { setNodeRef, setActivatorNodeRef, attributes, listeners, transform, transition, isDragging } =
    useSortable({ id: row.isFirst ? picture.id : row.id, disabled: !row.isFirst });
  const element = useCallback(
    (node: HTMLTableRowElement | null) => {
      setNodeRef(node);
      onShown?.(node);
    },
    [setNodeRef, onShown],
  );
  const grip = { ...attributes, ...listeners, ref: setActivatorNodeRef };
  return (
    <tr
      ref={element}
      data-index={index}
      role="row"
      id={`row-${row.id}`}
      data-state={isDragging ? 'dragged' : state}
      style={{ transform: CSS.Translate.toString(transform), transition }}
    >
      <td role="cell" data-label="No.">
        {row.isFirst && (
          <div className="number">
            <DragGrip picture={picture} place={row.place} grip={grip} />
            <NumberCell row={row} order={order} />
          </div>
        )}
      </td>
      <RowCells row={row} submission={submission} />
    </tr>
  );
});

/** One picture: now above, will be below, and in the washed cell what stands in the way. */
const RowCells = memo(function RowCells({ row, submission }: Pick<Props, 'row' | 'submission'>) {
  const { picture, state } = row;
  const troubles = wordTroubles(row, labelsOf(submission.sheet), false);
  const wash = state === 'broken' || state === 'needs-you' ? state : undefined;
  const source = sizeOf(picture);
  return (
    <>
      <td role="cell" className="wide">
        {row.isFirst ? (
          <PictureCell row={row} submission={submission} />
        ) : (
          <span className="sr-only">{picture.title || picture.fileName}</span>
        )}
        {submission.sheet.deliverables.length > 1 && picture.intake.taken && <DeliverableLine row={row} />}
      </td>
      {picture.intake.taken && source ? (
        <FileCells row={row} source={source} troubles={troubles} wash={wash} />
      ) : (
        <td role="cell" colSpan={6} className="wide" data-wash={wash}>
          <StateMark state="broken" word="Not taken" />
          <div className="trouble">{troubles.join(' ')}</div>
        </td>
      )}
    </>
  );
});

function PictureCell({ row, submission }: Pick<Props, 'row' | 'submission'>) {
  const { picture, deliverable } = row;
  const name = picture.title || picture.fileName;
  return (
    <div className="pair">
      <PictureThumb blob={picture.thumbnail} alt={picture.title} />
      <div>
        {picture.intake.taken ? (
          <TitleField key={picture.title} picture={picture} />
        ) : (
          <strong>{picture.fileName}</strong>
        )}
        <div>
          {picture.intake.taken && submission.sheet.sections.length > 0 && (
            <Select
              minHeight="26px"
              width="118px"
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
        </div>
        <div className="row-actions">
          <span className="soft small">{wordPicture(picture, deliverable)}</span>
          <Button
            look="text"
            fontSize="cell"
            fontWeight="400"
            aria-label={`Take out ${name}`}
            onClick={() => void removePicture(picture.id)}
          >
            Take out
          </Button>
        </div>
        <AlikeNote picture={picture} />
      </div>
    </div>
  );
}

function TitleField({ picture }: { picture: Picture }) {
  const [title, setTitle] = useState(picture.title);
  return (
    <input
      className="title"
      aria-label={`Title of ${picture.fileName}`}
      title={picture.fileName}
      placeholder="Give it a title"
      data-empty={!title}
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
    <div className="kind">
      <strong>{deliverable.label}</strong>
      {rules && <span className="soft"> {rules}</span>}
    </div>
  );
}

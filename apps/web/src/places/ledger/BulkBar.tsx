import { chakra, Flex } from '@chakra-ui/react';
import { useStore } from 'zustand';
import {
  cutKey,
  mayMount,
  PLAIN_FRAME,
  wordNumber,
  wordPlural,
  capitalised,
  type Frame,
} from '@able-frame/core';
import type { Submission } from '../../database/schemas.ts';
import { Button, Select } from '../../parts/controls.tsx';
import { setFrame } from '../../store/frame-actions.ts';
import type { Row } from '../../store/rows.ts';
import { selectionStore, selectOnly } from '../../store/selection-store.ts';
import { changePicture, removePictures } from '../../store/submission-actions.ts';

/** What is done to all selected pictures at once. */
export function BulkBar({ rows, submission }: { rows: readonly Row[]; submission: Submission }) {
  const selected = useStore(selectionStore, s => s.selected);
  const chosen = rows.filter(row => selected.has(row.picture.id));
  const pictures = [...new Set(chosen.map(row => row.picture))];
  if (!pictures.length) return null;
  const forEachFile = async (edit: (row: Row) => Promise<unknown> | undefined) => {
    for (const row of chosen) await edit(row);
  };
  const setMethod = (method: Frame['method']) =>
    forEachFile(row =>
      method === 'mount' && !mayMount(row.deliverable)
        ? undefined
        : setFrame(row.picture.id, row.deliverable.id, {
            ...(row.picture.frames?.[row.deliverable.id] ?? PLAIN_FRAME),
            method,
          }),
    );
  const setCanvas = (canvasColour: string) =>
    forEachFile(row => {
      const frame = row.picture.frames?.[row.deliverable.id];
      return frame?.method === 'mount'
        ? setFrame(row.picture.id, row.deliverable.id, { ...frame, canvasColour })
        : undefined;
    });
  const acceptCuts = () =>
    forEachFile(({ entry: { plan }, picture, deliverable }) =>
      plan && plan.state !== 'cannot'
        ? changePicture(picture.id, {
            acceptedCuts: { ...picture.acceptedCuts, [deliverable.id]: cutKey(plan.job) },
          })
        : undefined,
    );
  return (
    <Flex
      role="group"
      aria-label="All selected pictures"
      gap="8px 14px"
      wrap="wrap"
      align="center"
      background="accentWash"
      borderWidth="1px"
      borderColor="accent"
      padding="8px 12px"
      marginBottom="10px"
    >
      <strong>
        {capitalised(wordNumber(pictures.length))} {wordPlural(pictures.length, 'picture')} selected
      </strong>
      {submission.sheet.sections.length > 0 && (
        <Select
          aria-label="Section of all selected"
          value=""
          onChange={event => {
            const sectionCode = event.target.value;
            for (const picture of pictures) void changePicture(picture.id, { sectionCode });
          }}
        >
          <option value="">put into a section</option>
          {submission.sheet.sections.map(s => (
            <option key={s.code} value={s.code}>
              {s.label}
            </option>
          ))}
        </Select>
      )}
      <Button look="quiet" onClick={() => void acceptCuts()}>
        Accept their cuts
      </Button>
      <Button look="quiet" onClick={() => void setMethod('trim')}>
        Trim them
      </Button>
      <Button look="quiet" onClick={() => void setMethod('mount')}>
        Mount them
      </Button>
      <chakra.label display="inline-flex" gap="6px" alignItems="center">
        Canvas
        <chakra.input
          type="color"
          width="44px"
          height="28px"
          defaultValue="#ffffff"
          onBlur={event => void setCanvas(event.target.value)}
        />
      </chakra.label>
      <Button
        look="quiet"
        onClick={() => void removePictures(pictures.map(p => p.id)).then(() => selectOnly([]))}
      >
        Take them out
      </Button>
      <Button look="text" onClick={() => selectOnly([])}>
        Select none
      </Button>
    </Flex>
  );
}

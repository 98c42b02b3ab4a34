import { chakra, Flex } from '@chakra-ui/react';
import { useStore } from 'zustand';
import {
  cutKey,
  mayMount,
  mayStayWhole,
  PLAIN_FRAME,
  wordNumber,
  wordPlural,
  capitalised,
  type Frame,
} from '@able-frame/core';
import type { Submission } from '../../database/schemas.ts';
import { Button, Select } from '../../parts/controls.tsx';
import { setFrame } from '../../store/frame-actions.ts';
import { sizeOf } from '../../store/picture-facts.ts';
import type { Row } from '../../store/rows.ts';
import { selectionStore, selectOnly } from '../../store/selection-store.ts';
import { changePicture, removePictures } from '../../store/submission-actions.ts';
import { submissionStore } from '../../store/submission-store.ts';

/** What is done to all selected pictures at once. */
export function BulkBar({ rows, submission }: { rows: readonly Row[]; submission: Submission }) {
  const selected = useStore(selectionStore, s => s.selected);
  const chosen = rows.filter(row => selected.has(row.picture.id));
  const pictures = [...new Set(chosen.map(row => row.picture))];
  if (!pictures.length) return null;
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
      <Button look="quiet" onClick={() => void acceptCuts(chosen)}>
        Accept their cuts
      </Button>
      <Button look="quiet" onClick={() => void setMethod(chosen, 'whole')}>
        Keep them whole
      </Button>
      <Button look="quiet" onClick={() => void setMethod(chosen, 'trim')}>
        Trim them
      </Button>
      <Button look="quiet" onClick={() => void setMethod(chosen, 'mount')}>
        Mount them
      </Button>
      <chakra.label display="inline-flex" gap="6px" alignItems="center">
        Canvas
        <chakra.input
          type="color"
          width="44px"
          height="28px"
          defaultValue="#ffffff"
          onBlur={event => void setCanvas(chosen, event.target.value)}
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

async function setMethod(rows: readonly Row[], method: Frame['method']): Promise<void> {
  for (const row of rows) {
    const { picture, deliverable } = row;
    const frame = row.entry.frame?.frame ?? PLAIN_FRAME;
    const source = sizeOf(picture);
    if (method === 'mount' && !mayMount(deliverable)) continue;
    // Where the rules ask for another shape, a picture stays as it is framed.
    if (method === 'whole' && !(source && mayStayWhole(deliverable, source, { ...frame, levelDeg: 0 })))
      continue;
    const level = method === 'whole' ? { levelDeg: 0 } : {};
    await setFrame(picture.id, deliverable.id, { ...frame, method, ...level });
  }
}

/** The colour of every canvas among the selected; a trimmed picture has none. */
async function setCanvas(rows: readonly Row[], canvasColour: string): Promise<void> {
  for (const row of rows) {
    const { picture, deliverable } = row;
    const frame = row.entry.frame?.frame;
    if (frame?.method === 'mount') await setFrame(picture.id, deliverable.id, { ...frame, canvasColour });
  }
}

async function acceptCuts(rows: readonly Row[]): Promise<void> {
  for (const { picture, deliverable, entry } of rows) {
    if (!entry.plan || entry.plan.state === 'cannot') continue;
    const { acceptedCuts } = submissionStore.getState().pictures.get(picture.id) ?? picture;
    await changePicture(picture.id, {
      acceptedCuts: { ...acceptedCuts, [deliverable.id]: cutKey(entry.plan.job) },
    });
  }
}

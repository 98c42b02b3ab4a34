import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import { PLAIN_FRAME, wordNumber, wordPlural, type Frame, type RuleSheet } from '@able-frame/core';
import { Button, Select } from '../../parts/controls.tsx';
import { setFrame } from '../../store/frame-actions.ts';
import type { Row } from '../../store/rows.ts';

interface Props {
  row: Row;
  rows: readonly Row[];
  sheet: RuleSheet;
  frame: Frame;
}

type Scope = 'same-picture' | 'needs-you' | 'same-kind';

/**
 * Copies a frame to others. Everything in it is relative to the picture, so the same centre, size and canvas make sense
 * in another shape; corners, quarter turns and levels belong to one exposure and stay behind, except between files of one picture.
 */
export function CopyFrame({ row, rows, sheet, frame }: Props) {
  const [scope, setScope] = useState<Scope>(sheet.deliverables.length > 1 ? 'same-picture' : 'needs-you');
  const [said, setSaid] = useState('');
  const targets = rows.filter(other => {
    if (other.id === row.id) return false;
    if (scope === 'same-picture') return other.picture.id === row.picture.id;
    if (other.deliverable.id !== row.deliverable.id) return false;
    return scope === 'same-kind' || other.state === 'needs-you';
  });
  const copy = async () => {
    for (const other of targets) {
      const { square, turns, mirrored, levelDeg } = other.entry.frame?.frame ?? PLAIN_FRAME;
      const own = scope === 'same-picture' ? frame : { ...frame, square, turns, mirrored, levelDeg };
      await setFrame(other.picture.id, other.deliverable.id, own);
    }
    setSaid(`Copied to ${wordNumber(targets.length)} ${wordPlural(targets.length, 'file')}.`);
  };
  return (
    <Box>
      <label htmlFor="copy-scope">Copy this frame to </label>
      <Select id="copy-scope" value={scope} onChange={event => setScope(event.target.value as Scope)}>
        {sheet.deliverables.length > 1 && (
          <option value="same-picture">the other files of this picture</option>
        )}
        <option value="needs-you">pictures that need you</option>
        <option value="same-kind">all other pictures</option>
      </Select>{' '}
      <Button look="quiet" disabled={!targets.length} onClick={() => void copy()}>
        Copy to {targets.length}
      </Button>
      <Box role="status" fontSize="cell" color="inkSoft">
        {said}
      </Box>
    </Box>
  );
}

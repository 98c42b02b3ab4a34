import { chakra } from '@chakra-ui/react';
import { Link } from 'react-router';
import { wordPlural, type RuleSheet } from '@able-frame/core';
import { countStates, type Row } from '../../store/rows.ts';
import { submissionStore } from '../../store/submission-store.ts';
import { labelsOf } from './labels.ts';
import { wordTroubles } from './row-words.ts';

/** What to do next, with the picture it concerns. */
export function NextStep({ rows, sheet }: { rows: readonly Row[]; sheet: RuleSheet }) {
  if (!rows.length) return <>Next: add the pictures you want to send.</>;
  const counts = countStates(rows);
  const waiting = rows.find(row => row.state === 'needs-you');
  if (counts.making) return <>You can go on working; finished files are kept one by one.</>;
  if (waiting) {
    const trouble = wordTroubles(waiting, labelsOf(sheet))[0];
    return (
      <>
        Next:{' '}
        <chakra.a href={`#row-${waiting.id}`}>{waiting.picture.title || waiting.picture.fileName}</chakra.a>.{' '}
        {trouble}
      </>
    );
  }
  if (counts.ready)
    return (
      <>
        Next: make and prove the {counts.ready} ready {wordPlural(counts.ready, 'file')}.
      </>
    );
  if (counts.proven) {
    const id = submissionStore.getState().submission?.id;
    return (
      <>
        Next: <Link to={`/submission/${id}/proof`}>read the proof</Link>, then{' '}
        <Link to={`/submission/${id}/hand-in`}>hand in</Link>.
      </>
    );
  }
  return <>Next: add other pictures; none of these can be made into what is asked.</>;
}

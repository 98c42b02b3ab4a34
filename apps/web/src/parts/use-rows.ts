import { useMemo } from 'react';
import { useStore } from 'zustand';
import { deriveRows, type Row } from '../store/rows.ts';
import { submissionStore } from '../store/submission-store.ts';

/** Every row of the open submission, derived anew only when something it depends on changes. */
export function useRows(): Row[] {
  const submission = useStore(submissionStore, s => s.submission);
  const pictures = useStore(submissionStore, s => s.pictures);
  const made = useStore(submissionStore, s => s.made);
  const run = useStore(submissionStore, s => s.run);
  return useMemo(() => deriveRows({ submission, pictures, made, run }), [submission, pictures, made, run]);
}

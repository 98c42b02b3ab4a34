import { chakra } from '@chakra-ui/react';
import { useEffect } from 'react';
import { Link, Outlet, useParams } from 'react-router';
import { useStore } from 'zustand';
import { ensureDemos, fillDemo, isDemo } from '../demo.ts';
import { openSubmission, sweepRemoved } from '../store/submission-actions.ts';
import { submissionStore } from '../store/submission-store.ts';
import { Heading } from './Heading.tsx';
import { Notice } from './Notice.tsx';

/** Opens the submission that the address names; the places inside it share what is loaded. */
export function SubmissionFrame() {
  const { id = '' } = useParams();
  const status = useStore(submissionStore, s => s.status);
  const openId = useStore(submissionStore, s => s.submission?.id);
  useEffect(() => {
    void open(id);
  }, [id]);
  if (status === 'missing')
    return (
      <>
        <Heading sentence="This submission is not kept in this browser." />
        <chakra.p>
          It may have been made in another browser, or its data were cleared.{' '}
          <Link to="/">Go to the first page</Link>.
        </chakra.p>
      </>
    );
  if (openId !== id) return <chakra.p role="status">Opening the submission …</chakra.p>;
  return (
    <>
      <Notice />
      <Outlet />
    </>
  );
}

async function open(id: string): Promise<void> {
  if (isDemo(id)) await ensureDemos();
  await openSubmission(id);
  const { submission } = submissionStore.getState();
  if (submission?.id !== id) return;
  await sweepRemoved(submission);
  await fillDemo(id);
}

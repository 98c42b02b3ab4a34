import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { useStore } from 'zustand';
import { capitalised, declarationsOf, wordBytes, wordNumber, wordPlural } from '@able-frame/core';
import { Heading } from '../../parts/Heading.tsx';
import { PlaceLine } from '../../parts/PlaceLine.tsx';
import { useRows } from '../../parts/use-rows.ts';
import type { Submission } from '../../database/schemas.ts';
import type { Row } from '../../store/rows.ts';
import { setTicked } from '../../store/submission-actions.ts';
import { submissionStore } from '../../store/submission-store.ts';
import { saveAs } from '../../parts/save-as.ts';
import { buildPackage } from './build-package.ts';
import { Button } from '../../parts/controls.tsx';

/** The package of proven files. What is not proven cannot get in. */
export function HandInPlace() {
  const submission = useStore(submissionStore, s => s.submission);
  const rows = useRows();
  const [outcome, setOutcome] = useState<string>();
  if (!submission) return null;
  const proven = rows.filter(row => row.state === 'proven');
  const left = rows.length - proven.length;
  const unticked = declarationsOf(submission.sheet).filter(d => !submission.ticked.includes(d.id));
  const bytes = proven.reduce(
    (sum, row) => sum + (row.made?.result.kind === 'file' ? row.made.result.blob.size : 0),
    0,
  );
  const most = submission.sheet.maxTotal;
  const isTooHeavy = most !== undefined && bytes > most.bytes;
  const fileName = `${submission.sheet.id}.zip`;
  const save = async () => {
    try {
      saveAs(await buildPackage(submission, proven, new Date()), fileName);
      setOutcome(`${fileName} was handed to your browser to save. Keep it: it is what you sent.`);
    } catch (error) {
      setOutcome(`The package could not be made. ${(error as Error).message}`);
    }
  };
  return (
    <>
      <Heading sentence={handInSentence(proven.length, left)} next={nextOf(proven.length, unticked.length)}>
        <Button
          look="main"
          disabled={!proven.length || unticked.length > 0 || isTooHeavy}
          onClick={() => void save()}
        >
          Save the package
        </Button>
      </Heading>
      <PlaceLine id={submission.id} />
      <Box role="status">{outcome && <chakra.p marginBottom="12px">{outcome}</chakra.p>}</Box>
      {isTooHeavy && (
        <chakra.p role="alert" marginBottom="12px" color="broken">
          The files weigh {wordBytes(bytes)} together, and the organiser takes{' '}
          {most.written ?? wordBytes(most.bytes)} in all. Take pictures out until they fit.
        </chakra.p>
      )}
      <Declarations submission={submission} />
      {leavesGaps(rows, submission) && (
        <chakra.p marginBottom="12px">
          A picture that stays behind holds its running number, so the numbers have a gap. Take it out of the
          pictures to close it; the files after it then have to be made again.
        </chakra.p>
      )}
      {proven.length > 0 && (
        <Box background="sheet" borderWidth="1px" borderColor="line" padding="12px 16px">
          <Flex justify="space-between" gap="16px" wrap="wrap" marginBottom="6px">
            <chakra.h2 fontWeight="600">In the package</chakra.h2>
            <span>
              {proven.length} {wordPlural(proven.length, 'file')}, {wordBytes(bytes)}
              {most && ` of at most ${most.written ?? wordBytes(most.bytes)}`}
            </span>
          </Flex>
          <chakra.ul listStyleType="none" fontFamily="measure" fontSize="measure">
            {proven.map(
              row => row.made?.result.kind === 'file' && <li key={row.id}>{row.made.result.name}</li>,
            )}
            <li>report.csv, report.json: every rule, what was found and where</li>
            <li>SHA256SUMS: shows later whether a file was changed</li>
          </chakra.ul>
        </Box>
      )}
    </>
  );
}

/** What no program can check, ticked by the person. */
function Declarations({ submission }: { submission: Submission }) {
  const declarations = declarationsOf(submission.sheet);
  if (!declarations.length) return null;
  return (
    <chakra.fieldset
      borderWidth="1px"
      borderColor="line"
      background="sheet"
      padding="12px 16px"
      marginBottom="16px"
    >
      <chakra.legend fontWeight="600" paddingInline="6px">
        Yours to declare: no program can check this
      </chakra.legend>
      {declarations.map(d => (
        <chakra.label
          key={d.id}
          display="flex"
          gap="10px"
          alignItems="center"
          minHeight="32px"
          cursor="pointer"
        >
          <chakra.input
            type="checkbox"
            width="18px"
            height="18px"
            accentColor="accent"
            checked={submission.ticked.includes(d.id)}
            onChange={event => void setTicked(d.id, event.target.checked)}
          />
          {d.text}
        </chakra.label>
      ))}
    </chakra.fieldset>
  );
}

/** Whether the running numbers of the proven files skip one: a picture before a proven one stays behind. */
function leavesGaps(rows: readonly Row[], submission: Submission): boolean {
  const counts = submission.sheet.deliverables.some(d => d.name.parts.some(part => part.kind === 'number'));
  const lastProven = rows.map(row => row.state).lastIndexOf('proven');
  return (
    counts &&
    rows.slice(0, Math.max(0, lastProven)).some(row => row.place !== undefined && row.state !== 'proven')
  );
}

function handInSentence(proven: number, left: number): string {
  if (!proven) return 'There is nothing to hand in yet.';
  const ready = `${capitalised(wordNumber(proven))} proven ${wordPlural(proven, 'file')} ${proven === 1 ? 'is' : 'are'} ready to hand in`;
  return left
    ? `${ready}; ${wordNumber(left)} ${wordPlural(left, 'file')} ${left === 1 ? 'stays' : 'stay'} behind.`
    : `${ready}.`;
}

function nextOf(proven: number, unticked: number): string {
  if (!proven) return 'Next: make and prove the pictures.';
  if (unticked) return 'Next: read the declaration and tick it.';
  return 'Next: save the package, then upload what is in it.';
}

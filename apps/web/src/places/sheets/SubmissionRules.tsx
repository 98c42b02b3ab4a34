import { Box } from '@chakra-ui/react';
import { useStore } from 'zustand';
import { capitalised, wordNumber, wordPlural } from '@able-frame/core';
import { Heading } from '../../parts/Heading.tsx';
import { PlaceLine } from '../../parts/PlaceLine.tsx';
import { RuleList } from '../../parts/RuleList.tsx';
import { SheetFaults } from '../../parts/SheetFaults.tsx';
import { NewerRules } from './NewerRules.tsx';
import { submissionStore } from '../../store/submission-store.ts';

/** The rules that this submission is held to. */
export function SubmissionRules() {
  const submission = useStore(submissionStore, s => s.submission);
  if (!submission) return null;
  const rules = submission.sheet.deliverables.flatMap(d => d.rules);
  const advice = rules.filter(r => r.level === 'advice').length;
  // Each name pattern is a rule as well.
  const musts = rules.length - advice + submission.sheet.deliverables.length;
  return (
    <>
      <Heading
        sentence={`${capitalised(wordNumber(musts))} rules must be met${advice ? `; ${wordNumber(advice)} ${wordPlural(advice, 'is', 'are')} advice` : ''}.`}
        next={`What ${submission.sheet.organiser} asks. This submission keeps its own copy.`}
      />
      <PlaceLine id={submission.id} />
      <Box maxWidth="860px">
        <NewerRules submission={submission} />
        <SheetFaults sheet={submission.sheet} />
        <RuleList sheet={submission.sheet} />
      </Box>
    </>
  );
}

import { Box, chakra, Flex } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { capitalised, wordNumber, wordPlural } from '@able-frame/core';
import { listSubmissions, readMade, readPictures } from '../../database/database.ts';
import { ensureDemos } from '../../demo.ts';
import { wordClosing } from '../../parts/closing.ts';
import { Heading } from '../../parts/Heading.tsx';
import { useSheets } from '../../parts/use-sheets.ts';
import { countStates, deriveRows } from '../../store/rows.ts';
import { createSubmission } from '../../store/submission-actions.ts';
import type { Submission } from '../../database/schemas.ts';
import { Button } from '../../parts/controls.tsx';

interface Summary {
  submission: Submission;
  files: number;
  proven: number;
}

export function HomePlace() {
  const [summaries, setSummaries] = useState<Summary[]>();
  useEffect(() => {
    void loadSummaries().then(setSummaries);
  }, []);
  return (
    <>
      <Heading
        sentence={summaries ? homeSentence(summaries) : 'Looking for your submissions …'}
        next="Choose an organiser’s rule sheet, add pictures, and every file is measured against every rule before it leaves."
      />
      <Flex gap="24px" align="flex-start" wrap="wrap">
        <Box as="section" flex="3 1 420px" aria-labelledby="submissions">
          <chakra.h2 id="submissions" fontWeight="600" color="inkSoft" marginBottom="8px">
            Submissions, the next to close first
          </chakra.h2>
          <chakra.ul listStyleType="none" borderWidth="1px" borderColor="line" background="sheet">
            {summaries?.map(s => (
              <SummaryLine key={s.submission.id} summary={s} />
            ))}
          </chakra.ul>
          <chakra.p marginTop="14px">
            Have you finished files already? <Link to="/check">Check them against a rule sheet</Link>; nothing
            is changed.
          </chakra.p>
        </Box>
        <Box as="section" flex="2 1 340px" aria-labelledby="new">
          <chakra.h2 id="new" fontWeight="600" color="inkSoft" marginBottom="8px">
            New submission to
          </chakra.h2>
          <NewSubmission />
          <chakra.p marginTop="14px">
            Is your organiser not here? <Link to="/sheets/read">Read the rules out of their text</Link>.
          </chakra.p>
        </Box>
      </Flex>
    </>
  );
}

function SummaryLine({ summary: { submission, files, proven } }: { summary: Summary }) {
  const closing = wordClosing(submission.sheet.closes, new Date());
  return (
    <chakra.li
      padding="12px 16px"
      borderBottomWidth="1px"
      borderColor="hair"
      _last={{ borderBottomWidth: '0' }}
    >
      <Flex justify="space-between" gap="4px 18px" wrap="wrap">
        <chakra.span fontWeight="600" fontSize="title">
          <Link to={`/submission/${submission.id}/pictures`}>{submission.sheet.title}</Link>
        </chakra.span>
        <span>
          {files
            ? `${proven} of ${files} proven`
            : submission.demo
              ? 'open it to fill it'
              : 'no pictures yet'}
        </span>
      </Flex>
      <chakra.div color="inkSoft">
        {submission.sheet.organiser}
        {closing && ` · ${closing}`}
        {submission.demo && ' · a demo with invented pictures'}
      </chakra.div>
    </chakra.li>
  );
}

function NewSubmission() {
  const navigate = useNavigate();
  const sheets = useSheets();
  return (
    <chakra.ul listStyleType="none" borderWidth="1px" borderColor="line" background="sheet">
      {sheets.map(sheet => (
        <chakra.li
          key={sheet.id}
          padding="12px 16px"
          borderBottomWidth="1px"
          borderColor="hair"
          _last={{ borderBottomWidth: '0' }}
        >
          <Flex justify="space-between" align="flex-start" gap="12px">
            <Box>
              <strong>{sheet.title}</strong>
              <chakra.div color="inkSoft">{sheet.summary}</chakra.div>
            </Box>
            <Button
              aria-label={`Start a submission to ${sheet.title}`}
              onClick={() =>
                void createSubmission(sheet).then(made => navigate(`/submission/${made.id}/pictures`))
              }
            >
              Start
            </Button>
          </Flex>
        </chakra.li>
      ))}
    </chakra.ul>
  );
}

async function loadSummaries(): Promise<Summary[]> {
  await ensureDemos();
  const submissions = await listSubmissions();
  const summaries = await Promise.all(
    submissions.map(async submission => {
      const [pictures, made] = await Promise.all([readPictures(submission.id), readMade(submission.id)]);
      const rows = deriveRows({
        submission,
        pictures: new Map(pictures.map(p => [p.id, p])),
        made: new Map(made.map(m => [m.id, m])),
        run: undefined,
      });
      return { submission, files: rows.length, proven: countStates(rows).proven };
    }),
  );
  const closing = (s: Summary) => s.submission.sheet.closes?.at ?? '9999';
  return summaries.sort((a, b) => closing(a).localeCompare(closing(b)));
}

function homeSentence(summaries: readonly Summary[]): string {
  const own = summaries.filter(s => !s.submission.demo);
  if (!own.length) return 'Begin with a demo, or start a submission of your own.';
  const done = own.filter(s => s.files > 0 && s.proven === s.files).length;
  const count = `${capitalised(wordNumber(own.length))} ${wordPlural(own.length, 'submission')}`;
  return `${count}, ${done === own.length ? 'all' : wordNumber(done)} with every file proven.`;
}

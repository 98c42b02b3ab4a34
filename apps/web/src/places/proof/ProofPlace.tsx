import { Box, chakra, Flex } from '@chakra-ui/react';
import { useEffect } from 'react';
import { Link, useLocation } from 'react-router';
import { useStore } from 'zustand';
import { capitalised, isProven, wordCount, wordAllFiles, wordNumber, wordPlural } from '@able-frame/core';
import { FindingTable } from '../../parts/FindingTable.tsx';
import { Heading } from '../../parts/Heading.tsx';
import { PictureThumb } from '../../parts/PictureThumb.tsx';
import { PlaceLine } from '../../parts/PlaceLine.tsx';
import { StateMark } from '../../parts/StateMark.tsx';
import { useRows } from '../../parts/use-rows.ts';
import type { Row } from '../../store/rows.ts';
import { submissionStore } from '../../store/submission-store.ts';
import { Button } from '../../parts/controls.tsx';

/** The proof sheet: every finished file with what was measured, rule by rule. */
export function ProofPlace() {
  const submission = useStore(submissionStore, s => s.submission);
  const rows = useRows().filter(row => row.made?.result.kind === 'file');
  const { hash } = useLocation();
  useEffect(() => {
    if (hash) document.getElementById(hash.slice(1))?.scrollIntoView();
  }, [hash]);
  if (!submission) return null;
  const proven = rows.filter(row => row.state === 'proven').length;
  return (
    <>
      <Heading
        sentence={proofSentence(rows.length, proven)}
        next="Each file was read back from its own bytes, by code that had no part in making it."
      >
        {rows.length > 0 && <Button onClick={() => window.print()}>Print the proof sheet</Button>}
      </Heading>
      <PlaceLine id={submission.id} />
      {!rows.length && (
        <chakra.p>
          <Link to={`/submission/${submission.id}/pictures`}>Go to the pictures</Link> and choose “Make and
          prove”.
        </chakra.p>
      )}
      {rows.map(row => (
        <ProofOfFile key={row.id} row={row} />
      ))}
    </>
  );
}

function ProofOfFile({ row }: { row: Row }) {
  const result = row.made?.result;
  if (result?.kind !== 'file') return null;
  return (
    <chakra.section
      id={`proof-${row.id}`}
      aria-label={`Proof of ${result.name}`}
      background="sheet"
      borderWidth="1px"
      borderColor="line"
      padding="14px 16px"
      marginBottom="16px"
      css={{ breakInside: 'avoid' }}
    >
      <Flex gap="16px" align="center" marginBottom="10px" wrap="wrap">
        <PictureThumb
          blob={result.blob.type === 'image/tiff' ? row.picture.thumbnail : result.blob}
          alt={row.picture.title}
          width={132}
          height={92}
        />
        <Box flex="1" minWidth="220px">
          <chakra.h2 fontFamily="measure" fontSize="16px" fontWeight="600" overflowWrap="anywhere">
            {result.name}
          </chakra.h2>
          <chakra.div color="inkSoft">
            from {row.picture.fileName} · {wordCount(result.blob.size)} bytes
            {result.quality !== undefined && ` · quality ${result.quality}`}
          </chakra.div>
          <chakra.div color="inkSoft" fontFamily="measure" fontSize="12px" overflowWrap="anywhere">
            SHA-256 {result.sha256}
          </chakra.div>
        </Box>
        <StateMark
          state={isProven(result.findings) ? 'proven' : 'broken'}
          word={isProven(result.findings) ? 'Proven' : 'Not proven'}
        />
      </Flex>
      <FindingTable findings={result.findings} label={`Rules measured in ${result.name}`} />
    </chakra.section>
  );
}

function proofSentence(count: number, proven: number): string {
  if (!count) return 'No file has been made yet.';
  if (proven === count)
    return `${capitalised(wordAllFiles(count))} made so far ${wordPlural(count, 'is', 'are')} proven.`;
  const broken = count - proven;
  return `${capitalised(wordNumber(proven))} of ${wordNumber(count)} files are proven; ${wordNumber(broken)} ${wordPlural(broken, 'breaks', 'break')} a rule.`;
}

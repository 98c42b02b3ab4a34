import { Box, chakra, Flex } from '@chakra-ui/react';
import { useMemo } from 'react';
import { compareSheets, wordNumber, wordPlural } from '@able-frame/core';
import type { Submission } from '../../database/schemas.ts';
import { Button } from '../../parts/controls.tsx';
import { useSheets } from '../../parts/use-sheets.ts';
import { takeNewerRules } from '../../store/submission-actions.ts';
import { ChangeList } from './ChangeList.tsx';

/** The sheet has changed since this submission took its copy: what differs, and the choice to follow. */
export function NewerRules({ submission }: { submission: Submission }) {
  const sheets = useSheets();
  const newer = sheets.find(s => s.id === submission.sheet.id);
  const changes = useMemo(
    () => (newer ? compareSheets(submission.sheet, newer) : []),
    [submission.sheet, newer],
  );
  if (!newer || !changes.length) return null;
  return (
    <Box
      role="region"
      aria-label="The rules have changed"
      background="needsYouRow"
      borderWidth="1px"
      borderColor="ink"
      padding="14px 16px"
      marginBottom="18px"
    >
      <chakra.h2 fontWeight="600">
        The rule sheet has changed since this submission began: {wordNumber(changes.length)}{' '}
        {wordPlural(changes.length, 'difference')}.
      </chakra.h2>
      <chakra.p color="inkSoft" marginBottom="8px">
        Files that were made for the older rules have to be made again where a rule of theirs changes.
      </chakra.p>
      <ChangeList changes={changes} sides={['in this submission', 'in the sheet now']} />
      <Flex gap="10px" marginTop="10px">
        <Button onClick={() => void takeNewerRules(newer)}>Follow the newer rules</Button>
      </Flex>
    </Box>
  );
}

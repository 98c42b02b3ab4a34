import { Box, Flex } from '@chakra-ui/react';
import { useStore } from 'zustand';
import { submissionStore } from '../store/submission-store.ts';
import { Button } from './controls.tsx';

/** The last thing worth saying, with a way to take it back. */
export function Notice() {
  const notice = useStore(submissionStore, s => s.notice);
  return (
    <Box role="status" className="no-print">
      {notice && (
        <Flex
          align="center"
          gap="14px"
          wrap="wrap"
          paddingInline="12px"
          paddingBlock="8px"
          marginBottom="12px"
          borderWidth="1px"
          borderColor={notice.tone === 'trouble' ? 'broken' : 'line'}
          background={notice.tone === 'trouble' ? 'brokenWash' : 'sheet'}
        >
          <Box flex="1">{notice.text}</Box>
          {notice.undo && (
            <Button look="quiet" onClick={notice.undo}>
              Put it back
            </Button>
          )}
          <Button look="text" onClick={() => submissionStore.setState({ notice: undefined })}>
            Dismiss
          </Button>
        </Flex>
      )}
    </Box>
  );
}

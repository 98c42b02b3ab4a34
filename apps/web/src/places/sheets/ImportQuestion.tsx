import { Box, chakra, Flex } from '@chakra-ui/react';
import { BUILT_IN_SHEETS, compareSheets, type RuleSheet } from '@able-frame/core';
import { Button } from '../../parts/controls.tsx';
import { keepSheet, replaceSheet } from '../../store/sheets-store.ts';
import { ChangeList } from './ChangeList.tsx';

interface Props {
  incoming: RuleSheet;
  here: RuleSheet;
  /** What there is to say about the file, with a space before it. */
  remarks: string;
  onDone: (kept: RuleSheet | undefined, sentence: string) => void;
}

/** A sheet that is here already comes again and differs: nothing is replaced before the differences were seen. */
export function ImportQuestion({ incoming, here, remarks, onDone }: Props) {
  // What came with the program stays as it came.
  const canReplace = !BUILT_IN_SHEETS.includes(here);
  const finish = async (work: Promise<RuleSheet>, words: string) => {
    try {
      onDone(await work, `${incoming.title} ${words}.${remarks}`);
    } catch (error) {
      onDone(undefined, `${incoming.title} could not be kept. ${(error as Error).message}`);
    }
  };
  return (
    <Box
      role="region"
      aria-label="A sheet that is here already"
      borderWidth="1px"
      borderColor="ink"
      background="needsYouRow"
      padding="14px 16px"
      marginBottom="18px"
    >
      <chakra.h2 fontWeight="600" marginBottom="6px">
        {here.title} is here already, and the file differs from it.
      </chakra.h2>
      <ChangeList changes={compareSheets(here, incoming)} sides={['here', 'in the file']} />
      <Flex gap="10px" wrap="wrap" marginTop="10px">
        {canReplace && (
          <Button onClick={() => void finish(replaceSheet(incoming), 'was replaced by the file')}>
            Replace it by the file
          </Button>
        )}
        <Button onClick={() => void finish(keepSheet(incoming), 'was added beside the one that was here')}>
          Keep both
        </Button>
        <Button onClick={() => onDone(undefined, `${incoming.title} was left as it is.`)}>
          Leave it as it is
        </Button>
      </Flex>
    </Box>
  );
}

import { Box, chakra, Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** A page's heading is a sentence that says how things stand, with what is next below it and the actions beside. */
export function Heading({
  sentence,
  next,
  children,
}: {
  sentence: string;
  next?: ReactNode;
  children?: ReactNode;
}) {
  return (
    <Flex gap="12px 32px" align="flex-end" justify="space-between" wrap="wrap" marginBottom="14px">
      <Box flex="1 1 420px">
        <chakra.h1 fontSize="heading" fontWeight="600" lineHeight="1.25" aria-live="polite">
          {sentence}
        </chakra.h1>
        {next && (
          <chakra.p color="inkSoft" marginTop="4px">
            {next}
          </chakra.p>
        )}
      </Box>
      {children && (
        <Flex gap="10px" wrap="wrap" className="no-print">
          {children}
        </Flex>
      )}
    </Flex>
  );
}

import { Box, chakra } from '@chakra-ui/react';
import { format } from 'date-fns';
import { lintSheet, wordSheetFault, type RuleSheet } from '@able-frame/core';

/** What is wrong with a sheet before any picture is there. */
export function SheetFaults({ sheet }: { sheet: RuleSheet }) {
  const faults = lintSheet(sheet, format(new Date(), "yyyy-MM-dd'T'HH:mm"));
  if (!faults.length) return null;
  return (
    <Box
      role="note"
      aria-label="Doubts about this sheet"
      background="needsYouWash"
      borderWidth="1px"
      borderColor="line"
      padding="10px 14px"
      marginBottom="10px"
    >
      {faults.map(fault => (
        <chakra.p key={fault.code}>{wordSheetFault(fault)}</chakra.p>
      ))}
    </Box>
  );
}

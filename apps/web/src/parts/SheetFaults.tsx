import { chakra, Flex } from '@chakra-ui/react';
import { format } from 'date-fns';
import {
  lintSheet,
  mendSheet,
  wordMend,
  wordSheetFault,
  type RuleSheet,
  type SheetFault,
} from '@able-frame/core';
import { Button } from './controls.tsx';

interface Props {
  sheet: RuleSheet;
  /** Where the sheet can be changed: takes the sheet with one fault mended. */
  onMend?: (mended: RuleSheet) => void;
}

/** The kind of file that a fault is of, where a sheet has several: two of them may have the same one. */
function kindOf({ deliverables }: RuleSheet, fault: SheetFault): string | undefined {
  if (deliverables.length < 2 || !('deliverable' in fault)) return undefined;
  return deliverables.find(d => d.id === fault.deliverable)?.label;
}

/** What is wrong with a sheet before any picture is there, each with its mend. */
export function SheetFaults({ sheet, onMend }: Props) {
  const faults = lintSheet(sheet, format(new Date(), "yyyy-MM-dd'T'HH:mm"));
  if (!faults.length) return null;
  return (
    <chakra.ul
      aria-label="Doubts about this sheet"
      listStyleType="none"
      background="needsYouWash"
      borderWidth="1px"
      borderColor="line"
      padding="10px 14px"
      marginBottom="10px"
    >
      {faults.map((fault, i) => {
        const mended = onMend && mendSheet(sheet, fault);
        const kind = kindOf(sheet, fault);
        return (
          <chakra.li key={i} paddingBlock="2px">
            <Flex gap="6px 14px" wrap="wrap" align="center" justify="space-between">
              <chakra.span flex="1 1 260px">
                {kind ? `${kind}: ` : ''}
                {wordSheetFault(fault)}
              </chakra.span>
              {mended && (
                <Button look="quiet" onClick={() => onMend(mended)}>
                  {wordMend(fault)}
                </Button>
              )}
            </Flex>
          </chakra.li>
        );
      })}
    </chakra.ul>
  );
}

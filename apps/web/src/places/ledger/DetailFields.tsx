import { Box, chakra, Flex } from '@chakra-ui/react';
import type { Detail } from '@able-frame/core';
import type { Submission } from '../../database/schemas.ts';
import { detailFault } from '../../store/rows.ts';
import { setDetail } from '../../store/submission-actions.ts';
import { Input } from '../../parts/controls.tsx';

/** What the organiser asks about the person, for the file names. */
export function DetailFields({ submission }: { submission: Submission }) {
  if (!submission.sheet.details.length) return null;
  return (
    <Flex gap="12px 28px" wrap="wrap" marginBottom="12px">
      {submission.sheet.details.map(detail => (
        <DetailField key={detail.id} detail={detail} submission={submission} />
      ))}
    </Flex>
  );
}

function DetailField({ detail, submission }: { detail: Detail; submission: Submission }) {
  const value = submission.details[detail.id] ?? '';
  const fault = detailFault(submission.sheet, detail.id, value);
  const id = `detail-${detail.id}`;
  return (
    <Flex align="center" gap="10px" wrap="wrap">
      <chakra.label htmlFor={id} fontWeight="600">
        Your {detail.label.toLowerCase()}
      </chakra.label>
      <Input
        id={id}
        width={detail.shape.kind === 'any' ? '220px' : `${detail.shape.count + 5}ch`}
        fontFamily="measure"
        inputMode={detail.shape.kind === 'digits' ? 'numeric' : 'text'}
        autoComplete="off"
        value={value}
        aria-invalid={fault !== undefined}
        aria-describedby={`${id}-hint`}
        onChange={event => void setDetail(detail.id, event.target.value)}
      />
      <Box id={`${id}-hint`} color={fault ? 'needsYou' : 'inkSoft'} fontSize="cell" aria-live="polite">
        {fault ?? 'goes into every file name'}
      </Box>
    </Flex>
  );
}

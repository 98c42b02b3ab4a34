import { Box, chakra, Flex } from '@chakra-ui/react';
import type { Detail, DetailShape, RuleSheet } from '@able-frame/core';
import type { Submission } from '../../database/schemas.ts';
import { detailFault } from '../../store/rows.ts';
import { setDetail } from '../../store/submission-actions.ts';
import { Input, Select } from '../../parts/controls.tsx';

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
      {detail.shape.kind === 'one-of' ? (
        <Select
          id={id}
          value={value}
          aria-invalid={fault !== undefined}
          aria-describedby={`${id}-hint`}
          onChange={event => void setDetail(detail.id, event.target.value)}
        >
          <option value="">choose one</option>
          {detail.shape.options.map(option => (
            <option key={option}>{option}</option>
          ))}
        </Select>
      ) : (
        <Input
          id={id}
          width={widthFor(detail.shape)}
          fontFamily="measure"
          inputMode={detail.shape.kind === 'digits' ? 'numeric' : 'text'}
          autoComplete="off"
          value={value}
          aria-invalid={fault !== undefined}
          aria-describedby={`${id}-hint`}
          onChange={event => void setDetail(detail.id, event.target.value)}
        />
      )}
      <Box id={`${id}-hint`} color={fault ? 'needsYou' : 'inkSoft'} fontSize="cell" aria-live="polite">
        {fault ?? whereItGoes(submission.sheet, detail.id)}
      </Box>
    </Flex>
  );
}

function widthFor(shape: DetailShape): string {
  if (shape.kind === 'digits' || shape.kind === 'letters') return `${shape.count + 5}ch`;
  return shape.kind === 'letters-digits' ? `${shape.letters + shape.digits + 5}ch` : '220px';
}

function whereItGoes(sheet: RuleSheet, id: string): string {
  const inName = sheet.deliverables.some(d =>
    d.name.parts.some(part => part.kind === 'detail' && part.detail === id),
  );
  const inFile = sheet.deliverables.some(d =>
    d.rules.some(rule => rule.kind === 'metadata' && rule.detail === id),
  );
  if (inName && inFile) return 'goes into every file and its name';
  return inFile ? 'goes into every file' : 'goes into every file name';
}

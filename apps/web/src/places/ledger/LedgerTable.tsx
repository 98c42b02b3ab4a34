import { chakra } from '@chakra-ui/react';
import { useMemo, useRef } from 'react';
import { mustsOf, wordNamePattern, wordRule, wordWeight, type RuleSheet } from '@able-frame/core';
import type { Submission } from '../../database/schemas.ts';
import type { Row } from '../../store/rows.ts';
import { labelsOf, wordSizeRules } from './labels.ts';
import { LedgerRow } from './LedgerRow.tsx';
import { LEDGER_STYLE } from './ledger-style.ts';
import { useVisibleRows } from './use-visible-rows.ts';

/** The column headings are the organiser's rules. On a narrow screen every row becomes a card. */
export function LedgerTable({ rows, submission }: { rows: readonly Row[]; submission: Submission }) {
  const heads = headings(submission.sheet);
  const order = useMemo(() => [...new Set(rows.map(row => row.picture.id))], [rows]);
  const table = useRef<HTMLTableElement>(null);
  const { shown, first, before, after, measure } = useVisibleRows(rows, table);
  return (
    <chakra.table
      ref={table}
      role="table"
      aria-rowcount={rows.length + 1}
      aria-label="Pictures"
      css={LEDGER_STYLE}
    >
      <thead role="rowgroup">
        <tr role="row">
          {heads.map(([title, rule]) => (
            <th key={title} scope="col" role="columnheader">
              {title}
              <chakra.span display="block" fontWeight="400" color="inkSoft" fontSize="cell">
                {rule}
              </chakra.span>
            </th>
          ))}
        </tr>
      </thead>
      <tbody role="rowgroup">
        {before > 0 && <Spacer height={before} />}
        {shown.map((row, i) => (
          <LedgerRow
            key={row.id}
            row={row}
            submission={submission}
            order={order}
            index={first + i}
            onShown={measure}
          />
        ))}
        {after > 0 && <Spacer height={after} />}
      </tbody>
    </chakra.table>
  );
}

/** Stands for rows that are out of sight. */
function Spacer({ height }: { height: number }) {
  return <tr aria-hidden="true" style={{ height }} />;
}

/** The rules of a sheet's one kind of file; where there are several, each row says its own. */
function headings(sheet: RuleSheet): [string, string][] {
  const [deliverable, ...others] = sheet.deliverables;
  if (!deliverable || others.length)
    return COLUMNS.map(title => [title, title === 'Picture' ? sectionNames(sheet) : '']);
  const { rules } = deliverable;
  const weight = mustsOf(deliverable, 'bytes')[0];
  const colour = mustsOf(deliverable, 'colour-space')[0];
  const below: Readonly<Record<(typeof COLUMNS)[number], string>> = {
    'No.': '',
    Picture: sectionNames(sheet),
    Frame: rules.some(r => r.kind === 'exact-size' || r.kind === 'ratio')
      ? 'cut, never squashed'
      : 'kept whole',
    Pixels: wordSizeRules(deliverable),
    Colour: colour ? wordRule(colour) : 'free',
    Weight: weight ? wordWeight(weight) : 'free',
    Name: wordNamePattern(deliverable.name, labelsOf(sheet).details),
    State: '',
  };
  return COLUMNS.map(title => [title, below[title]]);
}

const COLUMNS = ['No.', 'Picture', 'Frame', 'Pixels', 'Colour', 'Weight', 'Name', 'State'] as const;

const sectionNames = (sheet: RuleSheet) => sheet.sections.map(s => s.label.toLowerCase()).join(', ');

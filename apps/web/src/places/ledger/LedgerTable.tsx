import { chakra } from '@chakra-ui/react';
import { useMemo, useRef } from 'react';
import { capitalised, mustsOf, wordNamePattern, wordRule, type RuleSheet } from '@able-frame/core';
import type { Submission } from '../../database/schemas.ts';
import type { Row } from '../../store/rows.ts';
import { labelsOf, wordSizeRules } from './labels.ts';
import { LedgerRow } from './LedgerRow.tsx';
import { useVisibleRows } from './use-visible-rows.ts';

/** The column headings are the organiser's rules. On a narrow screen every row becomes a card. */
export function LedgerTable({ rows, submission }: { rows: readonly Row[]; submission: Submission }) {
  const heads = headings(submission.sheet);
  const order = useMemo(() => [...new Set(rows.map(row => row.picture.id))], [rows]);
  const table = useRef<HTMLTableElement>(null);
  const { shown, before, after } = useVisibleRows(rows, table);
  return (
    <chakra.table
      ref={table}
      role="table"
      aria-rowcount={rows.length + 1}
      aria-label="Pictures"
      width="100%"
      background="sheet"
      borderWidth="1px"
      borderColor="line"
      css={{
        borderCollapse: 'collapse',
        '& th, & td': {
          textAlign: 'left',
          verticalAlign: 'middle',
          padding: '9px 10px',
          borderRight: '1px solid',
          borderColor: 'hair',
        },
        '& th:last-child, & td:last-child': { borderRight: '0' },
        '& thead th': {
          verticalAlign: 'top',
          fontWeight: '600',
          borderBottom: '1px solid',
          borderBottomColor: 'ink',
        },
        '& tbody tr': { borderBottom: '1px solid', borderColor: 'hair' },
        '@media (max-width: 980px)': {
          '&, & tbody, & tr, & td': { display: 'block' },
          '& thead': {
            position: 'absolute',
            width: '1px',
            height: '1px',
            overflow: 'hidden',
            clipPath: 'inset(50%)',
          },
          '& tbody tr': { padding: '10px 0', borderBottom: '1px solid', borderColor: 'ink' },
          '& td': {
            borderRight: '0',
            padding: '5px 14px',
            display: 'grid',
            gridTemplateColumns: '74px 1fr',
            gap: '10px',
            alignItems: 'start',
          },
          '& td[data-label]::before': {
            content: 'attr(data-label)',
            color: 'inkSoft',
            fontFamily: 'text',
            fontSize: 'body',
          },
          '& td.wide': { gridTemplateColumns: '1fr' },
        },
      }}
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
        {shown.map(row => (
          <LedgerRow key={row.id} row={row} submission={submission} order={order} />
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
    Weight: weight?.written ? `at most ${weight.written}` : weight ? wordRule(weight) : 'free',
    Name: capitalised(wordNamePattern(deliverable.name, labelsOf(sheet).details)).toLowerCase(),
    State: '',
  };
  return COLUMNS.map(title => [title, below[title]]);
}

const COLUMNS = ['No.', 'Picture', 'Frame', 'Pixels', 'Colour', 'Weight', 'Name', 'State'] as const;

const sectionNames = (sheet: RuleSheet) => sheet.sections.map(s => s.label.toLowerCase()).join(', ');

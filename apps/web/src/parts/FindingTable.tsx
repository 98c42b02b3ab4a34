import { Box, chakra } from '@chakra-ui/react';
import { capitalised, VERDICT_WORDS, wordAsked, wordFound, wordPlace, type Finding } from '@able-frame/core';
import { StateMark } from './StateMark.tsx';

const STATES = { met: 'proven', broken: 'broken', unreadable: 'needs-you', yours: 'yours' } as const;

/** Advice that was not followed stops nothing and is not called broken. */
function VerdictMark({ finding }: { finding: Finding }) {
  if (finding.verdict !== 'met' && finding.asked.level === 'advice')
    return <StateMark state="needs-you" word="Not followed" />;
  return <StateMark state={STATES[finding.verdict]} word={VERDICT_WORDS[finding.verdict]} />;
}

/** The proof of one file: asked, found, where it was read, verdict. */
export function FindingTable({ findings, label }: { findings: readonly Finding[]; label: string }) {
  return (
    <Box overflowX="auto">
      <chakra.table
        aria-label={label}
        width="100%"
        css={{
          borderCollapse: 'collapse',
          '& th, & td': {
            textAlign: 'left',
            padding: '5px 12px 5px 0',
            borderBottom: '1px solid',
            borderColor: 'hair',
            verticalAlign: 'top',
          },
          '& th': { fontWeight: 600 },
        }}
      >
        <thead>
          <tr>
            <th scope="col">Asked</th>
            <th scope="col">Found</th>
            <th scope="col">Read where</th>
            <th scope="col">Verdict</th>
          </tr>
        </thead>
        <tbody>
          {findings.map(f => (
            <tr key={f.asked.id}>
              <td>
                {capitalised(wordAsked(f.asked))}
                {f.asked.level === 'advice' && <chakra.span color="inkSoft"> (advice)</chakra.span>}
              </td>
              <chakra.td fontFamily="measure" fontSize="measure" overflowWrap="anywhere">
                {wordFound(f.found)}
              </chakra.td>
              <chakra.td color="inkSoft" fontSize="cell">
                {wordPlace(f)}
              </chakra.td>
              <td>
                <VerdictMark finding={f} />
              </td>
            </tr>
          ))}
        </tbody>
      </chakra.table>
    </Box>
  );
}

import { Box, chakra } from '@chakra-ui/react';
import { capitalised, wordChange, type SheetChange } from '@able-frame/core';

interface Props {
  changes: readonly SheetChange[];
  /** What the two sides are called: "here", "in the file". */
  sides: readonly [before: string, after: string];
  /** Where a person chooses among the changes. */
  chosen?: ReadonlySet<SheetChange>;
  onToggle?: (change: SheetChange) => void;
}

/** Differences between two versions of a sheet, rule by rule. */
export function ChangeList({ changes, sides, chosen, onToggle }: Props) {
  return (
    <Box overflowX="auto">
      <chakra.table
        width="100%"
        background="sheet"
        borderWidth="1px"
        borderColor="line"
        css={{
          borderCollapse: 'collapse',
          '& th, & td': {
            textAlign: 'left',
            padding: '6px 12px',
            borderBottom: '1px solid',
            borderColor: 'hair',
            verticalAlign: 'top',
          },
          '& th': { fontWeight: 600 },
        }}
      >
        <thead>
          <tr>
            {onToggle && <th scope="col">Take over</th>}
            <th scope="col">About</th>
            <th scope="col">{capitalised(sides[0])}</th>
            <th scope="col">{capitalised(sides[1])}</th>
          </tr>
        </thead>
        <tbody>
          {changes.map((change, i) => {
            const { subject, before, after } = wordChange(change);
            return (
              <tr key={i}>
                {onToggle && (
                  <td>
                    <chakra.input
                      type="checkbox"
                      width="18px"
                      height="18px"
                      accentColor="accent"
                      aria-label={`Take over: ${subject}, ${after ?? 'left out'}`}
                      checked={chosen?.has(change) ?? false}
                      onChange={() => onToggle(change)}
                    />
                  </td>
                )}
                <td>{subject}</td>
                <td>{before ?? <chakra.span color="inkSoft">not there</chakra.span>}</td>
                <td>{after ?? <chakra.span color="inkSoft">gone</chakra.span>}</td>
              </tr>
            );
          })}
        </tbody>
      </chakra.table>
    </Box>
  );
}

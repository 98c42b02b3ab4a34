import { chakra, Flex } from '@chakra-ui/react';
import { NavLink } from 'react-router';

const PLACES = [
  ['rules', 'Rules'],
  ['pictures', 'Pictures'],
  ['proof', 'Proof'],
  ['hand-in', 'Hand-in'],
] as const;

/** The four places of a submission on one dimension line, with ticks at their ends. */
export function PlaceLine({ id }: { id: string }) {
  return (
    <Flex as="nav" aria-label="Places of this submission" className="no-print" marginBottom="14px">
      {PLACES.map(([path, label], i) => (
        <chakra.span
          key={path}
          flex="1"
          textAlign="center"
          css={{
            '& a': {
              display: 'block',
              color: 'inkSoft',
              textDecoration: 'none',
              paddingBottom: '10px',
              position: 'relative',
            },
            '& a::before': {
              content: '""',
              position: 'absolute',
              left: '0',
              right: '0',
              bottom: '5px',
              height: '1px',
              background: 'line',
            },
            '& a::after': {
              content: '""',
              position: 'absolute',
              left: '0',
              right: i === PLACES.length - 1 ? '0' : '-1px',
              bottom: '0',
              height: '11px',
              borderLeft: '1px solid',
              borderRight: '1px solid',
              borderColor: 'ink',
            },
            '& a:hover': { color: 'ink' },
            '& a.active': { color: 'ink', fontWeight: '700' },
            '& a.active::before': { height: '3px', bottom: '4px', background: 'ink' },
          }}
        >
          <NavLink to={`/submission/${id}/${path}`}>{label}</NavLink>
        </chakra.span>
      ))}
    </Flex>
  );
}

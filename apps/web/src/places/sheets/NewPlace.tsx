import { Box, chakra } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from 'react-router';
import { SITUATIONS, sheetForSituation, type Situation } from '@able-frame/core';
import { Heading } from '../../parts/Heading.tsx';
import { today } from '../../parts/today.ts';
import { layOut } from '../../store/sheet-desk-store.ts';
import { SheetDesk } from './desk/SheetDesk.tsx';

/** A sheet without a text begins with what the files are for. */
export function NewPlace() {
  const [hasBegun, setHasBegun] = useState(false);
  const begin = (situation: Situation) => {
    layOut({
      sheet: sheetForSituation(situation, 'new-rule-sheet', today()),
      text: '',
      lines: [],
      questions: [],
      notHeld: [],
      replaces: undefined,
    });
    setHasBegun(true);
  };
  if (hasBegun) return <SheetDesk onBack={() => setHasBegun(false)} />;
  return (
    <>
      <Heading
        sentence="What will become of the pictures?"
        next={
          <>
            Each choice fills in a sensible beginning; everything can be changed. If the organiser wrote
            something, <Link to="/sheets/read">read the rules out of it</Link> instead.
          </>
        }
      />
      <chakra.ul
        listStyleType="none"
        maxWidth="760px"
        borderWidth="1px"
        borderColor="line"
        background="sheet"
      >
        {SITUATIONS.map(situation => (
          <chakra.li
            key={situation.id}
            borderBottomWidth="1px"
            borderColor="hair"
            _last={{ borderBottom: '0' }}
          >
            <chakra.button
              onClick={() => begin(situation)}
              width="100%"
              textAlign="left"
              padding="14px 18px"
              cursor="pointer"
              _hover={{ background: 'accentWash' }}
            >
              <strong>{situation.label}</strong>
              <Box color="inkSoft">{situation.explanation}</Box>
            </chakra.button>
          </chakra.li>
        ))}
      </chakra.ul>
    </>
  );
}

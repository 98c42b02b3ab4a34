import { Box, chakra } from '@chakra-ui/react';
import { useState } from 'react';
import { BUILT_IN_SHEETS, capitalised, wordNumber } from '@able-frame/core';
import { Heading } from '../../parts/Heading.tsx';
import { RuleList } from '../../parts/RuleList.tsx';

/** The rule sheets that are here, each readable as a card. */
export function SheetsPlace() {
  const [shown, setShown] = useState(BUILT_IN_SHEETS[0]?.id);
  const sheet = BUILT_IN_SHEETS.find(s => s.id === shown);
  return (
    <>
      <Heading
        sentence={`${capitalised(wordNumber(BUILT_IN_SHEETS.length))} rule sheets are here.`}
        next="A rule sheet holds what one organiser asks. Every file is planned from it and measured against it."
      />
      <Box
        display="grid"
        gridTemplateColumns={{ base: '1fr', lg: '300px 1fr' }}
        gap="24px"
        alignItems="start"
      >
        <Box role="tablist" aria-label="Rule sheets" aria-orientation="vertical">
          {BUILT_IN_SHEETS.map(s => (
            <chakra.button
              key={s.id}
              role="tab"
              aria-selected={s.id === shown}
              aria-controls="sheet"
              onClick={() => setShown(s.id)}
              display="block"
              width="100%"
              textAlign="left"
              padding="10px 14px"
              cursor="pointer"
              borderLeftWidth="3px"
              borderColor={s.id === shown ? 'ink' : 'line'}
              background={s.id === shown ? 'sheet' : 'transparent'}
              fontWeight={s.id === shown ? '700' : '400'}
            >
              {s.title}
              <chakra.span display="block" fontWeight="400" color="inkSoft">
                {s.organiser}
              </chakra.span>
            </chakra.button>
          ))}
        </Box>
        {sheet && (
          <Box id="sheet" role="tabpanel" aria-label={sheet.title}>
            <chakra.p marginBottom="8px" color="inkSoft">
              {sheet.summary}
            </chakra.p>
            <RuleList sheet={sheet} />
          </Box>
        )}
      </Box>
    </>
  );
}

import { Box, chakra, Flex } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import { Link } from 'react-router';
import { BUILT_IN_SHEETS, capitalised, parseRuleSheet, wordNumber, type RuleSheet } from '@able-frame/core';
import { Button } from '../../parts/controls.tsx';
import { Heading } from '../../parts/Heading.tsx';
import { RuleList } from '../../parts/RuleList.tsx';
import { saveAs } from '../../parts/save-as.ts';
import { SheetFaults } from '../../parts/SheetFaults.tsx';
import { useSheets } from '../../parts/use-sheets.ts';
import { keepSheet, removeSheet } from '../../store/sheets-store.ts';

/** The rule sheets that are here, each readable as a card, shared as a file. */
export function SheetsPlace() {
  const sheets = useSheets();
  const [shown, setShown] = useState<string>();
  const [said, setSaid] = useState('');
  const picker = useRef<HTMLInputElement>(null);
  const sheet = sheets.find(s => s.id === shown) ?? sheets[0];
  const addFromFile = async (file: File | undefined) => {
    if (!file) return;
    try {
      const kept = await keepSheet(parseRuleSheet(readJson(await file.text())));
      setShown(kept.id);
      setSaid(`${kept.title} was added.`);
    } catch (error) {
      setSaid(`${file.name} was not added. ${(error as Error).message}`);
    }
  };
  return (
    <>
      <Heading
        sentence={`${capitalised(wordNumber(sheets.length))} rule sheets are here.`}
        next={
          <>
            A rule sheet holds what one organiser asks.{' '}
            <Link to="/sheets/read">Read one out of an organiser’s text</Link>.
          </>
        }
      >
        <Button onClick={() => picker.current?.click()}>Add from a file</Button>
        <input
          ref={picker}
          type="file"
          accept=".json,application/json"
          aria-label="Rule sheet file"
          hidden
          onChange={event => void addFromFile(event.target.files?.[0])}
        />
      </Heading>
      <Box role="status" marginBottom={said ? '12px' : '0'}>
        {said}
      </Box>
      <Box
        display="grid"
        gridTemplateColumns={{ base: '1fr', lg: '300px 1fr' }}
        gap="24px"
        alignItems="start"
      >
        <Box role="tablist" aria-label="Rule sheets" aria-orientation="vertical">
          {sheets.map(s => (
            <SheetTab key={s.id} sheet={s} isShown={s === sheet} onShow={() => setShown(s.id)} />
          ))}
        </Box>
        {sheet && (
          <SheetCard
            sheet={sheet}
            onTakeOut={() =>
              void removeSheet(sheet.id).then(() =>
                setSaid(`${sheet.title} was taken out. Submissions keep their own copy.`),
              )
            }
          />
        )}
      </Box>
    </>
  );
}

function SheetCard({ sheet, onTakeOut }: { sheet: RuleSheet; onTakeOut: () => void }) {
  const share = () =>
    saveAs(
      new Blob([JSON.stringify(sheet, null, 2) + '\n'], { type: 'application/json' }),
      `${sheet.id}.json`,
    );
  return (
    <Box id="sheet" role="tabpanel" aria-label={sheet.title}>
      <Flex justify="space-between" gap="8px 16px" wrap="wrap" align="center" marginBottom="8px">
        <chakra.p color="inkSoft">{sheet.summary}</chakra.p>
        <Flex gap="14px" className="no-print">
          <Button look="text" onClick={share}>
            Share as a file
          </Button>
          <Button look="text" onClick={() => window.print()}>
            Print the card
          </Button>
          {!BUILT_IN_SHEETS.includes(sheet) && (
            <Button look="text" onClick={onTakeOut}>
              Take out
            </Button>
          )}
        </Flex>
      </Flex>
      <SheetFaults sheet={sheet} />
      <RuleList sheet={sheet} />
    </Box>
  );
}

function readJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    throw new Error(
      'It is not a rule sheet: its content is not JSON. Ask for the file that “Share as a file” gives.',
    );
  }
}

function SheetTab({ sheet, isShown, onShow }: { sheet: RuleSheet; isShown: boolean; onShow: () => void }) {
  return (
    <chakra.button
      role="tab"
      aria-selected={isShown}
      aria-controls="sheet"
      onClick={onShow}
      display="block"
      width="100%"
      textAlign="left"
      padding="10px 14px"
      cursor="pointer"
      borderLeftWidth="3px"
      borderColor={isShown ? 'ink' : 'line'}
      background={isShown ? 'sheet' : 'transparent'}
      fontWeight={isShown ? '700' : '400'}
    >
      {sheet.title}
      <chakra.span display="block" fontWeight="400" color="inkSoft">
        {sheet.organiser}
      </chakra.span>
    </chakra.button>
  );
}

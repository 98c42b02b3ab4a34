import { Box, chakra, Flex } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import { Link, useLocation } from 'react-router';
import {
  BUILT_IN_SHEETS,
  capitalised,
  compareSheets,
  importRuleSheet,
  NOT_NAMED,
  wordNumber,
  type RuleSheet,
} from '@able-frame/core';
import { Button } from '../../parts/controls.tsx';
import { Heading } from '../../parts/Heading.tsx';
import { RuleList } from '../../parts/RuleList.tsx';
import { saveAs } from '../../parts/save-as.ts';
import { SheetFaults } from '../../parts/SheetFaults.tsx';
import { useSheets } from '../../parts/use-sheets.ts';
import { keepSheet, removeSheet } from '../../store/sheets-store.ts';
import { ImportQuestion } from './ImportQuestion.tsx';
import { UsedBy } from './UsedBy.tsx';

/** The rule sheets that are here, each readable as a card, shared as a file. */
export function SheetsPlace() {
  const sheets = useSheets();
  const { state } = useLocation() as { state: { shown?: string } | null };
  const [shown, setShown] = useState<string | undefined>(state?.shown);
  const [said, setSaid] = useState('');
  const [asked, setAsked] = useState<{ incoming: RuleSheet; here: RuleSheet; remarks: string }>();
  const picker = useRef<HTMLInputElement>(null);
  const sheet = sheets.find(s => s.id === shown) ?? sheets[0];
  const addFromFile = async (file: File | undefined) => {
    if (!file) return;
    try {
      const { sheet: incoming, leftOut, migratedFrom } = importRuleSheet(readJson(await file.text()));
      const remarks = wordImport(leftOut, migratedFrom);
      const here = sheets.find(s => s.id === incoming.id);
      if (here && compareSheets(here, incoming).length) return setAsked({ incoming, here, remarks });
      const kept = here ?? (await keepSheet(incoming));
      setShown(kept.id);
      setSaid(`${kept.title} ${here ? 'is here already, and is the same' : 'was added'}.${remarks}`);
    } catch (error) {
      setSaid(`${file.name} was not added. ${(error as Error).message}`);
    } finally {
      // The same file can then be chosen again.
      if (picker.current) picker.current.value = '';
    }
  };
  return (
    <>
      <Box className="no-print">
        <Heading
          sentence={`${capitalised(wordNumber(sheets.length))} rule sheets are here.`}
          next="A rule sheet holds what one organiser asks. Read one out of their text, begin one without, or add a file that somebody gave you."
        >
          <Button onClick={() => picker.current?.click()}>Add from a file</Button>
          <Button asChild>
            <Link to="/sheets/new">New without a text</Link>
          </Button>
          <Button look="main" asChild>
            <Link to="/sheets/read">Read out of a text</Link>
          </Button>
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
        {asked && (
          <ImportQuestion
            {...asked}
            onDone={(kept, sentence) => {
              if (kept) setShown(kept.id);
              setSaid(sentence);
              setAsked(undefined);
            }}
          />
        )}
      </Box>
      <Box
        display="grid"
        gridTemplateColumns={{ base: '1fr', lg: '300px 1fr' }}
        gap="24px"
        alignItems="start"
      >
        <Box role="tablist" aria-label="Rule sheets" aria-orientation="vertical" className="no-print">
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

function wordImport(leftOut: readonly string[], migratedFrom: number | undefined): string {
  const old =
    migratedFrom === undefined ? '' : ` It was of version ${migratedFrom} and was brought up to date.`;
  const unknown = leftOut.length
    ? ` Not known here and left out: ${leftOut.slice(0, 5).join('; ')}${leftOut.length > 5 ? ' and more' : ''}.`
    : '';
  return old + unknown;
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
        <chakra.p color="inkSoft" className="no-print">
          {sheet.summary}
        </chakra.p>
        <Flex gap="14px" align="center" className="no-print">
          <Link to={`/sheets/edit/${sheet.id}`}>
            {BUILT_IN_SHEETS.includes(sheet) ? 'Change a copy' : 'Change'}
          </Link>
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
      <Box className="no-print">
        <UsedBy sheet={sheet} />
        <SheetFaults sheet={sheet} />
      </Box>
      <Box className="sheet-card">
        <chakra.h2 fontSize="heading" className="print-only">
          {sheet.title}
          {sheet.organiser !== NOT_NAMED && `, ${sheet.organiser}`}
        </chakra.h2>
        <RuleList sheet={sheet} />
      </Box>
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

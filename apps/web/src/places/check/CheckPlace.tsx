import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import {
  capitalised,
  wordAllFiles,
  isProven,
  wordCount,
  wordNumber,
  wordPlural,
  type RuleSheet,
} from '@able-frame/core';
import { DropPage } from '../../parts/DropPage.tsx';
import { FindingTable } from '../../parts/FindingTable.tsx';
import { Heading } from '../../parts/Heading.tsx';
import { PictureThumb } from '../../parts/PictureThumb.tsx';
import { StateMark } from '../../parts/StateMark.tsx';
import { useSheets } from '../../parts/use-sheets.ts';
import { measure } from '../../workers/measure.ts';
import type { Measured } from '../../workers/measure-protocol.ts';
import { proveFinished } from './prove-finished.ts';
import { Button, Select } from '../../parts/controls.tsx';

interface CheckedFile {
  file: File;
  measured?: Measured;
  why?: string;
}

/** Finished files made anywhere, measured against a rule sheet. Nothing is changed and nothing is kept. */
export function CheckPlace() {
  const sheets = useSheets();
  const [chosen, setChosen] = useState<string>();
  const sheet = sheets.find(s => s.id === chosen) ?? sheets[0];
  const [files, setFiles] = useState<readonly CheckedFile[]>([]);
  const add = async (dropped: readonly File[]) => {
    for (const file of dropped) {
      const checked = await measure(file, true).then(
        measured => ({ file, measured }),
        (error: Error) => ({ file, why: error.message }),
      );
      setFiles(before => [...before, checked]);
    }
  };
  const proven = sheet
    ? files.filter(f => f.measured && isProven(proveFinished(sheet, f.file.name, f.measured)?.findings ?? []))
        .length
    : 0;
  return (
    <DropPage label="Finished files" onFiles={dropped => void add(dropped)}>
      {({ open }) => (
        <>
          <Heading
            sentence={checkSentence(files.length, proven)}
            next="Each file is measured from its own bytes. Nothing is changed, kept or sent."
          >
            {files.length > 0 && <Button onClick={() => setFiles([])}>Clear the list</Button>}
            <Button look="main" onClick={open}>
              Choose files
            </Button>
          </Heading>
          <Flex gap="10px" align="center" marginBottom="16px" wrap="wrap">
            <chakra.label htmlFor="against" fontWeight="600">
              Hold them against
            </chakra.label>
            <Select id="against" value={sheet?.id} onChange={event => setChosen(event.target.value)}>
              {sheets.map(s => (
                <option key={s.id} value={s.id}>
                  {s.title}
                </option>
              ))}
            </Select>
          </Flex>
          {!files.length && <chakra.p>Drop finished files anywhere on this page.</chakra.p>}
          {sheet &&
            files.map((checked, i) => (
              <CheckedSection key={`${checked.file.name}-${i}`} checked={checked} sheet={sheet} />
            ))}
        </>
      )}
    </DropPage>
  );
}

function CheckedSection({
  checked: { file, measured, why },
  sheet,
}: {
  checked: CheckedFile;
  sheet: RuleSheet;
}) {
  const checked = measured && proveFinished(sheet, file.name, measured);
  const findings = checked?.findings ?? [];
  const good = isProven(findings);
  return (
    <chakra.section
      aria-label={`Check of ${file.name}`}
      background="sheet"
      borderWidth="1px"
      borderColor="line"
      padding="14px 16px"
      marginBottom="16px"
    >
      <Flex gap="16px" align="center" marginBottom="10px" wrap="wrap">
        <PictureThumb blob={measured?.decode?.outcome === 'decoded' ? file : undefined} alt={file.name} />
        <Box flex="1" minWidth="200px">
          <chakra.h2 fontFamily="measure" fontWeight="600" overflowWrap="anywhere">
            {file.name}
          </chakra.h2>
          <chakra.div color="inkSoft">
            {wordCount(file.size)} bytes
            {checked && sheet.deliverables.length > 1 && ` · held to “${checked.deliverable.label}”`}
          </chakra.div>
        </Box>
        <StateMark state={good ? 'proven' : 'broken'} word={good ? 'Every rule met' : 'Not as asked'} />
      </Flex>
      {why && <p>The file could not be read: {why}. Choose it again.</p>}
      {findings.length > 0 && <FindingTable findings={findings} label={`Rules measured in ${file.name}`} />}
    </chakra.section>
  );
}

function checkSentence(count: number, proven: number): string {
  if (!count) return 'Check finished files against a rule sheet.';
  if (proven === count)
    return `${capitalised(wordAllFiles(count))} ${wordPlural(count, 'meets', 'meet')} every rule that was measured.`;
  if (count === 1) return 'The file does not meet every rule.';
  if (!proven) return `None of the ${wordNumber(count)} files meets every rule.`;
  return `${capitalised(wordNumber(proven))} of ${wordNumber(count)} files ${wordPlural(proven, 'meets', 'meet')} every rule.`;
}

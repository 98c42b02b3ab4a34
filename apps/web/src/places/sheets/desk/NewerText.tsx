import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { applyChanges, compareSheets, withNewerWords, type SheetChange } from '@able-frame/core';
import { Button } from '../../../parts/controls.tsx';
import { today } from '../../../parts/today.ts';
import { changeDesk, type DeskSheet } from '../../../store/sheet-desk-store.ts';
import { ChangeList } from '../ChangeList.tsx';
import { readText } from '../read-into-desk.ts';

interface Newer {
  read: DeskSheet;
  changes: SheetChange[];
  chosen: Set<SheetChange>;
}

/** The organiser changed the rules: their newer text is read and held against the sheet, change by change. */
export function NewerText({ desk }: { desk: DeskSheet }) {
  const [isOpen, setOpen] = useState(false);
  const [text, setText] = useState('');
  const [newer, setNewer] = useState<Newer>();
  const [trouble, setTrouble] = useState('');
  const compare = () => {
    try {
      const read = readText(text, today());
      // Title and organiser are the person's own words; a first line is no better name for them.
      const changes = compareSheets(desk.sheet, {
        ...read.sheet,
        title: desk.sheet.title,
        organiser: desk.sheet.organiser,
        declarations: desk.sheet.declarations,
      });
      // What the newer text does not mention is not therefore gone.
      setNewer({ read, changes, chosen: new Set(changes.filter(isSaid)) });
      setTrouble('');
    } catch (error) {
      setTrouble((error as Error).message);
    }
  };
  const take = () => {
    if (!newer) return;
    const { read, changes, chosen } = newer;
    const taken = applyChanges(
      desk.sheet,
      changes.filter(c => chosen.has(c)),
    );
    changeDesk({
      sheet: { ...withNewerWords(taken, read.sheet), checkedOn: today() },
      text: read.text,
      lines: [],
      questions: read.questions,
    });
    setNewer(undefined);
    setText('');
    setOpen(false);
  };
  return (
    <Box marginTop="14px">
      <Button look="text" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
        The organiser changed the rules
      </Button>
      {isOpen && (
        <Box marginTop="6px">
          <label htmlFor="newer-text">Their newer text</label>
          <chakra.textarea
            id="newer-text"
            value={text}
            onChange={event => {
              setText(event.target.value);
              setNewer(undefined);
            }}
            display="block"
            width="100%"
            minHeight="160px"
            padding="10px 14px"
            background="sheet"
            borderWidth="1.5px"
            borderColor="inkSoft"
          />
          <Box role="alert">{trouble && <chakra.p color="broken">{trouble}</chakra.p>}</Box>
          <Flex gap="8px" marginTop="8px" marginBottom="8px">
            <Button disabled={!text.trim()} onClick={compare}>
              See what changed
            </Button>
            {newer && newer.changes.length > 0 && (
              <Button look="main" disabled={!newer.chosen.size} onClick={take}>
                Take {newer.chosen.size} over
              </Button>
            )}
          </Flex>
          {newer && <NewerChanges newer={newer} onChosen={chosen => setNewer({ ...newer, chosen })} />}
        </Box>
      )}
    </Box>
  );
}

function NewerChanges({
  newer: { changes, chosen },
  onChosen,
}: {
  newer: Newer;
  onChosen: (chosen: Set<SheetChange>) => void;
}) {
  if (!changes.length) return <p role="status">Nothing that this sheet holds has changed.</p>;
  return (
    <ChangeList
      changes={changes}
      sides={['in this sheet', 'in the newer text']}
      chosen={chosen}
      onToggle={change => {
        const next = new Set(chosen);
        if (!next.delete(change)) next.add(change);
        onChosen(next);
      }}
    />
  );
}

/** Whether the newer text says something about it, or only leaves it out. */
function isSaid(change: SheetChange): boolean {
  if (change.what === 'rule' || change.what === 'deliverable') return change.after !== undefined;
  if (change.what === 'name') return change.after.parts.some(part => part.kind !== 'title');
  const value = change.after[change.field];
  return value !== undefined && !(Array.isArray(value) && !value.length);
}

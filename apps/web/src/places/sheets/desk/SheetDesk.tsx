import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { capitalised, parseRuleSheet, wordNumber, wordPlural, type RuleSheet } from '@able-frame/core';
import { Button } from '../../../parts/controls.tsx';
import { Heading } from '../../../parts/Heading.tsx';
import { SheetFaults } from '../../../parts/SheetFaults.tsx';
import { keepSheet, keepText, replaceSheet } from '../../../store/sheets-store.ts';
import { changeDesk, useDesk, useDeskHistory, type DeskSheet } from '../../../store/sheet-desk-store.ts';
import { idFrom } from '../read-into-desk.ts';
import { AboutSheet } from './AboutSheet.tsx';
import { DeskDeliverables } from './DeskDeliverables.tsx';
import { DeskText } from './DeskText.tsx';
import { Doubts } from './Doubts.tsx';
import { EntryRules } from './EntryRules.tsx';
import { NewerText } from './NewerText.tsx';
import { useUndoKeys } from './use-undo-keys.ts';

/** A rule sheet at work: the organiser's text on one side, what it asks on the other. Pointing at one lights the other. */
export function SheetDesk({ onBack }: { onBack: () => void }) {
  const desk = useDesk();
  const history = useDeskHistory();
  const navigate = useNavigate();
  const [lit, setLit] = useState<string>();
  const [chosen, setChosen] = useState(0);
  const [trouble, setTrouble] = useState('');
  useUndoKeys(history);
  if (!desk) return null;
  const { sheet, text, lines, questions, notHeld } = desk;
  const keep = async () => {
    try {
      const kept = await keepDesk(desk);
      await navigate('/sheets', { state: { shown: kept.id } });
    } catch (error) {
      setTrouble(`The rule sheet could not be kept. ${(error as Error).message}`);
    }
  };
  return (
    <>
      <Heading sentence={deskSentence(desk)} next={nextOf(desk)}>
        <Button onClick={onBack}>Back</Button>
        <Button disabled={!history.canUndo} onClick={history.undo}>
          Undo
        </Button>
        <Button disabled={!history.canRedo} onClick={history.redo}>
          Redo
        </Button>
        <Button look="main" onClick={() => void keep()}>
          {desk.replaces ? 'Keep the changes' : 'Keep this rule sheet'}
        </Button>
      </Heading>
      <Box role="alert">{trouble && <chakra.p color="broken">{trouble}</chakra.p>}</Box>
      <Box
        display="grid"
        gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 5fr) minmax(0, 6fr)' }}
        gap="24px"
        alignItems="start"
      >
        <Box
          as="section"
          aria-labelledby="what-they-wrote"
          // The words stay in sight while the rules beside them are gone through.
          position={{ lg: 'sticky' }}
          top="12px"
          maxHeight={{ lg: 'calc(100dvh - 24px)' }}
          overflowY={{ lg: 'auto' }}
        >
          <SideTitle id="what-they-wrote">What the organiser wrote</SideTitle>
          <DeskText desk={desk} chosen={chosen} lit={lit} onLight={setLit} />
          <NotHeld items={notHeld} />
          <NewerText desk={desk} />
        </Box>
        <section aria-labelledby="what-it-became">
          <SideTitle id="what-it-became">What Able Frame will hold you to</SideTitle>
          <Doubts desk={desk} />
          <SheetFaults sheet={sheet} onMend={mended => changeDesk({ sheet: mended })} />
          <AboutSheet sheet={sheet} lit={lit} onLight={setLit} />
          <DeskDeliverables sheet={sheet} chosen={chosen} onChoose={setChosen} lit={lit} onLight={setLit} />
          <EntryRules sheet={sheet} lit={lit} onLight={setLit} />
        </section>
      </Box>
      <chakra.p className="sr-only" role="status">
        {text && questions.length === 0 && lines.length > 0 ? 'No doubt is open.' : ''}
      </chakra.p>
    </>
  );
}

/** What was read and can be held to nothing here. */
function NotHeld({ items }: { items: readonly string[] }) {
  if (!items.length) return null;
  return (
    <Box marginTop="14px">
      <chakra.h3 fontWeight="600" color="inkSoft">
        Yours to look after: this program does not do it
      </chakra.h3>
      <chakra.ul paddingLeft="20px" listStyleType="square">
        {items.map(item => (
          <li key={item}>{item}</li>
        ))}
      </chakra.ul>
    </Box>
  );
}

function SideTitle({ id, children }: { id: string; children: string }) {
  return (
    <Flex marginBottom="6px">
      <chakra.h2 id={id} fontWeight="600" color="inkSoft">
        {children}
      </chakra.h2>
    </Flex>
  );
}

async function keepDesk({ sheet, text, lines, replaces }: DeskSheet): Promise<RuleSheet> {
  const whole = parseRuleSheet({ ...sheet, title: sheet.title.trim(), organiser: sheet.organiser.trim() });
  const kept = replaces
    ? await replaceSheet({ ...whole, id: replaces })
    : await keepSheet({ ...whole, id: idFrom(whole.title) });
  if (text) await keepText(kept.id, text, lines);
  return kept;
}

function deskSentence({ lines, questions, text, sheet }: DeskSheet): string {
  if (!text) {
    const rules = sheet.deliverables.reduce((sum, d) => sum + d.rules.length, 0);
    return `${capitalised(wordNumber(rules))} ${wordPlural(rules, 'rule stands', 'rules stand')} in this sheet.`;
  }
  const understood = `${capitalised(wordNumber(lines.length))} ${wordPlural(lines.length, 'thing was', 'things were')} understood.`;
  return questions.length
    ? `${understood} ${capitalised(wordNumber(questions.length))} ${wordPlural(questions.length, 'doubt')} to settle.`
    : understood;
}

function nextOf({ text, questions }: DeskSheet): string {
  if (questions.length) return 'Next: settle the doubts, then read what is grey, in case it is a rule.';
  if (text)
    return 'Underlined is what became a rule. Grey is what nobody claimed: read it, in case it is one.';
  return 'Change what is not right, add what is missing, and keep it.';
}

import { Box, chakra, Flex } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import {
  capitalised,
  parseRuleSheet,
  readRules,
  sheetsFromReading,
  wordNumber,
  wordPlural,
  type Question,
  type Reading,
  type Rule,
  type RuleSheet,
  type SheetDraft,
} from '@able-frame/core';
import { Button, Input } from '../../parts/controls.tsx';
import { Heading } from '../../parts/Heading.tsx';
import { SheetFaults } from '../../parts/SheetFaults.tsx';
import { keepSheet } from '../../store/sheets-store.ts';
import { DraftList } from './DraftList.tsx';
import { MarkedText } from './MarkedText.tsx';
import { wordQuestionField } from './question-words.ts';

/** An organiser's text on one side, what became of it on the other. Pointing at one lights the other. */
export function ReadPlace() {
  const [text, setText] = useState('');
  const [reading, setReading] = useState<Reading>();
  const [trouble, setTrouble] = useState('');
  const read = () => {
    try {
      setReading(readRules(text));
      setTrouble('');
    } catch (error) {
      setTrouble((error as Error).message);
    }
  };
  if (reading) return <ReadText text={text} reading={reading} onBack={() => setReading(undefined)} />;
  return (
    <>
      <Heading
        sentence="Paste what the organiser wrote."
        next="The rules about files are read out of it. You see which words gave which rule, and what was not understood."
      >
        <Button look="main" disabled={!text.trim()} onClick={read}>
          Read the rules
        </Button>
      </Heading>
      <Box role="alert">{trouble && <chakra.p color="broken">{trouble}</chakra.p>}</Box>
      <chakra.label htmlFor="organiser-text" fontWeight="600" color="inkSoft">
        The organiser’s text
      </chakra.label>
      <chakra.textarea
        id="organiser-text"
        value={text}
        onChange={event => setText(event.target.value)}
        display="block"
        width="100%"
        minHeight="420px"
        marginTop="6px"
        padding="18px 24px"
        background="sheet"
        borderWidth="1.5px"
        borderColor="inkSoft"
        placeholder="Competition rules, a prospectus, a help page, a letter: anything that says how the files are to be."
      />
    </>
  );
}

function ReadText({ text, reading, onBack }: { text: string; reading: Reading; onBack: () => void }) {
  const navigate = useNavigate();
  const [title, setTitle] = useState(() => firstLine(text));
  const [organiser, setOrganiser] = useState('');
  const [lit, setLit] = useState<string>();
  const [chosen, setChosen] = useState(0);
  const [trouble, setTrouble] = useState('');
  const drafts = useMemo(
    () =>
      sheetsFromReading(reading, text, {
        id: idFrom(title),
        title: title.trim() || 'Untitled',
        organiser: organiser.trim() || 'not named',
        today: new Date().toISOString().slice(0, 10),
      }),
    [reading, text, title, organiser],
  );
  const [changed, setChanged] = useState<Readonly<Record<number, Rule[]>>>({});
  const draft = drafts[chosen];
  const rulesOf = (index: number) => changed[index] ?? drafts[index]?.sheet.deliverables[0]?.rules ?? [];
  const withRules = (sheet: RuleSheet, index: number) =>
    parseRuleSheet({
      ...sheet,
      deliverables: sheet.deliverables.map(d => ({ ...d, rules: rulesOf(index) })),
    });
  const keep = async () => {
    try {
      for (const [i, { sheet }] of drafts.entries()) await keepSheet(withRules(sheet, i));
      await navigate('/sheets');
    } catch (error) {
      setTrouble(`The rule sheet could not be kept. ${(error as Error).message}`);
    }
  };
  return (
    <>
      <Heading
        sentence={readSentence(draft?.lines.length ?? 0, reading.questions.length)}
        next="Underlined is what became a rule. Grey is what nobody claimed: read it, in case it is one."
      >
        <Button onClick={onBack}>Change the text</Button>
        <Button look="main" disabled={!drafts.length} onClick={() => void keep()}>
          {drafts.length > 1 ? `Keep ${wordNumber(drafts.length)} rule sheets` : 'Keep this rule sheet'}
        </Button>
      </Heading>
      <Box role="alert">{trouble && <chakra.p color="broken">{trouble}</chakra.p>}</Box>
      <Flex gap="10px 24px" wrap="wrap" marginBottom="14px">
        <Labelled label="Title" value={title} onChange={setTitle} />
        <Labelled label="Organiser" value={organiser} onChange={setOrganiser} />
      </Flex>
      <Box display="grid" gridTemplateColumns={{ base: '1fr', lg: '1fr 1fr' }} gap="24px" alignItems="start">
        <section aria-labelledby="what-they-wrote">
          <chakra.h2 id="what-they-wrote" fontWeight="600" color="inkSoft" marginBottom="6px">
            What the organiser wrote
          </chakra.h2>
          <MarkedText
            text={text}
            lines={draft?.lines ?? []}
            questions={reading.questions}
            lit={lit}
            onLight={setLit}
          />
        </section>
        <section aria-labelledby="what-it-became">
          <chakra.h2 id="what-it-became" fontWeight="600" color="inkSoft" marginBottom="6px">
            What Able Frame will hold you to
          </chakra.h2>
          <Kinds drafts={drafts} chosen={chosen} onChoose={setChosen} />
          <Doubts questions={reading.questions} />
          {draft && rulesOf(chosen).length > 0 && <SheetFaults sheet={withRules(draft.sheet, chosen)} />}
          {draft ? (
            <DraftList
              draft={draft}
              rules={rulesOf(chosen)}
              onRules={rules => setChanged({ ...changed, [chosen]: rules })}
              lit={lit}
              onLight={setLit}
            />
          ) : (
            <p>
              No file is asked for in this text, as far as it was understood. Paste the part about the files.
            </p>
          )}
        </section>
      </Box>
    </>
  );
}

/** What can be meant in two ways, above the rules it concerns. */
function Doubts({ questions }: { questions: readonly Question[] }) {
  return questions.map(q => (
    <Box
      key={`${q.field}-${q.start}`}
      background="needsYouWash"
      borderWidth="1px"
      borderColor="line"
      padding="10px 14px"
      marginBottom="10px"
    >
      <strong>{wordQuestionField(q.field)}:</strong> {q.text}. The stricter reading is used; ask the organiser
      if it matters.
    </Box>
  ));
}

function Kinds({
  drafts,
  chosen,
  onChoose,
}: {
  drafts: readonly SheetDraft[];
  chosen: number;
  onChoose: (index: number) => void;
}) {
  if (drafts.length < 2) return null;
  return (
    <Flex gap="18px" role="group" aria-label="Kinds of file" marginBottom="8px">
      {drafts.map((d, i) => (
        <chakra.button
          key={d.sheet.id}
          aria-pressed={i === chosen}
          onClick={() => onChoose(i)}
          cursor="pointer"
          minHeight="28px"
          fontWeight={i === chosen ? '700' : '400'}
          borderBottomWidth="2px"
          borderColor={i === chosen ? 'ink' : 'transparent'}
        >
          {d.sheet.deliverables[0]?.label}
        </chakra.button>
      ))}
    </Flex>
  );
}

function Labelled({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
}) {
  const id = `read-${label.toLowerCase()}`;
  return (
    <Flex gap="10px" align="center">
      <chakra.label htmlFor={id} fontWeight="600">
        {label}
      </chakra.label>
      <Input
        id={id}
        width={{ base: '220px', md: '320px' }}
        value={value}
        maxLength={100}
        onChange={event => onChange(event.target.value)}
      />
    </Flex>
  );
}

function readSentence(lines: number, questions: number): string {
  if (!lines) return 'No rule about files was found.';
  const understood = `${capitalised(wordNumber(lines))} ${wordPlural(lines, 'thing was', 'things were')} understood.`;
  return questions
    ? `${understood} ${capitalised(wordNumber(questions))} ${wordPlural(questions, 'doubt')} to look at.`
    : understood;
}

function firstLine(text: string): string {
  return (text.split('\n').find(line => line.trim()) ?? '').trim().slice(0, 80);
}

function idFrom(title: string): string {
  const plain = title
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60);
  return plain || 'rule-sheet';
}

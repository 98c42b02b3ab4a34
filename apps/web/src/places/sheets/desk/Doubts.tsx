import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { answerQuestion, rulesNamedBy, sentenceAround, wordBytes, type Question } from '@able-frame/core';
import { Button, Input } from '../../../parts/controls.tsx';
import { changeDesk, type DeskSheet } from '../../../store/sheet-desk-store.ts';
import { wordQuestionField } from './question-words.ts';

/** What can be meant in two ways, settled in place. An answer can be undone like any other change. */
export function Doubts({ desk }: { desk: DeskSheet }) {
  return desk.questions.map(q => (
    <Doubt key={`${q.field}-${q.deliverable ?? ''}-${q.start}-${q.text}`} question={q} desk={desk} />
  ));
}

function Doubt({ question, desk }: { question: Question; desk: DeskSheet }) {
  const { sheet, text, lines, questions } = desk;
  const settle = (change: Partial<DeskSheet> = {}) =>
    changeDesk({ ...change, questions: questions.filter(q => q !== question) });
  const choose = (value: number) =>
    settle({ sheet: answerQuestion(sheet, question, rulesNamedBy(question, lines), value) });
  const isWeight = /bytes/i.test(question.field);
  const options = [...new Set(question.options ?? [])];
  return (
    <Box
      role="group"
      aria-label={`Doubt: ${wordQuestionField(question.field)}`}
      background="needsYouWash"
      borderWidth="1px"
      borderColor="line"
      padding="10px 14px"
      marginBottom="10px"
    >
      <p>
        <strong>{wordQuestionField(question.field)}:</strong> {question.text}.
      </p>
      <chakra.q color="inkSoft" fontSize="cell">
        {sentenceAround(text, question)}
      </chakra.q>
      <Flex gap="8px" wrap="wrap" align="center" marginTop="8px">
        {question.field === 'closes' && (
          <ClosingAnswer onAnswer={at => settle({ sheet: { ...sheet, closes: { at } } })} />
        )}
        {options.map((value, i) => (
          <Button key={value} look="quiet" onClick={() => choose(value)}>
            {isWeight ? wordBytes(value) : value}
            {i === 0 && ' (taken so far)'}
          </Button>
        ))}
        {!options.length && (
          <Button look="quiet" onClick={() => settle()}>
            It is right as it was taken
          </Button>
        )}
      </Flex>
    </Box>
  );
}

function ClosingAnswer({ onAnswer }: { onAnswer: (at: string) => void }) {
  const [at, setAt] = useState('');
  return (
    <Flex gap="8px" align="center" wrap="wrap">
      <label htmlFor="closing-answer">It closes on</label>
      <Input
        id="closing-answer"
        type="datetime-local"
        value={at}
        onChange={event => setAt(event.target.value)}
      />
      <Button look="quiet" disabled={!at} onClick={() => onAnswer(at)}>
        Use this date
      </Button>
    </Flex>
  );
}

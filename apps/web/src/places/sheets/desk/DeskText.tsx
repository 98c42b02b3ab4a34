import { Box, chakra, Flex } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import {
  freeRuleId,
  lineId,
  newRule,
  ruleFromWords,
  sentencesOf,
  wordRule,
  type Rule,
  type RuleKind,
} from '@able-frame/core';
import { Button, Select } from '../../../parts/controls.tsx';
import { changeDesk, type DeskSheet } from '../../../store/sheet-desk-store.ts';
import { KindSelect } from './AddRule.tsx';
import type { Lighting } from './LitLine.tsx';
import { MarkedText } from './MarkedText.tsx';
import { unclaimedAmong, type Span } from './mark-text.ts';

interface Props extends Lighting {
  desk: DeskSheet;
  /** Which kind of file a new rule belongs to. */
  chosen: number;
}

/** The organiser's text; words that nobody claimed can be marked and made into a rule. */
export function DeskText({ desk, chosen, ...lighting }: Props) {
  const { text, lines, questions } = desk;
  const [marked, setMarked] = useState<Span>();
  const [said, setSaid] = useState('');
  if (!text)
    return (
      <chakra.p background="sheet" borderWidth="1px" borderColor="line" padding="18px 24px" color="inkSoft">
        This sheet was made without a text.
      </chakra.p>
    );
  return (
    <>
      <MarkedText
        text={text}
        lines={lines}
        questions={questions}
        marked={marked}
        onMark={setMarked}
        {...lighting}
      />
      <MakeRule
        desk={desk}
        marked={marked}
        onMark={setMarked}
        onMake={(span, kind) => {
          const rule = addRuleFrom(desk, chosen, span, kind);
          setMarked(undefined);
          setSaid(rule ? `Added: ${wordRule(rule)}. Look at its numbers.` : '');
        }}
      />
      <Box role="status" fontSize="cell">
        {said}
      </Box>
    </>
  );
}

/** Adds the rule that marked words give, tied to them. */
function addRuleFrom(desk: DeskSheet, chosen: number, span: Span, kind: RuleKind): Rule | undefined {
  const { sheet, text, lines } = desk;
  const deliverable = sheet.deliverables[chosen] ?? sheet.deliverables[0];
  if (!deliverable) return undefined;
  const words = text.slice(span.start, span.end);
  const id = freeRuleId(deliverable.rules, kind);
  const rule: Rule = { ...(ruleFromWords(words, kind) ?? newRule(kind, id)), id, quote: words.slice(0, 400) };
  changeDesk({
    sheet: {
      ...sheet,
      deliverables: sheet.deliverables.map(d =>
        d === deliverable ? { ...d, rules: [...d.rules, rule] } : d,
      ),
    },
    lines: [
      ...lines,
      { id: lineId(deliverable.id, id), claims: [{ field: kind, deliverable: undefined, ...span }] },
    ],
  });
  return rule;
}

/** Choosing the words by pointer in the text, or here from the sentences that nobody claimed. */
function MakeRule({
  desk,
  marked,
  onMark,
  onMake,
}: {
  desk: DeskSheet;
  marked: Span | undefined;
  onMark: (span: Span | undefined) => void;
  onMake: (span: Span, kind: RuleKind) => void;
}) {
  const [kind, setKind] = useState<RuleKind>('side');
  const unclaimed = useMemo(
    () => unclaimedAmong(sentencesOf(desk.text), desk.lines),
    [desk.text, desk.lines],
  );
  const words = marked ? desk.text.slice(marked.start, marked.end) : '';
  return (
    <Flex gap="8px" align="center" wrap="wrap" marginTop="10px" fontSize="cell">
      <label htmlFor="words">Make a rule of the words</label>
      <Select
        id="words"
        width="260px"
        value={marked ? 'marked' : ''}
        onChange={event => onMark(unclaimed[Number(event.target.value)])}
      >
        <option value="">mark them in the text, or choose</option>
        {marked && <option value="marked">{short(words)}</option>}
        {unclaimed.map((span, i) => (
          <option key={span.start} value={i}>
            {short(desk.text.slice(span.start, span.end))}
          </option>
        ))}
      </Select>
      <label htmlFor="words-kind">about</label>
      <KindSelect id="words-kind" value={kind} onChange={setKind} />
      <Button look="quiet" disabled={!marked} onClick={() => marked && onMake(marked, kind)}>
        Make the rule
      </Button>
    </Flex>
  );
}

const short = (text: string) => (text.length > 70 ? `${text.slice(0, 68)} …` : text);

import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import {
  capitalised,
  explainRule,
  wordNamePattern,
  wordRule,
  type Rule,
  type RuleSheet,
  type SheetDraft,
} from '@able-frame/core';
import { Button, Select } from '../../parts/controls.tsx';
import { exampleName } from '../../parts/example-name.ts';
import { freeRuleId, NEW_RULES } from '../../parts/new-rule.ts';
import { RuleFields } from '../../parts/RuleFields.tsx';

interface Props {
  draft: SheetDraft;
  /** The rules as they stand after changes by hand. */
  rules: readonly Rule[];
  onRules: (rules: Rule[]) => void;
  lit: string | undefined;
  onLight: (id: string | undefined) => void;
}

/** What a text became, line by line; a line can be pointed at, reached by key, and put right. */
export function DraftList({ draft, rules, onRules, lit, onLight }: Props) {
  const { sheet } = draft;
  const ruleIds = new Set(sheet.deliverables[0]?.rules.map(rule => rule.id));
  const others = draft.lines.filter(line => !ruleIds.has(line.id));
  return (
    <>
      <chakra.ul listStyleType="none" background="sheet" borderWidth="1px" borderColor="line">
        {rules.map(rule => (
          <Line
            key={rule.id}
            id={rule.id}
            lit={lit}
            onLight={onLight}
            title={capitalised(wordRule(rule))}
            isAdvice={rule.level === 'advice'}
            below={explainRule(rule.kind)}
          >
            <Changeable name={wordRule(rule)}>
              <RuleFields
                rule={rule}
                onChange={next => onRules(rules.map(r => (r.id === rule.id ? next : r)))}
                onLeaveOut={() => onRules(rules.filter(r => r.id !== rule.id))}
              />
            </Changeable>
          </Line>
        ))}
        {others.map(({ id }) => {
          const [title, below] = sheetLine(sheet, id);
          return (
            <Line key={id} id={id} lit={lit} onLight={onLight} title={title} isAdvice={false} below={below} />
          );
        })}
      </chakra.ul>
      <AddRule rules={rules} onRules={onRules} />
      {draft.notHeld.length > 0 && (
        <Box marginTop="12px">
          <chakra.h3 fontWeight="600" color="inkSoft">
            Yours to look after: this program does not do it
          </chakra.h3>
          <chakra.ul paddingLeft="20px" listStyleType="square">
            {draft.notHeld.map(item => (
              <li key={item.text}>{item.text}</li>
            ))}
          </chakra.ul>
        </Box>
      )}
    </>
  );
}

interface LineProps extends Pick<Props, 'lit' | 'onLight'> {
  id: string;
  title: string;
  isAdvice: boolean;
  below: string;
  children?: ReactNode;
}

function Line({ id, lit, onLight, title, isAdvice, below, children }: LineProps) {
  return (
    <chakra.li
      tabIndex={0}
      padding="9px 14px"
      borderBottomWidth="1px"
      borderColor="hair"
      borderLeftWidth="3px"
      borderLeftColor={lit === id ? 'accent' : 'transparent'}
      background={lit === id ? 'accentWash' : undefined}
      onMouseEnter={() => onLight(id)}
      onMouseLeave={() => onLight(undefined)}
      onFocus={() => onLight(id)}
      onBlur={() => onLight(undefined)}
    >
      <strong>{title}</strong>
      {isAdvice && <chakra.span color="inkSoft"> (advice)</chakra.span>}
      <chakra.div color="inkSoft" fontSize="cell">
        {below}
      </chakra.div>
      {children}
    </chakra.li>
  );
}

/** The fields of a rule, shown when a person wants to put it right. */
function Changeable({ name, children }: { name: string; children: ReactNode }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <Button
        look="text"
        fontSize="cell"
        aria-expanded={isOpen}
        aria-label={`Change ${name}`}
        onClick={() => setOpen(!isOpen)}
      >
        {isOpen ? 'Done' : 'Change'}
      </Button>
      {isOpen && children}
    </>
  );
}

function AddRule({ rules, onRules }: Pick<Props, 'rules' | 'onRules'>) {
  const [kind, setKind] = useState(NEW_RULES[0]?.kind);
  const add = () => {
    const made = NEW_RULES.find(r => r.kind === kind);
    if (made) onRules([...rules, made.make(freeRuleId(rules, made.kind))]);
  };
  return (
    <Flex gap="8px" align="center" wrap="wrap" marginTop="10px">
      <label htmlFor="new-rule">Something is missing:</label>
      <Select
        id="new-rule"
        value={kind}
        onChange={event => setKind(NEW_RULES.find(r => r.kind === event.target.value)?.kind)}
      >
        {NEW_RULES.map(r => (
          <option key={r.kind} value={r.kind}>
            {r.label}
          </option>
        ))}
      </Select>
      <Button look="quiet" onClick={add}>
        Add it
      </Button>
    </Flex>
  );
}

/** Lines that concern the whole sheet. */
function sheetLine(sheet: RuleSheet, id: string): [string, string] {
  switch (id) {
    case 'sections':
      return [
        sheet.sections.map(s => `${s.label}${s.limit === undefined ? '' : `: ${s.limit}`}`).join(', '),
        'The sections, with how many pictures each takes.',
      ];
    case 'entries':
      return [`Up to ${sheet.maxEntries} in all`, 'The number of pictures.'];
    case 'closes':
      return [
        sheet.closes
          ? `Closes ${sheet.closes.at.replace('T', ', ')}${sheet.closes.zone ? ` ${sheet.closes.zone}` : ''}`
          : 'Closing date not clear',
        'Where no time is given, the end of the day is taken.',
      ];
    case 'name':
      return [nameLine(sheet), 'The file name, with an example.'];
    default:
      return [sheet.declarations.map(d => d.text).join(' '), 'Yours to declare when you hand in.'];
  }
}

function nameLine(sheet: RuleSheet): string {
  const pattern = sheet.deliverables[0]?.name;
  if (!pattern) return 'Name';
  const labels = Object.fromEntries(sheet.details.map(d => [d.id, d.label]));
  const example = exampleName(sheet);
  return `${capitalised(wordNamePattern(pattern, labels))}${example ? `: ${example}` : ''}`;
}

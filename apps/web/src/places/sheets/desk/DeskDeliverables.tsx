import { Box, chakra, Flex } from '@chakra-ui/react';
import {
  capitalised,
  exampleName,
  explainRule,
  freeId,
  GROUP_WORDS,
  lineId,
  RULE_GROUPS,
  wordNamePattern,
  wordRule,
  type Deliverable,
  type Rule,
  type RuleSheet,
} from '@able-frame/core';
import { Button } from '../../../parts/controls.tsx';
import { CheckField, TextField } from '../../../parts/fields.tsx';
import { RuleFields } from '../../../parts/RuleFields.tsx';
import { changeSheet } from '../../../store/sheet-desk-store.ts';
import { AddRule } from './AddRule.tsx';
import { LineGroup, LitLine, type Lighting } from './LitLine.tsx';
import { NameFields } from './NameFields.tsx';

interface Props extends Lighting {
  sheet: RuleSheet;
  chosen: number;
  onChoose: (index: number) => void;
}

/** The kinds of file that are asked, one at a time, with their rules and names. */
export function DeskDeliverables({ sheet, chosen, onChoose, ...lighting }: Props) {
  const deliverable = sheet.deliverables[chosen] ?? sheet.deliverables[0];
  if (!deliverable) return null;
  const change = (next: Deliverable) =>
    changeSheet({ deliverables: sheet.deliverables.map(d => (d.id === deliverable.id ? next : d)) });
  const setRules = (rules: Rule[]) => rules.length && change({ ...deliverable, rules });
  const labels = Object.fromEntries(sheet.details.map(d => [d.id, d.label]));
  return (
    <>
      <Kinds sheet={sheet} chosen={deliverable.id} onChoose={onChoose} />
      {RULE_GROUPS.map(({ group, kinds }) => {
        const own = deliverable.rules.filter(rule => (kinds as readonly Rule['kind'][]).includes(rule.kind));
        return own.length ? (
          <LineGroup key={group} title={GROUP_WORDS[group]}>
            {own.map(rule => (
              <LitLine
                {...lighting}
                key={`${deliverable.id}/${rule.id}`}
                id={lineId(deliverable.id, rule.id)}
                name={wordRule(rule)}
                title={capitalised(wordRule(rule))}
                isAdvice={rule.level === 'advice'}
                below={explained(rule)}
              >
                <RuleFields
                  rule={rule}
                  details={sheet.details}
                  onChange={next => setRules(deliverable.rules.map(r => (r.id === rule.id ? next : r)))}
                  onLeaveOut={() => setRules(deliverable.rules.filter(r => r.id !== rule.id))}
                />
              </LitLine>
            ))}
          </LineGroup>
        ) : null;
      })}
      <AddRule rules={deliverable.rules} onRules={setRules} />
      <LineGroup title="File names">
        <LitLine
          {...lighting}
          id="name"
          name="file name"
          title={capitalised(wordNamePattern(deliverable.name, labels))}
          below={
            <chakra.span fontFamily="measure">
              {exampleName(sheet, deliverable) ?? 'no name can be built from these parts yet'}
            </chakra.span>
          }
        >
          <NameFields
            sheet={sheet}
            name={deliverable.name}
            onChange={name => change({ ...deliverable, name })}
          />
        </LitLine>
      </LineGroup>
      <KindFields sheet={sheet} deliverable={deliverable} onChange={change} onRemoved={() => onChoose(0)} />
    </>
  );
}

/** A rule in a sentence, with the weight as the organiser wrote it. */
const explained = (rule: Rule) =>
  rule.kind === 'bytes' && rule.written
    ? `Written “${rule.written}”. ${explainRule(rule.kind)}`
    : explainRule(rule.kind);

function Kinds({
  sheet,
  chosen,
  onChoose,
}: {
  sheet: RuleSheet;
  chosen: string;
  onChoose: (index: number) => void;
}) {
  if (sheet.deliverables.length < 2) return null;
  return (
    <Flex gap="18px" role="group" aria-label="Kinds of file" marginTop="14px" wrap="wrap">
      {sheet.deliverables.map((d, i) => (
        <chakra.button
          key={d.id}
          aria-pressed={d.id === chosen}
          onClick={() => onChoose(i)}
          cursor="pointer"
          minHeight="28px"
          fontWeight={d.id === chosen ? '700' : '400'}
          borderBottomWidth="2px"
          borderColor={d.id === chosen ? 'ink' : 'transparent'}
        >
          {d.label}
        </chakra.button>
      ))}
    </Flex>
  );
}

/** What the kind of file is called, whose pictures need it, and further kinds. */
function KindFields({
  sheet,
  deliverable,
  onChange,
  onRemoved,
}: {
  sheet: RuleSheet;
  deliverable: Deliverable;
  onChange: (next: Deliverable) => void;
  onRemoved: () => void;
}) {
  const { sections, deliverables } = sheet;
  const inSection = (code: string) => !deliverable.sections || deliverable.sections.includes(code);
  const setSection = (code: string, isIn: boolean) => {
    const codes = sections.map(s => s.code).filter(c => (c === code ? isIn : inSection(c)));
    const { sections: _, ...rest } = deliverable;
    if (codes.length) onChange(codes.length === sections.length ? rest : { ...rest, sections: codes });
  };
  const addKind = () => {
    const id = freeId('file', taken => deliverables.some(d => d.id === taken));
    const label = `Kind ${deliverables.length + 1}`;
    const parts = [
      ...deliverable.name.parts.filter(p => p.kind !== 'deliverable'),
      { kind: 'text' as const, text: '_' },
      { kind: 'deliverable' as const, form: 'lower' as const },
    ];
    changeSheet({
      deliverables: [...deliverables, { ...deliverable, id, label, name: { ...deliverable.name, parts } }],
    });
  };
  return (
    <Flex gap="10px 18px" wrap="wrap" align="flex-end" marginTop="10px">
      <TextField
        label="This kind of file is called"
        hint="“Large”, “small”, “portrait”."
        width="180px"
        value={deliverable.label}
        maxLength={80}
        onChange={label => label && onChange({ ...deliverable, label })}
      />
      {sections.length > 1 && (
        <Box>
          <chakra.span fontSize="cell" fontWeight="600">
            Asked for the sections
          </chakra.span>
          <Flex gap="4px 14px" wrap="wrap">
            {sections.map(s => (
              <CheckField
                key={s.code}
                label={s.label}
                value={inSection(s.code)}
                onChange={isIn => setSection(s.code, isIn)}
              />
            ))}
          </Flex>
        </Box>
      )}
      {deliverables.length < 8 && (
        <Button look="quiet" onClick={addKind}>
          Add another kind of file
        </Button>
      )}
      {deliverables.length > 1 && (
        <Button
          look="quiet"
          onClick={() => {
            changeSheet({ deliverables: deliverables.filter(d => d.id !== deliverable.id) });
            onRemoved();
          }}
        >
          Leave this kind out
        </Button>
      )}
    </Flex>
  );
}

import { Flex } from '@chakra-ui/react';
import { useState } from 'react';
import {
  freeRuleId,
  GROUP_WORDS,
  KIND_WORDS,
  newRule,
  RULE_GROUPS,
  type Rule,
  type RuleKind,
} from '@able-frame/core';
import { Button, Select } from '../../../parts/controls.tsx';

/** A rule that the text does not say, or that was not understood. */
export function AddRule({ rules, onRules }: { rules: readonly Rule[]; onRules: (rules: Rule[]) => void }) {
  const [kind, setKind] = useState<RuleKind>('box');
  return (
    <Flex gap="8px" align="center" wrap="wrap" marginTop="10px">
      <label htmlFor="new-rule">Something is missing:</label>
      <KindSelect id="new-rule" value={kind} onChange={setKind} />
      <Button look="quiet" onClick={() => onRules([...rules, newRule(kind, freeRuleId(rules, kind))])}>
        Add it
      </Button>
    </Flex>
  );
}

export function KindSelect({
  id,
  value,
  onChange,
}: {
  id: string;
  value: RuleKind;
  onChange: (kind: RuleKind) => void;
}) {
  return (
    <Select id={id} value={value} onChange={event => onChange(event.target.value as RuleKind)}>
      {RULE_GROUPS.map(({ group, kinds }) => (
        <optgroup key={group} label={GROUP_WORDS[group]}>
          {kinds.map(kind => (
            <option key={kind} value={kind}>
              {KIND_WORDS[kind]}
            </option>
          ))}
        </optgroup>
      ))}
    </Select>
  );
}

import { chakra, Flex } from '@chakra-ui/react';
import { useId, useState } from 'react';
import { ruleSchema, wordRule, type Rule, type RuleKind } from '@able-frame/core';
import { Button, Input, Select } from './controls.tsx';

interface NumberField {
  key: string;
  label: string;
  isOptional?: true;
}

/** The numbers of each kind of rule that a person can put right. */
const NUMBERS: { [K in RuleKind]?: readonly NumberField[] } = {
  box: [
    { key: 'widthPx', label: 'Width, px' },
    { key: 'heightPx', label: 'Height, px' },
  ],
  'exact-size': [
    { key: 'widthPx', label: 'Width, px' },
    { key: 'heightPx', label: 'Height, px' },
  ],
  side: [
    { key: 'minPx', label: 'At least, px', isOptional: true },
    { key: 'maxPx', label: 'At most, px', isOptional: true },
  ],
  bytes: [
    { key: 'minBytes', label: 'At least, bytes', isOptional: true },
    { key: 'maxBytes', label: 'At most, bytes', isOptional: true },
  ],
  ppi: [{ key: 'ppi', label: 'ppi' }],
};

interface Props {
  rule: Rule;
  onChange: (rule: Rule) => void;
  onLeaveOut: () => void;
}

/** Puts one rule right by hand. A change that makes no rule is not taken over, and the field says so. */
export function RuleFields({ rule, onChange, onLeaveOut }: Props) {
  const change = (key: string, value: unknown): boolean => {
    // An emptied field is a limit that is not there; the schema takes a missing key and no undefined one.
    const next = Object.fromEntries(
      Object.entries({ ...rule, [key]: value }).filter(([, v]) => v !== undefined),
    );
    const parsed = ruleSchema.safeParse(next);
    if (parsed.success) onChange(parsed.data);
    return parsed.success;
  };
  return (
    <Flex gap="8px 16px" wrap="wrap" align="center" paddingTop="8px">
      {rule.kind === 'side' && (
        <Choice
          label="Side"
          value={rule.side}
          options={{ width: 'width', height: 'height', 'long-edge': 'long edge', 'short-edge': 'short edge' }}
          onChange={v => change('side', v)}
        />
      )}
      {NUMBERS[rule.kind]?.map(field => (
        <NumberInput
          key={field.key}
          field={field}
          value={(rule as unknown as Record<string, number | undefined>)[field.key]}
          onChange={v => change(field.key, v)}
        />
      ))}
      {'eitherWay' in rule && (
        <chakra.label display="inline-flex" gap="6px" alignItems="center">
          <input
            type="checkbox"
            checked={rule.eitherWay}
            onChange={event => change('eitherWay', event.target.checked)}
          />
          either way round
        </chakra.label>
      )}
      <Choice
        label="It is"
        value={rule.level}
        options={{ must: 'a must', advice: 'advice' }}
        onChange={v => change('level', v)}
      />
      <Button look="quiet" aria-label={`Leave this rule out: ${wordRule(rule)}`} onClick={onLeaveOut}>
        Leave this rule out
      </Button>
    </Flex>
  );
}

function Choice({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: string;
  options: Readonly<Record<string, string>>;
  onChange: (value: string) => void;
}) {
  const id = useId();
  return (
    <chakra.span display="inline-flex" gap="6px" alignItems="center">
      <label htmlFor={id}>{label}</label>
      <Select id={id} value={value} onChange={event => onChange(event.target.value)}>
        {Object.entries(options).map(([key, words]) => (
          <option key={key} value={key}>
            {words}
          </option>
        ))}
      </Select>
    </chakra.span>
  );
}

function NumberInput({
  field,
  value,
  onChange,
}: {
  field: NumberField;
  value: number | undefined;
  onChange: (value: number | undefined) => boolean;
}) {
  const id = useId();
  const [text, setText] = useState(value === undefined ? '' : String(value));
  const [isWrong, setIsWrong] = useState(false);
  const take = (written: string) => {
    setText(written);
    const plain = written.replace(/[\s,.]/g, '');
    const isNumber = /^\d+$/.test(plain);
    setIsWrong(
      isNumber || (field.isOptional && !plain) ? !onChange(isNumber ? Number(plain) : undefined) : true,
    );
  };
  return (
    <chakra.span display="inline-flex" gap="6px" alignItems="center">
      <label htmlFor={id}>{field.label}</label>
      <Input
        id={id}
        width="11ch"
        fontFamily="measure"
        inputMode="numeric"
        value={text}
        aria-invalid={isWrong}
        onChange={event => take(event.target.value)}
      />
      {isWrong && <chakra.span color="needsYou">a whole number is asked; not taken over</chakra.span>}
    </chakra.span>
  );
}

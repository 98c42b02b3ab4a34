import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { ruleSchema, wordRule, type Detail, type Rule } from '@able-frame/core';
import { Button } from './controls.tsx';
import { CheckField, ChoiceField, NumberField, TextField, WeightField } from './fields.tsx';
import { parseRatios, RULE_FIELDS, type RuleField } from './rule-field-list.ts';
import { takeOver } from './take-over.ts';

interface Props {
  rule: Rule;
  details: readonly Detail[];
  onChange: (rule: Rule) => void;
  onLeaveOut?: () => void;
}

/** Puts one rule right by hand. A change that makes no rule is not taken over, and the field says so. */
export function RuleFields({ rule, details, onChange, onLeaveOut }: Props) {
  const change = (changes: Readonly<Record<string, unknown>>): boolean =>
    takeOver(ruleSchema, rule, changes, onChange);
  return (
    <Flex gap="10px 18px" wrap="wrap" align="flex-start" paddingTop="8px">
      {RULE_FIELDS[rule.kind].map((field, i) => (
        <OneField key={i} field={field} rule={rule} details={details} change={change} />
      ))}
      <ChoiceField
        label="It is"
        hint="Advice is remarked on and refuses no file."
        value={rule.level}
        options={{ must: 'a must', advice: 'advice' }}
        onChange={level => change({ level })}
      />
      {onLeaveOut && (
        <Box paddingTop="18px">
          <Button look="quiet" aria-label={`Leave this rule out: ${wordRule(rule)}`} onClick={onLeaveOut}>
            Leave this rule out
          </Button>
        </Box>
      )}
    </Flex>
  );
}

interface FieldProps {
  field: RuleField;
  rule: Rule;
  details: readonly Detail[];
  change: (changes: Readonly<Record<string, unknown>>) => boolean;
}

function OneField({ field, rule, details, change }: FieldProps) {
  const values = rule as unknown as Readonly<Record<string, unknown>>;
  switch (field.type) {
    case 'number': {
      const { key, label, hint, isOptional, allowsFraction } = field;
      return (
        <NumberField
          label={label}
          hint={hint}
          isOptional={isOptional}
          allowsFraction={allowsFraction}
          value={values[key] as number | undefined}
          onChange={value => change({ [key]: value })}
        />
      );
    }
    case 'weight':
      return (
        <WeightField
          label={field.label}
          hint={field.hint}
          value={values[field.key] as number | undefined}
          // What the organiser wrote belongs to the number it was read from.
          onChange={(bytes, written) => change({ [field.key]: bytes, written })}
        />
      );
    case 'choice':
      return (
        <ChoiceField
          label={field.label}
          hint={field.hint}
          value={String(values[field.key])}
          options={field.options}
          onChange={value => change({ [field.key]: field.key === 'bits' ? Number(value) : value })}
        />
      );
    case 'several':
      return (
        <Several
          value={values[field.key] as string[]}
          options={field.options}
          onChange={value => change({ [field.key]: value })}
        />
      );
    case 'yes-no':
      return (
        <Box paddingTop="18px">
          <CheckField
            label={field.label}
            value={values[field.key] === true}
            onChange={value => change({ [field.key]: value })}
          />
        </Box>
      );
    case 'ratios':
      return <Ratios rule={rule} label={field.label} hint={field.hint} change={change} />;
    case 'colour':
      return (
        <Loose
          label={field.label}
          hint={field.hint}
          value={(values[field.key] as string | undefined) ?? ''}
          take={text => change({ [field.key]: text.trim().toLowerCase() || undefined })}
        />
      );
    case 'detail':
      if (values['demand'] !== 'present' || !['author', 'copyright'].includes(String(values['field'])))
        return null;
      return (
        <ChoiceField
          label={field.label}
          hint={field.hint}
          value={(values[field.key] as string | undefined) ?? ''}
          options={{ '': 'the original', ...Object.fromEntries(details.map(d => [d.id, d.label])) }}
          onChange={value => change({ [field.key]: value || undefined })}
        />
      );
  }
}

function Several({
  value,
  options,
  onChange,
}: {
  value: readonly string[];
  options: Readonly<Record<string, string>>;
  onChange: (value: string[]) => void;
}) {
  return (
    <Flex gap="4px 16px" wrap="wrap" paddingTop="18px">
      {Object.entries(options).map(([key, label]) => (
        <CheckField
          key={key}
          label={label}
          value={value.includes(key)}
          onChange={isOn => {
            const next = Object.keys(options).filter(k => (k === key ? isOn : value.includes(k)));
            // One at least has to stay, or the rule would say nothing.
            if (next.length) onChange(next);
          }}
        />
      ))}
    </Flex>
  );
}

function Ratios({
  rule,
  label,
  hint,
  change,
}: Pick<FieldProps, 'rule' | 'change'> & { label: string; hint: string }) {
  if (rule.kind !== 'ratio') return null;
  return (
    <Loose
      label={label}
      hint={hint}
      value={rule.ratios.map(r => `${r.width}:${r.height}`).join(', ')}
      take={text => {
        const ratios = parseRatios(text);
        return ratios !== undefined && change({ ratios });
      }}
    />
  );
}

/** Text of a certain kind; while it is not of that kind it stays in the field and is not taken over. */
function Loose({
  label,
  hint,
  value,
  take,
}: {
  label: string;
  hint: string;
  value: string;
  take: (text: string) => boolean;
}) {
  const [typed, setTyped] = useState<string>();
  return (
    <TextField
      label={label}
      hint={typed === undefined ? hint : `${hint} Not taken over yet.`}
      width="160px"
      value={typed ?? value}
      onChange={text => setTyped(take(text) ? undefined : text)}
    />
  );
}

import { Flex } from '@chakra-ui/react';
import { namePartSchema, type LetterForm, type NamePart, type RuleSheet } from '@able-frame/core';
import { ChoiceField, NumberField, TextField } from '../../../parts/fields.tsx';
import { takeOver } from '../../../parts/take-over.ts';

export const PART_WORDS: Readonly<Record<NamePart['kind'], string>> = {
  title: 'title',
  text: 'fixed text',
  'section-code': 'section',
  detail: 'a detail of yours',
  number: 'running number',
  date: 'date',
  deliverable: 'kind of file',
};

const FORM_WORDS: Readonly<Record<LetterForm, string>> = {
  'as-typed': 'as typed',
  'run-together': 'RunTogether',
  'run-together-capitals': 'RUNTOGETHER',
  hyphens: 'joined-by-hyphens',
  underscores: 'joined_by_underscores',
  upper: 'ALL CAPITALS',
  lower: 'all small',
};

/** A part to begin with. */
export function newPart(kind: NamePart['kind'], sheet: RuleSheet): NamePart {
  switch (kind) {
    case 'text':
      return { kind, text: '_' };
    case 'number':
      return { kind, start: 1, step: 1, digits: 2, within: sheet.sections.length ? 'section' : 'submission' };
    case 'date':
      return { kind, of: 'taken', form: 'year-month-day' };
    case 'detail':
      return { kind, detail: sheet.details[0]?.id ?? '', form: 'as-typed' };
    default:
      return { kind, form: 'as-typed' };
  }
}

/** The fields of one part of a name. */
export function PartFields({
  sheet,
  part,
  onChange,
}: {
  sheet: RuleSheet;
  part: NamePart;
  onChange: (part: NamePart) => void;
}) {
  const change = (changes: Readonly<Record<string, unknown>>): boolean =>
    takeOver(namePartSchema, part, changes, onChange);
  return (
    <Flex gap="10px 18px" wrap="wrap">
      {part.kind === 'text' && (
        <TextField
          label="Text"
          hint="Stands in every name just so."
          width="160px"
          value={part.text}
          maxLength={60}
          onChange={text => change({ text })}
        />
      )}
      {part.kind === 'detail' && (
        <ChoiceField
          label="Detail"
          hint="What the person gives once for all pictures."
          value={part.detail}
          options={Object.fromEntries(sheet.details.map(d => [d.id, d.label]))}
          onChange={detail => change({ detail })}
        />
      )}
      {part.kind === 'number' && <NumberPart part={part} change={change} />}
      {part.kind === 'date' && (
        <>
          <ChoiceField
            label="Which day"
            hint="The day the picture was taken, or the day the sheet closes."
            value={part.of}
            options={{ taken: 'taken', closing: 'closing' }}
            onChange={of => change({ of })}
          />
          <ChoiceField
            label="Written"
            hint="How the day stands in the name."
            value={part.form}
            options={{
              'year-month-day': '2027-02-14',
              'day-month-year': '14-02-2027',
              'run-together': '20270214',
              'year-month': '2027-02',
              year: '2027',
            }}
            onChange={form => change({ form })}
          />
        </>
      )}
      {'form' in part && part.kind !== 'date' && (
        <>
          <ChoiceField
            label="Letters"
            hint="How its words are written."
            value={part.form}
            options={FORM_WORDS}
            onChange={form => change({ form })}
          />
          <NumberField
            label="Greatest length"
            hint="More is cut off. Empty: none."
            isOptional
            value={part.maxLength}
            onChange={maxLength => change({ maxLength })}
          />
        </>
      )}
    </Flex>
  );
}

function NumberPart({
  part,
  change,
}: {
  part: Extract<NamePart, { kind: 'number' }>;
  change: (changes: Readonly<Record<string, unknown>>) => boolean;
}) {
  return (
    <>
      <NumberField
        label="Starts at"
        hint="The first picture’s number."
        value={part.start}
        onChange={start => change({ start })}
      />
      <NumberField
        label="Step"
        hint="From one number to the next."
        value={part.step}
        onChange={step => change({ step })}
      />
      <NumberField
        label="Digits"
        hint="Filled up with zeros in front."
        value={part.digits}
        onChange={digits => change({ digits })}
      />
      <ChoiceField
        label="Counts"
        hint="Each section for itself, or all pictures."
        value={part.within}
        options={{ section: 'in each section', submission: 'all pictures' }}
        onChange={within => change({ within })}
      />
    </>
  );
}

import { Box, Flex } from '@chakra-ui/react';
import {
  capitalised,
  freeId,
  wordBytes,
  wordShape,
  type Detail,
  type DetailShape,
  type RuleSheet,
} from '@able-frame/core';
import { Button } from '../../../parts/controls.tsx';
import { ChoiceField, NumberField, TextField, WeightField } from '../../../parts/fields.tsx';
import { changeSheet } from '../../../store/sheet-desk-store.ts';
import { LineGroup, LitLine, type Lighting } from './LitLine.tsx';
import { SectionFields } from './SectionFields.tsx';

/** What concerns the entry as a whole: sections, limits, details of the person, declarations. */
export function EntryRules({ sheet, ...lighting }: { sheet: RuleSheet } & Lighting) {
  return (
    <LineGroup title="Entry">
      <LitLine
        {...lighting}
        id="sections"
        name="sections"
        title={
          sheet.sections
            .map(s => `${s.label} (${s.code})${s.limit === undefined ? '' : ` up to ${s.limit}`}`)
            .join(', ') || 'No sections'
        }
        below="Parts of the competition, each perhaps with its own number of pictures."
      >
        <SectionFields sections={sheet.sections} onChange={sections => changeSheet({ sections })} />
      </LitLine>
      <LitLine
        {...lighting}
        id="entries"
        name="numbers and weight of everything"
        title={capitalised(wordLimits(sheet))}
        below="How many pictures and files there may be, and what they may weigh together."
      >
        <LimitFields sheet={sheet} />
      </LitLine>
      <LitLine
        {...lighting}
        id="details"
        name="details asked of you"
        title={sheet.details.map(d => `${d.label} (${wordShape(d.shape)})`).join(', ') || 'No details of you'}
        below="What goes into file names or files and is typed once."
      >
        <DetailsFields details={sheet.details} />
      </LitLine>
      <LitLine
        {...lighting}
        id="declarations"
        name="declarations"
        title={sheet.declarations.map(d => d.text).join(' ') || 'No declarations'}
        below="What no program can check; you tick it when you hand in."
      >
        <DeclarationFields sheet={sheet} />
      </LitLine>
    </LineGroup>
  );
}

function wordLimits({ maxEntries, maxFiles, maxTotal }: RuleSheet): string {
  const parts = [
    ...(maxEntries === undefined ? [] : [`up to ${maxEntries} pictures`]),
    ...(maxFiles === undefined ? [] : [`up to ${maxFiles} files`]),
    ...(maxTotal === undefined ? [] : [`${maxTotal.written ?? wordBytes(maxTotal.bytes)} together`]),
  ];
  return parts.length ? parts.join(', ') : 'any number of pictures';
}

/** Sets an optional value of the sheet, or takes it out. */
function setLimit(key: 'maxEntries' | 'maxFiles', value: number | undefined): boolean {
  if (value !== undefined && value < 1) return false;
  changeSheet({ [key]: value });
  return true;
}

function LimitFields({ sheet }: { sheet: RuleSheet }) {
  return (
    <Flex gap="10px 18px" wrap="wrap" paddingTop="8px">
      <NumberField
        label="Pictures at most"
        hint="In all sections together. Empty: any number."
        isOptional
        value={sheet.maxEntries}
        onChange={value => setLimit('maxEntries', value)}
      />
      <NumberField
        label="Files at most"
        hint="Where one picture becomes several."
        isOptional
        value={sheet.maxFiles}
        onChange={value => setLimit('maxFiles', value)}
      />
      <WeightField
        label="All files together"
        hint="“20 MB” is taken as 20,000,000 bytes. Empty: no limit."
        value={sheet.maxTotal?.bytes}
        onChange={(bytes, written) => {
          if (bytes !== undefined && bytes < 1) return false;
          changeSheet({
            maxTotal: bytes === undefined ? undefined : { bytes, ...(written ? { written } : {}) },
          });
          return true;
        }}
      />
    </Flex>
  );
}

const SHAPES: Readonly<Record<DetailShape['kind'], DetailShape>> = {
  any: { kind: 'any' },
  digits: { kind: 'digits', count: 4 },
  letters: { kind: 'letters', count: 3 },
  'letters-digits': { kind: 'letters-digits', letters: 2, digits: 4 },
  'one-of': { kind: 'one-of', options: ['first', 'second'] },
};

function DetailsFields({ details }: { details: RuleSheet['details'] }) {
  const set = (next: Detail[]) => changeSheet({ details: next });
  const setOne = (i: number, detail: Detail) => set(details.map((d, k) => (k === i ? detail : d)));
  const add = () => {
    const id = freeId('detail', taken => details.some(d => d.id === taken));
    set([...details, { id, label: 'Member number', shape: SHAPES.digits }]);
  };
  return (
    <Box paddingTop="8px">
      {details.map((detail, i) => (
        <Flex key={detail.id} gap="10px 18px" wrap="wrap" align="flex-end" marginBottom="8px">
          <TextField
            label="Called"
            hint="As you will be asked for it."
            width="190px"
            value={detail.label}
            maxLength={80}
            onChange={label => label && setOne(i, { ...detail, label })}
          />
          <ChoiceField
            label="Made of"
            hint="What is typed is held to it."
            value={detail.shape.kind}
            options={{
              any: 'any text',
              digits: 'digits',
              letters: 'letters',
              'letters-digits': 'letters, then digits',
              'one-of': 'one of a list',
            }}
            onChange={kind => setOne(i, { ...detail, shape: SHAPES[kind] })}
          />
          <ShapeFields shape={detail.shape} onChange={shape => setOne(i, { ...detail, shape })} />
          <Button
            look="quiet"
            aria-label={`Leave out ${detail.label}`}
            onClick={() => set(details.filter((_, k) => k !== i))}
          >
            Leave out
          </Button>
        </Flex>
      ))}
      <Button look="quiet" onClick={add}>
        Ask for another detail
      </Button>
    </Box>
  );
}

function ShapeFields({ shape, onChange }: { shape: DetailShape; onChange: (shape: DetailShape) => void }) {
  const count = (label: string, value: number, take: (n: number) => DetailShape) => (
    <NumberField
      label={label}
      hint="Just so many."
      value={value}
      onChange={n => {
        if (n === undefined || n < 1 || n > 10) return false;
        onChange(take(n));
        return true;
      }}
    />
  );
  switch (shape.kind) {
    case 'any':
      return null;
    case 'digits':
      return count('How many digits', shape.count, n => ({ kind: 'digits', count: n }));
    case 'letters':
      return count('How many letters', shape.count, n => ({ kind: 'letters', count: n }));
    case 'letters-digits':
      return (
        <>
          {count('How many letters', shape.letters, letters => ({ ...shape, letters }))}
          {count('How many digits', shape.digits, digits => ({ ...shape, digits }))}
        </>
      );
    case 'one-of':
      return (
        <TextField
          label="The list, with commas"
          hint="One of these is chosen."
          value={shape.options.join(', ')}
          onChange={text => {
            const options = text.split(',').map(o => o.trimStart().slice(0, 60));
            if (options.some(o => o.trim())) onChange({ kind: 'one-of', options: options.filter(Boolean) });
          }}
        />
      );
  }
}

function DeclarationFields({ sheet: { declarations } }: { sheet: RuleSheet }) {
  const set = (next: RuleSheet['declarations']) => changeSheet({ declarations: next });
  const add = () => {
    const id = freeId('declaration', taken => declarations.some(d => d.id === taken));
    set([...declarations, { id, text: 'Every picture was taken by me.' }]);
  };
  return (
    <Box paddingTop="8px">
      {declarations.map((d, i) => (
        <Flex key={d.id} gap="10px" align="flex-end" wrap="wrap" marginBottom="8px">
          <TextField
            label={`Declaration ${i + 1}`}
            hint="A sentence that you tick."
            width="420px"
            value={d.text}
            maxLength={400}
            onChange={text => text && set(declarations.map((o, k) => (k === i ? { ...o, text } : o)))}
          />
          <Button
            look="quiet"
            aria-label={`Leave out declaration ${i + 1}`}
            onClick={() => set(declarations.filter((_, k) => k !== i))}
          >
            Leave out
          </Button>
        </Flex>
      ))}
      <Button look="quiet" onClick={add}>
        Add a declaration
      </Button>
    </Box>
  );
}

import { Box, chakra } from '@chakra-ui/react';
import { useId, useState, type ReactNode } from 'react';
import { Input, Select } from './controls.tsx';

/** Labelled fields that explain themselves in a sentence. */

interface Base {
  label: string;
  hint?: string | undefined;
}

function Field({
  label,
  hint,
  fault,
  children,
}: Base & {
  fault?: string | undefined;
  children: (ids: { id: string; 'aria-describedby': string }) => ReactNode;
}) {
  const id = useId();
  const hintId = `${id}-hint`;
  return (
    <Box>
      <chakra.label htmlFor={id} display="block" fontSize="cell" fontWeight="600">
        {label}
      </chakra.label>
      {children({ id, 'aria-describedby': hintId })}
      <Box
        id={hintId}
        fontSize="cell"
        color={fault ? 'needsYou' : 'inkSoft'}
        maxWidth="25ch"
        lineHeight="1.25"
      >
        {fault ?? hint}
      </Box>
    </Box>
  );
}

export function TextField({
  label,
  hint,
  value,
  width = '260px',
  maxLength,
  onChange,
}: Base & { value: string; width?: string; maxLength?: number; onChange: (value: string) => void }) {
  return (
    <Field label={label} hint={hint}>
      {ids => (
        <Input
          {...ids}
          width={width}
          value={value}
          maxLength={maxLength}
          onChange={event => onChange(event.target.value)}
        />
      )}
    </Field>
  );
}

export function ChoiceField<T extends string>({
  label,
  hint,
  value,
  options,
  onChange,
}: Base & { value: T; options: Readonly<Record<T, string>>; onChange: (value: T) => void }) {
  return (
    <Field label={label} hint={hint}>
      {ids => (
        <Select {...ids} value={value} onChange={event => onChange(event.target.value as T)}>
          {Object.entries<string>(options).map(([key, words]) => (
            <option key={key} value={key}>
              {words}
            </option>
          ))}
        </Select>
      )}
    </Field>
  );
}

export function CheckField({
  label,
  value,
  onChange,
}: {
  label: string;
  value: boolean;
  onChange: (value: boolean) => void;
}) {
  return (
    <chakra.label display="inline-flex" gap="8px" alignItems="center" minHeight="32px" cursor="pointer">
      <chakra.input
        type="checkbox"
        width="18px"
        height="18px"
        accentColor="accent"
        checked={value}
        onChange={event => onChange(event.target.checked)}
      />
      {label}
    </chakra.label>
  );
}

export interface NumberFieldProps extends Base {
  value: number | undefined;
  isOptional?: boolean | undefined;
  allowsFraction?: boolean | undefined;
  /** Returns whether the number was taken over. */
  onChange: (value: number | undefined) => boolean;
}

/** A number as a person types it; what cannot be taken over stays in the field and is said. */
export function NumberField({ label, hint, value, isOptional, allowsFraction, onChange }: NumberFieldProps) {
  return (
    <WrittenNumber
      label={label}
      hint={hint}
      value={value === undefined ? '' : String(value)}
      asked={allowsFraction ? 'a number' : 'a whole number'}
      take={written => {
        const plain = allowsFraction ? written.replace(',', '.').trim() : written.replace(/[\s,.]/g, '');
        if (!plain) return isOptional === true && onChange(undefined);
        const isNumber = (allowsFraction ? /^\d+(?:\.\d+)?$/ : /^\d+$/).test(plain);
        return isNumber && onChange(Number(plain));
      }}
    />
  );
}

const PER_UNIT: Readonly<Record<string, number>> = {
  '': 1,
  b: 1,
  bytes: 1,
  k: 1e3,
  kb: 1e3,
  m: 1e6,
  mb: 1e6,
};

/** A weight in bytes, which may be typed as “400 KB” or “1.5 MB”. */
export function WeightField({
  label,
  hint,
  value,
  onChange,
}: Base & {
  value: number | undefined;
  onChange: (bytes: number | undefined, written: string | undefined) => boolean;
}) {
  return (
    <WrittenNumber
      label={label}
      hint={hint}
      value={value === undefined ? '' : String(value)}
      asked="a weight such as 400 KB"
      take={written => {
        if (!written.trim()) return onChange(undefined, undefined);
        const parts = /^\s*([\d.,]+)\s*([a-z]*)\s*$/i.exec(written);
        const unit = parts?.[2]?.toLowerCase() ?? '?';
        const factor = PER_UNIT[unit];
        if (!parts || factor === undefined) return false;
        const number = unit ? Number(parts[1]?.replace(',', '.')) : Number(parts[1]?.replace(/[.,]/g, ''));
        if (!Number.isFinite(number)) return false;
        return onChange(Math.round(number * factor), unit ? written.trim() : undefined);
      }}
    />
  );
}

function WrittenNumber({
  label,
  hint,
  value,
  asked,
  take,
}: Base & { value: string; asked: string; take: (written: string) => boolean }) {
  const [typed, setTyped] = useState<string>();
  const [isWrong, setIsWrong] = useState(false);
  return (
    <Field label={label} hint={hint} fault={isWrong ? `${asked} is asked; not taken over` : undefined}>
      {ids => (
        <Input
          {...ids}
          width="12ch"
          fontFamily="measure"
          inputMode="decimal"
          // What was typed stays while the field has the focus; an undo elsewhere shows again afterwards.
          value={typed ?? value}
          aria-invalid={isWrong}
          onFocus={() => setTyped(value)}
          onBlur={() => {
            if (!isWrong) setTyped(undefined);
          }}
          onChange={event => {
            setTyped(event.target.value);
            setIsWrong(!take(event.target.value));
          }}
        />
      )}
    </Field>
  );
}

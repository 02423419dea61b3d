import { TextInput, type TextInputProps } from '@mantine/core';
import { memo, type Ref, useState } from 'react';
import { useFreshCalculator } from '../api/calculators';
import { Problem, type Schemas } from '../api/client';
import { withUnit } from '../units/units';
import { useSettled } from './useSettled';

type Kind = Schemas['QuantityCase']['kind'];

export interface TypedFieldProps extends Omit<TextInputProps, 'value' | 'onChange'> {
  value: string;
  onChange: (typed: string) => void;
  /** the unit a bare figure is meant in; added when the field is left */
  unit?: string;
  /** what is typed, where no unit tells: it is read as it is typed, and what cannot be read is said at once */
  kind?: Kind;
  ref?: Ref<HTMLInputElement>;
}

const KINDS: Record<string, Kind> = {
  m: 'length',
  yd: 'length',
  ft: 'length',
  mm: 'small',
  in: 'small',
  kg: 'force',
  lb: 'force',
  N: 'force',
  g: 'mass',
};
/** A figure as typed, in any unit. What was typed stays; a bare figure gets its unit when the field is left. */
export const TypedField = memo(function TypedField({ value, onChange, unit, kind, error, ...rest }: TypedFieldProps) {
  // what stood there before was read already
  const [touched, setTouched] = useState(false);
  const unread = useUnread(touched ? value : '', unit, kind ?? KINDS[unit ?? '']);
  return (
    <TextInput
      {...rest}
      value={value}
      error={unread ?? error}
      autoComplete="off"
      spellCheck={false}
      maxLength={200}
      onChange={(event) => {
        setTouched(true);
        onChange(event.currentTarget.value);
      }}
      onBlur={() => {
        const whole = unit ? withUnit(value, unit) : value;
        if (whole !== value) onChange(whole);
      }}
    />
  );
});

/** Why a figure cannot be read, a moment after it was typed. */
function useUnread(value: string, unit: string | undefined, kind: Kind | undefined): string | undefined {
  const { text: typed, now } = useSettled(value);
  const { error } = useFreshCalculator(
    'quantity',
    kind && typed !== '' ? { kind, typed: (unit ? withUnit(typed, unit) : typed).slice(0, 60) } : null,
  );
  return now && error instanceof Problem && error.status === 422 ? error.message : undefined;
}

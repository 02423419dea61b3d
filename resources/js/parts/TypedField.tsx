import { TextInput, type TextInputProps } from '@mantine/core';
import { memo, type Ref } from 'react';
import { withUnit } from '../units/units';

export interface TypedFieldProps extends Omit<TextInputProps, 'value' | 'onChange'> {
  value: string;
  onChange: (typed: string) => void;
  /** the unit a bare figure is meant in; added when the field is left */
  unit?: string;
  ref?: Ref<HTMLInputElement>;
}

/** A figure as typed, in any unit. What was typed stays; a bare figure gets its unit when the field is left. */
export const TypedField = memo(function TypedField({ value, onChange, unit, ...rest }: TypedFieldProps) {
  return (
    <TextInput
      {...rest}
      value={value}
      autoComplete="off"
      spellCheck={false}
      maxLength={200}
      onChange={(event) => onChange(event.currentTarget.value)}
      onBlur={() => {
        const whole = unit ? withUnit(value, unit) : value;
        if (whole !== value) onChange(whole);
      }}
    />
  );
});

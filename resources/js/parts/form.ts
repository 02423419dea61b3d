import type { ReactNode } from 'react';
import { withUnit } from '../units/units';

import type { TypedFieldProps } from './TypedField';

export interface FormField {
  key: string;
  label: string;
  placeholder?: string;
  /** the unit a bare figure is meant in */
  unit?: string;
  /** a choice instead of text */
  choices?: { value: string; label: string }[];
  wide?: boolean;
  /** what is typed, where no unit tells */
  kind?: TypedFieldProps['kind'];
  /** another field than plain text, by the other values of the form */
  as?: (props: TypedFieldProps, values: Record<string, string>) => ReactNode;
}

/** The core names a figure by its canonical unit; the form by the figure alone. */
const ALIASES: Record<string, string> = {
  ratings_text: 'stamp',
  length_m: 'length',
  diameter_mm: 'size',
};

export function formKey(field: string, keys: string[]): string | undefined {
  const bare = field.replace(/^.*\./, '');
  return [bare, ALIASES[bare] ?? '', bare.replace(/_(mm|m|N)$/, '')].find((key) => keys.includes(key));
}

/** What was typed, bare figures with the unit they were meant in: a form can be sent without its last field being left. */
export const whole = (values: Record<string, string>, fields: FormField[]): Record<string, string> =>
  Object.fromEntries(
    Object.entries(values).map(([key, value]) => {
      const unit = fields.find((field) => field.key === key)?.unit;
      return [key, unit ? withUnit(value, unit) : value];
    }),
  );

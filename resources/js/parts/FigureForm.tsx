import { Button, Group, NativeSelect } from '@mantine/core';
import { useState } from 'react';
import { Problem } from '../api/client';
import classes from './parts.module.css';
import { TypedField } from './TypedField';
import { failed } from './undo';

export interface FormField {
  key: string;
  label: string;
  placeholder?: string;
  /** the unit a bare figure is meant in */
  unit?: string;
  /** a choice instead of text */
  choices?: { value: string; label: string }[];
  wide?: boolean;
}

interface FigureFormProps {
  fields: FormField[];
  initial: Record<string, string>;
  submit: string;
  onSubmit: (values: Record<string, string>) => Promise<unknown>;
  onCancel?: () => void;
  label: string;
}

/** The core names a figure by its canonical unit; the form by the figure alone. */
const ALIASES: Record<string, string> = {
  ratings_text: 'stamp',
  length_m: 'length',
  diameter_mm: 'size',
  arbor_deep_diameter: 'arbor_deep_diameter',
};

export function formKey(field: string, keys: string[]): string | undefined {
  const bare = field.replace(/^.*\./, '');
  return [bare, ALIASES[bare] ?? '', bare.replace(/_(mm|m|N)$/, '')].find((key) => keys.includes(key));
}

/** Fields that are edited in place and saved together; what is wrong is said at its field and nothing typed is lost. */
export function FigureForm({ fields, initial, submit, onSubmit, onCancel, label }: FigureFormProps) {
  const [values, setValues] = useState(initial);
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const keys = fields.map((field) => field.key);
  const wrong = problem ? formKey(problem.field, keys) : undefined;
  const set = (key: string, value: string) => setValues((before) => ({ ...before, [key]: value }));

  const send = async () => {
    setBusy(true);
    try {
      await onSubmit(values);
      setProblem(null);
    } catch (error) {
      if (error instanceof Problem && formKey(error.field, keys)) setProblem(error);
      else failed(error);
    } finally {
      setBusy(false);
    }
  };
  return (
    <form
      className={classes.form}
      aria-label={label}
      onSubmit={(event) => {
        event.preventDefault();
        void send();
      }}
    >
      {fields.map((field) => {
        const value = values[field.key] ?? '';
        const error = wrong === field.key ? problem?.message : undefined;
        const className = field.wide ? classes.wide : undefined;
        return field.choices ? (
          <NativeSelect
            key={field.key}
            className={className}
            label={field.label}
            value={value}
            data={field.choices}
            error={error}
            onChange={(event) => set(field.key, event.currentTarget.value)}
          />
        ) : (
          <TypedField
            key={field.key}
            className={className}
            label={field.label}
            placeholder={field.placeholder}
            unit={field.unit}
            value={value}
            error={error}
            onChange={(typed) => set(field.key, typed)}
          />
        );
      })}
      <Group className={classes.buttons} gap="xs">
        <Button type="submit" loading={busy}>
          {submit}
        </Button>
        {onCancel && (
          <Button variant="default" onClick={onCancel}>
            Cancel
          </Button>
        )}
      </Group>
    </form>
  );
}

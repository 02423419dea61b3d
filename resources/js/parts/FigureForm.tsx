import { Button, Group, NativeSelect } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { Fragment, useState } from 'react';
import { Problem } from '../api/client';
import { type FormField, formKey, whole } from './form';
import classes from './parts.module.css';
import { TypedField } from './TypedField';
import { failed } from './undo';

interface FigureFormProps {
  fields: FormField[];
  initial: Record<string, string>;
  submit: string;
  /** the version of the record these figures were read from */
  version?: number;
  onSubmit: (values: Record<string, string>, version?: number) => Promise<unknown>;
  onCancel?: () => void;
  label: string;
}

/** Fields that are edited in place and saved together; what is wrong is said at its field and nothing typed is lost. */
export function FigureForm({ fields, initial, submit, version, onSubmit, onCancel, label }: FigureFormProps) {
  const [values, setValues] = useState(initial);
  // what was looked at when the form was opened, whatever the list says by now
  const [seen, setSeen] = useState(version);
  const [late, setLate] = useState('');
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const queries = useQueryClient();
  const keys = fields.map((field) => field.key);
  const wrong = problem ? formKey(problem.field, keys) : undefined;
  const set = (key: string, value: string) => setValues((before) => ({ ...before, [key]: value }));

  const send = async () => {
    setBusy(true);
    try {
      await onSubmit(whole(values, fields), seen);
      setProblem(null);
      setLate('');
    } catch (error) {
      if (error instanceof Problem && error.version !== undefined) {
        setSeen(error.version);
        setLate(error.message);
        void queries.invalidateQueries();
      } else if (error instanceof Problem && formKey(error.field, keys)) setProblem(error);
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
          <Fragment key={field.key}>
            {(field.as ?? ((props) => <TypedField {...props} />))(
              {
                className,
                label: field.label,
                placeholder: field.placeholder,
                unit: field.unit,
                kind: field.kind,
                value,
                error,
                onChange: (typed) => set(field.key, typed),
              },
              values,
            )}
          </Fragment>
        );
      })}
      {late && (
        <p className={classes.late} role="alert">
          {late}
        </p>
      )}
      <Group className={classes.buttons} gap="xs">
        <Button type="submit" loading={busy}>
          {late ? 'Save mine anyway' : submit}
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

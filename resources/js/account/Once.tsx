import { Button, CopyButton, TextInput } from '@mantine/core';
import classes from './Account.module.css';

/** Something that is told this once and kept nowhere. */
export function Once({ label, value, hint }: { label: string; value: string; hint: string }) {
  return (
    <div className={classes.once} role="status">
      <div className={classes.form}>
        <TextInput label={label} value={value} readOnly onFocus={(event) => event.currentTarget.select()} />
        <CopyButton value={value}>
          {({ copied, copy }) => <Button onClick={copy}>{copied ? 'Copied' : 'Copy'}</Button>}
        </CopyButton>
      </div>
      <p className={classes.fine}>{hint}</p>
    </div>
  );
}

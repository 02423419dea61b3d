import { Button } from '@mantine/core';
import { useChangePassword } from '../api/account';
import { said } from '../parts/undo';
import classes from './Account.module.css';
import { Secret } from './Secret';
import { useTyped } from './useTyped';

/** Change password; wherever else one is signed in, that ends. */
export function Password() {
  const change = useChangePassword();
  const { typed, field, send, clear } = useTyped({ password: '', new: '' });
  return (
    <section aria-label="Password">
      <h2>Change password</h2>
      <form
        className={classes.form}
        onSubmit={(event) => {
          event.preventDefault();
          void send(() => change.mutateAsync(typed)).then((taken) => {
            if (!taken) return;
            clear();
            said('Password changed. You are signed out everywhere else.');
          });
        }}
      >
        <Secret label="Current password" {...field('password')} />
        <Secret chosen label="New password, at least 10 characters" {...field('new')} />
        <Button type="submit" variant="default" loading={change.isPending}>
          Change password
        </Button>
      </form>
    </section>
  );
}

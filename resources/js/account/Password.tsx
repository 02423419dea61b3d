import { Button } from '@mantine/core';
import { useChangePassword } from '../api/account';
import { said } from '../parts/undo';
import classes from './Account.module.css';
import { Secret } from './Secret';
import { useTyped } from './useTyped';

/** Another password; wherever else one is signed in, that ends. */
export function Password() {
  const change = useChangePassword();
  const { typed, field, send, clear } = useTyped({ password: '', new: '' });
  return (
    <section aria-label="Password">
      <h2>Another password</h2>
      <form
        className={classes.form}
        onSubmit={(event) => {
          event.preventDefault();
          void send(() => change.mutateAsync(typed)).then((taken) => {
            if (!taken) return;
            clear();
            said('The password is changed. Everywhere else you are signed out.');
          });
        }}
      >
        <Secret label="The one now" {...field('password')} />
        <Secret chosen label="The new one, 10 characters at least" {...field('new')} />
        <Button type="submit" variant="default" loading={change.isPending}>
          Change it
        </Button>
      </form>
    </section>
  );
}

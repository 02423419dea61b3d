import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import { type Household, useMakeKey, useRevokeKey } from '../api/account';
import { day } from '../parts/day';
import { failed } from '../parts/undo';
import classes from './Account.module.css';
import { Once } from './Once';
import { useTyped } from './useTyped';

/** Keys that let one's scripts in. Calendars have theirs in the log. */
export function Keys({ of }: { of: Household }) {
  const make = useMakeKey();
  const revoke = useRevokeKey();
  const [made, setMade] = useState('');
  const { typed, field, send, clear } = useTyped({ name: '' });
  return (
    <section aria-label="Keys">
      <h2>Your keys for scripts</h2>
      {of.keys.length > 0 && (
        <ul className={classes.rows}>
          {of.keys.map((each) => (
            <li key={each.id}>
              <span>
                <b>{each.name}</b>, made {day(each.made_at)},{' '}
                {each.used_on ? `last used ${day(each.used_on)}` : 'not used yet'}
              </span>
              <Button
                size="compact-xs"
                variant="default"
                aria-label={`Revoke ${each.name}`}
                onClick={() => revoke.mutateAsync(each.id).then(() => setMade(''), failed)}
              >
                Revoke
              </Button>
            </li>
          ))}
        </ul>
      )}
      <form
        className={classes.form}
        onSubmit={(event) => {
          event.preventDefault();
          void send(async () => setMade((await make.mutateAsync(typed.name)).key)).then((taken) => taken && clear());
        }}
      >
        <TextInput label="Name of the new key" maxLength={60} required withAsterisk={false} {...field('name')} />
        <Button type="submit" variant="default" loading={make.isPending}>
          Create key
        </Button>
      </form>
      {made && (
        <Once
          label="Shown only once"
          value={made}
          hint="A script sends it as “Authorization: Bearer …”. It can read and change what you can, except for this page."
        />
      )}
      <p className={classes.fine}>To show due dates in a calendar, create its address in Log.</p>
    </section>
  );
}

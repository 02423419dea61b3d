import { Anchor, Button, CopyButton, TextInput } from '@mantine/core';
import { useState } from 'react';
import { household } from '../api/served';
import { useCalendars, useFollow, useRevoke } from '../api/upkeep';
import { day } from '../parts/day';
import { failed } from '../parts/undo';
import classes from './Log.module.css';

/** What is due in a calendar: once as a file, or followed by its address until that is revoked. */
export function Calendar() {
  const { data: keys = [] } = useCalendars();
  const follow = useFollow();
  const revoke = useRevoke();
  const [path, setPath] = useState('');
  const address = path && new URL(path, window.location.href).href;
  return (
    <section className={classes.calendar} aria-label="Calendar">
      <h2>Calendar</h2>
      <p>
        <Anchor href="/api/calendar/file" download="undro.ics">
          Download all dates
        </Anchor>
        , or give your calendar an address that it checks by itself. Anyone who has the address sees the dates and
        nothing else. It works until you revoke it
        {household === null && ', on this computer, and on the network while Undro is started with --lan'}.
      </p>
      {address ? (
        <div className={classes.address}>
          <TextInput
            label="Shown only once"
            value={address}
            readOnly
            onFocus={(event) => event.currentTarget.select()}
          />
          <CopyButton value={address}>
            {({ copied, copy }) => <Button onClick={copy}>{copied ? 'Copied' : 'Copy'}</Button>}
          </CopyButton>
        </div>
      ) : (
        <Button
          variant="default"
          loading={follow.isPending}
          onClick={() => follow.mutateAsync(undefined).then((made) => setPath(made.path ?? ''), failed)}
        >
          Create an address
        </Button>
      )}
      {keys.length > 0 && (
        <ul className={classes.readings}>
          {keys.map((key) => (
            <li key={key.id}>
              <span>
                Address {key.id}, made {day(key.made_at)}
              </span>
              <Button
                size="compact-xs"
                variant="default"
                onClick={() => revoke.mutateAsync(key.id).then(() => setPath(''), failed)}
              >
                Revoke
              </Button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

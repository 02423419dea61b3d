import { Button } from '@mantine/core';
import { type Household, useEndAllSessions, useEndSession } from '../api/account';
import { takenAt } from '../away/along';
import { goodbye } from '../away/forget';
import { moment } from '../parts/day';
import { failed } from '../parts/undo';
import classes from './Account.module.css';
import { SignOut } from './SignOut';

/** What kind of device a browser says it is. */
export function device(agent: string): string {
  if (/iPad|Tablet/.test(agent)) return 'a tablet';
  if (/Mobi/.test(agent)) return 'a phone';
  return /Mozilla/.test(agent) ? 'a computer' : 'something else';
}

/** Where one is signed in, and how that ends. */
export function SignedIn({ of }: { of: Household }) {
  const end = useEndSession();
  const all = useEndAllSessions();
  const taken = takenAt();
  return (
    <section aria-label="Signed in">
      <h2>Where you are signed in</h2>
      <div className={classes.form}>
        <SignOut />
        <Button
          variant="default"
          loading={all.isPending}
          onClick={() => all.mutateAsync(undefined).then(() => goodbye(), failed)}
        >
          Sign out everywhere
        </Button>
      </div>
      <ul className={classes.rows}>
        {of.sessions.map((each) => (
          <li key={each.id}>
            <span>
              {each.here ? <b>here, {device(each.agent)}</b> : device(each.agent)} · {each.address} · seen{' '}
              {moment(each.seen_at)}
            </span>
            {!each.here && (
              <Button
                size="compact-xs"
                variant="default"
                onClick={() => end.mutateAsync(each.id).catch(failed)}
                aria-label={`End the session of ${device(each.agent)}, seen ${moment(each.seen_at)}`}
              >
                Sign out
              </Button>
            )}
          </li>
        ))}
      </ul>
      <p className={classes.fine}>
        {taken === null
          ? 'Nothing is stored on this device for offline use yet.'
          : `Stored on this device for offline use, as of ${moment(taken)}: reels, lines, the log, plans, knots, cards and runs in progress. Signing out removes it.`}
      </p>
    </section>
  );
}

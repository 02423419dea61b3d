import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import { type Household, useInvite, useKeep, useShowOut, useTakeInvitationBack } from '../api/account';
import { goodbye } from '../away/forget';
import { day } from '../parts/day';
import { failed, said } from '../parts/undo';
import classes from './Account.module.css';
import { Once } from './Once';
import { useTyped } from './useTyped';

type Person = Household['people'][number];

/** Who is in the household, who has been invited, and the link that invites one more. */
export function People({ of }: { of: Household }) {
  const takeBack = useTakeInvitationBack();
  return (
    <section aria-label="People">
      <h2>People</h2>
      <ul className={classes.rows}>
        {of.people.map((person) => (
          <One key={person.id} person={person} of={of} />
        ))}
        {of.invitations.map((each) => (
          <li key={`invited-${each.id}`}>
            <span>
              invited: {each.email || 'whoever has the link'}, until {day(each.until)}
            </span>
            {of.keeper && (
              <Button
                size="compact-xs"
                variant="default"
                onClick={() => takeBack.mutateAsync(each.id).catch(failed)}
                aria-label={`Cancel the invitation of ${each.email || 'whoever has the link'}`}
              >
                Cancel
              </Button>
            )}
          </li>
        ))}
      </ul>
      {of.keeper && <Invite mail={of.mail} />}
    </section>
  );
}

function One({ person, of }: { person: Person; of: Household }) {
  const showOut = useShowOut();
  const keep = useKeep();
  const [sure, setSure] = useState(false);
  const go = async () => {
    try {
      await showOut.mutateAsync(person.id);
      if (person.me) await goodbye();
      else said(`${person.name} removed from the household.`);
    } catch (error) {
      setSure(false);
      failed(error);
    }
  };
  const may = of.keeper || person.me;
  return (
    <li>
      <span>
        <b>{person.name}</b>
        {person.me && ' (you)'} {person.email}
        {person.keeper && ' · manages the household'}
      </span>
      {sure ? (
        <span>
          {person.me
            ? 'You lose everything here that you have not exported. '
            : `${person.name} will be signed out everywhere. Their keys and calendar addresses stop working. `}
          <Button size="compact-xs" color="rust" onClick={() => void go()}>
            {person.me ? 'Leave' : 'Remove'}
          </Button>{' '}
          <Button size="compact-xs" variant="default" onClick={() => setSure(false)}>
            No
          </Button>
        </span>
      ) : (
        may &&
        of.people.length > 1 && (
          <span>
            {of.keeper && !person.me && (
              <Button
                size="compact-xs"
                variant="default"
                onClick={() => keep.mutateAsync({ id: person.id, keeper: !person.keeper }).catch(failed)}
              >
                {person.keeper ? 'Remove manager role' : 'Make manager'}
              </Button>
            )}{' '}
            <Button
              size="compact-xs"
              variant="default"
              onClick={() => setSure(true)}
              aria-label={person.me ? 'Leave the household' : `Remove ${person.name}`}
            >
              {person.me ? 'Leave' : 'Remove'}
            </Button>
          </span>
        )
      )}
    </li>
  );
}

function Invite({ mail }: { mail: boolean }) {
  const invite = useInvite();
  const { typed, field, send, clear } = useTyped({ email: '' });
  const [made, setMade] = useState<{ url: string; sent: boolean } | null>(null);
  return (
    <>
      <form
        className={classes.form}
        onSubmit={(event) => {
          event.preventDefault();
          void send(async () => setMade(await invite.mutateAsync(typed.email.trim()))).then(
            (taken) => taken && clear(),
          );
        }}
      >
        <TextInput
          label="Invite somebody"
          placeholder={mail ? 'mail address' : 'email (optional)'}
          {...field('email')}
        />
        <Button type="submit" variant="default" loading={invite.isPending}>
          Create link
        </Button>
      </form>
      {made && (
        <Once
          label="Shown only once"
          value={made.url}
          hint={`${made.sent ? 'Undro has emailed it. ' : 'Send it to the person. '}It works once, for one person, and expires in a week.`}
        />
      )}
    </>
  );
}

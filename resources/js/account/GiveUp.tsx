import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import { type Household, useGiveUp, useHousehold } from '../api/account';
import { goodbye } from '../away/forget';
import classes from './Account.module.css';
import { Secret } from './Secret';
import { useTyped } from './useTyped';

/** Moving out: a document first, and only then the household and all of it. */
export function GiveUp({ of }: { of: Household }) {
  const giveUp = useGiveUp();
  const query = useHousehold();
  const [saved, setSaved] = useState<string | null>(null);
  const { typed, field, send } = useTyped({ household: '', password: '' });
  const stale = saved !== null && saved !== of.stamp;
  const save = async () => {
    // the stamp of before: what comes in while the document is made is not taken for saved
    const { data } = await query.refetch();
    window.location.assign('/api/data');
    setSaved(data?.stamp ?? of.stamp);
  };
  return (
    <section aria-label="Giving the household up">
      <h2>Moving out</h2>
      <p className={classes.fine}>
        The document holds all of it, its whole history too: another Undro takes it under Data. To give the household
        up, save it first.
      </p>
      <div>
        <Button variant="default" onClick={() => void save()}>
          {saved === null ? 'Save the document' : 'Save it once more'}
        </Button>
      </div>
      {saved !== null && (
        <form
          className={classes.form}
          onSubmit={(event) => {
            event.preventDefault();
            void send(() => giveUp.mutateAsync({ ...typed, stamp: saved })).then((taken) =>
              taken ? goodbye() : undefined,
            );
          }}
        >
          <p className={classes.fine}>
            {stale
              ? 'Something has come in since: save the document once more.'
              : `Everything goes for good: the database, its copies on the server, and who signs in (${of.people.length}).`}
          </p>
          <TextInput label={`Type its name: ${of.household}`} autoComplete="off" required {...field('household')} />
          <Secret label="Your password" {...field('password')} />
          <Button type="submit" color="rust" disabled={stale} loading={giveUp.isPending}>
            Give the household up
          </Button>
        </form>
      )}
    </section>
  );
}

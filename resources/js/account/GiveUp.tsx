import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import { type Household, useGiveUp, useHousehold } from '../api/account';
import { goodbye } from '../away/forget';
import classes from './Account.module.css';
import { Secret } from './Secret';
import { useTyped } from './useTyped';

/** Move or delete the household: a document first, and only then the household and all of it. */
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
    <section aria-label="Delete the household">
      <h2>Move or delete the household</h2>
      <p className={classes.fine}>
        The export holds everything, including the whole history. You can import it into another Undro. Save it before
        you delete the household.
      </p>
      <div>
        <Button variant="default" onClick={() => void save()}>
          {saved === null ? 'Save the export' : 'Save it again'}
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
              ? 'Something has changed since then. Save the export again.'
              : `This deletes the database, its copies on the server and ${of.people.length === 1 ? 'one account' : `${of.people.length} accounts`} for good.`}
          </p>
          <TextInput
            label={`Type the household’s name: ${of.household}`}
            autoComplete="off"
            required
            {...field('household')}
          />
          <Secret label="Your password" {...field('password')} />
          <Button type="submit" color="rust" disabled={stale} loading={giveUp.isPending}>
            Delete the household
          </Button>
        </form>
      )}
    </section>
  );
}

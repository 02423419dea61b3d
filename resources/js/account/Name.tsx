import { Button, TextInput } from '@mantine/core';
import { type Household, useRename } from '../api/account';
import { done } from '../parts/undo';
import classes from './Account.module.css';
import { useTyped } from './useTyped';

/** What the household is called. */
export function Name({ of }: { of: Household }) {
  const rename = useRename();
  const { typed, field, send } = useTyped({ household: of.household });
  return (
    <section aria-label="Name">
      <h2>Household name</h2>
      <form
        className={classes.form}
        onSubmit={(event) => {
          event.preventDefault();
          const before = of.household;
          void send(() => rename.mutateAsync(typed.household)).then(
            (taken) => taken && done('Household renamed.', () => rename.mutateAsync(before)),
          );
        }}
      >
        <TextInput label="Name" maxLength={60} required withAsterisk={false} {...field('household')} />
        <Button type="submit" variant="default" disabled={typed.household === of.household} loading={rename.isPending}>
          Rename
        </Button>
      </form>
    </section>
  );
}

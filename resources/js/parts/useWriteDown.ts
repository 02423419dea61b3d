import type { Schemas } from '../api/client';
import { useAddEntry } from '../api/history';
import { newId } from './newId';
import { done } from './undo';
import { useTakeBack } from './useTakeBack';

type Entry = Omit<Schemas['NewEntry'], 'id'> & { id?: string };

/** Writes an entry down for a spool, says so, and offers the way back. */
export function useWriteDown() {
  const add = useAddEntry();
  const { takeBack } = useTakeBack();
  return {
    isPending: add.isPending,
    write: async (spool: number, body: Entry, said: (made: Awaited<ReturnType<typeof add.mutateAsync>>) => string) => {
      const made = await add.mutateAsync({ id: spool, body: { id: newId(), ...body } });
      done(said(made), () => takeBack(made.id), true);
    },
  };
}

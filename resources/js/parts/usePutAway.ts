import { done, failed } from './undo';

interface Archiving {
  mutateAsync: (change: { id: number; body: { archived: boolean } }) => Promise<unknown>;
}

/** Puts a record away, with the way back. */
export const usePutAway =
  (change: Archiving) =>
  async (id: number, name: string): Promise<void> => {
    try {
      await change.mutateAsync({ id, body: { archived: true } });
      done(`${name} archived.`, () => change.mutateAsync({ id, body: { archived: false } }));
    } catch (error) {
      failed(error);
    }
  };

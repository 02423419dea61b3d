import { useAddEvent } from '../api/history';
import { newId } from './newId';

/** Takes an entry of the log back by another one, whose id it gives: that can be taken back in its turn. */
export function useTakeBack() {
  const { mutateAsync, isPending } = useAddEvent();
  return {
    isPending,
    takeBack: async (corrects: string): Promise<string> => {
      const id = newId();
      await mutateAsync({ id, kind: 'voided', corrects });
      return id;
    },
  };
}

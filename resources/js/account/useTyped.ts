import { useState } from 'react';
import { Problem } from '../api/client';
import { failed } from '../parts/undo';

/** A form of a few fields: what is typed stays until it was taken, and what is wrong is said beside its field. */
export function useTyped<F extends string>(fields: Record<F, string>) {
  const [typed, setTyped] = useState(fields);
  const [wrong, setWrong] = useState<Partial<Record<string, string>>>({});
  const field = (name: F) => ({
    value: typed[name],
    error: wrong[name],
    onChange: (event: { currentTarget: { value: string } }) => {
      const { value } = event.currentTarget;
      setTyped((before) => ({ ...before, [name]: value }));
      setWrong({});
    },
  });
  /** Sends it; true: it was taken. */
  const send = async (work: () => Promise<unknown>): Promise<boolean> => {
    setWrong({});
    try {
      await work();
      return true;
    } catch (error) {
      if (error instanceof Problem && error.field in fields) setWrong({ [error.field]: error.message });
      else failed(error);
      return false;
    }
  };
  return { typed, field, send, clear: () => setTyped(fields) };
}

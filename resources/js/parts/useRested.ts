import { startTransition, useEffect, useState } from 'react';

/** Whether the first picture stands already: what nobody sees yet may wait for that. */
export function useRested(): boolean {
  const [rested, setRested] = useState(false);
  useEffect(() => {
    const rest = () => startTransition(() => setRested(true));
    const idle = 'requestIdleCallback' in window ? requestIdleCallback(rest, { timeout: 1500 }) : setTimeout(rest, 300);
    return () => ('cancelIdleCallback' in window ? cancelIdleCallback(idle as number) : clearTimeout(idle));
  }, []);
  return rested;
}

import { useDebouncedCallback } from '@mantine/hooks';
import { useCallback, useEffect, useRef, useState } from 'react';
import { useLocation, useSearchParams } from '../shell/route';

/** After the last change, ms. */
const REST = 300;

/**
 * What a place shows, begun from its address and written back into it once the hand rests: a link restores it, and no quick
 * second change is lost while the address still has to follow the first.
 */
export function useLinked<T extends Record<string, string>>(start: T): [T, (change: Partial<T>) => void] {
  const [params, setParams] = useSearchParams();
  const { pathname } = useLocation();
  const [at, setAt] = useState<T>(() => ({ ...start, ...Object.fromEntries(params) }));
  // what this place wrote and the address may still have to follow, oldest first; what stands there now is the first
  const written = useRef([params.toString()]);
  const link = useDebouncedCallback((now: T, from: string) => {
    // whoever has gone on from here meanwhile is not called back
    if (window.location.pathname !== from) return;
    const next = new URLSearchParams(Object.entries(now).filter(([key, value]) => value !== start[key]));
    written.current.push(next.toString());
    setParams(next, { replace: true });
  }, REST);
  // a link followed from somewhere else
  const address = params.toString();
  useEffect(() => {
    const own = written.current.indexOf(address);
    written.current = own < 0 ? [address] : written.current.slice(own);
    if (own >= 0) return;
    setAt({ ...start, ...Object.fromEntries(new URLSearchParams(address)) });
  }, [address, start]);
  const set = useCallback(
    (change: Partial<T>) =>
      setAt((before) => {
        const now = { ...before, ...change };
        link(now, pathname);
        return now;
      }),
    [link, pathname],
  );
  return [at, set];
}

import { useEffect, useLayoutEffect, useRef } from 'react';
import { endErrors } from '../parts/undo';
import { arrive } from './focus';
import { useLocation } from './route';

/** Within these a number more is the same place: a plan that is saved is the plan one is at. */
const ONE_PLACE = ['plan', 'day', 'sheet'];

const placeOf = (pathname: string) => {
  const [, first = ''] = pathname.split('/');
  return ONE_PLACE.includes(first) ? first : pathname;
};

/** Whenever this changes, what is shown opens at its top, with focus on its heading. @param here false: it goes to its own part */
export function useArriveAt(shown: string, here = true) {
  const before = useRef(shown);
  useLayoutEffect(() => {
    const work = document.getElementById('work');
    if (before.current === shown || !work) return;
    before.current = shown;
    return here ? arrive(work) : undefined;
  }, [shown, here]);
}

/** Each place opens so; a link to a part of a place goes there. */
export function useArrival() {
  const { pathname, hash } = useLocation();
  const place = placeOf(pathname);
  useArriveAt(place, hash === '');
  // biome-ignore lint/correctness/useExhaustiveDependencies: each time the place is another one
  useEffect(() => endErrors(), [place]);
}

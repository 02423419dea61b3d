import { useLayoutEffect, useRef } from 'react';
import { useLocation } from 'react-router';
import { arrive } from './focus';

/** Within these a number more is the same place: a plan that is saved is the plan one is at. */
const ONE_PLACE = ['plan', 'day', 'sheet'];

const placeOf = (pathname: string) => {
  const [, first = ''] = pathname.split('/');
  return ONE_PLACE.includes(first) ? first : pathname;
};

/** Whenever the place changes it opens at its top, with focus on its heading. */
export function useArrival() {
  const { pathname, hash } = useLocation();
  const place = placeOf(pathname);
  const before = useRef(place);
  useLayoutEffect(() => {
    if (before.current === place) return;
    before.current = place;
    const work = document.getElementById('work');
    // a link to a part of a place goes there
    if (!work || hash !== '') return;
    return arrive(work);
  }, [place, hash]);
}

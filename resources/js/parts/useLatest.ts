import { type RefObject, useLayoutEffect, useRef } from 'react';

/** What was drawn last, for what happens later than it was drawn: an event, a timer. Never read while drawing. */
export function useLatest<T>(value: T): Readonly<RefObject<T>> {
  const ref = useRef(value);
  useLayoutEffect(() => {
    ref.current = value;
  });
  return ref;
}

import { useState } from 'react';

interface Asked<T> {
  data: T | undefined;
  isPlaceholderData: boolean;
  isError: boolean;
}

/**
 * The answer, or, where the next question could not be read, the last good one: an error takes nothing off the screen.
 *
 * @param of what it is about: of another one no answer stays
 */
export function useLastGood<T>({ data, isPlaceholderData, isError }: Asked<T>, of = ''): T | undefined {
  const [good, setGood] = useState<{ of: string; data: T } | null>(null);
  if (data !== undefined && !isPlaceholderData && (good?.data !== data || good.of !== of)) setGood({ of, data });
  return data ?? (isError && good?.of === of ? good.data : undefined);
}

import { createContext, useContext } from 'react';
import type { DraftKey } from './draft';
import type { Planning } from './usePlan';

const Live = createContext<Planning | null>(null);
/** Hands the plan to what has to follow every answer inside something that does not. */
export const LivePlan = Live.Provider;
export function useLivePlan(): Planning {
  const plan = useContext(Live);
  if (!plan) throw new Error('There is no plan at this address.');
  return plan;
}

/** Whether two plannings look the same to a block of fields: its own figures, their errors, and whatever else it shows. */
export function sameFor<P extends { plan: Planning }>(keys: (props: P) => DraftKey[], shown: (props: P) => unknown[]) {
  return (before: P, after: P): boolean => {
    const own = keys(after);
    const seen = shown(before);
    return (
      own.every(
        (key) =>
          before.plan.draft[key] === after.plan.draft[key] && before.plan.errorFor(key) === after.plan.errorFor(key),
      ) && shown(after).every((each, index) => each === seen[index])
    );
  };
}

import { memo, useState } from 'react';
import type { PlanResult } from '../api/types';
import { Segmented } from '../parts/Segmented';
import { GapReasons } from './GapReasons';
import { Match, useSuits } from './Match';
import { Method } from './Method';
import { Narrowings } from './Narrowings';
import classes from './Plan.module.css';
import type { Planning } from './usePlan';

const SUITS = {
  fits: 'Suits: yes',
  light: 'Suits: light',
  heavy: 'Suits: heavy',
  note: 'Suits: yes',
  unknown: 'Suits?',
} as const;

/** Under the drawings: how full and why, and beside it one of three further questions. */
export function Why({ plan, result }: { plan: Planning; result: PlanResult }) {
  const [shown, setShown] = useState('better');
  const { data } = useSuits(plan.draft);
  const verdict = data?.verdict ?? 'unknown';
  return (
    <div className={classes.why}>
      <GapReasons plan={plan} result={result} />
      <section className={classes.part} aria-label="More about this plan">
        <More shown={shown} onShow={setShown} suits={SUITS[verdict]} />
        {shown === 'better' && <Narrowings result={result} asked={plan.askedAbout} />}
        {shown === 'match' && <Match plan={plan} />}
        {shown === 'method' && <Method result={result} />}
      </section>
    </div>
  );
}

const More = memo(function More(props: { shown: string; onShow: (shown: string) => void; suits: string }) {
  return (
    <Segmented
      size="xs"
      fullWidth
      value={props.shown}
      onChange={props.onShow}
      aria-label="More about this plan"
      data={[
        { value: 'better', label: 'Make it more accurate' },
        { value: 'match', label: props.suits },
        { value: 'method', label: 'Winding' },
      ]}
    />
  );
});

import { useFreshCalculator } from '../api/calculators';
import { useFillers, useReels } from '../api/records';
import { useBench } from '../shell/bench';
import { length, words } from '../units/units';
import { NO_HABITS, toCase } from './codec';
import { onOtherReel } from './LengthBy';
import classes from './Plan.module.css';
import type { Planning } from './usePlan';

/** The other reel that shares the filler: what goes under its part. */
export function OtherReel({ plan: { draft } }: { plan: Planning }) {
  const { units, angler } = useBench();
  const { data: reels = [] } = useReels();
  const { data: fillers = [] } = useFillers();
  const other = draft.mainBy === 'share' ? onOtherReel(draft, reels) : null;
  const { data, error } = useFreshCalculator(
    'plan',
    other ? toCase(other.draft, units, angler?.habits ?? NO_HABITS, { fillers, reels }) : null,
  );
  if (!other) return null;
  const main = data?.fill.layers.find((layer) => layer.role === 'main');
  return (
    <p className={classes.other} data-testid="other-reel">
      <strong>{other.reel.name}</strong>:{' '}
      {error
        ? error.message
        : data && main
          ? data.fits && data.solved
            ? `${words(length(data.solved.length_m, units))} of backing under ${words(length(main.length_m, units))}.`
            : `${words(length(main.length_m, units))} do not fit on it.`
          : '…'}
    </p>
  );
}

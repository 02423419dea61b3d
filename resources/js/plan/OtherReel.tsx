import { useFreshCalculator } from '../api/calculators';
import { useFillers, useReels } from '../api/records';
import { useBench } from '../shell/bench';
import { sentence } from '../units/sentence';
import { length, words } from '../units/units';
import { NO_HABITS, toCase } from './codec';
import { onOtherReel } from './LengthBy';
import classes from './Plan.module.css';
import type { Planning } from './usePlan';

/** The other reel that shares the filler: what goes under its part. */
export function OtherReel({ plan: { draft, result } }: { plan: Planning }) {
  const { units, angler } = useBench();
  const { data: reels = [] } = useReels();
  const { data: fillers = [] } = useFillers();
  const other = draft.mainBy === 'share' ? onOtherReel(draft, reels) : null;
  const asked = other ? toCase(other.draft, units, angler?.habits ?? NO_HABITS, { fillers, reels }) : null;
  // what goes on this reel first is not there any more for the other
  const taken = result?.fill.layers.find((layer) => layer.role === 'backing')?.length_m ?? null;
  const { data, error } = useFreshCalculator(
    'plan',
    asked?.backing ? { ...asked, backing: { ...asked.backing, on_hand_taken_m: taken } } : asked,
  );
  const short = data?.notes.find((each) => /^(short|unsure|tight)_backing$/.test(each.id));
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
            : `${words(length(main.length_m, units))} won’t fit on it.`
          : '…'}
      {short && <span> With this one filled first: {sentence(short, units)}</span>}
    </p>
  );
}

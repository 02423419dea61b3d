import { Button, Checkbox } from '@mantine/core';
import type { PlanResult } from '../api/types';
import { TypedField } from '../parts/TypedField';
import { useBench } from '../shell/bench';
import { inchFraction, METRIC, small, words } from '../units/units';
import classes from './Plan.module.css';
import type { Planning } from './usePlan';

const REASON: Record<string, string> = {
  springy: 'springy line',
  thin_braid: 'thin braid',
  poor_lay: 'uneven line lay',
  long_cast: 'long casts',
  beginner: 'is a beginner',
  floor: 'never fuller',
};

/** How full, and why: each adjustment of the rule can be switched off, or the whole rule overruled. */
export function GapReasons({ plan: { draft, set, errorFor }, result }: { plan: Planning; result: PlanResult }) {
  const { units } = useBench();
  const off = draft.off ? draft.off.split(',') : [];
  const [base, ...adjustments] = result.gap.rule.reasons;
  const shown = [
    ...adjustments.map((each) => each.id as string),
    ...off.filter((id) => !adjustments.some((each) => each.id === id)),
  ];
  const turn = (id: string) =>
    set({ off: (off.includes(id) ? off.filter((each) => each !== id) : [...off, id]).join(',') });
  const signed = (mm: number) => `${mm > 0 ? '+' : '−'}${words(small(Math.abs(mm), units, 2))}`;
  return (
    <section className={classes.part}>
      <h2 className={classes.heading}>How full</h2>
      <TypedField
        label="Full level, below the lip"
        labelProps={{ className: classes.inline }}
        className={classes.gap}
        size="xs"
        placeholder={`${words(small(result.gap.rule.gap_mm, units, 2))} by Undro’s rule`}
        unit={units.small}
        value={draft.gap}
        onChange={(gap) => set({ gap })}
        error={errorFor('gap')}
        rightSectionWidth={86}
        rightSection={
          draft.gap !== '' && (
            <Button size="compact-xs" variant="subtle" onClick={() => set({ gap: '' })}>
              Use Undro’s rule
            </Button>
          )
        }
      />
      <p className={classes.reason}>
        <strong>
          {words(small(result.gap.mm, METRIC, 2))}, {inchFraction(result.gap.mm)}
        </strong>
        {result.gap.gauge && `: about ${result.gap.gauge.word}${result.spool ? ', shown at the lip' : ''}`}
      </p>
      {base && (
        <p className={classes.reason}>
          {words(small(base.mm, units, 2))}: {base.why}
        </p>
      )}
      {shown.map((id) => {
        const applied = adjustments.find((each) => each.id === id);
        return (
          <Checkbox
            key={id}
            size="xs"
            checked={!off.includes(id)}
            onChange={() => turn(id)}
            label={applied ? `${signed(applied.mm)}: ${applied.why}` : `${REASON[id] ?? id} (switched off)`}
          />
        );
      })}
    </section>
  );
}

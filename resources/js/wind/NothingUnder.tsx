import { Button, Group } from '@mantine/core';
import type { Run, RunStep } from '../api/types';
import { useBench } from '../shell/bench';
import { length, NOTHING_M, words } from '../units/units';
import { roleOf, standing } from './standing';
import classes from './Wind.module.css';

/** The first layer with nothing on it that a step would leave under another line; null: none. */
export function emptyUnder(run: Run, ahead: number, to: RunStep): number | null {
  const { layers, layer, steps } = run.state;
  const above = to.layer ?? (steps.indexOf(to) > lastWind(steps) ? layers.length : 0);
  // these are done before any line goes on
  if (to.kind === 'soak' || to.kind === 'place') return null;
  for (let under = layer; under < Math.min(above, layers.length - 1); under++) {
    const on = under === layer ? standing(run, ahead).on_m : (layers[under]?.wound_m ?? 0);
    if (on < NOTHING_M) return under;
  }
  return null;
}

/** Whether a step lies past the line that is being wound. */
export const isPast = ({ steps, layer }: Run['state'], to: RunStep): boolean =>
  to.layer === null ? steps.indexOf(to) > lastWind(steps) : to.layer > layer;

/** The last step that winds. */
const lastWind = (steps: RunStep[]) => steps.reduce((last, step, index) => (step.kind === 'wind' ? index : last), -1);

/** Nothing can go under a line once it is on, so who jumps ahead is asked first. */
export function NothingUnder({
  run,
  layer,
  onWind,
  onSkip,
}: {
  run: Run;
  layer: number;
  onWind: () => void;
  onSkip: () => void;
}) {
  const { units } = useBench();
  const role = roleOf(run, layer);
  return (
    <section className={classes.ending} role="alert" data-testid="nothing-under">
      <p>
        <b>The {role} is not wound yet.</b> The plan has {words(length(run.state.layers[layer]?.planned_m ?? 0, units))}{' '}
        of it under the {roleOf(run, layer + 1)}. Without it the spool will not be full.
      </p>
      <Group gap="xs">
        <Button onClick={onWind}>Wind the {role} first</Button>
        <Button variant="default" onClick={onSkip}>
          Wind without {role}
        </Button>
      </Group>
    </section>
  );
}

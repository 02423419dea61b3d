import type { Schemas } from '../api/client';
import type { Run } from '../api/types';
import { ROLE_WORD } from '../drawings/material';
import { useBench } from '../shell/bench';
import { sentence } from '../units/sentence';
import { length, words } from '../units/units';
import classes from './Wind.module.css';

interface TruthProps {
  run: Run;
  truth: Schemas['RunTruth'];
  /** only at the end: knowing it before would spoil the practice */
  shown: boolean;
}

/** What a practice run has really come to, and what would have said so earlier. */
export function Truth({ run, truth, shown }: TruthProps) {
  const { units } = useBench();
  if (!shown) {
    return (
      <p className={classes.fine}>
        This is a practice reel. Its arbor, line lay and line differ a little from what is printed.
      </p>
    );
  }
  return (
    <section className={classes.truth} aria-label="What really happened" data-testid="truth">
      <h2>What really happened</h2>
      {truth.level && <p>{sentence(truth.level, units)}</p>}
      <p>This spool holds {percent(truth.room_factor)} of what is printed on it.</p>
      <ul>
        {truth.layers.map((layer, index) => {
          const of = run.state.layers[index];
          if (!of) return null;
          return (
            <li key={of.role}>
              <b>{ROLE_WORD[of.role]}</b>: {words(length(layer.real_m, units, 1))} really wound,{' '}
              {words(length(layer.counted_m, units, 1))} counted. The line is {percent(layer.cell_factor)} as thick as
              printed. {layer.mark && `${sentence(layer.mark, units)} `}
              {layer.opposed ? 'The filler spool turned against the rotor. ' : ''}
              {layer.loops === null
                ? `Wind knots in a day of casting: ${layer.wind_knots || 'none'}.`
                : layer.loops
                  ? 'Slack springs into loops.'
                  : 'Slack hangs straight.'}
            </li>
          );
        })}
      </ul>
    </section>
  );
}

const percent = (factor: number) => `${Math.round(factor * 100)} %`;

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
      <p className={classes.fine}>A made-up reel: its arbor, its lay and its line are not quite what is printed.</p>
    );
  }
  return (
    <section className={classes.truth} aria-label="What it really came to" data-testid="truth">
      <h2>What it really came to</h2>
      {truth.level && <p>{sentence(truth.level, units)}</p>}
      <p>This spool holds {percent(truth.room_factor)} of what its figures say.</p>
      <ul>
        {truth.layers.map((layer, index) => {
          const of = run.state.layers[index];
          if (!of) return null;
          return (
            <li key={of.role}>
              <b>{ROLE_WORD[of.role]}</b>: {words(length(layer.real_m, units, 1))} really on,{' '}
              {words(length(layer.counted_m, units, 1))} counted; it lies {percent(layer.cell_factor)} as thick as
              printed. {layer.mark && `${sentence(layer.mark, units)} `}
              {layer.opposed ? 'The filler turned against the rotor. ' : ''}
              {layer.loops === null
                ? `Wind knots in a day’s casting: ${layer.wind_knots || 'none'}.`
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

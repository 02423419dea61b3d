import { useState } from 'react';
import { Hanging } from '../drawings/slack/Hanging';
import { Segmented } from '../parts/Segmented';
import type { Running } from './useRun';
import classes from './Wind.module.css';

/** Practice: how tightly the line is held from here on. */
export function Tension({ run, tell }: Running) {
  const [held, setHeld] = useState('firm');
  const made = run.truth?.layers[run.state.layer];
  return (
    <>
      <fieldset className={classes.choice}>
        <legend>Grip on the line</legend>
        <Segmented
          aria-label="Grip on the line"
          value={held}
          data={[
            { value: 'loose', label: 'loose' },
            { value: 'firm', label: 'firm' },
            { value: 'hard', label: 'hard' },
          ]}
          onChange={(value) => {
            setHeld(value);
            tell({ kind: 'tension', tension: value as 'firm' });
          }}
        />
      </fieldset>
      {made && made.slack_loops + made.wind_knots > 0 && (
        <figure className={classes.coming}>
          <Hanging loops={made.slack_loops} knots={made.wind_knots} label="How this line hangs, with its wind knots" />
          <figcaption>
            {made.slack_loops > 0 && 'Slack springs into loops. '}
            {made.wind_knots > 0 &&
              `${made.wind_knots} wind ${made.wind_knots === 1 ? 'knot' : 'knots'} in a day of casting so far.`}
          </figcaption>
        </figure>
      )}
    </>
  );
}

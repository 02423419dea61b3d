import { Anchor, Button } from '@mantine/core';
import { useCalculator } from '../api/calculators';
import type { Schemas } from '../api/client';
import { useFillers } from '../api/records';
import type { RunMark } from '../api/types';
import { Seat, type Sense } from '../drawings/seat/Seat';
import { Segmented } from '../parts/Segmented';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import { Placings } from '../twist/Placings';
import twist from '../twist/Twist.module.css';
import { placingsCase } from './placingsCase';
import type { Running } from './useRun';
import classes from './Wind.module.css';

/** What was looked at. */
type Seen = Pick<RunMark, 'feed' | 'rotor_turns' | 'filler_turns'>;

const SENSES = [
  { value: 'cw', label: 'clockwise' },
  { value: 'ccw', label: 'the other way' },
];

/** Held so, it can lie either way; water, clamp and helper hold a filler that turns. */
const FREE = ['floor', 'box'];

/** How the filler lies: both senses of rotation as seen from the seat, and every other way beside it. */
export function TwistTool({ run, step, tell }: Running) {
  const { units } = useBench();
  const { data: fillers = [] } = useFillers();
  const { state } = run;
  const index = step.layer ?? 0;
  const layer = state.layers[index];
  const placed = layer?.placed;
  const filler = fillers.find((each) => each.id === run.sources[index]?.filler);
  const feed = placed?.feed ?? state.feed;
  const rotor =
    placed?.rotor_turns ?? state.layers.find((each) => each.placed?.rotor_turns)?.placed?.rotor_turns ?? null;
  const circles = placed?.filler_turns ?? null;
  const placings = useCalculator('placings', layer ? placingsCase(state, layer, filler, rotor, circles) : null);
  // only what was looked at is told: the rest stands as it was said, even where its answer is still on the way
  const say = (seen: Seen) => tell({ kind: 'placed', step: step.id, ...seen });
  const matched = placings.data?.matched ?? null;
  const fixed = state.reel !== 'baitcasting';
  return (
    <div className={classes.twist}>
      <Seat
        reel={state.reel}
        feed={feed}
        rotor={fixed ? rotor : null}
        filler={circles}
        label={`From your seat: ${feed === 'over_end' ? 'line comes off over the end of the filler spool' : 'the filler spool turns as line comes off'}`}
      />
      <div className={twist.ask}>
        {fixed && FREE.includes(state.hold.id) && (
          <Choice
            label="Filler spool"
            value={feed}
            data={[
              { value: 'over_end', label: 'lies flat' },
              { value: 'rotating', label: 'turns on an axle' },
            ]}
            onChange={(value) => say({ feed: value as 'over_end' })}
          />
        )}
        {fixed && run.truth && (
          <MadeUp truth={run.truth} rotor={rotor} circles={circles} over={feed === 'over_end'} say={say} />
        )}
        {!run.truth && (
          <>
            {fixed && (
              <Choice
                label="Turn the handle. Which way does the rotor turn?"
                value={rotor ?? ''}
                data={SENSES}
                onChange={(value) => say({ rotor_turns: value as Sense })}
              />
            )}
            {fixed && feed === 'over_end' && (
              <Choice
                label="Pull off some line. Which way does it circle?"
                value={circles ?? ''}
                data={SENSES}
                onChange={(value) => say({ filler_turns: value as Sense })}
              />
            )}
          </>
        )}
      </div>
      <p className={classes.move} aria-live="polite" data-testid="placing">
        {verdict(fixed, feed, matched)}
      </p>
      {placings.data && (
        <details>
          <summary>Twist for every way to place it</summary>
          <Placings
            result={{
              ...placings.data,
              ways: FREE.includes(state.hold.id)
                ? placings.data.ways
                : placings.data.ways.filter((way) => way.feed === state.feed),
              holds: placings.data.holds.filter((hold) => hold.feed === feed),
            }}
            units={units}
          />
          <Anchor component={Link} to="/twist" size="sm">
            Try it in the twist lab
          </Anchor>
        </details>
      )}
    </div>
  );
}

interface MadeUpProps {
  truth: Schemas['RunTruth'];
  rotor: Sense | null;
  circles: Sense | null;
  over: boolean;
  say: (seen: Seen) => void;
}

/** On a made-up reel one looks by asking it: it turns as it turns, and the filler lies label up or down as the learner lays it. */
function MadeUp({ truth, rotor, circles, over, say }: MadeUpProps) {
  return (
    <>
      <Button variant="default" onClick={() => say({ rotor_turns: truth.rotor_turns })}>
        {rotor ? 'The rotor turns as drawn' : 'Turn the handle'}
      </Button>
      {over && (
        <Choice
          label="Place the filler spool"
          value={circles ?? ''}
          data={[
            { value: truth.label_up_turns, label: 'label up' },
            { value: truth.label_down_turns, label: 'label down' },
          ]}
          onChange={(value) => say({ filler_turns: value as Sense })}
        />
      )}
    </>
  );
}

function verdict(fixed: boolean, feed: string, matched: boolean | null): string {
  if (!fixed) {
    return feed === 'rotating'
      ? 'No twist with the filler spool on an axle. Face it towards you and take line off the top.'
      : 'Put the filler spool on an axle. Over its end, every coil puts one twist into a baitcaster’s line.';
  }
  if (feed === 'rotating')
    return 'The filler spool turns with the line. Keep tension, and don’t judge twist by slack alone.';
  if (matched === null) return 'Look at both from where you sit, then choose here.';
  return matched
    ? 'Both turn the same way. Leave the filler spool as it is.'
    : 'They turn opposite ways. Flip the filler spool over.';
}

interface ChoiceProps {
  label: string;
  value: string;
  data: { value: string; label: string }[];
  onChange: (value: string) => void;
}

function Choice({ label, value, data, onChange }: ChoiceProps) {
  return (
    <fieldset className={classes.choice}>
      <legend>{label}</legend>
      <Segmented aria-label={label} value={value} data={data} onChange={onChange} />
    </fieldset>
  );
}

import type { Schemas } from '../api/client';
import type { Line } from '../api/types';
import { Tape } from '../drawings/tape/Tape';
import { day } from '../parts/day';
import { length, metresPer, retrieve, small, type Units, words } from '../units/units';
import classes from './Log.module.css';
import { DID } from './words';

type State = Schemas['SpoolHistory']['states'][number];

/** The tape after each entry that touched it, all on one scale, newest first. */
export function Through({ states, lines, units }: { states: State[]; lines: Line[]; units: Units }) {
  const total = (state: State) => state.pieces.reduce((sum, piece) => sum + piece.length_m, 0);
  const longest = Math.max(0, ...states.map(total));
  return (
    <ol className={classes.through} aria-label="Line history">
      {states.toReversed().map((state) => (
        <li key={state.event + state.at}>
          <span>
            <strong>{DID[state.kind as keyof typeof DID] ?? state.kind}</strong>
            <br />
            <span className={classes.soft}>{day(state.at)}</span>
          </span>
          <Tape
            size="thumb"
            ends="reel"
            whole={longest}
            segments={state.pieces.map((piece, index) => ({
              id: `${index}`,
              material: lines.find((line) => line.id === piece.line)?.material ?? 'mono',
              length: piece.length_m,
              word: '',
              backing: index < state.pieces.length - 1,
            }))}
            scaleUnit={{ m: metresPer(units), name: units.length }}
            label={`${words(length(total(state), units, 0))} on it after ${day(state.at)}`}
          />
          <span className={classes.soft}>
            {state.depth_mm === null ? '' : `${words(small(state.depth_mm, units))} below the lip`}
            {state.retrieve_m !== null && (
              <>
                <br />
                {words(retrieve(state.retrieve_m, units))} per turn
              </>
            )}
          </span>
        </li>
      ))}
    </ol>
  );
}

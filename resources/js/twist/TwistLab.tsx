import { Checkbox, NativeSelect, Title } from '@mantine/core';
import { useMemo } from 'react';
import { useCalculator } from '../api/calculators';
import { Seat, type Sense } from '../drawings/seat/Seat';
import { Twisted } from '../drawings/twisted/Twisted';
import { KINDS, MATERIALS } from '../parts/choices';
import page from '../parts/parts.module.css';
import { Segmented } from '../parts/Segmented';
import { TypedField } from '../parts/TypedField';
import { useLinked } from '../parts/useLinked';
import { useBench } from '../shell/bench';
import { length, small, thickness, type Units, words } from '../units/units';
import { SHOWN } from './labLink';
import { Placings, signed } from './Placings';
import classes from './Twist.module.css';

/** As it opens, in the angler's units. */
const startIn = (units: Units) => ({
  shows: '',
  reel: 'spinning',
  feed: 'over_end',
  rotor: 'cw',
  filler: 'cw',
  material: 'mono',
  diameter: thickness(0.3, units),
  fillerMm: words(small(70, units, 0)),
  spoolMm: words(small(44, units, 0)),
  slip: '0',
  gear: '5.2',
  out: words(length(30, units, 0)),
  trailed: '',
  cast: '',
});

const SENSES = [
  { value: 'cw', label: 'clockwise' },
  { value: 'ccw', label: 'the other way' },
];

/** The twist model to play with: how it is wound, how it is fished, and what the line does. */
export function TwistLab() {
  const { units } = useBench();
  const start = useMemo(() => startIn(units), [units]);
  const [at, set] = useLinked(start);
  const shown = SHOWN[at.shows as keyof typeof SHOWN];
  const per = units.length === 'm' ? { metres: 1, word: 'metre' } : { metres: 0.9144, word: 'yard' };
  const senses = { rotor_turns: at.rotor as Sense, filler_turns: at.filler as Sense };
  const reel = at.reel as 'spinning';
  const feed = at.feed as 'over_end';
  const line = { material: at.material as 'mono', diameter_mm: at.diameter };
  const lab = useCalculator('twist_lab', {
    reel,
    feed,
    ...senses,
    ...line,
    filler_diameter_mm: at.fillerMm,
    spool_diameter_mm: at.spoolMm,
    slip_turns: at.slip || '0',
    gear_ratio: at.gear || null,
    line_out_m: at.out || null,
    trailed: at.trailed === 'yes',
    cast: at.cast === 'yes',
  });
  const ways = useCalculator('placings', {
    reel,
    ...senses,
    ...line,
    spool_diameter_mm: at.spoolMm,
    length_m: 150,
    filler: { full_mm: at.fillerMm, full_length_m: 300, left_m: 300 },
  });
  const fixed = at.reel !== 'baitcasting';
  const field = (key: 'diameter' | 'fillerMm' | 'spoolMm' | 'slip' | 'gear' | 'out', label: string, unit?: string) => (
    <TypedField label={label} unit={unit} value={at[key]} onChange={(value) => set({ [key]: value })} />
  );
  const found = lab.data;
  return (
    <div className={page.page}>
      <title>Twist lab · Undro</title>
      <div className={page.head}>
        <Title order={1}>Twist lab</Title>
        <p className={page.soft}>
          {shown ? shown.says : 'Try out what twists line.'} On the water: close the bail by hand, pull the line snug
          before you wind, and never wind while the drag slips.
        </p>
      </div>
      <div className={classes.lab}>
        <form className={classes.fields} onSubmit={(event) => event.preventDefault()} aria-label="Winding and fishing">
          <NativeSelect
            label="Reel"
            value={at.reel}
            data={KINDS}
            onChange={(event) => set({ reel: event.currentTarget.value })}
          />
          <Segmented
            aria-label="Filler spool"
            value={at.feed}
            data={[
              { value: 'over_end', label: 'lies still' },
              { value: 'rotating', label: 'on an axle' },
            ]}
            onChange={(value) => set({ feed: value })}
          />
          {fixed && (
            <Segmented
              aria-label="Rotor turns"
              value={at.rotor}
              data={label('rotor')}
              onChange={(value) => set({ rotor: value })}
            />
          )}
          {fixed && at.feed === 'over_end' && (
            <Segmented
              aria-label="Line circles"
              value={at.filler}
              data={label('line')}
              onChange={(value) => set({ filler: value })}
            />
          )}
          <NativeSelect
            label="Line"
            value={at.material}
            data={MATERIALS}
            onChange={(event) => set({ material: event.currentTarget.value })}
          />
          {field('diameter', 'Line diameter', 'mm')}
          {field('fillerMm', 'Filler spool diameter over the line', units.small)}
          {field('spoolMm', 'Reel spool diameter over the line', units.small)}
          {fixed && field('slip', 'Handle turns while the drag slips')}
          {fixed && field('gear', 'Gear ratio')}
          {field('out', 'Line out', units.length)}
          <Checkbox
            label="Line was cast"
            checked={at.cast === 'yes'}
            onChange={(event) => set({ cast: event.currentTarget.checked ? 'yes' : '' })}
          />
          <Checkbox
            label="Then trailed without a lure behind a boat or in a current"
            checked={at.trailed === 'yes'}
            onChange={(event) => set({ trailed: event.currentTarget.checked ? 'yes' : '' })}
          />
        </form>
        <div className={classes.ways}>
          {lab.error && (
            <p role="alert" className={classes.problem}>
              {lab.error.message}
            </p>
          )}
          {found && (
            <>
              <p>
                <span className={classes.figure} data-testid="lab-out">
                  {signed(found.out_turns_per_m * per.metres)}
                </span>{' '}
                turns per {per.word} in the line out, {signed(found.reel_turns_per_m * per.metres)} on the reel
              </p>
              <Twisted
                turns={found.out_turns_per_m}
                loops={found.loops_per_m}
                label={`A ${per.word} of slack with ${signed(found.out_turns_per_m * per.metres)} turns${found.loops_per_m > 0.5 ? `, springing into ${Math.round(found.loops_per_m * per.metres)} loops` : ''}`}
              />
              <p data-testid="lab-says">{says(found, per)}</p>
            </>
          )}
          <Seat
            reel={reel}
            feed={feed}
            rotor={fixed ? (at.rotor as Sense) : null}
            filler={at.feed === 'over_end' && fixed ? (at.filler as Sense) : null}
            label="Seen from where you sit"
          />
          {ways.data && <Placings result={ways.data} units={units} />}
        </div>
      </div>
    </div>
  );
}

const label = (what: string) => SENSES.map((each) => ({ ...each, label: `${what} ${each.label}` }));

function says(
  found: { elastic: boolean; allowed_turns_per_m: number | null; loops_per_m: number },
  per: { metres: number; word: string },
): string {
  if (!found.elastic || found.allowed_turns_per_m === null) {
    return 'Braid doesn’t spring into loops. Loose coils become wind knots instead.';
  }
  const most = (found.allowed_turns_per_m * per.metres).toFixed(1);
  return found.loops_per_m > 0
    ? `A ${per.word} of slack takes ${most} turns of twist. Above that it springs into loops: about ${Math.max(1, Math.round(found.loops_per_m * per.metres))} here.`
    : `A ${per.word} of slack hangs straight up to ${most} turns of twist.`;
}

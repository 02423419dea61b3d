import { Checkbox, NativeSelect } from '@mantine/core';
import { useState } from 'react';
import { useCalculator } from '../api/calculators';
import { Problem, type Schemas } from '../api/client';
import { useFillers, useRods } from '../api/records';
import { MATERIAL_WORD } from '../drawings/material';
import { fillerName } from '../parts/fillerName';
import { TypedField } from '../parts/TypedField';
import type { Draft } from '../plan/draft';
import { fromLine } from '../plan/records';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import { sentence } from '../units/sentence';
import { force, length, thickness, within, withUnit, words } from '../units/units';
import classes from './Rack.module.css';

const FISHING = [
  { value: 'light_clear', label: 'light, in clear water' },
  { value: 'general', label: 'a bit of everything' },
  { value: 'heavy_cover', label: 'heavy cover or structure' },
  { value: 'distance', label: 'distance over sand or shingle' },
  { value: 'deep_jigging', label: 'deep jigging' },
  { value: 'big_fish', label: 'big still-water or river fish' },
  { value: 'big_game', label: 'big game from a boat' },
];
const SNAGS = [
  { value: '', label: 'as usual for that' },
  { value: 'none', label: 'open water' },
  { value: 'some', label: 'some snags' },
  { value: 'many', label: 'snags all over' },
];
const CURRENT = [
  { value: 'none', label: 'still' },
  { value: 'some', label: 'some current' },
  { value: 'strong', label: 'strong current' },
];

const HOLD = [
  { value: 'in_hand', label: 'in hand' },
  { value: 'butt_pad', label: 'standing, with a butt pad' },
  { value: 'harness', label: 'with a harness or in a chair' },
];
const LEADER_OF = { mono: 'mono', fluoro: 'fluorocarbon', wire: 'wire' };

/** The Plan place with this main line for what is on the bench. */
const planWith = (line: Partial<Draft>) => `/plan?${new URLSearchParams(line)}`;

/** Which line, from how one fishes: strength, material, length and leader with reasons, and what the rack holds of it. */
export function WhichLine() {
  const { units, angler, reel } = useBench();
  const { data: fillers = [] } = useFillers();
  const { data: rods = [] } = useRods();
  const [typed, setTyped] = useState({
    fishing: 'general',
    fish: '',
    snags: '',
    room: '',
    toothy: false,
    clear: false,
    hold: 'in_hand',
    current: 'none',
    lure: '',
    cast: '',
    rod: '',
  });
  const set = (change: Partial<typeof typed>) => setTyped((before) => ({ ...before, ...change }));
  const rod = rods.find((each) => String(each.id) === typed.rod);
  const mass = units.force === 'lb' ? 'lb' : 'kg';
  const ask: Schemas['ChooseCase'] | null =
    typed.fish.trim() === ''
      ? null
      : {
          fishing: typed.fishing as 'general',
          fish: withUnit(typed.fish, mass),
          ...(typed.snags && { snags: typed.snags as 'none' }),
          room_m: withUnit(typed.room, units.length) || null,
          toothy: typed.toothy,
          clear: typed.clear,
          hold: typed.hold as 'in_hand',
          reel: reel?.kind ?? null,
          current: typed.current as 'none',
          lure: withUnit(typed.lure, 'g'),
          cast_m: withUnit(typed.cast, units.length) || null,
          reel_max_N: reel?.max_drag_N ?? null,
          rod: rod
            ? {
                mono_range: rod.line_max
                  ? `${withUnit(rod.line_min || rod.line_max, units.force)} - ${withUnit(rod.line_max, units.force)}`
                  : '',
                length_m: rod.length || null,
                max_drag_N: rod.max_drag_N ?? null,
              }
            : null,
          schools: angler?.habits.schools ?? {},
          rack: fillers.map((filler) => ({
            id: filler.id,
            material: filler.line.material,
            diameter_mm: filler.line.diameter_mm,
            strength_N: filler.line.strength_N,
            left_m: filler.left_m,
          })),
        };
  const { data, error } = useCalculator('choose', ask);
  const problem = error instanceof Problem ? error : null;
  const wrong = (field: string) => (problem?.field === field ? problem.message : undefined);
  const select = (key: 'fishing' | 'snags' | 'current' | 'hold', label: string, choices: typeof SNAGS) => (
    <NativeSelect
      label={label}
      value={typed[key]}
      onChange={(event) => set({ [key]: event.currentTarget.value })}
      data={choices}
    />
  );
  const mainLength = data ? words(length(data.length_m, units, 0)) : '';
  const first = data?.materials[0];
  const figure = ask && data && first && (
    <>
      {words(force(first.pick_N, units))} <span>{MATERIAL_WORD[first.material]}</span>
    </>
  );
  return (
    <section className={classes.which} aria-label="Choose a line">
      <p className={`${classes.strength} ${classes.first}`} data-stale={problem !== null || undefined}>
        {figure || <span>How strong should it be?</span>}
      </p>
      <form onSubmit={(event) => event.preventDefault()} className={classes.asked}>
        {select('fishing', 'How you fish', FISHING)}
        <TypedField
          label="Target fish weight"
          placeholder={`3 ${mass}`}
          unit={mass}
          value={typed.fish}
          onChange={(fish) => set({ fish })}
          error={wrong('fish')}
        />
        {select('snags', 'Snags within reach', SNAGS)}
        <TypedField
          label="Room for a run"
          placeholder={data ? words(length(data.room_m, units, 0)) : `100 ${units.length}`}
          unit={units.length}
          value={typed.room}
          onChange={(room) => set({ room })}
          error={wrong('room_m')}
        />
        {select('current', 'Current', CURRENT)}
        <TypedField
          label="Lure or sinker weight"
          placeholder="28 g"
          unit="g"
          value={typed.lure}
          onChange={(lure) => set({ lure })}
          error={wrong('lure')}
        />
        <TypedField
          label="Longest cast"
          placeholder={`50 ${units.length}`}
          unit={units.length}
          value={typed.cast}
          onChange={(cast) => set({ cast })}
          error={wrong('cast_m')}
        />
        <NativeSelect
          label="Rod"
          value={typed.rod}
          onChange={(event) => set({ rod: event.currentTarget.value })}
          data={[
            { value: '', label: 'any rod' },
            ...rods.map((each) => ({ value: String(each.id), label: each.name })),
          ]}
        />
        {select('hold', 'How you hold the rod', HOLD)}
        <Checkbox
          label="The fish has teeth, spines or sharp gill covers"
          checked={typed.toothy}
          onChange={(event) => set({ toothy: event.currentTarget.checked })}
        />
        <Checkbox
          label="The water is clear, or the fish are shy"
          checked={typed.clear}
          onChange={(event) => set({ clear: event.currentTarget.checked })}
        />
      </form>
      <div className={classes.chosen} aria-live="polite">
        {!ask && (
          <p className={classes.soft}>Type the weight of the fish you hope for. You can leave the rest as it is.</p>
        )}
        {ask && data && (
          <div data-stale={problem !== null || undefined} className={classes.answer}>
            <p className={classes.strength} data-testid="choice">
              {figure}
            </p>
            <p className={classes.soft}>
              Use {words(length(data.length_m, units, 0))} of line
              {data.leader
                ? `, with a leader of ${words(length(data.leader.length_m, units))} of ${LEADER_OF[data.leader.of]}`
                : ', without a leader'}
              . The drag comes to about {words(force(data.drag_N, units))}.
            </p>
            <ol className={classes.materials}>
              {data.materials.map((each) => (
                <li key={each.material}>
                  <strong>
                    {words(force(each.pick_N, units))} {MATERIAL_WORD[each.material]}
                  </strong>
                  , about {thickness(each.diameter_mm, units)}
                  {each.high_N > each.low_N &&
                    `. Usual: ${words(force(each.low_N, units))} to ${words(force(each.high_N, units))}`}
                  . {each.why}{' '}
                  <Link
                    to={planWith({
                      mainMaterial: each.material,
                      mainSize: words(force(each.pick_N, units)),
                      mainLength,
                    })}
                  >
                    Plan with this
                  </Link>
                </li>
              ))}
            </ol>
            <ul className={classes.reasons}>
              {[...data.limits, ...data.reasons].map((each) => (
                <li key={each.sentence}>{sentence(each, units)}</li>
              ))}
            </ul>
            <Held choice={data} mainLength={mainLength} />
            <p className={classes.soft}>
              This is general experience, not a promise. Rules on line and leaders differ by water. Follow the local
              ones.
            </p>
          </div>
        )}
      </div>
    </section>
  );
}

/** What the rack already holds of it: what is usual first, then by material and how near it is to the strength to buy. */
function Held({ choice, mainLength }: { choice: Schemas['ChooseResult']; mainLength: string }) {
  const { units } = useBench();
  const { data: fillers = [] } = useFillers();
  const order = ['usual', 'heavier', 'too_short'];
  const near = choice.rack
    .filter((each) => order.includes(each.verdict))
    .sort((a, b) => order.indexOf(a.verdict) - order.indexOf(b.verdict) || a.distance - b.distance)
    .slice(0, 6);
  return (
    <div>
      <h3>On your rack</h3>
      {near.length === 0 && <p className={classes.soft}>Nothing on your rack comes close.</p>}
      <ul className={classes.held}>
        {near.map((each) => {
          const filler = fillers.find((one) => one.id === each.id);
          return (
            filler && (
              <li key={each.id} data-verdict={each.verdict}>
                <strong>{fillerName(filler, fillers)}</strong> {within(filler.left_m, filler.half_m, units)} left:{' '}
                {each.words}{' '}
                <Link to={planWith({ ...fromLine('main', filler.line), mainFiller: `${filler.id}`, mainLength })}>
                  Plan with this
                </Link>
              </li>
            )
          );
        })}
      </ul>
    </div>
  );
}

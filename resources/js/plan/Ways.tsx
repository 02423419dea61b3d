import { Button, Checkbox } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { memo, useCallback, useMemo } from 'react';
import { useCalculator } from '../api/calculators';
import type { Schemas } from '../api/client';
import type { WaysResult } from '../api/types';
import { drawn } from '../drawings/section/drawn';
import type { LipShape, ReelKind } from '../drawings/section/outline';
import { Thumb } from '../drawings/section/Thumb';
import page from '../parts/parts.module.css';
import { useBench } from '../shell/bench';
import { sentence } from '../units/sentence';
import { fraction, length, minutes, price, small, type Units, words } from '../units/units';
import type { Draft } from './draft';
import { takeWay } from './UnderIt';
import type { Planning } from './usePlan';
import classes from './Ways.module.css';

const REST_MS = 250;

/** Every way to fill this spool with this main line, drawn and figured side by side; the one to take is marked. */
export function Ways({ plan }: { plan: Planning }) {
  const { draft, set, current, question } = plan;
  const { units, angler } = useBench();
  const asked = useMemo(
    () =>
      question && {
        ...question,
        backing: question.backing ?? { material: 'mono', size: '0.30 mm' },
        pace_turns_per_min: angler?.pace_turns_per_min ?? null,
        spare: draft.spare === 'yes',
      },
    [question, angler, draft.spare],
  );
  // the figure comes first: six more fills wait until the hand rests
  const [rested] = useDebouncedValue(asked, REST_MS);
  const { data, isPlaceholderData, error } = useCalculator('ways', rested);
  const onTake = useCallback((way: Draft['way']) => set(takeWay(way, current())), [set, current]);
  if (question === null || !data) return null;
  const pick = data.ways.find((way) => way.id === data.pick);
  return (
    <section className={classes.band} id="ways" aria-label="Methods compared">
      <header className={classes.head}>
        <h2>Methods compared</h2>
        <p>
          {pick && <strong>{pick.word}. </strong>}
          {sentence(data.why, units)} {data.departs && sentence(data.departs, units)}
        </p>
        <div className={classes.has}>
          <Checkbox
            size="xs"
            label="Arbor grips braid"
            checked={draft.grips === 'yes'}
            onChange={(event) => set({ grips: event.currentTarget.checked ? 'yes' : '' })}
          />
          <Checkbox
            size="xs"
            label="I have a second spool like it"
            checked={draft.spare === 'yes'}
            onChange={(event) => set({ spare: event.currentTarget.checked ? 'yes' : '' })}
          />
        </div>
      </header>
      {/* what the plan says of itself is not said twice */}
      {error && !plan.problem && <p role="alert">{error.message}</p>}
      <Entries
        data={data}
        fresh={!isPlaceholderData && rested === asked}
        taken={draft.way}
        kind={draft.kind}
        lip={draft.lip}
        units={units}
        onTake={onTake}
      />
    </section>
  );
}

interface EntriesProps {
  data: WaysResult;
  fresh: boolean;
  taken: string;
  kind: ReelKind;
  lip: LipShape;
  units: Units;
  onTake: (way: Draft['way']) => void;
}

const Entries = memo(function Entries({ data, fresh, taken, kind, lip, units, onTake }: EntriesProps) {
  const bare = data.ways.find((way) => way.id === 'backing')?.spool ?? null;
  return (
    <ul className={classes.ways} data-fresh={fresh} data-count={data.ways.length}>
      {data.ways.map((way) => (
        <li
          key={way.id}
          className={classes.way}
          data-pick={way.id === data.pick}
          data-taken={way.id === taken}
          aria-label={way.word}
        >
          <h3>
            {way.word}
            {way.id === data.pick && <span className={page.pick}>recommended</span>}
          </h3>
          <Thumb
            {...drawn(way.spool, way.layers, bare ?? way.spool, way.build?.kept ?? null)}
            kind={kind}
            lip={lip}
            width={168}
            height={84}
          />
          {way.works && (
            <Button
              size="compact-xs"
              variant={way.id === taken ? 'filled' : 'default'}
              onClick={() => onTake(way.id)}
              aria-pressed={way.id === taken}
              aria-label={`${way.id === taken ? 'This plan' : 'Use this method'}: ${way.word}`}
            >
              {way.id === taken ? 'This plan' : 'Use this method'}
            </Button>
          )}
          {way.works && <Figures way={way} units={units} />}
          <ul className={classes.words}>
            {[...way.steps, ...way.risks].map((each) => (
              <li key={each.sentence}>{sentence(each, units)}</li>
            ))}
          </ul>
        </li>
      ))}
    </ul>
  );
});

function Figures({ way, units }: { way: Schemas['Way']; units: Units }) {
  const depth = way.level_mm;
  const rows: [string, string][] = [
    ...way.layers.map((layer): [string, string] => [
      layer.role === 'backing' ? 'backing' : 'main line',
      words(length(layer.length_m, units)),
    ]),
    ['ends', depth === null ? `${Math.round((way.filled_fraction ?? 0) * 100)} % full` : at(depth, units)],
    ['handle turns', way.handle_turns === null ? '–' : String(Math.round(way.handle_turns))],
    [
      'wound',
      way.wound_m === null
        ? '–'
        : `${words(length(way.wound_m, units, 0))}${way.passes > 1 ? `, ${way.passes} passes` : ''}`,
    ],
    ['at your pace', way.minutes === null ? '–' : minutes(way.minutes)],
    ['line costs', way.cost ? price(way.cost) : 'no price'],
    ['joins buried', String(way.knots)],
  ];
  return (
    <dl className={classes.figures}>
      {rows.map(([what, figure]) => (
        <div key={what}>
          <dt>{what}</dt>
          <dd>{figure}</dd>
        </div>
      ))}
    </dl>
  );
}

const at = (depth: number, units: Units) =>
  units.small === 'in' ? `${fraction(depth, units)} down` : `${words(small(depth, units))} down`;

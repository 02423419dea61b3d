import { Button, SegmentedControl, TextInput } from '@mantine/core';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../api/client';
import { useDrags } from '../api/history';
import { useLines } from '../api/records';
import type { Care, Line, Reel, Spool } from '../api/types';
import { useSpoolHistory } from '../api/upkeep';
import { drawn } from '../drawings/section/drawn';
import { USUAL_BEVEL_MM } from '../drawings/section/outline';
import { Section } from '../drawings/section/Section';
import { segmentsOf } from '../drawings/tape/segments';
import { Tape } from '../drawings/tape/Tape';
import { day } from '../parts/day';
import { LargeFigure } from '../parts/LargeFigure';
import { Waiting } from '../parts/Waiting';
import { useBench } from '../shell/bench';
import { sentence } from '../units/sentence';
import {
  force,
  length,
  metresPer,
  millimetresPer,
  minutes,
  price,
  retrieve,
  small,
  type Units,
  words,
} from '../units/units';
import { Entries } from './Entries';
import classes from './Log.module.css';
import { Say } from './Say';
import { DID } from './words';

interface SpoolLogProps {
  reel: Reel;
  spool: Spool;
  at: string;
  onAt: (at: string) => void;
}

/** One spool through time: what is on it, what it needs, what happened to it. */
export function SpoolLog({ reel, spool, at, onAt }: SpoolLogProps) {
  const { angler, units, put } = useBench();
  const [until, setUntil] = useState('');
  const history = useSpoolHistory(spool.id, angler?.id, until);
  const { data: lines = [] } = useLines();
  if (!history.data) return <Waiting query={history} what="its history" />;
  const { care, states } = history.data;
  return (
    <>
      <header className={classes.head}>
        <div>
          <p className={classes.who}>
            {reel.name}{' '}
            <span className={classes.soft}>{[reel.kind, spool.name, reel.angler].filter(Boolean).join(', ')}</span>
          </p>
          <Until care={care} />
        </div>
        <Drawing reel={reel} spool={spool} care={care} units={units} />
      </header>
      {spool.contents.length > 0 && (
        <Tape
          ends="reel"
          segments={segmentsOf(
            spool.contents,
            (piece) => `${piece.line.name} ${words(length(piece.length_m, units, 0))}, since ${day(piece.since)}`,
          )}
          scaleUnit={{ m: metresPer(units), name: units.length }}
          label={`What is on ${reel.name} now`}
        />
      )}
      <div className={classes.tabs}>
        <SegmentedControl
          value={at}
          onChange={onAt}
          aria-label="What of this spool"
          data={[
            { value: 'needs', label: 'What it needs' },
            { value: 'time', label: 'Its line through time' },
            { value: 'entries', label: 'Entries' },
          ]}
        />
        <Button
          size="compact-sm"
          variant="default"
          component={Link}
          to="/drag?at=before"
          onClick={() => put(reel.id, spool.id)}
        >
          Its drag settings
        </Button>
      </div>
      {at === 'needs' && <Needs care={care} spool={spool} reel={reel} />}
      {at === 'time' && (
        <>
          <TextInput
            className={classes.until}
            label="As it was on"
            type="date"
            value={until}
            onChange={(event) => setUntil(event.currentTarget.value)}
          />
          <Through states={states} lines={lines} units={units} />
        </>
      )}
      {at !== 'time' && <Say key={spool.id} spool={spool.id} caution={care?.caution} />}
      {at === 'entries' && <Entries wish={{ spool: spool.id }} of="Nothing is written of this spool yet." />}
      <DragLine reel={reel.id} spool={spool.id} units={units} />
    </>
  );
}

/** A stretch of time as people say it. */
const span = (days: number) =>
  days < 60 ? { figure: `${days}`, unit: 'days' } : { figure: (days / 30.44).toFixed(0), unit: 'months' };

/** How long the line is still good: what somebody comes here for. */
function Until({ care }: { care: Care | null }) {
  const { units } = useBench();
  if (!care) return <h1 className={classes.soft}>Nothing lies on this spool, as far as is written.</h1>;
  if (care.state === 'low' && care.level) {
    return (
      <>
        <LargeFigure
          lead="The line stands"
          {...small(care.level.depth_mm, units)}
          trail={`under the lip; full is ${words(small(care.level.wanted_mm, units))}${care.level.drop === null ? '' : `, and a turn takes in ${Math.round(care.level.drop * 100)} % less than when it was filled`}`}
          stale={false}
        />
        <p className={classes.soft}>By age and outings it would be good until {day(care.due_on)}.</p>
      </>
    );
  }
  const days = care.days_left;
  const used = care.by_age
    ? `${care.age_months.toFixed(0)} of ${care.limit_months.toFixed(0)} months`
    : `${care.outings} of ${care.limit_outings.toFixed(0)} outings`;
  return (
    <>
      <LargeFigure
        lead={days >= 0 ? 'The line is good for' : 'The line has been due for'}
        {...span(Math.abs(days))}
        trail={`${days >= 0 ? 'until' : 'since'} ${day(care.due_on)}: ${used}${care.hard_share > 0 ? `, a third less for the ${Math.round(care.hard_share * 100)} % of outings in heavy sun or over rough ground` : ''}`}
        stale={false}
      />
      {care.turn_on !== null && <p className={classes.soft}>To be turned over by {day(care.turn_on)}.</p>}
      {care.level && (
        <p className={classes.soft}>
          It should stand {words(small(care.level.depth_mm, units))} under the lip
          {care.level.retrieve_m !== null && `, ${words(retrieve(care.level.retrieve_m, units))} a turn`}
          {care.level.drop !== null &&
            care.level.drop > 0.005 &&
            `, ${Math.round(care.level.drop * 100)} % less than when filled`}
          ; full is {words(small(care.level.wanted_mm, units))}.
        </p>
      )}
    </>
  );
}

function Drawing({ reel, spool, care, units }: { reel: Reel; spool: Spool; care: Care | null; units: Units }) {
  const picture = drawn(spool.picture.shape, spool.picture.layers);
  return (
    <Section
      {...picture}
      kind={reel.kind}
      lip={spool.lip}
      bevelMm={USUAL_BEVEL_MM}
      height={210}
      marks={
        picture.toScale && care?.level
          ? [
              {
                id: 'full',
                depth: care.level.wanted_mm,
                word: 'full',
                figure: words(small(care.level.wanted_mm, units)),
                tone: 'next',
              },
            ]
          : []
      }
      grips={spool.grips}
      rulerUnit={{ mm: millimetresPer(units), name: units.small }}
      label={`${reel.name} now`}
    />
  );
}

function Needs({ care, spool, reel }: { care: Care | null; spool: Spool; reel: Reel }) {
  const { units } = useBench();
  if (!care) return null;
  return (
    <section className={classes.needs} aria-label="What it needs">
      <p className={classes.pick} data-testid="advice" data-calls={care.calls}>
        <strong>{care.pick_word}.</strong> {sentence(care, units)}
      </p>
      <table>
        <thead>
          <tr>
            <th scope="col">Way</th>
            <th scope="col">to waste</th>
            <th scope="col">new line</th>
            <th scope="col">wound</th>
            <th scope="col">time</th>
            <th scope="col">money</th>
          </tr>
        </thead>
        <tbody>
          {care.options.map((option) => (
            <tr key={option.id} data-picked={option.picked} data-fits={option.fits}>
              <th scope="row">
                {option.word}
                {option.picked && <span className={classes.mark}>the advice</span>}
                <span className={classes.why}>{sentence(option, units)}</span>
              </th>
              <td>{figure(option.off_m, units)}</td>
              <td>{figure(option.add_m, units)}</td>
              <td>{figure(option.wound_m, units)}</td>
              <td>{option.minutes > 0 ? minutes(option.minutes) : '—'}</td>
              <td>{option.cost ? price(option.cost) : '—'}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {care.pick === 'replace' && (
        <p>
          <Button component={Link} to={`/day?spools=${spool.id}`}>
            Plan it on a bench day
          </Button>{' '}
          <Button variant="default" component={Link} to={`/plan?reel=${reel.id}&spool=${spool.id}`}>
            Plan this one
          </Button>
        </p>
      )}
    </section>
  );
}

const figure = (metres: number, units: Units) => (metres > 0 ? words(length(metres, units, metres < 10 ? 1 : 0)) : '—');

type State = Schemas['SpoolHistory']['states'][number];

/** The tape after each entry that touched it, all on one scale, newest first. */
function Through({ states, lines, units }: { states: State[]; lines: Line[]; units: Units }) {
  const total = (state: State) => state.pieces.reduce((sum, piece) => sum + piece.length_m, 0);
  const longest = Math.max(0, ...states.map(total));
  return (
    <ol className={classes.through} aria-label="Its line through time">
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
            {state.depth_mm === null ? '' : `${words(small(state.depth_mm, units))} under the lip`}
            {state.retrieve_m !== null && (
              <>
                <br />
                {words(retrieve(state.retrieve_m, units))} a turn
              </>
            )}
          </span>
        </li>
      ))}
    </ol>
  );
}

function DragLine({ reel, spool, units }: { reel: number; spool: number; units: Units }) {
  const { data } = useDrags(reel, spool);
  const set = data?.now.set;
  return set ? (
    <p className={classes.soft}>
      Drag set to {words(force(set.median_N ?? set.target_N, units))} on {day(set.happened_at)}, {set.weakest} the
      weakest. What has been lost since makes it give more: the curve stands in Drag.
    </p>
  ) : null;
}

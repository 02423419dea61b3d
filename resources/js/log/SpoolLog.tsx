import { Button, TextInput } from '@mantine/core';
import { useRef, useState } from 'react';
import { useDrags } from '../api/history';
import { useLines } from '../api/records';
import type { Care, Reel, Spool } from '../api/types';
import { useSpoolHistory } from '../api/upkeep';
import { drawn } from '../drawings/section/drawn';
import { USUAL_BEVEL_MM } from '../drawings/section/outline';
import { Section } from '../drawings/section/Section';
import { segmentsOf } from '../drawings/tape/segments';
import { Tape } from '../drawings/tape/Tape';
import { day } from '../parts/day';
import { Segmented } from '../parts/Segmented';
import { Waiting } from '../parts/Waiting';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import { force, metresPer, millimetresPer, small, type Units, within, words } from '../units/units';
import { Entries } from './Entries';
import classes from './Log.module.css';
import { Needs } from './Needs';
import { Say } from './Say';
import { Through } from './Through';
import { Until } from './Until';

/** Places that speak of the same spool. */
const TO = [
  { to: '/drag?at=before', words: 'Drag settings' },
  { to: '/trouble', words: 'Troubleshooting' },
];

interface SpoolLogProps {
  reel: Reel;
  spool: Spool;
  at: string;
  onAt: (at: string) => void;
  /** what is to be said first */
  say: string;
}

/** One spool through time: what is on it, what it needs, what happened to it. */
export function SpoolLog({ reel, spool, at, onAt, say }: SpoolLogProps) {
  const { angler, units, put } = useBench();
  const [until, setUntil] = useState('');
  const saying = useRef<HTMLDivElement>(null);
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
            (piece) =>
              `${piece.line.name} ${within(piece.length_m, piece.half_m, units, 0)}, since ${day(piece.since)}`,
          )}
          scaleUnit={{ m: metresPer(units), name: units.length }}
          label={`What is on ${reel.name} now`}
        />
      )}
      <div className={classes.tabs}>
        <Segmented
          value={at}
          onChange={onAt}
          aria-label="Views of this spool"
          data={[
            { value: 'needs', label: 'Advice' },
            { value: 'time', label: 'Line history' },
            { value: 'entries', label: 'Entries' },
          ]}
        />
        {at !== 'time' && (
          <Button
            size="compact-sm"
            onClick={() => {
              saying.current?.scrollIntoView({ block: 'start' });
              saying.current?.querySelector<HTMLElement>('select, input')?.focus({ preventScroll: true });
            }}
          >
            Log what happened
          </Button>
        )}
        {TO.map(({ to, words }) => (
          <Button
            key={to}
            size="compact-sm"
            variant="default"
            component={Link}
            to={to}
            onClick={() => put(reel.id, spool.id)}
          >
            {words}
          </Button>
        ))}
      </div>
      {at === 'needs' && <Needs care={care} spool={spool} reel={reel} />}
      {at === 'time' && (
        <>
          <TextInput
            className={classes.until}
            label="Show the spool on"
            type="date"
            value={until}
            onChange={(event) => setUntil(event.currentTarget.value)}
          />
          <Through states={states} lines={lines} units={units} />
        </>
      )}
      {at !== 'time' && (
        <div ref={saying}>
          <Say key={`${spool.id} ${say}`} spool={spool.id} caution={care?.caution} first={say} />
        </div>
      )}
      {at === 'entries' && <Entries wish={{ spool: spool.id }} of="No entries for this spool yet." />}
      <DragLine reel={reel.id} spool={spool.id} units={units} />
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

function DragLine({ reel, spool, units }: { reel: number; spool: number; units: Units }) {
  const { data } = useDrags(reel, spool);
  const set = data?.now.set;
  return set ? (
    <p className={classes.soft}>
      Drag set to {words(force(set.median_N ?? set.target_N, units))} on {day(set.happened_at)}, {set.weakest} is the
      weakest link. Line lost since then makes it slip at more. The curve is in Drag.
    </p>
  ) : null;
}

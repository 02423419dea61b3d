import { Button, Checkbox, NativeSelect, TextInput } from '@mantine/core';
import { useMediaQuery } from '@mantine/hooks';
import { useState } from 'react';
import { Problem } from '../api/client';
import { useFillers, useReels } from '../api/records';
import type { LogEntry } from '../api/types';
import { fillerName } from '../parts/fillerName';
import { Segmented } from '../parts/Segmented';
import { TypedField } from '../parts/TypedField';
import { failed } from '../parts/undo';
import { useWriteDown } from '../parts/useWriteDown';
import { useBench } from '../shell/bench';
import { within } from '../units/units';
import { LeaderFields } from './LeaderFields';
import classes from './Log.module.css';
import { dayOf, EMPTY, entryOf, hasFigure, said, unsaid } from './saying';
import { DID, dateOf, SAYINGS, type Saying, sayingOf } from './words';

interface SayProps {
  spool: number;
  /** the entry that is put right; left out: something new */
  instead?: LogEntry;
  /** shown where line comes off */
  caution?: string | undefined;
  /** what is offered to be said first */
  first?: string;
  onDone?: () => void;
}

const CHOICES = Object.entries(SAYINGS).map(([value, { word }]) => ({ value, label: word }));

const FOUND = [
  { value: 'fine', label: 'fine' },
  { value: 'coiled', label: 'coiled' },
  { value: 'faded', label: 'faded or milky' },
  { value: 'rough', label: 'rough' },
  { value: 'nicked', label: 'nicked' },
];

/** Says what happened to a spool, in seconds: one press for what, its figures, Enter. */
export function Say({ spool, instead, caution, first = '', onDone }: SayProps) {
  const { angler, units } = useBench();
  const [what, setWhat] = useState<Saying>(
    instead ? (sayingOf(instead) ?? 'fished') : first in SAYINGS ? (first as Saying) : 'fished',
  );
  const [typed, setTyped] = useState(instead ? said(instead) : EMPTY);
  const [when, setWhen] = useState(dayOf(instead));
  const [problem, setProblem] = useState<Problem | null>(null);
  const { data: fillers = [] } = useFillers();
  const { data: reels = [] } = useReels();
  const { write, isPending } = useWriteDown();
  // side by side they would stand out beyond a narrow screen
  const narrow = useMediaQuery('(max-width: 900px)') ?? false;
  const set = (change: Partial<typeof EMPTY>) => setTyped((before) => ({ ...before, ...change }));
  const has = (field: string) => hasFigure(what, field);
  const wrong = (field: string) => (problem?.field === field ? problem.message : undefined);

  const say = async () => {
    const body = entryOf(what, typed, when, instead, angler?.id ?? null, units);
    try {
      await write(spool, body, (made) => `${instead ? 'Edited' : 'Saved'}: ${DID[made.kind].toLowerCase()}.`);
      setProblem(null);
      // what was typed meanwhile is the next thing to say
      if (!instead) setTyped((now) => unsaid(typed, now));
      onDone?.();
    } catch (error) {
      if (error instanceof Problem) setProblem(error);
      else failed(error);
    }
  };
  return (
    <form
      className={classes.say}
      aria-label={instead ? 'Edit entry' : 'Log what happened'}
      onSubmit={(event) => {
        event.preventDefault();
        void say();
      }}
    >
      {narrow ? (
        <NativeSelect
          label="What happened"
          value={what}
          onChange={(event) => setWhat(event.currentTarget.value as Saying)}
          disabled={instead !== undefined}
          data={CHOICES}
        />
      ) : (
        <Segmented
          className={classes.what}
          aria-label="What happened"
          value={what}
          onChange={(value) => setWhat(value as Saying)}
          disabled={instead !== undefined}
          data={CHOICES}
        />
      )}
      <TextInput
        label="On"
        type="date"
        value={when}
        max={dateOf(new Date().toISOString())}
        onChange={(event) => setWhen(event.currentTarget.value)}
        error={wrong('happened_at')}
      />
      {has('metres') && (
        <TypedField
          label={what === 'topped_up' ? 'Backing added' : 'Line gone'}
          unit={units.length}
          value={typed.metres}
          onChange={(metres) => set({ metres })}
          error={wrong('metres') ?? wrong('length_m')}
        />
      )}
      {has('filler') && (
        <NativeSelect
          label="From"
          value={typed.filler}
          onChange={(event) => set({ filler: event.currentTarget.value })}
          error={wrong('to')}
          data={[
            { value: '', label: 'bought for it' },
            ...fillers
              .filter((filler) => filler.left_m > 0)
              .map((filler) => ({
                value: `${filler.id}`,
                label: `${fillerName(filler, fillers)}, ${within(filler.left_m, filler.half_m, units, 0)} left`,
              })),
          ]}
        />
      )}
      {has('to') && (
        <NativeSelect
          label="Park the main line on"
          value={typed.to}
          onChange={(event) => set({ to: event.currentTarget.value })}
          error={wrong('to') ?? wrong('product')}
          data={[
            { value: '', label: 'choose' },
            ...fillers.map((filler) => ({
              value: `filler:${filler.id}`,
              label: `filler of ${fillerName(filler, fillers)}, ${within(filler.left_m, filler.half_m, units, 0)}`,
            })),
            ...reels.flatMap((reel) =>
              reel.spools
                .filter((other) => other.id !== spool)
                .map((other) => ({ value: `spool:${other.id}`, label: `${reel.name}, ${other.name}` })),
            ),
          ]}
        />
      )}
      {has('gap') && (
        <>
          <TypedField
            label="Line level below the lip"
            unit={units.small}
            value={typed.gap}
            onChange={(gap) => set({ gap })}
            error={wrong('gap')}
          />
          <TypedField
            label="Readings around the spool"
            value={typed.readings}
            onChange={(readings) => set({ readings })}
            error={wrong('readings')}
          />
        </>
      )}
      {has('found') && (
        <>
          <NativeSelect
            label="The line is"
            value={typed.found}
            onChange={(event) => set({ found: event.currentTarget.value })}
            data={FOUND}
          />
          <TypedField
            label="From (distance from the end)"
            placeholder="all along"
            unit={units.length}
            value={typed.from}
            onChange={(from) => set({ from })}
            error={wrong('from')}
          />
          <TypedField
            label="To (distance from the end)"
            unit={units.length}
            value={typed.until}
            onChange={(until) => set({ until })}
            error={wrong('until')}
          />
        </>
      )}
      {has('leader') && <LeaderFields typed={typed} set={set} wrong={wrong} />}
      {has('hours') && (
        <>
          <TypedField label="Hours" value={typed.hours} onChange={(hours) => set({ hours })} error={wrong('hours')} />
          <TypedField
            label="Longest cast"
            unit={units.length}
            value={typed.cast}
            onChange={(cast) => set({ cast })}
            error={wrong('cast')}
          />
          <TypedField
            label="Longest run"
            unit={units.length}
            value={typed.run}
            onChange={(run) => set({ run })}
            error={wrong('run')}
          />
          <div className={classes.hard}>
            <Checkbox
              label="heavy sun"
              checked={typed.sun === 'yes'}
              onChange={(event) => set({ sun: event.currentTarget.checked ? 'yes' : '' })}
            />
            <Checkbox
              label="rough ground"
              checked={typed.rough === 'yes'}
              onChange={(event) => set({ rough: event.currentTarget.checked ? 'yes' : '' })}
            />
          </div>
          <p className={classes.afterwards}>
            After salt water, tighten the drag, rinse reel and line with fresh water at low pressure, then loosen the
            drag.
          </p>
        </>
      )}
      <TextInput
        className={classes.words}
        label="Note"
        value={typed.words}
        maxLength={500}
        onChange={(event) => set({ words: event.currentTarget.value })}
      />
      {problem &&
        ![
          'metres',
          'length_m',
          'gap',
          'readings',
          'from',
          'until',
          'strength',
          'leader',
          'hours',
          'cast',
          'run',
          'to',
          'product',
          'happened_at',
        ].includes(problem.field) && (
          <p role="alert" className={classes.wrong}>
            {problem.message}
          </p>
        )}
      {caution && ['off', 'main_off', 'cut_back'].includes(what) && (
        <p className={classes.caution} role="note">
          {caution}
        </p>
      )}
      <div className={classes.send}>
        <Button type="submit" loading={isPending}>
          {instead ? 'Save changes' : 'Save entry'}
        </Button>
        {instead && (
          <Button variant="default" onClick={onDone}>
            Cancel
          </Button>
        )}
      </div>
    </form>
  );
}

import { Button } from '@mantine/core';
import { useState } from 'react';
import { useChangeSpool } from '../api/records';
import type { Reel, Spool } from '../api/types';
import { drawn } from '../drawings/section/drawn';
import { Thumb } from '../drawings/section/Thumb';
import { segmentsOf } from '../drawings/tape/segments';
import { Tape } from '../drawings/tape/Tape';
import { day } from '../parts/day';
import { FigureForm } from '../parts/FigureForm';
import { woundWords } from '../parts/known';
import page from '../parts/parts.module.css';
import { done } from '../parts/undo';
import { usePutAway } from '../parts/usePutAway';
import { useBench } from '../shell/bench';
import { OldLineOff } from '../strip/OldLineOff';
import { sentence } from '../units/sentence';
import { deep, length, metresPer, small, words } from '../units/units';
import { FoundOnSpool, LevelNow } from './FoundOnSpool';
import { spoolBody, spoolFields, spoolValues } from './fields';
import classes from './Locker.module.css';

interface SpoolEntryProps {
  reel: Reel;
  spool: Spool;
  onPlan: () => void;
}

/** One spool: its section, the tape of what lies on it, and its figures edited in place. */
export function SpoolEntry({ reel, spool, onPlan }: SpoolEntryProps) {
  const { units } = useBench();
  const [open, setOpen] = useState<'' | 'edit' | 'found' | 'strip'>('');
  const change = useChangeSpool();
  const { contents, picture } = spool;
  const save = async (values: Record<string, string>, version?: number) => {
    const before = spoolBody(spoolValues(spool));
    const saved = await change.mutateAsync({ id: spool.id, body: { ...spoolBody(values), version } });
    done(`${reel.name}, ${values.name} changed.`, () =>
      change.mutateAsync({ id: spool.id, body: { ...before, version: saved.version } }),
    );
    setOpen('');
  };
  const putAway = usePutAway(change);
  const depth = picture.layers.at(-1)?.depth_mm;
  // where the shape is known the level says more than a share of the stamp's room
  const full =
    contents.length === 0
      ? ''
      : spool.level
        ? `line ${deep(spool.level.gap_mm, spool.level.half_mm, units)} below the lip, measured ${day(spool.level.at)}`
        : picture.filled_fraction === null
          ? ''
          : depth === undefined
            ? `${Math.round(picture.filled_fraction * 100)} % of its printed capacity`
            : `line ${words(small(depth, units))} below the lip, going by its length`;
  return (
    <section className={classes.spool} aria-label={`${reel.name}, ${spool.name}`}>
      <Thumb {...drawn(picture.shape, picture.layers)} kind={reel.kind} lip={spool.lip} />
      <div className={classes.on}>
        <p className={page.facts}>
          <strong className={classes.spoolName}>{spool.name}</strong>{' '}
          {spool.stamp && <span data-printed>printed {spool.stamp}</span>}
          {spool.stamp && full && ' · '}
          {full}
        </p>
        {contents.length > 0 ? (
          <>
            <Tape
              size="thumb"
              ends="reel"
              segments={segmentsOf(contents, ({ line }) => line.name)}
              scaleUnit={{ m: metresPer(units), name: units.length }}
              label={`On ${spool.name}: ${contents.map((piece) => `${piece.line.name} ${words(length(piece.length_m, units))}`).join(', ')}`}
            />
            <p className={page.facts}>
              {contents.map((piece) => woundWords(piece, units, piece.line.name)).join(' under ')}
            </p>
          </>
        ) : (
          <p className={page.facts}>No line on this spool yet.</p>
        )}
        {picture.problem && (spool.stamp || spool.measures.lip_diameter) && (
          <p className={classes.problem}>{sentence(picture.problem, units)}</p>
        )}
        <div className={page.actions}>
          <Button size="compact-sm" variant="light" onClick={onPlan}>
            Plan a fill
          </Button>
          <Button
            size="compact-sm"
            variant="default"
            onClick={() => setOpen(open === 'edit' ? '' : 'edit')}
            aria-expanded={open === 'edit'}
          >
            Edit spool
          </Button>
          <LevelNow reel={reel} spool={spool} />
          <Button
            size="compact-sm"
            variant="default"
            onClick={() => setOpen(open === 'found' ? '' : 'found')}
            aria-expanded={open === 'found'}
          >
            {contents.length === 0 ? 'Add the line on it' : 'Add line on top'}
          </Button>
          {contents.length > 0 && (
            <Button
              size="compact-sm"
              variant="default"
              onClick={() => setOpen(open === 'strip' ? '' : 'strip')}
              aria-expanded={open === 'strip'}
            >
              Strip line
            </Button>
          )}
          {reel.spools.length > 1 && (
            <Button size="compact-sm" variant="subtle" color="gray" onClick={() => putAway(spool.id, spool.name)}>
              Archive spool
            </Button>
          )}
        </div>
      </div>
      {open === 'edit' && (
        <div className={classes.form}>
          <FigureForm
            label={`Edit ${spool.name}`}
            fields={spoolFields(units, reel.kind)}
            version={spool.version}
            initial={spoolValues(spool)}
            submit="Save"
            onSubmit={save}
            onCancel={() => setOpen('')}
          />
        </div>
      )}
      {open === 'strip' && contents.length > 0 && (
        <div className={classes.form}>
          <OldLineOff spool={spool} onDone={() => setOpen('')} />
        </div>
      )}
      {open === 'found' && (
        <div className={classes.form}>
          <FoundOnSpool reel={reel} spool={spool} onDone={() => setOpen('')} />
        </div>
      )}
    </section>
  );
}

import { Button } from '@mantine/core';
import { useState } from 'react';
import { useAddSpool, useChangeReel, useChangeSpool } from '../api/records';
import type { Reel } from '../api/types';
import { FigureForm } from '../parts/FigureForm';
import page from '../parts/parts.module.css';
import { done, failed } from '../parts/undo';
import { usePutAway } from '../parts/usePutAway';
import { useBench } from '../shell/bench';
import { useNavigate } from '../shell/route';
import { rated, words } from '../units/units';
import { reelFields, reelValues } from './fields';
import classes from './Locker.module.css';
import { SpoolEntry } from './SpoolEntry';

/** A gear ratio, typed as 6.3 or as 6.3:1: "6.3 : 1". */
const ratio = (typed: string) => `${typed.replace(/\s*:\s*1$/, '')} : 1`;

/** One reel with its spools; edited where it stands. */
export function ReelEntry({ reel }: { reel: Reel }) {
  const { units, put, reel: onBench } = useBench();
  const [editing, setEditing] = useState(false);
  const change = useChangeReel();
  const addSpool = useAddSpool();
  const changeSpool = useChangeSpool();
  const navigate = useNavigate();

  const save = async (values: Record<string, string>, version?: number) => {
    const before = reelValues(reel);
    const saved = await change.mutateAsync({ id: reel.id, body: { ...values, version } });
    done(`${values.name} changed.`, () =>
      change.mutateAsync({ id: reel.id, body: { ...before, version: saved.version } }),
    );
    setEditing(false);
  };
  const putAway = usePutAway(change);
  const another = async () => {
    try {
      const spool = await addSpool.mutateAsync({ name: `Spool ${reel.spools.length + 1}`, reels: [reel.id] });
      done(`Spool added to ${reel.name}.`, () => changeSpool.mutateAsync({ id: spool.id, body: { archived: true } }));
    } catch (error) {
      failed(error);
    }
  };
  return (
    <li className={page.entry}>
      <div className={classes.reel}>
        <div>
          <h2 className={page.title}>{reel.name}</h2>
          <p className={page.facts}>
            {[
              reel.kind,
              reel.gear_ratio && ratio(reel.gear_ratio),
              reel.max_drag_N === null ? '' : `max drag ${words(rated(reel.max_drag_N, units))}`,
              reel.angler,
            ]
              .filter(Boolean)
              .join(' · ')}
            <span data-printed>
              {reel.mono_range && ` · mono ${reel.mono_range}`}
              {reel.braid_range && ` · braid ${reel.braid_range}`}
            </span>
            {onBench?.id === reel.id && <strong> · on the bench</strong>}
          </p>
          <div className={page.actions}>
            <Button size="compact-sm" variant="default" onClick={() => setEditing(!editing)} aria-expanded={editing}>
              Edit
            </Button>
            <Button size="compact-sm" variant="subtle" color="gray" onClick={another}>
              Add a spool
            </Button>
            <Button size="compact-sm" variant="subtle" color="gray" onClick={() => putAway(reel.id, reel.name)}>
              Archive
            </Button>
          </div>
        </div>
        <div className={classes.spools}>
          {reel.spools.map((spool) => (
            <SpoolEntry
              key={spool.id}
              reel={reel}
              spool={spool}
              onPlan={() => {
                put(reel.id, spool.id);
                navigate(`/plan?reel=${reel.id}&spool=${spool.id}`);
              }}
            />
          ))}
        </div>
      </div>
      {editing && (
        <FigureForm
          label={`Edit ${reel.name}`}
          fields={reelFields(units)}
          version={reel.version}
          initial={reelValues(reel)}
          submit="Save"
          onSubmit={save}
          onCancel={() => setEditing(false)}
        />
      )}
    </li>
  );
}

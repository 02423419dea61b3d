import { Anchor, Button } from '@mantine/core';
import { useState } from 'react';
import { useReels } from '../api/records';
import { Empty } from '../parts/Empty';
import { Finder, matches } from '../parts/Finder';
import page from '../parts/parts.module.css';
import { Waiting } from '../parts/Waiting';
import { Link, useSearchParams } from '../shell/route';
import { AddReel } from './AddReel';
import { ReelEntry } from './ReelEntry';
import { Rods } from './Rods';

/** Reels with their spools and what lies on each, and the rods. */
export function LockerPlace() {
  const reels = useReels();
  const [params, setParams] = useSearchParams();
  const adding = params.get('add') === 'reel';
  const add = (on: boolean) => setParams(on ? { add: 'reel' } : {}, { replace: true });
  const [find, setFind] = useState('');
  const shown = (reels.data ?? []).filter((reel) => matches(find, reel.name, reel.kind, reel.angler ?? ''));
  return (
    <div className={page.page}>
      <title>Locker · Undro</title>
      <div className={page.head}>
        <h1>Locker</h1>
        <span className={page.soft}>reels, what lies on their spools, and rods</span>
        <span className={page.grow} />
        {reels.data && reels.data.length > 1 && (
          <Button variant="default" component={Link} to="/day">
            Several at once
          </Button>
        )}
        {!adding && <Button onClick={() => add(true)}>Add a reel</Button>}
      </div>
      {adding && <AddReel onDone={() => add(false)} />}
      <Waiting query={reels} what="the reels" />
      {reels.data?.length === 0 && !adding && (
        <Empty title="No reel in the locker yet">
          <p>A reel needs a name and what is stamped on its spool. Everything else can wait.</p>
          <Button mt="sm" onClick={() => add(true)}>
            Add the first reel
          </Button>
        </Empty>
      )}
      <Finder value={find} onChange={setFind} of={reels.data?.length ?? 0} word="reel" />
      {reels.data && reels.data.length > 0 && (
        <ul className={page.entries} aria-label="Reels">
          {shown.map((reel) => (
            <ReelEntry key={reel.id} reel={reel} />
          ))}
        </ul>
      )}
      <Rods />
      <p className={page.foot}>
        <Anchor component={Link} to="/data">
          Data in and out
        </Anchor>
        : tables, one document, and a look before anything is taken
      </p>
    </div>
  );
}

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
        <span className={page.soft}>your reels, their spools and line, and your rods</span>
        <span className={page.grow} />
        {reels.data && reels.data.length > 1 && (
          <Button variant="default" component={Link} to="/day">
            Bench day
          </Button>
        )}
        {!adding && <Button onClick={() => add(true)}>Add a reel</Button>}
      </div>
      {adding && <AddReel onDone={() => add(false)} />}
      <Waiting query={reels} what="the reels" />
      {reels.data?.length === 0 && !adding && (
        <Empty title="No reels yet">
          <p>Add a reel with its name and the line capacity printed on its spool. You can fill in the rest later.</p>
          <Button mt="sm" onClick={() => add(true)}>
            Add a reel
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
          Import and export
        </Anchor>
        : tables or one document, with a preview before anything is saved
      </p>
    </div>
  );
}

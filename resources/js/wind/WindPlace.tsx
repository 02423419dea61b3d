import { Anchor, Button, Title } from '@mantine/core';
import type { Schemas } from '../api/client';
import { useRuns } from '../api/runs';
import { BenchTools } from '../parts/BenchTools';
import { moment } from '../parts/day';
import { Empty } from '../parts/Empty';
import page from '../parts/parts.module.css';
import { Waiting } from '../parts/Waiting';
import { useBench } from '../shell/bench';
import { Pairing } from '../shell/Pairing';
import { Link } from '../shell/route';
import { CanBeWound } from './CanBeWound';

/** The runs: those that are going on, and those that are over. */
export function WindPlace() {
  const runs = useRuns();
  const { reel, spool } = useBench();
  if (!runs.data) return <Waiting query={runs} what="the runs" />;
  const going = runs.data.filter((run) => run.ended_at === null);
  const over = runs.data.filter((run) => run.ended_at !== null);
  const plan = reel && spool ? `/plan?reel=${reel.id}&spool=${spool.id}` : '/plan';
  return (
    <div className={page.page}>
      <title>Wind · Undro</title>
      <div className={page.head}>
        <Title order={1}>Wind</Title>
        <p className={page.soft}>One step at a time, from the old line to a finished reel.</p>
        <span className={page.grow} />
        <BenchTools />
      </div>
      {runs.data.length === 0 && (
        <Empty title="No reel is being wound">
          <p>A run starts from a plan. Make a plan, then press “Start winding”. Or try a practice reel first.</p>
          <Button component={Link} to={plan}>
            {reel ? `Plan ${reel.name}` : 'Go to Plan'}
          </Button>
        </Empty>
      )}
      <Runs title="In progress" runs={going} />
      {going.every((run) => run.practice) && <CanBeWound />}
      <Runs title="Finished" runs={over} />
      <Pairing />
    </div>
  );
}

function Runs({ title, runs }: { title: string; runs: Schemas['RunAbout'][] }) {
  if (runs.length === 0) return null;
  return (
    <>
      <h2>{title}</h2>
      <ul className={page.entries}>
        {runs.map((run) => (
          <li key={run.id} className={page.entry}>
            <Anchor component={Link} to={`/wind/${run.id}`} className={page.title}>
              {run.name}
            </Anchor>
            <p className={page.facts}>
              {run.ended_at === null ? 'in progress' : 'finished'} · started {moment(run.started_at)}
              {run.practice ? ' · practice' : ''}
            </p>
          </li>
        ))}
      </ul>
    </>
  );
}

import { Button } from '@mantine/core';
import { lazy, Suspense } from 'react';
import { useRuns } from '../api/runs';
import { useDays } from '../api/stock';
import { useUpkeep } from '../api/upkeep';
import { Going } from '../day/Going';
import { DueList } from '../log/DueList';
import { day } from '../parts/day';
import { mainOf } from '../parts/onSpool';
import page from '../parts/parts.module.css';
import { Waiting } from '../parts/Waiting';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import { within } from '../units/units';
import classes from './Start.module.css';

const FirstScreen = lazy(() => import('./FirstScreen').then(({ FirstScreen }) => ({ default: FirstScreen })));

/** Where the bench opens once there is history: the run left open, the reel last on it, what is due. Without any, three ways to start. */
export function StartPlace() {
  const { angler, reel, spool, units } = useBench();
  const { data: days = [] } = useDays();
  const runs = useRuns();
  const upkeep = useUpkeep(angler?.id);
  if (!runs.data || !upkeep.data) return <Waiting query={runs.data ? upkeep : runs} what="what is due" />;
  const open = runs.data.filter((run) => run.ended_at === null);
  if (open.length === 0 && upkeep.data.length === 0)
    return (
      <Suspense fallback={<Waiting query={runs} what="the first screen" />}>
        <FirstScreen />
      </Suspense>
    );
  const calls = upkeep.data.filter((care) => care.calls);
  const next = upkeep.data.filter((care) => !care.calls).slice(0, 3);
  const top = mainOf(spool);
  return (
    <div className={page.page}>
      <title>Undro</title>
      <div className={classes.start}>
        <section aria-label="Due">
          <h1 className={classes.count}>
            <span>{calls.length}</span> {calls.length === 1 ? 'spool needs' : 'spools need'} attention
          </h1>
          {calls.length > 0 ? <DueList cares={calls} /> : <p className={page.soft}>All your spools are OK.</p>}
          {next.length > 0 && (
            <>
              <h2>Next</h2>
              <DueList cares={next} />
            </>
          )}
          <p className={page.actions}>
            {calls.length > 0 && (
              <Button component={Link} to={`/day?spools=${calls.map((care) => care.spool).join(',')}`}>
                Plan a bench day
              </Button>
            )}
            <Button variant="default" component={Link} to="/log">
              Open the log
            </Button>
          </p>
        </section>
        <section aria-label="On the bench" className={classes.beside}>
          {days.length > 0 && (
            <div className={classes.card}>
              <h2>Bench day</h2>
              <Going days={days} />
            </div>
          )}
          {open.map((run) => (
            <div key={run.id} className={classes.card}>
              <h2>Unfinished</h2>
              <p>
                {run.name}
                <br />
                <span className={page.soft}>started {day(run.started_at)}</span>
              </p>
              <Button component={Link} to={`/wind/${run.id}`}>
                Continue winding
              </Button>
            </div>
          ))}
          {reel && spool ? (
            <div className={classes.card}>
              <h2>Last on the bench</h2>
              <p>
                <strong>{reel.name}</strong>, {spool.name}
                <br />
                <span className={page.soft}>
                  {top
                    ? `${within(top.length_m, top.half_m, units, 0)} ${top.line.name}, since ${day(top.since)}`
                    : spool.contents.length > 0
                      ? 'only backing on it'
                      : 'empty'}
                </span>
              </p>
              <p className={page.actions}>
                <Button variant="default" component={Link} to={`/plan?reel=${reel.id}&spool=${spool.id}`}>
                  Plan
                </Button>
                <Button variant="default" component={Link} to="/drag">
                  Drag
                </Button>
                <Button variant="default" component={Link} to={`/log?spool=${spool.id}`}>
                  Log
                </Button>
              </p>
            </div>
          ) : (
            <div className={classes.card}>
              <h2>No reel on the bench</h2>
              <p className={page.soft}>Press b to choose one, or plan for a reel that is not in the locker.</p>
            </div>
          )}
          <div className={classes.card}>
            <h2>Another reel</h2>
            <Button variant="default" component={Link} to="/plan?new=1">
              How much backing?
            </Button>
          </div>
        </section>
      </div>
    </div>
  );
}

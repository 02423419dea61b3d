import { Anchor, Button, Group, Title } from '@mantine/core';
import { useFillers } from '../api/records';
import { useTakeRunBack } from '../api/runs';
import { useDays } from '../api/stock';
import type { Run, RunMark } from '../api/types';
import { LabelOf } from '../labels/LabelOf';
import { fillerName } from '../parts/fillerName';
import { knownWords } from '../parts/known';
import { failed } from '../parts/undo';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import { within } from '../units/units';
import { roleOf } from './standing';
import type { Tell } from './useRun';
import classes from './Wind.module.css';

const WHY: Record<string, string> = {
  at_mark: 'wound to the mark',
  early: 'stopped early',
  filler_out: 'filler spool ran out',
  snapped: 'line snapped',
  left: 'run ended early',
};

interface RunOverProps {
  run: Run;
  tell: Tell;
  /** something of it was not told yet, as nobody answers */
  untold: boolean;
  /** what of that only the server can work out */
  waits: RunMark['kind'][];
}

/** The end of a run: what was written, what is left on the fillers, the label, the way back. */
export function RunOver({ run, tell, untold, waits }: RunOverProps) {
  const { units } = useBench();
  const { data: fillers = [] } = useFillers();
  const back = useTakeRunBack();
  const { data: days = [] } = useDays();
  // the day this spool belongs to: it is ticked there
  const day = days.find((each) => run.spool !== null && each.spools.includes(run.spool));
  const { over } = run.state;
  if (over === null) {
    return (
      <article className={classes.step}>
        <Title order={1} className={classes.title}>
          All steps are done
        </Title>
        <Button size="lg" onClick={() => tell({ kind: 'finished' })}>
          Finish the run
        </Button>
      </article>
    );
  }
  const from = run.sources.flatMap((source) => fillers.filter((each) => each.id === source.filler));
  return (
    <article className={classes.step} data-testid="run-over">
      <Title order={1} className={classes.title}>
        {run.taken_back ? 'Run undone' : over === 'left' ? 'Run ended early' : 'Run finished'}
      </Title>
      {run.taken_back ? (
        <p className={classes.do}>
          Everything this run saved in the log has been undone. Your stock and the spool are as they were before.
        </p>
      ) : (
        <>
          <ul className={classes.written}>
            {run.written.map((each) => (
              <li key={`${each.layer}-${each.length_m}`}>
                <b>{within(each.length_m, each.half_m, units)}</b> of {roleOf(run, each.layer)}
                {each.known.length > 0 && `, ${knownWords(each.known)}`}, {WHY[each.stop] ?? each.stop}
                {run.practice ? '' : untold ? ', saved when the server answers' : ', saved'}
              </li>
            ))}
            {waits.includes('said') ? (
              <li>The length you typed is {run.practice ? 'counted' : 'saved'} when the server answers.</li>
            ) : (
              run.written.length === 0 && <li>Nothing was wound.</li>
            )}
          </ul>
          {from.map((filler) => (
            <p key={filler.id} className={classes.do}>
              {fillerName(filler, fillers)}:{' '}
              {untold
                ? 'Undro works out what is left when the server answers.'
                : `${within(filler.left_m, filler.half_m, units)} left on the filler spool. Write this on its rim.`}
            </p>
          ))}
          {!run.practice && !untold && run.written.length > 0 && <LabelOf reel={run.reel} spool={run.spool} />}
          <p className={classes.do}>
            On the first trip, make a few long casts with a heavy lure, or trail the bare line behind a boat. That beds
            the line in. Then check the line level: settled line may need more backing.
          </p>
        </>
      )}
      <Group gap="xs">
        {run.entries > 0 && !run.taken_back && (
          <Button variant="default" loading={back.isPending} onClick={() => back.mutateAsync(run.id).catch(failed)}>
            Undo the whole run
          </Button>
        )}
        {day && (
          <Button component={Link} to={`/day/${day.id}`}>
            Go back to the bench day
          </Button>
        )}
        <Anchor component={Link} to="/locker">
          Go to Locker
        </Anchor>
        <Anchor component={Link} to="/wind">
          All runs
        </Anchor>
      </Group>
    </article>
  );
}

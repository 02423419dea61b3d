import { Button } from '@mantine/core';
import { useReels } from '../api/records';
import { day } from '../parts/day';
import { useLinked } from '../parts/useLinked';
import { Waiting } from '../parts/Waiting';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import { sentence } from '../units/sentence';
import { everyForce, force, words } from '../units/units';
import classes from './Card.module.css';
import { START } from './chain';
import { KNOB_WORD, place } from './knob';
import { Ladder, noTurns } from './Ladder';
import { useDragOf } from './useDragOf';

/** A card for the pocket, 85 by 54 mm twice: the force and the place of the knob, and what to ease off to. */
export function CardPlace() {
  const { units, reel: onBench, spool: benched } = useBench();
  const reels = useReels();
  const [at] = useLinked({ ...START, reel: '', spool: '' });
  const reel = reels.data?.find((each) => String(each.id) === at.reel) ?? onBench;
  const spool =
    reel?.spools.find((each) => String(each.id) === at.spool) ?? (reel === onBench ? benched : reel?.spools[0]);
  const { found, kept } = useDragOf(at, reel, spool, units);
  if (!reels.data) return <Waiting query={reels} what="the reels" />;
  if (!reel || !spool || !found || found.ladder.length === 0) {
    return (
      <div className={classes.tools}>
        <p>
          There is no card yet. It needs line on the reel, the strength of the main line, and the shape of the spool
          (its lip and one more measure).
        </p>
        <Button component={Link} to="/drag">
          Open Drag
        </Button>
      </div>
    );
  }
  const set = kept?.running_N ?? found.target_N;
  return (
    <>
      <title>{`Drag card, ${reel.name} · Undro`}</title>
      <div className={classes.tools}>
        <Button onClick={() => window.print()}>Print, or save as PDF</Button>
        <Button variant="subtle" color="gray" component={Link} to="/drag?at=runs">
          Back to Drag
        </Button>
      </div>
      <article className={classes.cards} aria-label="Pocket card">
        <section className={classes.card}>
          <h1>
            {reel.name}, {spool.name}
          </h1>
          <p className={classes.force}>{words(force(set, units))}</p>
          <p data-printed>
            {everyForce(set, units)}
            {kept && !kept.tip && ', straight off the reel'}
          </p>
          <p>
            {kept?.position != null && kept.from_off
              ? `${place(kept.position)} ${KNOB_WORD[kept.knob]} from fully loose`
              : kept?.measured
                ? 'by the scale; the position was not counted'
                : 'not measured yet'}
            {kept ? `, ${day(kept.happened_at)}` : ''}
          </p>
          <p>
            {found.weakest} weakest, {words(force(found.weakest_N, units))}.{' '}
            {found.limit_says && sentence(found.limit_says, units)}
          </p>
        </section>
        <section className={classes.card}>
          <Ladder drag={found} />
          <p>
            Ease off, never tighten. Slow a fish with a thumb or palm. Let it run when it runs; never wind while the
            drag slips: lift, then wind down.
          </p>
          {noTurns(found) && <p>No turns here: you pulled at one knob position only.</p>}
        </section>
      </article>
    </>
  );
}

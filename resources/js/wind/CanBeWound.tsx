import { Button } from '@mantine/core';
import { usePlans, useReels } from '../api/records';
import { useDays } from '../api/stock';
import { useUpkeep } from '../api/upkeep';
import { Going } from '../day/Going';
import { DueList } from '../log/DueList';
import { withoutMain } from '../parts/onSpool';
import page from '../parts/parts.module.css';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';

/** So many of each are offered; the rest stands where it belongs. */
const MOST = 6;

/** Where nothing is being wound: what can be wound next, by what is due, what was planned and what lies on the bench. */
export function CanBeWound() {
  const { angler, reel, spool } = useBench();
  const { data: cares = [] } = useUpkeep(angler?.id);
  const { data: plans = [] } = usePlans();
  const { data: reels = [] } = useReels();
  const { data: days = [] } = useDays();
  const due = cares.filter((care) => care.calls).slice(0, MOST);
  const bare = withoutMain(reels).slice(0, MOST);
  if (due.length + plans.length + reels.length + days.length === 0) return null;
  return (
    <section aria-label="Ready to wind">
      <h2>Ready to wind</h2>
      {reel && spool && (
        <p className={page.actions}>
          <Button component={Link} to={`/plan?reel=${reel.id}&spool=${spool.id}`}>
            Plan {reel.name}
          </Button>
        </p>
      )}
      {days.length > 0 && <Going days={days} />}
      {due.length > 0 && (
        <>
          <h3>Due</h3>
          <DueList cares={due} />
        </>
      )}
      {plans.length > 0 && (
        <>
          <h3>Planned</h3>
          <ul className={page.entries}>
            {plans.slice(0, MOST).map((plan) => (
              <li key={plan.id} className={page.entry}>
                <Link to={`/plan/${plan.id}`}>{plan.name}</Link>
              </li>
            ))}
          </ul>
        </>
      )}
      {bare.length > 0 && (
        <>
          <h3>No main line</h3>
          <ul className={page.entries}>
            {bare.map(({ reel: each, spool: on }) => (
              <li key={on.id} className={page.entry}>
                <Link to={`/plan?reel=${each.id}&spool=${on.id}`}>
                  {each.name}, {on.name}
                </Link>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

import { lazy, Suspense } from 'react';
import { Waiting } from '../parts/Waiting';
import { Answer } from './Answer';
import { LineFields } from './LineFields';
import classes from './Plan.module.css';
import { PlanPicture } from './PlanPicture';
import { LivePlan } from './planning';
import { SpoolFields } from './SpoolFields';
import { usePlan } from './usePlan';

const Ways = lazy(() => import('./Ways').then(({ Ways }) => ({ default: Ways })));

/** What goes on the spool: figures typed on the left, the drawing in the middle, the answer on the right. */
export function PlanPlace() {
  const plan = usePlan();
  if (plan.opening) return <Waiting query={plan.opening} what="the plan" />;
  return (
    <LivePlan value={plan}>
      <div className={classes.place}>
        <title>Plan · Undro</title>
        <form className={classes.inputs} onSubmit={(event) => event.preventDefault()} aria-label="Your reel and lines">
          <SpoolFields plan={plan} />
          <LineFields plan={plan} line="main" />
          <LineFields plan={plan} line="backing" />
        </form>
        <PlanPicture plan={plan} />
        <Answer plan={plan} />
      </div>
      <Suspense fallback={null}>
        <Ways plan={plan} />
      </Suspense>
    </LivePlan>
  );
}

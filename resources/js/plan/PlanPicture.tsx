import { useMediaQuery } from '@mantine/hooks';
import { Fragment } from 'react';
import { MATERIAL_WORD, ROLE_WORD } from '../drawings/material';
import { useRested } from '../parts/useRested';
import { useTall } from '../parts/useTall';
import { useBench } from '../shell/bench';
import { thickness, type Units } from '../units/units';
import classes from './Plan.module.css';
import { PlanSection, PlanTape } from './PlanDrawings';
import { UnitsAtFirst } from './UnitsAtFirst';
import type { Planning } from './usePlan';
import { Why } from './Why';
import stamps from './ways.json';

/** The two drawings of a plan, and under them how full, why, and what would narrow it. */
export function PlanPicture({ plan }: { plan: Planning }) {
  const { result } = plan;
  const { units } = useBench();
  const narrow = useMediaQuery('(max-width: 760px)') ?? false;
  const tall = useTall();
  // the figure and its drawings come first
  const rested = useRested();
  return (
    <section className={classes.picture} aria-label="Spool and line" data-fresh={plan.fresh}>
      <PlanSection plan={plan} units={units} height={narrow ? 250 : tall ? 540 : 372} />
      {result && <Key layers={result.fill.layers} units={units} />}
      {result && <PlanTape result={result} units={units} />}
      {!result && !plan.question && <WaysToStamp />}
      {!result && !plan.question && rested && <UnitsAtFirst />}
      {result && rested && <Why plan={plan} result={result} />}
    </section>
  );
}

/** For a start: how a stamp is typed, whatever its maker's custom. The page shows the same words before this has loaded. */
function WaysToStamp() {
  return (
    <div className={classes.ways} data-printed>
      <p>{stamps.lead}</p>
      <dl>
        {stamps.ways.map(([stamp, reading]) => (
          <Fragment key={stamp}>
            <dt>{stamp}</dt>
            <dd>{reading}</dd>
          </Fragment>
        ))}
      </dl>
      <p>{stamps.else}</p>
    </div>
  );
}

function Key({
  layers,
  units,
}: {
  units: Units;
  layers: { role: keyof typeof ROLE_WORD; material: keyof typeof MATERIAL_WORD; diameter_mm: number }[];
}) {
  if (layers.length === 0) return null;
  return (
    <p className={classes.key}>
      {[...layers].reverse().map((layer) => (
        <span key={layer.role}>
          {ROLE_WORD[layer.role]}: {MATERIAL_WORD[layer.material]} {thickness(layer.diameter_mm, units)}
        </span>
      ))}
    </p>
  );
}

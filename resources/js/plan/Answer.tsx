import { Anchor } from '@mantine/core';
import { lazy, Suspense } from 'react';
import { LargeFigure } from '../parts/LargeFigure';
import large from '../parts/LargeFigure.module.css';
import { useBench } from '../shell/bench';
import { sentence } from '../units/sentence';
import { about, fraction, length, small, words } from '../units/units';
import { AskedAbout } from './AskedAbout';
import { KeepIt } from './KeepIt';
import { Notes } from './Notes';
import { OpenChoice } from './OpenChoice';
import { OtherReel } from './OtherReel';
import classes from './Plan.module.css';
import { SavePlan } from './SavePlan';
import { Todo } from './Todo';
import type { Planning } from './usePlan';

const WindIt = lazy(() => import('../wind/WindIt').then(({ WindIt }) => ({ default: WindIt })));

// never drawn anew while figures change
const TO_THE_WAYS = (
  <p className={classes.other}>
    <Anchor href="#ways" className={classes.jump}>
      Compare methods
    </Anchor>
  </p>
);
const CAUTION = (
  <p className={classes.caution}>
    Based on the figures printed on spool and label, so it is an estimate. Local rules on line and gear come first.
  </p>
);

/** The answer: the figure somebody came for, then what to do, then why. */
export function Answer({ plan }: { plan: Planning }) {
  const { result, problem } = plan;
  return (
    <section className={classes.answer} aria-label="Result">
      <OpenChoice plan={plan} />
      <Headline plan={plan} />
      {problem && (
        <p className={classes.problem} role="alert">
          {problem.message}
        </p>
      )}
      {result && (
        <div className={problem ? large.stale : undefined}>
          <Notes notes={result.notes} stop />
          {problem ? (
            <p className={classes.soft}>Fix that, and you can wind and save this plan.</p>
          ) : (
            <Suspense fallback={null}>
              <WindIt plan={plan} />
            </Suspense>
          )}
          <Todo result={result} />
          <OtherReel plan={plan} />
          <KeepIt plan={plan} />
          <AskedAbout count={plan.askedAbout} />
          {TO_THE_WAYS}
          <Notes notes={result.notes} />
          {CAUTION}
        </div>
      )}
      <SavePlan plan={plan} />
    </section>
  );
}

function Headline({ plan: { result, draft, problem } }: { plan: Planning }) {
  const { units } = useBench();
  if (!result) {
    return (
      <div aria-live="polite">
        <h1 className={classes.ask}>How much backing?</h1>
        <p className={classes.soft}>{nextStep(draft)}</p>
      </div>
    );
  }
  const stale = problem !== null;
  if (result.open === 'level') {
    if (!result.level) {
      return (
        <LargeFigure
          lead="The spool will be"
          figure={String(Math.round(result.fill.filled_fraction * 100))}
          unit="% full"
          stale={stale}
        />
      );
    }
    const depth = small(result.level.depth_mm, units);
    return (
      <LargeFigure
        lead="The line will end"
        {...depth}
        after={fraction(result.level.depth_mm, units)}
        tolerance={small(result.level.half_mm, units).figure}
        trail="below the lip"
        stale={stale}
      />
    );
  }
  const lead = result.open === 'backing' ? 'Wind this much backing' : 'Room for this much main line';
  const solved = result.solved;
  if (!solved || !result.fits) {
    return <LargeFigure lead={lead} figure="none" unit="" stale={stale} />;
  }
  if (result.thumb) {
    const surer = result.narrowings[0];
    return (
      <>
        <LargeFigure lead={`${lead}, about`} {...about(result.thumb.about_m, units)} stale={stale} />
        <p>{sentence(result.thumb.says, units)}</p>
        <p className={classes.soft} data-testid="interval">
          It may be anything from {length(solved.low_m, units, 0).figure} to {words(length(solved.high_m, units))}.
        </p>
        {surer && (
          <p className={classes.soft}>
            For a surer figure: {surer.words} Then it is ± {words(length(surer.half_m, units))}.
          </p>
        )}
      </>
    );
  }
  const shown = length(solved.length_m, units);
  return (
    <LargeFigure
      lead={lead}
      {...shown}
      tolerance={result.half_m === null ? undefined : length(result.half_m, units).figure}
      {...(result.before_learning && {
        trail: `adjusted by your past fills; from the figures alone ${words(length(result.before_learning.length_m, units))} ± ${length(result.before_learning.half_m, units).figure}`,
      })}
      stale={stale}
      title={`In nine of ten cases between ${words(length(solved.low_m, units))} and ${words(length(solved.high_m, units))}`}
    />
  );
}

function nextStep(draft: Planning['draft']): string {
  if (!draft.stamp.trim() && !draft.lipMm.trim()) {
    return draft.mainSize.trim()
      ? 'Type the capacity as printed on the spool.'
      : 'Type the capacity printed on the spool, then the diameter or strength of the main line. Everything else is optional.';
  }
  return 'Now choose the main line from the rack, or type its thickness or strength.';
}

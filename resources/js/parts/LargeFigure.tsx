import classes from './LargeFigure.module.css';

interface LargeFigureProps {
  lead: string;
  figure: string;
  unit: string;
  /** another way to read it, such as a fraction */
  after?: string;
  tolerance?: string | undefined;
  trail?: string;
  stale: boolean;
  title?: string;
}

/** The largest thing on the screen, with its unit and its tolerance. */
export function LargeFigure({ lead, figure, unit, after, tolerance, trail, stale, title }: LargeFigureProps) {
  return (
    <div className={stale ? classes.stale : undefined} title={title}>
      <h1 className={classes.lead}>{stale ? `${lead}, before that change` : lead}</h1>
      <p className={classes.large} data-testid="large-figure" aria-live="polite">
        <span className={classes.figure}>{figure}</span> <span className={classes.unit}>{unit}</span>
        {tolerance !== undefined && <span className={classes.tolerance}> ± {tolerance}</span>}
      </p>
      {(trail || after) && (
        <p className={classes.soft}>{[after && `about ${after}`, trail].filter(Boolean).join(', ')}</p>
      )}
    </div>
  );
}

import { Button } from '@mantine/core';
import type { DragResult } from '../api/types';
import { Chain } from '../drawings/chain/Chain';
import type { Material } from '../drawings/material';
import { LargeFigure } from '../parts/LargeFigure';
import { sentence } from '../units/sentence';
import { everyForce, force, type Units, words } from '../units/units';
import classes from './Drag.module.css';

interface TargetProps {
  drag: DragResult;
  /** a force set before and wanted again, N */
  wanted: { when: string } | null;
  onClear: () => void;
  units: Units;
  stale: boolean;
  backing: Material | null;
  main: Material;
  leader: Material;
  tip: boolean;
  /** say the surprises of the chain */
  whole: boolean;
  /** the setting kept last was read the other way */
  otherWay: boolean;
}

/** The force to set, in every unit, and the chain it follows from. */
export function Target({
  drag,
  wanted,
  onClear,
  units,
  stale,
  backing,
  main,
  leader,
  tip,
  whole,
  otherWay,
}: TargetProps) {
  const newtons = drag.to_set_N;
  const { figure, unit } = force(newtons, units);
  const strongest = Math.max(...drag.links.map((link) => link.working_N));
  const read = (value: number) => words(force(value, units));
  const governs =
    drag.governs === 'weakest'
      ? `${drag.label_share === null ? '' : `${Math.round(drag.label_share * 100)} % of the label, as you prefer. That is `}${Math.round(drag.fraction * 100)} % of what the ${drag.weakest} holds, ${read(drag.weakest_N)}.`
      : `The ${drag.governs}’s maximum is the limit: ${Math.round(drag.fraction * 100)} % of the ${drag.weakest} would be more.`;
  return (
    <div className={classes.target}>
      <div className={classes.figure}>
        <LargeFigure
          lead={
            wanted
              ? `set it to, as on ${wanted.when}`
              : tip
                ? 'set the drag to, at the rod tip'
                : 'set the drag to, at the reel'
          }
          figure={figure}
          unit={unit}
          stale={stale}
        />
        <p className={classes.every} data-testid="every-unit" data-printed>
          {everyForce(newtons, units)}
        </p>
        {wanted ? (
          <p className={classes.governs}>
            Today’s setup needs {read(drag.asks_N)}.{' '}
            <Button size="compact-xs" variant="default" onClick={onClear}>
              Use it
            </Button>
          </p>
        ) : (
          <p className={classes.governs} data-testid="governs">
            {governs}
          </p>
        )}
        {!tip && (
          <p className={classes.governs}>
            With the guides, that is {read(drag.at_tip_N[0] ?? 0)}
            {drag.at_tip_N[1] !== drag.at_tip_N[0] && ` to ${read(drag.at_tip_N[1] ?? 0)}`}
            {' at the tip; the target there is '}
            {read(drag.target_N)}.
          </p>
        )}
        {otherWay && (
          <p className={classes.governs}>
            The last saved setting was read {tip ? 'straight off the reel' : 'at the rod tip'}. Read both the same way,
            or you can’t compare them.
          </p>
        )}
        {drag.angle && <p className={classes.governs}>{drag.angle}</p>}
      </div>
      <div className={classes.drawn}>
        <Chain
          links={drag.links.map((link) => ({
            name: link.name,
            kind: link.kind,
            figure: read(link.working_N),
            share: link.working_N / strongest,
            weakest: link.weakest,
          }))}
          backing={backing}
          main={main}
          leader={leader}
          label={`From the arbor to the lure: ${drag.links.map((link) => `${link.name} ${read(link.working_N)}${link.weakest ? ', the weakest' : ''}`).join('; ')}`}
        />
        {whole && <Surprises all={drag.surprises} units={units} />}
      </div>
    </div>
  );
}

const SHOWN = 2;

/** What people get the wrong way round, the first of it at once. */
function Surprises({ all, units }: { all: DragResult['surprises']; units: Units }) {
  const list = (some: DragResult['surprises']) => (
    <ul className={classes.surprises}>
      {some.map((each) => (
        <li key={each.sentence}>{sentence(each, units)}</li>
      ))}
    </ul>
  );
  return (
    <>
      {list(all.slice(0, SHOWN))}
      {all.length > SHOWN && (
        <details className={classes.how}>
          <summary>{all.length - SHOWN === 1 ? 'and one more note' : `and ${all.length - SHOWN} more notes`}</summary>
          {list(all.slice(SHOWN))}
        </details>
      )}
    </>
  );
}

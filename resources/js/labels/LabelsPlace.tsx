import { Button, Checkbox, Title } from '@mantine/core';
import { useRef } from 'react';
import { useReels } from '../api/records';
import { LABEL_MM, Label } from '../drawings/label/Label';
import { OnPaper } from '../drawings/Texture';
import { Empty } from '../parts/Empty';
import { mainOf } from '../parts/onSpool';
import page from '../parts/parts.module.css';
import { useLinked } from '../parts/useLinked';
import { Waiting } from '../parts/Waiting';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import { small, words } from '../units/units';
import classes from './Labels.module.css';
import { labelOf, saveLabel } from './labelOf';

/** Every spool that has line on it. */
const ALL = 'all';
const START = { spools: ALL };

/** Labels for the reel feet, many to a sheet. */
export function LabelsPlace() {
  const reels = useReels();
  const { units } = useBench();
  const [at, set] = useLinked(START);
  const sheet = useRef<HTMLDivElement>(null);
  if (!reels.data) return <Waiting query={reels} what="the reels" />;
  const filled = reels.data.flatMap((reel) =>
    reel.spools.filter((spool) => mainOf(spool)).map((spool) => ({ reel, spool })),
  );
  const asked = at.spools === ALL ? undefined : at.spools.split(',').map(Number);
  const picked = filled.filter(({ spool }) => asked === undefined || asked.includes(spool.id));
  const turn = (id: number) => {
    const now = picked.map(({ spool }) => spool.id);
    set({ spools: (now.includes(id) ? now.filter((each) => each !== id) : [...now, id]).join(',') });
  };
  const save = () => {
    for (const svg of sheet.current?.querySelectorAll('svg') ?? []) {
      saveLabel(svg, svg.closest('li')?.dataset.spool ?? '');
    }
  };
  return (
    <div className={page.page}>
      <title>Labels · Undro</title>
      <div className={`${page.head} ${classes.tools}`}>
        <Title order={1}>Labels</Title>
        <p className={page.soft}>
          {words(small(LABEL_MM.width, units, 0))} by {words(small(LABEL_MM.height, units, 0))}, to stick on the reel
          foot.
        </p>
        <span className={page.grow} />
        {picked.length > 0 && <Button onClick={() => window.print()}>Print, or save as PDF</Button>}
        {picked.length > 0 && (
          <Button variant="default" onClick={save}>
            Save as SVG files
          </Button>
        )}
      </div>
      {filled.length === 0 && (
        <Empty title="No reel has line on it yet">
          A label says what line is on a reel. <Link to="/plan">Plan a fill</Link> and wind it, or add the line that is
          already on a spool in <Link to="/locker">Locker</Link>.
        </Empty>
      )}
      <fieldset className={classes.which}>
        <legend className={page.soft}>Reels</legend>
        {filled.map(({ reel, spool }) => (
          <Checkbox
            key={spool.id}
            label={labelOf(reel, spool, units).reel}
            checked={picked.some((each) => each.spool.id === spool.id)}
            onChange={() => turn(spool.id)}
          />
        ))}
      </fieldset>
      <div ref={sheet}>
        <OnPaper value={true}>
          <ul className={classes.sheet} aria-label="Sheet of labels">
            {picked.map(({ reel, spool }) => (
              <li key={spool.id} data-spool={spool.id}>
                <Label id={`label-${spool.id}`} {...labelOf(reel, spool, units)} />
              </li>
            ))}
          </ul>
        </OnPaper>
      </div>
    </div>
  );
}

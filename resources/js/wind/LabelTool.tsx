import { Anchor, Button, Group } from '@mantine/core';
import { useRef } from 'react';
import { Link } from 'react-router';
import { type Run, useReels } from '../api/queries';
import { LABEL_MM, Label } from '../drawings/label/Label';
import { download, svgFile } from '../drawings/svgFile';
import { OnPaper } from '../drawings/Texture';
import { labelOf } from '../labels/labelOf';
import { useBench } from '../shell/bench';
import type { Running } from './useRun';
import classes from './Wind.module.css';

/** The label of the reel that was wound. */
export function LabelTool({ run }: Running) {
  return run.practice ? <p className={classes.fine}>Practice: there is no reel to label.</p> : <LabelOf run={run} />;
}

export function LabelOf({ run }: { run: Run }) {
  const { data: reels = [] } = useReels();
  const { units } = useBench();
  const ref = useRef<HTMLDivElement>(null);
  const reel =
    reels.find((each) => each.id === run.reel) ?? reels.find((each) => each.spools.some((one) => one.id === run.spool));
  const spool = reel?.spools.find((each) => each.id === run.spool);
  if (!reel || !spool || spool.contents.length === 0) return null;
  const label = labelOf(reel, spool, units);
  const save = () => {
    const svg = ref.current?.querySelector('svg');
    if (svg) {
      download(
        svgFile(svg, `Label of ${label.reel}`, { width: `${LABEL_MM.width}mm`, height: `${LABEL_MM.height}mm` }),
        'undro-label.svg',
        'image/svg+xml',
      );
    }
  };
  return (
    <div className={classes.labelling}>
      <div ref={ref}>
        <OnPaper value={true}>
          <Label id={`label-${spool.id}`} {...label} />
        </OnPaper>
      </div>
      <Group gap="xs">
        <Button variant="default" onClick={save}>
          Label as SVG
        </Button>
        <Anchor component={Link} to={`/labels?spools=${spool.id}`}>
          Print it, or many to a sheet
        </Anchor>
      </Group>
    </div>
  );
}

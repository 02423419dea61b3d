import { Anchor, Button, Group } from '@mantine/core';
import { useRef } from 'react';
import { useReels } from '../api/records';
import { Label } from '../drawings/label/Label';
import { OnPaper } from '../drawings/Texture';
import { mainOf } from '../parts/onSpool';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import classes from './Labels.module.css';
import { labelOf, saveLabel } from './labelOf';

/** One label, of what lies on a spool in its reel now. */
export function LabelOf({ reel: reelId, spool: spoolId }: { reel: number | null; spool: number | null }) {
  const { data: reels = [] } = useReels();
  const { units } = useBench();
  const ref = useRef<HTMLDivElement>(null);
  const reel = reels.find((each) => each.id === reelId);
  const spool = reel?.spools.find((each) => each.id === spoolId);
  if (!reel || !spool || !mainOf(spool)) return null;
  return (
    <div className={classes.one}>
      <div ref={ref}>
        <OnPaper value={true}>
          <Label id={`label-${spool.id}`} {...labelOf(reel, spool, units)} />
        </OnPaper>
      </div>
      <Group gap="xs">
        <Button variant="default" onClick={() => saveLabel(ref.current?.querySelector('svg'), spool.id)}>
          Save label (SVG)
        </Button>
        <Anchor component={Link} to={`/labels?spools=${spool.id}`}>
          Print one or more labels
        </Anchor>
      </Group>
    </div>
  );
}

import { Button, Group } from '@mantine/core';
import type { DragNext } from '../api/types';
import { sentence } from '../units/sentence';
import { drag, type Units, words } from '../units/units';
import classes from './Drag.module.css';
import type { Setting } from './useSetting';

interface DoubtProps {
  doubt: NonNullable<DragNext['doubt']>;
  setting: Setting;
  units: Units;
  /** takes the pull back into the fields */
  onChange: (index: number) => void;
}

/** A pull that hardly can be: asked about before anything follows from it. */
export function Doubt({ doubt, setting, units, onChange }: DoubtProps) {
  const { offered, pull: index } = doubt;
  const typed = (newtons: number | null) => (newtons === null ? '' : `${newtons.toFixed(4)} N`);
  const shown = offered?.running_N ?? offered?.start_up_N ?? null;
  return (
    <section className={classes.next} data-state="doubt" role="alertdialog" aria-label="Is this pull right?">
      <p className={classes.doing} data-testid="drag-next">
        Is pull {index + 1} right?
      </p>
      <p className={classes.because}>{sentence(doubt.says, units)}</p>
      <Group gap="xs">
        {offered && shown !== null && (
          <Button
            onClick={() =>
              setting.put(index, { running: typed(offered.running_N), startUp: typed(offered.start_up_N), sure: false })
            }
          >
            It was {words(drag(shown, units))}
          </Button>
        )}
        <Button variant={offered ? 'default' : 'filled'} onClick={() => onChange(index)}>
          Change it
        </Button>
        <Button variant="subtle" color="gray" onClick={() => setting.put(index, { sure: true })}>
          It was right
        </Button>
      </Group>
      <p className={classes.because}>Answer this first, then Undro says what to do next.</p>
    </section>
  );
}

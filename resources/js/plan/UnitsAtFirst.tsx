import { Button } from '@mantine/core';
import { useReels } from '../api/records';
import { useBench } from '../shell/bench';
import { useUnitSwitch } from '../shell/useUnitSwitch';
import classes from './Plan.module.css';

const NAMES: Record<string, string> = {
  m: 'metres',
  yd: 'yards',
  ft: 'feet',
  mm: 'millimetres',
  in: 'inches',
  kg: 'kilograms',
  lb: 'pounds',
  N: 'newtons',
};

const name = (unit: string) => NAMES[unit] ?? unit;

/** Which units Undro started with, and the other ones beside it, until somebody has chosen or a reel is there. */
export function UnitsAtFirst() {
  const { angler, units } = useBench();
  const { data: reels } = useReels();
  const turn = useUnitSwitch();
  if (angler?.version !== 1 || reels?.length !== 0) return null;
  const metric = units.small === 'mm';
  return (
    <p className={classes.units} data-testid="first-units">
      Undro shows {name(units.length)}, {name(units.small)} and {name(units.force)}.{' '}
      <Button size="compact-sm" variant="default" onClick={turn}>
        {metric ? 'Use yards, inches and pounds' : 'Use metres, millimetres and kilograms'}
      </Button>
    </p>
  );
}

import { Button } from '@mantine/core';
import { useState } from 'react';
import { loadKitchen, useKitchen } from '../api/devices';
import { TypedField } from '../parts/TypedField';
import { failed } from '../parts/undo';
import classes from './Measure.module.css';

const EVERY = 400;

/** The kitchen scale, where one is heard: what it shows, taken over once it rests. */
export function KitchenScale({ onRead }: { onRead: (typed: string) => void }) {
  const { data: scale } = useKitchen(EVERY);
  const [load, setLoad] = useState('');
  if (scale?.state !== 'here' || scale.grams === null) return null;
  const grams = Number(load.replace(',', '.').replace(/\s*g$/, ''));
  return (
    <div className={classes.scale}>
      <Button
        variant="default"
        size="compact-sm"
        disabled={!scale.rests}
        onClick={() => onRead(`${scale.grams?.toFixed(0)} g`)}
      >
        {scale.rests ? `Use ${scale.grams.toFixed(0)} g from the scale` : 'Waiting for the scale to settle …'}
      </Button>
      {scale.stand_in && (
        <form
          onSubmit={(event) => {
            event.preventDefault();
            if (grams > 0) loadKitchen(grams).catch(failed);
          }}
        >
          <TypedField
            size="xs"
            label="Weight on the simulated scale"
            placeholder="81 g"
            unit="g"
            value={load}
            onChange={setLoad}
            error={load !== '' && !(grams > 0) ? 'Type grams, such as 81.' : undefined}
          />
          <Button type="submit" size="xs" variant="default" disabled={!(grams > 0)}>
            Put on scale
          </Button>
        </form>
      )}
    </div>
  );
}

import { Button } from '@mantine/core';
import { useState } from 'react';
import { useAddFiller, useChangeFiller } from '../api/records';
import type { DayResult } from '../api/types';
import { newId } from '../parts/newId';
import page from '../parts/parts.module.css';
import { done, failed } from '../parts/undo';
import { useBench } from '../shell/bench';
import { length, price, words } from '../units/units';

interface BoughtProps {
  pack: DayResult['packs'][number];
  count: number;
  name: string;
}

/** Packs that were bought go on the rack as fillers; what is written is shown first. */
export function Bought({ pack, count, name }: BoughtProps) {
  const { units } = useBench();
  const [asked, setAsked] = useState(false);
  const { mutateAsync, isPending } = useAddFiller();
  const change = useChangeFiller();
  const what = count === 1 ? 'one filler spool' : `${count} filler spools`;
  const long = words(length(pack.length_m, units, 0));
  const write = async () => {
    try {
      const made: number[] = [];
      for (let copy = 0; copy < count; copy++) {
        const filler = await mutateAsync({
          line: pack.line,
          event: newId(),
          full_length: pack.length,
          price: `${pack.price.amount}${pack.price.money ? ` ${pack.price.money}` : ''}`,
        });
        made.push(filler.id);
      }
      setAsked(false);
      done(`Added to the rack: ${what} of ${name}, ${long}.`, () =>
        Promise.all(made.map((id) => change.mutateAsync({ id, body: { archived: true } }))),
      );
    } catch (error) {
      failed(error);
    }
  };
  return asked ? (
    <span className={page.actions}>
      <span>
        Add {what} of {name} to the rack, {long} each, at {price(pack.price)}?
      </span>
      <Button size="compact-xs" loading={isPending} onClick={() => void write()}>
        Add to the rack
      </Button>
      <Button size="compact-xs" variant="subtle" color="gray" onClick={() => setAsked(false)}>
        Not yet
      </Button>
    </span>
  ) : (
    <Button size="compact-xs" variant="default" onClick={() => setAsked(true)}>
      I bought it
    </Button>
  );
}

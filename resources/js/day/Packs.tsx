import { Button } from '@mantine/core';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { useLines } from '../api/records';
import { useAddPack, useChangePack, usePacks } from '../api/stock';
import { FigureForm } from '../parts/FigureForm';
import page from '../parts/parts.module.css';
import { done, failed } from '../parts/undo';
import { length, words } from '../units/units';
import classes from './Day.module.css';

/** What can be bought, and for how much: the angler's own list, and what was bought before. */
export function Packs({ units }: { units: Schemas['Units'] }) {
  const { data: packs = [] } = usePacks();
  const { data: lines = [] } = useLines();
  const add = useAddPack();
  const change = useChangePack();
  const [open, setOpen] = useState(false);
  const name = (line: number) => lines.find((each) => each.id === line)?.name ?? '';
  return (
    <section aria-label="Line to buy" className={classes.shop}>
      <h2>Line to buy</h2>
      <p className={page.facts}>
        List what the shop has and at what price. Line you bought before is listed at the price you paid.
      </p>
      <ul className={classes.packs}>
        {packs.map((pack) => (
          <li key={`${pack.line}-${pack.length_m}`}>
            <span>
              {name(pack.line)}, {words(length(pack.length_m, units, 0))}: {pack.price}
            </span>
            {pack.id === null ? (
              <span className={page.facts}>bought before</span>
            ) : (
              <Button
                size="compact-xs"
                variant="subtle"
                color="gray"
                onClick={() => {
                  const id = pack.id ?? 0;
                  change
                    .mutateAsync({ id, archived: true })
                    .then(
                      () =>
                        done(
                          `${name(pack.line)}, ${words(length(pack.length_m, units, 0))} removed from the list.`,
                          () => change.mutateAsync({ id, archived: false }),
                        ),
                      failed,
                    );
                }}
              >
                Remove
              </Button>
            )}
          </li>
        ))}
      </ul>
      {open ? (
        <FigureForm
          label="Add line to buy"
          fields={[
            {
              key: 'line',
              label: 'Line',
              choices: lines.map((line) => ({ value: `${line.id}`, label: line.name })),
              wide: true,
            },
            { key: 'length', label: 'Length', unit: units.length, placeholder: `300 ${units.length}` },
            {
              key: 'price',
              label: 'Price',
              placeholder: units.money ? `12.50 ${units.money}` : '12.50',
              unit: units.money || undefined,
            },
          ]}
          initial={{ line: `${lines[0]?.id ?? ''}`, length: '', price: '' }}
          submit="Add to the list"
          onSubmit={async (values) => {
            await add.mutateAsync({
              line: Number(values.line),
              length: values.length ?? '',
              price: values.price ?? '',
            });
            setOpen(false);
          }}
          onCancel={() => setOpen(false)}
        />
      ) : (
        <Button size="compact-sm" variant="default" disabled={lines.length === 0} onClick={() => setOpen(true)}>
          Add line to buy
        </Button>
      )}
    </section>
  );
}

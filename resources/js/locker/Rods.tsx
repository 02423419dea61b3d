import { Button } from '@mantine/core';
import { useState } from 'react';
import { useAddRod, useChangeRod, useRods } from '../api/records';
import type { Rod } from '../api/types';
import { FigureForm } from '../parts/FigureForm';
import type { FormField } from '../parts/form';
import page from '../parts/parts.module.css';
import { done } from '../parts/undo';
import { usePutAway } from '../parts/usePutAway';
import { useBench } from '../shell/bench';
import type { Units } from '../units/units';
import { length, rated, words } from '../units/units';

const fields = (units: Units): FormField[] => [
  { key: 'name', label: 'Name', wide: true },
  { key: 'length', label: 'Length', placeholder: '2.4 m', unit: 'm' },
  { key: 'line_min', label: 'Line rating, from', unit: units.force, placeholder: `4 ${units.force}` },
  { key: 'line_max', label: 'Line rating, to', unit: units.force, placeholder: `9 ${units.force}` },
  { key: 'braid_range', label: 'Braid rating, as printed', placeholder: 'PE 0.8-2, 10-30 lb' },
  { key: 'max_drag', label: 'Maximum drag', unit: units.force, placeholder: `4 ${units.force}` },
];

/** Rods and the lines they are made for. */
export function Rods() {
  const { data: rods = [] } = useRods();
  const { units } = useBench();
  const [open, setOpen] = useState<number | null>(null);
  const add = useAddRod();
  const change = useChangeRod();
  const values = ({ name, length, line_min, line_max, braid_range, max_drag }: Rod) => ({
    name,
    length,
    line_min,
    line_max,
    braid_range,
    max_drag,
  });
  const save = async (rod: Rod, next: Record<string, string>, version?: number) => {
    const saved = await change.mutateAsync({ id: rod.id, body: { ...next, version } });
    done(`${next.name} changed.`, () =>
      change.mutateAsync({ id: rod.id, body: { ...values(rod), version: saved.version } }),
    );
    setOpen(null);
  };
  const putAway = usePutAway(change);
  return (
    <section aria-label="Rods">
      <div className={page.head}>
        <h2>Rods</h2>
        <span className={page.grow} />
        <Button variant="default" onClick={() => setOpen(open === 0 ? null : 0)} aria-expanded={open === 0}>
          Add a rod
        </Button>
      </div>
      {open === 0 && (
        <FigureForm
          label="Add a rod"
          fields={fields(units)}
          initial={{ name: '', length: '', line_min: '', line_max: '', braid_range: '', max_drag: '' }}
          submit="Add rod"
          onCancel={() => setOpen(null)}
          onSubmit={async (next) => {
            const rod = await add.mutateAsync(next as { name: string });
            done(`${rod.name} added to Locker.`, () => change.mutateAsync({ id: rod.id, body: { archived: true } }));
            setOpen(null);
          }}
        />
      )}
      {rods.length > 0 && (
        <ul className={page.entries}>
          {rods.map((rod) => (
            <li key={rod.id} className={page.entry}>
              <span className={page.title}>{rod.name}</span>{' '}
              <span className={page.facts}>
                {[
                  rod.length_m === null ? '' : words(length(rod.length_m, units, 1)),
                  rod.line_min_N !== null && rod.line_max_N !== null
                    ? `line ${words(rated(rod.line_min_N, units))} to ${words(rated(rod.line_max_N, units))}`
                    : '',
                  rod.max_drag_N === null ? '' : `max drag ${words(rated(rod.max_drag_N, units))}`,
                ]
                  .filter(Boolean)
                  .join(' · ')}
                {rod.braid_range && <span data-printed> · braid {rod.braid_range}</span>}
              </span>
              <div className={page.actions}>
                <Button
                  size="compact-sm"
                  variant="default"
                  onClick={() => setOpen(open === rod.id ? null : rod.id)}
                  aria-expanded={open === rod.id}
                >
                  Edit
                </Button>
                <Button size="compact-sm" variant="subtle" color="gray" onClick={() => putAway(rod.id, rod.name)}>
                  Archive
                </Button>
              </div>
              {open === rod.id && (
                <FigureForm
                  label={`Edit ${rod.name}`}
                  fields={fields(units)}
                  version={rod.version}
                  initial={values(rod)}
                  submit="Save"
                  onSubmit={(next, version) => save(rod, next, version)}
                  onCancel={() => setOpen(null)}
                />
              )}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

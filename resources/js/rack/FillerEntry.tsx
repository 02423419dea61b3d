import { Button } from '@mantine/core';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { useAddEvent } from '../api/history';
import { useChangeFiller, useChangeLine, useFillers } from '../api/records';
import type { Filler } from '../api/types';
import { MATERIAL_WORD } from '../drawings/material';
import { Tape } from '../drawings/tape/Tape';
import { aboutLine } from '../locker/about';
import { MeasureButton } from '../measure/MeasureButton';
import { diameterTyped, howMeasured, lengthTyped } from '../measure/typed';
import { FigureForm } from '../parts/FigureForm';
import { fillerName, hasLine } from '../parts/fillerName';
import { newId } from '../parts/newId';
import page from '../parts/parts.module.css';
import { done } from '../parts/undo';
import { usePutAway } from '../parts/usePutAway';
import { useTakeBack } from '../parts/useTakeBack';
import { useBench } from '../shell/bench';
import { sentence } from '../units/sentence';
import { length, metresPer, rated, thickness, within, words } from '../units/units';
import { fillerFields, lineFields } from './fields';
import classes from './Rack.module.css';

interface FillerEntryProps {
  filler: Filler;
}

type Open = '' | 'count' | 'filler' | 'line';

/** One filler: its tape, and its stock and label edited in place. */
export function FillerEntry({ filler }: FillerEntryProps) {
  const { units } = useBench();
  const { data: fillers = [] } = useFillers();
  const { line } = filler;
  const [open, setOpen] = useState<Open>('');
  const change = useChangeFiller();
  const changeLine = useChangeLine();
  const event = useAddEvent();
  const { takeBack } = useTakeBack();
  const figures = {
    full_length: filler.full_length,
    price: filler.price,
    name: filler.name,
    diameter: filler.diameter,
    core: filler.core,
  };
  const left = within(filler.left_m, filler.half_m, units);
  const full = filler.full_length_m;
  const of = full === null ? 'left' : `left of ${words(length(full, units, 0))}`;
  const turn = (what: Open) => () => setOpen(open === what ? '' : what);

  const count = async (values: Record<string, string>, how = '') => {
    const made = await event.mutateAsync({
      id: newId(),
      kind: 'stock_take',
      note: how || null,
      counts: [{ at: { kind: 'filler', id: filler.id }, length_m: values.length ?? '', line: line.id }],
    });
    done(`${line.name}: length saved.`, () => takeBack(made.id), true);
    setOpen('');
  };
  const saveFiller = async (values: Record<string, string>, version?: number) => {
    const before = figures;
    const saved = await change.mutateAsync({ id: filler.id, body: { ...values, version } });
    done('Filler spool changed.', () =>
      change.mutateAsync({ id: filler.id, body: { ...before, version: saved.version } }),
    );
    setOpen('');
  };
  const saveLine = async (values: Record<string, string>, version?: number) => {
    const { name, material, size, size_from, strength, colour } = line;
    const saved = await changeLine.mutateAsync({ id: line.id, body: { ...values, version } });
    done(`${values.name} changed.`, () =>
      changeLine.mutateAsync({
        id: line.id,
        body: { name, material, size, size_from, strength, colour, version: saved.version },
      }),
    );
    setOpen('');
  };
  const measured = async (got: Schemas['MeasureResult']) => {
    const { size, size_from } = line;
    const saved = await changeLine.mutateAsync({
      id: line.id,
      body: {
        size: diameterTyped(got, units),
        size_from: got.method === 'short_wrap_test' ? 'short_wrap_test' : 'measured',
        strength: line.strength,
        workings: sentence(got.says, units),
        version: line.version,
      },
    });
    done(`${line.name} measured.`, () =>
      changeLine.mutateAsync({
        id: line.id,
        body: { size, size_from, strength: line.strength, version: saved.version },
      }),
    );
    setOpen('');
  };
  const putAway = usePutAway(change);
  return (
    <li className={page.entry} id={`filler-${filler.id}`}>
      <div className={classes.filler}>
        <div>
          <h2 className={page.title}>{fillerName(filler, fillers)}</h2>
          <p className={page.facts}>
            {[
              MATERIAL_WORD[line.material],
              `${line.nominal ? 'nominal ' : ''}${thickness(line.diameter_mm, units)}${line.size_from === 'label' ? '' : ' measured'}`,
              line.strength_N === null ? line.strength : words(rated(line.strength_N, units)),
              line.colour,
              filler.price,
            ]
              .filter(Boolean)
              .join(' · ')}
          </p>
        </div>
        <p className={classes.left}>
          {hasLine(filler) ? (
            <>
              {left} <span className={page.facts}>{of}</span>
            </>
          ) : (
            'empty'
          )}
        </p>
        {hasLine(filler) ? (
          <Tape
            size="thumb"
            ends="filler"
            whole={full ?? filler.left_m + (filler.half_m ?? 0)}
            {...(filler.half_m && { band: { at: filler.left_m, half: filler.half_m } })}
            segments={[{ id: 'left', material: line.material, length: filler.left_m, word: '' }]}
            scaleUnit={{ m: metresPer(units), name: units.length }}
            label={`${left} ${of}`}
          />
        ) : (
          <span />
        )}
        <div className={page.actions}>
          <Button size="compact-sm" variant="default" onClick={turn('count')} aria-expanded={open === 'count'}>
            Update length
          </Button>
          <Button size="compact-sm" variant="default" onClick={turn('filler')} aria-expanded={open === 'filler'}>
            Edit spool
          </Button>
          <Button size="compact-sm" variant="default" onClick={turn('line')} aria-expanded={open === 'line'}>
            Edit line
          </Button>
          <Button size="compact-sm" variant="subtle" color="gray" onClick={() => putAway(filler.id, line.name)}>
            Archive
          </Button>
        </div>
      </div>
      {open === 'count' && (
        <FigureForm
          label={`Update length of ${line.name}`}
          fields={[{ key: 'length', label: 'Length left', unit: units.length, placeholder: `80 ± 12 ${units.length}` }]}
          initial={{ length: '' }}
          submit="Save length"
          onSubmit={(values) => count(values)}
          onCancel={() => setOpen('')}
        />
      )}
      {open === 'count' && (
        <MeasureButton
          variant="default"
          title={`How much ${line.name} is left?`}
          methods={full === null ? ['weighed'] : ['kitchen_scale', 'weighed']}
          about={{ ...(full !== null && { full_length_m: full }), line: aboutLine(line) }}
          take={[
            {
              label: 'Save this length',
              onTake: (got) => count({ length: lengthTyped(got) }, howMeasured(got, units)),
            },
          ]}
        >
          Weigh it
        </MeasureButton>
      )}
      {open === 'filler' && (
        <FigureForm
          label={`Edit this filler spool of ${line.name}`}
          fields={fillerFields(units)}
          version={filler.version}
          initial={figures}
          submit="Save"
          onSubmit={saveFiller}
          onCancel={() => setOpen('')}
        />
      )}
      {open === 'line' && (
        <FigureForm
          label={`Edit ${line.name}`}
          fields={lineFields(units)}
          version={line.version}
          initial={{
            name: line.name,
            material: line.material,
            size: line.size,
            strength: line.strength,
            colour: line.colour,
          }}
          submit="Save"
          onSubmit={saveLine}
          onCancel={() => setOpen('')}
        />
      )}
      {open === 'line' && (
        <MeasureButton
          variant="default"
          title={`How thick is ${line.name}?`}
          methods={['wrap_test']}
          about={{}}
          take={[{ label: 'Save to the line', onTake: measured }]}
        >
          Wrap test
        </MeasureButton>
      )}
    </li>
  );
}

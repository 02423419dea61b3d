import { NativeSelect } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { calculation } from '../api/calculators';
import { useAddFiller, useAddLine, useChangeFiller, useChangeLine, useLines } from '../api/records';
import { aboutLine } from '../locker/about';
import { MeasureButton } from '../measure/MeasureButton';
import { lengthTyped } from '../measure/typed';
import { FigureForm } from '../parts/FigureForm';
import type { FormField } from '../parts/form';
import { newId } from '../parts/newId';
import { TypedField } from '../parts/TypedField';
import { done } from '../parts/undo';
import { useBench } from '../shell/bench';
import { fillerFields, lineFields } from './fields';

/** A filler of a line the rack knows, or of a new one. */
export function AddFiller({ onDone }: { onDone: () => void }) {
  const { units } = useBench();
  const { data: lines = [] } = useLines();
  const [line, setLine] = useState('');
  const queries = useQueryClient();
  const addLine = useAddLine();
  const changeLine = useChangeLine();
  const addFiller = useAddFiller();
  const changeFiller = useChangeFiller();
  const known = lines.find((each) => String(each.id) === line);
  const left: FormField = {
    key: 'left',
    label: 'Length left',
    unit: units.length,
    placeholder: `300 ${units.length}, 80 ± 12 ${units.length}`,
    as: (props, { material, size }) => (
      <div>
        <TypedField {...props} />
        {(known || size?.trim()) && (
          <MeasureButton
            title="How much line is on it?"
            methods={['weighed']}
            about={{ line: known ? aboutLine(known) : { material: material as 'mono', size: size ?? '' } }}
            take={[{ label: 'Use this length', onTake: (got) => props.onChange(lengthTyped(got)) }]}
          >
            Weigh it
          </MeasureButton>
        )}
      </div>
    ),
  };
  return (
    <>
      {lines.length > 0 && (
        <NativeSelect
          label="Line"
          maw={340}
          value={line}
          onChange={(event) => setLine(event.currentTarget.value)}
          data={[
            { value: '', label: 'A new line' },
            ...lines.map((each) => ({ value: String(each.id), label: each.name })),
          ]}
        />
      )}
      <FigureForm
        key={line === '' ? 'new' : 'known'}
        label="Add a filler spool"
        fields={
          line === ''
            ? [
                ...lineFields(units),
                left,
                // the name of a new line is one field, the note on its spool another
                ...fillerFields(units).map((field) => (field.key === 'name' ? { ...field, key: 'note' } : field)),
              ]
            : [left, ...fillerFields(units)]
        }
        initial={{
          name: '',
          note: '',
          material: 'braid',
          size: '',
          strength: '',
          colour: '',
          full_length: '',
          price: '',
          left: '',
          diameter: '',
          core: '',
        }}
        submit="Add filler spool"
        onCancel={onDone}
        onSubmit={async (values) => {
          const {
            material,
            size,
            strength,
            colour,
            note,
            name,
            full_length,
            price,
            left: leftOnIt,
            diameter,
            core,
          } = values;
          const made =
            line === ''
              ? await addLine.mutateAsync({
                  name: name ?? '',
                  material: material as 'braid',
                  size: size ?? '',
                  colour: colour ?? '',
                  ...(strength ? { strength } : {}),
                })
              : null;
          // a label that says its length says how much was on it when new
          const printed =
            made && !leftOnIt && !full_length
              ? await queries.fetchQuery(calculation('size', { text: made.size, material: made.material }))
              : null;
          try {
            const filler = await addFiller.mutateAsync({
              line: made?.id ?? Number(line),
              name: (made ? note : name) ?? '',
              full_length: full_length || (printed?.length_m ? `${printed.length_m.toFixed(1)} m` : ''),
              left: leftOnIt ?? '',
              price: price ?? '',
              diameter: diameter ?? '',
              core: core ?? '',
              event: newId(),
            });
            done(`${filler.line.name} added to Rack.`, () =>
              changeFiller.mutateAsync({ id: filler.id, body: { archived: true } }),
            );
            onDone();
          } catch (error) {
            // the line alone is no use: it comes back with the next try
            if (made) await changeLine.mutateAsync({ id: made.id, body: { archived: true } });
            throw error;
          }
        }}
      />
    </>
  );
}

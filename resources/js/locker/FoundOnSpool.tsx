import { Anchor } from '@mantine/core';
import { Link } from 'react-router';
import { type Spool, useAddEvent, useLines } from '../api/queries';
import { FigureForm } from '../parts/FigureForm';
import { done } from '../parts/undo';
import { useBench } from '../shell/bench';

/** Line that was on the spool before anybody kept a record. */
export function FoundOnSpool({ spool, onDone }: { spool: Spool; onDone: () => void }) {
  const { data: lines = [] } = useLines();
  const { units } = useBench();
  const add = useAddEvent();
  if (lines.length === 0) {
    return (
      <p>
        First add the line to the{' '}
        <Anchor component={Link} to="/rack?add=filler">
          rack
        </Anchor>
        .
      </p>
    );
  }
  return (
    <FigureForm
      label={`What is on ${spool.name}`}
      fields={[
        {
          key: 'line',
          label: 'Line',
          wide: true,
          choices: lines.map((line) => ({ value: String(line.id), label: line.name })),
        },
        { key: 'length', label: 'About how much', unit: units.length, placeholder: `120 ${units.length}` },
      ]}
      initial={{ line: String(lines[0]?.id ?? ''), length: '' }}
      submit="That is on it"
      onCancel={onDone}
      onSubmit={async (values) => {
        const event = await add.mutateAsync({
          id: crypto.randomUUID(),
          kind: 'found_on_spool',
          moves: [
            {
              from: { kind: 'unseen' },
              to: { kind: 'spool', id: spool.id },
              length_m: values.length ?? '',
              line: Number(values.line),
            },
          ],
        });
        done('Noted.', () => add.mutateAsync({ id: crypto.randomUUID(), kind: 'voided', corrects: event.id }));
        onDone();
      }}
    />
  );
}

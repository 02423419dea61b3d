import { Button } from '@mantine/core';
import type { ReactNode } from 'react';
import { useFreshCalculator } from '../api/calculators';
import { Problem, type Schemas } from '../api/client';
import { TypedField, type TypedFieldProps } from '../parts/TypedField';
import { useSettled } from '../parts/useSettled';
import { useBench } from '../shell/bench';
import { sentence } from '../units/sentence';
import classes from './Printed.module.css';

/** What is stamped on a spool: read as it is typed, asked about where it can be read two ways. */
export function StampField({
  known,
  quiet,
  ...field
}: TypedFieldProps & { known: Omit<Schemas['StampCase'], 'text'>; quiet?: boolean }) {
  const { units } = useBench();
  const { text, now } = useSettled(field.value);
  const { data, error } = useFreshCalculator('stamp', text === '' ? null : { ...known, text });
  return (
    <Printed field={field} choices={now ? data?.choices : undefined} problem={now ? error : null}>
      {now && !quiet && data && (
        <p className={classes.soft} aria-live="polite">
          Read as {data.capacities.map((each) => sentence(each.says, units)).join(' · ')}
        </p>
      )}
      {now && data?.capacities.some((each) => each.turned) && (
        <p className={classes.soft}>The length came first, so Undro swapped the two.</p>
      )}
    </Printed>
  );
}

/** A thickness needs no reading back. */
const PLAIN = /^[\d.,\s]+(mm)?$/i;

/** What is printed on a line: read as it is typed, asked about where it can be read two ways. */
export function SizeField({
  known,
  quiet,
  spread,
  ...field
}: TypedFieldProps & { known: Omit<Schemas['SizeCase'], 'text'>; quiet?: boolean; spread?: boolean }) {
  const { units } = useBench();
  const { text, now } = useSettled(field.value);
  const { data, error } = useFreshCalculator('size', text === '' ? null : { ...known, text });
  return (
    <Printed spread={spread} field={field} choices={now ? data?.choices : undefined} problem={now ? error : null}>
      {now && !quiet && data && !PLAIN.test(text) && (
        <p className={classes.soft} aria-live="polite">
          Read as {sentence(data.says, units)}
        </p>
      )}
    </Printed>
  );
}

interface PrintedProps {
  field: TypedFieldProps;
  choices: Schemas['PrintChoice'][] | undefined;
  problem: Error | null;
  /** what is said of it stands in a row of its own, under the fields beside this one */
  spread?: boolean;
  children: ReactNode;
}

function Printed({ field, choices, problem, spread, children }: PrintedProps) {
  const wrong = problem instanceof Problem && problem.status === 422 ? problem : null;
  const print = wrong?.print;
  const { className, ...rest } = field;
  // what is taken for one piece holds for all of the stamp
  const [choice] = choices ?? [];
  return (
    <div className={spread ? classes.spread : className}>
      <TypedField {...rest} error={wrong && !spread ? wrong.message : wrong !== null || field.error} />
      <div className={classes.said}>
        {(spread || print) && wrong && (
          <p className={classes.wrong} role={spread ? 'alert' : undefined}>
            {print && <Marked text={field.value} piece={print.piece} />}
            {spread && wrong.message}
          </p>
        )}
        {print && (
          <Button size="compact-xs" variant="default" onClick={() => field.onChange(print.instead)}>
            Write “{print.instead}”
          </Button>
        )}
        {choice && (
          <fieldset className={classes.choice}>
            <legend>
              “{choice.piece}” can be read{' '}
              {choice.readings.length === 2 ? 'two ways' : `${choice.readings.length} ways`}
            </legend>
            {choice.readings.map((reading, index) => (
              <Button
                key={reading.text}
                size="compact-xs"
                variant={index === 0 ? 'light' : 'default'}
                onClick={() => field.onChange(reading.text)}
              >
                {reading.short}
              </Button>
            ))}
          </fieldset>
        )}
        {children}
      </div>
    </div>
  );
}

/** The text with the piece in it that cannot be read. */
function Marked({ text, piece }: { text: string; piece: string }) {
  const at = piece === '' || text.trim() === piece ? -1 : text.indexOf(piece);
  if (at < 0) return null;
  return (
    <span className={classes.print}>
      {text.slice(0, at)}
      <mark>{piece}</mark>
      {text.slice(at + piece.length)}
    </span>
  );
}

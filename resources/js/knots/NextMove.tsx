import { Button, Title } from '@mantine/core';
import { useMemo, useState } from 'react';
import type { Film } from '../drawings/knot/film';
import { Picture } from '../drawings/knot/Picture';
import classes from './Knots.module.css';
import { type Kind, questions } from './quiz';

const TOLD: Record<Kind, string> = {
  right: 'Right.',
  swapped: 'No. At one crossing the line passes on the wrong side. Compare where it goes over and under.',
  wrong_way: 'No. The line goes the wrong way round.',
};

interface NextMoveProps {
  film: Film;
  moves: { do: string }[];
}

/** What comes next? Three pictures, one of them right; nothing is counted, and the answer says what is wrong with the others. */
export function NextMove({ film, moves }: NextMoveProps) {
  const asked = useMemo(() => questions(film), [film]);
  const [at, setAt] = useState(0);
  const [picked, setPicked] = useState<Kind | null>(null);
  // another order for every question
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new question is shuffled anew
  const order = useMemo(() => shuffled(['right', 'swapped', 'wrong_way']), [at, asked]);
  const question = asked[at];
  if (!question) return <p className={classes.soft}>This knot has no move that could be mistaken for another.</p>;
  const over = picked === 'right';
  return (
    <div className={classes.say}>
      <Title order={3} size="h5">
        {at + 1} of {asked.length}. This is the knot so far. What comes next?
      </Title>
      <div className={classes.before}>
        <Picture film={film} frame={question.before} label="The knot so far" numbered={false} />
      </div>
      <ul className={classes.choices}>
        {order.map((kind, index) => (
          <li key={kind}>
            <button
              type="button"
              onClick={() => setPicked(kind)}
              aria-pressed={picked === kind}
              data-right={picked !== null && kind === 'right' && over ? true : undefined}
              data-wrong={picked === kind && kind !== 'right' ? true : undefined}
            >
              <Picture film={film} frame={question.choices[kind]} label={`Choice ${index + 1}`} numbered={false} />
              <b>{index + 1}</b>
            </button>
          </li>
        ))}
      </ul>
      <p role="status" className={classes.told}>
        {picked && (
          <>
            <b>{TOLD[picked]}</b> {over ? moves[question.stage.move]?.do : 'Look again.'}
          </>
        )}
      </p>
      {over &&
        (at < asked.length - 1 ? (
          <Button
            onClick={() => {
              setAt(at + 1);
              setPicked(null);
            }}
          >
            Next
          </Button>
        ) : (
          <Button
            variant="default"
            onClick={() => {
              setAt(0);
              setPicked(null);
            }}
          >
            That was the last one. Start again
          </Button>
        ))}
    </div>
  );
}

function shuffled(kinds: Kind[]): Kind[] {
  const left = [...kinds];
  const out: Kind[] = [];
  while (left.length > 0) out.push(...left.splice(Math.floor(Math.random() * left.length), 1));
  return out;
}

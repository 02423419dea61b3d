import { Button, Group } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { useState } from 'react';
import { useCalculator } from '../api/calculators';
import type { KnotId } from '../api/types';
import { Knot } from '../drawings/knot/Knot';
import { Waiting } from '../parts/Waiting';
import classes from './Knots.module.css';

interface TyingProps {
  knot: KnotId;
  /** which of the two lines is drawn thick */
  thick?: 'a' | 'b';
  /** every move at once, small, instead of one after the other */
  all?: boolean;
}

/** How a knot is tied, move by move; the arrow keys step forward and back. */
export function Tying({ knot, thick = 'a', all = false }: TyingProps) {
  const query = useCalculator('knot', { knot: knot });
  const [at, setAt] = useState(0);
  const moves = query.data?.steps ?? [];
  const now = Math.min(at, Math.max(0, moves.length - 1));
  const go = (by: number) => setAt(Math.max(0, Math.min(moves.length - 1, now + by)));
  useHotkeys([
    ['ArrowRight', () => go(1)],
    ['ArrowLeft', () => go(-1)],
  ]);
  if (!query.data) return <Waiting query={query} what="the knot" />;
  if (all) {
    return (
      <ol className={classes.all}>
        {moves.map((move, index) => (
          <li key={move.do}>
            <Knot {...move} thick={thick} label={`Move ${index + 1}: ${move.do}`} />
            <p>
              <b>{index + 1}</b> {move.do}
            </p>
          </li>
        ))}
      </ol>
    );
  }
  const move = moves[now];
  if (!move) return null;
  return (
    <section className={classes.tying} aria-label={`How to tie the ${query.data.word}`}>
      <Knot {...move} thick={thick} label={`Move ${now + 1} of ${moves.length}: ${move.do}`} />
      <div aria-live="polite">
        <p className={classes.move} data-testid="move">
          <b>{now + 1}</b> {move.do}
        </p>
        <p className={classes.looks}>
          <b>Right:</b> {move.right} <b>Wrong:</b> {move.wrong}
        </p>
      </div>
      <Group gap="xs">
        <Button variant="default" disabled={now === 0} onClick={() => go(-1)}>
          ← Back
        </Button>
        <Button
          variant={now === moves.length - 1 ? 'default' : 'filled'}
          disabled={now === moves.length - 1}
          onClick={() => go(1)}
        >
          Next →
        </Button>
        <span className={classes.soft}>
          move {now + 1} of {moves.length}; the arrow keys step
        </span>
      </Group>
    </section>
  );
}

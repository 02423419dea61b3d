import { Button, Group } from '@mantine/core';
import { useState } from 'react';
import { Problem } from '../api/client';
import { TypedField } from '../parts/TypedField';
import { useBench } from '../shell/bench';
import { withUnit } from '../units/units';
import { standing } from './standing';
import type { Running, Told } from './useRun';
import classes from './Wind.module.css';

interface SayItProps extends Running {
  open: boolean;
  onOpen: (open: boolean) => void;
}

/** Turns or metres that somebody knows by another way: counted in the head, a mark on the line, a colour, a filler's own figure. */
export function SayIt({ run, say, ahead, open, onOpen }: SayItProps) {
  const { units } = useBench();
  const [turns, setTurns] = useState('');
  const [metres, setMetres] = useState('');
  const [problem, setProblem] = useState<Problem | null>(null);
  const now = standing(run, ahead);
  // turns before a depth or what was said are settled
  const settled = Math.ceil(run.state.progress.turns - run.state.progress.turns_open - 1e-6);
  if (!open) {
    return (
      <Button variant="default" onClick={() => onOpen(true)}>
        Type turns or {units.length === 'm' ? 'metres' : units.length === 'yd' ? 'yards' : 'feet'}
      </Button>
    );
  }
  const close = () => {
    setTurns('');
    setMetres('');
    setProblem(null);
    onOpen(false);
  };
  const send = async () => {
    let mark: Told = { kind: 'said', metres: withUnit(metres, units.length) };
    if (turns.trim() !== '') {
      const count = Number(/^([\d.,]+)\s*(turns?)?$/.exec(turns.trim())?.[1]?.replace(',', '.'));
      if (!Number.isFinite(count) || count < settled || count > 20_000) {
        setProblem(
          new Problem(
            422,
            'turns',
            settled > 0
              ? `Type all handle turns of this line: ${settled} or more, since ${settled} were counted when you last measured.`
              : 'Type all handle turns of this line, such as 120.',
          ),
        );
        return;
      }
      mark = { kind: 'turns', turns: count - now.turns };
    }
    try {
      // many turns at once are worked out before they are shown
      await say(mark);
      close();
    } catch (error) {
      setProblem(error instanceof Problem ? error : new Problem(0, 'metres', 'That did not work. Try again.'));
    }
  };
  return (
    <form
      className={classes.saying}
      aria-label="How much is wound so far"
      onSubmit={(event) => {
        event.preventDefault();
        void send();
      }}
      onKeyDown={(event) => event.key === 'Escape' && close()}
    >
      <TypedField
        label="Handle turns for this line, in all"
        placeholder={`${Math.round(now.turns)} so far`}
        inputMode="decimal"
        autoFocus
        value={turns}
        disabled={metres.trim() !== ''}
        onChange={setTurns}
        error={problem?.field === 'turns' ? problem.message : undefined}
      />
      <TypedField
        label="or the length wound of this line, in all"
        unit={units.length}
        placeholder={`by marks on the line, ${units.length}`}
        value={metres}
        disabled={turns.trim() !== ''}
        onChange={setMetres}
        error={problem && problem.field !== 'turns' ? problem.message : undefined}
      />
      <Group gap="xs">
        <Button type="submit" disabled={turns.trim() === '' && metres.trim() === ''}>
          Use this
        </Button>
        <Button variant="default" onClick={close}>
          Cancel
        </Button>
      </Group>
    </form>
  );
}

import { NativeSelect, Switch, Title, UnstyledButton } from '@mantine/core';
import { useState } from 'react';
import type { JoinsCase, KnotId } from '../api/types';
import page from '../parts/parts.module.css';
import { useLinked } from '../parts/useLinked';
import { Chooser, LineChoice } from './Chooser';
import classes from './Knots.module.css';
import { LeaderSeat } from './LeaderSeat';
import { NAMES, tiesOneLine } from './names';
import { Tying } from './Tying';
import { FIRST_LINES, type TypedLine, typedLine, useKnotChoice } from './useKnotChoice';

type Where = JoinsCase['where'];
const WHERE: { value: Where; label: string }[] = [
  { value: 'arbor', label: 'line to the arbor' },
  { value: 'buried', label: 'backing to main line, under the line' },
  { value: 'guides', label: 'main line to leader, through the guides' },
  { value: 'hook', label: 'line to the hook or lure' },
];
/** `knot`: empty: the one that suits best. */
const START = { knot: '', all: '' };

/** Every knot, to look up or to choose by the lines at hand. */
export function KnotsPlace() {
  const [at, set] = useLinked(START);
  const all = at.all === '1';
  const [where, setWhere] = useState<Where>(FIRST_LINES.where);
  const [one, setOne] = useState<TypedLine>(FIRST_LINES.one);
  const [other, setOther] = useState<TypedLine>(FIRST_LINES.other);
  const choice = useKnotChoice({ where, one: typedLine(one), other: tiesOneLine(where) ? null : typedLine(other) });
  const knot = at.knot in NAMES ? (at.knot as KnotId) : choice.knot;
  return (
    <div className={page.page} data-wide>
      <title>Knots · Undro</title>
      <div className={page.head}>
        <Title order={1}>Knots</Title>
        <p className={page.soft}>
          Knot strengths are general experience, not a promise. Pull-test your own knots round a dowel.
        </p>
        <span className={page.grow} />
        <Switch
          label="Show all moves"
          checked={all}
          onChange={(event) => set({ all: event.currentTarget.checked ? '1' : '' })}
        />
      </div>
      <div className={classes.place}>
        <NativeSelect
          className={classes.pickOne}
          aria-label="Knot"
          data={Object.entries(NAMES).map(([value, label]) => ({ value, label }))}
          value={knot ?? ''}
          onChange={(event) => set({ knot: event.currentTarget.value })}
        />
        <nav aria-label="Knots" className={classes.list}>
          {Object.entries(NAMES).map(([id, word]) => (
            <UnstyledButton key={id} aria-current={id === knot ? 'true' : undefined} onClick={() => set({ knot: id })}>
              {word}
            </UnstyledButton>
          ))}
        </nav>
        <div className={classes.shown}>
          {knot && (
            <>
              <Title order={2} size="h3">
                {NAMES[knot]}
              </Title>
              <Tying key={knot} knot={knot} all={all} {...choice.shown} />
            </>
          )}
        </div>
        <aside className={classes.choose}>
          <Chooser choice={choice} onPick={(id) => set({ knot: id })} picked={knot}>
            <NativeSelect
              label="Where"
              data={WHERE}
              value={where}
              onChange={(event) => {
                setWhere(event.currentTarget.value as Where);
                set({ knot: '' });
              }}
            />
            <LineChoice label={tiesOneLine(where) ? 'Line' : 'First line'} value={one} onChange={setOne} />
            {!tiesOneLine(where) && <LineChoice label="Second line" value={other} onChange={setOther} />}
          </Chooser>
          <LeaderSeat />
        </aside>
      </div>
    </div>
  );
}

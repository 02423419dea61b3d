import { Switch, Title, UnstyledButton } from '@mantine/core';
import type { KnotId } from '../api/queries';
import page from '../parts/parts.module.css';
import { useLinked } from '../parts/useLinked';
import { Chooser } from './Chooser';
import classes from './Knots.module.css';
import { LeaderSeat } from './LeaderSeat';
import { NAMES } from './names';
import { Tying } from './Tying';

const START = { knot: 'double_uni', all: '' };

/** Every knot, to look up or to choose by the lines at hand. */
export function KnotsPlace() {
  const [at, set] = useLinked(START);
  const knot = at.knot in NAMES ? (at.knot as KnotId) : 'double_uni';
  const all = at.all === '1';
  return (
    <div className={page.page}>
      <title>Knots · Undro</title>
      <div className={page.head}>
        <Title order={1}>Knots</Title>
        <p className={page.soft}>Strengths are general experience, not a promise. Pull-test your own, round a dowel.</p>
        <span className={page.grow} />
        <Switch
          label="All moves at once"
          checked={all}
          onChange={(event) => set({ all: event.currentTarget.checked ? '1' : '' })}
        />
      </div>
      <div className={classes.place}>
        <nav aria-label="Knots" className={classes.list}>
          {Object.entries(NAMES).map(([id, word]) => (
            <UnstyledButton key={id} aria-current={id === knot ? 'true' : undefined} onClick={() => set({ knot: id })}>
              {word}
            </UnstyledButton>
          ))}
        </nav>
        <div className={classes.shown}>
          <Title order={2} size="h3">
            {NAMES[knot]}
          </Title>
          <Tying key={knot} knot={knot} all={all} />
        </div>
        <aside className={classes.choose}>
          <Chooser onPick={(id) => set({ knot: id })} picked={knot} />
          <LeaderSeat />
        </aside>
      </div>
    </div>
  );
}

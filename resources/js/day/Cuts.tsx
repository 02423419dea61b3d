import type { DayResult } from '../api/types';
import { Tape } from '../drawings/tape/Tape';
import page from '../parts/parts.module.css';
import { useBench } from '../shell/bench';
import { words as inWords, length, metresPer } from '../units/units';
import classes from './Day.module.css';
import { is } from './refs';
import { useDayWords } from './useDayWords';

/** Each source that is opened as a tape: what is cut from it and what stays. */
export function Cuts({ day }: { day: DayResult }) {
  const { units } = useBench();
  const words = useDayWords(day);
  const { lines } = words;
  return (
    <section aria-label="Cutting list">
      <h2>Cutting list</h2>
      <ul className={classes.cuts}>
        {day.leftovers.map((left) => {
          const cuts = day.cuts.filter((cut) => cut.source === left.source);
          const line = lines.find((each) => is(left.line, 'line', each.id));
          const still = left.still.slice(0, 3).map((job) => words.job(job));
          return (
            <li key={left.source}>
              <p>
                <strong>{words.source(left.source)}</strong>
                <span className={page.facts}>
                  {' '}
                  {left.left_m < 0.5
                    ? 'used up'
                    : `${inWords(length(left.left_m, units, 0))} left${left.waste ? ', too short to use' : ''}`}
                  {still.length > 0 && `, enough to fill ${still.join('; ')} again`}
                </span>
              </p>
              <Tape
                ends="filler"
                whole={left.whole_m}
                segments={cuts.map((cut, index) => ({
                  id: `${index}`,
                  material: line?.material ?? 'mono',
                  length: cut.length_m,
                  word: `${inWords(length(cut.length_m, units, 0))} ${cut.part === 'main' ? '' : 'backing for '}${words.job(cut.job)}`,
                  backing: cut.part === 'backing',
                }))}
                scaleUnit={{ m: metresPer(units), name: units.length }}
                label={`${cuts.length} cuts of ${words.source(left.source)}`}
              />
            </li>
          );
        })}
      </ul>
    </section>
  );
}

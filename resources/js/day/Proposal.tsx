import type { DayResult, DayWish } from '../api/types';
import { LargeFigure } from '../parts/LargeFigure';
import page from '../parts/parts.module.css';
import { useBench } from '../shell/bench';
import { sentence } from '../units/sentence';
import { length, price, words } from '../units/units';
import { Bought } from './Bought';
import { Cuts } from './Cuts';
import type { Choice } from './choices';
import classes from './Day.module.css';
import { Job } from './Job';
import { OldLine } from './OldLine';
import { nameOf } from './refs';
import { useDayWords } from './useDayWords';

interface ProposalProps {
  day: DayResult;
  jobs: DayWish[];
  stale: boolean;
  pin: Choice[];
  forbid: Choice[];
  onPin: (choice: Choice) => void;
  onForbid: (choice: Choice) => void;
  onAllow: (choice: Choice) => void;
  onDone: (spool: number) => void;
  onReuse: (spool: number, from: number | null) => void;
  onWind: (to: string) => void;
}

/** What the evening comes to, what is cut from what, and the spools in their order. */
export function Proposal({ day, jobs, stale, pin, forbid, ...on }: ProposalProps) {
  const { units } = useBench();
  const name = useDayWords(day);
  const money = day.packs.find((pack) => pack.price.money)?.price.money ?? '';
  const order = new Map(day.order.map((job, index) => [job, index + 1]));
  const place = (wish: DayWish) => order.get(nameOf({ kind: 'spool', id: wish.spool })) ?? 99;
  const bad = day.jobs.filter((job) => job.problem !== null);
  return (
    <>
      {bad.length > 0 && (
        <section role="status" className={classes.problem} data-testid="cannot">
          <h2>{bad.length === 1 ? 'One spool can’t be done' : `${bad.length} spools can’t be done`}</h2>
          <ul>
            {bad.map((job) => (
              <li key={job.id}>
                <strong>{name.job(job.id)}:</strong> {job.problem && sentence(job.problem, units)}
              </li>
            ))}
          </ul>
        </section>
      )}
      <div className={classes.head}>
        <LargeFigure
          lead="Time needed"
          figure={
            day.minutes < 60
              ? day.minutes.toFixed(0)
              : `${Math.floor(day.minutes / 60)} h ${Math.round(day.minutes % 60)}`
          }
          unit="min"
          trail={`${jobs.length - bad.length} ${jobs.length - bad.length === 1 ? 'spool' : 'spools'}, soaking included`}
          stale={stale}
        />
        <div className={classes.sum}>
          <p data-testid="cost">
            {day.cost > 0 ? (
              <>
                To buy: <strong>{price({ amount: day.cost, money })}</strong>
              </>
            ) : (
              `Nothing to buy${bad.length > 0 ? ' for the rest' : ''}.`
            )}
          </p>
          <p className={page.facts}>
            {day.waste_m > 0
              ? `${words(length(day.waste_m, units))} left over is too short to use. `
              : 'No leftover is too short to use. '}
            {day.sources === 1 ? 'You open one filler spool.' : `You open ${day.sources} filler spools.`}{' '}
            {day.optimal
              ? bad.length > 0
                ? 'This is the best solution for the rest.'
                : 'This is the best solution.'
              : `You can’t spend less than ${price({ amount: day.cost_bound, money })}. A little less waste may be possible.`}
          </p>
          {day.buy.length > 0 && (
            <ul className={classes.buy} aria-label="To buy">
              {day.buy.map((buy) => {
                const pack = day.packs[buy.pack];
                return (
                  pack && (
                    <li key={buy.pack}>
                      {buy.count} × {name.line(pack.line)?.name}, {words(length(pack.length_m, units, 0))}:{' '}
                      {price({ ...pack.price, amount: buy.count * pack.price.amount })}{' '}
                      <Bought pack={pack} count={buy.count} name={name.line(pack.line)?.name ?? ''} />
                    </li>
                  )
                );
              })}
            </ul>
          )}
        </div>
      </div>
      <OldLine day={day} />
      <Cuts day={day} />
      <section aria-label="Spools">
        <h2>Order of work</h2>
        <ol className={classes.jobs}>
          {jobs
            .toSorted((a, b) => place(a) - place(b))
            .map((wish) => (
              <Job key={wish.spool} day={day} wish={wish} pin={pin} forbid={forbid} {...on} />
            ))}
        </ol>
      </section>
    </>
  );
}

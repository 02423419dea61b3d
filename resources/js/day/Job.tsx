import { Button } from '@mantine/core';
import { useFillers, useReels } from '../api/records';
import type { DayResult, DayWish } from '../api/types';
import { backingOf, mainOf } from '../parts/onSpool';
import page from '../parts/parts.module.css';
import { planWith, underneath } from '../plan/records';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import { sentence } from '../units/sentence';
import { words as inWords, length } from '../units/units';
import { type Choice, filledAnew, same } from './choices';
import classes from './Day.module.css';
import { planLink } from './planLink';
import { nameOf, refOf, sourceOf } from './refs';
import { useDayWords } from './useDayWords';

interface JobProps {
  day: DayResult;
  wish: DayWish;
  pin: Choice[];
  forbid: Choice[];
  onPin: (choice: Choice) => void;
  onForbid: (choice: Choice) => void;
  onAllow: (choice: Choice) => void;
  onDone: (spool: number) => void;
  onReuse: (spool: number, from: number | null) => void;
  onWind: (to: string) => void;
}

/** One spool of the day: what goes on it, where it comes from, and the way to its run. */
export function Job({ day, wish, pin, forbid, onPin, onForbid, onAllow, onDone, onReuse, onWind }: JobProps) {
  const { units } = useBench();
  const words = useDayWords(day);
  const { data: reels = [] } = useReels();
  const { data: fillers = [] } = useFillers();
  const id = nameOf({ kind: 'spool', id: wish.spool });
  const name = words.job(id);
  const job = day.jobs.find((each) => each.id === id);
  const filled = filledAnew(wish.task);
  const cuts = day.cuts.filter((cut) => cut.job === id);
  const filler = (part: Choice['part']) => {
    const source = refOf(cuts.find((cut) => cut.part === part)?.source ?? '');
    return source?.kind === 'filler' ? source.id : undefined;
  };
  // backing under a line that has none is wound as a run; other care is done and logged
  const reel = reels.find((each) => each.id === wish.reel);
  const spool = reel?.spools.find((each) => each.id === wish.spool);
  const under =
    wish.task === 'top_up' && reel && spool && mainOf(spool) && backingOf(spool).length === 0
      ? () => {
          const from = fillers.find((each) => each.id === filler('backing'));
          const line = from?.line ?? words.lines.find((each) => each.id === wish.backing);
          return planWith({ ...underneath(reel, spool, units, line, from), day: '1' });
        }
      : undefined;
  return (
    <li>
      <div className={classes.job}>
        <strong>{name}</strong>
        {job?.problem && <span className={classes.problem}>{sentence(job.problem, units)}</span>}
        {job?.note && <span>{sentence(job.note, units)}</span>}
        {job && job.problem === null && (
          <span className={page.facts}>
            {job.main_m !== null &&
              `${inWords(length(job.main_m, units, 0))} of main line${wish.task === 'replace' ? ', backing stays' : ''}, `}
            {job.backing_m !== null &&
              `${inWords(length(job.backing_m, units, 0))} of backing (${inWords(length(job.backing_high_m ?? 0, units, 0))} reserved to be safe), `}
            {Math.round(job.work_min)} min
            {job.soak_min >= 1 && `, soak ${Math.round(job.soak_min)} min first`}
          </span>
        )}
      </div>
      <ul className={classes.from}>
        {cuts.map((cut) => {
          const source = sourceOf(cut.source);
          const choice: Choice = { job: id, part: cut.part, source };
          const pinned = pin.some((each) => same(each, choice));
          return (
            <li key={cut.part + cut.source}>
              <span>
                {cut.part === 'main' && filled ? 'main line' : 'backing'} from {words.source(cut.source)}
                {pinned && ', pinned'}
              </span>
              <span className={page.actions}>
                <Button
                  size="compact-xs"
                  variant="default"
                  aria-pressed={pinned}
                  aria-label={`${pinned ? 'Unpin' : 'Pin'}: ${cut.part} of ${name} from ${words.source(cut.source)}`}
                  onClick={() => onPin(choice)}
                >
                  {pinned ? 'Unpin' : 'Pin'}
                </Button>
                {!pinned && (
                  <Button
                    size="compact-xs"
                    variant="subtle"
                    color="gray"
                    aria-label={`Don’t use: ${cut.part} of ${name} from ${words.source(cut.source)}`}
                    onClick={() => onForbid(choice)}
                  >
                    Don’t use
                  </Button>
                )}
              </span>
            </li>
          );
        })}
      </ul>
      {forbid
        .filter((choice) => choice.job === id)
        .map((choice) => (
          <p key={choice.part + choice.source} className={page.facts}>
            {choice.part === 'main' ? 'Main line' : 'Backing'}: {words.source(choice.source)} is ruled out.{' '}
            <Button
              size="compact-xs"
              variant="default"
              aria-label={`Allow again: ${choice.part} of ${name} from ${words.source(choice.source)}`}
              onClick={() => onAllow(choice)}
            >
              Allow again
            </Button>
          </p>
        ))}
      {wish.reuse == null &&
        day.offers
          .filter((offer) => offer.spool === wish.spool)
          .map((offer) => {
            const from = words.job(nameOf({ kind: 'spool', id: offer.from }));
            return (
              <p key={offer.from} className={page.facts}>
                The old {words.line(offer.line)?.name} from {from} ({inWords(length(offer.length_m, units, 0))}) is worn
                but sound. As backing here it saves {inWords(length(job?.backing_m ?? 0, units, 0))} of new line.{' '}
                <Button
                  size="compact-xs"
                  variant="default"
                  aria-label={`Use the old line from ${from} as backing on ${name}`}
                  onClick={() => onReuse(wish.spool, offer.from)}
                >
                  Use it as backing
                </Button>
              </p>
            );
          })}
      {wish.reuse != null && (
        <p className={page.facts}>
          Backing: the old line from {words.job(nameOf({ kind: 'spool', id: wish.reuse }))}. Wind it onto an empty spare
          spool first, worn end last.{' '}
          <Button size="compact-xs" variant="subtle" color="gray" onClick={() => onReuse(wish.spool, null)}>
            Use new backing
          </Button>
        </p>
      )}
      {!filled && job?.problem === null && (
        <Button size="compact-sm" variant="default" component={Link} to={`/log?spool=${wish.spool}`}>
          Open its log
        </Button>
      )}
      {((filled && cuts.length > 0) || (under && job?.problem === null)) && (
        <Button
          size="compact-sm"
          onClick={() => onWind(under ? under() : planLink(wish, words.lines, filler('main'), filler('backing'), day))}
          aria-label={`Plan and wind ${name}`}
        >
          Plan and wind
        </Button>
      )}
      <Button
        size="compact-sm"
        variant="subtle"
        color="gray"
        aria-label={`Mark as done: ${name}`}
        onClick={() => onDone(wish.spool)}
      >
        Mark as done
      </Button>
    </li>
  );
}

import { Checkbox, NativeSelect } from '@mantine/core';
import { useLines, useReels } from '../api/records';
import type { DayWish } from '../api/types';
import { backingOf } from '../parts/onSpool';
import page from '../parts/parts.module.css';
import { TypedField } from '../parts/TypedField';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import { filledAnew, type Own } from './choices';
import classes from './Day.module.css';

interface WishProps {
  wish: DayWish;
  picked: boolean;
  onPick: (on: boolean) => void;
  onWish: (change: Own) => void;
}

const TASKS = [
  { value: 'replace', label: 'new main line, keep the backing' },
  { value: 'refill', label: 'new main line and backing' },
  { value: 'cut_back', label: 'cut back the worn end' },
  { value: 'top_up', label: 'add backing under the main line' },
  { value: 'turn_over', label: 'reverse the main line (end for end)' },
];

/** A spool that may be picked, and what is wanted on it. */
export function Wish({ wish, picked, onPick, onWish }: WishProps) {
  const { units } = useBench();
  const { data: reels = [] } = useReels();
  const { data: lines = [] } = useLines();
  const reel = reels.find((each) => each.id === wish.reel);
  const spool = reel?.spools.find((each) => each.id === wish.spool);
  const name = `${reel?.name ?? ''}, ${spool?.name ?? ''}`;
  const task = wish.task ?? 'refill';
  const filled = filledAnew(task);
  const own = (spool?.contents ?? [])
    .map((piece) => piece.line)
    .filter((each) => !lines.some(({ id }) => id === each.id));
  const choice = [...lines, ...own].map((line) => ({ value: `${line.id}`, label: line.name }));
  return (
    <li>
      <Checkbox
        label={
          <>
            {name}
            {wish.due && <span className={page.pick}>{wish.due}</span>}
          </>
        }
        checked={picked}
        onChange={(event) => onPick(event.currentTarget.checked)}
      />
      {picked && (
        <div className={classes.wish}>
          <NativeSelect
            size="xs"
            className={classes.wide}
            aria-label={`Job for ${name}`}
            value={task}
            data={TASKS.filter((each) =>
              // a bare spool can only be filled
              spool?.contents.length === 0
                ? each.value === 'refill'
                : each.value !== 'replace' || backingOf(spool).length > 0,
            )}
            onChange={(event) => onWish({ task: event.currentTarget.value as NonNullable<Own['task']> })}
          />
          {filled && lines.length === 0 && (
            <p className={`${page.facts} ${classes.wide}`}>
              There is no line to choose yet. <Link to="/rack?add=filler">Add a filler spool</Link> first.
            </p>
          )}
          {filled && (
            <>
              <NativeSelect
                size="xs"
                aria-label={`Main line for ${name}`}
                value={`${wish.main ?? ''}`}
                data={wish.main == null ? [{ value: '', label: 'pick a line' }, ...choice] : choice}
                onChange={(event) => onWish({ main: Number(event.currentTarget.value) })}
              />
              <TypedField
                size="xs"
                aria-label={`Length for ${name}`}
                value={wish.length}
                placeholder={`150 ${units.length}`}
                unit={units.length}
                onChange={(typed) => onWish({ length: typed })}
              />
              {task === 'refill' && (
                <NativeSelect
                  size="xs"
                  className={classes.wide}
                  aria-label={`Backing for ${name}`}
                  value={`${wish.backing ?? ''}`}
                  data={[{ value: '', label: 'no backing' }, ...choice]}
                  onChange={(event) =>
                    onWish({
                      backing: event.currentTarget.value ? Number(event.currentTarget.value) : null,
                      reuse: null,
                    })
                  }
                />
              )}
            </>
          )}
        </div>
      )}
    </li>
  );
}

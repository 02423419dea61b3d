import { Button } from '@mantine/core';
import { useState } from 'react';
import { Problem } from '../api/client';
import { useReels } from '../api/records';
import type { Learnt as Found } from '../api/types';
import { useLearnt } from '../api/upkeep';
import { day } from '../parts/day';
import { TypedField } from '../parts/TypedField';
import { done, failed } from '../parts/undo';
import { useTakeBack } from '../parts/useTakeBack';
import { useWriteDown } from '../parts/useWriteDown';
import { Waiting } from '../parts/Waiting';
import { useBench } from '../shell/bench';
import { small, withUnit, words } from '../units/units';
import classes from './Log.module.css';

/** What finished fills have taught, in words, and the levels it was learnt from. */
export function Learnt() {
  const learnt = useLearnt();
  if (!learnt.data) return <Waiting query={learnt} what="what was learnt" />;
  const { lines, spools, readings } = learnt.data;
  const asked = readings.filter((reading) => reading.asked);
  return (
    <section className={classes.learnt} aria-label="Learned">
      {readings.length === 0 && (
        <p className={classes.soft}>
          Nothing yet. After a fill, measure the line level three times around the spool and log it as “Level measured”.
          From then on, plans for that spool and those lines are more accurate.
        </p>
      )}
      {asked.map((reading) => (
        <Doubt key={reading.uuid} reading={reading} />
      ))}
      <div className={classes.two}>
        {[
          { title: 'Lines', of: lines.map((line) => ({ ...line, id: `line-${line.line}` })) },
          { title: 'Spools', of: spools.map((spool) => ({ ...spool, id: `spool-${spool.spool}` })) },
        ].map(
          ({ title, of }) =>
            of.length > 0 && (
              <div key={title}>
                <h2>{title}</h2>
                <ul>
                  {of.map((each) => (
                    <li key={each.id}>
                      <strong>{each.name}</strong>
                      <br />
                      {each.words}
                    </li>
                  ))}
                </ul>
              </div>
            ),
        )}
      </div>
      {readings.length > 0 && (
        <>
          <h2>Reading from</h2>
          <ul className={classes.readings}>
            {readings.map((reading) => (
              <Reading key={reading.uuid} reading={reading} />
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

type Read = Found['readings'][number];

const useReadingWords = () => {
  const { units } = useBench();
  const { data: reels = [] } = useReels();
  return (reading: Read) => {
    const reel = reels.find((each) => each.spools.some((spool) => spool.id === reading.spool));
    return `${reel?.name ?? 'a spool'}, ${day(reading.happened_at)}: ${words(small(reading.gap_mm, units))} below the lip, ${reading.readings === 1 ? 'one reading' : `${reading.readings} readings`}`;
  };
};

/** Says anew what a reading is and whether it counts: an entry in its place, so the log keeps both. */
function useSayAnew() {
  const { write } = useWriteDown();
  return (reading: Read, change: { counts: boolean; keep: boolean; gap?: string }, said: string) => {
    const { spool, gap, readings, uuid } = reading;
    return write(spool, { what: 'level', gap, readings, corrects: uuid, ...change }, () => said);
  };
}

/** A reading that is set aside: put right, counted all the same, or left out for good. */
function Doubt({ reading }: { reading: Read }) {
  const { units } = useBench();
  const say = useReadingWords();
  const anew = useSayAnew();
  const [gap, setGap] = useState('');
  const [problem, setProblem] = useState<Problem | null>(null);
  const answer = async (...change: [{ counts: boolean; keep: boolean; gap?: string }, string]) => {
    setProblem(null);
    try {
      await anew(reading, ...change);
    } catch (error) {
      if (error instanceof Problem) setProblem(error);
      else failed(error);
    }
  };
  const was = small(reading.gap_mm, units);
  const expected = reading.expected_mm === null ? null : small(reading.expected_mm, units);
  const half = reading.expected_half_mm === null ? '' : ` ± ${small(reading.expected_half_mm, units).figure}`;
  return (
    <div className={classes.doubt} role="status">
      <p>
        <strong>
          {words(was)}
          {expected === null ? '' : `, where ${expected.figure}${half} ${expected.unit} was expected`}. Is this a typing
          mistake?
        </strong>{' '}
        {say(reading)}. It does not count until you confirm it. Undro leaves it out of everything else.
      </p>
      <form
        className={classes.anew}
        onSubmit={(event) => {
          event.preventDefault();
          void answer({ counts: true, keep: false, gap: withUnit(gap, units.small) }, 'Changed.');
        }}
      >
        <TypedField
          label="It was"
          unit={units.small}
          value={gap}
          onChange={setGap}
          error={problem?.field === 'gap' ? problem.message : undefined}
        />
        <Button size="compact-sm" type="submit" disabled={gap.trim() === ''}>
          Save changes
        </Button>
        <Button
          size="compact-sm"
          variant="default"
          onClick={() => answer({ counts: true, keep: true }, 'It counts all the same.')}
        >
          Count it all the same
        </Button>
        <Button
          size="compact-sm"
          variant="default"
          onClick={() => answer({ counts: false, keep: false }, 'Left out for good.')}
        >
          Leave it out for good
        </Button>
      </form>
      {problem && problem.field !== 'gap' && (
        <p role="alert" className={classes.wrong}>
          {problem.message}
        </p>
      )}
    </div>
  );
}

function Reading({ reading }: { reading: Read }) {
  const say = useReadingWords();
  const anew = useSayAnew();
  const { takeBack } = useTakeBack();
  const count = (counts: boolean) =>
    anew(reading, { counts, keep: false }, counts ? 'It counts again.' : 'Left out for good.').catch(failed);
  const forget = async () => {
    try {
      const id = await takeBack(reading.uuid);
      done('Forgotten.', () => takeBack(id), true);
    } catch (error) {
      failed(error);
    }
  };
  return (
    <li data-counts={reading.counts}>
      <span>
        {say(reading)}
        {!reading.counts && ', left out'}
        {reading.asked && ', asked about, does not count'}
        {reading.keep && ', counted all the same'}
      </span>
      <span className={classes.buttons}>
        <Button size="compact-xs" variant="default" onClick={() => count(!reading.counts)}>
          {reading.counts ? 'Leave out' : 'Count it again'}
        </Button>
        <Button size="compact-xs" variant="subtle" color="gray" onClick={forget}>
          Forget
        </Button>
      </span>
    </li>
  );
}

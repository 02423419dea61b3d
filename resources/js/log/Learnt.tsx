import { Button } from '@mantine/core';
import { useAddEntry } from '../api/history';
import { useReels } from '../api/records';
import type { Learnt as Found } from '../api/types';
import { useLearnt } from '../api/upkeep';
import { day } from '../parts/day';
import { newId } from '../parts/newId';
import { done, failed } from '../parts/undo';
import { useTakeBack } from '../parts/useTakeBack';
import { Waiting } from '../parts/Waiting';
import { useBench } from '../shell/bench';
import { small, words } from '../units/units';
import classes from './Log.module.css';

/** What finished fills have taught, in words, and the levels it was learnt from. */
export function Learnt() {
  const learnt = useLearnt();
  if (!learnt.data) return <Waiting query={learnt} what="what was learnt" />;
  const { lines, spools, readings } = learnt.data;
  const doubtful = readings.filter((reading) => reading.doubtful);
  return (
    <section className={classes.learnt} aria-label="What was learnt">
      {readings.length === 0 && (
        <p className={classes.soft}>
          Nothing yet. Read how far the finished line stands under the lip, three times round the spool, and write it
          down as “Level read”: from then on plans for that spool and those lines are surer.
        </p>
      )}
      {doubtful.map((reading) => (
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
          <h2>Read from</h2>
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
    return `${reel?.name ?? 'a spool'}, ${day(reading.happened_at)}: ${words(small(reading.gap_mm, units))} under the lip, ${reading.readings === 1 ? 'one reading' : `${reading.readings} readings`}`;
  };
};

/** Leaves a reading out of what is learnt, or takes it in again: an entry in its place, so the log keeps both. */
function useCounting() {
  const add = useAddEntry();
  const { takeBack } = useTakeBack();
  return async (reading: Read, counts: boolean) => {
    try {
      const made = await add.mutateAsync({
        id: reading.spool,
        body: {
          id: newId(),
          what: 'level',
          gap: reading.gap,
          readings: reading.readings,
          counts,
          corrects: reading.uuid,
        },
      });
      done(counts ? 'It counts again.' : 'Left out of what is learnt.', () => takeBack(made.id));
    } catch (error) {
      failed(error);
    }
  };
}

function Doubt({ reading }: { reading: Read }) {
  const say = useReadingWords();
  const count = useCounting();
  return (
    <div className={classes.doubt} role="status">
      <p>
        <strong>Does this one hold?</strong> {say(reading)}. It does not agree with what all the others say, by far more
        than reading errors explain. It counts until you leave it out.
      </p>
      <Button size="compact-sm" onClick={() => count(reading, false)}>
        Leave it out
      </Button>
    </div>
  );
}

function Reading({ reading }: { reading: Read }) {
  const say = useReadingWords();
  const count = useCounting();
  const { takeBack } = useTakeBack();
  const forget = async () => {
    try {
      const id = await takeBack(reading.uuid);
      done('Forgotten.', () => takeBack(id));
    } catch (error) {
      failed(error);
    }
  };
  return (
    <li data-counts={reading.counts}>
      <span>
        {say(reading)}
        {!reading.counts && ', left out'}
      </span>
      <span className={classes.buttons}>
        <Button size="compact-xs" variant="default" onClick={() => count(reading, !reading.counts)}>
          {reading.counts ? 'Leave out' : 'Count it again'}
        </Button>
        <Button size="compact-xs" variant="subtle" color="gray" onClick={forget}>
          Forget
        </Button>
      </span>
    </li>
  );
}

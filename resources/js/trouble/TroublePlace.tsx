import { Button, Title } from '@mantine/core';
import { useEffect, useRef } from 'react';
import { useCalculator } from '../api/calculators';
import type { Schemas } from '../api/client';
import page from '../parts/parts.module.css';
import { failed } from '../parts/undo';
import { useLinked } from '../parts/useLinked';
import { useWriteDown } from '../parts/useWriteDown';
import { Waiting } from '../parts/Waiting';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import { labLink } from '../twist/labLink';
import { sentence } from '../units/sentence';
import classes from './Trouble.module.css';
import { useKnown } from './useKnown';

type Cause = Schemas['TroubleResult']['causes'][number];
const START = { seen: '' };

/** Troubleshooting: by what is seen, the likeliest cause of this spool first, and what to do about it. */
export function TroublePlace() {
  const { reel, spool, angler } = useBench();
  const [at, set] = useLinked(START);
  const known = useKnown();
  const { write, isPending } = useWriteDown();
  const tapped = useRef(false);
  const answer = useRef<HTMLElement>(null);
  const all = useCalculator('trouble', { known });
  const sign = all.data?.signs.find((each) => each.id === at.seen);
  const found = useCalculator('trouble', sign ? { seen: sign.id, known } : null);
  const answered = useRef('');
  useEffect(() => {
    if (found.data && !found.isPlaceholderData) answered.current = at.seen;
  });
  // on a phone the causes are below all the signs: a tap brings them into view
  useEffect(() => {
    if (!tapped.current || !found.data || found.isPlaceholderData) return;
    tapped.current = false;
    if ((answer.current?.getBoundingClientRect().top ?? 0) > window.innerHeight / 2) answer.current?.scrollIntoView();
  });
  if (!all.data) return <Waiting query={all} what="what can go wrong" />;
  // while more becomes known of the spool the causes of the same sign stay: a press on one must not miss
  const causes = sign && (!found.isPlaceholderData || answered.current === sign.id) ? (found.data?.causes ?? []) : [];
  const keep = async (cause: Cause) => {
    if (!spool || !sign) return;
    try {
      await write(
        spool.id,
        { what: 'trouble', angler: angler?.id ?? null, seen: sign.id, cause: cause.id },
        () => 'Saved in the log of this spool.',
      );
    } catch (error) {
      failed(error);
    }
  };
  return (
    <div className={page.page}>
      <title>Troubleshooting · Undro</title>
      <div className={page.head}>
        <Title order={1}>Troubleshooting</Title>
        <p className={page.soft}>
          {reel
            ? `Based on what Undro knows about ${reel.name}${spool?.name ? `, ${spool.name}` : ''}.`
            : 'Choose a reel (press b), and Undro takes into account what it knows about it.'}
        </p>
      </div>
      <div className={classes.place}>
        <nav aria-label="What do you see?" className={classes.signs}>
          {all.data.signs.map((each) => (
            <button
              key={each.id}
              type="button"
              className={classes.sign}
              aria-current={each.id === at.seen ? 'true' : undefined}
              onClick={() => {
                tapped.current = true;
                set({ seen: each.id });
              }}
            >
              {each.words}
            </button>
          ))}
        </nav>
        <section ref={answer} aria-label="Likely causes" aria-live="polite" className={classes.answer}>
          {!sign && <p>Pick what you see.</p>}
          {causes.length > 0 && found.data?.at_once && <p className={classes.once}>{found.data.at_once}</p>}
          <ol className={classes.causes}>
            {causes.map((cause, index) => (
              <One
                key={cause.id}
                cause={cause}
                first={index === 0}
                keeps={spool !== undefined && !isPending}
                onKeep={() => void keep(cause)}
              />
            ))}
          </ol>
        </section>
      </div>
    </div>
  );
}

interface OneProps {
  cause: Cause;
  first: boolean;
  keeps: boolean;
  onKeep: () => void;
}

function One({ cause, first, keeps, onKeep }: OneProps) {
  const { units, spool, reel } = useBench();
  return (
    <li data-speaks={cause.speaks}>
      <p className={classes.cause}>{cause.words}</p>
      {cause.because && (
        <p className={classes.because}>
          {cause.speaks > 0 ? 'Likely here: ' : cause.speaks < 0 ? 'Less likely here: ' : ''}
          {sentence(cause.because, units)}
        </p>
      )}
      <p>{cause.do}</p>
      <p className={classes.act}>
        <Button
          size="compact-sm"
          variant={first ? 'filled' : 'default'}
          component={Link}
          to={
            cause.action.id === 'twist_lab'
              ? labLink(cause.id, reel, spool, units)
              : ADDRESS[cause.action.id](spool?.id)
          }
        >
          {cause.action.words}
        </Button>
        {keeps && (
          <Button size="compact-sm" variant="default" onClick={onKeep}>
            That was it: log it
          </Button>
        )}
      </p>
    </li>
  );
}

const log = (say: string) => (spool: number | undefined) => (spool ? `/log?spool=${spool}&say=${say}` : '/log');

/** Where each action is done. */
const ADDRESS: Record<Exclude<Cause['action']['id'], 'twist_lab'>, (spool: number | undefined) => string> = {
  wind_anew: () => '/plan',
  read_level: log('level'),
  which_line: () => '/rack?which=1',
  spool: () => '/locker',
  pull_drag: () => '/drag',
  look_over: log('inspected'),
  test_knot: () => '/knots',
  runs_out: () => '/drag?at=runs',
};

import { Button, Group, NativeSelect } from '@mantine/core';
import { type ReactNode, useState } from 'react';
import type { Schemas } from '../api/client';
import { useFillers } from '../api/records';
import type { RunMark } from '../api/types';
import { ROLE_WORD } from '../drawings/material';
import { fillerName } from '../parts/fillerName';
import { knownWords } from '../parts/known';
import { TypedField } from '../parts/TypedField';
import { failed } from '../parts/undo';
import { useBench } from '../shell/bench';
import { sentence } from '../units/sentence';
import { within, withUnit } from '../units/units';
import { standing } from './standing';
import type { Running } from './useRun';
import classes from './Wind.module.css';

type Stop = Schemas['RunStop'];
type Mark = Omit<RunMark, 'id'>;

/** A filler that is said to be empty held so much more or less than was counted: that is asked about. The core's share for a mark. */
const FAR = 0.25;

interface StopHereProps extends Running {
  onStopped: () => void;
  ready: boolean;
}

/** The end of a layer, as planned or not. What will be written stands there first; what is missing or far off is asked for. */
export function StopHere({ run, step, tell, say, ahead, onStopped, ready }: StopHereProps) {
  const { units } = useBench();
  const { data: fillers = [] } = useFillers();
  const [busy, setBusy] = useState(false);
  const [filler, setFiller] = useState('');
  const [asked, setAsked] = useState<Stop | null>(null);
  const { progress, layers } = run.state;
  const here = layers[progress.layer];
  const now = standing(run, ahead);
  const source = run.sources[progress.layer];
  const from = fillers.find((each) => each.id === source?.filler);
  const alike = fillers.filter((each) => each.line.id === source?.line && each.left_m > 0);
  if (!here) return null;
  const role = ROLE_WORD[here.role];
  const stop = async (why: Stop, ...first: Mark[]) => {
    onStopped();
    setBusy(true);
    try {
      const then: Mark[] = why === 'at_mark' ? [{ kind: 'done', step: step.id }] : [];
      await say(...first, { kind: 'stopped', stop: why }, ...then);
      setAsked(null);
    } catch (error) {
      failed(error);
    } finally {
      setBusy(false);
    }
  };
  // a filler that is empty held what it held
  const held = from ? from.left_m + now.written_m : null;
  const unlikeHeld =
    held !== null &&
    Math.abs(held - now.on_m) > Math.max((from?.half_m ?? 0) + now.half_m, FAR * held) &&
    now.written_m === 0;
  // short of the mark is what the other stops are for; far past it is a slip at any
  const far = (why: Stop) =>
    now.on_m < 0.05 ||
    (progress.far_from_mark && (why === 'at_mark' || now.left_m < 0)) ||
    (why === 'filler_out' && unlikeHeld);
  const press = (why: Stop) => () => (far(why) ? setAsked(why) : void stop(why));
  if (progress.stop) {
    return (
      <div className={classes.ending} data-testid="ending">
        <p>{sentence(progress.stop, units)}</p>
        {progress.may_go_on && !progress.begin_anew && alike.length > 0 && (
          <NativeSelect
            label="Go on from"
            value={filler}
            data={[
              { value: '', label: 'the same filler' },
              ...alike.map((each) => ({
                value: String(each.id),
                label: `${fillerName(each, fillers)}: ${within(each.left_m, each.half_m, units)} left`,
              })),
            ]}
            onChange={(event) => setFiller(event.currentTarget.value)}
          />
        )}
        <Group gap="xs">
          {progress.begin_anew && (
            <Button onClick={() => say({ kind: 'again' }).catch(failed)}>
              {now.written_m > 0 ? `These ${within(now.written_m, null, units)} are off: ` : 'It is off: '}
              {progress.layer === 0 && run.state.kept === null ? 'tie on anew' : 'join anew'}
            </Button>
          )}
          {progress.may_go_on && (
            <Button variant="default" onClick={() => tell({ kind: 'resumed', filler: filler ? Number(filler) : null })}>
              Go on with the {role}
            </Button>
          )}
          <Button
            variant={progress.begin_anew ? 'default' : 'filled'}
            onClick={() => tell({ kind: 'done', step: step.id })}
          >
            Leave it there: next step
          </Button>
        </Group>
      </div>
    );
  }
  const counted = within(now.on_m, now.half_m, units);
  if (asked) {
    const planned = within(progress.mark_m, progress.mark_half_m, units);
    const saidAs = (metres: number, half: number, isPlan: boolean): Mark => ({
      kind: 'said',
      metres: `${metres.toFixed(2)} ± ${half.toFixed(2)} m`,
      ...(isPlan ? { planned: true } : {}),
    });
    return (
      <Ask
        what={`How much ${role} is on?`}
        why={whyAsked(
          asked,
          now.on_m >= 0.05,
          `${counted} are on, ${knownWords(now.known)}`,
          planned,
          held === null ? '' : within(held, from?.half_m, units),
        )}
        busy={busy}
        unit={units.length}
        onMetres={(typed) => stop(asked, { kind: 'said', metres: withUnit(typed, units.length) })}
        onBack={() => setAsked(null)}
      >
        {asked === 'at_mark' && (
          <Button loading={busy} onClick={() => stop(asked, saidAs(progress.mark_m, progress.mark_half_m, true))}>
            As planned: {planned}
          </Button>
        )}
        {asked === 'filler_out' && held !== null && (
          <Button loading={busy} onClick={() => stop(asked, saidAs(held, from?.half_m ?? 0.5, false))}>
            All that was on the filler: {within(held, from?.half_m, units)}
          </Button>
        )}
        {now.on_m >= 0.05 ? (
          <Button variant="default" loading={busy} onClick={() => stop(asked === 'at_mark' ? 'early' : asked)}>
            {asIs(now.known)}: {counted}
          </Button>
        ) : (
          asked !== 'at_mark' && (
            <Button variant="default" loading={busy} onClick={() => stop(asked)}>
              Nothing is on
            </Button>
          )
        )}
      </Ask>
    );
  }
  return (
    <div className={classes.stops}>
      <p className={classes.toWrite} data-testid="to-write">
        {now.on_m < 0.05 ? (
          <>Nothing is counted yet; planned are {within(progress.mark_m, progress.left_half_m, units)}.</>
        ) : (
          <>
            A stop here writes down <b>{within(now.unwritten_m, now.half_m, units)}</b>
            {now.written_m > 0 ? ' more' : ''} of {role}, {knownWords(now.known)}; planned are{' '}
            {within(progress.mark_m, progress.left_half_m, units)}.
          </>
        )}
      </p>
      <Group gap="xs">
        <Button size="lg" variant={ready ? 'filled' : 'default'} loading={busy} onClick={press('at_mark')}>
          At the mark: write it down
        </Button>
        <Button variant="default" onClick={press('early')}>
          Stopped before it
        </Button>
        <Button variant="default" onClick={press('filler_out')}>
          The filler is empty
        </Button>
        <Button variant="default" onClick={press('snapped')}>
          It snapped
        </Button>
      </Group>
    </div>
  );
}

/** By what the figure is that stands there. */
const asIs = (known: Schemas['KnownBy'] | undefined) =>
  known?.includes('counted') ? 'As counted' : known?.includes('depth') ? 'As read' : 'As said';

function whyAsked(why: Stop, any: boolean, on: string, planned: string, held: string): string {
  if (!any)
    return why === 'at_mark' ? 'Nothing is counted. What is on is written only as you say it.' : 'Nothing is counted.';
  if (why === 'filler_out') return `${on}, and ${held} were on the filler. One of the two is wrong.`;
  return `${on}; the mark is at ${planned}. Were turns missed, or counted twice?`;
}

interface AskProps {
  what: string;
  why: string;
  busy: boolean;
  unit: string;
  onMetres: (typed: string) => Promise<void>;
  onBack: () => void;
  children: ReactNode;
}

/** What is on, before it is written down. */
function Ask({ what, why, busy, unit, onMetres, onBack, children }: AskProps) {
  const [typed, setTyped] = useState('');
  return (
    <form
      className={classes.ending}
      aria-label={what}
      data-testid="how-much"
      onSubmit={(event) => {
        event.preventDefault();
        void onMetres(typed);
      }}
    >
      <h2 className={classes.asks}>{what}</h2>
      <p>{why}</p>
      <Group gap="xs">{children}</Group>
      <Group gap="xs" align="end">
        <TypedField label="Or say it, all of this line" unit={unit} value={typed} onChange={setTyped} autoFocus />
        <Button type="submit" variant="default" loading={busy} disabled={typed.trim() === ''}>
          Write that down
        </Button>
        <Button variant="subtle" color="gray" onClick={onBack}>
          Back
        </Button>
      </Group>
    </form>
  );
}

import { Button, Group, NativeSelect } from '@mantine/core';
import { type ReactNode, useState } from 'react';
import type { Schemas } from '../api/client';
import { useFillers } from '../api/records';
import { fillerName } from '../parts/fillerName';
import { TypedField } from '../parts/TypedField';
import { failed } from '../parts/undo';
import { useBench } from '../shell/bench';
import { sentence } from '../units/sentence';
import { within, withUnit } from '../units/units';
import { standing, toWrite } from './standing';
import type { Running, Told } from './useRun';
import classes from './Wind.module.css';

type Stop = Schemas['RunStop'];

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
  const alike = fillers.filter((each) => each.line.id === source?.line && each.left_m > 0);
  if (!here) return null;
  const { role } = now;
  const writes = toWrite(now, units);
  const stop = async (why: Stop, ...first: Told[]) => {
    onStopped();
    setBusy(true);
    try {
      const then: Told[] = why === 'at_mark' ? [{ kind: 'done', step: step.id }] : [];
      await say(...first, { kind: 'stopped', stop: why }, ...then);
      setAsked(null);
    } catch (error) {
      failed(error);
    } finally {
      setBusy(false);
    }
  };
  // a filler that is empty held what it held
  const held = run.filler && within(run.filler.left_m, run.filler.half_m, units);
  // short of the mark is what the other stops are for; far past it is a slip at any
  const far = (why: Stop) =>
    now.nothing ||
    (progress.far_from_mark && (why === 'at_mark' || now.left_m < 0)) ||
    (why === 'filler_out' && run.filler?.unlike === true);
  const press = (why: Stop) => () => (far(why) ? setAsked(why) : void stop(why));
  // the line that was on this spool goes on again, all of it
  const back = run.state.parked && progress.layer === layers.length - 1 ? run.filler : null;
  const allBack = (of: NonNullable<Running['run']['filler']>) => () =>
    void stop('at_mark', { kind: 'said', metres: typed(of.left_m, of.half_m) });
  // a line that snapped is joined again and goes on
  const snapped = here.stopped === 'snapped' && !progress.begin_anew;
  if (progress.stop) {
    return (
      <div className={classes.ending} data-testid="ending">
        <p>{sentence(progress.stop, units)}</p>
        {progress.may_go_on && !progress.begin_anew && alike.length > 0 && (
          <NativeSelect
            label="Continue from"
            value={filler}
            data={[
              { value: '', label: 'the same filler spool' },
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
              {now.written_m > 0 ? `I took off ${within(now.written_m, null, units)}. ` : 'It came off. '}
              {progress.layer === 0 && run.state.kept === null ? 'Tie it on again' : 'Tie the knot again'}
            </Button>
          )}
          {progress.may_go_on && (
            <Button
              variant={snapped ? 'filled' : 'default'}
              onClick={() => tell({ kind: 'resumed', filler: filler ? Number(filler) : null })}
            >
              Continue with the {role}
            </Button>
          )}
          <Button
            variant={progress.begin_anew || snapped ? 'default' : 'filled'}
            onClick={() => tell({ kind: 'done', step: step.id })}
          >
            Stop here and go to the next step
          </Button>
        </Group>
      </div>
    );
  }
  const counted = within(now.on_m, now.half_m, units);
  if (asked) {
    const planned = within(progress.mark_m, progress.mark_half_m, units);
    const asPlanned: Told = { kind: 'said', metres: typed(progress.mark_m, progress.mark_half_m), planned: true };
    const allOfIt = (of: NonNullable<Running['run']['filler']>, variant: string) =>
      asked === 'filler_out' && (
        <Button
          variant={variant}
          loading={busy}
          onClick={() => stop(asked, { kind: 'said', metres: typed(of.left_m, of.half_m) })}
        >
          Everything on the filler spool: {held}
        </Button>
      );
    return (
      <Ask
        what={`How much ${role} did you wind?`}
        why={whyAsked(asked, !now.nothing, `${counted} wound (${writes.how})`, planned, held ?? '')}
        busy={busy}
        unit={units.length}
        onMetres={(metres) => stop(asked, { kind: 'said', metres: withUnit(metres, units.length) })}
        onBack={() => setAsked(null)}
      >
        {asked === 'at_mark' && (
          <Button loading={busy} onClick={() => stop(asked, asPlanned)}>
            As planned: {planned}
          </Button>
        )}
        {run.filler?.likely && allOfIt(run.filler, 'filled')}
        {!now.nothing ? (
          <Button variant="default" loading={busy} onClick={() => stop(asked === 'at_mark' ? 'early' : asked)}>
            {asIs(now.known)}: {counted}
          </Button>
        ) : (
          asked !== 'at_mark' && (
            <Button variant="default" loading={busy} onClick={() => stop(asked)}>
              Nothing was wound
            </Button>
          )
        )}
        {run.filler && !run.filler.likely && allOfIt(run.filler, 'default')}
      </Ask>
    );
  }
  return (
    <div className={classes.stops}>
      <p className={classes.toWrite} data-testid="to-write">
        {now.nothing ? (
          <>Nothing counted yet. The plan says {within(progress.mark_m, progress.left_half_m, units)}.</>
        ) : (
          <>
            Stopping here saves <b>{writes.length}</b> of {role} ({writes.how}). The plan says{' '}
            {within(progress.mark_m, progress.left_half_m, units)}.
          </>
        )}
      </p>
      <Group gap="xs">
        {back ? (
          <Button size="lg" variant={ready ? 'filled' : 'default'} loading={busy} onClick={allBack(back)}>
            Save: all {held} is back on
          </Button>
        ) : (
          <Button size="lg" variant={ready ? 'filled' : 'default'} loading={busy} onClick={press('at_mark')}>
            Save: reached the mark
          </Button>
        )}
        <Button variant="default" onClick={press('early')}>
          Stopped early
        </Button>
        {!back && (
          <Button variant="default" onClick={press('filler_out')}>
            Filler spool ran out
          </Button>
        )}
        <Button variant="default" onClick={press('snapped')}>
          Line snapped
        </Button>
      </Group>
    </div>
  );
}

/** A length with its ±, as it would be typed; without one it is known as well as what is said. */
const typed = (metres: number, half: number | null) => `${metres.toFixed(2)}${half ? ` ± ${half.toFixed(2)}` : ''} m`;

/** By what the figure is that stands there. */
const asIs = (known: Schemas['KnownBy'] | undefined) =>
  known?.includes('counted') ? 'As counted' : known?.includes('depth') ? 'As measured' : 'As typed';

function whyAsked(why: Stop, any: boolean, on: string, planned: string, held: string): string {
  if (!any) return why === 'at_mark' ? 'Nothing was counted. Type how much you wound.' : 'Nothing was counted.';
  if (why === 'filler_out') return `${on}, but the filler spool held ${held}. One of the two is wrong.`;
  return `${on}, but the plan says ${planned}. Did you miss turns, or count some twice?`;
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
        <TypedField
          label="Or type the whole length of this line"
          unit={unit}
          value={typed}
          onChange={setTyped}
          autoFocus
        />
        <Button type="submit" variant="default" loading={busy} disabled={typed.trim() === ''}>
          Save this length
        </Button>
        <Button variant="subtle" color="gray" onClick={onBack}>
          Back
        </Button>
      </Group>
    </form>
  );
}

import { Button, Group, NativeSelect } from '@mantine/core';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { useFillers } from '../api/records';
import { fillerName } from '../parts/fillerName';
import { failed } from '../parts/undo';
import { useBench } from '../shell/bench';
import { sentence } from '../units/sentence';
import { length, within, words } from '../units/units';
import type { Running } from './useRun';
import classes from './Wind.module.css';

type Stop = Schemas['RunStop'];

/** The end of a layer, as planned or not. What is on is written into the log, and the next step is said. */
export function StopHere({
  run,
  step,
  tell,
  say,
  onStopped,
  ready,
}: Running & { onStopped: () => void; ready: boolean }) {
  const { units } = useBench();
  const { data: fillers = [] } = useFillers();
  const [busy, setBusy] = useState(false);
  const [filler, setFiller] = useState('');
  const [asked, setAsked] = useState(false);
  const { progress, layers } = run.state;
  const stop = (why: Stop) => async () => {
    onStopped();
    setBusy(true);
    try {
      await say({ kind: 'stopped', stop: why });
      if (why === 'at_mark') tell({ kind: 'done', step: step.id });
    } catch (error) {
      failed(error);
    } finally {
      setBusy(false);
    }
  };
  // far from the mark by what is counted: what is on is asked before it is written
  const here = layers[progress.layer];
  const far = here !== undefined && progress.far_from_mark;
  const asPlanned = async () => {
    setAsked(false);
    try {
      await say({ kind: 'counted', metres: `${progress.left_m} m` });
      await stop('at_mark')();
    } catch (error) {
      failed(error);
    }
  };
  const line = run.sources[progress.layer]?.line;
  const alike = fillers.filter((each) => each.line.id === line && each.left_m > 0);
  if (progress.stop) {
    return (
      <div className={classes.ending} data-testid="ending">
        <p>{sentence(progress.stop, units)}</p>
        {progress.may_go_on && alike.length > 0 && (
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
          {progress.may_go_on && (
            <Button variant="default" onClick={() => tell({ kind: 'resumed', filler: filler ? Number(filler) : null })}>
              Go on with the {layers[progress.layer]?.role === 'backing' ? 'backing' : 'main line'}
            </Button>
          )}
          <Button onClick={() => tell({ kind: 'done', step: step.id })}>Leave it there: next step</Button>
        </Group>
      </div>
    );
  }
  if (asked && far) {
    const planned = words(length(here.planned_m, units));
    // the plan's metres beside turns that were counted would be two measures of one stretch
    const counted = here.wound_m > 0;
    return (
      <section className={classes.ending} aria-label="How much is on?" data-testid="how-much">
        <p>
          {counted
            ? `Only ${words(length(here.wound_m, units))} of ${planned} are counted. If more is on, go back: say the metres, or measure the depth.`
            : 'Nothing is counted. What is on? Where it is not as planned, go back: say the metres, or measure the depth.'}
        </p>
        <Group gap="xs">
          {counted ? (
            <Button loading={busy} onClick={stop('early')}>
              As counted: {words(length(here.wound_m, units))}
            </Button>
          ) : (
            <Button loading={busy} onClick={asPlanned}>
              As planned: {planned}
            </Button>
          )}
          <Button variant="subtle" color="gray" onClick={() => setAsked(false)}>
            Back
          </Button>
        </Group>
      </section>
    );
  }
  return (
    <Group gap="xs" className={classes.stops}>
      <Button
        size="lg"
        variant={ready ? 'filled' : 'default'}
        loading={busy}
        onClick={far ? () => setAsked(true) : stop('at_mark')}
      >
        At the mark: write it down
      </Button>
      <Button variant="default" onClick={stop('early')}>
        Stopped before it
      </Button>
      <Button variant="default" onClick={stop('filler_out')}>
        The filler is empty
      </Button>
      <Button variant="default" onClick={stop('snapped')}>
        It snapped
      </Button>
    </Group>
  );
}

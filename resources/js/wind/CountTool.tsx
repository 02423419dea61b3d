import { Button, Group, Switch, VisuallyHidden } from '@mantine/core';
import { useLocalStorage } from '@mantine/hooks';
import { useState } from 'react';
import { type Key, useKeys } from '../parts/useKeys';
import { useBench } from '../shell/bench';
import { sentence } from '../units/sentence';
import { length, minutes, retrieve, small, within, words } from '../units/units';
import { CounterTool } from './CounterTool';
import { DepthForm } from './DepthForm';
import { MeasureNow } from './MeasureNow';
import { SayIt } from './SayIt';
import { StopHere } from './StopHere';
import { spoken } from './spoken';
import { standing } from './standing';
import { Tension } from './Tension';
import { useCount } from './useCount';
import type { Running } from './useRun';
import classes from './Wind.module.css';

/** Counting: the largest figure is what is left; the whole pane is the button. */
export function CountTool(running: Running) {
  const { run, step, tell, ahead } = running;
  const { units, singleKeys } = useBench();
  const { progress } = run.state;
  const [sound, setSound] = useLocalStorage({ key: 'undro-sound', defaultValue: true });
  const [measuring, setMeasuring] = useState(false);
  const [saying, setSaying] = useState(false);
  // without the spool's shape a level tells nothing in the middle of a fill
  const levels = run.state.spool !== null;
  const now = standing(run, ahead);
  const first = step.turns !== null;
  const firstLeft = first ? Math.max(0, (step.turns ?? 0) - Math.round(now.turns)) : null;
  const left = firstLeft ?? now.turns_left;
  const count = useCount({
    tell,
    pace: run.pace_turns_per_min,
    sound,
    slow: progress.slow,
    soFar: progress.turns + ahead,
    left: progress.stop === null ? left : null,
  });
  const done = () => tell({ kind: 'done', step: step.id });
  // past the mark the figure grows with every turn: it is announced once, and again where the advice is another
  const advice = progress.passed?.sentence ?? '';
  const [told, setTold] = useState({ advice: '', text: '' });
  if (told.advice !== advice) setTold({ advice, text: progress.passed ? sentence(progress.passed, units) : '' });
  useKeys([
    ['Space', count.tap],
    ['Backspace', count.back],
    ...(singleKeys
      ? ([
          ['p', () => (count.running ? count.stop() : count.start())],
          ...(levels ? ([['d', () => setMeasuring(true)]] as Key[]) : []),
          ['t', () => setSaying(true)],
        ] as Key[])
      : []),
  ]);
  const passed = progress.passed !== null || (left !== null && left < 0);
  const figure = left === null ? length(now.left_m, units).figure : String(Math.abs(left));
  const lead =
    left === null
      ? `${units.length} to go`
      : passed
        ? 'turns past the mark'
        : first
          ? 'turns, slow and tight'
          : progress.slow
            ? 'turns left, slow down'
            : 'turns left';
  return (
    <div
      className={classes.count}
      data-slow={progress.slow || undefined}
      data-passed={progress.passed_far || undefined}
    >
      <button
        type="button"
        className={classes.pane}
        data-passes-keys
        onClick={count.tap}
        onKeyDown={(event) => event.key === ' ' && event.preventDefault()}
        onKeyUp={(event) => event.key === ' ' && event.preventDefault()}
      >
        <VisuallyHidden>Tap once for each handle turn. </VisuallyHidden>
        <span className={classes.huge} data-testid="turns-left">
          {figure}
        </span>
        <span className={classes.lead}>{lead}</span>
        <span className={classes.soFar} data-testid="so-far">
          {Math.round(now.turns) === 1 ? '1 turn' : `${Math.round(now.turns)} turns`} ·{' '}
          {within(now.on_m, now.half_m, units, 1)} wound
          {count.bounced && ' · double tap, counted once'}
        </span>
      </button>
      <ul className={classes.facts}>
        {!first && (
          <li>
            <b>{words(length(Math.max(0, now.left_m), units))}</b> ± {length(progress.left_half_m, units, 1).figure} to
            go
          </li>
        )}
        {!first && progress.minutes_left !== null && <li>{minutes(progress.minutes_left)} at your pace</li>}
        {progress.retrieve_m !== null && (
          <li>
            {progress.by_experience
              ? `about ${words(retrieve(progress.retrieve_m, units))} ± ${retrieve(progress.by_experience.half_m, units).figure} per turn, by experience`
              : `${words(retrieve(progress.retrieve_m, units))} per turn now`}
          </li>
        )}
        {!first && progress.stop_depth_mm !== null && (
          <li>stop at {words(small(progress.stop_depth_mm, units))} below the lip</li>
        )}
        {progress.replanned && <li>replanned from your measured level</li>}
      </ul>
      {!first && <MeasureNow {...running} />}
      {progress.counter_short && (
        <p role="alert" className={classes.warn}>
          The line counter shows much less than your turns: its roller is stuck. Undro goes by your turns.
        </p>
      )}
      {progress.passed && (
        <p className={progress.passed_far ? classes.stopped : classes.warn} data-testid="passed">
          {sentence(progress.passed, units)}
        </p>
      )}
      {first && now.turns > (step.turns ?? 0) && (
        <p role="status" className={classes.warn}>
          The first {step.turns} turns are on. Check that they hold, then go to the next step.
        </p>
      )}
      <VisuallyHidden role="status" data-testid="spoken">
        {progress.stop === null ? spoken(left) : ''}
      </VisuallyHidden>
      {told.text && (
        <VisuallyHidden role="alert" data-testid="spoken-passed">
          {told.text}
        </VisuallyHidden>
      )}
      <Group gap="xs" className={classes.beat}>
        <Button
          size="md"
          variant={count.running ? 'default' : 'filled'}
          onClick={count.running ? count.stop : count.start}
        >
          {count.running ? 'Stop the metronome' : 'Start the metronome'}
        </Button>
        <Button variant="default" aria-label="Slower" onClick={() => count.setPace(count.pace - 5)}>
          −
        </Button>
        <span className={classes.pace}>{Math.round(count.pace)} per minute</span>
        <Button variant="default" aria-label="Faster" onClick={() => count.setPace(count.pace + 5)}>
          +
        </Button>
        <Button variant="default" onClick={count.back}>
          Undo a turn
        </Button>
        <Switch label="Sound" checked={sound} onChange={(event) => setSound(event.currentTarget.checked)} />
      </Group>
      {run.practice && <Tension {...running} />}
      {!first && <CounterTool {...running} />}
      <Group gap="xs" align="start">
        <SayIt {...running} open={saying} onOpen={setSaying} />
        {!first && levels && <DepthForm {...running} open={measuring} onOpen={setMeasuring} />}
      </Group>
      {first ? (
        <Button size="lg" variant={firstLeft === 0 ? 'filled' : 'default'} onClick={done}>
          They hold, next step
        </Button>
      ) : (
        <StopHere {...running} onStopped={count.stop} ready={left !== null && left <= 0} />
      )}
    </div>
  );
}

import { Button, Checkbox, Group, TextInput } from '@mantine/core';
import { useCallback, useEffect, useState } from 'react';
import { driveScale } from '../api/devices';
import type { DragResult, DragSetting, DragSteps, Reel, Sentence, Spool } from '../api/types';
import { Rod } from '../drawings/rod/Rod';
import { day } from '../parts/day';
import { failed } from '../parts/undo';
import { unlessTyped } from '../parts/unlessTyped';
import { useKeys } from '../parts/useKeys';
import { useBench } from '../shell/bench';
import { sentence } from '../units/sentence';
import { force, newtonsPer, words } from '../units/units';
import type { DragDraft } from './chain';
import { Doubt } from './Doubt';
import classes from './Drag.module.css';
import { place } from './knob';
import { Next } from './Next';
import { PullForm } from './PullForm';
import { PullTable } from './PullTable';
import { ScaleTool } from './ScaleTool';
import { useKeepSetting } from './useKeepSetting';
import { usePullFields } from './usePullFields';
import { useScalePulls } from './useScalePulls';
import type { Setting } from './useSetting';

interface SetItProps {
  draft: DragDraft;
  drag: DragResult;
  target: number;
  steps: DragSteps;
  /** the steps are those of where the knob stands now */
  stepsFresh: boolean;
  setting: Setting;
  /** how to have the wanted setting again */
  again: Sentence | null;
  /** the setting that holds */
  kept: DragSetting | null;
  reel: Reel | undefined;
  spool: Spool | undefined;
}

/** Pull, read, move, pull: until it holds. */
export function SetIt({ draft, drag, target, steps, stepsFresh, setting, again, kept, reel, spool }: SetItProps) {
  const { units, singleKeys } = useBench();
  const fields = usePullFields(setting);
  const { scale, said } = useScalePulls(setting.add);
  const [temperature, setTemperature] = useState('');
  const [note, setNote] = useState('');
  const [askedToPull, setAskedToPull] = useState(false);
  const { keep, isPending } = useKeepSetting({ draft, drag, reel, spool });
  const { next, held } = setting;
  const doubt = next?.doubt ?? null;
  const percent = Math.abs(Math.round((next?.off ?? 0) * 100));
  const asIs =
    !next || doubt || next.state === 'accept'
      ? ''
      : percent > 0
        ? `${percent} % ${next.off < 0 ? 'under' : 'over'}`
        : `after ${next.pulls_here === 1 ? 'one pull' : `${next.pulls_here} pulls`}`;
  const apart = next?.scattered ? `scattered by ${Math.round(next.spread * 100)} %` : '';
  const here = scale?.state === 'here';
  const { at_turns: turns } = steps;

  const pullStandIn = useCallback(async () => {
    setAskedToPull(false);
    if (turns === null) return;
    try {
      await driveScale('target', target);
      await driveScale('rise', 1);
      await driveScale('knob', turns);
      await driveScale('pull');
    } catch (error) {
      failed(error);
    }
  }, [target, turns]);
  // the stand-in's knob is turned to where this one stands: a pull asked for before that is known waits for it
  useEffect(() => {
    if (askedToPull && stepsFresh) void pullStandIn();
  }, [askedToPull, stepsFresh, pullStandIn]);
  const stands = (position: number) => setting.stands(place(position));
  const save = async (byHand: boolean) => {
    const made = {
      mechanism: steps.mechanism,
      knob: steps.knob,
      from_off: held.fromOff && !byHand,
      target_N: target,
      limits: setting.limits,
      scattered: next?.scattered === true,
      pulls: byHand ? [] : setting.pulls,
      temperature,
      note,
    };
    if (await keep(made, byHand ? 'Saved, not measured.' : apart ? `Saved, ${apart}.` : 'Setting saved.')) {
      setting.change((now) => ({ pulls: now.pulls.slice(setting.pulls.length) }));
      setNote(unlessTyped(note));
    }
  };
  const go = () => {
    if (!setting.fresh || doubt) return;
    if (next?.state === 'move' && next.position !== undefined) stands(next.position);
    else if (next?.state === 'accept') void save(false);
  };
  useKeys(
    singleKeys
      ? [
          ['space', () => here && scale.stand_in && setAskedToPull(true)],
          ['enter', go],
          ['backspace', setting.takeBack],
        ]
      : [],
  );
  const pulling = here && scale.pulling === true;
  // with nothing pulled the drag still has what was saved last
  const saved = !next && kept?.measured ? (kept.median_N ?? kept.running_N) : null;
  const shown = pulling ? (scale.force_N ?? 0) : (next?.median_N ?? saved ?? 0);
  return (
    <div className={classes.set}>
      <div className={classes.work}>
        {doubt ? (
          <Doubt doubt={doubt} setting={setting} units={units} onChange={fields.back} />
        ) : next ? (
          <Next
            next={next}
            knob={steps.knob}
            word={steps.knob_word}
            units={units}
            onStands={stands}
            onPreset={() => setting.change(() => ({ pulls: [] }))}
          />
        ) : setting.problem ? null : (
          <section className={classes.next} data-state="first" aria-label="What to do next">
            <p className={classes.doing} data-testid="drag-next">
              Pull once
            </p>
            {kept && !kept.measured && (
              <p className={classes.because}>Set by hand on {day(kept.happened_at)} and not measured yet.</p>
            )}
            <p className={classes.because} data-testid="begin">
              {again
                ? sentence(again, units)
                : `Start with the ${steps.knob_word} loose and tighten up to ${words(force(target, units))}.`}
            </p>
          </section>
        )}
        <p className={classes.caution}>{steps.caution}</p>
        {scale && <ScaleTool scale={scale} said={said} units={units} pull={() => setAskedToPull(true)} />}
        <PullForm setting={setting} fields={fields} knob={steps.knob} units={units} />
        {next && <PullTable next={next} units={units} />}
        {held.pulls.length > 0 && (
          <Group gap="xs">
            <Button size="compact-sm" variant="default" onClick={setting.takeBack}>
              Undo the last pull
            </Button>
            <Button size="compact-sm" variant="subtle" color="gray" onClick={setting.anew}>
              Start over
            </Button>
          </Group>
        )}
      </div>
      <div className={classes.dial}>
        <Rod
          force={shown}
          target={target}
          within={drag.within}
          stop={drag.stop_N}
          peak={pulling ? scale.peak_N : null}
          pulls={next?.pulls.filter((pull) => pull.here).map((pull) => pull.counts_N) ?? []}
          scaleUnit={{ n: newtonsPer(units), name: units.force }}
          label={`The rod bends to ${words(force(shown, units))}; the target is ${words(force(target, units))}`}
        />
        <p className={classes.live} data-testid="live">
          {words(force(shown, units))}
          <small>
            {pulling
              ? ' now'
              : next
                ? ' median here'
                : kept && saved !== null
                  ? ` saved on ${day(kept.happened_at)}`
                  : ' nothing pulled yet'}
          </small>
        </p>
        <details className={classes.how} open={held.pulls.length === 0}>
          <summary>How to set a {steps.word}</summary>
          <ol>
            {steps.steps.map((step) => (
              <li key={step}>{step}</li>
            ))}
            {steps.mechanism === 'lever' && (
              <li>At the full stop, no more than {words(force(drag.full_stop_N, units))}.</li>
            )}
          </ol>
        </details>
        {reel && spool && (
          <section className={classes.keep} aria-label="Save the setting">
            <Checkbox
              label="counted from fully loose"
              checked={held.fromOff}
              onChange={(change) => {
                const fromOff = change.currentTarget.checked;
                setting.change(() => ({ fromOff }));
              }}
            />
            <div className={classes.pair}>
              <TextInput
                label="Temperature"
                placeholder="8 °C"
                maxLength={40}
                value={temperature}
                onChange={(change) => setTemperature(change.currentTarget.value)}
              />
              <TextInput
                label="Note"
                placeholder="after cleaning"
                maxLength={200}
                value={note}
                onChange={(change) => setNote(change.currentTarget.value)}
              />
            </div>
            <Group gap="xs">
              <Button
                variant={next?.state === 'accept' ? 'filled' : 'default'}
                disabled={!next || !setting.fresh || doubt !== null}
                loading={isPending}
                onClick={() => save(false)}
              >
                {asIs || apart ? `Save it as it is: ${[asIs, apart].filter(Boolean).join(', ')}` : 'Save this setting'}
              </Button>
              <Button variant="subtle" color="gray" onClick={() => save(true)}>
                Save without a scale
              </Button>
            </Group>
            <p className={classes.soft}>
              Without a scale, start where you can pull line off without it cutting in or snapping. Undro saves the
              setting as not measured.
            </p>
          </section>
        )}
      </div>
    </div>
  );
}

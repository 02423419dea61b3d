import { Anchor, Button } from '@mantine/core';
import { lazy, Suspense, useEffect, useState } from 'react';
import { useReels } from '../api/records';
import { day } from '../parts/day';
import { Empty } from '../parts/Empty';
import { backingOf, mainOf } from '../parts/onSpool';
import { Segmented } from '../parts/Segmented';
import { useLinked } from '../parts/useLinked';
import { Waiting } from '../parts/Waiting';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import { atItsField, ChainForm } from './ChainForm';
import { START, wantedOf } from './chain';
import classes from './Drag.module.css';
import { place } from './knob';
import { Nicked } from './Nicked';
import { SetIt } from './SetIt';
import { Target } from './Target';
import { useDragOf } from './useDragOf';
import { useHeld, useSetting } from './useSetting';

// what draws a chart comes when it is looked at
const Before = lazy(async () => ({ default: (await import('./Before')).Before }));
const RunsOut = lazy(async () => ({ default: (await import('./RunsOut')).RunsOut }));
const StrikePart = lazy(async () => ({ default: (await import('./StrikePart')).StrikePart }));

/** The drag of what is on the bench: how tight, set with a scale, and what becomes of it. */
export function DragPlace() {
  const { reel, spool, units, angler } = useBench();
  const reels = useReels();
  const [typed, set] = useLinked(START);
  const key = reel && spool ? `${reel.id}-${spool.id}` : 'bench';
  const held = useHeld(key);
  const { draft, ready, found, problem, steps, history, kept, care } = useDragOf(
    typed,
    reel,
    spool,
    units,
    held.position,
  );
  const [sure, setSure] = useState('');
  // once what was kept is there the chain is begun, and stands as typed from then on
  useEffect(() => {
    if (ready && draft.begun !== typed.begun) set(draft);
  }, [ready, draft, typed.begun, set]);
  const wanted = wantedOf(draft);
  const target = found?.to_set_N ?? null;
  const setting = useSetting({
    key,
    target,
    knob: steps.data?.knob ?? 'turn',
    stop: draft.stop,
    weakest: found ? found.weakest_N / (draft.tip === 'yes' ? 1 : found.guides) : null,
    units,
  });
  if (!reels.data) return <Waiting query={reels} what="the reels" />;
  const top = mainOf(spool)?.line;
  const again = history.data?.settings.find((each) => each.median_N === wanted);
  const asks = found?.ask_again === true && sure !== `${found.asked_share}`;
  return (
    <div className={classes.place}>
      <title>Drag · Undro</title>
      <aside className={classes.side}>
        <ChainForm
          draft={draft}
          set={set}
          steps={steps.data}
          problem={problem ?? steps.error}
          units={units}
          angler={angler}
          drag={found}
          care={care}
        />
      </aside>
      <div className={classes.main}>
        {!reel && (
          <p className={classes.soft}>
            No reel on the bench. You can work out a target; to save a setting, choose a reel (press b).
          </p>
        )}
        {!found && draft.main.trim() === '' && (
          <Empty title="How strong is the main line?" order={1}>
            <p>
              Enter its rated strength in the form, or choose a reel whose line is in the Rack. The drag setting follows
              from the weakest link between reel and fish.
            </p>
            <Button component={Link} to="/drag/practice" mt="sm">
              Practice setting a drag
            </Button>
          </Empty>
        )}
        {problem && !atItsField(problem) && (
          <p role="alert" className={classes.said}>
            {problem.message}
          </p>
        )}
        {found && steps.data && target !== null && (
          <>
            <Nicked care={care} typed={draft.mainCondition} units={units} />
            <Target
              drag={found}
              wanted={wanted === null ? null : { when: again ? day(again.happened_at) : 'before' }}
              onClear={() => set({ wanted: '' })}
              units={units}
              stale={problem !== null}
              backing={backingOf(spool).at(-1)?.line.material ?? null}
              main={top?.material ?? 'mono'}
              leader={top?.material === 'braid' ? 'fluoro' : (top?.material ?? 'mono')}
              tip={draft.tip === 'yes'}
              whole={draft.at === 'set'}
              otherWay={kept?.measured === true && kept.tip !== (draft.tip === 'yes')}
            />
            {asks ? (
              <section className={classes.ask} role="alertdialog" aria-label="Over 40 %">
                <p>
                  {Math.round(found.asked_share * 100)} % of the weakest link is over 40 %. A lunge, a stuck washer or
                  an emptier spool can then break it, and what breaks under load flies back. Local rules on line come
                  first.
                </p>
                <Button color="rust" onClick={() => setSure(`${found.asked_share}`)}>
                  I mean it: {Math.round(found.asked_share * 100)} %
                </Button>
              </section>
            ) : (
              <div className={classes.tabs}>
                <div className={classes.top}>
                  <Segmented
                    value={draft.at}
                    onChange={(at) => set({ at })}
                    aria-label="Views of the drag"
                    data={[
                      { value: 'set', label: 'Set the drag' },
                      { value: 'runs', label: 'Line out' },
                      { value: 'strike', label: 'Strike' },
                      { value: 'before', label: 'Saved settings' },
                    ]}
                  />
                  <span />
                  <Anchor component={Link} to="/drag/practice" data-alone>
                    Practice setting a drag
                  </Anchor>
                </div>
                {draft.at === 'set' && (
                  <SetIt
                    draft={draft}
                    drag={found}
                    target={target}
                    steps={steps.data}
                    stepsFresh={!steps.isPlaceholderData}
                    setting={setting}
                    again={again?.again ?? null}
                    kept={kept}
                    reel={reel}
                    spool={spool}
                  />
                )}
                <Suspense fallback={<p aria-busy="true">Drawing …</p>}>
                  {draft.at === 'runs' &&
                    (reel && spool && found.total_m !== null ? (
                      <RunsOut draft={draft} set={set} drag={found} reel={reel} spool={spool} kept={kept} />
                    ) : (
                      <Empty title="The line on this spool is not known yet">
                        <p>
                          {!spool || spool.contents.length === 0
                            ? 'This spool has no line in the records. Wind it or enter what’s on it, and Undro draws the drag over all of that line.'
                            : 'The shape of the spool is not known. With the lip and one more measure, Undro draws the drag over all of its line.'}
                        </p>
                        <Button component={Link} to="/locker" mt="sm">
                          Open the Locker
                        </Button>
                      </Empty>
                    ))}
                  {draft.at === 'strike' && (
                    <StrikePart draft={draft} set={set} drag={found} target={target} reel={reel} spool={spool} />
                  )}
                  {draft.at === 'before' &&
                    (history.data ? (
                      <Before
                        history={history.data}
                        onAgain={(before) => {
                          const from = before.again?.position;
                          setting.change(() => ({ pulls: [], position: from == null ? '' : place(from) }));
                          set({ at: 'set', wanted: `${before.median_N}` });
                        }}
                      />
                    ) : (
                      <p>Choose a reel (press b) to see its saved settings.</p>
                    ))}
                </Suspense>
              </div>
            )}
          </>
        )}
      </div>
    </div>
  );
}

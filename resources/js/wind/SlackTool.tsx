import { Button, Group } from '@mantine/core';
import { Hanging } from '../drawings/slack/Hanging';
import { type Key, useKeys } from '../parts/useKeys';
import { useBench } from '../shell/bench';
import { useCount } from './useCount';
import type { Running } from './useRun';
import classes from './Wind.module.css';

/** As many are drawn where somebody says that there are loops. */
const LOOPS = 3;

/** The slack test: turns until it can be done, what was seen, and the next move. */
export function SlackTool({ run, tell, ahead }: Running) {
  const { slack, progress, layer, layers, steps } = run.state;
  const placed = layers[layer]?.placed;
  const place = steps.find((each) => each.kind === 'place' && each.layer === layer);
  const { singleKeys } = useBench();
  // a made-up reel hangs as it hangs; on a real one the angler looks
  const made = run.truth?.layers[run.state.layer];
  const count = useCount({
    tell,
    pace: run.pace_turns_per_min,
    sound: false,
    slow: false,
    soFar: progress.turns + ahead,
    left: null,
  });
  useKeys([
    ['Space', count.tap],
    ['Backspace', count.back],
    ...(singleKeys
      ? ([
          ['h', () => tell({ kind: 'slack', slack: 'straight' })],
          ['l', () => tell({ kind: 'slack', slack: 'loops' })],
        ] as Key[])
      : []),
  ]);
  return (
    <div className={classes.slack}>
      <button type="button" className={classes.smallPane} onClick={count.tap}>
        <span className={classes.large}>{Math.round(progress.turns + ahead)}</span>
        <span className={classes.lead}>
          {count.bounced ? 'double tap, counted once' : 'turns wound, tap for each turn'}
        </span>
      </button>
      <Hanging loops={made ? made.slack_loops : slack.seen.at(-1) === 'loops' ? LOOPS : 0} knots={made?.wind_knots} />
      <div>
        <p className={classes.move} aria-live="polite" data-testid="slack-move">
          {/* that to begin with is what the step says already */}
          {slack.move !== 'test' && slack.words}
        </p>
        <Group gap="xs">
          <Button size="md" variant="default" onClick={() => tell({ kind: 'slack', slack: 'straight' })}>
            It hangs straight
          </Button>
          <Button size="md" variant="default" onClick={() => tell({ kind: 'slack', slack: 'loops' })}>
            It springs into loops
          </Button>
        </Group>
        {(slack.move === 'look' || slack.move === 'turn_over') && place && (
          <Group gap="xs" mt="xs">
            {slack.move === 'look' ? (
              <Button size="md" onClick={() => tell({ kind: 'back', step: place.id })}>
                Check which way they turn
              </Button>
            ) : (
              <Button
                size="md"
                onClick={() =>
                  tell({ kind: 'placed', step: place.id, filler_turns: placed?.filler_turns === 'cw' ? 'ccw' : 'cw' })
                }
              >
                I flipped the filler spool
              </Button>
            )}
          </Group>
        )}
        {slack.seen.length > 0 && (
          <p className={classes.mini}>
            So far: {slack.seen.map((seen) => (seen === 'loops' ? 'loops' : 'straight')).join(', ')}
          </p>
        )}
      </div>
    </div>
  );
}

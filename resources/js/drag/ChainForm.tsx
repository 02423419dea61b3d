import { Anchor, NativeSelect } from '@mantine/core';
import { Problem } from '../api/client';
import { useRods } from '../api/records';
import type { Angler, Care, DragResult, DragSteps } from '../api/types';
import { Segmented } from '../parts/Segmented';
import { TypedField } from '../parts/TypedField';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import { rated, type Units, words } from '../units/units';
import { type DragDraft, ownTest } from './chain';
import classes from './Drag.module.css';
import { KNOB_WORD } from './knob';
import { LeaderOn } from './LeaderOn';

const CONDITIONS = [
  { value: '1', label: 'new' },
  { value: '0.9', label: 'one season' },
  { value: '0.8', label: 'rough, worn' },
  { value: '0.5', label: 'nicked' },
];
/** The field of each figure, as the calculator names it. */
const FIELDS: Partial<Record<keyof DragDraft, string[]>> = {
  fraction: ['fraction'],
  main: ['main_N', 'rated_N'],
  leader: ['leader_N'],
  joinTested: ['join_tested'],
  hookKnot: ['hook_knot'],
  terminalTested: ['terminal_tested'],
  snap: ['snap_N'],
  stop: ['limits.max'],
  angle: ['rod_angle_deg'],
  sleeve: ['sleeve_mm', 'arbor_diameter_mm'],
};

function fieldOf(problem: Error | null): string | undefined {
  if (!(problem instanceof Problem)) return undefined;
  return Object.entries(FIELDS).find(([, names]) => names.some((name) => problem.field.endsWith(name)))?.[0];
}

/** What is wrong is said at a field of this form. */
export const atItsField = (problem: Error) => fieldOf(problem) !== undefined;

interface ChainFormProps {
  draft: DragDraft;
  set: (change: Partial<DragDraft>) => void;
  steps: DragSteps | undefined;
  problem: Error | null;
  units: Units;
  angler: Angler | undefined;
  drag: DragResult | undefined;
  /** what the log says of the line on the spool */
  care: Care | undefined;
}

/** What the log says a line has left of its strength, and by what. */
const byTheLog = (care: Care | undefined) =>
  care
    ? `According to the log it has ${Math.round(care.condition.keeps * 100)} % of its strength left, ${care.condition.by === 'wear' ? 'going by age and trips' : `because it was ${care.condition.by}`}.`
    : 'The log doesn’t say how old it is. Undro treats it as new.';

/** What hangs between the reel and the fish, as typed; every field may stay empty but the main line. */
export function ChainForm({ draft, set, steps, problem, units, angler, drag, care }: ChainFormProps) {
  const { spool } = useBench();
  const { data: rods = [] } = useRods();
  const wrong = (key: keyof DragDraft) => (fieldOf(problem) === key ? problem?.message : undefined);
  const field = (key: keyof DragDraft, label: string, more: { unit?: string; placeholder?: string }) => (
    <TypedField
      label={label}
      unit={more.unit}
      placeholder={more.placeholder}
      value={draft[key]}
      error={wrong(key)}
      onChange={(value) => set({ [key]: value })}
    />
  );
  const choice = (key: keyof DragDraft, label: string, data: { value: string; label: string }[]) => (
    <NativeSelect
      label={label}
      data={data}
      value={draft[key]}
      onChange={(event) => set({ [key]: event.currentTarget.value })}
    />
  );
  /** What a knot keeps: as it was tested, or in general. */
  const share = (knot: { low: number; high: number } | undefined, own: string) =>
    own !== '' ? `${own}, tested` : knot ? `${Math.round(knot.low * 100)}-${Math.round(knot.high * 100)} %` : '';
  const joins = steps?.knots.filter((knot) => knot.kind === 'join') ?? [];
  const hookKnots = steps?.knots.filter((knot) => knot.kind === 'terminal') ?? [];
  const terminal = hookKnots.find((knot) => knot.id === (draft.hookKnot || 'terminal'));
  const join = joins.find((knot) => knot.id === draft.join);
  const force = units.force;
  return (
    <form className={classes.chain} onSubmit={(event) => event.preventDefault()} aria-label="The chain">
      <fieldset>
        <legend>Fishing</legend>
        {choice(
          'fishing',
          'How',
          steps?.fishing.map((each) => ({
            value: each.id,
            label: `${each.word}: ${Math.round(each.fraction * 100)} %`,
          })) ?? [{ value: draft.fishing, label: '…' }],
        )}
        {field('fraction', 'Your share of the weakest link', {
          placeholder:
            drag?.fraction_from === 'habit'
              ? drag.label_share === null
                ? `${Math.round(drag.fraction * 100)} %, your usual`
                : `${Math.round(drag.label_share * 100)} % of the label, your usual`
              : 'as above',
        })}
      </fieldset>
      <fieldset>
        <legend>Main line</legend>
        <div className={classes.pair}>
          {field('main', 'Rated', { unit: force, placeholder: force })}
          {choice('mainCondition', 'It is', [{ value: '', label: 'by the log' }, ...CONDITIONS])}
        </div>
        {draft.mainCondition === '' && <p className={classes.soft}>{byTheLog(care)}</p>}
      </fieldset>
      <fieldset>
        <legend>Leader</legend>
        <div className={classes.pair}>
          {field('leader', 'Rated', { unit: force, placeholder: 'none' })}
          {choice('leaderCondition', 'It is', CONDITIONS)}
        </div>
        {draft.leader.trim() !== '' && (
          <div className={classes.pair}>
            {choice(
              'join',
              'Joining knot',
              joins.map((knot) => ({ value: knot.id, label: knot.word })),
            )}
            {field('joinTested', 'Your pull test', {
              placeholder: share(join, ownTest(draft.join, angler)),
            })}
          </div>
        )}
        {spool && <LeaderOn draft={draft} spool={spool} />}
      </fieldset>
      <fieldset>
        <legend>At the hook</legend>
        {choice(
          'hookKnot',
          'Hook knot',
          hookKnots.map((knot) => ({ value: knot.id === 'terminal' ? '' : knot.id, label: knot.word })),
        )}
        {draft.hookKnot !== '' && (
          <p className={classes.soft}>
            <Anchor component={Link} to={`/knots?knot=${draft.hookKnot}`}>
              How to tie the {terminal?.word}
            </Anchor>
          </p>
        )}
        <div className={classes.pair}>
          {field('terminalTested', 'Your pull test', {
            placeholder: share(terminal, ownTest(draft.hookKnot, angler)),
          })}
          {field('snap', 'Snap', { unit: force, placeholder: 'none' })}
        </div>
        {draft.snap.trim() !== '' && choice('snapCondition', 'The snap is', CONDITIONS)}
      </fieldset>
      <fieldset>
        <legend>Reel and rod</legend>
        <div className={classes.pair}>
          <NativeSelect
            label="Drag"
            data={steps?.mechanisms.map((each) => ({ value: each.id, label: each.word })) ?? []}
            value={steps?.mechanism ?? ''}
            onChange={(event) => set({ mechanism: event.currentTarget.value, knob: '' })}
          />
          {choice('rod', 'Rod', [
            { value: '', label: 'none' },
            ...rods.map((rod) => ({
              value: String(rod.id),
              label: rod.max_drag_N ? `${rod.name}, to ${words(rated(rod.max_drag_N, units))}` : rod.name,
            })),
          ])}
        </div>
        {steps && steps.knobs.length > 1 && (
          <Segmented
            size="xs"
            fullWidth
            aria-label="Knob counted in"
            value={steps.knob}
            onChange={(knob) => set({ knob })}
            data={steps.knobs.map((knob) => ({
              value: knob,
              label:
                steps.mechanism === 'lever' ? (knob === 'turn' ? 'preset, turns' : 'lever, notches') : KNOB_WORD[knob],
            }))}
          />
        )}
        {steps?.mechanism === 'lever' && (
          <div className={classes.pair}>{field('stop', 'Strike stop at notch', { placeholder: '7' })}</div>
        )}
        <Segmented
          size="xs"
          fullWidth
          aria-label="Scale position"
          value={draft.tip}
          onChange={(tip) => set({ tip })}
          data={[
            { value: 'yes', label: 'at the rod tip' },
            { value: 'no', label: 'straight off the reel' },
          ]}
        />
        <div className={classes.pair}>
          {draft.tip === 'yes' && field('angle', 'Rod angle, degrees', { placeholder: '45' })}
          {field('sleeve', 'Sleeve diameter', { unit: units.small, placeholder: 'none' })}
        </div>
      </fieldset>
    </form>
  );
}

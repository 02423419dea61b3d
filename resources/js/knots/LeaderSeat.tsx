import { Button, NativeSelect, Title } from '@mantine/core';
import { useState } from 'react';
import { useCalculator } from '../api/calculators';
import { Problem, type Schemas } from '../api/client';
import { newId } from '../parts/newId';
import { TypedField } from '../parts/TypedField';
import { failed } from '../parts/undo';
import { useWriteDown } from '../parts/useWriteDown';
import { useBench } from '../shell/bench';
import { sentence } from '../units/sentence';
import { force, withUnit, words } from '../units/units';
import classes from './Knots.module.css';

const CASTS = [
  { value: 'gentle', label: 'gently' },
  { value: 'power', label: 'hard' },
];

/** Where the leader's join sits at the cast, and the casting leader that heavy lead asks for, drawn on the rod. */
export function LeaderSeat({ tie }: { tie?: Tie | undefined }) {
  const { units } = useBench();
  const [typed, setTyped] = useState({
    leader_m: '1.5 m',
    drop_m: '0.6 m',
    path_m: '2.2 m',
    lead_g: '',
    spool_diameter_mm: tie?.spoolMm ? `${tie.spoolMm.toFixed(1)} mm` : '',
    main_N: tie?.mainN ? words(force(tie.mainN, units)) : '',
  });
  const [cast, setCast] = useState<'gentle' | 'power'>('gentle');
  const power = cast === 'power';
  const seat = useCalculator(
    'leader',
    typed.leader_m && typed.path_m
      ? {
          ...typed,
          lead_g: withUnit(typed.lead_g, 'g'),
          cast,
          spool_diameter_mm: typed.spool_diameter_mm || (power ? '65 mm' : null),
        }
      : null,
  );
  const problem = seat.error instanceof Problem ? seat.error : null;
  const at = problem ? undefined : seat.data;
  const field = (key: keyof typeof typed, label: string, unit: string, placeholder?: string) => (
    <TypedField
      label={label}
      unit={unit}
      placeholder={placeholder}
      value={typed[key]}
      onChange={(value) => setTyped({ ...typed, [key]: value })}
      error={problem?.field === key ? problem.message : undefined}
    />
  );
  return (
    <section className={classes.tying} aria-label="Where the leader knot sits">
      <Title order={2} size="h4">
        Where does the leader knot sit?
      </Title>
      <div className={classes.seatFields}>
        {field('leader_m', 'Leader', units.length)}
        {field('drop_m', 'Rod tip to lure when casting', units.length)}
        {field('path_m', 'Rod tip to spool', units.length)}
        {field('lead_g', 'Lure or sinker weight', 'g', '28 g')}
        <NativeSelect
          label="You cast"
          value={cast}
          data={CASTS}
          onChange={(event) => setCast(event.currentTarget.value as 'gentle')}
        />
        {power && field('main_N', 'Main line', units.force, 'optional')}
        {power && field('spool_diameter_mm', 'Spool diameter over the line', units.small, '65 mm')}
      </div>
      {seat.error && !Object.keys(typed).includes(problem?.field ?? '') && (
        <p role="alert" className={classes.problem}>
          {seat.error.message}
        </p>
      )}
      {at && <OnTheRod {...at} />}
      {at && (
        <p className={classes.move} data-testid="leader-seat" data-sound={at.sound}>
          {sentence(at.says, units)}
        </p>
      )}
      {tie && <TieIt tie={tie} typed={typed} cast={cast} sound={at?.sound ?? true} />}
    </section>
  );
}

/** The spool a leader is tied to, and what lies on it. */
export interface Tie {
  spool: number;
  spoolMm: number | null;
  mainN: number | null;
  material: Schemas['Material'];
  knot: Schemas['KnotId'] | null;
}

interface TieItProps {
  tie: Tie;
  typed: {
    leader_m: string;
    drop_m: string;
    path_m: string;
    lead_g: string;
    spool_diameter_mm: string;
    main_N: string;
  };
  cast: 'gentle' | 'power';
  sound: boolean;
}

/** Writes the leader down: it stands on the label, in the log and in every chain from then on. */
function TieIt({ tie, typed, cast, sound }: TieItProps) {
  const { angler, units } = useBench();
  const [strength, setStrength] = useState('');
  const [problem, setProblem] = useState<Problem | null>(null);
  const { write, isPending } = useWriteDown();
  const keep = async () => {
    try {
      await write(
        tie.spool,
        {
          id: newId(),
          what: 'leader',
          angler: angler?.id ?? null,
          leader_material: tie.material,
          strength: withUnit(strength, units.force),
          leader: withUnit(typed.leader_m, units.length),
          knot: tie.knot,
          lead: withUnit(typed.lead_g, 'g'),
          thrown: cast,
          path: withUnit(typed.path_m, units.length),
          drop: withUnit(typed.drop_m, units.length),
          spool_mm: typed.spool_diameter_mm || '65 mm',
          main: typed.main_N ? withUnit(typed.main_N, units.force) : null,
        },
        () => 'Leader saved.',
      );
      setProblem(null);
    } catch (error) {
      if (error instanceof Problem) setProblem(error);
      else failed(error);
    }
  };
  return (
    <form
      className={classes.seatFields}
      aria-label="Save leader"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <TypedField
        label="Leader strength"
        unit={units.force}
        placeholder={units.force === 'lb' ? '15 lb' : '7 kg'}
        value={strength}
        onChange={setStrength}
        error={problem?.message}
      />
      <Button type="submit" variant="default" loading={isPending} disabled={!sound || strength.trim() === ''}>
        Save leader
      </Button>
    </form>
  );
}

type OnTheRodProps = Schemas['LeaderResult'];

/** The rod from the side: the line through its guides, the leader on it in the accent, its join, and its turns on the spool. */
function OnTheRod({
  seat,
  sound,
  casting,
  from_tip_m: fromTip,
  drop_m: drop,
  path_m: path,
  turns_on_spool: turns,
}: OnTheRodProps) {
  const scale = 430 / path;
  const tip = 90;
  const spool = tip + path * scale;
  const hang = Math.min(70, Math.max(8, drop * scale));
  const out = fromTip <= 0;
  const onSpool = fromTip >= path;
  const x = out ? tip : onSpool ? spool + 13 : tip + fromTip * scale;
  const y = out ? 24 + hang * Math.min(1, -fromTip / Math.max(0.01, drop)) : onSpool ? 60 : 24;
  const lying = Math.floor((turns ?? 0) + 1e-9);
  const where =
    seat === 'outside_tip'
      ? 'hangs outside the rod tip'
      : seat === 'in_guides'
        ? 'lies in the guides'
        : `is on the spool${lying > 0 ? `, with ${lying === 1 ? 'one turn' : `${lying} turns`} of the leader` : ''}`;
  return (
    <svg viewBox="0 0 560 120" role="img" aria-label={`The leader knot ${where}`} className={classes.rod}>
      <path d={`M${tip} 30L548 38`} className={classes.blank} />
      {[0, 0.12, 0.26, 0.42, 0.6, 0.8].map((share) => (
        <circle key={share} cx={tip + share * path * scale} cy={27} r={3 + 4 * share} className={classes.guide} />
      ))}
      <rect x={spool} y={34} width={26} height={30} className={classes.guide} />
      <path d={`M${spool} 34L${tip} 24V${24 + hang}`} className={classes.line} />
      {onSpool &&
        Array.from({ length: Math.min(8, lying) }, (_, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: turns have no name but their place
          <path key={i} d={`M${spool + 24 - i * 3} 34l-3 30`} className={classes.leaderLine} />
        ))}
      <path d={`M${tip - 4} ${24 + hang}h8l-4 14Z`} className={classes.lure} />
      <path
        d={
          out
            ? `M${tip} ${y}V${24 + hang}`
            : onSpool
              ? `M${spool} 34L${tip} 24V${24 + hang}`
              : `M${x} 24H${tip}V${24 + hang}`
        }
        className={classes.leaderLine}
      />
      <circle cx={x} cy={y} r={6} className={sound ? classes.join : classes.bad} />
      <text
        x={out ? x + 10 : onSpool || !sound ? 552 : Math.min(x - 4, 500)}
        y={out ? y + 4 : onSpool ? 84 : y - 10}
        textAnchor={!out && (onSpool || !sound) ? 'end' : 'start'}
        className={classes.rodWord}
      >
        {casting && !sound
          ? 'knot: the main line takes the cast'
          : onSpool
            ? `knot: ${lying} ${lying === 1 ? 'turn' : 'turns'} on the spool`
            : 'knot'}
      </text>
    </svg>
  );
}

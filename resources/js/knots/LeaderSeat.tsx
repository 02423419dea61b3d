import { Group, Title } from '@mantine/core';
import { useState } from 'react';
import { useCalculator } from '../api/calculators';
import { TypedField } from '../parts/TypedField';
import { useBench } from '../shell/bench';
import { length, words } from '../units/units';
import classes from './Knots.module.css';

/** Where the leader's join sits at the cast, drawn on the rod. */
export function LeaderSeat() {
  const { units } = useBench();
  const [typed, setTyped] = useState({ leader_m: '1.5 m', drop_m: '0.6 m', path_m: '2.2 m' });
  const field = (key: keyof typeof typed, label: string) => (
    <TypedField
      label={label}
      unit={units.length}
      value={typed[key]}
      onChange={(value) => setTyped({ ...typed, [key]: value })}
    />
  );
  const seat = useCalculator('leader', typed.leader_m && typed.path_m ? typed : null);
  const at = seat.data;
  return (
    <section className={classes.tying} aria-label="Where the leader join sits">
      <Title order={2} size="h4">
        Where does its join sit?
      </Title>
      <Group gap="xs">
        {field('leader_m', 'Leader')}
        {field('drop_m', 'Tip to lure at the cast')}
        {field('path_m', 'Tip to spool')}
      </Group>
      {seat.error && (
        <p role="alert" className={classes.problem}>
          {seat.error.message}
        </p>
      )}
      {at && <OnTheRod {...at} />}
      {at && (
        <p className={classes.move} data-testid="leader-seat">
          {at.words} {at.seat === 'on_spool' ? 'No: the longest' : 'The longest'} that works is{' '}
          {words(length(at.longest_m, units, 2))}.
        </p>
      )}
    </section>
  );
}

interface OnTheRodProps {
  seat: string;
  from_tip_m: number;
  drop_m: number;
  path_m: number;
}

function OnTheRod({ seat, from_tip_m: fromTip, drop_m: drop, path_m: path }: OnTheRodProps) {
  const scale = 430 / path;
  const tip = 90;
  const spool = tip + path * scale;
  const hang = Math.min(70, Math.max(8, drop * scale));
  const out = fromTip <= 0;
  const x = out ? tip : Math.min(spool + 10, tip + fromTip * scale);
  const y = out ? 24 + hang * Math.min(1, -fromTip / Math.max(0.01, drop)) : 24;
  return (
    <svg
      viewBox="0 0 560 120"
      role="img"
      aria-label={`The join ${seat === 'outside_tip' ? 'hangs outside the tip' : seat === 'in_guides' ? 'lies in the guides' : 'lies on the spool'}`}
      className={classes.rod}
    >
      <path d={`M${tip} 30L548 38`} className={classes.blank} />
      {[0, 0.12, 0.26, 0.42, 0.6, 0.8].map((share) => (
        <circle key={share} cx={tip + share * path * scale} cy={27} r={3 + 4 * share} className={classes.guide} />
      ))}
      <rect x={spool} y={34} width={26} height={22} className={classes.guide} />
      <path d={`M${spool + 8} 40L${tip} 24V${24 + hang}`} className={classes.line} />
      <path d={`M${tip - 4} ${24 + hang}h8l-4 14Z`} className={classes.lure} />
      <path d={out ? `M${tip} ${y}V${24 + hang}` : `M${x} 24H${tip}V${24 + hang}`} className={classes.leaderLine} />
      <circle cx={x} cy={y} r={6} className={seat === 'on_spool' ? classes.bad : classes.join} />
      <text x={x + 10} y={y + (out ? 4 : -8)} className={classes.rodWord}>
        join{seat === 'on_spool' ? ': on the spool' : ''}
      </text>
    </svg>
  );
}

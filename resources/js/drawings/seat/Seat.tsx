import { memo } from 'react';
import classes from './Seat.module.css';

export type Sense = 'cw' | 'ccw';

interface SeatProps {
  reel: 'spinning' | 'baitcasting' | 'spincast';
  feed: 'over_end' | 'rotating';
  /** null: not looked at yet */
  rotor: Sense | null;
  filler: Sense | null;
  label: string;
}

/** What one sees from the angler's seat: the reel from behind in front, the rod pointing away, the filler at its far end. */
export const Seat = memo(function Seat({ reel, feed, rotor, filler, label }: SeatProps) {
  const turns = reel !== 'baitcasting';
  const over = feed === 'over_end';
  return (
    <svg viewBox="0 0 440 250" className={classes.drawing} role="img" aria-label={label}>
      <path d="M20 246L150 60H210L340 246" className={classes.floor} />
      {/* the filler, far away on the floor or on its axle */}
      <g transform="translate(180 66)">
        {over ? (
          <>
            <ellipse cx="0" cy="16" rx="46" ry="15" className={classes.solid} />
            <path d="M-46 0V16M46 0V16" className={classes.edge} />
            <ellipse cx="0" cy="0" rx="46" ry="15" className={classes.solid} />
            <ellipse cx="0" cy="0" rx="20" ry="6.5" className={classes.hole} />
            {filler && <Turning rx={33} ry={10.5} sense={filler} />}
          </>
        ) : (
          <>
            <path d="M-62 6H62" className={classes.axle} />
            <rect x="-30" y="-14" width="60" height="40" rx="3" className={classes.solid} />
            <rect x="-36" y="-20" width="8" height="52" className={classes.solid} />
            <rect x="28" y="-20" width="8" height="52" className={classes.solid} />
            <path d="M-20 30C-14 42 14 42 20 30m-7 -1l7 1l-1 7" className={classes.turn} />
          </>
        )}
      </g>
      {/* the line to the reel, loose coils where it comes over the end */}
      <path
        d={
          over
            ? 'M210 62C226 40 150 30 178 44C214 60 186 88 184 118C182 144 181 150 180 172'
            : 'M180 52C180 90 180 140 180 172'
        }
        className={classes.line}
      />
      <text x="238" y="60" className={classes.word}>
        {over ? (filler ? `line circles ${SAY[filler]}` : 'which way does it circle?') : 'filler turns on its axle'}
      </text>
      {/* the reel from behind */}
      <g transform="translate(180 196)">
        {turns ? (
          <>
            <circle r="40" className={classes.solid} />
            <circle r="26" className={classes.spool} />
            <circle r="5" className={classes.edge} />
            {rotor && <Turning rx={33} ry={33} sense={rotor} />}
          </>
        ) : (
          <>
            <rect x="-44" y="-26" width="88" height="52" rx="6" className={classes.solid} />
            <rect x="-28" y="-20" width="56" height="40" className={classes.spool} />
            <path d="M-28 -12H28M-28 -4H28M-28 4H28M-28 12H28" className={classes.wraps} />
          </>
        )}
        <path d="M44 8h22v16" className={classes.edge} />
        <text x="72" y="-8" className={classes.word}>
          {turns ? (rotor ? `rotor turns ${SAY[rotor]}` : 'which way does it turn?') : 'spool turns: no rotor'}
        </text>
      </g>
    </svg>
  );
});

const SAY: Record<Sense, string> = { cw: 'clockwise', ccw: 'the other way' };

/** An arrow round an ellipse, as seen. */
function Turning({ rx, ry, sense }: { rx: number; ry: number; sense: Sense }) {
  const at = (degrees: number): [number, number] => {
    const angle = (degrees * Math.PI) / 180;
    return [rx * Math.cos(angle), ry * Math.sin(angle)];
  };
  const way = sense === 'cw' ? 1 : -1;
  const [fx, fy] = at(-90 - way * 130);
  const [tx, ty] = at(-90 + way * 130);
  const [bx, by] = at(-90 + way * 112);
  const [dx, dy] = [tx - bx, ty - by];
  const length = Math.hypot(dx, dy) || 1;
  const [ux, uy] = [dx / length, dy / length];
  return (
    <path
      className={classes.turn}
      d={`M${fx} ${fy}A${rx} ${ry} 0 1 ${way > 0 ? 1 : 0} ${tx} ${ty}M${tx - 9 * ux - 5 * uy} ${ty - 9 * uy + 5 * ux}L${tx} ${ty}L${tx - 9 * ux + 5 * uy} ${ty - 9 * uy - 5 * ux}`}
    />
  );
}

import { step, ticks } from '../tape/ticks';
import classes from './Gauge.module.css';

interface GaugeProps {
  /** where the needle stands, N */
  force: number;
  /** what the last pull showed, N: a thin hand stays there; 0: none */
  peak: number;
  target: number;
  /** the band round it, least and most, N */
  within: readonly number[];
  /** what the line bears, N */
  line: number;
  /** N in one unit of the scale, and its name */
  scaleUnit: { n: number; name: string };
  label: string;
}

const R = 84;
const C = { x: 110, y: 104 };
/** The scale goes round from here to there, degrees, nought upwards. */
const FROM = -125;
const TO = 125;
/** Its end, over the target. */
const SCALE = 2;

/** A dial gauge: its needle, the band the target lies in, and a stop for what the line bears where that is on the scale. */
export function Gauge({ force, peak, target, within, line, scaleUnit, label }: GaugeProps) {
  const most = SCALE * target;
  const angle = (newtons: number) => FROM + ((TO - FROM) * Math.min(most * 1.04, Math.max(0, newtons))) / most;
  const at = (newtons: number, r: number) => {
    const turned = (angle(newtons) * Math.PI) / 180;
    return { x: C.x + Math.sin(turned) * r, y: C.y - Math.cos(turned) * r };
  };
  const arc = (least: number, greatest: number, r: number) => {
    const [a, b] = [at(least, r), at(greatest, r)];
    const large = angle(greatest) - angle(least) > 180 ? 1 : 0;
    return `M${a.x.toFixed(2)} ${a.y.toFixed(2)}A${r} ${r} 0 ${large} 1 ${b.x.toFixed(2)} ${b.y.toFixed(2)}`;
  };
  const by = step(most / scaleUnit.n, 5);
  return (
    <svg viewBox="-6 -6 232 226" className={classes.gauge} role="img" aria-label={label}>
      <circle cx={C.x} cy={C.y} r={R + 24} className={classes.case} />
      <path d={arc(0, most, R)} className={classes.way} />
      <path d={arc(within[0] ?? target, within[1] ?? target, R - 6)} className={classes.band} />
      {line < most && <path d={arc(line, most, R - 6)} className={classes.stop} />}
      {ticks(most / scaleUnit.n, by).map((tick) => {
        const [a, b, word] = [at(tick * scaleUnit.n, R), at(tick * scaleUnit.n, R - 9), at(tick * scaleUnit.n, R + 12)];
        return (
          <g key={tick} className={classes.scale}>
            <path d={`M${a.x} ${a.y}L${b.x} ${b.y}`} />
            <text x={word.x} y={word.y + 4} textAnchor="middle">
              {Math.round(tick * 100) / 100}
            </text>
          </g>
        );
      })}
      <text x={C.x} y={C.y + 44} textAnchor="middle" className={classes.unit}>
        {scaleUnit.name}
      </text>
      {peak > 0 && (
        <g className={classes.hand} style={{ transform: `rotate(${angle(peak).toFixed(1)}deg)` }}>
          <path d={`M${C.x} ${C.y}V${C.y - R + 2}`} />
        </g>
      )}
      <g className={classes.needle} style={{ transform: `rotate(${angle(force).toFixed(1)}deg)` }}>
        <path d={`M${C.x - 4} ${C.y + 14}L${C.x} ${C.y - R + 8}L${C.x + 4} ${C.y + 14}Z`} />
      </g>
      <circle cx={C.x} cy={C.y} r="7" className={classes.hub} />
    </svg>
  );
}

interface KnobProps {
  /** where it stands, turns from where it was found */
  turns: number;
  label: string;
}

const RIDGES = Array.from({ length: 20 }, (_, ridge) => ridge * 18);

/** A drag's knob from the front: its mark goes round as it is turned, and the turns stand on it. */
export function Knob({ turns, label }: KnobProps) {
  return (
    <svg viewBox="0 0 150 208" className={classes.knob} role="img" aria-label={label}>
      <circle cx="75" cy="104" r="66" className={classes.case} />
      <g className={classes.turned} style={{ transform: `rotate(${(turns * 360).toFixed(1)}deg)` }}>
        <circle cx="75" cy="104" r="54" className={classes.face} />
        {RIDGES.map((degrees) => {
          const turned = (degrees * Math.PI) / 180;
          const [s, c] = [Math.sin(turned), Math.cos(turned)];
          return (
            <path
              key={degrees}
              d={`M${75 + 48 * s} ${104 - 48 * c}L${75 + 54 * s} ${104 - 54 * c}`}
              className={classes.ridge}
            />
          );
        })}
        <path d="M75 54v20" className={classes.mark} />
      </g>
      <path d="M69 30h12l-6 9Z" className={classes.index} />
      <text x="75" y="112" textAnchor="middle" className={classes.count}>
        {turns > 0 ? '+' : ''}
        {Math.round(turns * 100) / 100}
      </text>
      <text x="75" y="128" textAnchor="middle" className={classes.unit}>
        {Math.abs(turns) === 1 ? 'turn' : 'turns'}
      </text>
    </svg>
  );
}

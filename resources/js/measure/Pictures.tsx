import classes from './Measure.module.css';
import type { Method } from './methods';

/** What to measure, drawn: one small picture a method. */
export function MethodPicture({ method }: { method: Method }) {
  return (
    <svg viewBox="0 0 260 120" className={classes.picture} aria-hidden="true">
      {PICTURES[method]()}
    </svg>
  );
}

const arrow = (x1: number, y1: number, x2: number, y2: number, word: string, wx: number, wy: number) => (
  <g className={classes.dimension}>
    <path d={`M${x1} ${y1}L${x2} ${y2}`} />
    <circle cx={x1} cy={y1} r={2.4} />
    <circle cx={x2} cy={y2} r={2.4} />
    <text x={wx} y={wy}>
      {word}
    </text>
  </g>
);

const spool = () => (
  <>
    <path d="M70 12h14v24h92V20h16v80h-16V84H84v24H70Z" className={classes.metal} />
    {arrow(206, 20, 206, 100, 'lip', 214, 64)}
    {arrow(58, 36, 58, 84, 'arbor', 18, 64)}
    {arrow(84, 116, 176, 116, 'traverse', 108, 110)}
  </>
);

const PICTURES: Record<Method, () => React.ReactNode> = {
  caliper: spool,
  ruler: spool,
  paper_strip: () => (
    <>
      <circle cx="84" cy="60" r="38" className={classes.metal} />
      <path d="M84 22a38 38 0 1 1 -1 0l118 -8v10l-116 8" className={classes.paper} />
      <path d="M84 16v14" className={classes.tick} />
      {arrow(90, 104, 236, 104, 'mark, unroll, measure', 104, 98)}
    </>
  ),
  printed_strip: () => (
    <>
      <circle cx="84" cy="66" r="46" className={classes.paper} />
      <circle cx="84" cy="66" r="38" className={classes.metal} />
      <path d="M84 20h126v-8H84Z" className={classes.paper} />
      {Array.from({ length: 11 }, (_, mark) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: marks are all alike
        <path key={mark} d={`M${94 + mark * 11} 12v4`} className={classes.line} />
      ))}
      <path d="M84 8v20" className={classes.tick} />
      <path d="M46 66h76" className={classes.dimension} />
      <text x="64" y="62" className={classes.word}>
        across
      </text>
      <text x="134" y="46" className={classes.word}>
        read where the start meets the scale
      </text>
    </>
  ),
  stepped_gauge: () => (
    <>
      <path d="M40 44h16v60h130V44h16v66H40Z" className={classes.metal} />
      <path d="M56 74h130v30H56Z" className={classes.paper} />
      <path d="M56 80h130M56 87h130M56 94h130" className={classes.line} />
      <path d="M20 14h210v30h-40v14h-24v-14h-36v22h-24v-22h-36v30h-24v-30H20Z" className={classes.paper} />
      <text x="170" y="38" className={classes.word}>
        2
      </text>
      <text x="112" y="38" className={classes.word}>
        2.5
      </text>
      <text x="56" y="38" className={classes.word}>
        3
      </text>
    </>
  ),
  wrap_test: () => (
    <>
      <path d="M10 44h200l30 16l-30 16H10Z" className={classes.metal} />
      {Array.from({ length: 14 }, (_, turn) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: wraps are all alike
        <path key={turn} d={`M${60 + turn * 7} 40q7 20 0 40`} className={classes.line} />
      ))}
      {arrow(58, 100, 160, 100, 'at least 10 mm of touching wraps', 46, 116)}
    </>
  ),
  kitchen_scale: () => (
    <>
      <path d="M70 92h120l10 20H60Z" className={classes.metal} />
      <path d="M84 92V80h92v12" className={classes.metal} />
      <path d="M92 80V30h12v10h52V30h12v50Z" className={classes.paper} />
      <path d="M104 46h52M104 54h52M104 62h52M104 70h52" className={classes.line} />
      <text x="116" y="107" className={classes.word}>
        81 g
      </text>
    </>
  ),
  weighed: () => (
    <>
      <path d="M20 96h90l8 16H12Z" className={classes.metal} />
      <path d="M38 96V50h10v14h34V50h10v46Z" className={classes.paper} />
      <path d="M150 96h90l8 16H142Z" className={classes.metal} />
      <path d="M168 96V50h10v14h34V50h10v46Z" className={classes.paper} />
      <path d="M178 60h34M178 67h34M178 74h34M178 81h34" className={classes.line} />
      <text x="50" y="110" className={classes.word}>
        bare
      </text>
      <text x="176" y="110" className={classes.word}>
        with line
      </text>
    </>
  ),
  level: () => (
    <>
      <path d="M40 24h16v70h130V44l22 -20h14v84H40Z" className={classes.metal} />
      <path d="M56 60h130v34H56Z" className={classes.paper} />
      <path d="M56 66h130M56 73h130M56 80h130M56 87h130" className={classes.line} />
      <path d="M30 24h200" className={classes.tick} />
      {arrow(120, 24, 120, 60, 'depth now', 128, 46)}
    </>
  ),
};

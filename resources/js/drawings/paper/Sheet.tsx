import classes from './Sheet.module.css';
import { EDGE_MM, gaugeRow, PAPER_MM, type PaperSheet, ray, type StripMark } from './sheet';

const AT = { bar: 4, gauge: [30, 62], strip: [98, 122], wraps: 152, sector: 242 } as const;
/** As narrow as the arbors it goes round. */
const STRIP_HIGH = 9;
const EDGE = 16;

const A_ROW = 6;

/** The paper tools at their size: units are millimetres. */
export function Sheet({ sheet }: { sheet: PaperSheet }) {
  return (
    <svg
      viewBox={`${-EDGE_MM} ${-EDGE_MM} ${PAPER_MM.width} ${PAPER_MM.height}`}
      width={`${PAPER_MM.width}mm`}
      height={`${PAPER_MM.height}mm`}
      className={classes.sheet}
      role="img"
      aria-label="Paper tools: a 100 mm bar, a stepped gauge, a strip that reads diameters, an edge for counting wraps, and a 45-degree sector"
    >
      <Bar length={sheet.bar_mm} />
      {AT.gauge.map((top, row) => (
        <Gauge key={top} steps={sheet.steps_mm.slice(row * A_ROW, (row + 1) * A_ROW)} top={top} />
      ))}
      {sheet.strips.map(({ from, marks }, index) => (
        <Strip
          key={from}
          top={AT.strip[index] ?? 0}
          length={sheet.strip_mm}
          marks={marks}
          words={
            from === 0
              ? `strip, to ${marks.at(-1)?.reads} mm diameter. Scale outside. Read the diameter in mm where the start meets the scale.`
              : `extension: glue its start onto ${from} of the strip above, for larger diameters`
          }
        />
      ))}
      <Wraps wraps={sheet.wraps} />
      <Sector />
    </svg>
  );
}

function Bar({ length }: { length: number }) {
  return (
    <g transform={`translate(0 ${AT.bar})`}>
      <path d={`M0 3h${length}M0 0v6M${length} 0v6`} className={classes.bar} />
      {Array.from({ length: 9 }, (_, ten) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: marks are all alike
        <path key={ten} d={`M${(ten + 1) * 10} 1.5v3`} className={classes.fine} />
      ))}
      <text x={length + 4} y="4.4" className={classes.words}>
        100 mm from end to end (3.94 in)
      </text>
      <text x="0" y="11.5" className={classes.words}>
        Print at 100 %, without fitting to the page. Measure this bar first, and type its length with every
      </text>
      <text x="0" y="15.8" className={classes.words}>
        reading, so Undro can correct for your printer. Card, or paper glued to card, lasts longest.
      </text>
    </g>
  );
}

function Gauge({ steps, top }: { steps: number[]; top: number }) {
  const { outline, tongues } = gaugeRow(steps, 0, EDGE);
  return (
    <g transform={`translate(0 ${top})`}>
      <path d={outline} className={classes.cut} />
      <text x="3" y="5" className={classes.words}>
        gauge for line level: rest this long edge on the lip, one tongue over the line. Read the last step that fits.
      </text>
      {tongues.map(({ at, step }) => (
        <text key={step} x={at} y={EDGE - 2} className={classes.figure} textAnchor="middle">
          {step}
        </text>
      ))}
    </g>
  );
}

interface StripProps {
  top: number;
  length: number;
  marks: StripMark[];
  words: string;
}

function Strip({ top, length, marks, words }: StripProps) {
  return (
    <g transform={`translate(0 ${top})`}>
      <path d={`M0 0H${length}V${STRIP_HIGH}H0Z`} className={classes.cut} />
      <path d={`M0 0V${STRIP_HIGH}`} className={classes.bar} />
      {marks.map(({ reads, at_mm: at, long }) => (
        <g key={reads}>
          <path d={`M${at} 0v${long ? 4 : 2.5}`} className={long ? classes.bar : classes.fine} />
          {long && (
            <text x={at} y="7.6" className={classes.figure} textAnchor={at > length - 3 ? 'end' : 'middle'}>
              {reads}
            </text>
          )}
        </g>
      ))}
      <text x="0" y="13.2" className={classes.words}>
        {words}
      </text>
    </g>
  );
}

function Wraps({ wraps: table }: { wraps: PaperSheet['wraps'] }) {
  return (
    <g transform={`translate(0 ${AT.wraps})`}>
      <path d="M0 0h70v26H0Z" className={classes.cut} />
      <path d="M20 0v7M30 0v9M40 0v7M50 0v9" className={classes.bar} />
      {[22.5, 25, 27.5, 32.5, 35, 37.5, 42.5, 45, 47.5].map((at) => (
        <path key={at} d={`M${at} 0v3.5`} className={classes.fine} />
      ))}
      {[0, 10, 20, 30].map((at) => (
        <text key={at} x={20 + at} y="13" className={classes.figure} textAnchor="middle">
          {at}
        </text>
      ))}
      <text x="3" y="19" className={classes.words}>
        edge for wraps: roll it round a pencil, wind
      </text>
      <text x="3" y="23.2" className={classes.words}>
        touching wraps from 0 on, and count.
      </text>
      <text x="78" y="3.4" className={classes.words}>
        Wraps in 10 mm, and line diameter in mm:
      </text>
      {table.map(({ thick_mm: thick, wraps }, index) => (
        <text key={thick} x={78 + (index % 3) * 34} y={10 + Math.floor(index / 3) * 6.5} className={classes.figure}>
          {wraps}: {thick.toFixed(2)}
        </text>
      ))}
    </g>
  );
}

const RADIUS = 58;

function Sector() {
  return (
    <g transform={`translate(8 ${AT.sector})`}>
      <path d={`M0 0H${RADIUS}A${RADIUS} ${RADIUS} 0 0 0 0 ${-RADIUS}Z`} className={classes.cut} />
      <path d={ray(45, 0, RADIUS)} className={classes.bar} />
      {Array.from({ length: 17 }, (_, five) => 5 * (five + 1)).map((degrees) => (
        <path
          key={degrees}
          d={ray(degrees, RADIUS - (degrees % 15 === 0 ? 4 : 2.5), RADIUS)}
          className={classes.fine}
        />
      ))}
      {[15, 30, 45, 60, 75].map((degrees) => {
        const turned = (degrees * Math.PI) / 180;
        return (
          <text
            key={degrees}
            x={Math.cos(turned) * (RADIUS - 8) + (degrees === 45 ? 2.5 : 0)}
            y={1.4 - Math.sin(turned) * (RADIUS - 8) + (degrees === 45 ? 2.5 : 0)}
            className={classes.figure}
            textAnchor="middle"
          >
            {degrees}
          </text>
        );
      })}
      <text x={RADIUS + 8} y={-RADIUS + 6} className={classes.words}>
        sector for the rod: hold this lower edge level. A thread with a
      </text>
      <text x={RADIUS + 8} y={-RADIUS + 10.2} className={classes.words}>
        small weight along the upright edge shows when it is. With
      </text>
      <text x={RADIUS + 8} y={-RADIUS + 14.4} className={classes.words}>
        the rod butt along the heavy line, the rod is at 45 degrees,
      </text>
      <text x={RADIUS + 8} y={-RADIUS + 18.6} className={classes.words}>
        right for setting a drag through the guides.
      </text>
      <text x={RADIUS + 8} y={-RADIUS + 26} className={classes.words}>
        Take hooks off. Nobody stands in line with a bent rod.
      </text>
    </g>
  );
}

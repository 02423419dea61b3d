import { useElementSize } from '@mantine/hooks';
import type { Schemas } from '../api/client';
import shared from '../drawings/drawing.module.css';
import { step, ticks } from '../drawings/tape/ticks';
import { shorten } from '../parts/shorten';
import classes from './Day.module.css';

interface TimelineProps {
  bars: Schemas['DayResult']['bars'];
  minutes: number;
  name: (job: string) => string;
}

const ROW = 30;
const LEFT = 190;

/** The evening laid out: what the hands do, one thing after the other, and what soaks meanwhile. */
export function Timeline({ bars, minutes, name }: TimelineProps) {
  const { ref, width } = useElementSize();
  const jobs = [...new Set(bars.filter((bar) => bar.what === 'work').map((bar) => bar.job))];
  const left = width < 560 ? 8 : LEFT;
  const x = (at: number) => left + ((width - left - 14) * at) / Math.max(1, minutes);
  const high = jobs.length * ROW + 34;
  const by = step(minutes, 8);
  return (
    <section aria-label="Timeline">
      <h2>The evening</h2>
      <div ref={ref} className={shared.room}>
        {width > 0 && (
          <svg
            width={width}
            height={high}
            viewBox={`0 0 ${width} ${high}`}
            role="img"
            aria-label={`${jobs.length} spools in ${Math.round(minutes)} minutes`}
          >
            {ticks(minutes, by).map((tick) => (
              <g key={tick} className={classes.tick}>
                <path d={`M${x(tick)} 18V${high - 8}`} />
                <text x={x(tick)} y={12} textAnchor={tick === 0 ? 'start' : 'middle'}>
                  {tick === 0 ? '0 min' : tick}
                </text>
              </g>
            ))}
            {jobs.map((job, row) => (
              <g key={job}>
                <text
                  x={width < 560 ? x(0) : 0}
                  y={24 + row * ROW + (width < 560 ? 8 : 17)}
                  className={classes.jobName}
                >
                  {short(name(job), width < 560 ? 40 : 28)}
                </text>
                {bars
                  .filter((bar) => bar.job === job)
                  .map((bar) => (
                    <rect
                      key={bar.what + bar.from}
                      x={x(bar.from)}
                      y={24 + row * ROW + (width < 560 ? 12 : 4)}
                      width={Math.max(2, x(bar.to) - x(bar.from))}
                      height={width < 560 ? 12 : 20}
                      className={classes[bar.what]}
                    >
                      <title>{`${WHAT[bar.what]}, ${Math.round(bar.from)} to ${Math.round(bar.to)} min`}</title>
                    </rect>
                  ))}
              </g>
            ))}
          </svg>
        )}
      </div>
      <p className={classes.key}>
        <span className={classes.keyStrip} /> old line off <span className={classes.keyWork} /> winding{' '}
        <span className={classes.keySoak} /> soaking
      </p>
    </section>
  );
}

const WHAT = { strip: 'old line off', hands: 'into the water', soak: 'soaking', work: 'winding' } as const;
const short = (text: string, most: number) => (text.length > most ? `${shorten(text, most - 1)}…` : text);

import { Button } from '@mantine/core';
import { useRef } from 'react';
import { usePlans, useReels } from '../api/records';
import type { PlanResult } from '../api/types';
import { MATERIAL_WORD, ROLE_WORD } from '../drawings/material';
import { download, svgFile } from '../drawings/svgFile';
import { OnPaper } from '../drawings/Texture';
import { day } from '../parts/day';
import { Sideways } from '../parts/Sideways';
import { Waiting } from '../parts/Waiting';
import { differences } from '../plan/codec';
import { PlanSection, PlanTape } from '../plan/PlanDrawings';
import { spoolOf, usualName } from '../plan/records';
import { type Planning, usePlan } from '../plan/usePlan';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import { sentence } from '../units/sentence';
import { about, fraction, length, price, small, thickness, type Units, words } from '../units/units';
import classes from './Sheet.module.css';

/** One plan on one sheet of paper for the bench: the two drawings, where to stop, how to wind, and room to write down what came of it. */
export function SheetPlace() {
  const plan = usePlan();
  const { units, angler } = useBench();
  const { data: plans = [] } = usePlans();
  const { data: reels = [] } = useReels();
  const paper = useRef<HTMLElement>(null);
  if (plan.opening) return <Waiting query={plan.opening} what="the plan" />;
  const { draft, result, savedId } = plan;
  const back = savedId === null ? `/plan?${new URLSearchParams(differences(draft, units))}` : `/plan/${savedId}`;
  if (!result) {
    return (
      <div className={classes.tools}>
        <p>There is no plan to print yet.</p>
        <Button component={Link} to={back}>
          Go to Plan
        </Button>
      </div>
    );
  }
  const reel = reels.find((each) => String(each.id) === draft.reel);
  const spool = spoolOf(draft, reels);
  const name = plans.find((each) => each.id === savedId)?.name ?? usualName(draft, reels);
  const save = (which: 'section' | 'tape') => {
    const drawing = paper.current?.querySelector<SVGSVGElement>(`[data-drawing="${which}"] svg`);
    if (drawing) download(svgFile(drawing, `${name}: ${which}`), `undro-${which}.svg`, 'image/svg+xml');
  };
  return (
    <>
      <title>{`Bench sheet, ${name} · Undro`}</title>
      <div className={classes.tools}>
        <Button onClick={() => window.print()}>Print, or save as PDF</Button>
        <Button variant="default" onClick={() => save('section')}>
          Save section (SVG)
        </Button>
        <Button variant="default" onClick={() => save('tape')}>
          Save tape (SVG)
        </Button>
        <Button variant="subtle" color="gray" component={Link} to={back}>
          Back to the plan
        </Button>
      </div>
      <article className={classes.sheet} ref={paper} aria-label="Bench sheet">
        <header className={classes.head}>
          <h1>{name}</h1>
          <p>
            {[reel?.name !== name && reel?.name, spool?.name, draft.kind, angler?.name, day(new Date().toISOString())]
              .filter(Boolean)
              .join(' · ')}
          </p>
        </header>
        <OnPaper value={true}>
          <div className={classes.top}>
            <div data-drawing="section">
              <PlanSection plan={plan} units={units} height={300} still />
            </div>
            <Stops result={result} units={units} />
          </div>
          <div data-drawing="tape">
            <PlanTape result={result} units={units} />
          </div>
        </OnPaper>
        <Layers plan={plan} result={result} units={units} />
        <div className={classes.columns}>
          <section>
            <h2>Winding</h2>
            <ol>
              {result.method.map((advice) => (
                <li key={advice.question}>
                  {advice.words} {advice.departs}
                </li>
              ))}
            </ol>
          </section>
          <section>
            <h2>Safety</h2>
            <ul>
              {result.notes.map((note) => (
                <li key={note.id}>{sentence(note, units)}</li>
              ))}
              <li>Take hooks off while you wind and while you test the drag.</li>
              {result.lines.main.material === 'braid' && (
                <li>Braid under load cuts skin. Use a glove or cloth, and pull knots tight round a dowel.</li>
              )}
              <li>Waste line kills wildlife. Cut it short, bag it, and follow local waste rules.</li>
              <li>
                These figures come from what is printed on spool and label. They are not a promise. Local rules on line
                and gear come first.
              </li>
            </ul>
          </section>
        </div>
        <section className={classes.write}>
          <h2>Results</h2>
          <p>
            {result.fill.layers.map((layer) => (
              <span key={layer.role}>{ROLE_WORD[layer.role]} wound</span>
            ))}
            <span>line level, 3 readings</span>
            <span>date</span>
          </p>
        </section>
      </article>
    </>
  );
}

const deep = (depth: number, units: Units) =>
  [words(small(depth, units)), fraction(depth, units)].filter(Boolean).join(', ');

function Stops({ result, units }: { result: PlanResult; units: Units }) {
  const solved = result.fits ? result.solved : null;
  const kept = result.build?.kept;
  return (
    <dl className={classes.stops}>
      {solved && (
        <div className={classes.big}>
          <dt>{result.open === 'backing' ? 'backing' : 'main line'}</dt>
          {result.thumb ? (
            <dd>
              {words(about(result.thumb.about_m, units))}
              <small>
                {' '}
                by rule of thumb, {length(solved.low_m, units, 0).figure} to {words(length(solved.high_m, units))}
              </small>
            </dd>
          ) : (
            <dd>
              {words(length(solved.length_m, units))}
              <small> ± {length(result.half_m ?? 0, units).figure}</small>
            </dd>
          )}
        </div>
      )}
      {kept?.depth_mm != null && (
        <div>
          <dt>{kept.read ? 'retained backing, below the lip' : 'retained backing should be, below the lip'}</dt>
          <dd>{deep(kept.depth_mm, units)}</dd>
        </div>
      )}
      {result.build && !kept && (
        <div>
          <dt>
            {result.build.wraps > 0
              ? `${result.build.wraps} wraps of tape, up to a diameter of`
              : 'sleeve, outside diameter'}
          </dt>
          <dd>{words(small(result.build.outside_mm, units))}</dd>
        </div>
      )}
      {result.depth_mark && (
        <div>
          <dt>stop backing, below the lip</dt>
          <dd>{deep(result.depth_mark.depth_mm, units)}</dd>
        </div>
      )}
      <div>
        <dt>full level, below the lip</dt>
        <dd>{deep(result.gap.mm, units)}</dd>
      </div>
      {result.gap.gauge && (
        <div>
          <dt>about as thick as</dt>
          <dd>{result.gap.gauge.word}</dd>
        </div>
      )}
      {result.cost && (
        <div>
          <dt>cost of line</dt>
          <dd>{price(result.cost)}</dd>
        </div>
      )}
    </dl>
  );
}

/** What lies on the spool then, layer by layer; retained backing is not wound. */
function Layers({ plan: { draft }, result, units }: { plan: Planning; result: PlanResult; units: Units }) {
  const kept = result.build?.kept;
  return (
    <Sideways label="Layer by layer">
      <table className={classes.layers}>
        <thead>
          <tr>
            <th scope="col">From the arbor out</th>
            <th scope="col">Line</th>
            <th scope="col">Length</th>
            <th scope="col">Handle turns</th>
            <th scope="col">Ends below the lip</th>
          </tr>
        </thead>
        <tbody>
          {kept && (
            <tr>
              <th scope="row">retained backing</th>
              <td>
                {kept.material && kept.diameter_mm !== null
                  ? `${MATERIAL_WORD[kept.material]}, ${thickness(kept.diameter_mm, units)}`
                  : '–'}
              </td>
              <td>{kept.length_m === null ? '–' : words(length(kept.length_m, units))}</td>
              <td>–</td>
              <td>{kept.depth_mm === null ? '–' : deep(kept.depth_mm, units)}</td>
            </tr>
          )}
          {result.fill.layers.map((layer) => (
            <tr key={layer.role}>
              <th scope="row">{ROLE_WORD[layer.role]}</th>
              <td>
                {[
                  layer.role === 'backing' ? draft.backingName : draft.mainName,
                  MATERIAL_WORD[layer.material],
                  thickness(layer.diameter_mm, units),
                ]
                  .filter(Boolean)
                  .join(', ')}
              </td>
              <td>{words(length(layer.length_m, units))}</td>
              <td>{layer.handle_turns === undefined ? '–' : Math.round(layer.handle_turns)}</td>
              <td>{layer.depth_mm === undefined ? '–' : deep(layer.depth_mm, units)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Sideways>
  );
}

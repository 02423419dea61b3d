import { Title } from '@mantine/core';
import type { ReactNode } from 'react';
import { type DrawnLayer, Section } from '../drawings/section/Section';
import { Tape } from '../drawings/tape/Tape';
import { Twisted } from '../drawings/twisted/Twisted';
import page from '../parts/parts.module.css';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import { metresPer, millimetresPer, small, words } from '../units/units';
import classes from './Start.module.css';

const SHAPE = { lip_mm: 46, arbor_thin_mm: 28, arbor_thick_mm: 28, traverse_mm: 17, bare_depth_mm: 9 };
const FULL_MM = 1.6;
const LAYERS: DrawnLayer[] = [
  { role: 'backing', material: 'mono', diameter: 0.3, bottom: 28, top: 34 },
  { role: 'main', material: 'braid', diameter: 0.16, bottom: 34, top: SHAPE.lip_mm - 2 * FULL_MM },
];

/** Where nothing has happened yet: what Undro does, in three pictures, each of which leads to its place. */
export function FirstScreen() {
  const { units } = useBench();
  return (
    <div className={page.page}>
      <title>Undro</title>
      <Title order={1}>Where do you want to start?</Title>
      <ul className={classes.ways}>
        <Way
          to="/plan"
          title="A reel in my hand"
          says="Type the capacity printed on the spool and your line. You get the backing for a full spool."
        >
          <Section
            shape={SHAPE}
            kind="spinning"
            lip="straight"
            bevelMm={0}
            layers={LAYERS}
            marks={[{ id: 'full', depth: FULL_MM, word: 'full', figure: words(small(FULL_MM, units)), tone: 'next' }]}
            height={190}
            toScale
            rulerUnit={{ mm: millimetresPer(units), name: units.small }}
            label="A spool cut in half, with backing under the main line"
          />
        </Way>
        <Way
          to="/locker?add=reel"
          title="What’s on my reels"
          says="Add your reels and the line on them. You see what is worn, and when it is due."
        >
          <Tape
            segments={[
              { id: 'backing', material: 'mono', length: 60, word: 'backing', backing: true },
              { id: 'main', material: 'braid', length: 110, word: 'main line' },
            ]}
            scaleUnit={{ m: metresPer(units), name: units.length }}
            stop={{ from: 150, to: 170 }}
            ends="reel"
            label="The line of a reel as a tape, worn at its outer end"
          />
        </Way>
        <Way
          to="/trouble"
          title="Something is wrong"
          says="Twist, short casts, a knot that slips: choose what you see, and find the cause and the cure."
        >
          <Twisted turns={9} loops={3} sense={false} label="A metre of slack line that springs into loops" />
        </Way>
      </ul>
      <p className={page.soft}>
        Nothing at hand? <Link to="/practice">Practice</Link> first. It saves nothing.
      </p>
    </div>
  );
}

function Way({ to, title, says, children }: { to: string; title: string; says: string; children: ReactNode }) {
  return (
    <li className={classes.way}>
      <h2>
        <Link to={to}>{title}</Link>
      </h2>
      <p>{says}</p>
      <div className={classes.shown}>{children}</div>
    </li>
  );
}

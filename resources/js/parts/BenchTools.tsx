import { Anchor } from '@mantine/core';
import { Link } from '../shell/route';
import page from './parts.module.css';

/** What is at hand beside the winding and the log, with the names their titles have. */
const TOOLS = [
  ['/trouble', 'Troubleshooting'],
  ['/day', 'Bench day'],
  ['/knots', 'Knots'],
  ['/twist', 'Twist lab'],
  ['/practice', 'Practice'],
  ['/labels', 'Labels'],
  ['/paper', 'Paper tools'],
] as const;

/** The tools of the bench, so that nothing has to be found by search. */
export function BenchTools() {
  return (
    <nav className={page.tools} aria-label="Bench tools">
      {TOOLS.map(([to, name]) => (
        <Anchor key={to} component={Link} to={to}>
          {name}
        </Anchor>
      ))}
    </nav>
  );
}

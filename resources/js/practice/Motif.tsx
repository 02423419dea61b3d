import type { Schemas } from '../api/client';
import classes from './Practice.module.css';

const SPOOL = 'M6 14V50H114V14M24 14V40H96V14';
const ROWS = (from: number) =>
  Array.from({ length: Math.floor((40 - from) / 4) }, (_, row) => `M24 ${38 - row * 4}H96`).join('');

/** What each lesson is about, in a few strokes. */
const STROKES: Record<Schemas['LessonId'], { ink: string; line: string; next: string }> = {
  gap: { ink: SPOOL, line: ROWS(24), next: 'M60 14V23m-4 -4l4 4l4 -4M24 14H96' },
  filler: {
    ink: 'M34 30a24 9 0 1 0 48 0a24 9 0 1 0 -48 0V40a24 9 0 0 0 48 0V30',
    line: 'M58 26C80 12 34 4 58 2',
    next: 'M42 31a16 5 0 0 0 30 1m0 5l0 -6l-6 1',
  },
  mark: { ink: SPOOL, line: ROWS(30), next: 'M18 26H102m0 -5l8 5l-8 5z' },
  memory: {
    ink: 'M8 14L60 8',
    line: 'M62 10C84 20 40 26 62 30C84 36 42 42 60 46C70 50 52 56 40 54',
    next: 'M56 56a10 3 0 1 0 18 0',
  },
  drag: { ink: 'M14 56C20 20 60 4 92 20', line: 'M92 20L98 58', next: 'M84 10A60 60 0 0 1 104 26' },
  ease: { ink: SPOOL, line: ROWS(34), next: 'M108 8a10 10 0 1 0 3 10m1 -6l-1 7l-6 -3' },
};

export function Motif({ of }: { of: Schemas['LessonId'] }) {
  const { ink, line, next } = STROKES[of];
  return (
    <svg width="120" height="60" viewBox="0 0 120 60" aria-hidden="true" className={classes.motif}>
      <path d={line} data-line />
      <path d={ink} />
      <path d={next} data-next />
    </svg>
  );
}

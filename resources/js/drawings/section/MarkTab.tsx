import { type KeyboardEvent, type PointerEvent, useEffect, useRef } from 'react';
import { useLatest } from '../../parts/useLatest';
import { FLANGE, type Frame } from './outline';
import type { Mark } from './Section';
import classes from './Section.module.css';

interface MarkTabProps {
  mark: Mark;
  frame: Frame;
  tabY: number;
  /** the arbor at its thinnest, mm under the lip: no band reaches into it */
  deepest: number;
}

const STEPS: Record<string, number> = { ArrowUp: -0.1, ArrowDown: 0.1, PageUp: -0.5, PageDown: 0.5 };

/** A stop mark across the section, with a tab to hold it by. Arrow keys nudge it by a tenth of a mm. */
export function MarkTab({ mark, frame: f, tabY, deepest }: MarkTabProps) {
  const grip = useRef<{ y: number; depth: number } | null>(null);
  const y = f.top + mark.depth * f.scale;
  const edge = f.right + FLANGE * f.scale;
  const move = (depth: number, byHand: boolean) =>
    mark.onMove?.(Math.round(Math.min(mark.most ?? 99, Math.max(mark.least ?? 0, depth)) * 100) / 100, byHand);

  const onPointerDown = (event: PointerEvent<SVGGElement>) => {
    if (!mark.onMove) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    grip.current = { y: event.clientY, depth: mark.depth };
  };
  const follow = useLatest(({ clientY }: { clientY: number }) => {
    if (grip.current) move(grip.current.depth + (clientY - grip.current.y) / f.scale, true);
  });
  // raw moves come as they happen, ordinary ones only once a frame
  const tab = useRef<SVGGElement>(null);
  useEffect(() => {
    const group = tab.current;
    const listen = (event: Event) => follow.current(event as MouseEvent);
    const name = 'onpointerrawupdate' in window ? 'pointerrawupdate' : 'pointermove';
    group?.addEventListener(name, listen);
    return () => group?.removeEventListener(name, listen);
  }, [follow]);
  const onKeyDown = (event: KeyboardEvent<SVGGElement>) => {
    const step = STEPS[event.key];
    if (step === undefined || !mark.onMove) return;
    event.preventDefault();
    move(Math.round((mark.depth + step * (event.shiftKey ? 5 : 1)) * 10) / 10, false);
  };

  const tone = mark.tone === 'stop' ? classes.stop : classes.next;
  const slider = mark.onMove
    ? {
        role: 'slider',
        tabIndex: 0,
        'aria-label': `${mark.word}, below the lip`,
        'aria-orientation': 'vertical' as const,
        'aria-valuenow': mark.depth,
        'aria-valuemin': mark.least ?? 0,
        'aria-valuemax': mark.most ?? 99,
        'aria-valuetext': mark.figure,
      }
    : {};
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: it is a slider whenever it can be moved
    <g
      ref={tab}
      {...slider}
      className={`${classes.mark} ${tone} ${mark.onMove ? classes.movable : ''}`}
      data-mark={mark.id}
      onPointerDown={onPointerDown}
      onPointerUp={() => {
        grip.current = null;
      }}
      onKeyDown={onKeyDown}
    >
      {mark.half !== undefined && (
        <rect
          x={f.left}
          y={y - mark.half * f.scale}
          width={f.right - f.left}
          height={Math.max(0, Math.min(mark.depth + mark.half, deepest) - mark.depth + mark.half) * f.scale}
          className={classes.band}
        />
      )}
      <path d={`M${f.left - 8} ${y}H${edge + 4}L${edge + 12} ${tabY}`} className={classes.line} />
      <path d={`M${f.left} ${y}H${f.right}`} className={classes.grab} />
      <path d={`M${edge + 12} ${tabY}l9 -17h80v34h-80Z`} className={classes.tab} />
      <text x={edge + 25} y={tabY - 3} className={classes.tabWord}>
        {mark.word}
      </text>
      <text x={edge + 25} y={tabY + 12} className={classes.tabFigure}>
        {mark.figure}
      </text>
    </g>
  );
}

import { useLayoutEffect, useRef } from 'react';
import type { Film, Frame } from './film';
import './knot.css';
import { Painter } from './Painter';

interface PictureProps {
  film: Film;
  frame: Frame;
  label: string;
  /** turns counted beside the lines */
  numbered?: boolean;
}

/** One frame of a knot's film. */
export function Picture({ film, frame, label, numbered = true }: PictureProps) {
  const svg = useRef<SVGSVGElement>(null);
  const painter = useRef<Painter | null>(null);
  useLayoutEffect(() => {
    if (!svg.current) return;
    painter.current ??= new Painter(svg.current);
    painter.current.draw(film, frame, numbered);
  }, [film, frame, numbered]);
  return <svg ref={svg} className="knot" role="img" aria-label={label} />;
}

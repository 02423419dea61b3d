import type { Film, Frame } from './film';
import { type Chunk, chunks } from './paint';
import { CORE, classOf, dashOf, LAYERS, markup, solids, strokeOf, TAPE, viewBox } from './svg';

const SVG = 'http://www.w3.org/2000/svg';

interface Slot {
  group: SVGGElement;
  paths: SVGPathElement[];
  was: string;
}

/** Draws frame after frame into one picture: elements are kept and only told where they lie now. */
export class Painter {
  private readonly levels: { group: SVGGElement; slots: Slot[] }[];
  private readonly below: SVGGElement;
  private readonly above: SVGGElement;
  private readonly solid: Record<'under' | 'core' | 'tape', SVGGElement>;
  private move = -1;

  constructor(private readonly svg: SVGSVGElement) {
    const group = () => svg.appendChild(document.createElementNS(SVG, 'g'));
    svg.replaceChildren();
    this.below = group();
    const under = group();
    const first = group();
    const core = group();
    const second = group();
    const tape = group();
    const third = group();
    this.above = group();
    this.solid = { under, core, tape };
    this.levels = [first, second, third].map((each) => ({ group: each, slots: [] }));
  }

  /** @param numbered whether turns are counted beside the lines */
  draw(film: Film, frame: Frame, numbered = true): void {
    this.svg.setAttribute('viewBox', viewBox(frame.box));
    if (this.move !== frame.stage.move) {
      this.move = frame.stage.move;
      for (const kind of ['under', 'core', 'tape'] as const) this.solid[kind].innerHTML = solids(film, this.move, kind);
    }
    const cored = film.props.some((prop) => prop.kind === 'core');
    const levels: Chunk[][] = [[], [], []];
    for (const chunk of chunks(frame)) levels[!cored ? 1 : chunk.z < CORE ? 0 : chunk.z < TAPE ? 1 : 2]?.push(chunk);
    for (const [index, each] of levels.entries()) this.fill(index, each);
    const { below, above } = markup(frame, numbered);
    this.below.innerHTML = below;
    this.above.innerHTML = above;
  }

  private fill(level: number, all: Chunk[]): void {
    const { group, slots } = this.levels[level] as (typeof this.levels)[number];
    while (slots.length < all.length) slots.push(slot(group));
    slots.forEach((each, index) => {
      const chunk = all[index];
      if (!chunk) {
        if (each.was !== '') each.group.setAttribute('display', 'none');
        each.was = '';
        return;
      }
      const is = `${classOf(chunk)} ${chunk.radius}`;
      if (is !== each.was) {
        if (each.was === '') each.group.removeAttribute('display');
        each.was = is;
        each.group.setAttribute('class', classOf(chunk));
        LAYERS.forEach((layer, i) => {
          const path = each.paths[i] as SVGPathElement;
          path.setAttribute('stroke-width', strokeOf(layer, chunk).toFixed(2));
          const dash = dashOf(layer, chunk);
          if (dash) path.setAttribute('stroke-dasharray', dash);
          else path.removeAttribute('stroke-dasharray');
        });
      }
      each.paths.forEach((path, i) => {
        path.setAttribute('d', i === 0 ? chunk.inner : chunk.d);
      });
      if (chunk.line === 'b') each.paths[3]?.setAttribute('stroke-dashoffset', String(-chunk.along));
    });
  }
}

function slot(into: SVGGElement): Slot {
  const group = into.appendChild(document.createElementNS(SVG, 'g'));
  const paths = LAYERS.map((layer) => {
    const path = group.appendChild(document.createElementNS(SVG, 'path'));
    path.setAttribute('class', layer);
    return path;
  });
  return { group, paths, was: '' };
}

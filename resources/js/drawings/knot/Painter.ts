import type { Film, Frame, Stage } from './film';
import { type Chunk, chunks } from './paint';
import { CORE, classOf, dashOf, LAYERS, markup, SCALED, shiftOf, solids, strokeOf, TAPE, viewBox } from './svg';

const SVG = 'http://www.w3.org/2000/svg';

interface Slot {
  group: SVGGElement;
  paths: SVGPathElement[];
  /** what it shows */
  chunk: Chunk | null;
  is: string;
}

interface Level {
  group: SVGGElement;
  /** by the key of what they show */
  slots: Map<string, Slot>;
  spare: Slot[];
}

/** Draws frame after frame into one picture: elements stay with their chunk and are told only what is new about it. */
export class Painter {
  private readonly levels: Level[];
  private readonly below: SVGGElement;
  private readonly above: SVGGElement;
  private readonly solid: Record<'under' | 'core' | 'tape', SVGGElement>;
  private stage: Stage | null = null;
  private move = -1;
  private marked = { below: '', above: '', box: '' };

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
    this.levels = [first, second, third].map((each) => {
      each.setAttribute('transform', SCALED);
      return { group: each, slots: new Map(), spare: [] };
    });
  }

  /** @param numbered whether turns are counted beside the lines */
  draw(film: Film, frame: Frame, numbered = true): void {
    const box = viewBox(frame.box);
    if (this.marked.box !== box) this.svg.setAttribute('viewBox', box);
    this.marked.box = box;
    if (this.move !== frame.stage.move) {
      this.move = frame.stage.move;
      for (const kind of ['under', 'core', 'tape'] as const) this.solid[kind].innerHTML = solids(film, this.move, kind);
    }
    if (this.stage !== frame.stage) {
      // chunks of another stage have nothing to do with these
      for (const level of this.levels) {
        level.spare.push(...level.slots.values());
        level.slots.clear();
      }
      this.stage = frame.stage;
    }
    const cored = film.props.some((prop) => prop.kind === 'core' || prop.kind === 'eye');
    const levels: Chunk[][] = [[], [], []];
    for (const chunk of chunks(frame)) levels[!cored ? 1 : chunk.z < CORE ? 0 : chunk.z < TAPE ? 1 : 2]?.push(chunk);
    for (const [index, each] of levels.entries()) this.fill(this.levels[index] as Level, each);
    const { below, above } = markup(frame, numbered);
    if (below !== this.marked.below) this.below.innerHTML = below;
    if (above !== this.marked.above) this.above.innerHTML = above;
    this.marked = { below, above, box };
  }

  private fill(level: Level, all: Chunk[]): void {
    const { group, slots } = level;
    const gone = new Set(slots.keys());
    for (const { key } of all) gone.delete(key);
    for (const key of gone) {
      level.spare.push(slots.get(key) as Slot);
      slots.delete(key);
    }
    let next = group.firstChild;
    for (const chunk of all) {
      let slot = slots.get(chunk.key);
      if (!slot) {
        slot = level.spare.pop() ?? made();
        slots.set(chunk.key, slot);
      }
      // in the order of their height; one that stands right already is passed over
      if (slot.group === next) next = next.nextSibling;
      else group.insertBefore(slot.group, next);
      if (slot.chunk !== chunk) show(slot, chunk);
    }
    for (const slot of level.spare) {
      slot.group.remove();
      slot.chunk = null;
    }
  }
}

function show(slot: Slot, chunk: Chunk): void {
  const was = slot.chunk;
  const is = classOf(chunk);
  if (is !== slot.is || chunk.radius !== was?.radius) {
    slot.is = is;
    slot.group.setAttribute('class', is);
    for (const [i, layer] of LAYERS.entries()) {
      const path = slot.paths[i] as SVGPathElement;
      path.setAttribute('stroke-width', strokeOf(layer, chunk).toFixed(2));
      const dash = dashOf(layer, chunk);
      if (dash) path.setAttribute('stroke-dasharray', dash);
      else path.removeAttribute('stroke-dasharray');
    }
  }
  if (chunk.line === 'b' && chunk.along !== was?.along)
    slot.paths[3]?.setAttribute('stroke-dashoffset', shiftOf(chunk));
  if (chunk.d !== was?.d) {
    slot.paths[0]?.setAttribute('d', chunk.inner);
    for (let i = 1; i < slot.paths.length; ++i) slot.paths[i]?.setAttribute('d', chunk.d);
  }
  slot.chunk = chunk;
}

function made(): Slot {
  const group = document.createElementNS(SVG, 'g');
  const paths = LAYERS.map((layer) => {
    const path = group.appendChild(document.createElementNS(SVG, 'path'));
    path.setAttribute('class', layer);
    return path;
  });
  return { group, paths, chunk: null, is: '' };
}

import type { Film, Frame } from './film';
import { type Chunk, chunks, grain, type Mark, marks, shownBox, TENTH } from './paint';

const n = (value: number) => (Math.round(100 * value) / 100).toString();

/** Lines are written in tenths of a unit. */
export const SCALED = `scale(${TENTH})`;
const TENTHS = 1 / TENTH;

/** The strokes of a chunk, from below: a rim that cuts what it lies over, its outline, its body, a texture by which line it is. */
export const LAYERS = ['rim', 'outline', 'body', 'texture'] as const;

/** In tenths of a unit. */
export function strokeOf(layer: (typeof LAYERS)[number], { line, radius }: Chunk): number {
  if (layer === 'rim') return TENTHS * (2 * radius + 1.3);
  if (layer === 'outline') return TENTHS * 2 * radius;
  if (layer === 'body') return TENTHS * (2 * radius - 0.8);
  return TENTHS * (line === 'a' ? 0.3 * radius : 2 * radius - 1.1);
}

export const classOf = (chunk: Chunk) =>
  `${chunk.line}${chunk.behind ? ' behind' : ''}${chunk.fresh ? ' fresh' : ''}${chunk.off ? ' off' : ''}`;

/** Braid is dashed across, so that it looks plaited; its dashes go on from chunk to chunk. */
export const dashOf = (layer: string, chunk: Chunk) => (layer === 'texture' && chunk.line === 'b' ? '7 9' : null);
export const shiftOf = (chunk: Chunk) => String(-TENTHS * chunk.along);

/** What lies on the page at a height: the arbor under everything, a core in the middle, tape in front. */
export const CORE = 0;
export const TAPE = 10;

/** Half the thickness of a hook's wire. */
const WIRE = 3;

export function solids(film: Film, move: number, kind: 'under' | 'core' | 'tape'): string {
  return film.props
    .filter(
      (prop) => prop.from <= move && { arbor: 'under', core: 'core', eye: 'core', tape: 'tape' }[prop.kind] === kind,
    )
    .map(({ kind: what, x, y, width, height }) => {
      if (what === 'arbor') {
        const [cx, cy] = [x + width / 2, y + height / 2];
        return `<g class="solid"><circle cx="${n(cx)}" cy="${n(cy)}" r="${n(width / 2)}"/><circle cx="${n(cx)}" cy="${n(cy)}" r="${n(width / 14)}"/></g>`;
      }
      if (what === 'eye') {
        const [cx, cy, r] = [x + width / 2, y + height / 2, width / 2];
        // the wire of the eye, and the shank that leads on to the bend
        const d = `M${n(cx - r)} ${n(cy)}h${n(-3.2 * r)}a${n(0.9 * r)} ${n(0.9 * r)} 0 0 0 0 ${n(1.8 * r)}h${n(0.7 * r)}`;
        const ring = `<circle cx="${n(cx)}" cy="${n(cy)}" r="${n(r - WIRE)}"/><path d="${d}"/>`;
        return `<g class="wire"><g class="rim">${ring}</g><g class="body">${ring}</g></g>`;
      }
      const box = `x="${n(x)}" y="${n(y)}" width="${n(width)}" height="${n(height)}"`;
      if (what === 'tape') return `<rect class="tape" ${box}/>`;
      const flange = (at: number) => `<rect x="${n(at)}" y="${n(y - 24)}" width="8" height="${n(height + 48)}"/>`;
      return `<g class="solid"><rect ${box}/>${flange(x - 8)}${flange(x + width)}</g>`;
    })
    .join('');
}

/** Marks that lie under the lines, and those that lie over them. */
export function markup(frame: Frame, numbered = true): { below: string; above: string } {
  const unit = grain(frame);
  const all = marks(frame, numbered);
  const below = (mark: Mark) => mark.kind === 'ghost' || mark.kind === 'pinch';
  return {
    below: all
      .filter(below)
      .map((mark) => drawn(mark, unit))
      .join(''),
    above: all
      .filter((mark) => !below(mark))
      .map((mark) => drawn(mark, unit))
      .join(''),
  };
}

/** An arrow's head at a place, leading on. */
function head(x: number, y: number, ux: number, uy: number, size: number): string {
  const [bx, by] = [x - size * ux, y - size * uy];
  const half = 0.55 * size;
  return `<path class="head" d="M${n(x)} ${n(y)}L${n(bx - half * uy)} ${n(by + half * ux)}L${n(bx + half * uy)} ${n(by - half * ux)}Z"/>`;
}

function drawn(mark: Mark, unit: number): string {
  const width = (times: number) => `stroke-width="${n(times * unit)}"`;
  switch (mark.kind) {
    case 'ghost':
      return `<path class="ghost" transform="${SCALED}" d="${mark.d}" ${width(0.4 * TENTHS)} stroke-dasharray="${n(14 * unit)} ${n(12 * unit)}"/>`;
    case 'arrow': {
      const reach = 3.4 * unit;
      return `<path class="way" transform="${SCALED}" d="${mark.d}" ${width(0.55 * TENTHS)} stroke-dasharray="${n(15 * unit)} ${n(10 * unit)}"/>${head(mark.x + reach * mark.ux, mark.y + reach * mark.uy, mark.ux, mark.uy, reach)}`;
    }
    case 'tag': {
      const half = mark.radius;
      return `<path class="cut" d="M${n(mark.x - half * mark.uy)} ${n(mark.y + half * mark.ux)}L${n(mark.x + half * mark.uy)} ${n(mark.y - half * mark.ux)}" ${width(0.5)}/>`;
    }
    case 'break': {
      // two short strokes across: it leads on
      const half = mark.radius + 1.3 * unit;
      const stroke = (along: number) => {
        const [x, y] = [mark.x + along * mark.ux, mark.y + along * mark.uy];
        const [px, py] = [-mark.uy * half + 0.5 * unit * mark.ux, mark.ux * half + 0.5 * unit * mark.uy];
        return `<path class="break" d="M${n(x - px)} ${n(y - py)}L${n(x + px)} ${n(y + py)}" ${width(0.55)}/>`;
      };
      return stroke(-0.4 * unit) + stroke(0.9 * unit);
    }
    case 'pinch': {
      // a finger and a thumb from both sides
      const tip = (side: number) => {
        const [nx, ny] = [-mark.uy * side, mark.ux * side];
        const [x, y] = [mark.x + nx * (mark.radius + 0.4 * unit), mark.y + ny * (mark.radius + 0.4 * unit)];
        const at = (along: number, out: number) =>
          `${n(x + along * unit * mark.ux + out * unit * nx)} ${n(y + along * unit * mark.uy + out * unit * ny)}`;
        return `<path d="M${at(-2, 7.5)}L${at(-2, 2)}C${at(-2, -0.4)} ${at(2, -0.4)} ${at(2, 2)}L${at(2, 7.5)}" ${width(0.4)}/><path d="M${at(-1, 1.6)}C${at(-0.6, 0.7)} ${at(0.6, 0.7)} ${at(1, 1.6)}" ${width(0.25)}/>`;
      };
      return `<g class="pinch">${tip(1)}${tip(-1)}</g>`;
    }
    case 'number':
      return `<text x="${n(mark.x)}" y="${n(mark.y)}" font-size="${n(3.1 * unit)}">${mark.number}</text>`;
    case 'pull': {
      const [x, y] = [mark.x + 4.5 * unit * mark.ux, mark.y + 4.5 * unit * mark.uy];
      return `<g class="pull"><path d="M${n(mark.x + unit * mark.ux)} ${n(mark.y + unit * mark.uy)}L${n(x)} ${n(y)}" ${width(0.9)}/>${head(x + 2 * unit * mark.ux, y + 2 * unit * mark.uy, mark.ux, mark.uy, 3.6 * unit)}</g>`;
    }
    case 'scissors': {
      // two blades across the line, and two rings to hold them by
      const at = (along: number, out: number) =>
        `${n(mark.x + unit * (along * mark.ux - out * mark.uy))} ${n(mark.y + unit * (along * mark.uy + out * mark.ux))}`;
      const blade = (side: number) =>
        `<path d="M${at(-1.1 * side, -3.2)}L${at(1.1 * side, 4.2)}" ${width(0.7)}/><circle cx="${at(1.7 * side, 5.6).split(' ')[0]}" cy="${at(1.7 * side, 5.6).split(' ')[1]}" r="${n(1.3 * unit)}" ${width(0.7)}/>`;
      return `<g class="scissors">${blade(1)}${blade(-1)}</g>`;
    }
  }
}

/** The box a picture shows, in the proportion of the page. */
export const viewBox = (box: Frame['box']): string => shownBox(box).map(n).join(' ');

/** A frame as a picture that stands by itself: for paper, and where no script runs. */
export function still(film: Film, frame: Frame, style: string): string {
  const move = frame.stage.move;
  const cord = (chunk: Chunk) =>
    `<g class="${classOf(chunk)}">${LAYERS.map((layer) => {
      const dash = dashOf(layer, chunk);
      return `<path class="${layer}" d="${layer === 'rim' ? chunk.inner : chunk.d}" stroke-width="${n(strokeOf(layer, chunk))}"${dash ? ` stroke-dasharray="${dash}" stroke-dashoffset="${shiftOf(chunk)}"` : ''}/>`;
    }).join('')}</g>`;
  const all = chunks(frame);
  const level = (from: number, to: number) => {
    const cords = all.filter(({ z }) => z >= from && z < to).map(cord);
    return `<g transform="${SCALED}">${cords.join('')}</g>`;
  };
  const { below, above } = markup(frame);
  return `<svg xmlns="http://www.w3.org/2000/svg" class="knot" viewBox="${viewBox(frame.box)}"><style>${style}</style>${below}${solids(film, move, 'under')}${level(-Infinity, CORE)}${solids(film, move, 'core')}${level(CORE, TAPE)}${solids(film, move, 'tape')}${level(TAPE, Infinity)}${above}</svg>`;
}

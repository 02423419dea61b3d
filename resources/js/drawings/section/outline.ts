import type { Schemas } from '../../api/client';

/** Depth of a bevel that was not measured, mm: what is usual. */
export const USUAL_BEVEL_MM = 1.5;

export type Shape = Schemas['SpoolShape'];
export type LipShape = Schemas['Lip'];
export type ReelKind = Schemas['ReelKind'];

/** The frame a section is drawn in: where the mm fall on the screen. */
export interface Frame {
  /** px per mm, the same both ways */
  scale: number;
  /** inner faces of the flanges, px */
  left: number;
  right: number;
  /** the lip's edge, px */
  top: number;
  /** the traverse is drawn with a piece cut out of its middle */
  cut: boolean;
}

/** Flanges are drawn this wide, mm; their real width plays no part in a fill. */
export const FLANGE = 2;
/** What is drawn of the body under the arbor, mm. */
export const BODY = 1.6;
/** Of a long traverse at least this much is drawn. */
const LEAST_SHOWN = 0.36;

export interface Room {
  width: number;
  height: number;
  /** kept free for the ruler, the tabs and the words, px */
  padLeft: number;
  padRight: number;
  padTop: number;
  padBottom: number;
}

/**
 * Fits the spool into the room, to scale. Where the traverse would make the depth too small to read, a piece is cut out
 * of its middle, as on any engineering drawing; a taper is never cut.
 */
export function frame(shape: Shape, room: Room, mayCut = false): Frame {
  const wide = room.width - room.padLeft - room.padRight;
  const high = room.height - room.padTop - room.padBottom;
  const straight = shape.arbor_thick_mm - shape.arbor_thin_mm < 0.01;
  const least = shape.traverse_mm * (mayCut && straight ? LEAST_SHOWN : 1);
  const scale = Math.max(0.1, Math.min(wide / (least + 2 * FLANGE), high / (shape.bare_depth_mm + BODY)));
  const shown = Math.min(shape.traverse_mm, wide / scale - 2 * FLANGE);
  const left = room.padLeft + (wide - scale * (shown + 2 * FLANGE)) / 2 + FLANGE * scale;
  const slack = high - scale * (shape.bare_depth_mm + BODY);
  return {
    scale,
    left,
    right: left + shown * scale,
    top: room.padTop + Math.max(0, slack / 2),
    cut: shown < shape.traverse_mm - 0.01,
  };
}

/** The wavy edges of the cut, px: two lines across everything, and the paper between them. */
export function breakLines(shape: Shape, f: Frame): { left: string; right: string; between: string } {
  const x = (f.left + f.right) / 2;
  const top = f.top - 14;
  const bottom = f.top + (shape.bare_depth_mm + BODY) * f.scale + 8;
  const wave = (at: number) => {
    const quarter = (bottom - top) / 4;
    return `M${at} ${top}q7 ${quarter / 2} 0 ${quarter}t0 ${quarter}t0 ${quarter}t0 ${quarter}`;
  };
  const back = (at: number) => {
    const quarter = (bottom - top) / 4;
    return `L${at} ${bottom}q-7 ${-quarter / 2} 0 ${-quarter}t0 ${-quarter}t0 ${-quarter}t0 ${-quarter}Z`;
  };
  return { left: wave(x - 6), right: wave(x + 6), between: `${wave(x - 6)}${back(x + 6)}` };
}

/** The arbor's surface from the rear flange to the front one, px. A baitcaster's taper is a vee, any other a cone. */
export function arborProfile(shape: Shape, f: Frame, kind: ReelKind): [number, number][] {
  const y = (diameter: number) => f.top + ((shape.lip_mm - diameter) / 2) * f.scale;
  const thick = y(shape.arbor_thick_mm);
  const thin = y(shape.arbor_thin_mm);
  if (kind === 'baitcasting' && thin !== thick) {
    return [
      [f.left, thick],
      [(f.left + f.right) / 2, thin],
      [f.right, thick],
    ];
  }
  return [
    [f.left, thick],
    [f.right, thin],
  ];
}

/** What is built on the arbor for one fill: the ring between the bare arbor and the built one, px. */
export function buildUp(bare: Shape, built: Shape, f: Frame, kind: ReelKind): string {
  const floor = arborProfile(bare, f, kind);
  const roof = arborProfile({ ...built, lip_mm: bare.lip_mm }, f, kind).reverse();
  return `M${[...floor, ...roof].map(([x, y]) => `${x} ${y}`).join('L')}Z`;
}

/** Points across the traverse at which a humped surface is drawn. */
const STEPS = 28;

/** The surface of line from rear to front, px: level, or with a hump on one half and a hollow on the other. */
export function surface(f: Frame, y: number, hump: number): [number, number][] {
  if (hump === 0) {
    return [
      [f.left, y],
      [f.right, y],
    ];
  }
  return Array.from({ length: STEPS + 1 }, (_, step) => {
    const along = step / STEPS;
    return [f.left + along * (f.right - f.left), y - (hump / 2) * Math.sin(2 * Math.PI * along)];
  });
}

/** A layer between two surfaces, px. */
export function layerPath(bottom: [number, number][], top: [number, number][]): string {
  return `M${[...bottom, ...[...top].reverse()].map(([x, y]) => `${x} ${y}`).join('L')}Z`;
}

/** The room for line: between the flanges, above the arbor. */
export function interior(shape: Shape, f: Frame, kind: ReelKind, above: number): string {
  const floor = arborProfile(shape, f, kind);
  return `M${f.left} ${f.top - above}${floor.map(([x, y]) => `L${x} ${y}`).join('')}L${f.right} ${f.top - above}Z`;
}

/** The cut metal: rear flange, arbor and front lip in one outline. */
export function metal(shape: Shape, f: Frame, kind: ReelKind, lip: LipShape, bevelMm: number): string {
  const s = f.scale;
  const w = FLANGE * s;
  const deepest = f.top + shape.bare_depth_mm * s;
  const floor = deepest + BODY * s;
  const bevel = Math.min(bevelMm, shape.bare_depth_mm * 0.8) * s;
  const slant = Math.min(w * 0.62, bevel * 0.7);
  const rounding = Math.min(w * 0.6, 1.4 * s);
  const front =
    lip === 'bevelled'
      ? `L${f.right} ${f.top + bevel}L${f.right + slant} ${f.top}`
      : lip === 'rounded'
        ? `L${f.right} ${f.top + rounding}Q${f.right} ${f.top} ${f.right + rounding} ${f.top}`
        : `L${f.right} ${f.top}`;
  const both = kind === 'baitcasting' && lip === 'bevelled';
  const rear = both ? `L${f.left - slant} ${f.top}L${f.left} ${f.top + bevel}` : `L${f.left} ${f.top}`;
  const arbor = arborProfile(shape, f, kind)
    .map(([x, y]) => `L${x} ${y}`)
    .join('');
  return `M${f.left - w} ${floor}L${f.left - w} ${f.top}${rear}${arbor}${front}L${f.right + w} ${f.top}L${f.right + w} ${floor}Z`;
}

/** A stand-in where only the stamp is known: proportions of an ordinary spool, filled by share of room. */
export function standIn(): Shape {
  return { lip_mm: 46, arbor_thin_mm: 30, arbor_thick_mm: 30, traverse_mm: 18, bare_depth_mm: 8 };
}

/** Tabs that would cover each other are moved apart, in order, keeping within the frame. */
export function spread(wanted: number[], gap: number, least: number, most: number): number[] {
  const order = wanted.map((y, index) => ({ y, index })).sort((a, b) => a.y - b.y);
  let floor = least;
  for (const each of order) {
    each.y = Math.max(each.y, floor);
    floor = each.y + gap;
  }
  let ceiling = most;
  for (const each of order.reverse()) {
    each.y = Math.min(each.y, ceiling);
    ceiling = each.y - gap;
  }
  const placed = [...wanted];
  for (const { y, index } of order) placed[index] = y;
  return placed;
}

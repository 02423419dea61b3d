/** Where things lie on the sheet of paper tools, mm. It fits on A4 and on letter paper. */
export const SHEET_MM = { width: 186, height: 246 };
/** Left free round it, so that no edge is lost. */
export const EDGE_MM = 1;
export const PAPER_MM = { width: SHEET_MM.width + 2 * EDGE_MM, height: SHEET_MM.height + 2 * EDGE_MM };
/** The bar that says how true the printer is. */
export const BAR_MM = 100;
/** The gauge's steps: the same as the readings are worked out by. */
export const STEPS_MM = Array.from({ length: 12 }, (_, step) => (step + 1) / 2);
/** How far apart two tongues of the gauge stand, and how broad one is. */
export const TONGUE_MM = { apart: 28, broad: 8 };
const A_ROW = 6;

export interface Mark {
  /** the diameter that is read there */
  reads: number;
  /** from the strip's start */
  at: number;
  long: boolean;
}

/** The marks of a strip that begins where a diameter is read: a strip goes pi times as far round as across. */
export function stripMarks(from: number, most: number, length: number): Mark[] {
  const marks: Mark[] = [];
  for (let reads = from; reads <= most; reads++) {
    const at = Math.PI * (reads - from);
    if (at <= length) marks.push({ reads, at, long: reads % 5 === 0 });
  }
  return marks;
}

/** A row of the gauge from its left end: the edge that lies on the lip, with tongues as long as their steps below it. */
export function gaugeRow(
  row: number,
  top: number,
  edge: number,
): { outline: string; tongues: { at: number; step: number }[] } {
  const steps = STEPS_MM.slice(row * A_ROW, (row + 1) * A_ROW);
  const tongues = steps.map((step, index) => ({ at: (index + 0.5) * TONGUE_MM.apart, step }));
  const right = A_ROW * TONGUE_MM.apart;
  const under = tongues
    .map(({ at, step }) => {
      const [left, end] = [at - TONGUE_MM.broad / 2, at + TONGUE_MM.broad / 2];
      return `H${left}V${edge + step}H${end}V${edge}`;
    })
    .join('');
  return { outline: `M0 ${edge}${under}H${right}V${top}H0Z`, tongues };
}

/** A ray of the sector, from its corner on the level edge. */
export const ray = (degrees: number, from: number, to: number): string => {
  const [x, y] = [Math.cos((degrees * Math.PI) / 180), -Math.sin((degrees * Math.PI) / 180)];
  return `M${(x * from).toFixed(3)} ${(y * from).toFixed(3)}L${(x * to).toFixed(3)} ${(y * to).toFixed(3)}`;
};

/** Touching wraps in 10 mm of lines so thick, mm. */
export const WRAPS = [0.5, 0.4, 0.35, 0.3, 0.25, 0.2, 0.16, 0.13, 0.1].map((thick) => ({
  thick,
  wraps: Math.round(10 / thick),
}));

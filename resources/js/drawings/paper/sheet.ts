import type { ResultOf } from '../../api/calculators';

export type PaperSheet = ResultOf<'paper'>;
export type StripMark = PaperSheet['strips'][number]['marks'][number];

/** Where things lie on the sheet of paper tools, mm. It fits on A4 and on letter paper. */
export const SHEET_MM = { width: 186, height: 246 };
/** Left free round it, so that no edge is lost. */
export const EDGE_MM = 1;
export const PAPER_MM = { width: SHEET_MM.width + 2 * EDGE_MM, height: SHEET_MM.height + 2 * EDGE_MM };
/** How far apart two tongues of the gauge stand, and how broad one is. */
export const TONGUE_MM = { apart: 28, broad: 8 };

/** A row of the gauge from its left end: the edge that lies on the lip, with tongues as long as their steps below it. */
export function gaugeRow(steps: readonly number[], top: number, edge: number) {
  const tongues = steps.map((step, index) => ({ at: (index + 0.5) * TONGUE_MM.apart, step }));
  const under = tongues
    .map(({ at, step }) => {
      const [left, right] = [at - TONGUE_MM.broad / 2, at + TONGUE_MM.broad / 2];
      return `H${left}V${edge + step}H${right}V${edge}`;
    })
    .join('');
  return { outline: `M0 ${edge}${under}H${steps.length * TONGUE_MM.apart}V${top}H0Z`, tongues };
}

/** A ray of the sector, from its corner on the level edge. */
export const ray = (degrees: number, from: number, to: number): string => {
  const [x, y] = [Math.cos((degrees * Math.PI) / 180), -Math.sin((degrees * Math.PI) / 180)];
  return `M${(x * from).toFixed(3)} ${(y * from).toFixed(3)}L${(x * to).toFixed(3)} ${(y * to).toFixed(3)}`;
};

/** What a knob is counted in. */
export const KNOB_WORD = { turn: 'turns', click: 'clicks', notch: 'notches' } as const;
export type Knob = keyof typeof KNOB_WORD;

/** A place of the knob, to a hundredth at most. */
export const place = (position: number) => `${Number(position.toFixed(2))}`;

import type { Run, RunMark } from '../api/types';

/** How a filler was said to lie is added to what was said of it before; the rotor turns one way whatever lies before it. */
export function placed(state: Run['state'], mark: RunMark): void {
  const step = state.steps.find((each) => each.id === (mark.step ?? state.current));
  const layer = step?.layer ?? state.layer;
  state.layers = state.layers.map((each, index) =>
    index === layer
      ? {
          ...each,
          placed: {
            feed: mark.feed ?? each.placed?.feed ?? null,
            rotor_turns: mark.rotor_turns ?? each.placed?.rotor_turns ?? null,
            filler_turns: mark.filler_turns ?? each.placed?.filler_turns ?? null,
          },
        }
      : each,
  );
  const here = state.layers[state.layer]?.placed;
  const rotor = here?.rotor_turns ?? state.layers.find((each) => each.placed?.rotor_turns)?.placed?.rotor_turns ?? null;
  state.slack = {
    ...state.slack,
    matched: rotor === null || !here?.filler_turns ? null : rotor === here.filler_turns,
  };
}

/** Figures of the bench are ratios to a floor that was measured in turns with them: a slow minute of the machine slows both. */

/** @param {number[]} times @param {number} part 0.5 for the median */
export const share = (times, part) => [...times].sort((a, b) => a - b)[Math.floor(times.length * part)];

/** Measures several things in turns, so many rounds of each; the times by name, ms. The first rounds find everything cold and are left out. */
export async function inTurns(things, rounds, cold = 0) {
  const times = Object.fromEntries(Object.keys(things).map((name) => [name, []]));
  for (let round = -cold; round < rounds; round++) {
    for (const [name, measure] of Object.entries(things)) {
      const took = await measure();
      if (round >= 0) times[name].push(...[took].flat());
    }
  }
  return times;
}

/** Prints one figure as a ratio to its floor, with its limit and the milliseconds of both. */
export function print(name, time, floor, limit, floorName) {
  const ratio = time / floor;
  const over = ratio > limit ? '  OVER ITS LIMIT' : '';
  console.log(
    `${name}: ${ratio.toFixed(2)} of ${floorName} (limit ${limit}); ${time.toFixed(1)} ms to ${floor.toFixed(1)} ms${over}`,
  );
}

/** A request over loopback and its whole answer, ms. */
export async function asked(url, init) {
  const begun = performance.now();
  const answer = await fetch(url, init);
  await answer.arrayBuffer();
  if (answer.status !== 200) throw new Error(`${url} answered ${answer.status}`);
  return performance.now() - begun;
}

/** What fixed arithmetic takes this Node, ms: how fast the machine is at this hour. */
export function calibration() {
  const begun = performance.now();
  let sum = 0;
  for (let i = 1; i <= 20_000_000; i++) sum += Math.sqrt(i) / (i + 1);
  return [performance.now() - begun, sum];
}

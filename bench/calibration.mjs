/** How fast Node is on this machine at this hour. */
import { calibration } from './ratio.mjs';

const took = [1, 2, 3].map(() => calibration()[0]);
console.log(`calibration: twenty million square roots take Node ${Math.min(...took).toFixed(0)} ms`);

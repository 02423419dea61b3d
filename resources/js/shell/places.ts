/** The places of the bench, in the order of the work. Only those that are built. */
export const PLACES = [
  { path: '/locker', word: 'Locker', hint: 'reels, spools, rods' },
  { path: '/rack', word: 'Rack', hint: 'line and filler spools' },
  { path: '/plan', word: 'Plan', hint: 'what goes on the spool' },
  { path: '/wind', word: 'Wind', hint: 'at the bench, step by step' },
  { path: '/drag', word: 'Drag', hint: 'how tight, and for how long' },
  { path: '/log', word: 'Log', hint: 'what is on, what is due' },
] as const;

/** The lists of a large database, and one new event in it, over loopback: 300 reels, 500 fillers, 5,000 fills. */
const url = process.env.UNDRO_URL;

const timed = async (path) => {
  const begun = performance.now();
  const answer = await fetch(new URL(path, url));
  const body = await answer.text();
  if (answer.status !== 200) throw new Error(`${path} answered ${answer.status}`);
  const read = JSON.parse(body);
  const count = read.length ?? (read.entries ?? read.states ?? read.readings).length;
  return { ms: performance.now() - begun, count, kB: body.length / 1000 };
};

for (const path of [
  '/api/reels',
  '/api/fillers',
  '/api/lines',
  '/api/plans',
  '/api/events',
  '/api/log',
  '/api/log?q=shelf+004+wound',
  '/api/spools/7/history',
  '/api/stock',
  '/api/learnt',
]) {
  const times = [];
  let last;
  for (let i = 0; i < 25; i++) {
    last = await timed(path);
    if (i >= 5) times.push(last.ms);
  }
  times.sort((a, b) => a - b);
  const at = (share) => times[Math.floor(times.length * share)].toFixed(0);
  console.log(
    `GET ${path} of ${last.count} (${last.kB.toFixed(0)} kB): median ${at(0.5)} ms, p95 ${at(0.95)} ms (limit 60)`,
  );
}

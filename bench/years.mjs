/** Views of the log over ten years of four reels a week, over loopback. */
const url = process.env.UNDRO_URL;

for (const path of [
  '/api/log',
  '/api/log?q=week+wound',
  '/api/spools/1/history',
  '/api/upkeep',
  '/api/learnt',
  '/api/stock',
]) {
  const times = [];
  for (let i = 0; i < 25; i++) {
    const begun = performance.now();
    const answer = await fetch(new URL(path, url));
    await answer.text();
    if (answer.status !== 200) throw new Error(`${path} answered ${answer.status}`);
    if (i >= 5) times.push(performance.now() - begun);
  }
  times.sort((a, b) => a - b);
  console.log(`GET ${path}: median ${times[10].toFixed(0)} ms, p95 ${times[18].toFixed(0)} ms (limit 100)`);
}

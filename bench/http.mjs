/** POST /api/compute/fill over loopback, four clients at once. */
import { request } from 'node:http';

const url = new URL('/api/compute/fill', process.env.UNDRO_URL);
const body = JSON.stringify({
  spool: { lip_diameter_mm: 43.1, arbor_diameter_mm: 22.7, traverse_mm: 19.5, ratings_text: '0.25/250 0.30/175' },
  layers: [
    { role: 'backing', material: 'mono', diameter_mm: 0.3, length_m: null },
    { role: 'main', material: 'braid', diameter_mm: 0.13, length_m: 150 },
  ],
  gap_mm: 1.6,
});

const once = () =>
  new Promise((resolve, reject) => {
    const begun = performance.now();
    const sent = request(url, { method: 'POST', headers: { 'Content-Type': 'application/json' } }, (answer) => {
      answer.resume();
      answer.on('end', () =>
        answer.statusCode === 200
          ? resolve(performance.now() - begun)
          : reject(new Error(`answered ${answer.statusCode}`)),
      );
    });
    sent.on('error', reject);
    sent.end(body);
  });

const client = async (times, count) => {
  for (let i = 0; i < count; i++) times.push(await once());
};

await Promise.all([1, 2, 3, 4].map(() => client([], 30)));
const times = [];
await Promise.all([1, 2, 3, 4].map(() => client(times, 150)));
times.sort((a, b) => a - b);
const at = (share) => times[Math.floor(times.length * share)].toFixed(1);
console.log(`POST /api/compute/fill, 4 clients: median ${at(0.5)} ms, p95 ${at(0.95)} ms (limit 25)`);

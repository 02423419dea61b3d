/** POST /api/compute/fill over loopback, four clients at once, in turns with a route that answers {}. */
import { asked, inTurns, print, share } from './ratio.mjs';

const body = JSON.stringify({
  spool: { lip_diameter_mm: 43.1, arbor_diameter_mm: 22.7, traverse_mm: 19.5, ratings_text: '0.25/250 0.30/175' },
  layers: [
    { role: 'backing', material: 'mono', diameter_mm: 0.3, length_m: null },
    { role: 'main', material: 'braid', diameter_mm: 0.13, length_m: 150 },
  ],
  gap_mm: 1.6,
});
const post = (path) => () =>
  Promise.all(
    [1, 2, 3, 4].map(() =>
      asked(new URL(path, process.env.UNDRO_URL), {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body,
      }),
    ),
  );

const times = await inTurns({ fill: post('/api/compute/fill'), floor: post('/api/floor') }, 150, 30);
for (const [name, part, limit] of [
  ['median', 0.5, 2.5],
  ['p95', 0.95, 2.5],
]) {
  print(
    `POST /api/compute/fill, 4 clients, ${name}`,
    share(times.fill, part),
    share(times.floor, part),
    limit,
    'an empty answer',
  );
}

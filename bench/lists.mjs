/** Lists over loopback, each in turns with a route that answers {}: LIMIT PATH... */
import { asked, inTurns, print, share } from './ratio.mjs';

const [limit, ...paths] = process.argv.slice(2);
for (const path of paths) {
  const get = (of) => () => asked(new URL(of, process.env.UNDRO_URL));
  const times = await inTurns({ list: get(path), floor: get('/api/floor') }, 20, 5);
  print(`GET ${path}, p95`, share(times.list, 0.95), share(times.floor, 0.95), Number(limit), 'an empty answer');
}

// What a served Undro bears: 200 people in ten households, each asking every five seconds, a third of it writing; then a hundred of
// them as fast as they can; then ten thousand requests, with the memory of PHP's workers before and after. Nothing answered as saved may be lost.
import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import http2 from 'node:http2';

const {
  UNDRO_SERVED_URL: url,
  UNDRO_SERVED_DATA: data,
  UNDRO_SERVED_CODE: code,
  UNDRO_SERVED_DEMO: demo,
} = process.env;
const HOUSEHOLDS = 10;
const CLIENTS = 200;
const EVERY_MS = 5000;
const FOR_MS = Number(process.env.UNDRO_BENCH_MS ?? 60_000);
const FLAT_OUT_MS = (FOR_MS * 3) / 4;
const FLAT_OUT = 100;
const MANY = 10_000;
const ca = readFileSync(`${data}/caddy/pki/authorities/local/root.crt`);
const undro = (...words) => execFileSync('./undro', [...words, '--data', data], { cwd: code, encoding: 'utf8' });
const pause = (ms) => new Promise((done) => setTimeout(done, ms));

/** One browser: its connection and its cookies. */
class Client {
  constructor() {
    this.cookies = new Map();
    this.open();
  }
  open() {
    this.session = http2.connect(url, { ca });
    this.session.on('error', () => {});
  }
  ask(method, path, body, type = 'application/json') {
    if (this.session.closed || this.session.destroyed) this.open();
    return new Promise((done) => {
      const began = performance.now();
      const token = [...this.cookies].find(([name]) => name.startsWith('XSRF'))?.[1] ?? '';
      const stream = this.session.request({
        ':method': method,
        ':path': path,
        accept: 'application/json',
        cookie: [...this.cookies].map((each) => each.join('=')).join('; '),
        origin: url,
        ...(this.key ? { authorization: `Bearer ${this.key}` } : {}),
        ...(body === undefined
          ? {}
          : {
              'content-type': type,
              'content-length': Buffer.byteLength(body),
              'x-xsrf-token': decodeURIComponent(token),
            }),
      });
      let status = 0;
      let text = '';
      stream.on('response', (headers) => {
        status = headers[':status'];
        for (const each of headers['set-cookie'] ?? []) {
          const [, name, value] = /^([^=]+)=([^;]*)/.exec(each) ?? [];
          this.cookies.set(name, value);
        }
      });
      stream.on('data', (part) => {
        text += part;
      });
      const end = () => done({ status, text, took: performance.now() - began });
      stream.on('end', end);
      stream.on('error', end);
      stream.end(body);
    });
  }
}

const CASE = JSON.stringify({
  reel: { gear_ratio: '5.2' },
  spool: { ratings_text: '0.25/200', lip_diameter_mm: '46', traverse_mm: '17' },
  main: { size: '0.16', length_m: 120 },
  backing: { size: '0.30' },
  open: 'backing',
});
const READS = ['/', '/api/reels', '/api/upkeep', '/api/log', '/api/plans', '/api/stock', '/api/runs', 'plan'];

const clients = [];
for (let index = 0; index < HOUSEHOLDS; index++) {
  const name = `bench${index}-${randomUUID().slice(0, 6)}`;
  const said = undro('account', 'add', `${name}@example.org`, '--household', name, '--from', demo);
  const first = new Client();
  const form = new URLSearchParams({ name, email: `${name}@example.org`, password: 'a few words do' }).toString();
  await first.ask('POST', /\/welcome\/\w+/.exec(said)[0], form, 'application/x-www-form-urlencoded');
  await first.ask('GET', '/');
  for (let each = 0; each < CLIENTS / HOUSEHOLDS; each++) {
    const client = new Client();
    // each is a browser of its own that somebody has signed in with
    client.cookies = new Map(first.cookies);
    client.household = index;
    client.saved = [];
    clients.push(client);
  }
}

/** One request of one client, a third of them writing. */
async function one(client, tell) {
  const write = Math.random() < 1 / 3;
  const read = READS[Math.floor(Math.random() * READS.length)];
  const name = `Rod ${randomUUID()}`;
  const answer = write
    ? await client.ask('POST', '/api/rods', JSON.stringify({ name }))
    : read === 'plan'
      ? await client.ask('POST', '/api/compute/plan', CASE)
      : await client.ask('GET', read);
  if (write && answer.status === 201) client.saved.push(name);
  tell(answer);
}

function tally() {
  const took = [];
  const statuses = {};
  return {
    tell: (answer) => {
      took.push(answer.took);
      statuses[answer.status] = (statuses[answer.status] ?? 0) + 1;
    },
    said: (over) => {
      took.sort((a, b) => a - b);
      const at = (share) => Math.round(took[Math.floor(share * (took.length - 1))]);
      return `${took.length} answers in ${Math.round(over / 1000)} s, ${Math.round((1000 * took.length) / over)} a second, median ${at(0.5)} ms, p95 ${at(0.95)} ms, slowest ${at(1)} ms, by status ${JSON.stringify(statuses)}`;
    },
  };
}

/** Memory of PHP's workers that is nobody else's, MB. */
const memory = () =>
  execFileSync('pgrep', ['-f', 'php-fpm: pool undro'], { encoding: 'utf8' })
    .trim()
    .split('\n')
    .map((pid) => Number(/RssAnon:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1000);

const steady = tally();
let until = Date.now() + FOR_MS;
await Promise.all(
  clients.map(async (client) => {
    await pause(Math.random() * EVERY_MS);
    while (Date.now() < until) {
      const began = Date.now();
      await one(client, steady.tell);
      await pause(Math.max(0, EVERY_MS - (Date.now() - began)));
    }
  }),
);
console.log(`served: ${CLIENTS} clients in ${HOUSEHOLDS} households, one question each in 5 s: ${steady.said(FOR_MS)}`);

const fast = tally();
until = Date.now() + FLAT_OUT_MS;
await Promise.all(
  clients.slice(0, FLAT_OUT).map(async (client) => {
    while (Date.now() < until) await one(client, fast.tell);
  }),
);
console.log(`served: ${FLAT_OUT} of them as fast as they can: ${fast.said(FLAT_OUT_MS)}`);

let lost = 0;
for (let index = 0; index < HOUSEHOLDS; index++) {
  const own = clients.filter((client) => client.household === index);
  const there = new Set(JSON.parse((await own[0].ask('GET', '/api/rods')).text).map((rod) => rod.name));
  const elsewhere = clients.filter((client) => client.household !== index).flatMap((client) => client.saved);
  lost += own.flatMap((client) => client.saved).filter((name) => !there.has(name)).length;
  lost += elsewhere.filter((name) => there.has(name)).length;
}
console.log(
  `served: of ${clients.reduce((sum, client) => sum + client.saved.length, 0)} that were answered as saved, ${lost} are lost or with another household`,
);

const before = memory();
let left = MANY;
const many = tally();
const began = Date.now();
await Promise.all(
  clients.slice(0, 20).map(async (client) => {
    while (left-- > 0) await one(client, many.tell);
  }),
);
const round = (all) => all.map((each) => each.toFixed(1)).join(' ');
console.log(`served: ${MANY} requests: ${many.said(Date.now() - began)}`);
console.log(`served: memory of PHP's workers, MB: before ${round(before)}, after ${round(memory())}`);
process.exit(0);

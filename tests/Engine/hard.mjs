// What a served Undro has to bear, asked for from outside: kills while people write, thousands of connections that say nothing, and bodies
// too large to hold. Says what came of it as JSON; HardTest judges.
import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import http2 from 'node:http2';
import net from 'node:net';
import tls from 'node:tls';

const [what, cookies] = process.argv.slice(2);
const { UNDRO_SERVED_URL: url, UNDRO_SERVED_DATA: data } = process.env;
const ca = readFileSync(`${data}/caddy/pki/authorities/local/root.crt`);
const port = Number(new URL(url).port);
const token = decodeURIComponent(/XSRF-TOKEN[^=]*=([^;]+)/.exec(cookies ?? '')?.[1] ?? '');
const pause = (ms) => new Promise((done) => setTimeout(done, ms));
const pids = (like) => execFileSync('pgrep', ['-f', like], { encoding: 'utf8' }).trim().split('\n').map(Number);
const memory = (like) =>
  pids(like).reduce((sum, pid) => sum + Number(/RssAnon:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1000, 0);

let session;
/** One request over the one connection there is, or a new one. */
function ask(method, path, body) {
  if (!session || session.closed || session.destroyed) {
    session = http2.connect(url, { ca });
    session.on('error', () => {});
  }
  return new Promise((done) => {
    const began = performance.now();
    let status = 0;
    let text = '';
    const end = () => done({ status, text, took: performance.now() - began });
    try {
      const stream = session.request({
        ':method': method,
        ':path': path,
        accept: 'application/json',
        cookie: cookies,
        origin: url,
        ...(body === undefined ? {} : { 'content-type': 'application/json', 'content-length': Buffer.byteLength(body), 'x-xsrf-token': token }),
      });
      stream.setTimeout(30_000, () => stream.close());
      stream.on('response', (headers) => {
        status = headers[':status'];
      });
      stream.on('data', (part) => {
        text += part;
      });
      stream.on('close', end);
      stream.on('error', () => {});
      stream.end(body);
    } catch {
      end();
    }
  });
}

/** Eight write; meanwhile processes of the server are killed. */
async function kills(count = 100, writers = 8) {
  const saved = [];
  const statuses = {};
  let done = false;
  const write = async () => {
    while (!done) {
      const name = randomUUID();
      const answer = await ask('POST', '/api/rods', JSON.stringify({ name }));
      statuses[answer.status] = (statuses[answer.status] ?? 0) + 1;
      if (answer.status === 201) saved.push(name);
      else await pause(50);
    }
  };
  const all = Promise.all(Array.from({ length: writers }, write));
  for (let kill = 0; kill < count; kill++) {
    await pause(200);
    // mostly a worker, now and then the whole of one part
    const like = kill % 25 === 24 ? (kill % 50 === 24 ? 'caddy run' : 'php-fpm: master') : 'php-fpm: pool undro';
    try {
      const found = pids(like);
      process.kill(found[kill % found.length], 'SIGKILL');
    } catch {
      // it had ended already
    }
    if (kill % 25 === 24) await pause(2500);
  }
  await pause(3000);
  done = true;
  await all;
  const there = new Set(JSON.parse((await ask('GET', '/api/rods')).text).map((rod) => rod.name));
  return { kills: count, statuses, saved: saved.length, lost: saved.filter((name) => !there.has(name)).length };
}

/** How long others wait, ms. */
async function others(times = 60) {
  const took = [];
  for (let time = 0; time < times; time++) {
    const answer = await ask('GET', '/api/rods');
    took.push(answer.status === 200 ? answer.took : Number.POSITIVE_INFINITY);
    await pause(20);
  }
  took.sort((a, b) => a - b);
  return { median: took[Math.floor(times / 2)], p95: took[Math.floor(times * 0.95)] };
}

/** Connections that say nothing: half of them have shaken hands, half have not, and are closed again after ten seconds. */
async function idle(count = 5000) {
  const before = { ...(await others()), caddy_MB: memory('caddy run') };
  const sockets = [];
  let made = 0;
  for (let index = 0; index < count; index++) {
    const socket =
      index % 2 === 0
        ? net.connect({ host: '127.0.0.1', port })
        : tls.connect({ host: '127.0.0.1', port, ca, servername: 'localhost' });
    socket.on('error', () => {});
    socket.on('connect', () => {
      made++;
    });
    sockets.push(socket);
    if (index % 100 === 99) await pause(30);
  }
  await pause(2000);
  const open = sockets.filter((socket) => !socket.destroyed && !socket.connecting).length;
  const during = { ...(await others()), caddy_MB: memory('caddy run') };
  for (const socket of sockets) socket.destroy();
  return { made, open, before, during };
}

/** A body of a gigabyte, announced and sent as long as it is taken. */
async function huge(bytes = 1_000_000_000) {
  const before = { caddy: memory('caddy run'), php: memory('php-fpm: pool undro') };
  const socket = tls.connect({ host: '127.0.0.1', port, ca, servername: 'localhost' });
  socket.on('error', () => {});
  let said = '';
  socket.on('data', (part) => {
    said += part;
  });
  await new Promise((done) => socket.on('secureConnect', done));
  socket.write(`POST /api/data/import HTTP/1.1\r\nHost: localhost\r\nContent-Length: ${bytes}\r\nCookie: ${cookies}\r\n\r\n`);
  const part = Buffer.alloc(65_536);
  let sent = 0;
  let most = 0;
  while (sent < bytes && !socket.destroyed && said === '') {
    socket.write(part);
    sent += part.length;
    await pause(1);
    if (sent % 655_360 === 0) most = Math.max(most, memory('caddy run') + memory('php-fpm: pool undro'));
  }
  await pause(300);
  const after = { caddy: memory('caddy run'), php: memory('php-fpm: pool undro') };
  socket.destroy();
  return { status: Number(said.slice(9, 12)), sent_MB: sent / 1e6, grown_MB: Math.max(most, after.caddy + after.php) - before.caddy - before.php };
}

console.log(JSON.stringify(await { kills, idle, huge }[what]()));
process.exit(0);

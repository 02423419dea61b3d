// What a served Undro has to bear, asked for from outside: kills while people write, thousands of connections that say nothing, and bodies
// too large to hold. Says what came of it as JSON; HardTest judges.
import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import http2 from 'node:http2';
import net from 'node:net';
import tls from 'node:tls';

const [what, cookies, ...households] = process.argv.slice(2);
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

/** Twenty others who look at something every half second while something goes on; the longest any of them waited, ms, and what they got. */
async function beside(readers, goesOn) {
  let over = false;
  let longest = 0;
  let answers = 0;
  const statuses = {};
  const reader = async (at) => {
    await pause(at * 25);
    while (!over) {
      const answer = await ask('GET', '/api/rods');
      statuses[answer.status] = (statuses[answer.status] ?? 0) + 1;
      longest = Math.max(longest, answer.took);
      answers++;
      await pause(500);
    }
  };
  const all = Promise.all(Array.from({ length: readers }, (_, at) => reader(at)));
  const came = await goesOn();
  over = true;
  await all;
  return { longest: Math.round(longest), answers, statuses, ...came };
}

/** A connection of HTTP/1.1 over which something is sent as it stands. */
async function raw(...heads) {
  const socket = tls.connect({ host: '127.0.0.1', port, ca, servername: 'localhost' });
  socket.on('error', () => {});
  socket.on('data', () => {});
  await new Promise((done) => {
    socket.on('secureConnect', done);
    socket.on('error', done);
  });
  for (const head of heads) socket.write(head);
  return socket;
}

const FOR_S = 12;
/** Sends a byte now and then, as somebody with a very bad line does, or somebody who means to. */
async function drip(sockets, part) {
  for (let time = 0; time < FOR_S * 2; time++) {
    for (const socket of sockets) if (!socket.destroyed) socket.write(part);
    await pause(500);
  }
  for (const socket of sockets) socket.destroy();
  return { still_open: sockets.filter((socket) => !socket.closed).length };
}

const ways = {
  /** Every household reads a file in, several at once. */
  imports: async () => {
    const text = ['name,material,size', ...Array.from({ length: 400 }, (_, row) => `Line ${row},mono,0.30`)].join('\n');
    const sent = households.flatMap((each) => [each, each]).map(async (each) => {
      const own = decodeURIComponent(/XSRF-TOKEN[^=]*=([^;]+)/.exec(each)?.[1] ?? '');
      const began = performance.now();
      const answer = await fetch(`${url}/api/data/import`, {
        method: 'POST',
        headers: { accept: 'application/json', 'content-type': 'application/json', cookie: each, origin: url, 'x-xsrf-token': own },
        body: JSON.stringify({ text, table: 'lines', take: true }),
      });
      await answer.text();
      return [answer.status, Math.round(performance.now() - began)];
    });
    return { imports: await Promise.all(sent) };
  },
  /** A stranger asks for a page and sends something that no page takes, without an end. */
  bodies: async () => {
    const sockets = [];
    for (let index = 0; index < 24; index++) {
      sockets.push(
        await raw(
          `GET /sign-in HTTP/1.1\r\nHost: localhost:${port}\r\nTransfer-Encoding: chunked\r\n\r\n16e360\r\n`,
          Buffer.alloc(1_500_000, 'x'),
          '\r\n',
        ),
      );
    }
    return drip(sockets, '1\r\nx\r\n');
  },
  /** One who is signed in sends files that never come to their end. */
  uploads: async () => {
    const sockets = [];
    for (let index = 0; index < 24; index++) {
      sockets.push(
        await raw(
          `POST /api/data/import HTTP/1.1\r\nHost: localhost:${port}\r\nCookie: ${cookies}\r\nOrigin: ${url}\r\nX-XSRF-TOKEN: ${token}\r\nContent-Type: application/json\r\nContent-Length: 30000000\r\n\r\n`,
          Buffer.alloc(500_000, ' '),
        ),
      );
    }
    return drip(sockets, ' ');
  },
  /** One who is signed in asks for something large and takes hardly any of it. */
  readers: async () => {
    const [large] = households;
    const sessions = [];
    for (let index = 0; index < 24; index++) {
      const slow = http2.connect(url, { ca, settings: { initialWindowSize: 10 } });
      slow.on('error', () => {});
      const stream = slow.request({ ':path': '/api/data', accept: 'application/json', cookie: large });
      stream.on('error', () => {});
      stream.on('response', () => stream.pause());
      sessions.push(slow);
    }
    await pause(FOR_S * 1000);
    for (const slow of sessions) slow.destroy();
    return {};
  },
};

/** The ways in which somebody could try to stop it for everybody, one after the other, each beside twenty readers. */
async function stops() {
  const came = { alone: await beside(20, () => pause(5000)) };
  for (const [way, how] of Object.entries(ways)) {
    came[way] = await beside(20, how);
    await pause(1000);
  }
  return came;
}

console.log(JSON.stringify(await { kills, idle, huge, stops }[what]()));
process.exit(0);

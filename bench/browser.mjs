/** In Chromium: what a first view weighs on its way, first loads, and input to redrawn picture while a mark is dragged. */
import { chromium } from '@playwright/test';
import { print, share } from './ratio.mjs';

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium-headless-shell',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--no-first-run'],
});

// each load from an empty cache; the places take turns, so that a slow moment of the machine is everybody's
const FLOOR = '/floor';
const LIMITS = { '/': 1.25, '/plan/1': 1.5, '/log': 1.5 };
const PLACES = [FLOOR, ...Object.keys(LIMITS)];
const loads = Object.fromEntries(PLACES.map((path) => [path, { paints: [], weight: 0, asked: [] }]));
for (let run = 0; run < 5; run++) {
  for (const path of PLACES) {
    const place = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const page = await place.newPage();
    const wire = await place.newCDPSession(page);
    await wire.send('Network.enable');
    const files = new Set();
    const asked = [];
    let weight = 0;
    wire.on('Network.responseReceived', ({ requestId, response }) => {
      if (/\.(js|css)$/.test(response.url)) files.add(requestId);
      if (response.url.includes('/api/')) asked.push(new URL(response.url).pathname);
    });
    wire.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
      if (files.has(requestId)) weight += encodedDataLength;
    });
    await page.addInitScript(() => {
      new PerformanceObserver((list) => {
        for (const entry of list.getEntries()) globalThis.largestPaint = entry.startTime;
      }).observe({ type: 'largest-contentful-paint', buffered: true });
    });
    await page.goto(`${process.env.UNDRO_URL}${path}`, { waitUntil: 'networkidle' });
    await page.waitForTimeout(700);
    loads[path].paints.push(await page.evaluate(() => globalThis.largestPaint));
    Object.assign(loads[path], { weight, asked });
    await place.close();
  }
}
const floor = share(loads[FLOOR].paints, 0.5);
for (const [path, limit] of Object.entries(LIMITS)) {
  const { paints, weight, asked } = loads[path];
  print(
    `${path}: largest contentful paint, median of ${paints.length}`,
    share(paints, 0.5),
    floor,
    limit,
    'a bare page',
  );
  const twice = asked.filter((each, index) => asked.indexOf(each) !== index && !each.startsWith('/api/compute/'));
  console.log(
    `  script and styles on the wire ${(weight / 1000).toFixed(0)} kB (limit 170); asked twice: ${twice.join(', ') || 'nothing'}`,
  );
}

/** From each input of a kind to the redrawn picture, ms, in the page's "took". The backing's figure follows the server's answer, never the hand alone. */
const watch = (page, kind) =>
  page.evaluate((kind) => {
    globalThis.took = [];
    let begun = 0;
    addEventListener(
      kind,
      (event) => {
        if (kind === 'keydown' || (event.buttons && begun === 0)) begun = event.timeStamp;
      },
      true,
    );
    new MutationObserver(() => {
      if (begun === 0) return;
      const since = begun;
      begun = 0;
      requestAnimationFrame(() => {
        const channel = new MessageChannel();
        channel.port1.onmessage = () => globalThis.took.push(performance.now() - since);
        channel.port2.postMessage(0);
      });
    }).observe(document.querySelector('[aria-label="The spool and its line"]'), {
      subtree: true,
      attributes: true,
      attributeFilter: ['height'],
    });
  }, kind);

/** What was taken so far; the first ten find everything cold. */
const took = async (page) => (await page.evaluate(() => globalThis.took)).slice(10);

/** What a frame takes this page while nothing happens, ms. */
const frame = (page) =>
  page.evaluate(
    () =>
      new Promise((resolve) => {
        const gaps = [];
        let before = 0;
        const next = (now) => {
          if (before > 0) gaps.push(now - before);
          before = now;
          if (gaps.length < 60) requestAnimationFrame(next);
          else resolve(gaps.sort((a, b) => a - b)[30]);
        };
        requestAnimationFrame(next);
      }),
  );

/** Prints what came between an input and its picture, in frames of the same page. */
function printFrames(name, times, each) {
  for (const [which, part, limit] of [
    ['median', 0.5, 1],
    ['p95', 0.95, 2],
  ]) {
    const time = share(times, part);
    // a picture that comes within a frame is seen with that frame
    const frames = Math.ceil(time / each - 0.1);
    const over = frames > limit ? '  OVER ITS LIMIT' : '';
    console.log(
      `${name}, ${which} of ${times.length}: ${frames} frames (limit ${limit}); ${time.toFixed(1)} ms, a frame is ${each.toFixed(1)} ms${over}`,
    );
  }
}

const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${process.env.UNDRO_URL}/plan/1`, { waitUntil: 'networkidle' });
const mark = page.locator('[data-mark="full"]');
const each = await frame(page);
const box = await mark.boundingBox();
const at = { x: box.x + box.width - 30, y: box.y + box.height / 2 };
await watch(page, 'pointerrawupdate');
await page.mouse.move(at.x, at.y);
await page.mouse.down();
for (let step = 0; step < 200; step++) {
  await page.mouse.move(at.x, at.y + 40 - step * 0.4);
  await page.waitForTimeout(70);
}
await page.mouse.up();
const drags = await took(page);
printFrames('a mark dragged to its picture', drags, each);
await page.close();

// the same while a figure is typed: some of the questions were asked before, as they are when a hand corrects itself
const typing = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await typing.goto(`${process.env.UNDRO_URL}/plan/1`, { waitUntil: 'networkidle' });
const gap = typing.getByLabel('Gap under the lip');
await gap.fill('2.00');
await typing.waitForTimeout(300);
await watch(typing, 'keydown');
await gap.focus();
await typing.keyboard.press('End');
for (let step = 0; step < 60; step++) {
  await typing.keyboard.press('Backspace');
  await typing.waitForTimeout(90);
  await typing.keyboard.press(String(1 + (step % 9)));
  await typing.waitForTimeout(90);
}
printFrames('a key typed to its picture', await took(typing), each);
await typing.close();

// a knot's film while it plays: what script takes for each frame, and what the film weighs on its way
for (const knot of ['fg', 'double_uni']) {
  const film = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  let weight = 0;
  film.on('response', async (response) => {
    if (response.url().endsWith('.gz')) weight = (await response.body()).length;
  });
  await film.goto(`${process.env.UNDRO_URL}/knots?knot=${knot}`, { waitUntil: 'networkidle' });
  await browser.startTracing(film, { categories: ['devtools.timeline'] });
  await film.getByRole('button', { name: 'Play on' }).click();
  await film.waitForTimeout(15_000);
  const { traceEvents } = JSON.parse((await browser.stopTracing()).toString());
  const main = traceEvents.find((each) => each.name === 'FireAnimationFrame')?.tid;
  const events = traceEvents.filter((each) => each.tid === main).sort((a, b) => a.ts - b.ts);
  const frames = [];
  let end = 0;
  for (const { name, ts, dur = 0 } of events) {
    if (name === 'FireAnimationFrame') frames.push(0);
    // calls within calls are in the outer one already
    if (!['FunctionCall', 'FireAnimationFrame', 'RunMicrotasks', 'TimerFire'].includes(name) || ts < end) continue;
    end = ts + dur;
    if (frames.length > 0) frames[frames.length - 1] += dur / 1000;
  }
  frames.sort((a, b) => a - b);
  const of = (part) => frames[Math.floor(frames.length * part)].toFixed(1);
  console.log(
    `film of ${knot}: ${(weight / 1000).toFixed(0)} kB (limit 60); script a frame, ${frames.length} frames: median ${of(0.5)} ms, p95 ${of(0.95)} ms (limit 8)`,
  );
  await film.close();
}
await browser.close();

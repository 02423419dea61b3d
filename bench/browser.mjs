/** In Chromium: script for the first view, first load, and input to redrawn picture while a mark is dragged. */
import { gzipSync } from 'node:zlib';
import { chromium } from '@playwright/test';

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--no-first-run'],
});

const loads = [];
let script = 0;
for (let run = 0; run < 5; run++) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.addInitScript(() => {
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) globalThis.largestPaint = entry.startTime;
    }).observe({ type: 'largest-contentful-paint', buffered: true });
  });
  const scripts = [];
  page.on('response', (response) => {
    if (response.url().endsWith('.js')) scripts.push(response.body());
  });
  await page.goto(`${process.env.UNDRO_URL}/`, { waitUntil: 'networkidle' });
  await page.waitForTimeout(1000);
  loads.push(await page.evaluate(() => globalThis.largestPaint));
  script = (await Promise.all(scripts)).reduce((sum, text) => sum + gzipSync(text).length, 0);
  await page.close();
}
loads.sort((a, b) => a - b);
console.log(`script for the first view: ${(script / 1000).toFixed(0)} kB gzip in all (limit 250)`);
console.log(`first load: largest contentful paint median ${loads[2].toFixed(0)} ms of ${loads.length} (limit 1000)`);

const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${process.env.UNDRO_URL}/plan/1`, { waitUntil: 'networkidle' });
const mark = page.locator('[data-mark="full"]');
const box = await mark.boundingBox();
const at = { x: box.x + box.width - 30, y: box.y + box.height / 2 };
await page.evaluate(() => {
  globalThis.drags = [];
  let begun = 0;
  addEventListener(
    'pointerrawupdate',
    (event) => {
      if (event.buttons && begun === 0) begun = event.timeStamp;
    },
    true,
  );
  // the backing's figure follows the server's answer, never the hand alone
  new MutationObserver(() => {
    if (begun === 0) return;
    const since = begun;
    begun = 0;
    requestAnimationFrame(() => {
      const channel = new MessageChannel();
      channel.port1.onmessage = () => globalThis.drags.push(performance.now() - since);
      channel.port2.postMessage(0);
    });
  }).observe(document.querySelector('[aria-label="The spool and its line"]'), {
    subtree: true,
    attributes: true,
    attributeFilter: ['height'],
  });
});
await page.mouse.move(at.x, at.y);
await page.mouse.down();
for (let step = 0; step < 200; step++) {
  await page.mouse.move(at.x, at.y + 40 - step * 0.4);
  await page.waitForTimeout(70);
}
await page.mouse.up();
const drags = (await page.evaluate(() => globalThis.drags)).slice(10).sort((a, b) => a - b);
const share = (of) => drags[Math.floor(drags.length * of)].toFixed(0);
console.log(
  `input to redrawn picture, ${drags.length} moves: median ${share(0.5)} ms, p95 ${share(0.95)} ms (limit 50)`,
);
await page.close();

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

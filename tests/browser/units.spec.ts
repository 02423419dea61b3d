import { expect, nothingAlong, test } from './bench';

/** Yards, inches and pounds for whoever is at the bench, in this page alone. */
test.beforeEach(async ({ page }) => {
  await nothingAlong(page);
  await page.route('**/api/anglers', async (route) => {
    const answer = await route.fetch();
    const anglers = await answer.json();
    await route.fulfill({
      response: answer,
      json: anglers.map((angler: object) => ({ ...angler, units: { length: 'yd', small: 'in', force: 'lb' } })),
    });
  });
});

/** A figure with a metric unit behind it, wherever it stands but in what is printed on things, or told in every unit at once. */
const METRIC = String.raw`(?<![\w.])[\d.,]*\d\s?(?:mm|m|cm|kg|N|metres?)(?![\w²³])`;

test('in yards, inches and pounds no place shows a metric figure', async ({ page }) => {
  test.slow();
  await page.goto('/locker');
  await page.getByRole('heading', { level: 1 }).waitFor();
  const { reel, spool } = await page.evaluate(async () => {
    const reels = await (await fetch('/api/reels', { headers: { Accept: 'application/json' } })).json();
    const found = reels.find((each: { name: string }) => each.name === 'Skerry 30');
    const on = { reel: found.id, spool: found.spools[0].id };
    localStorage.setItem('undro-bench', JSON.stringify(on));
    return on;
  });
  const seen: string[] = [];
  for (const path of [
    '/',
    '/locker',
    '/rack',
    '/rack?which=1',
    `/plan?reel=${reel}&spool=${spool}`,
    '/wind',
    // what is refused is told in them too
    '/plan?lipMm=1 in&arborMm=2 in&traverseMm=0.7 in&mainSize=0.01 in',
    '/drag',
    '/plan?lipMm=90 in&arborMm=2 in&traverseMm=0.7 in&mainSize=0.01 in',
    '/drag?at=runs&out=60',
    '/drag?at=strike',
    '/drag?at=before',
    '/drag/card',
    '/log',
    `/log?spool=${spool}`,
    `/log?spool=${spool}&at=time`,
    `/log?spool=${spool}&at=entries`,
    '/log?all=learnt',
    '/day?spools=1,2,3,4,5,6',
    '/knots',
    '/twist',
    '/labels',
    '/habits',
    '/trouble?seen=digs_in',
  ]) {
    // from place to place as one does, without loading it all again
    await page.evaluate((to) => {
      history.pushState({}, '', to);
      window.dispatchEvent(new PopStateEvent('popstate', { state: {} }));
    }, path);
    await expect.poll(() => page.evaluate(() => document.querySelectorAll('[aria-busy="true"]').length)).toBe(0);
    await page.waitForTimeout(450);
    await page.getByRole('heading').first().waitFor();
    if (path.startsWith('/plan?lip')) await expect(page.getByRole('alert').first()).toContainText(' in');
    const found = await page.evaluate((pattern) => {
      const all = document.body.cloneNode(true) as HTMLElement;
      for (const each of all.querySelectorAll('[data-printed], option, style, script')) each.remove();
      const text = [
        ...all.querySelectorAll('p, li, [role=alert], td, th, dt, dd, h1, h2, h3, label, text, caption, legend'),
      ].map((each) => each.textContent ?? '');
      const said = [...all.querySelectorAll('[aria-label]')].map((each) => each.getAttribute('aria-label') ?? '');
      return [...text, ...said].flatMap((each) => each.match(new RegExp(pattern, 'g')) ?? []);
    }, METRIC);
    if (found.length > 0) seen.push(`${path}: ${[...new Set(found)].join(' | ')}`);
  }
  expect(seen).toEqual([]);
});

import type { Locator, Page } from '@playwright/test';
import axe, { type AxeResults, type RunOptions } from 'axe-core';
import { expect, fits, nothingAlong, settled, test } from './bench';

type RunOnly = NonNullable<Exclude<RunOptions['runOnly'], string | string[]>>;
interface Where {
  include?: string[][];
  exclude?: string[][];
}

/** What is wrong on a page, by rule, and where. A page is told once how to look: telling it takes longer than looking. */
async function wrong(page: Page, runOnly: RunOnly, where: Where = {}): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in globalThis))) await page.evaluate(axe.source);
  const asked = { where: { include: [['html']], ...where }, runOnly };
  return page.evaluate(async (ask) => {
    const { axe: looking } = globalThis as unknown as {
      axe: { run: (where: Where, how: RunOptions) => Promise<AxeResults> };
    };
    // what is right is not listed, since naming each of a thousand nodes takes longer than looking at them; there are no frames
    const { violations } = await looking.run(ask.where, {
      resultTypes: ['violations'],
      iframes: false,
      runOnly: ask.runOnly,
    });
    return violations.map((each) => `${each.id}: ${each.nodes.map((node) => node.target).join(' ')}`);
  }, asked);
}
const OPENED = ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'];
const EVERY = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];
const COLOURS = ['color-contrast', 'link-in-text-block'];
/** What can be another on a phone, where the same things stand in another order and size, and in the same colours. */
const NARROW = ['target-size', 'scrollable-region-focusable', 'page-has-heading-one', 'select-name', 'label', 'region'];

// they only look, so they share the two workers
test.describe.configure({ mode: 'parallel' });

test('axe finds nothing in what opens over a place, by day and by night', async ({ page }) => {
  test.slow();
  await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
  await page.goto('/plan/1');
  await settled(page);
  // what lies under it is looked at with its place
  const clean = async (opened?: string, night = true) => {
    await page.waitForTimeout(250);
    const none = async (only: RunOnly, when: string) =>
      expect(await wrong(page, only, opened === undefined ? {} : { include: [[opened]] }), when).toEqual([]);
    await none({ type: 'tag', values: OPENED }, 'day');
    if (!night) return;
    // the dim garage is the same page in other colours
    await page.emulateMedia({ colorScheme: 'dark' });
    await expect(page.locator('html[data-mantine-color-scheme="dark"]')).toBeAttached();
    await page.waitForTimeout(150);
    await none({ type: 'rule', values: COLOURS }, 'night');
    await page.emulateMedia({ colorScheme: 'light' });
  };
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Shortcuts' })).toBeVisible();
  await clean('[role="dialog"]');
  await page.keyboard.press('Escape');
  await page.keyboard.press('/');
  await page.getByLabel('Search', { exact: true }).fill('sk');
  await clean('[role="dialog"]');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Units/ }).click();
  await clean('[role="dialog"]');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Angler:/ }).click();
  await clean('[role="dialog"]', false);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Plans/ }).click();
  await clean('[role="dialog"]', false);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Recent changes/ }).click();
  await clean('[role="dialog"]');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Measure the spool' }).click();
  await expect(page.getByRole('dialog', { name: 'Measure the spool' })).toBeVisible();
  await clean('[role="dialog"]');
  await page.keyboard.press('Escape');
  for (const more of ['Suits', 'Winding']) {
    await page.locator('label').filter({ hasText: more }).click();
    await clean();
  }
  await page.getByRole('button', { name: 'Gear, lip, lay, taper' }).click();
  await page.getByLabel('Lip').first().fill('wide');
  await expect(page.getByRole('alert')).toBeVisible();
  await clean();
});

/** Yards, inches and pounds for whoever is at the bench, in this page alone. */
async function inYards(page: Page) {
  await nothingAlong(page);
  await page.route('**/api/anglers', async (route) => {
    const answer = await route.fetch();
    const anglers = await answer.json();
    await route.fulfill({
      response: answer,
      json: anglers.map((angler: object) => ({ ...angler, units: { length: 'yd', small: 'in', force: 'lb' } })),
    });
  });
}

/** A figure with a metric unit behind it, wherever it stands but in what is printed on things, or told in every unit at once. */
const METRIC = String.raw`(?<![\w.])[\d.,]*\d\s?(?:mm|m|cm|kg|N|metres?)(?![\w²³])`;

/** The metric figures that a page shows. */
const metric = (page: Page) =>
  page.evaluate((pattern) => {
    const all = document.body.cloneNode(true) as HTMLElement;
    for (const each of all.querySelectorAll('[data-printed], option, style, script')) each.remove();
    const text = [
      ...all.querySelectorAll('p, li, [role=alert], td, th, dt, dd, h1, h2, h3, label, text, caption, legend'),
    ].map((each) => each.textContent ?? '');
    const said = [...all.querySelectorAll('[aria-label]')].map((each) => each.getAttribute('aria-label') ?? '');
    return [...new Set([...text, ...said].flatMap((each) => each.match(new RegExp(pattern, 'g')) ?? []))];
  }, METRIC);

/** What shows figures as they were typed, printed or counted in metres, whatever the angler's units. */
const AS_TYPED = [
  'plan',
  'bench sheet',
  'a run',
  'print that is asked about',
  'strike with a target',
  'data',
  'wind',
  'a lesson',
  'drag practice',
  'paper tools',
  'lost',
];

/** The same page as another of the list with other figures: of these the units alone are looked at. */
const FIGURES_ALONE = [
  'plan of a reel',
  'an arbor that is refused',
  'a lip that is refused',
  'drag of a reel',
  'strike',
];

/** All places, each as it is looked at; $reel and $spool are those of the demo that have most to show. */
const PLACES = [
  ['start', '/'],
  ['locker', '/locker?add=reel'],
  ['rack', '/rack?add=filler'],
  ['which line', '/rack?which=1'],
  ['empty plan', '/plan?new=1'],
  ['plan of a reel', '/plan?reel=$reel&spool=$spool'],
  ['an arbor that is refused', '/plan?lipMm=1 in&arborMm=2 in&traverseMm=0.7 in&mainSize=0.01 in'],
  ['a lip that is refused', '/plan?lipMm=90 in&arborMm=2 in&traverseMm=0.7 in&mainSize=0.01 in'],
  ['print that is asked about', '/plan?stamp=3-150&mainSize=0.3o'],
  ['bench sheet', '/sheet/1'],
  ['wind', '/wind'],
  ['a run', '/wind/5ca3e1f0-0d3a-4b52-9f3e-6a1d2c4b7e10'],
  ['knots', '/knots?knot=albright'],
  ['twist lab', '/twist?feed=rotating&slip=60'],
  ['labels', '/labels'],
  ['drag', '/drag?main=8 kg&leader=5 kg'],
  ['drag of a reel', '/drag'],
  ['drag as line runs out', '/drag?at=runs&out=60'],
  ['strike', '/drag?at=strike'],
  ['strike with a target', '/drag?main=8 kg&at=strike'],
  ['drag before fishing', '/drag?at=before'],
  ['pocket card', '/drag/card'],
  ['drag practice', '/drag/practice?seed=3'],
  ['practice', '/practice'],
  ['a lesson', '/practice/mark?seed=6'],
  ['log', '/log'],
  ['log of a spool', '/log?spool=5&at=entries'],
  ['time of a spool', '/log?spool=$spool&at=time'],
  ['learnt', '/log?all=learnt'],
  ['bench day', '/day?spools=1,2,3,4,5,6'],
  ['trouble', '/trouble?seen=loops'],
  ['preferences', '/preferences'],
  ['data', '/data'],
  // its figures stand as they were typed, and stay with the window
  ['plan', '/plan/1'],
  ['paper tools', '/paper'],
  ['lost', '/nowhere'],
] as const;

// one page looks at several, going from place to place as one does, without loading it all again
const ROUNDS = 4;
for (let round = 0; round < ROUNDS; ++round) {
  const places = PLACES.filter((_, index) => index % ROUNDS === round);
  test(`axe finds nothing, nothing is too wide and all is in yards: ${places.map(([name]) => name).join(', ')}`, async ({
    page,
  }) => {
    test.slow();
    await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
    await inYards(page);
    await page.goto('/locker');
    await page.getByRole('heading', { level: 1 }).waitFor();
    const on = await page.evaluate(async () => {
      const reels = await (await fetch('/api/reels', { headers: { Accept: 'application/json' } })).json();
      const found = reels.find((each: { name: string }) => each.name === 'Skerry 30');
      localStorage.setItem('undro-bench', JSON.stringify({ reel: found.id, spool: found.spools[0].id }));
      return { reel: found.id as number, spool: found.spools[0].id as number };
    });
    await page.reload();
    await page.getByRole('heading', { level: 1 }).waitFor();
    const painted = () => page.evaluate(() => new Promise((then) => requestAnimationFrame(() => setTimeout(then))));
    // what stands round every place is the same: it is looked at with the first
    const look = async (name: string, width: number, only: RunOnly) => {
      const found = await wrong(page, only, name === places[0]?.[0] ? {} : { exclude: [['nav'], ['header']] });
      expect.soft(found, `${name}, ${width}`).toEqual([]);
      await fits(page, `${name}, ${width}`);
    };
    for (const [name, path] of places) {
      await page.evaluate(
        (to) => {
          history.pushState({}, '', to);
          window.dispatchEvent(new PopStateEvent('popstate', { state: {} }));
        },
        path.replace('$reel', String(on.reel)).replace('$spool', String(on.spool)),
      );
      await painted();
      await page.getByRole('heading', { level: 1 }).waitFor();
      await expect.poll(() => page.locator('[aria-busy="true"]').count()).toBe(0);
      await page.waitForTimeout(300);
      const whole = !FIGURES_ALONE.includes(name);
      if (whole) await look(name, 1280, { type: 'tag', values: EVERY });
      if (!AS_TYPED.includes(name)) expect.soft(await metric(page), name).toEqual([]);
      if (name.endsWith('is refused')) await expect(page.getByRole('alert').first()).toContainText(' in');
      if (!whole) continue;
      // the dim garage is the same page in other colours
      await page.emulateMedia({ colorScheme: 'dark' });
      await expect(page.locator('html[data-mantine-color-scheme="dark"]')).toBeAttached();
      await painted();
      await look(name, 1280, { type: 'rule', values: COLOURS });
      await page.emulateMedia({ colorScheme: 'light' });
      await page.setViewportSize({ width: 390, height: 800 });
      await painted();
      await look(name, 390, { type: 'rule', values: NARROW });
      await page.setViewportSize({ width: 1280, height: 800 });
    }
  });
}

test('with colors of the system’s own, what is chosen is told from what is not', async ({ page }) => {
  await page.emulateMedia({ forcedColors: 'active' });
  await page.goto('/rack?which=1');
  const highlight = await page.evaluate(() => {
    const shown = document.body.appendChild(document.createElement('i'));
    shown.style.cssText = 'forced-color-adjust: none; background: Highlight';
    const color = getComputedStyle(shown).backgroundColor;
    shown.remove();
    return color;
  });
  const filled = (what: Locator) => expect(what.first()).toHaveCSS('background-color', highlight);
  const box = page.getByLabel('The water is clear, or the fish are shy');
  await expect(box).not.toHaveCSS('background-color', highlight);
  await box.check();
  await filled(box);
  await filled(page.locator('nav a[aria-current="page"]'));
  await page.goto('/plan/1');
  await settled(page);
  await filled(page.locator('label:has(input[type="radio"]:checked) > span'));
  await expect(page.locator('label:has(input[type="radio"]:not(:checked)) > span').first()).not.toHaveCSS(
    'background-color',
    highlight,
  );
});

test.describe('under a finger', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('nothing that can be pressed is lower than 44 px, and nothing is wider than the phone', async ({ page }) => {
    test.slow();
    for (const path of [
      '/',
      '/locker?add=reel',
      '/rack?which=1',
      '/plan/1',
      '/wind',
      '/drag',
      '/log?spool=1',
      '/day',
      '/knots',
      '/trouble',
    ]) {
      await page.goto(path);
      await page.getByRole('heading', { level: 1 }).waitFor();
      await expect.poll(() => page.locator('[aria-busy="true"]').count()).toBe(0);
      expect.soft(await low(page), path).toEqual([]);
      await fits(page, path);
    }
  });

  /** What is lower, but for links within a sentence and for the marks on a drawing, which the arrow keys and fields move too. */
  const low = (page: Page) =>
    page.evaluate(() => {
      const pressed = document.querySelectorAll<HTMLElement>(
        'button, a, input, select, textarea, summary, [role="tab"]',
      );
      return [...pressed]
        .filter((each) => each.checkVisibility({ visibilityProperty: true }) && each.offsetWidth > 0)
        .filter((each) => !(each.matches('a') && getComputedStyle(each).display === 'inline'))
        .map((each) => {
          const whole = each.matches('[type="checkbox"], [type="radio"]')
            ? (each.closest('label') ?? each.closest('[class*="-body"]') ?? each)
            : each;
          return {
            name: each.getAttribute('aria-label') ?? each.textContent,
            height: whole.getBoundingClientRect().height,
          };
        })
        .filter(({ height }) => Math.round(height) < 44)
        .map(({ name, height }) => `${name}: ${Math.round(height)} px`);
    });
});

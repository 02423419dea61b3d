import type { Page } from '@playwright/test';
import axe, { type AxeResults, type RunOptions } from 'axe-core';
import { beyondTheEdge, expect, settled, test } from './bench';

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
  await page.getByRole('button', { name: /^At the bench/ }).click();
  await clean('[role="dialog"]', false);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Plans/ }).click();
  await clean('[role="dialog"]', false);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Lately/ }).click();
  await clean('[role="dialog"]');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'How to measure it' }).click();
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

const PLACES = [
  ['plan', '/plan/1'],
  ['empty plan', '/plan?new=1'],
  ['locker', '/locker?add=reel'],
  ['rack', '/rack?add=filler'],
  ['which line', '/rack?which=1'],
  ['print that is asked about', '/plan?stamp=3-150&mainSize=0.3o'],
  ['habits', '/habits'],
  ['data', '/data'],
  ['bench sheet', '/sheet/1'],
  ['wind', '/wind'],
  ['a run', '/wind/5ca3e1f0-0d3a-4b52-9f3e-6a1d2c4b7e10'],
  ['knots', '/knots?knot=albright'],
  ['twist lab', '/twist?feed=rotating&slip=60'],
  ['labels', '/labels'],
  ['drag', '/drag?main=8 kg&leader=5 kg'],
  ['strike', '/drag?main=8 kg&at=strike'],
  ['drag practice', '/drag/practice?seed=3'],
  ['practice', '/practice'],
  ['a lesson', '/practice/mark?seed=6'],
  ['start', '/'],
  ['log', '/log'],
  ['log of a spool', '/log?spool=5&at=entries'],
  ['learnt', '/log?all=learnt'],
  ['bench day', '/day?spools=3,4,5,6'],
  ['trouble', '/trouble?seen=loops'],
  ['paper tools', '/paper'],
  ['lost', '/nowhere'],
] as const;

// one page looks at several: what it has loaded for one it has for the next
const ROUNDS = 4;
for (let round = 0; round < ROUNDS; ++round) {
  const places = PLACES.filter((_, index) => index % ROUNDS === round);
  test(`axe finds nothing: ${places.map(([name]) => name).join(', ')}`, async ({ page }) => {
    test.slow();
    // what stands round every place is the same: it is looked at with the first
    const look = async (name: string, width: number, only: RunOnly) => {
      const found = await wrong(page, only, name === places[0]?.[0] ? {} : { exclude: [['nav'], ['header']] });
      expect.soft(found, `${name}, ${width}`).toEqual([]);
      expect.soft(await beyondTheEdge(page), `${name}, ${width}`).toBeLessThanOrEqual(0);
    };
    for (const [name, path] of places) {
      await page.setViewportSize({ width: 1280, height: 800 });
      await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
      await page.goto(path);
      await page.getByRole('heading', { level: 1 }).waitFor();
      await page.waitForLoadState('load');
      await page.waitForTimeout(250);
      await look(name, 1280, { type: 'tag', values: EVERY });
      // the dim garage is the same page in other colours
      await page.emulateMedia({ colorScheme: 'dark' });
      await expect(page.locator('html[data-mantine-color-scheme="dark"]')).toBeAttached();
      await page.waitForTimeout(150);
      await look(name, 1280, { type: 'rule', values: COLOURS });
      await page.emulateMedia({ colorScheme: 'light' });
      await page.setViewportSize({ width: 390, height: 800 });
      await page.waitForTimeout(250);
      await look(name, 390, { type: 'rule', values: NARROW });
    }
  });
}

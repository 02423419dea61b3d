import { test as base, expect, type Page, type Request } from '@playwright/test';
import { slower } from './slower';

export { expect };

const SLOW_MS = 2000;

/** A page that fails its test on any console error, page error, or request that leaves the server. */
export const test = base.extend<{ watched: undefined }>({
  watched: [
    async ({ page, context, baseURL }, use) => {
      await slower(context);
      const wrong: string[] = [];
      // the figures a plan takes from the records are open here; that they fold is a test of its own
      await page.addInitScript(() => {
        localStorage.getItem('undro-figures-spool') ?? localStorage.setItem('undro-figures-spool', 'true');
        localStorage.getItem('undro-figures-line') ?? localStorage.setItem('undro-figures-line', 'true');
      });
      page.on('pageerror', (error) => wrong.push(`page error: ${error.message}`));
      page.on('console', (message) => {
        // a refused figure answers 422, a late change 409, a question in a busy moment 503 and is asked again: the browser logs these by itself
        if (message.type() === 'error' && !/status of (422|404|409|503)|net::ERR/.test(message.text()))
          wrong.push(message.text());
      });
      page.on('request', (request) => {
        const url = new URL(request.url());
        if (url.hostname !== '127.0.0.1' && url.protocol.startsWith('http'))
          wrong.push(`left the server: ${request.url()} (${baseURL})`);
      });
      // what a test that fails was waiting for
      const asked = new Map<Request, number>();
      const slow: string[] = [];
      const said = (request: Request, how: string) => {
        const took = Date.now() - (asked.get(request) ?? Date.now());
        asked.delete(request);
        if (took > SLOW_MS) slow.push(`${request.method()} ${request.url()} ${how} after ${took} ms`);
      };
      page.on('request', (request) => asked.set(request, Date.now()));
      page.on('requestfinished', (request) => said(request, 'was answered'));
      page.on('requestfailed', (request) => said(request, 'was given up'));
      await use(undefined);
      if (test.info().status !== test.info().expectedStatus) {
        for (const request of [...asked.keys()]) said(request, 'is not answered');
        if (slow.length > 0) console.log(`slow: ${slow.join('; ')}`);
      }
      expect(wrong).toEqual([]);
    },
    { auto: true },
  ],
});

export const DEMO_URL = process.env.UNDRO_DEMO_URL ?? 'http://127.0.0.1:8247';
export const BENCH_URL = process.env.UNDRO_BENCH_URL ?? 'http://127.0.0.1:8249';
export const EMPTY_URL = process.env.UNDRO_EMPTY_URL ?? 'http://127.0.0.1:8248';

export const figure = (page: Page) => page.getByTestId('large-figure');
export const stamp = (page: Page) => page.getByLabel('Capacity printed on the spool');
/** The Size and Length fields of the main line or the backing. */
export const line = (page: Page, which: 'Main line' | 'Backing') => page.getByRole('group', { name: which });
export const mark = (page: Page, name: 'full' | 'knot') => page.getByRole('slider', { name: `${name}, below the lip` });

/** The large figure as numbers: what, and its tolerance. By a rule of thumb it stands as an interval beneath. */
export async function read(page: Page): Promise<{ value: number; half: number }> {
  const text = (await figure(page).textContent()) ?? '';
  const found = /([\d.]+)\s*\D*?±\s*([\d.]+)/.exec(text);
  if (found) return { value: Number(found[1]), half: Number(found[2]) };
  const between = /([\d.]+) to ([\d.]+)/.exec((await page.getByTestId('interval').textContent()) ?? '');
  return { value: Number.parseFloat(text), half: (Number(between?.[2]) - Number(between?.[1])) / 2 };
}

/** What stands out beyond the right edge, px: of the page, and of what scrolls in it. */
const beyondTheEdge = (page: Page) =>
  page.evaluate(() =>
    Math.max(
      ...[document.documentElement, document.getElementById('work')].map((each) =>
        each === null ? 0 : each.scrollWidth - each.clientWidth,
      ),
    ),
  );

/** Nothing stands out beyond the right edge. Drawings take a new width a frame or two after the window has it. */
export const fits = (page: Page, where = '') =>
  expect
    .configure({ soft: true })
    .poll(() => beyondTheEdge(page), where)
    .toBeLessThanOrEqual(0);

/** Waits until the picture answers what is typed. */
export const settled = (page: Page) => expect(page.locator('section[data-fresh="true"]')).toBeVisible();

/** Without what comes along with a page: each place asks for all of it. */
export const nothingAlong = (page: Page) =>
  page.addInitScript(() => {
    new MutationObserver(() => document.getElementById('first-answers')?.remove()).observe(document, {
      childList: true,
      subtree: true,
    });
  });

/** Takes back the change whose notice reads like this; what is said instead is told. Notices move as they come: a key does not miss one. */
export async function undo(page: Page, notice: string | RegExp) {
  const notices = page.getByRole('alert');
  await notices.filter({ hasText: notice }).getByRole('button', { name: 'Undo' }).press('Enter');
  await expect.poll(async () => (await notices.allTextContents()).join(' / ')).toContain('Undone.');
}

/** The run that is open. */
export const run = (page: Page) => page.getByTestId('run');

/** On to the next step, by key: what comes in while one presses may move the button away from under the pointer. */
export const onwards = (page: Page) =>
  page
    .getByRole('button', { name: /^(Done, next|They hold, next step)$/ })
    .first()
    .press('Enter');

/** Through the steps as they say, up to one. */
export async function stepTo(page: Page, step: string) {
  for (let steps = 0; steps < 25; steps++) {
    const now = await run(page).getAttribute('data-current');
    if (now === step) return;
    if (now === 'strip') {
      const off = page.getByRole('listitem').filter({ hasText: 'Strip and discard everything' });
      await expect(off.or(page.getByText(/The spool is empty|The main line is off/))).toBeVisible();
      if (await off.isVisible()) {
        await off.getByRole('button', { name: 'I did this' }).click();
        await expect(page.getByText('The spool is empty.')).toBeVisible();
      }
    }
    await onwards(page);
    await expect(run(page)).not.toHaveAttribute('data-current', now ?? '');
    // each step opens at its top, with focus on its heading
    await expect(page.getByRole('heading', { level: 1 })).toBeFocused();
  }
  throw new Error(`The run never came to ${step}.`);
}

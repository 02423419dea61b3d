import { execFileSync } from 'node:child_process';
import { type BrowserContext, test as base, expect, type Page } from '@playwright/test';
import { slower } from '../slower';

export { expect };

export const PASSWORD = 'a few words do';
const DATA = process.env.UNDRO_SERVED_DATA ?? '';

/** The command, for what is served here. */
const undro = (...words: string[]): string =>
  execFileSync('./undro', [...words, '--data', DATA], { cwd: process.env.UNDRO_SERVED_CODE, encoding: 'utf8' });

/** A household of its own that begins with the demo; the path of the link for its first person. */
export function household(name: string): string {
  const said = undro(
    'account',
    'add',
    `${name}@example.org`,
    '--household',
    name,
    '--from',
    process.env.UNDRO_SERVED_DEMO ?? '',
  );
  return /\/welcome\/\w+/.exec(said)?.[0] ?? '';
}

export async function join(page: Page, link: string, name: string, email = ''): Promise<void> {
  await page.goto(link);
  await page.getByLabel('Your name').fill(name);
  if (email) await page.getByLabel('Email').fill(email);
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Join' }).click();
  await page.waitForURL('/');
}

export async function signIn(page: Page, email: string, to = '/'): Promise<void> {
  await page.goto(`/sign-in?to=${to}`);
  await page.getByLabel('Email').fill(email);
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.waitForURL(to);
}

/** How much is kept in each store of the browser. */
export const kept = (page: Page) =>
  page.evaluate(async () => {
    const sizes: Record<string, number> = {};
    for (const name of await caches.keys()) sizes[name] = (await (await caches.open(name)).keys()).length;
    return sizes;
  });

/** Waits until the worker looks after the page. */
export const lookedAfter = (page: Page) =>
  expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null), { timeout: 40_000 }).toBe(true);

/** As on a device that has taken along everything a moment ago. */
export const takeNothingAlong = (context: BrowserContext) =>
  context.addInitScript(() => localStorage.setItem('undro-along', new Date().toISOString()));

/** Waits until what may be wanted where nobody answers is taken along. */
export async function takenAlong(page: Page): Promise<void> {
  await expect.poll(() => page.evaluate(() => localStorage.getItem('undro-along')), { timeout: 60_000 }).not.toBeNull();
}

/** Asks as the page itself would. */
export const ask = (page: Page, verb: string, path: string, body?: unknown) =>
  page.evaluate(
    async ([verb, path, body]) => {
      const cookie = document.querySelector<HTMLMetaElement>('meta[name="token-cookie"]')?.content ?? '';
      const token = document.cookie.split('; ').find((each) => each.startsWith(`${cookie}=`));
      const answer = await fetch(path as string, {
        method: verb as string,
        headers: {
          Accept: 'application/json',
          'Content-Type': 'application/json',
          'X-XSRF-TOKEN': decodeURIComponent(token?.slice(cookie.length + 1) ?? ''),
        },
        ...(body === undefined ? {} : { body: JSON.stringify(body) }),
      });
      return { status: answer.status, json: await answer.json().catch(() => null) };
    },
    [verb, path, body] as const,
  );

const CASE = {
  reel: { kind: 'spinning', lip: 'bevelled', bevel_depth_mm: '1.5', gear_ratio: '5.2' },
  spool: {
    ratings_text: '0.25/200',
    lip_diameter_mm: '46 mm',
    traverse_mm: '17',
    lay: 'normal',
    measured_with: 'caliper',
  },
  main: { material: 'braid', size: 'PE 1', length_m: '120 m' },
  backing: { material: 'mono', size: '10 lb' },
  open: 'backing',
};

const SPOOL = {
  name: 'deep',
  lip: 'bevelled',
  lay: 'normal',
  grips: false,
  workings: '',
  stamp: '0.25/200',
  stamp_units: null,
  stamp_material: 'mono',
  measured_with: 'caliper',
  measures: {
    lip_diameter: '46',
    arbor_diameter: '',
    arbor_deep_diameter: '',
    traverse: '17',
    bevel_depth: '1.5',
    rated_gap: '',
  },
};

/** A run of its own on a new reel with a bare spool; its path. */
export async function begun(page: Page, name: string): Promise<string> {
  const id = await page.evaluate(() => crypto.randomUUID());
  const reel = await ask(page, 'POST', '/api/reels', { name, kind: 'spinning', gear_ratio: '5.2' });
  const spool = await ask(page, 'POST', '/api/spools', { ...SPOOL, reels: [reel.json.id] });
  const made = await ask(page, 'POST', '/api/runs', {
    id,
    name,
    reel: reel.json.id,
    spool: spool.json.id,
    case: CASE,
    leader: false,
  });
  expect(made, JSON.stringify(made)).toMatchObject({ status: 201 });
  return `/wind/${id}`;
}

/** A page that fails its test on any error of its own. */
export const test = base.extend<{ watched: undefined }>({
  watched: [
    async ({ context }, use) => {
      await slower(context);
      const wrong: string[] = [];
      const watch = (page: Page) => page.on('pageerror', (error) => wrong.push(error.message));
      context.on('page', watch);
      await use(undefined);
      expect(wrong).toEqual([]);
    },
    { auto: true },
  ],
});

export type { BrowserContext, Page };

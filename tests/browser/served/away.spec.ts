import {
  ask,
  begun,
  expect,
  household,
  join,
  kept,
  lookedAfter,
  type Page,
  signIn,
  takeNothingAlong,
  takenAlong,
  test,
} from './household';

const current = (page: Page) => page.getByTestId('run').getAttribute('data-current');

/** Does whatever the step that is shown asks for, and says which it was. */
async function doStep(page: Page): Promise<string> {
  const at = (await current(page)) ?? '';
  const step = page.getByTestId('step');
  if (await step.getAttribute('data-counts')) {
    const left = Number(await page.getByTestId('turns-left').textContent());
    await page.getByRole('button', { name: /^Type turns/ }).click();
    const so = Number.parseInt((await page.getByTestId('so-far').textContent()) ?? '0', 10);
    await page.getByLabel('Handle turns for this line, in all').fill(String(so + left));
    await page.getByRole('button', { name: 'Use this' }).click();
    await expect(page.getByTestId('turns-left')).toHaveText('0');
    await page.getByRole('button', { name: /^(They hold|Save: reached)/ }).click();
  } else {
    await step.getByRole('button', { name: /^Done/ }).press('Enter');
  }
  await expect(page.getByTestId('run')).not.toHaveAttribute('data-current', at);
  return at;
}

test('what was seen opens where nobody answers, says since when, and nothing of it stays after signing out', async ({
  page,
  context,
}) => {
  await join(page, household('reach'), 'Ann');
  await takenAlong(page);
  const reels = (await ask(page, 'GET', '/api/reels')).json.map((each: { name: string }) => each.name) as string[];
  const [plan] = (await ask(page, 'GET', '/api/plans')).json as { id: number; name: string }[];
  await context.setOffline(true);
  for (const [path, words] of [
    ['/locker', reels[0]],
    ['/rack', 'left'],
    ['/log', 'All entries'],
    // a knot, and what is wrong, that were never looked at
    ['/knots?knot=blood', 'Tie along'],
    ['/trouble?seen=jerks', 'Dry or dirty washers'],
    [`/plan/${plan?.id}`, 'full'],
    ['/drag/card', 'Drag card'],
    ['/labels', reels[0]],
  ] as const) {
    await page.goto(path);
    await expect(page.getByTestId('seen-since')).toContainText('what was stored');
    if (path === '/drag/card') await expect(page.getByRole('article', { name: 'Pocket card' })).toBeVisible();
    else await expect(page.locator('main')).toContainText(words ?? '');
  }
  await context.setOffline(false);
  await page.goto('/locker');
  await expect(page.getByTestId('seen-since')).toHaveCount(0);

  const other = await context.newPage();
  await other.goto('/rack');
  await expect(other.getByRole('heading', { name: 'Rack' })).toBeVisible();
  await page.goto('/account');
  await page.getByRole('button', { name: 'Sign out', exact: true }).click();
  await page.waitForURL(/sign-in/);
  await other.waitForURL(/sign-in/);
  const left = await page.evaluate(async () => ({
    // the page that opens where nobody answers holds nothing of a household: a window just opening may have asked for it anew
    stores: (await caches.keys()).filter((name) => name.startsWith('undro') && name !== 'undro-page'),
    local: Object.keys(localStorage),
    session: Object.keys(sessionStorage),
  }));
  expect(left).toEqual({ stores: [], local: [], session: [] });
  await page.goBack();
  await expect(page.getByLabel('Password')).toBeVisible();
  // also where nobody answers: forgotten at once, and the session ends with the first answer
  await other.close();
  await signIn(page, 'reach@example.org', '/account');
  await lookedAfter(page);
  await expect.poll(() => page.evaluate(async () => (await caches.match('/away')) !== undefined)).toBe(true);
  await context.setOffline(true);
  await page.goto('/account');
  await expect(page.locator('main')).toContainText('The household’s people, sign-ins and keys are shown');
  await page.getByRole('button', { name: 'Sign out', exact: true }).click();
  await expect(page.locator('body')).toHaveText(/removed from this device/);
  expect(Object.keys(await kept(page)).filter((name) => name.startsWith('undro'))).toEqual([]);
  await page.goto('/locker').catch(() => {});
  await expect(page.locator('body')).not.toContainText('Skerry');
  await context.setOffline(false);
  await page.goto('/');
  await page.waitForURL(/sign-in/);
  await page.goto('/locker');
  await expect(page.getByLabel('Password')).toBeVisible();
});

test('a page that loaded without the worker is claimed when it reports, and stores answers from then on', async ({
  page,
  context,
}) => {
  await join(page, household('claimed'), 'Ann');
  await lookedAfter(page);
  await page.evaluate(() => localStorage.removeItem('undro-along'));
  // such a reload bypasses the worker, as a navigation does that is under way while the worker claims pages
  const browser = await context.newCDPSession(page);
  const loaded = page.waitForEvent('load');
  await browser.send('Page.reload', { ignoreCache: true });
  await loaded;
  await lookedAfter(page);
  await takenAlong(page);
});

test('what is answered after signing out is not stored', async ({ page }) => {
  await join(page, household('late'), 'Ann');
  await lookedAfter(page);
  const told = (word: string) =>
    page.evaluate(
      (word) =>
        new Promise<void>((resolve) => {
          const { port1, port2 } = new MessageChannel();
          port1.onmessage = () => resolve();
          navigator.serviceWorker.controller?.postMessage(word, [port2]);
          if (word === 'here') resolve();
        }),
      word,
    );
  const stored = async () => Object.keys(await kept(page)).filter((name) => name.startsWith('undro'));
  const looks = () => ask(page, 'GET', '/api/reels');
  await told('signed-out');
  expect((await looks()).status).toBe(200);
  expect(await stored()).toEqual([]);
  await told('here');
  await expect
    .poll(async () => {
      await looks();
      return stored();
    })
    .toContain('undro-seen');
});

test('a device without room left goes on with the server', async ({ page, context }) => {
  await takeNothingAlong(context);
  await join(page, household('noroom'), 'Ann');
  await lookedAfter(page);
  const browser = await context.newCDPSession(page);
  await browser.send('Storage.overrideQuotaForOrigin', { origin: new URL(page.url()).origin, quotaSize: 1 });
  // nothing can be stored any more, and whatever was is one's own still
  expect(
    await page.evaluate(() =>
      caches.open('tried').then((cache) =>
        cache.put('/tried', new Response('x'.repeat(100_000))).then(
          () => 'stored',
          (error) => error.name,
        ),
      ),
    ),
  ).toBe('QuotaExceededError');
  await page.goto('/rack');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  for (const path of ['/api/reels', '/api/lines', '/api/log']) expect((await ask(page, 'GET', path)).status).toBe(200);
  await page.goto('/locker');
  await expect(page.locator('main')).toContainText('Tarn');
  await expect(page.getByTestId('seen-since')).toHaveCount(0);
});

test('a run goes on from its first step to its last without a connection, and all of it is taken in order', async ({
  page,
  context,
}) => {
  await join(page, household('water'), 'Ann');
  await lookedAfter(page);
  const path = await begun(page, 'At the water');
  await page.goto(path);
  await expect(page.getByTestId('step')).toBeVisible();
  // the table, and the knot of every step that ties one
  await expect
    .poll(() =>
      page.evaluate(
        async (run) => {
          const worked = (await (await caches.open('undro-worked')).keys()).filter((each) =>
            /compute\/knot/.test(each.url),
          );
          return (await caches.match('/away')) && (await caches.match(run)) ? worked.length : 0;
        },
        `/api/runs${path.slice(5)}/ahead`,
      ),
    )
    .toBeGreaterThanOrEqual(2);
  const before = (await ask(page, 'GET', `/api/runs${path.slice(5)}`)).json;
  await context.setOffline(true);
  const steps: string[] = [];
  steps.push(await doStep(page));
  await expect(page.getByTestId('out-of-reach')).toContainText('can’t be reached');
  // closed and opened again in the middle of it
  await page.reload();
  while ((await current(page)) !== 'level') {
    if ((await current(page))?.startsWith('join')) await expect(page.getByTestId('move')).toBeVisible();
    steps.push(await doStep(page));
  }
  // a depth has to wait for the server, and says so
  await page.getByLabel('First reading').fill('1.6');
  await page.getByRole('button', { name: 'Use this level' }).click();
  await expect(page.getByTestId('out-of-reach')).toContainText('Waiting for the server: the depth you read');
  while ((await page.getByTestId('step').count()) > 0) {
    steps.push((await current(page)) ?? '');
    await page.getByTestId('step').getByRole('button', { name: /^Done/ }).press('Enter');
    await expect(page.getByTestId('run')).not.toHaveAttribute('data-current', steps.at(-1) ?? '');
  }
  const over = page.getByTestId('run-over');
  await expect(over).toContainText(/of main line, .*saved when the server answers/);
  await expect(over).not.toContainText('Save label (SVG)');
  expect(steps).toEqual(before.state.steps.map((each: { id: string }) => each.id));

  await context.setOffline(false);
  await expect(page.getByTestId('out-of-reach')).toHaveCount(0, { timeout: 30_000 });
  await expect(over).toContainText('Save label (SVG)');
  const after = (await ask(page, 'GET', `/api/runs${path.slice(5)}`)).json;
  expect(after.state.over).toBe('finished');
  expect(after.state.level.depth_mm).toBeCloseTo(1.6);
  // what the phone counted by its table is what the server works out
  expect(after.written.map((each: { stop: string }) => each.stop)).toEqual(['at_mark', 'at_mark']);
  expect(Math.abs(after.written[1].length_m - 120)).toBeLessThan(0.6);
  expect(Math.abs(after.written[0].length_m - before.state.layers[0].planned_m)).toBeLessThan(0.6);
});

test('what was told while the session ended is taken once somebody has signed in again', async ({ page, context }) => {
  await takeNothingAlong(context);
  await join(page, household('ended'), 'Ann');
  await lookedAfter(page);
  const path = await begun(page, 'Ended');
  await page.goto(path);
  await expect(page.getByTestId('step')).toBeVisible();
  const other = await context.browser()?.newContext({ serviceWorkers: 'block' });
  const elsewhere = await other?.newPage();
  if (!elsewhere) throw new Error('no other browser');
  await signIn(elsewhere, 'ended@example.org');
  await context.setOffline(true);
  await doStep(page);
  await doStep(page);
  const at = await current(page);
  expect((await ask(elsewhere, 'DELETE', '/api/account/sessions')).status).toBe(204);
  await context.setOffline(false);
  await expect(page.getByTestId('out-of-reach')).toContainText('signed out', { timeout: 30_000 });
  // nothing of the household is kept here any more but what was told
  await expect.poll(async () => (await kept(page))['undro-seen'] ?? 0).toBe(0);
  await doStep(page);
  await page.getByRole('link', { name: 'Sign in again' }).click();
  await page.getByLabel('Email').fill('ended@example.org');
  await page.getByLabel('Password').fill('a few words do');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByTestId('step')).toBeVisible();
  await expect(page.getByTestId('run')).not.toHaveAttribute('data-current', at ?? '');
  await expect
    .poll(
      async () =>
        (await ask(page, 'GET', `/api/runs${path.slice(5)}`)).json.state.steps.filter(
          (each: { state: string }) => each.state === 'done',
        ).length,
    )
    .toBe(3);
  await other?.close();
});

test('two phones on one run: each is taken in its order, and turns of a line that is done are named, not counted', async ({
  page,
  context,
}) => {
  await takeNothingAlong(context);
  await join(page, household('phones'), 'Ann');
  const path = await begun(page, 'Two of us');
  const run = `/api/runs${path.slice(5)}`;
  await page.goto(path);
  while (!(await page.getByTestId('step').getAttribute('data-counts')) || (await current(page))?.startsWith('first'))
    await doStep(page);
  const second = await context.browser()?.newContext({ serviceWorkers: 'block' });
  const phone = await second?.newPage();
  if (!second || !phone) throw new Error('no second phone');
  await signIn(phone, 'phones@example.org');
  await phone.goto(path);
  await expect(phone.getByTestId('turns-left')).toBeVisible();
  const place = await current(phone);
  await second.setOffline(true);
  await phone.getByTestId('turns-left').click();
  await expect(phone.getByTestId('out-of-reach')).toBeVisible();
  // the first one goes on to the next line meanwhile
  while ((await current(page)) === place || !(await page.getByTestId('step').getAttribute('data-counts')))
    await doStep(page);
  const wound = (await ask(page, 'GET', run)).json.written[0].length_m;
  await second.setOffline(false);
  await expect(phone.getByTestId('refused')).toContainText('1 turn was counted on line 1', { timeout: 30_000 });
  const after = (await ask(page, 'GET', run)).json;
  expect(after.written[0].length_m).toBe(wound);
  expect(after.state.progress.turns).toBe(0);
  await phone.getByRole('button', { name: 'Dismiss' }).click();
  await expect(phone.getByTestId('refused')).toHaveCount(0);
  await second.close();
});

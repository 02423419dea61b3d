import type { Page } from '@playwright/test';
import ICAL from 'ical.js';
import { BENCH_URL, EMPTY_URL, expect, figure, read, test, undo } from './bench';

// what is said of a spool changes what the next test finds
test.describe.configure({ mode: 'serial' });
test.use({ baseURL: BENCH_URL });

/** Opens the log of a reel's first spool. */
async function logOf(page: Page, reel: string, at = 'needs') {
  const reels = await (await page.request.get('/api/reels', { headers: { Accept: 'application/json' } })).json();
  const found = reels.find((each: { name: string }) => each.name === reel);
  await page.goto(`/log?spool=${found.spools[0].id}&at=${at}`);
  await expect(page.getByRole('region', { name: at === 'entries' ? 'Entries' : 'Advice' })).toBeVisible();
}

const say = (page: Page) => page.getByRole('form', { name: 'Log what happened' });
const choose = (page: Page, what: string) => say(page).getByText(what, { exact: true }).click();

test('lost line is written down in seconds, topped up as said, and the spool is full again', async ({ page }) => {
  await logOf(page, 'Skarrow 60');
  await expect(page.getByRole('heading', { name: 'The line is' })).toBeVisible();
  const low = await figure(page).textContent();
  await choose(page, 'Lost');
  await say(page).getByLabel('Line gone').fill('8');
  await say(page).getByLabel('Note').fill('cut off in the kelp');
  await page.keyboard.press('Enter');
  await expect(figure(page)).not.toHaveText(low ?? '');
  // exactly how much, from the table
  const row = page.getByRole('row', { name: /Add backing/ });
  const add = /([\d.]+) m/.exec((await row.getByRole('cell').nth(1).textContent()) ?? '')?.[1] ?? '';
  expect(Number(add)).toBeGreaterThan(20);
  await choose(page, 'Topped up');
  await say(page).getByLabel('Backing added').fill(add);
  await say(page)
    .getByLabel('From')
    .selectOption({ label: await optionOf(page, /Plain Tarn nylon 0.30/) });
  await say(page).getByRole('button', { name: 'Save entry' }).click();
  await expect(page.getByRole('heading', { name: 'The line is good for' })).toBeVisible();
  await expect(page.getByText(/By now it should be.*full is (2.3|1.6) mm/)).toBeVisible();
  const said = (await page.getByText(/By now it should be/).textContent()) ?? '';
  const [stands, full] = [/should be ([\d.]+) mm/.exec(said)?.[1], /full is ([\d.]+) mm/.exec(said)?.[1]];
  expect(Math.abs(Number(stands) - Number(full))).toBeLessThanOrEqual(0.1);
  await page.getByText('Line history').click();
  await expect(page.getByRole('list', { name: 'Line history' }).getByRole('listitem').first()).toContainText(
    'Topped up',
  );
});

/** The words of the choice that reads like this. */
async function optionOf(page: Page, like: RegExp): Promise<string> {
  const all = await say(page).getByLabel('From').locator('option').allTextContents();
  return all.find((each) => like.test(each)) ?? '';
}

test('a mistaken entry is put right, all that follows with it, and taken back', async ({ page }) => {
  await logOf(page, 'Puddle 6', 'entries');
  await choose(page, 'Lost');
  await say(page).getByLabel('Line gone').fill('30 m');
  await say(page).getByRole('button', { name: 'Save entry' }).click();
  const entries = page.getByRole('region', { name: 'Entries' });
  await expect(entries.getByText(/30 m Jetty nylon/)).toBeVisible();
  await expect(page.getByRole('img', { name: 'What is on Puddle 6 now' })).toContainText('30 m');
  await entries.getByRole('button', { name: /^Edit: Lost/ }).click();
  const right = page.getByRole('form', { name: 'Edit entry' });
  await expect(right.getByLabel('Line gone')).toHaveValue('30 m');
  await right.getByLabel('Line gone').fill('300 m');
  await right.getByRole('button', { name: 'Save changes' }).click();
  await expect(right.getByText(/There is 60 m on the spool/)).toBeVisible();
  await right.getByLabel('Line gone').fill('3 m');
  await right.getByRole('button', { name: 'Save changes' }).click();
  await expect(entries.getByText(/3\.0 m Jetty nylon/)).toBeVisible();
  await expect(page.getByRole('img', { name: 'What is on Puddle 6 now' })).toContainText('57 m');
  await undo(page, /Edited/);
  await expect(page.getByRole('img', { name: 'What is on Puddle 6 now' })).toContainText('30 m');
  await entries.getByRole('button', { name: /^Undo: Lost/ }).click();
  await expect(page.getByRole('img', { name: 'What is on Puddle 6 now' })).toContainText('60 m');
});

test('an outing is said by the keyboard, found by its words, and the search holds to its address', async ({ page }) => {
  await logOf(page, 'Puddle 6');
  await say(page).getByLabel('Hours').fill('2');
  await say(page).getByLabel('Longest cast').fill('40 ft');
  await say(page).getByLabel('Note').fill('two perch at the Lantern Steps');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Saved: fished.')).toBeVisible();
  await page.goto('/log');
  await page.getByLabel('Search', { exact: true }).fill('perch steps');
  const entries = page.getByRole('region', { name: 'Entries' });
  await expect(entries.getByRole('listitem')).toHaveCount(1);
  await expect(entries).toContainText('Puddle 6');
  await expect(entries).toContainText('cast 12 m');
  await expect.poll(() => page.url()).toContain('q=perch');
  await page.reload();
  await expect(entries.getByRole('listitem')).toHaveCount(1);
  await page.getByLabel('Kind').selectOption('lost');
  await expect(entries).toContainText('No entries found');
});

test('a slip of the pen is answered in three ways, and plans follow what is learnt', async ({ page }) => {
  await page.goto('/log?all=learnt');
  const doubts = page.getByRole('status').filter({ hasText: 'typing mistake' });
  const slip = doubts.filter({ hasText: /8\.2 mm, where \d\.\d ± \d\.\d mm was expected/ });
  await expect(slip).toBeVisible();
  // what cannot be read is said beside its field, and stays
  await slip.getByLabel('It was').fill('about three');
  await slip.getByRole('button', { name: 'Save changes' }).click();
  await expect(slip.getByText(/about three/)).toBeVisible();
  await slip.getByLabel('It was').fill('3.2');
  await slip.getByRole('button', { name: 'Save changes' }).click();
  await expect(slip).toHaveCount(0);
  await expect(page.getByText(/3\.2 mm below the lip/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(slip).toBeVisible();
  // counted all the same: no question any more, and it says so
  await slip.getByRole('button', { name: 'Count it all the same' }).click();
  await expect(page.getByText(/8\.2 mm below the lip.*counted all the same/).or(slip.getByRole('alert'))).toBeVisible();
  if ((await slip.count()) === 0) await page.getByRole('button', { name: 'Undo' }).last().click();
  await slip.getByRole('button', { name: 'Leave it out for good' }).click();
  await expect(slip).toHaveCount(0);
  await expect(page.getByText(/8\.2 mm below the lip.*left out/)).toBeVisible();
  await expect(page.getByText(/This spool holds|This line winds/).first()).toBeVisible();
  // a plan for that spool says what it would be without, and its band is narrower for it
  const reels = await (await page.request.get('/api/reels', { headers: { Accept: 'application/json' } })).json();
  const reel = reels.find((each: { name: string }) => each.name === 'Longshore 80');
  await page.goto(
    `/plan?reel=${reel.id}&spool=${reel.spools[0].id}&mainName=Shingle nylon 0.35&mainMaterial=mono&mainSize=0.35 mm&open=main&way=main_only`,
  );
  await expect(page.getByText(/adjusted by your past fills/)).toBeVisible();
  const { half } = await read(page);
  const before = /alone \d+ m ± ([\d.]+)/.exec(
    (await page.getByText(/adjusted by your past fills/).textContent()) ?? '',
  )?.[1];
  expect(half).toBeLessThan(Number(before));
});

test('a filler is weighed on the simulated kitchen scale', async ({ page }) => {
  await page.goto('/rack');
  // what runs out comes above the fillers and moves them down: a press in that moment hits beside
  await expect(page.getByText(/^Running out: /)).toBeVisible();
  const filler = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Halfway hybrid 0.30' }) });
  await filler.getByRole('button', { name: 'Update length' }).click();
  await filler.getByRole('button', { name: 'Weigh it' }).click();
  const help = page.getByRole('dialog');
  await help.getByLabel('Weight on the simulated scale').fill('95');
  await help.getByRole('button', { name: 'Put on scale' }).click();
  await help.getByRole('button', { name: 'Use 95 g from the scale' }).click();
  await expect(help.getByLabel('Weight now')).toHaveValue('95 g');
  await help.getByLabel('Weight when full').fill('120 g');
  await help.getByLabel(/^Weight when empty/).fill('45 g');
  await expect(help.getByTestId('measured')).toContainText(/200 ± 4(\.1)? m/);
  await help.getByRole('button', { name: 'Save this length' }).click();
  await expect(filler).toContainText(/200 ± 4(\.1)? m/);
  await expect(page.getByText(/^Running out: /)).toContainText('Gannet Weave 2');
});

test('a bench day keeps to two pinned cuts while it is planned again, and leads on to a run', async ({ page }) => {
  await page.goto('/day');
  await page.getByRole('button', { name: 'Select all that are due' }).click();
  await expect(figure(page)).toBeVisible();
  await page.getByRole('checkbox', { name: /Skerry 30, deep/ }).check();
  const spools = page.getByRole('region', { name: 'Spools' });
  const main = spools.getByRole('button', { name: /^Pin: main of Skerry 30, deep/ });
  await expect(main).toBeVisible();
  // its backing is young and stays, until all of it is wanted new
  await expect(spools.getByRole('button', { name: /^Pin: backing of Skerry 30, deep/ })).toHaveCount(0);
  await page.getByLabel('Job for Skerry 30, deep').selectOption('refill');
  await expect(spools.getByRole('button', { name: /^Pin: backing of Skerry 30, deep/ })).toBeVisible();
  const first = (await main.getAttribute('aria-label'))?.replace('Pin: ', '') ?? '';
  await main.click();
  await expect(spools.getByRole('button', { name: `Unpin: ${first}` })).toBeVisible();
  const backing = spools.getByRole('button', { name: /^Pin: backing of Skerry 30, deep/ });
  const second = (await backing.getAttribute('aria-label'))?.replace('Pin: ', '') ?? '';
  await backing.click();
  await expect(spools.getByRole('button', { name: /^Unpin/ })).toHaveCount(2);
  // more to do, and another source forbidden: both pins hold
  await page.getByRole('checkbox', { name: /Pocket Lantern/ }).check();
  await expect(spools.getByText(/Pocket Lantern, standard/).first()).toBeVisible();
  await spools.getByRole('button', { name: /^Don’t use: main of Pocket Lantern/ }).click();
  await expect(spools.getByRole('button', { name: /^Allow again: main of Pocket Lantern/ })).toBeVisible();
  await expect(spools.getByRole('button', { name: `Unpin: ${first}` })).toBeVisible();
  await expect(spools.getByRole('button', { name: `Unpin: ${second}` })).toBeVisible();
  await expect.poll(() => page.url()).toContain('forbid=');
  await page.reload();
  await expect(spools.getByRole('button', { name: /^Unpin/ })).toHaveCount(2);
  await expect(page.getByRole('img', { name: /spools in \d+ minutes/ })).toBeVisible();
  await spools.getByRole('button', { name: 'Plan and wind Skerry 30, deep' }).click();
  await page.waitForURL(/plan/);
  await expect(figure(page)).toBeVisible();
  await expect(page.getByLabel('Length').first()).toHaveValue('150 m');
  await expect(page.getByRole('button', { name: /Start winding/ })).toBeVisible();
});

test('a forbidden last source says so beside its spool, blanks nothing, and can be allowed again', async ({ page }) => {
  await page.goto('/day');
  await page.getByRole('checkbox', { name: /Skerry 30, deep/ }).check();
  await page.getByRole('checkbox', { name: /Pocket Lantern/ }).check();
  const spools = page.getByRole('region', { name: 'Spools' });
  const lantern = spools.getByRole('listitem').filter({ hasText: 'Pocket Lantern, standard' }).first();
  // until nothing is left that could give its line
  const not = lantern.getByRole('button', { name: /^Don’t use: main/ });
  const stuck = lantern.getByText('No other spool has enough for its line');
  for (let tries = 0; tries < 12; tries++) {
    await expect(not.or(stuck).first()).toBeVisible();
    if ((await stuck.count()) > 0) break;
    const from = (await not.getAttribute('aria-label')) ?? '';
    await not.click();
    await expect(lantern.getByRole('button', { name: from, exact: true })).toHaveCount(0);
  }
  await expect(lantern).toContainText('Allow one again, choose another line, or add line to buy');
  await expect(figure(page)).toBeVisible();
  await expect(spools.getByRole('button', { name: 'Plan and wind Skerry 30, deep' })).toBeVisible();
  await lantern
    .getByRole('button', { name: /^Allow again: main/ })
    .first()
    .click();
  await expect(spools.getByRole('button', { name: 'Plan and wind Pocket Lantern, standard' })).toBeVisible();
});

test('a bench day is left with one spool done and taken up again elsewhere', async ({ page, browser }) => {
  await page.goto('/day');
  await page.getByRole('checkbox', { name: /Skerry 30, deep/ }).check();
  await page
    .getByRole('checkbox', { name: /Hallow 100/ })
    .first()
    .check();
  // kept at once, before the address has followed the last pick
  await page.getByRole('button', { name: 'Save this day' }).click();
  await page.waitForURL(/\/day\/\d+$/);
  await expect(page.getByTestId('kept')).toContainText('0 of 2 done');
  await expect(page.getByRole('region', { name: 'Strip the old line first' })).toContainText('Cut ');
  // what is changed on the way out is kept
  await page.getByLabel('Allow backing in two pieces, joined').click();
  await page
    .getByRole('region', { name: 'Spools' })
    .getByRole('button', { name: 'Plan and wind Skerry 30, deep' })
    .click();
  await page.waitForURL(/plan/);
  await page.getByRole('button', { name: /Start winding/ }).click();
  await page.waitForURL(/wind\/[0-9a-f-]{36}/);
  // all of it as planned, by marks: the run ticks its spool
  await page.evaluate(async () => {
    const uuid = location.pathname.split('/').pop() ?? '';
    const token = decodeURIComponent(/XSRF-TOKEN\w*=([^;]+)/.exec(document.cookie)?.[1] ?? '');
    const ask = async (path: string, body?: object) =>
      (
        await fetch(path, {
          method: body ? 'POST' : 'GET',
          headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token },
          ...(body ? { body: JSON.stringify(body) } : {}),
        })
      ).json();
    const tell = (mark: object) => ask(`/api/runs/${uuid}/marks`, { marks: [{ id: crypto.randomUUID(), ...mark }] });
    const run = await ask(`/api/runs/${uuid}`);
    for (const step of run.state.steps) {
      if (step.kind === 'strip') await tell({ kind: 'stripped', step: step.id, how: 'main_off' });
      if (step.kind === 'wind') await tell({ kind: 'counted', metres: run.state.layers[step.layer].planned_m });
      if (step.kind === 'wind') await tell({ kind: 'stopped', stop: 'at_mark' });
      await tell({ kind: 'done', step: step.id });
    }
    await tell({ kind: 'finished' });
  });
  await page.reload();
  const run = page.url();
  await page.getByRole('link', { name: 'Go back to the bench day' }).click();
  await expect(page.getByTestId('kept')).toContainText('1 of 2 done');
  await expect(page.getByRole('region', { name: 'Done' })).toContainText('Skerry 30, deep');
  await expect(page.getByLabel('Allow backing in two pieces, joined')).toBeChecked();
  const address = page.url();
  // another browser knows nothing but the server
  const phone = await browser.newPage({ viewport: { width: 390, height: 800 } });
  await phone.goto(new URL('/day', address).href);
  await phone
    .getByRole('link', { name: /^Continue: Bench day of/ })
    .first()
    .click();
  await expect(phone.getByTestId('kept')).toContainText('1 of 2 done');
  await phone.getByRole('button', { name: /^Mark as done: Hallow 100/ }).click();
  await expect(phone.getByTestId('kept')).toContainText('2 of 2 done');
  await expect(phone.getByText('All done')).toBeVisible();
  await phone.getByRole('button', { name: 'Archive this day' }).click();
  await phone.close();
  // the other tests find the spool as it was
  await page.goto(run);
  await page.getByRole('button', { name: 'Undo the whole run' }).click();
  await expect(page.getByRole('heading', { name: 'Run undone' })).toBeVisible();
});

test('the calendar is followed by a parser until it is revoked', async ({ page }) => {
  await page.goto('/log?all=calendar');
  await page.getByRole('button', { name: 'Create an address' }).click();
  const address = await page.getByLabel('Shown only once').inputValue();
  const text = await (await page.request.get(address)).text();
  const events = new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((each) => new ICAL.Event(each));
  const due = await (await page.request.get('/api/upkeep', { headers: { Accept: 'application/json' } })).json();
  for (const care of due as { reel_name: string; spool_name: string; spool: number; due_on: string }[]) {
    const event = events.find((each) => each.uid === `undro-due_on-spool-${care.spool}@undro.invalid`);
    expect(event?.startDate.toString()).toBe(care.due_on);
    expect(event?.startDate.isDate).toBe(true);
    expect(event?.summary).toContain(`${care.reel_name}, ${care.spool_name}`);
  }
  expect(new Set(events.map((each) => each.uid)).size).toBe(events.length);
  await page.getByRole('button', { name: 'Revoke' }).click();
  await expect(page.getByRole('button', { name: 'Revoke' })).toHaveCount(0);
  expect((await page.request.get(address)).status()).toBe(404);
});

test('a document with a damaged history is refused entry by entry, and nothing of the history is taken', async ({
  page,
}) => {
  const whole = await (await page.request.get('/api/data')).json();
  const wound = whole.history.findIndex((entry: { kind: string }) => entry.kind === 'wound');
  whole.history[wound].id = '00000000-0000-4000-8000-000000000001';
  whole.history[wound].moves[0].length_m = 'much';
  await page.goto('/data');
  await page
    .getByLabel('Or paste it here')
    .fill(JSON.stringify({ undro: 1, history: whole.history.slice(0, wound + 1) }));
  await page.getByRole('button', { name: 'Preview' }).click();
  await expect(page.getByText(/None of the history was taken/)).toBeVisible();
  await expect(page.getByText(new RegExp(`Entry ${wound + 1} of the history`))).toBeVisible();
  // cut short in the middle
  await page.getByLabel('Or paste it here').fill(JSON.stringify(whole).slice(0, 4000));
  await page.getByRole('button', { name: 'Preview' }).click();
  await expect(page.getByRole('alert')).toContainText('garbled');
});

test('the bench opens on what is due and on the run left open; without history on three ways to start', async ({
  page,
}) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/spools? needs? attention/);
  await expect(page.getByRole('link', { name: /Longshore 80/ }).first()).toContainText('due');
  await page.getByRole('link', { name: 'Continue winding' }).first().click();
  await page.waitForURL(/\/wind\//);
  await page.goto(`${EMPTY_URL}/`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Where do you want to start?');
  for (const [way, opens] of [
    ['A reel in my hand', 'How much backing?'],
    ['What’s on my reels', 'Locker'],
    ['Something is wrong', 'Troubleshooting'],
  ] as const) {
    await page.getByRole('link', { name: way }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(opens);
    await page.goBack();
  }
});

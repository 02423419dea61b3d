import type { APIRequestContext, Page } from '@playwright/test';
import { BENCH_URL, expect, fits, nothingAlong, onwards, read, run, settled, stepTo, test, undo } from './bench';

// runs share one counter and what lies on the reels
test.describe.configure({ mode: 'serial' });
test.use({ baseURL: BENCH_URL });

const at = (page: Page, step: string) => expect(run(page)).toHaveAttribute('data-current', step);
const left = async (page: Page) => Number(await page.getByTestId('turns-left').textContent());
const soFar = (page: Page) => page.getByTestId('so-far');
const uuid = (page: Page) => page.url().split('/').pop() ?? '';

interface State {
  state: {
    current: string;
    steps: { id: string }[];
    progress: { turns: number; turns_left: number; left_m: number; depth_mm: number; layer: number };
    layers: { wound_m: number; wound_half_m: number }[];
  };
}
const stateOf = async (page: Page): Promise<State> =>
  (await page.request.get(`${BENCH_URL}/api/runs/${uuid(page)}`)).json();

/** What another window or a counter tells of the same run. */
async function tell(page: Page, ...marks: Record<string, unknown>[]) {
  const token = decodeURIComponent(
    (await page.context().cookies()).find((each) => each.name.startsWith('XSRF-TOKEN'))?.value ?? '',
  );
  const answer = await page.request.post(`${BENCH_URL}/api/runs/${uuid(page)}/marks`, {
    headers: { 'X-XSRF-TOKEN': token },
    data: { marks: marks.map((mark) => ({ id: crypto.randomUUID(), ...mark })) },
  });
  expect(answer.ok(), await answer.text()).toBeTruthy();
}

/** Past the steps before one, as another window would tell them: for tests of what comes after. */
async function skipTo(page: Page, step: string) {
  const { state } = await stateOf(page);
  const place = (id: string) => state.steps.findIndex((each) => each.id === id);
  await tell(
    page,
    ...state.steps
      .slice(place(state.current), place(step))
      .flatMap(({ id }) => [
        ...(id === 'strip' ? [{ kind: 'stripped', step: id, how: 'off' }] : []),
        { kind: 'done', step: id },
      ]),
  );
  await at(page, step);
}

const spool = async (request: APIRequestContext, reel: string, name: string) => {
  const reels = await (await request.get(`${BENCH_URL}/api/reels`)).json();
  return reels
    .find((each: { name: string }) => each.name === reel)
    .spools.find((each: { name: string }) => each.name === name).contents as {
    length_m: number;
    line: { name: string };
    known: string[];
    half_m: number | null;
  }[];
};

/** From a link to a reel and a line to the first step of its run. */
async function begin(page: Page, plan: string) {
  await page.goto(plan);
  await page.getByRole('button', { name: 'Start winding' }).click();
  await expect(run(page)).toBeVisible();
}

test('a whole spinning run by keyboard, with a correction on the way', async ({ page }) => {
  await page.goto('/plan/1');
  await page.getByRole('button', { name: 'Start winding' }).press('Enter');
  await at(page, 'check');
  await page.keyboard.press('Enter');
  await at(page, 'strip');
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Strip and discard everything' })
    .getByRole('button')
    .press('Enter');
  await page.getByText('The spool is empty.').waitFor();
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('Enter');
  await at(page, 'look_over');
  await page.keyboard.press('n');
  await page.getByLabel('Note on this step').fill('a rough spot on the second guide');
  await page.keyboard.press('Enter');
  await expect(page.getByText('a rough spot on the second guide')).toBeVisible();
  await page.keyboard.press('s');
  await at(page, 'soak.0');
  await page.keyboard.press('ArrowLeft');
  await at(page, 'look_over');
  await page.keyboard.press('Enter');
  await at(page, 'soak.0');
  await page.keyboard.press('Enter');
  await at(page, 'mount');
  await page.keyboard.press('Enter');

  // both senses from the seat: first against each other, then matched
  await at(page, 'place.0');
  await page
    .getByRole('group', { name: /Turn the handle/ })
    .getByText('clockwise')
    .click();
  await page
    .getByRole('group', { name: /Pull off some line/ })
    .getByText('the other way')
    .click();
  await expect(page.getByTestId('placing')).toContainText('Flip the filler spool');
  await page
    .getByRole('group', { name: /Pull off some line/ })
    .getByText('clockwise')
    .click();
  await expect(page.getByTestId('placing')).toContainText('Leave the filler spool as it is');
  await page.getByText('Twist for every way to place it').click();
  await expect(page.getByRole('row')).toHaveCount(4);
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('Enter');

  // ahead past the backing: asked first, and nothing is skipped by one press
  await at(page, 'tie.0');
  await page.getByRole('button', { name: /^Main line/ }).press('Enter');
  await expect(page.getByTestId('nothing-under')).toContainText('The backing is not wound yet.');
  await page.getByRole('button', { name: 'Wind the backing first' }).press('Enter');
  await expect(page.getByTestId('nothing-under')).toHaveCount(0);

  // the knot, move by move with the arrow keys
  await at(page, 'tie.0');
  await page.getByRole('heading', { level: 1 }).click();
  await expect(page.getByTestId('move')).toContainText('1');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByTestId('move')).toContainText('2');
  await page.keyboard.press('Enter');

  await at(page, 'first_turns.0');
  // two within half a second: one wet tap
  await page.evaluate(() => {
    const taps = [1, 2].map(() => new KeyboardEvent('keydown', { key: ' ', code: 'Space', bubbles: true }));
    for (const tap of taps) document.body.dispatchEvent(tap);
  });
  await expect(soFar(page)).toContainText('1 turn');
  await page.waitForTimeout(550);
  await page.keyboard.press('Space');
  await expect(soFar(page)).toContainText('2 turns');
  await page.keyboard.press('Backspace');
  await expect(soFar(page)).toContainText('1 turn');
  await at(page, 'first_turns.0'); // a tap never moves on
  await tell(page, { kind: 'turns', turns: 9 });
  await expect(soFar(page)).toContainText('10 turns');
  await page.getByRole('button', { name: 'They hold, next step' }).press('Enter');

  await at(page, 'slack_test.0');
  await page.keyboard.press('l');
  await expect(page.getByTestId('slack-move')).toContainText('Don’t flip it');
  await page.keyboard.press('h');
  await expect(page.getByTestId('slack-move')).toContainText('Carry on');
  await page.keyboard.press('Enter');

  // the beat counts by itself; a depth plans the rest anew and the band shrinks
  await at(page, 'wind.0');
  const whole = await left(page);
  await page.keyboard.press('p');
  await expect(page.getByRole('button', { name: 'Stop the metronome' })).toBeVisible();
  await expect.poll(() => left(page)).toBeLessThan(whole - 2);
  await page.keyboard.press('p');
  const there = (await stateOf(page)).state.progress;
  await tell(page, { kind: 'turns', turns: Math.round(0.6 * there.turns_left) });
  const before = await stateOf(page);
  await page.keyboard.press('d');
  const depth = before.state.progress.depth_mm;
  await page.getByLabel('First reading').fill((depth + 0.2).toFixed(1));
  await page.getByLabel('Second reading').fill((depth + 0.3).toFixed(1));
  await page.getByLabel('Third reading').fill((depth + 0.1).toFixed(1));
  await page.keyboard.press('Enter');
  await expect(page.getByText('replanned from your measured level')).toBeVisible();
  const after = await stateOf(page);
  expect(after.state.progress.turns_left).toBeGreaterThan(before.state.progress.turns_left);
  await tell(page, { kind: 'turns', turns: Math.ceil(after.state.progress.turns_left) });
  await expect.poll(() => left(page)).toBeLessThanOrEqual(0);
  await page.getByRole('button', { name: 'Save: reached the mark' }).press('Enter');

  await at(page, 'place.1');
  expect((await spool(page.request, 'Skerry 30', 'deep')).length).toBe(1);
  await stepTo(page, 'wind.1');
  const main = (await stateOf(page)).state.progress.turns_left;
  await tell(page, { kind: 'turns', turns: Math.round(0.95 * main) });
  await expect(page.getByText('turns left, slow down')).toBeVisible();
  await tell(page, { kind: 'turns', turns: Math.ceil(0.05 * main) });
  await page.getByRole('button', { name: 'Save: reached the mark' }).press('Enter');

  await at(page, 'level');
  for (const [label, reading] of [
    ['First reading', '1.6'],
    ['Second reading', '1.7'],
    ['Third reading', '1.5'],
  ] as const) {
    await page.getByLabel(label).fill(reading);
  }
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('level')).toHaveText('1.6 mm');
  await page.getByRole('button', { name: 'feels firm' }).click();
  await stepTo(page, 'label');
  await expect(page.getByRole('img', { name: /^Label: Skerry 30, deep/ })).toBeVisible();
  await stepTo(page, 'first_outing');
  await page.getByRole('button', { name: 'Done, finish the run' }).click();
  await expect(page.getByTestId('run-over')).toContainText(/15[01] ± \d+ m of main line, counted, wound to the mark/);
  await expect(page.getByTestId('run-over')).toContainText('left on the filler');
  expect((await spool(page.request, 'Skerry 30', 'deep')).map((piece) => piece.line.name)).toEqual([
    'Plain Tarn nylon 0.30',
    'Brindle Eight 0.16',
  ]);

  // the run is what is taken back: old line, backing and main line at once
  await page.getByRole('button', { name: 'Undo the whole run' }).click();
  await expect(page.getByRole('heading', { name: 'Run undone' })).toBeVisible();
  const again = await spool(page.request, 'Skerry 30', 'deep');
  expect(Math.round(again[1]?.length_m ?? 0)).toBe(138);
});

test('a reload in mid-fill resumes at the same turn, and another window sees the same', async ({
  page,
  context,
  browser,
}) => {
  await begin(page, '/plan/1');
  await skipTo(page, 'wind.0');
  await page.keyboard.press('Space');
  await expect(soFar(page)).toContainText('1 turn');
  await tell(page, { kind: 'turns', turns: 40 });
  await expect(soFar(page)).toContainText('41 turns');
  // on a button, Space does what the button says and counts nothing
  await page.getByRole('button', { name: 'Undo a turn' }).focus();
  await page.keyboard.press('Space');
  await expect(soFar(page)).toContainText('40 turns');
  await tell(page, { kind: 'turns', turns: 1 });
  await expect(soFar(page)).toContainText('41 turns');
  await page.getByRole('heading', { level: 1 }).focus();
  await page.waitForTimeout(550);
  await page.keyboard.press('Space');
  // at once, before it can have been told
  await page.reload();
  await expect(soFar(page)).toContainText('42 turns');
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(soFar(other)).toContainText('42 turns');
  await other.waitForTimeout(550);
  await other.keyboard.press('Space');
  await expect(soFar(page)).toContainText('43 turns');

  // the server gone for a moment: what is counted is kept and told afterwards
  await context.setOffline(true);
  await page.keyboard.press('Space');
  await expect(page.getByRole('alert')).toContainText('doesn’t answer');
  await expect(soFar(page)).toContainText('44 turns');
  await context.setOffline(false);
  await expect(soFar(other)).toContainText('44 turns');
  await expect(page.getByRole('alert')).toHaveCount(0);

  // another browser keeps the beat, and is gone in the middle of it: what it counted has been told by then
  await other.close();
  const first = await browser.newContext();
  const beating = await first.newPage();
  await beating.goto(page.url());
  await beating.getByRole('button', { name: 'Faster' }).click();
  const pace = await beating.getByText(/\d+ per minute/).textContent();
  await beating.getByRole('button', { name: 'Start the metronome' }).click();
  await expect(soFar(beating)).toContainText(/5\d turns/);
  // what is counted is seen with every turn, on either screen
  await expect(soFar(page)).toContainText(/5\d turns · 2\d\.\d ± [\d.]+ m wound/);
  const counted = Number.parseInt((await soFar(beating).textContent()) ?? '', 10);
  await first.close();
  await expect
    .poll(async () => Number.parseInt((await soFar(page).textContent()) ?? '', 10))
    .toBeGreaterThanOrEqual(counted - 2);
  // and the beat goes on at the pace it had
  await page.reload();
  await expect(page.getByText(pace ?? '')).toBeVisible();
});

test('a run that is left keeps what is on, and says so', async ({ page }) => {
  await page.goto('/wind');
  await page
    .getByRole('listitem')
    .filter({ hasText: 'in progress', hasNotText: 'practice' })
    .getByRole('link', { name: /Skerry 30/ })
    .first()
    .click();
  await at(page, 'wind.0');
  await page.getByRole('button', { name: 'End the run early' }).click();
  await page.getByRole('button', { name: 'End the run', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Run ended early' })).toBeVisible();
  await expect(page.getByTestId('run-over')).toContainText(
    /\d+ ± [\d.]+ m of backing, counted, run ended early, saved/,
  );
  expect((await spool(page.request, 'Skerry 30', 'deep')).length).toBe(1);
  await page.getByRole('button', { name: 'Undo the whole run' }).click();
  await expect(page.getByRole('heading', { name: 'Run undone' })).toBeVisible();
});

test('a spincast run: small spool, the filler ends early, an odd depth is asked about', async ({ page }) => {
  await begin(
    page,
    '/plan?reel=7&spool=8&kind=spincast&lip=straight&gear=3.8&stamp=8%2F75&stampUnits=lb_yd&lipMm=34%20mm&arborMm=22%20mm&traverseMm=9%20mm&mainMaterial=mono&mainSize=0.26%20mm&open=main&way=main_only',
  );
  await expect(page.getByRole('listitem').filter({ hasText: 'Slack test' })).toBeVisible();
  await stepTo(page, 'mount');
  await expect(page.getByTestId('step')).toContainText('Take the nose cone off');
  await skipTo(page, 'wind.0');
  const progress = (await stateOf(page)).state.progress;
  await tell(page, { kind: 'turns', turns: Math.round(0.5 * progress.turns_left) });
  await page.getByRole('button', { name: 'Measure line level' }).click();
  await page.getByLabel('First reading').fill('0.2');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('away from what turns and plan say');
  await page.getByRole('button', { name: 'Measure again' }).click();
  await page.getByLabel('First reading').fill('25');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/bare arbor is 6.0 mm/)).toBeVisible();
  await expect(page.getByLabel('First reading')).toHaveValue(/^25/);
  await page.getByRole('button', { name: 'Cancel' }).click();
  await page.getByRole('button', { name: 'Filler spool ran out' }).click();
  await expect(page.getByTestId('ending')).toContainText('The line ended');
  await page.getByRole('button', { name: 'Continue with the main line' }).click();
  await expect(page.getByRole('button', { name: 'Line snapped' })).toBeVisible();
  await page.getByRole('button', { name: 'Line snapped' }).click();
  await expect(page.getByTestId('ending')).toContainText('Cut back to sound line');
  await page.getByRole('button', { name: 'Stop here and go to the next step' }).click();
  await at(page, 'level');
  await expect(page.getByTestId('step')).toContainText('nose cone back on');
});

test('practice on a made-up reel tells the truth afterwards and writes nothing', async ({ page }) => {
  const before = await spool(page.request, 'Skerry 30', 'deep');
  await page.goto('/plan/1');
  await page.getByRole('button', { name: 'Practise first' }).click();
  await expect(page.getByText('Practice: nothing is saved in the log.')).toBeVisible();
  await expect(page.getByTestId('truth')).toHaveCount(0);
  // it is looked at as a real one is: which way the rotor turns, and how line comes off the filler as it is laid
  await stepTo(page, 'place.0');
  await page.getByRole('button', { name: 'Turn the handle' }).click();
  await page.getByText('label up').click();
  const verdict = page.getByTestId('placing');
  await expect(verdict).toContainText(/Leave the filler spool as it is|Flip the filler spool/);
  const first = await verdict.textContent();
  await page.getByText('label down').click();
  await expect(verdict).not.toHaveText(first ?? '');
  await stepTo(page, 'wind.0');
  await page.getByText('loose', { exact: true }).click();
  await tell(page, { kind: 'turns', turns: 60 });
  await page.getByRole('button', { name: 'Measure line level' }).click();
  await expect(page.getByLabel('First reading')).toHaveValue(/^\d+\.\d mm$/);
  await page.getByRole('button', { name: 'Cancel' }).click();
  await page.getByRole('button', { name: 'End the run early' }).click();
  await page.getByRole('button', { name: 'End the run', exact: true }).click();
  await expect(page.getByTestId('truth')).toContainText('really wound');
  await expect(page.getByTestId('truth')).toContainText(/level mark/);
  expect(await spool(page.request, 'Skerry 30', 'deep')).toEqual(before);
});

test('on a phone the figure is large, the pane is the button, and nothing is wider than the screen', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 780 });
  await begin(page, '/plan/1');
  await page.getByRole('button', { name: /^Step 1 of/ }).click();
  await expect(page.getByRole('list', { name: 'Steps of the run' })).toBeVisible();
  await skipTo(page, 'wind.0');
  const pane = page.getByRole('button', { name: /^Tap once for each/ });
  expect((await pane.boundingBox())?.height).toBeGreaterThan(300);
  await pane.tap().catch(() => pane.click());
  await expect(soFar(page)).toContainText('1 turn');
  await at(page, 'wind.0');
  await fits(page);
  await page.getByRole('button', { name: 'End the run early' }).click();
  await page.getByRole('button', { name: 'End the run', exact: true }).click();
  await page.getByRole('button', { name: 'Undo the whole run' }).click();
});

test('a baitcasting run with the counter: it sticks, then it is gone, and the run goes on by turns', async ({
  page,
}) => {
  test.setTimeout(90_000);
  await begin(
    page,
    '/plan?reel=5&spool=6&kind=baitcasting&lip=straight&gear=7.1&lipMm=34%20mm&arborMm=14%20mm&traverseMm=23%20mm&mainMaterial=fluoro&mainSize=0.28%20mm&mainName=Seaglass%20fluoro%200.28&open=main&way=main_only',
  );
  await expect(page.getByRole('listitem').filter({ hasText: 'Slack test' })).toHaveCount(0);
  await stepTo(page, 'soak.0');
  await page.getByRole('button', { name: 'It’s in the water: start the timer' }).click();
  await onwards(page);
  await expect(page.getByText(/Soak the main line: 0:\d\d/)).toBeVisible(); // it goes on while other steps are done
  await page.getByRole('button', { name: 'It’s out' }).click();
  await stepTo(page, 'place.0');
  await expect(page.getByTestId('placing')).toContainText('on an axle');
  await skipTo(page, 'wind.0');
  await page.getByRole('button', { name: 'Use it to count' }).click();
  await page.getByRole('button', { name: 'Turn at my pace' }).click();
  await expect.poll(async () => (await stateOf(page)).state.layers[0]?.wound_m).toBeGreaterThan(1.5);
  await page.getByRole('button', { name: 'Make it stick' }).click();
  await tell(page, { kind: 'turns', turns: 40 });
  await expect(page.getByText(/its roller is stuck/)).toBeVisible({ timeout: 12_000 });
  await page.getByRole('button', { name: 'Stop turning' }).click();

  process.kill(Number(process.env.UNDRO_COUNTER_PID), 'SIGKILL');
  // that it is noticed within two seconds is held where the adapter is tested
  await expect(page.getByTestId('counter-lost')).toBeVisible();
  const before = (await stateOf(page)).state.layers[0]?.wound_m ?? 0;
  await page.keyboard.press('Space');
  await expect(soFar(page)).toContainText('41 turns');
  await expect.poll(async () => (await stateOf(page)).state.layers[0]?.wound_m).toBeGreaterThan(before);
  await page.getByRole('button', { name: 'Stopped early' }).click();
  await expect(page.getByTestId('ending')).toContainText('before the mark');
});

test('a main line is replaced over its backing, from the log to the finished run', async ({ page }) => {
  const before = await spool(page.request, 'Skarrow 60', 'deep');
  await page.goto('/log');
  await page.getByRole('link', { name: /^Skarrow 60/ }).click();
  // what was felt says what to do, and the way is one press from there
  const say = page.getByRole('form', { name: 'Log what happened' });
  await say.getByText('Line checked', { exact: true }).click();
  await say.getByLabel('The line is').selectOption('nicked');
  await say.getByRole('button', { name: 'Save entry' }).click();
  await expect(page.getByTestId('advice')).toContainText('Replace the main line');
  await page.getByRole('link', { name: 'Plan the new line' }).click();
  await expect(page.getByLabel('Under the main line')).toHaveValue('kept');
  await expect(page.getByRole('heading', { name: 'Room for this much main line' })).toBeVisible();
  await expect(page.getByText(/Going by the log: \d+ m Plain Tarn nylon/)).toBeVisible();
  // read in three places, it is surer than by the log
  const byLog = await read(page);
  const depth = /([\d.]+)/.exec((await page.getByTestId('todo-kept').textContent()) ?? '')?.[1] ?? '';
  await page.getByLabel('Backing level, below the lip').fill(`${depth} mm`);
  await expect(page.getByTestId('todo-kept')).toContainText('The main line starts there');
  await settled(page);
  await expect.poll(async () => (await read(page)).half).toBeLessThan(byLog.half);

  // the paper tells it from a sleeve, and asks for nothing of it to be wound
  await page.getByRole('button', { name: 'Bench sheet' }).click();
  const sheet = page.getByRole('article', { name: 'Bench sheet' });
  await expect(sheet.getByRole('row', { name: /^retained backing/ })).toContainText(`${depth} mm`);
  await expect(sheet).not.toContainText('sleeve,');
  await expect(sheet).not.toContainText('backing wound');
  await page.getByRole('link', { name: 'Back to the plan' }).click();

  await page.getByRole('button', { name: 'Start winding' }).click();
  await at(page, 'check');
  await onwards(page);
  await at(page, 'strip');
  await expect(page.getByText(/feel the knot run through your fingers/)).toBeVisible();
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Strip the main line, keep the backing' })
    .getByRole('button', { name: 'I did this' })
    .click();
  await expect(page.getByText('The main line is off; the backing stays.')).toBeVisible();
  await page.getByRole('button', { name: 'Next', exact: true }).click();
  await expect(run(page)).not.toHaveAttribute('data-current', 'strip');
  await stepTo(page, 'join.0');
  await expect(page.getByText(/Tie it to the end of the retained backing/)).toBeVisible();
  await stepTo(page, 'first_turns.0');
  await tell(page, { kind: 'turns', turns: 10 });
  await page.getByRole('button', { name: 'They hold, next step' }).click();
  await at(page, 'slack_test.0');
  await page.keyboard.press('h');
  await expect(page.getByTestId('slack-move')).toContainText('Carry on');
  await onwards(page);
  await at(page, 'wind.0');
  await tell(page, { kind: 'turns', turns: Math.ceil((await stateOf(page)).state.progress.turns_left) });
  await expect.poll(() => left(page)).toBeLessThanOrEqual(0);
  await page.getByRole('button', { name: 'Save: reached the mark' }).click();
  await tell(page, { kind: 'finished' });
  const after = await spool(page.request, 'Skarrow 60', 'deep');
  expect(after.map((each) => each.line.name)).toEqual(before.map((each) => each.line.name));
  expect(after[0]?.length_m).toBe(before[0]?.length_m);
  expect(Math.abs((after[1]?.length_m ?? 0) - byLog.value)).toBeLessThan(3 * byLog.half);
  // and the log says so: a new line, in order again
  await page.goto('/log');
  await page.getByRole('link', { name: /^Skarrow 60/ }).click();
  await expect(page.getByTestId('advice')).not.toContainText('Replace');
});

test('backing goes under a line that has none, from the advice to the finished run', async ({ page }) => {
  const [line] = await spool(page.request, 'Bight 300', 'standard');
  await page.goto('/log');
  await page.getByRole('link', { name: /^Bight 300/ }).click();
  await page.getByRole('link', { name: 'Plan backing under it' }).click();
  await settled(page);
  await expect(page.getByText(/Wind the line onto a spare spool, put backing on the arbor/)).toBeVisible();
  const { value } = await read(page);
  await page.getByRole('button', { name: 'Start winding' }).click();
  await at(page, 'check');
  await onwards(page);
  await at(page, 'strip');
  // “Done” asks, and nothing but the spare spool will do
  await onwards(page);
  const asked = page.getByTestId('still-on');
  await expect(asked).toContainText('is still on the spool');
  await expect(asked.getByRole('button')).toHaveText([/All on the spare spool: save 168 m/, 'Back']);
  await asked.getByRole('button', { name: /All on the spare spool/ }).click();
  await expect(run(page)).not.toHaveAttribute('data-current', 'strip');
  await stepTo(page, 'first_turns.0');
  await tell(page, { kind: 'turns', turns: 10 });
  await page.getByRole('button', { name: 'They hold, next step' }).click();
  await at(page, 'wind.0');
  await tell(page, { kind: 'turns', turns: Math.round((await stateOf(page)).state.progress.turns_left) });
  await expect.poll(() => left(page)).toBeLessThanOrEqual(0);
  await page.getByRole('button', { name: 'Save: reached the mark' }).click();
  await expect(run(page)).not.toHaveAttribute('data-current', 'wind.0');
  await stepTo(page, 'wind.1');
  await expect(page.getByText(/All of it goes back on/)).toBeVisible();
  await tell(page, { kind: 'turns', turns: Math.round((await stateOf(page)).state.progress.turns_left * 0.98) });
  await page.getByRole('button', { name: 'Save: all 168 m is back on' }).click();
  await expect(run(page)).not.toHaveAttribute('data-current', 'wind.1');
  await tell(page, { kind: 'finished' });
  const after = await spool(page.request, 'Bight 300', 'standard');
  expect(after.map((each) => each.line.name)).toEqual(['Plain Tarn nylon 0.30', line?.line.name]);
  expect(Math.abs((after[0]?.length_m ?? 0) - value)).toBeLessThan(3);
  expect(after[1]?.length_m).toBe(line?.length_m);
});

test('a backed spool is turned end for end: the backing never moves', async ({ page }) => {
  const before = await spool(page.request, 'Skerry 30', 'deep');
  test.skip(before.length !== 2, 'no backing on it');
  await page.goto('/log');
  await page.getByRole('link', { name: /^Skerry 30.*deep/ }).click();
  const say = page.getByRole('form', { name: 'Log what happened' });
  await say.getByText('Reversed', { exact: true }).click();
  await say.getByRole('button', { name: 'Save entry' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Saved: reversed' })).toBeVisible();
  const after = await spool(page.request, 'Skerry 30', 'deep');
  expect(after.map((each) => each.line.name)).toEqual(before.map((each) => each.line.name));
  expect(after[0]?.length_m).toBe(before[0]?.length_m);
  expect(after[1]?.length_m).toBeCloseTo((before[1]?.length_m ?? 0) - 0.5, 6);
  await undo(page, 'Saved: reversed');
  await expect
    .poll(async () => (await spool(page.request, 'Skerry 30', 'deep'))[1]?.length_m)
    .toBe(before[1]?.length_m);
});

test('twenty taps in two and a half seconds are twenty turns, and a stop far from the mark is asked about', async ({
  page,
}) => {
  await begin(page, '/plan/1');
  await skipTo(page, 'wind.0');
  // nothing counted: nothing is written by one press
  await page.getByRole('button', { name: 'Save: reached the mark' }).click();
  await expect(page.getByTestId('how-much')).toContainText('Nothing was counted.');
  await page.getByTestId('how-much').getByRole('button', { name: 'Back' }).click();
  await page.evaluate(async () => {
    for (let taps = 0; taps < 20; taps++) {
      document.body.dispatchEvent(new KeyboardEvent('keydown', { key: ' ', code: 'Space', bubbles: true }));
      // a key that is held down says so, and is no other tap
      document.body.dispatchEvent(
        new KeyboardEvent('keydown', { key: ' ', code: 'Space', bubbles: true, repeat: true }),
      );
      await new Promise((done) => setTimeout(done, 125));
    }
  });
  await expect(soFar(page)).toContainText('20 turns');
  await expect(page.getByTestId('spoken')).toHaveText(/^\d+0 turns left$/);
  await page.getByRole('button', { name: 'Save: reached the mark' }).click();
  const asked = page.getByTestId('how-much');
  await expect(asked).toContainText(/wound \(counted\), but the plan says \d+ ± \d+ m/);
  await expect(asked.getByRole('button', { name: /^As counted: 1\d ± [\d.]+ m/ })).toBeVisible();
  await asked.getByRole('button', { name: 'Back' }).click();
  for (let taps = 0; taps < 20; taps++) await page.keyboard.press('Backspace');
  await expect(soFar(page)).toContainText('0 turns · 0.0 m');
  // turns counted in the head, and what is known by the marks on the line, in any unit: it stays as it is said
  await page.keyboard.press('t');
  await page.getByLabel('Handle turns for this line, in all').fill('60');
  await page.keyboard.press('Enter');
  await expect(soFar(page)).toContainText('60 turns');
  await expect(page.getByTestId('to-write')).toContainText(/saves 3\d ± [\d.]+ m of backing \(counted\)/);
  await page.getByRole('button', { name: 'Type turns or metres' }).click();
  await page.getByLabel('or the length wound of this line, in all').fill('75 yd');
  await page.getByRole('button', { name: 'Use this' }).click();
  await expect(soFar(page)).toContainText('68.6 ± 0.7 m wound');
  await expect(page.getByTestId('to-write')).toContainText('saves 69 ± 0.7 m of backing (entered)');
  await page.getByRole('button', { name: 'Type turns or metres' }).click();
  await page.getByLabel('or the length wound of this line, in all').fill('3000 m');
  await page.keyboard.press('Enter');
  await expect(soFar(page)).toContainText('3000.0 ± 30 m wound');
  // the stop is announced once, and what to do past it once
  await expect(page.getByTestId('spoken')).toHaveText('Stop: at the mark.');
  const announced = page.getByTestId('spoken-passed');
  const first = await announced.textContent();
  expect(first).toContain('past the mark');
  await page.getByRole('heading', { level: 1 }).focus();
  await page.keyboard.press('Space');
  await expect(soFar(page)).toContainText('1 turn');
  await expect(announced).toHaveText(first ?? '');
  // a slip far past the mark is asked about whatever stopped it
  await page.getByRole('button', { name: 'Line snapped' }).click();
  await expect(page.getByTestId('how-much')).toContainText(/300\d ± 30 m wound \(entered/);
  await page.getByTestId('how-much').getByRole('button', { name: 'Back' }).click();
  await page.getByRole('button', { name: 'Type turns or metres' }).click();
  await page.getByLabel('or the length wound of this line, in all').fill('0 m');
  await page.keyboard.press('Enter');
  await expect(soFar(page)).toContainText('0.0 ± 0.5 m');
  await page.getByRole('button', { name: 'Save: reached the mark' }).click();
  await asked.getByRole('button', { name: /^As planned: 1\d\d ± \d+ m/ }).click();
  await expect(run(page)).not.toHaveAttribute('data-current', 'wind.0');
  const [backing] = await spool(page.request, 'Skerry 30', 'deep');
  expect(backing?.length_m ?? 0).toBeGreaterThan(100);
  expect(backing).toMatchObject({ known: ['planned'], half_m: expect.any(Number) });
  await expect(page.getByTestId('written-so-far')).toContainText(/1\d\d ± \d+ m of backing, as planned/);
  await page.getByRole('button', { name: 'End the run early' }).click();
  await page.getByRole('button', { name: 'End the run', exact: true }).click();
  await page.getByRole('button', { name: 'Undo the whole run' }).click();
  await expect(page.getByRole('heading', { name: 'Run undone' })).toBeVisible();
});

test('old line is asked about also by who presses before it is known', async ({ page }) => {
  await begin(page, '/plan/1');
  await skipTo(page, 'strip');
  await nothingAlong(page);
  let answer = () => {};
  const asked = new Promise<void>((go) => {
    answer = go;
  });
  await page.route('**/api/reels', async (route) => {
    await asked;
    await route.continue();
  });
  await page.reload();
  await page.getByRole('button', { name: 'Done, next' }).press('Enter');
  const stillOn = page.getByTestId('still-on');
  await expect(stillOn).toContainText('Looking up what is on the spool');
  await expect(stillOn.getByRole('button')).toHaveText(['It stays on: save nothing', 'Back']);
  answer();
  await expect(stillOn).toContainText(/The log says \d+ m is still on the spool/);
  await at(page, 'strip');
});

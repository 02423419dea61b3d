import type { Page } from '@playwright/test';
import { BENCH_URL, DEMO_URL, EMPTY_URL, expect, figure, test, undo } from './bench';

// one scale with one made-up drag on its hook
test.describe.configure({ mode: 'serial' });
test.use({ baseURL: BENCH_URL });

const next = (page: Page) => page.getByTestId('drag-next');

/** Puts a reel on the bench by the keyboard and goes to its drag. */
async function onTheBench(page: Page, reel: string, at = '') {
  await page.goto('/locker');
  await page.getByRole('heading', { level: 1 }).waitFor();
  await page.keyboard.press('b');
  await page.getByLabel('Search', { exact: true }).fill(reel);
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.getByText('On the bench:')).toBeAttached();
  await page.goto(`/drag${at}`);
  await expect(figure(page)).toBeVisible();
}

/** The same at once: its first spool lies on the bench. */
async function benched(page: Page, reel: string, at = '') {
  await page.goto('/drag');
  await page.evaluate(async (name) => {
    const reels = await (await fetch('/api/reels', { headers: { Accept: 'application/json' } })).json();
    const found = reels.find((each: { name: string }) => each.name === name);
    localStorage.setItem('undro-bench', JSON.stringify({ reel: found.id, spool: found.spools[0].id }));
  }, reel);
  await page.goto(`/drag${at}`);
  await expect(figure(page)).toBeVisible();
}

/** Puts a made-up drag on the stand-in's hook. */
const hook = (page: Page, what: string, amount: number) =>
  page.evaluate(
    async ([act, much]) => {
      const token = decodeURIComponent(/XSRF-TOKEN\w*=([^;]+)/.exec(document.cookie)?.[1] ?? '');
      await fetch('/api/devices/scale', {
        method: 'POST',
        headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token },
        body: JSON.stringify({ do: act, amount: much }),
      });
    },
    [what, amount] as const,
  );

async function pullTyped(page: Page, at: string, startUp: string, running: string) {
  const form = page.getByRole('form', { name: 'A pull' });
  await form.getByLabel(/^Knob at/).fill(at);
  await form.getByLabel('Start-up').fill(startUp);
  await form.getByLabel('Running').fill(running);
  await form.getByLabel('Running').press('Enter');
  await expect(form.getByLabel('Running')).toHaveValue('');
}

test('a whole setting by keyboard with the stand-in, kept, seen again, and taken back', async ({ page }) => {
  test.slow();
  await onTheBench(page, 'Longshore');
  await hook(page, 'drag', 24);
  await expect(page.getByTestId('scale')).toContainText('Simulated scale');
  await expect(next(page)).toHaveText('Pull once');
  const table = page.getByRole('table', { name: 'Pulls' });
  let pulls = 0;
  for (; pulls < 14; pulls++) {
    const says = (await next(page).textContent()) ?? '';
    if (says.startsWith('Leave it')) break;
    if (/turn/.test(says)) {
      const to = / to ([\d.-]+)/.exec(says)?.[1] ?? '';
      await page.keyboard.press('Enter');
      await expect(page.getByLabel(/^Knob at/)).toHaveValue(to);
    }
    await page.keyboard.press('Space');
    await expect(table.locator('tbody tr')).toHaveCount(pulls + 1);
  }
  await expect(next(page)).toHaveText('Leave it there');
  const target = Number.parseFloat((await figure(page).textContent()) ?? '0');
  const median = Number.parseFloat((await page.getByTestId('median').textContent()) ?? '0');
  expect(Math.abs(median / target - 1)).toBeLessThan(0.06);
  await page.keyboard.press('Enter');
  await expect(page.getByText('Setting saved.')).toBeVisible();
  await expect(page.getByTestId('live')).toContainText(/[1-9].* saved on/);
  await expect(next(page)).toHaveText('Pull once');
  await page.getByText('Saved settings', { exact: true }).click();
  const kept = page.getByRole('listitem').filter({ hasText: 'from fully loose' }).first();
  await expect(kept).toContainText('the drag was');
  const before = await page.getByRole('button', { name: /^Repeat the setting of/ }).count();
  await undo(page, 'Setting saved.');
  await expect(page.getByRole('button', { name: /^Repeat the setting of/ })).toHaveCount(before - 1);
});

test('a gauge that shows only its peak sets a drag by its peaks, and the last pull is taken back with a key', async ({
  page,
}) => {
  await benched(page, 'Longshore 80', '?main=8 kg&terminalTested=100&mainCondition=1&fraction=25&tip=yes');
  await expect(page.getByTestId('scale')).toBeVisible();
  await hook(page, 'hold', 1);
  await page.getByRole('button', { name: 'Pull slowly' }).click();
  await expect(page.getByText('The needle held its peak')).toBeVisible();
  const rows = page.getByRole('table', { name: 'Pulls' }).locator('tbody tr');
  await expect(rows).toHaveCount(1);
  await expect(rows.first().locator('td').nth(1)).toHaveText('–');
  await hook(page, 'hold', 0);
  await page.reload();
  await expect(rows).toHaveCount(1);
  await page.locator('body').press('Backspace');
  await expect(next(page)).toHaveText('Pull once');
  const target = Number.parseFloat((await figure(page).textContent())?.replace(/^\D+/, '') ?? '');
  for (const times of [1, 1.01, 0.99]) await pullTyped(page, '2', (times * target).toFixed(2), '');
  await expect(page.getByTestId('peaks-only')).toBeVisible();
  await expect(next(page)).toHaveText('Leave it there');
  await page.getByRole('button', { name: 'Save this setting' }).click();
  await expect(page.getByText('Setting saved.')).toBeVisible();
  await page.goto('/log');
  await expect(page.getByText(`${target.toFixed(2)} kg, by its peaks, 3 pulls`).first()).toBeVisible();
  await page.goBack();
  await page.getByText('Saved settings', { exact: true }).click();
  await page
    .getByRole('button', { name: /^Undo the setting/ })
    .first()
    .click();
});

test('a pull that cannot be is asked about before anything follows, and a shifted point is offered', async ({
  page,
}) => {
  await benched(page, 'Skerry 30', '?main=8 kg&terminalTested=100&mainCondition=1&fraction=25');
  await pullTyped(page, '1', '', '1.2 kg');
  await pullTyped(page, '1.25', '', '14');
  const asked = page.getByRole('alertdialog', { name: 'Is this pull right?' });
  await expect(asked).toContainText('It would have broken');
  await expect(page.getByRole('button', { name: /^Save (it|this)/ })).toBeDisabled();
  await asked.getByRole('button', { name: 'It was 1.40 kg' }).click();
  await expect(asked).toHaveCount(0);
  await expect(page.getByTestId('median')).toHaveText('1.40');
  await pullTyped(page, '1.25', '', '0.7 kg');
  await expect(asked).toContainText('the other pulls about');
  await asked.getByRole('button', { name: 'It was right' }).click();
  await expect(asked).toHaveCount(0);
  await expect(page.getByRole('button', { name: /^Save it as it is: .*scattered by/ })).toBeEnabled();
  await page.getByRole('button', { name: 'Start over' }).click();
});

test('a sticky drag is set by its start-up', async ({ page }) => {
  await benched(page, 'Tarn 20', '?main=8 kg&terminalTested=100&fraction=25');
  // by the log it is no longer new; the angler may say otherwise
  await expect(page.getByText(/According to the log it has \d+ % of its strength left/)).toBeVisible();
  await page.getByLabel('It is').first().selectOption('new');
  await expect(figure(page)).toContainText('2.00 kg');
  await pullTyped(page, '1', '1.4', '1.0');
  await expect(page.getByTestId('sticky')).toContainText('1.40 times the running force');
  await expect(page.getByTestId('median')).toHaveText('1.40');
  for (const startUp of ['2.0', '2.02', '1.98']) await pullTyped(page, '1.4', startUp, '1.43');
  await expect(next(page)).toHaveText('Leave it there');
  await expect(page.getByText('median of 3 start-up pulls')).toBeVisible();
  await page.getByRole('button', { name: 'Start over' }).click();
});

test('a lever past its strike stop is refused with what was typed, and a target past it is out of reach', async ({
  page,
}) => {
  await benched(page, 'Bight 300', '?mechanism=lever&knob=notch&stop=7&main=30 kg&terminalTested=100');
  await expect(page.getByText('Never go past the strike stop')).toBeVisible();
  await pullTyped(page, '8', '', '12 lb');
  const wrong = page.getByRole('form', { name: 'A pull' }).getByRole('alert');
  await expect(wrong).toContainText('past the strike stop at 7 notches');
  await wrong.getByRole('button', { name: 'Edit that pull' }).click();
  await expect(page.getByLabel('Running')).toHaveValue('12 lb');
  await expect(wrong).toHaveCount(0);
  await pullTyped(page, '6', '', '3 kg');
  await expect(next(page)).toContainText('1 notch tighter');
  await page.getByRole('button', { name: 'The lever is at 7 notches' }).click();
  await pullTyped(page, '7', '', '3.3 kg');
  await expect(next(page)).toHaveText('Preset up');
  await expect(page.getByText('Put the lever to free, turn the preset up a quarter turn')).toBeVisible();
  await page.getByRole('button', { name: 'Start over' }).click();
});

test('a sticky lever drag: its preset is turned up at free, and its start-up meets the target', async ({ page }) => {
  await benched(
    page,
    'Bight 300',
    '?mechanism=lever&knob=notch&stop=7&main=20 kg&mainCondition=1&terminalTested=100&fraction=25',
  );
  await expect(figure(page)).toContainText('5.0');
  await pullTyped(page, '7', '4.2 kg', '3 kg');
  await expect(page.getByTestId('sticky')).toContainText('1.40 times');
  await expect(next(page)).toHaveText('Preset up');
  await page.getByRole('button', { name: 'I turned the preset: pull again at this notch' }).click();
  await expect(next(page)).toHaveText('Pull once');
  await expect(page.getByLabel(/^Knob at/)).toHaveValue('7');
  for (const peak of ['5.0 kg', '5.05 kg', '4.95 kg']) await pullTyped(page, '7', peak, '3.6 kg');
  await expect(next(page)).toHaveText('Leave it there');
  await expect(page.getByText('median of 3 start-up pulls')).toBeVisible();
  await page.getByRole('button', { name: 'Start over' }).click();
});

test('over 40 % is asked twice, and every unit stands on one line', async ({ page }) => {
  await benched(page, 'Longshore 80', '?main=3.6 kg&terminalTested=100');
  await expect(page.getByTestId('every-unit')).toContainText('N');
  await expect(page.getByTestId('every-unit')).toContainText('oz');
  await page.getByLabel('Your share of the weakest link').fill('45');
  const asks = page.getByRole('alertdialog', { name: 'Over 40 %' });
  await expect(asks).toContainText('45 % of the weakest link is over 40 %');
  await expect(next(page)).toHaveCount(0);
  await asks.getByRole('button', { name: 'I mean it: 45 %' }).click();
  await expect(next(page)).toBeVisible();
  await page.getByLabel('Your share of the weakest link').fill('a lot');
  await expect(page.getByText(/“a lot”|a lot/).first()).toBeVisible();
  await expect(page.getByLabel('Your share of the weakest link')).toHaveValue('a lot');
});

// what lies on the spool is the demo's, which the runs at the bench change
test.describe('on the demo', () => {
  test.use({ baseURL: DEMO_URL });

  test('a field that is emptied stays empty, and another reel begins with its own chain', async ({ page }) => {
    await benched(page, 'Skerry 30');
    const leader = page.getByRole('group', { name: 'Leader' }).getByLabel('Rated');
    await expect(leader).toHaveValue('6.9 kg');
    await leader.fill('');
    await expect(leader).toHaveValue('');
    await expect(page.getByTestId('governs')).toContainText('hook knot');
    // the address follows once the hand rests
    await page.waitForURL((url) => url.searchParams.has('begun') && !url.searchParams.has('leader'));
    await page.reload();
    await expect(page.getByRole('group', { name: 'Main line' }).getByLabel('Rated')).toHaveValue('11 kg');
    await expect(leader).toHaveValue('');
    await benched(page, 'Longshore 80');
    await expect(page.getByRole('group', { name: 'Main line' }).getByLabel('Rated')).toHaveValue('7.5 kg');
  });

  test('line runs out under the slider: force, section and table follow, and what is measured counts', async ({
    page,
  }) => {
    await benched(page, 'Skerry 30', '?at=runs');
    const at = page.getByTestId('runs-at');
    await expect(at).toContainText('0 m out');
    const section = page.getByRole('group', { name: /^The spool with/ });
    const before = await section.getAttribute('aria-label');
    const slider = page.getByRole('slider', { name: 'Line out' });
    await slider.focus();
    for (let i = 0; i < 12; i++) await page.keyboard.press('PageUp');
    await expect(at).not.toContainText('0 m out, ');
    await expect(section).not.toHaveAttribute('aria-label', before ?? '');
    const rows = page.getByRole('table', { name: 'Ease off as the spool empties' }).locator('tbody tr');
    const column = async (index: number) => (await rows.locator('td').nth(index).allTextContents()).concat();
    expect(await column(0)).toBeTruthy();
    const forces = (await rows.evaluateAll((all) =>
      all.map((row) => [...row.children].map((cell) => Number.parseFloat(cell.textContent ?? ''))),
    )) as number[][];
    for (const [index, row] of forces.entries()) {
      const last = forces[index - 1];
      if (!last) continue;
      expect(row[1] ?? 0, 'deeper under the lip').toBeGreaterThanOrEqual(last[1] ?? 0);
      expect(row[2] ?? 0).toBeGreaterThanOrEqual(last[2] ?? 0);
      expect(row[4] ?? 9).toBeLessThanOrEqual(last[4] ?? 0);
    }
    const points = page.getByRole('region', { name: 'Measured at other levels' });
    await points.getByLabel('Line out').fill('130');
    await points.getByLabel('Running').fill('2.6 kg');
    await points.getByRole('button', { name: 'Add to the curve' }).click();
    await expect(page.getByTestId('verdict')).toContainText('because the drag sticks or heats up');
    await expect(page.getByTestId('limit')).toContainText('out, the drag reaches half');
    await expect(page.getByTestId('danger')).toBeAttached();
    await undo(page, 'Point added to the curve.');
    await expect(page.getByTestId('verdict')).not.toContainText('because the drag sticks or heats up');
    await page.getByRole('link', { name: 'Print a pocket card' }).click();
    const card = page.getByRole('article', { name: 'Pocket card' });
    await expect(card).toContainText('turns from fully loose');
    await expect(card.locator('tbody tr')).toHaveCount(forces.length);
  });
});

test('the strike compares the lines at hand, wound down and locked', async ({ page }) => {
  await benched(page, 'Skerry 30', '?at=strike&distance=20 m');
  const table = page.getByRole('table');
  const onReel = table.locator('tr').filter({ hasText: '(on the reel)' });
  await expect(onReel).toContainText('drag slips');
  await page.getByLabel('The drag is').selectOption('locked');
  await expect(onReel).toContainText('breaks');
  await expect(page.getByText('With the drag locked, a full sweep')).toBeVisible();
  await expect(page.getByText('times as much. Braid hardly stretches')).toBeVisible();
  const nylon = table.locator('tr').filter({ hasText: 'Plain Tarn nylon 0.26' }).locator('td').first();
  const still = Number.parseFloat((await nylon.textContent()) ?? '0');
  await page.getByLabel('Turns to take up slack').fill('3');
  await expect.poll(async () => Number.parseFloat((await nylon.textContent()) ?? '0')).toBeGreaterThan(still);
  await page.getByLabel('Turns to take up slack').fill('90');
  await expect(page.getByText('would wind in all the line out')).toBeVisible();
});

test('the same as before goes by its place where it was counted, and by the scale where not', async ({ page }) => {
  await benched(page, 'Skerry 30', '?at=before');
  await expect(page.getByTestId('drift')).toContainText('weaker than at first');
  await page
    .getByRole('button', { name: /^Repeat the setting of/ })
    .last()
    .click();
  // the drag has changed since: the place is that of today's law, not the one it stood at then
  await expect(page.getByTestId('begin')).toContainText('The drag has changed: at');
  await expect(page.getByTestId('begin')).toContainText('Loosen it until the spool turns freely, tighten');
  await expect(page.getByLabel(/^Knob at/)).not.toHaveValue('');
  await page.getByRole('button', { name: 'Use it' }).click();
  await expect(page.getByTestId('governs')).toBeVisible();
  await benched(page, 'Hallow 100', '?at=before');
  await page
    .getByRole('button', { name: /^Repeat the setting of/ })
    .first()
    .click();
  await expect(page.getByTestId('begin')).toContainText('with the scale');
});

test('practice: a made-up drag is set by three keys and told at the end', async ({ page }) => {
  await page.goto('/drag/practice?seed=7');
  await expect(next(page)).toHaveText('Pull once');
  const rows = page.getByRole('table', { name: 'Pulls' }).locator('tbody tr');
  for (let pulls = 0; pulls < 14; pulls++) {
    const says = (await next(page).textContent()) ?? '';
    if (says.startsWith('Leave it')) break;
    if (/turn/.test(says)) {
      const to = / to ([\d.-]+)/.exec(says)?.[1] ?? '';
      await page.keyboard.press('Enter');
      await expect(page.getByLabel('Knob at, turns')).toHaveValue(to);
    }
    await page.keyboard.press('z');
    await page.keyboard.press('Space');
    await expect(rows).toHaveCount(pulls + 1);
  }
  await page.getByRole('button', { name: 'Finish and show the result' }).click();
  await expect(page.getByTestId('truth')).toContainText('None of the five mistakes');
  await expect(page.getByTestId('truth')).toContainText('it really runs at');
  await expect(page.getByText('turns of the knob', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Another drag' }).click();
  await expect(next(page)).toHaveText('Pull once');
});

test('practice: a beginner’s mistakes are named as they are made, and over its strength the line parts', async ({
  page,
}) => {
  await page.goto('/drag/practice?seed=7');
  const knob = page.getByLabel('Knob at, turns');
  const named = page.getByRole('list', { name: 'What went wrong with this pull' });
  const slowly = page.getByRole('button', { name: 'Pull slowly' });
  const zero = page.getByRole('button', { name: 'Put the needle back to zero' });
  await slowly.click();
  await expect(page.getByRole('table', { name: 'Pulls' })).toBeVisible();
  await expect(named).toHaveCount(0);
  await slowly.click();
  await expect(named).toContainText('was not at zero');
  await zero.click();
  await page.getByRole('button', { name: 'Jerk it' }).click();
  await expect(named).toContainText('Pull slowly and steadily');
  await knob.fill('-0.25');
  await zero.click();
  await slowly.click();
  await expect(named).toContainText('come up to it');
  await knob.fill('-0.5');
  await page.getByLabel('back past it, and up to it').check();
  await zero.click();
  await slowly.click();
  await expect(named).toHaveCount(0);
  await knob.fill('20');
  await slowly.click();
  await expect(page.getByRole('alert')).toContainText('The line broke');
  await expect(named).toContainText('more than doubled');
  await expect(page.getByRole('img', { name: 'The line broke and the rod is straight' })).toBeVisible();
  await knob.fill('0');
  await zero.click();
  await slowly.click();
  await page.getByRole('button', { name: 'Finish and show the result' }).click();
  await expect(named).toContainText('fewer than three');
  await expect(page.getByTestId('truth')).toContainText('a jerk');
});

test('with nothing on the bench a strength is enough for a target', async ({ page }) => {
  await page.goto(`${EMPTY_URL}/drag`);
  await expect(page.getByRole('heading', { name: 'How strong is the main line?' })).toBeVisible();
  await page.getByLabel('Rated').first().fill('10 lb');
  await expect(figure(page)).toContainText('0.85 kg');
  await page.getByText('Line out', { exact: true }).click();
  await expect(page.getByText('The line on this spool is not known yet')).toBeVisible();
  await page.getByText('Strike', { exact: true }).click();
  await expect(page.getByText('The Rack has no line with a rated strength yet')).toBeVisible();
});

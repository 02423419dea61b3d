import { EMPTY_URL, expect, figure, line, read, settled, stamp, test } from './bench';

test.use({ baseURL: EMPTY_URL });

test('from an empty start to a saved plan, with the mouse', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'A reel in my hand' }).click();
  await expect(page.getByRole('heading', { name: 'How much backing?' })).toBeVisible();

  await stamp(page).fill('0.25/200');
  await line(page, 'Main line').getByLabel('Size').fill('PE 1');
  await expect(figure(page)).toContainText('m');
  await expect(page.getByText('Read as 0.25 mm mono, 200 m')).toBeVisible();
  await expect(page.getByText('front lip · not to scale')).toBeVisible();
  const first = await read(page);
  expect(first.value).toBe(89);

  // two caliper readings: depth and turns appear
  await expect(page.getByTestId('todo-depth')).toHaveCount(0);
  await page.getByLabel('Lip').first().fill('46');
  await page.getByLabel('Spool width').fill('17');
  await page.getByRole('button', { name: 'Gear, lip, lay, taper' }).click();
  await page.getByLabel('Gear ratio').fill('5.2');
  await expect(page.getByTestId('todo-depth')).toContainText('3.4 mm');
  await expect(page.getByTestId('todo-turns')).toContainText(/\d+\s*handle turns/);
  await settled(page);
  const second = await read(page);
  expect(second.value).toBe(first.value);

  // the third narrows the band
  await page.getByLabel('Arbor diameter', { exact: true }).fill('31');
  await settled(page);
  await expect.poll(async () => (await read(page)).half).toBeLessThan(second.half);

  await page.getByLabel('Name of the plan').fill('First fill');
  await page.getByRole('button', { name: 'Save plan' }).click();
  await expect(page).toHaveURL(/\/plan\/\d+$/);
  const saved = await figure(page).textContent();
  await page.reload();
  await expect(figure(page)).toHaveText(saved ?? '');
  await expect(page.getByLabel('Lip').first()).toHaveValue('46 mm');

  // and found again from elsewhere
  await page.getByRole('link', { name: /Rack/ }).click();
  await page.keyboard.press('Control+k');
  await page.getByLabel('Search', { exact: true }).fill('First fill');
  await page.keyboard.press('Enter');
  await expect(figure(page)).toHaveText(saved ?? '');
});

test('a newcomer reaches a figure within a minute and 12 interactions', async ({ page }) => {
  const begun = Date.now();
  let interactions = 0;
  const counted = async (doing: Promise<unknown>) => {
    interactions++;
    await doing;
  };
  await page.goto('/');
  // what somebody does who knows nothing of Undro: what stands first, the first field, then what the page asks for next
  await counted(page.getByRole('link', { name: 'A reel in my hand' }).click());
  await counted(stamp(page).fill('8/140 10/120'));
  await expect(page.getByText(/Now choose the main line/)).toBeVisible();
  await counted(line(page, 'Main line').getByLabel('Size').fill('20 lb'));
  await expect(figure(page)).toBeVisible();
  // and gets as far as a depth to stop at
  await counted(page.getByLabel('Lip').first().fill('46'));
  await counted(page.getByLabel('Spool width').fill('17'));
  await expect(page.getByTestId('todo-depth')).toBeVisible();
  expect(interactions).toBeLessThanOrEqual(12);
  expect(Date.now() - begun).toBeLessThan(60_000);
});

test('the same by keyboard alone', async ({ page }) => {
  await page.goto('/plan?new=1');
  await expect(page.getByRole('heading', { name: 'How much backing?' })).toBeVisible();
  const tabTo = async (name: RegExp) => {
    for (let presses = 0; presses < 60; presses++) {
      await page.keyboard.press('Tab');
      const label = await page.evaluate(() => {
        const at = document.activeElement;
        const labelled = at instanceof HTMLInputElement ? at.labels?.[0]?.textContent : null;
        return `${labelled ?? ''} ${at?.getAttribute('aria-label') ?? ''} ${at?.textContent?.slice(0, 40) ?? ''}`.trim();
      });
      if (name.test(label)) return;
    }
    throw new Error(`Tab never reached ${name}`);
  };
  await tabTo(/Capacity printed/);
  await page.keyboard.type('8/140 10/120');
  await tabTo(/^Lip/);
  await page.keyboard.type('46');
  await tabTo(/^Spool width/);
  await page.keyboard.type('17');
  await tabTo(/^Size/);
  await page.keyboard.type('20lb');
  await expect(figure(page)).toBeVisible();
  await expect(page.getByText('nominal 0.23 mm')).toBeVisible();
  await tabTo(/^full, below/);
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('slider', { name: /^full/ })).toHaveAttribute('aria-valuetext', '1.7 mm');
  await page.keyboard.press('Control+s');
  await expect(page).toHaveURL(/\/plan\/\d+$/);
  await expect(page.getByText(/Saved as/)).toBeVisible();
});

test('every place has a first step when there is nothing yet', async ({ page }) => {
  await page.goto('/locker');
  await page.getByRole('button', { name: 'Add a reel' }).first().click();
  await page.getByLabel('Name').fill('Only one');
  await page.getByLabel('Capacity printed on the spool').fill('nonsense');
  await page.getByRole('button', { name: 'Add reel' }).click();
  await expect(page.getByText('“nonsense” can’t be read')).toBeVisible();
  await expect(page.getByLabel('Name')).toHaveValue('Only one');
  await page.getByLabel('Capacity printed on the spool').fill('0.30/150');
  await page.getByRole('button', { name: 'Add reel' }).click();
  await expect(page.getByRole('heading', { name: 'Only one' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Add a reel' }).first()).toBeVisible();

  await page.goto('/rack');
  await page.getByRole('button', { name: 'Add a filler spool' }).first().click();
  await expect(page.getByLabel('Line name')).toBeVisible();
});

test('a heading with three capacities, typed as it is printed, is read as that', async ({ page }) => {
  await page.goto('/plan?new=1');
  await stamp(page).fill('Mono lb/yd 8/240 10/200 12/160');
  await line(page, 'Main line').getByLabel('Size').fill('0.16');
  await expect(
    page.getByText('Read as 8 lb mono, nominal 0.26 mm, 219 m · 10 lb mono, nominal 0.29 mm, 183 m · 12 lb mono'),
  ).toBeVisible();
  await expect(page.getByText(/can be read (two|\d) ways/)).toHaveCount(0);
  await expect(figure(page)).toBeVisible();
  // what cannot be read is said at once beside its field, each by itself, with the piece and what it could have been
  await stamp(page).fill('Mono lb/yd 8/24o 10/200');
  await line(page, 'Main line').getByLabel('Size').fill('0.1b');
  await expect(page.getByText('“8/24o” can’t be read. Did you mean “8/240”?').first()).toBeVisible();
  await expect(page.getByText('“0.1b” can’t be read.')).toBeVisible();
  await expect(page.locator('mark', { hasText: '8/24o' })).toBeVisible();
  await expect(page.getByText('1/8 in')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Start winding' })).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Save plan' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Write “Mono lb/yd 8/240 10/200”' }).click();
  await expect(stamp(page)).toHaveValue('Mono lb/yd 8/240 10/200');
  await line(page, 'Main line').getByLabel('Size').fill('0.16');
  await expect(page.getByRole('button', { name: 'Start winding' })).toBeVisible();
});

test('a stamp that can be read two ways is asked about, and the answer is written into it', async ({ page }) => {
  await page.goto('/plan?new=1');
  await stamp(page).fill('3-150 4-110');
  await line(page, 'Main line').getByLabel('Size').fill('0.10');
  await expect(figure(page)).toBeVisible();
  const asked = page.getByRole('group', { name: '“3-150” can be read 3 ways' });
  await expect(asked.getByRole('button')).toHaveText(['3 lb / 150 m', '3 lb / 150 yd', 'No. 3 / 150 m']);
  const before = await figure(page).textContent();
  await asked.getByRole('button', { name: 'No. 3 / 150 m' }).click();
  await expect(stamp(page)).toHaveValue('mono No. 3 / 150 m; mono No. 4 / 110 m');
  await expect(page.getByText('Read as No. 3 mono, 0.29 mm, 150 m · No. 4 mono, 0.33 mm, 110 m')).toBeVisible();
  await expect(asked).toHaveCount(0);
  await expect(figure(page)).not.toHaveText(before ?? '');
  // a size is asked about too, and nothing is wound before it is said
  await line(page, 'Main line').getByLabel('Size').fill('1');
  const size = page.getByRole('group', { name: '“1” can be read 3 ways' });
  await size.getByRole('button', { name: 'PE 1' }).click();
  await expect(line(page, 'Main line').getByLabel('Size')).toHaveValue('PE 1');
  await stamp(page).fill('200/0.25');
  await expect(page.getByText('The length came first, so Undro swapped the two.')).toBeVisible();
});

test('a half-used nylon is weighed once, and its doubt goes into the plan', async ({ page }) => {
  await page.goto('/rack?add=filler');
  await page.getByLabel('Line name').fill('Old drum nylon');
  await page.getByLabel('Kind').selectOption('mono');
  await page.getByLabel('Diameter or strength').fill('0.30 mm');
  await page.getByRole('button', { name: 'Weigh it' }).click();
  const weighing = page.getByRole('dialog');
  await weighing.getByLabel('Bare').fill('38');
  await weighing.getByLabel('Weight with line').fill('46 g');
  await expect(weighing.getByTestId('measured')).toContainText(/99 ± 1\d m/);
  await weighing.getByRole('button', { name: 'Use this length' }).click();
  await expect(page.getByLabel('Length left')).toHaveValue(/^99\.\d ± 1\d\.\d m$/);
  await page.getByRole('button', { name: 'Add filler spool' }).click();
  const entry = page.getByRole('listitem').filter({ hasText: 'Old drum nylon' });
  await expect(entry).toContainText(/99 ± 1\d m\s*left/);

  // as backing: more than surely is there is said, before anything is cut
  await page.goto('/plan?new=1');
  await stamp(page).fill('0.25/200');
  await line(page, 'Main line').getByLabel('Size').fill('PE 1');
  await expect(figure(page)).toBeVisible();
  const option = page.getByLabel('Backing from the rack').locator('option', { hasText: 'Old drum nylon' });
  await expect(option).toHaveText(/Old drum nylon \(99 ± 1\d m left\)/);
  await page.getByLabel('Backing from the rack').selectOption({ label: (await option.textContent()) ?? '' });
  await line(page, 'Main line').getByLabel('Length', { exact: true }).fill('60 m');
  await expect(page.getByText(/The filler spool has 99 m ± 1\d m/)).toBeVisible();
  // as main line, all of it: what goes under it is known no better than what lies on the filler
  await page.getByLabel('Main line from the rack').selectOption({ label: (await option.textContent()) ?? '' });
  await settled(page);
  const exact = (await read(page)).half;
  await page.getByLabel('What sets the main line').selectOption('the whole filler spool');
  await expect.poll(async () => (await read(page)).half).toBeGreaterThan(exact + 2);
});

test('a line typed once is wound and stays out of the lists; one put into the rack is in them', async ({ page }) => {
  await page.goto('/plan?new=1');
  await stamp(page).fill('0.25/200');
  await line(page, 'Main line').getByLabel('Size').fill('0.19');
  await expect(figure(page)).toBeVisible();
  await page.getByRole('button', { name: 'Add it to the Locker' }).click();
  await page.getByLabel(/^Name of the reel/).fill('Once 20');
  await page.getByLabel(/^Name of the reel/).press('Enter');
  await expect(page.getByText('Once 20 is in the locker and on the bench.')).toBeVisible();
  await expect(page.getByLabel('Reel', { exact: true }).locator('option:checked')).toHaveText('Once 20');
  await page.getByRole('button', { name: 'Add this backing to the Rack' }).click();
  await page.getByLabel('Line name').fill('Shed nylon');
  await page.getByLabel('Left on the filler spool').fill('500');
  await page.getByLabel('Left on the filler spool').press('Enter');
  await expect(page.getByLabel('Backing from the rack').locator('option:checked')).toHaveText(
    'Shed nylon (500 m left)',
  );
  await page.getByRole('button', { name: 'Start winding', exact: true }).click();
  await page.waitForURL(/\/wind\/[0-9a-f-]{36}$/);
  await expect(page.getByText('Once 20').first()).toBeVisible();
  await page.getByRole('button', { name: 'End the run early' }).click();
  await page.getByRole('button', { name: 'End the run', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Run ended early' })).toBeVisible();

  await page.goto('/plan?new=1');
  const list = page.getByLabel('Main line from the rack').locator('option');
  await expect(list.filter({ hasText: 'Shed nylon' })).toHaveCount(1);
  await expect(list.filter({ hasText: 'Braid 0.19' })).toHaveCount(0);
  await page.goto('/rack?add=filler');
  await expect(page.getByLabel('Line', { exact: true }).locator('option', { hasText: 'Braid 0.19' })).toHaveCount(0);
});

test('a currency is said once, and a bare figure is a price from then on', async ({ page }) => {
  await page.goto('/rack?add=filler');
  await page.getByRole('button', { name: /^Units/ }).click();
  await page.getByLabel('Currency for prices').fill('kr');
  await page.getByLabel('Currency for prices').press('Tab');
  await page.keyboard.press('Escape');
  await expect(page.getByLabel('Price', { exact: true })).toHaveAttribute('placeholder', '9.50 kr');
  await page.getByLabel('Price', { exact: true }).fill('8');
  await page.getByLabel('Price', { exact: true }).press('Tab');
  await expect(page.getByLabel('Price', { exact: true })).toHaveValue('8 kr');
});

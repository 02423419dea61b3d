import { EMPTY_URL, expect, figure, line, read, settled, stamp, test } from './bench';

test.use({ baseURL: EMPTY_URL });

test('from an empty start to a saved plan, with the mouse', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'How much backing?' })).toBeVisible();

  await stamp(page).fill('0.25/200');
  await line(page, 'Main line').getByLabel('Size').fill('PE 1');
  await expect(figure(page)).toContainText('m');
  await expect(page.getByText('Read as 0.25 mm nylon, 200 m')).toBeVisible();
  await expect(page.getByText('front lip · not to scale')).toBeVisible();
  const first = await read(page);
  expect(first.value).toBe(89);

  // two caliper readings: depth and turns appear
  await expect(page.getByTestId('todo-depth')).toHaveCount(0);
  await page.getByLabel('Lip').first().fill('46');
  await page.getByLabel('Traverse').fill('17');
  await page.getByRole('button', { name: 'Gear ratio, lip, lay, taper' }).click();
  await page.getByLabel('Gear ratio').fill('5.2');
  await expect(page.getByTestId('todo-depth')).toContainText('3.4 mm');
  await expect(page.getByTestId('todo-turns')).toContainText(/\d+\s*handle turns/);
  await settled(page);
  const second = await read(page);
  expect(second.value).toBe(first.value);

  // the third narrows the band
  await page.getByLabel('Arbor', { exact: true }).fill('31');
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
  // what somebody does who knows nothing of Undro: the first field, then what the page asks for next
  await counted(stamp(page).fill('8/140 10/120'));
  await expect(page.getByText(/Now the main line/)).toBeVisible();
  await counted(line(page, 'Main line').getByLabel('Size').fill('20 lb'));
  await expect(figure(page)).toContainText('±');
  // and gets as far as a depth to stop at
  await counted(page.getByLabel('Lip').first().fill('46'));
  await counted(page.getByLabel('Traverse').fill('17'));
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
  await tabTo(/Stamped/);
  await page.keyboard.type('8/140 10/120');
  await tabTo(/^Lip/);
  await page.keyboard.type('46');
  await tabTo(/^Traverse/);
  await page.keyboard.type('17');
  await tabTo(/^Size/);
  await page.keyboard.type('20lb');
  await expect(figure(page)).toContainText('±');
  await expect(page.getByText('nominal 0.23 mm')).toBeVisible();
  await tabTo(/^full, depth/);
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('slider', { name: /^full/ })).toHaveAttribute('aria-valuetext', '1.7 mm');
  await page.keyboard.press('Control+s');
  await expect(page).toHaveURL(/\/plan\/\d+$/);
  await expect(page.getByText(/Saved as/)).toBeVisible();
});

test('every place has a first step when there is nothing yet', async ({ page }) => {
  await page.goto('/locker');
  await page.getByRole('button', { name: 'Add the first reel' }).click();
  await page.getByLabel('Name').fill('Only one');
  await page.getByLabel('Stamped on the spool').fill('nonsense');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByText('“nonsense” cannot be read')).toBeVisible();
  await expect(page.getByLabel('Name')).toHaveValue('Only one');
  await page.getByLabel('Stamped on the spool').fill('0.30/150');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByRole('heading', { name: 'Only one' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Add the first reel' })).toBeVisible();

  await page.goto('/rack');
  await page.getByRole('button', { name: 'Add the first filler' }).click();
  await expect(page.getByLabel('Name of the line')).toBeVisible();
});

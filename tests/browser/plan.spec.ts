import { expect, figure, line, mark, nothingAlong, read, settled, stamp, test, undo } from './bench';

test('marks are dragged with the mouse and everything follows', async ({ page }) => {
  await page.goto('/plan/1');
  await settled(page);
  const before = await read(page);
  const full = mark(page, 'full');
  const box = await full.boundingBox();
  if (!box) throw new Error('no mark');
  const at = { x: box.x + box.width - 30, y: box.y + box.height / 2 };
  await page.mouse.move(at.x, at.y);
  await page.mouse.down();
  for (let step = 1; step <= 12; step++) await page.mouse.move(at.x, at.y + step * 2);
  await page.mouse.up();
  await settled(page);
  const after = await read(page);
  expect(after.value).toBeLessThan(before.value);
  await expect(page.getByLabel('Full level, below the lip')).not.toHaveValue('');
  await page.getByRole('button', { name: 'Use Undro’s rule' }).click();
  await expect.poll(async () => (await read(page)).value).toBe(before.value);
});

test('the join is nudged with keys: more main line, less backing', async ({ page }) => {
  await page.goto('/plan/1');
  await settled(page);
  const before = await read(page);
  await mark(page, 'knot').focus();
  for (let press = 0; press < 5; press++) await page.keyboard.press('ArrowDown');
  await settled(page);
  await expect.poll(async () => (await read(page)).value).toBeLessThan(before.value);
  const length = line(page, 'Main line').getByLabel('Length');
  await expect(length).not.toHaveValue('150 m');
  // typing a length takes the mark's place
  await length.fill('150 m');
  await expect.poll(async () => (await read(page)).value).toBe(before.value);
});

test('the other two questions are answered too', async ({ page }) => {
  await page.goto('/plan/1');
  await settled(page);
  const backing = await read(page);
  await page.getByText('Main line', { exact: true }).last().click();
  await line(page, 'Backing').getByLabel('Length').fill(String(backing.value));
  await expect(page.getByRole('heading', { name: 'Room for this much main line' })).toBeVisible();
  await expect.poll(async () => Math.abs((await read(page)).value - 150)).toBeLessThan(3);
  await page.getByText('Level', { exact: true }).click();
  await line(page, 'Main line').getByLabel('Length').fill('150');
  await expect(page.getByRole('heading', { name: 'The line will end' })).toBeVisible();
  await expect(figure(page)).toContainText('1.6');
});

test('reasons of the full level can be switched off', async ({ page }) => {
  await page.goto('/locker');
  // how full goes by whoever fishes the reel: Tam casts far, in inches and yards
  await page
    .getByRole('region', { name: /^Longshore 80/ })
    .first()
    .getByRole('button', { name: 'Plan a fill' })
    .click();
  await line(page, 'Main line').getByLabel('Size').fill('0.16');
  await settled(page);
  await page.getByRole('button', { name: /Angler: Orla Venn/ }).click();
  await page.getByRole('radio', { name: 'Tam Hesk' }).click();
  const reason = page.getByRole('checkbox', { name: /you cast for distance/ });
  await expect(reason).toBeChecked();
  await expect(page.getByTestId('todo-full')).toContainText('in');
  await expect(figure(page)).toContainText('yd');
  const far = await read(page);
  await page.keyboard.press('Escape');
  await page.getByText(/you cast for distance/).click();
  await expect.poll(async () => (await read(page)).value).toBeLessThan(far.value);
  await expect(page.getByText('long casts (switched off)')).toBeVisible();
});

test('a link restores what was typed', async ({ page, context }) => {
  await page.goto('/plan?new=1');
  await page.getByLabel('Capacity printed on the spool').fill('PE 1.5-200');
  await line(page, 'Main line').getByLabel('Size').fill('0.13');
  await line(page, 'Main line').getByLabel('Length').fill('120 yd');
  await settled(page);
  const shown = await figure(page).textContent();
  await expect(page).toHaveURL(/mainLength=120/);
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(figure(other)).toHaveText(shown ?? '');
});

test('figures typed for a reel of the locker are kept with it, and taken back', async ({ page }) => {
  await page.goto('/locker');
  await page.getByRole('region', { name: 'Tarn 20, standard' }).getByRole('button', { name: 'Plan a fill' }).click();
  await expect(page.getByLabel('Capacity printed on the spool')).toHaveValue('0,20/180 0,25/115');
  await page.getByLabel('Lip').first().fill('41');
  await page.getByLabel('Spool width').fill('14');
  await line(page, 'Main line').getByLabel('Size').fill('0.13');
  await page.getByRole('button', { name: 'Save these figures with Tarn 20' }).click();
  await expect(page.getByText('Saved with Tarn 20.')).toBeVisible();
  await expect(page.getByRole('button', { name: /Save these figures/ })).toHaveCount(0);
  await undo(page, 'Saved with');
  await expect(page.getByText('Undone.')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: /Save these figures/ })).toBeVisible();
});

test('a saved plan is changed, saved over, and taken back', async ({ page }) => {
  await page.goto('/plan?new=1');
  await page.getByLabel('Capacity printed on the spool').fill('0.30/150');
  await line(page, 'Main line').getByLabel('Size').fill('0.13');
  await page.getByLabel('Name of the plan').fill('Over and over');
  await page.getByRole('button', { name: 'Save plan' }).click();
  await expect(page).toHaveURL(/\/plan\/\d+$/);
  await expect(page.getByRole('button', { name: 'Saved', exact: true })).toBeDisabled();
  const address = page.url();

  // typed and saved without leaving the field: the bare figure keeps its unit
  await line(page, 'Main line').getByLabel('Length').fill('120');
  await page.keyboard.press('Control+s');
  await expect(page).toHaveURL(address);
  await page.reload();
  await expect(line(page, 'Main line').getByLabel('Length')).toHaveValue('120 m');

  await line(page, 'Main line').getByLabel('Length').fill('90 m');
  await page.getByRole('button', { name: 'Save changes' }).click();
  await undo(page, 'changed.');
  await expect(line(page, 'Main line').getByLabel('Length')).toHaveValue('120 m');
  await page.reload();
  await expect(line(page, 'Main line').getByLabel('Length')).toHaveValue('120 m');

  await page.getByRole('button', { name: /^Plans/ }).click();
  await page.getByRole('button', { name: 'Put “Over and over” away' }).click();
  await expect(page).toHaveURL(/\/plan\?/);
  await expect(page.getByRole('heading', { name: 'How much backing?' })).toBeVisible();
});

test('a filler that is too short for the plan is said in the units of the angler', async ({ page }) => {
  await page.goto('/plan/1');
  await settled(page);
  // Pip's units: other tests read Orla's at the same time
  await page.getByRole('button', { name: /^Angler:/ }).click();
  await page.getByRole('radio', { name: 'Pip Venn' }).click();
  await page.keyboard.press('Escape');
  await page.getByLabel('Backing from the rack').selectOption({ label: 'Seaglass fluoro 0.28 (72 m left)' });
  await line(page, 'Main line').getByLabel('Length').fill('30 m');
  await expect(page.getByText(/The filler spool has 72 m, which is \d+ m short for the backing/)).toBeVisible();
  await page.getByRole('button', { name: /^Units/ }).click();
  await page.getByRole('radio', { name: 'ft' }).click();
  await expect(page.getByText(/The filler spool has 236 ft/)).toBeVisible();
  await page.getByRole('radio', { name: 'm', exact: true }).click();
});

test('typing before the lists have come is not overwritten', async ({ page }) => {
  await nothingAlong(page);
  await page.route('**/api/reels', async (route) => {
    await new Promise((wait) => setTimeout(wait, 1500));
    await route.continue();
  });
  await page.goto('/plan?new=1');
  await page.getByLabel('Capacity printed on the spool').fill('0.25/200');
  await line(page, 'Main line').getByLabel('Size').fill('0.16');
  await page.waitForTimeout(2000);
  await expect(page.getByLabel('Capacity printed on the spool')).toHaveValue('0.25/200');
  await settled(page);
});

test('a saved plan that comes late or not at all', async ({ page }) => {
  await nothingAlong(page);
  await page.route('**/api/plans/1', async (route) => {
    await new Promise((wait) => setTimeout(wait, 800));
    await route.continue();
  });
  await page.goto('/plan/1');
  // nothing can be typed that the plan would then overwrite
  await expect(page.getByText('Looking up the plan')).toBeVisible();
  await line(page, 'Main line').getByLabel('Length').fill('90 m');
  await expect(page.getByRole('button', { name: 'Save changes' })).toBeEnabled();
  await page.goto('/plan/4711');
  await expect(page.getByRole('heading', { name: 'Could not look up the plan' })).toBeVisible();
});

test('figures that stand as the locker has them are folded, open when asked, and stay open', async ({ page }) => {
  await page.goto('/plan/1');
  await settled(page);
  await page.getByRole('button', { name: 'Fold' }).first().click();
  await expect(stamp(page)).toHaveCount(0);
  await expect(page.getByText(/^spinning · .* lip 46.2 mm/)).toBeVisible();
  await page.reload();
  await settled(page);
  await page.getByRole('button', { name: 'Dimensions' }).click();
  await expect(page.getByRole('radio', { name: 'spinning' })).toBeFocused();
  // typed over they are no longer as the locker has them, and cannot be folded away
  await page.getByLabel('Lip diameter', { exact: true }).fill('47 mm');
  await expect(page.getByRole('group', { name: 'Reel and spool' }).getByRole('button', { name: 'Fold' })).toHaveCount(
    0,
  );
});

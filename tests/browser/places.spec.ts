import { expect, fits, settled, test, undo } from './bench';

test('a reel is added, changed, put away, and each step taken back', async ({ page }) => {
  await page.goto('/locker');
  await page.getByRole('button', { name: 'Add a reel' }).click();
  const form = page.getByRole('form', { name: 'Add a reel' });
  await form.getByLabel('Name').fill('Test reel');
  await form.getByLabel('Maximum drag').fill('17.6lb');
  await form.getByLabel('Capacity printed on the spool').fill('0,30/150');
  await form.getByRole('button', { name: 'Add reel' }).click();
  const entry = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Test reel' }) });
  await expect(entry).toContainText('max drag 8 kg');

  await entry.getByRole('button', { name: 'Edit', exact: true }).click();
  const edit = page.getByRole('form', { name: 'Edit Test reel' });
  await edit.getByLabel('Gear ratio').fill('fast');
  await edit.getByRole('button', { name: 'Save' }).click();
  await expect(edit).toContainText('"fast" can’t be read');
  await edit.getByLabel('Gear ratio').fill('5,2');
  await edit.getByRole('button', { name: 'Save' }).click();
  await expect(entry).toContainText('5,2 : 1');
  await undo(page, 'Test reel changed.');
  await expect(entry).not.toContainText('5,2 : 1');

  await entry.getByRole('button', { name: 'Archive' }).click();
  await expect(entry).toHaveCount(0);
  await page.locator('body').press('Control+z');
  await expect(entry).toHaveCount(1);

  // what is on it, before there was a record
  await entry.getByRole('button', { name: 'Add the line on it' }).click();
  await page.getByLabel('Length, roughly').fill('90');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  // what was bought long ago is not new today: it is asked
  await expect(page.getByText('Type when the line went on: 2024 or 2024-05 is enough.')).toBeVisible();
  await page.getByLabel('On the spool since').fill('2024-05');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(entry).toContainText('90 m');
  await undo(page, 'Saved.');
  await expect(entry).toContainText('No line on this spool yet.');
  await entry.getByRole('button', { name: 'Archive' }).click();
});

test('a figure sent with Enter keeps the unit of the angler', async ({ page }) => {
  await page.goto('/locker');
  await page.getByRole('button', { name: /Angler: Orla Venn/ }).click();
  await page.getByRole('radio', { name: 'Tam Hesk' }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Add a rod' }).click();
  const form = page.getByRole('form', { name: 'Add a rod' });
  await form.getByLabel('Name').fill('Enter rod');
  await form.getByLabel('Line rating, to').fill('12');
  await form.getByLabel('Line rating, from').fill('6');
  await page.keyboard.press('Enter');
  const rod = page.getByRole('listitem').filter({ hasText: 'Enter rod' });
  await expect(rod).toContainText('line 6 lb to 12 lb');
  await rod.getByRole('button', { name: 'Archive' }).click();
  await expect(rod).toHaveCount(0);
  await undo(page, 'Enter rod archived.');
  await expect(rod).toHaveCount(1);
  await rod.getByRole('button', { name: 'Archive' }).click();
});

test('a second spool is added, measured and put away', async ({ page }) => {
  await page.goto('/locker');
  const entry = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Puddle 6' }) });
  await entry.getByRole('button', { name: 'Add a spool' }).click();
  const spool = page.getByRole('region', { name: 'Puddle 6, Spool 2' });
  await expect(spool).toContainText('No line on this spool yet.');
  await spool.getByRole('button', { name: 'Edit spool' }).click();
  const form = page.getByRole('form', { name: 'Edit Spool 2' });
  await form.getByLabel('Lip diameter').fill('40 mm');
  await form.getByLabel('Arbor diameter', { exact: true }).fill('52 mm');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form).toContainText('must be smaller than the lip');
  await form.getByLabel('Arbor diameter', { exact: true }).fill('28 mm');
  await form.getByLabel('Spool width').fill('3/8 in');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form).toHaveCount(0);
  await spool.getByRole('button', { name: 'Archive spool' }).click();
  await expect(spool).toHaveCount(0);
});

test('a filler of a new line is added, counted again and taken back', async ({ page }) => {
  await page.goto('/rack?add=filler');
  const form = page.getByRole('form', { name: 'Add a filler spool' });
  await form.getByLabel('Line name').fill('Zander string');
  await form.getByLabel('Diameter or strength').fill('20lb');
  await form.getByLabel('Length when new').fill('300 yd');
  await form.getByLabel('Length left').fill('400 yd');
  await form.getByRole('button', { name: 'Add filler spool' }).click();
  await expect(form).toContainText('out of range');
  await form.getByLabel('Length left').fill('200 yd');
  await form.getByRole('button', { name: 'Add filler spool' }).click();
  const entry = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Zander string' }) });
  await expect(entry).toContainText('183 m left of 274 m');
  await expect(entry).toContainText('nominal 0.23 mm');
  await entry.getByRole('button', { name: 'Update length' }).click();
  await page
    .getByRole('form', { name: /Update length/ })
    .getByLabel('Length left')
    .fill('120');
  await page.getByRole('button', { name: 'Save length' }).click();
  await expect(entry).toContainText('120 m left');
  await undo(page, 'length saved');
  await expect(entry).toContainText('183 m left');
  // what is empty folds away, is found again, and a plan says so
  await entry.getByRole('button', { name: 'Update length' }).click();
  await page
    .getByRole('form', { name: /Update length/ })
    .getByLabel('Length left')
    .fill('0');
  await page.getByRole('button', { name: 'Save length' }).click();
  await expect(entry).toBeHidden();
  await page.getByText(/\d empty filler spools?/).click();
  await expect(entry).toContainText('empty');
  await page.goto('/plan?new=1');
  await page.getByLabel('Main line from the rack').selectOption({ label: 'Zander string (empty)' });
  await expect(page.getByText('This filler spool is empty. Choose another, or buy new line.')).toBeVisible();
  await page.goto('/rack');
  await page.getByText(/\d empty filler spools?/).click();
  await entry.getByRole('button', { name: 'Archive' }).click();
  await expect(entry).toHaveCount(0);
});

test('places, search, units, dim and the list of shortcuts are one key away', async ({ page }) => {
  await page.goto('/plan/1');
  await settled(page);
  await page.keyboard.press('1');
  await expect(page.getByRole('heading', { name: 'Locker' })).toBeVisible();
  await page.keyboard.press('2');
  await expect(page.getByRole('heading', { name: 'Rack' })).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Shortcuts' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('b');
  await page.getByLabel('Search', { exact: true }).fill('Hallow');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /On the bench: Hallow 100/ })).toBeVisible();
  // one stays in the place, and it is planned where plans are made
  await expect(page.getByRole('heading', { name: 'Rack' })).toBeVisible();
  await page.keyboard.press('3');
  await expect(page.getByLabel('Capacity printed on the spool')).toHaveValue('12-110, 14-95');
  await expect(page.getByRole('heading', { level: 1 })).toBeFocused();
  // what is typed for one reel is kept with it while another is looked at
  await page.getByRole('group', { name: 'Main line' }).getByLabel('Size').fill('0.31');
  await page.waitForURL(/0\.31/);
  await page.getByRole('heading', { level: 1 }).click();
  for (const [reel, size] of [
    ['Bight', ''],
    ['Hallow', '0.31'],
  ] as const) {
    await page.keyboard.press('b');
    await page.getByLabel('Search', { exact: true }).fill(reel);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: new RegExp(`On the bench: ${reel}`) })).toBeVisible();
    await expect(page.getByRole('group', { name: 'Main line' }).getByLabel('Size')).toHaveValue(
      size === '' ? /^(?!.*0\.31)/ : size,
    );
  }
  // what is closed gives focus back to where it was
  const help = page.getByRole('button', { name: 'Shortcuts' });
  await help.click();
  await page.keyboard.press('Escape');
  await expect(help).toBeFocused();
  await page.getByRole('button', { name: 'Switch to dark' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-mantine-color-scheme', 'dark');
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-mantine-color-scheme', 'dark');
});

test('the longest names keep inside the page', async ({ page }) => {
  await page.goto('/locker');
  const name = 'Old harbour reel, the one with the bent handle and the new washers';
  await page
    .getByRole('region', { name: `${name}, only` })
    .getByRole('button', { name: 'Plan a fill' })
    .click();
  await expect(page.getByRole('button', { name: `On the bench: ${name}` })).toBeVisible();
  for (const width of [1280, 1024, 390]) {
    await page.setViewportSize({ width, height: 800 });
    await fits(page);
  }
});

test('nothing at an address is said, with a way back', async ({ page }) => {
  await page.goto('/nowhere');
  await expect(page.getByText('There is no page at this address')).toBeVisible();
  await page.getByRole('link', { name: 'Go to Plan' }).click();
  await expect(page).toHaveURL(/\/plan/);
});

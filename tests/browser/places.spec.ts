import { beyondTheEdge, expect, settled, test, undo } from './bench';

test('a reel is added, changed, put away, and each step taken back', async ({ page }) => {
  await page.goto('/locker');
  await page.getByRole('button', { name: 'Add a reel' }).click();
  const form = page.getByRole('form', { name: 'Add a reel' });
  await form.getByLabel('Name').fill('Test reel');
  await form.getByLabel('Maximum drag').fill('17.6lb');
  await form.getByLabel('Stamped on the spool').fill('0,30/150');
  await form.getByRole('button', { name: 'Add it' }).click();
  const entry = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Test reel' }) });
  await expect(entry).toContainText('drag to 8 kg');

  await entry.getByRole('button', { name: 'Edit' }).click();
  const edit = page.getByRole('form', { name: 'Edit Test reel' });
  await edit.getByLabel('Gear ratio').fill('fast');
  await edit.getByRole('button', { name: 'Save' }).click();
  await expect(edit).toContainText('"fast" cannot be read');
  await edit.getByLabel('Gear ratio').fill('5,2');
  await edit.getByRole('button', { name: 'Save' }).click();
  await expect(entry).toContainText('5,2 : 1');
  await undo(page, 'Test reel changed.');
  await expect(entry).not.toContainText('5,2 : 1');

  await entry.getByRole('button', { name: 'Put away' }).click();
  await expect(entry).toHaveCount(0);
  await page.locator('body').press('Control+z');
  await expect(entry).toHaveCount(1);

  // what is on it, before there was a record
  await entry.getByRole('button', { name: 'Say what is on it' }).click();
  await page.getByLabel('About how much').fill('90');
  await page.getByRole('button', { name: 'That is on it' }).click();
  await expect(entry).toContainText('90 m');
  await undo(page, 'Noted.');
  await expect(entry).toContainText('No line recorded on it.');
  await entry.getByRole('button', { name: 'Put away' }).click();
});

test('a figure sent with Enter keeps the unit of the angler', async ({ page }) => {
  await page.goto('/locker');
  await page.getByRole('button', { name: /At the bench: Orla Venn/ }).click();
  await page.getByRole('radio', { name: 'Tam Hesk' }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Add a rod' }).click();
  const form = page.getByRole('form', { name: 'Add a rod' });
  await form.getByLabel('Name').fill('Enter rod');
  await form.getByLabel('Line to').fill('12');
  await form.getByLabel('Line from').fill('6');
  await page.keyboard.press('Enter');
  const rod = page.getByRole('listitem').filter({ hasText: 'Enter rod' });
  await expect(rod).toContainText('line 6 lb to 12 lb');
  await rod.getByRole('button', { name: 'Put away' }).click();
  await expect(rod).toHaveCount(0);
  await undo(page, 'Enter rod put away.');
  await expect(rod).toHaveCount(1);
  await rod.getByRole('button', { name: 'Put away' }).click();
});

test('a second spool is added, measured and put away', async ({ page }) => {
  await page.goto('/locker');
  const entry = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Puddle 6' }) });
  await entry.getByRole('button', { name: 'Another spool' }).click();
  const spool = page.getByRole('region', { name: 'Puddle 6, Spool 2' });
  await expect(spool).toContainText('No line recorded on it.');
  await spool.getByRole('button', { name: 'Figures' }).click();
  const form = page.getByRole('form', { name: 'Figures of Spool 2' });
  await form.getByLabel('Lip, across').fill('40 mm');
  await form.getByLabel('Arbor, across').fill('52 mm');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form).toContainText('must be thinner than the lip');
  await form.getByLabel('Arbor, across').fill('28 mm');
  await form.getByLabel('Traverse').fill('3/8 in');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form).toHaveCount(0);
  await spool.getByRole('button', { name: 'Put spool away' }).click();
  await expect(spool).toHaveCount(0);
});

test('a filler of a new line is added, counted again and taken back', async ({ page }) => {
  await page.goto('/rack?add=filler');
  const form = page.getByRole('form', { name: 'Add a filler' });
  await form.getByLabel('Name of the line').fill('Zander string');
  await form.getByLabel('Thickness or strength').fill('20lb');
  await form.getByLabel('Length when new').fill('300 yd');
  await form.getByLabel('On it now').fill('400 yd');
  await form.getByRole('button', { name: 'Add it' }).click();
  await expect(form).toContainText('out of range');
  await form.getByLabel('On it now').fill('200 yd');
  await form.getByRole('button', { name: 'Add it' }).click();
  const entry = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Zander string' }) });
  await expect(entry).toContainText('183 m left of 274 m');
  await expect(entry).toContainText('nominal 0.23 mm');
  await entry.getByRole('button', { name: 'Count again' }).click();
  await page.getByRole('form', { name: /Count/ }).getByLabel('Left on it now').fill('120');
  await page.getByRole('button', { name: 'That is left' }).click();
  await expect(entry).toContainText('120 m left');
  await undo(page, 'Counted');
  await expect(entry).toContainText('183 m left');
  await entry.getByRole('button', { name: 'Put away' }).click();
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
  await expect(page.getByLabel('Stamped on the spool')).toHaveValue('12-110, 14-95');
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
  await page.getByRole('button', { name: 'Switch to the dim garage' }).click();
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
    expect(await beyondTheEdge(page)).toBeLessThanOrEqual(0);
  }
});

test('nothing at an address is said, with a way back', async ({ page }) => {
  await page.goto('/nowhere');
  await expect(page.getByText('There is nothing here')).toBeVisible();
  await page.getByRole('link', { name: 'To the plan' }).click();
  await expect(page).toHaveURL(/\/plan/);
});

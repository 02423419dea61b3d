import { expect, household, join, signIn, test } from './household';

// nothing here is looked at away from the server
test.use({ serviceWorkers: 'block' });

test('one keeps a household, invites another by a link, both see the same, and it is given up', async ({
  page,
  browser,
  request,
}) => {
  await join(page, household('club'), 'Ann');
  await page.getByRole('button', { name: /^At the bench: Ann/ }).click();
  await page.getByRole('link', { name: /club: people/ }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'club' })).toBeVisible();
  await page.getByLabel('Invite somebody').fill('not an address');
  await page.getByRole('button', { name: 'Make a link' }).click();
  await expect(page.getByText('That is no mail address')).toBeVisible();
  await expect(page.getByLabel('Invite somebody')).toHaveValue('not an address');
  await page.getByLabel('Invite somebody').fill('bo@example.org');
  await page.getByRole('button', { name: 'Make a link' }).click();
  const link = await page.getByLabel('Shown this once').inputValue();

  const other = await browser.newContext();
  const bo = await other.newPage();
  await join(bo, link, 'Bo');
  await bo.goto('/locker?add=reel');
  await bo.getByLabel('Name').first().fill('Bo’s reel');
  await bo
    .getByRole('button', { name: /^(Add|Keep|Save)/ })
    .first()
    .click();
  await expect(bo.locator('main')).toContainText('Bo’s reel');
  await page.goto('/locker');
  await expect(page.locator('main')).toContainText('Bo’s reel');
  // who does not keep the household invites nobody and gives nothing up
  await bo.goto('/account');
  await expect(bo.getByText('(you)')).toBeVisible();
  await expect(bo.getByLabel('Invite somebody')).toHaveCount(0);
  await expect(bo.getByText('Give the household up')).toHaveCount(0);

  await page.goto('/account');
  await page.getByRole('button', { name: 'Show Bo out' }).click();
  await page.getByRole('button', { name: 'Show out', exact: true }).click();
  await expect(page.getByText('Bo is shown out.')).toBeVisible();
  await bo.goto('/locker');
  await expect(bo).toHaveURL(/sign-in/);

  // a key, another password, and all of it given up with its document first
  await page.goto('/account');
  await page.getByLabel('What a new key is for').fill('the scale');
  await page.getByRole('button', { name: 'Make a key' }).click();
  const key = await page.getByLabel('Shown this once').inputValue();
  expect(
    (
      await request.get('/api/reels', { headers: { Authorization: `Bearer ${key}` }, ignoreHTTPSErrors: true } as never)
    ).status(),
  ).toBe(200);

  const phone = await other.newPage();
  await signIn(phone, 'club@example.org');
  await page.getByLabel('The one now').fill('wrong');
  await page.getByLabel(/^The new one/).fill('quite another one');
  await page.getByRole('button', { name: 'Change it' }).click();
  await expect(page.getByText('That is not your password.')).toBeVisible();
  await page.getByLabel('The one now').fill('a few words do');
  await page.getByRole('button', { name: 'Change it' }).click();
  await expect(page.getByText('Everywhere else you are signed out.')).toBeVisible();
  await phone.goto('/locker');
  await expect(phone).toHaveURL(/sign-in/);

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the document' }).click();
  expect((await download).suggestedFilename()).toBe('undro.json');
  await page.getByLabel(/^Type its name/).fill('clu');
  await page.getByLabel('Your password').fill('quite another one');
  await page.getByRole('button', { name: 'Give the household up' }).click();
  await expect(page.getByText('Type the name as it stands: club')).toBeVisible();
  await page.getByLabel(/^Type its name/).fill('club');
  await page.getByRole('button', { name: 'Give the household up' }).click();
  await page.waitForURL(/sign-in/);
  await page.getByLabel('Mail address').fill('club@example.org');
  await page.getByLabel('Password').fill('quite another one');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('alert')).toContainText('do not belong together');
  await expect(page.getByLabel('Mail address')).toHaveValue('club@example.org');
  await other.close();
});

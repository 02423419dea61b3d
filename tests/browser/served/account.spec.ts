import { expect, household, join, signIn, test } from './household';

// nothing here is looked at away from the server
test.use({ serviceWorkers: 'block' });

test('one keeps a household, invites another by a link, both see the same, and it is given up', async ({
  page,
  browser,
  request,
}) => {
  await join(page, household('club'), 'Ann');
  await page.getByRole('button', { name: /^Angler: Ann/ }).click();
  await page.getByRole('link', { name: /club: people/ }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'club' })).toBeVisible();
  await page.getByLabel('Invite somebody').fill('not an address');
  await page.getByRole('button', { name: 'Create link' }).click();
  await expect(page.getByText('This is not an email address')).toBeVisible();
  await expect(page.getByLabel('Invite somebody')).toHaveValue('not an address');
  await page.getByLabel('Invite somebody').fill('bo@example.org');
  await page.getByRole('button', { name: 'Create link' }).click();
  const link = await page.getByLabel('Shown only once').inputValue();

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
  await expect(bo.getByText('Delete the household')).toHaveCount(0);

  await page.goto('/account');
  await page.getByRole('button', { name: 'Remove Bo' }).click();
  await page.getByRole('button', { name: 'Remove', exact: true }).click();
  await expect(page.getByText('Bo removed from the household.')).toBeVisible();
  await bo.goto('/locker');
  await expect(bo).toHaveURL(/sign-in/);

  // a key, another password, and all of it given up with its document first
  await page.goto('/account');
  await page.getByLabel('Name of the new key').fill('the scale');
  await page.getByRole('button', { name: 'Create key' }).click();
  const key = await page.getByLabel('Shown only once').inputValue();
  expect(
    (
      await request.get('/api/reels', { headers: { Authorization: `Bearer ${key}` }, ignoreHTTPSErrors: true } as never)
    ).status(),
  ).toBe(200);

  const phone = await other.newPage();
  await signIn(phone, 'club@example.org');
  await page.getByLabel('Current password').fill('wrong');
  await page.getByLabel(/^New password/).fill('quite another one');
  await page.getByRole('button', { name: 'Change password' }).click();
  await expect(page.getByText('This is not your password.')).toBeVisible();
  await page.getByLabel('Current password').fill('a few words do');
  await page.getByRole('button', { name: 'Change password' }).click();
  await expect(page.getByText('You are signed out everywhere else.')).toBeVisible();
  await phone.goto('/locker');
  await expect(phone).toHaveURL(/sign-in/);

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the export' }).click();
  expect((await download).suggestedFilename()).toBe('undro.json');
  await page.getByLabel(/^Type the household/).fill('clu');
  await page.getByLabel('Your password').fill('quite another one');
  await page.getByRole('button', { name: 'Delete the household' }).click();
  await expect(page.getByText('Type the household’s name exactly: club')).toBeVisible();
  await page.getByLabel(/^Type the household/).fill('club');
  await page.getByRole('button', { name: 'Delete the household' }).click();
  await page.waitForURL(/sign-in/);
  await page.getByLabel('Email').fill('club@example.org');
  await page.getByLabel('Password').fill('quite another one');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('alert')).toContainText('Wrong email address or password');
  await expect(page.getByLabel('Email')).toHaveValue('club@example.org');
  await other.close();
});

import { expect, figure, line, settled, stamp, test } from './bench';

test.beforeEach(async ({ page }) => {
  await page.goto('/plan?new=1');
  await stamp(page).fill('0.25/200');
  await line(page, 'Main line').getByLabel('Size').fill('0.16');
  await expect(figure(page)).toContainText('±');
});

test('letters in a number are named at their field, and the last picture stays', async ({ page }) => {
  const good = await figure(page).textContent();
  await page.getByLabel('Lip').first().fill('wide');
  await expect(page.getByRole('alert')).toContainText('"wide" can’t be read');
  await expect(page.getByLabel('Lip').first()).toHaveAttribute('aria-invalid', 'true');
  await expect(page.getByLabel('Lip').first()).toHaveValue('wide');
  await expect(figure(page)).toHaveText(good ?? '');
  await page.getByLabel('Lip').first().fill('46');
  await expect(page.getByRole('alert')).toHaveCount(0);
});

test('an arbor larger than the lip', async ({ page }) => {
  await page.getByLabel('Lip').first().fill('40');
  await page.getByLabel('Arbor diameter', { exact: true }).fill('46');
  await expect(page.getByRole('alert')).toContainText('Arbor (46.0 mm) must be smaller than the lip (40.0 mm)');
});

test('a stamp that contradicts the calipers says what would fit', async ({ page }) => {
  await page.getByLabel('Lip').first().fill('46');
  await page.getByLabel('Arbor diameter', { exact: true }).fill('31');
  await page.getByLabel('Spool width').fill('50');
  await expect(page.getByRole('alert')).toContainText(/contradict each other.*width of 17\.\d+ mm/);
});

test('a million metres', async ({ page }) => {
  await line(page, 'Main line').getByLabel('Length').fill('1000000');
  await expect(page.getByRole('alert')).toContainText('1000000 m is out of range. Type a value from 0 m to 20000 m');
  await line(page, 'Main line').getByLabel('Length').fill('900');
  await expect(page.getByText(/Stop\. There is no room for backing: the main line is \d+ m too long/)).toBeVisible();
  await expect(figure(page)).toContainText('none');
});

test('an emoji', async ({ page }) => {
  await stamp(page).fill('🎣');
  await expect(page.getByRole('alert').first()).toContainText('“🎣” can’t be read');
  await line(page, 'Backing').getByLabel('Size').fill('🧵');
  await stamp(page).fill('0.25/200');
  await expect(page.getByRole('alert').first()).toContainText('“🧵” can’t be read');
});

test('an empty form asks for the next thing, and a very long text is cut, not lost', async ({ page }) => {
  await stamp(page).fill('');
  await expect(page.getByText('Type the capacity as printed on the spool.')).toBeVisible();
  await line(page, 'Main line').getByLabel('Size').fill('');
  await expect(page.getByText('Everything else is optional.')).toBeVisible();
  await stamp(page).fill('0.25/200 '.repeat(60));
  await expect(stamp(page)).toHaveValue(/^(0\.25\/200 )+/);
});

test('no answer from the server is said, and what was typed is kept', async ({ page }) => {
  await page.route('**/api/compute/**', (route) => route.abort());
  await stamp(page).fill('0.30/150');
  await expect(page.getByRole('alert')).toContainText('Undro doesn’t answer');
  await page.unroute('**/api/compute/**');
  await stamp(page).fill('0.30/151');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await settled(page);
});

import { expect, figure, line, settled, test } from './bench';

const nylon = (reel: number, spool: number) =>
  `/plan?reel=${reel}&spool=${spool}&mainMaterial=mono&mainSize=0.30+mm&mainLength=60+m&open=level&way=main_only`;

test('each kind of reel is drawn as it is, with its own rule for full', async ({ page }) => {
  const section = page.getByRole('group', { name: /^Section of the spool/ });
  for (const [name, kind, housing, why] of [
    ['Pocket Lantern', 'spincast', 'nose cone and pin', /line must clear the nose cone|your preference/],
    ['Bight 300', 'baitcasting', 'level-wind', /a rotating spool needs room at the rim|your preference/],
    ['Longshore 80', 'spinning', null, /lip|bevel|your preference/],
  ] as const) {
    await page.goto('/locker');
    await page
      .getByRole('region', { name: new RegExp(`^${name}`) })
      .first()
      .getByRole('button', { name: 'Plan a fill' })
      .click();
    await page.getByLabel('Main line from the rack').selectOption({ label: 'Shingle nylon 0.35 (202 m left)' });
    await line(page, 'Main line').getByLabel('Length').fill('40 m');
    await settled(page);
    await expect(page.getByRole('radio', { name: kind, exact: true })).toBeChecked();
    await expect(page.getByText(why).first()).toBeVisible();
    for (const word of ['nose cone and pin', 'level-wind']) {
      await expect(section.getByText(word)).toHaveCount(word === housing ? 1 : 0);
    }
  }
});

test('a vee and a cone are drawn whole, a poor lay with its hump', async ({ page }) => {
  const layer = page.locator('[aria-label^="Section of the spool"] g[clip-path] > g path').first();
  const corners = async () => ((await layer.getAttribute('d')) ?? '').split('L').length;
  await page.goto(nylon(3, 4));
  await settled(page);
  await expect(page.getByText('middle cut out')).toHaveCount(0);
  const flat = await corners();
  await page.getByRole('button', { name: 'Gear, lip, lay, taper' }).click();
  await page.getByLabel('Lays line').selectOption('coarse');
  await settled(page);
  await expect(page.getByText(/\+0.75 mm: .*laid/)).toBeVisible();
  await expect.poll(corners).toBeGreaterThan(flat + 20);
  await page.goto(nylon(5, 6));
  await settled(page);
  await expect(page.getByText('middle cut out')).toHaveCount(0);
  await expect(page.locator('[data-kind="baitcasting"]')).toHaveCount(0);
  await page.getByLabel('Arbor grips braid (strip, pin or hole)').check();
  await expect(page.locator('[data-kind="baitcasting"]')).toBeVisible();
});

test('on a phone the words under the spool do not cover each other', async ({ page }) => {
  for (const [width, rear] of [
    [390, 0],
    [1280, 1],
  ] as const) {
    await page.setViewportSize({ width, height: 800 });
    await page.goto('/plan/1');
    await settled(page);
    await expect(page.getByText('front lip · middle cut out')).toBeVisible();
    await expect(page.getByText('rear flange')).toHaveCount(rear);
  }
});

test('the gap is read in mm, in fractions of an inch and beside an everyday thing', async ({ page }) => {
  await page.goto('/plan/1');
  await settled(page);
  await expect(page.getByText('1.60 mm, 1/16 in: about two bank cards, shown at the lip')).toBeVisible();
  const gap = page.getByLabel('Full level, below the lip');
  await gap.fill('2.1');
  await expect(page.getByText('2.10 mm, 5/64 in: about a match, shown at the lip')).toBeVisible();
  await gap.fill('1/8 in');
  await expect(page.getByText('3.17 mm, 1/8 in: about four bank cards, shown at the lip')).toBeVisible();
  await gap.fill('0');
  await expect(page.getByText('0.00 mm, 0 in', { exact: true })).toBeVisible();
});

test('old line off another spool is taken as backing, and said where it is too short', async ({ page }) => {
  await page.goto('/plan/1');
  await settled(page);
  const under = page.getByLabel('Backing from the rack');
  await under.selectOption({ label: 'Plain Tarn nylon 0.26, 108 m off Tarn 20, standard' });
  await expect(line(page, 'Backing').getByLabel('Size')).toHaveValue('0.26 mm');
  await expect(page.getByLabel('Backed with')).toHaveValue('old_line');
  await expect(page.getByText(/Old line is fine as backing/)).toBeVisible();
  await expect(page.getByText(/There is 108 m of old line, which is \d+ m short for the backing/)).toBeVisible();
  await expect(figure(page)).toContainText('m');
  await under.selectOption({ label: 'Seaglass fluoro 0.28 (72 m left)' });
  await expect(page.getByLabel('Backed with')).toHaveValue('');
  await expect(page.getByText(/The filler spool has 72 m, which/)).toBeVisible();
  await under.selectOption({ label: 'Plain Tarn nylon 0.26, 108 m off Tarn 20, standard' });
  // typed over, it is another line that comes off nothing
  await line(page, 'Backing').getByLabel('Size').fill('0.30');
  await expect(page.getByText(/of old line, which/)).toHaveCount(0);
  await expect(page).toHaveURL(/backingSize=0\.30/);
  await page.reload();
  await expect(line(page, 'Backing').getByLabel('Size')).toHaveValue('0.30');
});

test('the bench day and the bench sheet print whole, and nothing that is only for the screen', async ({ page }) => {
  await page.goto('/day?spools=1,3,4,5');
  await expect(page.getByRole('heading', { name: 'Order of work' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Print' })).toBeVisible();
  const pages = async () =>
    (await page.pdf({ format: 'A4', preferCSSPageSize: true })).toString('latin1').match(/\/Type\s*\/Page[^s]/g)
      ?.length;
  expect(await pages()).toBeLessThanOrEqual(2);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByText('Spools and jobs')).toBeHidden();
  await expect(page.getByRole('button')).toHaveCount(0);
  await expect(page.getByText('List what the shop has')).toBeHidden();
  await page.emulateMedia({ media: 'screen' });
  await page.goto('/sheet/1');
  await expect(page.getByRole('article', { name: 'Bench sheet' })).toBeVisible();
  expect(await pages()).toBe(1);
  // what was drawn for the screen takes the paper's width at once: nobody draws it anew for the printer
  const tape = page.locator('[data-drawing="tape"] svg');
  await expect(tape).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  const width = await tape.evaluate((svg) => {
    if (svg.parentElement) svg.parentElement.style.width = '300px';
    return svg.getBoundingClientRect().width;
  });
  expect(width).toBeCloseTo(300, 0);
});

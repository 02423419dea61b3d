import { expect, figure, line, mark, read, settled, test, undo } from './bench';

const todo = (page: import('@playwright/test').Page, id: string) => page.getByTestId(`todo-${id}`);

test('every way stands beside the others, and a sleeve changes the arbor', async ({ page }) => {
  await page.goto('/plan/1');
  await settled(page);
  const ways = page.getByRole('region', { name: 'Methods compared' });
  await expect(ways.getByRole('listitem', { name: 'main line only' })).toContainText('521 m');
  // backing lies on it already, and is young enough to stay
  await expect(ways.getByRole('listitem', { name: 'replace the main line, keep the backing' })).toContainText(
    'recommended',
  );
  await expect(ways.getByRole('listitem', { name: 'fill and reverse' })).toContainText('3 passes');
  await ways.getByLabel('I have a second spool like it').check();
  await expect(ways.getByRole('listitem', { name: 'fill and reverse' })).toContainText('2 passes');

  await ways.getByRole('button', { name: 'Use this method: a sleeve on the arbor' }).click();
  await expect(page.getByRole('heading', { name: 'The line will end' })).toBeVisible();
  await expect(todo(page, 'build')).toContainText('39.9 mm');
  await expect(figure(page)).toContainText('1.6 mm');
  // a thicker sleeve leaves less room, so the line ends nearer the lip
  await page.getByLabel('Sleeve diameter').fill('41');
  await expect(page.getByText(/above the full level/).first()).toBeVisible();
  await page.getByLabel('Sleeve diameter').fill('30');
  await expect(page.getByText('A sleeve must be larger than the arbor it goes on').first()).toBeVisible();

  await page.getByLabel('Under the main line').selectOption({ label: 'Nothing' });
  await expect(page.getByRole('heading', { name: 'Room for this much main line' })).toBeVisible();
  await expect(page.getByText(/Slick braid can spin round a bare arbor/).first()).toBeVisible();
  await page.getByLabel('Arbor grips braid (strip, pin or hole)').check();
  await expect(page.getByRole('list').getByText(/Mind\..*Slick braid/)).toHaveCount(0);
});

test('the slider moves the main line, everything follows, and nothing jumps', async ({ page }) => {
  await page.goto('/plan/1');
  await settled(page);
  const slider = page.getByRole('slider', { name: 'More or less main line' });
  const parts = [figure(page), slider, page.getByLabel('Arbor diameter', { exact: true }), mark(page, 'full')];
  const places = () => Promise.all(parts.map((part) => part.boundingBox()));
  const [before, stood] = [await read(page), await places()];
  await slider.focus();
  for (let presses = 0; presses < 25; presses++) {
    await page.keyboard.press('ArrowRight');
    // the box of the figure may grow by a digit; where it stands may not change
    (await places()).forEach((place, index) => {
      expect(place?.y).toBe(stood[index]?.y);
      expect(place?.x).toBe(stood[index]?.x);
    });
  }
  await expect(line(page, 'Main line').getByLabel('Length')).toHaveValue('175 m');
  await settled(page);
  await expect.poll(async () => (await read(page)).value).toBeLessThan(before.value);
  await expect(todo(page, 'cost')).toBeVisible();
  (await places()).forEach((place, index) => {
    expect(place?.y).toBe(stood[index]?.y);
  });
});

test('all of a filler, a filler shared with another reel, and a length by casts', async ({ page }) => {
  await page.goto('/plan/1');
  await settled(page);
  const by = page.getByLabel('What sets the main line');
  await page.getByLabel('Main line from the rack').selectOption({ label: 'Gannet Weave 2 (120 m left)' });
  await by.selectOption({ label: 'the whole filler spool' });
  await expect(line(page, 'Main line').getByLabel('Length')).toHaveValue('120 m');
  await by.selectOption({ label: 'a shared filler spool' });
  await expect(line(page, 'Main line').getByLabel('Length')).toHaveValue('60 m');
  await page.getByLabel('Other reel').selectOption({ label: 'Tarn 20, standard' });
  await expect(page.getByTestId('other-reel')).toContainText(/Tarn 20: .* of backing under 60 m/);
  await by.selectOption({ label: 'casts and a run' });
  await page.getByLabel('Longest cast').fill('55');
  await page.getByLabel('Run of the fish').fill('40');
  await expect(line(page, 'Main line').getByLabel('Length')).toHaveValue('150 m');
});

test('the line is held against reel and rod', async ({ page }) => {
  await page.goto('/plan/1');
  await settled(page);
  await page.locator('label').filter({ hasText: 'Suits' }).click();
  await page.getByLabel('Rod', { exact: true }).selectOption({ label: 'Kelpstick 8' });
  await expect(page.getByText(/Fits: reel\./)).toBeVisible();
  await expect(page.getByText(/Note: rod\..*the rod can break first/)).toBeVisible();
  await line(page, 'Main line').getByLabel('Size').fill('15 lb');
  await expect(page.getByText(/Fits: rod\./)).toBeVisible();
  await line(page, 'Main line').getByLabel('Size').fill('50 lb');
  await expect(page.getByText(/Heavy: reel\./)).toBeVisible();
});

test('what a shop is to be asked for, and what to check afterwards', async ({ page }) => {
  await page.goto('/plan/1');
  await settled(page);
  const backing = Math.round((await read(page)).value);
  await page.locator('label').filter({ hasText: 'Winding' }).click();
  await page.getByText('If a shop winds it').click();
  await expect(
    page.getByText(`Ask for ${backing} m of 0.30 mm mono as backing, then 150 m of 0.16 mm braid`),
  ).toBeVisible();
  await expect(page.getByText('to 1.6 mm below the lip')).toBeVisible();
});

test('a wrap test in the plan makes the band narrower, a vague one is refused', async ({ page }) => {
  await page.goto('/plan/1');
  await settled(page);
  const before = await read(page);
  await line(page, 'Main line').getByRole('button', { name: 'Measure line diameter' }).click();
  const help = page.getByRole('dialog', { name: 'How thick is the main line?' });
  await help.getByLabel('Number of wraps').fill('20');
  await help.getByLabel('Width of the wraps').fill('3');
  await expect(help).toContainText('3.0 mm of wraps tells less than the label');
  await expect(help.getByRole('button', { name: 'Use this diameter' })).toBeDisabled();
  await help.getByLabel('Number of wraps').fill('75');
  await help.getByLabel('Width of the wraps').fill('12');
  await expect(help.getByTestId('measured')).toContainText('0.160 ± 0.007 mm, by a wrap test');
  await help.getByRole('button', { name: 'Use this diameter' }).click();
  await expect(line(page, 'Main line')).toContainText('as measured');
  await expect.poll(async () => (await read(page)).half).toBeLessThan(before.half);
});

test('a filler is counted by the kitchen scale, and taken back after a reload', async ({ page }) => {
  await page.goto('/rack');
  // what runs out comes above the fillers and moves them down
  await expect(page.getByText(/^Running out: /)).toBeVisible();
  const entry = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Halfway hybrid 0.30' }) });
  await entry.getByRole('button', { name: 'Update length' }).click();
  await entry.getByRole('button', { name: 'Weigh it' }).click();
  const help = page.getByRole('dialog', { name: /How much Halfway hybrid/ });
  await help.getByLabel('Weight now').fill('70');
  await help.getByLabel('Weight when full').fill('90');
  await expect(help.getByTestId('measured')).toContainText(/90 ± \d+ m/);
  await help.getByLabel('Weight when empty').fill('50 g');
  await expect(help.getByTestId('measured')).toContainText(/150 ± [\d.]+ m/);
  await help.getByRole('button', { name: 'Save this length' }).click();
  await expect(entry).toContainText(/150 ± [\d.]+ m left/);
  await page.reload();
  await page.getByRole('button', { name: /^Recent changes/ }).click();
  const log = page.getByRole('dialog', { name: /^Recent changes/ });
  await expect(log).toContainText('by the kitchen scale: 70.0 g now');
  await log.getByRole('button', { name: /Undo: Counted 150 ± [\d.]+ m Halfway hybrid 0.30/ }).click();
  await expect(entry).toContainText('240 m left');
});

test('a spool by caliper and by a strip of paper', async ({ page }) => {
  await page.goto('/plan/1');
  await settled(page);
  await page.getByRole('button', { name: 'Measure the spool' }).click();
  const help = page.getByRole('dialog', { name: 'Measure the spool' });
  await help.getByLabel('First reading', { exact: true }).fill('46.3');
  await help.getByLabel('Second reading', { exact: true }).fill('49');
  await expect(help.getByText(/The readings are 2.7 mm apart/)).toBeVisible();
  await help.getByLabel('Second reading', { exact: true }).fill('46.1');
  await expect(help.getByTestId('measured')).toContainText('46.2 ± 0.2 mm, by a caliper');
  await help.getByRole('button', { name: 'Use as lip diameter' }).click();
  await help.locator('label').filter({ hasText: 'strip of paper' }).click();
  await expect(help.getByRole('button', { name: 'Use as spool width' })).toHaveCount(0);
  await help.getByLabel('Length to the mark').fill('100.5');
  await help.getByRole('button', { name: 'Use as arbor diameter', exact: true }).click();
  await expect(page.getByLabel('Arbor diameter', { exact: true })).toHaveValue('32.0 mm');
  await expect(page.getByRole('button', { name: /Save these figures/ })).toBeVisible();
});

test('a habit drives every plan, and a plan says where it departs from it', async ({ page }) => {
  await page.goto('/preferences');
  // Tam's habits: other tests read Orla's at the same time
  await page.getByRole('button', { name: /^Angler:/ }).click();
  await page.getByRole('radio', { name: 'Tam Hesk' }).click();
  await page.keyboard.press('Escape');
  const backing = page.getByRole('radiogroup', { name: 'Do you put backing under braid?' });
  await expect(backing.getByRole('radio', { name: /always some mono/ })).toBeChecked();
  await backing.getByRole('radio', { name: /a little, for grip/ }).check();
  await expect(page.getByText(/Saved for Tam Hesk: a little, for grip/)).toBeVisible();

  await page.goto('/plan/1');
  await settled(page);
  await expect(page.getByText('This differs from your preference for braid: a little, for grip.')).toBeVisible();
  const ways = page.getByRole('region', { name: 'Methods compared' });
  await expect(ways.getByRole('listitem', { name: 'a little backing for grip' })).toBeVisible();

  await page.goto('/preferences');
  await page
    .getByRole('radiogroup', { name: 'Do you put backing under braid?' })
    .getByRole('radio', { name: /always some/ })
    .check();
  await undo(page, /always some mono/);
  await expect(
    page
      .getByRole('radiogroup', { name: 'Do you put backing under braid?' })
      .getByRole('radio', { name: /a little, for grip/ }),
  ).toBeChecked();
  await page
    .getByRole('radiogroup', { name: 'Do you put backing under braid?' })
    .getByRole('radio', { name: /always some/ })
    .check();
});

test('which line, from how one fishes, with what the rack holds', async ({ page }) => {
  await page.goto('/rack?which=1');
  const which = page.getByRole('region', { name: 'Choose a line' });
  await expect(which).toContainText('Type the weight of the fish you hope for');
  await which.getByLabel('Target fish weight').fill('13');
  await expect(which.getByTestId('choice')).toHaveText('6.8 kg mono');
  await expect(which.getByText('in about 3 runs of 100 m')).toBeVisible();
  await which.getByLabel('Room for a run').fill('20 m');
  await expect(which.getByText('too little room or line')).toBeVisible();
  await which.getByLabel('Room for a run').fill('');
  await expect(which.getByText('Shingle nylon 0.35')).toBeVisible();
  await which.getByLabel('Snags within reach').selectOption('many');
  await which.getByLabel('Target fish weight').fill('60');
  await expect(which.getByText('nobody holds more for long')).toBeVisible();
  await which.getByLabel('How you hold the rod').selectOption('harness');
  await expect(which.getByText('nobody holds more for long')).toHaveCount(0);
  await which.getByLabel('Snags within reach').selectOption('');
  await which.getByLabel('Target fish weight').fill('3');
  await which.getByLabel('How you fish').selectOption({ label: 'distance over sand or shingle' });
  await which.getByLabel('Lure or sinker weight').fill('4 oz');
  await expect(which).toContainText('a casting leader of');
  await which.getByLabel('Target fish weight').fill('big');
  await expect(which).toContainText('"big" can’t be read');
});

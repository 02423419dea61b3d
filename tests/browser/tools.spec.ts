import { readFile } from 'node:fs/promises';
import { BENCH_URL, expect, onwards, test } from './bench';

// what changes something here touches no reel that a run is wound on
test.use({ baseURL: BENCH_URL });

test('a knot steps with the arrow keys, every move is drawn, and own pull tests replace the range', async ({
  page,
}) => {
  await page.goto('/knots?knot=double_uni');
  const move = page.getByTestId('move');
  await expect(move).toContainText('Overlap the two lines');
  const drawing = page.getByRole('img', { name: /^Move/ });
  const first = await drawing.innerHTML();
  await page.keyboard.press('ArrowRight');
  await expect(move).toContainText('fold a loop back');
  expect(await drawing.innerHTML()).not.toBe(first);
  // both lines lead on
  await expect(drawing.locator('.break')).toHaveCount(4);
  await page.keyboard.press('ArrowLeft');
  await expect(move).toContainText('Overlap');
  await page.keyboard.press('ArrowLeft');
  await expect(move).toContainText('Overlap');

  const ranked = page.getByRole('region', { name: 'Which knot' }).getByRole('listitem');
  await expect(ranked.first()).toContainText('FG');
  await expect(ranked.filter({ hasText: 'blood knot' })).toContainText('does not fit');
  await page.getByLabel('cold hands').check();
  await expect(ranked.first()).not.toContainText('FG');
  await page.getByLabel('Kept in my own pull tests: double uni').fill('97 %');
  await page.getByLabel('Kept in my own pull tests: double uni').press('Tab');
  await expect(ranked.filter({ hasText: 'double uni' })).toContainText('kept 97 % in your tests');
  await page.reload();
  await expect(ranked.filter({ hasText: 'double uni' })).toContainText('kept 97 % in your tests');
  await page.getByLabel('Kept in my own pull tests: double uni').fill('940');
  await page.getByLabel('Kept in my own pull tests: double uni').press('Tab');
  await expect(page.getByText(/between 0 and 1/)).toBeVisible();
  await page.getByLabel('Kept in my own pull tests: double uni').fill('');
  await page.getByLabel('Kept in my own pull tests: double uni').press('Tab');
  await expect(ranked.filter({ hasText: 'double uni' })).toContainText('75 % to 85 %');
});

test('all eleven knots are drawn, move by move, and found from the search', async ({ page }) => {
  test.slow();
  await page.goto('/knots?all=1');
  const list = page.getByRole('navigation', { name: 'Knots', exact: true }).getByRole('button');
  await expect(list).toHaveCount(11);
  const names = await list.allTextContents();
  for (const name of names) {
    await page
      .getByRole('navigation', { name: 'Knots', exact: true })
      .getByRole('button', { name, exact: true })
      .click();
    await expect(page.getByRole('heading', { name, level: 2, exact: true })).toBeVisible();
    await expect(page.getByRole('img', { name: /^Move 4/ })).toBeVisible();
  }
  await page.keyboard.press('Control+k');
  await page.getByLabel('Search', { exact: true }).fill('tie the Alb');
  await page.getByRole('button', { name: 'How to tie the Albright' }).click();
  await expect(page.getByRole('heading', { name: 'Albright', level: 2 })).toBeVisible();
});

test('where the leader join sits, and the longest that works', async ({ page }) => {
  await page.goto('/knots');
  const seat = page.getByRole('region', { name: 'Where the leader join sits' });
  await seat.getByLabel('Leader', { exact: true }).fill('50 cm');
  await expect(seat.getByTestId('leader-seat')).toContainText('outside the tip');
  await seat.getByLabel('Leader', { exact: true }).fill('2');
  await expect(seat.getByTestId('leader-seat')).toContainText('in the guides');
  await seat.getByLabel('Leader', { exact: true }).fill('3 m');
  await expect(seat.getByTestId('leader-seat')).toContainText('Cut the leader to 2.6 m or less');
});

test('a casting leader: heavy lead asks for turns on the spool, and a short leader is refused with the reason', async ({
  page,
}) => {
  await page.goto('/knots');
  const seat = page.getByRole('region', { name: 'Where the leader join sits' });
  const says = seat.getByTestId('leader-seat');
  await seat.getByLabel('Leader', { exact: true }).fill('1.5 m');
  await seat.getByLabel('Tip to spool', { exact: true }).fill('3.6 m');
  await seat.getByLabel('Lure or lead').fill('4 oz');
  await expect(says).toHaveAttribute('data-sound', 'true');
  await seat.getByLabel('Thrown').selectOption('with force');
  await expect(says).toContainText('Do not throw this');
  await expect(says).toHaveAttribute('data-sound', 'false');
  const cut = /cut it to ([\d.]+) m/.exec((await says.textContent()) ?? '')?.[1] ?? '';
  await seat.getByLabel('Leader', { exact: true }).fill(`${cut} m`);
  await expect(says).toContainText('turns lie on the spool, so the leader takes the cast');
  await expect(seat.getByRole('img', { name: /turns of the leader/ })).toBeVisible();
  await seat.getByLabel('Main line').fill('50 kg');
  await expect(says).toContainText('catch in the coils');
});

test('the twist lab follows what is turned', async ({ page }) => {
  await page.goto('/twist');
  const out = page.getByTestId('lab-out');
  await expect(page.getByTestId('lab-says')).toContainText('hangs straight');
  await page.getByText('line the other way').click();
  await expect(page.getByTestId('lab-says')).toContainText('springs into loops');
  await page.getByText('on an axle', { exact: true }).click();
  await page.getByLabel('It was cast').check();
  await expect(out).toHaveText('0');
  await page.getByLabel('Handle turns against a slipping drag').fill('60');
  await expect(out).toHaveText('−10.4');
  await page.getByLabel('Then trailed bare').check();
  await expect(out).toHaveText('0');
  await expect(page).toHaveURL(/trailed=yes/);
  await page.reload();
  await expect(page.getByLabel('Handle turns against a slipping drag')).toHaveValue('60');
  await page.getByLabel('Line out').fill('none');
  await expect(page.getByRole('alert')).toContainText('cannot be read');
  await page.getByLabel('Line', { exact: true }).selectOption('braid');
  await page.getByLabel('Line out').fill('30');
  await expect(page.getByTestId('lab-says')).toContainText('Braid is not elastic');
});

test('labels: those that are wanted, as one sheet without pixels and as SVG of their size', async ({ page }) => {
  await page.goto('/labels');
  const labels = page.getByRole('list', { name: 'The sheet' }).getByRole('img');
  await labels.first().waitFor();
  const all = await labels.count();
  expect(all).toBeGreaterThan(5);
  await page.getByRole('checkbox', { name: 'Longshore 80' }).uncheck();
  await expect(labels).toHaveCount(all - 1);
  const named = page.getByRole('img', { name: /^Label: Tarn 20/ });
  await expect(named).toBeVisible();
  await page.goto('/labels?spools=4');
  await expect(labels).toHaveCount(1);
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'As SVG, one each' }).click();
  const file = await (await saving).path();
  const svg = await readFile(file, 'utf8');
  expect(svg).toContain('width="50mm"');
  expect(svg).toContain('Longshore 80');
  expect(svg).not.toContain('class=');
  const pdf = await page.pdf({ preferCSSPageSize: true });
  expect(pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
  expect(pdf.toString('latin1')).not.toContain('/Subtype /Image');
});

test('paper tools come out at their size, and a reading by the strip is corrected by what the bar measures', async ({
  page,
}) => {
  await page.goto('/plan/1');
  await page.getByRole('button', { name: 'How to measure it' }).click();
  const help = page.getByRole('dialog', { name: 'Measure the spool' });
  await help.getByText('printed strip', { exact: true }).click();
  await help.getByLabel('It reads').fill('31');
  const wide = page.getByTestId('measured');
  await expect(wide).toHaveText('31.0 ± 1.1 mm, by the printed strip');
  await help.getByLabel(/bar measures/).fill('30');
  await expect(help).toContainText('is to be 100');
  await help.getByLabel(/bar measures/).fill('98');
  await expect(wide).toHaveText('30.4 ± 0.4 mm, by the printed strip');
  await help.getByRole('button', { name: 'That is the arbor', exact: true }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByLabel('Arbor', { exact: true })).toHaveValue('30.4 mm');
  await page.goto('/paper');
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'As SVG, at its size' }).click(),
  ]);
  const svg = await readFile(await file.path(), 'utf8');
  // one unit of the file is one millimetre on paper
  expect(svg).toContain('viewBox="-1 -1 188 248" width="188mm" height="248mm"');
  const box = await page.getByRole('img', { name: /^Paper tools/ }).boundingBox();
  expect(box?.width).toBeCloseTo((188 * 96) / 25.4, 0);
});

test('line off a spool outside of a run: cut back, refused, turned over, taken back', async ({ page }) => {
  await page.goto('/locker');
  const spool = page.getByRole('region', { name: /^Old harbour reel/ });
  await spool.getByRole('button', { name: 'Line off it' }).click();
  const way = (name: string) => spool.getByRole('listitem').filter({ hasText: name });
  await expect(way('All of it off')).toContainText('270 m come off');
  await expect(way('Turn the main line end for end')).toContainText('3 windings');
  await expect(way('Turn the main line end for end')).toContainText(
    '150 m backing and 120 m main line stay · the join takes 0.5 m',
  );
  await spool.getByLabel(/^Worn at the outer end/).fill('900');
  await expect(spool.getByText(/900 m cannot come off/)).toBeVisible();
  await spool.getByLabel(/^Worn at the outer end/).fill('20');
  await expect(way('Cut the worn end back')).toContainText('20 m come off · 150 m backing and 100 m main line stay');
  await way('Cut the worn end back').getByRole('button', { name: 'It is done' }).click();
  await expect(spool).toContainText('100 m Kelp Rope 30');
  await page.keyboard.press('Control+z');
  await expect(spool).toContainText('120 m Kelp Rope 30');
});

test('a phone on the network comes in with the code, over plain http, and counts in the same run', async ({
  page,
  browser,
}) => {
  const [address] = (process.env.UNDRO_ADDRESSES ?? '').split(' ');
  test.skip(!address, 'this computer is on no network');
  await page.goto('/plan/1');
  await page.getByRole('button', { name: 'Practise it first' }).click();
  await onwards(page);
  const run = new URL(page.url()).pathname;
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 780 } })).newPage();
  const there = `http://${address}:${new URL(BENCH_URL).port}`;
  await phone.goto(`${there}${run}`);
  await expect(phone).toHaveURL(`${there}/pair`);
  await expect(phone.getByRole('heading', { name: 'Let this device in' })).toBeVisible();
  await phone.getByLabel(/^The code/).fill('WRONG234');
  await phone.getByRole('button', { name: 'Let it in' }).click();
  await expect(phone.getByRole('alert')).toContainText('not the code');

  await page.goto('/wind');
  await expect(page.getByRole('img', { name: /^QR code/ })).toBeVisible();
  await phone.getByLabel(/^The code/).fill((await page.getByTestId('pairing-code').textContent()) ?? '');
  await phone.getByRole('button', { name: 'Let it in' }).click();
  await expect(phone).toHaveURL(`${there}/wind`);
  await expect(phone.getByTestId('pairing-code')).toHaveCount(0);
  await phone.goto(`${there}${run}`);
  await expect(phone.getByText(/cannot keep the screen awake without https/)).toBeVisible();
  await onwards(phone);
  await page.goto(run);
  await expect(page.getByTestId('run')).toHaveAttribute('data-current', 'soak.0');

  // shut out again, on the computer
  await page.goto('/wind');
  await page.getByRole('button', { name: /^Shut/ }).first().click();
  await expect(page.getByRole('button', { name: /^Shut/ })).toHaveCount(0);
  await phone.reload();
  await expect(phone).toHaveURL(`${there}/pair`);
});

test('when something is wrong: found by search, the likeliest of this spool first, its action followed, and written down', async ({
  page,
}) => {
  await page.goto('/locker');
  await page.evaluate(async () => {
    const reels = await (await fetch('/api/reels', { headers: { Accept: 'application/json' } })).json();
    const found = reels.find((each: { name: string }) => each.name === 'Skerry 30');
    localStorage.setItem('undro-bench', JSON.stringify({ reel: found.id, spool: found.spools[0].id }));
  });
  await page.goto('/locker');
  await page.getByRole('heading', { level: 1 }).waitFor();
  await page.keyboard.press('Control+k');
  await page.getByLabel('Search', { exact: true }).fill('digs in');
  await page.getByRole('button', { name: 'Trouble: line digs in, and snaps on the next cast' }).click();
  const first = page.getByRole('region', { name: 'Where it comes from' }).getByRole('listitem').first();
  await expect(first).toContainText('Thin line lies on thick coils');
  await expect(first).toContainText('Likely here: The backing is');
  await first.getByRole('button', { name: 'It was that: write it down' }).click();
  await expect(page.getByText('Written down: it stands in the log of this spool.')).toBeVisible();
  await first.getByRole('link', { name: 'Plan and wind it again' }).click();
  await page.waitForURL(/plan/);
  await page.goto('/log');
  await expect(
    page.getByText('line digs in, and snaps on the next cast: Thin line lies on thick coils').first(),
  ).toBeVisible();
});

test('a lesson is played to its end, told beside what Undro would have done, noted where one says so, and forgotten', async ({
  page,
}) => {
  await page.goto('/practice');
  await page.getByRole('link', { name: 'Tell memory from twist' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Tell memory from twist' })).toBeFocused();
  const button = (name: string | RegExp) => page.getByRole('button', { name });
  for (const line of [1, 2, 3, 4]) {
    await expect(page.getByText(`Line ${line} of 4`)).toBeVisible();
    if (line > 1) {
      await button('Let a metre hang from the tip').click();
      await expect(page.getByRole('img', { name: /^A metre of slack/ })).toBeVisible();
      await button('Look which way both turn').click();
    }
    await button(/^Straight/).click();
  }
  // the first was a guess, and is told so as it is made
  await expect(page.getByRole('list', { name: 'What came of each move' })).toContainText('it was a guess');
  await button('I leave it there: how was it?').click();
  const end = page.getByTestId('lesson-end');
  await expect(end).toContainText(/wrong|all right/);
  await expect(end).toContainText(/Undro: all right in \d+ moves/);
  await button(/^Note it with/).click();
  await page.getByRole('link', { name: 'the record' }).click();
  const record = page.getByRole('region', { name: 'What was practised' });
  const row = record.getByRole('row').filter({ hasText: 'Tell memory from twist' }).first();
  await expect(row).toContainText('without looking');
  const rows = await record.getByRole('row').count();
  page.once('dialog', (dialog) => dialog.accept());
  await row.getByRole('button', { name: /^Forget/ }).click();
  await expect(record.getByRole('row')).toHaveCount(rows - 1);
});

test('a figure that cannot be is refused in the lesson with its bounds, and taken back', async ({ page }) => {
  await page.goto('/practice/gap?seed=4');
  await page.getByRole('button', { name: 'Read one place, the blade square' }).click();
  await expect(page.getByText(/The calipers read .* under the lip here/)).toBeVisible();
  await page.getByLabel(/^It should lie/).fill('40');
  await page.getByRole('button', { name: 'Say so' }).first().click();
  await expect(page.getByRole('alert')).toContainText(/from 0.2 mm to 8.0 mm, not 40.0 mm/);
  await page.getByRole('button', { name: 'Take that back' }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect(page.getByRole('button', { name: /^I leave it there/ })).toHaveCount(0);
});

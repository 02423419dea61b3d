import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { BENCH_URL, DEMO_URL, expect, onwards, test } from './bench';

// what changes something here touches no reel that a run is wound on
test.use({ baseURL: BENCH_URL });

/** Puts a reel with its first spool on the bench. */
async function onTheBench(page: Page, name: string) {
  await page.goto('/locker');
  await page.evaluate(async (name) => {
    const reels = await (await fetch('/api/reels', { headers: { Accept: 'application/json' } })).json();
    const found = reels.find((each: { name: string }) => each.name === name);
    localStorage.setItem('undro-bench', JSON.stringify({ reel: found.id, spool: found.spools[0].id }));
  }, name);
}

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

  const ranked = page.getByRole('region', { name: 'Choose a knot' }).getByRole('listitem');
  await expect(ranked.first()).toContainText('FG');
  await expect(ranked.filter({ hasText: 'blood knot' })).toContainText('doesn’t suit');
  await page.getByLabel('cold hands').check();
  await expect(ranked.first()).not.toContainText('FG');
  await page.getByLabel('My own pull test: double uni').fill('97 %');
  await page.getByLabel('My own pull test: double uni').press('Tab');
  await expect(ranked.filter({ hasText: 'double uni' })).toContainText('kept 97 % in your tests');
  await page.reload();
  await expect(ranked.filter({ hasText: 'double uni' })).toContainText('kept 97 % in your tests');
  await page.getByLabel('My own pull test: double uni').fill('940');
  await page.getByLabel('My own pull test: double uni').press('Tab');
  await expect(page.getByText(/between 0 and 1/)).toBeVisible();
  await page.getByLabel('My own pull test: double uni').fill('');
  await page.getByLabel('My own pull test: double uni').press('Tab');
  await expect(ranked.filter({ hasText: 'double uni' })).toContainText('75 % to 85 %');
});

test('every knot is drawn, move by move, and found from the search', async ({ page }) => {
  test.slow();
  await page.goto('/knots?all=1');
  const list = page.getByRole('navigation', { name: 'Knots', exact: true }).getByRole('button');
  await expect(list).toHaveCount(15);
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

test('a hook knot is chosen by its line, and counts in the drag by its name', async ({ page }) => {
  await page.goto('/knots');
  await page.getByLabel('Where', { exact: true }).selectOption('hook');
  // the one that suits best is shown, and only one line is asked for
  await expect(page.getByRole('heading', { name: 'Palomar', level: 2 })).toBeVisible();
  await expect(page.getByLabel('Second line')).toHaveCount(0);
  await page.getByRole('button', { name: 'non-slip loop', exact: true }).first().click();
  await expect(page.getByTestId('move')).toContainText('loose overhand');
  await page.goto('/drag?main=10 kg&mainCondition=1');
  // what the log has of this spool stands there first; without a leader it is the main line that counts
  await page.waitForURL(/begun=/);
  await page.getByRole('group', { name: 'Leader' }).getByLabel('Rated').fill('');
  const target = page.getByTestId('large-figure');
  await expect(target).toContainText(/1\.8[78] kg/);
  await page.getByLabel('Hook knot', { exact: true }).selectOption('palomar');
  await expect(target).toContainText(/2\.1[23] kg/);
  await expect(page.getByText('25 % of what the Palomar holds')).toBeVisible();
  await page.getByRole('link', { name: 'How to tie the Palomar' }).click();
  await expect(page.getByRole('heading', { name: 'Palomar', level: 2 })).toBeVisible();
});

test('where the leader join sits, and the longest that works', async ({ page }) => {
  await page.goto('/knots');
  const seat = page.getByRole('region', { name: 'Where the leader knot sits' });
  await seat.getByLabel('Leader', { exact: true }).fill('50 cm');
  await expect(seat.getByTestId('leader-seat')).toContainText('outside the rod tip');
  await seat.getByLabel('Leader', { exact: true }).fill('2');
  await expect(seat.getByTestId('leader-seat')).toContainText('in the guides');
  await seat.getByLabel('Leader', { exact: true }).fill('3 m');
  await expect(seat.getByTestId('leader-seat')).toContainText('Cut the leader to 2.6 m or less');
});

test('a casting leader: heavy lead asks for turns on the spool, and a short leader is refused with the reason', async ({
  page,
}) => {
  await page.goto('/knots');
  const seat = page.getByRole('region', { name: 'Where the leader knot sits' });
  const says = seat.getByTestId('leader-seat');
  await seat.getByLabel('Leader', { exact: true }).fill('1.5 m');
  await seat.getByLabel('Rod tip to spool', { exact: true }).fill('3.6 m');
  await seat.getByLabel('Lure or sinker weight').fill('4 oz');
  await expect(says).toHaveAttribute('data-sound', 'true');
  await seat.getByLabel('You cast').selectOption('hard');
  await expect(says).toContainText('Don’t cast this');
  await expect(says).toHaveAttribute('data-sound', 'false');
  const cut = /new leader of ([\d.]+) m/.exec((await says.textContent()) ?? '')?.[1] ?? '';
  await seat.getByLabel('Leader', { exact: true }).fill(`${cut} m`);
  await expect(says).toContainText('turns are on the spool, so the leader takes the cast');
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
  await page.getByLabel('Line was cast').check();
  await expect(out).toHaveText('0');
  await page.getByLabel('Handle turns while the drag slips').fill('60');
  await expect(out).toHaveText('−10.4');
  await page.getByLabel('Then trailed without a lure').check();
  await expect(out).toHaveText('0');
  await expect(page).toHaveURL(/trailed=yes/);
  await page.reload();
  await expect(page.getByLabel('Handle turns while the drag slips')).toHaveValue('60');
  await page.getByLabel('Line out').fill('none');
  await expect(page.getByRole('alert')).toContainText('can’t be read');
  await page.getByLabel('Line', { exact: true }).selectOption('braid');
  await page.getByLabel('Line out').fill('30');
  await expect(page.getByTestId('lab-says')).toContainText('Braid doesn’t spring into loops');
});

test('labels: those that are wanted, as one sheet without pixels and as SVG of their size', async ({ page }) => {
  await page.goto('/labels');
  const labels = page.getByRole('list', { name: 'Sheet of labels' }).getByRole('img');
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
  await page.getByRole('button', { name: 'Save as SVG files' }).click();
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
  await page.getByRole('button', { name: 'Measure the spool' }).click();
  const help = page.getByRole('dialog', { name: 'Measure the spool' });
  await help.getByText('printed strip', { exact: true }).click();
  await help.getByLabel('Strip reads').fill('31');
  const wide = page.getByTestId('measured');
  await expect(wide).toHaveText('31.0 ± 1.1 mm, by the printed strip');
  await help.getByLabel(/100 mm bar/).fill('30');
  await expect(help).toContainText('should be 100');
  await help.getByLabel(/100 mm bar/).fill('98');
  await expect(wide).toHaveText('30.4 ± 0.4 mm, by the printed strip');
  await help.getByRole('button', { name: 'Use as arbor diameter', exact: true }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByLabel('Arbor diameter', { exact: true })).toHaveValue('30.4 mm');
  // there is nothing to save or to print before the sheet has come
  let come = () => {};
  const late = new Promise<void>((resolve) => {
    come = resolve;
  });
  await page.route('**/api/compute/paper', async (route) => {
    await late;
    await route.continue();
  });
  await page.goto('/paper');
  await expect(page.getByRole('heading', { name: 'Paper tools' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Print|^Save as SVG/ })).toHaveCount(0);
  come();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as SVG' }).click(),
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
  await spool.getByRole('button', { name: 'Strip line' }).click();
  const way = (name: string) => spool.getByRole('listitem').filter({ hasText: name });
  await expect(way('Strip and discard everything')).toContainText('270 m comes off');
  await expect(way('Reverse the main line (end for end)')).toContainText('wound 3 times');
  await expect(way('Reverse the main line (end for end)')).toContainText(
    '150 m backing and 120 m main line stays · the knot takes 0.5 m',
  );
  await spool.getByLabel(/^Worn at the outer end/).fill('900');
  await expect(spool.getByText(/can’t strip 900 m/)).toBeVisible();
  await spool.getByLabel(/^Worn at the outer end/).fill('20');
  await expect(way('Cut back the worn end')).toContainText('20 m comes off · 150 m backing and 100 m main line stays');
  await way('Cut back the worn end').getByRole('button', { name: 'I did this' }).click();
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
  await page.getByRole('button', { name: 'Practise first' }).click();
  await onwards(page);
  const run = new URL(page.url()).pathname;
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 780 } })).newPage();
  const there = `http://${address}:${new URL(BENCH_URL).port}`;
  await phone.goto(`${there}${run}`);
  await expect(phone).toHaveURL(`${there}/pair`);
  await expect(phone.getByRole('heading', { name: 'Connect this device' })).toBeVisible();
  await phone.getByLabel(/^Code/).fill('WRONG234');
  await phone.getByRole('button', { name: 'Connect' }).click();
  await expect(phone.getByRole('alert')).toContainText('Wrong or used code');

  await page.goto('/wind');
  await expect(page.getByRole('img', { name: /^QR code/ })).toBeVisible();
  await phone.getByLabel(/^Code/).fill((await page.getByTestId('pairing-code').textContent()) ?? '');
  await phone.getByRole('button', { name: 'Connect' }).click();
  await expect(phone).toHaveURL(`${there}/wind`);
  await expect(phone.getByTestId('pairing-code')).toHaveCount(0);
  await phone.goto(`${there}${run}`);
  await expect(phone.getByText(/can’t keep the screen on without https/)).toBeVisible();
  await onwards(phone);
  await page.goto(run);
  await expect(page.getByTestId('run')).toHaveAttribute('data-current', 'soak.0');

  // shut out again, on the computer
  await page.goto('/wind');
  await page
    .getByRole('button', { name: /^Disconnect/ })
    .first()
    .click();
  await expect(page.getByRole('button', { name: /^Disconnect/ })).toHaveCount(0);
  await phone.reload();
  await expect(phone).toHaveURL(`${there}/pair`);
});

// its backing is the demo's, which the runs at the bench change
test.describe('on the demo', () => {
  test.use({ baseURL: DEMO_URL });
  test('when something is wrong: found by search, the likeliest of this spool first, its action followed, and written down', async ({
    page,
  }) => {
    await onTheBench(page, 'Skerry 30');
    // what is known of its drag comes late
    let release = () => {};
    const late = new Promise<void>((go) => {
      release = go;
    });
    await page.route(/\/api\/drags/, async (route) => {
      await late;
      await route.continue();
    });
    await page.goto('/locker');
    await page.getByRole('heading', { level: 1 }).waitFor();
    await page.keyboard.press('Control+k');
    await page.getByLabel('Search', { exact: true }).fill('digs in');
    await page.getByRole('button', { name: 'Trouble: line digs in, and snaps on the next cast' }).click();
    const first = page.getByRole('region', { name: 'Likely causes' }).getByRole('listitem').first();
    await expect(first).toContainText('Thin line on thick coils');
    await expect(first).toContainText('Likely here: The backing is');
    // while it comes in the causes stay: a press on one must not miss
    const fewest = page.getByRole('region', { name: 'Likely causes' }).evaluate(
      (region) =>
        new Promise<number>((done) => {
          let least = region.querySelectorAll('li').length;
          new MutationObserver(() => {
            least = Math.min(least, region.isConnected ? region.querySelectorAll('li').length : 0);
          }).observe(document.body, { childList: true, subtree: true });
          setTimeout(() => done(least), 1500);
        }),
    );
    const again = page.waitForResponse(/compute\/trouble/);
    release();
    await again;
    expect(await fewest).toBeGreaterThan(0);
    await first.getByRole('button', { name: 'That was it: log it' }).click();
    await expect(page.getByText('Saved in the log of this spool.')).toBeVisible();
    await first.getByRole('link', { name: 'Plan and wind again' }).click();
    await page.waitForURL(/plan/);
    await page.goto('/log');
    await expect(
      page.getByText('line digs in, and snaps on the next cast: Thin line on thick coils').first(),
    ).toBeVisible();
  });
});

test('a baitcaster shows its own troubles, and a tap on a phone brings the causes into view', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 780 });
  await onTheBench(page, 'Bight 300');
  await page.goto('/trouble');
  const signs = page.getByRole('navigation', { name: 'What do you see?' });
  await expect(signs.getByRole('button')).toHaveCount(9);
  await expect(signs.getByRole('button', { name: 'loops jump off the spool when you cast' })).toHaveCount(0);
  const causes = page.getByRole('region', { name: 'Likely causes' });
  await signs.getByRole('button', { name: /backlash/ }).click();
  await expect(causes.getByText('Pick the loops out by hand.')).toBeInViewport();
  await expect(causes.getByRole('listitem').first()).toContainText('The spool tension is too loose');
  await causes.getByRole('link', { name: 'Check the line' }).first().click();
  await expect(page).toHaveURL(/say=inspected/);
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
      await button('Let a metre of slack hang from the tip').click();
      await expect(page.getByRole('img', { name: /^A metre of slack/ })).toBeVisible();
      await button('Check which way both turn').click();
    }
    await button(/^Straight/).click();
  }
  // the first was a guess, and is told so as it is made
  await expect(page.getByRole('list', { name: 'Result of each move' })).toContainText('You guessed');
  await button('I’m done, show my result').click();
  const end = page.getByTestId('lesson-end');
  await expect(end).toContainText(/wrong|all right/);
  await expect(end).toContainText(/Undro’s own result: all right in \d+ moves/);
  await button(/^Save result for/).click();
  await page.getByRole('link', { name: 'results' }).click();
  const record = page.getByRole('region', { name: 'Practice results' });
  const row = record.getByRole('row').filter({ hasText: 'Tell memory from twist' }).first();
  await expect(row).toContainText('without looking');
  const rows = await record.getByRole('row').count();
  page.once('dialog', (dialog) => dialog.accept());
  await row.getByRole('button', { name: /^Delete/ }).click();
  await expect(record.getByRole('row')).toHaveCount(rows - 1);
});

test('a figure that cannot be is refused in the lesson with its bounds, and taken back', async ({ page }) => {
  await page.goto('/practice/gap?seed=4');
  await page.getByRole('button', { name: 'Take one reading with the blade square' }).click();
  await expect(page.getByText(/The calipers read .* below the lip here/)).toBeVisible();
  await page.getByLabel(/^Full level should be/).fill('40');
  await page.getByRole('button', { name: 'Answer' }).first().click();
  await expect(page.getByRole('alert')).toContainText(/from 0.2 mm to 8.0 mm, not 40.0 mm/);
  await page.getByRole('button', { name: 'Undo this move' }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect(page.getByRole('button', { name: /^I’m done/ })).toHaveCount(0);
});

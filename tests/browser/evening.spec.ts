import type { Locator, Page } from '@playwright/test';
import { expect, figure, fits, line, run, stamp, stepTo, test } from './bench';

/** Each evening begins at a bench of its own on which nothing is yet. */
const EVENINGS = (process.env.UNDRO_EVENING_URLS ?? '').split(' ');

const soFar = (page: Page) => page.getByTestId('so-far');
const toWrite = (page: Page) => page.getByTestId('to-write');
const far = (text: string | null) => Number(/([\d.]+) turns/.exec(text ?? '')?.[1]);

interface Piece {
  role: string;
  length_m: number;
  half_m: number | null;
  known: string[];
  line: { name: string };
}

async function get<T>(page: Page, path: string): Promise<T> {
  const asked = await page.request.get(new URL(path, page.url()).href);
  expect(asked.ok(), path).toBeTruthy();
  return asked.json();
}
const contents = async (page: Page): Promise<Piece[]> =>
  (await get<{ spools: { contents: Piece[] }[] }[]>(page, '/api/reels'))[0]?.spools[0]?.contents ?? [];
const left = async (page: Page, name: string) =>
  (
    await get<{ name: string; left_m: number; half_m: number | null; line: { name: string } }[]>(page, '/api/fillers')
  ).find((each) => each.line.name === name);

/** A line with what is on its filler, into the rack. */
async function rack(page: Page, name: string, kind: string, size: string, there: string) {
  await page.goto('/rack?add=filler');
  await page.getByLabel('Line name').fill(name);
  await page.getByLabel('Kind').selectOption({ label: kind });
  await page.getByLabel('Diameter or strength').fill(size);
  await page.getByLabel('Length left').fill(there);
  await page.getByRole('button', { name: 'Add filler spool' }).click();
  await expect(page.getByText(`${name} added to Rack.`)).toBeVisible();
}

/** On a phone and at twice the size the figure is there without scrolling, and nothing stands out beyond the edge. */
async function smaller(page: Page, look: Locator) {
  for (const [width, height] of [
    [390, 780],
    [640, 400],
  ] as const) {
    await page.setViewportSize({ width, height });
    await page.evaluate(() => document.getElementById('work')?.scrollTo(0, 0));
    await expect(look).toBeInViewport();
    await fits(page);
  }
  await page.setViewportSize({ width: 1280, height: 800 });
}

test.describe('an evening with a spinning reel, a ruler and half-used nylon', () => {
  test.use({ baseURL: EVENINGS[0] ?? '' });
  test('what is on, what is left and what is in the log is what was done', async ({ page }) => {
    await rack(page, 'Ledge nylon 0.30', 'mono', '0.30', '120 +- 12 m');
    await rack(page, 'Eight strands', 'braid', 'PE 1', '150 m');
    await page.getByRole('link', { name: /^Plan/ }).click();
    await stamp(page).fill('0.25/200');
    await page.getByLabel('Lip').first().fill('46');
    await page.getByLabel('Arbor diameter', { exact: true }).fill('31');
    await page.getByLabel('Spool width').fill('17');
    await page.getByRole('button', { name: 'Gear, lip, lay, taper' }).click();
    await page.getByLabel('Gear ratio').fill('5.2');
    await page.getByLabel('Measured with').selectOption({ label: 'a ruler' });
    await page.getByLabel('Main line from the rack').selectOption({ label: 'Eight strands (150 m left)' });
    await page.getByLabel('Backing from the rack').selectOption({ label: 'Ledge nylon 0.30 (120 ± 12 m left)' });
    await expect(figure(page)).toBeVisible();
    await smaller(page, figure(page));
    await page.getByRole('button', { name: 'Start winding' }).click();
    await page.getByLabel(/^Name of the reel/).fill('Evening reel');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('complementary', { name: 'Run' })).toContainText('Evening reel, ');
    await stepTo(page, 'wind.0');

    // the beat for a while, the rest counted in the head
    await page.getByRole('button', { name: 'Start the metronome' }).click();
    await expect.poll(async () => far(await soFar(page).textContent())).toBeGreaterThan(3);
    await expect(soFar(page)).toContainText(/[1-9]\d*\.\d ± [\d.]+ m wound/);
    await page.keyboard.press('Space');
    await expect(page.getByRole('button', { name: 'Start the metronome' })).toBeVisible();
    const wanted = far(await soFar(page).textContent()) + Number(await page.getByTestId('turns-left').textContent());
    await page.keyboard.press('t');
    await page.getByLabel('Handle turns for this line, in all').fill(`${wanted} turns`);
    await page.keyboard.press('Enter');
    await expect(page.getByTestId('turns-left')).toHaveText(/^[01]$/);
    await smaller(page, page.getByTestId('turns-left'));
    // within the band it is one press, and what it writes stands beside it
    const said = /saves ([\d.]+) ± ([\d.]+) m of backing \(counted\)\. The plan says ([\d.]+)/.exec(
      (await toWrite(page).textContent()) ?? '',
    );
    expect(Math.abs(Number(said?.[1]) - Number(said?.[3]))).toBeLessThan(2);
    await page.getByRole('button', { name: 'Save: reached the mark' }).click();
    await expect(run(page)).toHaveAttribute('data-current', 'place.1');
    const [backing] = await contents(page);
    expect(backing).toMatchObject({ role: 'main', known: ['counted'] });
    expect(Math.abs((backing?.length_m ?? 0) - Number(said?.[1]))).toBeLessThan(0.6);
    const nylon = await left(page, 'Ledge nylon 0.30');
    expect(nylon?.left_m).toBeCloseTo(120 - (backing?.length_m ?? 0), 3);
    expect(nylon?.half_m).toBeCloseTo(Math.hypot(12, backing?.half_m ?? 0), 3);

    // the main line is known by its label, and said so
    await stepTo(page, 'wind.1');
    await page.getByRole('button', { name: 'Type turns or metres' }).click();
    await page.getByLabel('or the length wound of this line, in all').fill('164 yd');
    await page.getByRole('button', { name: 'Use this' }).click();
    await expect(toWrite(page)).toContainText(/saves 150 ± [\d.]+ m of main line \(entered\)/);
    await page.getByRole('button', { name: 'Save: reached the mark' }).click();
    await expect(run(page)).toHaveAttribute('data-current', 'level');
    for (const place of ['First reading', 'Second reading', 'Third reading']) await page.getByLabel(place).fill('1.7');
    await page.keyboard.press('Enter');
    await expect(page.getByTestId('level')).toHaveText('1.7 mm');
    await stepTo(page, 'first_outing');
    await page.getByRole('button', { name: 'Done, finish the run' }).click();
    await expect(page.getByTestId('run-over')).toContainText(/150 ± [\d.]+ m of main line, entered, wound to the mark/);

    // the locker, the log and the label say the same
    await page.getByRole('link', { name: 'Go to Locker' }).click();
    await expect(page.getByText(/1\.7 ± 0\.\d mm below the lip, measured/)).toBeVisible();
    await expect(
      page.getByText(/[\d.]+ ± [\d.]+ m Ledge nylon 0\.30, counted under 150 ± [\d.]+ m Eight strands, entered/),
    ).toBeVisible();
    await smaller(page, page.getByRole('heading', { name: 'Evening reel' }));
    await page.getByRole('link', { name: /^Log/ }).click();
    const entries = page.getByRole('region', { name: 'Entries' });
    await expect(entries.getByRole('listitem').filter({ hasText: 'Wound' })).toHaveCount(2);
    await expect(entries).toContainText(/150 ± [\d.]+ m Eight strands, entered/);
    await expect(entries).toContainText('1.7 mm below the lip, 3 readings');
    await page.goto('/labels');
    await expect(
      page.getByRole('img', { name: /150 ± [\d.]+ m Eight strands.*1\.7 ± 0\.\d mm below lip.*length entered/ }),
    ).toBeVisible();
    expect((await left(page, 'Eight strands'))?.left_m ?? 0).toBeLessThan(0.1);
  });
});

test.describe('an evening with a vee baitcaster and fluorocarbon', () => {
  test.use({ baseURL: EVENINGS[1] ?? '' });
  test('it snaps, the filler ends early, and nothing is written that nobody said', async ({ page }) => {
    await rack(page, 'Clear fluoro', 'fluorocarbon', '0.28', '90 m');
    await page.getByRole('link', { name: /^Plan/ }).click();
    await page.getByText('baitcasting', { exact: true }).click();
    await page.getByLabel('Lip').first().fill('34');
    await page.getByLabel('Arbor diameter', { exact: true }).fill('22');
    await page.getByLabel('Spool width').fill('23');
    await page.getByRole('button', { name: 'Gear, lip, lay, taper' }).click();
    await page.getByLabel('Gear ratio').fill('7.1');
    await page.getByLabel('Arbor diameter, other end').fill('14');
    await page.getByLabel('Main line from the rack').selectOption({ label: 'Clear fluoro (90 m left)' });
    await page.getByLabel('Under the main line').selectOption({ label: 'Nothing' });
    await expect(figure(page)).toBeVisible();
    await page.getByRole('button', { name: 'Start winding' }).click();
    await page.getByLabel(/^Name of the reel/).fill('Low reel');
    await page.keyboard.press('Enter');
    await stepTo(page, 'wind.0');
    await expect(page.getByText(/Guide by hand until the vee is flush/)).toBeVisible();

    // a few metres on, and it snaps: strip and tie again comes first
    await page.keyboard.press('t');
    await page.getByLabel('Handle turns for this line, in all').fill('14');
    await page.keyboard.press('Enter');
    await expect(soFar(page)).toContainText('14 turns');
    await page.getByRole('button', { name: 'Line snapped' }).click();
    await expect(page.getByTestId('ending')).toContainText('Tie it on again');
    const few = (await contents(page))[0]?.length_m ?? 0;
    expect(few).toBeGreaterThan(3);
    await smaller(page, page.getByRole('heading', { level: 1 }));
    await page.getByRole('button', { name: /I took off .* Tie it on again/ }).click();
    await expect(run(page)).toHaveAttribute('data-current', 'tie.0');
    expect(await contents(page)).toEqual([]);
    expect((await left(page, 'Clear fluoro'))?.left_m).toBeCloseTo(90 - few, 3);
    await stepTo(page, 'wind.0');
    await expect(soFar(page)).toContainText('0 turns');

    // the filler is empty, and nobody counted: what was on it is asked about, not made up
    await page.getByRole('button', { name: 'Filler spool ran out' }).click();
    const asked = page.getByTestId('how-much');
    await expect(asked).toContainText('Nothing was counted.');
    await expect(asked.getByRole('textbox')).toBeFocused();
    await asked.getByRole('textbox').fill('lots');
    await asked.getByRole('button', { name: 'Save this length' }).click();
    await expect(page.getByText(/"lots" can’t be read/).first()).toBeVisible();
    await asked.getByRole('button', { name: /^Everything on the filler spool/ }).click();
    await expect(page.getByTestId('ending')).toContainText('The line ended');
    await expect.poll(async () => (await contents(page))[0]?.length_m ?? 0).toBeCloseTo(90 - few, 1);
    expect((await contents(page))[0]?.known).toEqual(['said']);
    expect((await left(page, 'Clear fluoro'))?.left_m).toBe(0);
    await page.getByRole('button', { name: 'Stop here and go to the next step' }).click();
    await expect(run(page)).not.toHaveAttribute('data-current', 'wind.0');
    await page.getByRole('button', { name: 'End the run early' }).click();
    await expect(page.getByText('It saves nothing more')).toBeVisible();
    await page.getByRole('button', { name: 'End the run', exact: true }).click();
    await expect(page.getByTestId('run-over')).toContainText('filler spool ran out');
    // what was taken off again stands in the log as it happened
    await page.getByRole('link', { name: /^Log/ }).click();
    const entries = page.getByRole('region', { name: 'Entries' });
    await expect(entries.getByRole('listitem').filter({ hasText: 'Cut back' })).toHaveCount(1);
    await expect(entries.getByRole('listitem').filter({ hasText: 'Wound' })).toHaveCount(2);
  });
});

test.describe('an evening with a child’s spincast reel and a stamp alone', () => {
  test.use({ baseURL: EVENINGS[2] ?? '' });
  test('turns tell a length by experience, measuring in the run makes it surer, and nothing unsaid is written', async ({
    page,
  }) => {
    await page.goto('/plan');
    await page.getByText('spincast', { exact: true }).click();
    await stamp(page).fill('8lb/75yd');
    await line(page, 'Main line').getByLabel('Kind').selectOption({ label: 'mono' });
    await line(page, 'Main line').getByLabel('Size').fill('0.26');
    await page.getByLabel('Under the main line').selectOption({ label: 'Nothing' });
    await expect(figure(page)).toBeVisible();
    await smaller(page, figure(page));
    await page.getByRole('button', { name: 'Start winding' }).click();
    await page.getByLabel(/^Name of the reel/).fill('Small one');
    await page.keyboard.press('Enter');
    await stepTo(page, 'wind.0');
    await expect(page.getByText(/^about 0\.\d\d m ± 0\.\d\d per turn, by experience$/)).toBeVisible();
    await expect(page.getByText(/Type the reel’s gear ratio: that helps most/)).toBeVisible();
    // a level that could not be used is not asked for
    await expect(page.getByRole('button', { name: 'Measure line level' })).toHaveCount(0);
    await smaller(page, page.getByTestId('turns-left'));
    await page.getByRole('button', { name: 'Measure the spool now' }).click();
    const measured = page.getByRole('form', { name: 'Measure spool and reel' });
    await measured.getByLabel('Lip diameter').fill('wide');
    await measured.getByRole('button', { name: 'Use in this run' }).click();
    await expect(measured).toContainText(/Lip|lip/);
    await measured.getByLabel('Lip diameter').fill('37');
    await measured.getByLabel('Spool width').fill('7');
    await measured.getByLabel('Gear ratio').fill('3.8');
    await measured.getByRole('button', { name: 'Use in this run' }).click();
    await expect(page.getByText(/^0\.\d\d m per turn now$/)).toBeVisible();
    await expect(page.getByRole('button', { name: 'Measure line level' })).toBeVisible();
    // two presses of one button write nothing that nobody said
    await page.getByRole('button', { name: 'Save: reached the mark' }).click();
    const asked = page.getByTestId('how-much');
    await expect(asked).toContainText('Nothing was counted.');
    await asked.getByRole('button', { name: 'Back' }).click();
    expect(await contents(page)).toEqual([]);
    await expect(run(page)).toHaveAttribute('data-current', 'wind.0');
    await page.getByRole('button', { name: 'Save: reached the mark' }).click();
    const planned = asked.getByRole('button', { name: /^As planned/ });
    const [, metres, half] = /([\d.]+) ± ([\d.]+) m/.exec((await planned.textContent()) ?? '') ?? [];
    await planned.click();
    await expect(run(page)).toHaveAttribute('data-current', 'level');
    const [on] = await contents(page);
    expect(on?.known).toEqual(['planned']);
    expect(Math.abs((on?.length_m ?? 0) - Number(metres))).toBeLessThan(0.6);
    expect(Math.abs((on?.half_m ?? 0) - Number(half))).toBeLessThan(0.6);
    await stepTo(page, 'first_outing');
    await page.getByRole('button', { name: 'Done, finish the run' }).click();
    await expect(page.getByTestId('run-over')).toContainText(/of main line, as planned, wound to the mark/);
    // a notice stands in a row of its own, and what was done can be taken back from Lately
    await page.getByRole('button', { name: /^Recent changes/ }).click();
    await page.getByRole('button', { name: /^Undo: Wound Small one/ }).click();
    await expect.poll(() => contents(page)).toEqual([]);
    await page.getByRole('button', { name: /^Redo: Wound/ }).click();
    await expect.poll(async () => (await contents(page)).length).toBe(1);
  });

  test('what has long been on a reel is told in one go: backing and line, neither in the rack, and since when', async ({
    page,
  }) => {
    await page.goto('/locker?add=reel');
    await page.getByLabel('Name').first().fill('Old one');
    await page.getByLabel('Capacity printed on the spool').fill('0.25/240');
    await page.getByRole('button', { name: 'Add reel', exact: true }).click();
    const entry = page.getByRole('region', { name: /^Old one/ });
    await entry.getByRole('button', { name: 'Add the line on it' }).click();
    await page.getByLabel('Line', { exact: true }).selectOption({ label: 'A line that is not in the rack' });
    await page.getByLabel('Backing under it').selectOption({ label: 'A line that is not in the rack' });
    await page.getByLabel('Kind of the line').selectOption({ label: 'braid' });
    await page.getByLabel('Size of the line').fill('0.16');
    await page.getByLabel('Length, roughly').fill('120 ± 20');
    await page.getByLabel('Size of the backing').fill('0.30');
    await page.getByLabel('Length of the backing').fill('60');
    // a day that cannot be read is refused at its field, and the line just typed is not added twice
    await page.getByLabel('On the spool since').fill('last year');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByText('"last year" is not a date.')).toBeVisible();
    await page.getByLabel('On the spool since').fill('2024');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(entry).toContainText(/120 ± 20 m/);
    await expect(entry).toContainText('60 m');
    // its age follows from it
    await page.goto('/log');
    await page.getByRole('link', { name: /^Old one/ }).click();
    await expect(page.getByText(/since 1 Jul 2024/).first()).toBeVisible();
    const lines = (await (await page.request.get('/api/lines')).json()) as { name: string }[];
    expect(lines.filter(({ name }) => ['Braid 0.16', 'Mono 0.30'].includes(name))).toHaveLength(2);
  });
});

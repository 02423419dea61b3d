import { readFile } from 'node:fs/promises';
import { expect, settled, test } from './bench';

test('a table is looked at first, and its good rows are taken on request', async ({ page }) => {
  await page.goto('/data');
  await page.getByLabel('Kind of file').selectOption({ label: 'table of lines (CSV)' });
  await page
    .getByLabel('Or paste it here')
    .fill('name;material;size;strength\nGlass string;mono;0,30 mm;5 kg\nOdd one;silk;0.2 mm;\n');
  await page.getByRole('button', { name: 'Preview' }).click();
  await expect(page.getByTestId('import-said')).toContainText('Preview, nothing saved yet: 1 not imported, 1 new.');
  await expect(page.getByRole('row', { name: /Odd one/ })).toContainText('must be one of mono, fluoro, hybrid, braid');
  await page.getByRole('button', { name: 'Import 1 row' }).click();
  await expect(page.getByTestId('import-said')).toContainText('Imported: 1 not imported, 1 new.');
  await page.goto('/rack?add=filler');
  await expect(page.getByLabel('Line', { exact: true })).toContainText('Glass string');
});

test('all of it goes out and comes in again the same', async ({ page }) => {
  await page.goto('/data');
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Export everything (JSON)' }).click(),
  ]);
  await page.getByLabel('Choose a file').setInputFiles(await file.path());
  // other tests change records meanwhile; nothing of it may be bad or new
  await expect(page.getByTestId('import-said')).toContainText('unchanged');
  await expect(page.getByTestId('import-said')).not.toContainText('not taken');
});

test('what was looked at is what is taken, and a long text is not cut', async ({ page }) => {
  await page.goto('/data');
  await page.getByLabel('Kind of file').selectOption({ label: 'table of lines (CSV)' });
  const paste = page.getByLabel('Or paste it here');
  await paste.fill('name,material,size\nOdd line,mono,');
  await page.getByRole('button', { name: 'Preview' }).click();
  await expect(page.getByText('“size”: is missing.')).toBeVisible();
  await paste.fill('name,material,size\nOdd line,mono,0.30');
  await expect(page.getByTestId('import-said')).toHaveCount(0);
  await page.getByRole('button', { name: 'Preview' }).click();
  await expect(page.getByTestId('import-said')).toContainText('Preview, nothing saved yet: 1 new.');

  const rows = Array.from({ length: 300 }, (_, index) => `${'A line with a long name '.repeat(3)}${index},mono,0.30`);
  await paste.fill(['name,material,size', ...rows].join('\n'));
  await expect(page.getByText('The file is too long to edit here. All of it will be imported.')).toBeVisible();
  await page.getByRole('button', { name: 'Preview' }).click();
  await expect(page.getByTestId('import-said')).toContainText('300 new');
  await expect(page.getByText('and 100 more')).toBeVisible();
  await page.getByRole('button', { name: 'Clear' }).click();
  await expect(paste).toHaveValue('');
  await paste.fill('name,material,size');
  await expect(paste).toBeEditable();
});

test('what was taken is taken back whole', async ({ page }) => {
  await page.goto('/data');
  await page.getByLabel('Kind of file').selectOption({ label: 'table of lines (CSV)' });
  await page
    .getByLabel('Or paste it here')
    .fill('name,material,size,colour\nPassing line,Nylon,0.30,\nPlain Tarn nylon 0.26,nylon,0.26 mm,smoke');
  await page.getByRole('button', { name: 'Preview' }).click();
  // which figure from what to what, row by row
  const changed = page.getByRole('row').filter({ hasText: 'Plain Tarn nylon 0.26' });
  await expect(changed.getByRole('listitem')).toHaveCount(1);
  await expect(changed.getByRole('listitem')).toContainText(/^colour: .* → smoke$/);
  await page.getByRole('button', { name: 'Import 2 rows' }).click();
  await expect(page.getByTestId('import-said')).toContainText('Imported: 1 changed, 1 new.');
  const lines = async () =>
    JSON.stringify(
      (await (await page.request.get('/api/lines')).json()).filter((line: { archived: boolean }) => !line.archived),
    );
  expect(await lines()).toContain('Passing line');
  // also once the page was left
  await page.reload();
  await page.getByRole('button', { name: /^Recent changes/ }).click();
  await page.getByRole('button', { name: 'Undo: import of 1 new and 1 changed lines' }).click();
  await expect.poll(lines).not.toContain('Passing line');
});

test('what is no document is refused in words', async ({ page }) => {
  await page.goto('/data');
  await page.getByLabel('Or paste it here').fill('{"fish": 3}');
  await page.getByRole('button', { name: 'Preview' }).click();
  await expect(page.getByRole('alert')).toContainText('This is not an Undro export');
});

test('two windows change one reel: the later is noticed and nothing is overwritten unseen', async ({
  page,
  context,
}) => {
  await page.goto('/locker');
  const other = await context.newPage();
  await other.goto('/locker');
  const open = async (window: typeof page, ratio: string) => {
    const entry = window.getByRole('listitem').filter({ has: window.getByRole('heading', { name: 'Bight 300' }) });
    await entry.getByRole('button', { name: 'Edit', exact: true }).click();
    const form = window.getByRole('form', { name: 'Edit Bight 300' });
    await form.getByLabel('Gear ratio').fill(ratio);
    return form;
  };
  const mine = await open(page, '5.4');
  const theirs = await open(other, '5.6');
  await theirs.getByRole('button', { name: 'Save' }).click();
  await expect(theirs).toHaveCount(0);
  await mine.getByRole('button', { name: 'Save' }).click();
  await expect(mine.getByRole('alert')).toContainText('changed in another window');
  await expect(mine.getByLabel('Gear ratio')).toHaveValue('5.4');
  await expect(page.getByText(/baitcasting · 5.6 : 1/)).toBeVisible();
  await mine.getByRole('button', { name: 'Save mine anyway' }).click();
  await expect(page.getByText(/baitcasting · 5.4 : 1/)).toBeVisible();
});

test('a plan is one sheet of paper with both drawings as vectors', async ({ page }) => {
  await page.goto('/plan/1');
  await settled(page);
  await page.getByRole('button', { name: 'Bench sheet' }).click();
  const sheet = page.getByRole('article', { name: 'Bench sheet' });
  await expect(sheet).toContainText('116 m');
  await expect(sheet).toContainText('Local rules on line and gear come first');
  const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
  expect(pdf).not.toMatch(/\/Subtype\s*\/Image/);

  for (const which of ['Section', 'Tape']) {
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: `Save ${which.toLowerCase()} (SVG)` }).click(),
    ]);
    const svg = await readFile(await file.path(), 'utf8');
    const read = await page.evaluate((text) => {
      const parsed = new DOMParser().parseFromString(text, 'image/svg+xml');
      return {
        wrong: parsed.querySelector('parsererror')?.textContent ?? '',
        shapes: parsed.querySelectorAll('path').length,
        pixels: parsed.querySelectorAll('image').length,
        texts: [...parsed.querySelectorAll('text')].map((each) => each.textContent),
      };
    }, svg);
    expect(read.wrong).toBe('');
    expect(read.shapes).toBeGreaterThan(4);
    expect(read.pixels).toBe(0);
    expect(svg).not.toContain('var(--');
    expect(read.texts.join(' ')).toContain(which === 'Section' ? 'knot' : 'backing · 116 m');
  }
});

import { BENCH_URL, expect, test } from './bench';

test.use({ baseURL: BENCH_URL });

const drawn = 'svg.knot[role="img"]';

test('a film is scrubbed by its slider, played, stopped, and mirrored for the other hand', async ({ page }) => {
  await page.goto('/knots?knot=blood');
  const slider = page.getByRole('slider', { name: 'Progress' });
  const move = page.getByTestId('move');
  await expect(move).toContainText('Overlap');
  await slider.fill('5');
  await expect(move).toContainText('Wrap one tag');
  // what is laid in this move is told from what was there, and an arrow leads on
  await expect(page.locator(`${drawn} .fresh`).first()).toBeAttached();
  await expect(page.locator(`${drawn} .way`)).toHaveCount(1);
  const before = Number(await slider.inputValue());
  await page.getByRole('button', { name: 'Play' }).click();
  await expect.poll(async () => Number(await slider.inputValue())).toBeGreaterThan(before + 0.3);
  await page.getByRole('button', { name: 'Pause' }).click();
  await slider.press('End');
  await expect(move).toContainText('Trim both tags');
  await expect(page.getByRole('button', { name: 'Next →' })).toBeDisabled();

  const path = () => page.locator(`${drawn} .body`).first().getAttribute('d');
  const right = await path();
  await page.getByRole('switch', { name: 'Left-handed (mirrored)' }).click();
  await expect.poll(path).not.toBe(right);
  await page.reload();
  await expect(page.getByRole('switch', { name: 'Left-handed (mirrored)' })).toBeChecked();
  await page.getByRole('switch', { name: 'Left-handed (mirrored)' }).click();
});

test('with reduced motion a move is a step', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.goto('/knots?knot=uni');
  await expect(page.getByTestId('move')).toContainText('Tag round the arbor');
  await expect(page.getByRole('button', { name: 'Play' })).toHaveCount(0);
  const slider = page.getByRole('slider', { name: 'Progress' });
  const begun = Number(await slider.inputValue());
  await page.keyboard.press('ArrowRight');
  await expect(page.getByTestId('move')).toContainText('Fold the tag back');
  await expect(slider).toHaveAttribute('aria-valuetext', 'move 2 of 6, done');
  await page.keyboard.press('ArrowLeft');
  await expect(slider).toHaveValue(String(begun));
});

test('tied along: the next move comes at a tap, at a key, or by itself; without a microphone it says so', async ({
  page,
}) => {
  await page.goto('/knots?knot=taped_tag');
  await page.getByText('Tie along').click();
  const move = page.getByTestId('move');
  await page.getByRole('button', { name: 'Start' }).click();
  await expect(page.getByRole('button', { name: 'Go to move 2' })).toBeEnabled();
  await page.getByRole('heading', { name: 'taped tag' }).click();
  await page.keyboard.press('Space');
  await expect(move).toContainText('Three wraps');
  await page.getByText('by itself').click();
  await page.getByLabel('Seconds per move').fill('2');
  await expect(move).toContainText('A strip of tape');
  // nobody has let it use a microphone here
  await page.getByText('at a sound').click();
  await expect(page.getByRole('alert')).toContainText('Tap or press the space bar');
  await page.getByText('at a tap').click();
});

test('a knock goes on too', async ({ page }) => {
  // stands in for the microphone: silence, and a knock when the page says so
  await page.addInitScript(() => {
    const at = { knock: false, asked: 0 };
    Object.assign(window, { knock: () => (at.knock = true), asked: () => at.asked });
    Object.defineProperty(navigator, 'mediaDevices', {
      value: { getUserMedia: () => Promise.resolve({ getTracks: () => [] }) },
    });
    class Context {
      createAnalyser() {
        return {
          fftSize: 8,
          getFloatTimeDomainData: (into: Float32Array) => {
            ++at.asked;
            into.fill(at.knock ? 0.8 : 0.002);
            at.knock = false;
          },
        };
      }
      createMediaStreamSource() {
        return { connect: () => undefined };
      }
      close() {}
    }
    Object.assign(window, { AudioContext: Context });
  });
  await page.goto('/knots?knot=taped_tag');
  await page.getByText('Tie along').click();
  await page.getByText('at a sound').click();
  await expect(page.getByText('No sound is recorded')).toBeVisible();
  // first it listens to the room
  await expect.poll(() => page.evaluate('asked()')).toBeGreaterThan(20);
  await page.evaluate('knock()');
  await expect(page.getByRole('button', { name: 'Go to move 2' })).toBeEnabled();
  await page.getByText('at a tap').click();
});

test('the next move is asked: three pictures, and what is wrong with the others', async ({ page }) => {
  await page.goto('/knots?knot=arbor');
  await page.getByText('Quiz').click();
  const choices = page.getByRole('button').filter({ has: page.locator(drawn) });
  await expect(choices).toHaveCount(3);
  await expect(page.getByRole('heading', { name: /^1 of / })).toBeVisible();
  const told = page.getByRole('status').filter({ hasText: /Right|No\./ });
  const said = new Set<string>();
  let found = -1;
  for (let i = 0; i < 3; ++i) {
    await choices.nth(i).click();
    const answer = (await told.textContent()) ?? '';
    said.add(answer);
    if (answer.startsWith('Right')) found = i;
  }
  expect(said.size).toBe(3);
  await choices.nth(found).click();
  await expect(told).toContainText('An overhand with the tag');
  await page.getByRole('button', { name: 'Next' }).click();
  await expect(page.getByRole('heading', { name: /^2 of / })).toBeVisible();
});

test('on paper and without scripts every move has its picture', async ({ page, browser }) => {
  await page.goto('/knots?knot=alberto');
  await expect(page.getByTestId('move')).toBeVisible();
  await page.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
  await expect(page.getByRole('img', { name: /^Move/ })).toHaveCount(7);
  await page.evaluate(() => window.dispatchEvent(new Event('afterprint')));
  await expect(page.getByRole('img', { name: /^Move/ })).toHaveCount(1);

  const still = await browser.newPage({ javaScriptEnabled: false, baseURL: BENCH_URL });
  await still.goto('/knots');
  const pictures = still.getByRole('img', { name: /^Move/ });
  expect(await pictures.count()).toBeGreaterThan(50);
  await expect(still.getByRole('heading', { name: 'double uni, 5 and 7 turns' })).toBeVisible();
  const source = await pictures.nth(3).getAttribute('src');
  const answer = await still.request.get(source ?? '');
  expect(answer.status()).toBe(200);
  expect(answer.headers()['content-type']).toContain('image/svg+xml');
  expect(await answer.text()).toContain('<svg');
  await still.close();
});

import { defineConfig } from '@playwright/test';

/**
 * Debian's Chromium against the servers that ./undro test has started. The limits are those of a machine
 * that has little to give: no test measures time.
 */
export default defineConfig({
  testDir: 'tests/browser',
  outputDir: 'tests/browser/results',
  workers: 3,
  // a test that hangs ends here; a long evening beside a busy core takes two minutes
  timeout: 300_000,
  expect: { timeout: 20_000 },
  forbidOnly: true,
  reporter: [['line'], ['junit']],
  // what only looks comes last: it fills whichever worker is free, while the long runs at the bench go on in the other
  projects: [
    { name: 'use', testIgnore: ['everywhere.spec.ts', 'served/**'] },
    { name: 'everywhere', testMatch: 'everywhere.spec.ts' },
  ],
  use: {
    // a browser of the United States starts in yards
    locale: 'en-GB',
    baseURL: process.env.UNDRO_DEMO_URL ?? 'http://127.0.0.1:8247',
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: '/usr/bin/chromium-headless-shell',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-gpu-compositing',
        '--in-process-gpu',
        '--disable-background-networking',
        '--disable-quic',
        '--no-first-run',
      ],
    },
  },
});

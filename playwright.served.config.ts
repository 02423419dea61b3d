import { defineConfig } from '@playwright/test';
import usual from './playwright.config';

const { projects: _, ...rest } = usual;

/** What is served to households, by a browser that trusts the server's own authority as a phone does on which it was installed. */
export default defineConfig({
  ...rest,
  testDir: 'tests/browser/served',
  fullyParallel: true,
  use: {
    // a browser of the United States starts in yards
    locale: 'en-GB',
    ...usual.use,
    baseURL: process.env.UNDRO_SERVED_URL,
    launchOptions: {
      ...usual.use?.launchOptions,
      env: { ...process.env, HOME: process.env.UNDRO_SERVED_HOME ?? '' } as Record<string, string>,
    },
  },
});

import type { BrowserContext, Page } from '@playwright/test';

/** So many times slower each page is made, as `./undro test --slow` asks. */
const TIMES = Number(process.env.UNDRO_SLOWER ?? 1);

/** Slows every page of a context, those that open later too. */
export async function slower(context: BrowserContext): Promise<void> {
  if (TIMES <= 1) return;
  const slow = async (page: Page) => {
    const browser = await context.newCDPSession(page);
    await browser.send('Emulation.setCPUThrottlingRate', { rate: TIMES });
  };
  // a page may be closed before it has been slowed
  context.on('page', (page) => void slow(page).catch(() => {}));
  await Promise.all(context.pages().map(slow));
}

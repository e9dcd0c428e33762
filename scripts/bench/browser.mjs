import { chromiumPath } from '../run/lib.mjs';

/** Debian's Chromium, headless, with nothing of its own going to the network. */
const FLAGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--disable-dev-shm-usage',
  '--autoplay-policy=no-user-gesture-required',
];

/** Opens a browser; its profile is a temporary one that puppeteer makes and clears away, or the one in a folder. */
/** @param {string[]} flags @param {string} [userDataDir] */
export async function openBrowser(flags = [], userDataDir) {
  const { launch } = await import('puppeteer-core');
  const args = [...FLAGS, ...flags];
  return launch({ executablePath: chromiumPath() ?? '', headless: true, args, userDataDir });
}

/** Scrolls to the charts and waits until they are drawn: they come when they are seen. */
export async function toCharts(page) {
  await page.waitForFunction(() => {
    const place = document.querySelector('[data-testid=charts], [data-testid=charts-place] [aria-busy]');
    place?.scrollIntoView({ block: 'center' });
    return document.querySelector('[data-testid=charts] svg') !== null;
  });
}

/** Scrolls to the odds, which are worked out when they come near, and waits for them. */
export async function toOdds(page) {
  await page.waitForFunction(
    () => {
      scrollTo(0, document.body.scrollHeight);
      const odds = document.querySelector('[data-testid=odds-wanted]');
      odds?.scrollIntoView({ block: 'center' });
      return odds !== null;
    },
    { polling: 100 },
  );
}

import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromiumPath } from './lib.mjs';

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

/** Opens a browser in a profile of its own. */
export async function openBrowser() {
  const { launch } = await import('puppeteer-core');
  const userDataDir = mkdtempSync(join(tmpdir(), 'hammock-browser-'));
  const browser = await launch({
    executablePath: chromiumPath() ?? '',
    headless: true,
    args: FLAGS,
    userDataDir,
  });
  browser.on('disconnected', () => rmSync(userDataDir, { recursive: true, force: true, maxRetries: 5 }));
  return browser;
}

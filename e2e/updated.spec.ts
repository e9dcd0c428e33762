import { afterAll, beforeAll, describe, expect, it, jest } from '@jest/globals';
import { cpSync, mkdtempSync, readdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { webFolder } from '../scripts/run/lib.mjs';
import type { Page } from 'puppeteer-core';
import { keptByBrowser, Kitchen, pour, press, sees, stored } from './support/harness.js';

jest.setTimeout(60_000);

/** The built web in a folder of its own, so that it can be updated under an open page. */
const web = mkdtempSync(join(tmpdir(), 'hammock-updated-'));
beforeAll(() => {
  cpSync(webFolder, web, { recursive: true });
});
afterAll(() => {
  rmSync(web, { recursive: true, force: true });
});
const kitchen = Kitchen.forTests({ demo: false, web });

/** Every piece gets another name, in the files and in what names them: as a build of another version would. */
function update(): void {
  const assets = join(web, 'assets');
  const renamed = readdirSync(assets)
    .filter((name) => name.endsWith('.js'))
    .map((name) => [name, name.replace(/\.js$/u, '_.js')] as const);
  const everywhere = (text: string): string =>
    renamed.reduce((at, [from, to]) => at.replaceAll(from, to), text);
  for (const [from, to] of renamed) {
    writeFileSync(join(assets, from), everywhere(readFileSync(join(assets, from), 'utf8')));
    renameSync(join(assets, from), join(assets, to));
  }
  for (const name of ['index.html', 'sw.js'])
    writeFileSync(join(web, name), everywhere(readFileSync(join(web, name), 'utf8')));
  // What a build of another version would have: the page is another one.
  const keeper = join(web, 'sw.js');
  writeFileSync(keeper, readFileSync(keeper, 'utf8').replace(/(url:"index\.html",revision:")/u, '$1x'));
}

/** As in a window where the browser does not keep the program. */
const keepsNothing = (): void => {
  Reflect.deleteProperty(Navigator.prototype, 'serviceWorker');
};
const scriptOf = (page: Page): Promise<string | null> =>
  page.$eval('script[type=module][src]', (e) => e.getAttribute('src'));

describe('a page that is open while the program is updated', () => {
  it('loads itself anew when it needs a piece that is gone, and loses nothing', async () => {
    const page = await kitchen.page('/help');
    await page.evaluateOnNewDocument(keepsNothing);
    await page.goto(`${kitchen.url}/`);
    await pour(page);
    await press(page, 'One more');
    await stored(page);
    const before = await pour(page);
    update();
    await press(page, 'Notebook');
    await sees(page, 'Nothing is written down yet');
    await press(page, 'Pour');
    expect((await pour(page)).other).toBe(before.other);
    expect(await scriptOf(page)).toContain('_.js');
    await page.close();
  });

  it('that is kept by the browser stays as it is, says that a newer one is here, and takes it up when told', async () => {
    const page = await kitchen.page();
    await keptByBrowser(page);
    const before = await scriptOf(page);
    update();
    await page.reload();
    await page.waitForSelector('[data-testid=new-version]');
    expect(await scriptOf(page)).toBe(before);
    // Not while a pot is on.
    await press(page, 'Cook this');
    await sees(page, 'It waits until the pot is off');
    await press(page, 'Give this pot up');
    const loaded = page.waitForNavigation();
    await press(page, 'Take it up');
    await loaded;
    expect(await scriptOf(page)).not.toBe(before);
    await page.waitForFunction(() => document.querySelector('[data-testid=new-version]') === null);
  });
});

import { afterAll, beforeAll, describe, expect, it, jest } from '@jest/globals';
import { cpSync, mkdtempSync, readdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { webFolder } from '../scripts/lib.mjs';
import { Kitchen, pour, press, sees } from './harness.js';

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
    .map((name) => [name, name.replace(/-([\w-]{8})\.js$/u, '-new$1.js')] as const);
  const everywhere = (text: string): string =>
    renamed.reduce((at, [from, to]) => at.replaceAll(from, to), text);
  for (const [from, to] of renamed) {
    writeFileSync(join(assets, from), everywhere(readFileSync(join(assets, from), 'utf8')));
    renameSync(join(assets, from), join(assets, to));
  }
  const page = join(web, 'index.html');
  writeFileSync(page, everywhere(readFileSync(page, 'utf8')));
}

describe('a page that is open while the program is updated', () => {
  it('loads itself anew when it needs a piece that is gone, and loses nothing', async () => {
    const page = await kitchen.page();
    await pour(page);
    await press(page, 'One more');
    await page.waitForSelector('[data-testid=keeping][data-code=stored]');
    const before = await pour(page);
    update();
    await press(page, 'Notebook');
    await sees(page, 'Nothing is written down yet');
    await press(page, 'Pour');
    expect((await pour(page)).other).toBe(before.other);
    const script = await page.$eval('script[type=module][src]', (e) => e.getAttribute('src'));
    expect(script).toContain('-new');
  });
});

import { describe, expect, it, jest } from '@jest/globals';
import type { Page } from 'puppeteer-core';
import { some } from './support/budget.js';
import { axe, Kitchen, press, pressOn, SCREENS, sees } from './support/harness.js';

jest.setTimeout(240_000);

const kitchen = Kitchen.forTests({ demo: true });

const WIDTHS = [320, 390, 768, 1280] as const;
const LOOKS = ['light', 'dark', 'forced colours', '150 % text'] as const;

/** What axe has against the page. In forced colours the reader's own colours stand against each other, not ours. */
const against = async (page: Page, look: (typeof LOOKS)[number]): Promise<string[]> =>
  (await axe(page)).filter((line) => look !== 'forced colours' || !line.startsWith('color-contrast'));

describe('what is read', () => {
  it('has the contrast of AAA in the light theme on every screen', async () => {
    for (const path of [...SCREENS, '/stove']) {
      const page = await kitchen.page(path, { width: 1280, height: 3000 });
      await page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: 'light' }]);
      await page.waitForSelector('main h1');
      await page.waitForNetworkIdle();
      expect([path, await axe(page, ['color-contrast-enhanced'])]).toEqual([path, []]);
      await page.close();
    }
  });
});

describe('what is open', () => {
  it.each(LOOKS)('has nothing against it from axe in %s, at every width', async (look) => {
    // By day each look at one width, each width in one look.
    for (const width of some(WIDTHS, LOOKS.indexOf(look))) {
      const page = await kitchen.page('/', { width, height: 844 });
      // Straight to the browser: the driver knows fewer features than it does.
      const client = await page.createCDPSession();
      await client.send('Emulation.setEmulatedMedia', {
        features:
          look === 'forced colours'
            ? [{ name: 'forced-colors', value: 'active' }]
            : [{ name: 'prefers-color-scheme', value: look === 'dark' ? 'dark' : 'light' }],
      });
      if (look === '150 % text')
        await page.evaluate(() => (document.documentElement.style.fontSize = '150%'));
      const at = `${look}, ${width.toString()}`;
      const list = await page.waitForSelector(
        '[role=combobox][aria-label="Add something"][data-state=closed]',
        { visible: true },
      );
      await pressOn(list!);
      await page.waitForSelector('[role=option]');
      expect([at, 'list', await against(page, look)]).toEqual([at, 'list', []]);
      await page.keyboard.press('Escape');
      await press(page, 'type or paste a list');
      await page.waitForSelector('textarea');
      expect([at, 'pasting', await against(page, look)]).toEqual([at, 'pasting', []]);
      await sees(page, 'Where the water comes from');
      await press(page, 'of water come in');
      await page.waitForSelector('[role=dialog]');
      expect([at, 'figures', await against(page, look)]).toEqual([at, 'figures', []]);
      await page.goto(`${kitchen.url}/kitchen`);
      await press(page, 'Add a pot');
      await page.waitForSelector('form[aria-label="New pot"]');
      expect([at, 'form', await against(page, look)]).toEqual([at, 'form', []]);
      expect(
        await page.evaluate(
          () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
        ),
      ).toBeLessThanOrEqual(0);
      await page.close();
    }
  });
});

import { describe, expect, it, jest } from '@jest/globals';
import { some } from './support/budget.js';
import { axe, choose, Kitchen, pour, press, retype, sees, until } from './support/harness.js';

jest.setTimeout(120_000);

const kitchen = Kitchen.forTests({ demo: true });

const PAST = '/notebook/7a1e0007-0000-4000-8000-000000000001';
const SCREENS: readonly (readonly [string, string])[] = [
  ['/', 'Where the water comes from'],
  ['/stove', 'No pot is on'],
  ['/notebook', 'came out just right'],
  [PAST, 'How it went'],
  ['/method', 'min hands on'],
  ['/compare', 'What differs, and why'],
  ['/dishes', 'of 12'],
  ['/kitchen', 'Household'],
  ['/kitchen/water-test', 'Measured so far'],
  ['/nowhere', 'Nothing hangs here'],
];

describe.each(['light', 'dark'] as const)('every screen in the %s', (theme) => {
  it.each(some([[1280, 800] as const, [390, 844] as const], theme === 'light' ? 0 : 1))(
    'at %p wide has nothing against it from axe',
    async (width, height) => {
      const page = await kitchen.page('/kitchen', { width, height });
      await press(page, theme);
      for (const [path, words] of SCREENS) {
        await page.goto(`${kitchen.url}${path}`);
        await sees(page, words);
        expect(await axe(page)).toEqual([]);
      }
      // A pot on the stove, its outcome form, and an open list of figures.
      await page.goto(kitchen.url);
      await press(page, 'rice drinks');
      await sees(page, 'dry matter');
      expect(await axe(page)).toEqual([]);
      await page.keyboard.press('Escape');
      await press(page, 'Cook this');
      await sees(page, 'stage 1 of');
      expect(await axe(page)).toEqual([]);
      await press(page, 'Give this pot up');
    },
  );
});

describe('on a phone', () => {
  it.each(some([360, 390], 0))('never scrolls sideways at %p wide, nor at 200 % zoom', async (width) => {
    const page = await kitchen.page('/', { width, height: 844 });
    for (const [path, words] of SCREENS) {
      await page.goto(`${kitchen.url}${path}`);
      await sees(page, words);
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
    }
    await page.setViewport({ width: 640, height: 400, deviceScaleFactor: 2 });
    await page.goto(kitchen.url);
    await pour(page);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(640);
  });

  it('has targets of 48 px and more at the stove', async () => {
    const page = await kitchen.page('/', { width: 390, height: 844 });
    await press(page, 'Cook this');
    await sees(page, 'stage 1 of');
    const small = await page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('main button, main a, main input, nav a')]
        .map((e) => ({
          words: e.textContent || e.ariaLabel,
          height: Math.round(e.getBoundingClientRect().height),
        }))
        .filter((e) => e.height < 48),
    );
    expect(small).toEqual([]);
    await press(page, 'Give this pot up');
  });
});

describe('what is typed wrong', () => {
  it('is told at its field, keeps the last answer, and is not taken away', async () => {
    const page = await kitchen.page();
    const before = await pour(page);
    for (const [typed, told] of [
      ['1/0 cup', 'divides by zero'],
      ['3 blobs', 'not a measure known here'],
      ['-2 cups', 'more than nothing'],
      ['0 g', 'more than nothing'],
      ['9 000 000 kg', 'more than any kitchen pot'],
      ['NaN', 'not an amount'],
    ] as const) {
      await retype(page, 'Amount of grain', typed);
      await sees(page, told);
      expect(await pour(page)).toEqual(before);
      expect(await page.$eval('input[aria-label="Amount of grain"]', (e) => e.value)).toBe(typed);
    }
    await retype(page, 'Amount of grain', '12 cups');
    await sees(page, 'use a larger one');
    await retype(page, 'Amount of grain', '1½ cups');
    await page.waitForFunction(() => document.querySelector('[role=alert]') === null);
    expect((await pour(page)).other).not.toBe(before.other);
  });

  it('answers a base that is too wet with ways out', async () => {
    const page = await kitchen.page();
    await choose(page, 'Dish', 'Signal-red rice');
    await retype(page, 'Amount of Tomato, fresh', '3 kg');
    await choose(page, 'Pot', 'Mess kettle');
    await choose(page, 'How Tomato, fresh goes in', 'in with the liquid');
    await sees(page, 'Pour nothing, and do one of these');
    await sees(page, 'of grain');
    expect((await pour(page)).main).toContain('nothing');
  });
});

describe('the kitchen', () => {
  it('adds, changes, takes away and puts back; a wrong number is told at its field', async () => {
    const page = await kitchen.page('/kitchen');
    await press(page, 'Add a pot');
    const form = await page.waitForSelector('form[aria-label="New pot"]');
    const [label, width] = await form!.$$('input');
    await press(page, 'Keep');
    await sees(page, 'Give it a name');
    await label!.type('Tin pot');
    await width!.click({ count: 3 });
    await page.keyboard.type('500');
    await sees(page, 'From 10 to 60 cm');
    await press(page, 'Keep');
    await width!.click({ count: 3 });
    await page.keyboard.type('18,5');
    await press(page, 'Keep');
    await sees(page, '18.5 cm wide');
    await press(page, 'Remove Tin pot');
    await sees(page, 'Tin pot is removed');
    await press(page, 'Put it back');
    await until(async () => {
      const pots = await kitchen.api<{ label: string; diameterCm: number }[]>('GET', 'vessels');
      return pots.some((p) => p.label === 'Tin pot' && p.diameterCm === 18.5);
    });
  });

  it('shows amounts in g and ml when asked to, everywhere', async () => {
    const page = await kitchen.page('/kitchen');
    await choose(page, 'Amounts first in', 'g and ml');
    await page.waitForNetworkIdle();
    await page.goto(kitchen.url);
    await choose(page, 'Dish', 'Splicer');
    await page.waitForFunction(() =>
      / ?ml/u.test(document.querySelector('[data-testid=pour-main]')?.textContent ?? ''),
    );
    await page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('[role=radio]')]
        .find((e) => e.textContent === 'cups')
        ?.click(),
    );
    await page.waitForFunction(() =>
      (document.querySelector('[data-testid=pour-main]')?.textContent ?? '').includes('cup'),
    );
  });
});

describe('without a server', () => {
  it('says so to a device that has never met it, and goes on by itself when it comes', async () => {
    const page = await (await kitchen.device()).newPage();
    await page.setRequestInterception(true);
    let gone = true;
    page.on('request', (r) => void (gone && r.url().includes('/api/') ? r.abort() : r.continue()));
    await page.goto(kitchen.url);
    await sees(page, 'Nothing to hang yet');
    await sees(page, 'The server is not answering');
    expect(await axe(page)).toEqual([]);
    gone = false;
    await pour(page);
    await sees(page, 'Where the water comes from');
  });
});

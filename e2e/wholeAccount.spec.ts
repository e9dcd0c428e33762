import { describe, expect, it, jest } from '@jest/globals';
import type { Page } from 'puppeteer-core';
import { axe, choose, Kitchen, pour, press, retype, sees, until } from './support/harness.js';

jest.setTimeout(120_000);

const kitchen = Kitchen.forTests({ demo: true });

const ml = async (page: Page): Promise<number> => Number(/(\d+) ml/u.exec((await pour(page)).other)?.[1]);
const undoKey = async (page: Page): Promise<void> => {
  await page.keyboard.down('Control');
  await page.keyboard.press('KeyZ');
  await page.keyboard.up('Control');
};
const stages = (page: Page): Promise<string[]> =>
  page.$$eval('[data-testid=stage]', (rows) =>
    rows.map((r) => r.querySelector('[role=combobox]')?.textContent ?? ''),
  );

describe('a dish from a pasted list', () => {
  it('is read line by line, corrected by a tap, put in, kept, and found again', async () => {
    const page = await kitchen.page('/');
    await press(page, 'type or paste a list');
    const field = await page.waitForSelector('textarea');
    await field?.type(
      '2 medium onions, sliced\n1 8-oz can tomato sauce\n400 g raw prawns\n1/3 cup yoghrt\nsome mint',
    );
    await sees(page, 'nearly. Is it that?');
    await sees(page, 'that cannot be measured');
    expect(await axe(page)).toEqual([]);
    await press(page, 'Yes');
    await press(page, 'Put these 4 in');
    await sees(page, 'Tomato sauce, tinned');
    await sees(page, 'Prawns brings');
    await page.type('input[placeholder="a dish of its own"]', 'Prawns on the line');
    await press(page, 'Keep as a new dish');
    await sees(page, 'Prawns on the line is kept');
    await press(page, 'Dishes');
    await page.waitForSelector('input[type=search]');
    await page.type('input[type=search]', 'prawns line');
    await sees(page, '1 of 13');
  });
});

describe('the stages', () => {
  it('are reordered by mouse and by keyboard, and the answer follows at once', async () => {
    const page = await kitchen.page('/');
    await choose(page, 'Dish', 'Splicer');
    await press(page, 'Change the stages');
    await page.waitForSelector('[data-testid=stage]');
    const before = await stages(page);
    const handles = await page.$$('[data-testid=stage] > button');
    const from = await handles[2]?.boundingBox();
    const to = await handles[1]?.boundingBox();
    if (!from || !to) throw new Error('no handles');
    await page.mouse.move(from.x + 20, from.y + 20);
    await page.mouse.down();
    await page.mouse.move(from.x + 20, from.y + 4, { steps: 4 });
    await page.mouse.move(to.x + 20, to.y + 10, { steps: 12 });
    await page.mouse.up();
    await page.waitForFunction(
      (first) => document.querySelectorAll('[data-testid=stage] [role=combobox]')[4]?.textContent !== first,
      {},
      before[1],
    );
    const after = await stages(page);
    expect(after.slice(1, 3)).toEqual([before[2], before[1]]);
    // Grain toasted before the base is a school of its own: nothing is wrong with it.
    expect(await page.$('[data-testid=stage] [role=alert]')).toBeNull();
    // Back again with the keyboard alone.
    await page.evaluate(() =>
      document.querySelectorAll<HTMLElement>('[data-testid=stage] > button')[1]?.focus(),
    );
    // Each key is pressed once the one before was told to whoever cannot see it.
    const told = (before: string) =>
      page.waitForFunction(
        (was) => {
          const now = document.querySelector('[id^=DndLiveRegion]')?.textContent ?? '';
          return now !== was && now.includes('would be') ? now : false;
        },
        {},
        before,
      );
    await page.keyboard.press('Space');
    const lifted = (await (await told('')).jsonValue()) as string;
    await page.keyboard.press('ArrowDown');
    await told(lifted);
    await page.keyboard.press('Space');
    await until(async () => (await stages(page)).join() === before.join());
    expect(await stages(page)).toEqual(before);
    const cups = await page.$eval('[data-testid=method-pour]', (e) => e.textContent);
    await retype(page, 'Minutes of Boil open', '9');
    await page.waitForFunction(
      (was) => document.querySelector('[data-testid=method-pour]')?.textContent !== was,
      {},
      cups,
    );
  });
});

describe('the pour', () => {
  it('tops up a can of coconut milk', async () => {
    const page = await kitchen.page('/');
    await choose(page, 'Dish', 'White-out');
    const one = await ml(page);
    await retype(page, 'Amount of Coconut milk, canned', '1.5 cans');
    await page.waitForFunction(
      (was) => !document.querySelector('[data-testid=pour-other]')?.textContent.includes(was),
      {},
      `${one} ml`,
    );
    // Half a can more is 146 g of water more (72.9 g in 100 g) less the film its solids hold.
    expect(one - (await ml(page))).toBeGreaterThan(100);
    expect(one - (await ml(page))).toBeLessThan(150);
  });

  it('goes out of a base that is too much by each of three ways', async () => {
    const page = await kitchen.page('/');
    await choose(page, 'Dish', 'Counterweight');
    await sees(page, 'The base');
    await retype(page, 'Amount of Pepper and tomato base, blended', '4 kg');
    await choose(page, 'Pot', 'Mess kettle');
    await sees(page, 'of water too much');
    expect(await axe(page)).toEqual([]);
    for (const way of ['Ladle out', 'Cook it down', 'Add ']) {
      await page.waitForFunction(() => document.querySelector('[aria-label="Three ways out"]') !== null);
      await page.evaluate((words) => {
        const ways = document.querySelectorAll<HTMLElement>('[aria-label="Three ways out"] button');
        [...ways].find((b) => b.textContent.includes(words))?.click();
      }, way);
      await page.waitForFunction(() => document.querySelector('[aria-label="Three ways out"]') === null);
      await undoKey(page);
    }
  });

  it('is shared among pots when it does not fit', async () => {
    const page = await kitchen.page('/');
    await choose(page, 'Dish', 'Splicer');
    await choose(page, 'Pot', 'Blue enamel');
    await retype(page, 'Amount of grain', '1.6 kg');
    await press(page, 'Share it among');
    await sees(page, 'pots, with');
  });

  it('takes ten edits back', async () => {
    const page = await kitchen.page('/');
    await choose(page, 'Dish', 'Lantern');
    await choose(page, 'Pot', 'Blue enamel');
    const first = await pour(page);
    const people = await page.$('[aria-label="One more"]');
    for (let i = 0; i < 10; i += 1) {
      await people?.click();
      // Edits of one thing a moment apart are one; these are meant one by one, so the clock goes on in between.
      await page.evaluate(() => {
        const before = Date.now.bind(Date);
        Date.now = () => before() + 1000;
      });
    }
    expect(await pour(page)).not.toEqual(first);
    for (let i = 0; i < 10; i += 1) await undoKey(page);
    expect(await pour(page)).toEqual(first);
  });
});

describe('the kitchen', () => {
  it('knows a cup by its weight in grain', async () => {
    const page = await kitchen.page('/kitchen');
    await press(page, 'Change cup');
    await press(page, 'Weigh it');
    await retype(page, 'weigh together', '420');
    await press(page, 'It holds');
    await press(page, 'Keep');
    await sees(page, 'cup, 268.5 ml');
  });

  it('measures its steam with a pot of water, and the answer changes', async () => {
    const page = await kitchen.page('/');
    await choose(page, 'Dish', 'Splicer');
    await choose(page, 'Pot', 'casserole');
    const before = await ml(page);
    await page.goto(`${kitchen.url}/kitchen/water-test`);
    await choose(page, 'Pot', 'casserole');
    await choose(page, 'Setting', 'low heat');
    await retype(page, 'It weighs', '3400');
    await retype(page, 'It weighs now', '3260');
    await retype(page, 'And now', '3180');
    await sees(page, 'What that changes');
    expect(await axe(page)).toEqual([]);
    await press(page, 'Cook by what was measured');
    await sees(page, 'Every answer for the two goes by it');
    await page.goto(kitchen.url);
    await page.waitForFunction(
      (was) => !document.querySelector('[data-testid=pour-other]')?.textContent.includes(was),
      { timeout: 10_000 },
      `${before} ml`,
    );
    expect(await ml(page)).toBeGreaterThan(before + 40);
  });
});

describe('two ways side by side', () => {
  it('says what differs and why', async () => {
    const page = await kitchen.page('/');
    await choose(page, 'Dish', 'Splicer');
    await press(page, 'Compare with another way');
    await choose(page, 'Set beside it', 'pressure cooker');
    await sees(page, 'Leaves as steam less');
    await choose(page, 'Set beside it', 'twice as much');
    await sees(page, 'drinks more');
    expect(await axe(page)).toEqual([]);
  });
});

import { describe, expect, it, jest } from '@jest/globals';
import type { CookRecord } from '@hammock/core/records';
import type { Page } from 'puppeteer-core';
import {
  asAThumb,
  button,
  choose,
  Kitchen,
  pour,
  press,
  retype,
  sees,
  tapStage,
  until,
} from './support/harness.js';

jest.setTimeout(60_000);

const kitchen = Kitchen.forTests({ demo: false });

const stageName = (page: Page): Promise<string> => page.$eval('#act', (e) => e.textContent);
const clockSeconds = async (page: Page): Promise<number> => {
  const text = await page.$eval('[data-testid=clock]', (e) => e.textContent);
  const [minutes = 0, seconds = 0] = text.replace('+', '').split(':').map(Number);
  return minutes * 60 + seconds;
};

describe('the first pot', () => {
  it('goes from three choices to a number, through the stages, to a written-down outcome', async () => {
    const page = await kitchen.page();
    await choose(page, 'Dish', 'Coconut rice');
    await choose(page, 'Pot', 'Small saucepan');
    await sees(page, 'Coconut milk brings');
    await choose(page, 'Pot', 'Everyday pot');
    const four = await pour(page);
    expect(four.main).toMatch(/cup/u);
    expect(four.other).toMatch(/^\d+ ml$/u);

    await press(page, 'One more');
    await press(page, 'One more');
    await page.waitForFunction(
      (before) => document.querySelector('[data-testid=pour-other]')?.textContent !== before,
      {},
      four.other,
    );
    await sees(page, 'times as much, not twice');
    const six = await pour(page);

    await press(page, 'Cook this');
    await sees(page, 'Drain');
    await tapStage(page, 'Start the clock');
    await tapStage(page, 'Done. Next: pour and boil');
    // What was poured is heard: less than advised is short by so much, and what was advised is nothing to speak of.
    await retype(page, 'What was really poured', '1 cup');
    await sees(page, 'less than advised');
    await sees(page, 'more, hot, before the lid goes on');
    await retype(page, 'What was really poured', six.other);
    await page.waitForFunction(() => document.querySelector('[data-testid=poured-otherwise]') === null);
    await tapStage(page, 'Done. Next: simmer');
    await press(page, '5 more min');
    await sees(page, '20 min');
    await press(page, 'Undo');
    await sees(page, '15 min');
    await tapStage(page, 'Done. Next: rest');
    await tapStage(page, 'Done. Open the lid');

    await press(page, 'a little soft');
    await press(page, 'golden');
    const note = await page.waitForSelector('input[placeholder="one line, or nothing"]');
    await note?.type('two spoons less');
    await press(page, 'Write it down');
    await sees(page, 'two spoons less');
    await sees(page, 'a little soft');

    await press(page, 'Coconut rice');
    await sees(page, 'How it went');
    await sees(page, 'Coconut milk brings');
    await sees(page, `(${six.other}) poured`);
    await press(page, 'Cook it again');
    await sees(page, 'Cook this');
    expect((await pour(page)).main).toMatch(/cup/u);
  });

  it('loses nothing to a reload, another device, a killed server, or taps while it is gone', async () => {
    const page = await kitchen.page();
    await choose(page, 'Dish', 'Stock pilaf');
    await press(page, 'Cook this');
    await tapStage(page, 'Start the clock');
    await tapStage(page, 'Done');
    await sees(page, 'Cook the base');
    await page.waitForNetworkIdle();
    const before = await clockSeconds(page);

    await page.reload();
    await sees(page, 'Cook the base');
    expect(Math.abs((await clockSeconds(page)) - before)).toBeLessThan(15);

    const phone = await kitchen.page('/stove', { width: 390, height: 844 });
    await sees(phone, 'Cook the base');
    expect(Math.abs((await clockSeconds(phone)) - (await clockSeconds(page)))).toBeLessThan(3);

    await kitchen.killServer();
    await tapStage(page, 'Done');
    await sees(page, 'The server is not answering');
    await sees(page, 'kept on this device only');
    expect(await stageName(page)).toBe('Toast the grain');

    await kitchen.startServer();
    await page.waitForFunction(() => !document.body.innerText.includes('The server is not answering'), {
      timeout: 15_000,
    });
    const [newest] = await kitchen.api<CookRecord[]>('GET', 'cooks?limit=1');
    // The server answers again a moment before what waited for it has arrived.
    const kinds = async (): Promise<string> =>
      (await kitchen.api<CookRecord>('GET', `cooks/${newest!.id}`)).events!.map((e) => e.kind).join();
    await until(async () => (await kinds()) === 'start,done,done');

    await phone.reload();
    await sees(phone, 'Toast the grain');
    await press(phone, 'Give this pot up');
    await sees(phone, 'No pot is on');
  });

  it('keeps a plan typed while the server is gone, and sends it when it is back', async () => {
    const page = await kitchen.page();
    await pour(page);
    await kitchen.killServer();
    await retype(page, 'Amount of grain', '1 1/4 cups');
    await sees(page, 'The server is not answering');
    await page.reload().catch(() => undefined);
    await kitchen.startServer();
    await page.goto(kitchen.url);
    await page.waitForFunction(
      () =>
        document.querySelector<HTMLInputElement>('input[aria-label="Amount of grain"]')?.value ===
        '1 1/4 cups',
    );
    await page.waitForFunction(
      async () => (await (await fetch('/api/plans')).text()).includes('1 1/4 cups'),
      { timeout: 15_000, polling: 250 },
    );
  });

  it('stops within two seconds when it is told to', async () => {
    await kitchen.page();
    expect(await kitchen.stopServer()).toBeLessThan(2000);
    await kitchen.startServer();
  });

  it('rings at the end of a stage with the tab in the background', async () => {
    const [vessel] = await kitchen.api<{ diameterCm: number; volumeMl: number }[]>('GET', 'vessels');
    const end = { kind: 'minutes', minutes: 0.05 };
    const input = {
      grainId: 'basmati',
      grain: { g: 200 },
      vessel: { diameterCm: vessel!.diameterCm, volumeMl: vessel!.volumeMl },
      stages: [
        {
          id: 'boil',
          act: 'boil',
          heat: 'high',
          lid: 'off',
          end: { kind: 'sign', sign: 'boilAllOver', expectMin: 4 },
        },
        { id: 'simmer', act: 'simmer', heat: 'low', lid: 'on', end },
      ],
    };
    const id = crypto.randomUUID();
    await kitchen.api('PUT', `cooks/${id}`, { label: 'Three seconds', input, startedAtMs: Date.now() });
    const page = await kitchen.page('/stove');
    await tapStage(page, 'Start the clock');
    await tapStage(page, 'Done. Next: simmer');
    const other = await kitchen.page('/notebook');
    await other.bringToFront();
    await page.waitForFunction(() => document.documentElement.dataset['rung'] === '1', {
      timeout: 10_000,
      polling: 200,
    });
    await page.bringToFront();
    await sees(page, 'Time is up');
    await press(page, 'Give this pot up');
  });
});

describe('with the keyboard alone', () => {
  it('chooses a dish, reads the account, cooks and writes down', async () => {
    const page = await kitchen.page();
    await pour(page);
    const focusOn = async (name: string): Promise<void> => {
      for (let tabs = 0; tabs < 90; tabs += 1) {
        const here = await page.evaluate(() => {
          const e = document.activeElement as HTMLElement;
          if (e === document.body) return '';
          return `${e.getAttribute('aria-label') ?? ''} ${e.textContent}`;
        });
        if (here.includes(name)) return;
        await page.keyboard.press('Tab');
      }
      throw new Error(`the keyboard never reached ${name}`);
    };
    await focusOn('Dish ');
    await page.keyboard.press('Enter');
    await page.waitForSelector('[role=option]');
    await page.keyboard.type('Tomato');
    await page.keyboard.press('Enter');
    await sees(page, 'Tomato brings');
    await focusOn('Tomato brings');
    await page.keyboard.press('Enter');
    await sees(page, 'share set free');
    await page.keyboard.press('Escape');
    await focusOn('Cook this').catch(async () => {
      await page.evaluate(() => (document.activeElement as HTMLElement).blur());
      await focusOn('Cook this');
    });
    await page.keyboard.press('Enter');
    await sees(page, 'stage 1 of');
    await focusOn('Start the clock');
    await asAThumb(page, () => page.keyboard.press('Enter'));
    for (let stage = 0; stage < 12; stage += 1) {
      if (await page.evaluate(() => document.body.innerText.includes('Open, fork, taste'))) break;
      await focusOn('Done');
      const heading = await page.$eval('h1', (e) => e.textContent);
      await asAThumb(page, () => page.keyboard.press('Enter'));
      await page.waitForFunction((was) => document.querySelector('h1')?.textContent !== was, {}, heading);
    }
    await sees(page, 'Open, fork, taste');
    await focusOn('hard');
    for (let step = 0; step < 2; step += 1) {
      const before = await page.evaluate(() => document.activeElement?.textContent ?? '');
      await page.keyboard.press('ArrowRight');
      // A second key before the first has moved the choice would move it from where it was.
      await page.waitForFunction(
        (was) => {
          const here = document.activeElement;
          return here?.getAttribute('aria-checked') === 'true' && here.textContent !== was;
        },
        {},
        before,
      );
    }
    await sees(page, 'Write it down');
    await focusOn('Write it down');
    await page.keyboard.press('Enter');
    await sees(page, 'Notebook');
    await sees(page, 'just right');
    await button(page, 'Tomato rice');
  });
});

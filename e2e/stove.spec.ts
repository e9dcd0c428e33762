import { describe, expect, it, jest } from '@jest/globals';
import { axe, Kitchen, press, retype, sees, tapStage, until } from './support/harness.js';

jest.setTimeout(120_000);

const kitchen = Kitchen.forTests({ demo: true });

describe('a pot that is told of', () => {
  it('answers what is said with an act, keeps it through a reload, and shows it on another device', async () => {
    const page = await kitchen.page('/');
    await page.setViewport({ width: 390, height: 844, hasTouch: true });
    await press(page, 'Cook this');
    await page.waitForSelector('[data-testid=next]');
    const name = (): Promise<string> => page.$eval('#act', (h) => h.textContent);
    await tapStage(page, 'Start the clock');
    for (let i = 0; i < 12 && (await name()) !== 'Simmer'; i += 1) await tapStage(page, 'Done. Next');
    expect(await name()).toBe('Simmer');
    await press(page, 'Looked …');
    expect(await axe(page)).toEqual([]);
    await press(page, 'level');
    await page.waitForSelector('[data-testid=advice]');
    expect(await axe(page)).toEqual([]);
    await sees(page, 'Looked: level');
    await press(page, 'Put in …');
    await press(page, '3 tbsp');
    await sees(page, 'Put in 3 tbsp');
    await page.reload();
    await sees(page, 'Looked: level');
    const other = await kitchen.page('/stove');
    await sees(other, 'Put in 3 tbsp');
    await press(page, 'Undo');
    const saidOn = (where: typeof page): Promise<string> =>
      where.$eval('[data-testid=said]', (p) => p.textContent).catch(() => '');
    for (const where of [page, other]) await until(async () => (await saidOn(where)) === 'Looked: level');
    await other.close();
  });

  it('takes every tap there is, each kept by the server, and every one of them back', async () => {
    const page = await kitchen.page('/stove');
    await page.setViewport({ width: 390, height: 844, hasTouch: true });
    await page.waitForSelector('[data-testid=next]');
    const said = async (): Promise<number> => {
      const cooks = (await (await fetch(`${kitchen.url}/api/cooks?limit=1`)).json()) as { id: string }[];
      const whole = (await (await fetch(`${kitchen.url}/api/cooks/${cooks[0]!.id}`)).json()) as {
        events: { kind: string; undoesId: string | null }[];
      };
      const undone = whole.events.filter((e) => e.kind === 'undo').length;
      return whole.events.length - 2 * undone;
    };
    const before = await said();
    const list: readonly (readonly string[])[] = [
      ['Looked …', 'just over it'],
      ['Tasted …', 'nearly'],
      ['Smells …', 'toasty'],
      ['Put in …', '1 tbsp'],
      ['More …', 'Ladled out …', 'cup'],
      ['More …', 'Ring …', 'lowest heat'],
      ['More …', 'Lid …', 'cloth under the lid'],
      ['More …', 'Lid up …', 'a look'],
      ['More …', 'Stirred'],
      ['More …', 'Stands off the heat'],
      ['More …', 'Goes on'],
      ['More …', 'Boiled over'],
      ['More …', 'Minutes …', '+2 min'],
    ];
    for (const presses of list) for (const words of presses) await press(page, words);
    for (const [name, amount] of [
      ['Weighs', '2500'],
      ['Reads', '98'],
    ] as const) {
      await press(page, 'More …');
      await press(page, `${name} …`);
      await retype(page, `${name}, exactly`, amount);
      await press(page, 'So much');
    }
    await press(page, 'More …');
    await press(page, 'Note …');
    await page.type('input[aria-label="Something else"]', 'the red swims on top');
    await press(page, 'Write it down');
    const all = list.length + 3;
    await until(async () => (await said()) === before + all);
    await page.waitForSelector('[data-testid=advice]');
    for (let i = 0; i < all; i += 1) {
      await press(page, 'Undo');
      await until(async () => (await said()) === before + all - i - 1);
    }
    await page.close();
  });

  it('hears at once that too much was poured, and what to do about it first', async () => {
    const page = await kitchen.page('/');
    await page.setViewport({ width: 1280, height: 800 });
    await press(page, 'Cook this as well');
    await page.waitForSelector('[data-testid=next]');
    await tapStage(page, 'Start the clock');
    const pouring = (): Promise<boolean> =>
      page.$$eval('input', (all) => all.some((e) => e.ariaLabel === 'What was really poured'));
    for (let i = 0; i < 8 && !(await pouring()); i += 1) await tapStage(page, 'Done. Next');
    await retype(page, 'What was really poured', '1500 ml');
    await page.keyboard.press('Tab');
    await page.waitForSelector('[data-testid=poured-otherwise] strong');
    await page.close();
  });
});

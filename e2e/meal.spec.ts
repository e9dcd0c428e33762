import { describe, expect, it, jest } from '@jest/globals';
import ICAL from 'ical.js';
import { axe, button, choose, Kitchen, press, sees, tapStage, until } from './support/harness.js';

jest.setTimeout(180_000);

const kitchen = Kitchen.forTests({ demo: true });

describe('a meal of several pots', () => {
  it('is planned backwards from the table, with what is made beside it, and saved as a calendar', async () => {
    const page = await kitchen.page('/table');
    await page.setViewport({ width: 390, height: 844, hasTouch: true });
    await sees(page, 'Begun now it is on the table at');
    await page.type('input[placeholder^="a salad"]', 'cucumber salad');
    await press(page, 'Add it');
    await sees(page, 'cucumber salad: at hand');
    await choose(page, 'Another dish with it', 'Signal-red');
    await until(async () => (await page.$$eval('[data-testid=begins] li', (l) => l.length)) > 8);
    expect(await axe(page)).toEqual([]);
    // What the browser would save is read by a reader that is not ours (RFC 5545).
    await page.evaluate(() => {
      const make = URL.createObjectURL.bind(URL);
      URL.createObjectURL = (blob: Blob) => {
        void blob.text().then((text) => (document.body.dataset['saved'] = text));
        return make(blob);
      };
    });
    await press(page, 'Save as a calendar file');
    await until(async () => (await page.evaluate(() => document.body.dataset['saved'])) !== undefined);
    const text = await page.evaluate(() => document.body.dataset['saved'] ?? '');
    const events = new ICAL.Component(ICAL.parse(text) as string[]).getAllSubcomponents('vevent');
    expect(events.length).toBeGreaterThan(2);
    expect(events.some((e) => new ICAL.Event(e).summary.includes('cucumber salad'))).toBe(true);
    // It is part of the plan: another device has it too.
    await until(async () => {
      const plans = (await (await fetch(`${kitchen.url}/api/plans`)).json()) as {
        input: { beside?: unknown[] };
      }[];
      return plans.some((p) => p.input.beside?.length === 1);
    });
  });

  it('has two pots on at once, each with its clock, on every device; a stage is put in, and undone', async () => {
    const page = await kitchen.page('/');
    await page.setViewport({ width: 390, height: 844, hasTouch: true });
    await press(page, 'Cook this');
    await page.waitForSelector('[data-testid=next]');
    await tapStage(page, 'Start the clock');
    await page.goto(`${kitchen.url}/`);
    await press(page, 'Cook this as well');
    await page.waitForSelector('nav[aria-label="Other pots"]');
    expect(await axe(page)).toEqual([]);
    // What is made beside it has a clock of its own.
    await sees(page, 'Beside it');
    const other = await kitchen.page('/stove');
    await other.waitForSelector('nav[aria-label="Other pots"] button');
    await press(page, 'Change Rest');
    await press(page, 'Put a stage after it');
    await press(page, 'Fork');
    await press(page, '2 min');
    const stages = (where: typeof page): Promise<number> =>
      where.$$eval('[aria-label=Stages] > li', (l) => l.length);
    const many = await stages(page);
    await until(async () => (await stages(other)) === many);
    await press(page, 'Undo');
    for (const where of [page, other]) await until(async () => (await stages(where)) === many - 1);
    // The other pot comes in sight, and full hands have two buttons.
    await pressFirst(page, 'nav[aria-label="Other pots"] button');
    await press(page, 'Hands full');
    await button(page, 'Look');
    expect(await axe(page)).toEqual([]);
    await press(page, 'Hands are free');
    await page.goto(`${kitchen.url}/table`);
    await sees(page, '(2)');
    await other.close();
  });
});

const pressFirst = async (
  page: Awaited<ReturnType<typeof kitchen.page>>,
  selector: string,
): Promise<void> => {
  await (await page.waitForSelector(selector))?.click();
};

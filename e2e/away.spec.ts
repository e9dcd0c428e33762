import { describe, expect, it, jest } from '@jest/globals';
import {
  choose,
  keptByBrowser,
  Kitchen,
  pour,
  press,
  SCREENS,
  sees,
  stored,
  tapStage,
} from './support/harness.js';

jest.setTimeout(120_000);

const kitchen = Kitchen.forTests({ demo: false });

interface Stored {
  readonly id: string;
  readonly label: string;
  readonly outcome: { readonly texture: number } | null;
  readonly events?: readonly { readonly kind: string }[];
}

describe('with the server away', () => {
  it('every screen opens after a reload, from what the browser keeps', async () => {
    const page = await kitchen.page();
    await keptByBrowser(page);
    await stored(page);
    await kitchen.killServer();
    for (const path of SCREENS) {
      await page.goto(`${kitchen.url}${path}`);
      await page.waitForFunction(
        () =>
          document.querySelector('main')?.querySelector('h1, h2') &&
          document.querySelector('main')!.innerText.trim().length > 60,
      );
      expect(await page.$('[data-testid=fence]')).toBeNull();
    }
    await page.goto(`${kitchen.url}/`);
    const before = await pour(page);
    await press(page, 'One more');
    await page.waitForFunction(
      (was: string) => document.querySelector('[data-testid=pour-other]')?.textContent !== was,
      {},
      before.other,
    );
    await kitchen.startServer();
    await page.close();
  });

  it('a whole pot is cooked and judged through two reloads, and arrives once', async () => {
    const page = await kitchen.page();
    await keptByBrowser(page);
    await stored(page);
    await kitchen.killServer();
    await choose(page, 'Dish', 'Coconut rice');
    for (let i = 0; i < 20; i += 1) await press(page, i % 2 === 0 ? 'One more' : 'One fewer');
    await page.reload();
    await press(page, 'Cook this');
    await tapStage(page, 'Start the clock');
    await tapStage(page, 'Done. Next: pour and boil');
    await page.reload();
    await tapStage(page, 'Done. Next: simmer');
    await tapStage(page, 'Done. Next: rest');
    await tapStage(page, 'Done. Open the lid');
    await press(page, 'a little soft');
    await press(page, 'golden');
    await press(page, 'Write it down');
    // What it changes is said at once: the device has learnt from it itself.
    await sees(page, 'less than without it');
    await page.reload();
    await kitchen.startServer();
    await page.waitForSelector('[data-testid=keeping][data-code=stored]', { timeout: 60_000 });
    const [cook] = await kitchen.api<Stored[]>('GET', 'cooks?limit=1');
    const whole = await kitchen.api<Stored>('GET', `cooks/${cook?.id ?? ''}`);
    expect(whole.events?.map((e) => e.kind)).toEqual(['start', 'done', 'done', 'done', 'done']);
    expect(whole.outcome).toMatchObject({ texture: 4 });
    expect(
      (await kitchen.api<Stored[]>('GET', 'cooks?limit=50')).filter((c) => c.id === whole.id),
    ).toHaveLength(1);
  });
});

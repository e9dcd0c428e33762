import { describe, expect, it, jest } from '@jest/globals';
import { readdirSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import type { BagRecord, DishRecord } from '@hammock/core/records';
import { axe, Kitchen, pour, press, sees, stored, until } from './support/harness.js';

jest.setTimeout(120_000);

const kitchen = Kitchen.forTests({ demo: true, env: { HAMMOCK_SAYS_IN_PAGE: '1' } });
const aside = (): string[] => readdirSync(join(dirname(kitchen.dataFile), 'set-aside'));

describe('a server whose data are damaged', () => {
  it('says so in the page, and puts the newest whole copy back at a press; what was done meanwhile is asked about, and arrives', async () => {
    await kitchen.api('POST', 'copies');
    const page = await kitchen.page('/kitchen');
    await sees(page, 'Add a bag');
    await stored(page);
    const dishes = await kitchen.api<DishRecord[]>('GET', 'dishes');
    await kitchen.stopServer();
    writeFileSync(kitchen.dataFile, 'no database at all '.repeat(400));
    await kitchen.startServer();
    await sees(page, 'Hammock cannot start: its data are damaged');
    await sees(page, 'Its newest whole copy is of');
    expect(await axe(page)).toEqual([]);
    // The page says no path; the terminal does.
    const told = await fetch(`${kitchen.url}/api/plans`);
    expect(told.status).toBe(503);
    expect(await told.text()).not.toContain(dirname(kitchen.dataFile));

    await press(page, 'Add a bag');
    const form = await page.waitForSelector('form[aria-label="New bag"]');
    const [label] = await form!.$$('input');
    await label!.click({ count: 3 });
    await page.keyboard.type('Bag of a bad day');
    await press(page, 'Keep');
    await sees(page, 'Bag of a bad day');

    // A browser that was never here is told the same.
    const fresh = await kitchen.page('/');
    await sees(fresh, 'Hammock cannot start');
    await fresh.close();

    await press(page, 'Put that copy back');
    await until(() =>
      fetch(`${kitchen.url}/api/health`).then(
        ({ ok }) => ok,
        () => false,
      ),
    );
    await pour(await kitchen.page('/'));
    // What is there now is another household than the page knew: it asks before it writes anything into it.
    await sees(page, 'Bag of a bad day');
    await press(page, 'Store it all the same');
    await stored(page);
    expect(await kitchen.api<DishRecord[]>('GET', 'dishes')).toEqual(dishes);
    const bags = await kitchen.api<BagRecord[]>('GET', 'bags');
    expect(bags.map((b) => b.label)).toContain('Bag of a bad day');
    expect(aside().filter((name) => name.endsWith('.sqlite'))).toHaveLength(1);
    expect(statSync(join(dirname(kitchen.dataFile), 'set-aside', aside()[0]!)).size).toBeGreaterThan(7000);
  });
});

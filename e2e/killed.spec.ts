import { afterAll, beforeAll, describe, expect, it, jest } from '@jest/globals';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { BagRecord, CookRecord, PlanRecord } from '@hammock/core/records';
import type { Browser, Page } from 'puppeteer-core';
import { openBrowser } from '../scripts/bench/browser.mjs';
import { isFull } from './support/budget.js';
import {
  choose,
  keptByBrowser,
  Kitchen,
  pour,
  press,
  retype,
  sees,
  stored,
  tapStage,
} from './support/harness.js';

jest.setTimeout(420_000);

const kitchen = Kitchen.forTests({ demo: false });

/** A browser as a household has it: what it keeps lies in a folder, and is there when it is opened again. */
let profile: string;
let browser: Browser | undefined;
beforeAll(() => {
  profile = mkdtempSync(join(tmpdir(), 'hammock-profile-'));
});
afterAll(async () => {
  await browser?.close();
  rmSync(profile, { recursive: true, force: true });
});
async function open(path: string): Promise<Page> {
  browser ??= await openBrowser([], profile);
  const page = await browser.newPage();
  await page.setViewport({ width: 1280, height: 900 });
  await page.goto(`${kitchen.url}${path}`);
  return page;
}
/** The battery is out a moment after the last press: nothing is said to the page, and nothing is put away. */
async function kill(): Promise<void> {
  await new Promise((later) => setTimeout(later, 300));
  const child = browser?.process();
  browser = undefined;
  const gone = new Promise((done) => child?.once('exit', done));
  child?.kill('SIGKILL');
  await gone;
}

/** Two hundred at night. */
const AMOUNTS = isFull ? 150 : 40;
const BAGS = isFull ? 25 : 8;

describe('a browser that dies with the server away', () => {
  it('loses none of its edits and a whole cook, through two reloads, and sends nothing twice', async () => {
    let page = await open('/');
    await pour(page);
    await keptByBrowser(page);
    await stored(page);
    const bagsBefore = await kitchen.api<BagRecord[]>('GET', 'bags');
    await kitchen.killServer();

    await choose(page, 'Dish', 'Coconut rice');
    for (let n = 1; n <= AMOUNTS; n += 1) await retype(page, 'Amount of grain', `${(300 + n).toString()} g`);
    await page.reload();
    await sees(page, 'kept on this device only');

    await page.goto(`${kitchen.url}/kitchen`);
    for (let n = 1; n <= BAGS; n += 1) {
      await press(page, 'Add a bag');
      const form = await page.waitForSelector('form[aria-label="New bag"]');
      const [label] = await form!.$$('input');
      await label!.click({ count: 3 });
      await page.keyboard.type(`Sack ${n.toString()}`);
      await press(page, 'Keep');
      await sees(page, `Sack ${n.toString()}`);
      // And a second thought about each.
      await press(page, `Change Sack ${n.toString()}`);
      const again = await page.waitForSelector('form[aria-label^="Change"]');
      const [name] = await again!.$$('input');
      await name!.click({ count: 3 });
      await page.keyboard.type(`Bag ${n.toString()} of the cellar`);
      await press(page, 'Keep');
      await sees(page, `Bag ${n.toString()} of the cellar`);
    }

    await page.goto(`${kitchen.url}/`);
    await press(page, 'Cook this');
    await tapStage(page, 'Start the clock');
    await tapStage(page, 'Done. Next: pour and boil');
    await page.reload();
    await tapStage(page, 'Done. Next: simmer');
    await press(page, '5 more min');
    await tapStage(page, 'Done. Next: rest');
    await kill();

    // It is opened again, with nobody there: the pot is where it was.
    page = await open('/stove');
    await sees(page, 'Rest');
    await tapStage(page, 'Done. Open the lid');
    await press(page, 'a little soft');
    await press(page, 'golden');
    await press(page, 'Write it down');
    await sees(page, 'less than without it');
    await kill();

    page = await open('/notebook');
    await kitchen.startServer();
    await stored(page);

    const bags = await kitchen.api<BagRecord[]>('GET', 'bags');
    const wanted = Array.from({ length: BAGS }, (_, n) => `Bag ${(n + 1).toString()} of the cellar`);
    expect(
      bags
        .map((b) => b.label)
        .filter((label) => !bagsBefore.some((b) => b.label === label))
        .sort(),
    ).toEqual([...wanted].sort());
    const [plan] = await kitchen.api<PlanRecord[]>('GET', 'plans');
    expect(plan!.input.grain).toEqual({ text: `${(300 + AMOUNTS).toString()} g` });
    const cooks = await kitchen.api<CookRecord[]>('GET', 'cooks?limit=50');
    expect(cooks).toHaveLength(1);
    const cook = await kitchen.api<CookRecord>('GET', `cooks/${cooks[0]!.id}`);
    expect(cook.events?.map((e) => e.kind)).toEqual(['start', 'done', 'done', 'extend', 'done', 'done']);
    expect(cook.outcome).toMatchObject({ texture: 4, base: 'golden' });
    expect(cook.input.grain).toEqual({ text: `${(300 + AMOUNTS).toString()} g` });
  });
});

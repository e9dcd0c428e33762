import { describe, expect, it, jest } from '@jest/globals';
import { readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Kitchen, pour, press, sees, stored, until } from './support/harness.js';

jest.setTimeout(90_000);

/** A phone asks by another address of this machine than its own pages do. */
const PHONE = '127.0.0.2';
const kitchen = Kitchen.forTests({ demo: false, env: { HAMMOCK_LAN: '1', HAMMOCK_LAN_HOSTS: PHONE } });

describe('a phone of the house', () => {
  it('is let in by the code that is shown, changes the plan, and is out at once when it is let go', async () => {
    const desk = await kitchen.page('/keeping');
    await press(desk, 'Let a cook’s phone in');
    const shown = await desk.waitForSelector('[data-testid=code]');
    const code = /\d{4}-\d{4}/u.exec((await shown?.evaluate((e) => e.textContent)) ?? '')?.[0] ?? '';
    await desk.waitForSelector('[data-testid=code] svg[role=img]');
    const phone = await (await kitchen.device()).newPage();
    await phone.setViewport({ width: 390, height: 844, hasTouch: true });
    const at = kitchen.url.replace('127.0.0.1', PHONE);
    await phone.goto(`${at}/join#${code}`);
    await sees(phone, 'Let this device in');
    await phone.type('input[placeholder="Blue phone"]', 'Green phone');
    await press(phone, 'Let it in');
    const before = await pour(phone);
    await press(phone, 'One more');
    await phone.waitForFunction(
      (was: string) => document.querySelector('[data-testid=pour-other]')?.textContent !== was,
      {},
      before.other,
    );
    await sees(desk, 'Green phone');
    // Its writes are stored, and what is changed at the desk is heard: both are one kitchen.
    await stored(phone);
    await press(desk, 'Let Green phone go');
    await sees(phone, 'Let this device in');
    // Nothing waited on it: it remembers nothing of the household any more.
    await until(async () => {
      const kept = await phone.evaluate(() => JSON.stringify(localStorage)).catch(() => 'Green');
      return !/wasIn|grainId|diameterCm/u.test(kept);
    });
    await desk.close();
    await phone.close();
  });

  it('of a guest shows what is on the stove, and nothing there can be pressed', async () => {
    const desk = await kitchen.page('/keeping');
    await press(desk, 'Let a guest’s phone in');
    const shown = await desk.waitForSelector('[data-testid=code]');
    const code = /\d{4}-\d{4}/u.exec((await shown?.evaluate((e) => e.textContent)) ?? '')?.[0] ?? '';
    const phone = await (await kitchen.device()).newPage();
    phone.on('pageerror', (error) => kitchen.errors.push(String(error)));
    await phone.setViewport({ width: 390, height: 844, hasTouch: true });
    await phone.goto(`${kitchen.url.replace('127.0.0.1', PHONE)}/join#${code}`);
    await phone.waitForSelector('input[placeholder="Blue phone"]');
    await phone.type('input[placeholder="Blue phone"]', 'Visitor');
    await press(phone, 'Let it in');
    await sees(phone, 'No pot is on.');
    await desk.goto(`${kitchen.url}/`);
    await pour(desk);
    await press(desk, 'Cook this');
    await sees(desk, 'Give this pot up');
    await stored(desk);
    await sees(phone, 'stage 1 of');
    const state = await phone.evaluate(() => ({
      tags: [...document.querySelectorAll('nav[aria-label=Screens] a')].map((a) => a.textContent),
      pressable: [...document.querySelectorAll('main button')].filter((b) => !b.matches(':disabled')).length,
      kept: Object.keys(localStorage).join(),
    }));
    expect(state).toMatchObject({ tags: [expect.stringMatching(/^Stove/u)], pressable: 0 });
    await phone.goto(`${kitchen.url.replace('127.0.0.1', PHONE)}/notebook`);
    await sees(phone, 'stage 1 of');
    await press(desk, 'Give this pot up');
    await desk.close();
    await phone.close();
  });
});

describe('everything as one file', () => {
  it('is looked over beside what is here, and put back', async () => {
    const page = await kitchen.page();
    await pour(page);
    await press(page, 'Cook this');
    await sees(page, 'Give this pot up');
    await stored(page);
    await page.goto(`${kitchen.url}/keeping`);
    const text = await (await fetch(`${kitchen.url}/api/archive`)).text();
    const archive = JSON.parse(text) as { bags: Record<string, unknown>[] };
    archive.bags.push({
      ...archive.bags[0],
      id: '11111111-1111-4111-8111-111111111111',
      label: 'Harbour sack',
    });
    const file = join(tmpdir(), `hammock-e2e-${process.pid.toString()}.json`);
    writeFileSync(file, JSON.stringify(archive));
    expect(readFileSync(file).length).toBeGreaterThan(1000);
    const input = await page.waitForSelector('input[aria-label="An archive"]');
    await (input as unknown as { uploadFile: (path: string) => Promise<void> }).uploadFile(file);
    await sees(page, 'In this file, beside what is here');
    await press(page, 'Add it to what is here');
    await sees(page, 'It is in: 1 bag');
    await press(page, 'Kitchen');
    await sees(page, 'Harbour sack');
  });
});

import { afterAll, beforeAll, describe, expect, it, jest } from '@jest/globals';
import type { CookRecord } from '@hammock/core/records';
import { startStandIns } from '../scripts/run/standInParts.mjs';
import { axe, Kitchen, pour, press, sees, stored, tapStage, until } from './support/harness.js';

jest.setTimeout(120_000);

const env: Record<string, string> = {};
let standIns: Awaited<ReturnType<typeof startStandIns>>;
beforeAll(async () => {
  standIns = await startStandIns({ from: 5100 + (process.pid % 100), hammock: () => kitchen.url });
  env['HAMMOCK_INSTRUMENTS'] = standIns.addresses.join(',');
});
const kitchen = Kitchen.forTests({ demo: false, env });
afterAll(() => standIns.close());

describe('a kitchen with a scale, a probe and a ring that answer', () => {
  it('weighs what is poured as it is poured, sets the ring at a press, and writes down what the probe reads', async () => {
    const page = await kitchen.page('/', { width: 390, height: 844 });
    await pour(page);
    await press(page, 'Cook this');
    await sees(page, 'The ring is on no heat');
    await press(page, 'Set it to');
    await page.waitForFunction(
      () => document.querySelector('[data-testid=ring]')?.textContent.includes('Set it to') === false,
    );
    await tapStage(page, 'Start the clock');
    for (let n = 0; n < 12; n += 1) {
      if (await page.evaluate(() => document.body.innerText.includes('weigh it as you pour'))) break;
      await tapStage(page, 'Done');
    }
    await stored(page);
    await press(page, 'weigh it as you pour');
    await sees(page, 'Poured');
    expect(await axe(page)).toEqual([]);
    const pouredMl = (): Promise<number> =>
      page.$eval('[data-testid=pouring] strong', (e) => Number.parseInt(e.textContent, 10)).catch(() => 0);
    const newest = async (): Promise<CookRecord> =>
      (await kitchen.api<CookRecord[]>('GET', 'cooks?limit=1'))[0]!;
    const { advisedMl, id } = await newest();
    await until(async () => (await pouredMl()) > advisedMl * 0.5);
    expect(await pouredMl()).toBeLessThan(advisedMl * 1.05);
    await until(async () => Math.abs((await pouredMl()) - advisedMl) < 12);
    await press(page, 'That is poured');
    await until(async () => Math.abs(((await newest()).pouredMl ?? 0) - advisedMl) < 15);

    // Turned by hand to something else: it can be noted as it is.
    const [, , hob] = standIns.addresses;
    await fetch(`${hob!}/set/veryLow`, { method: 'POST' });
    await sees(page, 'The ring is on lowest heat');
    await press(page, 'It stays so: note it');
    await press(page, 'More …');
    await press(page, 'Reads …');
    await press(page, 'Use the probe');
    await press(page, 'Take it');
    await press(page, 'So much');
    await until(async () => {
      const { events = [] } = await kitchen.api<CookRecord>('GET', `cooks/${id}`);
      const reads = events.find((e) => e.kind === 'reads')?.amount ?? 0;
      return reads > 15 && reads < 110 && events.some((e) => e.kind === 'heat' && e.said === 'veryLow');
    });
    await press(page, 'Give this pot up');
  });
});

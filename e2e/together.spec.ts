import { afterAll, beforeAll, describe, expect, it, jest } from '@jest/globals';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { CookRecord, VesselRecord } from '@hammock/core/records';
import type { Browser, Page } from 'puppeteer-core';
import { openBrowser } from '../scripts/bench/browser.mjs';
import {
  axe,
  choose,
  Kitchen,
  pour,
  press,
  retype,
  sees,
  stored,
  tapStage,
  until,
  toCharts,
} from './support/harness.js';

jest.setTimeout(90_000);

const kitchen = Kitchen.forTests({ demo: true });
const TEN_MIN_MS = 600_000;
const PHONE = { width: 390, height: 844 };

const stageName = (page: Page): Promise<string> => page.$eval('#act', (e) => e.textContent);
const clockSeconds = async (page: Page): Promise<number> => {
  const text = await page.$eval('[data-testid=clock]', (e) => e.textContent);
  const [minutes = 0, seconds = 0] = text.replace('+', '').split(':').map(Number);
  return minutes * 60 + seconds;
};
const waitsForStage = (page: Page, name: string) =>
  page.waitForFunction(
    (text) => document.querySelector('#act')?.textContent === text,
    { timeout: 20_000 },
    name,
  );

describe('two devices at one stove', () => {
  it('go on together though their clocks are twenty minutes apart: taps, time left, what was poured, given up', async () => {
    const slow = await kitchen.page('/', { width: 1280, height: 800 }, { clockOffMs: -TEN_MIN_MS });
    await pour(slow);
    await press(slow, 'Cook this');
    await tapStage(slow, 'Start the clock');
    const first = await stageName(slow);
    await stored(slow);

    const fast = await kitchen.page('/stove', PHONE, { clockOffMs: TEN_MIN_MS });
    await waitsForStage(fast, first);
    expect(Math.abs((await clockSeconds(fast)) - (await clockSeconds(slow)))).toBeLessThan(4);

    // The slow one presses Done: the fast one's clock is no reason to ignore it.
    await tapStage(fast, 'Done');
    const second = await stageName(fast);
    await waitsForStage(slow, second);
    await tapStage(slow, 'Done');
    const third = await stageName(slow);
    const began = Date.now();
    await waitsForStage(fast, third);
    expect(Date.now() - began).toBeLessThan(3000);
    expect(Math.abs((await clockSeconds(fast)) - (await clockSeconds(slow)))).toBeLessThan(4);

    await press(fast, 'Give this pot up');
    await sees(slow, 'No pot is on');
    const [newest] = await kitchen.api<CookRecord[]>('GET', 'cooks?limit=1');
    expect(newest).toMatchObject({ abandoned: true });
    expect(Math.abs(newest!.startedAtMs - Date.now())).toBeLessThan(120_000);
  });

  it('see each other’s kitchen at once, and are asked where both changed one thing', async () => {
    const [here, there] = [await kitchen.page('/kitchen'), await kitchen.page('/kitchen', PHONE)];
    const [pot] = await kitchen.api<VesselRecord[]>('GET', 'vessels');
    await sees(there, pot!.label);
    const rename = async (page: Page, from: string, to: string): Promise<void> => {
      await press(page, `Change ${from}`);
      const form = await page.waitForSelector(`form[aria-label^="Change"]`);
      const [label] = await form!.$$('input');
      await label!.click({ count: 3 });
      await page.keyboard.type(to);
      await press(page, 'Keep');
    };
    await rename(here, pot!.label, 'Tall pot');
    await sees(there, 'Tall pot');

    // A form that was opened before somebody else changed another field knows nothing of it, and does not undo it.
    await press(there, 'Change Tall pot');
    const form = await there.waitForSelector('form[aria-label^="Change"]');
    await press(here, 'Change Tall pot');
    const [, width] = await (await here.waitForSelector('form[aria-label^="Change"]'))!.$$('input');
    await width!.click({ count: 3 });
    await here.keyboard.type('19,5');
    await press(here, 'Keep');
    await stored(here);
    await there.waitForFunction(async () => (await (await fetch('/api/vessels')).text()).includes('19.5'));
    const [label] = await form!.$$('input');
    await label!.click({ count: 3 });
    await there.keyboard.type('Taller pot');
    await press(there, 'Keep');
    await sees(here, 'Taller pot');
    await sees(here, '19.5 cm wide');
    await sees(there, '19.5 cm wide');

    await there.setOfflineMode(true);
    await rename(there, 'Taller pot', 'Their pot');
    await sees(there, 'kept on this device only');
    await rename(here, 'Taller pot', 'Our pot');
    await stored(here);
    await there.setOfflineMode(false);
    await sees(there, 'Their pot was changed in two places');
    await sees(there, 'Not everything is stored');
    expect(await axe(there)).toEqual([]);
    // Not answered yet: a reload does not lose the question.
    await there.reload();
    await sees(there, 'Their pot was changed in two places');
    await press(there, 'Keep what is here');
    await stored(there);
    await sees(here, 'Their pot');
    const pots = await kitchen.api<VesselRecord[]>('GET', 'vessels');
    expect(pots.find((p) => p.id === pot!.id)?.label).toBe('Their pot');
  });

  it('do not overwrite each other’s plan: a page left behind sends nothing, and different changes become one', async () => {
    const [here, there] = [await kitchen.page(), await kitchen.page('/', PHONE)];
    await pour(there);
    await retype(here, 'Amount of grain', '411 g');
    await stored(here);
    await there.waitForFunction(
      () =>
        document.querySelector<HTMLInputElement>('input[aria-label="Amount of grain"]')?.value === '411 g',
      { timeout: 20_000 },
    );
    await there.setOfflineMode(true);
    await press(there, 'One more');
    await sees(there, 'kept on this device only');
    await choose(here, 'Pot', 'Mess kettle');
    await stored(here);
    await there.setOfflineMode(false);
    await stored(there);
    await here.goto('about:blank');
    const [plan] = await kitchen.api<
      { input: { portions: number; vessel: { volumeMl: number } }; vesselId: string }[]
    >('GET', 'plans');
    const pots = await kitchen.api<VesselRecord[]>('GET', 'vessels');
    expect(pots.find((p) => p.id === plan!.vesselId)?.label).toBe('Mess kettle');
    expect(await there.$eval('body', (e) => e.innerText)).toContain('Mess kettle');
  });
});

describe('two tabs of one browser', () => {
  it('keep each other’s changes while the server is gone, and one of them sends both', async () => {
    const one = await kitchen.page('/kitchen');
    const two = await kitchen.page('/kitchen', PHONE, { beside: one });
    await sees(two, 'Add a pot');
    await kitchen.killServer();
    for (const [page, name] of [
      [one, 'Pot of one'],
      [two, 'Pot of two'],
    ] as const) {
      await page.bringToFront();
      await press(page, 'Add a pot');
      const form = await page.waitForSelector('form[aria-label="New pot"]');
      const [label] = await form!.$$('input');
      await label!.type(name);
      await press(page, 'Keep');
      await sees(page, name);
    }
    // One tab is closed: what it wrote is still on its way.
    await two.close();
    await kitchen.startServer();
    await stored(one);
    const pots = await kitchen.api<VesselRecord[]>('GET', 'vessels');
    expect(pots.map((p) => p.label)).toEqual(expect.arrayContaining(['Pot of one', 'Pot of two']));
  });
});

describe('a device without room', () => {
  it('says that nothing is kept on it, still stores at the server, and warns when that goes too', async () => {
    const page = await kitchen.page();
    await pour(page);
    const session = await page.createCDPSession();
    await session.send('Storage.overrideQuotaForOrigin', { origin: kitchen.url, quotaSize: 1 });
    await page.evaluate(() => {
      for (let size = 1 << 20; size > 0; size = size >> 1)
        try {
          for (let n = 0; ; n += 1) localStorage.setItem(`filler-${size}-${n}`, 'x'.repeat(size));
        } catch {
          // Full at this size.
        }
    });
    await retype(page, 'Amount of grain', '433 g');
    await sees(page, 'This device has no room to keep anything');
    await page.waitForFunction(async () => (await (await fetch('/api/plans')).text()).includes('433 g'), {
      timeout: 20_000,
    });
    await kitchen.killServer();
    await retype(page, 'Amount of grain', '444 g');
    await sees(page, 'Not kept');
    await kitchen.startServer();
    await page.waitForFunction(async () => (await (await fetch('/api/plans')).text()).includes('444 g'), {
      timeout: 20_000,
    });
  });
});

describe('other people’s pages', () => {
  let theirs: Server;
  let browser: Browser;
  let port: number;
  beforeAll(async () => {
    theirs = createServer((_request, reply) => {
      reply.setHeader('content-type', 'text/html');
      reply.end('<!doctype html><title>Recipes</title>');
    }).listen(0, '127.0.0.1');
    await new Promise((done) => theirs.once('listening', done));
    ({ port } = theirs.address() as AddressInfo);
    browser = await openBrowser(['--host-resolver-rules=MAP evil.test 127.0.0.1']);
  });
  afterAll(async () => {
    await browser.close();
    theirs.close();
  });

  it('cannot read or write by having their own name lead here', async () => {
    const page = await browser.newPage();
    const reply = await page.goto(kitchen.url.replace('127.0.0.1', 'evil.test'));
    expect(reply?.status()).toBe(403);
    const statuses = await page.evaluate(async () => {
      const ask = async (path: string, init?: RequestInit) => (await fetch(path, init)).status;
      return [
        await ask('/api/household'),
        await ask('/api/cooks'),
        await ask('/api/bags/00000000-0000-4000-8000-000000000001', {
          method: 'PUT',
          body: '{}',
          headers: { 'content-type': 'application/json' },
        }),
      ];
    });
    expect(statuses).toEqual([403, 403, 403]);
    await page.close();
  });

  it('cannot send anything from their own address, by fetch, form or frame', async () => {
    const before = await kitchen.api<VesselRecord[]>('GET', 'vessels');
    const page = await browser.newPage();
    const seen: number[] = [];
    page.on('response', (reply) => {
      if (reply.url().startsWith(kitchen.url)) seen.push(reply.status());
    });
    await page.goto(`http://127.0.0.1:${port.toString()}/`);
    await page.evaluate(async (ours) => {
      const quiet = (sent: Promise<unknown>) => sent.catch(() => undefined);
      await quiet(fetch(`${ours}/api/household`));
      await quiet(fetch(`${ours}/api/household`, { mode: 'no-cors' }));
      await quiet(fetch(`${ours}/api/copies`, { method: 'POST', mode: 'no-cors', body: 'x' }));
      const frame = document.createElement('iframe');
      frame.src = ours;
      document.body.append(frame);
      await new Promise((done) => (frame.onload = done));
      const form = document.createElement('form');
      Object.assign(form, { method: 'POST', action: `${ours}/api/copies`, target: 'elsewhere' });
      document.body.append(form);
      form.submit();
    }, kitchen.url);
    await until(() => seen.length >= 3);
    expect(seen.filter((s) => s !== 403)).toEqual([]);
    expect(await kitchen.api('GET', 'vessels')).toEqual(before);
    // Today's own copy may be there; nobody asked for another.
    const copies = await kitchen.api<{ name: string }[]>('GET', 'copies');
    expect(copies.filter((c) => !c.name.includes('-daily'))).toEqual([]);
    await page.close();
  });

  it('but a link on them opens the program', async () => {
    const page = await browser.newPage();
    await page.goto(`http://127.0.0.1:${port.toString()}/`);
    const [reply] = await Promise.all([
      page.waitForNavigation(),
      page.evaluate((ours) => {
        location.href = ours;
      }, kitchen.url),
    ]);
    expect(reply?.status()).toBe(200);
    await page.waitForSelector('[data-testid=pour-main]');
    await page.close();
  });
});

describe('the page’s policy', () => {
  it('is kept to by every screen: nothing is asked for that it forbids', async () => {
    const page = await kitchen.page();
    const broken: string[] = [];
    page.on('console', (message) => {
      if (/Content.Security.Policy/iu.test(message.text())) broken.push(message.text());
    });
    await pour(page);
    await choose(page, 'Pot', 'Mess kettle');
    for (const path of [
      '/method',
      '/course',
      '/what-if',
      '/compare',
      '/dishes',
      '/notebook',
      '/kitchen',
      '/stove',
    ]) {
      await page.goto(kitchen.url + path);
      await page.waitForSelector('h1');
    }
    await page.goto(`${kitchen.url}/course`);
    await toCharts(page);
    expect(broken).toEqual([]);
    const policy = await page.evaluate(async () => (await fetch('/')).headers.get('content-security-policy'));
    expect(policy).toContain("default-src 'none'");
    expect(policy).toContain("script-src 'self'");
    expect(policy).toMatch(/style-src-elem 'self' 'nonce-[\w-]{20,}'/u);
  });
});

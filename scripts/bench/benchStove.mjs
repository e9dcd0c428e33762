import { rmSync } from 'node:fs';
import { newFolder, uuid, wait } from './benchAround.mjs';
import { quantile } from './benchFigures.mjs';
import { openBrowser } from './browser.mjs';
import { fillDemo } from '../demo/demoData.mjs';
import { potOnItsWay } from '../demo/demoPot.mjs';
import { sender } from '../check/hostile.mjs';
import { endServer, freePort, startServer } from '../run/lib.mjs';

/** What the stove promises: how soon a tap is answered, how soon another device hears, what eight hours cost, what a kill loses. */

const TAPS = 40;
const HOURS = 8;

/** Taps on a built page, each the other word: ms to the screen and to the new advice. */
async function tapped(page) {
  await page.waitForSelector('[data-testid=next]');
  const press = (words) =>
    page.evaluate((text) => {
      const button = [...document.querySelectorAll('button')].find((b) => b.textContent.trim() === text);
      button.click();
    }, words);
  await press('Looked …');
  await press('level');
  await page.waitForSelector('[data-testid=advice]');
  const screens = [];
  const advices = [];
  for (let i = 0; i < TAPS; i += 1) {
    // Two things that one pot can show, said again and again, and taken back: no pot is told of forty times.
    const [open, word] = i % 2 === 0 ? ['Looked …', 'holes'] : ['Tasted …', 'nearly'];
    await press(open);
    const found = await page.evaluate(
      (words) =>
        new Promise((done) => {
          const button = [
            .../** @type {NodeListOf<HTMLElement>} */ (document.querySelectorAll('[role=group] button')),
          ].find((b) => words.includes(b.textContent.trim()));
          const advice = document.querySelector('[data-testid=advice]');
          const began = performance.now();
          let screen;
          const said = document.querySelector('[data-testid=said]');
          const before = said?.textContent;
          const seen = new MutationObserver(() => {
            if (screen === undefined && document.querySelector('[data-testid=said]')?.textContent !== before)
              screen = performance.now() - began;
          });
          seen.observe(document.body, { childList: true, subtree: true, characterData: true });
          const heard = new MutationObserver(() => finish(performance.now() - began));
          heard.observe(advice, { attributes: true, attributeFilter: ['data-kitchens'] });
          const finish = (ms) => {
            seen.disconnect();
            heard.disconnect();
            done({ screen, ms });
          };
          setTimeout(() => finish(undefined), 2000);
          button.click();
        }),
      [word],
    );
    if (found.screen !== undefined) screens.push(found.screen);
    if (found.ms !== undefined) advices.push(found.ms);
    if (i % 2 === 1)
      for (let undone = 0; undone < 2; undone += 1) {
        await press('Undo');
        await wait(600);
      }
  }
  return { screens, advices };
}

/** From a tap sent by one device to another that has asked what it is, ms. */
async function heardElsewhere(url, cook) {
  const stop = new AbortController();
  const feed = await fetch(`${url}/api/changes/stream`, { signal: stop.signal });
  const reader = feed.body.getReader();
  await reader.read();
  const list = [];
  for (let n = 0; n < TAPS; n += 1) {
    const id = uuid(70_000 + n);
    const { revision } = await (await fetch(`${url}/api/changes`)).json();
    const began = performance.now();
    const event = reader.read();
    await fetch(`${url}/api/cooks/${cook.id}/events/${id}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ kind: 'stirred', stageId: cook.stageId }),
    });
    await event;
    const { taps } = await (await fetch(`${url}/api/changes?since=${revision}`)).json();
    if (taps.some((t) => t.id === id)) list.push(performance.now() - began);
  }
  stop.abort();
  return list;
}

/** A page whose clock runs so many times as fast: its timers come as often in its own time as they would. */
const FAST = 200;
const hasten = (page) =>
  page.evaluateOnNewDocument((times) => {
    const now = Date.now.bind(Date);
    const began = now();
    Date.now = () => began + (now() - began) * times;
    for (const name of ['setInterval', 'setTimeout']) {
      const plain = globalThis[name].bind(globalThis);
      globalThis[name] = (work, ms = 0, ...args) => plain(work, ms / times, ...args);
    }
  }, FAST);

/** Memory of a page before and after so many hours of a pot that is on, MB. */
async function growth(page) {
  const client = await page.createCDPSession();
  const used = async () => {
    for (let i = 0; i < 3; i += 1) await client.send('HeapProfiler.collectGarbage');
    const { usedSize } = await client.send('Runtime.getHeapUsage');
    return usedSize / 1e6;
  };
  const hours = (h) => new Promise((later) => setTimeout(later, (h * 3_600_000) / FAST));
  await hours(0.5);
  const before = await used();
  await hours(HOURS);
  return { before, after: await used() };
}

/** Taps put one after another until the server is killed; those that were acknowledged and are lost. */
async function killed(rounds) {
  const folder = newFolder();
  const port = await freePort(4760);
  const all = [];
  let cook;
  for (let round = 0; round < rounds; round += 1) {
    const { child, url } = await startServer({ dataFolder: folder, port, quiet: true });
    if (!cook) {
      await fillDemo(url, Date.now());
      cook = await potOnItsWay(url, Date.now());
    }
    const gone = new Promise((done) => child.once('exit', done));
    setTimeout(() => child.kill('SIGKILL'), 60 + ((round * 53) % 240));
    const wire = sender(port, 1);
    for (let n = 0; n < 8; n += 1) {
      const id = uuid(80_000 + round * 8 + n);
      const body = JSON.stringify({ kind: 'stirred', stageId: 'simmer' });
      const reply = await wire
        .send({ method: 'PUT', path: `/api/cooks/${cook.id}/events/${id}`, body })
        .catch(() => undefined);
      if (!reply) break;
      if (reply.status === 200) all.push(id);
      await new Promise((later) => setTimeout(later, 20));
    }
    wire.end();
    await gone;
  }
  const { child, url } = await startServer({ dataFolder: folder, port, quiet: true });
  const { events } = await (await fetch(`${url}/api/cooks/${cook.id}`)).json();
  const there = new Set(events.map((e) => e.id));
  await endServer(child);
  rmSync(folder, { recursive: true, force: true });
  return { all: all.length, lost: all.filter((id) => !there.has(id)).length };
}

/** All of it, as lines: what, value, at most. */
export async function stove({ rounds = 50, hours: isLong = true } = {}) {
  const folder = newFolder();
  const { child, url } = await startServer({ dataFolder: folder, port: await freePort(4750), quiet: true });
  const browser = await openBrowser();
  const lines = [];
  const tell = (...line) => {
    lines.push(line);
    process.stderr.write(`${line.join(' | ')}\n`);
  };
  try {
    await fillDemo(url, Date.now());
    const cook = await potOnItsWay(url, Date.now());
    const page = await browser.newPage();
    await page.setViewport({ width: 390, height: 844, hasTouch: true });
    await page.goto(`${url}/stove`);
    const { screens, advices } = await tapped(page);
    tell(...['tap to screen, p95, ms', quantile(screens, 0.95), 50]);
    tell(...[`tap to advice, median of ${advices.length}, ms`, quantile(advices, 0.5), 100]);
    tell(...['tap to advice, p95, ms', quantile(advices, 0.95), 100]);
    const heard = await heardElsewhere(url, { id: cook.id, stageId: 'simmer' });
    tell(...['a tap to another device, p95, ms', quantile(heard, 0.95), 300]);
    await page.close();
    if (!isLong) return lines;
    const long = await browser.newPage();
    await hasten(long);
    await long.goto(`${url}/stove`);
    await long.waitForSelector('[data-testid=next]');
    const { before, after } = await growth(long);
    tell(...[`memory of the page after ${HOURS} h, from ${before.toFixed(1)} MB, growth`, after - before, 1]);
  } finally {
    await browser.close();
    await endServer(child);
    rmSync(folder, { recursive: true, force: true });
  }
  const { all, lost } = await killed(rounds);
  tell(...[`killed ${rounds} times during ${all} acknowledged taps: lost`, lost, 0]);
  return lines;
}

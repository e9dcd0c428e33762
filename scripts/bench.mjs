import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { cpus, tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { build, endServer, freePort, install, needChromium, say, startServer, webFolder } from './lib.mjs';

/** Prints the figures the product promises. A benchmark, never a test: the machine decides the numbers. */
install();
needChromium();
build();
const { answer } = await import('../packages/core/dist/index.js');
const { ANSWER_EXAMPLE } = await import('../apps/server/dist/answer/answer.example.js');
const { fillDemo } = await import('./demoData.mjs');
const { openBrowser } = await import('./browser.mjs');

const quantile = (list, q) =>
  [...list].sort((a, b) => a - b)[Math.min(list.length - 1, Math.floor(q * list.length))];
const rows = [];
const figure = (what, value, unit, limit) => rows.push([what, value, unit, limit]);

/** Median of many rounds of the core's answer to a full plan. */
function answerInCore() {
  const rounds = [];
  for (let round = 0; round < 60; round += 1) {
    const began = performance.now();
    for (let i = 0; i < 50; i += 1) answer(ANSWER_EXAMPLE);
    rounds.push((performance.now() - began) / 50);
  }
  figure('answer in core, median', quantile(rounds.slice(10), 0.5), 'ms', 1);
}

/** 1,000 answers over HTTP at ten connections, after 300 to warm up; bounded, to this machine only. */
async function answerOverHttp(url) {
  const body = JSON.stringify(ANSWER_EXAMPLE);
  const once = async () => {
    const began = performance.now();
    const response = await fetch(`${url}/api/answer`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body,
    });
    await response.text();
    if (!response.ok) throw new Error(`answered ${response.status}`);
    return performance.now() - began;
  };
  const lanes = async (count) => {
    const times = [];
    await Promise.all(
      Array.from({ length: 10 }, async () => {
        for (let i = 0; i < count / 10; i += 1) times.push(await once());
      }),
    );
    return times;
  };
  await lanes(300);
  figure('POST /api/answer at 10 connections, p95', quantile(await lanes(1000), 0.95), 'ms', 15);
}

const memoryMb = (pid) =>
  Number(/VmRSS:\s+(\d+)/u.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? Number.NaN) / 1024;

/** Gzipped size of every script the first page loads, from Vite's manifest. */
function firstLoad() {
  const manifest = JSON.parse(readFileSync(join(webFolder, '.vite/manifest.json'), 'utf8'));
  const files = new Set();
  const add = (key) => {
    const entry = manifest[key];
    if (files.has(entry.file)) return;
    files.add(entry.file);
    for (const next of entry.imports ?? []) add(next);
  };
  add('index.html');
  const bytes = [...files].reduce(
    (sum, file) => sum + gzipSync(readFileSync(join(webFolder, file))).length,
    0,
  );
  figure('JavaScript at first load, gzipped', bytes / 1000, 'kB', 180);
}

/** From a key going down in the amount field to the frame that shows the new number. */
async function keystroke(url) {
  const browser = await openBrowser();
  const page = await browser.newPage();
  await page.setViewport({ width: 1280, height: 800 });
  await page.goto(url);
  await page.waitForSelector('[data-testid=pour-other]');
  await page.click('input[aria-label="Amount of grain"]');
  const times = await page.evaluate(async () => {
    const field = document.activeElement;
    const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
    const shown = () => document.querySelector('[data-testid=pour-other]').textContent;
    const taken = [];
    for (let i = 0; i < 220; i += 1) {
      const before = shown();
      const began = performance.now();
      set.call(field, `${300 + (i % 40) * 7} g`);
      field.dispatchEvent(new Event('input', { bubbles: true }));
      await new Promise((done) => {
        const look = () => (shown() === before ? requestAnimationFrame(look) : done());
        requestAnimationFrame(look);
      });
      taken.push(performance.now() - began);
    }
    return taken.slice(20);
  });
  figure('keystroke to new number on screen, p95', quantile(times, 0.95), 'ms', 32);
  await browser.close();
}

say(`benchmark on ${cpus().length} cores, ${cpus()[0]?.model ?? 'unknown'}`);
answerInCore();
firstLoad();
const folder = mkdtempSync(join(tmpdir(), 'hammock-bench-'));
const port = await freePort(4500);
const ready = [];
for (let i = 0; i < 5; i += 1) {
  const { child, readyMs } = await startServer({ dataFolder: folder, port, quiet: true });
  ready.push(readyMs);
  await endServer(child);
}
figure('server ready, median of 5 starts', quantile(ready, 0.5) / 1000, 's', 2);
const { child, url } = await startServer({ dataFolder: folder, port, quiet: true });
try {
  await answerOverHttp(url);
  figure('server memory after 1,300 requests', memoryMb(child.pid), 'MB', 150);
  await fillDemo(url, Date.now());
  await keystroke(url);
} finally {
  await endServer(child);
  rmSync(folder, { recursive: true, force: true });
}
for (const [what, value, unit, limit] of rows) {
  process.stdout.write(
    `${what.padEnd(48)} ${value.toFixed(2).padStart(8)} ${unit.padEnd(3)} (at most ${limit}) ${value <= limit ? '' : 'MISSED'}\n`,
  );
}

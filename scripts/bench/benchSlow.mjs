import { figure, quantile } from './benchFigures.mjs';
import { keystrokes } from './benchPage.mjs';
import { openBrowser, toCharts } from './browser.mjs';

const PHONE = { width: 390, height: 844, isMobile: true, hasTouch: true };
/** A phone's processor beside this one. */
const SLOWER = 4;
const later = (ms) => new Promise((done) => setTimeout(done, ms));

/** A phone whose processor is slow: what a stranger waits for, and what stands still meanwhile. */
export async function slowPhone(url) {
  const browser = await openBrowser();
  const first = await slowPage(browser);
  await first.goto(url);
  await first.waitForFunction(() => window.numberMs !== undefined);
  figure('slow phone: script to number on screen', await first.evaluate(() => window.numberMs), 'ms', 1200);
  await later(4000);
  figure('slow phone: longest task while Pour loads', await longest(first), 'ms', 150);
  // Nobody types faster than ten letters a second.
  const times = await keystrokes(first, 60, 100);
  figure('slow phone: keystroke to new number, p95', quantile(times.slice(5), 0.95), 'ms', 33);
  await scrolling(first);
  await list(first);
  await first.close();
  const course = await slowPage(browser);
  await course.goto(`${url}/course`);
  await course.waitForSelector('[aria-label=Minute]');
  await later(3000);
  figure('slow phone: longest task while the course loads', await longest(course), 'ms', 200);
  await toCharts(course);
  await later(1000);
  figure('slow phone: longest task when the charts are seen', await longest(course), 'ms', 800);
  await browser.close();
}

/** A phone whose processor and whose line are slow: fast 3G as the browser's own tools have it. */
export async function slowLine(url) {
  const browser = await openBrowser();
  const page = await slowPage(browser);
  await page.emulateNetworkConditions({
    download: (1.6e6 / 8) * 0.9,
    upload: (750e3 / 8) * 0.9,
    latency: 562.5,
  });
  const began = performance.now();
  await page.goto(url, { waitUntil: 'domcontentloaded' });
  await page.waitForFunction(() => document.querySelector('[data-testid=pour-main]') !== null, {
    timeout: 60_000,
  });
  figure('fast 3G, four times slower: first number', (performance.now() - began) / 1000, 's', 3);
  await browser.close();
}

const longest = (page) => page.evaluate(() => Math.max(0, ...window.tasks));

async function slowPage(browser) {
  const page = await (await browser.createBrowserContext()).newPage();
  await page.setViewport(PHONE);
  await page.emulateCPUThrottling(SLOWER);
  await page.evaluateOnNewDocument(() => {
    window.tasks = [];
    new PerformanceObserver((seen) => {
      for (const e of seen.getEntries()) window.tasks.push(e.duration);
    }).observe({ type: 'longtask', buffered: true });
    const look = () => {
      if (!document.querySelector('[data-testid=pour-main]')) return requestAnimationFrame(look);
      const scripts = performance.getEntriesByType('resource').filter((e) => e.name.endsWith('.js'));
      window.numberMs =
        performance.now() -
        Math.min(...scripts.map((e) => /** @type {PerformanceResourceTiming} */ (e).responseStart));
    };
    requestAnimationFrame(look);
  });
  return page;
}

/** Frames while a thumb goes down the whole of Pour. */
async function scrolling(page) {
  await later(2000);
  const frames = await page.evaluate(async () => {
    const taken = [];
    let last = performance.now();
    let on = true;
    const tick = (now) => {
      taken.push(now - last);
      last = now;
      if (on) requestAnimationFrame(tick);
    };
    requestAnimationFrame(tick);
    for (let y = 0; y < 5000; y += 25) {
      scrollTo(0, y);
      await new Promise(requestAnimationFrame);
    }
    on = false;
    return taken.slice(3);
  });
  figure('slow phone: frame while Pour is scrolled, p95', quantile(frames, 0.95), 'ms', 20);
}

/** From a tap on the word that opens the longest list to the frame that shows it. */
async function list(page) {
  const opened = [];
  for (let i = 0; i < 5; i += 1) {
    opened.push(
      await page.evaluate(async () => {
        /** @type {HTMLElement} */
        const word = document.querySelector('[role=combobox][aria-label="Add something"]');
        word.scrollIntoView({ block: 'center' });
        await new Promise((done) => setTimeout(done, 600));
        const began = performance.now();
        word.click();
        await new Promise((done) => {
          const look = () =>
            document.querySelector('[role=option]')
              ? requestAnimationFrame(done)
              : requestAnimationFrame(look);
          requestAnimationFrame(look);
        });
        return performance.now() - began;
      }),
    );
    await page.keyboard.press('Escape');
    await later(500);
  }
  figure('slow phone: opening the longest list', quantile(opened, 0.5), 'ms', 80);
}

import { figure, quantile } from './benchFigures.mjs';
import { openBrowser, toCharts, toOdds } from './browser.mjs';

/** From a key going down in the amount field to the frame that shows the new number. */
export async function keystroke(url) {
  const browser = await openBrowser();
  const page = await browser.newPage();
  await page.setViewport({ width: 1280, height: 800 });
  await page.goto(url);
  await page.waitForSelector('[data-testid=pour-other]');
  const times = await keystrokes(page, 220);
  figure('keystroke to new number on screen, p95', quantile(times.slice(20), 0.95), 'ms', 16.7);
  await smooth(browser, url);
  await browser.close();
}

/** From a key in the amount of grain to the frame that shows the new number, ms each; a pause after every key. */
export async function keystrokes(page, keys, pauseMs = 0) {
  await page.click('input[aria-label="Amount of grain"]');
  return page.evaluate(
    async (count, pause) => {
      const field = /** @type {HTMLInputElement} */ (document.activeElement);
      const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
      const shown = () => document.querySelector('[data-testid=pour-other]').textContent;
      const taken = [];
      for (let i = 0; i < count; i += 1) {
        const before = shown();
        const began = performance.now();
        set.call(field, `${300 + (i % 40) * 7} g`);
        field.dispatchEvent(new Event('input', { bubbles: true }));
        await new Promise((done) => {
          const look = () => (shown() === before ? requestAnimationFrame(look) : done());
          requestAnimationFrame(look);
        });
        taken.push(performance.now() - began);
        if (pause > 0) await new Promise((done) => setTimeout(done, pause));
      }
      field.blur();
      return taken;
    },
    keys,
    pauseMs,
  );
}

/** Long tasks of the page while odds are worked out, and frames while the minute is dragged along the course. */
async function smooth(browser, url) {
  const page = await browser.newPage();
  await page.setViewport({ width: 1280, height: 800 });
  await page.evaluateOnNewDocument(() => {
    window.longest = 0;
    new PerformanceObserver((list) => {
      for (const e of list.getEntries()) window.longest = Math.max(window.longest, e.duration);
    }).observe({ type: 'longtask' });
  });
  await page.goto(url);
  await toOdds(page);
  await new Promise((later) => setTimeout(later, 3000));
  const longest = await page.evaluate(async () => {
    // What the first page takes to draw is not what is asked here: another plan, and its odds.
    /** @type {HTMLInputElement} */
    const field = document.querySelector('input[aria-label="Amount of grain"]');
    const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
    field.focus();
    await new Promise((later) => setTimeout(later, 500));
    window.longest = 0;
    set.call(field, '417 g');
    field.dispatchEvent(new Event('input', { bubbles: true }));
    await new Promise((later) => setTimeout(later, 5000));
    return window.longest;
  });
  figure('longest task of the page while odds run', longest, 'ms', 50);
  await page.goto(`${url}/course`);
  await toCharts(page);
  await new Promise((later) => setTimeout(later, 1500));
  const thumb = await (await page.$('[aria-label=Minute]')).boundingBox();
  await page.mouse.move(thumb.x + 18, thumb.y + 18);
  await page.mouse.down();
  await page.evaluate(() => {
    window.frames60 = [];
    let last = performance.now();
    const tick = (now) => {
      window.frames60.push(now - last);
      last = now;
      requestAnimationFrame(tick);
    };
    requestAnimationFrame(tick);
  });
  for (let i = 0; i < 240; i += 1) {
    await page.mouse.move(150 + ((i * 9) % 900), thumb.y + 18);
    await new Promise((later) => setTimeout(later, 8));
  }
  const frames = await page.evaluate(() => window.frames60.slice(5));
  await page.mouse.up();
  figure('frame while time is dragged, p95', quantile(frames, 0.95), 'ms', 20);
  await page.close();
}

import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { build, endServer, freePort, install, needChromium, root, say, startServer } from '../run/lib.mjs';

/** Makes the pictures of docs/screenshots from the demo data: npm run shots. */
install();
needChromium();
build();
const { fillDemo } = await import('../demo/demoData.mjs');
const { openBrowser, toCharts } = await import('../bench/browser.mjs');
const { potOnItsWay } = await import('../demo/demoPot.mjs');

const LAPTOP = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844, hasTouch: true };
/** Phones can be let in, at an address as a house has it. */
const HOUSE = { HAMMOCK_LAN: '1', HAMMOCK_LAN_HOSTS: '192.168.1.20' };
const folder = mkdtempSync(join(tmpdir(), 'hammock-shots-'));
const { child, url } = await startServer({
  dataFolder: folder,
  port: await freePort(),
  quiet: true,
  env: HOUSE,
});
const browser = await openBrowser();

async function page(path, size, theme = 'light') {
  const context = await browser.createBrowserContext();
  const made = await context.newPage();
  await made.setViewport(size);
  await made.evaluateOnNewDocument((choice) => {
    localStorage.setItem('hammock.theme', JSON.stringify({ state: { choice }, version: 0 }));
  }, theme);
  await made.goto(`${url}${path}`);
  await isThere(made);
  return made;
}

/** Waits until the screen shows what it is about, in its own letters. A changed kind of screen loads the page anew. */
async function isThere(shown) {
  const y = await shown.evaluate(() => scrollY);
  // What is far down is drawn when it comes near.
  await shown.waitForFunction(
    () => {
      const busy = document.querySelector('[aria-busy=true]');
      busy?.scrollIntoView();
      return busy === null && [...document.querySelectorAll('h1')].some((e) => e.textContent.trim() !== '');
    },
    { polling: 300 },
  );
  await shown.evaluate((was) => scrollTo(0, was), y);
  await shown.evaluate(() => document.fonts.ready);
  await new Promise((later) => setTimeout(later, 500));
}

/** Bytes of a PNG for a thousand of its pixels: a page that had not loaded compresses to almost nothing. */
const LEAST_BYTES = 15;

async function keep(shown, name, fullPage = false) {
  await isThere(shown);
  const path = join(root, 'docs/screenshots', `${name}.png`);
  await shown.screenshot({ path, fullPage });
  const png = readFileSync(path);
  const pixels = png.readUInt32BE(16) * png.readUInt32BE(20);
  if ((png.length * 1000) / pixels < LEAST_BYTES) throw new Error(`${name}.png is nearly empty`);
  say(`${name}.png`);
}

async function press(shown, words) {
  await shown.waitForFunction(
    (text) =>
      [.../** @type {NodeListOf<HTMLElement>} */ (document.querySelectorAll('button, [role=radio]'))].some(
        (b) => b.textContent.includes(text),
      ),
    {},
    words,
  );
  await shown.evaluate(
    (text) =>
      [.../** @type {NodeListOf<HTMLElement>} */ (document.querySelectorAll('button, [role=radio]'))]
        .find((b) => b.textContent.includes(text))
        .click(),
    words,
  );
  // Two presses of the large button at the stove close together are one.
  await new Promise((later) => setTimeout(later, 700));
}

async function choose(shown, list, option) {
  await (await shown.waitForSelector(`[role=combobox][aria-label="${list}"][data-state=closed]`)).click();
  await shown.waitForSelector('[role=option]');
  if (await shown.$('[cmdk-input]')) await shown.keyboard.type(option);
  const found = await shown.waitForFunction(
    (text) => [...document.querySelectorAll('[role=option]')].find((o) => o.textContent.includes(text)),
    {},
    option,
  );
  await found.click();
  await new Promise((later) => setTimeout(later, 700));
}

try {
  await fillDemo(url, Date.now(), { year: true });
  await keep(await page('/', LAPTOP), 'pour');
  await keep(await page('/', LAPTOP, 'dark'), 'pour-dark');
  await keep(await page('/', PHONE), 'pour-phone');
  const red = await page('/', LAPTOP);
  await choose(red, 'Dish', 'Signal-red rice');
  await choose(red, 'Pot', 'Winch-house casserole');
  await press(red, 'Tomato brings');
  await keep(red, 'account', true);
  await red.keyboard.press('Escape');
  await choose(red, 'Dish', 'Splicer');
  await choose(red, 'Pot', 'Blue enamel pot');
  const book = await page('/notebook', { width: 1280, height: 1500 });
  await book.evaluate(() =>
    [...document.querySelectorAll('summary')]
      .find((s) => s.textContent.startsWith('What was learnt'))
      .click(),
  );
  await book.waitForSelector('[data-testid=curve-chart] svg');
  await keep(book, 'notebook');
  const kept = await page('/keeping', { width: 1280, height: 1000 });
  await press(kept, 'Let a cook');
  const archive = await (await fetch(`${url}/api/archive`)).json();
  archive.bags.push({ ...archive.bags[0], id: '7a1e00ff-0000-4000-8000-000000000001', label: 'Quay sack' });
  const file = join(folder, 'archive.json');
  writeFileSync(file, JSON.stringify(archive));
  await (await kept.waitForSelector('input[aria-label="An archive"]')).uploadFile(file);
  await kept.waitForSelector('[data-testid=looked-over]');
  // The browser keeps the program a moment after it was first opened.
  await kept.waitForFunction(() => document.body.innerText.includes('Every screen opens'));
  await keep(kept, 'keeping');
  await keep(await page('/kitchen', LAPTOP), 'kitchen', true);
  const table = await page('/table', LAPTOP);
  await table.type('input[placeholder^="a salad"]', 'cucumber salad');
  await press(table, 'Add it');
  await choose(table, 'Another dish with it', 'Signal-red');
  await keep(table, 'table');
  await keep(await page('/dishes', LAPTOP), 'dishes');
  const test = await page('/kitchen/water-test', LAPTOP);
  await choose(test, 'Pot', 'casserole');
  for (const [label, grams] of [
    ['It weighs', 3420],
    ['It weighs now', 3363],
    ['And now', 3340],
  ]) {
    await test.evaluate(
      (words) =>
        [...document.querySelectorAll('label')]
          .find((l) => l.textContent.startsWith(String(words)))
          .querySelector('input')
          .focus(),
      label,
    );
    await test.keyboard.type(String(grams));
  }
  await keep(test, 'water-test');
  await keep(await page('/method', LAPTOP), 'method');
  const beside = await page('/compare', LAPTOP);
  await choose(beside, 'Set beside it', 'pressure cooker');
  await keep(beside, 'compare');
  const sure = await page('/', LAPTOP);
  await sure.waitForFunction(() => document.body.innerText.includes('2000 trial pots'));
  await sure.evaluate(() => {
    const top = document.querySelector('section[aria-labelledby=odds]').getBoundingClientRect().top;
    scrollBy(0, top - 24);
  });
  await new Promise((later) => setTimeout(later, 400));
  await keep(sure, 'odds');
  const course = await page('/course', LAPTOP);
  await toCharts(course);
  await course.focus('[aria-label=Minute]');
  for (let i = 0; i < 8; i += 1) await course.keyboard.press('ArrowRight');
  await course.evaluate(() => /** @type {HTMLElement} */ (document.activeElement).blur());
  await new Promise((later) => setTimeout(later, 600));
  await keep(course, 'course', true);
  const other = await page('/what-if', LAPTOP);
  await toCharts(other);
  await choose(other, 'Done otherwise', 'medium heat');
  await new Promise((later) => setTimeout(later, 2000));
  await keep(other, 'what-if', true);
  const told = await page('/', { width: 1280, height: 1000 });
  await press(told, 'New dish');
  await told.waitForSelector('textarea');
  await told.type(
    'textarea',
    `Lamplighter rice for 4
2 cups long grain, washed until clear
a couple of onions, sliced
half a jar of passata
1 pepper
a handful of mint
3 cups hot stock
Fry the onions golden, then toast the rice 3 minutes.
Lid and foil, lowest, 18 minutes. Off the heat 8 more. Fork from the side.`,
  );
  await told.evaluate(() => document.querySelector('textarea').scrollIntoView({ block: 'start' }));
  await new Promise((later) => setTimeout(later, 600));
  await keep(told, 'told');
  const said = [{ kind: 'tasted', said: 'hard', afterMin: 8 }];
  const pot = await potOnItsWay(url, Date.now(), { said });
  const wide = await page('/stove', LAPTOP);
  await wide.waitForSelector('[data-testid=advice]');
  await keep(wide, 'stove');
  await pot.giveUp();
  await wide.close();
  const stove = await page('/', PHONE);
  await press(stove, 'Cook this');
  await press(stove, 'Start the clock');
  for (let i = 0; i < 3; i += 1) await press(stove, 'Done');
  await keep(stove, 'stove-phone');
  for (let i = 0; i < 4; i += 1) await press(stove, 'Done');
  await press(stove, 'a little soft');
  await press(stove, 'Write it down');
  await stove.waitForFunction(() =>
    /Next time/u.test(document.querySelector('[data-testid=teaches]')?.textContent ?? ''),
  );
  await stove.waitForSelector('[data-testid=curve-chart] svg').catch(() => undefined);
  await stove.evaluate(() => scrollTo(0, 0));
  await keep(stove, 'outcome-phone');
} finally {
  await browser.close();
  await endServer(child);
  rmSync(folder, { recursive: true, force: true });
}

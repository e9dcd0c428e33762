import { rmSync } from 'node:fs';
import { createServer, request } from 'node:http';
import { newFolder, wait } from './benchAround.mjs';
import { openBrowser } from './browser.mjs';
import { fillDemo } from '../demo/demoData.mjs';
import { numbers } from '../check/hostile.mjs';
import { endServer, freePort, startServer } from '../run/lib.mjs';

/** A wire between page and server on which replies and requests fail at random. */
function badWire(toPort, fails) {
  const wire = createServer((asked, answer) => {
    const how = asked.method === 'GET' ? 'fine' : fails();
    if (how === '500') {
      asked.resume();
      answer.writeHead(500, { 'content-type': 'application/json' }).end('{}');
      return;
    }
    const headers = { ...asked.headers, host: `127.0.0.1:${toPort}` };
    if (headers.origin) headers.origin = `http://127.0.0.1:${toPort}`;
    const on = request(
      { host: '127.0.0.1', port: toPort, path: asked.url, method: asked.method, headers },
      (reply) => {
        if (how === 'lost') {
          reply.resume();
          answer.destroy();
          return;
        }
        answer.writeHead(reply.statusCode ?? 500, reply.headers);
        reply.pipe(answer);
      },
    );
    on.on('error', () => answer.destroy());
    asked.pipe(on);
    answer.on('close', () => on.destroy());
  });
  return wire;
}

/** Two devices in real browsers edit for so many minutes over a wire that fails at random; then it is mended. */
export async function badWires(minutes) {
  const folder = newFolder();
  const port = await freePort(4800);
  const { child, url } = await startServer({ dataFolder: folder, port, quiet: true });
  await fillDemo(url, Date.now());
  const random = numbers(3);
  let isBad = true;
  const wire = badWire(port, () =>
    !isBad ? 'fine' : random.next() < 0.35 ? '500' : random.next() < 0.2 ? 'lost' : 'fine',
  );
  const wirePort = await freePort(4850);
  await new Promise((done) => wire.listen(wirePort, '127.0.0.1', () => done(undefined)));
  const browser = await openBrowser();
  const pages = [];
  for (let i = 0; i < 2; i += 1) {
    const page = await (await browser.createBrowserContext()).newPage();
    await page.goto(`http://127.0.0.1:${wirePort}/kitchen`);
    await page.waitForSelector('[data-testid=keeping]');
    pages.push(page);
  }
  const made = [];
  const until = Date.now() + minutes * 60_000;
  for (let n = 0; Date.now() < until; n += 1) {
    const page = pages[n % 2];
    const name = `Pot ${n}`;
    await page.bringToFront();
    const isMade = await page.evaluate(async (label) => {
      const press = (text) =>
        [...document.querySelectorAll('button')].find((b) => b.textContent.includes(text))?.click();
      const soon = () => new Promise((later) => setTimeout(later, 60));
      press('Add a pot');
      await soon();
      /** @type {HTMLFormElement} */
      const form = document.querySelector('form[aria-label="New pot"]');
      const input = form?.querySelector('input');
      if (!input) return false;
      Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(input, label);
      input.dispatchEvent(new Event('input', { bubbles: true }));
      await soon();
      form.requestSubmit();
      await soon();
      return document.body.innerText.includes(label);
    }, name);
    if (isMade) made.push(name);
    await wait(400);
  }
  isBad = false;
  const calm = Date.now();
  for (const page of pages) {
    await page.bringToFront();
    await page
      .waitForSelector('[data-testid=keeping][data-code=stored]', { timeout: 90_000 })
      .catch(() => undefined);
  }
  const calmS = (Date.now() - calm) / 1000;
  const there = (await (await fetch(`${url}/api/vessels`)).json()).map((p) => p.label);
  const missing = made.filter((name) => !there.includes(name)).length;
  const shown = [];
  for (const page of pages) {
    await page.reload();
    await page.waitForFunction(
      (name) => document.body.innerText.includes(name),
      { timeout: 20_000 },
      made.at(-1) ?? '',
    );
    shown.push(
      await page.$$eval('[aria-labelledby=vessels] strong', (all) => all.map((e) => e.textContent).join('|')),
    );
  }
  await browser.close();
  wire.closeAllConnections();
  wire.close();
  await endServer(child);
  rmSync(folder, { recursive: true, force: true });
  return [
    [
      `500s and lost replies at random for ${minutes} min, ${made.length} changes on two devices: missing`,
      missing,
      0,
      missing === 0,
    ],
    [
      '… the two devices and the server say the same',
      shown[0] === shown[1] ? 'yes' : 'no',
      'yes',
      shown[0] === shown[1],
    ],
    ['… seconds until everything was stored once the wire was mended', calmS.toFixed(0), 60, calmS <= 65],
  ];
}

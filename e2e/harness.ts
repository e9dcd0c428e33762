import { afterAll, afterEach, beforeAll, expect } from '@jest/globals';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { ChildProcess } from 'node:child_process';
import type { Browser, ElementHandle, Page } from 'puppeteer-core';
import { openBrowser } from '../scripts/browser.mjs';
import { fillDemo } from '../scripts/demoData.mjs';
import { endServer, freePort, startServer } from '../scripts/lib.mjs';

/** A busy machine may stand still for seconds; what never comes still fails. */
const PATIENCE_MS = 25_000;

/** The built program, on a real temporary SQLite file, in a real browser. */
export class Kitchen {
  private child: ChildProcess | undefined;
  private folder = '';
  private port = 0;
  /** Folder of the built web, where it is not the usual one. */
  private web: string | undefined;
  private opened: Browser | undefined;
  readonly errors: string[] = [];

  /** One for all tests of a file, with the demo data in it or empty; no test may leave an error in its pages. */
  static forTests({ demo, web }: { readonly demo: boolean; readonly web?: string }): Kitchen {
    const kitchen = new Kitchen();
    kitchen.web = web;
    beforeAll(async () => {
      await kitchen.open();
      if (demo) await fillDemo(kitchen.url, Date.now());
    });
    afterAll(() => kitchen.close());
    afterEach(() => {
      expect(kitchen.errors).toEqual([]);
    });
    return kitchen;
  }

  private async open(): Promise<void> {
    this.folder = mkdtempSync(join(tmpdir(), 'hammock-e2e-'));
    this.port = await freePort(4300 + Math.floor(process.pid % 200));
    this.opened = await openBrowser();
    await this.startServer();
  }

  get browser(): Browser {
    if (!this.opened) throw new Error('the kitchen opens before the first test');
    return this.opened;
  }

  get url(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  async startServer(): Promise<void> {
    const web = this.web === undefined ? {} : { web: this.web };
    const how = { dataFolder: this.folder, port: this.port, quiet: true, ...web };
    ({ child: this.child } = await startServer(how));
  }

  /** As a power cut would. */
  async killServer(): Promise<void> {
    const { child } = this;
    if (!child) return;
    const gone = new Promise((done) => child.once('exit', done));
    child.kill('SIGKILL');
    await gone;
  }

  /** As it should end; returns how long that took, ms. */
  async stopServer(): Promise<number> {
    const began = performance.now();
    if (this.child) await endServer(this.child);
    return performance.now() - began;
  }

  /** A page of a device of its own, its clock wrong by so much where that is said; or another tab of `beside`. */
  async page(
    path = '/',
    size = { width: 1280, height: 800 },
    { clockOffMs = 0, beside }: { readonly clockOffMs?: number; readonly beside?: Page } = {},
  ): Promise<Page> {
    const device = beside ? beside.browserContext() : await this.browser.createBrowserContext();
    const page = await device.newPage();
    if (clockOffMs !== 0) await page.evaluateOnNewDocument(wrongClock, clockOffMs);
    page.on('pageerror', (error) => this.errors.push(error instanceof Error ? error.message : String(error)));
    await page.setViewport(size);
    await page.goto(`${this.url}${path}`);
    return page;
  }

  async api<T>(method: string, path: string, body?: unknown): Promise<T> {
    const response = await fetch(`${this.url}/api/${path}`, {
      method,
      headers: { 'content-type': 'application/json' },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
    if (!response.ok) throw new Error(`${method} ${path}: ${await response.text()}`);
    return (await response.json()) as T;
  }

  async close(): Promise<void> {
    await this.opened?.close();
    await this.stopServer();
    rmSync(this.folder, { recursive: true, force: true });
  }
}

/** Runs in the page before anything of it: its clock is wrong. */
function wrongClock(offMs: number): void {
  const Right = Date;
  class Wrong extends Right {
    constructor(...given: ConstructorParameters<typeof Date> | []) {
      if (given.length === 0) super(Right.now() + offMs);
      else super(...given);
    }
    static override now(): number {
      return Right.now() + offMs;
    }
  }
  Object.assign(window, { Date: Wrong });
}

/** Waits for what a user would see: a button or link whose words contain `words`. */
export async function button(page: Page, words: string): Promise<ElementHandle> {
  const found = await page.waitForFunction(
    (text) => {
      const found = [...document.querySelectorAll<HTMLElement>('button, a, [role=radio]')].find(
        (e) =>
          (e.textContent.includes(text) || e.getAttribute('aria-label')?.includes(text)) &&
          !e.hasAttribute('disabled'),
      );
      // What is far down a page is drawn when it comes near: who does not find it scrolls.
      if (!found) document.querySelector('main [aria-busy=true]')?.scrollIntoView({ block: 'center' });
      return found;
    },
    { timeout: PATIENCE_MS, polling: 100 },
    words,
  );
  return found as ElementHandle;
}

/** Two presses of the stove's large button within 600 ms are one; a cook's thumb is slower than a test. */
const THUMB_MS = 650;

/** Waits until a press of the stove's large button counts anew, and notes the one that is about to come. */
export async function afterThumb(page: Page): Promise<void> {
  await page.waitForFunction(
    (pause) => {
      const { dataset } = document.documentElement;
      if (performance.now() - Number(dataset['pressed'] ?? -1e9) < pause) return false;
      dataset['pressed'] = performance.now().toString();
      return true;
    },
    { timeout: PATIENCE_MS },
    THUMB_MS,
  );
}

/** Presses the large button at the stove, as slowly as a thumb. */
export async function tapStage(page: Page, words: string): Promise<void> {
  const found = await button(page, words);
  await afterThumb(page);
  await found.click();
}

/** Scrolls down to the odds: what is far down a page is only drawn when it comes near. */
export async function toOdds(page: Page): Promise<void> {
  await until(() =>
    page.evaluate(() => {
      scrollTo(0, document.body.scrollHeight);
      const odds = document.querySelector('[data-testid=odds-wanted]');
      odds?.scrollIntoView({ block: 'center' });
      return odds !== null;
    }),
  );
}

/** Presses the button with these words. */
export async function press(page: Page, words: string): Promise<void> {
  await (await button(page, words)).click();
}

/** Waits until the screen says something. */
export async function sees(page: Page, words: string): Promise<void> {
  await page.waitForFunction(
    (text) => {
      const found = document.body.innerText.toLowerCase().includes(text.toLowerCase());
      if (!found) document.querySelector('main [aria-busy=true]')?.scrollIntoView({ block: 'center' });
      return found;
    },
    { timeout: PATIENCE_MS, polling: 100 },
    words,
  );
}

/** Waits for something outside of a page. */
export async function until(what: () => boolean | Promise<boolean>): Promise<void> {
  const end = Date.now() + PATIENCE_MS;
  while (!(await what())) {
    if (Date.now() > end) throw new Error('it never came to that');
    await new Promise((later) => setTimeout(later, 50));
  }
}

/** The number on the screen, in its two ways: "2 cups + 1 tbsp" and "495 ml". */
export async function pour(page: Page): Promise<{ main: string; other: string }> {
  await page.waitForSelector('[data-testid=pour-main]');
  return page.evaluate(() => ({
    main: document.querySelector('[data-testid=pour-main]')?.textContent ?? '',
    other: document.querySelector('[data-testid=pour-other]')?.textContent ?? '',
  }));
}

/** Chooses a word from one of the sentence's lists. */
export async function choose(page: Page, list: string, option: string): Promise<void> {
  // The word that waits for its list is taken away when that comes; a list that is there says that it is closed.
  const trigger = await page.waitForSelector(`[role=combobox][aria-label="${list}"][data-state=closed]`, {
    visible: true,
  });
  await trigger?.click();
  await page.waitForSelector('[role=option]');
  // A long list is searched: what is far down it is not drawn.
  if (await page.$('[cmdk-input]')) await page.keyboard.type(option);
  const found = await page.waitForFunction(
    (text) =>
      [...document.querySelectorAll<HTMLElement>('[role=option]')].find((o) => o.textContent.includes(text)),
    { timeout: PATIENCE_MS },
    option,
  );
  await (found as ElementHandle).click();
  await page.waitForFunction(() => document.querySelector('[role=option]') === null);
}

/** Types into a field from the start; found by its own label or by the one it stands in. */
export async function retype(page: Page, label: string, text: string): Promise<void> {
  const field = (await page.waitForFunction(
    (words) =>
      [...document.querySelectorAll<HTMLInputElement>('input')].find(
        (e) => e.ariaLabel === words || e.labels?.[0]?.textContent.startsWith(words) === true,
      ),
    { timeout: PATIENCE_MS },
    label,
  )) as ElementHandle | undefined;
  await field?.click();
  await page.keyboard.down('Control');
  await page.keyboard.press('KeyA');
  await page.keyboard.up('Control');
  await page.keyboard.type(text);
}

const AXE = readFileSync(require.resolve('axe-core/axe.min.js'), 'utf8');

/** Everything axe has to say against the page, as readable lines. */
export async function axe(page: Page): Promise<string[]> {
  await page.evaluate(AXE);
  return page.evaluate(async () => {
    const { axe: engine } = window as unknown as {
      axe: { run: () => Promise<{ violations: { id: string; nodes: { html: string }[] }[] }> };
    };
    const { violations } = await engine.run();
    return violations.flatMap((v) => v.nodes.map((n) => `${v.id}: ${n.html.slice(0, 160)}`));
  });
}

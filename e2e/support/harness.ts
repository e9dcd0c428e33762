import { afterAll, afterEach, beforeAll, expect } from '@jest/globals';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { ChildProcess } from 'node:child_process';
import { connect, type Browser, type BrowserContext, type Page } from 'puppeteer-core';
import { endServer, freePort, startServer } from '../../scripts/run/lib.mjs';

/** Every screen that shows something without a pot on the stove. */
export const SCREENS = [
  '/',
  '/method',
  '/compare',
  '/course',
  '/what-if',
  '/table',
  '/dishes',
  '/notebook',
  '/kitchen',
  '/kitchen/water-test',
  '/help',
  '/keeping',
  '/in',
] as const;

/** What a kitchen for tests is like. */
interface KitchenOf {
  readonly demo: boolean;
  readonly web?: string;
  /** Besides the usual environment of its server. */
  readonly env?: Readonly<Record<string, string>>;
}

/** The built program, on a real temporary SQLite file, in a real browser. */
export class Kitchen {
  private child: ChildProcess | undefined;
  private folder = '';
  private port = 0;
  /** Folder of the built web, where it is not the usual one. */
  private web: string | undefined;
  private env: Readonly<Record<string, string>> = {};
  private opened: Browser | undefined;
  private readonly devices: BrowserContext[] = [];
  readonly errors: string[] = [];

  /** One for all tests of a file, with the demo data in it or empty; no test may leave an error in its pages. */
  static forTests({ demo, web, env = {} }: KitchenOf): Kitchen {
    const kitchen = new Kitchen();
    kitchen.web = web;
    kitchen.env = env;
    beforeAll(async () => {
      await kitchen.open(demo);
    });
    afterAll(() => kitchen.close());
    afterEach(async () => {
      // What a test opened ends with it: a browser with a dozen devices in it keeps the next one waiting.
      await Promise.all(kitchen.devices.splice(0).map(putAway));
      expect(kitchen.errors).toEqual([]);
    });
    return kitchen;
  }

  private async open(demo: boolean): Promise<void> {
    this.folder = mkdtempSync(join(tmpdir(), 'hammock-e2e-'));
    const prepared = process.env['HAMMOCK_DEMO_FOLDER'];
    if (demo && prepared !== undefined) cpSync(prepared, this.folder, { recursive: true });
    this.port = await freePort();
    const browsers = (process.env['HAMMOCK_BROWSERS'] ?? '').split(',');
    const mine = browsers[Number(process.env['JEST_WORKER_ID'] ?? 1) % browsers.length];
    this.opened = await connect({ browserWSEndpoint: mine ?? '' });
    await this.startServer();
  }

  get browser(): Browser {
    if (!this.opened) throw new Error('the kitchen opens before the first test');
    return this.opened;
  }

  /** Where its data lie. */
  get dataFile(): string {
    return join(this.folder, 'hammock.sqlite');
  }

  get url(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  async startServer(): Promise<void> {
    const web = this.web === undefined ? {} : { web: this.web };
    const how = { dataFolder: this.folder, port: this.port, quiet: true, env: this.env, ...web };
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

  /** A device of its own, until the test ends. */
  async device(): Promise<BrowserContext> {
    const device = await this.browser.createBrowserContext();
    this.devices.push(device);
    return device;
  }

  /** A page of a device of its own, its clock wrong by so much where that is said; or another tab of `beside`. */
  async page(
    path = '/',
    size = { width: 1280, height: 800 },
    { clockOffMs = 0, beside }: { readonly clockOffMs?: number; readonly beside?: Page } = {},
  ): Promise<Page> {
    const device = beside ? beside.browserContext() : await this.device();
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
    await this.opened?.disconnect();
    await this.stopServer();
    rmSync(this.folder, { recursive: true, force: true });
  }
}

/** Puts a device away, what it was just told once it is on its way; one that cannot send it is not waited for long. */
async function putAway(device: BrowserContext): Promise<void> {
  const isSent = (): boolean => document.querySelector('[data-code=sending]') === null;
  const pages = await device.pages();
  await Promise.all(
    pages.map((page) => page.waitForFunction(isSent, { timeout: 3000 }).catch(() => undefined)),
  );
  await device.close();
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

export { toCharts } from '../../scripts/bench/browser.mjs';
export {
  asAThumb,
  axe,
  button,
  choose,
  keptByBrowser,
  pour,
  press,
  retype,
  sees,
  stored,
  tapStage,
  toOdds,
  until,
} from './hands.js';
export { pressOn } from './pressing.js';

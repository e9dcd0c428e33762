import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openBrowser } from '../../scripts/bench/browser.mjs';
import { fillDemo } from '../../scripts/demo/demoData.mjs';
import { endServer, freePort, startServer } from '../../scripts/run/lib.mjs';

/**
 * Before all browser tests: the demo household is filled once, as a file that each kitchen with a demo begins from, and a
 * browser is opened for each worker; what a file of tests opens in it are devices of its own.
 */
export default async function prepare({ maxWorkers = 1 }) {
  const dataFolder = mkdtempSync(join(tmpdir(), 'hammock-demo-'));
  const { child, url } = await startServer({ dataFolder, port: await freePort(), quiet: true });
  await fillDemo(url, Date.now());
  await endServer(child);
  const browsers = await Promise.all(Array.from({ length: maxWorkers }, () => openBrowser()));
  process.env.HAMMOCK_DEMO_FOLDER = dataFolder;
  process.env.HAMMOCK_BROWSERS = browsers.map((b) => b.wsEndpoint()).join();
  Object.assign(globalThis, { browsersOfTests: browsers });
}

import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fillDemo } from '../../scripts/demo/demoData.mjs';
import { endServer, freePort, startServer } from '../../scripts/run/lib.mjs';

/** Before all browser tests: the demo household is filled once, as a file that each kitchen with a demo begins from. */
export default async function prepare() {
  const dataFolder = mkdtempSync(join(tmpdir(), 'hammock-demo-'));
  const { child, url } = await startServer({ dataFolder, port: await freePort(), quiet: true });
  await fillDemo(url, Date.now());
  await endServer(child);
  process.env.HAMMOCK_DEMO_FOLDER = dataFolder;
}

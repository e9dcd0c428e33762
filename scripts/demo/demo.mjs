import { existsSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { build, flag, freePort, install, root, say, startServer, stop } from '../run/lib.mjs';

/** The program on made-up data, apart from any real household's: npm run demo [-- --fresh] [-- --port N]. */
const asked = flag('port');
const from = Number(asked ?? 4170);
if (!Number.isInteger(from) || from < 1 || from > 65_000) stop('--port needs a number from 1 to 65000.');

install();
build();
const dataFolder = join(root, '.demo');
if (flag('fresh')) {
  say('making the demo data anew');
  rmSync(dataFolder, { recursive: true, force: true });
}
const isNew = !existsSync(join(dataFolder, 'hammock.sqlite'));
const port = await freePort(from);
// A scale, a thermometer and a hob of make-believe stand beside it.
const { startStandIns } = await import('../run/standInParts.mjs');
const standIns = await startStandIns({ from: 4181, hammock: `http://127.0.0.1:${port}` });
const env = { HAMMOCK_INSTRUMENTS: standIns.addresses.join(',') };
const { child, url } = await startServer({ dataFolder, port, quiet: true, env }).catch(({ code }) =>
  process.exit(code ?? 1),
);
if (isNew) {
  say('filling in a household');
  const { fillDemo } = await import('./demoData.mjs');
  await fillDemo(url, Date.now(), { year: true });
}
say(`Hammock, demo data: ${url}`);
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill('SIGTERM'));
child.on('exit', (code) => void standIns.close().then(() => process.exit(code ?? 0)));

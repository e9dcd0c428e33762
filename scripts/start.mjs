import { homedir } from 'node:os';
import { join } from 'node:path';
import { build, flag, freePort, install, say, startServer, stop } from './lib.mjs';

/** The household's own Hammock: its data in HAMMOCK_DATA, or a folder in the home directory. */
install();
build();
const dataFolder = process.env.HAMMOCK_DATA ?? join(homedir(), '.hammock');
say(`data in ${dataFolder}`);
const asked = flag('port');
if (asked !== undefined && !/^\d{1,5}$/u.test(asked)) stop('--port needs a number from 1 to 65535.');
// Off unless it is asked for: then phones of the house can be let in.
const lan = flag('lan') === true || process.env.HAMMOCK_LAN === '1';
const env = { HAMMOCK_SAYS_IN_PAGE: '1', ...(lan ? { HAMMOCK_LAN: '1' } : {}) };
const started = await startServer({ dataFolder, port: await freePort(Number(asked ?? 4170)), env }).catch(
  ({ code }) => process.exit(code ?? 1),
);
const { child } = started;
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill('SIGTERM'));
child.on('exit', (code) => process.exit(code ?? 0));

import { homedir } from 'node:os';
import { join } from 'node:path';
import { keepUp } from './keepUp.mjs';
import { build, flag, freePort, install, say, startServer, stop } from './lib.mjs';

/** The household's own Hammock: its data in HAMMOCK_DATA, or a folder in the home directory. One that falls is started again. */
install();
build();
const dataFolder = process.env.HAMMOCK_DATA ?? join(homedir(), '.hammock');
say(`data in ${dataFolder}`);
const asked = flag('port');
if (asked !== undefined && !/^\d{1,5}$/u.test(asked)) stop('--port needs a number from 1 to 65535.');
// Off unless it is asked for: then phones of the house can be let in.
const lan = flag('lan') === true || process.env.HAMMOCK_LAN === '1';
const env = {
  HAMMOCK_SAYS_IN_PAGE: '1',
  ...(lan ? { HAMMOCK_LAN: '1' } : {}),
  // A code for a cook's device, said here: for a household that lost every device, or has a proxy before it.
  ...(flag('code') === true ? { HAMMOCK_CODE: '1' } : {}),
};
const port = await freePort(Number(asked ?? 4170));
let child;
let ending = false;
for (const signal of ['SIGINT', 'SIGTERM'])
  process.on(signal, () => {
    ending = true;
    child?.kill('SIGTERM');
  });
const begin = async ({ times, atMs }) => {
  const fell = times === 0 ? {} : { HAMMOCK_FELL_AT_MS: String(atMs), HAMMOCK_CODE: '' };
  ({ child } = await startServer({ dataFolder, port, env: { ...env, ...fell } }));
  return child;
};
process.exit(await keepUp(begin, () => ending, { say }));

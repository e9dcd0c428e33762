import { homedir } from 'node:os';
import { join } from 'node:path';
import { build, flag, freePort, install, say, startServer } from './lib.mjs';

/** The household's own Hammock: its data in HAMMOCK_DATA, or a folder in the home directory. */
install();
build();
const dataFolder = process.env.HAMMOCK_DATA ?? join(homedir(), '.hammock');
say(`data in ${dataFolder}`);
const { child } = await startServer({ dataFolder, port: await freePort(Number(flag('port') ?? 4170)) });
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill('SIGTERM'));
child.on('exit', (code) => process.exit(code ?? 0));

import { join } from 'node:path';
import { freePort, install, root, run, say } from './lib.mjs';

/**
 * Watches both sides on ports of their own, the web with hot reload, on data of its own: nothing else that runs here
 * can be taken for this server, nor its data be reached.
 */
install();
run('npx', ['tsc', '-b', 'packages/core', 'apps/server']);
const server = await freePort(4270);
const web = await freePort(4370);
say(`web at http://127.0.0.1:${web}, server at http://127.0.0.1:${server}`);
run(
  'npx',
  [
    'concurrently',
    '--kill-others',
    '--names=tsc,server,web',
    'tsc -b -w --preserveWatchOutput packages/core apps/server',
    'node --watch apps/server/dist/main.js',
    `npm run --silent dev -w @hammock/web -- --host 127.0.0.1 --port ${web} --strictPort`,
  ],
  { HAMMOCK_PORT: String(server), HAMMOCK_DATA: process.env.HAMMOCK_DATA ?? join(root, '.tmp/dev') },
);

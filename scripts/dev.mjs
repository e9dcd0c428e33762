import { join } from 'node:path';
import { install, root, run, say } from './lib.mjs';

/** Watches both sides: the web at 4171 with hot reload, the server at 4170 on the demo data. */
install();
run('npx', ['tsc', '-b', 'packages/core', 'apps/server']);
say('web at http://127.0.0.1:4171, server at http://127.0.0.1:4170');
run(
  'npx',
  [
    'concurrently',
    '--kill-others',
    '--names=tsc,server,web',
    'tsc -b -w --preserveWatchOutput packages/core apps/server',
    'node --watch apps/server/dist/main.js',
    'npm run --silent dev -w @hammock/web',
  ],
  { HAMMOCK_DATA: process.env.HAMMOCK_DATA ?? join(root, '.demo') },
);

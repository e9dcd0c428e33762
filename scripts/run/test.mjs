import { build, install, needChromium, needNginx, root, run, say, stop } from './lib.mjs';
import { finished, step } from './steps.mjs';

/**
 * Everything: types, lint, format, unit, server and browser tests, from whatever state this checkout is in. What
 * needs the processor and what waits for a browser run beside each other.
 */
process.chdir(root);
install();
const chromium = needChromium();
const nginx = needNginx();
if (!nginx) say('no nginx here and no leave to install it: the test of a proxy is left out');
build();
// The browser tests are written in types that are made from the API document.
if (!run(process.execPath, ['scripts/make/apiClient.mjs']))
  stop('No client could be made from the API document.');
const npm = (name) => ['npm', 'run', '--silent', name];
const jest = (project, workers = 1) => [...npm(project), '--', '--maxWorkers', String(workers)];
const all = await finished([
  [
    step('types', npm('types')),
    step('unit tests', jest('unit')),
    step('lint fails where it should, and documents are as the code is', jest('rules')),
    step('format', npm('format:check')),
  ],
  [
    step('lint', npm('lint')),
    step('nothing that nobody uses', npm('dead')),
    step('server tests', jest('server')),
  ],
]);
const attacked =
  all &&
  (await finished([
    [
      step('attacked', [process.execPath, 'scripts/bench/bench.mjs', 'attack', '--quick', '--ci'], {
        HAMMOCK_CHROMIUM: chromium,
      }),
      step('every part of the bench still goes', [process.execPath, 'scripts/bench/bench.mjs', '--quick'], {
        HAMMOCK_CHROMIUM: chromium,
      }),
    ],
  ]));
const browser =
  attacked &&
  (await finished([
    [step('browser tests', npm('e2e'), { HAMMOCK_CHROMIUM: chromium, HAMMOCK_NGINX: nginx ?? '' })],
  ]));
if (!browser) stop('Not all passed; what failed is above.');
say('all passed');

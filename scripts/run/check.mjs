import { existsSync } from 'node:fs';
import { install, root, run, say, stop } from './lib.mjs';
import { finished, step } from './steps.mjs';

/** Types, lint, format and unit tests, side by side on two cores; in under a minute once the caches are there. */
process.chdir(root);
install();
// The browser tests are written in types that are made from the API document.
if (!existsSync('e2e/api.generated.ts') && !run('npm', ['run', '--silent', 'client']))
  stop('No client could be made from the API document.');
const npm = (name, ...more) => ['npm', 'run', '--silent', name, ...(more.length > 0 ? ['--', ...more] : [])];
// Only changed files are read again; npm test lints everything.
const lint = npm('lint', '--cache', '--cache-location', '.tmp/eslint', '--cache-strategy', 'content');
const began = performance.now();
const fine = await finished([
  [step('types', npm('types')), step('unit tests', npm('unit')), step('format', npm('format:check'))],
  [step('lint', lint)],
]);
say(`${((performance.now() - began) / 1000).toFixed(0)} s`);
process.exit(fine ? 0 : 1);

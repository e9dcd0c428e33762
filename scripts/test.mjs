import { build, install, needChromium, root, run, say, stop } from './lib.mjs';

/** Everything: types, lint, format, unit, server and browser tests, from whatever state this checkout is in. */
process.chdir(root);
install();
const chromium = needChromium();
build();
const steps = [
  ['types', ['run', '--silent', 'types']],
  ['lint', ['run', '--silent', 'lint']],
  ['lint fails where it should', ['run', '--silent', 'rules']],
  ['format', ['run', '--silent', 'format:check']],
  ['unit tests', ['run', '--silent', 'unit']],
  ['server tests', ['run', '--silent', 'server']],
  ['browser tests', ['run', '--silent', 'e2e']],
];
for (const [name, args] of steps) {
  say(name);
  if (!run('npm', args, { HAMMOCK_CHROMIUM: chromium })) stop(`${name} failed.`);
}
say('all passed');

import { spawn } from 'node:child_process';
import { root, say } from './lib.mjs';

/**
 * A command with the name it is told by.
 * @param {string} name
 * @param {string[]} words the command and its arguments
 */
export const step = (name, [command, ...args], env = {}) => ({ name, command, args, env });

/** Runs one step to its end; what it printed is shown whole, so that steps side by side do not mix. */
const run = ({ name, command, args, env }) =>
  new Promise((done) => {
    const began = performance.now();
    const child = spawn(command, args, {
      cwd: root,
      env: { ...process.env, ...env },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    let text = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (text += chunk));
    child.on('exit', (code) => {
      const seconds = ((performance.now() - began) / 1000).toFixed(0);
      say(`${name}: ${code === 0 ? 'fine' : 'FAILED'} (${seconds} s)`);
      process.stdout.write(text);
      done(code === 0);
    });
  });

/** Runs lanes of steps beside each other, each lane in its order; true when every step was fine. */
export async function finished(lanes) {
  const results = await Promise.all(
    lanes.map(async (steps) => {
      const done = [];
      for (const one of steps) done.push(await run(one));
      return done;
    }),
  );
  return results.flat().every(Boolean);
}

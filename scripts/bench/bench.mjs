import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { cpus, tmpdir } from 'node:os';
import { join } from 'node:path';
import { memoryMb } from './benchAround.mjs';
import { figure, figures, part, QUICK, quantile } from './benchFigures.mjs';
import { writePerformance } from './performance.mjs';
import { build, endServer, freePort, install, needChromium, root, say, startServer } from '../run/lib.mjs';

/**
 * Prints the figures the product promises and writes them into docs/performance.md. A benchmark, never a test: the machine
 * decides the numbers. With `--quick` every part is gone through once, in npm test, so that none of them rots.
 */
install();
needChromium();
build();
// What was built a moment ago is there only now.
const { ANSWER_EXAMPLE } = await import('../../apps/server/dist/answer/answer.example.js');
const { firstLoad, inCore, kitchens, potOverTime } = await import('./benchCore.mjs');
const { keystroke } = await import('./benchPage.mjs');
const { slowLine, slowPhone } = await import('./benchSlow.mjs');
const { answerOverHttp, learning, listing, tenThousand } = await import('./benchServer.mjs');
const { fillDemo } = await import('../demo/demoData.mjs');

if (process.argv.includes('reliability')) {
  const { reliability } = await import('./benchReliability.mjs');
  const found = await reliability(ANSWER_EXAMPLE, root, { minutes: Number(process.env.WIRE_MINUTES ?? 10) });
  process.exit(found.every(([, , , met]) => met) ? 0 : 1);
}

if (process.argv.includes('attack')) {
  const { assault } = await import('./benchAssault.mjs');
  const quick = process.argv.includes('--quick');
  const found = await assault({ quick });
  // In CI the machine decides the times: there what counts is what opened, ended or broke.
  const counts = process.argv.includes('--ci') ? found.filter(([what]) => !/, m?s\b/u.test(what)) : found;
  if (!quick) {
    const { hostile } = await import('./benchAttack.mjs');
    const { writeAttack } = await import('./benchReliability.mjs');
    const all = [...found, ...(await hostile(20_000))];
    writeAttack(all, root, { date: new Date().toISOString().slice(0, 10), cores: cpus().length });
  }
  process.exit(counts.every(([, , , met]) => met) ? 0 : 1);
}

if (process.argv.includes('rescues')) {
  const { rescues, rescuesText } = await import('./benchRescues.mjs');
  const count = Number(process.env.KITCHENS ?? 1000);
  writeFileSync(join(root, 'docs/rescues.part.md'), rescuesText(rescues(count), count));
  spawnSync('npx', ['prettier', '--write', '--log-level', 'warn', 'docs/rescues.part.md'], { cwd: root });
  say('docs/rescues.part.md, which npm run accuracy puts into docs/accuracy.md');
  process.exit(0);
}

if (process.argv.includes('stove')) {
  const { stove } = await import('./benchStove.mjs');
  for (const [what, value, most] of await stove())
    process.stdout.write(
      `${what.padEnd(64)} ${value.toFixed(1).padStart(8)} (at most ${most})${value <= most ? '' : ' MISSED'}\n`,
    );
  process.exit(0);
}

if (process.argv.includes('twins')) {
  const { twins, twinsText } = await import('./benchTwins.mjs');
  writeFileSync(join(root, 'docs/twins.part.md'), twinsText(twins(Number(process.env.KITCHENS ?? 500))));
  spawnSync('npx', ['prettier', '--write', '--log-level', 'warn', 'docs/twins.part.md'], { cwd: root });
  say('docs/twins.part.md, which npm run accuracy puts into docs/accuracy.md');
  process.exit(0);
}

say(
  `benchmark on ${cpus().length} cores, ${cpus()[0]?.model ?? 'unknown'}${QUICK ? ': quickly, its figures mean little' : ''}`,
);
await part('answers in core', inCore);
await part('the pot over time', potOverTime);
if (!QUICK) await part('simulated kitchens', kitchens);
await part('first load', firstLoad);
const folder = mkdtempSync(join(tmpdir(), 'hammock-bench-'));
const port = await freePort();
const started = () => startServer({ dataFolder: folder, port, quiet: true });
await part('server ready', async () => {
  const ready = [];
  for (let i = 0; i < (QUICK ? 1 : 5); i += 1) {
    const { child, readyMs } = await started();
    ready.push(readyMs);
    await endServer(child);
  }
  figure('server ready, median of 5 starts', quantile(ready, 0.5) / 1000, 's', 0.8);
});
let { child, url } = await started();
try {
  await part('answers over HTTP', async () => {
    await answerOverHttp(port);
    figure('server memory after 2,500 requests', memoryMb(child.pid), 'MB', 110);
  });
  await part('the demo household', () => fillDemo(url, Date.now()));
  await part('keystrokes', () => keystroke(url));
  await part('a slow phone', () => slowPhone(url));
  await part('a slow line', () => slowLine(url));
  await part('ten thousand pots', () => tenThousand(folder, url, QUICK ? 200 : 10_000));
  await part('lists of ten thousand', () => listing(url));
  await endServer(child);
  // What was learnt is worked out from cold.
  ({ child, url } = await started());
  await part('learning from ten thousand', () => learning(url));
} finally {
  await endServer(child);
  rmSync(folder, { recursive: true, force: true });
}
if (QUICK) process.exit(figures.some(({ value }) => value === undefined) ? 1 : 0);
await writePerformance(figures);
say('docs/performance.md');

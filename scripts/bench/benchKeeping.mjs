import { spawnSync } from 'node:child_process';
import { rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { newFolder, uuid, wait } from './benchAround.mjs';
import { fillDemo } from '../demo/demoData.mjs';
import { sender } from '../check/hostile.mjs';
import { endServer, freePort, startServer } from '../run/lib.mjs';

/** Bags put one after another until the server is gone; the ids of those that were acknowledged. */
async function putUntilGone(port, from, most = 2000) {
  const wire = sender(port, 1);
  const stored = [];
  for (let n = from; n < from + most; n += 1) {
    const body = JSON.stringify({ grainId: 'millet', label: `Bag ${n}`, note: 'x'.repeat(150) });
    const reply = await wire
      .send({ method: 'PUT', path: `/api/bags/${uuid(n)}`, body })
      .catch(() => undefined);
    if (!reply) break;
    if (reply.status === 200) stored.push(uuid(n));
    else if (reply.status === 429) await wait(200);
  }
  wire.end();
  return stored;
}

const idsAt = async (url) => new Set((await (await fetch(`${url}/api/bags`)).json()).map((b) => b.id));

/** Ends the server in the middle of writes, again and again, and counts what it had acknowledged and has lost. */
export async function ended(signal, rounds) {
  const folder = newFolder();
  const port = await freePort(4720);
  const all = [];
  let lost = 0;
  for (let round = 0; round < rounds; round += 1) {
    const { child, url } = await startServer({ dataFolder: folder, port, quiet: true });
    const there = await idsAt(url);
    lost += all.filter((id) => !there.has(id)).length;
    const gone = new Promise((done) => child.once('exit', done));
    setTimeout(() => child.kill(signal), 60 + ((round * 53) % 240));
    all.push(...(await putUntilGone(port, round * 3000)));
    await gone;
  }
  const { child, url } = await startServer({ dataFolder: folder, port, quiet: true });
  const there = await idsAt(url);
  lost += all.filter((id) => !there.has(id)).length;
  await endServer(child);
  rmSync(folder, { recursive: true, force: true });
  return [
    `${signal} × ${rounds} in the middle of ${all.length} acknowledged writes: lost`,
    lost,
    0,
    lost === 0,
  ];
}

/** A disk of a few megabytes that is filled and emptied under the server; needs leave to mount one. */
export async function fullDisk(rounds) {
  const folder = newFolder();
  if (spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=4m', 'none', folder]).status !== 0)
    return ['disk filled and emptied: not measured here (no leave to mount a small disk)', '–', 0, false];
  const port = await freePort(4740);
  let [lost, refused, other] = [0, 0, 0];
  const all = [];
  try {
    for (let round = 0; round < rounds; round += 1) {
      const { child } = await startServer({ dataFolder: folder, port, quiet: true });
      const wire = sender(port, 1);
      const put = async (n) => {
        const body = JSON.stringify({ grainId: 'millet', label: `Bag ${n}`, note: 'x'.repeat(200) });
        const { status } = await wire.send({ method: 'PUT', path: `/api/bags/${uuid(n)}`, body });
        if (status === 200) all.push(uuid(n));
        else if (status === 507 || status === 503) refused += 1;
        else other += 1;
      };
      const filler = join(folder, 'filler');
      for (let n = 0; n < 15; n += 1) await put(round * 1000 + n);
      spawnSync('dd', ['if=/dev/zero', `of=${filler}`, 'bs=4k', 'count=4000'], { stdio: 'ignore' });
      for (let n = 100; n < 130; n += 1) await put(round * 1000 + n);
      rmSync(filler, { force: true });
      for (let n = 200; n < 215; n += 1) await put(round * 1000 + n);
      wire.end();
      // Half of the times as a power cut would.
      if (round % 2 === 0) {
        const gone = new Promise((done) => child.once('exit', done));
        child.kill('SIGKILL');
        await gone;
      } else await endServer(child);
      const again = await startServer({ dataFolder: folder, port, quiet: true });
      const there = await idsAt(again.url);
      lost += all.filter((id) => !there.has(id)).length;
      await endServer(again.child);
    }
  } finally {
    spawnSync('umount', [folder]);
    rmSync(folder, { recursive: true, force: true });
  }
  return [
    `disk full × ${rounds}: ${all.length} acknowledged, ${refused} told that there is no room, ${other} otherwise refused: lost`,
    lost,
    0,
    lost === 0 && other === 0 && refused > 0,
  ];
}

/** The file of a household of a year: what copying it takes. */
export async function copying() {
  const folder = newFolder();
  const port = await freePort(4880);
  const { child, url } = await startServer({ dataFolder: folder, port, quiet: true });
  await fillDemo(url, Date.now());
  const began = performance.now();
  const made = await (await fetch(`${url}/api/copies`, { method: 'POST' })).json();
  const ms = performance.now() - began;
  const { size } = statSync(join(folder, 'copies', made.name));
  await endServer(child);
  rmSync(folder, { recursive: true, force: true });
  return [`a verified copy of ${(size / 1e6).toFixed(1)} MB, ms`, Math.round(ms), 2000, ms <= 2000];
}

import { rmSync } from 'node:fs';
import { memoryMb, newFolder, wait } from './benchAround.mjs';
import { hostileRequest, LEAKS, numbers, routesOf, sender } from '../check/hostile.mjs';
import { endServer, freePort, startServer } from '../run/lib.mjs';

/** Requests nobody means, over every route; then what memory they left behind. */
export async function hostile(count) {
  const folder = newFolder();
  const port = await freePort(4760);
  const { child, url } = await startServer({ dataFolder: folder, port, quiet: true });
  const api = await (await fetch(`${url}/api/docs-json`)).json();
  const routes = routesOf(api);
  const random = numbers(11);
  const wire = sender(port);
  let [sent, broken, leaked, slowestMs] = [0, 0, 0, 0];
  const memory = [];
  const lane = async () => {
    while (sent < count) {
      sent += 1;
      const asked = hostileRequest(api, routes, random);
      let reply = await wire.send(asked);
      while (reply.status === 429) {
        await wait(500);
        reply = await wire.send(asked);
      }
      if (reply.status >= 500) broken += 1;
      if (reply.status >= 400 && LEAKS.test(reply.text)) leaked += 1;
      slowestMs = Math.max(slowestMs, reply.ms);
      if (sent % Math.ceil(count / 4) === 0) memory.push(memoryMb(child.pid));
    }
  };
  await Promise.all(Array.from({ length: 8 }, lane));
  wire.end();
  await endServer(child);
  rmSync(folder, { recursive: true, force: true });
  const grown = memory.at(-1) - memory[0];
  return [
    [`${count} hostile requests over ${routes.length} routes: answered 5xx`, broken, 0, broken === 0],
    ['… replies that tell of the insides', leaked, 0, leaked === 0],
    ['… slowest reply, ms', Math.round(slowestMs), 2000, slowestMs <= 2000],
    ['… memory grown from the first quarter to the last, MB', Math.round(grown), 30, grown <= 30],
  ];
}

/** The heaviest bodies that are taken, several at a time, and how long others wait meanwhile. */
export async function heavy(example) {
  const folder = newFolder();
  const port = await freePort(4780);
  const { child } = await startServer({ dataFolder: folder, port, quiet: true });
  const wire = sender(port, 12);
  const stage = (i, minutes) => ({
    id: `s${i}`,
    act: 'simmer',
    heat: 'veryLow',
    lid: 'on',
    end: { kind: 'minutes', minutes },
  });
  const plan = { ...example };
  delete plan.timing;
  const boil = {
    id: 'b',
    act: 'boil',
    heat: 'high',
    lid: 'off',
    end: { kind: 'sign', sign: 'boilAllOver', expectMin: 5 },
  };
  const long = { ...plan, stages: [boil, ...Array.from({ length: 38 }, (_, i) => stage(i, 113))] };
  // As many kitchens as are taken for a pot that long: the refusal says how many.
  const most = async (body) => {
    const asked = { ...body, odds: { draws: 2000 } };
    const { status, text } = await wire.send({
      method: 'POST',
      path: '/api/answer',
      body: JSON.stringify(asked),
    });
    return status === 422 ? { ...body, odds: { draws: Number(/At most (\d+)/u.exec(text)?.[1]) } } : asked;
  };
  const bodies = [
    ['/api/course', { ...long, vessel: { diameterCm: 40, volumeMl: 50_000 } }],
    ['/api/answer', await most(example)],
    ['/api/answer', await most({ ...long, vessel: { diameterCm: 40, volumeMl: 50_000 } })],
  ].map(([path, body]) => ({ method: 'POST', path, body: JSON.stringify(body) }));
  const once = [];
  for (const body of bodies) {
    await wire.send(body);
    const { status, ms } = await wire.send(body);
    if (status !== 200) throw new Error(`${body.path} answered ${status}`);
    once.push(ms);
  }
  const waits = [];
  let over = false;
  const others = (async () => {
    const calm = sender(port, 2);
    while (!over) {
      waits.push(
        (await calm.send({ method: 'POST', path: '/api/answer', body: JSON.stringify(example) })).ms,
      );
      await wait(10);
    }
    calm.end();
  })();
  const statuses = await Promise.all(
    Array.from({ length: 12 }, (_, i) => wire.send(bodies[i % 3]).then((r) => r.status)),
  );
  over = true;
  await others;
  wire.end();
  const alive = child.exitCode === null;
  await endServer(child);
  rmSync(folder, { recursive: true, force: true });
  waits.sort((a, b) => a - b);
  const worst = Math.max(...once);
  const p95 = waits[Math.floor(waits.length * 0.95)];
  return [
    ['the heaviest body that is taken, ms', Math.round(worst), 2000, worst <= 2000],
    [
      `others while 12 of them are asked at once (p95 of ${waits.length}; slowest ${Math.round(waits.at(-1))}), ms`,
      Math.round(p95),
      100,
      p95 <= 100,
    ],
    ['… of the 12, told that it is too much just now', statuses.filter((s) => s === 503).length, '–', alive],
  ];
}

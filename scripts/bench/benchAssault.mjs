import { rmSync, symlinkSync, mkdirSync, readFileSync } from 'node:fs';
import { request } from 'node:http';
import { connect } from 'node:net';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { gzipSync } from 'node:zlib';
import Database from 'better-sqlite3';
import { memoryMb, newFolder, wait } from './benchAround.mjs';
import { mutatedArchives } from './benchArchives.mjs';
import { ask, here, PHONE } from './benchAsk.mjs';
import { openBrowser } from './browser.mjs';
import { tenThousand } from './benchServer.mjs';
import { endServer, freePort, say, startServer } from '../run/lib.mjs';

/**
 * Attacks the built program as somebody in the house would, and looks how the one at the keyboard fares: bounded in count and time, in a
 * folder of its own, over the loopback alone. Phones ask by another address of this machine than its own pages do.
 */
const NAME = 'Marrowfat secret';

/** Lets a device in; its cookie. */
async function letIn(at, role) {
  const { text } = await here(at, {
    method: 'POST',
    path: '/api/devices/code',
    body: JSON.stringify({ role }),
  });
  const body = JSON.stringify({ code: JSON.parse(text).code, name: role });
  return (await ask(at, { method: 'POST', path: '/api/devices/join', body })).cookie;
}

/** What the owner's pages ask all the time, until it is over: the slowest of it. From a thread of its own: attacking takes time too. */
function owner(at) {
  const worker = new Worker(new URL('./benchOwner.mjs', import.meta.url), { workerData: { port: at.port } });
  return () =>
    new Promise((done) => {
      worker.once('message', (found) => void worker.terminate().then(() => done(found)));
      worker.postMessage('over');
    });
}

/** Processor time a process has had, threads and all, s. */
const cpuS = (pid) => {
  const fields = readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1].split(' ');
  return (Number(fields[11]) + Number(fields[12])) / 100;
};

/** The kinds of attack, each to its end. */
const ATTACKS = {
  '550 half-sent bodies of nobody and of a guest': async (at, guest) => {
    const sockets = [];
    for (let n = 0; n < 550; n += 1) {
      const socket = connect({ port: at.port, host: '127.0.0.1', localAddress: `127.0.0.${4 + (n % 20)}` });
      socket.on('error', () => undefined);
      socket.resume();
      socket.write(
        `POST /api/answer HTTP/1.1\r\nHost: ${PHONE}:${at.port}\r\nContent-Type: application/json\r\nContent-Length: 200000\r\n${n % 2 === 0 ? `Cookie: ${guest}\r\n` : ''}\r\n{"grainId":`,
      );
      sockets.push(socket);
    }
    await wait(4000);
    for (const socket of sockets) socket.destroy();
  },
  '200 sockets whose heads come a letter at a time': async (at) => {
    const sockets = Array.from({ length: 200 }, (_, n) => {
      const socket = connect({ port: at.port, host: '127.0.0.1', localAddress: `127.0.0.${4 + (n % 20)}` });
      socket.on('error', () => undefined);
      socket.write('PUT /api/bags/x HTTP/1.1\r\nHost: 127.0.0.2\r\nX-Slow: ');
      return socket;
    });
    const drip = setInterval(() => sockets.forEach((s) => s.writable && s.write('a')), 100);
    await wait(3000);
    clearInterval(drip);
    for (const socket of sockets) socket.destroy();
  },
  '100 requests of one guest at once, again and again': async (at, guest) => {
    const until = performance.now() + 5000;
    const paths = [
      '/api/changes?since=0',
      '/api/cooks?limit=200',
      '/api/household',
      '/api/changes/stream',
      '/api/learnt',
    ];
    while (performance.now() < until)
      await Promise.all(
        Array.from({ length: 100 }, (_, n) =>
          ask(at, { path: paths[n % paths.length], headers: { cookie: guest }, waitMs: 4000 }),
        ),
      );
  },
  '400 wrong codes from twenty addresses': async (at) => {
    const body = JSON.stringify({ code: '0000-0000', name: 'x' });
    for (let n = 0; n < 10; n += 1)
      await Promise.all(
        Array.from({ length: 40 }, (_, i) =>
          ask(at, { method: 'POST', path: '/api/devices/join', body, from: `127.0.0.${4 + (i % 20)}` }),
        ),
      );
  },
  '500 kB of brackets as a body, an archive and a plan of a cook': async (at, _guest, cook) => {
    const nest = '['.repeat(500_000);
    const headers = { cookie: cook };
    for (const path of ['/api/archive/incoming', '/api/answer', '/api/everything'])
      for (const body of [nest, `{"format":"hammock.archive","version":1,"bags":${nest}`])
        await ask(at, { method: 'POST', path, body, headers });
  },
  '60 MB of nothing packed into 60 kB': async (at, _guest, cook) => {
    const body = gzipSync(Buffer.from(`{"label":"${'a'.repeat(60_000_000)}"}`));
    await ask(at, {
      method: 'POST',
      path: '/api/answer',
      body,
      headers: { cookie: cook, 'content-encoding': 'gzip' },
    });
  },
  '300 MB as an archive, three at once': async (at, _guest, cook) => {
    const piece = Buffer.alloc(1024 * 1024, 0x20);
    const send = () =>
      new Promise((done) => {
        const sent = request({
          ...{
            host: '127.0.0.1',
            port: at.port,
            method: 'POST',
            path: '/api/archive/incoming',
            setHost: false,
            localAddress: '127.0.0.3',
          },
          headers: { host: `${PHONE}:${at.port}`, cookie: cook, 'content-type': 'application/json' },
        });
        sent.on('error', done);
        sent.on('response', (reply) => reply.resume().on('end', done));
        let left = 300;
        const more = () => {
          while (left > 0) {
            left -= 1;
            if (!sent.write(piece)) return void sent.once('drain', more);
          }
          sent.end();
        };
        more();
      });
    await Promise.all([send(), send(), send()]);
  },
  'a link that leads nowhere among the copies': async (at) => {
    mkdirSync(join(at.folder, 'copies'), { recursive: true });
    symlinkSync('/nowhere', join(at.folder, 'copies/hammock-x-daily.sqlite'));
    await here(at, { path: '/api/copies' });
    await here(at, { method: 'POST', path: '/api/copies' });
  },
};

/** Ways to write one path that are another to somebody who reads letters. */
const SPELLINGS = [
  (p) => p,
  (p) => p.toUpperCase(),
  (p) => p.replace('/api', '/Api'),
  (p) => `${p}/`,
  (p) => `/${p}`,
  (p) => p.replace('/a', '/%61'),
  (p) => p.replace('/api', '/api;v=1'),
  (p) => p.replace('/api/', '/api/%2e/'),
  (p) => p.replace('/api/', '/api%2f'),
  (p) => `http://${PHONE}${p}`,
];
const GUEST = /^GET \/api\/(?:health|household|cooks|cooks\/[^/]+|changes|changes\/stream|devices\/me)$/u;
const ANYBODY = /^(?:GET \/api\/devices\/me|POST \/api\/devices\/join)$/u;

/** Every route of the document × nobody, let go, guest × spellings: those that answer with what is not theirs. */
async function openRoutes(at, guest) {
  const { paths } = JSON.parse((await here(at, { path: '/api/docs-json' })).text);
  const routes = Object.entries(paths).flatMap(([path, ways]) =>
    Object.keys(ways).map((method) => [
      method.toUpperCase(),
      path.replaceAll(/\{\w+\}/gu, '00000000-0000-4000-8000-000000000001'),
    ]),
  );
  let [tried, open] = [0, 0];
  for (const [who, cookie] of [
    ['nobody', ''],
    ['let go', 'hammock_device=00000000-0000-4000-8000-000000000009.x'],
    ['guest', guest],
  ])
    for (const [method, path] of routes) {
      if (ANYBODY.test(`${method} ${path}`) || (who === 'guest' && GUEST.test(`${method} ${path}`))) continue;
      const replies = await Promise.all(
        SPELLINGS.map((spell, n) =>
          ask(at, { method, path: spell(path), headers: { cookie }, from: `127.0.1.${n + 1}` }),
        ),
      );
      for (const { status, text } of replies) {
        tried += 1;
        const isPage = status === 200 && method === 'GET' && text.includes('<title>Hammock');
        if ((status < 400 && !isPage) || text.includes(NAME)) open += 1;
      }
    }
  return [
    `${tried} requests for ${routes.length} routes by nobody, one let go and a guest, spelled in ${SPELLINGS.length} ways: open`,
    open,
    0,
    open === 0,
  ];
}

/** A household of so many judged pots. */
async function many(folder, url, count) {
  await tenThousand(folder, url, count);
  const file = new Database(join(folder, 'hammock.sqlite'));
  file.prepare('UPDATE household SET name = ?').run(NAME);
  file.close();
}

/** @returns rows: what was done, figure, aim, met */
export async function assault({ quick = false } = {}) {
  const folder = newFolder();
  const port = await freePort(4820);
  const env = { HAMMOCK_LAN: '1', HAMMOCK_LAN_HOSTS: PHONE };
  const at = { port, folder };
  const pots = quick ? 1500 : 10_000;
  const rows = [];
  const add = (...row) => {
    rows.push(row);
    say(`${row[0]}: ${row[1]} (aim ${row[2]}) ${row[3] ? '' : 'MISSED'}`);
  };
  const start = () => startServer({ dataFolder: folder, port, quiet: true, env });
  let { child } = await start();
  await many(folder, `http://127.0.0.1:${port}`, pots);
  await endServer(child);
  let mostMb = 0;
  let [ended, unanswered] = [0, 0];
  const sampler = setInterval(() => {
    if (child.exitCode !== null || child.signalCode !== null) return;
    try {
      const mb = memoryMb(child.pid);
      if (Number.isFinite(mb)) mostMb = Math.max(mostMb, mb);
    } catch {
      // It just ended.
    }
  }, 100);
  try {
    // From cold: the process, the first page with its number, what was learnt; and once more.
    const browser = await openBrowser();
    const page = await browser.newPage();
    const began = performance.now();
    ({ child } = await start());
    const readyS = (performance.now() - began) / 1000;
    await page.goto(`http://127.0.0.1:${port}/notebook`);
    await page.waitForSelector('ol[aria-label="Pots cooked"] li');
    const firstS = (performance.now() - began) / 1000;
    await page.close();
    await browser.close();
    add(
      `${pots} pots, from cold to the notebook’s first page, s (of it until the server answers ${readyS.toFixed(2)})`,
      firstS.toFixed(2),
      2,
      firstS <= 2,
    );
    await endServer(child);
    forget(folder);
    ({ child } = await start());
    const cpuBefore = cpuS(child.pid);
    const watched = owner(at);
    const five = await Promise.all(
      [1, 2, 3, 4, 5].map(() => here(at, { path: '/api/learnt', waitMs: 120_000 })),
    );
    const learntS = cpuS(child.pid) - cpuBefore;
    const meanwhile = await watched();
    add(
      `… what they taught, asked by five pages at once, s of one core`,
      learntS.toFixed(1),
      10,
      learntS <= 10 && five.every((r) => r.status === 200),
    );
    add(
      '… the owner’s slowest request meanwhile, ms',
      Math.round(meanwhile.slowestMs),
      500,
      meanwhile.slowestMs <= 500,
    );
    await endServer(child);
    ({ child } = await start());
    const { ms: againMs } = await here(at, { path: '/api/learnt', waitMs: 120_000 });
    add('… the second time, after a restart, ms', Math.round(againMs), 2000, againMs <= 2000);

    const [guest, cook] = [await letIn(at, 'guest'), await letIn(at, 'cook')];
    for (const [what, attack] of Object.entries(ATTACKS)) {
      const stop = owner(at);
      await attack(at, guest, cook);
      await wait(200);
      const { slowestMs, asked, failed } = await stop();
      const isUp = child.exitCode === null && child.signalCode === null;
      if (!isUp) {
        ended += 1;
        ({ child } = await start());
      }
      unanswered += isUp ? failed : 0;
      const isFine = isUp && slowestMs <= 500;
      add(
        `${what}: the owner’s slowest of ${asked} requests, ms`,
        isUp ? Math.round(slowestMs) : 'it fell',
        500,
        isFine,
      );
    }
    add(...(await openRoutes(at, guest)));
    await wait(500);
    add('processes that ended in all of this', ended, 0, ended === 0);
    add('requests of the owner’s that failed in all of this', unanswered, 0, unanswered === 0);
    add('memory at the most throughout, MB', Math.round(mostMb), 250, mostMb <= 250);
  } finally {
    clearInterval(sampler);
    await endServer(child);
    rmSync(folder, { recursive: true, force: true });
  }
  for (const row of await mutatedArchives(quick ? 150 : 5000)) add(...row);
  return rows;
}

/** What pots say is not kept: it is worked out as after an update. */
function forget(folder) {
  const file = new Database(join(folder, 'hammock.sqlite'));
  file.exec('DELETE FROM pot_evidence');
  file.close();
}

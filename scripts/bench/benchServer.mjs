import { spawn } from 'node:child_process';
import { Agent, request } from 'node:http';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { ANSWER_EXAMPLE } from '../../apps/server/dist/answer/answer.example.js';
import { figure, quantile } from './benchFigures.mjs';
import { freePort } from '../run/lib.mjs';

/** Ten thousand pots, written straight into the file. */
export async function tenThousand(folder, url, count = 10_000) {
  const input = { ...ANSWER_EXAMPLE };
  const first = '00000000-0000-4000-8000-000000000001';
  const made = await fetch(`${url}/api/cooks/${first}`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ label: 'One of many', startedAtMs: 1_700_000_000_000, input }),
  });
  if (!made.ok) throw new Error(await made.text());
  const file = new Database(join(folder, 'hammock.sqlite'));
  const copy = file.prepare(
    `INSERT INTO cook SELECT ?, (SELECT id FROM dish LIMIT 1), bagId, vesselId, hobId, cupId, label, input, answer, advisedMl, pouredMl, ?, abandoned, ? FROM cook WHERE id = '${first}'`,
  );
  const judge = file.prepare(
    'INSERT INTO outcome (cookId, texture, base, note, atMs) VALUES (?, 3, ?, ?, ?)',
  );
  file.transaction(() => {
    for (let i = 2; i <= count; i += 1) {
      const id = `00000000-0000-4000-8000-${String(i).padStart(12, '0')}`;
      copy.run(id, 1_700_000_000_000 + i * 1000, 1000 + i);
      judge.run(id, 'clean', '', 1_700_000_000_000 + i * 1000);
    }
  })();
  file.close();
}

/** The notebook's first page and how each dish has done, asked for one after another. */
export async function listing(url) {
  const p95 = async (path, isRight) => {
    const times = [];
    for (let i = 0; i < 160; i += 1) {
      const began = performance.now();
      const list = await (await fetch(`${url}/api/${path}`)).json();
      if (!isRight(list)) throw new Error(`${path} listed ${list.length}`);
      if (i >= 40) times.push(performance.now() - began);
    }
    return quantile(times, 0.95);
  };
  const page = await p95('cooks?limit=50', (list) => list.length === 50);
  figure('notebook page of 50 from 10,000 pots, p95', page, 'ms', 15);
  const found = await p95('cooks?limit=50&words=many&texture=3', (list) => list.length === 50);
  figure('the same looked for by word and outcome, p95', found, 'ms', 15);
  const none = await p95('cooks?limit=50&words=nothing', (list) => list.length === 0);
  figure('the same looked for in vain, p95', none, 'ms', 15);
  figure(
    'how each dish did, from 10,000 pots, p95',
    await p95('cooks/by-dish', (list) => list.length > 0),
    'ms',
    30,
  );
}

/** What pots have taught: from cold with all of them, and with one more. */
export async function learning(url) {
  const learnt = async () => {
    const began = performance.now();
    const reply = await fetch(`${url}/api/learnt`);
    if (!reply.ok) throw new Error(`learnt: ${reply.status}`);
    await reply.text();
    return performance.now() - began;
  };
  figure('first learnt, 10,000 pots, from cold', (await learnt()) / 1000, 's', 5);
  const again = [];
  for (let n = 0; n < 8; n += 1) {
    const id = `00000000-0000-4000-8001-${String(n).padStart(12, '0')}`;
    const put = (method, path, body) =>
      fetch(`${url}/api/${path}`, {
        method,
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(body),
      }).then(async (reply) => {
        if (!reply.ok) throw new Error(await reply.text());
        return reply.json();
      });
    const { revision, advisedMl } = await put('PUT', `cooks/${id}`, {
      label: 'One more',
      input: ANSWER_EXAMPLE,
    });
    await put('PATCH', `cooks/${id}?standsOn=${revision}`, {
      pouredMl: advisedMl ?? 500,
      outcome: { texture: 3, base: 'clean', note: '', atMs: Date.now() },
    });
    again.push(await learnt());
  }
  figure('one more pot learnt, median', quantile(again, 0.5), 'ms', 3);
}

/** Times `count` posts at ten open connections; bounded, to this machine only. */
async function posts(port, path, body, count) {
  const agent = new Agent({ keepAlive: true, maxSockets: 10 });
  const headers = { 'content-type': 'application/json', 'content-length': Buffer.byteLength(body) };
  const once = () =>
    new Promise((done, failed) => {
      const began = performance.now();
      const sent = request({ host: '127.0.0.1', port, path, method: 'POST', agent, headers }, (reply) => {
        if (reply.statusCode !== 200) failed(new Error(`answered ${reply.statusCode}`));
        reply.resume();
        reply.on('end', () => done(performance.now() - began));
      });
      sent.on('error', failed);
      sent.end(body);
    });
  const times = [];
  const lane = async () => {
    for (let i = 0; i < count / 10; i += 1) times.push(await once());
  };
  await Promise.all(Array.from({ length: 10 }, lane));
  agent.destroy();
  return times;
}

/** A server that does nothing but reply with as many bytes: what this machine's loopback costs by itself. */
const BARE = `require('node:http').createServer((q, r) => { q.resume(); q.on('end', () => r.end('x'.repeat(4300))); }).listen(Number(process.argv[1]), '127.0.0.1')`;

export async function answerOverHttp(port) {
  const body = JSON.stringify(ANSWER_EXAMPLE);
  await posts(port, '/api/answer', body, 1500);
  const times = await posts(port, '/api/answer', body, 1000);
  figure('POST /api/answer at 10 connections, p95', quantile(times, 0.95), 'ms', 15);
  const barePort = await freePort();
  const bare = spawn(process.execPath, ['-e', BARE, String(barePort)]);
  await new Promise((later) => setTimeout(later, 1500));
  await posts(barePort, '/', body, 1500);
  const bareTimes = await posts(barePort, '/', body, 1000);
  bare.kill();
  const times95 = quantile(times, 0.95) / quantile(bareTimes, 0.95);
  figure('POST /api/answer, as multiple of a server that only replies', times95, '×', 3);
}

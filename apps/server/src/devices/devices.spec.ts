import 'reflect-metadata';
import { request as send, type IncomingMessage } from 'node:http';
import { afterEach, beforeEach, describe, expect, it, jest } from '@jest/globals';
import { Clock } from '../common/clock.js';
import { ANSWER_EXAMPLE } from '../answer/answer.example.js';
import { temporaryServer, type TemporaryServer } from '../testing/temporaryServer.js';
import { Pairing } from './pairing.js';

const PHONE = '127.0.0.2';

let server: TemporaryServer;
let port: string;
beforeEach(async () => {
  server = await temporaryServer({ house: { hosts: [PHONE] } });
  ({ port } = new URL(server.url));
});
afterEach(() => server.close());

interface Said {
  readonly method?: string;
  readonly body?: unknown;
  readonly cookie?: string | undefined;
  readonly headers?: Record<string, string>;
  /** The address it asks from. */
  readonly from?: string;
  /** The name it asks by; a phone's without. */
  readonly host?: string;
}
interface Heard {
  readonly status: number;
  readonly body: Readonly<Record<string, unknown>>;
  readonly cookie: string | undefined;
}

const open = (
  path: string,
  { method = 'GET', body, cookie, headers = {}, host = `${PHONE}:${port}`, from = '127.0.0.1' }: Said,
) =>
  new Promise<IncomingMessage>((done, failed) => {
    const text = body === undefined ? undefined : JSON.stringify(body);
    const all = {
      host,
      ...(text === undefined
        ? {}
        : { 'content-type': 'application/json', 'content-length': Buffer.byteLength(text).toString() }),
      ...(cookie === undefined ? {} : { cookie }),
      ...headers,
    };
    const sent = send(
      { host: '127.0.0.1', port, path, method, headers: all, setHost: false, localAddress: from },
      done,
    );
    sent.on('error', failed);
    sent.end(text);
  });
async function ask(path: string, said: Said = {}): Promise<Heard> {
  const reply = await open(path, said);
  let text = '';
  for await (const piece of reply) text += String(piece);
  const [cookie] = reply.headers['set-cookie'] ?? [];
  return { status: reply.statusCode ?? 0, body: text.startsWith('{') ? JSON.parse(text) : { text }, cookie };
}
const here = (path: string, said: Said = {}) => ask(path, { ...said, host: `127.0.0.1:${port}` });
const codeFor = async (role: 'cook' | 'guest'): Promise<string> =>
  (await here('/api/devices/code', { method: 'POST', body: { role } })).body['code'] as string;
const join = (code: string, name = 'Blue phone', more: Said = {}) =>
  ask('/api/devices/join', { method: 'POST', body: { code, name }, ...more });
async function letIn(role: 'cook' | 'guest'): Promise<{ cookie: string; id: string }> {
  const { cookie = '', body } = await join(await codeFor(role));
  return { cookie: cookie.split(';')[0] ?? '', id: body['id'] as string };
}
const UUID = '00000000-0000-4000-8000-00000000000';
const bag = { grainId: 'millet', label: 'Valley sack', note: '', openedOn: null };
const put = (cookie?: string) =>
  ask('/api/bags/00000000-0000-4000-8000-000000000001', { method: 'PUT', body: bag, cookie });

describe('a phone of the house', () => {
  it('is told that it was not let in, sees the page and its own state, and nothing of the household', async () => {
    for (const path of [
      '/api/household',
      '/api/cooks',
      '/api/archive',
      '/api/devices',
      '/api/docs-json',
      '/api/changes/stream',
    ])
      expect(await ask(path)).toMatchObject({ status: 401, body: { type: 'urn:hammock:problem:join' } });
    expect((await put()).status).toBe(401);
    expect((await ask('/api/devices/code', { method: 'POST', body: { role: 'cook' } })).status).toBe(401);
    expect((await ask('/api/devices/me')).body).toEqual({ role: 'none', isOpen: true });
    expect((await here('/api/devices/me')).body).toEqual({ role: 'here', isOpen: true });
  });

  it('is let in once by a code, and known by a cookie that no script reads and no other site sends', async () => {
    const code = await codeFor('cook');
    const { status, cookie, body } = await join(code);
    expect([status, body['name']]).toEqual([200, 'Blue phone']);
    expect(cookie).toMatch(/^hammock_device=[\da-f-]{36}\.[\w-]{43}; .*Path=\/.*HttpOnly; SameSite=Strict$/u);
    const own = cookie?.split(';')[0];
    expect((await ask('/api/household', { cookie: own })).status).toBe(200);
    expect((await put(own)).status).toBe(200);
    expect((await ask('/api/devices/me', { cookie: own })).body['role']).toBe('cook');
    expect((await join(code)).status).toBe(403);
    // Nothing that proves it stands in the file.
    const [row] = await server.dataSource.query('SELECT * FROM "device"');
    expect(JSON.stringify(row)).not.toContain(own?.split('.').at(-1) ?? '?');
  });

  it('comes back after a restart, and is out at once when it is let go, whatever it listens to', async () => {
    const { cookie, id } = await letIn('cook');
    await server.app.close();
    server = await temporaryServer({ house: { hosts: [PHONE] }, folder: server.folder });
    ({ port } = new URL(server.url));
    expect((await ask('/api/household', { cookie })).status).toBe(200);
    const stream = await open('/api/changes/stream', { cookie });
    const ended = new Promise((done) => stream.once('close', done));
    stream.on('error', () => undefined);
    stream.resume();
    expect((await here(`/api/devices/${id}`, { method: 'DELETE' })).status).toBe(204);
    await ended;
    expect((await ask('/api/household', { cookie })).status).toBe(401);
    expect((await here(`/api/devices/${id}`, { method: 'DELETE' })).status).toBe(404);
  });

  it('as a guest reads what is on the stove, and nothing of the notebook, of people or of what was learnt', async () => {
    const { cookie } = await letIn('guest');
    const begin = (n: number) =>
      here(`/api/cooks/${UUID}${n.toString()}`, {
        method: 'PUT',
        body: { label: `Pot ${n.toString()}`, input: ANSWER_EXAMPLE },
      });
    const { body: first } = await begin(1);
    const outcome = { texture: 3, base: 'clean', note: 'Ours alone' };
    await here(`/api/cooks/${UUID}1/outcome?standsOn=${String(first['revision'])}`, {
      method: 'PUT',
      body: outcome,
    });
    await begin(2);
    const tap = { kind: 'start', stageId: (first['answer'] as { stages: { id: string }[] }).stages[0]!.id };
    for (const n of [1, 2])
      await here(`/api/cooks/${UUID}${n.toString()}/events/${UUID}${(n + 5).toString()}`, {
        method: 'PUT',
        body: tap,
      });
    const household = (await here('/api/household')).body;
    const { revision, ...fields } = household;
    await here(`/api/household?standsOn=${String(revision)}`, {
      method: 'PUT',
      body: { ...fields, people: ['Wren'] },
    });

    const { text: list } = (await ask('/api/cooks', { cookie })).body;
    expect((JSON.parse(list as string) as { label: string }[]).map((c) => c.label)).toEqual(['Pot 2']);
    expect((await ask(`/api/cooks/${UUID}2`, { cookie })).status).toBe(200);
    expect((await ask(`/api/cooks/${UUID}1`, { cookie })).status).toBe(404);
    const { body: changes } = await ask('/api/changes?since=0', { cookie });
    expect(JSON.stringify(changes)).not.toMatch(/Pot 1|Ours alone|Wren/u);
    expect((changes['taps'] as { cookId: string }[]).map((t) => t.cookId)).toEqual([`${UUID}2`]);
    expect(JSON.stringify((await ask('/api/household', { cookie })).body)).not.toContain('Wren');
    for (const kind of [
      'bags',
      'vessels',
      'hobs',
      'cups',
      'dishes',
      'ingredients',
      'methods',
      'steamTests',
      'plans',
    ])
      expect([kind, changes[kind]]).toEqual([kind, []]);

    expect((await put(cookie)).status).toBe(403);
    for (const path of [
      'archive',
      'notebook.csv',
      'copies',
      'devices',
      'plans',
      'learnt',
      'learnt/pots',
      'dishes',
      'bags',
      'cooks/by-dish',
      `cooks/${UUID}2/account.csv`,
      'docs-json',
      'instruments',
    ])
      expect([path, (await ask(`/api/${path}`, { cookie })).status]).toEqual([path, 403]);
    expect(
      (await ask('/api/everything', { method: 'POST', body: { takeAway: 'everything' }, cookie })).status,
    ).toBe(403);
  });

  it('cannot guess: five wrong codes shut out who tried, and nobody else; a new code begins anew; an old one is void', async () => {
    const code = await codeFor('cook');
    for (let n = 0; n < 5; n += 1) expect((await join('0000-0000')).status).toBe(403);
    expect((await join(code)).status).toBe(429);
    // Another address still may, and so may the same one at a new code.
    expect((await join(code, 'Tablet', { from: '127.0.0.3' })).status).toBe(200);
    expect((await join(await codeFor('cook'))).status).toBe(200);
    const late = await codeFor('cook');
    const nowMs = Date.now() + 11 * 60_000;
    jest.spyOn(server.app.get(Clock), 'nowMs').mockImplementation(() => nowMs);
    expect((await join(late)).status).toBe(403);
  });

  it('of a whole network of guessers voids the code, and the machine itself gives out the next as ever', async () => {
    const code = await codeFor('cook');
    const tries = Array.from({ length: 100 }, (_, n) =>
      join('0000-0000', 'x', { from: `127.0.1.${(Math.floor(n / 5) + 1).toString()}` }),
    );
    expect((await Promise.all(tries)).map((t) => t.status).filter((s) => s !== 403)).toEqual([]);
    expect((await join(code)).status).toBe(403);
    expect((await join(await codeFor('cook'))).status).toBe(200);
  });

  it('that erases everything hears that it was done, and is out with all the others', async () => {
    const [{ cookie }, other] = [await letIn('cook'), await letIn('cook')];
    const stream = await open('/api/changes/stream', { cookie: other.cookie });
    stream.on('error', () => undefined);
    const ended = new Promise((done) => stream.once('close', done));
    stream.resume();
    const erase = { method: 'POST', body: { takeAway: 'everything' }, cookie };
    expect((await ask('/api/everything', erase)).status).toBe(204);
    await ended;
    for (const out of [cookie, other.cookie])
      expect((await ask('/api/household', { cookie: out })).status).toBe(401);
    expect(await server.dataSource.query('SELECT * FROM "device"')).toEqual([]);
  });

  it('listens with four pages and no more; this machine has places of its own', async () => {
    const { cookie } = await letIn('cook');
    const listen = () => open('/api/changes/stream', { cookie });
    const streams = await Promise.all([1, 2, 3, 4].map(listen));
    expect((await ask('/api/changes/stream', { cookie })).status).toBe(429);
    const own = await open('/api/changes/stream', { host: `127.0.0.1:${port}` });
    expect(own.statusCode).toBe(200);
    own.destroy();
    streams[0]!.destroy();
    await new Promise((later) => setTimeout(later, 100));
    const again = await listen();
    expect(again.statusCode).toBe(200);
    for (const stream of [...streams, again]) stream.destroy();
  });

  it.each<[string, string]>([
    ['made up', 'hammock_device=00000000-0000-4000-8000-000000000001.abc'],
    ['of no shape', 'hammock_device=x'],
    ['empty', 'hammock_device='],
    ['without end', `hammock_device=${'x.'.repeat(3000)}`],
    ['another', 'other=1; __proto__=2'],
  ])('with a cookie that is %s is nobody', async (_what, cookie) => {
    expect((await ask('/api/household', { cookie })).status).toBe(401);
  });
});

describe('who names the house otherwise', () => {
  it.each<[string, Record<string, string>]>([
    ['another name that points here', { host: 'kitchen.evil.test:PORT' }],
    ['an address that is not ours', { host: '192.168.77.77:PORT' }],
    ['another origin', { origin: 'https://evil.test' }],
    ['another port’s origin', { origin: `http://${PHONE}:1` }],
    ['another site', { 'sec-fetch-site': 'cross-site' }],
    ['another program of this machine', { 'sec-fetch-site': 'same-site' }],
  ])('%s is refused, with a cookie that is right', async (_what, headers) => {
    const { cookie } = await letIn('cook');
    const { host, ...more } = headers;
    const said = {
      cookie,
      headers: more,
      ...(host === undefined ? {} : { host: host.replace('PORT', port) }),
    };
    expect((await ask('/api/household', said)).status).toBe(403);
    expect(
      (await ask('/api/devices/join', { ...said, method: 'POST', body: { code: 'x', name: 'y' } })).status,
    ).toBe(403);
  });

  it('behind a proxy with TLS is let in at its address alone, by a cookie for TLS alone', async () => {
    await server.close();
    server = await temporaryServer({ house: { hosts: [], origin: 'https://kitchen.example' } });
    ({ port } = new URL(server.url));
    const said = { host: 'kitchen.example', headers: { origin: 'https://kitchen.example' } };
    // Who is on this machine may be anybody the proxy passes on: nobody is taken for the one at the keyboard.
    for (const more of [{}, { headers: { 'x-forwarded-for': '203.0.113.9' } }])
      expect((await here('/api/household', more)).status).toBe(403);
    expect((await here('/api/devices/code', { method: 'POST', body: { role: 'cook' } })).status).toBe(403);
    const { code } = server.app.get(Pairing).newCode('cook');
    const { cookie } = await ask('/api/devices/join', {
      ...said,
      method: 'POST',
      body: { code, name: 'Phone' },
    });
    expect(cookie).toMatch(/^__Host-hammock_device=.*; Secure/u);
    const page = await open('/api/devices/me', said);
    expect(page.headers['strict-transport-security']).toBe('max-age=31536000');
    page.destroy();
    const own = cookie?.split(';')[0];
    expect((await ask('/api/household', { ...said, cookie: own })).status).toBe(200);
    expect((await ask('/api/household', { cookie: own })).status).toBe(403);
  });

  it('and without --lan nothing but this machine is answered, whatever it says', async () => {
    await server.close();
    server = await temporaryServer();
    ({ port } = new URL(server.url));
    expect((await ask('/api/devices/me')).status).toBe(403);
    expect((await ask('/')).status).toBe(403);
    expect((await here('/api/devices/code', { method: 'POST', body: { role: 'cook' } })).status).toBe(409);
  });
});

describe('what was passed on by something on this machine', () => {
  it.each([
    'x-forwarded-for',
    'forwarded',
    'via',
    'x-real-ip',
    'x-forwarded-host',
    'x-original-url',
    'cf-connecting-ip',
  ])('with %s is not the one at the keyboard', async (name) => {
    expect((await here('/api/household')).status).toBe(200);
    expect((await here('/api/household', { headers: { [name]: '127.0.0.1' } })).status).toBe(403);
  });
});

describe('a device that asks without end', () => {
  it('is slowed down alone: the others, and this machine, are answered as before', async () => {
    await server.close();
    server = await temporaryServer({ house: { hosts: [PHONE] }, rate: { limit: 8, windowMs: 60_000 } });
    ({ port } = new URL(server.url));
    const cookieOf = async (name: string): Promise<string | undefined> =>
      (await join(await codeFor('cook'), name)).cookie?.split(';')[0];
    const [first, second] = [await cookieOf('Blue phone'), await cookieOf('Old tablet')];
    const status = async (cookie: string | undefined) => (await ask('/api/bags', { cookie })).status;
    const statuses = [];
    for (let n = 0; n < 10; n += 1) statuses.push(await status(first));
    expect(statuses.slice(0, 8)).toEqual(Array.from({ length: 8 }, () => 200));
    expect(statuses.slice(8)).toEqual([429, 429]);
    expect(await status(second)).toBe(200);
    expect((await here('/api/bags')).status).toBe(200);
  });
});

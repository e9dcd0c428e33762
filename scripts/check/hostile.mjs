import { Agent, request } from 'node:http';

/**
 * Requests nobody means, made from the server's own OpenAPI document: every route, a body as its schema wants it, and
 * then one thing or several gone wrong in it. The same seed makes the same requests. Sent to 127.0.0.1 only.
 */

/** A small generator of numbers: what it makes depends on the seed alone. */
export function numbers(seed) {
  let state = seed >>> 0;
  const next = () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), state | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
  return { next, below: (n) => Math.floor(next() * n), of: (list) => list[Math.floor(next() * list.length)] };
}

const WRONG = [
  () => null,
  () => true,
  () => '',
  () => ' ',
  () => '1e999',
  () => -1,
  () => 0,
  () => 1e308,
  () => -1e308,
  () => Number.MIN_VALUE,
  () => 0.1 + 0.2,
  () => 2 ** 53,
  () => [],
  () => [null],
  () => ({}),
  () => ({ length: 5 }),
  () => [[[[]]]],
  () => '__proto__',
  () => 'constructor',
  () => 'toString',
  () => "'; DROP TABLE cook; --",
  () => '<script>alert(1)</script>',
  () => '\u0000',
  () => '\uD800',
  () => '\u202E',
  () => '../../etc/passwd',
  () => 'x'.repeat(6000),
  () => '9'.repeat(400),
  () => Array.from({ length: 400 }, () => 0),
  () => ({ constructor: { prototype: { polluted: 1 } } }),
  () => new Date(8.64e15).toISOString(),
];

const resolve = (document, schema) =>
  schema?.$ref ? resolve(document, document.components.schemas[schema.$ref.split('/').at(-1)]) : schema;

/** A value as the schema wants it; deep things are left out now and then. */
function valueOf(document, given, random, deep = 0) {
  const schema = resolve(document, given?.allOf?.[0] ?? given) ?? {};
  if (schema.example !== undefined && random.next() < 0.7) return schema.example;
  if (schema.enum) return random.of(schema.enum);
  switch (schema.type) {
    case 'object': {
      const body = {};
      for (const [key, inner] of Object.entries(schema.properties ?? {}))
        if (schema.required?.includes(key) || (deep < 3 && random.next() < 0.35))
          body[key] = valueOf(document, inner, random, deep + 1);
      return body;
    }
    case 'array':
      return Array.from({ length: random.below(4) }, () => valueOf(document, schema.items, random, deep + 1));
    case 'number':
    case 'integer': {
      const { minimum = 0, maximum = 100 } = schema;
      return minimum + random.next() * (Math.min(maximum, minimum + 5000) - minimum);
    }
    case 'boolean':
      return random.next() < 0.5;
    default:
      return schema.format === 'uuid' ? uuid(random.below(50)) : 'pilaf';
  }
}

/** Half of a pair of surrogates cannot stand in an address. */
const encode = (text) => encodeURIComponent(text.toWellFormed());

const uuid = (n) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;

function places(value, at = []) {
  const here = at.length === 0 ? [] : [at];
  if (typeof value !== 'object' || value === null) return here;
  return [...here, ...Object.keys(value).flatMap((key) => places(value[key], [...at, key]))];
}

function withWrong(body, random) {
  const copy = structuredClone(body);
  const all = places(copy);
  if (all.length === 0 || random.next() < 0.05) return random.of(WRONG)();
  const path = random.of(all);
  let holder = copy;
  for (const key of path.slice(0, -1)) holder = holder?.[key];
  if (typeof holder !== 'object' || holder === null) return copy;
  const dice = random.next();
  if (dice < 0.1) delete holder[path.at(-1)];
  else if (dice < 0.2) holder[random.of(['extra', '__proto__x', '0', 'id', 'revision'])] = random.of(WRONG)();
  else holder[path.at(-1)] = random.of(WRONG)();
  return copy;
}

/** Every route with the schema of its body and its parameters. */
export function routesOf(document) {
  return Object.entries(document.paths).flatMap(([path, methods]) =>
    Object.entries(methods)
      .filter(([, route]) => !path.endsWith('/stream') && route !== undefined)
      .map(([method, route]) => ({
        path,
        method: method.toUpperCase(),
        query: (route.parameters ?? []).filter((p) => p.in === 'query'),
        body: route.requestBody?.content?.['application/json']?.schema,
      })),
  );
}

/** One request of many: `{ method, path, body }`, the body as text. */
export function hostileRequest(document, routes, random) {
  const route = random.of(routes);
  const path = route.path.replaceAll(/\{\w+\}/gu, () =>
    encode(random.next() < 0.85 ? uuid(random.below(50)) : String(random.of(WRONG)())),
  );
  const query = route.query
    .filter(() => random.next() < 0.4)
    .map((p) => `${p.name}=${encode(String(random.next() < 0.5 ? random.below(500) : random.of(WRONG)()))}`)
    .join('&');
  let text;
  if (route.body && random.next() < 0.97) {
    let body = valueOf(document, route.body, random);
    for (let n = random.below(4); n > 0; n -= 1) body = withWrong(body, random);
    text = JSON.stringify(body);
    if (text !== undefined && random.next() < 0.03) text = text.slice(0, random.below(text.length + 1));
  }
  return {
    method: route.method,
    path: (query === '' ? path : `${path}?${query}`).slice(0, 4000),
    body: text,
  };
}

/** Sends one over a kept connection; resolves with status, text and how long it took, ms. */
export function sender(port, sockets = 8) {
  const agent = new Agent({ keepAlive: true, maxSockets: sockets });
  const send = ({ method, path, body, headers = {} }) =>
    new Promise((done, failed) => {
      const began = performance.now();
      const sent = request(
        {
          host: '127.0.0.1',
          port,
          method,
          path: encodeURI(decodeURISafe(path)),
          agent,
          headers: {
            ...(body === undefined
              ? {}
              : { 'content-type': 'application/json', 'content-length': Buffer.byteLength(body) }),
            ...headers,
          },
        },
        (reply) => {
          let text = '';
          reply.setEncoding('utf8');
          reply.on('data', (piece) => (text += piece));
          reply.on('end', () => done({ status: reply.statusCode, text, ms: performance.now() - began }));
        },
      );
      sent.setTimeout(20_000, () => sent.destroy(new Error('no reply in 20 s')));
      sent.on('error', failed);
      sent.end(body);
    });
  return { send, end: () => agent.destroy() };
}

/** As it is where it can be read as an address, otherwise with what cannot be sent taken out. */
function decodeURISafe(path) {
  try {
    return decodeURI(path).replaceAll(/[^\x21-\x7e]/gu, '');
  } catch {
    return path.replaceAll(/[^\x21-\x7e]/gu, '');
  }
}

/** What a reply must not hold: names of the insides, paths of the machine, stacks. */
export const LEAKS = /sqlite|typeorm|node_modules|\bat \/|\/(?:home|root|tmp|work)\/|Error:|stack/iu;

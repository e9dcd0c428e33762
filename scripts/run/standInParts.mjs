import { createServer } from 'node:http';
import { completePlan, isWet } from '../../packages/core/dist/index.js';
import { tapsOf } from '../../packages/core/dist/records/index.js';
import { setupOf } from '../../packages/core/dist/compute/pot/setup.js';
import { TEMP } from '../../packages/core/dist/compute/pot/state.js';
import { readPot } from '../../packages/core/dist/compute/pot/live.js';
import { stretchesFromRun } from '../../packages/core/dist/compute/stove/stretchesFromRun.js';
import { potFromStretches } from '../../packages/core/dist/compute/stove/potFromStretches.js';
import { runFromTaps } from '../../packages/core/dist/compute/stove/runFromTaps.js';
import { freePort } from './lib.mjs';

/** An empty pot with its lid, g; and what is in it besides water is taken as its grain and things. */
const POT_G = 1850;
/** How often an instrument reads, ms, and how often it is asked what pot is on. */
const READ_MS = 400;
const LOOK_MS = 3000;
/** A kitchen scale: steps, noise and drift an hour, g; a probe: noise, °C. */
const STEP_G = 1;
const NOISE_G = 0.6;
const DRIFT_G_H = 2;
const NOISE_C = 0.3;
/** One reading in so many is dropped; one in so many is a door that slams. */
const DROPS = 23;
const SLAMS = 151;

/** Numbers that look like chance and are the same every time. */
function chance(n) {
  const x = Math.sin(n * 12.9898 + 78.233) * 43_758.5453;
  return x - Math.floor(x);
}
/** About normal: the sum of four. */
const noise = (n) => (chance(n) + chance(n + 1e5) + chance(n + 2e5) + chance(n + 3e5) - 2) * Math.sqrt(3);

/** A hand that pours, ml/s, and how long it takes to lift the jug, ms. */
const POUR_ML_S = 60;
const LIFT_MS = 2000;

/** Where the pot stands to its liquid: it is not in yet, goes in just now (nobody has said what was poured), or is in. */
export function pourOf(cook) {
  const { stages, current } = runFromTaps(cook.answer.stages, tapsOf(cook.events));
  const wet = stages.findIndex((s) => isWet(s.stage.act));
  if (current > wet || cook.pouredMl !== null) return 'in';
  return current === wet ? 'now' : 'notYet';
}

/**
 * The pot that is on, by the simulator: what it weighs with its lid, and how hot it is in the middle.
 * @param pourMl what is in it of its liquid, where not all of it is
 */
export function potNow(cook, nowMs, pourMl = cook.pouredMl ?? cook.advisedMl) {
  const made = completePlan(cook.input);
  if (!made.ok) return undefined;
  const taps = tapsOf(cook.events);
  const cooked = stretchesFromRun(made.value, runFromTaps(cook.answer.stages, taps), nowMs);
  const setup = setupOf(cooked.plan);
  const { pourWith, ingredients, grainG } = made.value;
  const pourG = pourMl * (pourWith.water / 100) * pourWith.densityGPerMl;
  const reading = readPot(setup, potFromStretches(setup, cooked, pourG).pot);
  const things = grainG + ingredients.reduce((sum, i) => sum + i.g, 0);
  return {
    weighsG: POT_G + things + pourMl * pourWith.densityGPerMl - reading.steamG,
    tempC: reading.y[TEMP],
  };
}

/** The newest pot that is on at a Hammock; undefined where there is none, or nobody answers. */
async function cookAt(hammock) {
  try {
    const ask = async (path) =>
      (
        await fetch(`${typeof hammock === 'function' ? hammock() : hammock}${path}`, {
          signal: AbortSignal.timeout(2000),
        })
      ).json();
    const line = (await ask('/api/cooks?limit=8')).find((c) => !c.abandoned && !c.outcome);
    return line && (await ask(`/api/cooks/${line.id}`));
  } catch {
    return undefined;
  }
}

/** Starts the three on free ports of this machine. They need nothing of a Hammock: without one they read an empty worktop. */
export async function startStandIns({ from, hammock, now = Date.now }) {
  const began = now();
  let cook;
  let zeroG = 0;
  let heat = 'off';
  let n = 0;
  const look = setInterval(async () => {
    cook = await cookAt(hammock);
  }, LOOK_MS);
  look.unref();
  cook = await cookAt(hammock);
  // Who looks at the scale while the liquid is to go in sees it being poured.
  let lookedMs;
  const pouredMl = () => {
    const pour = cook ? pourOf(cook) : 'in';
    if (pour !== 'now') {
      lookedMs = undefined;
      return pour === 'in' ? undefined : 0;
    }
    lookedMs ??= now();
    return Math.min(cook.advisedMl, Math.max(0, (POUR_ML_S * (now() - lookedMs - LIFT_MS)) / 1000));
  };
  const weight = () => {
    const on = cook ? (potNow(cook, now(), pouredMl())?.weighsG ?? 0) : 0;
    const drift = (DRIFT_G_H * (now() - began)) / 3_600_000;
    const slam = n % SLAMS === SLAMS - 1 ? 40 : 0;
    const g = on + drift + NOISE_G * noise(n) + slam - zeroG;
    return { value: Math.round(g / STEP_G) * STEP_G, steady: slam === 0 && n % 7 !== 3 };
  };
  const parts = [
    { kind: 'scale', name: 'Worktop scale', unit: 'g', read: weight, zero: () => (zeroG += weight().value) },
    {
      kind: 'thermometer',
      name: 'Probe',
      unit: '°C',
      read: () => {
        const c = cook ? (potNow(cook, now())?.tempC ?? 20) : 20;
        return { value: Math.round(10 * (c + NOISE_C * noise(n))) / 10, steady: true };
      },
    },
    {
      kind: 'hob',
      name: 'Ring with a switch',
      unit: 'setting',
      read: () => ({ value: HEATS.indexOf(heat), steady: true }),
      set: (h) => (heat = h),
    },
  ];
  const servers = [];
  const addresses = [];
  for (const part of parts) {
    const port = await freePort(from + servers.length);
    const server = createServer((request, response) => serve(part, request, response, () => (n += 1)));
    await new Promise((ready) => server.listen(port, '127.0.0.1', () => ready(undefined)));
    servers.push(server);
    addresses.push(`http://127.0.0.1:${port}`);
  }
  const close = async () => {
    clearInterval(look);
    for (const server of servers) {
      server.closeAllConnections();
      await new Promise((done) => server.close(done));
    }
  };
  return { addresses, close };
}
const HEATS = ['off', 'veryLow', 'low', 'medium', 'mediumHigh', 'high'];

/** One instrument: what it is, what it reads, and what it can be told. */
function serve(part, request, response, next) {
  const { kind, name, unit, read, zero, set } = part;
  const json = (status, body) => {
    response.writeHead(status, { 'content-type': 'application/json' });
    response.end(body === undefined ? '' : JSON.stringify(body));
  };
  if (request.method === 'GET' && request.url === '/') {
    json(200, { protocol: 'hammock.instrument', version: 1, kind, name, unit });
  } else if (request.method === 'GET' && request.url === '/readings') {
    response.writeHead(200, { 'content-type': 'text/event-stream', 'cache-control': 'no-store' });
    const timer = setInterval(() => {
      // Now and then a reading is lost, and now and then the line itself.
      const at = next();
      if (at % DROPS === 0) return;
      if (at % 997 === 0) response.destroy();
      else response.write(`data: ${JSON.stringify(read())}\n\n`);
    }, READ_MS);
    response.on('close', () => clearInterval(timer));
  } else if (request.method === 'POST' && request.url === '/zero' && zero) {
    zero();
    json(204);
  } else if (request.method === 'POST' && request.url?.startsWith('/set/') && set) {
    const heat = request.url.slice('/set/'.length);
    if (!HEATS.includes(heat)) return json(400, { wrong: `one of ${HEATS.join(', ')}` });
    set(heat);
    json(204);
  } else json(404, { wrong: 'nothing is here' });
}

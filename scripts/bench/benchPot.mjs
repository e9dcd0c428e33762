import { createRequire } from 'node:module';
import { Worker } from 'node:worker_threads';

/** These two packages are CommonJS. */
const load = createRequire(import.meta.url);

/** What the bench measures of the pot over time and of the odds. */
const DISH = {
  grainId: 'longGrainWhite',
  grain: { cups: 2 },
  wash: 'rinsed',
  ingredients: [
    { ingredientId: 'oil', amount: { g: 30 } },
    { ingredientId: 'tomato', amount: { g: 250 }, state: 'softened' },
  ],
  vessel: { diameterCm: 22, volumeMl: 4000 },
};

const planOf = (core) => {
  const made = core.completePlan(DISH);
  if (!made.ok) throw new Error(JSON.stringify(made.error));
  return made.value;
};

/**
 * One whole course, against the same right-hand side in two registry solvers given a tolerance at which they are as accurate as
 * it is. odex finds what ends a stretch itself, as the core does; ode45-cash-karp cannot be stopped half-way and is told.
 */
export async function course(core, median) {
  const plan = planOf(core);
  const waterG = core.pouredWaterG(plan);
  const setup = core.setupOf(plan);
  const courseMs = median(20, () => core.cookPot(plan, waterG, { setup }));
  const stretches = core.stretchesOf(plan, waterG, setup);
  const end = (y) => (y[2] + y[3] + y[4]) / 3;
  const exact = end(core.cookPot(plan, waterG, { setup, stepMin: 1 / 256 }).rested);
  const error = Math.abs(end(core.cookPot(plan, waterG, { setup }).rested) / exact - 1);
  const odex = load('odex');
  const karp = load('ode45-cash-karp');
  const byOdex = (tolerance) => {
    let last;
    for (const { from, minutes, rates, until } of stretches) {
      const dy = new Float64Array(from.length);
      const y = new Float64Array(from.length);
      const f = (_t, at) => {
        y.set(at);
        rates(y, dy);
        return Array.from(dy);
      };
      const solve = (start, span, watch) => {
        const solver = new odex.Solver(from.length);
        solver.absoluteTolerance = tolerance;
        solver.relativeTolerance = tolerance;
        solver.maxSteps = 100_000;
        return solver.solve(f, 0, start, span, watch).y;
      };
      last = until ? findEnd(solve, until, Array.from(from)) : solve(Array.from(from), minutes);
    }
    return last;
  };
  const byKarp = (tolerance) => {
    let last;
    for (const { from, minutes, rates } of stretches) {
      last = Array.from(from);
      const dy = new Float64Array(from.length);
      const y = new Float64Array(from.length);
      karp(
        last,
        (dydt, at) => {
          y.set(at);
          rates(y, dy);
          for (let i = 0; i < dy.length; i += 1) dydt[i] = dy[i];
        },
        0,
        1e-3,
        { tol: tolerance },
      ).steps(1e6, minutes);
    }
    return last;
  };
  const rested = stretches.exactEnd;
  const equal = (solve) => {
    // The loosest tolerance at which it is at least as accurate as the core.
    for (const tolerance of [1e-3, 1e-4, 1e-5, 1e-6, 1e-7, 1e-8]) {
      const off = Math.abs(end(solve(tolerance)) / end(rested) - 1);
      if (off <= Math.max(error, 1e-9)) return tolerance;
    }
    return 1e-8;
  };
  const [odexAt, karpAt] = [equal(byOdex), equal(byKarp)];
  const odexMs = median(2, () => byOdex(odexAt));
  const karpMs = median(2, () => byKarp(karpAt));
  return { courseMs, odexMs, karpMs, odexRatio: odexMs / courseMs, karpRatio: karpMs / courseMs, error };
}

/** A stretch that ends on something seen has to be found: the first step past it, then regula falsi. */
function findEnd(solve, until, from) {
  const longest = 90;
  let before = { x: 0, y: from };
  /** @type {{ x: number, y: number[] } | undefined} */
  let past;
  solve(from, longest, (_n, _old, x, y) => {
    if (until(y) >= 0) {
      past = { x, y: [...y] };
      return false;
    }
    before = { x, y: [...y] };
    return undefined;
  });
  if (!past) return before.y;
  let [a, fa, b, fb] = [0, until(before.y), past.x - before.x, until(past.y)];
  let end = past.y;
  for (let i = 0; i < 12 && Math.abs(fb) > 1e-6; i += 1) {
    const at = b - (fb * (b - a)) / (fb - fa);
    end = solve([...before.y], at);
    const value = until(end);
    if (value >= 0) [b, fb, fa] = [at, value, fa / 2];
    else [a, fa, fb] = [at, value, fb / 2];
    if (Math.abs(value) < 1e-6) break;
  }
  return end;
}

const WORKER = `
const { parentPort } = require('node:worker_threads');
import(${JSON.stringify(new URL('../../packages/core/dist/index.js', import.meta.url).href)}).then((core) => {
  const plan = core.completePlan(${JSON.stringify(DISH)}).value;
  const frame = core.frameOf(plan);
  parentPort.on('message', ({ from, count }) => parentPort.postMessage(core.sampleRows(frame, 1, from, count).length));
  parentPort.postMessage('ready');
});`;

/** All the draws on two workers that are up already, and the first odds, as a page that has been open a moment has them. */
export async function draws() {
  const workers = [0, 1].map(() => new Worker(WORKER, { eval: true }));
  await Promise.all(workers.map((w) => new Promise((ready) => w.once('message', ready))));
  const sample = async (total) => {
    const began = performance.now();
    let next = 0;
    await Promise.all(
      workers.map(async (w) => {
        while (next < total) {
          const from = next;
          next += 50;
          const done = new Promise((reply) => w.once('message', reply));
          w.postMessage({ from, count: Math.min(50, total - from) });
          await done;
        }
      }),
    );
    return performance.now() - began;
  };
  await sample(400);
  const firsts = [];
  const alls = [];
  for (let i = 0; i < 5; i += 1) {
    firsts.push(await sample(200));
    alls.push(await sample(2000));
  }
  await Promise.all(workers.map((w) => w.terminate()));
  const middle = (list) => [...list].sort((a, b) => a - b)[2];
  return { firstMs: middle(firsts), allS: middle(alls) / 1000 };
}

/** Random plans and pours: how many end without an outcome of plain numbers. */
export function bad(core, count) {
  const fc = load('fast-check');
  const plan = fc.record({
    grainId: fc.constantFrom(...core.GRAINS.map((g) => g.id)),
    grain: fc.record({ g: fc.double({ min: 50, max: 1500, noNaN: true }) }),
    soakMin: fc.integer({ min: 0, max: 240 }),
    method: fc.constantFrom(...core.METHODS),
    altitudeM: fc.integer({ min: -100, max: 6000 }),
    texture: fc.constantFrom(1, 2, 3, 4, 5),
    timing: fc.record({
      coveredMin: fc.integer({ min: 1, max: 1000 }),
      openBoilMin: fc.integer({ min: 0, max: 30 }),
    }),
    hob: fc.record({
      powerW: fc.record({ high: fc.integer({ min: 0, max: 3000 }), low: fc.integer({ min: 0, max: 900 }) }),
    }),
    vessel: fc.record({
      diameterCm: fc.integer({ min: 14, max: 36 }),
      volumeMl: fc.integer({ min: 1000, max: 20_000 }),
    }),
  });
  let failed = 0;
  const pours = fc.sample(fc.double({ min: -500, max: 8000, noNaN: true }), { numRuns: count, seed: 4 });
  fc.sample(plan, { numRuns: count, seed: 4 }).forEach((input, i) => {
    const made = core.completePlan(input);
    if (!made.ok) return;
    const outcome = core.judge(core.cookPot(made.value, pours[i]));
    const numbers = [
      outcome.moisture,
      outcome.texture,
      outcome.browning,
      outcome.leftG,
      ...outcome.beds.map((b) => b.done),
    ];
    if (!numbers.every((n) => Number.isFinite(n))) failed += 1;
  });
  return failed;
}

import { describe, expect, it, jest } from '@jest/globals';
import { planOf, PILAF } from '../../testing/cooked.js';
import { room, integrationStep } from './integrate.js';
import { rates } from './rates.js';
import { capacity, settingOf } from './setting.js';
import { setupOf } from './setup.js';
import { BASE_C, CRUST, FREE, get, SIZE, TEMP, W0, type State } from './state.js';

type Derivative = (t: number, y: number[]) => number[];
interface OdexSolver {
  absoluteTolerance: number;
  relativeTolerance: number;
  maxSteps: number;
  readonly solve: (f: Derivative, from: number, y: number[], to: number) => { y: number[] };
}
const odex = jest.requireActual<{ Solver: new (size: number) => OdexSolver }>('odex');
type Karp = (
  y: number[],
  f: (dydt: number[], y: number[]) => void,
  t: number,
  dt: number,
  options: { tol: number },
) => { readonly y: number[]; readonly steps: (most: number, until: number) => void };
const ode45 = jest.requireActual<Karp>('ode45-cash-karp');
/** The registry's solver at a tolerance nothing here comes near. */
const strict = (size: number): OdexSolver => {
  const solver = new odex.Solver(size);
  solver.absoluteTolerance = 1e-9;
  solver.relativeTolerance = 1e-9;
  solver.maxSteps = 200_000;
  return solver;
};

describe('the equations, solved by others', () => {
  /** A pot of wetted grain at the boil and one on its way there: the same right-hand side for every solver. */
  const start = (tempC: number): { y: State; f: (y: ArrayLike<number>, dy: Float64Array) => void } => {
    const plan = planOf(PILAF);
    const setup = setupOf(plan);
    const y = new Float64Array(SIZE);
    y[TEMP] = tempC;
    y[BASE_C] = tempC;
    y[FREE] = 520;
    y[CRUST] = 1;
    for (let i = 0; i < 3; i += 1) y[W0 + i] = 0.2;
    const stage = plan.stages.find((s) => s.act === (tempC > 99 ? 'simmer' : 'boil'))!;
    const s = settingOf(setup, stage, { grainIn: true, kJPerK: 3.5, steamG: 0, underPressure: false });
    if (tempC > 99) y[TEMP] = s.boilC;
    expect(capacity(s, 0)).toBeCloseTo(3.5, 9);
    return {
      y,
      f: (at, dy) => {
        rates(Float64Array.from(at), dy, s, tempC > 99);
      },
    };
  };
  const ours = (begin: ReturnType<typeof start>, minutes: number, h: number): State => {
    const r = room();
    const plan = planOf(PILAF);
    const setup = setupOf(plan);
    const boils = get(begin.y, TEMP) > 99;
    const stage = plan.stages.find((s) => s.act === (boils ? 'simmer' : 'boil'))!;
    const s = settingOf(setup, stage, { grainIn: true, kJPerK: 3.5, steamG: 0, underPressure: false });
    const y = begin.y.slice();
    for (let i = 0; i < Math.round(minutes / h); i += 1) y.set(integrationStep(y, h, s, boils, r));
    return y;
  };
  const same = (a: ArrayLike<number>, b: ArrayLike<number>): void => {
    for (let i = 0; i < SIZE; i += 1) {
      const scale = Math.max(1e-3, Math.abs(a[i] ?? 0));
      expect(Math.abs((a[i] ?? 0) - (b[i] ?? 0)) / scale).toBeLessThan(1e-5);
    }
  };

  it.each([
    ['on the way to the boil', 20, 3],
    ['at the boil', 100, 12],
  ])('agrees with odex and with ode45-cash-karp %s', (_what, tempC, minutes) => {
    const begin = start(tempC);
    const mine = ours(begin, minutes, 1 / 128);
    const f: Derivative = (_, y) => {
      const dy = new Float64Array(SIZE);
      begin.f(y, dy);
      return Array.from(dy);
    };
    same(mine, strict(SIZE).solve(f, 0, Array.from(begin.y), minutes).y);
    const other = Array.from(begin.y);
    const karp = ode45(
      other,
      (dydt: number[], y: number[]) => {
        const dy = new Float64Array(SIZE);
        begin.f(y, dy);
        for (let i = 0; i < SIZE; i += 1) dydt[i] = get(dy, i);
      },
      0,
      1e-3,
      { tol: 1e-9 },
    );
    karp.steps(1e6, minutes);
    same(mine, other);
  });

  it('integrates the known case to its known end', () => {
    // T' = −(0.05/60)(T−20), A' = −1e-3·A·exp(−(80000/R)(1/TK − 1/373.15)); at 3600 s 23.98296547 and 0.776692993.
    const f: Derivative = (_, [t = 0, a = 0]) => [
      (-0.05 / 60) * (t - 20),
      -1e-3 * a * Math.exp((-80_000 / 8.314462618) * (1 / (t + 273.15) - 1 / 373.15)),
    ];
    const { y } = strict(2).solve(f, 0, [100, 1], 3600);
    expect(y[0]).toBeCloseTo(23.98296547, 6);
    expect(y[1]).toBeCloseTo(0.776692993, 7);
  });
});

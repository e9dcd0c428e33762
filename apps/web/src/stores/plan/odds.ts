import type { MissingAct, Odds, PlanInput } from '@hammock/core';
import { create } from 'zustand';
import { PoolEnded, type Pool } from '../../workers/pool.js';
import { pots } from '../../workers/pots.js';

export interface OddsStore {
  /** The last odds there are; they stay until newer ones stand. */
  readonly odds: Odds | undefined;
  /** The plan those are of, as text. */
  readonly of: string | undefined;
  /** The one act that plan lacks, and what it would gain; undefined where it lacks none, or nobody knows yet. */
  readonly missing: MissingAct | undefined;
  /** Kitchens simulated of the present plan, and how many there will be; undefined when nothing runs. */
  readonly progress: { readonly done: number; readonly of: number } | undefined;
  readonly problem: 'workerDied' | undefined;
  /** Asks for the odds of a plan; what is under way for another is dropped. */
  readonly ask: (input: PlanInput) => void;
  readonly stop: () => void;
}

/** At once, and when there is time. */
export const DRAWS: Refining = { first: 200, all: 2000, refineAfterMs: 1000 };

export interface Refining {
  readonly first: number;
  readonly all: number;
  /** A plan must have stood for so long before the many are worth their heat, ms. */
  readonly refineAfterMs: number;
}
const PIECE = 50;
/** A plan that is still being typed is not worth a thousand pots, ms. */
const QUIET_MS = 120;
export const SEED = 20;

/** What the odds depend on: the pour they slide along is not part of it. */
export const oddsKey = ({ leanMl: _lean, holdTo: _rule, ...plan }: PlanInput): string => JSON.stringify(plan);

let running: AbortController | undefined;
let timer: ReturnType<typeof setTimeout> | undefined;

export const useOdds = create<OddsStore>()((set, get) => ({
  odds: undefined,
  of: undefined,
  missing: undefined,
  progress: undefined,
  problem: undefined,
  ask: (given) => {
    const { leanMl: _lean, holdTo: _rule, ...input } = given;
    const key = oddsKey(given);
    const { of, odds } = get();
    if (asking === key) return;
    // What is under way for another plan must not replace the odds of this one, even when those stand already.
    get().stop();
    asking = key;
    if (of === key && odds?.draws === DRAWS.all) return;
    timer = setTimeout(() => {
      running = new AbortController();
      const { signal } = running;
      set({ progress: { done: 0, of: DRAWS.all }, problem: undefined });
      simulate(pots(), input, signal, {
        done: (done) => {
          set({ progress: { done, of: DRAWS.all } });
        },
        odds: (made) => {
          set(get().of === key ? { odds: made } : { odds: made, of: key, missing: undefined });
        },
        missing: (missing) => {
          set({ missing });
        },
      })
        .then(() => {
          set({ progress: undefined });
        })
        .catch((why: unknown) => {
          if (why instanceof PoolEnded && why.reason === 'cancelled') return;
          asking = undefined;
          set({ progress: undefined, problem: 'workerDied' });
        });
    }, QUIET_MS);
  },
  stop: () => {
    clearTimeout(timer);
    running?.abort();
    running = undefined;
    asking = undefined;
    set({ progress: undefined });
  },
}));
let asking: string | undefined;

/** Waits, or is cancelled. */
const quiet = (ms: number, signal: AbortSignal): Promise<void> =>
  new Promise((done, failed) => {
    const wait = setTimeout(done, ms);
    signal.addEventListener('abort', () => {
      clearTimeout(wait);
      failed(new PoolEnded('cancelled'));
    });
  });

export interface Heard {
  readonly done: (draws: number) => void;
  readonly odds: (odds: Odds) => void;
  readonly missing?: (act: MissingAct | undefined) => void;
}

/** Samples piece by piece: odds of the first pieces at once, then of all. Ends early only by its signal. */
export async function simulate(
  pool: Pool,
  input: PlanInput,
  signal: AbortSignal,
  heard: Heard,
  { first, all, refineAfterMs }: Refining = DRAWS,
): Promise<void> {
  /** Of how many numbers a row is, only who draws it knows. */
  let width = 0;
  let rows = new Float64Array(0);
  let done = 0;
  const stretch = async (from: number, to: number): Promise<boolean> => {
    const pieces: Promise<boolean>[] = [];
    for (let at = from; at < to; at += PIECE) {
      const count = Math.min(PIECE, to - at);
      pieces.push(
        pool.run({ kind: 'rows', input, seed: SEED, from: at, count }, { signal }).then((piece) => {
          if (!piece) return false;
          if (width === 0) {
            width = piece.length / count;
            rows = new Float64Array(all * width);
          }
          rows.set(piece, at * width);
          done += count;
          heard.done(done);
          return true;
        }),
      );
    }
    if ((await Promise.all(pieces)).includes(false)) return false;
    const odds = await pool.run(
      { kind: 'odds', input, seed: SEED, rows: rows.slice(0, to * width) },
      { signal },
    );
    if (odds) heard.odds(odds);
    return odds !== undefined;
  };
  if (!(await stretch(0, first)) || all <= first) return;
  await quiet(refineAfterMs, signal);
  // What the plan lacks is asked of the first pots: the many are of the plan as it is.
  if (heard.missing)
    heard.missing(
      await pool.run({ kind: 'missing', input, seed: SEED, rows: rows.slice(0, first * width) }, { signal }),
    );
  await stretch(first, all);
}

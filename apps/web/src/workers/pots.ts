import { Pool } from './pool.js';

/** Two are enough for a phone, and more than four only warm the room. */
const MOST_WORKERS = 4;

let pool: Pool | undefined;

/** The workers that simulate pots; none is started before the first pot is asked for. */
export function pots(): Pool {
  pool ??= new Pool(
    () =>
      new Worker(new URL('./pot.worker.ts', import.meta.url), {
        type: 'module',
        name: 'pot',
      }),
    Math.max(1, Math.min(MOST_WORKERS, navigator.hardwareConcurrency)),
  );
  return pool;
}

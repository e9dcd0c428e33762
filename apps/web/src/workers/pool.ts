import type { Asked, Done, Job, Replied } from './jobs.js';

/** As much of a Worker as the pool needs. */
export interface WorkerLike {
  postMessage: (asked: Asked) => void;
  terminate: () => void;
  onmessage: ((event: MessageEvent<Replied>) => void) | null;
  onerror: ((event: ErrorEvent) => void) | null;
}

/** Why a job has no answer. */
export class PoolEnded extends Error {
  constructor(readonly reason: 'cancelled' | 'workerDied') {
    super(reason);
  }
}

interface Waiting {
  readonly job: Job;
  readonly signal: AbortSignal | undefined;
  readonly done: (value: Done[keyof Done]) => void;
  readonly failed: (reason: PoolEnded) => void;
  tries: number;
}

interface Desk {
  worker: WorkerLike;
  busy:
    | { readonly id: number; readonly waiting: Waiting; readonly timer: ReturnType<typeof setTimeout> }
    | undefined;
}

/** A worker that has not answered for so long is taken for dead, ms. The longest job takes a second. */
const PATIENCE_MS = 15_000;
const MOST_TRIES = 2;

/**
 * A few workers and a line of jobs. A job that is cancelled never answers; one whose worker dies is given to a new
 * worker once.
 */
export class Pool {
  readonly #spawn: () => WorkerLike;
  readonly #patienceMs: number;
  readonly #desks: Desk[] = [];
  readonly #line: Waiting[] = [];
  readonly #size: number;
  #lastId = 0;

  constructor(spawn: () => WorkerLike, size: number, patienceMs = PATIENCE_MS) {
    this.#spawn = spawn;
    this.#size = size;
    this.#patienceMs = patienceMs;
  }

  /** Asks for one job; `first` puts it at the head of the line. */
  run<K extends Job['kind']>(
    job: Extract<Job, { kind: K }>,
    { signal, first = false }: { readonly signal?: AbortSignal; readonly first?: boolean } = {},
  ): Promise<Done[K]> {
    return new Promise((done, failed) => {
      if (signal?.aborted) {
        failed(new PoolEnded('cancelled'));
        return;
      }
      const waiting: Waiting = { job, signal, done: done as Waiting['done'], failed, tries: 0 };
      if (first) this.#line.unshift(waiting);
      else this.#line.push(waiting);
      signal?.addEventListener('abort', () => {
        const at = this.#line.indexOf(waiting);
        if (at >= 0) this.#line.splice(at, 1);
        failed(new PoolEnded('cancelled'));
      });
      this.#next();
    });
  }

  #next(): void {
    while (this.#line.length > 0) {
      const desk = this.#idle();
      const waiting = desk && this.#line.shift();
      if (!desk || !waiting) return;
      this.#give(desk, waiting);
    }
  }

  #idle(): Desk | undefined {
    const free = this.#desks.find((d) => !d.busy);
    if (free || this.#desks.length >= this.#size) return free;
    const desk: Desk = { worker: this.#spawn(), busy: undefined };
    this.#listen(desk);
    this.#desks.push(desk);
    return desk;
  }

  #listen(desk: Desk): void {
    desk.worker.onmessage = ({ data }) => {
      // An answer to a job that was given up already belongs to nobody.
      if (desk.busy?.id !== data.id) return;
      const { waiting, timer } = desk.busy;
      clearTimeout(timer);
      desk.busy = undefined;
      waiting.done(data.value);
      this.#next();
    };
    desk.worker.onerror = () => {
      this.#died(desk);
    };
  }

  #give(desk: Desk, waiting: Waiting): void {
    this.#lastId += 1;
    const id = this.#lastId;
    waiting.tries += 1;
    const timer = setTimeout(() => {
      this.#died(desk);
    }, this.#patienceMs);
    desk.busy = { id, waiting, timer };
    desk.worker.postMessage({ id, job: waiting.job });
  }

  #died(desk: Desk): void {
    const { busy } = desk;
    desk.worker.terminate();
    desk.worker = this.#spawn();
    this.#listen(desk);
    desk.busy = undefined;
    if (busy) {
      clearTimeout(busy.timer);
      const { waiting } = busy;
      if (waiting.tries >= MOST_TRIES) waiting.failed(new PoolEnded('workerDied'));
      else if (!waiting.signal?.aborted) this.#line.unshift(waiting);
    }
    this.#next();
  }
}

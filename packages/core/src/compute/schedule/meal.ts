import { clashesIn, clashOf, type Clash, type Placed } from './clashes.js';
import type { Track, TrackAct } from './tracks.js';

/** A meal: every act with its time, what cannot be helped, and when it is on the table. */
export interface Meal {
  readonly placed: readonly Placed[];
  readonly clashes: readonly Clash[];
  /** When everything is ready. */
  readonly tableMs: number;
  /** How much later than was wanted that is, ms. */
  readonly lateMs: number;
  /** Tracks that are not ready for the act they serve: it is too late to begin them for it. */
  readonly notReady: readonly string[];
}

/** What a meal is placed in. */
export interface MealAround {
  /** When it is wanted on the table; as soon as it can be without. */
  readonly wantedMs?: number;
  readonly nowMs: number;
  /** Rings there are. */
  readonly rings: number;
}

const MS = 60_000;
/** Steps by which a meal that nobody waits for is put off to keep it out of its own way, ms, and how far. */
const LATER_MS = 3 * MS;
const MOST_LATER_MS = 24 * MS;
/** Every order of placing the tracks is tried up to this number of them. */
const ALL_ORDERS_UP_TO = 4;
/** How far what may stand is moved ahead of what it is for, min. */
const AHEAD_MIN = 240;
/** So often a meal that had to begin before now is placed again, later. */
const TRIES = 12;

/**
 * Places every act of a meal: backwards from the table, each as late as it can be; acts that want hands are kept off each
 * other, and rings counted, by letting what may stand stand. What cannot be helped is said, and so is lateness.
 * @param tracks pots and what is made beside them; one that has been begun goes on without a gap
 * @example scheduleMeal([track], { wantedMs: 3_600_000, nowMs: 0, rings: 2 }).lateMs // 0
 */
export function scheduleMeal(tracks: readonly Track[], around: MealAround): Meal {
  const soonest = placeMeal(tracks, around);
  if (around.wantedMs !== undefined || soonest.clashes.length === 0) return soonest;
  // Where nobody waits at a time a little later is better than in each other's way.
  for (let laterMs = LATER_MS; laterMs <= MOST_LATER_MS; laterMs += LATER_MS) {
    const later = placeMeal(tracks, { ...around, wantedMs: soonest.tableMs + laterMs });
    if (later.clashes.length === 0) return { ...later, lateMs: 0 };
  }
  return soonest;
}

function placeMeal(tracks: readonly Track[], { wantedMs, nowMs, rings }: MealAround): Meal {
  const begun = tracks.flatMap((t) => (t.onUntilMs === undefined ? [] : goOn(t, t.onUntilMs, nowMs)));
  const waiting = tracks.filter((t) => t.onUntilMs === undefined && t.acts.length > 0);
  const on = new Set(begun.map((p) => p.trackId));
  const servesBegun = new Set(waiting.filter((t) => on.has(t.before?.trackId ?? '')).map((t) => t.id));
  const ready = Math.max(nowMs, ...begun.map((p) => p.toMs));
  let tableMs = Math.max(wantedMs ?? nowMs, ready);
  let best = place(waiting, begun, { tableMs, rings, nowMs, stands: true });
  for (let i = 0; i <= TRIES; i += 1) {
    const movable = best.placed.filter((p) => !servesBegun.has(p.trackId));
    const lackMs = nowMs - Math.min(nowMs, ...movable.map((p) => p.fromMs));
    if (lackMs === 0) break;
    tableMs += lackMs;
    // Where moving things ahead comes to no end nothing is moved: it is as late as it is, and clashes are said.
    best = place(waiting, begun, { tableMs, rings, nowMs, stands: i < TRIES - 1 });
  }
  const { placed: others, notReady } = asSoonAsCanBe(waiting, best.placed, nowMs);
  const placed = [...begun, ...others].sort((a, b) => a.fromMs - b.fromMs);
  tableMs = Math.max(tableMs, ...placed.map((p) => p.toMs));
  return {
    placed,
    notReady,
    clashes: clashesIn(placed, rings),
    tableMs,
    lateMs: wantedMs === undefined ? 0 : Math.max(0, tableMs - wantedMs),
  };
}

/** What serves a pot that is on and can no more be ready for it is begun now. */
function asSoonAsCanBe(
  tracks: readonly Track[],
  placed: readonly Placed[],
  nowMs: number,
): { readonly placed: readonly Placed[]; readonly notReady: readonly string[] } {
  const lackOf = (trackId: string): number =>
    nowMs - Math.min(nowMs, ...placed.filter((p) => p.trackId === trackId).map((p) => p.fromMs));
  const lacks = new Map(tracks.map(({ id }) => [id, lackOf(id)]));
  return {
    placed: placed.map((p) => {
      const byMs = lacks.get(p.trackId) ?? 0;
      return byMs === 0 ? p : { ...p, fromMs: p.fromMs + byMs, toMs: p.toMs + byMs };
    }),
    notReady: [...lacks].filter(([, byMs]) => byMs > 0).map(([id]) => id),
  };
}

/** A track that is on: the act that is being done to its end, the others after it. */
function goOn({ id: trackId, acts }: Track, onUntilMs: number, nowMs: number): Placed[] {
  let atMs = nowMs;
  return acts.map(({ id: actId, minutes, handsOn, ring }, i) => {
    const fromMs = atMs;
    atMs = i === 0 ? Math.max(nowMs, onUntilMs) : fromMs + minutes * MS;
    return { trackId, actId, fromMs, toMs: atMs, handsOn, ring };
  });
}

interface Tried {
  readonly placed: readonly Placed[];
  readonly clashMs: number;
  readonly standsMs: number;
}

/** What the tracks are placed in. */
interface Within {
  readonly tableMs: number;
  readonly rings: number;
  readonly nowMs: number;
  /** Whether what may stand is moved ahead. */
  readonly stands: boolean;
}

/** The best of the orders in which the tracks can be placed; what serves another is placed after it. */
function place(tracks: readonly Track[], begun: readonly Placed[], room: Within): Tried {
  const own = tracks.filter((t) => t.before === undefined);
  const serving = tracks.filter((t) => t.before !== undefined);
  let best: Tried | undefined;
  for (const order of ordersOf(own)) {
    const tried = placeInOrder([...order, ...serving], begun, room);
    const isBetter =
      best === undefined ||
      tried.clashMs < best.clashMs ||
      (tried.clashMs === best.clashMs && tried.standsMs < best.standsMs);
    if (isBetter) best = tried;
    if (tried.clashMs === 0 && tried.standsMs === 0) break;
  }
  return best ?? { placed: [], clashMs: 0, standsMs: 0 };
}

function ordersOf(tracks: readonly Track[]): readonly (readonly Track[])[] {
  if (tracks.length > ALL_ORDERS_UP_TO) {
    const lastsMin = (t: Track): number => t.acts.reduce((sum, a) => sum + a.minutes, 0);
    return [[...tracks].sort((a, b) => lastsMin(b) - lastsMin(a))];
  }
  if (tracks.length < 2) return [tracks];
  return tracks.flatMap((first) =>
    ordersOf(tracks.filter((t) => t !== first)).map((rest) => [first, ...rest]),
  );
}

function placeInOrder(
  tracks: readonly Track[],
  begun: readonly Placed[],
  { tableMs, rings, nowMs, stands }: Within,
): Tried {
  const all = [...begun];
  let clashMs = 0;
  let standsMs = 0;
  for (const track of tracks) {
    const served = track.before;
    const wanted = served && all.find((p) => p.trackId === served.trackId && p.actId === served.actId);
    let endMs = wanted?.fromMs ?? tableMs;
    let keepsMin = track.keepsMin;
    let beforeMin = track.acts.reduce((sum, a) => sum + a.minutes, 0);
    for (const chain of chainsOf(track.acts).reverse()) {
      beforeMin -= chain.reduce((sum, a) => sum + a.minutes, 0);
      const found = bestEnd(track.id, chain, {
        all,
        rings,
        endMs,
        keepsMin: stands ? keepsMin : 0,
        soonestMs: nowMs + beforeMin * MS,
      });
      all.push(...found.placed);
      clashMs += found.clashMs;
      standsMs += endMs - found.endMs;
      endMs = found.placed[0]?.fromMs ?? endMs;
      keepsMin = AHEAD_MIN;
    }
  }
  return { placed: all.slice(begun.length), clashMs, standsMs };
}

/** Acts that follow each other without a gap. */
function chainsOf(acts: readonly TrackAct[]): TrackAct[][] {
  const chains: TrackAct[][] = [];
  let open = false;
  for (const act of acts) {
    if (open) chains.at(-1)?.push(act);
    else chains.push([act]);
    open = !act.canStand;
  }
  return chains;
}

interface Room {
  readonly endMs: number;
  readonly keepsMin: number;
  readonly all: readonly Placed[];
  readonly rings: number;
  /** What comes before it in its track has to be done from now on. */
  readonly soonestMs: number;
}

/** The latest end of a chain at which it clashes with nothing; where there is none, the one at which it clashes least. */
function bestEnd(
  trackId: string,
  chain: readonly TrackAct[],
  { endMs, keepsMin, all, rings, soonestMs }: Room,
): { readonly placed: Placed[]; readonly endMs: number; readonly clashMs: number } {
  const asLate = ending(trackId, chain, endMs);
  const ahead = new Set([0]);
  for (const mine of asLate)
    for (const other of all) {
      const byMs = mine.toMs - other.fromMs;
      const contend = (mine.handsOn && other.handsOn) || (mine.ring && other.ring);
      // What would have to be begun before now is no way out.
      const isToCome = (asLate[0]?.fromMs ?? endMs) - byMs >= soonestMs;
      if (contend && isToCome && byMs > 0 && byMs <= keepsMin * MS) ahead.add(byMs);
    }
  let best = { placed: asLate, endMs, clashMs: Infinity };
  for (const byMs of [...ahead].sort((a, b) => a - b)) {
    const placed = asLate.map((p) => ({ ...p, fromMs: p.fromMs - byMs, toMs: p.toMs - byMs }));
    const clashMs = clashOf(placed, all, rings);
    if (clashMs < best.clashMs) best = { placed, endMs: endMs - byMs, clashMs };
    if (clashMs === 0) break;
  }
  return best;
}

function ending(trackId: string, chain: readonly TrackAct[], endMs: number): Placed[] {
  let toMs = endMs;
  return [...chain]
    .reverse()
    .map(({ id: actId, minutes, handsOn, ring }) => {
      const fromMs = toMs - minutes * MS;
      const one = { trackId, actId, fromMs, toMs, handsOn, ring };
      toMs = fromMs;
      return one;
    })
    .reverse();
}

import { STEP_POINTS } from '../basics/grain/texture.js';
import type { Evidence, Way } from './belief.js';
import type { PotOf } from './hidden.js';

/** Pours no further apart than this are the same pour, points of moisture: a cook's own measure is no finer †. */
const SAME_POINTS = 0.35;
/** What one pot that came out right leaves open: anything as near as this is right as well, points †. */
const OPEN_POINTS = 0.6;
/** How far the advice goes to a way that worked once, beyond what it leaves open, and to one that worked again. */
const FOLLOWS = { once: 0.9, again: 0.97 } as const;
/** More pots than these make a way no surer against the next word †. */
const SURE_POTS = 2;
/** What is left of the doubt of a way that worked again and again, share †. */
const KNOWN_SPREAD = 0.4;

/** No plan is asked for further out, points. */
const FURTHEST_POINTS = 14;
const within = (points: number): number => Math.max(-FURTHEST_POINTS, Math.min(FURTHEST_POINTS, points));

/** A dish made in its pot to its texture: what worked for it is believed beyond any table. Its bag may be another. */
const wayOf = ({ dishId, grainId, method, vesselId, hobId, texture }: PotOf): string | undefined =>
  dishId == null
    ? undefined
    : [dishId, grainId, method, vesselId ?? '', hobId ?? '', texture ?? ''].join('/');

/**
 * What worked, dish by dish: the pour that came out just right last, how often it did, and what came out otherwise since.
 * @param before what was kept of pots that are not among the evidence
 */
export function waysOf(evidence: readonly Evidence[], before: readonly Way[] = []): readonly Way[] {
  const ways = new Map(before.map((w) => [w.id, w]));
  const judged = evidence.filter((e) => e.verdict !== undefined);
  const inOrder = [...judged].sort((a, b) => (a.atMs ?? 0) - (b.atMs ?? 0) || (a.cookId < b.cookId ? -1 : 1));
  for (const { verdict, ...pot } of inOrder) {
    const id = wayOf(pot);
    if (id === undefined || !verdict) continue;
    const { points, isRight } = verdict;
    const way = ways.get(id);
    if (!isRight) {
      // It came out otherwise as it is made: it is moved towards what was wanted, and worked so much less often.
      if (way && Math.abs(verdict.pouredPoints - way.points) <= STEP_POINTS)
        ways.set(id, {
          id,
          points: way.points + (points - way.points) / (Math.min(way.pots, SURE_POTS) + 1),
          pots: way.pots - 1,
        });
      continue;
    }
    const isSame = way !== undefined && way.pots > 0 && Math.abs(points - way.points) <= SAME_POINTS;
    ways.set(
      id,
      isSame
        ? { id, points: (way.points * way.pots + points) / (way.pots + 1), pots: way.pots + 1 }
        : { id, points, pots: 1 },
    );
  }
  return [...ways.values()].filter((w) => w.pots > 0);
}

/**
 * What is thought of a pot once what worked for its dish is heard: after one pot that came out right most of the way, after two the
 * whole way, however far from the table.
 * @param thought points and share of the doubt by everything else
 */
export function followed(
  ways: readonly Way[],
  pot: PotOf,
  thought: { readonly points: number; readonly spread: number },
): { readonly points: number; readonly spread: number } {
  const id = wayOf(pot);
  const way = ways.find((w) => w.id === id);
  if (!way) return thought;
  const off = way.points - thought.points;
  if (way.pots > 1)
    return {
      points: within(thought.points + FOLLOWS.again * off),
      spread: Math.min(thought.spread, KNOWN_SPREAD),
    };
  const beyond = Math.max(0, Math.abs(off) - OPEN_POINTS);
  return { ...thought, points: within(thought.points + Math.sign(off) * FOLLOWS.once * beyond) };
}

/** When one act is done. Times are ms since the epoch. */
export interface Placed {
  readonly trackId: string;
  readonly actId: string;
  readonly fromMs: number;
  readonly toMs: number;
  readonly handsOn: boolean;
  readonly ring: boolean;
}

/** Two things that want the same hands, or one ring more than there is, in one stretch of time. */
export interface Clash {
  readonly over: 'hands' | 'ring';
  readonly between: readonly [Placed, Placed];
  readonly fromMs: number;
  readonly toMs: number;
}

/** How long a chain wants hands or rings that others have, ms. */
export function clashOf(placed: readonly Placed[], all: readonly Placed[], rings: number): number {
  let ms = 0;
  for (const mine of placed) {
    if (!mine.handsOn && !mine.ring) continue;
    const meets = all.filter((p) => p.fromMs < mine.toMs && mine.fromMs < p.toMs);
    if (mine.handsOn) for (const p of meets) if (p.handsOn) ms += overlapMs(p, mine);
    // One kitchen has few rings: only where as many others are on in that stretch is it worth counting.
    const on = meets.filter((p) => p.ring);
    if (mine.ring && on.length >= rings)
      ms += ringClashes([...on, mine], rings)
        .filter((c) => mine.fromMs <= c.fromMs && c.toMs <= mine.toMs)
        .reduce((sum, c) => sum + c.toMs - c.fromMs, 0);
  }
  return ms;
}

const overlapMs = (a: Placed, b: Placed): number =>
  Math.max(0, Math.min(a.toMs, b.toMs) - Math.max(a.fromMs, b.fromMs));

/** Every stretch in which two acts want the same hands, and every one in which a ring more is wanted than there is. */
export function clashesIn(placed: readonly Placed[], rings: number): Clash[] {
  const clashes: Clash[] = [];
  const hands = placed.filter((p) => p.handsOn);
  for (const [i, a] of hands.entries())
    for (const b of hands.slice(i + 1)) {
      if (a.trackId === b.trackId) continue;
      const [fromMs, toMs] = [Math.max(a.fromMs, b.fromMs), Math.min(a.toMs, b.toMs)];
      if (fromMs < toMs) clashes.push({ over: 'hands', between: [a, b], fromMs, toMs });
    }
  return [...clashes, ...ringClashes(placed, rings)];
}

function ringClashes(placed: readonly Placed[], rings: number): Clash[] {
  const clashes: Clash[] = [];
  const on = placed.filter((p) => p.ring && p.toMs > p.fromMs);
  const times = [...new Set(on.flatMap((p) => [p.fromMs, p.toMs]))].sort((a, b) => a - b);
  for (const [i, fromMs] of times.entries()) {
    const toMs = times[i + 1];
    if (toMs === undefined) break;
    const here = on.filter((p) => p.fromMs <= fromMs && toMs <= p.toMs);
    const tooMany = here.at(-1);
    const one = here.at(-2) ?? tooMany;
    if (here.length > rings && tooMany && one)
      clashes.push({ over: 'ring', between: [one, tooMany], fromMs, toMs });
  }
  return clashes;
}

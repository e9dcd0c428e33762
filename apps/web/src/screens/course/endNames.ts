/** So far apart stand the names at the ends of lines, px. */
const APART_PX = 16;
/** A name lower than that would lie on the axis, px. */
const FOOT_PX = 9;
const ROUNDS = 24;

/**
 * How far the names of lines are moved from where the lines end, so that none lies on another or on the axis.
 * @param endsPx how high above the axis each line ends, px, in any order
 * @returns up is positive, px, in the same order
 */
export function liftsOf(endsPx: readonly number[]): number[] {
  const order = endsPx.map((_, i) => i).sort((a, b) => (endsPx[a] ?? 0) - (endsPx[b] ?? 0));
  const at = order.map((i) => Math.max(FOOT_PX, endsPx[i] ?? 0));
  for (let round = 0; round < ROUNDS; round += 1)
    for (let i = 1; i < at.length; i += 1) {
      const lower = at[i - 1] ?? 0;
      const short = APART_PX - ((at[i] ?? 0) - lower);
      if (short <= 0) continue;
      // Both give way by half; what stands at the foot cannot.
      const down = Math.min(short / 2, lower - FOOT_PX);
      at[i - 1] = lower - down;
      at[i] = (at[i] ?? 0) + short - down;
    }
  const lifts = endsPx.map(() => 0);
  order.forEach((i, place) => (lifts[i] = (at[place] ?? 0) - (endsPx[i] ?? 0)));
  return lifts;
}

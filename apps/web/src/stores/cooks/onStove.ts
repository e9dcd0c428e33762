import type { CookRecord } from '@hammock/core/records';

/** The pots on the stove: the one in sight, and the others. */
export interface OnStove {
  readonly active: CookRecord | null;
  readonly others: readonly CookRecord[];
}

/** Every pot on the stove, the one in sight first. */
export const potsOn = ({ active, others }: OnStove): readonly CookRecord[] =>
  active ? [active, ...others] : others;

/** The stove with one pot as it is now; nothing changes where it is not on. */
export const withPot = (
  { active, others }: OnStove,
  id: string,
  change: (cook: CookRecord) => CookRecord,
): OnStove => ({
  active: active?.id === id ? change(active) : active,
  others: others.map((c) => (c.id === id ? change(c) : c)),
});

/** The stove without one pot: where it was in sight the next one is. */
export function withoutPot({ active, others }: OnStove, id: string): OnStove {
  if (active?.id !== id) return { active, others: others.filter((c) => c.id !== id) };
  const [next = null, ...rest] = others;
  return { active: next, others: rest };
}

/** The stove with one pot in sight, whether it was on or is put on; what was judged is on no more. */
export const showing = (stove: OnStove, cook: CookRecord): OnStove => ({
  active: cook,
  others: potsOn(stove).filter((c) => c.id !== cook.id && c.outcome === null),
});

/** The stove with one pot more, which takes the sight only where no pot was in it. */
export const withAnother = (stove: OnStove, cook: CookRecord): OnStove => {
  if (potsOn(stove).some((c) => c.id === cook.id)) return withPot(stove, cook.id, () => cook);
  return stove.active ? { ...stove, others: [...stove.others, cook] } : { ...stove, active: cook };
};

import type { Answer } from '@hammock/core';
import type { CookRecord } from '@hammock/core/records';

/** A jug is not read closer than this share of what was advised. */
const SAME_SHARE = 0.03;

/** True where something else was poured than was advised. */
export const isOther = ({ pouredMl, advisedMl }: CookRecord): boolean =>
  pouredMl !== null && Math.abs(pouredMl - advisedMl) > SAME_SHARE * advisedMl;

/** Everything that was poured, as if all of it were the liquid that is poured last, ml. */
export function allMl({ answer, pouredMl }: CookRecord): number {
  const { pours = [], pour } = answer as Partial<Answer> & Pick<Answer, 'pour'>;
  const before = pours.slice(0, -1).reduce((sum, p) => sum + p.waterG, 0);
  const perMl = pour.ml > 0 ? pour.waterG / pour.ml : 1;
  return (pouredMl ?? 0) + before / perMl;
}

import type { Chances } from '@hammock/core';
import { inAHundred } from '../../../words/stove/potWords.js';
import type { WeavePoint } from '../number/Weave.js';
import * as w from '../../../words/screens/pourOdds.js';
import { Emphasis } from '../../../ui/controls/Emphasis.js';

/** Chances at a pour between two points of the curve. */
export function chancesFor(points: readonly WeavePoint[], ml: number): Chances {
  const i = Math.max(
    0,
    points.findLastIndex((p) => p.ml <= ml),
  );
  const a = points[i];
  const b = points[i + 1] ?? a;
  if (!a || !b) return NO_CHANCES;
  const share = b.ml > a.ml ? Math.min(1, Math.max(0, (ml - a.ml) / (b.ml - a.ml))) : 0;
  const mix = (key: keyof Chances): number => a.chances[key] + share * (b.chances[key] - a.chances[key]);
  return {
    hard: mix('hard'),
    asWanted: mix('asWanted'),
    firm: mix('firm'),
    soft: mix('soft'),
    tooSoft: mix('tooSoft'),
    wetTop: mix('wetTop'),
    caught: mix('caught'),
  };
}

/** Nothing is known of any pour. */
const NO_CHANCES: Chances = { hard: 0, asWanted: 0, firm: 0, soft: 0, tooSoft: 0, wetTop: 0, caught: 0 };

/** The odds of a pour in a sentence. */
export function Said({ here }: { readonly here: Chances }) {
  const near = [
    here.firm >= 0.01 && w.onTheFirmSide(inAHundred(here.firm)),
    here.soft >= 0.01 && w.onTheSoft(inAHundred(here.soft)),
  ].filter((s) => s !== false);
  const more = [
    here.wetTop >= 0.01 && w.wetOnTop(inAHundred(here.wetTop)),
    here.caught >= 0.01 && w.caughtAtTheBottom(inAHundred(here.caught)),
  ].filter((s) => s !== false);
  return (
    <p className="m-0">
      {w.of100SuchPots} <strong className="text-husk">{w.comeOutHard(inAHundred(here.hard))}</strong>
      <Emphasis text={w.right(inAHundred(here.asWanted))} />
      {near.length > 0 && <> ({near.join(', ')})</>},{' '}
      <strong className="text-water">{w.mush(inAHundred(here.tooSoft))}</strong>
      {more.length > 0 && <>; {more.join(', ')}</>}.
    </p>
  );
}

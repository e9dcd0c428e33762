import { drinksShare, type Tells } from '@hammock/core/learning';
import type { LearntValue } from '../../stores/kitchen/learnt.js';

const pots = (n: number): string => (n === 1 ? 'one pot' : `${n.toString()} pots`);

/** What an answer stands on, nearest first: pots of this dish, with this bag, in this pot, of the household. */
export function standsText(of: Readonly<Record<string, number>> | undefined): string {
  const { dish = 0, bag = 0, pot = 0, kind = 0, taste = 0 } = of ?? {};
  const said = [
    ...(dish > 0 ? [`${pots(dish)} of this dish`] : []),
    ...(bag > dish ? [`${pots(bag)} with this bag`] : []),
    ...(bag === 0 && kind > 0 ? [`${pots(kind)} of this grain`] : []),
    ...(pot > Math.max(dish, bag) ? [`${pots(pot)} in this pot`] : []),
  ];
  if (said.length > 0) return said.join(', ');
  return taste > 0 ? `${pots(taste)} of yours, none of them like it` : 'what cooks usually pour';
}

/** What was learnt of a value: "drinks 6 % more water than its kind, ± 3, from 4 pots". */
export function wantsText(id: string, { points, sd, pots: from }: LearntValue): string {
  const percent = Math.round(100 * drinksShare(points));
  const doubt = Math.max(1, Math.round(100 * drinksShare(sd)));
  const kind = id.split(':')[0] ?? '';
  const usual = kind === 'bag' ? 'its kind' : 'usual';
  const than =
    percent === 0
      ? `as ${kind === 'bag' ? 'its kind does' : usual}`
      : `${Math.abs(percent).toString()} % ${percent > 0 ? 'more' : 'less'} water than ${usual}`;
  return `${VERB[kind] ?? 'takes'} ${than}, ± ${doubt.toString()}${from === 0 ? '' : `, from ${pots(from)}`}`;
}
const VERB: Readonly<Record<string, string>> = {
  taste: 'wants',
  step: 'wants',
  who: 'wants',
  bag: 'drinks',
  kind: 'drinks',
};

const MOST: Readonly<Record<Tells['most'], string>> = {
  taste: 'your taste',
  who: 'whose taste it is',
  kind: 'this grain',
  bag: 'this bag',
  step: 'what you call this texture',
  lid: 'this pot’s lid',
  pot: 'this pot on its ring',
  method: 'this way of cooking',
  base: 'what its base brings',
  dish: 'what this dish brings',
};

/** What would teach most at the next pot. */
export function triesText({ verdict, weighed, most }: Tells): string {
  const share = (s: number): string => `${Math.round(100 * s).toString()} %`;
  const scale =
    weighed > verdict + 0.015
      ? ` Weighed once the liquid is in and once at the end, ${share(weighed)}.`
      : ' A scale would add little.';
  return `Pour as advised: another pour would risk the dinner and teach no more. Judged, it takes ${share(verdict)} of the doubt away.${scale} Most of the doubt is of ${MOST[most]}.`;
}

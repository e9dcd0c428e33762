import type { Recipe } from '@hammock/core';
import { HEAT, LID, METHOD, STATE } from '../words.js';

/** What was taken from the steps of a telling, a few words each. */
export function toldWords({
  method,
  soakMin,
  wash,
  toast,
  states,
  timing,
  crust,
  ratio,
  baseOnly,
}: Recipe): readonly string[] {
  const { openBoilMin, coveredMin, coveredHeat, restMin, whistles, pressureMin, seal } = timing;
  const min = (n: number): string => `${n.toString()} min`;
  const said: (string | false | undefined)[] = [
    method !== undefined && METHOD[method],
    wash === 'untilClear' && 'washed until clear',
    states.length > 0 && `fried: ${states.map((s) => STATE[s]).join(', ')}`,
    soakMin !== undefined && `soaked ${min(soakMin)}`,
    toast !== undefined && toast !== 'none' && `toasted ${toast}`,
    openBoilMin !== undefined && `${min(openBoilMin)} open`,
    whistles !== undefined && `${whistles.toString()} whistles`,
    pressureMin !== undefined && `${min(pressureMin)} at pressure`,
    coveredMin !== undefined && `${min(coveredMin)} covered`,
    coveredHeat !== undefined && HEAT[coveredHeat],
    seal !== undefined && LID[seal],
    restMin !== undefined && `${min(restMin)} of rest`,
    crust === true && 'with a crust',
    ratio !== undefined && `${ratio.toString()} to one`,
    baseOnly === true && 'no water poured',
  ];
  return said.filter((s): s is string => typeof s === 'string');
}

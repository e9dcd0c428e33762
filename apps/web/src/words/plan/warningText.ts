import type { Warning } from '@hammock/core';
import { tenths, whole } from '../measures/numbers.js';

/** A warning in words: what is so, and what to do. */
export interface WarningText {
  readonly says: string;
  readonly act: string;
}

const n = (w: Warning, key: string): number => Number(w.values[key] ?? 0);
const grams = (g: number): string => `${(Math.round(g / 5) * 5).toString()} g`;

/** Words a warning of the core. Every warning says what to do. */
export function warningText(w: Warning): WarningText {
  switch (w.code) {
    case 'baseAlone':
      return {
        says: `The base alone brings ${grams(n(w, 'overG'))} of water too much: pour nothing.`,
        act: `${w.values['takeOutOf'] === 'raw' ? 'Leave' : 'Ladle'} out ${grams(n(w, 'takeOutG'))} of it, or cook it down ${Math.ceil(n(w, 'cookDownMin')).toString()} min more, or add ${grams(n(w, 'addGrainG'))} of grain.`,
      };
    case 'overTwoThirds':
      return {
        says: `The pot is ${whole(n(w, 'fullShare') * 100)} % full before anything swells.`,
        act: 'Use a larger pot or watch it: it may boil over.',
      };
    case 'deepBed':
      return {
        says: `The cooked grain will stand ${whole(n(w, 'bedMm') / 10)} cm deep and cook unevenly.`,
        act: 'A wider pot is better; else turn it gently once, top to bottom, at half time.',
      };
    case 'mostlySteam':
      return {
        says: `${whole(n(w, 'share') * 100)} % of the pour leaves as steam: a small pot of grain for so long a boil.`,
        act: 'Look early, and have more hot liquid in a pan.',
      };
    case 'altitude':
      return {
        says: `Up here water boils at ${tenths(n(w, 'boilC'))} °C and grain cooks slower.`,
        act: `Expect up to ${n(w, 'extraMin').toString()} min more under the lid; taste before you stop.`,
      };
    case 'soakTooLong':
      return {
        says: 'This grain breaks when soaked that long.',
        act: `Soak it ${n(w, 'longestMin').toString()} min at most.`,
      };
    case 'tooSalty':
      return {
        says: `It comes out at ${tenths(n(w, 'percent'))} % salt, ${tenths(n(w, 'overG'))} g over the band.`,
        act: 'Use part water for the stock, or leave the added salt out.',
      };
    case 'thickCatches':
      return {
        says: `With that much ${w.values['which'] === 'coconut' ? 'coconut' : 'tomato'} the liquid is thick, and hides a bottom that is already dry.`,
        act: 'Lowest heat, and a flat pan under the pot if you have one.',
      };
    case 'acidSlows':
      return {
        says: 'That much acid slows the grain’s softening.',
        act: 'Put the juice in at the end, or give it a few minutes more.',
      };
    case 'sugarCatches':
      return {
        says: 'Sugar catches on a hot bottom.',
        act: 'Stir it into the liquid, not the fat, and keep to the lowest heat.',
      };
    case 'runsDry':
      return {
        says: 'One stage would steam off most of what is in the pot.',
        act: 'Shorten it, turn it down or cover it.',
      };
    case 'coveredShort':
      return {
        says: `${n(w, 'heatedMin').toString()} min on the heat is short for this grain.`,
        act: `Give it about ${n(w, 'needMin').toString()} min covered.`,
      };
    case 'slowBoil':
      return {
        says: `It takes about ${whole(n(w, 'minutes'))} min to come to the boil.`,
        act: 'Pour it hot, or use a stronger burner.',
      };
  }
}

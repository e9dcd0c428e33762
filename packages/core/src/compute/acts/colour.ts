import { arrhenius } from '../../basics/heat/arrhenius.js';
import type { Toast } from '../../basics/method/methods.js';

/** Toasting: colour 1 is golden, after six minutes over medium heat in an ordinary bed †. */
const TOASTS = { jPerMol: 90_000, atC: 170, goldenMin: 2.6 } as const;

/** How far grain or noodles have coloured in the fat, from least to most. */
export type Colour = 'raw' | 'coated' | 'glossy' | 'opaque' | 'golden' | 'deep';

/** Colour values from which a band is seen; golden is 1 †. */
const SEEN_FROM: readonly (readonly [Colour, number])[] = [
  ['deep', 1.7],
  ['golden', 0.8],
  ['opaque', 0.3],
  ['glossy', 0.08],
  ['coated', 0.01],
];
/** What each way of toasting waits for. */
export const WAITS_FOR: Readonly<Record<Toast, number>> = {
  none: 0,
  coated: 0.01,
  glossy: 0.1,
  opaque: 0.4,
  golden: 1,
  deep: 2,
};

/** The colour that is seen at this value. */
export const colourOf = (value: number): Colour => SEEN_FROM.find(([, from]) => value >= from)?.[0] ?? 'raw';

/** Colour gained a minute at this temperature. */
export const coloursPerMin = (tempC: number): number =>
  arrhenius(TOASTS.jPerMol, tempC, TOASTS.atC) / TOASTS.goldenMin;

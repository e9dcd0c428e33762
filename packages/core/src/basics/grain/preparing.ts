import type { Drain, Method, Toast } from '../method/methods.js';
import { soakedShare, soakedW, type Washing } from './soaking.js';

/** Water clinging to grain as it leaves the bowl, g per g as sold: rinsed, and soaked as long as is usual †. */
export const CLINGING = { rinsed: 0.07, soaked: 0.1 } as const;
/** What a long stay in a sieve leaves, and how fast it gets there, min (0.03 after twenty) †. */
const SIEVE = { leaves: 0.028, timeMin: 6 } as const;

/** Share of the clinging water that is still there after toasting; the fat boils it off first †. */
const TOAST_KEEPS: Readonly<Record<Toast, number>> = {
  none: 1,
  coated: 0.7,
  glossy: 0.4,
  opaque: 0.1,
  golden: 0,
  deep: 0,
};
/** Moisture a golden grain has lost from inside, W †. */
const TOAST_DRIES_W: Readonly<Record<Toast, number>> = {
  none: 0,
  coated: 0,
  glossy: 0,
  opaque: 0.01,
  golden: 0.03,
  deep: 0.05,
};

/** A grain as it was washed, soaked, drained and toasted, and the method it is cooked by. */
export interface Prepared extends Washing {
  readonly soakWater: 'thrown' | 'reused' | 'reusedAfter';
  readonly drain: Drain;
  readonly sieveMin: number;
  readonly toast: Toast;
  readonly method: Method;
  /** Steps by which this household's words lie softer than ours. */
  readonly softerSteps: number;
  /** Points of moisture that the household's own pots have taught beyond that. */
  readonly learntPoints: number;
  /** What is done to it, and what it is cooked with, where that is known. */
  readonly stages?: readonly { readonly act: string }[];
  readonly ingredients?: readonly { readonly ingredient: CookedWith; readonly g: number }[];
  readonly grainG?: number;
}

/** What the wanted moisture asks of an ingredient. */
interface CookedWith {
  readonly film?: 'tomato' | 'coconut';
  /** g/100 g. */
  readonly fat: number;
}

/**
 * W from which the grain drinks of what is poured. Reused soak water is part of the pour, so what the grain
 * drank from it counts as poured.
 */
export function startW(plan: Prepared): number {
  const dried = TOAST_DRIES_W[plan.toast];
  if (plan.soakWater === 'reused' && plan.soakMin > 0) {
    return soakedW({ ...plan, soakMin: 0 }) - dried;
  }
  return Math.max(0, soakedW(plan) - dried);
}

/** Water carried in on the drained grain, g per g of grain as sold. */
export function clingingPerG(plan: Prepared): number {
  if (plan.wash === 'unwashed' && plan.soakMin <= 0) return 0;
  if (plan.soakWater === 'reused' && plan.soakMin > 0) return plan.wash === 'unwashed' ? 0 : CLINGING.rinsed;
  // A minute in water wets a grain no more than a rinse; the rest comes with the soak.
  const leaving = CLINGING.rinsed + (CLINGING.soaked - CLINGING.rinsed) * soakedShare(plan);
  const drained =
    plan.drain === 'sieve'
      ? SIEVE.leaves + (leaving - SIEVE.leaves) * Math.exp(-plan.sieveMin / SIEVE.timeMin)
      : leaving;
  return drained * TOAST_KEEPS[plan.toast];
}

/** W of the grain as it goes into the pot, with what it drank of a soak whose water is poured too. */
export const wettedW = (plan: Prepared): number => Math.max(0, soakedW(plan) - TOAST_DRIES_W[plan.toast]);

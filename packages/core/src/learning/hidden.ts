import type { Texture } from '../basics/grain/texture.js';
import type { Method } from '../basics/method/methods.js';
import { PLAN_DEFAULTS } from '../plan/input/planInput.js';

/** What of a household a pot is made with: what is learnt of one is learnt of these. */
export interface PotOf {
  readonly grainId: string;
  readonly method: Method;
  /** What was to be reached: each step of the scale is somebody's word. */
  readonly texture?: Texture | undefined;
  /** The ingredient that brings most of the water, where one does. */
  readonly baseId?: string | null;
  readonly bagId?: string | null;
  readonly vesselId?: string | null;
  readonly hobId?: string | null;
  readonly dishId?: string | null;
  /** Whose taste it is cooked to, or who judged it; everybody's without. */
  readonly by?: string | null;
}

/** One hidden value that a pot has a share in. */
export interface Hidden {
  readonly id: string;
  readonly kind: HiddenKind;
  /** What is thought of it before anything was cooked: one standard deviation, points of moisture. */
  readonly sd: number;
  /** True where it is of a thing that nobody named: it keeps its doubt and learns nothing. */
  readonly unnamed: boolean;
}

/**
 * How far each is off before anything is known, one standard deviation, points of moisture †. Together they are the doubt of a
 * kitchen that was not met: about 11 % of the pour. A bag of a kind stands on its kind, which is learnt of all its bags: that is
 * how a new bag begins where the others have led; so does a ring under a pot on that pot's lid, a dish on what its base brings, and
 * a step of the scale on the household's taste. Each cook's taste is beside the household's.
 */
export const HIDDEN_SD = {
  taste: 0.65,
  step: 0.37,
  who: 0.5,
  kind: 0.9,
  bag: 0.6,
  lid: 0.5,
  pot: 0.75,
  method: 0.8,
  base: 0.42,
  dish: 0.56,
} as const;
export type HiddenKind = keyof typeof HIDDEN_SD;

/** Whose verdict it is where nobody said. */
const EVERYBODY = 'all';
/** Who eats here seldom: their verdicts teach of them and next to nothing of the household. */
export const GUESTS = 'guests';
/** How far guests' taste is from the household's, points †. */
const GUESTS_SD = 2.5;

/**
 * The hidden values of a pot; their sum is what its grain wants beyond what its kind does, points of moisture.
 * @example hiddenOf({ grainId: 'basmati', method: 'boilDown' }).length // 10
 */
export function hiddenOf(pot: PotOf): readonly Hidden[] {
  const { grainId, method, texture = PLAN_DEFAULTS.texture, baseId, bagId, vesselId, hobId, dishId } = pot;
  const of = (kind: HiddenKind, id: string | null | undefined): Hidden => ({
    id: `${kind}:${id ?? ''}`,
    kind,
    sd: HIDDEN_SD[kind],
    unnamed: id == null,
  });
  const by = pot.by ?? EVERYBODY;
  return [
    of('taste', 'household'),
    of('step', texture.toString()),
    { ...of('who', by), ...(by === GUESTS ? { sd: GUESTS_SD } : {}) },
    of('kind', grainId),
    // A bag that is filled with another grain is another bag.
    of('bag', bagId == null ? null : `${bagId}/${grainId}`),
    of('lid', vesselId),
    of('pot', vesselId == null ? null : `${vesselId}/${hobId ?? ''}`),
    of('method', method),
    of('base', baseId),
    of('dish', dishId),
  ];
}

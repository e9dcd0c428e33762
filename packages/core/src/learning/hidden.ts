import type { Method } from '../method/methods.js';

/** What of a household a pot is made with: what is learnt of one is learnt of these. */
export interface PotOf {
  readonly grainId: string;
  readonly method: Method;
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
 * how a new bag begins where the others have led. Taste is the household's, and each cook's beside it.
 */
export const HIDDEN_SD = {
  taste: 0.75,
  who: 0.5,
  kind: 0.9,
  bag: 0.6,
  pot: 0.9,
  method: 0.8,
  dish: 0.7,
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
 * @example hiddenOf({ grainId: 'basmati', method: 'boilDown' }).length // 7
 */
export function hiddenOf(pot: PotOf): readonly Hidden[] {
  const { grainId, method, bagId, vesselId, hobId, dishId } = pot;
  const of = (kind: HiddenKind, id: string | null | undefined): Hidden => ({
    id: `${kind}:${id ?? ''}`,
    kind,
    sd: HIDDEN_SD[kind],
    unnamed: id == null,
  });
  const by = pot.by ?? EVERYBODY;
  return [
    of('taste', 'household'),
    { ...of('who', by), ...(by === GUESTS ? { sd: GUESTS_SD } : {}) },
    of('kind', grainId),
    // A bag that is filled with another grain is another bag.
    of('bag', bagId == null ? null : `${bagId}/${grainId}`),
    of('pot', vesselId == null ? null : `${vesselId}/${hobId ?? ''}`),
    of('method', method),
    of('dish', dishId),
  ];
}

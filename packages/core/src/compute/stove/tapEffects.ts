import type { Tap } from './tap.js';

/** What a tap does to the line of stages, to the pot, and to what is believed of it. */
export interface TapEffect {
  /** `runs`: it moves the clock of the stages. `edits`: it changes their line. `tells`: it is said of the pot. */
  readonly is: 'runs' | 'edits' | 'tells';
  /** True where the pot is no more the pot of its plan. */
  readonly isOther?: true;
  /** True where the pot goes on under another ring, lid or water from then on: what follows is a stretch of its own. */
  readonly parts?: true;
  /** Ml of what the plan pours that each of its amount brings; negative for what is taken out. */
  readonly bringsMl?: 1 | -1;
  /** What goes over the rim, g. */
  readonly losesG?: number;
  /** Whether the pot stands beside its ring from then on. */
  readonly stands?: boolean;
  /** Ring or lid are other from then on, or only `meanwhile`; what has minutes is set back after them. */
  readonly sets?: 'on' | 'meanwhile';
  /** What it says of a pot: something read `now`, or also `when` something was to be seen, which says what its grain wants. */
  readonly evidence?: 'now' | 'when';
}

/** What a pot loses that boils over, g (common practice: a puddle on the hob) †. */
const BOILED_OVER_G = 40;

/** Every tap once: replay, belief and learning read what it does from here, and nowhere else. */
const TAP_EFFECTS = {
  start: { is: 'runs' },
  done: { is: 'runs' },
  undo: { is: 'runs' },
  extend: { is: 'runs', isOther: true },
  insert: { is: 'edits', isOther: true },
  again: { is: 'edits', isOther: true },
  back: { is: 'edits' },
  skip: { is: 'edits', isOther: true },
  looked: { is: 'tells', evidence: 'when' },
  // The verdict says once more what was tasted: it is no evidence of its own afterwards.
  tasted: { is: 'tells', evidence: 'now' },
  sign: { is: 'tells', evidence: 'when' },
  splash: { is: 'tells', isOther: true, parts: true, bringsMl: 1 },
  ladled: { is: 'tells', isOther: true, parts: true, bringsMl: -1 },
  heat: { is: 'tells', isOther: true, parts: true, sets: 'on' },
  lid: { is: 'tells', isOther: true, parts: true, sets: 'on' },
  lidUp: { is: 'tells', isOther: true, parts: true, sets: 'meanwhile' },
  stirred: { is: 'tells' },
  smells: { is: 'tells', evidence: 'now' },
  found: { is: 'tells', evidence: 'now' },
  steam: { is: 'tells', evidence: 'now' },
  base: { is: 'tells' },
  boiledOver: { is: 'tells', isOther: true, parts: true, losesG: BOILED_OVER_G },
  weighs: { is: 'tells', evidence: 'now' },
  reads: { is: 'tells', evidence: 'now' },
  pause: { is: 'tells', isOther: true, parts: true, stands: true },
  resume: { is: 'tells', parts: true, stands: false },
  hands: { is: 'tells' },
  note: { is: 'tells' },
} as const satisfies Readonly<Record<Tap['kind'], TapEffect>>;

/** Kinds of taps of which the table says this. */
type KindsWith<What extends TapEffect> = {
  [Kind in Tap['kind']]: (typeof TAP_EFFECTS)[Kind] extends What ? Kind : never;
}[Tap['kind']];

/** Taps that change the line of stages. */
export type EditKind = KindsWith<{ is: 'edits' }>;
/** Taps that tell of the pot and move no stage. */
export type ObservationKind = KindsWith<{ is: 'tells' }>;
/** Taps that a belief is weighed by. */
export type EvidenceKind = KindsWith<{ is: 'tells'; evidence: 'now' | 'when' }>;

/**
 * What a tap does.
 * @example effectOf('splash').bringsMl // 1
 */
export const effectOf = (kind: Tap['kind']): TapEffect => TAP_EFFECTS[kind];

/**
 * True for a tap that tells of the pot.
 * @example isObservation('looked') // true
 */
export const isObservation = (kind: Tap['kind']): kind is ObservationKind => effectOf(kind).is === 'tells';

/** True for a tap that changes the line of stages. */
export const isEdit = (kind: Tap['kind']): kind is EditKind => effectOf(kind).is === 'edits';

/**
 * Ml of what the plan pours that a tap brings into the pot; negative for what it takes out.
 * @example broughtMl({ kind: 'ladled', amount: 50 }) // -50
 */
export const broughtMl = ({ kind, amount = 0 }: Pick<Tap, 'kind' | 'amount'>): number =>
  (effectOf(kind).bringsMl ?? 0) * amount;

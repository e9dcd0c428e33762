/** Everything that can be said at the stove: the one list of it. What each does stands in tapEffects.ts. */
export const TAP_KINDS = [
  'start',
  'done',
  'extend',
  'undo',
  'insert',
  'again',
  'back',
  'skip',
  'looked',
  'tasted',
  'sign',
  'splash',
  'ladled',
  'heat',
  'lid',
  'lidUp',
  'stirred',
  'smells',
  'found',
  'steam',
  'base',
  'boiledOver',
  'weighs',
  'reads',
  'pause',
  'resume',
  'hands',
  'note',
] as const;

/** One tap at the stove. `atMs` is ms since the epoch by the one clock all taps of a cook are told by. */
export interface Tap {
  readonly id: string;
  readonly kind: (typeof TAP_KINDS)[number];
  readonly stageId: string;
  readonly atMs: number;
  /** Minutes added, for `extend`; negative for taken off. */
  readonly minutes?: number;
  /** What was seen, tasted, smelt or set: a word of OBSERVATIONS, or the note. */
  readonly said?: string;
  /** How much, in the unit of OBSERVATIONS. */
  readonly amount?: number;
  /** Its place in the order the server took taps in; undefined while it is on its way. */
  readonly seq?: number;
  /** The tap this one follows: the last one its device knew of. */
  readonly followsId?: string;
  /** For `undo`: the tap it takes back. Older undos name none and take back the last one standing. */
  readonly undoesId?: string;
}

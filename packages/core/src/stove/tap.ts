/** Everything that can be said at the stove: the one list of it. */
export const TAP_KINDS = ['start', 'done', 'extend', 'undo'] as const;

/** One tap at the stove. `atMs` is ms since the epoch by the one clock all taps of a cook are told by. */
export interface StageEvent {
  readonly id: string;
  readonly kind: (typeof TAP_KINDS)[number];
  readonly stageId: string;
  readonly atMs: number;
  /** Minutes added, for `extend`. */
  readonly minutes?: number;
  /** Its place in the order the server took taps in; undefined while it is on its way. */
  readonly seq?: number;
  /** The tap this one follows: the last one its device knew of. */
  readonly followsId?: string;
  /** For `undo`: the tap it takes back. Older undos name none and take back the last one standing. */
  readonly undoesId?: string;
}

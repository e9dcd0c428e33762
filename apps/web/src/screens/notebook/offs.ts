/** One judged pot as the server tells it. */
export interface JudgedPot {
  readonly cookId: string;
  readonly label: string;
  readonly startedAtMs: number;
  readonly advisedMl: number;
  readonly wantedMl: number;
  readonly texture: number;
}

/** How far off the advice was at one pot. */
export interface Off {
  readonly pot: JudgedPot;
  /** Advised against wanted, share of what was wanted; negative where it was too little. */
  readonly share: number;
  /** What it was usually off over eight pots up to this one. */
  readonly usual: number;
}

/** Pots that say together how far the advice usually is off. */
const WINDOW = 8;
/** Further off than this a pot was another pot. */
const MOST_SHARE = 0.4;

/** Each pot's error with what was usual about then: the mean of the sizes of eight, since one that was right is told as nought. */
export function offsOf(pots: readonly JudgedPot[]): readonly Off[] {
  const shares = pots.map((p) => p.advisedMl / Math.max(1, p.wantedMl) - 1);
  return pots.map((pot, i) => {
    const about = shares
      .slice(Math.max(0, i + 1 - WINDOW), Math.max(i + 1, WINDOW))
      .map((s) => Math.min(MOST_SHARE, Math.abs(s)));
    return { pot, share: shares[i] ?? 0, usual: about.reduce((sum, s) => sum + s, 0) / about.length };
  });
}

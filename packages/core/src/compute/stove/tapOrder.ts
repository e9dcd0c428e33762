import type { Tap } from './tap.js';

type Placed = Pick<Tap, 'id' | 'seq' | 'followsId'>;

/**
 * Taps in the order they count in: by the server's sequence, what is still on its way last and as it was tapped, and
 * never a tap before the one it follows, whichever of the two arrived first. The same set of taps with the same
 * sequence gives the same order on every device, whatever the order they are given in.
 * @param taps each with a unique id; a tap that follows one that is not among them stands by its sequence alone
 * @example inOrder([{ id: 'b', seq: 1, followsId: 'a' }, { id: 'a', seq: 2 }]).map((t) => t.id) // ['a', 'b']
 */
export function inOrder<T extends Placed>(taps: readonly T[]): T[] {
  const bySeq = [...taps].sort((a, b) => (a.seq ?? Infinity) - (b.seq ?? Infinity) || 0);
  const byId = new Map(bySeq.map((tap) => [tap.id, tap]));
  const placed = new Set<string>();
  const ordered: T[] = [];
  for (const tap of bySeq) {
    // The chain of what this tap follows and is not placed yet, latest first; a ring of taps ends where it closes.
    const chain: T[] = [];
    const inChain = new Set<string>();
    for (
      let at: T | undefined = tap;
      at && !placed.has(at.id) && !inChain.has(at.id);
      at = at.followsId === undefined ? undefined : byId.get(at.followsId)
    ) {
      chain.push(at);
      inChain.add(at.id);
    }
    for (const next of chain.reverse()) {
      placed.add(next.id);
      ordered.push(next);
    }
  }
  return ordered;
}

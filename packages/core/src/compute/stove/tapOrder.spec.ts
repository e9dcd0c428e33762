import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { inOrder } from './tapOrder.js';

const ids = (taps: readonly { readonly id: string }[]): string[] => taps.map((t) => t.id);

/** Taps with a place each, some of them following another one, given in any order. */
const taps = fc.integer({ min: 1, max: 12 }).chain((n) =>
  fc.record({
    seqs: fc.shuffledSubarray(
      Array.from({ length: n }, (_, i) => i + 1),
      { minLength: n },
    ),
    follows: fc.array(fc.option(fc.nat({ max: n - 1 }), { nil: undefined }), { minLength: n, maxLength: n }),
    given: fc.shuffledSubarray(
      Array.from({ length: n }, (_, i) => i),
      { minLength: n },
    ),
  }),
);

describe('the order of taps', () => {
  it('is the server’s, and what is on its way comes last as it was tapped', () => {
    expect(ids(inOrder([{ id: 'x' }, { id: 'b', seq: 2 }, { id: 'y' }, { id: 'a', seq: 1 }]))).toEqual([
      'a',
      'b',
      'x',
      'y',
    ]);
  });

  it('puts a tap after the one it follows, whichever arrived first', () => {
    const late = { id: 'first', seq: 3 };
    expect(
      ids(inOrder([{ id: 'second', seq: 1, followsId: 'first' }, { id: 'other', seq: 2 }, late])),
    ).toEqual(['first', 'second', 'other']);
    expect(ids(inOrder([{ id: 'a', seq: 1, followsId: 'unheard of' }]))).toEqual(['a']);
  });

  it('is one order of all of them, the same however they are given, and ends also when they follow in a ring', () => {
    fc.assert(
      fc.property(taps, ({ seqs, follows, given }) => {
        const all = seqs.map((seq, i) => {
          const followed = follows[i];
          return {
            id: i.toString(),
            seq,
            ...(followed === undefined ? {} : { followsId: followed.toString() }),
          };
        });
        const ordered = ids(inOrder(all));
        expect([...ordered].sort()).toEqual(ids(all).sort());
        expect(ids(inOrder(given.map((i) => all[i]!)))).toEqual(ordered);
      }),
    );
  });

  it('never puts a tap before the one it follows, where no ring forces it', () => {
    fc.assert(
      fc.property(taps, ({ seqs, follows }) => {
        const all = seqs.map((seq, i) => {
          const followed = follows[i];
          // Only earlier ones are followed: as on any device.
          const known = followed !== undefined && followed < i;
          return { id: i.toString(), seq, ...(known ? { followsId: followed.toString() } : {}) };
        });
        const ordered = ids(inOrder(all));
        for (const { id, followsId } of all)
          if (followsId !== undefined) expect(ordered.indexOf(followsId)).toBeLessThan(ordered.indexOf(id));
      }),
    );
  });
});

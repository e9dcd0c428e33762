import { beforeEach, describe, expect, it, jest } from '@jest/globals';
import fc from 'fast-check';
import { changesBetween, onUndo, useUndo, withChanges } from './undo.js';

const leaf = fc.oneof(fc.integer(), fc.string({ maxLength: 4 }), fc.boolean());
const anyValue = fc.dictionary(
  fc.constantFrom('a', 'b', 'c', 'd'),
  fc.oneof(leaf, fc.array(leaf, { maxLength: 5 }), fc.dictionary(fc.constantFrom('x', 'y'), leaf)),
);

describe('an edit', () => {
  it('made takes one value to the other, and taken back gives the first again, whatever they are', () => {
    fc.assert(
      fc.property(anyValue, anyValue, (before, after) => {
        const changes = changesBetween(before, after);
        const was = structuredClone(before);
        expect(withChanges(before, changes, false)).toEqual(after);
        expect(withChanges(after, changes, true)).toEqual(before);
        expect(before).toEqual(was);
      }),
      { numRuns: 400, seed: 7 },
    );
  });

  it('takes several items out of a list and puts them back where they were', () => {
    const before = { list: [1, 2, 3, 4, 5] };
    const after = { list: [1] };
    const changes = changesBetween(before, after);
    expect(withChanges(after, changes, true)).toEqual(before);
    expect(withChanges(before, changes, false)).toEqual(after);
  });
});

describe('the edits of a visit', () => {
  let value: Record<string, number> = {};
  const set = (next: Record<string, number>, target = 'thing/one'): void => {
    useUndo.getState().record({ target, changes: changesBetween(value, next) });
    value = next;
  };
  beforeEach(() => {
    jest.restoreAllMocks();
    value = { n: 0 };
    useUndo.setState({ past: [], future: [] });
    onUndo('thing', (_rest, changes, back) => {
      value = withChanges(value, changes, back);
    });
  });

  it('of one thing close together are one; another thing or a pause begins the next', () => {
    const clock = jest.spyOn(Date, 'now');
    clock.mockReturnValue(1000);
    set({ n: 1 });
    clock.mockReturnValue(1500);
    set({ n: 2 });
    expect(useUndo.getState().past).toHaveLength(1);
    clock.mockReturnValue(5000);
    set({ n: 3 });
    expect(useUndo.getState().past).toHaveLength(2);
    set({ n: 4 }, 'thing/two');
    expect(useUndo.getState().past).toHaveLength(3);
    useUndo.getState().undo();
    useUndo.getState().undo();
    expect(value).toEqual({ n: 2 });
    useUndo.getState().undo();
    expect(value).toEqual({ n: 0 });
  });

  it('that make something and then drag it are one: a single undo takes it all back', () => {
    let plan: Record<string, unknown> = { label: 'Pilaf' };
    const put = (next: Record<string, unknown>): void => {
      useUndo.getState().record({ target: 'plan/one', changes: changesBetween(plan, next) });
      plan = next;
    };
    onUndo('plan', (_rest, changes, back) => {
      plan = withChanges(plan, changes, back);
    });
    const stretched = (minutes: number) => ({
      label: 'Pilaf',
      stages: [{ id: 'boil' }, { id: 'simmer', end: { minutes } }],
    });
    for (const minutes of [16, 18, 25]) put(stretched(minutes));
    expect(useUndo.getState().past).toHaveLength(1);
    useUndo.getState().undo();
    expect(plan).toEqual({ label: 'Pilaf' });
    useUndo.getState().redo();
    expect(plan).toEqual(stretched(25));
  });

  it('go forward again until something new is done', () => {
    const clock = jest.spyOn(Date, 'now');
    [1000, 9000, 20_000].forEach((ms, i) => {
      clock.mockReturnValue(ms);
      set({ n: i + 1 });
    });
    const { undo, redo } = useUndo.getState();
    undo();
    undo();
    redo();
    expect(value).toEqual({ n: 2 });
    clock.mockReturnValue(40_000);
    set({ n: 9 });
    redo();
    expect(value).toEqual({ n: 9 });
    expect(useUndo.getState().future).toEqual([]);
  });

  it('that change nothing are none, and more than two hundred forget the first', () => {
    set({ n: 0 });
    expect(useUndo.getState().past).toEqual([]);
    const clock = jest.spyOn(Date, 'now');
    for (let i = 1; i <= 230; i += 1) {
      clock.mockReturnValue(i * 10_000);
      set({ n: i });
    }
    expect(useUndo.getState().past).toHaveLength(200);
    useUndo.getState().redo();
    expect(value).toEqual({ n: 230 });
  });
});

import { afterEach, beforeEach, describe, expect, it, jest } from '@jest/globals';
import { number, object } from 'valibot';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { deviceState, onDevice } from './deviceStorage.js';

interface Cups {
  readonly cups: number;
}
const cups = () =>
  create<Cups>()(
    persist((): Cups => ({ cups: 1 }), {
      ...onDevice<Cups, Cups>({
        name: 'test.cups',
        version: 2,
        shape: object({ cups: number() }),
        steps: [(kept) => ({ mugs: kept['glasses'] }), (kept) => ({ cups: kept['mugs'] })],
        keeps: ({ cups: n }: Cups) => ({ cups: n }),
      }),
    }),
  );
const put = (state: unknown, version?: number) =>
  localStorage.setItem('test.cups', JSON.stringify({ state, ...(version === undefined ? {} : { version }) }));

beforeEach(() => {
  localStorage.clear();
  deviceState.setState({ keeps: 'kept', broken: [] });
});
afterEach(() => {
  jest.restoreAllMocks();
});

describe('what is kept on this device', () => {
  it('comes back', () => {
    cups().setState({ cups: 4 });
    expect(cups().getState().cups).toBe(4);
    expect(deviceState.getState().broken).toEqual([]);
  });

  it.each([
    ['of the first version', { glasses: 5 }, undefined],
    ['of the second', { mugs: 5 }, 1],
  ])('is brought up to date when it is %s', (_what, state, version) => {
    put(state, version);
    expect(cups().getState().cups).toBe(5);
  });

  it.each<[string, () => void]>([
    ['no JSON', () => localStorage.setItem('test.cups', '{"state":')],
    ['something else', () => localStorage.setItem('test.cups', '7')],
    ['of another shape', () => put({ cups: 'many' }, 2)],
    ['of an old version that cannot be read', () => put(null)],
  ])('is begun anew, and that is said, when it is %s', (_what, prepare) => {
    prepare();
    expect(cups().getState().cups).toBe(1);
    expect(deviceState.getState().broken).toEqual(['test.cups']);
  });

  it('says that there is no room, goes on, and says when there is again', () => {
    const store = cups();
    jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    store.setState({ cups: 9 });
    expect(store.getState().cups).toBe(9);
    expect(deviceState.getState().keeps).toBe('full');
    jest.restoreAllMocks();
    store.setState({ cups: 10 });
    expect(deviceState.getState().keeps).toBe('kept');
  });

  it('goes on where the browser forbids storage altogether', () => {
    jest.spyOn(window, 'localStorage', 'get').mockImplementation(() => {
      throw new DOMException('no', 'SecurityError');
    });
    const store = cups();
    store.setState({ cups: 2 });
    expect(store.getState().cups).toBe(2);
    expect(deviceState.getState().keeps).toBe('none');
  });
});

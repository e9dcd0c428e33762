import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { act, cleanup, renderHook } from '@testing-library/react';
import { useBackCloses } from './useBackCloses.js';

/** The page has gone where it was sent, and nothing more comes of it: nobody knows how long a busy machine takes. */
const CALM_MS = 40;
const LONGEST_MS = 3000;

/** A press of the browser's Back, and the moment it takes. */
const back = (): Promise<void> =>
  act(async () => {
    let lastMs = performance.now();
    let heard = 0;
    const hear = (): void => {
      heard += 1;
      lastMs = performance.now();
    };
    addEventListener('popstate', hear);
    const endMs = performance.now() + LONGEST_MS;
    history.back();
    while (performance.now() < endMs && (heard === 0 || performance.now() - lastMs < CALM_MS))
      await new Promise((later) => setTimeout(later, 5));
    removeEventListener('popstate', hear);
  });
const at = (): unknown => (history.state as { at?: string }).at;

beforeEach(() => {
  history.pushState({ at: 'before', key: 'a' }, '');
  history.pushState({ at: 'screen', key: 'b' }, '');
});
afterEach(cleanup);

describe('Back', () => {
  it('closes what is open, and leaves the screen only when pressed again', async () => {
    let closed = 0;
    const { result } = renderHook(() => useBackCloses(() => (closed += 1)));
    act(() => result.current(true));
    await back();
    expect(closed).toBe(1);
    expect(at()).toBe('screen');
    await back();
    expect(closed).toBe(1);
    expect(at()).toBe('before');
  });

  it('leaves at once where what was open was closed by a choice, however many lists were opened', async () => {
    let closed = 0;
    const { result } = renderHook(() => useBackCloses(() => (closed += 1)));
    for (let i = 0; i < 3; i += 1) {
      act(() => result.current(true));
      act(() => result.current(false));
    }
    // A press that leads elsewhere right after a choice finds its way.
    history.pushState({ at: 'elsewhere', key: 'c' }, '');
    await back();
    expect(at()).toBe('screen');
    await back();
    await back();
    expect(closed).toBe(0);
    expect(at()).not.toBe('screen');
  });

  it('forgets what was open when that is gone', async () => {
    let closed = 0;
    const { result, unmount } = renderHook(() => useBackCloses(() => (closed += 1)));
    act(() => result.current(true));
    unmount();
    await back();
    expect(closed).toBe(0);
  });
});

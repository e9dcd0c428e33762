import { afterEach, describe, expect, it, jest } from '@jest/globals';
import { act, cleanup, renderHook } from '@testing-library/react';
import { useWakeLock } from './useStove.js';

const release = jest.fn(() => Promise.resolve());
const request = jest.fn(() => Promise.resolve({ release } as unknown as WakeLockSentinel));

afterEach(() => {
  cleanup();
  jest.clearAllMocks();
  Reflect.deleteProperty(navigator, 'wakeLock');
});

describe('the screen at the stove', () => {
  it('stays awake while a stage runs, again when the tab comes back, and may sleep afterwards', async () => {
    Object.defineProperty(navigator, 'wakeLock', { value: { request }, configurable: true });
    const { rerender, unmount } = renderHook(({ on }) => useWakeLock(on), { initialProps: { on: false } });
    expect(request).not.toHaveBeenCalled();
    rerender({ on: true });
    expect(request).toHaveBeenCalledTimes(1);
    await act(() => Promise.resolve());
    document.dispatchEvent(new Event('visibilitychange'));
    expect(request).toHaveBeenCalledTimes(2);
    await act(() => Promise.resolve());
    rerender({ on: false });
    expect(release).toHaveBeenCalled();
    document.dispatchEvent(new Event('visibilitychange'));
    expect(request).toHaveBeenCalledTimes(2);
    unmount();
  });

  it('does without where the browser has no such thing or refuses', async () => {
    renderHook(() => useWakeLock(true));
    cleanup();
    request.mockImplementationOnce(() => Promise.reject(new Error('low battery')));
    Object.defineProperty(navigator, 'wakeLock', { value: { request }, configurable: true });
    const { unmount } = renderHook(() => useWakeLock(true));
    await act(() => Promise.resolve());
    unmount();
    expect(release).not.toHaveBeenCalled();
  });
});

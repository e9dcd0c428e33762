import { afterEach, describe, expect, it, jest } from '@jest/globals';
import { keepAwake } from './keepAwake.js';

const release = jest.fn(() => Promise.resolve());
const request = jest.fn<(what: string) => Promise<WakeLockSentinel>>(() =>
  Promise.resolve({ release } as unknown as WakeLockSentinel),
);
const canStayAwake = (): unknown =>
  Object.defineProperty(navigator, 'wakeLock', { value: { request }, configurable: true });
const comesBack = (state: DocumentVisibilityState): void => {
  Object.defineProperty(document, 'visibilityState', { value: state, configurable: true });
  document.dispatchEvent(new Event('visibilitychange'));
};
const aMoment = () => new Promise((done) => setTimeout(done, 0));

afterEach(() => {
  jest.clearAllMocks();
  Reflect.deleteProperty(navigator, 'wakeLock');
  Reflect.deleteProperty(document, 'visibilityState');
});

describe('the screen at the stove', () => {
  it('stays awake, again when the tab comes back, and may sleep afterwards', async () => {
    canStayAwake();
    const maySleep = keepAwake();
    expect(request).toHaveBeenCalledTimes(1);
    expect(request).toHaveBeenCalledWith('screen');
    comesBack('hidden');
    expect(request).toHaveBeenCalledTimes(1);
    comesBack('visible');
    expect(request).toHaveBeenCalledTimes(2);
    await aMoment();
    expect(release).not.toHaveBeenCalled();
    maySleep();
    expect(release).toHaveBeenCalledTimes(1);
    comesBack('visible');
    expect(request).toHaveBeenCalledTimes(2);
  });

  it('lets go of a lock that comes after nobody wants it any more', async () => {
    canStayAwake();
    keepAwake()();
    await aMoment();
    expect(release).toHaveBeenCalledTimes(1);
  });

  it('does without where the browser has no such thing or refuses', async () => {
    keepAwake()();
    request.mockImplementationOnce(() => Promise.reject(new Error('low battery')));
    canStayAwake();
    const maySleep = keepAwake();
    await aMoment();
    maySleep();
    expect(release).not.toHaveBeenCalled();
  });
});

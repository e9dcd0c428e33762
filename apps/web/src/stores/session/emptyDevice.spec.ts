import { afterEach, beforeEach, describe, expect, it, jest } from '@jest/globals';
import { keepText } from '../../storage/deviceStorage.js';
import { emptyWhenLetGo } from './emptyDevice.js';
import { useAccess } from './access.js';
import { useOutbox } from './pendingWrites.js';

const empty = jest.fn();
let stop: () => void;
beforeEach(() => {
  localStorage.clear();
  empty.mockClear();
  useAccess.setState({ role: 'cook' });
  useOutbox.setState({ writes: [] });
  stop = emptyWhenLetGo(empty);
});
afterEach(() => stop());

const write = { id: 'a', key: 'kitchen/bags/a', state: { kind: 'waiting' } } as never;

describe('a device that is let go', () => {
  it('forgets the household at once where nothing waits on it, and once', () => {
    keepText('hammock.wasIn', 'cook');
    useAccess.setState({ role: 'none' });
    useOutbox.setState({ writes: [] });
    expect(empty).toHaveBeenCalledTimes(1);
  });

  it('keeps what waits until it was sent or given up', () => {
    keepText('hammock.wasIn', 'cook');
    useOutbox.setState({ writes: [write] });
    useAccess.setState({ role: 'none' });
    expect(empty).not.toHaveBeenCalled();
    useOutbox.setState({ writes: [] });
    expect(empty).toHaveBeenCalledTimes(1);
  });

  it('was let in before: one that never was has nothing to forget, and this machine is no device', () => {
    useAccess.setState({ role: 'none' });
    expect(empty).not.toHaveBeenCalled();
    keepText('hammock.wasIn', 'cook');
    useAccess.setState({ role: 'here' });
    expect(empty).not.toHaveBeenCalled();
  });
});

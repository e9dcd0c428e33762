import { afterEach, beforeEach, describe, expect, it, jest } from '@jest/globals';
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import type { PendingWrite } from '../../sync/pendingWrite.js';
import { WHOLE } from '../../sync/mergeConflict.js';
import { useOutbox } from '../../stores/session/pendingWrites.js';
import { settle, silence } from '../../testing/household.js';
import { ConflictPanel } from './ConflictPanel.js';

const choose = jest.fn(() => Promise.resolve());
const tryAgain = jest.fn(() => Promise.resolve());
const dismiss = jest.fn(() => Promise.resolve());
const write = (over: Partial<PendingWrite>): PendingWrite =>
  ({ id: 'l1', label: 'Large pot', state: { kind: 'waiting' }, own: [], ...over }) as PendingWrite;

beforeEach(() => {
  silence();
  settle();
  jest.clearAllMocks();
});
afterEach(cleanup);

function show(...writes: PendingWrite[]): void {
  useOutbox.setState({ writes, choose, tryAgain, dismiss });
  render(<ConflictPanel />);
}

describe('what waits for the cook', () => {
  it('is nothing while writes are only on their way', () => {
    show(write({}));
    expect(screen.queryByRole('alert')).toBeNull();
    expect(screen.queryByTestId('clash')).toBeNull();
  });

  it('sets field beside field of a thing changed in two places, and sends what is chosen', () => {
    show(
      write({
        body: { label: 'Wide pot', diameterCm: 26 },
        state: {
          kind: 'asked',
          current: { id: 'pot-large', revision: 3, label: 'Old pot', diameterCm: 24 },
          clashes: ['label', 'diameterCm'],
        },
      }),
    );
    const rows = within(screen.getByRole('table')).getAllByRole('row');
    expect(
      rows.slice(1).map((r) =>
        within(r)
          .getAllByRole('cell')
          .map((c) => c.textContent),
      ),
    ).toEqual([
      ['Wide pot', 'Old pot'],
      ['26 cm', '24 cm'],
    ]);
    fireEvent.click(screen.getByRole('button', { name: 'Keep what is here' }));
    fireEvent.click(screen.getByRole('button', { name: 'Take what is elsewhere' }));
    expect(choose.mock.calls).toEqual([
      ['l1', 'mine'],
      ['l1', 'theirs'],
    ]);
  });

  it('names things by their names and not their ids', () => {
    show(
      write({
        label: 'Pilaf',
        body: { vesselId: 'pot-small' },
        state: { kind: 'asked', current: { vesselId: 'pot-large' }, clashes: ['vesselId'] },
      }),
    );
    expect(screen.getAllByRole('cell').map((c) => c.textContent)).toEqual(['Small pot', 'Large pot']);
  });

  it('asks whether to take it away where one side did, in words that fit the side', () => {
    const current = { label: 'Large pot' };
    show(write({ state: { kind: 'asked', current, clashes: [WHOLE] } }));
    expect(screen.getByText('It was removed here and changed on another device.')).toBeTruthy();
    expect(screen.getAllByRole('button').map((b) => b.textContent)).toEqual([
      'Remove it',
      'Take what is elsewhere',
    ]);
    expect(screen.queryByRole('table')).toBeNull();
    cleanup();
    const gone = { label: 'Large pot', deletedAtMs: 5 };
    show(write({ body: { label: 'Mine' }, state: { kind: 'asked', current: gone, clashes: [WHOLE] } }));
    expect(screen.getByText('It was changed here and removed on another device.')).toBeTruthy();
    expect(screen.getAllByRole('button').map((b) => b.textContent)).toEqual([
      'Keep what is here',
      'Let it be removed',
    ]);
  });

  it('says why the server will not have something, until it is tried again or read', () => {
    show(write({ label: 'Seed', state: { kind: 'refused', reasons: ['label: This is needed.'] } }));
    const alert = screen.getByRole('alert');
    expect(alert.textContent).toContain('Not stored: Seed. name: This is needed.');
    fireEvent.click(within(alert).getByRole('button', { name: 'Try again' }));
    expect(tryAgain.mock.calls).toEqual([['l1']]);
    expect(dismiss).not.toHaveBeenCalled();
    fireEvent.click(within(alert).getByRole('button', { name: 'Read' }));
    expect(dismiss.mock.calls).toEqual([['l1']]);
  });
});

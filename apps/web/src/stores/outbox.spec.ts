import { beforeEach, describe, expect, it } from '@jest/globals';
import { network, settle, soon } from '../testing/household.js';
import { useOutbox, watchServer } from './outbox.js';

const letter = (key: string, body: unknown = key) => ({
  key,
  method: 'PUT' as const,
  path: `/api/${key}`,
  body,
});
const box = () => useOutbox.getState();

beforeEach(() => {
  network(() => ({ status: 200 }));
  settle();
});

describe('the outbox', () => {
  it('sends in order and forgets what the server has', async () => {
    const asked = network(() => ({ status: 200, body: {} }));
    for (const key of ['a', 'b', 'c']) box().post(letter(key));
    await soon();
    expect(asked.map((r) => r.path)).toEqual(['/api/a', '/api/b', '/api/c']);
    expect(box().letters).toEqual([]);
  });

  it('keeps everything in the browser while the server is gone, the newest of each kind, and sends it later', async () => {
    network(() => 'gone');
    box().post(letter('plan', 1));
    await soon();
    box().post(letter('plan', 2));
    box().post(letter('tap', 3));
    box().post(letter('plan', 4));
    await soon();
    expect(box().reachable).toBe(false);
    // The first plan may have been on its way when the later ones came; it stays, the one between is replaced.
    const written = JSON.parse(localStorage.getItem('hammock.outbox') ?? '').state.letters;
    expect(written.map((l: { body: unknown }) => l.body)).toEqual([2, 3, 4]);
    const asked = network(() => ({ status: 200 }));
    await box().flush();
    expect(asked.map((r) => r.body)).toEqual([2, 3, 4]);
    expect(box()).toMatchObject({ letters: [], reachable: true });
  });

  it('does not lose a change made while the one before it is being sent', async () => {
    const asked = network(() => ({ status: 200 }));
    box().post(letter('plan', 1));
    box().post(letter('plan', 2));
    await soon();
    expect(asked.map((r) => r.body)).toEqual([1, 2]);
  });

  it('drops what the server refuses and says why, once', async () => {
    network((_m, path) =>
      path.endsWith('bad')
        ? {
            status: 422,
            body: { title: 'No', errors: [{ field: 'label', code: 'x', message: 'This is needed.' }] },
          }
        : { status: 200 },
    );
    box().post(letter('bad'));
    box().post(letter('good'));
    await soon();
    expect(box()).toMatchObject({ letters: [], refusals: ['label: This is needed.'] });
    box().readRefusals();
    expect(box().refusals).toEqual([]);
  });

  it.each([429, 502, 503])('tries again later when told %p', async (status) => {
    network(() => ({ status, body: { title: 'busy' } }));
    box().post(letter('a'));
    await soon();
    expect(box().letters).toHaveLength(1);
    expect(box().refusals).toEqual([]);
  });

  it('says what a server without reasons said', async () => {
    network(() => ({ status: 404 }));
    box().post(letter('a'));
    await soon();
    expect(box().refusals).toEqual(['The server said 404.']);
  });

  it('notices that the server is back, and sends', async () => {
    network(() => 'gone');
    box().post(letter('a'));
    await soon();
    network(() => ({ status: 200 }));
    const stop = watchServer();
    document.dispatchEvent(new Event('visibilitychange'));
    await soon();
    stop();
    expect(box()).toMatchObject({ letters: [], reachable: true });
  });
});

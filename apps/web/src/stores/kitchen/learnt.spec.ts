import { beforeEach, describe, expect, it } from '@jest/globals';
import type { CookRecord } from '@hammock/core/records';
import { learn, type Evidence, type Learnt } from '@hammock/core/learning';
import { network, settle, silence, soon } from '../../testing/household.js';
import type { Asked, Replied } from '../../workers/jobs.js';
import { work } from '../../workers/work.js';
import { useCooks } from '../cooks/cooks.js';
import { useDraft } from '../plan/draft.js';
import { useKitchen } from './kitchen.js';
import { askLearnt, learnHere, loadLearnt, useLearnt } from './learnt.js';
import { learntOfPlan } from '../plan/learntPlan.js';
import { emptyOutbox } from '../session/pendingWrites.js';
import { planInputOf } from '../plan/learntPlan.js';

/** A worker on this very thread. */
class Here {
  onmessage: ((event: { readonly data: Replied }) => void) | null = null;
  postMessage({ id, job }: Asked): void {
    queueMicrotask(() => this.onmessage?.({ data: { id, value: work(job) } }));
  }
}
Object.assign(globalThis, { Worker: Here });

const draft = () => useDraft.getState().draft!;
const input = () => planInputOf(draft(), useKitchen.getState());
const points = (learnt: Learnt | null | undefined): number =>
  learntOfPlan(learnt, input(), draft())?.points ?? 0;

/** What one pot of this bag said. */
const said = (): Evidence => ({
  ...{ cookId: 'a', grainId: 'basmati', method: 'coveredAbsorption', points: 1, sd: 1 },
});

/** A pot is cooked on this device and judged. */
async function judge(texture: 1 | 2 | 3 | 4 | 5, counts: 'once' | 'never' = 'once'): Promise<CookRecord> {
  const { begin } = useCooks.getState();
  begin(draft(), input());
  const cook = useCooks.getState().active!;
  useCooks.getState().judge(cook, { texture, base: 'clean', note: '', counts });
  await soon();
  return useCooks.getState().active!;
}

beforeEach(() => {
  silence();
  settle();
  localStorage.clear();
  useLearnt.setState({ heard: null, here: [], learnt: null });
});

describe('with the server away', () => {
  beforeEach(() => {
    network(() => 'gone');
  });

  it('a pot that is judged teaches this device at once: a soft one less, a firm one more', async () => {
    await judge(5);
    const soft = points(useLearnt.getState().learnt);
    expect(soft).toBeLessThan(-0.5);
    await judge(1);
    expect(points(useLearnt.getState().learnt)).toBeGreaterThan(soft);
  });

  it('what it changes can be told, and a pot judged anew counts for its last verdict, or for nothing', async () => {
    const cook = await judge(5);
    const { learnt } = useLearnt.getState();
    expect(points(await askLearnt(cook.id))).toBe(0);
    useCooks.getState().judge(cook, { texture: 4, base: 'clean', note: '' });
    await soon();
    const milder = points(useLearnt.getState().learnt);
    expect(milder).toBeGreaterThan(points(learnt));
    expect(milder).toBeLessThan(0);
    useCooks.getState().judge(cook, { texture: 4, base: 'clean', note: '', counts: 'never' });
    await soon();
    expect(points(useLearnt.getState().learnt)).toBe(0);
  });

  it('it is added to what was heard, and outlives the page', async () => {
    const cook = await judge(5);
    const said = useLearnt.getState().here[0]!;
    useLearnt.setState({ heard: learn([{ ...said, cookId: 'earlier', points: 4 }]), here: [], learnt: null });
    useCooks.getState().judge({ ...cook, outcome: null }, { texture: 5, base: 'clean', note: '' });
    await soon();
    const both = points(useLearnt.getState().learnt);
    expect(both).toBeLessThan(points(useLearnt.getState().heard));
    await useLearnt.persist.rehydrate();
    expect(points(useLearnt.getState().learnt)).toBeCloseTo(both, 9);
  });

  it('a pot the server has learnt from is left to it', async () => {
    const cook = await judge(5);
    const heard = useLearnt.getState().learnt;
    useLearnt.setState({ heard, here: [], learnt: heard });
    useCooks.getState().judge(cook, { texture: 1, base: 'clean', note: '' });
    await soon();
    expect(useLearnt.getState().learnt).toBe(heard);
  });
});

describe('when the server answers again', () => {
  it('what it has learnt takes the place of what this device thought, but for what is still on its way', async () => {
    network(() => 'gone');
    await judge(5);
    const { here } = useLearnt.getState();
    network((_method, path) => (path.startsWith('/api/learnt') ? { status: 200, body: learn([]) } : 'gone'));
    await loadLearnt();
    expect(useLearnt.getState().here).toEqual(here);
    expect(points(useLearnt.getState().learnt)).toBeLessThan(0);
    emptyOutbox();
    await loadLearnt();
    expect(useLearnt.getState()).toMatchObject({ here: [], learnt: learn([]) });
  });

  it('of two replies the one that was asked for later counts, whichever comes first', async () => {
    const earlier = learn([{ ...said(), points: 1 }]);
    const later = learn([{ ...said(), points: 2 }]);
    const waiting: ((body: Learnt) => void)[] = [];
    globalThis.fetch = () =>
      new Promise((reply) => {
        waiting.push((body) =>
          reply({ ok: true, status: 200, text: () => Promise.resolve(JSON.stringify(body)) } as Response),
        );
      });
    const both = [loadLearnt(), loadLearnt()];
    waiting[1]!(later);
    await both[1];
    waiting[0]!(earlier);
    expect(await Promise.all(both)).toEqual([false, true]);
    expect(useLearnt.getState().heard).toEqual(later);
  });

  it('what it knows already is not counted twice, however long it takes to be worked out here', async () => {
    network(() => 'gone');
    const cook = await judge(5);
    emptyOutbox();
    useLearnt.setState({ here: [] });
    network((_method, path) => (path.startsWith('/api/learnt') ? { status: 200, body: learn([]) } : 'gone'));
    await learnHere({ ...cook, outcome: { ...cook.outcome!, atMs: 1 } }, false);
    expect(useLearnt.getState()).toMatchObject({ here: [], learnt: learn([]) });
  });

  it('what an older version kept is taken up', async () => {
    const learnt = { ids: ['kind:basmati'], mean: [1], covariance: [0.5], pots: [2] };
    localStorage.setItem('hammock.learnt', JSON.stringify({ state: { learnt }, version: 1 }));
    await useLearnt.persist.rehydrate();
    expect(useLearnt.getState()).toMatchObject({ heard: learnt, learnt, here: [] });
  });
});

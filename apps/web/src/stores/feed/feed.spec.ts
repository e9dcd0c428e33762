import { beforeEach, describe, expect, it } from '@jest/globals';
import { NOTHING_LEARNT } from '@hammock/core/learning';
import { BAGS, network, settle } from '../../testing/household.js';
import { hearChanges } from './feed.js';
import { useKitchen } from '../kitchen/kitchen.js';
import { useLearnt } from '../kitchen/learnt.js';

const NOTHING = {
  bags: [],
  vessels: [],
  hobs: [],
  cups: [],
  dishes: [],
  ingredients: [],
  methods: [],
  steamTests: [],
  plans: [],
  cooks: [],
  taps: [],
};
const told = (revision: number, more = {}) => ({
  status: 200,
  body: { nowMs: Date.now(), revision, more: false, reset: false, ...NOTHING, ...more },
});

beforeEach(() => {
  network(() => 'gone');
  settle();
});

describe('what others changed', () => {
  it('is asked for once more when the server called while a reply was on its way', async () => {
    const lists = network((_m, path) => {
      if (path.startsWith('/api/changes')) return told(5);
      if (path === '/api/learnt') return { status: 200, body: NOTHING_LEARNT };
      return { status: 200, body: path.endsWith('household') ? useKitchen.getState().household : [] };
    });
    await hearChanges();
    expect(lists.map((r) => r.path)).toContain('/api/bags');

    const renamed = { ...BAGS[0]!, label: 'Theirs', revision: 7, deletedAtMs: null };
    let replies = 0;
    const asked = network((_m, path) => {
      replies += 1;
      if (replies === 1) {
        // The call comes now: this reply was written before it.
        void Promise.resolve().then(hearChanges);
        return told(6);
      }
      return path.endsWith('since=6') ? told(7, { bags: [renamed] }) : 'gone';
    });
    await hearChanges();
    expect(asked.map((r) => r.path)).toEqual(['/api/changes?since=5', '/api/changes?since=6']);
    expect(useKitchen.getState().bags.map((b) => b.label)).toContain('Theirs');
  });

  it('teaches, and is asked for until it was heard', async () => {
    const cook = { id: 'c', startedAtMs: 1, revision: 8, abandoned: false, outcome: null, label: 'P' };
    const learnt = { ids: ['kind:basmati'], mean: [1], covariance: [0.5], pots: [2] };
    let isThere = false;
    const asked = network((_m, path) => {
      if (path.startsWith('/api/learnt')) return isThere ? { status: 200, body: learnt } : 'gone';
      return path === '/api/changes?since=7' ? told(8, { cooks: [cook] }) : told(8);
    });
    await hearChanges();
    expect(useLearnt.getState().learnt).toEqual(NOTHING_LEARNT);
    isThere = true;
    await hearChanges();
    expect(useLearnt.getState().learnt).toEqual(learnt);
    await hearChanges();
    expect(asked.filter((r) => r.path === '/api/learnt')).toHaveLength(2);
  });
});

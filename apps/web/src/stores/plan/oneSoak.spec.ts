import { beforeEach, describe, expect, it } from '@jest/globals';
import { answer, soakIn } from '@hammock/core';
import { settle, silence } from '../../testing/household.js';
import { useDraft } from './draft.js';
import { useKitchen } from '../kitchen/kitchen.js';
import { planInputOf } from './learntPlan.js';

const spec = () => useDraft.getState().draft!.spec;
const stages = () => {
  const made = answer(planInputOf(useDraft.getState().draft!, useKitchen.getState()));
  if (!made.ok) throw new Error(JSON.stringify(made.error));
  return made.value.stages;
};

beforeEach(() => {
  silence();
  settle();
});

describe('the soak of a plan', () => {
  it('is one value, whether the sentence or a stage is edited', () => {
    useDraft.getState().setSpec({ soakMin: 20 });
    useDraft.getState().setSpec({
      stages: stages().map((s) => (s.act === 'soak' ? { ...s, end: { kind: 'minutes', minutes: 50 } } : s)),
    });
    expect(spec().soakMin).toBe(50);
    useDraft.getState().setSpec({ soakMin: 10 });
    expect(soakIn(spec().stages!)).toBe(10);
    useDraft.getState().setSpec({ soakMin: 0 });
    expect(soakIn(spec().stages!)).toBeUndefined();
    useDraft.getState().setSpec({ soakMin: 15 });
    expect(stages().filter((s) => s.act === 'soak')).toHaveLength(1);
    useDraft.getState().setSpec({ stages: spec().stages!.filter((s) => s.act !== 'soak') });
    expect(spec().soakMin).toBe(0);
  });

  it('done before, of which no stage tells, is not forgotten when another stage is edited', () => {
    const bare = stages().filter((s) => s.act !== 'soak');
    useDraft.getState().setSpec({ stages: bare });
    useDraft.setState({ draft: { ...useDraft.getState().draft!, spec: { ...spec(), soakMin: 300 } } });
    useDraft.getState().setSpec({ stages: bare.slice(0, -1) });
    expect(spec().soakMin).toBe(300);
  });
});

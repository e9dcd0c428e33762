import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { evidenceFromVerdict, learn, type Evidence } from '@hammock/core/learning';
import type { CookRecord } from '@hammock/core/records';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { useCooks } from '../../stores/cooks/cooks.js';
import { useDraft } from '../../stores/plan/draft.js';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { knowPot } from '../../stores/notebook/knownPot.js';
import { useLearnt } from '../../stores/kitchen/learnt.js';
import { useOutbox } from '../../stores/session/pendingWrites.js';
import { planInputOf } from '../../stores/plan/learntPlan.js';
import { network, settle, silence, soon } from '../../testing/household.js';
import { standsText, wantsText } from '../../words/notebook/learntWords.js';
import { Teaches } from './Teaches.js';

const draft = () => useDraft.getState().draft!;
const input = () => planInputOf(draft(), useKitchen.getState());

/** A judged pot of the plan, and what it says. */
function judged(texture: 2 | 3 | 4): { readonly cook: CookRecord; readonly says: Evidence } {
  useCooks.getState().begin(draft(), input());
  const cook = useCooks.getState().active!;
  useCooks.setState({ active: null });
  const { grainId } = cook.input;
  const { dishId, bagId, vesselId, hobId } = cook;
  const said = evidenceFromVerdict({ input: cook.input, pouredMl: cook.advisedMl, texture })!;
  return {
    cook: { ...cook, outcome: { texture, base: 'clean', note: '', atMs: 1, counts: 'once' } },
    says: { cookId: cook.id, grainId, method: 'coveredAbsorption', dishId, bagId, vesselId, hobId, ...said },
  };
}
const show = async (cook: CookRecord): Promise<void> => {
  render(
    <MemoryRouter>
      <Teaches cook={cook} onCounts={() => undefined} />
    </MemoryRouter>,
  );
  await act(() => soon());
};

beforeEach(() => {
  silence();
  settle();
  useLearnt.setState({ learnt: null });
});
afterEach(cleanup);

describe('what a pot teaches', () => {
  it('is said in what is poured: less after a soft one, more after a firm one', async () => {
    for (const [texture, word] of [
      [4, 'less'],
      [2, 'more'],
    ] as const) {
      const { cook, says } = judged(texture);
      useLearnt.setState({ learnt: learn([says]) });
      network(() => ({ status: 200, body: learn([]) }));
      await show(cook);
      expect(screen.getByTestId('teaches').textContent).toMatch(
        new RegExp(`^Next time .+ ${word} than without it`, 'u'),
      );
      cleanup();
    }
  });

  it('is nothing where it is not learnt from, which is a press and travels', async () => {
    const { cook } = judged(4);
    useLearnt.setState({ learnt: learn([]) });
    network(() => ({ status: 200, body: learn([]) }));
    await show(cook);
    fireEvent.click(screen.getByRole('radio', { name: 'do not learn from it' }));
    const sent = useOutbox.getState().writes.find((l) => l.key === `said/${cook.id}`);
    expect(sent?.body).toMatchObject({ outcome: { texture: 4, counts: 'never' } });
    cleanup();
    await show({ ...cook, outcome: { ...cook.outcome!, counts: 'never' } });
    expect(screen.getByTestId('teaches').textContent).toBe('Nothing: it is not learnt from.');
  });

  it('moves the next plan of the kitchen, and not one that is refused', () => {
    const { says } = judged(4);
    const learnt = learn([says]);
    const kitchen = { ...useKitchen.getState(), learnt };
    expect(planInputOf(draft(), kitchen).learntPoints).toBeLessThan(0);
    expect(planInputOf(draft(), useKitchen.getState()).learntPoints).toBeUndefined();
  });

  it('of a pot that is known is a page of its own, judged as always wanted', () => {
    useCooks.setState({ recent: [] });
    expect(knowPot(draft(), input(), 900)).toBe(true);
    const [page] = useCooks.getState().recent!;
    expect(page).toMatchObject({ pouredMl: 900, outcome: { texture: 3, counts: 'always' } });
    expect(useCooks.getState().active).toBeNull();
    const sent = useOutbox.getState().writes;
    expect(sent.map((l) => l.method)).toEqual(['PUT', 'PATCH']);
    expect(sent[1]?.body).toMatchObject({ pouredMl: 900, outcome: { counts: 'always' } });
    expect(knowPot(draft(), { ...input(), grainId: 'gravel' }, 900)).toBe(false);
  });

  it('is said in words: what the number stands on, and what a bag drinks', () => {
    expect(standsText(undefined)).toBe('what cooks usually pour');
    expect(standsText({ taste: 3 })).toBe('3 pots of yours, none of them like it');
    expect(standsText({ taste: 9, kind: 4, bag: 2, pot: 5, dish: 1 })).toBe(
      'one pot of this dish, 2 pots with this bag, 5 pots in this pot',
    );
    expect(wantsText('bag:b/basmati', { points: 1.25, sd: 0.6, pots: 4 })).toBe(
      'drinks 6 % more water than its kind, ± 3, from 4 pots',
    );
    expect(wantsText('pot:p/h', { points: 0, sd: 0.6, pots: 1 })).toBe('takes as usual, ± 3, from one pot');
  });
});

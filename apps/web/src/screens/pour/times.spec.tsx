import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { answer, type PlanInput } from '@hammock/core';
import { act, cleanup, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { planInputOf } from '../../stores/plan/learntPlan.js';
import { useDraft } from '../../stores/plan/draft.js';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { settle, silence } from '../../testing/household.js';
import { HowItIsMade } from './sentence/HowItIsMade.js';
import { howProps } from './sentence/howProps.js';

const draft = () => useDraft.getState().draft!;

async function how(change: Partial<PlanInput>): Promise<string> {
  useDraft.getState().setSpec(change);
  const { container } = render(
    <MemoryRouter>
      <HowItIsMade {...howProps(draft().spec)} roomC={20} />
    </MemoryRouter>,
  );
  await act(() => import('../../ui/controls/PickList.js'));
  return container.textContent.replace(/\s+/gu, ' ');
}

/** The covered minutes of the plan as the core has it. */
function covered(): number[] {
  const made = answer(planInputOf(draft(), useKitchen.getState()));
  if (!made.ok) throw new Error(JSON.stringify(made.error));
  return made.value.stages.flatMap((s) =>
    (s.act === 'simmer' || s.act === 'steam') && s.end.kind === 'minutes' ? [s.end.minutes] : [],
  );
}

beforeEach(() => {
  silence();
  settle();
});
afterEach(cleanup);

describe('the times that Pour says', () => {
  it('are the plan’s with a crust: longer on low', async () => {
    const text = await how({ method: 'coveredAbsorption', crust: true });
    const [minutes] = covered();
    expect(text).toContain(`covered ${minutes!} min`);
    expect(screen.getByLabelText('Minutes covered').textContent).toBe(`${minutes!} min`);
  });

  it('are both covered times of stew and steam', async () => {
    const text = await how({ method: 'stewSteam' });
    const [before, after] = covered();
    expect(text).toContain(`covered ${before!} min, turned over, ${after!} more`);
  });

  it('are the minutes in the sieve as they are, not the usual twenty', async () => {
    const text = await how({ wash: 'rinsed', drain: 'sieve', sieveMin: 7 });
    expect(text).toContain('7 min in a sieve');
    expect(text).not.toContain('20 min in a sieve');
  });
});

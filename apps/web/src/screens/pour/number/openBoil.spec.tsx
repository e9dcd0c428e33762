import { afterEach, beforeEach, expect, it } from '@jest/globals';
import { cleanup, render, screen } from '@testing-library/react';
import { useDraft } from '../../../stores/plan/draft.js';
import { useKitchen } from '../../../stores/kitchen/kitchen.js';
import { planInputOf } from '../../../stores/plan/learntPlan.js';
import { settle } from '../../../testing/household.js';
import { OpenBoil } from './OpenBoil.js';

beforeEach(settle);
afterEach(cleanup);

const input = () => {
  const { draft } = useDraft.getState();
  if (!draft) throw new Error('no draft');
  return planInputOf(draft, useKitchen.getState());
};

it('one press says how hot a pot boils open, and nothing is asked any more', () => {
  useDraft.getState().setSpec({ grainId: 'brownLong', timing: { openBoilMin: 15 } });
  const { rerender } = render(<OpenBoil input={input()} />);
  expect(screen.getByTestId('open-question').textContent).toMatch(/How hot .* counted now/u);
  screen.getByText(/^high/u).click();
  expect(useDraft.getState().draft?.spec.timing).toEqual({ openBoilMin: 15, openBoilHeat: 'high' });
  rerender(<OpenBoil input={input()} />);
  expect(screen.queryByTestId('open-question')).toBeNull();
});

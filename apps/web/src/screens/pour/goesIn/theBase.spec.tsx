import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { answer } from '@hammock/core';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { planInputOf } from '../../../stores/plan/learntPlan.js';
import { useDraft } from '../../../stores/plan/draft.js';
import { useKitchen } from '../../../stores/kitchen/kitchen.js';
import { settle, silence } from '../../../testing/household.js';
import { TheBase } from './TheBase.js';

const answered = () => {
  const made = answer(planInputOf(useDraft.getState().draft!, useKitchen.getState()));
  if (!made.ok) throw new Error(JSON.stringify(made.error));
  return made.value;
};
const shown = (): string => {
  const { spec } = useDraft.getState().draft!;
  const { container } = render(
    <TheBase base={answered().base} given={spec.base} stages={spec.stages} places="[]" problem={undefined} />,
  );
  return container.textContent.replace(/\s+/gu, ' ');
};

beforeEach(() => {
  silence();
  settle();
  useDraft.getState().setSpec({
    ingredients: [
      { ingredientId: 'tomato', amount: { g: 600 }, state: 'oilSeparated' },
      { ingredientId: 'oil', amount: { g: 60 } },
    ],
  });
});
afterEach(cleanup);

describe('a base whose minutes and look do not agree', () => {
  const timed = (minutes: number) =>
    answered().stages.map((s) =>
      s.act === 'base' ? { ...s, end: { kind: 'minutes' as const, minutes } } : s,
    );

  it('shows what each says, and goes by the look when told to', () => {
    const byLook = answered().base;
    useDraft.getState().setSpec({ stages: timed(3) });
    const byMinutes = answered().base;
    expect(byMinutes.bringsG).toBeGreaterThan(byLook.bringsG + 100);
    const text = shown();
    expect(text).toContain(`bring ${(Math.round(byLook.bringsG / 5) * 5).toString()} g`);
    expect(text).toContain(`still brings ${(Math.round(byMinutes.bringsG / 5) * 5).toString()} g`);
    fireEvent.click(screen.getByRole('button', { name: 'Go by the look' }));
    expect(answered().base).toEqual(byLook);
  });

  it('is not asked about where they do', () => {
    expect(shown()).not.toContain('said to look');
  });
});

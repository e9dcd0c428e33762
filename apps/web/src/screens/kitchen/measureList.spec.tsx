import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { settle, silence } from '../../testing/household.js';
import { MeasureList } from './MeasureList.js';

const press = (name: RegExp | string): boolean => fireEvent.click(screen.getByRole('button', { name }));

async function opened(): Promise<void> {
  render(
    <MemoryRouter>
      <MeasureList />
    </MemoryRouter>,
  );
  await act(() => import('../../ui/controls/PickList.js'));
}

beforeEach(() => {
  silence();
  settle();
});
afterEach(cleanup);

describe('cups, spoons and jugs', () => {
  it('are told apart by what they hold and how they are filled', async () => {
    await opened();
    const lines = screen.getAllByRole('listitem').map((li) => li.textContent);
    const { cups } = useKitchen.getState();
    for (const cup of cups) {
      const line = lines.find((l) => l.includes(cup.label) && l.includes(`${cup.ml.toString()} ml`));
      expect(line).toBeDefined();
      expect(line!.includes('filled to')).toBe(cup.kind === 'cup');
      expect(line!.includes('marked every')).toBe(cup.stepMl !== null);
    }
  });

  it('ask a cup what it can be filled to, and a jug how it is marked', async () => {
    await opened();
    press('Change cup');
    expect(screen.getByText('Can be filled to')).toBeTruthy();
    expect(screen.queryByText('Marked every')).toBeNull();
    fireEvent.click(screen.getByRole('checkbox', { name: '1/2' }));
    press('Keep');
    expect(useKitchen.getState().cups.find((c) => c.kind === 'cup')?.parts).not.toContain('1/2');
    press('Change jug');
    expect(screen.queryByText('Can be filled to')).toBeNull();
    const step = screen.getByRole('textbox', { name: /Marked every/u });
    fireEvent.change(step, { target: { value: '25' } });
    press('Keep');
    expect(useKitchen.getState().cups.find((c) => c.kind === 'jug')?.stepMl).toBe(25);
  });
});

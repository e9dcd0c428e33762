import { afterEach, beforeEach, describe, expect, it, jest } from '@jest/globals';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { PourScreen } from '../../screens/pour/PourScreen.js';
import { settle, silence } from '../../testing/household.js';
import { Fence } from './Fence.js';

let breaks = true;
jest.mock('../drawings/PotSection.js', () => ({
  PotSection: () => {
    if (breaks) throw new Error('no drawing');
    return <p>drawn</p>;
  },
}));

beforeEach(() => {
  silence();
  settle();
  breaks = true;
  // React says every error that a fence has stopped.
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
});
afterEach(() => {
  cleanup();
  jest.restoreAllMocks();
});

describe('a part that fails', () => {
  it('does not take the number with it, and can be hung up again', async () => {
    render(
      <MemoryRouter>
        <PourScreen />
      </MemoryRouter>,
    );
    await act(async () => {
      await Promise.all([
        import('../../screens/pour/number/theNumberPiece.js'),
        import('../../screens/pour/below.js'),
      ]);
    });
    expect(screen.getByTestId('pour-main').textContent).toMatch(/cup/u);
    expect(screen.getByText(/The drawing of the pot/u)).toBeTruthy();
    breaks = false;
    fireEvent.click(screen.getByRole('button', { name: 'Hang it up again' }));
    expect(screen.queryByText(/The drawing of the pot/u)).toBeNull();
    expect(screen.getByText('drawn')).toBeTruthy();
  });

  it('is tried again when what it is drawn from changes', () => {
    const Odd = ({ n }: { readonly n: number }) => {
      if (n === 1) throw new Error('one is too few');
      return <p>{n} of them</p>;
    };
    const at = (n: number) => (
      <Fence what="The count" of={n}>
        <Odd n={n} />
      </Fence>
    );
    const { rerender } = render(at(1));
    expect(screen.getByRole('alert').textContent).toContain('The count slipped its rope');
    rerender(at(2));
    expect(screen.getByText('2 of them')).toBeTruthy();
  });
});

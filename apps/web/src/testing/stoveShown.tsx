import { act, fireEvent, render, screen } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { InstrumentsPassedIn, type Instruments } from '../instruments/instruments.js';
import { soon } from './household.js';
import { QUIET } from './quiet.js';

/** A screen as it is once what it asked for has come, with instruments that make no sound. */
export async function shown(what: ReactNode, instruments: Instruments = QUIET): Promise<void> {
  render(
    <InstrumentsPassedIn value={instruments}>
      <MemoryRouter>{what}</MemoryRouter>
    </InstrumentsPassedIn>,
  );
  await act(() => soon());
}

/** A press on a button, and what comes of it. */
export async function pressed(name: RegExp | string): Promise<void> {
  fireEvent.click(screen.getByRole('button', { name }));
  await act(() => soon());
}

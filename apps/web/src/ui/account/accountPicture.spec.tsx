import { afterEach, beforeEach, expect, it } from '@jest/globals';
import { act, cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { answer } from '@hammock/core';
import { AccountPicture } from './AccountPicture.js';

const made = answer({ grainId: 'basmati', grain: { g: 300 }, vessel: { diameterCm: 20, volumeMl: 3000 } });
if (!made.ok) throw new Error(JSON.stringify(made.error));
const found = made.value;

beforeEach(() => {
  history.pushState({ at: 'screen', key: 'a' }, '');
});
afterEach(cleanup);

it('Back closes the figures of a bar and stays on the page', async () => {
  render(<AccountPicture answer={found} measures={[]} />);
  fireEvent.click(screen.getByRole('button', { name: /rice drinks|grain drinks|absorbed|drinks/iu }));
  await screen.findByRole('dialog');
  act(() => {
    history.back();
  });
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  expect((history.state as { at?: string }).at).toBe('screen');
});

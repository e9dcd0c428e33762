import { afterEach, describe, expect, it } from '@jest/globals';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter, useLocation } from 'react-router';
import { useShortcuts } from './useShortcuts.js';

afterEach(cleanup);

function Here() {
  useShortcuts();
  const { pathname } = useLocation();
  return (
    <>
      <p data-testid="here">{pathname}</p>
      <input aria-label="field" />
      <input type="checkbox" aria-label="box" />
      {pathname === '/' && <button data-key="cook">cook</button>}
    </>
  );
}
const here = (): string => screen.getByTestId('here').textContent;
const type = (keys: string, at: Element = document.body, more: object = {}): void => {
  for (const key of keys) fireEvent.keyDown(at, { key, ...more });
};

describe('keys of our own', () => {
  it.each([
    ['gs', '/stove'],
    ['gn', '/notebook'],
    ['gd', '/dishes'],
    ['gk', '/kitchen'],
    ['gt', '/method'],
    ['gw', '/kitchen/water-test'],
    ['ga', '/'],
    ['?', '/help'],
    ['s', '/start'],
    ['gxs', '/start'],
  ])('%s leads to %s', (keys, to) => {
    render(
      <MemoryRouter initialEntries={['/start']}>
        <Here />
      </MemoryRouter>,
    );
    type(keys);
    expect(here()).toBe(to);
  });

  it('lead to a thing of a screen, once it is there', async () => {
    render(
      <MemoryRouter initialEntries={['/start']}>
        <Here />
      </MemoryRouter>,
    );
    type('gc');
    await waitFor(() => expect(document.activeElement?.textContent).toBe('cook'));
  });

  it('mean letters where something is typed, and nothing with the keys of browser and reader', () => {
    render(
      <MemoryRouter initialEntries={['/start']}>
        <Here />
      </MemoryRouter>,
    );
    type('gs?', screen.getByRole('textbox'));
    for (const held of ['ctrlKey', 'metaKey', 'altKey']) type('gs?', document.body, { [held]: true });
    expect(here()).toBe('/start');
    type('gp', screen.getByRole('checkbox'));
    expect(here()).toBe('/');
  });
});

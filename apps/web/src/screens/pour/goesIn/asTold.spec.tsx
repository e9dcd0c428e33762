import { afterEach, beforeEach, describe, expect, it, jest } from '@jest/globals';
import { LONGEST_TOLD } from '@hammock/core';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { useDraft } from '../../../stores/plan/draft.js';
import { loadCore } from '../../../stores/plan/core.js';
import { settle, silence, soon } from '../../../testing/household.js';
import { TELLINGS, told } from '../../../testing/tellings.js';
import { TakeAlong } from '../../../ui/sections/TakeAlong.js';
import { WhatGoesIn } from './WhatGoesIn.js';

const TEXT = '2 cups long grain rice\n1 onion\n2 tbsp oil\nFry the onion golden. Lid on, low, 15 minutes.';

beforeEach(async () => {
  silence();
  settle();
  await loadCore();
});
afterEach(cleanup);

describe('a dish as it was told', () => {
  it('is kept with the dish, word by word, and only where it is one', () => {
    for (const text of TELLINGS.slice(0, 3)) expect(told(text).made.spec.told).toBe(text);
    expect(told('1 onion').made.spec.told).toBeUndefined();
    const long = `${TEXT}\n${'It is as it was. '.repeat(LONGEST_TOLD / 16)}`;
    const { made } = told(long);
    expect(made.spec.grainId).toBe('longGrainWhite');
    expect(made.spec.told).toBeUndefined();
  });

  it('is read back by a press, and takes the place of what stands there when it is put in again', async () => {
    useDraft.getState().setSpec({ told: TEXT });
    render(
      <MemoryRouter>
        <WhatGoesIn
          ingredients={[]}
          pourWith={undefined}
          pourMost={undefined}
          thenWith={undefined}
          laterShare={undefined}
          sauceLeftG={undefined}
          places="[]"
          problems=""
        />
      </MemoryRouter>,
    );
    fireEvent.click(screen.getByRole('button', { name: 'see it as it was told' }));
    await act(soon);
    const box = await screen.findByRole('textbox', { name: /A line for each thing/u }, { timeout: 20_000 });
    expect((box as HTMLTextAreaElement).value).toBe(TEXT);
    expect(screen.getByRole('list', { name: 'As understood' }).children.length).toBeGreaterThan(3);
    expect(screen.queryByRole('button', { name: 'see it as it was told' })).toBeNull();
  });

  it('is printed in its own words', () => {
    const print = jest.spyOn(globalThis, 'print').mockImplementation(() => {
      expect(document.querySelector('.sheet')!.textContent).toContain('Fry the onion golden.');
    });
    const sheet = { heading: 'Pot', goesIn: ['rice'], pour: 'Pour 500 ml', stages: ['Boil'] };
    const input = {
      grainId: 'longGrainWhite',
      grain: { g: 300 },
      vessel: { diameterCm: 20, volumeMl: 3000 },
    };
    render(
      <TakeAlong
        sheet={sheet as never}
        plan={{ label: 'Pot', input: { ...input, told: TEXT } }}
        stages={[]}
      />,
    );
    fireEvent.click(screen.getByText('Print it as it was told'));
    expect(print).toHaveBeenCalledTimes(1);
    print.mockImplementation(() => {
      expect(document.querySelector('.sheet')!.textContent).toContain('Pour 500 ml');
    });
    fireEvent.click(screen.getByText('Print a sheet'));
    expect(print).toHaveBeenCalledTimes(2);
    print.mockRestore();
  });
});

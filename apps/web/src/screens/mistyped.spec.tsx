import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { act, cleanup, render, screen, within } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { useDraft } from '../stores/plan/draft.js';
import { loadCore } from '../stores/plan/core.js';
import { useLastGood } from '../stores/plan/lastGood.js';
import { settle, silence } from '../testing/household.js';
import { CompareScreen } from './compare/CompareScreen.js';
import { CourseScreen } from './course/CourseScreen.js';
import { MethodScreen } from './method/MethodScreen.js';
import { PourScreen } from './pour/PourScreen.js';
import { WhatIfScreen } from './whatif/WhatIfScreen.js';

/** A worker that never answers: what is simulated is not what is asked here. */
class Silent {
  postMessage(): void {
    // Nothing comes back.
  }
  terminate(): void {
    // It was never at work.
  }
}
Object.assign(globalThis, { Worker: Silent });

async function show(path: string): Promise<void> {
  render(
    <MemoryRouter initialEntries={[path]}>
      <Routes>
        <Route path="/" element={<PourScreen />} />
        <Route path="method" element={<MethodScreen />} />
        <Route path="compare" element={<CompareScreen />} />
        <Route path="course" element={<CourseScreen />} />
        <Route path="what-if" element={<WhatIfScreen />} />
      </Routes>
    </MemoryRouter>,
  );
  await act(async () => {
    await Promise.all([
      loadCore(),
      import('../ui/controls/PickList.js'),
      import('../ui/controls/SearchList.js'),
    ]);
  });
}

beforeEach(() => {
  silence();
  settle();
});
afterEach(cleanup);

describe('an amount that cannot be read', () => {
  it.each(['/method', '/compare', '/course', '/what-if'])(
    'leaves %s with the plan before it, says what is wrong and leads there',
    async (path) => {
      useLastGood.setState({ good: null });
      await show('/');
      cleanup();
      useDraft.getState().setGrain({ text: 'a lot' });
      await show(path);
      const alert = await screen.findByRole('alert');
      expect(alert.textContent).toMatch(/^Amount of grain: "lot" is not a measure/u);
      expect(alert.textContent).toContain('as it was before');
      expect(within(alert).getByRole('link').getAttribute('href')).toBe('/');
      if (path === '/method') expect(screen.getAllByRole('listitem').length).toBeGreaterThan(2);
      if (path === '/compare') expect(screen.getAllByTestId('side-pour')).toHaveLength(2);
    },
  );

  it('does not make the stages anew where there never was a plan that could be read', async () => {
    useLastGood.setState({ good: null });
    useDraft.getState().setGrain({ text: 'a lot' });
    await show('/method');
    expect(screen.queryByRole('button', { name: 'Begin with a stage' })).toBeNull();
    expect(useDraft.getState().draft?.spec.stages).toBeUndefined();
  });
});

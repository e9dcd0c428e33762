import { afterEach, beforeEach, describe, expect, it, jest } from '@jest/globals';
import { completePlan, courseOf, plannedMin, stagesWith } from '@hammock/core';
import { act, cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { useCooks } from '../stores/cooks/cooks.js';
import { planInputOf } from '../stores/plan/learntPlan.js';
import { useDraft } from '../stores/plan/draft.js';
import { useKitchen } from '../stores/kitchen/kitchen.js';
import { DRAWS, useOdds } from '../stores/plan/odds.js';
import { settle, silence } from '../testing/household.js';
import type { Asked, Replied } from '../workers/jobs.js';
import type { WorkerLike } from '../workers/pool.js';
import { work } from '../workers/work.js';
import { changeText, troubleText } from '../words/stove/potWords.js';
import { momentAt, thinned } from './course/moment.js';
import { CourseScreen } from './course/CourseScreen.js';
import { PourScreen } from './pour/PourScreen.js';
import { StoveScreen } from './stove/StoveScreen.js';
import { inputOf, othersFor } from './compare/others.js';
import { variationsOf } from './whatif/variations.js';
import { WhatIfScreen } from './whatif/WhatIfScreen.js';

/** A worker on this thread: the screens are what is tested here; real workers run in the browser tests. */
class Bench implements WorkerLike {
  onmessage: WorkerLike['onmessage'] = null;
  onerror: WorkerLike['onerror'] = null;
  postMessage({ id, job }: Partial<Asked>): void {
    // The stove's ticker is a worker too; it is told a time, not a job.
    if (!job || id === undefined) return;
    setTimeout(() => {
      act(() => this.onmessage?.({ data: { id, value: work(job) } } as MessageEvent<Replied>));
    }, 0);
  }
  addEventListener(): void {
    // Nothing rings here.
  }
  terminate(): void {
    this.onmessage = null;
  }
}
Object.assign(globalThis, { Worker: Bench });

const show = async (path: string): Promise<void> => {
  render(
    <MemoryRouter initialEntries={[path]}>
      <Routes>
        <Route path="/" element={<PourScreen />} />
        <Route path="/course" element={<CourseScreen />} />
        <Route path="/what-if" element={<WhatIfScreen />} />
        <Route path="/stove" element={<StoveScreen />} />
      </Routes>
    </MemoryRouter>,
  );
  await act(async () => {
    await Promise.all([
      import('./pour/below.js'),
      import('./pour/odds/OddsPanel.js'),
      import('../ui/controls/PickList.js'),
      import('../ui/controls/SearchList.js'),
    ]);
  });
};
jest.setTimeout(40_000);

const spec = () => useDraft.getState().draft!.spec;
const WAIT = { timeout: 15_000 };
const plan = () => {
  const made = completePlan(planInputOf(useDraft.getState().draft!, useKitchen.getState()));
  if (!made.ok) throw new Error('the draft is a plan');
  return made.value;
};

beforeEach(() => {
  silence();
  settle();
  Object.defineProperty(window, 'matchMedia', {
    value: () => ({ matches: true, addEventListener: () => undefined, removeEventListener: () => undefined }),
    configurable: true,
  });
  useOdds.setState({ odds: undefined, of: undefined, progress: undefined, problem: undefined });
  // Two hundred kitchens are enough to see the panel at work.
  Object.assign(DRAWS, { first: 60, all: 60, refineAfterMs: 0 });
});
afterEach(() => {
  useOdds.getState().stop();
  cleanup();
});

describe('Course', () => {
  it('shows the pot at a minute, moves with the keys, and says how it comes out', async () => {
    await show('/course');
    await waitFor(() => screen.getByTestId('course-texture'), WAIT);
    expect(screen.getByTestId('course-texture').textContent).toBe('fluffy and separate');
    expect(screen.getByTestId('course-minute').textContent).toMatch(/^8\s*min$/u);
    fireEvent.keyDown(screen.getByRole('slider', { name: 'Minute' }), { key: 'ArrowRight' });
    expect(screen.getByTestId('course-minute').textContent).toMatch(/^9/u);
    expect(screen.getByRole('img', { name: /The pot in section at minute 9/u })).toBeTruthy();
    const table = screen.getByText('The same as a table');
    fireEvent.click(table);
    expect(within(screen.getByRole('table')).getAllByRole('row').length).toBeGreaterThan(8);
  });

  it('holds the pour while a stage is stretched, and the end changes', async () => {
    await show('/course');
    const simmer = await screen.findByRole('slider', { name: 'Minutes of Simmer' }, WAIT);
    const before = Number(simmer.getAttribute('aria-valuenow'));
    for (let i = 0; i < 4; i += 1)
      fireEvent.keyDown(screen.getByRole('slider', { name: 'Minutes of Simmer' }), {
        key: 'PageUp',
      });
    const stretched = spec().stages?.find((s) => s.id === 'simmer');
    expect(stretched?.end).toEqual({ kind: 'minutes', minutes: before + 20 });
    await waitFor(
      () => expect(screen.getByTestId('course-texture').textContent).not.toBe('fluffy and separate'),
      WAIT,
    );
    fireEvent.click(screen.getByRole('button', { name: 'Pour that' }));
    await waitFor(
      () => expect(screen.getByTestId('course-texture').textContent).toBe('fluffy and separate'),
      WAIT,
    );
  });

  it('names what goes wrong and does what would avoid it', async () => {
    const stages = plan().stages.map((s) => (s.act === 'simmer' ? { ...s, heat: 'high' as const } : s));
    act(() => useDraft.getState().setSpec({ stages }));
    await show('/course');
    await screen.findByText('It catches at the bottom.', {}, WAIT);
    fireEvent.click(screen.getAllByRole('button', { name: /heat in “Simmer”/u })[0]!);
    expect(spec().stages?.find((s) => s.act === 'simmer')?.heat).not.toBe('high');
  });
});

describe('the odds on Pour', () => {
  it('say how likely it is, follow the slider, and lean the pour', async () => {
    await show('/');
    await waitFor(() => screen.getByTestId('odds-wanted'), WAIT);
    const slider = screen.getByRole('slider', { name: 'Try another pour' });
    expect(slider.getAttribute('aria-valuetext')).toMatch(/ml: \d+ hard, \d+ right, \d+ mush of 100/u);
    expect(screen.getByText(/come out hard/u)).toBeTruthy();
    fireEvent.keyDown(slider, { key: 'Home' });
    // Looked at and not taken: that is a tap of its own.
    expect(spec().leanMl).toBeUndefined();
    fireEvent.click(screen.getByRole('button', { name: /^Leave it at/u }));
    expect(screen.queryByRole('button', { name: /^Leave it at/u })).toBeNull();
    fireEvent.keyDown(slider, { key: 'Home' });
    fireEvent.click(screen.getByRole('button', { name: /^Pour \d+ ml$/u }));
    expect(spec().leanMl).toBeLessThan(-20);
    await screen.findByText(/less than is worked out/u);
    fireEvent.click(screen.getByRole('button', { name: /Back to \d+ ml/u }));
    expect(spec().leanMl).toBeUndefined();
  });

  it('offer the measurement worth making, and take it in place', async () => {
    // How far a stew is down is what is known least about its pot.
    const stew = [
      { ingredientId: 'tomatoChopped', amount: { g: 800 }, state: 'oilSeparated' as const },
      { ingredientId: 'oil', amount: { g: 60 } },
    ];
    act(() => useDraft.getState().setSpec({ ingredients: stew }));
    await show('/');
    const scale = await screen.findByRole('textbox', { name: 'On the scale g' }, WAIT);
    expect(screen.getByText(/Weigh the base: \d+ in 100 come out right, not \d+/u)).toBeTruthy();
    fireEvent.change(scale, { target: { value: '462' } });
    fireEvent.click(screen.getByRole('button', { name: 'Use it' }));
    expect(spec().base).toEqual({ weighsG: 462 });
  });

  it('can be stopped, and keep the last answer', async () => {
    Object.assign(DRAWS, { first: 60, all: 4000 });
    await show('/');
    await waitFor(() => screen.getByTestId('odds-wanted'), WAIT);
    fireEvent.click(await screen.findByRole('button', { name: 'Stop' }, WAIT));
    expect(useOdds.getState().progress).toBeUndefined();
    expect(screen.getByTestId('odds-wanted')).toBeTruthy();
  });
});

describe('the odds at the stove', () => {
  it('say what to keep hot where the liquid goes in, and when to look and for what under the lid', async () => {
    const draft = useDraft.getState().draft!;
    useCooks.getState().begin(draft, planInputOf(draft, useKitchen.getState()));
    const { stages } = useCooks.getState().active!.answer;
    const done = (until: string): void => {
      for (const s of stages.slice(
        0,
        stages.findIndex((x) => x.act === until),
      ))
        useCooks.getState().tap('done', s.id);
    };
    done('boil');
    await show('/stove');
    await screen.findByText(/more hot in a pan\./u, {}, WAIT);
    act(() => useCooks.getState().tap('done', 'boil'));
    const first = await screen.findByText(/^If you look at \d+ min:$/u, {}, WAIT);
    expect(first.parentElement!.textContent).toMatch(
      /^If you look at \d+ min: .+\. At the end: .+\. Dry already\? Sprinkle in .+ of the hot liquid\. Still wet\? Give it \d+ min more\.$/u,
    );
    act(() => useCooks.getState().giveUp());
  });
});

describe('What if', () => {
  it('sets the plan beside itself with one thing changed, in words', async () => {
    await show('/what-if');
    await waitFor(() => screen.getByTestId('difference'), WAIT);
    expect(screen.getByTestId('difference').textContent).toMatch(/^With the lid left off/u);
    const rows = within(screen.getByRole('table')).getAllByRole('row');
    expect(rows[1]?.textContent).toContain('the same');
    fireEvent.click(screen.getByRole('radio', { name: /as it would need/u }));
    await waitFor(
      () =>
        expect(within(screen.getByRole('table')).getAllByRole('row')[1]?.textContent).not.toContain(
          'the same',
        ),
      WAIT,
    );
  });

  it('has every variation that this plan allows, and each makes a plan', () => {
    const { draft } = useDraft.getState();
    const kitchen = useKitchen.getState();
    const made = variationsOf(planInputOf(draft!, kitchen), draft!, kitchen);
    expect(made.map((v) => v.value)).toEqual(
      expect.arrayContaining(['lid/off', 'heat/medium', 'rest/none', 'soak', 'toast', 'altitude', 'batch']),
    );
    for (const v of made) expect(completePlan(v.make()!).ok).toBe(true);
  });

  it('changes what it says and nothing else', () => {
    const { draft } = useDraft.getState();
    const kitchen = useKitchen.getState();
    const input = planInputOf(draft!, kitchen);
    const read = (given: Parameters<typeof completePlan>[0]) => {
      const done = completePlan(given);
      if (!done.ok) throw new Error(JSON.stringify(done.error));
      return done.value;
    };
    const before = read(input);
    const after = (value: string) =>
      read(
        variationsOf(input, draft!, kitchen)
          .find((v) => v.value === value)!
          .make()!,
      );
    const under = (plan: typeof before) => plan.stages.filter((s) => s.act === 'simmer' || s.act === 'steam');
    const minutes = (plan: typeof before): number => under(plan).reduce((sum, s) => sum + plannedMin(s), 0);
    const count = under(before).length;
    expect(count).toBeGreaterThan(0);
    for (const s of under(after('lid/off'))) expect(s.lid).toBe('off');
    for (const s of under(after('lid/cloth'))) expect(s.lid).toBe('cloth');
    for (const s of under(after('heat/medium'))) expect(s.heat).toBe('medium');
    for (const s of under(after('heat/veryLow'))) expect(s.heat).toBe('veryLow');
    for (const s of under(after('heat/spreader'))) expect(s.spreader).toBe(true);
    // The rest of the stages are as they were.
    const others = (plan: typeof before) =>
      plan.stages.filter((s) => s.act !== 'simmer' && s.act !== 'steam');
    expect(others(after('lid/off'))).toEqual(others(before));
    expect(minutes(after('time/longer'))).toBeCloseTo(minutes(before) + 10 * count, 6);
    expect(minutes(after('time/shorter'))).toBeCloseTo(minutes(before) - 5 * count, 6);
    expect(before.stages.some((s) => s.act === 'rest')).toBe(true);
    expect(after('rest/none').stages.some((s) => s.act === 'rest')).toBe(false);
    expect(before.soakMin).toBe(0);
    expect(after('soak').soakMin).toBe(30);
    expect(after('altitude').altitudeM).toBe(2000);
    const [twice, onion] = [after('batch'), before.ingredients[0]!];
    expect(twice.grainG).toBeCloseTo(2 * before.grainG, 6);
    expect(twice.ingredients[0]!.g).toBeCloseTo(2 * onion.g, 6);
    expect(twice.portions).toBe(2 * before.portions);
    const small = after('vessel/pot-small');
    expect(small.vessel.diameterCm).toBe(18);
    expect(small.grainG).toBe(before.grainG);
  });

  it('offers to leave out a soak that is there', () => {
    useDraft.getState().setSpec({ wash: 'rinsed', soakMin: 20 }, []);
    const { draft } = useDraft.getState();
    const kitchen = useKitchen.getState();
    const soak = variationsOf(planInputOf(draft!, kitchen), draft!, kitchen).find((v) => v.value === 'soak')!;
    expect(soak.label).toBe('no soak');
    expect(soak.make()!.soakMin).toBe(0);
  });

  it('can be set beside every other way, each of which is what it is called', () => {
    const { draft } = useDraft.getState();
    const kitchen = useKitchen.getState();
    const all = othersFor(draft!, kitchen).map((o) => o.value);
    expect(all).not.toContain('method/coveredAbsorption');
    expect(all).not.toContain('vessel/pot-large');
    expect(all).not.toContain('dish/dish-pilaf');
    const made = (value: string) => {
      expect(all).toContain(value);
      return inputOf(value, draft!, kitchen);
    };
    expect(made('method/boilDown').method).toBe('boilDown');
    expect(made('rule/oneToTwo').holdTo).toBe('oneToTwo');
    expect(made('vessel/pot-small').vessel.diameterCm).toBe(18);
    expect(made('dish/dish-coconut').grainId).toBe('jasmine');
    expect(made('times/2').grain).toEqual({ g: 680 });
    expect(made('times/0.5').grain).toEqual({ g: 170 });
    expect(made('soak/30').soakMin).toBe(30);
    expect(made('soak/0').soakMin).toBe(0);
    expect(made('texture/5').texture).toBe(5);
  });
});

describe('words and moments', () => {
  it('put every change into words, and every change of a stage into the stages', () => {
    const { stages } = plan();
    const id = 'simmer';
    const changes = [
      { code: 'longer', stageId: id, minutes: 5 },
      { code: 'shorter', stageId: id, minutes: 5 },
      { code: 'heat', stageId: id, heat: 'veryLow' },
      { code: 'cloth', stageId: id },
      { code: 'spreader', stageId: id },
      { code: 'rest', minutes: 12 },
      { code: 'noTurn', stageId: id },
    ] as const;
    for (const change of changes) {
      expect(changeText(change, stages, () => '').length).toBeGreaterThan(5);
      const next = stagesWith(change, stages)!;
      expect(next).not.toEqual(stages);
    }
    expect(stagesWith({ code: 'pour', waterG: 3 }, stages)).toBeUndefined();
    expect(changeText({ code: 'pour', waterG: 300 }, stages, (g) => `${g.toString()} ml`)).toBe(
      '300 ml poured',
    );
    expect(changeText({ code: 'largerPot', volumeMl: 6000 }, stages, () => '')).toBe('a pot of 6.0 litres');
  });

  it('read a course between its rows and thin it', () => {
    const course = courseOf(plan(), 700);
    const at = momentAt(course, 3.3);
    expect(at.tempC).toBeGreaterThan(20);
    expect(momentAt(course, -5).steamG).toBe(0);
    expect(momentAt(course, 1e6).steamG).toBe(course.series.steamG.at(-1));
    expect(thinned(course.series, 2).length).toBeLessThan(course.minutes);
    const dry = courseOf(plan(), 0);
    for (const t of dry.troubles) expect(troubleText(t, plan().stages).why).toMatch(/^From minute/u);
  });
});

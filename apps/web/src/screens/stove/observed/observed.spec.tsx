import { afterEach, beforeEach, describe, expect, it, jest } from '@jest/globals';
import { plannedMin } from '@hammock/core';
import { act, cleanup, fireEvent, screen, within } from '@testing-library/react';
import { useCooks } from '../../../stores/cooks/cooks.js';
import { useDraft } from '../../../stores/plan/draft.js';
import { useKitchen } from '../../../stores/kitchen/kitchen.js';
import { useOutbox } from '../../../stores/session/pendingWrites.js';
import { planInputOf } from '../../../stores/plan/learntPlan.js';
import { setKept } from '../../../stores/session/persisted.js';
import { settle, silence } from '../../../testing/household.js';
import { QUIET } from '../../../testing/quiet.js';
import { pressed, shown } from '../../../testing/stoveShown.js';
import type { Asked, Replied } from '../../../workers/jobs.js';
import type { WorkerLike } from '../../../workers/pool.js';
import { work } from '../../../workers/work.js';
import { StoveScreen } from '../StoveScreen.js';

/** A worker in the same thread. */
class Bench implements WorkerLike {
  onmessage: WorkerLike['onmessage'] = null;
  onerror: WorkerLike['onerror'] = null;
  postMessage({ id, job }: Asked): void {
    const value = work(job);
    queueMicrotask(() => this.onmessage?.({ data: { id, value } } as MessageEvent<Replied>));
  }
  terminate(): void {
    this.onmessage = null;
  }
}
Object.assign(globalThis, { Worker: Bench });

const speak = jest.fn();
const instruments = { ...QUIET, speak };

function cook(): void {
  const draft = useDraft.getState().draft!;
  useCooks.getState().begin(draft, planInputOf(draft, useKitchen.getState()));
}
const at = (act: string): void => {
  for (const stage of useCooks.getState().active!.answer.stages) {
    if (stage.act === act) return;
    useCooks.getState().tap('done', stage.id);
  }
};
/** The same taps as if each stage had taken its time. */
const tookTheirTime = (): void => {
  const { active } = useCooks.getState();
  const minutes = active!.answer.stages.map((s) => plannedMin(s));
  const all = minutes.slice(0, active!.events!.length).reduce((a, b) => a + b, 0);
  let gone = 0;
  const events = active!.events!.map((e, i) => {
    gone += minutes[i]!;
    return { ...e, atMs: e.atMs - (all - gone) * 60_000 };
  });
  // The first is started, as on any stove, when it is begun.
  const first = events[0]!;
  const start = { ...first, id: 'start', kind: 'start' as const, atMs: first.atMs - minutes[0]! * 60_000 };
  useCooks.setState({ active: { ...active!, events: [start, ...events.map((e) => ({ ...e }))] } });
};
const show = (): Promise<void> => shown(<StoveScreen />, instruments);
const events = () => useCooks.getState().active!.events!;

beforeEach(() => {
  silence();
  settle();
  cook();
});
afterEach(cleanup);

describe('what is said of the pot', () => {
  it('has its place once there is liquid, and is one tap and a second', async () => {
    await show();
    expect(screen.queryByText('Say what you see')).toBeNull();
    act(() => at('simmer'));
    await pressed(/^Looked/u);
    const looks = within(screen.getByRole('group', { name: 'Looked' })).getAllByRole('button');
    expect(looks.map((b) => b.textContent)).toEqual(['a soup', 'just over it', 'level', 'holes', 'dry']);
    await pressed('level');
    expect(events().at(-1)).toMatchObject({ kind: 'looked', said: 'level', stageId: 'simmer' });
    expect(screen.queryByRole('group', { name: 'Looked' })).toBeNull();
    expect(screen.getByTestId('said').textContent).toBe('Looked: level');
    const sent = useOutbox.getState().writes.map((l) => l.body);
    expect(sent).toContainEqual(expect.objectContaining({ kind: 'looked', said: 'level' }));
    await pressed('Undo');
    expect(screen.queryByTestId('said')).toBeNull();
    expect(screen.queryByTestId('advice')).toBeNull();
  });

  it('is answered by an act with its amount, which one press does and writes down', async () => {
    at('rest');
    tookTheirTime();
    await show();
    await pressed(/^Tasted/u);
    await pressed('hard');
    const advice = screen.getByTestId('advice');
    expect(advice.textContent).toMatch(/(?:hot round the edge|Back on low), lid on, \d+ min/u);
    const [, alone, then] = /Left alone (\d+) in 100.*; with this (\d+)/u.exec(advice.textContent)!;
    expect(Number(then)).toBeGreaterThan(Number(alone) + 5);
    await pressed('I do that now');
    expect(events().find((e) => e.kind === 'heat')).toMatchObject({ said: 'low' });
  });

  it('says what is out of range at its field, and takes notes', async () => {
    at('simmer');
    await show();
    await pressed('More …');
    await pressed(/^Reads/u);
    fireEvent.change(screen.getByRole('textbox', { name: /Reads/u }), { target: { value: '999' } });
    expect(screen.getByRole('alert').textContent).toBe('From 0 to 250 °C.');
    fireEvent.change(screen.getByRole('textbox', { name: /Reads/u }), { target: { value: '98' } });
    await pressed('So much');
    expect(events().at(-1)).toMatchObject({ kind: 'reads', amount: 98 });
    await pressed('More …');
    await pressed(/^Note/u);
    fireEvent.change(screen.getByRole('textbox', { name: 'Something else' }), {
      target: { value: 'smells of the sea' },
    });
    await pressed('Write it down');
    expect(screen.getByTestId('said').textContent).toBe('Reads 98 °C · smells of the sea');
    await pressed('More …');
    await pressed('Stirred');
    expect(events().at(-1)).toMatchObject({ kind: 'stirred' });
  });
});

describe('the stove', () => {
  it('sets the clock on and back, and says when it is on the table beside when it was wanted', async () => {
    act(() => setKept('eat.at', '12:00'));
    at('simmer');
    await show();
    const clock = (): number => {
      const [m = 0, s = 0] = screen.getByTestId('clock').textContent.split(':').map(Number);
      return 60 * m + s;
    };
    const before = clock();
    await pressed('More …');
    await pressed('Minutes …');
    await pressed('−2 min');
    expect(before - clock()).toBeGreaterThanOrEqual(120);
    expect(before - clock()).toBeLessThan(125);
    expect(screen.getByTestId('table-time').textContent).toMatch(
      /on the table about \d\d:\d\d.*(?:later|earlier) than you wanted|as you wanted/u,
    );
  });

  it('reads out what is to be done, in the words that are shown', async () => {
    at('simmer');
    await show();
    await pressed('Read it out');
    expect(speak).toHaveBeenCalledTimes(1);
    const [[spoken]] = speak.mock.calls as [[string]];
    expect(spoken).toContain('Look for:');
    for (const sentence of spoken.split('. ').slice(0, 2))
      expect(document.body.textContent).toContain(sentence.replace(/\.$/u, ''));
  });

  it('says a caution at its act until it was seen, and those of the table when the pot is opened', async () => {
    useCooks.setState({ active: null });
    useDraft.getState().setSpec({
      ingredients: [
        { ingredientId: 'onion', amount: { count: 1 } },
        { ingredientId: 'oil', amount: { g: 30 } },
      ],
    });
    cook();
    await show();
    const care = () => screen.queryByRole('region', { name: 'Take care' });
    expect(care()!.textContent).toContain('Hot fat burns and spits');
    await pressed('Seen');
    expect(care()).toBeNull();
    act(() => at('simmer'));
    expect(care()).toBeNull();
    act(() => at('nothing'));
    expect(care()!.textContent).toContain('Leftovers');
  });
});

describe('the line of stages, on the way', () => {
  const names = () =>
    within(screen.getByRole('list', { name: 'Stages' }))
      .getAllByRole('listitem')
      .map((li) => li.textContent.replace('…', ''));

  it('takes a stage in, sets a ring ahead, leaves one out, and goes back, each to be undone', async () => {
    at('simmer');
    await show();
    const before = names();
    await pressed('Change Simmer');
    await pressed('Put a stage after it …');
    await pressed('Boil open');
    await pressed('5 min');
    expect(names()).toHaveLength(before.length + 1);
    expect(names()[before.findIndex((n) => n.startsWith('Simmer')) + 1]).toBe('Boil open5 min');
    await pressed('Undo');
    expect(names()).toEqual(before);
    await pressed('Change Rest');
    await pressed('Leave it out');
    expect(names().at(-1)).toContain('left out');
    await pressed('Undo');
    await pressed('Change Rest');
    await pressed('Lid …');
    await pressed('cloth under the lid');
    expect(events().at(-1)).toMatchObject({ kind: 'lid', said: 'cloth', stageId: 'rest' });
    await pressed('Change Simmer');
    await pressed(/^Back to/u);
    expect(screen.getByRole('heading', { level: 1 }).textContent).not.toBe('Simmer');
  });

  it('says ring and lid as they are now, not as they were planned', async () => {
    at('simmer');
    await show();
    expect(screen.getByText('Low heat, lid on')).toBeTruthy();
    await pressed('More …');
    await pressed('Ring …');
    await pressed('medium heat');
    expect(screen.getByText('Medium heat, lid on')).toBeTruthy();
    expect(screen.queryByText('Low heat, lid on')).toBeNull();
  });

  it('goes on with a clock when a pot is mended after its end', async () => {
    for (const stage of useCooks.getState().active!.answer.stages) useCooks.getState().tap('done', stage.id);
    tookTheirTime();
    await show();
    expect(screen.getByText('Open, fork, taste')).toBeTruthy();
    await pressed(/^Tasted/u);
    await pressed('hard');
    await pressed('I do that now');
    expect(screen.getByTestId('clock').textContent).toMatch(/^\d+:\d\d$/u);
    expect(screen.getByTestId('next').textContent).toBe('Done. Next: rest');
  });

  it('is next and look alone for full hands', async () => {
    at('simmer');
    await show();
    await pressed('Hands full');
    expect(screen.getAllByRole('button').map((b) => b.textContent)).toEqual([
      'Next',
      'Look',
      'Hands are free',
    ]);
    await pressed('Look');
    await pressed('level');
    expect(events().at(-1)).toMatchObject({ kind: 'looked', said: 'level' });
    await pressed('Next');
    expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('Rest');
    await pressed('Hands are free');
    expect(screen.getByTestId('said').textContent).toBe('Looked: level');
  });
});

describe('what goes in, and what is made beside it', () => {
  it('ticks what is in, names what goes in now with its amount, and what is to come', async () => {
    await show();
    expect(screen.queryByTestId('in-already')).toBeNull();
    act(() => at('simmer'));
    expect(screen.getByTestId('in-already').textContent).toMatch(/✓ long-grain white rice/iu);
    expect(screen.queryByTestId('to-come')).toBeNull();
  });

  it('has a clock of its own for what is made beside the pot', async () => {
    useCooks.setState({
      active: {
        ...useCooks.getState().active!,
        input: {
          ...useCooks.getState().active!.input,
          beside: [{ id: 'salad', name: 'cucumber salad', kind: 'side', minutes: 10, handsOnMin: 10 }],
        },
      },
    });
    await show();
    const clock = () => screen.getByRole('timer', { name: 'Clock of cucumber salad' }).textContent;
    expect(clock()).toBe('10:00');
    await pressed('cucumber salad: start');
    await pressed('cucumber salad: 2 more min');
    expect(clock()).toMatch(/^1[12]:\d\d$/u);
    await pressed('cucumber salad: done');
    expect(screen.queryByRole('timer', { name: 'Clock of cucumber salad' })).toBeNull();
    // The pot has not moved.
    expect(screen.getByTestId('next').textContent).toBe('Start the clock');
  });

  it('brings another pot that is on in sight', async () => {
    const first = useCooks.getState().active!;
    act(() => cook());
    await show();
    const other = within(screen.getByRole('navigation', { name: 'Other pots' })).getByRole('button');
    expect(other.textContent).toContain(first.label);
    fireEvent.click(other);
    expect(useCooks.getState().active?.id).toBe(first.id);
  });
});

import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { learn } from '@hammock/core/learning';
import type { CookLine } from '@hammock/core/records';
import { act, cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { useCooks } from '../../stores/cooks/cooks.js';
import { useJustJudged } from '../../stores/notebook/justJudged.js';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { useLearnt } from '../../stores/kitchen/learnt.js';
import { useOutbox } from '../../stores/session/pendingWrites.js';
import { BAGS, DISHES, network, settle, silence, soon, VESSELS, HOBS } from '../../testing/household.js';
import { moreText } from '../../words/notebook/outcomeWords.js';
import { NotebookScreen } from './NotebookScreen.js';
import { offsOf, type JudgedPot } from './offs.js';

const line = (n: number, more: Partial<CookLine> = {}): CookLine => ({
  id: `c${n.toString().padStart(4, '0')}`,
  dishId: DISHES[0]!.id,
  bagId: BAGS[0]!.id,
  vesselId: VESSELS[0]!.id,
  hobId: HOBS[0]!.id,
  cupId: null,
  label: `Pot ${n.toString()}`,
  advisedMl: 900,
  pouredMl: null,
  startedAtMs: 1_700_000_000_000 - n * 3_600_000,
  abandoned: false,
  revision: 1,
  outcome: { texture: 3, base: 'clean', note: '', atMs: 1 },
  ...more,
});
const wait = (ms: number): Promise<void> => new Promise((later) => setTimeout(later, ms));
const show = async (): Promise<void> => {
  render(
    <MemoryRouter>
      <NotebookScreen />
    </MemoryRouter>,
  );
  await act(() => soon());
};
const names = (): string[] =>
  within(screen.getByRole('list', { name: 'Pots cooked' }))
    .getAllByRole('listitem')
    .map((li) => li.querySelector('strong')!.textContent);

beforeEach(() => {
  silence();
  settle();
  useLearnt.setState({ learnt: null });
  useJustJudged.setState({ cook: null });
});
afterEach(cleanup);

describe('the list of pots', () => {
  it('draws only what is near of ten thousand, and says how many there are', async () => {
    const many = Array.from({ length: 10_000 }, (_, n) => line(n));
    useCooks.setState({ recent: many });
    network((_m, path) => ({ status: 200, body: path.startsWith('/api/cooks') ? many : [] }));
    await show();
    expect(names()[0]).toBe('Pot 0');
    expect(names().length).toBeLessThan(80);
  });

  it('is looked through by the server, with every choice in the question, and says where nothing is like it', async () => {
    useCooks.setState({ recent: [line(1), line(2)] });
    const asked = network((_m, path) => ({
      status: 200,
      body: path.includes('words=smoky')
        ? [line(7, { label: 'Smoky' })]
        : path.includes('words=')
          ? []
          : [line(1), line(2)],
    }));
    await show();
    const words = screen.getByRole('searchbox', { name: /Words/u });
    fireEvent.change(words, { target: { value: ' smoky ' } });
    await act(() => wait(250));
    expect(names()).toEqual(['Smoky']);
    // A plan may be sent meanwhile.
    expect(asked.filter(({ path }) => path.includes('words=smoky'))).not.toEqual([]);
    fireEvent.change(words, { target: { value: 'unheard' } });
    await act(() => wait(250));
    expect(screen.getByText('No pot is like that.')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'All pots' }));
    expect(names()).toEqual(['Pot 1', 'Pot 2']);
  });

  it('is looked through on this device while the server is away, and says so', async () => {
    useCooks.setState({ recent: [line(1, { label: 'Red pot' }), line(2)] });
    network(() => 'gone');
    await show();
    fireEvent.change(screen.getByRole('searchbox', { name: /Words/u }), { target: { value: 'RED' } });
    await act(() => wait(250));
    expect(names()).toEqual(['Red pot']);
    expect(screen.getByText(/The server is away/u)).toBeTruthy();
  });
});

describe('what was learnt, thing by thing', () => {
  const bagId = BAGS[0]!.id;
  const learnt = learn(
    [0, 1, 2].map((n) => ({
      ...{
        cookId: `c${n.toString()}`,
        grainId: BAGS[0]!.grainId,
        method: 'coveredAbsorption' as const,
        bagId,
      },
      points: 2,
      sd: 1.25,
    })),
  );

  it('is read by name, told by hand and forgotten, each as a change of the household that travels', async () => {
    useCooks.setState({ recent: [line(1)] });
    useLearnt.setState({ learnt });
    network((_m, path) => ({
      status: 200,
      body: path.startsWith('/api/cooks') ? [line(1)] : [],
    }));
    await show();
    const list = screen.getByRole('list', { name: 'What was learnt', hidden: true });
    const bag = within(list).getByText(BAGS[0]!.label).closest('li')!;
    expect(bag.textContent).toMatch(/drinks \d+ % more water than its kind, ± \d+, from 3 pots/u);
    fireEvent.click(within(bag).getByText('Tell by hand'));
    const form = within(bag).getByRole('form', { hidden: true });
    fireEvent.change(within(form).getByRole('textbox', { hidden: true }), { target: { value: '5' } });
    fireEvent.submit(form);
    const told = useKitchen.getState().household.told!;
    expect(told).toHaveLength(1);
    expect(told[0]!.id).toBe(`bag:${bagId}/${BAGS[0]!.grainId}`);
    // Five per cent of the water in a grain of 70 %: 7/3 g to the g, 1.05 times that, is 71.01 %.
    expect(told[0]!.points).toBeCloseTo(1.01, 2);
    const { writes } = useOutbox.getState();
    expect(writes.map((l) => `${l.method} ${l.path}`)).toEqual(['PUT /api/household']);
    fireEvent.click(within(bag).getByText('Forget'));
    expect(useKitchen.getState().household.told![0]).toMatchObject({
      id: `bag:${bagId}/${BAGS[0]!.grainId}`,
    });
    expect(useKitchen.getState().household.told![0]!.sinceMs).toBeGreaterThan(0);
    fireEvent.click(within(bag).getByText('Learn from all pots'));
    expect(useKitchen.getState().household.told).toEqual([]);
  });
});

describe('how far the advice was off', () => {
  const pot = (n: number, advisedMl: number, wantedMl: number): JudgedPot => ({
    ...{ cookId: `c${n.toString()}`, label: 'Pot', startedAtMs: n, texture: 3 },
    advisedMl,
    wantedMl,
  });

  it('is each pot against what it wanted, and what is usual over eight', () => {
    const offs = offsOf([
      pot(0, 110, 100),
      pot(1, 90, 100),
      ...Array.from({ length: 8 }, (_, n) => pot(n + 2, 100, 100)),
    ]);
    expect(offs[0]!.share).toBeCloseTo(0.1, 9);
    expect(offs[1]!.share).toBeCloseTo(-0.1, 9);
    // Over the first eight: two that were off by a tenth, six that were right.
    expect(offs[0]!.usual).toBeCloseTo(0.025, 9);
    expect(offs.at(-1)!.usual).toBe(0);
  });
});

describe('what is said of an outcome besides', () => {
  it('is in words, and nothing of what nobody said', () => {
    const plain = { texture: 3, base: 'clean', note: '', atMs: 1 } as const;
    expect(moreText(plain)).toBe('');
    expect(moreText({ ...plain, by: 'Ada', ate: ['Ada', 'Ben', 'guests'], helped: ['open'] })).toBe(
      'Ada says so. For Ada, Ben and guests. Helped: the lid off.',
    );
    expect(moreText({ ...plain, by: 'guests' })).toBe('Guests say so.');
  });
});

import { afterEach, beforeEach, describe, expect, it, jest } from '@jest/globals';
import { act, cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { InstrumentsPassedIn } from '../instruments/instruments.js';
import { MemoryRouter, Route, Routes } from 'react-router';
import { useCooks } from '../stores/cooks/cooks.js';
import { planInputOf } from '../stores/plan/learntPlan.js';
import { useDraft } from '../stores/plan/draft.js';
import { useKitchen } from '../stores/kitchen/kitchen.js';
import { useOutbox } from '../stores/session/pendingWrites.js';
import { rememberCanSize } from '../stores/kitchen/canSizes.js';
import { network, settle, silence, soon } from '../testing/household.js';
import { Shell } from '../ui/shell/Shell.js';
import { KitchenScreen } from './kitchen/KitchenScreen.js';
import { NotebookScreen } from './notebook/NotebookScreen.js';
import { PageScreen } from './notebook/PageScreen.js';
import { PourScreen } from './pour/PourScreen.js';
import { clockText } from '../words/measures/clock.js';
import { dayText } from '../words/measures/days.js';
import { StoveScreen } from './stove/StoveScreen.js';

/** Instruments that write down what they were asked. */
const sleepAgain = jest.fn();
const instruments = {
  primeAlarm: jest.fn(),
  speak: jest.fn(),
  isAwake: jest.fn(() => true),
  alarmAt: jest.fn(),
  askToNotify: jest.fn(() => Promise.resolve(false)),
  notify: jest.fn(),
  keepAwake: jest.fn(() => sleepAgain),
};

async function show(path: string) {
  const shown = render(
    <InstrumentsPassedIn value={instruments}>
      <MemoryRouter initialEntries={[path]}>
        <Routes>
          <Route path="/" element={<Shell />}>
            <Route index element={<PourScreen />} />
            <Route path="stove" element={<StoveScreen />} />
            <Route path="notebook" element={<NotebookScreen />} />
            <Route path="notebook/:id" element={<PageScreen />} />
            <Route path="kitchen" element={<KitchenScreen />} />
          </Route>
        </Routes>
      </MemoryRouter>
    </InstrumentsPassedIn>,
  );
  // What stands below the number is a piece of its own, and comes a moment later.
  await act(async () => {
    await Promise.all([
      import('./pour/number/theNumberPiece.js'),
      import('./pour/below.js'),
      import('../ui/controls/PickList.js'),
      import('../ui/controls/SearchList.js'),
    ]);
  });
  return shown;
}

const press = (name: RegExp | string): boolean => fireEvent.click(screen.getByRole('button', { name }));
const number = (): string => screen.getByTestId('pour-main').textContent.replace(/\s+/gu, ' ').trim();
const type = (field: HTMLElement, value: string): void => {
  fireEvent.focus(field);
  fireEvent.change(field, { target: { value } });
};

beforeEach(() => {
  silence();
  settle();
});
afterEach(cleanup);

describe('Pour', () => {
  it('shows one number, the other units, what to keep by, and an account that names its terms', async () => {
    await show('/');
    expect(number()).toMatch(/cups?/u);
    expect(screen.getByTestId('pour-other').textContent).toMatch(/^\d+ ml$/u);
    expect(screen.getByText(/more hot in a pan/u)).toBeTruthy();
    const rows = within(screen.getByRole('list', { name: 'Water account' })).getAllByRole('button');
    expect(rows.map((r) => r.textContent)).toEqual([
      expect.stringContaining('You pour water'),
      expect.stringContaining('Onion brings'),
      expect.stringContaining('Long-grain white rice drinks'),
      expect.stringContaining('Leaves as steam'),
      expect.stringContaining('Drips on the lid'),
    ]);
    fireEvent.click(rows[2]!);
    expect(screen.getByText('its dry matter')).toBeTruthy();
    expect(screen.getByText(/from memory/u)).toBeTruthy();
  });

  it('recomputes as it is typed, tells what is wrong at the field, and keeps the last number', async () => {
    await show('/');
    const field = screen.getByRole('textbox', { name: 'Amount of grain' });
    const first = number();
    type(field, '1 cup');
    const one = number();
    expect(one).not.toBe(first);
    type(field, '1/0 cup');
    expect(screen.getByRole('alert').textContent).toContain('divides by zero');
    expect(field.getAttribute('aria-invalid')).toBe('true');
    expect(number()).toBe(one);
    type(field, '40 cups');
    expect(screen.getByRole('alert').textContent).toMatch(/5000 g|use a larger one/u);
    fireEvent.blur(field);
    expect((field as HTMLInputElement).value).toBe('40 cups');
  });

  it('changes the people, the units and the ingredients in place', async () => {
    await show('/');
    const four = screen.getByTestId('pour-other').textContent;
    press('One more');
    expect(screen.getByRole('status', { name: 'How many' }).textContent).toBe('5');
    expect(screen.getByTestId('pour-other').textContent).not.toBe(four);
    fireEvent.click(screen.getByRole('radio', { name: 'ml' }));
    expect(number()).toMatch(/ml$/u);
    fireEvent.click(screen.getByRole('radio', { name: 'g' }));
    expect(number()).toMatch(/\d g$/u);
    // On this device only: the household's way is as it was.
    expect(useKitchen.getState().household.metric).toBe(false);
    fireEvent.click(screen.getByRole('radio', { name: 'cups' }));
    expect(number()).toMatch(/cup/u);
    type(screen.getByRole('textbox', { name: 'Amount of Onion' }), 'lots');
    expect(screen.getByRole('alert').textContent).toContain('not an amount');
    press('Leave out Onion');
    expect(screen.queryByText('Onion brings')).toBeNull();
  });

  it('answers a base that is too wet by pouring nothing, and does not start that pot', async () => {
    useDraft
      .getState()
      .setSpec({ ingredients: [{ ingredientId: 'tomato', amount: { g: 2500 }, state: 'withLiquid' }] });
    await show('/');
    expect(number()).toBe('nothing');
    expect(await screen.findByText(/Leave out|Ladle out/u)).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Cook this' }).hasAttribute('disabled')).toBe(true);
  });

  it('keeps the pot as it stands, in its dish or as one of its own', async () => {
    await show('/');
    press('One more');
    press('Keep these changes in Pilaf');
    expect(useKitchen.getState().dishes[0]?.spec.portions).toBe(5);
    fireEvent.change(screen.getByPlaceholderText('a dish of its own'), { target: { value: 'Sunday pot' } });
    press('Keep as a new dish');
    expect(useKitchen.getState().dishes.map((d) => d.label)).toEqual(['Pilaf', 'Coconut', 'Sunday pot']);
    expect(screen.getByText('Sunday pot is kept.')).toBeTruthy();
    expect(useDraft.getState().draft?.label).toBe('Sunday pot');
  });

  it('asks for a pot when there is none', async () => {
    useDraft.getState().choose({ vesselId: null });
    await show('/');
    expect(screen.getByText('Choose a pot.')).toBeTruthy();
  });

  it('has something to say before it knows the kitchen, and without a server', async () => {
    useDraft.setState({ draft: null });
    useKitchen.setState({ state: 'empty', dishes: [] });
    await show('/');
    expect(screen.getByText(/Looking into the kitchen/u)).toBeTruthy();
    act(() => useOutbox.setState({ reachable: false }));
    expect(screen.getByText('Nothing to hang yet.')).toBeTruthy();
    void act(() => useKitchen.setState({ state: 'loaded' }));
    expect(screen.getByText('No dish yet.')).toBeTruthy();
  });
});

describe('Stove', () => {
  const begin = (): void => {
    const draft = useDraft.getState().draft!;
    useCooks.getState().begin(draft, planInputOf(draft, useKitchen.getState()));
  };

  it('has nothing on until a pot is begun', async () => {
    await show('/stove');
    expect(screen.getByText('No pot is on.')).toBeTruthy();
  });

  it('goes through the stages with a clock, and can add, undo and give up', async () => {
    jest.useFakeTimers({ now: 1_760_000_000_000 });
    begin();
    await show('/stove');
    expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('Cook the base');
    expect(instruments.alarmAt).toHaveBeenLastCalledWith(undefined);
    expect(instruments.keepAwake).not.toHaveBeenCalled();
    press('Start the clock');
    // Five minutes of base: the alarm is set for their end, the sound woken by the tap, the screen kept awake.
    expect(instruments.alarmAt).toHaveBeenLastCalledWith(1_760_000_300_000);
    expect(instruments.primeAlarm).toHaveBeenCalledTimes(1);
    expect(instruments.keepAwake).toHaveBeenCalledTimes(1);
    expect(sleepAgain).not.toHaveBeenCalled();
    act(() => {
      jest.advanceTimersByTime(65_000);
    });
    const clock = screen.getByTestId('clock').textContent;
    expect(clock).toBe('3:55');
    press('5 more min');
    expect(instruments.alarmAt).toHaveBeenLastCalledWith(1_760_000_600_000);
    expect(screen.getByTestId('clock').textContent).toBe('8:55');
    press('Undo');
    expect(screen.getByTestId('clock').textContent).toBe('3:55');
    act(() => {
      jest.advanceTimersByTime(240_000);
    });
    expect(screen.getByTestId('clock').textContent).toMatch(/^\+0:05$/u);
    press(/Done\. Next: pour and boil/u);
    type(screen.getByRole('textbox', { name: 'What was really poured' }), 'a lot');
    expect(screen.getByText(/An amount, such as/u)).toBeTruthy();
    type(screen.getByRole('textbox', { name: 'What was really poured' }), '700');
    expect(useCooks.getState().active?.pouredMl).toBe(700);
    press('Give this pot up');
    expect(screen.getByText('No pot is on.')).toBeTruthy();
    expect(document.activeElement?.textContent).toBe('Put it back on the stove');
    expect(instruments.alarmAt).toHaveBeenLastCalledWith(undefined);
    press('Put it back on the stove');
    expect(screen.getByTestId('clock')).toBeTruthy();
    expect(useCooks.getState().active?.abandoned).toBe(false);
    press('Give this pot up');
    expect(sleepAgain).toHaveBeenCalled();
    jest.useRealTimers();
  });

  it('asks how it came out and writes it down', async () => {
    begin();
    for (const stage of useCooks.getState().active!.answer.stages) useCooks.getState().tap('done', stage.id);
    await show('/stove');
    expect(screen.getByText('Open, fork, taste')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Where did it hang?' }).hasAttribute('disabled')).toBe(true);
    fireEvent.click(screen.getByRole('radio', { name: 'a little soft' }));
    fireEvent.click(screen.getByRole('radio', { name: 'dark' }));
    fireEvent.change(screen.getByRole('textbox', { name: 'Next time' }), { target: { value: '  less  ' } });
    const { id } = useCooks.getState().active!;
    press('Write it down');
    const sent = useOutbox.getState().writes.find((l) => l.key === `said/${id}`);
    expect(sent?.body).toMatchObject({ outcome: { texture: 4, base: 'dark', note: 'less' } });
    expect(useCooks.getState().active).toBeNull();
  });
});

describe('Notebook', () => {
  const page = () => {
    const draft = useDraft.getState().draft!;
    useCooks.getState().begin(draft, planInputOf(draft, useKitchen.getState()));
    const cook = {
      ...useCooks.getState().active!,
      pouredMl: 900,
      outcome: { texture: 4 as const, base: 'golden' as const, note: 'less', atMs: 1 },
    };
    useCooks.setState({
      active: null,
      recent: [cook, { ...cook, id: 'other', outcome: null }, { ...cook, id: 'gone', abandoned: true }],
    });
    return cook;
  };

  it('lists pots with what was poured and how they came out, and says which were given up', async () => {
    page();
    await show('/notebook');
    const list = screen.getByRole('list', { name: 'Pots cooked' });
    expect(within(list).getAllByRole('link', { name: /Pilaf/u })).toHaveLength(3);
    expect(screen.getByText('given up')).toBeTruthy();
    // What was given up says nothing about how pots come out.
    expect(screen.getByText('0 of 1 came out just right.')).toBeTruthy();
    expect(screen.getAllByText(/% (more|less) than advised/u)).toHaveLength(3);
    expect(screen.getByText('not judged yet')).toBeTruthy();
  });

  it('opens a page with its account of that day and its stages, and cooks it again', async () => {
    const began = page();
    const [first] = began.answer.stages;
    const tap = (kind: 'start' | 'looked', said?: string) => ({
      id: kind,
      kind,
      stageId: first!.id,
      atMs: 1_760_000_000_000,
      ...(said === undefined ? {} : { said }),
    });
    const cook = { ...began, events: [tap('start'), tap('looked', 'holes')] };
    network(() => ({ status: 200, body: cook }));
    await show(`/notebook/${cook.id}`);
    expect(await screen.findByRole('list', { name: 'Water account' })).toBeTruthy();
    expect(screen.getByText('How it went')).toBeTruthy();
    expect(screen.getByText('Looked: holes')).toBeTruthy();
    useDraft.setState({ draft: null });
    press('Cook it again');
    expect(useDraft.getState().draft).toMatchObject({ label: 'Pilaf', vesselId: 'pot-large' });
    expect(number()).toMatch(/cup/u);
  });

  it('says so when it is empty, loading, or the page is not there', async () => {
    useCooks.setState({ recent: undefined });
    await show('/notebook');
    expect(screen.getByText(/Opening the notebook/u)).toBeTruthy();
    void act(() => useCooks.setState({ recent: [] }));
    expect(screen.getByText(/Nothing is written down yet/u)).toBeTruthy();
    cleanup();
    network(() => ({ status: 404, body: { title: 'No such cook' } }));
    await show('/notebook/nowhere');
    expect(await screen.findByText(/not in the notebook/u)).toBeTruthy();
  });

  it('says days as people do', () => {
    const now = new Date(2026, 5, 15, 12).getTime();
    const days = (n: number): string => dayText(now - n * 86_400_000, now);
    expect([days(0), days(1), days(3), days(20), days(400)]).toEqual([
      'today',
      'yesterday',
      'Friday',
      '26 May',
      '11 May 2025',
    ]);
  });
});

describe('Kitchen', () => {
  it('adds a pot once its fields are right, and puts back what was taken away', async () => {
    await show('/kitchen');
    press('Add a pot');
    const form = within(screen.getByRole('form', { name: 'New pot' }));
    fireEvent.change(form.getByRole('textbox', { name: /Width/u }), { target: { value: '900' } });
    fireEvent.click(form.getByRole('button', { name: 'Keep' }));
    expect(form.getAllByRole('alert').map((e) => e.textContent)).toEqual([
      'Give it a name.',
      'From 10 to 60 cm.',
    ]);
    fireEvent.change(form.getByRole('textbox', { name: /Name/u }), { target: { value: 'Tin' } });
    fireEvent.change(form.getByRole('textbox', { name: /Width/u }), { target: { value: '17,5' } });
    // About half as high as wide: π/8 d³ is 2.1 litres.
    expect(form.getByRole<HTMLInputElement>('textbox', { name: /Holds/u }).value).toBe('2100');
    fireEvent.change(form.getByRole('textbox', { name: /Holds/u }), { target: { value: '1900' } });
    fireEvent.change(form.getByRole('textbox', { name: /Width/u }), { target: { value: '17,4' } });
    expect(form.getByRole<HTMLInputElement>('textbox', { name: /Holds/u }).value).toBe('1900');
    fireEvent.change(form.getByRole('textbox', { name: /Width/u }), { target: { value: '17,5' } });
    fireEvent.click(form.getByRole('button', { name: 'Keep' }));
    expect(useKitchen.getState().vessels.at(-1)).toMatchObject({ label: 'Tin', diameterCm: 17.5 });
    press('Remove Tin');
    expect(useKitchen.getState().vessels.map((v) => v.label)).not.toContain('Tin');
    press('Put it back');
    expect(useKitchen.getState().vessels.at(-1)).toMatchObject({ label: 'Tin' });
  });

  it('keeps the household as it is typed, but not what cannot be', async () => {
    await show('/kitchen');
    const height = screen.getByRole('textbox', { name: /Height above the sea/u });
    fireEvent.change(height, { target: { value: '1200' } });
    expect(useKitchen.getState().household.altitudeM).toBe(1200);
    fireEvent.change(height, { target: { value: '99999' } });
    expect(useKitchen.getState().household.altitudeM).toBe(1200);
    expect((height as HTMLInputElement).value).toBe('99999');
    expect(screen.getByText('From -430 to 6000 m.')).toBeTruthy();
  });
});

describe('words for texture', () => {
  const shown = (): string => document.querySelector('main')?.textContent ?? document.body.textContent;

  it("are the household's own where it has some, and shift every number", async () => {
    await show('/kitchen');
    fireEvent.change(screen.getByRole('textbox', { name: /“fluffy and separate” is/u }), {
      target: { value: 'as at home' },
    });
    expect(useKitchen.getState().household.textureNames).toEqual(['', 'as at home', '', '', '']);
    cleanup();
    useKitchen.getState().setHousehold({ softerSteps: null });
    await show('/');
    const before = Number(/(\d+) ml/u.exec(screen.getByTestId('pour-other').textContent)?.[1]);
    expect(shown()).toContain('as at home');
    act(() => useKitchen.getState().setHousehold({ softerSteps: 1 }));
    const after = Number(/(\d+) ml/u.exec(screen.getByTestId('pour-other').textContent)?.[1]);
    expect(after).toBeGreaterThan(before + 30);
  });

  it('stand beside what jars hold, which can be asked anew', async () => {
    // A request that never ends would hold up what the next test sends.
    network(() => 'gone');
    act(() => rememberCanSize('tomatoPuree', 'jar', 680));
    await show('/kitchen');
    const forget = screen.getByRole('button', { name: /Forget: One jar of/u });
    expect(forget.closest('li')!.textContent).toContain('680 g');
    fireEvent.click(forget);
    expect(useKitchen.getState().household.packets).toEqual([]);
    press('Put it back');
    expect(useKitchen.getState().household.packets).toHaveLength(1);
  });
});

describe('the shell', () => {
  it('says what is kept while the server is gone, and what it refused', async () => {
    network((_m, path) =>
      path.startsWith('/api/bags')
        ? {
            status: 422,
            body: { title: 'No', errors: [{ field: 'label', code: 'x', message: 'This is needed.' }] },
          }
        : 'gone',
    );
    useKitchen.getState().keep('bags', 'new', { grainId: 'millet', label: 'Seed', note: '', openedOn: null });
    await act(soon);
    useKitchen.getState().remove('hobs', 'hob');
    await show('/stove');
    // A machine that has much else to do takes its time.
    const patient = { timeout: 25_000 };
    // What was taken away, and on a slow machine the plan on Pour, which is sent a moment later.
    await screen.findByText(/\b(?:1 change is|2 changes are) kept on this device only/u, {}, patient);
    await screen.findByText(/Not stored: Seed\. name: This is needed\./u, {}, patient);
    press('Read');
    await waitFor(() => expect(screen.queryByText(/Not stored/u)).toBeNull(), patient);
  });
});

describe('the clock', () => {
  it.each([
    [0, '0:00'],
    [245, '4:05'],
    [3600, '1:00:00'],
    [-30, '+0:30'],
  ])('%p s', (seconds, text) => {
    expect(clockText(seconds)).toBe(text);
  });
});

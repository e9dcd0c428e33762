import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { act, cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { useCooks } from '../stores/cooks/cooks.js';
import { planInputOf } from '../stores/plan/learntPlan.js';
import { useDraft } from '../stores/plan/draft.js';
import { useKitchen } from '../stores/kitchen/kitchen.js';
import { larderIdOf, rowOf } from '../stores/kitchen/ownLarder.js';
import { network, settle, silence } from '../testing/household.js';
import { Shell } from '../ui/shell/Shell.js';
import { CompareScreen } from './compare/CompareScreen.js';
import { DishesScreen } from './dishes/DishesScreen.js';
import { KitchenScreen } from './kitchen/KitchenScreen.js';
import { WaterTestScreen } from './kitchen/WaterTestScreen.js';
import { MethodScreen } from './method/MethodScreen.js';
import { PasteList } from './pour/goesIn/PasteList.js';
import { PourScreen } from './pour/PourScreen.js';
import { StoveScreen } from './stove/StoveScreen.js';

async function show(path: string): Promise<void> {
  render(
    <MemoryRouter initialEntries={[path]}>
      <Routes>
        <Route path="/" element={<Shell />}>
          <Route index element={<PourScreen />} />
          <Route path="stove" element={<StoveScreen />} />
          <Route path="method" element={<MethodScreen />} />
          <Route path="compare" element={<CompareScreen />} />
          <Route path="dishes" element={<DishesScreen />} />
          <Route path="kitchen" element={<KitchenScreen />} />
          <Route path="kitchen/water-test" element={<WaterTestScreen />} />
          <Route path="paste" element={<PasteList opened={false} onDone={() => undefined} />} />
        </Route>
      </Routes>
    </MemoryRouter>,
  );
  await act(async () => {
    await Promise.all([
      import('./pour/number/theNumberPiece.js'),
      import('./pour/below.js'),
      import('../ui/controls/PickList.js'),
      import('../ui/controls/SearchList.js'),
    ]);
  });
}
const press = (name: RegExp | string): boolean => fireEvent.click(screen.getByRole('button', { name }));
const type = (name: string, value: string): void => {
  const field = screen.getByRole('textbox', { name });
  fireEvent.focus(field);
  fireEvent.change(field, { target: { value } });
};
const spec = () => useDraft.getState().draft!.spec;
const other = (): string => screen.getByTestId('pour-other').textContent;
const undo = (shift = false): boolean =>
  fireEvent.keyDown(document.body, { key: 'z', ctrlKey: true, shiftKey: shift });

beforeEach(() => {
  silence();
  settle();
});
afterEach(cleanup);

describe('undo', () => {
  it('takes ten edits back one by one and makes them again, the dish in between too', async () => {
    await show('/');
    const first = JSON.stringify(spec());
    const seen = [first];
    const edits: (() => void)[] = [
      () => {
        press('One more');
      },
      () => {
        press('Leave out Onion');
      },
      () => useDraft.getState().setSpec({ toast: 'golden' }),
      () => useDraft.getState().addIngredient({ ingredientId: 'tomato', amount: { g: 200 } }),
      () => useDraft.getState().setIngredient(0, { amount: { g: 33 } }),
      () => useDraft.getState().setSpec({ soakMin: 20 }),
      () => useDraft.getState().setSpec({ base: { ladleOutG: 20 } }),
      () => useDraft.getState().setSpec({}, ['soakMin']),
      () => useDraft.getState().setIngredient(0, { joins: 'simmer' }),
      () => useDraft.getState().setIngredient(0, { apart: true }, ['joins']),
      () => useDraft.getState().setSpec({ usualPour: { ml: 600 }, holdTo: 'usual' }),
      () => useDraft.getState().chooseDish(useKitchen.getState().dishes[1]!),
    ];
    for (const edit of edits) {
      act(edit);
      seen.push(JSON.stringify(spec()));
    }
    for (let i = edits.length - 1; i >= 0; i -= 1) {
      undo();
      expect(JSON.parse(JSON.stringify(spec()))).toEqual(JSON.parse(seen[i]!));
    }
    for (let i = 1; i <= edits.length; i += 1) {
      undo(true);
      expect(JSON.parse(JSON.stringify(spec()))).toEqual(JSON.parse(seen[i]!));
    }
    expect(screen.getByRole('button', { name: 'Redo' }).hasAttribute('disabled')).toBe(true);
  });

  it('brings back what was taken away in the kitchen, and takes back what was added', async () => {
    await show('/kitchen');
    press('Remove Jasmine');
    expect(useKitchen.getState().bags).toHaveLength(1);
    press('Undo');
    expect(
      useKitchen
        .getState()
        .bags.map((b) => b.label)
        .sort(),
    ).toEqual(['Jasmine', 'Long']);
    press('Redo');
    expect(useKitchen.getState().bags).toHaveLength(1);
  });
});

describe('Pour, whole', () => {
  it('weighs the base, ladles from it, and goes three ways out of too much', async () => {
    useDraft.getState().setSpec({
      ingredients: [
        { ingredientId: 'oil', amount: { g: 30 } },
        { ingredientId: 'tomato', amount: { g: 2600 }, state: 'softened' },
      ],
    });
    await show('/');
    expect(screen.getByText(/of water too much/u)).toBeTruthy();
    press(/^Ladle out/u);
    expect(spec().base?.ladleOutG).toBeGreaterThan(100);
    expect(screen.queryByText(/of water too much/u)).toBeNull();
    undo();
    press(/^Cook it down/u);
    expect(screen.queryByText(/of water too much/u)).toBeNull();
    expect(screen.getByText(/by the scale/u)).toBeTruthy();
    undo();
    press(/^Add .* of grain/u);
    expect(screen.queryByText(/of water too much/u)).toBeNull();
  });

  it('takes half of the stew out and puts it back later, and soaks a pulse for so long', async () => {
    useDraft.getState().setSpec({
      ingredients: [
        { ingredientId: 'oil', amount: { g: 30 } },
        { ingredientId: 'tomato', amount: { g: 600 }, state: 'mushy' },
        { ingredientId: 'chickpeas', amount: { g: 100 }, state: 'soaked' },
      ],
    });
    await show('/');
    press('Take out half');
    const massG = Number(/Weighs about (\d+) g/u.exec(document.body.textContent)?.[1]);
    expect(spec().base!.ladleOutG! / massG).toBeCloseTo(0.5, 1);
    expect(screen.getByRole('combobox', { name: /What was taken out/u }).textContent).toBe('stays out');
    act(() => useDraft.getState().setSpec({ base: { ...spec().base, ladleBack: 'simmer' } }));
    expect(screen.getByRole('combobox', { name: /What was taken out/u }).textContent).toContain('Simmer');
    const before = other();
    type('Soak of Chickpeas, dry', '60');
    expect(spec().ingredients![2]).toMatchObject({ soakMin: 60 });
    expect(other()).not.toBe(before);
    type('Soak of Chickpeas, dry', '');
    expect(spec().ingredients![2]).toMatchObject({ state: 'soaked' });
    expect(spec().ingredients![2]!.soakMin).toBeUndefined();
    expect(other()).toBe(before);
  });

  it('holds to a rule and says what it costs', async () => {
    await show('/');
    const account = other();
    press('Use it: one to two');
    expect(screen.getByText(/By this rule it comes out/u)).toBeTruthy();
    expect(other()).not.toBe(account);
    press('Go back to the worked-out pour');
    expect(other()).toBe(account);
    expect('holdTo' in spec()).toBe(false);
  });

  it('pours all the stock there is, then water', async () => {
    useDraft.getState().setSpec({ pourWith: 'stockChicken' });
    await show('/');
    press('however much it needs');
    type('All there is of it', '300 ml');
    expect(screen.getByText(/^All/u, { selector: 'p' }).textContent).toContain('chicken stock');
    press('there is plenty');
    expect(screen.queryByText(/^All/u, { selector: 'p' })).toBeNull();
  });

  it('shows millilitres in a household with no cup, and says where the liquid shows at the corners', async () => {
    useKitchen.setState({ cups: [] });
    useDraft.getState().setSpec({ method: 'fryDry', sauceLeftG: 100, soakMin: 20, soakWaterC: 45 });
    await show('/');
    expect(screen.getByTestId('pour-main').textContent).toMatch(/ml/u);
    expect(screen.getByText(/Only to the corners/u)).toBeTruthy();
    expect(screen.getAllByText('Left as sauce').length).toBeGreaterThan(0);
    expect(screen.getByRole('combobox', { name: 'Soak water' }).textContent).toBe('warm');
  });

  it('shares a pot that is too full among several', async () => {
    useDraft.getState().setGrain({ g: 1800 });
    await show('/');
    press(/^Share it among \d pots/u);
    expect(spec().pots).toBeGreaterThan(1);
    expect(screen.getAllByText(/each of \d pots/u)[0]).toBeTruthy();
    press('Cook it in one pot');
    expect(spec().pots).toBe(1);
  });

  it('fits the rest of the dish to what is left of a bag', async () => {
    useKitchen.getState().keep('dishes', 'dish-pilaf', {
      ...useKitchen.getState().dishes[0]!,
      spec: { ...spec(), grain: { g: 400 }, portions: 4 },
    });
    useDraft.getState().setGrain({ g: 300 });
    await show('/');
    const before = spec().ingredients![0]!.amount;
    press(/^Fit it to 300 g/u);
    expect(JSON.stringify(spec().ingredients![0]!.amount)).not.toBe(JSON.stringify(before));
    expect(spec().grain).toEqual({ g: 300 });
  });
});

describe('a pasted list', () => {
  it('is read as it is typed, corrected by a tap, and put in', async () => {
    await show('/paste');
    fireEvent.change(screen.getByRole('textbox'), {
      target: { value: '3 medium onions, sliced\n200 g oniom\nsome mint\n50 g moon dust' },
    });
    const lines = within(screen.getByRole('list', { name: 'As understood' })).getAllByRole('listitem');
    expect(lines).toHaveLength(4);
    expect(screen.getByText(/nearly\. Is it that/u)).toBeTruthy();
    expect(screen.getByText(/cannot be measured/u)).toBeTruthy();
    press('Yes');
    press('Put these 2 in');
    expect(
      spec()
        .ingredients!.slice(-2)
        .map((i) => i.ingredientId),
    ).toEqual(['onion', 'onion']);
    // What was not understood stays to be corrected.
    expect(screen.getByRole<HTMLTextAreaElement>('textbox').value).toBe('some mint\n50 g moon dust');
  });

  it("asks nothing of salt to taste: how much of it is the answer's to say", async () => {
    await show('/paste');
    const before = spec().ingredients?.length ?? 0;
    fireEvent.change(screen.getByRole('textbox'), { target: { value: '2 onions\nflaky salt to taste' } });
    expect(screen.getByText(/as much as stands under Salt/u)).toBeTruthy();
    press('Put these 2 in');
    expect(spec().ingredients).toHaveLength(before + 1);
    expect(spec().saltWith).toBe('saltFlaky');
  });

  it('keeps the steps of a pot whose grain is not settled', async () => {
    act(() => useDraft.getState().setSpec({ grainId: '', grain: { text: '' } }));
    await show('/paste');
    const told = 'Pot\nsome basmati\n2 onions\nFry the onions golden. Lid on, low, 15 minutes.';
    fireEvent.change(screen.getByRole('textbox'), { target: { value: told } });
    const put = screen.getByRole<HTMLButtonElement>('button', { name: /^Put/u });
    expect(put.disabled).toBe(true);
    expect(screen.getByText(/First settle the line with the grain/u).id).toBe(
      put.getAttribute('aria-describedby'),
    );
    type('How much some basmati', '2 cups');
    press('So much');
    expect(screen.queryByText(/First settle the line/u)).toBeNull();
    press('Put these 2 in');
    expect(
      spec()
        .stages!.map((s) => s.note ?? '')
        .join(' '),
    ).toContain('Lid on, low, 15 minutes.');
  });

  it('keeps the steps where the pot cannot be laid out yet', async () => {
    await show('/paste');
    fireEvent.change(screen.getByRole('textbox'), {
      target: { value: '60 cups basmati\nLid on, low, 15 minutes.' },
    });
    press(/^Put/u);
    expect(spec().stages).toBeUndefined();
    expect(screen.getByRole<HTMLTextAreaElement>('textbox').value).toContain('15 minutes');
  });

  it('says how much of a thousand lines it left alone', async () => {
    await show('/paste');
    fireEvent.change(screen.getByRole('textbox'), {
      target: { value: Array(1000).fill('1 onion').join('\n') },
    });
    expect(screen.getByRole('alert').textContent).toContain('800 lines more');
  });
});

describe('Method', () => {
  it('moves, splits, adds and takes out stages, says what is impossible, and keeps them', async () => {
    await show('/method');
    const acts = () =>
      screen.getAllByTestId('stage').map((e) => within(e).getAllByRole('combobox')[0]!.textContent);
    const before = acts();
    press('Split Simmer');
    expect(acts()).toHaveLength(before.length + 1);
    press('Add a stage after Rest');
    expect(acts().at(-1)).toBe('Steam');
    press('Take out Steam');
    press('Cook the base later');
    press('Cook the base later');
    expect(
      screen
        .getAllByRole('alert')
        .map((e) => e.textContent)
        .join(),
    ).toMatch(/already in/u);
    press('Put its own stages back');
    expect(acts()).toEqual(before);
    const coals = screen.getAllByRole('checkbox', { name: /coals or grill above/u })[0]!;
    fireEvent.click(coals);
    expect(screen.getByText(/nobody has measured/u)).toBeTruthy();
    expect(spec().stages?.filter((s) => s.fromAbove)).toHaveLength(1);
    press('Put its own stages back');
    type('Minutes of Simmer', '25');
    expect(spec().stages?.find((s) => s.act === 'simmer')?.end).toEqual({ kind: 'minutes', minutes: 25 });
    type('Minutes of Simmer', '10000');
    expect(screen.getByRole('alert').textContent).toContain('1440 min');
    type('Minutes of Simmer', '25');
    fireEvent.change(screen.getByPlaceholderText('its name'), { target: { value: 'Ours' } });
    press('Keep the method');
    expect(useKitchen.getState().methods).toMatchObject([{ label: 'Ours', method: 'coveredAbsorption' }]);
  });
});

describe('Compare', () => {
  it('sets the plan beside a rule and says what differs', async () => {
    await show('/compare');
    expect(screen.getAllByTestId('side-pour')).toHaveLength(2);
    expect(screen.getAllByRole('row', { name: /comes out/u })).toHaveLength(2);
    expect(screen.getByText(/rice drinks (more|less)/u)).toBeTruthy();
  });
});

describe('Dishes', () => {
  it('finds, copies, takes away and puts back', async () => {
    network(() => ({
      status: 200,
      body: [{ dishId: 'dish-pilaf', cooks: 3, judged: 2, asWanted: 1, lastAtMs: 1 }],
    }));
    await show('/dishes');
    const names = () => screen.getAllByRole('heading', { level: 2 }).map((h) => h.textContent);
    expect(names()).toEqual(['Pilaf', 'Coconut']);
    expect(await screen.findByText('1 of 2 just right')).toBeTruthy();
    fireEvent.change(screen.getByRole('searchbox'), { target: { value: 'coco' } });
    expect(names()).toEqual(['Coconut']);
    press('Copy Coconut');
    expect(names()).toEqual(['Coconut', 'Coconut, again']);
    press('Remove Coconut, again');
    press('Put it back');
    expect(names()).toEqual(['Coconut', 'Coconut, again']);
    fireEvent.change(screen.getByRole('searchbox'), { target: { value: 'zzz' } });
    expect(screen.getByText('No dish is like that.')).toBeTruthy();
  });
});

describe('the water test', () => {
  it('turns three weights into two figures, shows what changes and keeps it', async () => {
    await show('/kitchen/water-test');
    type('It weighs g', '2000');
    type('It weighs now g', '1950');
    type('And now g', '1990');
    expect(screen.getByRole('alert').textContent).toContain('lighter');
    type('And now g', '1910');
    expect(screen.getByRole('row', { name: /the burner gives/u }).textContent).toMatch(/W/u);
    press('Cook by what was measured');
    expect(useKitchen.getState().steamTests).toMatchObject([
      { coveredLossG: 50, openLossG: 40, heat: 'low' },
    ]);
  });
});

describe('the stove by other methods', () => {
  it('pours where the liquid goes in, and counts whistles', async () => {
    useKitchen.getState().keep('vessels', 'whistler', {
      label: 'Whistler',
      diameterCm: 22,
      volumeMl: 5000,
      lid: 'tight',
      wall: 'heavy',
      kind: 'pressureCooker',
    });
    useDraft.getState().choose({ vesselId: 'whistler' });
    useDraft.getState().setSpec({
      method: 'pressureCooker',
      timing: { whistles: 3 },
      pourWith: 'stockChicken',
      pourMost: { ml: 200 },
    });
    const draft = useDraft.getState().draft!;
    expect(useCooks.getState().begin(draft, planInputOf(draft, useKitchen.getState()))).toBe(true);
    for (const { id, act: doing } of useCooks.getState().active!.answer.stages) {
      if (doing === 'pressureUp') break;
      useCooks.getState().tap('done', id);
    }
    await show('/stove');
    expect(screen.getByText(/of chicken stock, then/u).textContent).toMatch(/All .* water/u);
    press(/^Done/u);
    expect(screen.getByText(/2 more whistles/u)).toBeTruthy();
    // One undo at the stove: the last tap's.
    expect(screen.getAllByRole('button', { name: 'Undo' })).toHaveLength(1);
  });
});

describe('the Kitchen, whole', () => {
  it('keeps an ingredient like another but thicker, and refuses a circle', async () => {
    await show('/kitchen');
    press('Add an ingredient');
    // The household has a name too, further down.
    fireEvent.change(screen.getAllByRole('textbox', { name: 'Name' })[0]!, { target: { value: 'Red jar' } });
    press('Keep');
    const [jar] = useKitchen.getState().ingredients;
    expect(jar).toMatchObject({ label: 'Red jar', figures: { like: 'tomato', body: 'thicker' } });
    expect(screen.getByText(/like tomato, fresh but thicker/u)).toBeTruthy();
    act(() =>
      useKitchen.getState().keep('ingredients', jar!.id, { label: 'Red jar', figures: { like: jar!.id } }),
    );
    press('Change Red jar');
    expect(screen.getByRole('alert').textContent).toContain('like something that is like it');
    press('Keep');
    expect(screen.getByRole('form', { name: 'Change ingredient' })).toBeTruthy();
    // It does not take the others with it.
    act(() =>
      useKitchen.getState().keep('ingredients', 'fine', { label: 'Fine', figures: { like: 'tomato' } }),
    );
    expect(rowOf('fine')?.name).toBe('Fine');
    expect(rowOf(jar!.id)).toBeUndefined();
    // What it stands for decides how it is drawn; a ring of likes ends.
    expect([larderIdOf('fine'), larderIdOf('onion'), larderIdOf(jar!.id)]).toEqual([
      'tomato',
      'onion',
      jar!.id,
    ]);
  });

  it('finds the size of a cup by weighing grain in it', async () => {
    await show('/kitchen');
    press('Change cup');
    press('Size not known? Weigh it');
    type('weigh together g', '420');
    press(/^It holds \d+ ml/u);
    press('Keep');
    // 420 g of long grain at 0.782 g/ml in two cups.
    expect(useKitchen.getState().cups[0]!.ml).toBeCloseTo(420 / 2 / 0.782, 0);
  });
});

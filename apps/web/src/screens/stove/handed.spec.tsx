import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { act, cleanup, fireEvent, screen, within } from '@testing-library/react';
import { emptyForms } from '../../stores/session/persisted.js';
import { useCooks } from '../../stores/cooks/cooks.js';
import { useDraft } from '../../stores/plan/draft.js';
import { useJustJudged } from '../../stores/notebook/justJudged.js';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { addPerson, useMe } from '../../stores/kitchen/people.js';
import { useSaid } from '../../stores/session/said.js';
import { planInputOf } from '../../stores/plan/learntPlan.js';
import { settle, silence, soon } from '../../testing/household.js';
import { pressed, shown } from '../../testing/stoveShown.js';
import { StoveScreen } from './StoveScreen.js';

const draft = () => useDraft.getState().draft!;
const active = () => useCooks.getState().active!;
const last = () => active().events!.at(-1);
const upTo = (act: string): void => {
  useCooks.getState().tap('start', active().answer.stages[0]!.id);
  for (const stage of active().answer.stages) {
    if (stage.act === act) return;
    useCooks.getState().tap('done', stage.id);
  }
};
const show = (): Promise<void> => shown(<StoveScreen />);
const type = (field: HTMLElement, value: string): void => {
  fireEvent.change(field, { target: { value } });
};

beforeEach(() => {
  silence();
  settle();
  emptyForms();
  useMe.setState({ name: null });
  useCooks.getState().begin(draft(), planInputOf(draft(), useKitchen.getState()));
});
afterEach(cleanup);

describe('a pot that is left', () => {
  it('stands off the heat with its clock, says so and nothing that is not so, and goes on by a press', async () => {
    upTo('simmer');
    await show();
    await pressed('More …');
    expect(screen.queryByRole('button', { name: 'Goes on' })).toBeNull();
    await pressed('Stands off the heat');
    expect(last()).toMatchObject({ kind: 'pause', stageId: 'simmer' });
    expect(screen.getByText(/Off the heat since/u)).toBeTruthy();
    expect(screen.getByText(/^No heat/u)).toBeTruthy();
    expect(screen.queryByText('Look for:')).toBeNull();
    expect(screen.queryByText(/The bell rings/u)).toBeNull();
    await pressed('Back on, go on');
    expect(last()).toMatchObject({ kind: 'resume', stageId: 'simmer' });
    expect(screen.queryByText(/Off the heat since/u)).toBeNull();
    expect(screen.getByText('Look for:')).toBeTruthy();
  });

  it('says aloud what is to be done when it goes on to the next stage, and nothing of what is on its way', async () => {
    await show();
    useSaid.setState({ text: '' });
    const [first, second] = active().answer.stages;
    await act(() => {
      useCooks.getState().tap('start', first!.id);
      useCooks.getState().tap('done', first!.id);
      return soon();
    });
    const title = document.getElementById('act')!.textContent;
    expect(second).toBeDefined();
    expect(useSaid.getState().text).toContain(title);
    expect(useSaid.getState().text.length).toBeGreaterThan(title.length);
    expect(screen.queryAllByRole('status').map((e) => e.textContent)).not.toContain(
      expect.stringContaining('on the way'),
    );
  });

  it('is handed over by a name, which every device shows and the household keeps', async () => {
    upTo('simmer');
    await show();
    await pressed('More …');
    await pressed('Stirring now …');
    type(screen.getByLabelText('Stirring now: another name'), ' Odo ');
    await pressed('Add');
    expect(last()).toMatchObject({ kind: 'hands', said: 'Odo' });
    expect(screen.getByText(/Odo stirs/u)).toBeTruthy();
    expect(useKitchen.getState().household.people).toEqual(['Odo']);
  });
});

describe('a pour told by its level', () => {
  it('is a press on the joints, or so many mm, and what was poured is told in the measure of the kitchen', async () => {
    const { advisedMl, answer, input } = active();
    upTo(answer.stages.find((s) => s.act === 'boil' || s.act === 'simmer')!.act);
    await show();
    await pressed('tell it by its level');
    const row = within(screen.getByRole('group', { name: 'How far it stands over the grain' }));
    type(row.getByRole('textbox'), '250');
    expect(row.getByText('From 0 to 200 mm.')).toBeTruthy();
    const mm = answer.levels.aboveGrainMm + 5;
    type(row.getByRole('textbox'), mm.toString());
    fireEvent.click(row.getByRole('button', { name: 'So far' }));
    await act(() => soon());
    // A disc of the pot 5 mm thick: π d² / 4.
    const disc = (Math.PI * input.vessel.diameterCm ** 2 * 0.5) / 4;
    expect(active().pouredMl! - advisedMl).toBeCloseTo(disc, 4);
  });
});

describe('more of an outcome', () => {
  it('says whose word it is, who ate and what helped of what was done, and is written down with it', async () => {
    addPerson('Mirle');
    upTo('simmer');
    useCooks.getState().tap('splash', 'simmer', { amount: 45 });
    useCooks.getState().tap('extend', 'simmer', { minutes: 5 });
    for (const stage of active().answer.stages) useCooks.getState().tap('done', stage.id);
    const { id } = active();
    await show();
    fireEvent.click(screen.getByText('More, if you like'));
    fireEvent.click(within(screen.getByRole('group', { name: 'Whose word it is' })).getByText('Mirle'));
    const ate = within(screen.getByRole('group', { name: 'Who ate' }));
    fireEvent.click(ate.getByText('Mirle'));
    fireEvent.click(ate.getByText('guests'));
    expect(screen.queryByLabelText('ladling out')).toBeNull();
    fireEvent.click(screen.getByLabelText('the splash'));
    type(screen.getByLabelText(/It weighs/u), '1950');
    await pressed('So much');
    expect(last()).toMatchObject({ kind: 'weighs', amount: 1950 });
    fireEvent.click(screen.getByRole('radio', { name: 'just right' }));
    await pressed('Write it down');
    const { cook } = useJustJudged.getState();
    expect(cook).toMatchObject({
      id,
      outcome: { texture: 3, by: 'Mirle', ate: ['Mirle', 'guests'], helped: ['splash'] },
    });
  });

  it('takes a new name in without sending what is still being filled in', async () => {
    upTo('simmer');
    for (const stage of active().answer.stages) useCooks.getState().tap('done', stage.id);
    await show();
    fireEvent.click(screen.getByText('More, if you like'));
    fireEvent.click(screen.getByRole('radio', { name: 'just right' }));
    const name = screen.getByLabelText('Whose word it is: another name');
    type(name, 'Odo');
    fireEvent.keyDown(name, { key: 'Enter' });
    await act(() => soon());
    expect(useKitchen.getState().household.people).toContain('Odo');
    expect(screen.getByRole('form', { name: 'How it came out' })).toBeTruthy();
    expect(document.querySelectorAll('form form')).toHaveLength(0);
  });
});

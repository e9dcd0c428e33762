import { afterEach, beforeEach, describe, expect, it, jest } from '@jest/globals';
import { act, cleanup, fireEvent, screen, within } from '@testing-library/react';
import ICAL from 'ical.js';
import { useCooks } from '../../stores/cooks/cooks.js';
import { useDraft } from '../../stores/plan/draft.js';
import { emptyForms, setKept } from '../../stores/session/persisted.js';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { planInputOf } from '../../stores/plan/learntPlan.js';
import { useReminders } from '../../stores/meal/reminders.js';
import { settle, silence, soon } from '../../testing/household.js';
import { QUIET } from '../../testing/quiet.js';
import { pressed, shown } from '../../testing/stoveShown.js';
import { ReminderWatch } from '../../ui/shell/ReminderWatch.js';
import { calendarText } from './calendarFile.js';
import { TableScreen } from './TableScreen.js';

const notify = jest.fn();
const instruments = { ...QUIET, askToNotify: () => Promise.resolve(true), notify };
const show = (): Promise<void> =>
  shown(
    <>
      <TableScreen />
      <ReminderWatch />
    </>,
    instruments,
  );
const type = (name: string | RegExp, value: string): void => {
  fireEvent.change(screen.getByRole('textbox', { name }), { target: { value } });
};
const begins = () =>
  within(screen.getByTestId('begins'))
    .getAllByRole('listitem')
    .map((li) => li.textContent);

beforeEach(() => {
  silence();
  settle();
  emptyForms();
  useReminders.getState().set([]);
});
afterEach(cleanup);

describe('the meal on one sheet', () => {
  it('says when it is on the table begun now, and when each act begins', async () => {
    await show();
    expect(screen.getByTestId('meal').textContent).toMatch(/^Begun now it is on the table at/u);
    expect(begins().length).toBeGreaterThan(3);
    expect(begins().some((l) => l.includes('rest'))).toBe(true);
  });

  it('takes what is made beside it, with its clock among the others, and away again', async () => {
    await show();
    type('Beside it', 'cucumber salad');
    await pressed('Add it');
    expect(useDraft.getState().draft!.spec.beside).toMatchObject([
      { name: 'cucumber salad', kind: 'side', minutes: 15, handsOnMin: 15 },
    ]);
    expect(begins().some((l) => l.includes('cucumber salad: at hand15 min, at hand'))).toBe(true);
    await pressed('Remove cucumber salad');
    expect(begins().some((l) => l.includes('cucumber salad'))).toBe(false);
  });

  it('says at its field what cannot be', async () => {
    await show();
    type('Beside it', 'stock');
    type(/^takes/u, '0');
    expect(screen.getByText('From 1 to 1440 min.')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Add it' }).hasAttribute('disabled')).toBe(true);
    type(/^takes/u, '10');
    type(/^at hand/u, '20');
    expect(screen.getByText('No more than it takes in all.')).toBeTruthy();
  });

  it('says how late it will be when it had to be begun before now', async () => {
    const soonMs = Date.now() + 5 * 60_000;
    setKept('eat.at', new Date(soonMs).toTimeString().slice(0, 5));
    await show();
    expect(screen.getByTestId('meal').textContent).toMatch(
      /\d+ min later than you wanted: it had to be begun/u,
    );
  });

  it('has every pot that is on, from where it is', async () => {
    const draft = useDraft.getState().draft!;
    for (let i = 0; i < 2; i += 1)
      useCooks.getState().begin(draft, planInputOf(draft, useKitchen.getState()));
    const [first] = useCooks.getState().active!.answer.stages;
    useCooks.getState().tap('start', first!.id);
    await show();
    expect(screen.getByTestId('meal').textContent).toMatch(/^On the table at/u);
    expect(begins().some((l) => l.includes(`${draft.label} (2): `))).toBe(true);
  });

  it('reminds of each beginning at its time, and no more once it is told not to', async () => {
    setKept('eat.at', new Date(Date.now() + 6 * 3_600_000).toTimeString().slice(0, 5));
    await show();
    await pressed('Remind me on this device');
    const { list } = useReminders.getState();
    expect(list.length).toBeGreaterThan(0);
    expect(notify).not.toHaveBeenCalled();
    await act(() => {
      useReminders.getState().set([{ what: 'Soak', atMs: Date.now() - 1000 }, ...list]);
      return soon();
    });
    expect(notify).toHaveBeenCalledWith('Begin now', 'Soak');
    expect(useReminders.getState().list).toEqual(list);
    await pressed('Remind me no more');
    expect(useReminders.getState().list).toEqual([]);
  });
});

describe('the calendar file', () => {
  it('has no line of anybody else’s making: a name with a line end in it begins no property', () => {
    const one = { what: 'Pilaf\r\nATTACH:x', fromMs: 0, toMs: 60_000 };
    const text = calendarText('Hammock', [{ ...one, id: 'pot\r\nATTACH:http://evil.test' }], 0);
    const lines = text.split(/\r?\n/u);
    expect(lines.filter((line) => line.startsWith('ATTACH'))).toEqual([]);
    expect(lines.filter((line) => line.startsWith('UID:'))).toEqual(['UID:pot--ATTACH:http:--evil.test']);
  });

  it('is read by a reader that is not ours (ical.js, RFC 5545): each beginning with its time and an alarm', () => {
    const fromMs = Date.UTC(2026, 4, 2, 16, 30);
    const text = calendarText(
      'Hammock',
      [{ id: 'pot-soak', what: 'Bellows pilaf: soak; 30 min, cold', fromMs, toMs: fromMs + 30 * 60_000 }],
      fromMs - 3_600_000,
    );
    const calendar = new ICAL.Component(ICAL.parse(text) as string[]);
    const [entry] = calendar.getAllSubcomponents('vevent');
    const event = new ICAL.Event(entry);
    expect(event.summary).toBe('Bellows pilaf: soak; 30 min, cold');
    expect(event.startDate.toJSDate().getTime()).toBe(fromMs);
    expect(event.endDate.toJSDate().getTime()).toBe(fromMs + 30 * 60_000);
    expect(event.uid).toBe('pot-soak');
    const [alarm] = entry!.getAllSubcomponents('valarm');
    expect(String(alarm!.getFirstPropertyValue('action'))).toBe('DISPLAY');
    // Lines are folded at 75 octets and end as the standard says.
    for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
  });
});

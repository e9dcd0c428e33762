import { jest } from '@jest/globals';
import type {
  BagRecord,
  CupRecord,
  DishRecord,
  HobRecord,
  HouseholdRecord,
  VesselRecord,
} from '@hammock/core/records';
import { useCooks } from '../stores/cooks/cooks.js';
import { useDraft } from '../stores/plan/draft.js';
import { useUndo } from '../stores/session/undo.js';
import { emptyForms } from '../stores/session/persisted.js';
import { useKitchen } from '../stores/kitchen/kitchen.js';
import { useUnits } from '../stores/kitchen/units.js';
import { emptyOutbox } from '../stores/session/pendingWrites.js';

const kept = (id: string) => ({ id, createdAtMs: 1, updatedAtMs: 1, revision: 1 });

export const HOUSEHOLD: HouseholdRecord = {
  name: 'Test',
  altitudeM: 0,
  roomC: 20,
  texture: 2,
  served: 'plain',
  metric: false,
  revision: 1,
};
export const BAGS: readonly BagRecord[] = [
  { ...kept('bag-long'), grainId: 'longGrainWhite', label: 'Long', note: '', openedOn: null },
  { ...kept('bag-jasmine'), grainId: 'jasmine', label: 'Jasmine', note: 'sticky', openedOn: null },
];
export const VESSELS: readonly VesselRecord[] = [
  {
    ...kept('pot-small'),
    label: 'Small pot',
    diameterCm: 18,
    volumeMl: 2000,
    lid: 'wellFitting',
    wall: 'thin',
    kind: 'pot',
  },
  {
    ...kept('pot-large'),
    label: 'Large pot',
    diameterCm: 24,
    volumeMl: 5000,
    lid: 'wellFitting',
    wall: 'thin',
    kind: 'pot',
  },
];
export const HOBS: readonly HobRecord[] = [
  {
    ...kept('hob'),
    label: 'Ring',
    kind: 'gas',
    powerW: { high: 1100, mediumHigh: 850, medium: 520, low: 210, veryLow: 140, off: 0 },
  },
];
export const CUPS: readonly CupRecord[] = [
  {
    ...kept('cup'),
    label: 'cup',
    kind: 'cup',
    ml: 240,
    parts: ['1', '3/4', '1/2', '1/3', '1/4'],
    stepMl: null,
  },
  { ...kept('tbsp'), label: 'tbsp', kind: 'spoon', ml: 15, parts: ['1', '1/2'], stepMl: null },
  { ...kept('jug'), label: 'jug', kind: 'jug', ml: 1000, parts: ['1'], stepMl: 50 },
];
export const DISHES: readonly DishRecord[] = [
  {
    ...kept('dish-pilaf'),
    label: 'Pilaf',
    blurb: '',
    spec: {
      grainId: 'longGrainWhite',
      grain: { g: 340 },
      portions: 4,
      ingredients: [{ ingredientId: 'onion', amount: { count: 1 } }],
    },
  },
  {
    ...kept('dish-coconut'),
    label: 'Coconut',
    blurb: '',
    spec: {
      grainId: 'jasmine',
      grain: { g: 300 },
      portions: 4,
      ingredients: [{ ingredientId: 'coconutMilk', amount: { count: 1 } }],
    },
  },
];

/** What a stand-in server says to one request. */
export type Says = (
  method: string,
  path: string,
  body: unknown,
) => { status: number; body?: unknown } | 'gone';

/** Puts a stand-in for the network in place; returns what it was asked, in order. */
export function network(says: Says): { method: string; path: string; body: unknown }[] {
  const asked: { method: string; path: string; body: unknown }[] = [];
  globalThis.fetch = jest.fn((path: RequestInfo | URL, init?: RequestInit) => {
    const request = {
      method: init?.method ?? 'GET',
      path: path as string,
      body: typeof init?.body === 'string' ? (JSON.parse(init.body) as unknown) : undefined,
    };
    asked.push(request);
    const reply = says(request.method, request.path, request.body);
    if (reply === 'gone') return Promise.reject(new TypeError('gone'));
    const text = reply.body === undefined ? '' : JSON.stringify(reply.body);
    return Promise.resolve({
      ok: reply.status < 400,
      status: reply.status,
      headers: new Map(),
      text: () => Promise.resolve(text),
    } as unknown as Response);
  });
  return asked;
}

/** A network that never answers, for screens that are not about it. */
export function silence(): void {
  // The document of the tests has no window to scroll.
  Element.prototype.scrollIntoView = () => undefined;
  globalThis.fetch = jest.fn(() => new Promise<Response>(() => undefined));
}

/** A kitchen, a pilaf in the large pot, nothing on the stove and an empty outbox. */
export function settle(): void {
  localStorage.clear();
  sessionStorage.clear();
  emptyForms();
  useUnits.setState({ unit: null });
  emptyOutbox();
  useKitchen.setState({
    household: HOUSEHOLD,
    bags: BAGS,
    vessels: VESSELS,
    hobs: HOBS,
    cups: CUPS,
    dishes: DISHES,
    ingredients: [],
    methods: [],
    steamTests: [],
    state: 'loaded',
  });
  useCooks.setState({ active: null, others: [], recent: undefined });
  useDraft.setState({ draft: null, stored: null, unsent: false, aside: [] });
  const [pilaf] = DISHES;
  if (pilaf) useDraft.getState().chooseDish(pilaf);
  useUndo.setState({ past: [], future: [] });
}

/** Lets promises and timers of no length run. */
export const soon = (): Promise<void> => new Promise((later) => setTimeout(later, 0));

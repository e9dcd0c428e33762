import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { readTelling, toldPlan, type Telling, type ToldPlan } from '@hammock/core';
import { withTold } from '../screens/pour/goesIn/putIn.js';
import type { Draft } from '../stores/plan/draftOf.js';
import type { KitchenThings } from '../stores/kitchen/kitchenThings.js';
import { BAGS, HOBS, HOUSEHOLD, VESSELS } from './household.js';

/** Dishes as cooks tell them, invented to build and test by. */
export const TELLINGS = readFileSync(
  join(__dirname, '../../../../packages/core/src/testing/dishes.txt'),
  'utf8',
)
  .replace(/^#.*\n/u, '')
  .split('\n---\n');

const [, large] = VESSELS;
if (!large) throw new Error('There is no second pot.');
/** The larger of the pots. */
export const LARGE = large;
/** A kitchen that has a vessel of every kind. */
export const KITCHEN = {
  household: HOUSEHOLD,
  bags: BAGS,
  hobs: HOBS,
  vessels: [
    ...VESSELS,
    { ...LARGE, id: 'whistler', kind: 'pressureCooker', volumeMl: 7000 },
    { ...LARGE, id: 'multi', kind: 'multiCooker', volumeMl: 6000 },
    { ...LARGE, id: 'cooker', kind: 'riceCooker', volumeMl: 3000 },
  ],
  cups: [],
  dishes: [],
  ingredients: [],
  methods: [],
  steamTests: [],
} as unknown as KitchenThings;
const BLANK: Draft = {
  planId: 'p',
  dishId: null,
  label: 'New dish',
  spec: { grainId: '', grain: { text: '' }, portions: 4 },
  bagId: null,
  vesselId: null,
  hobId: 'hob',
};
const SIZES = { tomatoPuree: { jar: 680 }, tomatoPaste: { tube: 200 } };
/** How what is told is read there. */
export const READ = { cupMl: 240, sizes: SIZES };
/** A telling as it is put into a blank pot; what is asked is answered by a tap. */
export const told = (
  text: string,
  draft: Draft = BLANK,
): { made: Draft; telling: Telling; plan: ToldPlan } => {
  const heard = readTelling(text, READ);
  const lines = heard.lines.map((l) => (l.id === undefined || l.amount ? l : { ...l, amount: { ml: 10 } }));
  const telling = { ...heard, lines };
  const plan = toldPlan(telling);
  const ready = (n: number): boolean => lines[n]?.id !== undefined || lines[n]?.potCm !== undefined;
  return {
    telling,
    plan,
    made: withTold(
      draft,
      { telling, told: plan, ready, text },
      () => KITCHEN,
      () => LARGE.id,
    ),
  };
};

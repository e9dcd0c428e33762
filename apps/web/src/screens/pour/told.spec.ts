import { describe, expect, it } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { answer, parseRecipe, type Recipe } from '@hammock/core';
import type { Draft } from '../../stores/draftOf.js';
import type { KitchenThings } from '../../stores/kitchenThings.js';
import { planInputOf } from '../../stores/planInput.js';
import { BAGS, HOBS, HOUSEHOLD, VESSELS } from '../../testing/household.js';
import { withTold } from './putIn.js';

const DISHES = readFileSync(join(__dirname, '../../../../../packages/core/src/testing/dishes.txt'), 'utf8')
  .replace(/^#.*\n/u, '')
  .split('\n---\n');

const LARGE = VESSELS[1]!;
const KITCHEN = {
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
const READ = { cupMl: 240, sizes: SIZES };
const told = (text: string): { made: Draft; recipe: Recipe } => {
  const recipe = parseRecipe(text, READ);
  // What is asked is answered by a tap.
  const ready = recipe.lines
    .filter((l) => l.id !== undefined || l.status === 'words' || l.portions !== undefined)
    .map((l) => (l.id === undefined || l.amount ? l : { ...l, amount: { ml: 10 } }));
  return {
    recipe,
    made: withTold(
      BLANK,
      ready,
      recipe,
      () => KITCHEN,
      () => LARGE.id,
    ),
  };
};

describe('a dish that is told', () => {
  it.each(DISHES.map((d, i) => [i + 1, d] as const))(
    '%i becomes a pot with a number, and its words stand at its stages',
    (_n, text) => {
      const { made, recipe } = told(text);
      const got = answer(planInputOf(made, KITCHEN));
      expect(got.ok ? [] : got.error).toEqual([]);
      expect(made.label).toBe(recipe.title);
      const notes = (made.spec.stages ?? [])
        .map((s) => s.note ?? '')
        .join(' ')
        .toLowerCase();
      expect(recipe.steps.filter((s) => !notes.includes(s.text.toLowerCase())).map((s) => s.text)).toEqual(
        [],
      );
    },
  );

  it('is cooked in its own order, in the vessel of its method, with the bag of its grain', () => {
    const acts = (n: number) => told(DISHES[n - 1]!).made.spec.stages?.map((s) => s.act);
    expect(acts(1)?.slice(0, 3)).toEqual(['warmFat', 'toast', 'base']);
    expect(told(DISHES[1]!).made.vesselId).toBe('whistler');
    expect(told(DISHES[7]!).made.vesselId).toBe('cooker');
    expect(told(DISHES[0]!).made.bagId).toBe('bag-long');
    expect(told(DISHES[12]!).made.bagId).toBeNull();
  });

  it('lets join what was named once the liquid was in', () => {
    const joins = (n: number) =>
      Object.fromEntries(
        (told(DISHES[n - 1]!).made.spec.ingredients ?? []).map((i) => [i.ingredientId, i.joins]),
      );
    expect(joins(4)).toMatchObject({ parsley: 'fork', walnut: undefined, courgette: undefined });
    expect(joins(6)).toMatchObject({ fishFried: 'turn', aubergine: undefined });
    expect(joins(8)).toMatchObject({ cashew: 'fork', coconutFlakes: 'fork', shallot: undefined });
  });

  it('keeps the cook’s own pour beside the answer, by measure or by rule', () => {
    expect(told(DISHES[0]!).made.spec.usualPour).toEqual({ ml: 960 });
    expect(told(DISHES[9]!).made.spec.usualPour).toEqual({ ml: 1.25 * 600 });
    expect(told('3 cups water\n2 cups basmati').made.spec).toMatchObject({
      usualPour: { ml: 720 },
      pourWith: 'water',
    });
    expect(told(DISHES[0]!).made.spec.ingredients?.some((i) => i.ingredientId === 'water')).toBe(false);
  });

  it('takes one thing more without touching the stages', () => {
    const { made } = told(DISHES[0]!);
    const more = parseRecipe('1 carrot', READ);
    const next = withTold(
      made,
      more.lines,
      more,
      () => KITCHEN,
      () => LARGE.id,
    );
    expect(next.spec.stages).toBe(made.spec.stages);
    expect(next.label).toBe(made.label);
    expect(next.spec.ingredients).toHaveLength((made.spec.ingredients?.length ?? 0) + 1);
  });
});

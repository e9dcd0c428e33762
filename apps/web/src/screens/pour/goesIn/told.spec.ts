import { beforeAll, describe, expect, it } from '@jest/globals';
import { answer, parseRecipe } from '@hammock/core';
import type { Draft } from '../../../stores/plan/draftOf.js';
import { loadCore } from '../../../stores/plan/core.js';
import { planInputOf } from '../../../stores/plan/learntPlan.js';
import { KITCHEN, LARGE, READ, TELLINGS, told } from '../../../testing/tellings.js';
import { withTold } from './putIn.js';

const baseOf = (draft: Draft) => {
  const made = answer(planInputOf(draft, KITCHEN));
  if (!made.ok) throw new Error(JSON.stringify(made.error));
  return made.value.base;
};

beforeAll(loadCore);

describe('a dish that is told', () => {
  it.each(TELLINGS.map((d, i) => [i + 1, d] as const))(
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
    const acts = (n: number) => told(TELLINGS[n - 1]!).made.spec.stages?.map((s) => s.act);
    expect(acts(1)?.slice(0, 3)).toEqual(['warmFat', 'toast', 'base']);
    expect(told(TELLINGS[1]!).made.vesselId).toBe('whistler');
    expect(told(TELLINGS[7]!).made.vesselId).toBe('cooker');
    expect(told(TELLINGS[0]!).made.bagId).toBe('bag-long');
    expect(told(TELLINGS[12]!).made.bagId).toBeNull();
  });

  it('lets join what was named once the liquid was in', () => {
    const joins = (n: number) =>
      Object.fromEntries(
        (told(TELLINGS[n - 1]!).made.spec.ingredients ?? []).map((i) => [i.ingredientId, i.joins]),
      );
    expect(joins(4)).toMatchObject({ parsley: 'fork', walnut: undefined, courgette: undefined });
    expect(joins(6)).toMatchObject({ fishFried: 'turn', aubergine: undefined });
    expect(joins(8)).toMatchObject({ cashew: 'fork', coconutFlakes: 'fork', shallot: undefined });
  });

  it('keeps the cook’s own pour beside the answer, by measure or by rule', () => {
    expect(told(TELLINGS[0]!).made.spec.usualPour).toEqual({ ml: 960 });
    expect(told(TELLINGS[9]!).made.spec.usualPour).toEqual({ ml: 1.25 * 600 });
    expect(told('3 cups water\n2 cups basmati').made.spec).toMatchObject({
      usualPour: { ml: 720 },
      pourWith: 'water',
    });
    expect(told(TELLINGS[0]!).made.spec.ingredients?.some((i) => i.ingredientId === 'water')).toBe(false);
  });

  it('pours hot what is said to be hot, in its line or its step, and nothing else', () => {
    const tempOf = (text: string) => told(text).made.spec.liquidTempC;
    expect(tempOf('3 cups hot water\n2 cups basmati')).toBe(95);
    expect(tempOf('3 cups boiling stock\n2 cups basmati')).toBe(95);
    expect(tempOf('2 cups basmati\n700 ml stock\nAdd the boiling stock and simmer covered 12 minutes.')).toBe(
      95,
    );
    for (const cold of [
      '3 cups water\n2 cups basmati',
      '2 cups basmati\n1 hot pepper\n700 ml stock',
      '2 cups basmati\n700 ml water\nBring to a boil, then simmer on low for 12 minutes. Serve hot.',
    ])
      expect(tempOf(cold)).toBeUndefined();
  });

  it('takes the stew out that it says is taken out, and brings it back where it says', () => {
    expect(told(TELLINGS[5]!).made.spec.base).toEqual({ ladleOutG: 180 });
    const third = told(TELLINGS[6]!);
    const { massG } = baseOf({ ...third.made, spec: { ...third.made.spec, base: {} } });
    expect(third.made.spec.base!.ladleOutG! / massG).toBeCloseTo(1 / 3, 1);
    const back =
      'Pot\n2 cups basmati\n400 g tomatoes\nFry the tomatoes to a mush. Half a ladle of it out. Lid, low, 15 minutes.';
    expect(told(`${back} Rest 10 minutes, the ladleful back.`).made.spec.base).toEqual({
      ladleOutG: 60,
      ladleBack: 'rest',
    });
    // There is nothing to take it from: the words stay, and the pot has its number.
    const none = told('Pot\n2 cups basmati\nThree ladles of the stew out. Lid, low, 15 minutes.').made;
    expect(none.spec.base).toBeUndefined();
    expect(JSON.stringify(none.spec.stages)).toContain('Three ladles');
  });

  it('takes one thing more without touching the stages', () => {
    const { made } = told(TELLINGS[0]!);
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

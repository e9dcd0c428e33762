import { beforeAll, describe, expect, it } from '@jest/globals';
import { answer, readTelling, toldPlan } from '@hammock/core';
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
const joins = (draft: Draft) =>
  Object.fromEntries((draft.spec.ingredients ?? []).map((i) => [i.ingredientId, i.joins]));

beforeAll(loadCore);

describe('a dish that is told', () => {
  it.each(TELLINGS.map((d, i) => [i + 1, d] as const))(
    '%i becomes a pot with a number, and its words stand at its stages',
    (_n, text) => {
      const { made, telling, plan } = told(text);
      const got = answer(planInputOf(made, KITCHEN));
      expect(got.ok ? [] : got.error).toEqual([]);
      expect(made.label).toBe(telling.title);
      const notes = (made.spec.stages ?? [])
        .map((s) => s.note ?? '')
        .join(' ')
        .toLowerCase();
      const words = plan.stages
        .flatMap((s) => s.words)
        .map((w) => w.replace(/[.,;:\s]+$/u, '').toLowerCase());
      expect(words.filter((w) => !notes.includes(w))).toEqual([]);
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

  it('puts each thing in at the act that names it, before the liquid and after', () => {
    const { made } = told(
      'Pot\n2 cups long grain\n1 onion\n2 tbsp oil\n1 tsp cumin seeds\n1 tbsp tomato paste\n1/2 cup parsley\n3 cups hot water\nHeat the oil with the cumin. Fry the onion golden. Add the paste and fry until the oil rises. Add the rice and water, boil, cover, low 15 minutes. Rest 5 minutes, the parsley in.',
    );
    expect(joins(made)).toMatchObject({
      cuminSeed: 'warmFat',
      onion: 'base',
      tomatoPaste: 'base2',
      parsley: 'rest',
    });
    expect(joins(told(TELLINGS[3]!).made)).toMatchObject({ parsley: 'fork' });
    expect(joins(told(TELLINGS[5]!).made)).toMatchObject({ fishFried: 'turn' });
  });

  it('leaves what is made in another pan out of the pot', () => {
    const list = told(TELLINGS[7]!).made.spec.ingredients ?? [];
    for (const id of ['cashew', 'coconutFlakes'])
      expect(list.find((i) => i.ingredientId === id)?.apart).toBe(true);
  });

  it('keeps the cook’s own pour beside the answer, by measure or by rule', () => {
    expect(told(TELLINGS[0]!).made.spec.usualPour).toEqual({ ml: 960 });
    expect(told(TELLINGS[9]!).made.spec.usualPour).toEqual({ ml: 1.25 * 600 });
    expect(told('3 cups water\n2 cups basmati').made.spec).toMatchObject({
      usualPour: { ml: 720 },
      pourWith: 'water',
    });
    expect(told('2 cups basmati\nAdd 3 cups water, less half for the tomatoes.').made.spec.usualPour).toEqual(
      {
        ml: 600,
      },
    );
    expect(told(TELLINGS[0]!).made.spec.ingredients?.some((i) => i.ingredientId === 'water')).toBe(false);
  });

  it('reckons a level over the grain in this pot', () => {
    const ml = (words: string) =>
      told(`Pot\n2 cups basmati\n1 tsp salt\nWash the rice. ${words} Boil, cover, low 15 minutes.`).made.spec
        .usualPour?.ml ?? 0;
    expect(ml('Water two fingers above the rice.')).toBeGreaterThan(ml('Water one finger above the rice.'));
    expect(ml('Water one finger above the rice.')).toBeGreaterThan(ml('Water half an inch above the rice.'));
    expect(ml('Water just to cover the rice.')).toBeGreaterThan(0);
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

  it('put in a second time it replaces what it put in, and doubles nothing', () => {
    const once = told(TELLINGS[0]!).made;
    const twice = told(TELLINGS[0]!, once).made;
    expect(twice.spec).toEqual(once.spec);
  });

  it('takes one thing more without touching the stages', () => {
    const { made } = told(TELLINGS[0]!);
    const telling = readTelling('1 carrot', READ);
    const next = withTold(
      made,
      { telling, told: toldPlan(telling), ready: () => true },
      () => KITCHEN,
      () => LARGE.id,
    );
    expect(next.spec.stages).toBe(made.spec.stages);
    expect(next.label).toBe(made.label);
    expect(next.spec.ingredients).toHaveLength((made.spec.ingredients?.length ?? 0) + 1);
  });
});

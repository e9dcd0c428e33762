import type { PlanInput } from '../plan/input/planInput.js';
import type { State } from '../basics/larder/composition.js';

const VESSEL = { diameterCm: 22, volumeMl: 4000 };

/** Cups poured, how far off the answer may be, the pot. */
export type Pot = readonly [what: string, cups: number, within: number, plan: PlanInput];

// No constant was solved for a row; choices with some in view: docs/decisions/0003-account.md, docs/accuracy.md.
/** What experienced cooks pour into such a pot: common practice, no published source. */
export const TABLE: readonly Pot[] = [
  [
    '1½ cups unsoaked long grain, toasted, boiled open 5 min, covered 15',
    3,
    0.15,
    {
      grainId: 'longGrainWhite',
      grain: { cups: 1.5 },
      toast: 'opaque',
      timing: { openBoilMin: 5, openBoilHeat: 'mediumHigh', coveredMin: 15 },
      vessel: VESSEL,
    },
  ],
  [
    '1 cup basmati soaked 30 min, in mushroom liquor, rapid boil, covered 15',
    2,
    0.15,
    {
      grainId: 'basmati',
      grain: { cups: 1 },
      wash: 'rinsed',
      soakMin: 30,
      pourWith: 'mushroomLiquor',
      timing: { coveredMin: 15, restMin: 5 },
      vessel: VESSEL,
    },
  ],
  [
    '3 cups parboiled basmati soaked 1 h, hot liquid, covered 10 + 10',
    3,
    0.15,
    {
      grainId: 'parboiledBasmati',
      grain: { cups: 3 },
      wash: 'rinsed',
      soakMin: 60,
      liquidTempC: 95,
      timing: { coveredMin: 20 },
      vessel: VESSEL,
    },
  ],
  [
    '1 cup brown long grain, rinsed, electric pressure cooker 25 min, natural release',
    1.75,
    0.15,
    {
      grainId: 'brownLong',
      grain: { cups: 1 },
      wash: 'rinsed',
      method: 'multiCooker',
      timing: { pressureMin: 25 },
      vessel: { diameterCm: 22, volumeMl: 6000 },
    },
  ],
  [
    '1 cup basmati soaked 5 min, pressure cooker, one whistle and 3 min low',
    1.5,
    0.15,
    {
      grainId: 'basmati',
      grain: { cups: 1 },
      wash: 'rinsed',
      soakMin: 5,
      method: 'pressureCooker',
      timing: { whistles: 1, pressureMin: 3 },
      vessel: VESSEL,
    },
  ],
  [
    '3 cups basmati washed, boiled open until absorbed, low 10',
    4.5,
    0.2,
    {
      grainId: 'basmati',
      grain: { cups: 3 },
      wash: 'rinsed',
      method: 'absorbButter',
      timing: { coveredMin: 10 },
      vessel: { diameterCm: 24, volumeMl: 5000 },
    },
  ],
  [
    '1 cup small millet soaked 20 min, covered on medium 15 to 20',
    2,
    0.2,
    {
      grainId: 'millet',
      grain: { cups: 1 },
      wash: 'rinsed',
      soakMin: 20,
      // Set on medium with its lid on from cold: the minutes hold the way to the boil too.
      stages: [
        { id: 'soak', act: 'soak', heat: 'off', lid: 'off', end: { kind: 'minutes', minutes: 20 } },
        { id: 'simmer', act: 'simmer', heat: 'medium', lid: 'on', end: { kind: 'minutes', minutes: 17.5 } },
        { id: 'rest', act: 'rest', heat: 'off', lid: 'on', end: { kind: 'minutes', minutes: 5 } },
      ],
      vessel: { diameterCm: 18, volumeMl: 2500 },
    },
  ],
];

const item = (ingredientId: string, amount: PlanInput['grain'], state?: State) => ({
  ingredientId,
  amount,
  ...(state === undefined ? {} : { state }),
});

/** Pots of the same kinds that are not in the table: common practice, written down from memory. */
export const OTHERS: readonly Pot[] = [
  [
    'one can of coconut milk and water, jasmine',
    1.33,
    0.2,
    {
      grainId: 'jasmine',
      grain: { cups: 2 },
      wash: 'untilClear',
      ingredients: [item('coconutMilk', { count: 1 })],
      vessel: VESSEL,
    },
  ],
  [
    'rice cooker, jasmine',
    2.5,
    0.2,
    {
      grainId: 'jasmine',
      grain: { cups: 2 },
      wash: 'untilClear',
      method: 'riceCooker',
      vessel: { diameterCm: 20, volumeMl: 2800 },
    },
  ],
  [
    'boiled down over a heat-spreader, cloth under the lid',
    3,
    0.2,
    {
      grainId: 'basmati',
      grain: { cups: 2 },
      wash: 'untilClear',
      soakMin: 30,
      method: 'boilDown',
      timing: { spreader: true },
      vessel: { diameterCm: 24, volumeMl: 5000 },
    },
  ],
  [
    'with brown-toasted vermicelli',
    3.75,
    0.2,
    {
      grainId: 'longGrainWhite',
      grain: { cups: 2 },
      toast: 'glossy',
      ingredients: [item('vermicelli', { g: 60 }, 'brown'), item('butter', { g: 40 })],
      vessel: VESSEL,
    },
  ],
  [
    'raw prawns, yoghurt and tomato',
    2.6,
    0.2,
    {
      grainId: 'basmati',
      grain: { cups: 2 },
      wash: 'untilClear',
      soakMin: 30,
      ingredients: [
        item('prawns', { g: 400 }, 'raw'),
        item('yoghurt', { g: 120 }),
        item('tomato', { count: 2 }, 'mushy'),
        item('onion', { count: 1 }, 'golden'),
        item('oil', { g: 45 }),
      ],
      vessel: VESSEL,
    },
  ],
  [
    'pressure cooker, two whistles',
    1.5,
    0.2,
    {
      grainId: 'basmati',
      grain: { cups: 1 },
      wash: 'rinsed',
      soakMin: 30,
      method: 'pressureCooker',
      timing: { whistles: 2 },
      vessel: VESSEL,
    },
  ],
  [
    'tomato and pepper cooked till the oil rises, stock, foil under the lid',
    4.5,
    0.2,
    {
      grainId: 'parboiledLong',
      grain: { cups: 4 },
      wash: 'rinsed',
      method: 'stewSteam',
      pourWith: 'stockChicken',
      ingredients: [
        item('tomatoChopped', { g: 800 }, 'oilSeparated'),
        item('sweetPepper', { count: 3 }, 'oilSeparated'),
        item('onion', { count: 2 }, 'golden'),
        item('tomatoPaste', { g: 70 }, 'oilSeparated'),
        item('oil', { g: 100 }),
      ],
      vessel: { diameterCm: 26, volumeMl: 7000 },
    },
  ],
  [
    'soaked whole lentils',
    3.5,
    0.2,
    {
      grainId: 'basmati',
      grain: { cups: 2 },
      wash: 'rinsed',
      soakMin: 20,
      ingredients: [item('lentilWhole', { g: 150 }, 'soaked')],
      vessel: VESSEL,
    },
  ],
  [
    'seasoned liquid first, parboiled basmati',
    3,
    0.2,
    {
      grainId: 'parboiledBasmati',
      grain: { cups: 2 },
      wash: 'rinsed',
      soakMin: 30,
      method: 'liquidFirst',
      vessel: VESSEL,
    },
  ],
];

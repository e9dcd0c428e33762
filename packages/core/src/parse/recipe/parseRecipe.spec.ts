import { describe, expect, it } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { MOST_LINES, parseLine } from '../line/parseLine.js';
import { wordsOf } from '../line/words.js';
import { parseRecipe, type Recipe } from './parseRecipe.js';

const DISHES = readFileSync(join(__dirname, '../../testing/dishes.txt'), 'utf8')
  .replace(/^#.*\n/u, '')
  .split('\n---\n');
const CUP = { cupMl: 240 };
const read = (n: number): Recipe => parseRecipe(DISHES[n - 1] ?? '', CUP);
const grainOf = (r: Recipe) => r.lines.find((l) => l.isGrain);
const pourOf = (r: Recipe) => r.lines.find((l) => l.pours)?.amount;
const idsOf = (r: Recipe) => r.lines.map((l) => l.id);

/** What each telling says, read by a person: grain and amount, the cook's own pour, method and minutes. */
const TOLD: readonly (readonly [number, object, object | undefined, Partial<Recipe>, readonly string[]])[] = [
  [
    1,
    { id: 'longGrainWhite', amount: { ml: 540 } },
    { ml: 960 },
    {
      toast: 'golden',
      order: ['toast', 'base'],
      timing: { coveredMin: 22, coveredHeat: 'veryLow', restMin: 6 },
    },
    ['shallot', 'lard', 'tomatoPuree', 'paprikaSmoked'],
  ],
  [
    2,
    { id: 'redRice', amount: { ml: 420 } },
    { ml: 600 },
    { method: 'pressureCooker', soakMin: 420, soakWater: 'reusedAfter', timing: { whistles: 5 } },
    ['tomato', 'garlic', 'leek', 'turnip', 'swede', 'peas'],
  ],
  [
    3,
    { id: 'basmati', amount: { g: 200 } },
    undefined,
    { soakMin: 25, timing: { coveredMin: 13, coveredHeat: 'low' } },
    ['mushroomDried', 'citrusPeel', 'fennelSeed', 'celery', 'broadBeans'],
  ],
  [
    4,
    { id: 'quinoa', amount: { ml: 240 } },
    { ml: 480 },
    { timing: { coveredMin: 14 } },
    ['walnut', 'sunflowerSeeds', 'mustardSeed', 'chilliDried', 'courgette', 'beetroot', 'parsley'],
  ],
  [
    5,
    { id: 'wheatCracked', amount: { ml: 360 } },
    { ml: 1000 },
    { method: 'boilDown' },
    ['goatLeg', 'lard', 'onion', 'carrot', 'caraway'],
  ],
  [
    6,
    { id: 'parboiledLong', amount: { g: 900 } },
    { ml: 1000 },
    {
      method: 'stewSteam',
      baseOnly: true,
      wash: 'untilClear',
      states: expect.arrayContaining(['oilSeparated']) as unknown as Recipe['states'],
    },
    ['tomatoPaste', 'pepperRoasted', 'aubergine', 'fishFried'],
  ],
  [
    7,
    { id: 'brokenWhite', amount: { ml: 600 } },
    undefined,
    { method: 'fryDry' },
    ['leek', 'chilliPaste', 'tomatoChopped', 'fishDried', 'thyme', 'bacon'],
  ],
  [
    8,
    { id: 'jasmine', amount: { ml: 541.17 } },
    undefined,
    { method: 'riceCooker', soakMin: 10, drain: 'sieve' },
    ['coconutOil', 'lemongrass', 'shallot', 'lemonJuice', 'cashew'],
  ],
  [
    9,
    { id: 'basmati', amount: { ml: 480 } },
    { ml: 1440 },
    { method: 'boilDown', crust: true },
    ['saltCoarse', 'butter'],
  ],
  [
    10,
    { id: 'smallOvalAromatic', amount: { ml: 600 } },
    undefined,
    { method: 'multiCooker', ratio: 1.25 },
    ['oilOlive', 'onion', 'fennelBulb', 'tomatoCherry', 'squid', 'yoghurtStrained'],
  ],
  [
    11,
    { id: 'mediumGrainWhite', amount: { ml: 480 } },
    undefined,
    { ratio: 1, timing: { coveredMin: 20, coveredHeat: 'veryLow', seal: 'cloth' } },
    ['butter', 'noodlesShort', 'allspice'],
  ],
  [
    12,
    { id: 'parboiledLong', amount: { g: 397.5 } },
    { ml: 1017 },
    { method: 'boilDown', soakMin: 75, timing: { coveredMin: 14 } },
    ['leek', 'cuminSeed', 'saltLowSodium'],
  ],
  [
    13,
    { id: 'millet', amount: { g: 250 } },
    { ml: 650 },
    { portions: 2, toast: 'golden', timing: { coveredMin: 18, coveredHeat: 'low', restMin: 5 } },
    ['leek', 'butter', 'peasFrozen'],
  ],
  [
    14,
    { id: 'parboiledLong', amount: { ml: 720 } },
    { ml: 840 },
    { wash: 'untilClear', timing: { coveredMin: 30, coveredHeat: 'veryLow', seal: 'foil', restMin: 10 } },
    ['onion', 'sweetPepper', 'tomatoPaste', 'oil'],
  ],
  [
    15,
    { id: 'basmati', amount: { ml: 480 } },
    { ml: 720 },
    { soakMin: 30, timing: { openBoilMin: 5, coveredMin: 10, coveredHeat: 'low', restMin: 8 } },
    ['cardamom', 'cinnamon', 'ghee', 'lemonJuice'],
  ],
  [
    16,
    { id: 'pearlBarley', amount: { ml: 240 } },
    { ml: 750 },
    { method: 'pressureCooker', timing: { whistles: 4 } },
    ['chickenThigh', 'carrot', 'onion'],
  ],
];

describe('a dish as it is told', () => {
  it.each(TOLD)('%i is read as a person reads it', (n, grain, pour, says, names) => {
    const r = read(n);
    expect(grainOf(r)).toMatchObject(grain);
    expect(pourOf(r)).toEqual(pour);
    expect(r).toMatchObject(says);
    expect(idsOf(r)).toEqual(expect.arrayContaining([...names]));
  });

  it.each(DISHES.map((d, i) => [i + 1, d] as const))('%i loses no word', (_n, text) => {
    const r = parseRecipe(text, CUP);
    const kept = new Set(
      wordsOf(
        [
          r.title ?? '',
          r.portions === undefined ? '' : 'for two',
          ...r.lines.map((l) => l.said),
          ...r.steps.map((s) => s.text),
        ].join(' '),
      ),
    );
    expect(wordsOf(text).filter((w) => !kept.has(w))).toEqual([]);
  });

  it('takes mushrooms for no mush', () => {
    const said = (how: string) =>
      parseRecipe(
        `Pot\n200 g pearl barley\n250 g mushrooms\n1 onion\nFry the mushrooms and the onion until ${how}.`,
      ).states;
    expect(said('golden')).toEqual(['golden']);
    expect(said('mushy')).toEqual(['mushy']);
  });

  it('has a name of its own, and one grain is not two', () => {
    expect(read(1).title).toBe('Straw-coloured tomato rice');
    for (let n = 1; n <= DISHES.length; n += 1)
      expect(read(n).lines.filter((l) => l.isGrain)).toHaveLength(1);
  });
});

describe('a text that is no ordinary recipe', () => {
  it('of a thousand lines is read as far as it goes, and says how much was left', () => {
    const r = parseRecipe(Array.from({ length: 1000 }, () => '1 onion').join('\n'), CUP);
    expect(r.lines).toHaveLength(MOST_LINES);
    expect(r.leftOut).toBe(1000 - MOST_LINES);
  });

  it.each([['🍚🍚🍚\n🔥'], ['大米 两杯\n水 三杯'], ['рис 2 стакана'], ['...'], ['']])(
    '%j is no plan and no error',
    (text) => {
      const r = parseRecipe(text, CUP);
      expect(r.lines.filter((l) => l.status === 'understood')).toEqual([]);
    },
  );

  it('with three grains names all of them: which it is, is asked', () => {
    const r = parseRecipe('Three\n1 cup basmati\n1 cup quinoa\n1 cup bulgur', CUP);
    expect(r.lines.filter((l) => l.isGrain).map((l) => l.id)).toEqual(['basmati', 'quinoa', 'bulgur']);
  });

  it('without amounts asks for each', () => {
    const r = parseRecipe('Plain\nbasmati\nonion\nbutter', CUP);
    expect(r.lines.map((l) => l.reason)).toEqual(['noAmount', 'noAmount', 'noAmount']);
  });

  it('never throws', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 400, unit: 'grapheme' }), (text) => {
        parseRecipe(text, CUP);
      }),
      { numRuns: 200 },
    );
  });
});

describe('steps under a list', () => {
  const r = parseRecipe(
    `Red pot for 6
4 cups parboiled rice
6 large tomatoes
2 onions
1/2 cup oil
2 cups chicken stock
Salt to taste

1. Blend the tomatoes and one onion.
2. Fry the sliced onion in the oil until golden, then the blend 20 minutes until the oil separates.
3. Add the stock and rice, cover with foil, low heat, 30 minutes. Turn off and leave 10 minutes.`,
    CUP,
  );

  it('speak of what stands in it, and put nothing in twice', () => {
    expect(idsOf(r)).toEqual(['parboiledLong', 'tomato', 'onion', 'oil', 'stockChicken', 'saltFine']);
    expect(r).toMatchObject({ title: 'Red pot', portions: 6 });
    expect(r.timing).toMatchObject({ coveredMin: 30, coveredHeat: 'low', seal: 'foil', restMin: 10 });
  });

  it('may bring what is measured there and not in the list', () => {
    const more = parseRecipe(
      '2 cups basmati\n1 onion\n3 cups water\nStir in 50 g butter at the end. Fork.',
      CUP,
    );
    expect(idsOf(more)).toContain('butter');
  });
});

describe('what is said beside the grain', () => {
  it('is its washing and its soak', () => {
    expect(parseRecipe('Pot\n2 cups long grain, washed until clear\n3 cups water', CUP).wash).toBe(
      'untilClear',
    );
    expect(parseRecipe('Pot\n2 cups basmati, rinsed, soaked 20 minutes', CUP)).toMatchObject({
      soakMin: 20,
      wash: 'rinsed',
    });
  });

  it('is its soak where it was left to stand in the water it was washed in, and not where it dripped', () => {
    const stood = [
      'Pot\n2 cups basmati, washed till clear and left standing twenty minutes',
      'Pot\n2 cups basmati\nWash it till clear and let it stand twenty minutes.',
    ];
    for (const told of stood)
      expect(parseRecipe(told, CUP)).toMatchObject({ soakMin: 20, wash: 'untilClear' });
    expect(parseLine('2 cups basmati, rinsed and left to stand 20 min', CUP).soak).toEqual({
      minutes: 20,
      said: true,
    });
    for (const dripped of [
      'washed and left to stand 20 min in a sieve',
      'washed, drained, left to sit 20 min',
    ])
      expect(parseRecipe(`Pot\n2 cups basmati, ${dripped}`, CUP).soakMin).toBeUndefined();
    expect(parseRecipe('Pot\n2 cups basmati\nWash it and let it stand.', CUP)).toMatchObject({
      wash: 'rinsed',
    });
  });

  it('a pulse soaks by itself, and the grain only where it is named', () => {
    const told =
      'Pot\n2 cups basmati\n1 cup dried chickpeas\nSoak the chickpeas overnight. Cover, low, 15 minutes.';
    const r = parseRecipe(told, CUP);
    expect(r.soakMin).toBeUndefined();
    expect(r.lines[1]).toMatchObject({ id: 'chickpeas', soak: { minutes: 480, said: true } });
    const both = parseRecipe(`${told} Soak the rice 20 minutes.`, CUP);
    expect(both.soakMin).toBe(20);
    expect(both.lines[1]?.soak?.minutes).toBe(480);
    expect(parseLine('1/2 cup whole lentils, soaked 2 hours', CUP).soak).toEqual({
      minutes: 120,
      said: true,
    });
    expect(parseRecipe('Pot\n2 cups basmati\nSoak overnight. Low, 15 minutes.', CUP).soakMin).toBe(480);
  });

  it('a soak that names nothing is of what was named last', () => {
    const peas =
      'Pot\nA cup and a half of coarse bulgur. Half a cup of split peas, soaked an hour. Lid, low, 18 minutes.';
    const told = parseRecipe(peas, CUP);
    expect(told.soakMin).toBeUndefined();
    expect(told.lines.find((l) => !l.isGrain)?.soak).toEqual({ minutes: 60, said: true });
    const grain = parseRecipe(
      'Pot\nHalf a cup of split peas. Two cups of basmati, soaked an hour. Lid, low, 18 minutes.',
      CUP,
    );
    expect(grain.soakMin).toBe(60);
    expect(grain.lines.find((l) => !l.isGrain)?.soak?.said).not.toBe(true);
  });

  it.each([
    ['Lid on, low, 15 minutes. Take it off the heat, lid on, 10 minutes.', 15, 10, 'on'],
    ['Lid on, low, 18 minutes. Off, tea towel under the lid, 12 minutes.', 18, 12, 'cloth'],
    ['Cover, low, 20 minutes. Off; lid ajar, or it goes to paste.', 20, undefined, 'ajar'],
    ['Cover, low, 20 minutes. Turn off, foil under the lid, and leave it 5 minutes.', 20, 5, 'foil'],
    // On the ring again it is covered cooking.
    ['Off. Lid on, lowest heat, 20 minutes.', 20, undefined, undefined],
  ] as const)('what closes a pot that is off the heat is of its rest: %s', (text, covered, rest, lid) => {
    const { timing, restLid } = parseRecipe(`Pot\n2 cups basmati. ${text}`, CUP);
    expect(timing.coveredMin).toBe(covered);
    expect(timing.restMin).toBe(rest);
    expect(restLid).toBe(lid);
    if (lid === 'cloth' || lid === 'foil') expect(timing.seal).toBeUndefined();
  });

  it('a number at the end of a step is its minutes', () => {
    const { timing } = parseRecipe('Pot\n2 cups basmati\nLid, lowest 18. Off the heat 8 more.', CUP);
    expect(timing).toMatchObject({ coveredMin: 18, restMin: 8 });
  });
});

describe('stew that is taken out', () => {
  it.each([
    ['A ladle and a half out, kept.', { ladles: 1.5 }],
    ['Two ladlefuls of the sauce out.', { ladles: 2 }],
    ['Half of the base aside.', { share: 0.5 }],
    ['A quarter of the stew out in case.', { share: 0.25 }],
    ['Onions out.', undefined],
    ['Take half the mint out of the fridge.', undefined],
  ])('%s', (clause, out) => {
    expect(parseRecipe(`Pot\n2 cups basmati\nFry. ${clause}`, CUP).takenOut).toEqual(out);
  });
});

describe('a telling in one breath', () => {
  it('has its name before its colon or in its first sentence', () => {
    expect(parseRecipe('Coconut rice: 2 cups jasmine, 1 can coconut milk', CUP).title).toBe('Coconut rice');
    expect(parseRecipe('Rinse. 2 cups jasmine', CUP).title).toBeUndefined();
    expect(parseRecipe('Beetroot pulao, for four\n2 cups basmati', CUP)).toMatchObject({
      title: 'Beetroot pulao',
      portions: 4,
    });
  });
});

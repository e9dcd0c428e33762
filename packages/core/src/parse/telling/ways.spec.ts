import { describe, expect, it } from '@jest/globals';
import { readTelling } from './readTelling.js';
import { toldPlan, type ToldPlan } from './toldPlan.js';

/** Fifteen ways to say each thing, written before the reader was tried on them. Common practice: how cooks put it. */
const told = (words: string, list = '2 cups basmati\n1 onion\n1 tsp salt'): ToldPlan =>
  toldPlan(readTelling(`Pot\n${list}\n${words}`, { cupMl: 240 }));

describe('soaking the grain', () => {
  it.each([
    'Soak the rice for 30 minutes.',
    'Soak the rice half an hour, then drain.',
    'Let the rice soak 30 minutes.',
    'The rice soaks for thirty minutes.',
    'Rice soaked for half an hour.',
    'Wash the rice and soak it for 30 min.',
    'Leave the rice in water for 30 minutes.',
    'Cover the rice with cold water and leave to soak for half an hour.',
    'Put the rice to soak for 30 minutes.',
    'Pre-soak the rice for 30 minutes.',
    'Rinse, then soak for thirty minutes.',
    'Give the rice a 30 minute soak.',
    'Steep the rice in water for 30 minutes.',
    'After washing, soak it 30 minutes in fresh water.',
    'Half an hour of soaking is enough for the rice.',
  ])('%s', (words) => {
    expect(told(words).soakMin).toBe(30);
  });
});

describe('not soaking it', () => {
  it.each([
    'Do not soak the rice.',
    'No need to soak.',
    'Don’t soak it.',
    'The rice is not soaked.',
    'No soaking.',
    'Never soak the rice.',
    'Without soaking the rice.',
    'You do not need to soak the rice.',
    'Rice, unsoaked.',
    'I never soak it.',
    'Soaking is not needed.',
    'There is no need for soaking.',
    'Skip the soaking.',
    'The rice needs no soaking.',
    'Wash the rice but do not soak it.',
  ])('%s', (words) => {
    expect(told(words).soakMin ?? 0).toBe(0);
  });
});

describe('a rule of twice the grain', () => {
  it.each([
    'Add double the water.',
    'Two cups of water for every cup of rice.',
    '2 cups water per cup of rice.',
    'Twice as much water as rice.',
    'Add water, twice the rice.',
    'Water at two to one.',
    '1:2 rice to water.',
    'One part rice to two parts water.',
    'Two parts of water to one of rice.',
    'Double the amount of water.',
    'Pour in two times the volume of the rice in water.',
    'For each cup of rice, two cups of water.',
    'Add 2 cups of boiling water to each cup of rice.',
    'Water: double the rice.',
    'Use the same cup, two of water to one of rice.',
  ])('%s', (words) => {
    expect(told(words).rule).toEqual({ kind: 'ratio', ratio: 2 });
  });
});

describe('ten minutes and ten more', () => {
  it.each([
    'Add 3 cups water. Boil. Cover, low 10 minutes, stir, 10 more.',
    'Add 3 cups water. Boil, cover, low, 10 minutes, turn it over, another 10 minutes.',
    'Add 3 cups water. Boil. Lid on, low heat for 10 min. Stir once. Lid on again, 10 min.',
    'Add 3 cups water. Bring to a boil. Simmer covered on low for ten minutes, stir gently, then ten more.',
    'Add 3 cups water. Boil. Low, lid, 10. Stir. 10 more.',
    'Add 3 cups water. Boil. Cover and cook on low 10 minutes; stir; cover and cook 10 minutes more.',
    'Add 3 cups water and boil. Covered on low: 10 minutes, stir, 10 minutes.',
    'Add 3 cups water. Boil. Low heat, lid on, for 10 minutes, then turn and cook for another 10.',
    'Add 3 cups water. Boil. Cook covered over low for 10 minutes, fold it over, cook 10 more minutes covered.',
    'Add 3 cups water. Boil. Steam on low for 10 minutes, give it a stir, steam for 10 more.',
    'Add 3 cups water. Boil. Lid on. Low. Ten minutes. Stir. Ten more.',
    'Add 3 cups water. Boil. Cover, lowest heat, 10 minutes, toss gently, a further 10 minutes.',
    'Add 3 cups water. Boil. Simmer on low with the lid on 10 minutes, stir and simmer 10 minutes longer.',
    'Add 3 cups water. Boil, lid on, low for 10, stir, back on for 10.',
    'Add 3 cups water. Boil. Cover; low; ten; stir once; again ten.',
  ])('%s', (words) => {
    const covered = told(words).stages.filter((s) => s.act === 'simmer');
    expect(covered.reduce((t, s) => t + (s.minutes ?? 0), 0)).toBe(20);
  });
});

describe('a level over the grain', () => {
  it.each([
    ['Add water two fingers above the rice.', { kind: 'level', by: 'finger', times: 2 }],
    ['Water up to two fingers over the rice.', { kind: 'level', by: 'finger', times: 2 }],
    ['Pour water until it stands two fingers above the rice.', { kind: 'level', by: 'finger', times: 2 }],
    ['Fill with water to one finger above.', { kind: 'level', by: 'finger', times: 1 }],
    ['Water to the first joint of the finger above the rice.', { kind: 'level', by: 'joint', times: 1 }],
    ['Water up to the first knuckle.', { kind: 'level', by: 'joint', times: 1 }],
    ['Add water, one knuckle over the rice.', { kind: 'level', by: 'joint', times: 1 }],
    ['Water half an inch above the rice.', { kind: 'level', by: 'halfInch', times: 1 }],
    ['Enough water to come half an inch over the rice.', { kind: 'level', by: 'halfInch', times: 1 }],
    ['Water 2 cm above the rice.', { kind: 'mm', mm: 20 }],
    ['Add water to 15 mm over the rice.', { kind: 'mm', mm: 15 }],
    ['Pour in water just to cover the rice.', { kind: 'level', by: 'corners', times: 1 }],
    ['Water that only just covers it.', { kind: 'level', by: 'corners', times: 1 }],
    ['Add enough water to barely cover the rice.', { kind: 'level', by: 'corners', times: 1 }],
    ['The water should stand a thumbnail above the rice.', { kind: 'level', by: 'joint', times: 1 }],
  ])('%s', (words, rule) => {
    expect(told(words).rule).toEqual(rule);
  });
});

describe('another vessel', () => {
  it.each([
    'In another pan fry 100 g cashews.',
    'In a separate pan, toast 100 g cashews.',
    'Toast 100 g cashews in a small pan.',
    'Meanwhile, fry 100 g cashews in a second pan.',
    'For the garnish: 100 g cashews, fried.',
    'For the raita: 100 g cashews, ground.',
    'To serve: 100 g cashews.',
    'Serve with 100 g cashews.',
    'Roast 100 g cashews in the oven.',
    'In a frying pan brown 100 g cashews.',
    'Fry 100 g cashews separately.',
    'In a bowl mix 100 g cashews.',
    'On the side, 100 g cashews.',
    'Dry-roast 100 g cashews in a different pan.',
    'Using another pot, boil 100 g cashews.',
  ])('%s', (words) => {
    const telling = readTelling(
      `Pot\n2 cups basmati\n1 onion\n3 cups water\n${words}\nFry the onion. Add the rice and water, boil, cover, low 12 minutes.`,
      { cupMl: 240 },
    );
    const plan = toldPlan(telling);
    const thing = plan.things.find((t) => telling.lines[t.line]?.id === 'cashew');
    expect(thing?.apart).toBe(true);
  });
});

describe('what is said not to be done', () => {
  it.each([
    ['Do not wash the rice.', { wash: 'unwashed' }],
    ['Don’t rinse it.', { wash: 'unwashed' }],
    ['Unwashed rice.', { wash: 'unwashed' }],
    ['The rice is not washed.', { wash: 'unwashed' }],
    ['No washing.', { wash: 'unwashed' }],
    ['Never wash the rice.', { wash: 'unwashed' }],
    ['Do not toast the rice.', { toast: 'none' }],
    ['No toasting of the rice.', { toast: 'none' }],
    ['Make sure there is no crust.', { crust: false }],
    ['Cook it without a crust.', { crust: false }],
    ['I don’t want a crust.', { crust: false }],
    ['Low, so that no crust forms.', { crust: false }],
    ['Wash the rice instead of soaking it.', { wash: 'rinsed' }],
    ['Blend the onion without water.', { rule: undefined }],
    ['Do not add water to the onion paste.', { rule: undefined }],
  ] as const)('%s', (words, is) => {
    const plan = told(words);
    for (const [key, value] of Object.entries(is)) expect(plan[key as keyof ToldPlan]).toEqual(value);
    expect(plan.soakMin ?? 0).toBe(0);
  });
});

describe('what a clause measures', () => {
  const amounts = (text: string): Readonly<Record<string, unknown>> =>
    Object.fromEntries(
      readTelling(`Pot\n1 cup basmati\n${text}`, { cupMl: 240 }).lines.map((l) => [l.id, l.amount]),
    );

  it.each([
    ['A cup of peas, thawed under the tap, and 2 cups of vegetable stock.', { stockVegetable: { ml: 480 } }],
    [
      'Add 1 tbsp each of tomato and chilli paste.',
      { tomatoPaste: { ml: 14.79 }, chilliPaste: { ml: 14.79 } },
    ],
    ['In the small pot a tablespoon of ghee, then the rice.', { ghee: { ml: 14.79 } }],
    ['When they pop two sliced onions for 8 minutes.', { onion: { count: 2 } }],
    ['Once it foams a teaspoon of turmeric.', { turmeric: { ml: 4.93 } }],
    ['Fry an onion 3 min. 2 cups of vegetable stock in.', { stockVegetable: { ml: 480 } }],
    ['fry the onion 6 mins. 1 cup peas in.', { peas: { ml: 240 } }],
    ['If the tomatoes are sour a teaspoon of sugar helps.', { sugar: { ml: 4.93 } }],
  ])('%s', (text, has) => {
    expect(amounts(text)).toMatchObject(has);
  });

  it('is asked about where nothing but its words was read, and is none where it stands instead of something', () => {
    const { lines } = readTelling(
      'Pot\n1 cup basmati\nIf it tastes sharp a teaspoon of sugar helps.\nOr 2 cups of coconut milk.',
    );
    expect(lines.map((l) => [l.id, l.status])).toEqual([
      ['basmati', 'understood'],
      ['sugar', 'check'],
    ]);
  });
});

describe('another pot of another time', () => {
  it('gives none of its water, and its broth is poured', () => {
    const t = readTelling(
      'Pilaf\nThe night before: boil a chicken leg in a litre of water.\n1 cup basmati\nPour in two cups of that broth, boiling.',
      { cupMl: 240 },
    );
    const plan = toldPlan(t);
    expect(plan.pours.map((n) => t.lines[n]?.amount)).toEqual([{ ml: 480 }]);
    expect(plan.hot).toBe(true);
  });

  it('and what stewed before the grain is none of its covered time', () => {
    const plan = told(
      'Pour on 1 litre of stock, cover and simmer for an hour.\nStir in the rice; lid on, low, 12 minutes.',
    );
    expect(plan.timing.coveredMin).toBe(12);
  });
});

it('an amount that comes behind its name with a part of a cup is that thing’s', () => {
  const { lines } = readTelling('Pot\nLentils in. Basmati, a cup and a half, soaked twenty minutes.', {
    cupMl: 240,
  });
  expect(lines.find((l) => l.isGrain)).toMatchObject({ id: 'basmati', amount: { ml: 360 } });
});

describe('a pulse and how it was cooked before', () => {
  const boiled = (line: string): unknown => {
    const t = readTelling(`Pot\n1 cup basmati\n${line}`, { cupMl: 240 });
    return toldPlan(t).things.map((thing) => [t.lines[thing.line]?.id, thing.boiled ?? false]);
  };

  it.each([
    ['100 g green lentils, boiled 20 minutes in another pot', [['lentilWhole', true]]],
    ['100 g green lentils, boiled until just tender', [['lentilWhole', true]]],
    // Nobody says that it was weighed dry.
    ['200 g green lentils, cooked', [['lentilWhole', false]]],
    ['Cook 100 g green lentils with the rice for 20 minutes.', [['lentilWhole', false]]],
  ])('%s', (line, is) => {
    expect(boiled(line)).toEqual(is);
  });

  it.each(['200 g chicken thighs, cooked', '1 cup peas, cooked'])('%s is no frying in this pot', (line) => {
    const t = readTelling(`Pot\n1 cup basmati\n${line}\n2 cups water\nBoil, cover, low 12 minutes.`, {
      cupMl: 240,
    });
    expect(toldPlan(t).stages.map((s) => s.act)).not.toContain('base');
  });
});

it.each([
  'One 400 ml tin of coconut milk plus enough water to come to 560 ml in all.',
  'Pour in 400 ml coconut milk and water to make 560 ml.',
])('%s pours what is left of it', (line) => {
  const plan = toldPlan(
    readTelling(`Pot\n1 cup jasmine rice\n${line}\nBoil, cover, low 14 minutes.`, { cupMl: 240 }),
  );
  expect(plan.rule).toEqual({ kind: 'ml', ml: 160 });
});

it('a liquid that a list makes up to an amount is poured where it is told, behind the frying and the grain', () => {
  const t = readTelling(
    'Pot\n300 g jasmine rice\nOne 400 ml tin of coconut milk plus water to come to 520 ml in all\n1 tbsp oil, 3 shallots\nSoften the shallots in the oil 5 minutes on medium. Rice in, stir a minute. Coconut and water in, bring to a simmer, lid on, lowest heat 13 minutes.',
    { cupMl: 240 },
  );
  const plan = toldPlan(t);
  expect(t.lines.map((l) => l.id)).not.toContain('coconutWater');
  expect(plan.rule).toEqual({ kind: 'ml', ml: 120 });
  expect(plan.stages.map((s) => s.act)).toEqual(['base', 'toast', 'boil', 'simmer']);
});

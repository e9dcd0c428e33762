import { describe, expect, it } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { MOST_LINES, parseLine } from '../line/parseLine.js';
import { wordsOf } from '../line/words.js';
import { actKeys, corrected } from './corrected.js';
import { readTelling, type Telling } from './readTelling.js';
import { toldPlan, type ToldPlan } from './toldPlan.js';

const DISHES = readFileSync(join(__dirname, '../../testing/dishes.txt'), 'utf8')
  .replace(/^#.*\n/u, '')
  .split('\n---\n');
const CUP = { cupMl: 240 };
const read = (text: string): Telling => readTelling(text, CUP);
const plan = (text: string): ToldPlan => toldPlan(read(text));
const dish = (n: number): Telling => read(DISHES[n - 1] ?? '');
const idsOf = (t: Telling) => t.lines.map((l) => l.id);
const acts = (text: string) => plan(text).stages.map((s) => s.act);

/** What each telling says, read by a person: grain and amount, the cook's own pour, method and minutes. */
const TOLD: readonly (readonly [number, object, object | undefined, Partial<ToldPlan>, readonly string[]])[] =
  [
    [
      1,
      { id: 'longGrainWhite', amount: { ml: 540 } },
      { ml: 960 },
      {
        toast: 'golden',
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
      // Fourteen, and six more.
      { timing: { coveredMin: 20 } },
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
      // The stock is cooked down with the stew: nothing is poured.
      undefined,
      {
        method: 'stewSteam',
        baseOnly: true,
        wash: 'untilClear',
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
      { method: 'multiCooker', rule: { kind: 'ratio', ratio: 1.25 } },
      ['oilOlive', 'onion', 'fennelBulb', 'tomatoCherry', 'squid', 'yoghurtStrained'],
    ],
    [
      11,
      { id: 'mediumGrainWhite', amount: { ml: 480 } },
      undefined,
      {
        rule: { kind: 'ratio', ratio: 1 },
        timing: { coveredMin: 20, coveredHeat: 'veryLow', seal: 'cloth' },
      },
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
      { toast: 'golden', timing: { coveredMin: 18, coveredHeat: 'low', restMin: 5 } },
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
    const t = dish(n);
    const p = toldPlan(t);
    expect(t.lines[p.grain ?? -1]).toMatchObject(grain);
    if (pour) expect(t.lines[p.pours[0] ?? -1]?.amount).toEqual(pour);
    expect(p).toMatchObject(says);
    expect(idsOf(t)).toEqual(expect.arrayContaining([...names]));
  });

  it.each(DISHES.map((d, i) => [i + 1, d] as const))('%i loses no word', (_n, text) => {
    const t = read(text);
    const kept = new Set(
      wordsOf(
        [
          t.title ?? '',
          t.portions === undefined ? '' : 'for two',
          ...t.acts.map((a) => text.slice(a.from, a.to)),
        ].join(' '),
      ),
    );
    expect(wordsOf(text).filter((w) => !kept.has(w))).toEqual([]);
  });

  it('takes mushrooms for no mush', () => {
    const state = (how: string) => {
      const t = read(
        `Pot\n200 g pearl barley\n1 onion\n2 tomatoes\nFry the tomatoes with the onion until ${how}.`,
      );
      return toldPlan(t).things.find((x) => t.lines[x.line]?.id === 'tomato')?.state;
    };
    expect(state('the mushrooms are in')).toBeUndefined();
    expect(state('mushy')).toBe('mushy');
  });

  it('has a name of its own, and one grain is not two', () => {
    expect(dish(1).title).toBe('Straw-coloured tomato rice');
    for (let n = 1; n <= DISHES.length; n += 1) {
      const t = dish(n);
      expect(t.lines.filter((l) => l.isGrain)).toHaveLength(1);
    }
  });

  it('toasts before what is fried after it', () => {
    expect(acts(DISHES[0] ?? '').slice(0, 2)).toEqual(['toast', 'base']);
  });
});

describe('acts in their order', () => {
  it('two fryings are two stages, each with its own state', () => {
    const t = read(
      'Pot\n2 cups basmati\n1 onion\n3 tbsp tomato paste\n2 tbsp oil\nFry the onion in the oil until golden. Add the paste and fry until the oil rises, 8 minutes.',
    );
    const { stages, things } = toldPlan(t);
    const of = (id: string) => things.find((x) => t.lines[x.line]?.id === id);
    expect(stages.map((s) => s.act)).toEqual(['base', 'base']);
    expect(of('onion')).toMatchObject({ state: 'golden', stage: 0 });
    expect(of('tomatoPaste')).toMatchObject({ state: 'oilSeparated', stage: 1 });
    expect(stages[1]?.minutes).toBe(8);
  });

  it('what is fried, lifted out and put back is one thing', () => {
    const t = read(
      'Pot\n200 g smoked sausage\n2 cups basmati\n3 cups water\nBrown the sausage and take it out. Add the rice and water and boil. The sausage back in. Lid, low, 12 minutes.',
    );
    expect(t.lines.filter((l) => l.id === 'sausageSmoked')).toHaveLength(1);
    expect(toldPlan(t).things.find((x) => t.lines[x.line]?.id === 'sausageSmoked')).toMatchObject({
      state: 'browned',
    });
  });

  it('what is made in another vessel stays there until it is poured in', () => {
    const pot = 'Pot\n2 cups basmati\n3 cups water\nAdd the rice and water, boil, cover, low 12 minutes. ';
    const of = (text: string) => {
      const t = read(pot + text);
      return toldPlan(t).things.find((x) => t.lines[x.line]?.id === 'cashew');
    };
    expect(of('Fry 50 g cashews in a small pan.')).toMatchObject({ apart: true });
    expect(of('Fry 50 g cashews in a small pan and pour them over.')?.apart).toBeUndefined();
  });

  it('the last minutes of a stage are one of their own', () => {
    const { stages } = plan(
      'Pot\n2 cups basmati\n3 cups water\n100 g kale\nAdd rice and water, boil, cover, low 15 minutes. Lay the kale on top for the last 5 minutes.',
    );
    expect(stages.filter((s) => s.act === 'simmer').map((s) => s.minutes)).toEqual([10, 5]);
  });

  it('another way that is told beside is words', () => {
    const p = plan(
      'Pot\n2 cups basmati\n3 cups water\nAdd rice and water, boil. Cover, low 15 minutes, or 5 minutes at pressure.',
    );
    expect(p.method).toBeUndefined();
    expect(p.timing.coveredMin).toBe(15);
  });
});

describe('what the cook puts right', () => {
  const text =
    'Pot\n2 cups basmati\n100 g cashews\nRoast the cashews. Add 3 cups water, boil, cover, low 15 minutes.';
  const heard = read(text);

  it('stands against what was heard, also where another sentence changes', () => {
    const fixes = {
      'low 15 minutes': {},
      'cover, low 15 minutes': { minutes: 20, heat: 'veryLow' as const },
    };
    const after = (t: Telling) => toldPlan(corrected(t, fixes)).stages.find((s) => s.act === 'simmer');
    expect(after(heard)).toMatchObject({ minutes: 20, heat: 'veryLow' });
    expect(after(read(text.replace('Roast', 'Toast')))).toMatchObject({ minutes: 20 });
  });

  it('is made beside, or is only words, as it is said', () => {
    const key = actKeys(heard.acts)[heard.acts.findIndex((a) => a.text.startsWith('Roast'))] ?? '';
    const made = corrected(heard, { [key]: { beside: true } });
    expect(toldPlan(made).things.find((t) => made.lines[t.line]?.id === 'cashew')).toMatchObject({
      apart: true,
    });
    expect(toldPlan(corrected(heard, { [key]: { verb: 'words' } })).stages.map((s) => s.act)).not.toContain(
      'base',
    );
    // A word nobody knew is what the cook says it is, at its act; how much of it is asked, or said with it.
    const about = read('Pot\n2 cups basmati\nStir the zhoug through.');
    const at = actKeys(about.acts).at(-1) ?? '';
    const asked = corrected(about, { [at]: { named: { zhoug: { id: 'chilliPaste' } } } });
    expect(asked.lines.at(-1)).toMatchObject({ id: 'chilliPaste', named: 'zhoug', status: 'unmeasurable' });
    const said = corrected(
      about,
      { [at]: { named: { zhoug: { id: 'chilliPaste', amount: '2 tbsp' } } } },
      {},
    );
    expect(said.lines.at(-1)).toMatchObject({ id: 'chilliPaste', amount: { ml: 29.57 } });
    expect(said.acts.at(-1)?.things).toEqual([{ line: said.lines.length - 1, isNew: true }]);
    expect(corrected(heard, { gone: { verb: 'fry' } })).toEqual(heard);
  });

  it('alike words are told apart by their number', () => {
    expect(actKeys(read('Pot\n2 cups basmati\nStir. Stir.').acts).slice(-2)).toEqual(['Stir', 'Stir#2']);
  });
});

describe('a text that is no ordinary recipe', () => {
  it('of a thousand lines is read as far as it goes, and says how much was left', () => {
    const t = read(Array.from({ length: 1000 }, () => '1 onion').join('\n'));
    expect(t.lines).toHaveLength(MOST_LINES);
    expect(t.leftOut).toBe(1000 - MOST_LINES);
  });

  it.each([
    ['🍚🍚🍚\n🔥'],
    ['大米 两杯\n水 三杯'],
    ['рис 2 стакана'],
    ['...'],
    [''],
    ['\u202e\u0000\u0007 abc'],
  ])('%j is no plan and no error', (text) => {
    expect(read(text).lines.filter((l) => l.status === 'understood')).toEqual([]);
  });

  it('with three grains names all of them: which it is, is asked', () => {
    const t = read('Three\n1 cup basmati\n1 cup quinoa\n1 cup bulgur');
    expect(t.lines.filter((l) => l.isGrain).map((l) => l.id)).toEqual(['basmati', 'quinoa', 'bulgur']);
  });

  it('without amounts asks for each, but for spices, which bring no water', () => {
    const t = read('Plain\nbasmati\nonion\nbutter\ncloves');
    expect(t.lines.map((l) => l.reason)).toEqual(['noAmount', 'noAmount', 'noAmount', undefined]);
    expect(t.lines[3]).toMatchObject({ id: 'cloves', status: 'understood', spread: 0.4 });
  });

  it('never throws, and every act stands where its words are', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 400, unit: 'grapheme' }), (text) => {
        for (const { from, to } of read(text).acts)
          expect(from >= 0 && to >= from && to <= text.length).toBe(true);
        toldPlan(read(text));
      }),
      { numRuns: 200 },
    );
  });

  it('changes no amount by the order of sentences that do not hang together', () => {
    const steps = ['Fry 1 onion in 2 tbsp oil.', 'Grate 2 carrots.', 'Melt 30 g butter.'];
    const amounts = (order: readonly number[]) =>
      read(`Pot\n2 cups basmati\n${order.map((i) => steps[i] ?? '').join(' ')}`)
        .lines.map((l) => `${l.id ?? ''} ${JSON.stringify(l.amount)}`)
        .sort();
    for (const order of [
      [1, 0, 2],
      [2, 1, 0],
      [1, 2, 0],
    ])
      expect(amounts(order)).toEqual(amounts([0, 1, 2]));
  });
});

describe('steps under a list', () => {
  const text = `Red pot for 6
4 cups parboiled rice
6 large tomatoes
2 onions
1/2 cup oil
2 cups chicken stock
Salt to taste

1. Blend the tomatoes and one onion.
2. Fry the sliced onion in the oil until golden, then the blend 20 minutes until the oil separates.
3. Add the stock and rice, cover with foil, low heat, 30 minutes. Turn off and leave 10 minutes.`;

  it('speak of what stands in it, and put nothing in twice', () => {
    const t = read(text);
    expect(idsOf(t)).toEqual(['parboiledLong', 'tomato', 'onion', 'oil', 'stockChicken', 'saltFine']);
    expect(t).toMatchObject({ title: 'Red pot', portions: 6 });
    expect(toldPlan(t).timing).toMatchObject({
      coveredMin: 30,
      coveredHeat: 'low',
      seal: 'foil',
      restMin: 10,
    });
  });

  it('may bring what is measured there and not in the list', () => {
    const more = read('2 cups basmati\n1 onion\n3 cups water\nStir in 50 g butter at the end. Fork.');
    expect(idsOf(more)).toContain('butter');
  });
});

describe('what is said beside the grain', () => {
  it('is its washing and its soak', () => {
    expect(plan('Pot\n2 cups long grain, washed until clear\n3 cups water').wash).toBe('untilClear');
    expect(plan('Pot\n2 cups basmati, rinsed, soaked 20 minutes')).toMatchObject({
      soakMin: 20,
      wash: 'rinsed',
    });
  });

  it('a pulse soaks by itself, and the grain only where it is named', () => {
    const told =
      'Pot\n2 cups basmati\n1 cup dried chickpeas\nSoak the chickpeas overnight. Cover, low, 15 minutes.';
    const peas = (text: string) => {
      const t = read(text);
      return toldPlan(t).things.find((x) => t.lines[x.line]?.id === 'chickpeas')?.soakMin;
    };
    expect(plan(told).soakMin).toBeUndefined();
    expect(peas(told)).toBe(480);
    expect(plan(`${told} Soak the rice 20 minutes.`).soakMin).toBe(20);
    expect(parseLine('1/2 cup whole lentils, soaked 2 hours', CUP).soak).toEqual({
      minutes: 120,
      said: true,
    });
    expect(plan('Pot\n2 cups basmati\nSoak overnight. Low, 15 minutes.').soakMin).toBe(480);
  });

  it.each([
    ['Lid on, low, 15 minutes. Take it off the heat, lid on, 10 minutes.', 15, 10, 'on'],
    ['Lid on, low, 18 minutes. Off, tea towel under the lid, 12 minutes.', 18, 12, 'cloth'],
    ['Cover, low, 20 minutes. Off; lid ajar, or it goes to paste.', 20, undefined, 'ajar'],
    ['Cover, low, 20 minutes. Turn off, foil under the lid, and leave it 5 minutes.', 20, 5, 'foil'],
  ] as const)('what closes a pot that is off the heat is of its rest: %s', (text, covered, rest, lid) => {
    const { timing, stages } = plan(`Pot\n2 cups basmati. ${text}`);
    expect(timing.coveredMin).toBe(covered);
    expect(timing.restMin).toBe(rest);
    expect(stages.find((s) => s.act === 'rest')?.lid).toBe(lid);
    if (lid === 'cloth' || lid === 'foil') expect(timing.seal).toBeUndefined();
  });

  it('a number at the end of a step is its minutes', () => {
    expect(plan('Pot\n2 cups basmati\nLid, lowest 18. Off the heat 8 more.').timing).toMatchObject({
      coveredMin: 18,
      restMin: 8,
    });
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
    expect(plan(`Pot\n2 cups basmati\nFry. ${clause}`).takenOut).toEqual(out);
  });
});

describe('a telling in one breath', () => {
  it('has its name before its colon or in its first sentence', () => {
    expect(read('Coconut rice: 2 cups jasmine, 1 can coconut milk').title).toBe('Coconut rice');
    expect(read('Rinse. 2 cups jasmine').title).toBeUndefined();
    expect(read('Beetroot pulao, for four\n2 cups basmati')).toMatchObject({
      title: 'Beetroot pulao',
      portions: 4,
    });
  });

  it.each([
    ['Feeds 6 people.', 6],
    ['Enough for 3-4 people.', 4],
    ['Servings: 5', 5],
    ['Makes 4 servings.', 4],
  ])('says for how many: %s', (words, portions) => {
    expect(read(`Pot\n2 cups basmati\n${words}`).portions).toBe(portions);
  });
});

describe('a pour by the grain, whatever the grain', () => {
  it.each([
    ['Double the barley.', { kind: 'ratio', ratio: 2 }],
    ['Stock, twice the farro.', { kind: 'ratio', ratio: 2 }],
    ['Water, one and a half times the matta.', { kind: 'ratio', ratio: 1.5 }],
    ['Stock, double the rice and a half cup more.', { kind: 'ratio', ratio: 2, moreMl: 120 }],
    ['Water, twice the buckwheat plus a quarter of a cup.', { kind: 'ratio', ratio: 2, moreMl: 60 }],
  ])('%s', (clause, rule) => {
    const told = plan(`Pot\n2 cups pearl barley\nFry. ${clause}`);
    expect(told.rule).toEqual(rule);
    // What a rule measures is no thing of its own.
    expect(read(`Pot\n2 cups pearl barley\n${clause}`).lines.filter((l) => l.status === 'unknown')).toEqual(
      [],
    );
  });
});

describe('a thing that is measured by hand, or by nothing', () => {
  it('is one by the ladle, and asked where nobody knows it', () => {
    const { lines } = read('Pot\n2 cups basmati\nThen a ladle of passata, some zhoug, and off it goes.');
    expect(lines.map((l) => l.id ?? l.text)).toEqual(['basmati', 'tomatoPuree', 'some zhoug']);
    expect(lines[1]!.amount).toEqual({ ml: 120 });
    expect(read('Pot\n2 cups basmati\nFry until there is some colour. Leave some room.').lines).toHaveLength(
      1,
    );
  });
});

describe('what a recipe says of itself', () => {
  it.each([
    'Serves 3. Ready in 35 minutes.',
    'Prep time: 10 minutes',
    'Tip: leftovers make good patties; fry them 5 minutes.',
    'Keeps 2 days in the fridge.',
    'Note - boil more stock for a wetter pot.',
  ])('is no act of the pot: %s', (line) => {
    const told = read(`Pot\n2 cups basmati\n${line}\nSimmer covered 12 minutes.`);
    expect(plan(`Pot\n2 cups basmati\n${line}\nSimmer covered 12 minutes.`).stages.map((s) => s.act)).toEqual(
      acts('Pot\n2 cups basmati\nSimmer covered 12 minutes.'),
    );
    expect(told.acts.map((a) => a.text).join(' ')).toContain(line.replace(/[.;].*/u, '').slice(0, 20));
  });

  it('lets a pressure drop by itself, names pulses together, and hears spoons behind a name', () => {
    const told = read(
      'Pot\n1 cup sona masoori\n50 g split moong\nGhee a spoon and a half. Rice and dal go in. Three whistles. Let the pressure drop by itself.',
    );
    expect(told.lines.map((l) => [l.id, l.amount])).toContainEqual(['ghee', { ml: expect.closeTo(22.2, 0) }]);
    const goIn = told.acts.find((a) => a.text.startsWith('Rice and dal'))!;
    expect(goIn.things.map((t) => told.lines[t.line]!.id)).toContain('mungSplit');
    expect(told.acts.at(-1)!.verb).toBe('release');
  });
});

describe('two things soaked for different times', () => {
  it('are each soaked for their own, whatever stands between a name and its time', () => {
    const told = plan(
      'Pot\nSoak a third of a cup of green lentils for two hours; the rice, two cups of long grain, only for forty minutes.\nBoil.',
    );
    expect(told.soakMin).toBe(40);
    expect(told.things.map((t) => t.soakMin)).toContain(120);
  });
});

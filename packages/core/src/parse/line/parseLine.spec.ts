import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { ingredientById } from '../../basics/larder/larder.js';
import { ownRows } from '../../basics/larder/own.js';
import { MOST_LINES, parseLine, parseLines, type ParsedLine } from './parseLine.js';

const CUP = { cupMl: 250 };

describe('a typed line', () => {
  it.each<[string, Partial<ParsedLine>]>([
    ['3 medium onions, sliced', { id: 'onion', amount: { count: 3 }, note: 'sliced', status: 'understood' }],
    ['1 8-oz can tomato sauce', { id: 'tomatoSauce', amount: { g: 226.8 }, status: 'understood' }],
    ['400 g raw prawns', { id: 'prawns', amount: { g: 400 }, state: 'raw', status: 'understood' }],
    ['1/3 cup yoghurt', { id: 'yoghurt', amount: { ml: 83.33 }, status: 'understood' }],
    ['2 x 400 g tins chopped tomatoes', { id: 'tomatoChopped', amount: { g: 800 }, status: 'understood' }],
    ['1½ cans coconut milk', { id: 'coconutMilk', amount: { g: 600 }, status: 'understood' }],
    ['2 tbsp tomato paste', { id: 'tomatoPaste', amount: { ml: 29.57 }, status: 'understood' }],
    ['juice of 1 lemon', { id: 'lemonJuice', amount: { count: 1 }, status: 'understood' }],
    ['4 cloves of garlic, crushed', { id: 'garlic', amount: { count: 4 }, status: 'understood' }],
    ['• 2 large tomatoes', { id: 'tomato', amount: { g: 336 }, status: 'understood' }],
    ['2 cups basmati rice', { id: 'basmati', isGrain: true, amount: { ml: 500 }, status: 'understood' }],
    [
      '500 g lamb shoulder, browned',
      { id: 'lambShoulder', amount: { g: 500 }, state: 'browned', status: 'understood' },
    ],
    ['a can and a half of coconut milk', { id: 'coconutMilk', amount: { g: 600 }, status: 'understood' }],
    ['an onion and a half', { id: 'onion', amount: { count: 1.5 }, status: 'understood' }],
    ['a cup and a half yoghurt', { id: 'yoghurt', amount: { ml: 375 }, status: 'understood' }],
    ['1 tsp plus 1/4 tsp salt', { id: 'saltFine', amount: { ml: 6.16 }, status: 'understood' }],
    ['1 cup and 2 tbsp oil', { id: 'oil', amount: { ml: 279.57 }, status: 'understood' }],
    ['150 g yogurt', { id: 'yoghurt', status: 'understood' }],
    ['2 bell peppers', { id: 'sweetPepper', amount: { count: 2 }, status: 'understood' }],
  ])('"%s" is understood', (text, expected) => {
    expect(parseLine(text, CUP)).toMatchObject(expected);
  });

  it.each<[string, Partial<ParsedLine>]>([
    ['200 g onoins', { status: 'unknown' }],
    ['200 g oniom', { id: 'onion', status: 'check', reason: 'spelling' }],
    ['200 g shallott', { id: 'shallot', status: 'check', reason: 'spelling' }],
    ['2 smoked red onion rings', { id: 'onionRed', status: 'check', reason: 'severalMatch' }],
    ['2 onions and a half cup peas', { status: 'unmeasurable', reason: 'noUnit' }],
    ['some mint', { id: 'mint', status: 'unmeasurable', reason: 'vague' }],
    ['salt to taste', { id: 'saltFine', status: 'unmeasurable', reason: 'vague' }],
    ['butter', { id: 'butter', status: 'unmeasurable', reason: 'noAmount' }],
    ['3 spinach frozen', { id: 'spinachFrozen', status: 'unmeasurable', reason: 'noUnit' }],
    ['1 jar curry paste', { id: 'curryPaste', status: 'unmeasurable', reason: 'packetSize' }],
    ['5 g moon dust', { status: 'unknown', reason: 'notInLarder' }],
  ])('"%s" is not taken for granted', (text, expected) => {
    expect(parseLine(text, CUP)).toMatchObject(expected);
  });

  it('offers what else it could be', () => {
    expect(parseLine('1 tin tomatoes', CUP).choices).toEqual(expect.arrayContaining(['tomatoCherry']));
  });

  it.each<[string, number]>([
    ['3 to 4 tomatoes', 0.5 / 3.5 / Math.sqrt(3)],
    ['a handful of mint', 0.4],
    ['about 200 g carrots', 0.1],
  ])('"%s" is a value with its doubt', (text, spread) => {
    expect(parseLine(text, CUP).spread).toBeCloseTo(spread, 6);
  });

  it('takes what the cook says it is, and reads only the amount', () => {
    expect(parseLine('2 cups unicorn', { ...CUP, as: 'basmati' })).toMatchObject({
      id: 'basmati',
      amount: { ml: 500 },
      status: 'understood',
    });
  });

  it('asks once what a jar holds', () => {
    const asked = parseLine('half a jar of passata', CUP);
    expect(asked).toMatchObject({ reason: 'packetSize', packet: 'jar', id: 'tomatoPuree' });
    const sizes = { tomatoPuree: { jar: 680 } };
    expect(parseLine('half a jar of passata', { ...CUP, sizes })).toMatchObject({
      amount: { g: 340 },
      status: 'understood',
    });
  });

  it('keeps the cook’s own pour apart from water that goes into a paste', () => {
    expect(parseLine('3 cups hot stock', CUP)).toMatchObject({ id: 'stockVegetable', pours: true });
    expect(parseLine('1 cup water to grind the tomatoes', CUP).pours).toBeUndefined();
    expect(parseLine('2 tbsp water', CUP).pours).toBeUndefined();
  });

  it('looks in the household’s own first', () => {
    const own = ownRows([{ id: 'jar', name: 'Red jar', like: 'tomatoPuree' }]);
    if (!own.ok) throw new Error('refused');
    expect(parseLine('300 g red jar', { own: own.value })).toMatchObject({ id: 'jar', status: 'understood' });
  });

  it.each<[string, Partial<ParsedLine>]>([
    ['3 cups basmati, soaked', { soak: { minutes: 30, said: false } }],
    ['3 cups basmati soaked for 45 minutes', { soak: { minutes: 45, said: true } }],
    ['3 cups soaked basmati', { soak: { minutes: 30, said: false } }],
    ['500 g brown basmati, soaked overnight', { soak: { minutes: 480, said: true } }],
    ['2 cups basmati (soaked half an hour)', { soak: { minutes: 30, said: true } }],
    ['2 cups basmati, soaked 1 hour', { soak: { minutes: 60, said: true } }],
  ])('"%s" says how the grain is soaked', (text, expected) => {
    expect(parseLine(text)).toMatchObject({ ...expected, isGrain: true, status: 'understood' });
  });

  it.each([
    '3 cups basmati',
    '3 cups basmati, unsoaked',
    '3 cups basmati, not soaked',
    '200 g soaked chickpeas',
  ])('"%s" soaks no grain', (text) => {
    expect(parseLine(text).soak).toBeUndefined();
  });

  it.each([
    ['a 24 cm pot', 24],
    ['in my 28-cm pan', 28],
    ['22.5 cm casserole with a lid', 22.5],
  ])('"%s" is a pot', (text, potCm) => {
    expect(parseLine(text)).toMatchObject({ potCm, status: 'understood' });
  });

  it('reads several things to a line, and keeps what is only a note', () => {
    const { lines } = parseLines('3 cups basmati, soaked, two tomatoes, chopped, a 24 cm pot');
    expect(lines.map(({ id, potCm, note }) => id ?? potCm ?? note)).toEqual(['basmati', 'tomato', 24]);
    expect(lines[1]).toMatchObject({ amount: { count: 2 }, note: 'chopped' });
    // What a hand measures is a thing too: a salt read as a note of the spice before it was lost.
    for (const [line, ids] of [
      ['half a teaspoon of turmeric, pinch of salt', ['turmeric', 'saltFine']],
      ['1 leek, sliced thin, handful of mint', ['leek', 'mint']],
      ['2 carrots, diced, knob of butter', ['carrot', 'butter']],
    ] as const)
      expect(parseLines(line, CUP).lines.map((l) => l.id)).toEqual(ids);
    expect(parseLines('2 tomatoes, 1 chopped').lines).toHaveLength(1);
    expect(parseLines('4 cloves of garlic, crushed').lines).toHaveLength(1);
  });

  it('never throws and never understands nonsense', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 300 }), (text) => {
        const { status, id, potCm, portions } = parseLine(text);
        return status !== 'understood' || id !== undefined || potCm !== undefined || portions !== undefined;
      }),
      { numRuns: 500 },
    );
  });

  it('reads a list, a line each, and says how many it left out of a thousand', () => {
    const list = ['2 onions', '', '  ', '400 g tin chopped tomatoes', '---', '1 tsp salt'].join('\n');
    expect(parseLines(list, CUP).lines.map((l) => l.id)).toEqual(['onion', 'tomatoChopped', 'saltFine']);
    const thousand = parseLines(Array.from({ length: 1000 }, () => '1 onoin pie').join('\n'));
    expect(thousand.lines).toHaveLength(MOST_LINES);
    expect(thousand.leftOut).toBe(1000 - MOST_LINES);
  });
});

describe('an ingredient of one’s own', () => {
  it('takes the figures of what it is like, half as thick again', () => {
    const rows = ownRows([{ id: 'a', name: 'Ours', like: 'tomato', body: 'thicker' }]);
    if (!rows.ok) throw new Error('refused');
    const tomato = ingredientById('tomato')!;
    expect(rows.value[0]!.solids).toBeCloseTo(1.5 * tomato.solids, 6);
    expect(rows.value[0]!.film).toBe('tomato');
    expect(rows.value[0]!.water + rows.value[0]!.fat + rows.value[0]!.solids).toBeCloseTo(100, 6);
  });

  it('follows a chain and refuses a circle, an unknown, and more than there is in 100 g', () => {
    const chain = ownRows([
      { id: 'b', name: 'B', like: 'a', water: 80 },
      { id: 'a', name: 'A', like: 'tomato' },
    ]);
    expect(chain.ok && chain.value[0]!.water).toBe(80);
    const codes = (list: Parameters<typeof ownRows>[0]) => {
      const rows = ownRows(list);
      return rows.ok ? [] : rows.error.map((p) => p.code);
    };
    expect(codes([{ id: 'a', name: 'A', like: 'a' }])).toContain('circular');
    expect(codes([{ id: 'a', name: 'A', like: 'nowhere' }])).toEqual(['unknownLike']);
    expect(codes([{ id: 'a', name: 'A' }])).toEqual(['needsFigures']);
    expect(codes([{ id: 'a', name: 'A', water: 70, fat: 40 }])).toEqual(['overHundred']);
    expect(codes([{ id: 'a', name: 'A', water: 70, behaves: 'toString' as 'dry' }])).toEqual([
      'unknownBehaviour',
    ]);
    expect(codes([{ id: 'a', name: ' ', water: 70 }])).toEqual(['needsName']);
  });
});

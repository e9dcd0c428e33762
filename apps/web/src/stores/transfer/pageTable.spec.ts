import { describe, expect, it } from '@jest/globals';
import type { DishSpec } from '@hammock/core/records';
import { isPageTable, oldestOf, pageRowsIn, pageTableIn, type Against } from './pageTable.js';
import { useKitchen } from '../kitchen/kitchen.js';

const row = { createdAtMs: 0, updatedAtMs: 0, revision: 1 };
const spec: DishSpec = {
  grainId: 'basmati',
  grain: { g: 300 },
  portions: 4,
  ingredients: [{ ingredientId: 'onion', amount: { g: 100 } }],
};
const power = { low: 400, medium: 900, high: 1800 };

/** A kitchen of one of each. */
function kitchen(): Against['kitchen'] {
  const { household } = useKitchen.getState();
  useKitchen.setState({
    household: { ...household, textureNames: ['', '', 'our way', '', ''] },
    dishes: [{ ...row, id: 'dish', label: 'Tuesday pilaf', blurb: '', spec }],
    bags: [{ ...row, id: 'bag', label: 'Blue sack', note: '', openedOn: null, grainId: 'basmati' }],
    vessels: [
      {
        ...{ ...row, id: 'pot', label: 'Tall pot', diameterCm: 20, volumeMl: 4000 },
        ...{ lid: 'tight', wall: 'heavy', kind: 'pot' },
      },
    ],
    hobs: [{ ...row, id: 'hob', label: 'Left ring', kind: 'gas', powerW: power }],
  } as unknown as Against['kitchen']);
  return useKitchen.getState();
}
const NOW = Date.parse('2026-05-01T12:00Z');
const read = (text: string, has: Against['has'] = []) =>
  pageRowsIn(pageTableIn(text)!, { kitchen: kitchen(), has, nowMs: NOW });

describe('a table of pots', () => {
  it('is read by its heads: what the notebook writes itself, and what somebody kept by hand', () => {
    const own =
      'id,started,dish,bag,pot,burner,grain,advised_ml,poured_ml,texture_1_hard_5_mushy,base,note,judged_by,ate,learnt_from,given_up\r\n' +
      '5b8f0f60-3f7e-4f0e-9d5a-0c7a52a30001,2026-04-02T17:30:00.000Z,Tuesday pilaf,Blue sack,Tall pot,Left ring,600 g,900,880,4,golden,"less, next time",Ada,"Ada, guests",always,\r\n';
    const [page] = read(own).map((r) => r.page);
    expect(page).toMatchObject({
      id: '5b8f0f60-3f7e-4f0e-9d5a-0c7a52a30001',
      label: 'Tuesday pilaf',
      startedAtMs: Date.parse('2026-04-02T17:30Z'),
      ...{ dishId: 'dish', bagId: 'bag', vesselId: 'pot', hobId: 'hob', pouredMl: 880, abandoned: false },
      outcome: {
        ...{ texture: 4, base: 'golden', note: 'less, next time', by: 'Ada', counts: 'always' },
        ate: ['Ada', 'guests'],
      },
    });
    // Twice the grain of the dish: what goes in with it is twice as much.
    expect(page?.answer.grainG).toBeCloseTo(600, 6);
    expect(page?.input.ingredients?.[0]?.amount).toEqual({ g: 200 });

    const byHand =
      'When;What;Liquid;Came out;Bottom\n3.4.2026;TUESDAY PILAF;2 cups;a bit soft;dark\n4.4.2026;tuesday pilaf;500;our way;';
    expect(read(byHand).map((r) => r.page?.outcome?.texture)).toEqual([4, 3]);
    expect(read(byHand)[1]?.page).toMatchObject({ pouredMl: 500, outcome: { base: 'clean' }, id: undefined });
    const table = pageTableIn(byHand)!;
    expect(new Date(oldestOf(table)!).getDate()).toBe(3);
    expect(isPageTable(table)).toBe(true);
    expect(isPageTable(pageTableIn('name,water\nA,80')!)).toBe(false);
  });

  it.each<[string, string, string, string]>([
    ['no day', 'soon,Tuesday pilaf,900,3', 'started', 'noDate'],
    ['a day that is one of two', '3/4/2026,Tuesday pilaf,900,3', 'started', 'noDate'],
    ['a day that never was', '2026-02-30,Tuesday pilaf,900,3', 'started', 'noDate'],
    ['a day to come', '2027-01-01,Tuesday pilaf,900,3', 'started', 'future'],
    ['a dish nobody knows', '2026-04-01,Moon rice,900,3', 'dish', 'noDish'],
    ['no amount at its verdict', '2026-04-01,Tuesday pilaf,,3', 'poured', 'noAmount'],
    ['an amount that is none', '2026-04-01,Tuesday pilaf,a lot,3', 'poured', 'noAmount'],
    ['a lake', '2026-04-01,Tuesday pilaf,9000000,3', 'poured', 'noAmount'],
    ['a verdict nobody gives', '2026-04-01,Tuesday pilaf,900,7', 'texture', 'noTexture'],
    ['no verdict an hour after it began', '2026-05-01T11:00Z,Tuesday pilaf,900,', 'texture', 'noTexture'],
  ])('with %s says at which column, and why', (_what, cells, at, why) => {
    expect(read(`started,dish,poured,texture\n${cells}`)).toEqual([{ wrong: { at, why } }]);
  });

  it.each([
    ['bag', 'unknownBag'],
    ['pot', 'unknownPot'],
    ['burner', 'unknownBurner'],
  ])('with a %s that is not there says so, and takes the usual one where none is named', (at, why) => {
    const text = (said: string) =>
      `started,dish,poured,texture,${at}\n2026-04-01,Tuesday pilaf,900,3,${said}`;
    expect(read(text('Nobody’s'))).toEqual([{ wrong: { at, why } }]);
    expect(read(text(''))[0]?.page).toMatchObject({ bagId: 'bag', vesselId: 'pot', hobId: 'hob' });
  });

  it('keeps what was given up, and what nobody judged long ago, without a verdict', () => {
    const text =
      'started,dish,given_up,texture\n2026-05-01T11:00Z,Tuesday pilaf,yes,\n2026-03-01,Tuesday pilaf,,';
    expect(read(text).map((r) => r.page)).toMatchObject([
      { abandoned: true, outcome: null, pouredMl: null },
      { abandoned: false, outcome: null },
    ]);
    expect(read('started,dish,grain\n2026-03-01,Tuesday pilaf,some')[0]?.wrong?.why).toBe('noAmount');
    expect(read('started,dish,texture,poured,base\n2026-03-01,Tuesday pilaf,3,9,blue')[0]?.wrong).toEqual({
      at: 'base',
      why: 'noBase',
    });
  });

  it('writes nothing down twice: not what the notebook has, nor what the table says again', () => {
    const id = '5b8f0f60-3f7e-4f0e-9d5a-0c7a52a30002';
    const text = `id,started,dish\n${id},2026-03-01T10:00Z,Tuesday pilaf\n,2026-03-02T10:00:20Z,Tuesday pilaf\n,2026-03-02T10:00:40Z,tuesday pilaf\n`;
    const whys = (has: Against['has']) => read(text, has).map((r) => r.wrong?.why);
    expect(whys([])).toEqual([undefined, undefined, 'already']);
    expect(whys([{ id, label: 'Called otherwise since', startedAtMs: 1 }])).toEqual([
      'already',
      undefined,
      'already',
    ]);
    const at = Date.parse('2026-03-02T10:00Z');
    expect(whys([{ id: 'x', label: 'Tuesday pilaf', startedAtMs: at }])).toEqual([
      undefined,
      'already',
      'already',
    ]);
  });
});

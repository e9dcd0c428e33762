import { beforeAll, describe, expect, it } from '@jest/globals';
import {
  answer,
  beliefOf,
  fireNow,
  plannedMin,
  runFromTaps,
  type Act,
  type Fire,
  type PlanInput,
  type PotBelief,
  type Tap,
} from '@hammock/core';
import { bottomText, chanceText, nextText, rescueText } from './observationWords.js';

const INPUT: PlanInput = {
  grainId: 'longGrainWhite',
  grain: { g: 340 },
  ingredients: [{ ingredientId: 'onion', amount: { count: 1 }, state: 'golden' }],
  vessel: { diameterCm: 24, volumeMl: 5000, lid: 'tight' },
  hob: { kind: 'gas' },
};
const MIN = 60_000;

type Word = readonly [kind: Tap['kind'], said: string];
/** What is said, one thing or two in a row. */
const SAID: readonly (readonly Word[])[] = [
  [],
  ...['soup', 'wet', 'level', 'holes', 'dry'].map((w) => [['looked', w]] as const),
  ...['hard', 'nearly', 'done', 'soft'].map((w) => [['tasted', w]] as const),
  ...['toasty', 'burnt'].map((w) => [['smells', w]] as const),
  ...['wetTop', 'lumps', 'hardTop', 'hardBelow'].map((w) => [['found', w]] as const),
  ...['none', 'strong'].map((w) => [['steam', w]] as const),
  [
    ['looked', 'dry'],
    ['tasted', 'done'],
  ],
  [
    ['looked', 'dry'],
    ['tasted', 'hard'],
  ],
  [
    ['looked', 'wet'],
    ['tasted', 'done'],
  ],
  [
    ['looked', 'soup'],
    ['tasted', 'done'],
  ],
  [
    ['looked', 'wet'],
    ['tasted', 'hard'],
  ],
  [
    ['tasted', 'nearly'],
    ['tasted', 'done'],
  ],
  [
    ['smells', 'burnt'],
    ['tasted', 'hard'],
  ],
  [
    ['smells', 'toasty'],
    ['looked', 'dry'],
  ],
];
/** Where in the pot it is said: the stage, and how far into it. */
const WHEN: readonly (readonly [Act, number])[] = [
  ['simmer', 0.15],
  ['simmer', 0.95],
  ['rest', 0.6],
];

interface Row {
  readonly state: string;
  readonly words: readonly string[];
  readonly act: Act;
  readonly fire: Fire;
  readonly belief: PotBelief;
  readonly texts: readonly string[];
  readonly rescue: string;
}

const ml = (n: number): string => `${Math.round(n).toString()} ml`;

/** Ring and lid as they are now. */
function fireAt(run: ReturnType<typeof runFromTaps>, nowMs: number): Fire {
  const here = run.stages[run.current];
  if (!here) throw new Error('no stage is on');
  return fireNow(here, run.said, nowMs);
}

/** Every state with what the stove says then. */
function table(): readonly Row[] {
  const made = answer(INPUT);
  if (!made.ok) throw new Error('no answer');
  const { stages, keepBy } = made.value;
  return WHEN.flatMap(([act, share]) =>
    SAID.map((words): Row => {
      const taps: Tap[] = [];
      let at = 0;
      let seq = 0;
      const tap = (kind: Tap['kind'], stageId: string, atMin: number, said?: string): void => {
        seq += 1;
        const more = said === undefined ? {} : { said };
        taps.push({ id: `t${seq.toString()}`, seq, kind, stageId, atMs: Math.round(atMin * MIN), ...more });
      };
      tap('start', stages[0]?.id ?? '', 0);
      for (const stage of stages) {
        if (stage.act === act) {
          at += share * plannedMin(stage);
          for (const [kind, said] of words) tap(kind, stage.id, (at += 0.2), said);
          break;
        }
        at += plannedMin(stage);
        tap('done', stage.id, at);
      }
      const nowMs = Math.round((at + 0.05) * MIN);
      const run = runFromTaps(stages, taps);
      const belief = beliefOf({ input: INPUT, stages, taps, nowMs, keepByMl: keepBy.ml });
      if (!belief) throw new Error(`nothing is thought at ${act}`);
      const rescue = rescueText(belief.act, ml) ?? '';
      return {
        state: `${act} ${share.toString()}: ${words.map((w) => w.join(' ')).join(', ') || 'nothing said'}`,
        words: words.map(([, said]) => said),
        act,
        fire: fireAt(run, nowMs),
        belief,
        rescue,
        texts: [rescue, chanceText(belief), bottomText(belief), nextText(belief)],
      };
    }),
  );
}

describe('what the stove says, state by state', () => {
  let rows: readonly Row[] = [];
  beforeAll(() => {
    rows = table();
  }, 60_000);
  /** States of which this is said, and is not so. */
  const untrue = (says: RegExp, isSo: (row: Row) => boolean): readonly string[] =>
    rows.flatMap((row) =>
      row.texts.some((t) => says.test(t)) && !isSo(row) ? [`${row.state}: ${row.rescue}`] : [],
    );

  it('is whole sentences with their figures', () => {
    for (const { texts } of rows)
      for (const text of texts)
        if (text !== '') expect(text).toMatch(/^(?!.*(?:undefined|NaN|Infinity)).*[.!]$/u);
  });

  it('says that it has caught only where that was smelt, or no kitchen doubts it', () => {
    expect(
      untrue(/has caught/u, (r) => r.words.includes('burnt') || r.belief.bottom.caughtNow >= 0.9),
    ).toEqual([]);
  });

  it('foretells the bottom of a pot on its ring alone', () => {
    expect(untrue(/the bottom may catch in/iu, (r) => r.fire.heat !== 'off' && r.act !== 'rest')).toEqual([]);
    expect(untrue(/the bottom may catch in about 0/iu, () => false)).toEqual([]);
  });

  it('calls nothing lost that was tasted done or nearly', () => {
    expect(untrue(/past saving/iu, (r) => !r.words.some((w) => w === 'done' || w === 'nearly'))).toEqual([]);
  });

  it('cooks nothing on that was tasted done: it goes off, rests, or is dried where it is wet', () => {
    const cooksOn = /hot round the edge|min more|back on low|press cook/iu;
    expect(untrue(cooksOn, (r) => r.words.at(-1) !== 'done')).toEqual([]);
    expect(untrue(/lid off/iu, (r) => !(r.words.includes('done') && r.words.includes('dry')))).toEqual([]);
  });

  it('pours nothing into what smells burnt, nor into what still stands wet', () => {
    const isNoPour = (r: Row): boolean => ['burnt', 'soup', 'wet'].some((word) => r.words.includes(word));
    expect(untrue(/hot round the edge/iu, (r) => !isNoPour(r))).toEqual([]);
  });

  it('ends the cooking of what is done long before its minutes are over', () => {
    const early = rows.filter((r) => r.state.startsWith('simmer 0.15') && r.words.join() === 'dry,done');
    expect(early.map((r) => r.belief.act.kind)).toEqual(['offNow']);
  });

  it('says nothing of whole pots where one has caught and its top is served', () => {
    const caught = rows.filter((r) => r.belief.act.kind === 'serveTop');
    expect(caught.length).toBeGreaterThan(0);
    for (const { texts } of caught) expect(texts.join(' ')).not.toMatch(/in 100/u);
  });

  it('never leaves what is hard and dry alone', () => {
    const dry = rows.filter((r) => r.words.includes('dry') && r.words.includes('hard'));
    expect(dry.filter((r) => r.rescue === '').map((r) => r.state)).toEqual([]);
  });

  it('changes nothing to what it is already', () => {
    expect(untrue(/lid off/iu, (r) => r.fire.lid !== 'off')).toEqual([]);
    expect(untrue(/cloth under/iu, (r) => r.fire.lid !== 'cloth')).toEqual([]);
    expect(
      untrue(/turn the ring/iu, (r) => r.belief.act.kind === 'ring' && r.belief.act.heat !== r.fire.heat),
    ).toEqual([]);
  });

  it('offers what gains something, and counts none of it twice', () => {
    // What is done is ended by the cook's word, and not by what it gains.
    const acts = rows.filter(
      (r) => (r.texts[1] ?? '').includes(' with this ') && r.belief.act.kind !== 'offNow',
    );
    expect(acts.length).toBeGreaterThan(5);
    for (const { belief, state } of acts)
      expect([state, belief.then.asWanted >= belief.leftAlone.asWanted]).toEqual([state, true]);
  });

  it('tells of a span from less to more', () => {
    for (const { texts } of rows) {
      const [, from, to] = /in (\d+) to (\d+) min/u.exec(texts[3] ?? '') ?? [];
      if (from !== undefined) expect(Number(to)).toBeGreaterThan(Number(from));
    }
  });
});

import { beforeAll, describe, expect, it } from '@jest/globals';
import {
  answer,
  beliefOf,
  isWet,
  plannedMin,
  runFromTaps,
  type Act,
  type PlanInput,
  type Tap,
} from '@hammock/core';
import { besideRuns } from '@hammock/core/schedule';
import { loadCore } from '../../stores/plan/core.js';
import { planInputOf } from '../../stores/plan/learntPlan.js';
import { KITCHEN, TELLINGS, told } from '../../testing/tellings.js';

/** Something that is not as planned: at an act, so far into its minutes, what is tapped. */
type Deviation = readonly [
  act: Act,
  share: number,
  kind: Tap['kind'],
  more?: { readonly said?: string; readonly amount?: number; readonly minutes?: number },
];

/** What the tellings themselves say is seen, done otherwise, or goes wrong; invented where one says nothing. */
const DEVIATIONS: Readonly<Record<number, readonly Deviation[]>> = {
  // Nobody lifts it; six more off the heat; the red swims on top.
  1: [['rest', 0.9, 'extend', { minutes: 6 }]],
  // Five whistles, told as they come; looks wet after.
  2: [
    ['pressure', 0.3, 'sign', { said: 'whistle' }],
    ['pressure', 0.9, 'sign', { said: 'whistle' }],
  ],
  3: [
    ['boil', 0.9, 'sign', { said: 'boil' }],
    ['boil', 0.95, 'reads', { amount: 99 }],
  ],
  // At fourteen it still has a white dot: six more.
  4: [
    ['simmer', 0.97, 'tasted', { said: 'nearly' }],
    ['simmer', 0.99, 'extend', { minutes: 6 }],
  ],
  // The top is still shiny: foil under the lid for three.
  5: [
    ['steam', 0.9, 'looked', { said: 'wet' }],
    ['steam', 0.92, 'lid', { said: 'foil' }],
    ['steam', 0.95, 'extend', { minutes: 3 }],
  ],
  6: [['simmer', 0.4, 'stirred']],
  // Boiling water only till it winks at the corners.
  7: [
    ['simmer', 0.3, 'splash', { amount: 45 }],
    ['simmer', 0.6, 'lidUp', { amount: 0.5 }],
  ],
  8: [['cook', 0.95, 'sign', { said: 'flip' }]],
  // Thirty-five minutes for a floor one can lift.
  9: [
    ['steam', 0.9, 'smells', { said: 'toasty' }],
    ['steam', 0.95, 'extend', { minutes: 23 }],
  ],
  10: [['rest', 0.5, 'note', { said: 'chervil under the lid' }]],
  // Must not catch.
  11: [
    ['steam', 0.5, 'heat', { said: 'veryLow' }],
    ['steam', 0.8, 'smells', { said: 'toasty' }],
  ],
  // Craters and no water over it; off, the lid ajar.
  12: [
    ['boilDown', 0.9, 'looked', { said: 'holes' }],
    ['rest', 0.1, 'lid', { said: 'ajar' }],
  ],
  13: [['boil', 0.5, 'boiledOver']],
  14: [
    ['simmer', 0.3, 'weighs', { amount: 3200 }],
    ['simmer', 0.9, 'weighs', { amount: 3165 }],
  ],
  15: [['simmer', 0.5, 'ladled', { amount: 120 }]],
  16: [['pressure', 0.5, 'sign', { said: 'whistle' }]],
};

const MIN = 60_000;

/** The taps of a whole cook: each stage as long as planned, with what is tapped on the way. */
function tapped(
  input: PlanInput,
  deviations: readonly Deviation[],
): { readonly taps: Tap[]; readonly said: number } {
  const made = answer(input);
  if (!made.ok) throw new Error(JSON.stringify(made.error));
  const { stages } = made.value;
  const taps: Tap[] = [];
  let said = 0;
  const tap = (kind: Tap['kind'], stageId: string, atMin: number, more: object = {}): void => {
    const n = taps.length;
    taps.push({ id: `t${n.toString()}`, seq: n, kind, stageId, atMs: Math.round(atMin * MIN), ...more });
  };
  let at = 0;
  tap('start', stages[0]!.id, 0);
  const left = [...deviations];
  for (const stage of stages) {
    let lasts = plannedMin(stage);
    for (const [act, share, kind, more] of left.filter((d) => d[0] === stage.act)) {
      tap(kind, stage.id, at + share * plannedMin(stage), more);
      lasts += more?.minutes ?? 0;
      said += 1;
      left.splice(
        left.findIndex((d) => d[0] === act && d[2] === kind && d[1] === share),
        1,
      );
    }
    at += lasts;
    tap('done', stage.id, at);
  }
  return { taps, said };
}

beforeAll(loadCore);

describe('a dish that was told, cooked at the stove with what went otherwise', () => {
  it.each(TELLINGS.map((text, i) => [i + 1, text] as const))(
    '%i is followed from its first stage to its last, and has something sensible thought of it at each tap',
    (n, text) => {
      const input = planInputOf(told(text).made, KITCHEN);
      const made = answer(input);
      if (!made.ok) throw new Error(JSON.stringify(made.error));
      const { stages, keepBy } = made.value;
      const { taps, said } = tapped(input, DEVIATIONS[n] ?? []);
      // What its telling names was tapped: the stage it belongs to is there.
      expect(said).toBe((DEVIATIONS[n] ?? []).length);
      expect(runFromTaps(stages, taps)).toMatchObject({ phase: 'finished', current: stages.length });
      expect(besideRuns(input.beside, taps)).toEqual([]);
      const wetFrom = stages.findIndex((s) => isWet(s.act));
      const wetId = new Set(stages.slice(wetFrom).map((s) => s.id));
      for (const [i, tap] of taps.entries()) {
        if (tap.kind === 'done' || tap.kind === 'start' || !wetId.has(tap.stageId)) continue;
        const belief = beliefOf(
          { input, stages, taps: taps.slice(0, i + 1), nowMs: tap.atMs, keepByMl: keepBy.ml },
          { draws: 24 },
        )!;
        const shares = [...Object.values(belief.leftAlone), ...Object.values(belief.then)];
        expect(shares.every((s) => s >= 0 && s <= 1)).toBe(true);
        // Nothing is advised that ends worse than leaving it alone.
        if (belief.act.kind !== 'none' && belief.act.kind !== 'lost')
          expect(belief.then.asWanted).toBeGreaterThanOrEqual(belief.leftAlone.asWanted - 0.05);
      }
    },
    60_000,
  );
});

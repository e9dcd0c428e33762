import { describe, expect, it } from '@jest/globals';
import { answer, type Answer } from '../compute/account/answer.js';
import type { PlanInput } from '../plan/input/planInput.js';
import { evidenceFromPot } from '../learning/evidence.js';
import { PILAF } from '../testing/cooked.js';
import { judgedPot } from './judged.js';

const made = (input: PlanInput): Answer => {
  const found = answer(input);
  if (!found.ok) throw new Error(JSON.stringify(found.error));
  return found.value;
};
const TWO: PlanInput = { ...PILAF, pourWith: 'stockChicken', pourMost: { g: 250 } };

const page = (input: PlanInput, share: number, tapped: boolean) => {
  const found = made(input);
  let atMs = 0;
  const tap = (kind: 'start' | 'done' | 'lidUp', stageId: string, more: object = {}) => ({
    ...{
      id: `${kind}${stageId}`,
      kind,
      stageId,
      atMs,
      seq: atMs,
      by: null,
      minutes: null,
      said: null,
      amount: null,
    },
    ...more,
  });
  const [first] = found.stages;
  const events = tapped
    ? [
        tap('start', first!.id),
        ...found.stages.flatMap((stage) => {
          const { end } = stage;
          atMs += 60_000 * (end.kind === 'minutes' ? end.minutes : end.expectMin);
          const done = tap('done', stage.id);
          return stage.act === 'simmer'
            ? [{ ...tap('lidUp', stage.id), atMs: atMs - 300_000 }, done]
            : [done];
        }),
      ]
    : [];
  return judgedPot(
    {
      ...{ id: 'a', input, answer: found, pouredMl: found.pour.ml * share, advisedMl: found.pour.ml },
      ...{ startedAtMs: 0, abandoned: false, dishId: null, bagId: null, vesselId: null, hobId: null },
      outcome: { texture: 3, counts: 'once', by: null },
      events: events,
    },
    1e12,
  )!;
};

describe('a page of the notebook with two liquids', () => {
  it('counts what was poured first: as advised and as wanted it teaches nothing', () => {
    expect(made(TWO).pours).toHaveLength(2);
    const says = evidenceFromPot(page(TWO, 1, false))!;
    expect(says.evidence[0]!.points).toBeCloseTo(0, 6);
    // In the liquid whose amount is open, as the page has it.
    expect(says.wantedMl).toBeCloseTo(made(TWO).pour.ml, 6);
  });

  it('is read through its taps like the same pot with one liquid', () => {
    const one = evidenceFromPot(page({ ...PILAF, pourWith: 'water' }, 1, true))!;
    const two = evidenceFromPot(page(TWO, 1, true))!;
    expect(Math.abs(two.evidence[0]!.points - one.evidence[0]!.points)).toBeLessThan(0.3);
  });

  it('tells a tenth more of everything from a tenth more of the last', () => {
    const { pours, pour } = made(TWO);
    const allG = pours.reduce((sum, p) => sum + p.waterG, 0);
    const wholeTenth = page(TWO, 1 + (0.1 * allG) / pour.waterG, false);
    const one = page({ ...PILAF, pourWith: 'stockChicken' }, 1.1, false);
    expect(evidenceFromPot(wholeTenth)!.evidence[0]!.points).toBeCloseTo(
      evidenceFromPot(one)!.evidence[0]!.points,
      1,
    );
  });
});

describe('two liquids in two additions', () => {
  it('keep back a share of everything, out of the last liquid', () => {
    const { additions, pours, pour } = made({ ...TWO, laterShare: 0.25 });
    const allG = pours.reduce((sum, p) => sum + p.waterG, 0);
    expect((additions.laterMl * pour.waterG) / pour.ml).toBeCloseTo(0.25 * allG, 6);
    expect(additions.nowMl + additions.laterMl).toBeCloseTo(pour.ml, 9);
    // Never more than there is of it.
    const most = made({ ...TWO, pourMost: { g: 600 }, laterShare: 0.8 });
    expect(most.additions.laterMl).toBeLessThanOrEqual(most.pour.ml);
    expect(most.additions.nowMl).toBeGreaterThanOrEqual(0);
  });
});

import { describe, expect, it } from '@jest/globals';
import { judge, type PotOutcome } from '../course/judge.js';
import { cookPot } from '../pot/cook.js';
import { AS_PLANNED } from '../pot/setup.js';
import { edited, PILAF, planOf, pourOf } from '../../testing/cooked.js';
import { cookInspected } from './cookInspected.js';
import { spreadsOf, truthOf } from './doubts.js';
import { drawZ } from './draw.js';
import { mendFor, mendingOf, TASTES_TO } from './inspection.js';
import { oddsOf } from './odds.js';

const plan = planOf(PILAF);
const mending = mendingOf(plan, 160)!;
const wanted = ({ flags }: PotOutcome): boolean =>
  !(flags.tooHard || flags.hardCentre || flags.tooSoft || flags.wetPot || flags.wetTop || flags.caught);

describe('what a taste calls for', () => {
  const as = (over: object) => mendFor(mending, { tastes: mending.aim, leftPerG: 0, done: 1, ...over });

  it('is nothing for a pot that is as wanted', () => {
    expect(as({})).toEqual({ parts: 0, addG: 0, moreMin: 0 });
  });

  it('is more of what was kept by the firmer the grain is, all of it at most', () => {
    const firm = as({ tastes: mending.low - 0.3 });
    const hard = as({ tastes: mending.low - 2 });
    expect(firm.addG).toBeGreaterThan(0);
    expect(hard.addG).toBeGreaterThan(firm.addG);
    expect(as({ tastes: 40 }).addG).toBe(160);
    expect(firm.moreMin).toBeGreaterThan(0);
  });

  it('is time for one that is still wet, firm or not, and for a hard centre', () => {
    expect(as({ leftPerG: 0.3 })).toEqual({ parts: 0, addG: 0, moreMin: mending.longerMin });
    expect(as({ leftPerG: 0.3, tastes: 60 }).addG).toBe(0);
    expect(as({ done: 0.6 })).toMatchObject({ addG: 0 });
    expect(as({ done: 0.6 }).moreMin).toBeGreaterThan(0);
  });
});

describe('a pot that is looked at', () => {
  it('is the pot that it is unseen when nothing has to be done', () => {
    const pour = pourOf(plan);
    const unseen = judge(cookPot(plan, pour));
    const seen = cookInspected(plan, pour, AS_PLANNED, mending, 0);
    expect(seen.texture).toBeCloseTo(unseen.texture, 3);
    expect(seen.flags).toEqual(unseen.flags);
  });

  it('is mended when it was poured too dry', () => {
    const dry = 0.68 * pourOf(plan);
    expect(judge(cookPot(plan, dry)).flags.tooHard).toBe(true);
    expect(wanted(cookInspected(plan, dry, AS_PLANNED, mending, 0))).toBe(true);
  });

  it('cannot be softened back to what it was', () => {
    const wet = 1.5 * pourOf(plan);
    expect(wanted(cookInspected(plan, wet, AS_PLANNED, mending, 0))).toBe(false);
  });

  it('is closed again without pressure, and a rice cooker on warm', () => {
    const pressed = planOf({ ...PILAF, method: 'pressureCooker' });
    const { afterIndex, stage } = mendingOf(pressed, 100)!;
    expect(pressed.stages[afterIndex]!.act).toBe('release');
    expect(stage).toMatchObject({ lid: 'on', heat: 'low' });
    const cooker = planOf({ ...PILAF, method: 'riceCooker', vessel: { diameterCm: 22, volumeMl: 3500 } });
    expect(cooker.stages[mendingOf(cooker, 100)!.afterIndex]!.act).toBe('cook');
  });

  it('that is never closed is not mended', () => {
    const open = edited(PILAF, (s) => (s.act === 'simmer' ? { ...s, act: 'openBoil', lid: 'off' } : s));
    expect(mendingOf(open, 100)).toBeUndefined();
    expect(oddsOf(open, { draws: 20 }).best.looked).toBeUndefined();
  });
});

describe('the odds of a pot that is looked at', () => {
  it('are much better than unseen, and what cooking those kitchens gives', () => {
    const odds = oddsOf(plan, { draws: 300, seed: 3 });
    const { best, planned } = odds;
    const mend = mendingOf(plan, best.keepByMl)!;
    const n = 150;
    let came = 0;
    for (let i = 0; i < n; i += 1) {
      const truth = truthOf(drawZ(31, i), spreadsOf(plan));
      const tooth = TASTES_TO * (drawZ(32, i)[0] ?? 0);
      if (wanted(cookInspected(plan, best.waterG, truth, mend, tooth))) came += 1;
    }
    expect(came / n).toBeGreaterThan(planned.chances.asWanted - 0.05);
    // Two standard errors of 150 kitchens and of 300 draws together are nine in a hundred.
    expect(Math.abs(came / n - best.looked!.asWanted)).toBeLessThan(0.09);
    // Of pours that are about as good the one next to the account's own is taken.
    expect(Math.abs(best.waterG / planned.waterG - 1)).toBeLessThan(0.08);
  });
});

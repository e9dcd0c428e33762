import type { CompletePlan } from '../../plan/input/planInput.js';
import { solvePour } from '../account/solvePour.js';
import type { HeatSetting } from '../../basics/heat/equipment.js';
import { coveredMinutes } from '../../basics/method/timing.js';
import { cooksClosed, lastOf, plannedMin, type Stage } from '../../basics/method/stage.js';
import { cookPot, type Cooked } from '../pot/cook.js';
import { judge, type PotFlags } from './judge.js';

/** Something a cook could do otherwise. */
export type Change =
  | { readonly code: 'longer' | 'shorter'; readonly stageId: string; readonly minutes: number }
  | { readonly code: 'heat'; readonly stageId: string; readonly heat: HeatSetting }
  | { readonly code: 'lidOn'; readonly stageId: string }
  | { readonly code: 'cloth'; readonly stageId: string }
  | { readonly code: 'spreader'; readonly stageId: string }
  | { readonly code: 'rest'; readonly minutes: number }
  | { readonly code: 'noTurn'; readonly stageId: string }
  | { readonly code: 'pour'; readonly waterG: number }
  | { readonly code: 'heavyPot' }
  | { readonly code: 'largerPot'; readonly volumeMl: number };

/** What can go wrong with a pot. */
export type TroubleCode = keyof PotFlags | 'boiledOver' | 'ranDry' | 'neverBoiled' | 'noLiquid';

const HEATS: readonly HeatSetting[] = ['off', 'veryLow', 'low', 'medium', 'mediumHigh', 'high'];
const shifted = (heat: HeatSetting, by: number): HeatSetting =>
  HEATS[Math.min(HEATS.length - 1, Math.max(1, HEATS.indexOf(heat) + by))] ?? heat;

/** Changes that might avoid a trouble, the gentlest first. */
function candidates(code: TroubleCode, plan: CompletePlan, stageId: string | undefined): readonly Change[] {
  const covered = plan.stages.filter((s) => cooksClosed(s.act));
  const last = covered.at(-1);
  const here = plan.stages.find((s) => s.id === stageId) ?? last;
  const made: (Change | undefined | false)[] = [];
  const solved = (): Change => ({ code: 'pour', waterG: Math.max(0, solvePour(plan).pourWaterG) });
  const longer = (share: number): Change | undefined =>
    last && { code: 'longer', stageId: last.id, minutes: Math.max(2, Math.round(plannedMin(last) * share)) };
  const asLongAsUsual = (): Change | undefined => {
    const covers = covered.reduce((sum, s) => sum + plannedMin(s), 0);
    const minutes = coveredMinutes(plan.grain, plan.soakMin) - covers;
    return last && minutes > 0 ? { code: 'longer', stageId: last.id, minutes } : undefined;
  };
  const cooler = here && here.heat !== 'off' && here.heat !== 'veryLow' ? here : undefined;
  switch (code) {
    case 'hardCentre':
      for (const s of covered) if (s.lid === 'off') made.push({ code: 'lidOn', stageId: s.id });
      made.push(
        longer(0.25),
        longer(0.5),
        { code: 'rest', minutes: 10 },
        longer(1),
        asLongAsUsual(),
        solved(),
      );
      break;
    case 'tooHard':
      made.push(
        solved(),
        cooler && { code: 'heat', stageId: cooler.id, heat: shifted(cooler.heat, -1) },
        longer(0.5),
      );
      break;
    case 'tooSoft':
    case 'wetPot':
      made.push(solved(), longer(0.5));
      break;
    case 'wetTop':
      made.push({ code: 'rest', minutes: 10 }, last && { code: 'cloth', stageId: last.id });
      break;
    case 'dryTop':
      for (const s of covered)
        if (s.lid === 'off' || s.lid === 'ajar') made.push({ code: 'lidOn', stageId: s.id });
      made.push({ code: 'rest', minutes: 15 }, solved());
      break;
    case 'caught':
    case 'ranDry':
      for (const by of [-1, -2, -3])
        made.push(cooler && { code: 'heat', stageId: cooler.id, heat: shifted(cooler.heat, by) });
      made.push(
        here && { code: 'spreader', stageId: here.id },
        { code: 'heavyPot' },
        here && { code: 'shorter', stageId: here.id, minutes: Math.round(plannedMin(here) * 0.4) },
        solved(),
      );
      break;
    case 'paleBase':
      made.push(
        longer(0.4),
        last && { code: 'heat', stageId: last.id, heat: shifted(last.heat, 1) },
        longer(1),
      );
      break;
    case 'boiledOver':
      made.push(cooler && { code: 'heat', stageId: cooler.id, heat: shifted(cooler.heat, -1) }, {
        code: 'largerPot',
        volumeMl: Math.ceil((plan.vessel.volumeMl * 1.5) / 500) * 500,
      });
      break;
    case 'neverBoiled':
      made.push(here && { code: 'heat', stageId: here.id, heat: 'high' });
      break;
    case 'noLiquid':
      made.push(solved());
      break;
    case 'broken':
      for (const s of plan.stages) if (s.act === 'turn') made.push({ code: 'noTurn', stageId: s.id });
      break;
  }
  const others = new Map<string, Change>();
  // On a short stage a quarter and a half longer may be the same minutes: it is offered once.
  for (const c of made) if (c) others.set(JSON.stringify(c), c);
  return [...others.values()];
}

/** A rest off the fire under the lid, before its minutes are known. */
const REST = { act: 'rest', heat: 'off', lid: 'on' } as const;
/** An id for a rest that no stage has yet. */
const freshId = (stages: readonly Stage[]): string =>
  stages.some((s) => s.id === 'rest') ? `rest${(stages.length + 1).toString()}` : 'rest';

/**
 * Stages with one thing done otherwise; undefined when the change is not one of a stage.
 * @example stagesWith({ code: 'heat', stageId: 'simmer', heat: 'veryLow' }, stages).find((s) => s.id === 'simmer').heat // 'veryLow'
 */
export function stagesWith(change: Change, stages: readonly Stage[]): readonly Stage[] | undefined {
  const edit = (id: string, over: (s: Stage) => Partial<Stage>): readonly Stage[] =>
    stages.map((s) => (s.id === id ? { ...s, ...over(s) } : s));
  const lasting = (s: Stage, by: number): Partial<Stage> => ({
    end: { kind: 'minutes', minutes: Math.max(1, plannedMin(s) + by) },
  });
  switch (change.code) {
    case 'longer':
      return edit(change.stageId, (s) => lasting(s, change.minutes));
    case 'shorter':
      return edit(change.stageId, (s) => lasting(s, -change.minutes));
    case 'heat':
      return edit(change.stageId, () => ({ heat: change.heat }));
    case 'lidOn':
      return edit(change.stageId, () => ({ lid: 'on' }));
    case 'cloth':
      return edit(change.stageId, () => ({ lid: 'cloth' }));
    case 'spreader':
      return edit(change.stageId, () => ({ spreader: true }));
    case 'noTurn':
      return stages.filter((s) => s.id !== change.stageId);
    case 'rest': {
      const last = lastOf(stages);
      const end = { kind: 'minutes', minutes: change.minutes } as const;
      if (last?.act === 'rest') return stages.map((s) => (s === last ? { ...REST, id: s.id, end } : s));
      const at = last ? stages.indexOf(last) + 1 : stages.length;
      return [...stages.slice(0, at), { ...REST, id: freshId(stages), end }, ...stages.slice(at)];
    }
    case 'pour':
    case 'heavyPot':
    case 'largerPot':
      return undefined;
  }
}

/**
 * A plan and a pour with one thing done otherwise.
 * @example withChange(plan, 560, { code: 'heat', stageId: 'simmer', heat: 'veryLow' }).plan.stages.find((s) => s.id === 'simmer').heat // 'veryLow'
 */
export function withChange(
  plan: CompletePlan,
  pourWaterG: number,
  change: Change,
): { readonly plan: CompletePlan; readonly pourWaterG: number } {
  const stages = stagesWith(change, plan.stages);
  if (stages) return { plan: { ...plan, stages }, pourWaterG };
  const { vessel } = plan;
  if (change.code === 'heavyPot')
    return { plan: { ...plan, vessel: { ...vessel, wall: 'heavy' } }, pourWaterG };
  if (change.code === 'largerPot')
    return { plan: { ...plan, vessel: { ...vessel, volumeMl: change.volumeMl } }, pourWaterG };
  return { plan, pourWaterG: change.code === 'pour' ? change.waterG : pourWaterG };
}

/** Changes that are offered for one trouble. */
const MOST_OFFERED = 2;

/**
 * Which changes would avoid a trouble: each candidate is cooked, and offered only if the trouble is gone.
 * @param has whether a cooked pot has the trouble
 */
export function changesAgainst(
  code: TroubleCode,
  plan: CompletePlan,
  pourWaterG: number,
  stageId: string | undefined,
  has: (cooked: Cooked, plan: CompletePlan) => boolean,
): readonly Change[] {
  const found: Change[] = [];
  for (const change of candidates(code, plan, stageId)) {
    const other = withChange(plan, pourWaterG, change);
    if (change.code === 'pour' && Math.abs(change.waterG - pourWaterG) < 5) continue;
    if (!has(cookPot(other.plan, other.pourWaterG), other.plan)) found.push(change);
    if (found.length === MOST_OFFERED) break;
  }
  return found;
}

/** The same question for the faults that a judge finds. */
export const hasFlag =
  (flag: keyof PotFlags) =>
  (cooked: Cooked): boolean =>
    judge(cooked).flags[flag];

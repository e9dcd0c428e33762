import { heatsItself, type VesselKind } from '../heat/equipment.js';
import { isWet, type Act, type Stage } from './stage.js';

export type OrderCode =
  | 'soakAfterGrainIn'
  | 'drainAfterGrainIn'
  | 'fatAfterLiquid'
  | 'baseAfterLiquid'
  | 'toastAfterLiquid'
  | 'grainTwice'
  | 'ladleAfterGrain'
  | 'pressureNotUp'
  | 'openedUnderPressure'
  | 'releaseNothing'
  | 'needsPressureVessel'
  | 'needsSwitch'
  | 'needsHeat'
  | 'duplicateId'
  | 'boilOffAfterGrain';

/** Why a list of stages cannot be cooked, at the stage where it shows. */
export interface OrderProblem {
  readonly index: number;
  readonly code: OrderCode;
  readonly act: Act;
}

/** Acts that are done to a pot with its pressure up. */
const UNDER_PRESSURE: ReadonlySet<Act> = new Set(['pressure', 'release', 'rest', 'wait']);

/** What has already happened when a stage begins. */
interface Pot {
  readonly liquidIn: boolean;
  readonly grainIn: boolean;
  readonly pressure: boolean;
}

const EMPTY: Pot = { liquidIn: false, grainIn: false, pressure: false };

/**
 * Every reason this order cannot work, empty when it can.
 * @param kind the vessel, where it is known: pressure and switches need one that has them
 * @example orderProblems(stages, 'pot') // []
 */
export function orderProblems(stages: readonly Stage[], kind?: VesselKind): readonly OrderProblem[] {
  const problems: OrderProblem[] = [];
  const seen = new Set<string>();
  const grainHasItsStage = stages.some((s) => s.act === 'grain');
  let pot = EMPTY;
  stages.forEach((stage, index) => {
    const add = (code: OrderCode): void => {
      problems.push({ index, code, act: stage.act });
    };
    if (seen.has(stage.id)) add('duplicateId');
    seen.add(stage.id);
    for (const code of wrongHere(stage, pot, kind)) add(code);
    pot = after(stage, pot, grainHasItsStage);
  });
  const heated = stages.some((s) => isWet(s.act) && s.heat !== 'off');
  if (!heated) problems.push({ index: stages.length, code: 'needsHeat', act: 'boil' });
  return problems;
}

function wrongHere(stage: Stage, pot: Pot, kind: VesselKind | undefined): OrderCode[] {
  const { act, lid } = stage;
  const wrong: (OrderCode | false)[] = [
    act === 'soak' && pot.grainIn && 'soakAfterGrainIn',
    act === 'drain' && pot.grainIn && 'drainAfterGrainIn',
    act === 'warmFat' && pot.liquidIn && 'fatAfterLiquid',
    act === 'base' && pot.liquidIn && 'baseAfterLiquid',
    (act === 'toast' || act === 'fryDry') && pot.liquidIn && 'toastAfterLiquid',
    act === 'grain' && pot.grainIn && 'grainTwice',
    act === 'ladle' && pot.grainIn && 'ladleAfterGrain',
    act === 'boilOff' && (pot.grainIn || pot.liquidIn) && 'boilOffAfterGrain',
    act === 'pressure' && !pot.pressure && 'pressureNotUp',
    act === 'release' && !pot.pressure && 'releaseNothing',
    pot.pressure &&
      (!UNDER_PRESSURE.has(act) || (act !== 'release' && lid !== 'pressure')) &&
      'openedUnderPressure',
    (act === 'pressureUp' || act === 'pressure' || lid === 'pressure') &&
      !holdsPressure(kind) &&
      'needsPressureVessel',
    stage.end.kind === 'flip' && kind !== undefined && !heatsItself(kind) && 'needsSwitch',
  ];
  return wrong.filter((code): code is OrderCode => code !== false);
}

const holdsPressure = (kind: VesselKind | undefined): boolean =>
  kind === undefined || kind === 'pressureCooker' || kind === 'multiCooker';

function after(stage: Stage, pot: Pot, grainHasItsStage: boolean): Pot {
  const { act } = stage;
  const liquidIn = pot.liquidIn || isWet(act);
  return {
    liquidIn,
    // Where no stage says so the grain goes in with the fat or with the liquid.
    grainIn:
      pot.grainIn ||
      act === 'toast' ||
      act === 'fryDry' ||
      act === 'grain' ||
      (liquidIn && !grainHasItsStage),
    // A whole natural release is a stage or a rest under the locked lid.
    pressure:
      act === 'pressureUp' ||
      (pot.pressure && (act === 'pressure' || (act === 'wait' && stage.lid === 'pressure'))),
  };
}

import type { HeatSetting } from '../heat/equipment.js';
import type { Grain } from '../larder/grains.js';
import type { Stage } from './stage.js';

export type Toast = 'none' | 'coated' | 'glossy' | 'opaque' | 'golden';
export type Wash = 'unwashed' | 'rinsed' | 'untilClear';
export type Drain = 'shaken' | 'sieve';

/** Minutes in the fat to each colour, for a grain bed about 2 cm deep on medium heat †. */
export const TOAST_MIN: Readonly<Record<Toast, number>> = {
  none: 0,
  coated: 1,
  glossy: 2,
  opaque: 4,
  golden: 6,
};

/** The choices that shape covered absorption; everything has a default. */
export interface Timing {
  /** Uncovered boil before the lid goes on, min. */
  readonly openBoilMin?: number;
  readonly openBoilHeat?: HeatSetting;
  /** Minutes under the lid; default the grain's own. */
  readonly coveredMin?: number;
  readonly coveredHeat?: HeatSetting;
  readonly restMin?: number;
}

export interface TemplateInput {
  readonly grain: Grain;
  readonly soakMin: number;
  readonly wash: Wash;
  readonly drain: Drain;
  readonly toast: Toast;
  readonly hasFat: boolean;
  /** Minutes the base cooks before the liquid; 0 for none. */
  readonly baseMin: number;
  readonly timing: Timing;
}

/** A soaked grain needs this share of the covered time †. */
const SOAKED_TIME_SHARE = 0.8;
const SOAK_COUNTS_FROM_MIN = 15;
const SIEVE_MIN = 20;

/** Minutes covered that this grain needs at sea level after this soak. */
export function coveredMinutes(grain: Grain, soakMin: number): number {
  const share = soakMin >= SOAK_COUNTS_FROM_MIN ? SOAKED_TIME_SHARE : 1;
  return Math.round(grain.coveredMin * share);
}

/**
 * Covered absorption as stages: soak, drain, fat, base, toast, to the boil, open boil, covered, rest.
 * A stage that this plan does not need is left out.
 */
export function coveredAbsorption(input: TemplateInput): readonly Stage[] {
  const { timing } = input;
  const covered = timing.coveredMin ?? coveredMinutes(input.grain, input.soakMin);
  const restMin = timing.restMin ?? 8;
  const openBoilMin = timing.openBoilMin ?? 0;
  const stages: (Stage | false)[] = [
    input.soakMin > 0 && minutes('soak', 'soak', 'off', 'off', input.soakMin),
    (input.wash !== 'unwashed' || input.soakMin > 0) &&
      (input.drain === 'sieve'
        ? minutes('drain', 'drain', 'off', 'off', SIEVE_MIN)
        : {
            id: 'drain',
            act: 'drain',
            heat: 'off',
            lid: 'off',
            end: { kind: 'sign', sign: 'drained', expectMin: 1 },
          }),
    input.hasFat && {
      id: 'warmFat',
      act: 'warmFat',
      heat: 'medium',
      lid: 'off',
      end: { kind: 'sign', sign: 'fatShimmers', expectMin: 2 },
    },
    input.baseMin > 0 && {
      id: 'base',
      act: 'base',
      heat: 'medium',
      lid: 'off',
      end: { kind: 'sign', sign: 'baseReady', expectMin: input.baseMin },
    },
    input.toast !== 'none' && {
      id: 'toast',
      act: 'toast',
      heat: 'medium',
      lid: 'off',
      end: { kind: 'sign', sign: 'grainColour', expectMin: TOAST_MIN[input.toast] },
    },
    {
      id: 'boil',
      act: 'boil',
      heat: 'high',
      lid: 'off',
      end: { kind: 'sign', sign: 'boilAllOver', expectMin: 6 },
    },
    openBoilMin > 0 &&
      minutes('openBoil', 'openBoil', timing.openBoilHeat ?? 'mediumHigh', 'off', openBoilMin),
    minutes('simmer', 'simmer', timing.coveredHeat ?? 'low', 'on', covered),
    restMin > 0 && minutes('rest', 'rest', 'off', 'on', restMin),
  ];
  return stages.filter((s): s is Stage => s !== false);
}

function minutes(id: string, act: Stage['act'], heat: HeatSetting, lid: Stage['lid'], length: number): Stage {
  return { id, act, heat, lid, end: { kind: 'minutes', minutes: length } };
}

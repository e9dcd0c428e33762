import type { HeatSetting, LidState, VesselKind } from '../heat/equipment.js';
import type { Grain } from '../larder/grains.js';
import type { Act, Sign, Stage, StageEnd } from './stage.js';

export const METHODS = [
  'coveredAbsorption',
  'boilDown',
  'liquidFirst',
  'stewSteam',
  'fryDry',
  'absorbButter',
  'pressureCooker',
  'multiCooker',
  'riceCooker',
] as const;
export type Method = (typeof METHODS)[number];

export type Toast = 'none' | 'coated' | 'glossy' | 'opaque' | 'golden' | 'deep';
export type Wash = 'unwashed' | 'rinsed' | 'untilClear';
export type Drain = 'shaken' | 'sieve';

/** Minutes in the fat to each colour, for a grain bed about 2 cm deep on medium heat; "deep" is for noodles †. */
export const TOAST_MIN: Readonly<Record<Toast, number>> = {
  none: 0,
  coated: 1,
  glossy: 2,
  opaque: 4,
  golden: 6,
  deep: 8,
};

/**
 * Points of cooked moisture at which the same texture is met, against covered absorption: a sealed or
 * absorb-dry pot is even through and wants less, a boil-down pot wants more †. White and parboiled grain only:
 * the bran of whole grain has to be opened whatever the pot.
 */
export const METHOD_SHIFT: Readonly<Record<Method, number>> = {
  coveredAbsorption: 0,
  boilDown: 2,
  liquidFirst: 0,
  stewSteam: -2,
  fryDry: -2,
  absorbButter: -2,
  pressureCooker: -2,
  multiCooker: -2,
  riceCooker: 0,
};

/** The vessel a method is made for. */
export const METHOD_VESSEL: Readonly<Record<Method, VesselKind>> = {
  coveredAbsorption: 'pot',
  boilDown: 'pot',
  liquidFirst: 'pot',
  stewSteam: 'pot',
  fryDry: 'pot',
  absorbButter: 'pot',
  pressureCooker: 'pressureCooker',
  multiCooker: 'multiCooker',
  riceCooker: 'riceCooker',
};

/** The choices that shape a method; everything has a default. */
export interface Timing {
  /** Uncovered boil before the lid goes on, min. */
  readonly openBoilMin?: number;
  readonly openBoilHeat?: HeatSetting;
  /** Minutes under the lid; default the grain's own. */
  readonly coveredMin?: number;
  readonly coveredHeat?: HeatSetting;
  /** What closes the pot for the covered time; default the method's own. */
  readonly seal?: LidState;
  /** A flat pan under the pot for the covered time. */
  readonly spreader?: boolean;
  readonly restMin?: number;
  /** Whistles to count; 0 counts minutes instead. */
  readonly whistles?: number;
  /** Minutes at pressure after the first whistle, or once up. */
  readonly pressureMin?: number;
  /** Multi-cooker without pressure: its slow mode. */
  readonly slow?: 'high' | 'low';
  /** Rice cooker left on after it flips, for a crust, min. */
  readonly keptOnMin?: number;
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
  /** True when a crust is wanted: the pot stays on its low heat longer. */
  readonly crust: boolean;
  readonly timing: Timing;
}

/** Minutes longer on low for a crust: some forty covered in all, less where the liquid is boiled off first, and a
 * rice cooker by being left on †. */
const CRUST_MIN = { simmer: 25, boiledDry: 15, keptOn: 15 } as const;

/** A soaked grain needs this share of the covered time †. */
const SOAKED_TIME_SHARE = 0.8;
const SOAK_COUNTS_FROM_MIN = 15;
export const SIEVE_MIN = 20;
/** Under pressure a grain takes this share of its covered time (Arrhenius, 79.5 kJ/mol, 100 to 117 °C, gives 0.33;
 * the way up and down is added by the stages) †. */
const PRESSURE_TIME_SHARE = 0.35;

/** Minutes covered that this grain needs at sea level after this soak. */
export function coveredMinutes(grain: Grain, soakMin: number): number {
  const share = soakMin >= SOAK_COUNTS_FROM_MIN ? SOAKED_TIME_SHARE : 1;
  return Math.round(grain.coveredMin * share);
}

/** Minutes at pressure that this grain needs. */
export const pressureMinutes = (grain: Grain, soakMin: number): number =>
  Math.max(3, Math.round(coveredMinutes(grain, soakMin) * PRESSURE_TIME_SHARE));

type Make = (input: TemplateInput) => readonly (Stage | false)[];

const WAYS: Readonly<Record<Method, Make>> = {
  coveredAbsorption: (i) => [
    ...before(i),
    sign('boil', 'high', 'off', 'boilAllOver', 6),
    openBoil(i),
    minutes('simmer', i.timing.coveredHeat ?? 'low', 'on', covered(i)),
    rest(i, 8),
  ],
  boilDown: (i) => [
    ...before(i),
    sign('boil', 'high', 'off', 'boilAllOver', 6),
    sign('boilDown', i.timing.openBoilHeat ?? 'mediumHigh', 'off', 'holes', 7),
    minutes(
      'steam',
      i.timing.coveredHeat ?? (i.crust ? 'low' : 'veryLow'),
      'cloth',
      i.timing.coveredMin ?? 12 + (i.crust ? CRUST_MIN.boiledDry : 0),
    ),
    minutes('rest', 'off', 'ajar', i.timing.restMin ?? 5),
  ],
  liquidFirst: (i) => [
    ...before(i),
    sign('boil', 'high', 'off', 'boilAllOver', 6),
    // Toasted grain is in the pot already: then the liquid goes onto it.
    i.toast === 'none' && sign('grain', 'high', 'off', 'boilAllOver', 1),
    openBoil(i),
    minutes('simmer', i.timing.coveredHeat ?? 'low', 'on', covered(i)),
    rest(i, 10),
  ],
  stewSteam: (i) => [
    ...before(i, 'oilRising', 20),
    sign('boil', 'medium', 'on', 'boilAllOver', 5),
    minutes('simmer', i.timing.coveredHeat ?? 'veryLow', 'foil', half(covered(i) * 1.6)),
    sign('turn', 'veryLow', 'off', 'crackles', 1),
    {
      ...minutes('simmer', i.timing.coveredHeat ?? 'veryLow', 'foil', half(covered(i) * 1.6)),
      id: 'simmer2',
    },
    rest(i, 10),
  ],
  fryDry: (i) => [
    ...before(i, 'oilRising', 15),
    // About four rounds of a minute covered and a stir.
    sign('fryDry', 'medium', 'ajar', 'stewTakenUp', 5),
    sign('boil', 'high', 'on', 'boilAllOver', 3),
    minutes('simmer', i.timing.coveredHeat ?? 'low', 'foil', covered(i)),
    rest(i, 10),
  ],
  absorbButter: (i) => [
    ...before(i),
    sign('boil', 'high', 'off', 'boilAllOver', 6),
    sign('boilDown', i.timing.openBoilHeat ?? 'mediumHigh', 'off', 'absorbed', 9),
    sign('butter', 'low', 'off', 'fatShimmers', 1),
    minutes(
      'steam',
      i.timing.coveredHeat ?? 'low',
      'on',
      i.timing.coveredMin ?? 10 + (i.crust ? CRUST_MIN.boiledDry : 0),
    ),
    rest(i, 5),
  ],
  pressureCooker: (i) => [
    ...before(i),
    sign('pressureUp', 'high', 'pressure', 'firstWhistle', 6),
    ...whistlesOrMinutes(i),
    sign('release', 'off', 'pressure', 'pressureDown', 10),
  ],
  multiCooker: (i) =>
    i.timing.slow === undefined
      ? [
          ...before(i),
          sign('pressureUp', 'high', 'pressure', 'atPressure', 8),
          minutes(
            'pressure',
            'high',
            'pressure',
            i.timing.pressureMin ?? pressureMinutes(i.grain, i.soakMin),
          ),
          sign('release', 'off', 'pressure', 'pressureDown', 10),
        ]
      : [
          ...before(i),
          minutes(
            'simmer',
            i.timing.slow === 'high' ? 'low' : 'veryLow',
            'on',
            i.timing.coveredMin ?? (i.timing.slow === 'high' ? 90 : 150),
          ),
          rest(i, 10),
        ],
  riceCooker: (i) => [
    ...before(i),
    { id: 'cook', act: 'cook', heat: 'high', lid: 'on', end: { kind: 'flip', expectMin: 20 } },
    keptOn(i) > 0 && minutes('steam', 'low', 'on', keptOn(i)),
    rest(i, 10),
  ],
};

/**
 * A method as stages, from soaking to resting. A stage that this plan does not need is left out.
 * @example stagesFor('coveredAbsorption', { grain, soakMin: 30, … })
 */
export const stagesFor = (method: Method, input: TemplateInput): readonly Stage[] =>
  WAYS[method](input)
    .filter((s): s is Stage => s !== false)
    .map((s) => finished(s, input.timing));

/** A covered stage closed and spread as the cook finishes it. */
function finished(s: Stage, { seal, spreader }: Timing): Stage {
  if (s.act !== 'simmer' && s.act !== 'steam') return s;
  const closed = seal === undefined ? s : { ...s, lid: seal };
  return spreader ? { ...closed, spreader } : closed;
}

/** Soak, drain, fat, base and toasting: the same for every method. */
function before(
  i: TemplateInput,
  baseSign: Sign = 'baseReady',
  leastBaseMin = 0,
): readonly (Stage | false)[] {
  const baseMin = i.baseMin > 0 ? Math.max(i.baseMin, leastBaseMin) : 0;
  return [
    i.soakMin > 0 && minutes('soak', 'off', 'off', i.soakMin),
    (i.wash !== 'unwashed' || i.soakMin > 0) &&
      (i.drain === 'sieve'
        ? minutes('drain', 'off', 'off', SIEVE_MIN)
        : sign('drain', 'off', 'off', 'drained', 1)),
    i.hasFat && sign('warmFat', 'medium', 'off', 'fatShimmers', 2),
    baseMin > 0 && sign('base', 'medium', 'off', baseSign, baseMin),
    i.toast !== 'none' && sign('toast', 'medium', 'off', 'grainColour', TOAST_MIN[i.toast]),
  ];
}

function whistlesOrMinutes(i: TemplateInput): readonly (Stage | false)[] {
  const { pressureMin } = i.timing;
  const whistles = i.timing.whistles === 0 ? undefined : i.timing.whistles;
  // The first whistle ends the way up; the count says how many there are in all.
  const more = whistles === undefined ? 0 : whistles - 1;
  const byCount: Stage = {
    id: 'whistles',
    act: 'pressure',
    heat: 'mediumHigh',
    lid: 'pressure',
    end: { kind: 'count', count: more, expectMin: 2 * more },
  };
  const low = pressureMin ?? (whistles === undefined ? pressureMinutes(i.grain, i.soakMin) : 0);
  return [more > 0 && byCount, low > 0 && minutes('pressure', 'low', 'pressure', low)];
}

const covered = (i: TemplateInput): number =>
  i.timing.coveredMin ?? coveredMinutes(i.grain, i.soakMin) + (i.crust ? CRUST_MIN.simmer : 0);
const keptOn = (i: TemplateInput): number => i.timing.keptOnMin ?? (i.crust ? CRUST_MIN.keptOn : 0);
const half = (min: number): number => Math.round(min / 2);

const openBoil = (i: TemplateInput): Stage | false =>
  (i.timing.openBoilMin ?? 0) > 0 &&
  minutes('openBoil', i.timing.openBoilHeat ?? 'mediumHigh', 'off', i.timing.openBoilMin ?? 0);

const rest = (i: TemplateInput, usual: number): Stage | false =>
  (i.timing.restMin ?? usual) > 0 && minutes('rest', 'off', 'on', i.timing.restMin ?? usual);

const stage = (act: Act, heat: HeatSetting, lid: Stage['lid'], end: StageEnd): Stage => ({
  id: act,
  act,
  heat,
  lid,
  end,
});
const minutes = (act: Act, heat: HeatSetting, lid: Stage['lid'], length: number): Stage =>
  stage(act, heat, lid, { kind: 'minutes', minutes: length });
const sign = (act: Act, heat: HeatSetting, lid: Stage['lid'], seen: Sign, expectMin: number): Stage =>
  stage(act, heat, lid, { kind: 'sign', sign: seen, expectMin });

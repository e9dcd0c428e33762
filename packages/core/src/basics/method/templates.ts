import type { HeatSetting } from '../heat/equipment.js';
import type { Drain, Method, Toast, Wash } from './methods.js';
import type { Act, Sign, Stage, StageEnd } from './stage.js';
import { minutesOf, TOAST_MIN, turnedMinutes, type Minutes, type TimedPot, type Timing } from './timing.js';

/** What a plan's stages are made from. */
export interface TemplateInput extends TimedPot {
  readonly wash: Wash;
  readonly drain: Drain;
  /** Minutes in the sieve, where it is drained in one. */
  readonly sieveMin: number;
  readonly toast: Toast;
  readonly hasFat: boolean;
  /** Minutes the base cooks before the liquid; 0 for none. */
  readonly baseMin: number;
}

/** A plan's choices with its minutes found. */
type Timed = TemplateInput & { readonly min: Minutes };
type Make = (input: Timed) => readonly (Stage | false)[];

const WAYS: Readonly<Record<Method, Make>> = {
  coveredAbsorption: (i) => [
    ...before(i),
    sign('boil', 'high', 'off', 'boilAllOver', 6),
    openBoil(i),
    minutes('simmer', i.timing.coveredHeat ?? 'low', 'on', i.min.coveredMin),
    rest(i),
  ],
  boilDown: (i) => [
    ...before(i),
    sign('boil', 'high', 'off', 'boilAllOver', 6),
    sign('boilDown', i.timing.openBoilHeat ?? 'mediumHigh', 'off', 'holes', i.min.boilDownMin),
    minutes('steam', i.timing.coveredHeat ?? (i.crust ? 'low' : 'veryLow'), 'cloth', i.min.coveredMin),
    minutes('rest', 'off', 'ajar', i.min.restMin),
  ],
  liquidFirst: (i) => [
    ...before(i),
    sign('boil', 'high', 'off', 'boilAllOver', 6),
    // Toasted grain is in the pot already: then the liquid goes onto it.
    i.toast === 'none' && sign('grain', 'high', 'off', 'boilAllOver', 1),
    openBoil(i),
    minutes('simmer', i.timing.coveredHeat ?? 'low', 'on', i.min.coveredMin),
    rest(i),
  ],
  stewSteam: (i) => [
    ...before(i, 'oilRising', 20),
    sign('boil', 'medium', 'on', 'boilAllOver', 5),
    minutes('simmer', i.timing.coveredHeat ?? 'veryLow', 'foil', turnedMinutes(i.min.coveredMin)),
    sign('turn', 'veryLow', 'off', 'crackles', 1),
    {
      ...minutes('simmer', i.timing.coveredHeat ?? 'veryLow', 'foil', turnedMinutes(i.min.coveredMin)),
      id: 'simmer2',
    },
    rest(i),
  ],
  fryDry: (i) => [
    ...before(i, 'oilRising', 15),
    // About four rounds of a minute covered and a stir.
    sign('fryDry', 'medium', 'ajar', 'stewTakenUp', 5),
    sign('boil', 'high', 'on', 'boilAllOver', 3),
    minutes('simmer', i.timing.coveredHeat ?? 'low', 'foil', i.min.coveredMin),
    rest(i),
  ],
  absorbButter: (i) => [
    ...before(i),
    sign('boil', 'high', 'off', 'boilAllOver', 6),
    sign('boilDown', i.timing.openBoilHeat ?? 'mediumHigh', 'off', 'absorbed', i.min.boilDownMin),
    sign('butter', 'low', 'off', 'fatShimmers', 1),
    minutes('steam', i.timing.coveredHeat ?? 'low', 'on', i.min.coveredMin),
    rest(i),
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
          minutes('pressure', 'high', 'pressure', i.min.pressureMin),
          sign('release', 'off', 'pressure', 'pressureDown', 10),
        ]
      : [
          ...before(i),
          minutes('simmer', i.timing.slow === 'high' ? 'low' : 'veryLow', 'on', i.min.coveredMin),
          rest(i),
        ],
  riceCooker: (i) => [
    ...before(i),
    { id: 'cook', act: 'cook', heat: 'high', lid: 'on', end: { kind: 'flip', expectMin: 20 } },
    i.min.keptOnMin > 0 && minutes('steam', 'low', 'on', i.min.keptOnMin),
    rest(i),
  ],
};

/**
 * A method as stages, from soaking to resting. A stage that this plan does not need is left out.
 * @example stagesFor('coveredAbsorption', template).map((s) => s.act) // ['soak', 'drain', 'boil', 'simmer', 'rest']
 */
export const stagesFor = (method: Method, input: TemplateInput): readonly Stage[] =>
  WAYS[method]({ ...input, min: minutesOf(method, input) })
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
        ? minutes('drain', 'off', 'off', i.sieveMin)
        : sign('drain', 'off', 'off', 'drained', 1)),
    i.hasFat && sign('warmFat', 'medium', 'off', 'fatShimmers', 2),
    // A stew that is fried until the oil rises is kept at a lively bubble; onions are not.
    baseMin > 0 && sign('base', baseSign === 'oilRising' ? 'mediumHigh' : 'medium', 'off', baseSign, baseMin),
    i.toast !== 'none' && sign('toast', 'medium', 'off', 'grainColour', TOAST_MIN[i.toast]),
  ];
}

function whistlesOrMinutes(i: Timed): readonly (Stage | false)[] {
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
  const low = i.min.pressureMin;
  return [more > 0 && byCount, low > 0 && minutes('pressure', 'low', 'pressure', low)];
}

const openBoil = (i: Timed): Stage | false =>
  i.min.openBoilMin > 0 &&
  minutes('openBoil', i.timing.openBoilHeat ?? 'mediumHigh', 'off', i.min.openBoilMin);

const rest = (i: Timed): Stage | false => i.min.restMin > 0 && minutes('rest', 'off', 'on', i.min.restMin);

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

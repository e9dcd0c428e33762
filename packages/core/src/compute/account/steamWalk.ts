import { CLOTH_HOLDS_G, LID_FILM_G_PER_M2 } from '../../basics/heat/constants.js';
import { lidLoss, openingM2 } from '../../basics/heat/equipment.js';
import { boilingSteamRate, holdsBoil, leakRate, type Surroundings } from '../../basics/heat/steam.js';
import { isWet, plannedMin, type Stage } from '../../basics/method/stage.js';
import { dryMatter } from '../../basics/grain/moisture.js';
import { wettedW } from '../../basics/grain/preparing.js';
import { drinksPerMin, fullW, rateAt } from '../../basics/grain/uptake.js';
import type { CompletePlan } from '../../plan/input/planInput.js';

/** Steam of one stage, or of what is lost besides: under the lid, into a cloth, at the table. */
export interface StageSteam {
  readonly stageId: string;
  readonly act: Stage['act'] | 'serve' | 'lid' | 'cloth';
  /** Minutes it takes in this pot. */
  readonly minutes: number;
  /** Vapour lost, g. */
  readonly g: number;
  /** The rate at the boil, g/min; 0 for a stage that only warms or rests. */
  readonly ratePerMin: number;
  /** What the grain has drunk by its end under liquid, W. */
  readonly grainW: number;
  /** False when a stage that should reach the boil cannot. */
  readonly boils: boolean;
}

/** The finished pot stands open this long while it is forked and served, min †. */
export const SERVING_MIN = 2;

/** What a plan's grain is to the walk; worked out once, for the walk is made a hundred times for one answer. */
export interface Facts {
  readonly fullW: number;
  readonly perMin: number;
  readonly wettedW: number;
  readonly dryG: number;
  /** Rate of drinking at the boil of this place against 100 °C. */
  readonly atBoil: number;
  /** Steam of everything after each stage, g, once it has been asked for. */
  readonly later: Map<string, number>;
  /** Rate at the boil of each stage and whether it is held, in the order of the stages. */
  readonly rates: readonly { readonly rate: number; readonly holds: boolean }[];
  /** What a cloth and a lid take, and what goes at the table from a pot no hotter than the boil. */
  readonly besides: readonly StageSteam[];
  readonly served: number;
}
const FACTS = new WeakMap<CompletePlan, Facts>();

export function factsOf(plan: CompletePlan, at: Surroundings): Facts {
  const known = FACTS.get(plan);
  if (known) return known;
  const made: Facts = {
    fullW: fullW(plan.grain),
    perMin: drinksPerMin(plan),
    wettedW: wettedW(plan),
    dryG: dryMatter(plan.grain, plan.grainG),
    atBoil: rateAt(at.boil.tempC),
    later: new Map(),
    rates: plan.stages.map((s) => ({ rate: boilingSteamRate(at, s), holds: holdsBoil(at, s) })),
    besides: besidesOf(plan, at),
    served: leakRate(plan.vessel, 'off') * SERVING_MIN,
  };
  FACTS.set(plan, made);
  return made;
}

/** What the walk through the stages carries along. */
export interface SteamWalk {
  readonly facts: Facts;
  readonly plan: CompletePlan;
  readonly at: Surroundings;
  kJPerK: number;
  /** Heat capacity of grain that is not in the pot yet, kJ/K. */
  laterKJPerK: number;
  readonly targetW: number;
  tempC: number;
  hottestC: number;
  wet: boolean;
  /** Which stage it is at. */
  index: number;
  /** What the grain has drunk so far under liquid, W. */
  w: number;
  readonly steam: StageSteam[];
}

/** What hangs under the lid and what a cloth takes up. */
function besidesOf(plan: CompletePlan, at: Surroundings): readonly StageSteam[] {
  const lidded = plan.stages.filter((s) => isWet(s.act) && s.lid !== 'off' && s.lid !== 'ajar');
  const clothed = lidded.filter((s) => s.lid === 'cloth').reduce((sum, s) => sum + plannedMin(s), 0);
  const condenses = (lidLoss(at.vessel, at.boil.tempC, at.roomC) * 60) / at.boil.latentKJPerKg;
  const made: StageSteam[] = [];
  if (clothed > 0)
    made.push(
      entry('cloth', 'cloth', clothed, Math.min(CLOTH_HOLDS_G, condenses * clothed), condenses, true),
    );
  if (lidded.at(-1) && lidded.at(-1)?.lid !== 'cloth')
    made.push(entry('lid', 'lid', 0, LID_FILM_G_PER_M2 * openingM2(plan.vessel), 0, true));
  return made;
}

/** Writes down what a stage lost. */
export const add = (
  walk: SteamWalk,
  { id, act }: Stage,
  minutes: number,
  g: number,
  rate: number,
  boils: boolean,
): void => {
  walk.steam.push(entry(id, act, minutes, g, rate, boils, walk.w));
};

/** One literal for every entry: a spread here costs more than the physics. */
export const entry = (
  stageId: string,
  act: StageSteam['act'],
  minutes: number,
  g: number,
  ratePerMin: number,
  boils: boolean,
  grainW = 0,
): StageSteam => ({ stageId, act, minutes, g, ratePerMin, grainW, boils });

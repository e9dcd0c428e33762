import { plannedMin, type Stage } from '../../basics/method/stage.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import { endStage, pourMore, type LivePot } from '../pot/live.js';
import type { Setup } from '../pot/setup.js';
import { signsOf } from '../pot/surfaceSigns.js';
import type { Stretch } from './stretchesFromRun.js';
import { SPLASH_C } from './potFromStretches.js';

/** What can be done to a pot now, with its amount and its minutes. */
export type Rescue =
  | { readonly kind: 'none' }
  /** Leave it as it is for so many minutes more than planned. */
  | { readonly kind: 'longer'; readonly minutes: number }
  /** Back on a low ring, lid on, so many minutes: it is off the heat already. */
  | { readonly kind: 'backOn'; readonly minutes: number }
  /** Take it off the heat now and let it rest. */
  | { readonly kind: 'offNow' }
  /** So much hot liquid round the edge, lid on, low, so many minutes. */
  | {
      readonly kind: 'splash';
      readonly ml: number;
      readonly minutes: number;
      /** True where that is more than stands by: it has to be heated first. */
      readonly moreThanKept: boolean;
    }
  /** Lid off, so many minutes: low, or lively where it boils open anyway. */
  | { readonly kind: 'open'; readonly minutes: number; readonly lively: boolean }
  /** Nothing mends it. */
  | { readonly kind: 'lost'; readonly as: 'caught' | 'soft' | 'hard' };

/** A rescue with the plan it makes and how the pot goes into it. */
export interface Candidate {
  readonly act: Rescue;
  readonly plan: CompletePlan;
  readonly start: (setup: Setup, pot: LivePot) => LivePot;
}

/** Minutes more, minutes open, and splashes as parts of what is lacking with the minutes they are given †. */
const LONGER_MIN = [2, 5] as const;
const OPEN_MIN = { low: [3, 7, 12], lively: [3, 7, 12] } as const;
const SPLASHES = [
  [0.6, 5],
  [1, 8],
  [1, 14],
  [1.5, 12],
] as const;
/** From so much lacking on a splash is tried, and from so much too many on the lid comes off, ml. */
const LEAST_ML = 10;
/** A boil-off in the middle of a covered time is lively only in its first half. */
const LIVELY_UNTIL = 0.5;
/** No cook measures finer at the stove, ml. */
const SPOON_ML = 15;
/** A pot that is taken up again rests as long, min. */
export const MENDED_RESTS_MIN = 5;

interface Have {
  readonly keepG: number;
  readonly perMl: number;
  /** Water that these pots lack on average, g; negative where they have too much. */
  readonly lacksG: number;
  readonly stretches: readonly Stretch[];
}

/**
 * What can be done to a pot that is in a stage of this plan, or after its last: nothing where it is locked, or has no liquid
 * in it yet.
 * @param index stage that the pot is in; as many as there are when all are over
 */
export function candidatesFor(plan: CompletePlan, index: number, have: Have): readonly Candidate[] {
  const here = plan.stages[index];
  const last = have.stretches[index];
  if (here?.lid === 'pressure' || !hasLiquid(plan, index)) return [];
  const goneMin = last?.minutes ?? 0;
  const leftMin = here ? Math.max(0, plannedMin(here) - goneMin) : 0;
  return [
    ...longer(plan, index, goneMin),
    ...offNow(plan, index),
    ...backOn(plan, index),
    ...(have.lacksG / have.perMl > LEAST_ML ? splashes(plan, index, leftMin, have) : []),
    ...(have.lacksG / have.perMl < -LEAST_ML ? opened(plan, index, leftMin, goneMin) : []),
  ];
}

const hasLiquid = ({ stages }: CompletePlan, index: number): boolean => {
  const first = stages.findIndex((s) => WET_ACTS.has(s.act));
  return first >= 0 && index >= first;
};
const WET_ACTS: ReadonlySet<Stage['act']> = new Set<Stage['act']>([
  'boil',
  'openBoil',
  'boilDown',
  'cook',
  'simmer',
  'steam',
  'pressureUp',
  'fryDry',
]);

const stays = (_setup: Setup, pot: LivePot): LivePot => pot;
/** What can be done begins where the stage is ended, and that is the same pot whatever is done then: it is cooked once. */
const ended = (setup: Setup, pot: LivePot): LivePot => {
  const before = endedOnce.get(pot);
  if (before) return before;
  const end = endStage(setup, pot);
  endedOnce.set(pot, end);
  return end;
};
const endedOnce = new WeakMap<LivePot, LivePot>();

/** The plan with other stages from the one the pot is in on. */
const from = (plan: CompletePlan, index: number, stages: readonly Stage[]): CompletePlan =>
  signsOf({ ...plan, stages: [...plan.stages.slice(0, index), ...stages] }, plan);

const lasting = (stage: Stage, minutes: number): Stage => ({ ...stage, end: { kind: 'minutes', minutes } });

function longer(plan: CompletePlan, index: number, goneMin: number): readonly Candidate[] {
  const here = plan.stages[index];
  if (here?.end.kind !== 'minutes') return [];
  const planned = Math.max(goneMin, plannedMin(here));
  return LONGER_MIN.map((minutes) => ({
    act: { kind: 'longer', minutes },
    plan: from(plan, index, [lasting(here, planned + minutes), ...plan.stages.slice(index + 1)]),
    start: stays,
  }));
}

function offNow(plan: CompletePlan, index: number): readonly Candidate[] {
  const [here, ...rest] = plan.stages.slice(index);
  if (!here || here.heat === 'off' || !CLOSED.has(here.act)) return [];
  const resting = rest.filter((s) => s.heat === 'off');
  if (resting.length === 0) return [];
  return [{ act: { kind: 'offNow' }, plan: from(plan, index, [here, ...resting]), start: ended }];
}
const CLOSED: ReadonlySet<Stage['act']> = new Set<Stage['act']>(['simmer', 'steam']);

/** Minutes that a pot is put back on for. */
const BACK_MIN = [4, 8, 14] as const;

function backOn(plan: CompletePlan, index: number): readonly Candidate[] {
  const here = plan.stages[index];
  if (here && (here.heat !== 'off' || here.lid === 'off')) return [];
  return BACK_MIN.map((minutes) => ({
    act: { kind: 'backOn', minutes },
    plan: from(plan, index, [...(here ? [here] : []), lasting(MEND, minutes), ...goesOn(plan, index)]),
    start: here ? ended : stays,
  }));
}

/** A pot that is closed again on a low ring, and one that rests after it; each is given its minutes. */
const MEND: Stage = {
  id: 'mend',
  act: 'simmer',
  heat: 'low',
  lid: 'on',
  end: { kind: 'minutes', minutes: 0 },
};
/** The rest after that. */
const MEND_REST: Stage = {
  id: 'mend.rest',
  act: 'rest',
  heat: 'off',
  lid: 'on',
  end: { kind: 'minutes', minutes: 0 },
};

/** What comes after a pot was mended: the rest of the plan, and a rest again where it was resting or had rested. */
function goesOn(plan: CompletePlan, index: number): readonly Stage[] {
  const here = plan.stages[index];
  const after = plan.stages.slice(index + 1);
  return here && here.heat !== 'off' ? after : [lasting(MEND_REST, MENDED_RESTS_MIN), ...after];
}

function splashes(
  plan: CompletePlan,
  index: number,
  leftMin: number,
  { keepG, perMl, lacksG }: Have,
): readonly Candidate[] {
  const here = plan.stages[index];
  if (here?.lid === 'off') return [];
  const heated = here !== undefined && here.heat !== 'off';
  return SPLASHES.flatMap(([share, least]) => {
    const ml = SPOON_ML * Math.round((share * lacksG) / perMl / SPOON_ML);
    if (ml <= 0) return [];
    const minutes = Math.max(least, heated ? Math.round(leftMin) : 0);
    const mend = lasting({ ...MEND, lid: here?.lid ?? 'on', heat: heated ? here.heat : 'low' }, minutes);
    const kept = here ? [here] : [];
    return [
      {
        act: { kind: 'splash', ml, minutes, moreThanKept: ml * perMl > keepG + SPOON_ML },
        plan: from(plan, index, [...kept, mend, ...goesOn(plan, index)]),
        start: (setup: Setup, pot: LivePot) =>
          pourMore(setup, here ? ended(setup, pot) : pot, ml * perMl, SPLASH_C),
      } satisfies Candidate,
    ];
  });
}

function opened(plan: CompletePlan, index: number, leftMin: number, goneMin: number): readonly Candidate[] {
  const here = plan.stages[index];
  const isOpen = here?.lid === 'off' && here.heat !== 'off';
  const isEarly = here !== undefined && here.heat !== 'off' && goneMin <= LIVELY_UNTIL * plannedMin(here);
  const ways: readonly (readonly [boolean, readonly number[]])[] = [
    [true, isOpen || isEarly ? OPEN_MIN.lively : []],
    [false, isOpen ? [] : OPEN_MIN.low],
  ];
  return ways.flatMap(([lively, times]) =>
    times.map((minutes) => {
      const heat = isOpen ? here.heat : lively ? ('mediumHigh' as const) : ('low' as const);
      const open: Stage = {
        id: 'mend.open',
        act: 'openBoil',
        heat,
        lid: 'off',
        end: { kind: 'minutes', minutes },
      };
      // Opened in the middle of its covered time it goes on after that for what is left of it.
      const left =
        here !== undefined && !isOpen && here.heat !== 'off' && leftMin > 0
          ? [lasting({ ...here, id: 'mend' }, leftMin)]
          : [];
      const kept = here ? [here] : [];
      return {
        act: { kind: 'open', minutes, lively } as const,
        plan: from(plan, index, [...kept, open, ...left, ...goesOn(plan, index)]),
        start: here ? ended : stays,
      };
    }),
  );
}

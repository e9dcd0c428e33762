import { grainById } from '../../basics/larder/grainById.js';
import type { Ingredient } from '../../basics/larder/composition.js';
import type { Grain } from '../../basics/larder/grains.js';
import { ingredientById } from '../../basics/larder/larder.js';
import { ownRows } from '../../basics/larder/own.js';
import { countedIn, readText } from './amount.js';
import type { AmountInput } from './amountInput.js';
import { PLAN_DEFAULTS, type BaseInput, type CompletePlan, type PlanInput } from './planInput.js';

/** What an amount is of, and the cup it is measured with, where they are known. */
interface Measured {
  readonly of?: Ingredient | Grain | undefined;
  readonly cupMl?: number | undefined;
}

/**
 * An amount times a factor, in the measure it was said in: cups stay cups, onions onions. A typed amount is read; one that cannot be
 * is left as it is, so that the cook still sees what was typed.
 * @example scaleAmount({ g: 100 }, 2) // { g: 200 }
 */
export function scaleAmount(amount: AmountInput, factor: number, { of, cupMl }: Measured = {}): AmountInput {
  if (amount.g !== undefined) return { g: amount.g * factor };
  if (amount.ml !== undefined) return { ml: amount.ml * factor };
  if (amount.cups !== undefined) return { cups: amount.cups * factor };
  if (amount.count !== undefined) return { count: amount.count * factor };
  const text = amount.text ?? '';
  const counted = of && countedIn(text, of);
  if (counted)
    return counted.isUsual
      ? { count: counted.count * factor }
      : { g: counted.count * counted.unit.g * factor };
  const cup = cupMl ?? PLAN_DEFAULTS.cupMl;
  const [read, larger] = [readText(text, cup), readText(text, cup + 1)];
  if (!read.ok || !larger.ok) return amount;
  const { kind, size } = read.value;
  if (kind === 'mass') return { g: size * factor };
  // What grows with the cup was said in cups: in another kitchen it is that kitchen's.
  const cups = larger.value.size - size;
  const isCups = cups > 0 && Math.abs(size - cups * cup) < 1e-6 * cup;
  return isCups ? { cups: cups * factor } : { ml: size * factor };
}

/**
 * The same dish for more or fewer people: grain and everything that goes in with it scale; pot, hob, stages and
 * their times do not, which is why the pour does not scale with them. The one way to scale a plan: for people, doubled, or to fit a bag.
 * @example scalePlan({ ...input, grain: { g: 150 } }, 2).grain // { g: 300 }
 */
export function scalePlan(plan: PlanInput, factor: number): PlanInput {
  const { cupMl, pourWith = PLAN_DEFAULTS.pourWith } = plan;
  const own = ownRows(plan.own ?? []);
  const rowOf = (id: string): Ingredient | undefined =>
    (own.ok ? own.value.find((row) => row.id === id) : undefined) ?? ingredientById(id);
  const times = (amount: AmountInput, of: Ingredient | Grain | undefined): AmountInput =>
    scaleAmount(amount, factor, { of, cupMl });
  const { sauceLeftG, leanMl, portions, usualPour, pourMost, base, ingredients } = plan;
  return {
    ...plan,
    grain: times(plan.grain, grainById(plan.grainId)),
    ...(sauceLeftG === undefined ? {} : { sauceLeftG: sauceLeftG * factor }),
    ...(leanMl === undefined ? {} : { leanMl: leanMl * factor }),
    ...(portions === undefined ? {} : { portions: portions * factor }),
    ...(usualPour === undefined ? {} : { usualPour: times(usualPour, rowOf(pourWith)) }),
    ...(pourMost === undefined ? {} : { pourMost: times(pourMost, rowOf(pourWith)) }),
    ...(base === undefined ? {} : { base: scaleBase(base, factor) }),
    ...(ingredients === undefined
      ? {}
      : { ingredients: ingredients.map((i) => ({ ...i, amount: times(i.amount, rowOf(i.ingredientId)) })) }),
  };
}

/**
 * A plan that was read, with so many times of everything in it: each of several pots has its share, and what a double batch would pour is
 * told beside the answer.
 * @example scaleComplete(plan, 2).grainG // twice of plan.grainG
 */
export const scaleComplete = (plan: CompletePlan, factor: number): CompletePlan => ({
  ...plan,
  grainG: plan.grainG * factor,
  sauceLeftG: plan.sauceLeftG * factor,
  leanMl: plan.leanMl * factor,
  portions: plan.portions * factor,
  usualPourMl: plan.usualPourMl === undefined ? undefined : plan.usualPourMl * factor,
  pourMostG: plan.pourMostG === undefined ? undefined : plan.pourMostG * factor,
  base: scaleBase(plan.base, factor),
  ingredients: plan.ingredients.map((i) => ({ ...i, g: i.g * factor })),
});

const scaleBase = (base: BaseInput, factor: number): BaseInput => ({
  ...base,
  ...(base.weighsG === undefined ? {} : { weighsG: base.weighsG * factor }),
  ...(base.ladleOutG === undefined ? {} : { ladleOutG: base.ladleOutG * factor }),
});

import { parseAmount } from '../measures/parseAmount.js';
import type { AmountInput } from './amountInput.js';
import type { PlanInput } from './planInput.js';

/**
 * An amount times a factor. A typed amount becomes the g or ml it meant; one that cannot be read is left as it
 * is, so that the cook still sees what was typed.
 * @example scaleAmount({ g: 100 }, 2) // { g: 200 }
 */
export function scaleAmount(amount: AmountInput, factor: number, cupMl?: number): AmountInput {
  if (amount.g !== undefined) return { g: amount.g * factor };
  if (amount.ml !== undefined) return { ml: amount.ml * factor };
  if (amount.cups !== undefined) return { cups: amount.cups * factor };
  if (amount.count !== undefined) return { count: amount.count * factor };
  const parsed = parseAmount(amount.text ?? '', cupMl === undefined ? {} : { cupMl });
  if (!parsed.ok) return amount;
  return parsed.value.kind === 'mass'
    ? { g: parsed.value.size * factor }
    : { ml: parsed.value.size * factor };
}

/**
 * The same dish for more or fewer people: grain and everything that goes in with it scale; pot, hob, stages and
 * their times do not, which is why the pour does not scale with them.
 * @example scalePlan({ ...input, grain: { g: 150 } }, 2).grain // { g: 300 }
 */
export function scalePlan(plan: PlanInput, factor: number): PlanInput {
  return {
    ...plan,
    grain: scaleAmount(plan.grain, factor, plan.cupMl),
    ...(plan.sauceLeftG === undefined ? {} : { sauceLeftG: plan.sauceLeftG * factor }),
    ...(plan.usualPour === undefined ? {} : { usualPour: scaleAmount(plan.usualPour, factor, plan.cupMl) }),
    ...(plan.portions === undefined ? {} : { portions: plan.portions * factor }),
    ...(plan.ingredients === undefined
      ? {}
      : {
          ingredients: plan.ingredients.map((i) => ({
            ...i,
            amount: scaleAmount(i.amount, factor, plan.cupMl),
          })),
        }),
  };
}

import type { AmountErrorCode } from '../measures/parseAmount.js';
import type { OrderProblem } from '../method/order.js';

export type PlanProblemCode =
  | 'missing'
  | 'unknownId'
  | 'notAChoice'
  | 'notANumber'
  | 'outOfRange'
  | 'oneWay'
  | 'noNaturalUnit'
  | 'noSuchState'
  | 'notALiquid'
  | 'tooMany'
  | 'neverBoils'
  | 'tooSmall'
  | `amount.${AmountErrorCode}`
  | `order.${OrderProblem['code']}`;

/** Why a plan cannot be answered: the field by its path, a code, and the values that explain it. */
export interface PlanProblem {
  readonly field: string;
  readonly code: PlanProblemCode;
  readonly values: Readonly<Record<string, string | number>>;
}

const v = (p: PlanProblem, key: string): string => String(p.values[key] ?? '');

/** One plain sentence for a problem, for people reading an API reply or a field. */
export function problemText(p: PlanProblem): string {
  switch (p.code) {
    case 'missing':
      return 'This is needed.';
    case 'unknownId':
      return `The larder has no "${v(p, 'found')}".`;
    case 'notAChoice':
      return `"${v(p, 'found')}" is not one of ${v(p, 'choices')}.`;
    case 'notANumber':
      return 'This must be a finite number.';
    case 'outOfRange':
      return `${v(p, 'found')} is outside ${v(p, 'least')} to ${v(p, 'most')} ${v(p, 'unit')}.`;
    case 'oneWay':
      return 'Give the amount in exactly one of g, ml, cups, count or text.';
    case 'noNaturalUnit':
      return `${v(p, 'name')} has no natural unit to count; give g, ml or cups.`;
    case 'noSuchState':
      return `${v(p, 'name')} is never "${v(p, 'found')}"; it can be ${v(p, 'choices')}.`;
    case 'notALiquid':
      return `${v(p, 'name')} cannot be poured as the liquid.`;
    case 'tooMany':
      return `At most ${v(p, 'most')} are possible.`;
    case 'neverBoils':
      return `${v(p, 'powerW')} W never brings this pot to the boil; raise the heat or use a smaller pot.`;
    case 'tooSmall':
      return `This pot holds ${v(p, 'holdsMl')} ml and the cooked pot needs ${v(p, 'needsMl')} ml: use a larger one, or cook it in two.`;
    case 'amount.empty':
      return 'Type an amount, such as 1 3/4 cups or 400 g.';
    case 'amount.notANumber':
      return `"${v(p, 'found')}" is not an amount.`;
    case 'amount.dividedByZero':
      return `"${v(p, 'found')}" divides by zero.`;
    case 'amount.missingUnit':
      return `"${v(p, 'found')}" of what? Add cups, g, ml …`;
    case 'amount.unknownUnit':
      return `"${v(p, 'found')}" is not a measure known here.`;
    case 'amount.mixedKinds':
      return 'Weights and volumes cannot be added to each other here.';
    case 'amount.notPositive':
      return 'An amount must be more than nothing.';
    case 'amount.tooLarge':
      return 'That is more than any kitchen pot holds.';
    case 'order.beforeItsTurn':
      return `"${v(p, 'act')}" cannot come after a later step.`;
    case 'order.needsBoil':
      return 'The liquid has to be brought to the boil.';
    case 'order.needsSimmer':
      return 'There has to be a covered stage.';
    case 'order.lidOnWhileStirring':
      return 'The lid is on while the pot is stirred.';
    case 'order.duplicateId':
      return 'Two stages have the same id.';
  }
}

import type { PlanProblem } from '../../plan/input/problem.js';

const v = (p: PlanProblem, key: string): string => String(p.values[key] ?? '');

/**
 * One plain sentence for a problem, for people reading an API reply or a field.
 * @example problemText({ field: 'grainId', code: 'missing', values: {} }) // 'This is needed.'
 */
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
    case 'stagesTooLong':
      return `All stages together take ${v(p, 'minutes')} min; at most ${v(p, 'most')} are possible.`;
    case 'neverBoils':
      return `${v(p, 'powerW')} W never brings this pot to the boil; raise the heat or use a smaller pot.`;
    case 'tooSmall':
      return `This pot holds ${v(p, 'holdsMl')} ml and the cooked pot needs ${v(p, 'needsMl')} ml: use a larger one, cook at most ${v(p, 'largestG')} g of grain in it, or share it among ${v(p, 'pots')} pots.`;
    case 'overHalf':
      return `Under pressure grain may fill at most half of the pot: this would stand at ${v(p, 'percent')} %. Cook at most ${v(p, 'largestG')} g of grain in it, or share it among ${v(p, 'pots')} pots.`;
    case 'noBase':
      return 'There is no base in this pot to weigh or ladle from.';
    case 'baseHeavier':
      return `The base weighs more than what went into it (${v(p, 'wentInG')} g): weigh it without the pot.`;
    case 'baseLighter':
      return `What went in cannot cook down below ${v(p, 'leastG')} g: weigh it again, or change what goes in.`;
    case 'ladleAll':
      return `There are only ${v(p, 'massG')} g of base: leave some of it in the pot.`;
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
    case 'own.circular':
      return `"${v(p, 'found')}" is like something that is like it: give one of them figures of its own.`;
    case 'own.unknownLike':
      return `There is no "${v(p, 'found')}" for it to be like.`;
    case 'own.needsFigures':
      return 'Say how much water 100 g of it hold, or what it is like.';
    case 'own.overHundred':
      return 'Water, fat and salt together are more than 100 g in 100 g.';
    case 'own.unknownBehaviour':
      return `"${v(p, 'found')}" is not a way anything cooks down here.`;
    case 'own.needsName':
      return 'It needs a name.';
    case 'order.soakAfterGrainIn':
      return 'The grain is already in the pot: soak it before.';
    case 'order.drainAfterGrainIn':
      return 'The grain is already in the pot: drain it before.';
    case 'order.fatAfterLiquid':
      return 'The liquid is already in: warm the fat before it.';
    case 'order.baseAfterLiquid':
      return 'The liquid is already in: cook the base before it.';
    case 'order.toastAfterLiquid':
      return 'Grain cannot be toasted or fried after the liquid went in.';
    case 'order.grainTwice':
      return 'The grain is already in the pot.';
    case 'order.ladleAfterGrain':
      return 'Ladle stew out before the grain goes in.';
    case 'order.pressureNotUp':
      return 'Pressure has to come up first.';
    case 'order.openedUnderPressure':
      return 'The pot is still under pressure: let it down before anything else.';
    case 'order.releaseNothing':
      return 'There is no pressure to let down.';
    case 'order.needsPressureVessel':
      return 'This vessel cannot hold pressure: choose a pressure cooker or multi-cooker.';
    case 'order.needsSwitch':
      return 'This vessel has no switch that flips: choose a rice cooker, or end the stage otherwise.';
    case 'order.needsHeat':
      return 'Nothing heats the pot once the liquid is in.';
    case 'order.boilOffAfterGrain':
      return 'Boil things soft before the grain and its liquid go in: that water must be gone by then.';
    case 'order.duplicateId':
      return 'Two of them have the same id.';
  }
}

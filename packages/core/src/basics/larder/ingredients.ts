import type { Ingredient } from './composition.js';
import { COCONUT } from './rows/coconut.js';
import { FATS_AND_DAIRY } from './rows/fatsAndDairy.js';
import { FRUIT_AND_NUTS } from './rows/fruitAndNuts.js';
import { LIQUIDS } from './rows/liquids.js';
import { MEAT_AND_FISH } from './rows/meatAndFish.js';
import { PULSES_AND_NOODLES } from './rows/pulsesAndNoodles.js';
import { SEASONING } from './rows/seasoning.js';
import { SPICES } from './rows/spices.js';
import { GREENS } from './rows/greens.js';
import { FRUIT_AND_SEEDS } from './rows/fruitAndSeeds.js';
import { MORE_PULSES } from './rows/morePulses.js';
import { MORE_ANIMAL } from './rows/moreAnimal.js';
import { SAUCES } from './rows/sauces.js';
import { TOMATO } from './rows/tomato.js';
import { VEGETABLES } from './rows/vegetables.js';

/** Everything but the grain that goes into the pot, by kind. */
export const INGREDIENTS: readonly Ingredient[] = [
  ...LIQUIDS,
  ...COCONUT,
  ...TOMATO,
  ...VEGETABLES,
  ...FRUIT_AND_NUTS,
  ...FATS_AND_DAIRY,
  ...PULSES_AND_NOODLES,
  ...MEAT_AND_FISH,
  ...SEASONING,
  ...SPICES,
  ...GREENS,
  ...FRUIT_AND_SEEDS,
  ...MORE_PULSES,
  ...MORE_ANIMAL,
  ...SAUCES,
];

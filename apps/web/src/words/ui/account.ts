import { strong } from '../strong.js';

/** What a cook reads in ui/account. */
export const accountWords = {
  forkedAndServed: 'Forked and served',
  condensedUnderTheLid: 'Condensed under the lid',
  water: 'water',
  grainAsSold: 'grain as sold',
  itsDryMatter: 'its dry matter',
  waterPerDryGramAt: 'water per dry gram, at the start',
  waterPerDryGramCooked: 'water per dry gram, cooked',
  cookedMoisture: 'cooked moisture',
  clingsPerGram: 'clings per gram',
  goesIn: 'goes in',
  waterIn100G: 'water in 100 g',
  shareSetFree: 'share set free',
  itsSolids: 'its solids',
  filmPerGramOfSolids: 'film per gram of solids',
  drinksPerGram: 'drinks per gram',
  sauceWanted: 'sauce wanted',
  steamAtTheBoil: 'steam at the boil',
  figuresFrom: 'figures from',
  fromMemory: ' (from memory)',
  whereTheWaterComesFrom: 'Where the water comes from, and where it goes',
  waterAccount: 'Water account',
  equal: 'equal',
  gApart: (closesToG: string): string => `${closesToG} g apart`,
  touchABarForIts: (more: string): string =>
    `Touch a bar for its figures. What comes in and what goes out are ${more}.`,
  twiceTheDishInThis: (twice: string, ratio: string, g: number): string =>
    `Twice the dish in this pot takes ${strong(twice)}: ${ratio} times as much, not twice. The ${g.toString()} g of steam come of the pot and the fire, not of the grain.`,
  itMayBeMlMore: (g: number, list: string): string =>
    `It may be ${g.toString()} ml more or less. Most of that is ${list}.`,
  comeIn: 'come in',
  goOut: 'go out',
  ofWaterShowFigures: (more: string): string => `of water ${more}. Show figures`,
} as const;

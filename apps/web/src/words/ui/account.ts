import { strong } from '../strong.js';

// What a cook reads in ui/account.

export const forkedAndServed = 'Forked and served';
export const condensedUnderTheLid = 'Condensed under the lid';
export const water = 'water';
export const grainAsSold = 'grain as sold';
export const itsDryMatter = 'its dry matter';
export const waterPerDryGramAt = 'water per dry gram, at the start';
export const waterPerDryGramCooked = 'water per dry gram, cooked';
export const cookedMoisture = 'cooked moisture';
export const clingsPerGram = 'clings per gram';
export const goesIn = 'goes in';
export const waterIn100G = 'water in 100 g';
export const shareSetFree = 'share set free';
export const itsSolids = 'its solids';
export const filmPerGramOfSolids = 'film per gram of solids';
export const drinksPerGram = 'drinks per gram';
export const sauceWanted = 'sauce wanted';
export const steamAtTheBoil = 'steam at the boil';
export const figuresFrom = 'figures from';
export const fromMemory = ' (from memory)';
export const whereTheWaterComesFrom = 'Where the water comes from, and where it goes';
export const waterAccount = 'Water account';
export const equal = 'equal';
export const gApart = (closesToG: string): string => `${closesToG} g apart`;
export const touchABarForIts = (more: string): string =>
  `Touch a bar for its figures. What comes in and what goes out are ${more}.`;
export const twiceTheDishInThis = (twice: string, ratio: string, g: number): string =>
  `Twice the dish in this pot takes ${strong(twice)}: ${ratio} times as much, not twice. The ${g.toString()} g of steam come of the pot and the fire, not of the grain.`;
export const itMayBeMlMore = (g: number, list: string): string =>
  `It may be ${g.toString()} ml more or less. Most of that is ${list}.`;
export const comeIn = 'come in';
export const goOut = 'go out';
export const ofWaterShowFigures = (more: string): string => `of water ${more}. Show figures`;

import { strong } from '../strong.js';

// What a cook reads in screens/dishes.

export const lookingIntoTheKitchen = 'Looking into the kitchen …';
export const dishes = 'Dishes';
export const newDish = 'New dish';
export const find = 'Find';
export const nameGrainOrWhatGoesIn = 'name, grain or what goes in';
export const by = 'by';
export const onlyThisMethod = 'Only this method';
export const anyMethod = 'any method';
export const on = 'on';
export const onlyThisBase = 'Only this base';
export const anyBase = 'any base';
export const of = (shownLength: number, dishesLength: number): string =>
  `${shownLength.toString()} of ${dishesLength.toString()}`;
export const noneYetMakeAPot = 'None yet. Make a pot on Pour and keep it as a dish.';
export const noDishIsLikeThat = 'No dish is like that.';
export const theDish = (dishLabel: string): string => `The dish “${dishLabel}”`;
export const withStagesOfYourOwn = ' with stages of your own';
export const forWord = (method: string, more: string, portions: number): string =>
  `, ${method}${more}, for ${portions.toString()}.`;
export const makeIt = (dishLabel: string): string => `Make it: ${dishLabel}`;
export const makeIt2 = 'Make it';
export const copy = (dishLabel: string): string => `Copy ${dishLabel}`;
export const again = (dishLabel: string): string => `${dishLabel}, again`;
export const copy2 = 'Copy';
export const remove = (dishLabel: string): string => `Remove ${dishLabel}`;
export const remove2 = 'Remove';
export const notMadeYet = 'Not made yet.';
export const made = (times: string): string => `Made ${times}.`;
export const madeOfJustRight = (times: string, asWanted: number, judged: number): string =>
  `Made ${times}, ${strong(`${asWanted.toString()} of ${judged.toString()} just right`)}.`;

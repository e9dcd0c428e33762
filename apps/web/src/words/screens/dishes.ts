import { strong } from '../strong.js';

/** What a cook reads in screens/dishes. */
export const dishesWords = {
  lookingIntoTheKitchen: 'Looking into the kitchen …',
  dishes: 'Dishes',
  newDish: 'New dish',
  find: 'Find',
  nameGrainOrWhatGoesIn: 'name, grain or what goes in',
  by: 'by',
  onlyThisMethod: 'Only this method',
  anyMethod: 'any method',
  on: 'on',
  onlyThisBase: 'Only this base',
  anyBase: 'any base',
  of: (shownLength: number, dishesLength: number): string =>
    `${shownLength.toString()} of ${dishesLength.toString()}`,
  noneYetMakeAPot: 'None yet. Make a pot on Pour and keep it as a dish.',
  noDishIsLikeThat: 'No dish is like that.',
  theDish: (dishLabel: string): string => `The dish “${dishLabel}”`,
  withStagesOfYourOwn: ' with stages of your own',
  for: (method: string, more: string, portions: number): string =>
    `, ${method}${more}, for ${portions.toString()}.`,
  makeIt: (dishLabel: string): string => `Make it: ${dishLabel}`,
  makeIt2: 'Make it',
  copy: (dishLabel: string): string => `Copy ${dishLabel}`,
  again: (dishLabel: string): string => `${dishLabel}, again`,
  copy2: 'Copy',
  remove: (dishLabel: string): string => `Remove ${dishLabel}`,
  remove2: 'Remove',
  notMadeYet: 'Not made yet.',
  made: (times: string): string => `Made ${times}.`,
  madeOfJustRight: (times: string, asWanted: number, judged: number): string =>
    `Made ${times}, ${strong(`${asWanted.toString()} of ${judged.toString()} just right`)}.`,
} as const;

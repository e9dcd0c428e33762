import { strong } from '../strong.js';

// What a cook reads in screens/compare.

export const lookingIntoTheKitchen = 'Looking into the kitchen …';
export const andAnotherWay = (draftLabel: string): string => `${draftLabel}, and another way`;
export const asPlanned = 'as planned';
export const setBesideIt = 'Set beside it';
export const thereIsNoAnswerToThis = 'There is no answer to this.';
export const hangsAtMl = (ml: string): string => `Hangs at ${ml} ml.`;
export const nothing = 'nothing';
export const of = 'of';
export const afterMlOfTheFirst = (ml: string): string => ` after ${ml} ml of the first`;
export const comesOut = 'comes out';
export const cookedMoisture = 'cooked moisture';
export const inEachOfPots = (pots: number): string => ` in each of ${pots.toString()} pots`;
export const handsOn = 'hands on';
export const handsOff = 'hands off';
export const saltToAdd = 'salt to add';
export const bedWhenCooked = 'bed when cooked';
export const mmDeep = (cookedMm: string): string => `${cookedMm} mm deep`;
export const moreOrLess = 'more or less';
export const almostNoneOf100 = 'almost none of 100';
export const comesOutRight = 'comes out right';
export const twoWaysSideBySide = 'Two ways side by side';
export const theOther = 'the other';
export const whatDiffersAndWhy = 'What differs, and why';
export const nothingThatChangesTheWater = 'Nothing that changes the water.';
export const more = 'more';
export const less = 'less';
export const larger = 'larger';
export const smaller = 'smaller';
export const gSoThePourIs = (byG: number, more: string): string =>
  `${byG.toString()} g, so the pour is ${strong(more)}`;
export const theTextureWantedLiesAt = (aim: string, aim2: string): string =>
  `The texture wanted lies at ${aim} % cooked moisture as planned, at ${aim2} % the other way.`;

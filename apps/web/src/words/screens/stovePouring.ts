import { strong } from '../strong.js';

// What a cook reads in screens/stove/pouring.

export const weighItAsYouPour = 'weigh it as you pour';
export const putThePotOnThe = 'Put the pot on the scale, and wait until it stands still.';
export const thePotIsOffThe = 'The pot is off the scale: put it back.';
export const poured = 'Poured';
export const of = (wantedMl: number): string => `of ${wantedMl.toString()}`;
export const tooMuch = (ml: string): string => `, ${ml} too much`;
export const pouredSoFar = 'Poured so far';
export const thatIsPoured = 'That is poured';
export const fromHere = 'From here';
export const leaveIt = 'Leave it';
export const tellItByItsLevel = 'tell it by its level';
export const howFarItStandsOver = 'How far it stands over the grain';
export const overTheGrainAsAdvised = (aboveGrainMm: string): string =>
  `Over the grain; as advised it stands ${aboveGrainMm} mm`;
export const soFar = 'So far';
export const allOfThen = (ml: string, first: string): string => `All ${ml} of ${first}, then:`;
export const pour = 'Pour';
export const nothing = 'nothing';
export const theBaseIsEnough = ': the base is enough';
export const intoEachOfPots = (pots: number): string => ` into each of ${pots.toString()} pots`;
export const nowTheRestHotAndLater = (nowMl: string): string => `: now ${nowMl}, the rest hot and later`;
export const stirOnceTasteHaveMore = (keepMl: string): string =>
  `. Stir once, taste. Have ${strong(keepMl)} more hot in a pan.`;
export const whatWasReallyPoured = 'What was really poured';
export const anAmountSuchAs3 = 'An amount, such as 3 cups or 700 ml.';

import { strong } from '../strong.js';

// What a cook reads in screens/course.

export const stagesAlongTime = 'Stages along time';
export const minutesOf = (name: string): string => `Minutes of ${name}`;
export const minutes = (minutes: number): string => `${minutes.toString()} minutes`;
export const asPlanned = 'as planned';
export const hold = 'Hold';
export const play = 'Play';
export const dragAlongTimeOrStretch = 'Drag along time, or stretch a stage by its handle.';
export const minute = 'Minute';
export const theCharts = 'The charts';
export const ofWhatItCanTakeUp = (soaked: string): string => `, ${soaked} % of what it can take up`;
export const to = (colour: string): string => `, to ${colour}`;
export const noodles = (noodles: string): string => `, noodles ${noodles}`;
export const beforeThePour = (list: string): string => `Before the pour: ${list}.`;
export const freeG = 'free g';
export const steamG = 'steam g';
export const theSameAsATable = 'The same as a table';
export const courseOfThePotAs = 'Course of the pot as a table';
export const itComesOut = 'It comes out';
export const moistureWhenServedWhenIt = (
  moisture: string,
  list: string,
  done: number,
  apart: string,
  browning: string,
): string =>
  `${moisture} % moisture when served (${list} when it has rested), cooked through at least ${done.toString()} %, ${apart}, bottom ${browning}.`;
export const nothingGoesWrongOnTheWay = 'Nothing goes wrong on the way.';
export const toAvoidIt = 'To avoid it:';
export const bottom = (browning: string): string => `bottom ${browning}`;
export const lookingIntoTheKitchen = 'Looking into the kitchen …';
export const minuteByMinute = (draftLabel: string): string => `${draftLabel}, minute by minute`;
export const whatIf = 'What if …';
export const backToThePour = 'Back to the pour';
export const thePotCouldNotBe = 'The pot could not be simulated just now. Change anything to try again.';
export const cookingItOnceOver = 'Cooking it once over …';
export const pouredMlTheSameWhile = (pourMl: number): string =>
  `Poured: ${strong(`${pourMl.toString()} ml`)}, the same while you stretch a stage.`;
export const thisPlanWouldNowTakeMl = (ml: number): string => `This plan would now take ${ml.toString()} ml.`;
export const pourThat = 'Pour that';
export const onTheTable = 'On the table';
export const thePotInSectionAt = (atMin: string, list: string, freeG: string, browning: string): string =>
  `The pot in section at minute ${atMin}: ${list}, ${freeG} g of liquid not taken up, bottom ${browning}.`;
export const byItsEnd = (seen: string): string => `By its end: ${seen}.`;
export const potCGOfLiquid = (tempC: string, max: string, steamG: string, min: string): string =>
  `Pot ${tempC} °C, ${max} g of liquid not taken up, ${steamG} g gone as steam, cooked ${min} %.`;
export const moist = (bed: string, percent: string): string => `${bed} ${percent} % moist`;

import { strong } from '../strong.js';

/** What a cook reads in screens/course. */
export const courseWords = {
  stagesAlongTime: 'Stages along time',
  minutesOf: (name: string): string => `Minutes of ${name}`,
  minutes: (minutes: number): string => `${minutes.toString()} minutes`,
  asPlanned: 'as planned',
  hold: 'Hold',
  play: 'Play',
  dragAlongTimeOrStretch: 'Drag along time, or stretch a stage by its handle.',
  minute: 'Minute',
  theCharts: 'The charts',
  ofWhatItCanTakeUp: (soaked: string): string => `, ${soaked} % of what it can take up`,
  to: (colour: string): string => `, to ${colour}`,
  noodles: (noodles: string): string => `, noodles ${noodles}`,
  beforeThePour: (list: string): string => `Before the pour: ${list}.`,
  freeG: 'free g',
  steamG: 'steam g',
  theSameAsATable: 'The same as a table',
  courseOfThePotAs: 'Course of the pot as a table',
  itComesOut: 'It comes out',
  moistureWhenServedWhenIt: (
    moisture: string,
    list: string,
    done: number,
    apart: string,
    browning: string,
  ): string =>
    `${moisture} % moisture when served (${list} when it has rested), cooked through at least ${done.toString()} %, ${apart}, bottom ${browning}.`,
  nothingGoesWrongOnTheWay: 'Nothing goes wrong on the way.',
  toAvoidIt: 'To avoid it:',
  bottom: (browning: string): string => `bottom ${browning}`,
  lookingIntoTheKitchen: 'Looking into the kitchen …',
  minuteByMinute: (draftLabel: string): string => `${draftLabel}, minute by minute`,
  whatIf: 'What if …',
  backToThePour: 'Back to the pour',
  thePotCouldNotBe: 'The pot could not be simulated just now. Change anything to try again.',
  cookingItOnceOver: 'Cooking it once over …',
  pouredMlTheSameWhile: (pourMl: number): string =>
    `Poured: ${strong(`${pourMl.toString()} ml`)}, the same while you stretch a stage.`,
  thisPlanWouldNowTakeMl: (ml: number): string => `This plan would now take ${ml.toString()} ml.`,
  pourThat: 'Pour that',
  onTheTable: 'On the table',
  thePotInSectionAt: (atMin: string, list: string, freeG: string, browning: string): string =>
    `The pot in section at minute ${atMin}: ${list}, ${freeG} g of liquid not taken up, bottom ${browning}.`,
  byItsEnd: (seen: string): string => `By its end: ${seen}.`,
  potCGOfLiquid: (tempC: string, max: string, steamG: string, min: string): string =>
    `Pot ${tempC} °C, ${max} g of liquid not taken up, ${steamG} g gone as steam, cooked ${min} %.`,
  moist: (bed: string, percent: string): string => `${bed} ${percent} % moist`,
} as const;

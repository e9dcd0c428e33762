import { strong } from '../strong.js';

/** What a cook reads in screens/stove/pouring. */
export const stovePouringWords = {
  weighItAsYouPour: 'weigh it as you pour',
  putThePotOnThe: 'Put the pot on the scale, and wait until it stands still.',
  thePotIsOffThe: 'The pot is off the scale: put it back.',
  poured: 'Poured',
  of: (wantedMl: number): string => `of ${wantedMl.toString()}`,
  tooMuch: (ml: string): string => `, ${ml} too much`,
  pouredSoFar: 'Poured so far',
  thatIsPoured: 'That is poured',
  fromHere: 'From here',
  leaveIt: 'Leave it',
  tellItByItsLevel: 'tell it by its level',
  howFarItStandsOver: 'How far it stands over the grain',
  overTheGrainAsAdvised: (aboveGrainMm: string): string =>
    `Over the grain; as advised it stands ${aboveGrainMm} mm`,
  soFar: 'So far',
  allOfThen: (ml: string, first: string): string => `All ${ml} of ${first}, then:`,
  pour: 'Pour',
  nothing: 'nothing',
  theBaseIsEnough: ': the base is enough',
  intoEachOfPots: (pots: number): string => ` into each of ${pots.toString()} pots`,
  nowTheRestHotAndLater: (nowMl: string): string => `: now ${nowMl}, the rest hot and later`,
  stirOnceTasteHaveMore: (keepMl: string): string =>
    `. Stir once, taste. Have ${strong(keepMl)} more hot in a pan.`,
  whatWasReallyPoured: 'What was really poured',
  anAmountSuchAs3: 'An amount, such as 3 cups or 700 ml.',
} as const;

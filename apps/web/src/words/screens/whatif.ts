/** What a cook reads in screens/whatif. */
export const whatifWords = {
  lookingIntoTheKitchen: 'Looking into the kitchen …',
  whatIf: 'What if …',
  thePlanMinuteByMinute: 'The plan, minute by minute',
  but: (draftLabel: string): string => `${draftLabel}, but`,
  doneOtherwise: 'Done otherwise',
  poured: 'Poured',
  theSameMl: (pourMl: string): string => `the same ${pourMl} ml`,
  mlAsItWouldNeed: (ml: string): string => `${ml} ml, as it would need`,
  asItWouldNeed: 'as it would need',
  thisCouldNotBeSimulated: 'This could not be simulated just now.',
  cookingBoth: 'Cooking both …',
  asPlanned: 'as planned',
  whatIf2: 'what if',
  wholeLinesAsPlannedBroken: (label: string): string =>
    `Whole lines as planned, broken lines with ${label}; of the three beds the middle one.`,
  thePlanAndTheOther: 'The plan and the other way side by side',
  theDifference: 'The difference',
} as const;

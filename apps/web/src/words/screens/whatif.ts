// What a cook reads in screens/whatif.

export const lookingIntoTheKitchen = 'Looking into the kitchen …';
export const whatIf = 'What if …';
export const thePlanMinuteByMinute = 'The plan, minute by minute';
export const but = (draftLabel: string): string => `${draftLabel}, but`;
export const doneOtherwise = 'Done otherwise';
export const poured = 'Poured';
export const theSameMl = (pourMl: string): string => `the same ${pourMl} ml`;
export const mlAsItWouldNeed = (ml: string): string => `${ml} ml, as it would need`;
export const asItWouldNeed = 'as it would need';
export const thisCouldNotBeSimulated = 'This could not be simulated just now.';
export const cookingBoth = 'Cooking both …';
export const asPlanned = 'as planned';
export const whatIf2 = 'what if';
export const wholeLinesAsPlannedBroken = (label: string): string =>
  `Whole lines as planned, broken lines with ${label}; of the three beds the middle one.`;
export const thePlanAndTheOther = 'The plan and the other way side by side';
export const theDifference = 'The difference';

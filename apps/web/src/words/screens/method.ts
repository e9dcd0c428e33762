import { strong } from '../strong.js';

// What a cook reads in screens/method.

export const howMuchOfThatHeat =
  'How much of that heat arrives nobody has measured: no number counts it. Look sooner.';
export const theSamePour = 'the same pour';
export const wouldNotBoil = 'would not boil';
export const byWhistles = 'by whistles';
export const whenItFlips = 'when it flips';
export const move = (name: string): string => `Move ${name}`;
export const whatIsDoneIn = (name: string): string => `What is done in ${name}`;
export const heatOf = (name: string): string => `Heat of ${name}`;
export const lidOf = (name: string): string => `Lid of ${name}`;
export const whatElseCanBeDoneWith = (name: string): string => `What else can be done with ${name}`;
export const earlier = (name: string): string => `${name} earlier`;
export const later = (name: string): string => `${name} later`;
export const nameOrNoteSomethingThere = (name: string): string => `Name ${name}, or note something there`;
export const split = (name: string): string => `Split ${name}`;
export const addAStageAfter = (name: string): string => `Add a stage after ${name}`;
export const takeOut = (name: string): string => `Take out ${name}`;
export const whatYouCall = (act: string): string => `What you call ${act}`;
export const noteAt = (act: string): string => `Note at ${act}`;
export const whatToRememberThere = 'what to remember there';
export const howEnds = (name: string): string => `How ${name} ends`;
export const minutesOf = (name: string): string => `Minutes of ${name}`;
export const whistlesOf = (name: string): string => `Whistles of ${name}`;
export const whistles = 'whistles';
export const whatIsSeenAtThe = (name: string): string => `What is seen at the end of ${name}`;
export const minHandsOnAboveThe = (sum: number, sum2: number, sum3: number): string =>
  `${strong(`${sum.toString()} min hands on`)} (above the line), ${sum2.toString()} min hands off (below; coloured on the fire, grey off it), ${sum3.toString()} min in all.`;
export const lookingIntoTheKitchen = 'Looking into the kitchen …';
export const theStagesOf = (draftLabel: string): string => `The stages of ${draftLabel}`;
export const stages = 'Stages';
export const beginWithAStage = 'Begin with a stage';
export const changedFrom = 'Changed from';
export const as = 'As';
export const method = 'Method';
export const yourOwn = 'your own';
export const putItsOwnStagesBack = 'Put its own stages back';
export const nothing = 'nothing';
export const toPour = (more: string): string => `to pour${more}.`;
export const backToTheNumber = 'Back to the number';
export const keepTheseStagesAsA = 'Keep these stages as a method of your own, called';
export const itsName = 'its name';
export const keepTheMethod = 'Keep the method';
export const isKeptItStandsIn = (kept: string): string => `${kept} is kept; it stands in the list above.`;

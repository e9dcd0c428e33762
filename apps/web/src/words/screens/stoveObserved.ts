import { strong } from '../strong.js';

// What a cook reads in screens/stove/observed.

export const fewPotsWouldShowThat =
  'Few pots would show that now. Look once more, taste a grain, and say what you find.';
export const doneLeaveItAndLet = 'Done. Leave it, and let it rest.';
export const leaveItAsItIs = 'Leave it as it is.';
export const iDoThatNow = 'I do that now';
export const sayWhatYouSee = 'Say what you see';
export const more = 'More …';
export const moreToSay = 'More to say';
export const minutes = 'Minutes …';
export const minutesOfThisStage = 'Minutes of this stage';
export const boilsAllOverNow = 'Boils all over now';
export const holesNow = 'Holes now';
export const whistleNow = 'Whistle now';
export const flippedNow = 'Flipped now';
export const aLook = 'a look';
export const exactly = (observationName: string): string => `${observationName}, exactly`;
export const soMuch = 'So much';
export const potAndAllLidAnd = 'Pot and all, lid and all. The second weighing tells what has steamed off.';
export const somethingElse = 'Something else';
export const somethingElse2 = 'something else';
export const writeItDown = 'Write it down';
export const theAdvice = 'The advice';
export const ifYouLookAtMin = (afterMin: number, seen: string): string =>
  `${strong(`If you look at ${afterMin.toString()} min:`)} ${seen}.`;
export const atTheEnd = (seen: string): string => `${strong('At the end:')} ${seen}.`;

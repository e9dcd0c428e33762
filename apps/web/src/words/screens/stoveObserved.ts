import { strong } from '../strong.js';

/** What a cook reads in screens/stove/observed. */
export const stoveObservedWords = {
  fewPotsWouldShowThat: 'Few pots would show that now. Look once more, taste a grain, and say what you find.',
  doneLeaveItAndLet: 'Done. Leave it, and let it rest.',
  leaveItAsItIs: 'Leave it as it is.',
  iDoThatNow: 'I do that now',
  sayWhatYouSee: 'Say what you see',
  more: 'More …',
  moreToSay: 'More to say',
  minutes: 'Minutes …',
  minutesOfThisStage: 'Minutes of this stage',
  boilsAllOverNow: 'Boils all over now',
  holesNow: 'Holes now',
  whistleNow: 'Whistle now',
  flippedNow: 'Flipped now',
  aLook: 'a look',
  exactly: (observationName: string): string => `${observationName}, exactly`,
  soMuch: 'So much',
  potAndAllLidAnd: 'Pot and all, lid and all. The second weighing tells what has steamed off.',
  somethingElse: 'Something else',
  somethingElse2: 'something else',
  writeItDown: 'Write it down',
  theAdvice: 'The advice',
  ifYouLookAtMin: (afterMin: number, seen: string): string =>
    `${strong(`If you look at ${afterMin.toString()} min:`)} ${seen}.`,
  atTheEnd: (seen: string): string => `${strong('At the end:')} ${seen}.`,
} as const;

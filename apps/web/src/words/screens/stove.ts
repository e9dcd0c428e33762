import { strong } from '../strong.js';

// What a cook reads in screens/stove.

export const besideIt = 'Beside it';
export const clockOf = (besideName: string): string => `Clock of ${besideName}`;
export const n2MoreMin = (besideName: string): string => `${besideName}: 2 more min`;
export const n2Min = '+2 min';
export const start = 'start';
export const done = 'done';
export const start2 = 'Start';
export const done2 = 'Done';
export const otherPots = 'Other pots';
export const thePot = (cookLabel: string): string => `The pot “${cookLabel}”`;
export const allOnOneSheet = 'All on one sheet';
export const openIt = 'open it';
export const takeCare = 'Take care';
export const seen = 'Seen';
export const openForkTaste = 'Open, fork, taste';
export const openTheLidAwayFrom = (keep: string): string =>
  `Open the lid away from you. Fork from the side. Taste one grain from the top. Centre still hard? Sprinkle over some of the ${keep} you have hot, lid on, lowest heat, 5 min.`;
export const undoBackToTheLastStage = 'Undo: back to the last stage';
export const whatGoesIn = 'What goes in';
export const inNow = 'In now';
export const inWord = (list: string): string => `In: ${list}`;
export const stillToCome = (text: string): string => `Still to come: ${text}`;
export const wasGivenUpItsPage = (givenUpLabel: string): string =>
  `${givenUpLabel} was given up; its page is in the notebook.`;
export const putItBackOnTheStove = 'Put it back on the stove';
export const noPotIsOn = 'No pot is on.';
export const asSoonAsOneIs = 'As soon as one is, its stages and its clock are here.';
export const seeWhatToPour = 'See what to pour';
export const andPressCookThisIts = 'and press “Cook this”: its stages appear here, one at a time.';
export const clockOfThisStage = 'Clock of this stage';
export const next = 'Next';
export const look = 'Look';
export const nothingSeen = 'Nothing seen';
export const handsAreFree = 'Hands are free';
export const theRingIsOn = (heat: string): string => `The ring is on ${strong(heat)}.`;
export const setItTo = (heat: string): string => `Set it to ${heat}`;
export const itStaysSoNoteIt = 'It stays so: note it';
export const theRingDidNotHear = 'The ring did not hear: turn it by hand.';
export const offTheHeatSinceThe = (pausedAtMs: string): string =>
  `${strong(`Off the heat since ${pausedAtMs}`)}: the clock stands, the grain goes on drinking.`;
export const backOnGoOn = 'Back on, go on';
export const stirs = (name: string): string => `, ${name} stirs`;
export const stages = 'Stages';
export const leftOut = 'left out';
export const done3 = ', done';
export const change = (name: string): string => `Change ${name}`;
export const forHowLong = 'For how long';
export const whichStage = 'Which stage';
export const ring = 'Ring';
export const lid = 'Lid';
export const changesTo = (stage: string): string => `Changes to ${stage}`;
export const ring2 = 'Ring …';
export const lid2 = 'Lid …';
export const leaveItOut = 'Leave it out';
export const onceMore = 'Once more';
export const putAStageAfterIt = 'Put a stage after it …';
export const backTo = (stage: string): string => `Back to ${stage}`;
export const onTheTableAbout = (atMs: string): string => `on the table about ${strong(atMs)}`;
export const thePot2 = (activeLabel: string): string => `The pot “${activeLabel}”`;
export const giveThisPotUp = 'Give this pot up';
export const stageOf = (current: number, stagesLength: number): string =>
  `stage ${current.toString()} of ${stagesLength.toString()}`;
export const theTimeLine = 'The time line';
export const theBellHasBeenSilent = 'The bell has been silent since this page was opened.';
export const wakeTheBell = 'Wake the bell';
export const lookFor = (stage: string): string => `${strong('Look for:')} ${stage}`;
export const lookFor2 = (stage: string, setting: string, what: string, stage2: string): string =>
  `${stage}. ${setting}. ${what} Look for: ${stage2}`;
export const readItOut = 'Read it out';
export const startTheClock = 'Start the clock';
export const doneNext = (stage: string): string => `Done. Next: ${stage}`;
export const doneOpenTheLid = 'Done. Open the lid';
export const n5MoreMin = '5 more min';
export const undo = 'Undo';
export const handsFull = 'Hands full';
export const nextAndLookAloneAs = 'next and look alone, as large as they go';
export const whenToLook = 'When to look';
export const theListOfStages = 'The list of stages';
export const everyTapIsKeptClose = 'Every tap is kept. Close it, come back, the clock is right.';

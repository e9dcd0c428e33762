// What a cook reads in ui/shell.

export const slippedItsRopeEverythingElse = (what: string): string =>
  `${what} slipped its rope. Everything else holds; nothing is lost.`;
export const hangItUpAgain = 'Hang it up again';
export const thisScreenSlippedItsRope = 'This screen slipped its rope.';
export const whatYouTypedAndTapped =
  'What you typed and tapped is kept. Load the screen again; the pot and its clock go on.';
export const loadAgain = 'Load again';
export const nothingHangsHere = 'Nothing hangs here.';
export const backToThePot = 'Back to the pot';
export const read = 'Read';
export const hammockFellAtAndWas = (fellAtMs: string): string =>
  `Hammock fell at ${fellAtMs} and was started again. Nothing that was stored is lost.`;
export const whatThisDeviceRememberedCould =
  'What this device remembered could not be read and was begun anew. What the server stored is all there.';
export const nothingWaitsOnThisDevice = 'Nothing waits on this device.';
export const wordsAndKeys = 'Words and keys';
export const whatIsKept = 'What is kept';
export const aNewerHammockIsHere = 'A newer Hammock is here. It waits until the pot is off.';
export const aNewerHammockIsHere2 = 'A newer Hammock is here.';
export const takeItUp = 'Take it up';
export const undoAndRedo = 'Undo and redo';
export const undo = 'Undo';
export const redo = 'Redo';
export const beginNow = 'Begin now';
export const theClockOf = (cookLabel: string): string => `The clock of ${cookLabel}`;
export const timeToLook = (whose: string): string => `${whose}: time to look.`;
export const timeIsUp = (whose: string): string => `${whose}: time is up.`;
export const timeIsUp2 = (ready: string): string => `${ready}: time is up.`;
export const openTheLid = (cookLabel: string): string => `Open the lid · ${cookLabel}`;
export const letThisDeviceIn = 'Let this device in';
export const pour = 'Pour';
export const stove = 'Stove';
export const notebook = 'Notebook';
export const dishes = 'Dishes';
export const kitchen = 'Kitchen';
export const skipToWhatIsOn = 'Skip to what is on the page';
export const screens = 'Screens';
export const hammock = 'Hammock';
export const potsAreOn = (cooksLength: number): string => `${cooksLength.toString()} pots are on`;
export const aPotIsOn = 'a pot is on';
export const whatWaitsForYourWord = 'What waits for your word';
export const thisScreen = 'This screen';
export const theBell = 'The bell';
export const whatIsOnTheStove = 'What is on the stove; guests see it and change nothing';
export const theStove = 'The stove';
export const stages = 'Stages';
export const anotherWay = 'Another way';
export const minuteByMinute = 'Minute by minute';
export const whatIf = 'What if';
export const whenItIsOnTheTable = 'When it is on the table';
export const waterTest = 'Water test';
export const whatCameIn = 'What came in';
export const keeping = 'Keeping';
export const aPageOfTheNotebook = 'A page of the notebook';
export const notHere = 'Not here';

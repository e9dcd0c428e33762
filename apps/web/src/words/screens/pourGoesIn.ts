import { strong } from '../strong.js';

// What a cook reads in screens/pour/goesIn.

export const takeCare = 'Take care';
export const anAnswerIsAnEstimate =
  'An answer is an estimate for an ordinary bag in this pot; your eyes at the stove come first.';
export const salt = 'Salt';
export const none = 'none';
export const aLevelSpoonIs = (roughly: string): string => `; a level spoon is ${roughly}`;
export const toAdd = (saltWith: string, more: string): string => `${saltWith} to add${more}`;
export const toAdd2 = 'to add';
export const noneInYet = 'None in yet.';
export const gFrom = (g: string, ingredientIdName: string): string => `${g} g from ${ingredientIdName}`;
export const inAlready = (list: string): string => `In already: ${list}.`;
export const beforeTheLidGoesOn = (liquidPercent: string): string =>
  `Before the lid goes on the liquid should taste slightly too salty: ${liquidPercent} %.`;
export const tastesFlatAnotherGAnd = (stepG: string, thinMl: number): string =>
  `Tastes flat? Another ${stepG} g and taste again. Too salty? ${thinMl.toString()} ml of plain water in place of as much stock thins it one step. Salt with`;
export const saltToAdd = 'Salt to add';
export const served = 'Served';
export const howItIsServed = 'How it is served';
export const ofThePotGA = (cookedPercent: string, perPortionG: string, shareOfDay: number): string =>
  `: ${cookedPercent} % of the pot, ${perPortionG} g a head. That is ${shareOfDay.toString()} % of a day’s 5 g, the most for adults (World Health Organization).`;
export const byHowItLooks = 'by how it looks';
export const byItsMinutesOnTheFire = 'by its minutes on the fire';
export const byTheScale = 'by the scale';
export const aLadle = 'a ladle';
export const aThird = 'a third';
export const staysOut = 'stays out';
export const comesBackAt = (name: string): string => `comes back at “${name}”`;
export const theBase = 'The base';
export const weighsAboutWentInOf = (
  massG: string,
  by: string,
  wentInG: string,
  drivenOffG: string,
  bringsG: string,
): string =>
  `Weighs about ${strong(massG)} ${by}: ${wentInG} went in, ${drivenOffG} of water boiled off. It still brings ${bringsG} of water.`;
export const theScaleCounts = 'The scale counts.';
export const itsMinutesCount = 'Its minutes count.';
export const asItIsSaidTo = (byStatesG: string, bringsG: string, more: string): string =>
  `As it is said to look it would have lost ${byStatesG} and bring ${bringsG}. ${more}`;
export const goByTheLook = 'Go by the look';
export const itWeighsOnTheScale = 'It weighs, on the scale';
export const takenOutBeforeTheGrain = 'Taken out before the grain';
export const takeOut = (words: string): string => `Take out ${words}`;
export const whatWasTakenOut = 'What was taken out';
export const gOfSaltLeftWithIt = (ladledSaltG: string): string => `${ladledSaltG} g of salt left with it.`;
export const amountOf = (rowName: string): string => `Amount of ${rowName}`;
export const howGoesIn = (rowName: string): string => `How ${rowName} goes in`;
export const whenGoesIn = (rowName: string): string => `When ${rowName} goes in`;
export const soakOf = (rowName: string): string => `Soak of ${rowName}`;
export const leaveOut = (rowName: string): string => `Leave out ${rowName}`;
export const done = 'Done';
export const change = 'Change';
export const keptAsWords = 'kept as words';
export const not = (verb: string): string => `Not: ${verb}`;
export const whatIs = (act: string): string => `What “${act}” is`;
export const onWhichHeat = 'On which heat';
export const noHeatSaid = 'no heat said';
export const underWhichLid = 'Under which lid';
export const noLidSaid = 'no lid said';
export const forWord = 'For';
export const somewhereElseBeside = 'Somewhere else: beside';
export const inThisPot = 'In this pot';
export const justWords = 'Just words';
export const nearlyIsItThat = 'nearly. Is it that?';
export const itMayBeAnotherIs = 'it may be another. Is it that?';
export const howMuchOfItSay = 'how much of it? Say g, cups or spoons.';
export const howMuchIsOneSay = 'how much is one? Say g or cups.';
export const howMuchIsInOne = 'how much is in one?';
export const thatCannotBeMeasuredSay = 'that cannot be measured. Say g, cups or spoons.';
export const thatIsMoreThanAny = 'that is more than any pot holds.';
export const notInTheLarderPick = 'not in the larder. Pick what it is, or make it in the Kitchen.';
export const aPotOfCm = (potCm: number): string => strong(`a pot of ${potCm.toString()} cm`);
export const aPotIsFromTo = (least: number, most: number): string =>
  `A pot is from ${least.toString()} to ${most.toString()} cm wide.`;
export const whatIs2 = (line: string): string => `What “${line}” is`;
export const pickWhatItIs = 'pick what it is';
export const youUsuallyPour = 'you usually pour';
export const asMuchAsStandsUnderSalt = 'as much as stands under Salt';
export const aPotHasOneGrain =
  'A pot has one grain. Take one of the two away, or leave this one for a pot of its own.';
export const yes = 'Yes';
export const justWords2 = 'just words';
export const whatIs3 = (text: string): string => `What “${text}” is`;
export const howMuch = (line: string): string => `How much ${line}`;
export const n1Tsp = '1 tsp';
export const soMuch = 'So much';
export const oneHolds = (packet: string): string => `One ${packet} holds`;
export const rememberIt = 'Remember it';
export const soakedMinAsIsUsual = (minutes: string): string => `soaked, ${minutes} min as is usual`;
export const forExample =
  '2 cups long grain rice\n3 medium onions, sliced\n1 tin chopped tomatoes\n3 cups hot stock\nFry the onions golden. Lid on, low, 15 minutes.';
export const aLineForEachThing = 'A line for each thing, or the whole recipe, as you would tell it';
export const onlyTheFirstThingsAre = (linesLength: number, leftOut: number): string =>
  `Only the first ${linesLength.toString()} things are read; ${leftOut.toString()} lines more are left as they are. Nothing of them is lost.`;
export const for2 = (portions: number): string => `, for ${portions.toString()}`;
export const called = (title: string, more: string): string => `Called ${strong(title)}${more}.`;
export const nothingIsLeftToAsk = 'Nothing is left to ask.';
export const oneThingIsAsked = 'One thing is asked.';
export const thingsAreAsked = (asked: number): string => `${asked.toString()} things are asked.`;
export const asUnderstood = 'As understood';
export const whichGrainIsItAnd = 'Which grain is it, and how much? Write it on a line of its own.';
export const firstSettleTheLineWith = 'First settle the line with the grain.';
export const theStepsStandAtThe = (more: string): string =>
  `${more} The steps stand at the stages of its pot.`;
export const it = 'it';
export const these = (thingsLength: number): string => `these ${thingsLength.toString()}`;
export const putIn = (more: string): string => `Put ${more} in`;
export const cancel = 'Cancel';
export const allAtOnce = 'all at once';
export const aFifthOfItHotLater = 'a fifth of it hot, later';
export const aThirdOfItHotLater = 'a third of it hot, later';
export const halfNowHalfHotLater = 'half now, half hot later';
export const noSauce = 'no sauce';
export const gAsSauce = (g: string): string => `${g} g as sauce`;
export const whatGoesIn = 'What goes in';
export const addSomething = 'Add something';
export const addSomething2 = 'add something';
export const or = 'or';
export const typeOrPasteAList = 'type or paste a list';
export const seeItAsItWasTold = 'see it as it was told';
export const pour = 'Pour';
export const whatIsPoured = 'What is poured';
export const allThereIs = 'all there is:';
export const allThereIsOfIt = 'All there is of it';
export const then = ', then';
export const whatMakesUpTheRest = 'What makes up the rest';
export const thereIsPlenty = 'there is plenty';
export const howeverMuchItNeeds = 'however much it needs';
export const inHowManyAdditions = 'In how many additions';
export const leave = '. Leave';
export const sauceLeftAtTheEnd = 'Sauce left at the end';
export const sayItWithAUnit = 'That is no amount: say 200 g, 1 cup or 2 tbsp.';
export const thisWordIs = (word: string): string => `“${word}” is`;

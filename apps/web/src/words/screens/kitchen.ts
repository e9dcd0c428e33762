import { strong } from '../strong.js';

// What a cook reads in screens/kitchen.

export const an = 'an';
export const a = 'a';
export const add = (more: string, one: string): string => `Add ${more} ${one}`;
export const noneYet = 'None yet.';
export const whatIsKnownOfIt = 'What is known of it';
export const change = (thingLabel: string): string => `Change ${thingLabel}`;
export const change2 = 'Change';
export const remove = (thingLabel: string): string => `Remove ${thingLabel}`;
export const remove2 = 'Remove';
export const newWord = (one: string): string => `New ${one}`;
export const change3 = (one: string): string => `Change ${one}`;
export const keep = 'Keep';
export const cancel = 'Cancel';
export const asUsualForThisGrain = 'as usual for this grain';
export const bags = 'Bags';
export const name = 'Name';
export const grain = 'Grain';
export const whenCookedItIs = 'When cooked it is';
export const openedOn = 'Opened on';
export const worthRemembering = 'Worth remembering';
export const burners = 'Burners';
export const wIntoThePotOn = (hobKind: string, high: number, low: number): string =>
  `${hobKind}, ${high.toString()} W into the pot on high, ${low.toString()} W on low`;
export const kind = 'Kind';
export const intoThePotOn = (words: string): string => `Into the pot on ${words}`;
export const household = 'Household';
export const heightAboveTheSea = 'Height above the sea';
export const theRoomIs = 'The room is';
export const firstJointOfYourFinger = 'First joint of your finger';
export const grainIsWanted = 'Grain is wanted';
export const usuallyServed = 'Usually served';
export const amountsFirstIn = 'Amounts first in';
export const cupsAndSpoons = 'cups and spoons';
export const gAndMl = 'g and ml';
export const sizeNotKnownWeighIt = 'Size not known? Weigh it';
export const weighedWithGrain = 'Weighed with grain';
export const soManyOfIt = 'So many of it';
export const cups = 'cups';
export const weighTogether = 'weigh together';
export const thatWouldBeACup = (ml: string): string => `That would be a cup of ${ml} ml.`;
export const of = 'of';
export const itHoldsMl = (ml: string): string => `It holds ${ml} ml`;
export const itHolds = 'It holds …';
export const jugWithMarks = 'jug with marks';
export const cupsSpoonsAndJugs = 'Cups, spoons and jugs';
export const filledTo = (parts: string): string => `; filled to ${parts}`;
export const markedEveryMl = (stepMl: number): string => `, marked every ${stepMl.toString()} ml`;
export const called = 'Called';
export const itIsA = 'It is a';
export const holds = 'Holds';
export const markedEvery = 'Marked every';
export const canBeFilledTo = 'Can be filled to';
export const methodsOfYourOwn = 'Methods of your own';
export const noneYetChangeTheStages = 'None yet. Change the stages of a pot and keep them.';
export const fromStages = (method: string, stagesLength: number): string =>
  `from ${method}, ${stagesLength.toString()} stages`;
export const remove3 = (mLabel: string): string => `Remove ${mLabel}`;
export const butThinner = 'but thinner';
export const justSo = 'just so';
export const butThicker = 'but thicker';
export const water = 'Water';
export const fat = 'Fat';
export const salt = 'Salt';
export const nothingElseByItsFigures = 'nothing else: by its figures';
export const like = 'Like';
export const againstIt = 'Against it';
export const whereItDiffers = ', where it differs';
export const itWouldBeLikeSomething =
  'It would be like something that is like it. Give it figures of its own.';
export const whatItIsLikeIs = 'What it is like is not in the larder any more.';
export const sayHowMuchWater100 = 'Say how much water 100 g of it hold, or what it is like.';
export const waterFatAndSaltTogether = 'Water, fat and salt together are more than 100 g in 100 g.';
export const itCooksDownInNo = 'It cooks down in no way known here.';
export const giveItAName = 'Give it a name.';
export const gOfWaterIn100G = (water: string): string => `${water} g of water in 100 g`;
export const notComplete = 'not complete';
export const ingredientsOfYourOwn = 'Ingredients of your own';
export const oneOf = (packet: string, ingredientIdName: string): string =>
  `One ${packet} of ${ingredientIdName}`;
export const jarsAndPackets = 'Jars and packets';
export const holdsG = (p: string, g: string): string => `${p} holds ${strong(`${g} g`)}.`;
export const forget = (p: string): string => `Forget: ${p}`;
export const forget2 = 'Forget';
export const whoCooksAndEatsHere = 'Who cooks and eats here';
export const eachMayHaveATaste = 'Each may have a taste of their own. Nobody has to be named.';
export const remove4 = (name: string): string => `Remove: ${name}`;
export const somebodyOfTheHousehold = 'Somebody of the household';
export const pots = 'Pots';
export const nonStick = ', non-stick';
export const cmWideL = (
  more: string,
  diameterCm: number,
  volumeMl: string,
  lidFit: string,
  wall: string,
  more2: string,
  learnt: string,
): string => `${more}${diameterCm.toString()} cm wide, ${volumeMl} l, ${lidFit}, ${wall}${more2}${learnt}`;
export const widthInside = 'Width inside';
export const holdsToTheBrim = 'Holds to the brim';
export const lid = 'Lid';
export const wall = 'Wall';
export const aStepFirmer = 'a step firmer';
export const halfAStepFirmer = 'half a step firmer';
export const theSameAsHere = 'the same as here';
export const halfAStepSofter = 'half a step softer';
export const aStepSofter = 'a step softer';
export const yourWordsForTexture = 'Your words for texture';
export const is = (texture: string): string => `“${texture}” is`;
export const yourWordsMean = 'Your words mean';
export const everyNumberAndEveryComes =
  'Every number and every “comes out” goes by it. A step is nearly three points of water in the cooked grain.';
export const lookingIntoTheKitchen = 'Looking into the kitchen …';
export const kitchen = 'Kitchen';
export const light = 'Light';
export const asTheDevice = 'as the device';
export const theBags = 'The bags';
export const thePots = 'The pots';
export const theBurners = 'The burners';
export const theMeasures = 'The measures';
export const whatIsYourOwn = 'What is your own';
export const theMethods = 'The methods';
export const steamPotByBurner = 'Steam, pot by burner';
export const measureItWithAPot = 'Measure it with a pot of water';
export const theHousehold = 'The household';
export const theScaleOfTextures = 'The scale of textures';
export const thePeople = 'The people';
export const whatJarsHold = 'What jars hold';
export const whatIsKept = 'What is kept';
export const copiesEverythingAsOneFile =
  'Copies, everything as one file, the house’s phones, and this device.';
export const seeToIt = 'See to it';
export const notMeasuredEveryPotGoes =
  'Not measured: every pot goes by what is usual for its width, wall and lid.';
export const measuredSoFar = 'Measured so far';
export const gCoveredInMinG = (
  tLabel: string,
  coveredLossG: string,
  coveredMin: number,
  openLossG: string,
  openMin: number,
): string =>
  `${tLabel}: ${coveredLossG} g covered in ${coveredMin.toString()} min, ${openLossG} g open in ${openMin.toString()} min`;
export const remove5 = (tLabel: string): string => `Remove ${tLabel}`;
export const waterTest = 'Water test';
export const itNeedsAPotAnd = 'It needs a pot and a burner.';
export const putThemInTheKitchen = 'Put them in the Kitchen';
export const first = 'first.';
export const aPotThatBoilsGets = 'A pot that boils gets lighter: look at the three weights again.';
export const howMuchSteamThisPot =
  'How much steam this pot loses on this burner is the pot’s own. Twenty minutes and a scale, and it is known. Hot water and steam burn: carry nothing that is full and boiling, let the bubbling stop before you lift it.';
export const the = 'The';
export const pot = 'Pot';
export const onThe = 'on the';
export const burner = 'Burner';
export const at = 'at';
export const setting = 'Setting';
export const itWeighs = 'It weighs';
export const lidOnLeaveItMin = (coveredMin: number): string =>
  `Lid on, leave it ${coveredMin.toString()} min at that setting. Weigh it again with its lid.`;
export const itWeighsNow = 'It weighs now';
export const after = 'after';
export const backToTheBoilLid = (openMin: number): string =>
  `Back to the boil, lid off, ${openMin.toString()} min at the same setting. Weigh it with its lid.`;
export const andNow = 'And now';
export const whatTheThreeWeightsChange = 'What the three weights change stands here as soon as they are in.';
export const whatThatChanges = 'What that changes';
export const ofThisPotAndBurner = 'of this pot and burner';
export const takenUntilNow = 'taken until now';
export const measured = 'measured';
export const theBurnerGivesOn = (heat: string): string => `the burner gives on ${heat}`;
export const steamWithTheLidOn = 'steam with the lid on';
export const gAMinute = (rate: string): string => `${rate} g a minute`;
export const steamWithTheLidOff = 'steam with the lid off';
export const onThe2 = (vesselLabel: string, hobLabel: string, heat: string): string =>
  `${vesselLabel} on the ${hobLabel}, ${heat}`;
export const cookByWhatWasMeasured = 'Cook by what was measured';
export const keptEveryAnswerForThe = (kept: string): string =>
  `${kept}: kept. Every answer for the two goes by it.`;

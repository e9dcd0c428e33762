import { strong } from '../strong.js';

// What a cook reads in screens/pour/number.

export const inSectionRawGrainLiquid = (
  vesselLabel: string,
  grainMm: string,
  liquidMm: string,
  cookedMm: string,
): string =>
  `${vesselLabel} in section: raw grain ${grainMm}, liquid ${liquidMm}, cooked grain ${cookedMm} from the floor.`;
export const cmWideDrawnToScale = (vesselLabel: string, diameterCm: number, levels: string): string =>
  `${vesselLabel}, ${diameterCm.toString()} cm wide, drawn to scale. ${levels}`;
export const theLiquidStaysAmongTheGrain = 'The liquid stays among the grain. ';
export const onlyToTheCornersLevel = (more: string, cornersMl: number): string =>
  `${more}Only to the corners, level with the grain, would be ${cornersMl.toString()} ml.`;
export const theLiquidStandsMmOver = (aboveGrainMm: string, joints: string, halfInches: string): string =>
  `The liquid stands ${aboveGrainMm} mm over it: ${joints} of a finger’s first joint, ${halfInches} × half an inch.`;
export const nothing = 'nothing';
export const toPour = 'to pour';
export const whatToPour = 'What to pour';
export const tooDryUnderMl = (hardMl: string): string => `too dry · under ${hardMl} ml`;
export const tooWetOverMl = (mushMl: string): string => `too wet · over ${mushMl} ml`;
export const theAnswerHangsAtMl = (
  ml: string,
  hardMl: string,
  mushMl: string,
  wanted: string,
  lowMl: string,
  highMl: string,
): string =>
  `The answer hangs at ${ml} ml, between too dry under ${hardMl} ml and too wet over ${mushMl} ml. ${wanted} is from ${lowMl} to ${highMl} ml.`;
export const allOf = (ml: string): string => `All ${ml} of`;
export const then = ', then';
export const withWhatYouOwn = (roughly: string): string => `(${roughly} with what you own)`;
export const showThePourIn = 'Show the pour in';
export const noAtAllTheBase = (name: string, keep: string): string =>
  `No ${name} at all: the base brings enough. Have ${strong(keep)} hot in a pan all the same.`;
export const intoEachOfPotsWith = (pots: number, grainG: number): string =>
  `Into ${strong(`each of ${pots.toString()} pots`)}, with ${grainG.toString()} g of grain each.`;
export const nowHotAndLater = (nowMl: string, laterMl: string): string =>
  `Now ${strong(nowMl)}; hot and later ${strong(laterMl)}.`;
export const fromToMlItComes = (lowMl: string, highMl: string, wanted: string, keep: string): string =>
  `From ${lowMl} to ${highMl} ml it comes out ${wanted}. Have ${strong(keep)} more hot in a pan, to sprinkle over grain that is still hard.`;
export const byThisRuleItComesOut = (texture: string): string =>
  `By this rule it comes out ${strong(texture)}.`;
export const asYouWantIt = 'as you want it, ';
export const youUsuallyPourMl = (ml: string, more: string, texture: string): string =>
  `You usually pour ${strong(`${ml} ml`)}: ${more}${texture}.`;
export const pourWhatIsWorkedOut = 'Pour what is worked out';
export const holdToIt = 'Hold to it';
export const yourOwnRuleInAll = 'Your own rule, in all';
export const whatYouUsuallyPour = 'What you usually pour';
export const n3Cups = '3 cups';
export const anAmountSuchAs3 = 'An amount, such as 3 cups or 700 ml.';
export const whatOtherRulesWouldPour = 'What other rules would pour';
export const pouredByWorkedOutFor = (rule: string, accountMl: string): string =>
  `Poured by “${rule}”. Worked out for this pot it would be ${strong(accountMl)}.`;
export const goBackToTheWorked = 'Go back to the worked-out pour';
export const rule = 'rule';
export const pours = 'pours';
export const comesOut = 'comes out';
export const useIt = 'use it';
export const useIt2 = (rule: string): string => `Use it: ${rule}`;
export const asIfTheGrainDrank =
  'As if the grain drank all of it. Where a rule pours much more, some stays free among the grain: the course shows how much, and calls such a pot up to four points drier and wet.';
export const more = 'more';
export const less = 'less';
export const over = 'over';
export const under = 'under';
export const youPouredThanAdvisedTimes = (
  more: string,
  pots: number,
  ml: string,
  by: string,
  more2: string,
): string =>
  `You poured ${more} than advised ${pots.toString()} times here: by that ${strong(ml)}, ${by} ${more2} this.`;
export const holdToMine = 'Hold to mine';
export const whatWouldTeachMost = 'What would teach most?';
export const thanIsUsual = (byMl: string, more: string): string => `: ${byMl} ${more} than is usual`;
export const itStandsOn = (pots: string, by: string): string => `It stands on ${pots}${by}.`;
export const toWhoseTaste = 'To whose taste';
export const everybodysTaste = 'everybody’s taste';
export const iKnowThisPot = 'I know this pot';
export const aPotYouKnow = 'A pot you know';
export const itAlwaysComesOutRight = 'It always comes out right when I pour';
export const whatYouAlwaysPour = 'What you always pour';
export const believeIt = 'Believe it';
export const notNow = 'Not now';
export const threeWaysOut = 'Three ways out';
export const theBaseAloneBringsG = (overG: number): string =>
  `The base alone brings ${overG.toString()} g of water too much. Pour nothing, and do one of these:`;
export const ladleOutG = (takeOutG: number): string => `Ladle out ${takeOutG.toString()} g`;
export const leaveOutGOfWhat = (takeOutG: number): string =>
  `Leave out ${takeOutG.toString()} g of what is wet,`;
export const cookItDownMinOn = (cookDownMin: number, heat: string, massG: number): string =>
  `Cook it down ${cookDownMin.toString()} min on ${heat}, to ${massG.toString()} g`;
export const addGOfGrain = (addGrainG: number): string => `Add ${addGrainG.toString()} g of grain`;
export const theRestOfTheDish = (forPortions: number): string =>
  `The rest of the dish is for ${forPortions.toString()} g of grain.`;
export const fitItToG = (grainG: number): string => `Fit it to ${grainG.toString()} g`;
export const first = (change: string): string => `First: ${change}`;
export const thenTheBestPourComes = (then: string, now: string): string =>
  `Then the best pour comes out right ${then} times in 100, not ${now}.`;
export const putItIntoTheStages = 'Put it into the stages';
export const hard = 'hard';
export const mush = 'mush';
export const whatCanBeMeasuredHas = 'What can be measured has been measured.';
export const in100ComeOutRightNot = (measure: string, then: string, now: string): string =>
  `${measure}: ${then} in 100 come out right, not ${now}`;
export const then2 = (list: string): string => `Then ${list}.`;
export const weighTheGrain = 'Weigh the grain';
export const weighTheBase = 'Weigh the base';
export const measureTheBurnerWithWater = 'Measure the burner with water';
export const weighAPotOfWaterTwice = 'Weigh a pot of water twice';
export const onTheScale = 'On the scale';
export const useIt3 = 'Use it';
export const howHotOpen = 'How hot does it boil with the lid off? The pour hangs on it.';
export const howLongOpen = 'How long does it boil with the lid off? The pour hangs on it.';
export const minutesOpen = (minutes: number): string => `${minutes.toString()} min`;
export const openWay = (name: string, ml: number, isCounted: boolean): string =>
  `${name}: ${ml.toString()} ml${isCounted ? ', counted now' : ''}`;

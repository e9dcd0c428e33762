import { strong } from '../strong.js';

/** What a cook reads in screens/pour/number. */
export const pourNumberWords = {
  inSectionRawGrainLiquid: (
    vesselLabel: string,
    grainMm: string,
    liquidMm: string,
    cookedMm: string,
  ): string =>
    `${vesselLabel} in section: raw grain ${grainMm}, liquid ${liquidMm}, cooked grain ${cookedMm} from the floor.`,
  cmWideDrawnToScale: (vesselLabel: string, diameterCm: number, levels: string): string =>
    `${vesselLabel}, ${diameterCm.toString()} cm wide, drawn to scale. ${levels}`,
  theLiquidStaysAmongTheGrain: 'The liquid stays among the grain. ',
  onlyToTheCornersLevel: (more: string, cornersMl: number): string =>
    `${more}Only to the corners, level with the grain, would be ${cornersMl.toString()} ml.`,
  theLiquidStandsMmOver: (aboveGrainMm: string, joints: string, halfInches: string): string =>
    `The liquid stands ${aboveGrainMm} mm over it: ${joints} of a finger’s first joint, ${halfInches} × half an inch.`,
  nothing: 'nothing',
  toPour: 'to pour',
  whatToPour: 'What to pour',
  tooDryUnderMl: (hardMl: string): string => `too dry · under ${hardMl} ml`,
  tooWetOverMl: (mushMl: string): string => `too wet · over ${mushMl} ml`,
  theAnswerHangsAtMl: (
    ml: string,
    hardMl: string,
    mushMl: string,
    wanted: string,
    lowMl: string,
    highMl: string,
  ): string =>
    `The answer hangs at ${ml} ml, between too dry under ${hardMl} ml and too wet over ${mushMl} ml. ${wanted} is from ${lowMl} to ${highMl} ml.`,
  allOf: (ml: string): string => `All ${ml} of`,
  then: ', then',
  withWhatYouOwn: (roughly: string): string => `(${roughly} with what you own)`,
  showThePourIn: 'Show the pour in',
  noAtAllTheBase: (name: string, keep: string): string =>
    `No ${name} at all: the base brings enough. Have ${strong(keep)} hot in a pan all the same.`,
  intoEachOfPotsWith: (pots: number, grainG: number): string =>
    `Into ${strong(`each of ${pots.toString()} pots`)}, with ${grainG.toString()} g of grain each.`,
  nowHotAndLater: (nowMl: string, laterMl: string): string =>
    `Now ${strong(nowMl)}; hot and later ${strong(laterMl)}.`,
  fromToMlItComes: (lowMl: string, highMl: string, wanted: string, keep: string): string =>
    `From ${lowMl} to ${highMl} ml it comes out ${wanted}. Have ${strong(keep)} more hot in a pan, to sprinkle over grain that is still hard.`,
  byThisRuleItComesOut: (texture: string): string => `By this rule it comes out ${strong(texture)}.`,
  asYouWantIt: 'as you want it, ',
  youUsuallyPourMl: (ml: string, more: string, texture: string): string =>
    `You usually pour ${strong(`${ml} ml`)}: ${more}${texture}.`,
  pourWhatIsWorkedOut: 'Pour what is worked out',
  holdToIt: 'Hold to it',
  yourOwnRuleInAll: 'Your own rule, in all',
  whatYouUsuallyPour: 'What you usually pour',
  n3Cups: '3 cups',
  anAmountSuchAs3: 'An amount, such as 3 cups or 700 ml.',
  whatOtherRulesWouldPour: 'What other rules would pour',
  pouredByWorkedOutFor: (rule: string, accountMl: string): string =>
    `Poured by “${rule}”. Worked out for this pot it would be ${strong(accountMl)}.`,
  goBackToTheWorked: 'Go back to the worked-out pour',
  rule: 'rule',
  pours: 'pours',
  comesOut: 'comes out',
  useIt: 'use it',
  useIt2: (rule: string): string => `Use it: ${rule}`,
  asIfTheGrainDrank:
    'As if the grain drank all of it. Where a rule pours much more, some stays free among the grain: the course shows how much, and calls such a pot up to four points drier and wet.',
  more: 'more',
  less: 'less',
  over: 'over',
  under: 'under',
  youPouredThanAdvisedTimes: (more: string, pots: number, ml: string, by: string, more2: string): string =>
    `You poured ${more} than advised ${pots.toString()} times here: by that ${strong(ml)}, ${by} ${more2} this.`,
  holdToMine: 'Hold to mine',
  whatWouldTeachMost: 'What would teach most?',
  thanIsUsual: (byMl: string, more: string): string => `: ${byMl} ${more} than is usual`,
  itStandsOn: (pots: string, by: string): string => `It stands on ${pots}${by}.`,
  toWhoseTaste: 'To whose taste',
  everybodysTaste: 'everybody’s taste',
  iKnowThisPot: 'I know this pot',
  aPotYouKnow: 'A pot you know',
  itAlwaysComesOutRight: 'It always comes out right when I pour',
  whatYouAlwaysPour: 'What you always pour',
  believeIt: 'Believe it',
  notNow: 'Not now',
  threeWaysOut: 'Three ways out',
  theBaseAloneBringsG: (overG: number): string =>
    `The base alone brings ${overG.toString()} g of water too much. Pour nothing, and do one of these:`,
  ladleOutG: (takeOutG: number): string => `Ladle out ${takeOutG.toString()} g`,
  leaveOutGOfWhat: (takeOutG: number): string => `Leave out ${takeOutG.toString()} g of what is wet,`,
  cookItDownMinOn: (cookDownMin: number, heat: string, massG: number): string =>
    `Cook it down ${cookDownMin.toString()} min on ${heat}, to ${massG.toString()} g`,
  addGOfGrain: (addGrainG: number): string => `Add ${addGrainG.toString()} g of grain`,
  theRestOfTheDish: (forPortions: number): string =>
    `The rest of the dish is for ${forPortions.toString()} g of grain.`,
  fitItToG: (grainG: number): string => `Fit it to ${grainG.toString()} g`,
  first: (change: string): string => `First: ${change}`,
  thenTheBestPourComes: (then: string, now: string): string =>
    `Then the best pour comes out right ${then} times in 100, not ${now}.`,
  putItIntoTheStages: 'Put it into the stages',
  hard: 'hard',
  mush: 'mush',
  whatCanBeMeasuredHas: 'What can be measured has been measured.',
  in100ComeOutRightNot: (measure: string, then: string, now: string): string =>
    `${measure}: ${then} in 100 come out right, not ${now}`,
  then2: (list: string): string => `Then ${list}.`,
  weighTheGrain: 'Weigh the grain',
  weighTheBase: 'Weigh the base',
  measureTheBurnerWithWater: 'Measure the burner with water',
  weighAPotOfWaterTwice: 'Weigh a pot of water twice',
  onTheScale: 'On the scale',
  useIt3: 'Use it',
} as const;

import { strong } from '../strong.js';

/** What a cook reads in screens/pour/odds. */
export const pourOddsWords = {
  in100SuchPotsCome: 'in 100 such pots come out right',
  aboutIfYouTasteOnce: (asWanted: string): string => `, about ${asWanted} if you taste once`,
  howSureIsThat: 'How sure is that?',
  pourMl: (bestMl: string): string => `Pour ${strong(`${bestMl} ml`)},`,
  haveMlMoreHotIn: (keepMl: string): string => `have ${strong(`${keepMl} ml`)} more hot in a pan.`,
  tasteItOnceThePressure: 'Taste it once the pressure is down and the lid comes off by itself.',
  tasteItOnceWhenIts: 'Taste it once when its time is up.',
  topItUpOrLeave: (more: string): string => `${more} Top it up or leave it on as you find it: about`,
  in100: (looked: string): string => `${looked} in 100`,
  comeOutRightLeftAlone: (blind: string): string => `come out right. Left alone, ${blind}.`,
  theBestBalanceTooDry: 'The best balance: too dry can be topped up, too soft cannot be undone.',
  minUnderTheLidWould: (coveredMin: number): string =>
    `${coveredMin.toString()} min under the lid would do better than the plan’s.`,
  pourMlInstead: (bestMl: string): string => `Pour ${bestMl} ml instead`,
  whenToLook: 'When to look',
  minInto: (afterMin: number, actName: string, seen: string, l: string): string =>
    `${strong(`${afterMin.toString()} min`)} into “${actName}”: ${seen}. ${l}`,
  onTheFirmSide: (firm: string): string => `${firm} on the firm side`,
  onTheSoft: (soft: string): string => `${soft} on the soft`,
  wetOnTop: (wetTop: string): string => `${wetTop} wet on top`,
  caughtAtTheBottom: (caught: string): string => `${caught} caught at the bottom`,
  of100SuchPots: 'Of 100 such pots',
  comeOutHard: (hard: string): string => `${hard} come out hard`,
  right: (asWanted: string): string => `, ${strong(`${asWanted} right`)}`,
  mush: (tooSoft: string): string => `${tooSoft} mush`,
  howSure: 'How sure',
  trialPotsCooked: 'Trial pots cooked',
  ofTrialPots: (done: string, of: string): string => `${done} of ${of} trial pots`,
  stop: 'Stop',
  fromTrialPotsEachA: (draws: string): string => `from ${draws} trial pots, each a little different`,
  theOddsCouldNotBe:
    'The odds could not be worked out just now. Change anything to try again; the pour itself stands.',
  cookingAFewHundredTrialPots: 'Cooking a few hundred trial pots …',
  in100SuchPotsCome2: (hereMl: string): string => `in 100 such pots come out right, with ${hereMl} ml`,
  tryAnotherPour: 'Try another pour',
  mlHardRightMushOf100: (hereMl: string, hard: string, asWanted: string, tooSoft: string): string =>
    `${hereMl} ml: ${hard} hard, ${asWanted} right, ${tooSoft} mush of 100`,
  pourMl2: (dragged: string): string => `Pour ${dragged} ml`,
  leaveItAtMl: (ml: string): string => `Leave it at ${ml} ml`,
  less: 'less',
  more: 'more',
  youPourMlThanIs: (ml: number, more: string): string =>
    `You pour ${ml.toString()} ml ${more} than is worked out for this pot.`,
  backToMl: (accountMl: string): string => `Back to ${accountMl} ml`,
} as const;

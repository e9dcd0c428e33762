import { strong } from '../strong.js';

// What a cook reads in screens/pour/odds.

export const in100SuchPotsCome = 'in 100 such pots come out right';
export const aboutIfYouTasteOnce = (asWanted: string): string => `, about ${asWanted} if you taste once`;
export const howSureIsThat = 'How sure is that?';
export const pourMl = (bestMl: string): string => `Pour ${strong(`${bestMl} ml`)},`;
export const haveMlMoreHotIn = (keepMl: string): string =>
  `have ${strong(`${keepMl} ml`)} more hot in a pan.`;
export const tasteItOnceThePressure = 'Taste it once the pressure is down and the lid comes off by itself.';
export const tasteItOnceWhenIts = 'Taste it once when its time is up.';
export const topItUpOrLeave = (more: string): string =>
  `${more} Top it up or leave it on as you find it: about`;
export const in100 = (looked: string): string => `${looked} in 100`;
export const comeOutRightLeftAlone = (blind: string): string => `come out right. Left alone, ${blind}.`;
export const theBestBalanceTooDry = 'The best balance: too dry can be topped up, too soft cannot be undone.';
export const minUnderTheLidWould = (coveredMin: number): string =>
  `${coveredMin.toString()} min under the lid would do better than the plan’s.`;
export const pourMlInstead = (bestMl: string): string => `Pour ${bestMl} ml instead`;
export const whenToLook = 'When to look';
export const minInto = (afterMin: number, actName: string, seen: string, l: string): string =>
  `${strong(`${afterMin.toString()} min`)} into “${actName}”: ${seen}. ${l}`;
export const onTheFirmSide = (firm: string): string => `${firm} on the firm side`;
export const onTheSoft = (soft: string): string => `${soft} on the soft`;
export const wetOnTop = (wetTop: string): string => `${wetTop} wet on top`;
export const caughtAtTheBottom = (caught: string): string => `${caught} caught at the bottom`;
export const of100SuchPots = 'Of 100 such pots';
export const comeOutHard = (hard: string): string => `${hard} come out hard`;
export const right = (asWanted: string): string => `, ${strong(`${asWanted} right`)}`;
export const mush = (tooSoft: string): string => `${tooSoft} mush`;
export const howSure = 'How sure';
export const trialPotsCooked = 'Trial pots cooked';
export const ofTrialPots = (done: string, of: string): string => `${done} of ${of} trial pots`;
export const stop = 'Stop';
export const fromTrialPotsEachA = (draws: string): string =>
  `from ${draws} trial pots, each a little different`;
export const theOddsCouldNotBe =
  'The odds could not be worked out just now. Change anything to try again; the pour itself stands.';
export const cookingAFewHundredTrialPots = 'Cooking a few hundred trial pots …';
export const in100SuchPotsCome2 = (hereMl: string): string =>
  `in 100 such pots come out right, with ${hereMl} ml`;
export const tryAnotherPour = 'Try another pour';
export const mlHardRightMushOf100 = (
  hereMl: string,
  hard: string,
  asWanted: string,
  tooSoft: string,
): string => `${hereMl} ml: ${hard} hard, ${asWanted} right, ${tooSoft} mush of 100`;
export const pourMl2 = (dragged: string): string => `Pour ${dragged} ml`;
export const leaveItAtMl = (ml: string): string => `Leave it at ${ml} ml`;
export const less = 'less';
export const more = 'more';
export const youPourMlThanIs = (ml: number, more: string): string =>
  `You pour ${ml.toString()} ml ${more} than is worked out for this pot.`;
export const backToMl = (accountMl: string): string => `Back to ${accountMl} ml`;

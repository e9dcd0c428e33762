/** What a household's own pots teach. */
export { evidenceOf, whatItSays, type Judged, type JudgedPot, type PotSays } from './evidence.js';
export { GUESTS, HIDDEN_SD, hiddenOf, type PotOf } from './hidden.js';
export { learn, learnMore, NOTHING_LEARNT } from './learn.js';
export type { Evidence, Learnt, Told } from './belief.js';
export { potOf, type MadeWith } from './potOf.js';
export { learntInto } from '../plan/derived/learntInto.js';
export { drinksShare, learntOf, pointsOfShare, type LearntOfPot } from './learntOf.js';
export { whatToTry, type Tells } from './whatToTry.js';

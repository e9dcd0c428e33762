/** What a household's own pots teach. */
export { evidenceOf, whatItSays, type Judged, type JudgedPot, type PotSays } from './evidence.js';
export { GUESTS, HIDDEN_SD, hiddenOf, type PotOf } from './hidden.js';
export { learn, learnMore, NOTHING_LEARNT, type Evidence, type Learnt, type Told } from './learn.js';
export { potOf, type MadeWith } from './potOf.js';
export { learntInto } from '../plan/learntInto.js';
export { drinksShare, learntOf, pointsOfShare, type LearntOfPot } from './learntOf.js';
export { whatToTry, type Tells } from './whatToTry.js';

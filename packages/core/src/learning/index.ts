/** What a household's own pots teach. */
export { evidenceOf, type Judged } from './evidence.js';
export { HIDDEN_SD, hiddenOf, type PotOf } from './hidden.js';
export { learn, NOTHING_LEARNT, type Evidence, type Learnt } from './learn.js';
export { learntInto } from '../plan/learntInto.js';
export { drinksShare, learntOf, type LearntOfPot } from './learntOf.js';

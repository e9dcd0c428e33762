/** What a household's own pots teach. */
export {
  evidenceFromPot,
  /** The name it was published under first: scripts outside of this repository still ask for it. */
  evidenceFromPot as whatItSays,
  evidenceFromVerdict,
  type Judged,
  type JudgedPot,
  type PotEvidence,
} from './evidence.js';
export { GUESTS, HIDDEN_SD, hiddenOf, type PotOf } from './hidden.js';
export { learn, learnMore, NOTHING_LEARNT } from './learn.js';
export type { Evidence, Learnt, Override } from './belief.js';
export { potOf, type MadeWith } from './potOf.js';
export { learntInto } from '../plan/derived/learntInto.js';
export { drinksShare, learntOf, pointsOfShare, type LearntOfPot } from './learntOf.js';
export { whatToTry, type Tells } from './whatToTry.js';

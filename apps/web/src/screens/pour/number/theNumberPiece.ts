/** The number and what belongs to it, in a piece of its own: the words of the plan do not wait for it. */
export { Answered } from '../Answered.js';
export { FitToGrain } from './FitToGrain.js';
export { OddsInShort } from '../odds/OddsInShort.js';
export { PotDrawn } from './PotDrawn.js';

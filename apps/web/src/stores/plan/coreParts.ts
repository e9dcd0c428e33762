/** What works an answer out, in a piece of its own: the words of the plan stand on the screen before it is there. */
export { answer, cautionsOf, scalePlan } from '@hammock/core';
export { problemText } from '@hammock/core/words';
export { planInputOf } from './learntPlan.js';

/** What stands below the number, in one piece of its own: the first page does not wait for it. */
export { Along } from '../../ui/Along.js';
export { AccountPicture } from '../../ui/account/AccountPicture.js';
export { EatAt } from './EatAt.js';
export { HowItIsMade } from './HowItIsMade.js';
export { KeepAsDish } from './KeepAsDish.js';
export { CautionList } from './Notes.js';
export { OtherRules } from './OtherRules.js';
export { StandsOn } from './StandsOn.js';
export { Salt } from './Salt.js';
export { TheBase } from './TheBase.js';
export { WaysOut } from './WaysOut.js';
export { WhatGoesIn } from './WhatGoesIn.js';

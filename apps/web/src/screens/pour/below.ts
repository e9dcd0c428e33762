/** What stands below the number, in one piece of its own: the first page does not wait for it. */
export { Along } from '../../ui/sections/Along.js';
export { AccountPicture } from '../../ui/account/AccountPicture.js';
export { EatAt } from './sentence/EatAt.js';
export { HowItIsMade } from './sentence/HowItIsMade.js';
export { KeepAsDish } from './KeepAsDish.js';
export { CautionList } from './goesIn/Notes.js';
export { OtherRules } from './number/OtherRules.js';
export { StandsOn } from './number/StandsOn.js';
export { Salt } from './goesIn/Salt.js';
export { TheBase } from './goesIn/TheBase.js';
export { WaysOut } from './number/WaysOut.js';
export { WhatGoesIn } from './goesIn/WhatGoesIn.js';
export { OpenBoil } from './number/OpenBoil.js';

// What a cook reads in screens/table.

export const aSideDish = 'a side dish';
export const aGarnish = 'a garnish';
export const hotWater = 'hot water';
export const somethingSteeping = 'something steeping';
export const noMoreThanItTakes = 'No more than it takes in all.';
export const besideIt = 'Beside it';
export const remove = (oneName: string): string => `Remove ${oneName}`;
export const remove2 = 'Remove';
export const aSaladFriedOnions = 'a salad, fried onions';
export const whatItIs = 'What it is';
export const takes = 'takes';
export const atHand = 'at hand';
export const readyFor = 'ready for';
export const readyFor2 = 'Ready for';
export const theTable = 'the table';
export const addIt = 'Add it';
export const thingsBesideOnePotAre = (mostBeside: number): string =>
  `${mostBeside.toString()} things beside one pot are the most.`;
export const fromToMin = (least: number, most: number): string =>
  `From ${least.toString()} to ${most.toString()} min.`;
export const ofThemAtHand = (handsOnMin: number): string => `${handsOnMin.toString()} of them at hand`;
export const byItself = 'by itself';
export const onARing = 'on a ring';
export const readyFor3 = (at: string): string => `ready for ${at}`;
export const theMealAlongTheTime = 'The meal along the time, read out in the list';
export const wantsYou = 'wants you';
export const onARingByItself = 'on a ring, by itself';
export const stands = 'stands';
export const beginningsAreInMealIcs = (toComeLength: number): string =>
  `${toComeLength.toString()} beginnings are in meal.ics: open it with your calendar.`;
export const thisBrowserDoesNotLet = 'This browser does not let Hammock remind you. The calendar file does.';
export const youAreRemindedAtEach =
  'You are reminded at each beginning while Hammock is open on this device, in the background too.';
export const saveAsACalendarFile = 'Save as a calendar file';
export const remindMeOnThisDevice = 'Remind me on this device';
export const remindMeNoMore = 'Remind me no more';
export const whenItIsOnTheTable = 'When it is on the table';
export const eatAt = 'Eat at';
export const withWord = 'with';
export const ringsThereAre = 'Rings there are';
export const oneRing = 'one ring';
export const thereIsNoPlanWith = 'There is no plan with an answer yet.';
export const seeWhatToPour = 'See what to pour.';
export const beside = (draftLabel: string): string => `Beside ${draftLabel}`;
export const and = (dLabel: string): string => `and ${dLabel}`;
export const remove3 = (dLabel: string): string => `Remove ${dLabel}`;
export const anotherDishWithIt = 'Another dish with it';
export const andAnotherDish = 'and another dish';
export const andOneMore = 'and one more';
export const now = 'Now';
export const at = (fromMs: string): string => `At ${fromMs}`;
export const willNotBeReadyIn = 'will not be ready in time for its pot: begin it now.';
export const whatBeginsWhen = 'What begins when';
export const atHand2 = ', at hand';

// What a cook reads in ui/sections.

export const shownHereIsThePlan = 'Shown here is the plan as it was before.';
export const goAndChangeIt = 'Go and change it';
export const theLinkToForACamera = (planLabel: string): string => `The link to ${planLabel}, for a camera`;
export const theWholePlanIsIn =
  'The whole plan is in the link, nothing of the household; it opens with any Hammock.';
export const itIsTooLongFor = 'It is too long for a camera: send the link.';
export const savedAs = (as: string): string => `Saved as ${as}.`;
export const takeItAlong = 'Take it along';
export const printASheet = 'Print a sheet';
export const printItAsItWasTold = 'Print it as it was told';
export const copyAsText = 'Copy as text';
export const saveForAnotherProgram = 'Save for another program';
export const saveAsMarkdown = 'Save as Markdown';
export const asALink = 'As a link';
export const share = 'Share';
export const packingIt = 'Packing it …';
export const moreIfYouLike = 'More, if you like';
export const whoseWordIsIt = 'Whose word is it?';
export const guestsWordDoesNotMove = 'Guests’ word does not move your taste.';
export const whoseWordItIs = 'Whose word it is';
export const whoAte = 'Who ate?';
export const whoAte2 = 'Who ate';
export const whatHelped = 'What helped?';
export const itWeighsPotAndAll = 'It weighs, pot and all';
export const soMuch = 'So much';
export const aFirstWeighingOnceThe =
  'A first weighing once the liquid is in, and one now, tell what steamed off.';
export const weighedBeforeG = (amount: number): string => `Weighed before: ${amount.toString()} g.`;
export const howItCameOut = 'How it came out';
export const theBottomOfThePotWas = 'The bottom of the pot was';
export const nextTime = 'Next time';
export const oneLineOrNothing = 'one line, or nothing';
export const whereDidItHang = 'Where did it hang?';
export const writeItDown = 'Write it down';
export const texture = 'Texture';
export const isRemoved = (label: string): string => `${label} is removed.`;
export const putItBack = 'Put it back';

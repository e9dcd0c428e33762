// What a cook reads in screens/in.

export const leaveIt = 'Leave it';
export const theTable = 'The table';
export const is = (head: string): string => `${head} is`;
export const leaveIt2 = 'leave it';
export const andMoreRows = (rowsLength: string): string => `And ${rowsLength} more rows.`;
export const rowsAfterThemAreToo = (leftOut: string): string =>
  `${leftOut} rows after them are too many at once: bring them in a table of their own.`;
export const waterGOf100 = 'water, g of 100';
export const fatGOf100 = 'fat, g of 100';
export const saltGOf100 = 'salt, g of 100';
export const gPerMl = 'g per ml';
export const whatItIsLike = 'what it is like';
export const everyRowCanBeKept = 'Every row can be kept.';
export const ofRowsCannotBeRead = (readLength: number, readLength2: number): string =>
  `${readLength.toString()} of ${readLength2.toString()} rows cannot be read and would be left out.`;
export const oneIngredient = 'one ingredient';
export const ingredients = (goodLength: number): string => `${goodLength.toString()} ingredients`;
export const keep = (more: string): string => `Keep ${more}`;
export const itsOwnNumber = 'its own number';
export const howMuchGrain = 'how much grain';
export const whatWasPoured = 'what was poured';
export const howItCameOut = 'how it came out';
export const baseOfThePot = 'base of the pot';
export const whoJudgedIt = 'who judged it';
export const whoAte = 'who ate';
export const learntFrom = 'learnt from';
export const givenUp = 'given up';
export const noDayThatCanBe = 'no day that can be read; write it as 2026-01-31';
export const aDayThatIsStill = 'a day that is still to come';
export const aDishThatIsNone = 'a dish that is none of yours; keep it under Dishes first, by the same name';
export const aBagThatIsNot = 'a bag that is not in your kitchen';
export const aPotThatIsNot = 'a pot that is not in your kitchen';
export const aRingThatIsNot = 'a ring that is not in your kitchen';
export const anAmountThatCannotBe = 'an amount that cannot be read, or none beside a verdict';
export const noWordForHowIt = 'no word for how it came out, from 1 (hard) to 5 (mushy)';
export const aBottomThatIsNeither = 'a bottom that is neither clean, golden, dark nor burnt';
export const aDishThatHasNo = 'a dish that has no answer as it is written now';
export const inTheNotebookAlready = 'in the notebook already';
export const eachPotIsYourDish = (goodLength: string): string =>
  `Each pot is your dish as it is written now, for so much grain. ${goodLength} can be written down`;
export const andOfThemTeach = (judged: number): string => `, and ${judged.toString()} of them teach`;
export const leftOut = (rows: string, why: string): string => `${rows} left out: ${why}.`;
export const onePage = 'one page';
export const pages = (goodLength: number): string => `${goodLength.toString()} pages`;
export const writeDown = (more: string): string => `Write ${more} down`;
export const ingredientsOfYourOwn = 'ingredients of your own';
export const pagesOfTheNotebook = 'pages of the notebook';
export const thereIsNoRowIn = 'There is no row in this table. Nothing was changed.';
export const aTableOf = 'A table of';
export const aLink = 'a link';
export const whatCameIn = 'What came in';
export const nothingYetOpenAFile = 'Nothing yet. Open a file, or drop one on any page.';
export const thisIsEverythingOfA = 'This is everything of a household. It is put back on';
export const keeping = 'Keeping';
export const whereItIsLookedOverFirst = ', where it is looked over first.';
export const nothingThatHammockKnowsIs =
  'Nothing that Hammock knows is in it: neither a recipe nor a plan, a table or a household. Nothing was changed.';
export const thisLinkIsNotWhole =
  'This link is not whole: a part of it was lost on the way. Ask for it again.';
export const thisLinkWasMadeBy = 'This link was made by a newer Hammock: update this one first.';
export const whatIsInThisLink = 'What is in this link is no plan that could be cooked. Nothing was changed.';
export const byWhatCooksUsuallyPour = (pour: string, pourOther: string): string =>
  `. By what cooks usually pour it takes ${pour} (${pourOther}); here it is worked out anew for your pot, your bag and what they taught`;
export const aPlanFor = (portions: number, more: string): string =>
  `A plan for ${portions.toString()}${more}.`;
export const anIngredient = 'an ingredient';
export const ingredients2 = (ownLength: number): string => `${ownLength.toString()} ingredients`;
export const itBringsOfItsOwn = (more: string, list: string): string =>
  `It brings ${more} of its own: ${list}. They come into your kitchen with it.`;
export const thePlanOnPourIs = 'The plan on Pour is set aside, not lost.';
export const openItOnPour = 'Open it on Pour';
export const onPourEachLineIs =
  'On Pour each line is shown as it was understood, and nothing goes in before you say so. The plan there is set aside, not lost.';
export const readItOnPour = 'Read it on Pour';

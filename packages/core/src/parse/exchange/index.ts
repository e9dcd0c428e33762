/** Open formats, both ways: words and plain data; files and pages are for whoever has them. */
export { recipeJsonLd, recipeMarkdown, type RecipeSheet } from './recipeOut.js';
export { recipesIn, toldOf, type RecipeRead } from './recipeIn.js';
export { planFromLink, planToLink, type LinkProblem, type SharedPlan } from './planLink.js';

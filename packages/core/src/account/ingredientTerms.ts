import type { CompletePlan, PlannedIngredient } from './planInput.js';
import type { Term } from './term.js';

/** Water a film of tomato or coconut solids keeps on the grain, g per g of fat-free, salt-free solids †. */
const FILM_G_PER_G = 1.25;

/** Solids that hold the film, g. */
export const filmSolids = ({ ingredient, g }: PlannedIngredient): number =>
  ingredient.film ? (g * Math.max(0, ingredient.solids - ingredient.salt)) / 100 : 0;

const round = (n: number): number => Math.round(n * 1000) / 1000;

/** What the other ingredients bring, hold back and drink. Terms under a hundredth of a gram are left out. */
export function ingredientTerms(plan: CompletePlan): readonly Term[] {
  const terms = plan.ingredients.flatMap((item, i) => termsOf(item, i));
  if (plan.sauceLeftG > 0) {
    terms.push({
      id: 'held.sauce',
      kind: 'heldByOthers',
      side: 'goesTo',
      g: plan.sauceLeftG,
      inputs: { sauceLeftG: plan.sauceLeftG },
    });
  }
  return terms.filter((t) => t.g >= 0.01);
}

function termsOf(item: PlannedIngredient, i: number): Term[] {
  const { ingredient, g, release } = item;
  const key = `${ingredient.id}.${i.toString()}`;
  const facts = { massG: round(g), state: release.state, source: ingredient.source };
  const solids = filmSolids(item);
  return [
    {
      id: `brought.${key}`,
      kind: 'broughtIn',
      side: 'comesFrom',
      g: (g * ingredient.water * release.available) / 100,
      of: ingredient.id,
      inputs: { ...facts, waterGPer100: ingredient.water, shareSetFree: release.available },
    },
    {
      id: `held.${key}`,
      kind: 'heldByOthers',
      side: 'goesTo',
      g: solids * FILM_G_PER_G,
      of: ingredient.id,
      inputs: { ...facts, solidsG: round(solids), filmGPerG: FILM_G_PER_G },
    },
    {
      id: `drunk.${key}`,
      kind: 'drunkByOthers',
      side: 'goesTo',
      g: g * release.drinks,
      of: ingredient.id,
      inputs: { ...facts, drinksGPerG: release.drinks },
    },
  ];
}

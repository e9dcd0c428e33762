import { baseAccount, inPot, type InPot } from '../../plan/input/base.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import type { Term } from './term.js';

/** Water a film of tomato or coconut solids keeps on the grain, g per g of fat-free, salt-free solids †. */
const FILM_G_PER_G = 1.25;

/** Solids that hold the film, g. */
export const filmSolids = ({ ingredient, g }: Pick<InPot, 'ingredient' | 'g'>): number =>
  ingredient.film ? (g * Math.max(0, ingredient.solids - ingredient.salt)) / 100 : 0;

const round = (n: number): number => Math.round(n * 1000) / 1000;

/** What the other ingredients bring, hold back and drink. Terms under a hundredth of a gram are left out. */
export function ingredientTerms(plan: CompletePlan): readonly Term[] {
  const terms: Term[] = [];
  const { by } = baseAccount(plan);
  inPot(plan).forEach((item, i) => {
    addTerms(terms, item, i, by);
  });
  if (plan.sauceLeftG > 0) {
    const { sauceLeftG } = plan;
    terms.push({
      id: 'held.sauce',
      kind: 'heldByOthers',
      side: 'goesTo',
      g: sauceLeftG,
      inputs: { sauceLeftG },
    });
  }
  return terms;
}

/** Terms smaller than this are left out of the account, g: less than a drop. */
const LEAST_G = 0.01;

function addTerms(terms: Term[], item: InPot, i: number, by: string): void {
  const { ingredient, g, state, available, drinks } = item;
  const { id: of, source, water } = ingredient;
  const key = `${of}.${i.toString()}`;
  const massG = round(g);
  const brought = (g * water * available) / 100;
  if (brought >= LEAST_G) {
    const inputs = {
      massG,
      state,
      by,
      waterGPer100: round(water),
      shareSetFree: round(available),
      source,
      ...(item.spread > 0 ? { amountSpread: item.spread } : {}),
    };
    const joins = item.joins === undefined ? {} : { joins: item.joins };
    terms.push({
      id: `brought.${key}`,
      kind: 'broughtIn',
      side: 'comesFrom',
      g: brought,
      of,
      inputs,
      ...joins,
    });
  }
  const solidsG = filmSolids(item);
  const film = solidsG * FILM_G_PER_G;
  if (film >= LEAST_G) {
    const inputs = { massG, state, solidsG: round(solidsG), filmGPerG: FILM_G_PER_G, source };
    terms.push({ id: `held.${key}`, kind: 'heldByOthers', side: 'goesTo', g: film, of, inputs });
  }
  if (g * drinks >= LEAST_G) {
    const inputs = { massG, state, drinksGPerG: drinks, source };
    terms.push({ id: `drunk.${key}`, kind: 'drunkByOthers', side: 'goesTo', g: g * drinks, of, inputs });
  }
}

import { plannedMin, type Stage } from '@hammock/core';
import { recipeJsonLd, recipeMarkdown, type RecipeSheet, type SharedPlan } from '@hammock/core/exchange';
import { fileName, saveFile } from '../../storage/saveFile.js';
import { nowMs } from '../../stores/session/time.js';
import { CAREFUL, type PlanSheet } from '../../words/plan/planText.js';

interface Taken {
  readonly sheet: PlanSheet;
  readonly plan: SharedPlan;
  readonly stages: readonly Stage[];
}

/** A dish in words as the open formats have it. */
export function recipeSheet({ sheet, plan, stages }: Taken): RecipeSheet {
  return {
    name: plan.label,
    portions: Math.max(1, Math.round(plan.input.portions ?? 4)),
    goesIn: sheet.goesIn,
    pour: sheet.pour,
    stages: sheet.stages.map((text, i) => {
      const stage = stages[i];
      return { text: text.replace(/^\d+\. /u, ''), minutes: stage ? plannedMin(stage) : 0 };
    }),
    cautions: [CAREFUL],
    day: new Date(nowMs()).toISOString().slice(0, 10),
  };
}

/** Saves a dish for another program (JSON-LD) or to be read (Markdown); returns the name of the file. */
export function saveRecipe(as: 'recipe' | 'markdown', taken: Taken): string {
  const recipe = recipeSheet(taken);
  const name = fileName(taken.plan.label, as === 'recipe' ? 'jsonld' : 'md');
  if (as === 'recipe')
    saveFile(name, 'application/ld+json', `${JSON.stringify(recipeJsonLd(recipe), null, 2)}\n`);
  else saveFile(name, 'text/markdown', recipeMarkdown(recipe));
  return name;
}

import { PLAN, RANGES, shape, type PlanInput } from '@hammock/core';
import { dtoOf } from '../common/dtoOf.js';

/** Most kitchens one request may have simulated. */
const MOST_DRAWS = 2000;

const KITCHENS = { least: 1, most: MOST_DRAWS, unit: 'kitchens' } as const;
const SEEDS = { least: 0, most: 2 ** 31 - 1, unit: '' } as const;

const ODDS_ASK = shape('OddsAsk', {
  draws: { kind: 'number', range: KITCHENS, about: 'Kitchens to simulate', optional: true },
  seed: { kind: 'number', range: SEEDS, about: 'The same seed gives the same odds', optional: true },
});

/** A plan to answer, with the odds of it where they are asked for. */
export const ASK = shape('Ask', {
  ...PLAN.fields,
  odds: { kind: 'one', of: ODDS_ASK, about: 'Ask for the odds too', optional: true },
});
export interface Ask extends PlanInput {
  readonly odds?: { readonly draws?: number; readonly seed?: number };
}
export const AskDto = dtoOf<Ask>(ASK);

/** A plan to cook over time. */
export const COURSE_ASK = shape('CourseAsk', {
  ...PLAN.fields,
  pourMl: {
    kind: 'number',
    range: RANGES.pouredMl,
    about: 'Poured; what the answer says when left out',
    optional: true,
  },
});
export interface CourseAsk extends PlanInput {
  readonly pourMl?: number;
}
export const CourseAskDto = dtoOf<CourseAsk>(COURSE_ASK);

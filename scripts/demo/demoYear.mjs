import { learntInto, learntOf, potOf } from '../../packages/core/dist/learning/index.js';

/**
 * The year before the pots that are told one by one: a pot or so a week, each begun with what those before it had taught, and
 * judged by a crew that likes its grain a little firmer than the table, from bags that drink more or less than their kind. It is
 * the same year every time. All invented.
 */

/** What is hidden of this crew, points of moisture: what the notebook has to find out. */
const TASTE = -2.4;
const OF_COOK = { Odo: 1.4, Mirle: -0.2 };
const OF_BAG = [0.9, -1.6, 1.8, -1.2, 0.4, 0];
const OF_VESSEL = [0.3, 1.2, -0.5, 0.2, 0, 0];
const STEP = 2.75;
const FIRST_DAY = 362;
const LAST_DAY = 44;
const POTS = 44;
/** Dish, bag, pot and ring, as this crew cooks them. */
const ROUND = [
  [0, 0, 0, 0],
  [1, 2, 1, 0],
  [2, 1, 0, 0],
  [3, 3, 0, 0],
  [0, 0, 2, 1],
  [1, 2, 2, 1],
  [9, 0, 4, 0],
  [2, 1, 0, 0],
  [5, 3, 2, 1],
];
const NOTES = {
  2: ['A little more next time.', 'Centres, still.', ''],
  4: ['Less water.', 'Leans to porridge.', ''],
  3: ['', '', 'Right.'],
};

/** Numbers that look like chance and are the same every time. */
function chance(n) {
  const x = Math.sin(n * 12.9898 + 4.1414) * 43_758.5453;
  return x - Math.floor(x);
}

/** The pots of the year: which, when, and by whom. */
export const YEAR = Array.from({ length: POTS }, (_, n) => ({
  n,
  of: ROUND[Math.floor(chance(n) * ROUND.length)],
  daysAgo: Math.round(FIRST_DAY - ((FIRST_DAY - LAST_DAY) * n) / (POTS - 1)),
  by: chance(n + 500) < 0.3 ? 'Odo' : chance(n + 500) < 0.6 ? 'Mirle' : null,
  isGuests: n === 17,
}));

/** A plan with what was learnt of it by then. */
export function withLearnt(plan, learnt) {
  return { ...plan, input: learntInto(plan.input, learntOf(learnt, potOf(plan.input, plan))) };
}

/** How the crew judged a pot that was poured as advised. */
export function verdictOf({ n, of: [, bag, vessel], by, isGuests }, plan) {
  const wants = TASTE + OF_BAG[bag] + OF_VESSEL[vessel] + (by ? OF_COOK[by] : 0) + (chance(n + 900) - 0.5);
  const poured = plan.input.learntPoints ?? 0;
  const off = (poured - wants) / STEP + 0.5 * (chance(n + 1300) - 0.5);
  const texture = isGuests ? 5 : Math.max(1, Math.min(5, 3 + Math.round(off)));
  const notes = NOTES[texture] ?? [''];
  const note = isGuests ? 'The inspectors ate at nine. Kept warm too long.' : notes[n % notes.length];
  return { texture, base: n % 5 === 0 ? 'golden' : 'clean', note, by: isGuests ? 'guests' : by };
}

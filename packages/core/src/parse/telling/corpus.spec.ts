import { describe, expect, it } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { answer } from '../../compute/account/answer.js';
import { completePlan } from '../../plan/input/completePlan.js';
import type { IngredientInput, PlanInput } from '../../plan/input/planInput.js';
import { ingredientById, statesOf } from '../../basics/larder/larder.js';
import { METHOD_VESSEL } from '../../basics/method/methods.js';
import { plannedMin } from '../../basics/method/stage.js';
import { millilitresOf, type LineAmount } from '../line/lineAmount.js';
import { wordsOf } from '../line/words.js';
import { readTelling } from './readTelling.js';
import { laidInto, levelMl, toldFields } from './toldInput.js';
import { toldPlan } from './toldPlan.js';

/** A dish as it is told, with the plan that is meant. Common practice, written for this; the facts are a person's reading. */
interface Telling {
  readonly id: string;
  readonly text: string;
  readonly want: Readonly<Record<string, unknown>>;
}

const readAll = (name: string): readonly Telling[] =>
  JSON.parse(readFileSync(join(__dirname, `../../testing/tellings/${name}.json`), 'utf8')) as Telling[];

const VESSELS = {
  pot: { diameterCm: 22, volumeMl: 4000 },
  pressureCooker: { diameterCm: 22, volumeMl: 5000, kind: 'pressureCooker' },
  multiCooker: { diameterCm: 22, volumeMl: 6000, kind: 'multiCooker' },
  riceCooker: { diameterCm: 20, volumeMl: 3000, kind: 'riceCooker' },
} as const;

/** A plan from a telling in a plain kitchen; what is asked is answered by the first choice. */
function planOf(text: string): PlanInput {
  const heard = readTelling(text, { cupMl: 236.588 });
  const lines = heard.lines.map((l) =>
    l.id === undefined || l.amount || l.id.startsWith('salt')
      ? l
      : { ...l, amount: l.isGrain ? { ml: 480 } : { ml: 5 } },
  );
  const telling = { ...heard, lines };
  const told = toldPlan(telling);
  const ready = (n: number): boolean => lines[n]?.id !== undefined;
  const fields = toldFields(telling, told, ready);
  const bare = {
    ...fields,
    vessel: VESSELS[METHOD_VESSEL[fields.method ?? 'coveredAbsorption']],
  } as PlanInput;
  const template = completePlan(bare);
  if (!template.ok) throw new Error(JSON.stringify(template.error));
  const { stages, ingredients } = laidInto(telling, told, ready, template.value.stages, fields.ingredients);
  const laid = { ...bare, stages, ingredients };
  const found = answer(laid);
  if (!found.ok) throw new Error(JSON.stringify(found.error));
  const ml = levelMl(told.rule, found.value.rules);
  return ml === undefined ? laid : { ...laid, usualPour: { ml } };
}

type Range = readonly [number, number];
const within = (x: number | undefined, [low, high]: Range): boolean =>
  x !== undefined && x >= low && x <= high;
const oneOf = (x: unknown, want: unknown): boolean =>
  (Array.isArray(want) ? want : String(want).split('|')).includes(x);

/** Facts of a telling that its plan has otherwise than they were meant. */
function wrongOf({ text, want }: Telling): readonly string[] {
  const input = planOf(text);
  const made = completePlan(input);
  if (!made.ok) return [JSON.stringify(made.error)];
  const { stages, grainG, wash, ingredients } = made.value;
  const list = input.ingredients ?? [];
  const find = (names: string): readonly IngredientInput[] =>
    list.filter((i) => names.split('|').some((n) => i.ingredientId.startsWith(n)));
  const actOf = (i: IngredientInput): string => stages.find((s) => s.id === i.joins)?.act ?? 'pour';
  const covered = stages
    .filter((s) => (s.act === 'simmer' || s.act === 'steam') && s.lid !== 'off')
    .reduce((sum, s) => sum + plannedMin(s), 0);
  const isCooker = (input.method ?? '').endsWith('Cooker');
  const open = stages.filter((s) => s.lid === 'off' && /^(?:openBoil|boilDown|boil)$/u.test(s.act));
  const rests = stages.filter((s) => s.act === 'rest');
  const is: Readonly<Record<string, (w: never) => boolean>> = {
    grain: (w) => input.grainId === w,
    grainG: (w) => within(grainG, w),
    wash: (w) => oneOf(wash, w),
    soakMin: (w) => (input.soakMin ?? 0) === w,
    method: (w) => oneOf(input.method ?? 'coveredAbsorption', w),
    toast: (w) => oneOf(input.toast ?? 'none', w),
    pourMl: (w) => within(input.usualPour?.ml, w),
    hot: () => (input.liquidTempC ?? 20) >= 80,
    coveredMin: (w) => isCooker || Math.abs(covered - w) < 0.6,
    restMin: (w) => rests.some((s) => plannedMin(s) === w),
    restLid: (w) => rests.some((s) => s.lid === w),
    seal: (w) => stages.some((s) => s.lid === w),
    openHeat: (w) => open.some((s) => s.heat === w),
    openMin: (w) => open.some((s) => s.act === 'openBoil' && Math.abs(plannedMin(s) - w) < 0.6),
    openBoil: () => open.some((s) => s.act !== 'boil'),
    pressureMin: (w) => input.timing?.pressureMin === w,
    whistles: (w) => input.timing?.whistles === w,
    crust: (w) => (input.crust ?? false) === w,
    drain: (w) => input.drain === w,
    level: () => (input.usualPour?.ml ?? 0) > 0,
    butterG: (w) =>
      within(
        find('butter').reduce((sum, i) => sum + (i.amount.g ?? (i.amount.ml ?? 0) * 0.95), 0),
        w,
      ),
    notIn: (w: readonly string[]) => w.every((n) => find(n).every((i) => i.apart === true)),
    notJoins: (w: readonly string[]) =>
      w.every((n) => find(n).every((i) => !/^(?:base|boil|simmer)$/u.test(actOf(i)))),
  };
  const wrong: string[] = [];
  for (const [key, w] of Object.entries(want)) {
    if (key === 'things') continue;
    const test = is[key];
    if (!test) throw new Error(`no such fact: ${key}`);
    if (!test(w as never)) wrong.push(key);
  }
  const things = (want['things'] ?? {}) as Readonly<Record<string, ThingMeant>>;
  for (const [names, meant] of Object.entries(things)) {
    const [first] = find(names);
    if (!first) {
      wrong.push(names);
      continue;
    }
    const row = ingredientById(first.ingredientId);
    const g = ingredients.find((i) => i.ingredient.id === first.ingredientId)?.g;
    const state = first.state ?? (row && statesOf(row)[0]);
    const ml = row && millilitresOf(first.amount as LineAmount, row);
    if (meant.state !== undefined && !oneOf(state, meant.state)) wrong.push(`${names} state`);
    if (meant.soakMin !== undefined && first.soakMin !== meant.soakMin) wrong.push(`${names} soak`);
    if (meant.g && !within(g, meant.g)) wrong.push(`${names} g`);
    if (meant.ml && !within(ml, meant.ml)) wrong.push(`${names} ml`);
    if (meant.at && !meant.at.includes(actOf(first))) wrong.push(`${names} at`);
  }
  return wrong;
}
interface ThingMeant {
  readonly state?: string | readonly string[];
  readonly soakMin?: number;
  readonly g?: Range;
  readonly ml?: Range;
  readonly at?: readonly string[];
}

describe.each(['seen', 'unseen', 'third', 'fourth'])('the tellings of %s', (name) => {
  it.each(readAll(name).map((t) => [t.id, t] as const))(
    '%s becomes the plan that is meant',
    (_id, telling) => {
      expect(wrongOf(telling)).toEqual([]);
    },
  );

  it.each(readAll(name).map((t) => [t.id, t] as const))('%s loses no word', (_id, { text }) => {
    const { title = '', acts } = readTelling(text, { cupMl: 240 });
    const kept = new Set(wordsOf([title, ...acts.map((a) => text.slice(a.from, a.to))].join(' ')));
    expect(wordsOf(text).filter((w) => !kept.has(w) && !/^(?:for|serves)$/u.test(w))).toEqual([]);
  });
});

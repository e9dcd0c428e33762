import {
  isWet,
  plannedMin,
  type Answer,
  type IngredientInput,
  type Measure,
  type PlanInput,
} from '@hammock/core';
import { stageName } from './acts.js';
import { showAmountInput, showPour, type PourFirst } from '../measures/amounts.js';
import { showSalt } from '../measures/saltAmounts.js';
import { HEAT, LID, SIGN, STATE } from '../words.js';

/** What a plan text is made of: the plan, its answer, and how this kitchen measures. */
export interface PlanTextOf {
  readonly label: string;
  readonly input: PlanInput;
  readonly answer: Pick<Answer, 'pour' | 'pours' | 'stages' | 'verdict' | 'salt' | 'pots'>;
  readonly measures: readonly Measure[];
  readonly unit: PourFirst;
  /** Name and row of what stands in the larder of this household. */
  readonly rowOf: (id: string) => Parameters<typeof showAmountInput>[1] | undefined;
}

/** A sheet of a dish: a heading, what goes in, what to pour, and the stages one by one. */
export interface PlanSheet {
  readonly heading: string;
  readonly goesIn: readonly string[];
  readonly pour: string;
  readonly stages: readonly string[];
}

/** How a stage ends, as it stands on paper. */
const ends = (stage: Answer['stages'][number]): string => {
  const minutes = Math.round(plannedMin(stage)).toString();
  if (stage.end.kind === 'sign') return `${SIGN[stage.end.sign]}, about ${minutes} min`;
  if (stage.end.kind === 'count') return `${stage.end.count.toString()} whistles, about ${minutes} min`;
  return stage.end.kind === 'flip' ? `until it flips, about ${minutes} min` : `${minutes} min`;
};

/** An amount of a thing; what is counted by its own name is not named twice: "2 onions", "4 tomatoes, fresh". */
export function named(shown: string, name: string): string {
  const [first = '', ...rest] = name.split(/(?=,)|\s/u);
  const counted = shown.split(' ').at(-1) ?? '';
  const isSame = first.length > 2 && counted.startsWith(first.slice(0, Math.max(3, first.length - 1)));
  return isSame ? `${shown}${rest.join(' ').replaceAll(' ,', ',')}` : `${shown} ${name}`;
}

/** How far a thing is cooked, where it joins, or that it stays apart. */
function whereOf({ state, joins, apart }: IngredientInput, stages: Answer['stages']): string {
  if (apart === true) return 'in a vessel of its own';
  const at = joins === undefined ? undefined : stages.find((s) => s.id === joins);
  const cooked = state ? STATE[state] : '';
  if (!at) return cooked;
  const isEarly = stages.indexOf(at) < stages.findIndex((s) => isWet(s.act));
  return isEarly
    ? [cooked, `at “${stageName(at)}”`].filter((w) => w !== '').join(', ')
    : `joins at “${stageName(at)}”`;
}

/** The plan as a sheet for paper or for another kitchen. */
export function planSheet({ label, input, answer, measures, unit, rowOf }: PlanTextOf): PlanSheet {
  const metric = unit !== 'cups' && unit !== false;
  const amount = (id: string, given: PlanInput['grain']): string => {
    const row = rowOf(id);
    return row ? named(showAmountInput(given, row, measures, metric), row.name.toLowerCase()) : id;
  };
  const saltId = input.saltWith ?? 'saltFine';
  const salt = showSalt(answer.salt.addWith.g, measures, saltId);
  const { main, other } = showPour(
    answer.pour.ml,
    measures,
    unit,
    rowOf(answer.pour.ingredientId)?.densityGPerMl,
  );
  const liquid = rowOf(answer.pour.ingredientId)?.name.toLowerCase() ?? 'liquid';
  const first = answer.pours.length > 1 ? answer.pours[0] : undefined;
  return {
    heading: `${label}, for ${(Math.round((input.portions ?? 4) * 10) / 10).toString()}`,
    goesIn: [
      amount(input.grainId, input.grain),
      ...(input.ingredients ?? []).map((i) =>
        [amount(i.ingredientId, i.amount), i.note, whereOf(i, answer.stages)].filter((w) => w).join(', '),
      ),
      ...(salt ? [`${salt.main} ${rowOf(saltId)?.name.toLowerCase() ?? 'salt'} to add`] : []),
    ],
    pour:
      answer.verdict === 'pour'
        ? `Pour ${first ? `${showPour(first.ml, measures, unit).main} of ${rowOf(first.ingredientId)?.name.toLowerCase() ?? 'the first'}, then ` : ''}${main}${other === '' ? '' : ` (${other})`} of ${liquid}${answer.pots > 1 ? ` into each of ${answer.pots.toString()} pots` : ''}.`
        : 'Pour nothing: the base is enough.',
    stages: answer.stages.map(
      (s, i) =>
        `${(i + 1).toString()}. ${stageName(s)}: ${HEAT[s.heat]}, ${LID[s.lid]}, ${ends(s)}.${s.note ? ` ${s.note}` : ''}`,
    ),
  };
}

/** The sheet as plain text. */
export const sheetText = ({ heading, goesIn, pour, stages }: PlanSheet): string =>
  [heading, '', ...goesIn.map((line) => `- ${line}`), '', pour, '', ...stages].join('\n');

/** What every sheet says last. */
export const CAREFUL =
  'Steam burns: open the lid away from you. Cool leftovers fast. Local food-safety rules come first.';

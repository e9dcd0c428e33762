import {
  measurable,
  quarter,
  showCount,
  showMeasurable,
  showMetric,
  type AmountInput,
  type Grain,
  type Ingredient,
  type Measurable,
  type Measure,
} from '@hammock/core';
import { whole } from './numbers.js';

/** An amount as it is shown: in the household's measures, and always in g or ml beside it. */
export interface ShownAmount {
  /** The household's way, or the metric one when it cannot be measured with what they own. */
  readonly main: string;
  /** The other way, for the small print. */
  readonly other: string;
  /** Set when the household's measures are more than 2 % off. */
  readonly roughly: string | undefined;
}

/** Cups and spoons first: a jug answers everything in one filling and would never let a cup be used. */
function inCups(ml: number, owned: readonly Measure[]): Measurable | undefined {
  const found = measurable(
    ml,
    owned.filter((m) => m.kind !== 'jug'),
  );
  return found && !found.showError ? found : (closest(found, measurable(ml, owned)) ?? undefined);
}

const closest = (a: Measurable | undefined, b: Measurable | undefined): Measurable | undefined =>
  !a || (b && Math.abs(b.error) < Math.abs(a.error)) ? b : a;

/** What a pour is told in first: a household's cups, millilitres, or grams on the scale. */
export type PourFirst = boolean | 'cups' | 'ml' | 'g';

/**
 * A volume to be poured, told in one unit first.
 * @param first the unit; true stands for ml and false for cups
 * @param densityGPerMl of what is poured, for grams
 */
export function showPour(
  ml: number,
  owned: readonly Measure[],
  first: PourFirst,
  densityGPerMl = 1,
): ShownAmount {
  if (ml <= 0) return { main: 'nothing', other: '', roughly: undefined };
  const metric = showMetric(ml, 'ml');
  const found = inCups(ml, owned);
  const cups = found && showMeasurable(found);
  if (first === 'g') {
    const others = [metric, cups].filter((s) => s !== undefined).join(', ');
    return { main: showMetric(ml * densityGPerMl, 'g'), other: others, roughly: undefined };
  }
  if (!found || cups === undefined) return { main: metric, other: '', roughly: undefined };
  const metricFirst = first === true || first === 'ml';
  const roughly =
    found.showError && !metricFirst
      ? `${found.error > 0 ? '+' : '−'}${whole(Math.abs(found.error * 100))} %`
      : undefined;
  return metricFirst ? { main: metric, other: cups, roughly } : { main: cups, other: metric, roughly };
}

/** An amount of grain or an ingredient as it stands in a plan. Typed text stays as typed. */
export function showAmountInput(
  amount: AmountInput,
  of: Grain | Ingredient,
  owned: readonly Measure[],
  metricFirst: boolean,
): string {
  if (amount.text !== undefined) return amount.text;
  if (amount.count !== undefined) return showCounted(amount.count, of);
  if (amount.cups !== undefined) return `${amount.cups.toString()} cups`;
  const asked = amount.g ?? (amount.ml ?? 0) * of.densityGPerMl;
  const ml = asked / of.densityGPerMl;
  const grains = 'coveredMin' in of;
  if (!metricFirst && grains) {
    const found = inCups(ml, owned);
    if (found) return showMeasurable(found);
  }
  if (amount.ml !== undefined) return showMetric(amount.ml, 'ml');
  return showMetric(asked, 'g');
}

function showCounted(count: number, of: Grain | Ingredient): string {
  const name = 'units' in of ? (of.units[0]?.name ?? '') : '';
  const quarters = Math.max(1, Math.round(count * 4));
  return `${showCount(quarter(quarters))} ${count > 1 ? many(name) : name}`.trim();
}

/** More than one of a piece: tomatoes, leaves, bunches, berries. */
function many(name: string): string {
  if (/(?:leaf|half|loaf)$/u.test(name)) return `${name.slice(0, -1)}ves`;
  if (name === 'chilli') return 'chillies';
  if (/[^aeiou]y$/u.test(name)) return `${name.slice(0, -1)}ies`;
  return `${name}${/(?:o|ch|sh|s|x)$/u.test(name) ? 'es' : 's'}`;
}

import { ingredientById } from '../../basics/larder/larder.js';
import { millilitresOf } from '../line/lineAmount.js';
import type { ParsedLine } from '../line/parseLine.js';
import type { PourRule } from '../words/pourRule.js';

/** "A tin of coconut milk plus water to come to 560 ml": what is poured is what those leave of it. */
export function besides(rule: PourRule, lines: readonly ParsedLine[]): PourRule {
  if (rule.kind !== 'ml') return rule;
  const left = rule.ml - lines.reduce((sum, l) => sum + liquidMl(l), 0);
  return left > 0 ? { kind: 'ml', ml: left } : rule;
}

/** What a liquid of a line brings to an amount that is made up, ml; 0 for what is none. */
function liquidMl({ id, amount }: ParsedLine): number {
  const row = ingredientById(id ?? '');
  const isLiquid = row?.behaves === 'liquid' || row?.behaves === 'coconutMilk';
  return row && amount && isLiquid ? millilitresOf(amount, row) : 0;
}

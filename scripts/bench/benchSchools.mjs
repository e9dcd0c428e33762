import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { answer } from '../../packages/core/dist/index.js';
import {
  evidenceFromVerdict,
  learn,
  learntInto,
  learntOf,
  potOf,
} from '../../packages/core/dist/learning/index.js';
import { quantile } from './benchFigures.mjs';
import { randomOf } from './benchRandom.mjs';
import { root } from '../run/lib.mjs';

/** What a pot of the table is made with in one household: its own pot, a bag of each grain, a dish nobody cooked before. */
const at = ({ input }) => potOf(input, { vesselId: 'home', bagId: `bag-${input.grainId}` });

/** Households that pour the least, or the most, that is usual: how far they are followed on dishes not yet cooked. */
export function schools() {
  const practice = JSON.parse(readFileSync(join(root, 'packages/core/src/testing/practice.json'), 'utf8'));
  const pots = practice.pots.flatMap((p) => {
    const input = p.plan;
    const [least, most] = [p.leastCups * input.cupMl, p.mostCups * input.cupMl];
    const made = answer(input);
    return made.ok && made.value.verdict === 'pour'
      ? [{ id: p.id, input, least, most, plain: made.value.pour.ml }]
      : [];
  });
  const rowsOf = (end) => {
    const followed = { 3: [], 8: [] };
    const left = { 3: [], 8: [] };
    for (let seed = 1; seed <= 40; seed += 1) {
      const random = randomOf(seed);
      const order = pots
        .map((p) => [random.next(), p])
        .sort((a, b) => a[0] - b[0])
        .map(([, p]) => p);
      for (const n of [3, 8]) {
        const evidence = order.slice(0, n).flatMap((p, i) => {
          const said = evidenceFromVerdict({ input: p.input, pouredMl: p[end], texture: 3 });
          return said ? [{ ...at(p), cookId: `c${i}`, dishId: p.id, ...said }] : [];
        });
        const learnt = learn(evidence);
        // What was not cooked yet, all together: the school, and not what one dish adds to it.
        let [before, after, count] = [0, 0, 0];
        for (const p of order.slice(n)) {
          const found = learntOf(learnt, at(p));
          const made = answer(learntInto(p.input, found));
          if (!made.ok) continue;
          before += Math.log(p.plain / p[end]);
          after += Math.log(made.value.pour.ml / p[end]);
          count += 1;
        }
        followed[n].push(1 - Math.abs(after) / Math.abs(before));
        left[n].push((100 * after) / count);
      }
    }
    return [3, 8].map((n) => [quantile(followed[n], 0.5) * 100, quantile(left[n], 0.5)]);
  };
  return [
    ['the least', ...rowsOf('least')],
    ['the most', ...rowsOf('most')],
  ];
}

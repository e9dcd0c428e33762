/** What was measured: what, value, unit, at most. */
export const rows = [];
export const figure = (what, value, unit, limit) => rows.push([what, value, unit, limit]);

export const quantile = (list, q) =>
  [...list].sort((a, b) => a - b)[Math.min(list.length - 1, Math.floor(q * list.length))];

/** Median over many rounds of doing something `times` times, ms for one. */
export function median(times, work) {
  const rounds = [];
  for (let round = 0; round < 60; round += 1) {
    const began = performance.now();
    for (let i = 0; i < times; i += 1) work();
    rounds.push((performance.now() - began) / times);
  }
  return quantile(rounds.slice(10), 0.5);
}

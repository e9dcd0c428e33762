/**
 * Everything measured in this run, in its order.
 * @type {{ what: string, value: number | undefined, unit: string, most: number, why?: string }[]}
 */
export const figures = [];

/** One figure: printed as soon as it is measured, so that a part that breaks later takes none of it away. */
export function figure(what, value, unit, most) {
  figures.push({ what, value, unit, most });
  const met = value <= most ? '' : 'MISSED';
  process.stdout.write(
    `${what.padEnd(56)} ${value.toFixed(2).padStart(8)} ${unit.padEnd(3)} (at most ${most}) ${met}\n`,
  );
}

/** Runs a part of the bench; what breaks in it is a row like any other, and the next part is measured all the same. */
export async function part(what, work) {
  try {
    await work();
  } catch (error) {
    const why = error instanceof Error ? error.message.split('\n')[0] : String(error);
    figures.push({ what, value: undefined, unit: '', most: 0, why });
    process.stdout.write(`${what.padEnd(56)}   BROKE: ${why}\n`);
  }
}

export const quantile = (list, q) =>
  [...list].sort((a, b) => a - b)[Math.min(list.length - 1, Math.floor(q * list.length))];

/** With `--quick` each part is gone through once, to see that it still goes; its figures mean little. */
export const QUICK = process.argv.includes('--quick');

/** Median over many rounds of doing something `times` times, ms for one. */
export function median(times, work) {
  const rounds = [];
  for (let round = 0; round < (QUICK ? 12 : 60); round += 1) {
    const began = performance.now();
    for (let i = 0; i < times; i += 1) work();
    rounds.push((performance.now() - began) / times);
  }
  return quantile(rounds.slice(10), 0.5);
}

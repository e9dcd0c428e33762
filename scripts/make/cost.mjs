/**
 * What a set of the calibrated values costs: how far answers lie outside of what cooks pour, of published cooked grain
 * and of golden crusts, and how far the values are from their priors. No file is read here, so that the tests can ask
 * the same of the core's own source.
 */

/** A pour that is known as one number stands for what cooks pour around it: so far to each side. */
const EITHER_WAY = 0.075;

/** What practice is believed to, as a logarithm; a pot further out than twice that bends the rest no more than it. */
const NOISE = 0.05;
const ODD = 2;
const robust = (r) => Math.sign(r) * Math.SQRT2 * ODD * Math.sqrt(Math.sqrt(1 + (r / NOISE / ODD) ** 2) - 1);

/**
 * Published cooked grain must stand from the lower edge of "one grain apart" to the upper edge of "tender": how sharply,
 * and how far inside, so that values that are rounded still are; points.
 */
const PUBLISHED = 0.05;
const INSIDE = 0.005;
const plainly = (grain) => ({
  grain,
  soakMin: 0,
  soakWaterC: 22,
  soakWater: 'thrown',
  wash: 'unwashed',
  drain: 'shaken',
  sieveMin: 20,
  softerSteps: 0,
  learntPoints: 0,
  toast: 'none',
  method: 'coveredAbsorption',
});
const beyond = (n, least, most) => Math.max(0, least - n) + Math.max(0, n - most);

/** What a crust that is asked for must be, golden: how sharply, as a logarithm of its browning, and how far inside. */
const GOLDEN = 0.1;
const PILAF = {
  grainId: 'longGrainWhite',
  grain: { g: 350 },
  wash: 'rinsed',
  crust: true,
  vessel: { diameterCm: 22, volumeMl: 4000 },
};
const CRUSTS = ['coveredAbsorption', 'boilDown', 'absorbButter'].map((method) => ({ ...PILAF, method }));

/**
 * What cooks pour on slow grain is drunk when they serve: liquid left of the middle of the range, g per g of dry grain, is
 * not more than a film, and how sharply.
 */
const FILM = 0.09;
const WET = 0.02;
const SLOW = new Set(['parboiled', 'wholegrain', 'small']);

/** How far outside of what is poured, as a logarithm; 0 inside. */
export const outside = (pot, ml) =>
  ml < pot.least ? Math.log(ml / pot.least) : ml > pot.most ? Math.log(ml / pot.most) : 0;

/**
 * The pots of a table of practice with what is poured at least and at most, ml.
 * @throws Error that names the row and what is wrong with it
 */
export function tableOf(core, rows, { TABLE, OTHERS }) {
  const { answer, PLAN_DEFAULTS } = core;
  const ids = new Set();
  const practised = rows.map(({ id, what, leastCups, mostCups, plan }, i) => {
    const wrong = (why) =>
      new Error(`Row ${(i + 1).toString()} of the table of practice (${String(id)}): ${why}`);
    if (typeof id !== 'string' || ids.has(id)) throw wrong('its id is missing or used twice');
    ids.add(id);
    if (!(leastCups > 0) || !(mostCups >= leastCups) || !Number.isFinite(mostCups))
      throw wrong('the least and the most poured must be cups above nothing, the most not below the least');
    const found = answer(plan ?? {});
    if (!found.ok) {
      const [{ field, code }] = found.error;
      throw wrong(`its plan is not one, ${field}: ${code}`);
    }
    const cupMl = plan.cupMl ?? PLAN_DEFAULTS.cupMl;
    return { id, what, plan, least: leastCups * cupMl, most: mostCups * cupMl };
  });
  const told = [...TABLE, ...OTHERS].map(([what, cups, , plan], i) => {
    const ml = cups * PLAN_DEFAULTS.cupMl;
    const id = `pot${(i + 1).toString()}`;
    return { id, what, plan, least: ml * (1 - EITHER_WAY), most: ml * (1 + EITHER_WAY) };
  });
  return [...practised, ...told];
}

/**
 * The cost of values for a core: residuals whose squares are summed.
 * @throws Error for a prior that no value can be held by
 */
export function costOf(core) {
  const { answer, BASE_BANDS, CALIBRATED_NAMES: names, courseFor, GRAINS, PRIORS, targetMoisture } = core;
  for (const name of names) {
    const { mean, spread } = PRIORS[name];
    if (!(spread > 0) || !Number.isFinite(mean + spread))
      throw new Error(`The prior of ${name} must have a middle and a spread above nothing`);
  }
  /** @returns {any} the values by their names */
  const valuesOf = (list) => Object.fromEntries(names.map((name, i) => [name, list[i]]));
  const published = GRAINS.filter((g) => g.cookedWater !== undefined);

  const poured = (pot, values) =>
    core.withCalibration(values, () => {
      const found = answer(pot.plan);
      if (!found.ok) throw new Error(`${pot.id}: ${JSON.stringify(found.error)}`);
      return Math.max(1, found.value.pour.ml);
    });
  const apart = () =>
    published.map((grain) => {
      const least = targetMoisture(plainly(grain), 2).low;
      const most = targetMoisture(plainly(grain), 3).high;
      return beyond(grain.cookedWater, least + INSIDE, most - INSIDE) / PUBLISHED;
    });
  const crusts = () =>
    CRUSTS.map((plan) => {
      const { browning } = courseFor(plan).value.outcome;
      const [least, most] = [Math.log(BASE_BANDS.golden) + GOLDEN, Math.log(BASE_BANDS.dark) - GOLDEN];
      return beyond(Math.log(browning), least, most) / GOLDEN;
    });

  const isSlow = ({ plan }) => SLOW.has(GRAINS.find((g) => g.id === plan.grainId)?.family);
  const leftOver = (pots) =>
    pots.filter(isSlow).map((pot) => {
      const { outcome, dryG } = courseFor(pot.plan, Math.sqrt(pot.least * pot.most)).value;
      return beyond(outcome.leftG / dryG, 0, FILM) / WET;
    });

  return {
    names,
    valuesOf,
    listOf: (values) => names.map((name) => values[name]),
    middles: names.map((name) => PRIORS[name].mean),
    poured,
    /** How many residuals so many pots have. */
    countOf: (pots) =>
      pots.length + pots.filter(isSlow).length + published.length + CRUSTS.length + names.length,
    /** Pots, what is left over in some, published cooked grain, crusts, then priors. */
    residuals: (pots, list) => {
      const values = valuesOf(list);
      return [
        ...pots.map((pot) => robust(outside(pot, poured(pot, values)))),
        ...core.withCalibration(values, () => [...leftOver(pots), ...apart(), ...crusts()]),
        ...names.map((name, i) => (list[i] - PRIORS[name].mean) / PRIORS[name].spread),
      ];
    },
  };
}

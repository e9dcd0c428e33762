/**
 * Simulated kitchens with hidden true values, for the bench: are the odds calibrated, and is the answer better than a
 * rule? Kitchens and pours are made up from a seed; what comes out is cooked in full by the core.
 */
const WORDS = {
  coveredAbsorption: 'covered absorption',
  boilDown: 'boiled down',
  liquidFirst: 'liquid first',
  stewSteam: 'steamed in stew',
  fryDry: 'fried dry',
  absorbButter: 'absorbed, then butter',
  pressureCooker: 'pressure cooker',
  multiCooker: 'multi-cooker',
  riceCooker: 'rice cooker',
};
const GRAINS = ['longGrainWhite', 'basmati', 'parboiledLong', 'mediumGrainWhite', 'brownLong'];
const TOMATO = [
  { ingredientId: 'oil', amount: { g: 40 } },
  { ingredientId: 'onion', amount: { count: 1 }, state: 'golden' },
  { ingredientId: 'tomato', amount: { g: 250 }, state: 'softened' },
];

/** Small numbers from a seed, 0–1 (a linear congruential generator: enough to pick dishes with). */
function picker(seed) {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

/** The plan of kitchen `n`: method by method, grain, base, soak, pot and what has been measured as they fall. */
function planOf(core, n) {
  const next = picker(n * 7919 + 17);
  const pick = (list) => list[Math.floor(next() * list.length)];
  const method = core.METHODS[n % core.METHODS.length];
  const measured = next() < 0.4;
  const cups = pick([1, 1.5, 2, 3]);
  const grainId = pick(GRAINS);
  const grain = core.grainById(grainId);
  const input = {
    grainId,
    grain: measured ? { g: Math.round(cups * 236.588 * grain.densityGPerMl) } : { cups },
    wash: 'rinsed',
    soakMin: pick([0, 0, 20, 30]),
    method,
    ingredients: next() < 0.5 ? TOMATO : TOMATO.slice(0, 1),
    texture: pick([1, 2, 2, 2, 3]),
    vessel:
      method === 'riceCooker'
        ? { diameterCm: 22, volumeMl: 3500 }
        : { diameterCm: pick([22, 24, 26]), volumeMl: pick([5000, 6000, 8000]) },
    ...(measured ? { hob: { measured: ['low', 'veryLow', 'high', 'mediumHigh', 'medium'] } } : {}),
  };
  const made = core.completePlan(input);
  if (!made.ok) throw new Error(JSON.stringify(made.error));
  return { method, plan: made.value };
}

const cooked = (core, plan, waterG, truth) => core.judge(core.cookPot(plan, waterG, { truth }));
const isWanted = ({ flags }) =>
  !(flags.tooHard || flags.hardCentre || flags.tooSoft || flags.wetPot || flags.wetTop || flags.caught);

/** Rules of thumb that are poured beside the answer. */
const RULES = ['oneToOne', 'oneToOneHalf', 'oneToTwo', 'firstJoint'];

/** Pours tried in each kitchen. */
const POURS = 3;

/**
 * Cooks `count` kitchens each with its own hidden truth, poured somewhere along its curve, and sorts them by the chance
 * they were given; and pours the same kitchens by the answer and by each rule.
 */
export function cookKitchens(core, count) {
  const deciles = Array.from({ length: 10 }, () => ({ given: 0, came: 0, n: 0 }));
  const seventy = { given: 0, came: 0, n: 0 };
  const none = () => ({ unseen: 0, seen: 0 });
  const byMethod = new Map(
    core.METHODS.map((m) => [
      m,
      { n: 0, given: 0, hammock: none(), ...Object.fromEntries(RULES.map((rule) => [rule, none()])) },
    ]),
  );
  for (let n = 0; n < count; n += 1) {
    const { method, plan } = planOf(core, n);
    const next = picker(n * 104729 + 5);
    const odds = core.oddsOf(plan, { draws: 200, seed: n + 1 });
    const truth = core.truthOf(core.drawZ(900_001, n), core.spreadsOf(plan));
    // Any pours of the curve, most of them near its middle, so that every decile is met.
    for (let j = 0; j < POURS; j += 1) {
      const at = 0.5 + (next() - 0.5) * (0.2 + 0.8 * next());
      const point = odds.curve[Math.floor(odds.curve.length * at)];
      const chance = point.chances.asWanted;
      const came = isWanted(cooked(core, plan, point.waterG, truth)) ? 1 : 0;
      for (const bin of [
        deciles[Math.min(9, Math.floor(chance * 10))],
        ...(Math.abs(chance - 0.7) <= 0.05 ? [seventy] : []),
      ]) {
        bin.given += chance;
        bin.came += came;
        bin.n += 1;
      }
    }
    // Every pour unseen; and tasted once, with the same kept by and the same tooth, where the pot can be opened.
    const perMl = (plan.pourWith.water * plan.pourWith.densityGPerMl) / 100;
    const mending = core.mendingOf(plan, odds.best.keepByMl * perMl);
    const tooth = core.TASTES_TO * core.drawZ(900_002, n)[0];
    const row = byMethod.get(method);
    row.n += 1;
    const pourBy = (name, unseenG, seenG) => {
      const unseen = cooked(core, plan, unseenG, truth);
      const seen = mending ? core.cookInspected(plan, seenG, truth, mending, tooth) : unseen;
      row[name].unseen += isWanted(unseen) ? 1 : 0;
      row[name].seen += isWanted(mending ? seen : cooked(core, plan, seenG, truth)) ? 1 : 0;
    };
    row.given += odds.best.looked?.asWanted ?? odds.best.chances.asWanted;
    pourBy('hammock', odds.planned.waterG, odds.best.waterG);
    const answered = core.answerPlan(plan);
    for (const rule of RULES) {
      const ml = answered.ok ? (answered.value.rules.find((r) => r.rule === rule)?.ml ?? 0) : 0;
      pourBy(rule, ml * perMl, ml * perMl);
    }
  }
  return { deciles, seventy, byMethod };
}

const percent = (share) => `${(100 * share).toFixed(0)}`;

/** The two tables as a chapter of docs/accuracy.md. */
export function kitchensText({ deciles, seventy, byMethod }, count) {
  const reliable = deciles
    .filter((d) => d.n > 0)
    .map(
      (d) =>
        `| ${percent(d.given / d.n)} | ${percent(d.came / d.n)} | ${d.n} | ±${percent(2 * Math.sqrt(Math.max(0.01, (d.given / d.n) * (1 - d.given / d.n)) / d.n))} |`,
    )
    .join('\n');
  const all = [...byMethod.values()].reduce(
    (sum, r) => ({
      n: sum.n + r.n,
      given: sum.given + r.given,
      unseen: sum.unseen + r.hammock.unseen,
      seen: sum.seen + r.hammock.seen,
    }),
    { n: 0, given: 0, unseen: 0, seen: 0 },
  );
  const better = [...byMethod]
    .map(([m, r]) => {
      const cells = ['hammock', ...RULES].map(
        (k) => `${percent(r[k].seen / r.n)} (${percent(r[k].unseen / r.n)})`,
      );
      return `| ${WORDS[m]} | ${percent(r.given / r.n)} | ${cells.join(' | ')} | ${r.n} |`;
    })
    .join('\n');
  return `## How honest the odds are

Made by \`npm run bench\`: ${count} simulated kitchens, each with hidden true values drawn from the doubts of docs/model.md,
a dish of one of the nine methods, poured three ways along its curve and cooked in full. The kitchens come from the same
physics as the odds, so this shows that the odds are worked out rightly, not that the physics is right.

| given, in a hundred | came out as wanted | pots | two standard errors |
| ---: | ---: | ---: | ---: |
${reliable}

${seventy.n === 0 ? 'No pot of a kitchen that was not met is given 65 in a hundred or more, unseen.' : `Of the ${seventy.n} pots given 65 to 75 in a hundred, ${percent(seventy.came / seventy.n)} came out as wanted.`}

## Better than a rule

The same kitchens poured as Hammock says for a cook who tastes once, at the end of the covered time, and tops up or leaves it
on as it is found (the best pour of the odds); and by one part to one, to one and a half and to two, and to the first joint of
a finger over the grain, tasted and mended alike. As wanted, in a hundred; in brackets unseen, poured by the account or the
rule. "Given" is what the odds say of the tasted pot. A pot under pressure is opened once that is down, and closed again without.

| method | given | Hammock | 1 : 1 | 1 : 1½ | 1 : 2 | first joint | kitchens |
| --- | ---: | ---: | ---: | ---: | ---: | ---: | ---: |
${better}

In all, ${percent(all.seen / all.n)} in a hundred tasted once (${percent(all.given / all.n)} given by the odds, which are read and not cooked), ${percent(all.unseen / all.n)}
unseen.
`;
}

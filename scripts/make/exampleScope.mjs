/** What the examples in the core's comments take as given: an ordinary pot on an ordinary ring. */
export function exampleScope(core, Fraction) {
  const vessel = { diameterCm: 22, volumeMl: 4000, lid: 'wellFitting', wall: 'thin', kind: 'pot' };
  const hob = {
    kind: 'gas',
    powerW: { high: 1100, mediumHigh: 850, medium: 520, low: 210, veryLow: 140, off: 0 },
  };
  const input = { grainId: 'longGrainWhite', grain: { g: 350 }, vessel: { diameterCm: 22, volumeMl: 4000 } };
  const plan = core.completePlan(input).value;
  const grain = core.grainById('longGrainWhite');
  const setup = core.setupOf(plan);
  return {
    ...core,
    Fraction,
    vessel,
    hob,
    input,
    plan,
    grain,
    setup,
    stages: plan.stages,
    pot: core.startPot(setup, 560),
    frame: core.frameOf(plan),
    at: { vessel, hob, roomC: 20, boil: core.boilAt(0) },
    cup: { kind: 'cup', label: 'cup', ml: 236.588, parts: ['1', '3/4', '1/2'] },
    template: {
      grain,
      soakMin: 30,
      wash: 'rinsed',
      drain: 'shaken',
      sieveMin: 20,
      toast: 'none',
      hasFat: false,
      baseMin: 0,
      crust: false,
      timing: {},
    },
    dish: { grainId: 'longGrainWhite', grain: { cups: 2 } },
    things: {
      vessel: { ...vessel, id: 'pot' },
      hob: { ...hob, id: 'ring' },
      cup: { ml: 240 },
      steamTests: [],
      ingredients: [],
      place: { altitudeM: 0, roomC: 20 },
    },
  };
}

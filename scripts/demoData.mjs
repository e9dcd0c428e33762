/** The crew of a ropeway's upper station: docs/decisions/0002-demo-household.md. All invented. */

const DAY_MS = 24 * 3600 * 1000;
const MINUTE_MS = 60_000;

/** Ids that are the same every time the demo is made. */
const id = (group, n) =>
  `7a1e${String(group).padStart(4, '0')}-0000-4000-8000-${String(n).padStart(12, '0')}`;

const HOUSEHOLD = {
  name: 'Upper Station, Tarn Line',
  altitudeM: 1640,
  roomC: 19,
  texture: 2,
  served: 'plain',
  metric: false,
};

const BAGS = [
  ['longGrainWhite', 'Valley sack, long grain', 'Drinks more since the thaw.'],
  ['jasmine', 'Tin of jasmine', ''],
  ['parboiledLong', 'Winter store, parboiled', 'Hard to spoil. For the long shifts.'],
  ['basmati', 'Festival basmati', 'Half an hour in water, no more.'],
  ['brownLong', 'Snowed-in brown', 'Takes its time. So do we.'],
  ['parboiledBasmati', 'Cable-house sella', 'Long soak, stays long.'],
];
/** Days ago each bag was opened. */
const OPENED = [47, 20, 110, 31, 9, 26];
const VESSELS = [
  ['Blue enamel pot', 22, 4000, 'wellFitting', 'thin'],
  ['Mess kettle', 26, 7000, 'loose', 'thin'],
  ['Winch-house casserole', 28, 6000, 'tight', 'heavy'],
  ['Old whistler', 22, 5000, 'tight', 'heavy', 'pressureCooker'],
  ['Night-shift cooker', 21, 3000, 'wellFitting', 'thin', 'riceCooker'],
  ['Signal-box multi', 22, 6000, 'tight', 'thin', 'multiCooker'],
];
const HOBS = [
  [
    'gas ring by the window',
    'gas',
    { high: 1050, mediumHigh: 820, medium: 500, low: 200, veryLow: 130, off: 0 },
  ],
  [
    'plate in the winch house',
    'electric',
    { high: 1200, mediumHigh: 900, medium: 560, low: 240, veryLow: 160, off: 0 },
  ],
  [
    'induction slab, summit kiosk',
    'induction',
    { high: 1500, mediumHigh: 1050, medium: 600, low: 260, veryLow: 120, off: 0 },
  ],
];
/** Pot on hob at a setting, lost covered in min, open in min: weighed on a slow Sunday. */
const STEAM_TESTS = [[0, 0, 'low', 57, 15, 23, 5]];
const INGREDIENTS = [
  ['Tarn jar, red', { like: 'tomatoPuree', body: 'thicker', salt: 0.9 }],
  ['Goat curd from the hut', { like: 'yoghurt', body: 'thicker' }],
];
const STAGE = (id, act, heat, lid, end, more = {}) => ({ id, act, heat, lid, end, ...more });
const METHODS = [
  [
    'Double cloth, wrapped',
    'boilDown',
    [
      STAGE('boil', 'boil', 'high', 'off', { kind: 'sign', sign: 'boilAllOver', expectMin: 6 }),
      STAGE('down', 'boilDown', 'mediumHigh', 'off', { kind: 'sign', sign: 'holes', expectMin: 6 }),
      STAGE('steam', 'steam', 'veryLow', 'cloth', { kind: 'minutes', minutes: 10 }, { spreader: true }),
      STAGE('wrapped', 'rest', 'off', 'cloth', { kind: 'minutes', minutes: 20 }, { insulated: true }),
    ],
  ],
];
const CUPS = [
  ['cup', 'cup', 250, ['1', '3/4', '1/2', '1/3', '1/4'], null],
  ['tbsp', 'spoon', 15, ['1', '1/2'], null],
  ['tsp', 'spoon', 5, ['1', '1/2', '1/4'], null],
  ['jug', 'jug', 1000, ['1'], 50],
];

const item = (ingredientId, amount, state) => ({ ingredientId, amount, ...(state ? { state } : {}) });

const DISHES = [
  [
    'Splicer’s pilaf',
    'Toasted in butter, simmered in stock',
    {
      grainId: 'longGrainWhite',
      grain: { g: 425 },
      portions: 5,
      toast: 'opaque',
      pourWith: 'stockVegetable',
      texture: 2,
      timing: { openBoilMin: 3, openBoilHeat: 'mediumHigh', coveredMin: 15, restMin: 10 },
      ingredients: [
        item('butter', { g: 40 }, 'whole'),
        item('onion', { count: 1.5 }, 'translucent'),
        item('carrot', { count: 1 }, 'softened'),
        item('spicesWhole', { g: 3 }),
      ],
    },
  ],
  [
    'Signal-red rice',
    'Tomato and pepper cooked down till the oil shows',
    {
      grainId: 'parboiledLong',
      grain: { g: 500 },
      portions: 6,
      wash: 'rinsed',
      pourWith: 'stockChicken',
      texture: 2,
      timing: { coveredMin: 25, restMin: 10 },
      ingredients: [
        item('oil', { ml: 60 }, 'whole'),
        item('onion', { count: 2 }, 'golden'),
        item('tomato', { g: 450 }, 'mushy'),
        item('sweetPepper', { count: 2 }, 'mushy'),
        item('tomatoPaste', { g: 60 }, 'oilSeparated'),
        item('chilli', { count: 1 }, 'softened'),
        item('chickenThigh', { g: 480 }, 'browned'),
      ],
    },
  ],
  [
    'White-out coconut rice',
    'One can, topped up with water',
    {
      grainId: 'jasmine',
      grain: { g: 400 },
      portions: 5,
      wash: 'untilClear',
      pourWith: 'water',
      texture: 3,
      ingredients: [
        item('coconutMilk', { count: 1 }, 'withLiquid'),
        item('ginger', { count: 1 }, 'raw'),
        item('saltFine', { g: 4 }),
      ],
    },
  ],
  [
    'Lantern basmati',
    'Soaked, mushroom liquor, nothing stirred',
    {
      grainId: 'basmati',
      grain: { g: 360 },
      portions: 4,
      wash: 'untilClear',
      soakMin: 30,
      pourWith: 'mushroomLiquor',
      texture: 2,
      timing: { openBoilMin: 2, openBoilHeat: 'high', coveredMin: 12, restMin: 8 },
      ingredients: [
        item('ghee', { g: 25 }, 'whole'),
        item('onion', { count: 1 }, 'brown'),
        item('mushroom', { count: 12 }, 'browned'),
      ],
    },
  ],
  [
    'Avalanche-day pot',
    'Everything in, locked, three whistles',
    {
      grainId: 'basmati',
      grain: { g: 340 },
      portions: 4,
      wash: 'rinsed',
      soakMin: 20,
      method: 'pressureCooker',
      pourWith: 'water',
      texture: 2,
      timing: { whistles: 3 },
      ingredients: [
        item('ghee', { g: 20 }, 'whole'),
        item('onion', { count: 1 }, 'golden'),
        item('peasFrozen', { g: 150 }, 'raw'),
        item('lentilWhole', { g: 80 }, 'soaked'),
        item('stockCube', { count: 1 }),
      ],
    },
  ],
  [
    'Guy-rope biryani',
    'Boiled down, cloth under the lid, lid ajar after',
    {
      grainId: 'basmati',
      grain: { g: 500 },
      portions: 6,
      wash: 'untilClear',
      soakMin: 30,
      drain: 'sieve',
      method: 'boilDown',
      pourWith: 'stockMeat',
      pourMost: { ml: 600 },
      thenWith: 'water',
      texture: 2,
      served: 'withGravy',
      ingredients: [
        item('ghee', { g: 45 }, 'whole'),
        item('onion', { count: 2 }, 'brown'),
        item('yoghurt', { g: 120 }, 'oilSeparated'),
        item('goatLeg', { g: 500 }, 'cooked'),
        item('spicesWhole', { g: 6 }),
      ],
    },
  ],
  [
    'Counterweight stew rice',
    'No water, only the base; foil, long and low',
    {
      grainId: 'parboiledBasmati',
      grain: { g: 450 },
      portions: 5,
      wash: 'rinsed',
      soakMin: 60,
      method: 'stewSteam',
      pourWith: 'stockChicken',
      texture: 2,
      ingredients: [
        item('oil', { ml: 70 }, 'whole'),
        item('onion', { count: 3 }, 'golden'),
        item('pepperBase', { g: 1620 }, 'softened'),
        item('tomatoPaste', { g: 70 }, 'oilSeparated'),
        item('saltFine', { g: 6 }),
      ],
    },
  ],
  [
    'Brake-drum rice',
    'Fried dry in its stew, liquid only to the corners',
    {
      grainId: 'parboiledLong',
      grain: { g: 400 },
      portions: 5,
      wash: 'rinsed',
      method: 'fryDry',
      pourWith: 'water',
      texture: 2,
      ingredients: [
        item('oil', { ml: 60 }, 'whole'),
        item('onion', { count: 2 }, 'golden'),
        item('tomatoChopped', { count: 1 }, 'oilSeparated'),
        item('sweetPepper', { count: 1 }, 'mushy'),
        item('fishSmoked', { g: 120 }, 'browned'),
      ],
    },
  ],
  [
    'Gold-bottom rice',
    'A finger’s joint of water, butter over, a crust to turn out',
    {
      grainId: 'basmati',
      grain: { g: 400 },
      portions: 5,
      wash: 'rinsed',
      method: 'absorbButter',
      crust: true,
      pourWith: 'water',
      holdTo: 'firstJoint',
      texture: 2,
      ingredients: [
        item('butter', { g: 60 }, 'whole'),
        item('saffron', { g: 0.2 }),
        item('saltFine', { g: 5 }),
      ],
    },
  ],
  [
    'Night-shift noodle rice',
    'Short noodles browned, then the switch does the rest',
    {
      grainId: 'longGrainWhite',
      grain: { g: 360 },
      portions: 4,
      wash: 'rinsed',
      method: 'riceCooker',
      pourWith: 'stockVegetable',
      texture: 2,
      ingredients: [item('butter', { g: 30 }, 'whole'), item('vermicelli', { g: 50 }, 'brown')],
    },
  ],
  [
    'Snowed-in brown',
    'Twenty-two minutes at pressure, down by itself',
    {
      grainId: 'brownLong',
      grain: { g: 300 },
      portions: 4,
      wash: 'rinsed',
      method: 'multiCooker',
      pourWith: 'stockUnsalted',
      texture: 3,
      timing: { pressureMin: 22 },
      ingredients: [
        item('oilOlive', { ml: 20 }, 'whole'),
        item('leek', { count: 1 }, 'translucent'),
        item('mushroomDried', { g: 15 }, 'steeped'),
      ],
    },
  ],
  [
    'Long-rope rice',
    'Liquid seasoned first, grain into it, one to one and a half',
    {
      grainId: 'parboiledBasmati',
      grain: { g: 350 },
      portions: 4,
      wash: 'rinsed',
      soakMin: 45,
      method: 'liquidFirst',
      pourWith: 'stockChicken',
      holdTo: 'oneToOneHalf',
      texture: 3,
      ingredients: [
        item('oil', { ml: 25 }, 'whole'),
        item('curryLeaves', { g: 3 }),
        item('prawns', { g: 300 }, 'raw'),
      ],
    },
  ],
];

/** dish, bag, pot, hob, days ago, poured over advised, verdict, base, note for next time. */
const COOKS = [
  [0, 0, 0, 0, 39, 1.18, 5, 'clean', 'The old two-to-one. Never again up here.'],
  [1, 2, 1, 0, 36, 0.88, 2, 'dark', 'Kettle lid leaks. Cloth under it.'],
  [2, 1, 0, 0, 31, 1.1, 4, 'clean', 'A finger less water.'],
  [0, 0, 0, 0, 27, 1.06, 4, 'golden', ''],
  [3, 3, 0, 0, 24, 1.0, 3, 'clean', 'Soak timed by the noon car. Good.'],
  [1, 2, 2, 1, 20, 0.98, 3, 'golden', 'Casserole holds it. Keep this.'],
  [2, 1, 0, 0, 17, 1.0, 3, 'clean', ''],
  [0, 0, 2, 1, 13, 0.93, 2, 'clean', 'Three minutes longer covered.'],
  [3, 3, 0, 0, 10, 1.04, 4, 'clean', 'Sieve it, do not just shake.'],
  [1, 2, 1, 0, 7, 1.02, 3, 'golden', 'Cloth under the lid does it.'],
  [0, 0, 0, 0, 4, 1.0, 3, 'golden', 'Just so. Six of us, none left.'],
  [2, 1, 0, 0, 2, 1.0, 3, 'clean', 'Ginger in a cloth, easier to lift out.'],
  [3, 3, 0, 0, 1, 1.0, 3, 'clean', ''],
  [4, 3, 3, 0, 35, 1.12, 4, 'clean', 'Two whistles are enough.'],
  [4, 3, 3, 0, 22, 1.0, 3, 'clean', ''],
  [5, 3, 2, 1, 33, 0.9, 2, 'golden', 'Holes came late. Cover a minute later.'],
  [5, 3, 2, 1, 15, 1.0, 3, 'golden', 'The goat had its own pot. Right.'],
  [6, 5, 2, 1, 29, 1.0, 4, 'dark', 'Ladle more out.'],
  [6, 5, 2, 1, 8, 1.0, 3, 'golden', ''],
  [7, 2, 2, 0, 25, 1.0, 3, 'golden', 'Four rounds, as ever.'],
  [8, 3, 0, 0, 30, 0.95, 2, 'burnt', 'Butter sooner, heat lower.'],
  [8, 3, 0, 2, 12, 1.0, 3, 'golden', 'Came out in one piece.'],
  [9, 0, 4, 0, 28, 1.0, 4, 'clean', 'A little less for the noodles.'],
  [9, 0, 4, 0, 18, 1.0, 3, 'clean', ''],
  [9, 0, 4, 0, 6, 1.0, 3, 'clean', ''],
  [10, 4, 5, 0, 14, 1.0, 3, 'clean', 'Nobody missed the white.'],
  [11, 5, 0, 0, 11, 1.0, 4, 'clean', 'The prawns bring more than you think.'],
];

async function send(url, method, path, body) {
  const response = await fetch(`${url}/api/${path}`, {
    method,
    headers: { 'content-type': 'application/json' },
    body: body && JSON.stringify(body),
  });
  if (!response.ok) throw new Error(`${method} ${path}: ${await response.text()}`);
  return response.status === 204 ? undefined : response.json();
}

/** Fills an empty household at `url` through the same API the screens use. */
export async function fillDemo(url, nowMs) {
  for (const kind of ['bags', 'vessels', 'hobs', 'cups', 'dishes', 'ingredients', 'methods', 'steam-tests']) {
    for (const { id: starter, revision } of await send(url, 'GET', kind))
      await send(url, 'DELETE', `${kind}/${starter}?standsOn=${revision}`);
  }
  const { revision } = await send(url, 'GET', 'household');
  await send(url, 'PUT', `household?standsOn=${revision}`, HOUSEHOLD);
  for (const [n, [grainId, label, note]] of BAGS.entries())
    await send(url, 'PUT', `bags/${id(1, n)}`, {
      grainId,
      label,
      note,
      openedOn: dayBefore(nowMs, OPENED[n]),
    });
  for (const [n, [label, diameterCm, volumeMl, lid, wall, kind = 'pot']] of VESSELS.entries()) {
    await send(url, 'PUT', `vessels/${id(2, n)}`, { label, diameterCm, volumeMl, lid, wall, kind });
  }
  for (const [n, [label, kind, powerW]] of HOBS.entries())
    await send(url, 'PUT', `hobs/${id(3, n)}`, { label, kind, powerW });
  for (const [n, [label, kind, ml, parts, stepMl]] of CUPS.entries()) {
    await send(url, 'PUT', `cups/${id(4, n)}`, { label, kind, ml, parts, ...(stepMl ? { stepMl } : {}) });
  }
  for (const [n, [label, blurb, spec]] of DISHES.entries())
    await send(url, 'PUT', `dishes/${id(5, n)}`, { label, blurb, spec });
  for (const [n, [label, figures]] of INGREDIENTS.entries())
    await send(url, 'PUT', `ingredients/${id(8, n)}`, { label, figures });
  for (const [n, [label, method, stages]] of METHODS.entries())
    await send(url, 'PUT', `methods/${id(9, n)}`, { label, method, stages });
  for (const [
    n,
    [vessel, hob, heat, coveredLossG, coveredMin, openLossG, openMin],
  ] of STEAM_TESTS.entries()) {
    const label = `${VESSELS[vessel][0]} on the ${HOBS[hob][0]}, ${heat} heat`;
    const test = {
      label,
      vesselId: id(2, vessel),
      hobId: id(3, hob),
      heat,
      coveredLossG,
      coveredMin,
      openLossG,
      openMin,
    };
    await send(url, 'PUT', `steam-tests/${id(10, n)}`, test);
  }
  for (const [n, cook] of COOKS.entries()) await pastCook(url, nowMs, n, cook);
  await send(url, 'PUT', `plans/${id(6, 0)}`, planOf(0, 0, 0, 0));
}

const dayBefore = (nowMs, days) => new Date(nowMs - days * DAY_MS).toISOString().slice(0, 10);

function planOf(dish, bag, vessel, hob) {
  const [label, , spec] = DISHES[dish];
  const [, diameterCm, volumeMl, lid, wall, potKind = 'pot'] = VESSELS[vessel];
  const [, kind, powerW] = HOBS[hob];
  const { altitudeM, roomC } = HOUSEHOLD;
  const input = {
    ...spec,
    vessel: { diameterCm, volumeMl, lid, wall, kind: potKind },
    hob: { kind, powerW },
    altitudeM,
    roomC,
    cupMl: CUPS[0][2],
  };
  return { dishId: id(5, dish), bagId: id(1, bag), vesselId: id(2, vessel), hobId: id(3, hob), label, input };
}

async function pastCook(url, nowMs, n, [dish, bag, vessel, hob, daysAgo, share, texture, base, note]) {
  // Supper is at half past six, station time.
  const startedAtMs = new Date(nowMs - daysAgo * DAY_MS).setHours(18, 30, 0, 0);
  const path = `cooks/${id(7, n)}`;
  const cook = await send(url, 'PUT', path, { ...planOf(dish, bag, vessel, hob), startedAtMs });
  let atMs = startedAtMs;
  const tap = (k, kind, stageId) =>
    send(url, 'PUT', `${path}/events/${id(100 + n, k)}`, { kind, stageId, atMs });
  const [first] = cook.answer.stages;
  await tap(0, 'start', first.id);
  for (const [k, stage] of cook.answer.stages.entries()) {
    atMs += Math.round((stage.end.minutes ?? stage.end.expectMin) * MINUTE_MS + (k % 3) * 20_000);
    await tap(k + 1, 'done', stage.id);
  }
  await send(url, 'PATCH', `${path}?standsOn=${cook.revision}`, {
    pouredMl: Math.max(0, Math.round((cook.advisedMl * share) / 5) * 5),
    outcome: { texture, base, note, atMs: atMs + 20 * MINUTE_MS },
  });
}

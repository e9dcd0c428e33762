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
];
const VESSELS = [
  ['Blue enamel pot', 22, 4000, 'wellFitting', 'thin'],
  ['Mess kettle', 26, 7000, 'loose', 'thin'],
  ['Winch-house casserole', 28, 6000, 'tight', 'heavy'],
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
  for (const kind of ['bags', 'vessels', 'hobs', 'cups', 'dishes']) {
    for (const starter of await send(url, 'GET', kind)) await send(url, 'DELETE', `${kind}/${starter.id}`);
  }
  await send(url, 'PUT', 'household', HOUSEHOLD);
  for (const [n, [grainId, label, note]] of BAGS.entries())
    await send(url, 'PUT', `bags/${id(1, n)}`, { grainId, label, note });
  for (const [n, [label, diameterCm, volumeMl, lid, wall]] of VESSELS.entries()) {
    await send(url, 'PUT', `vessels/${id(2, n)}`, { label, diameterCm, volumeMl, lid, wall });
  }
  for (const [n, [label, kind, powerW]] of HOBS.entries())
    await send(url, 'PUT', `hobs/${id(3, n)}`, { label, kind, powerW });
  for (const [n, [label, kind, ml, parts, stepMl]] of CUPS.entries()) {
    await send(url, 'PUT', `cups/${id(4, n)}`, { label, kind, ml, parts, ...(stepMl ? { stepMl } : {}) });
  }
  for (const [n, [label, blurb, spec]] of DISHES.entries())
    await send(url, 'PUT', `dishes/${id(5, n)}`, { label, blurb, spec });
  for (const [n, cook] of COOKS.entries()) await pastCook(url, nowMs, n, cook);
  await send(url, 'PUT', `plans/${id(6, 0)}`, planOf(0, 0, 0, 0));
}

function planOf(dish, bag, vessel, hob) {
  const [label, , spec] = DISHES[dish];
  const [, diameterCm, volumeMl, lid, wall] = VESSELS[vessel];
  const [, kind, powerW] = HOBS[hob];
  const { altitudeM, roomC } = HOUSEHOLD;
  const input = {
    ...spec,
    vessel: { diameterCm, volumeMl, lid, wall },
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
  await send(url, 'PATCH', path, { pouredMl: Math.round((cook.advisedMl * share) / 5) * 5 });
  await send(url, 'PUT', `${path}/outcome`, { texture, base, note, atMs: atMs + 20 * MINUTE_MS });
}

import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Rows are told apart by the last digits of their ids, so that a second start finds the same things. */
const id = (group: number, n: number): string =>
  `5f0c${group.toString().padStart(4, '0')}-0000-4000-8000-${n.toString().padStart(12, '0')}`;

const POWERS = JSON.stringify({ high: 1100, mediumHigh: 850, medium: 520, low: 210, veryLow: 140, off: 0 });
const CUP_SET = JSON.stringify(['1', '3/4', '2/3', '1/2', '1/3', '1/4']);

const VESSELS: readonly (readonly [string, number, number, string, string])[] = [
  ['Small saucepan', 18, 2000, 'wellFitting', 'thin'],
  ['Everyday pot', 22, 4000, 'wellFitting', 'thin'],
  ['Wide heavy pan', 28, 5500, 'tight', 'heavy'],
];
const CUPS: readonly (readonly [string, string, number, string, number | null])[] = [
  ['cup', 'cup', 240, CUP_SET, null],
  ['tbsp', 'spoon', 15, JSON.stringify(['1', '1/2']), null],
  ['tsp', 'spoon', 5, JSON.stringify(['1', '1/2', '1/4']), null],
  ['jug', 'jug', 1000, JSON.stringify(['1']), 50],
];
const BAGS: readonly (readonly [string, string])[] = [
  ['longGrainWhite', 'Long grain'],
  ['jasmine', 'Jasmine'],
  ['parboiledLong', 'Parboiled'],
  ['basmati', 'Basmati'],
];

/** Three dishes to start from; amounts are for four people. */
const DISHES: readonly (readonly [string, string, object])[] = [
  [
    'Stock pilaf',
    'Grain toasted in butter, simmered in stock',
    {
      grainId: 'longGrainWhite',
      grain: { g: 340 },
      portions: 4,
      toast: 'opaque',
      pourWith: 'stockVegetable',
      texture: 2,
      ingredients: [
        { ingredientId: 'butter', amount: { g: 30 }, state: 'whole' },
        { ingredientId: 'onion', amount: { count: 1 }, state: 'translucent' },
      ],
    },
  ],
  [
    'Tomato rice',
    'Tomato and pepper cooked down, grain on top',
    {
      grainId: 'parboiledLong',
      grain: { g: 340 },
      portions: 4,
      wash: 'rinsed',
      pourWith: 'stockVegetable',
      texture: 2,
      timing: { coveredMin: 25 },
      ingredients: [
        { ingredientId: 'oil', amount: { ml: 45 }, state: 'whole' },
        { ingredientId: 'onion', amount: { count: 1 }, state: 'golden' },
        { ingredientId: 'tomato', amount: { g: 400 }, state: 'mushy' },
        { ingredientId: 'sweetPepper', amount: { count: 1 }, state: 'mushy' },
        { ingredientId: 'tomatoPaste', amount: { g: 30 }, state: 'oilSeparated' },
      ],
    },
  ],
  [
    'Coconut rice',
    'One can of coconut milk, topped up with water',
    {
      grainId: 'jasmine',
      grain: { g: 340 },
      portions: 4,
      wash: 'rinsed',
      pourWith: 'water',
      texture: 3,
      ingredients: [
        { ingredientId: 'coconutMilk', amount: { count: 1 }, state: 'withLiquid' },
        { ingredientId: 'ginger', amount: { count: 1 }, state: 'raw' },
      ],
    },
  ],
];

/** A kitchen to start from, so that the first answer needs three choices and no form. */
export class FirstKitchen1764000000001 implements MigrationInterface {
  name = 'FirstKitchen1764000000001';

  async up(runner: QueryRunner): Promise<void> {
    const at = Date.now();
    await runner.query(`INSERT INTO "household" VALUES (1, 'Our kitchen', 0, 20, 2, 'plain', 0)`);
    for (const [n, [label, diameterCm, volumeMl, lid, wall]] of VESSELS.entries()) {
      await runner.query(`INSERT INTO "vessel" VALUES (?, ?, ?, NULL, ?, ?, ?, ?, ?)`, [
        id(1, n),
        at + n,
        at,
        label,
        diameterCm,
        volumeMl,
        lid,
        wall,
      ]);
    }
    await runner.query(`INSERT INTO "hob" VALUES (?, ?, ?, NULL, ?, ?, ?)`, [
      id(2, 0),
      at,
      at,
      'Gas ring',
      'gas',
      POWERS,
    ]);
    for (const [n, [label, kind, ml, parts, stepMl]] of CUPS.entries()) {
      await runner.query(`INSERT INTO "cup" VALUES (?, ?, ?, NULL, ?, ?, ?, ?, ?)`, [
        id(3, n),
        at + n,
        at,
        label,
        kind,
        ml,
        parts,
        stepMl,
      ]);
    }
    for (const [n, [grainId, label]] of BAGS.entries()) {
      await runner.query(`INSERT INTO "bag" VALUES (?, ?, ?, NULL, ?, ?, '')`, [
        id(4, n),
        at + n,
        at,
        grainId,
        label,
      ]);
    }
    for (const [n, [label, blurb, spec]] of DISHES.entries()) {
      await runner.query(`INSERT INTO "dish" VALUES (?, ?, ?, NULL, ?, ?, ?)`, [
        id(5, n),
        at + n,
        at,
        label,
        blurb,
        JSON.stringify(spec),
      ]);
    }
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['dish', 'bag', 'cup', 'hob', 'vessel', 'household']) {
      await runner.query(`DELETE FROM "${table}" WHERE CAST("id" AS text) LIKE '5f0c%' OR "id" = 1`);
    }
  }
}
